package io.isokinet.server.unit;

import io.isokinet.core.calendar.Reshuffle;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.unit.RuleChange;
import io.isokinet.core.unit.UnitPlanner;
import io.isokinet.server.account.SignedIn;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.Free;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.SpaceView;
import io.isokinet.server.unit.Units.LessonForm;
import io.isokinet.server.unit.Units.Loaded;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lessons that are lost, moved, swapped, shortened, or come indoors. The rest of the unit moves along or is squeezed; what changed
 * is said in words, and can be taken back as long as nothing else was changed on top of it.
 */
@Service
public class LessonChanges {
    static final int SCHEMA = 1;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    interface Rows extends JpaRepository<LessonChangeRow, UUID> {
        List<LessonChangeRow> findByLessonIdInOrderByAtDesc(List<UUID> lessons);
    }

    private final Rows rows;
    private final Units units;
    private final Units.UnitRows unitRows;
    private final Units.LessonRows lessonRows;
    private final Calendars calendars;
    private final Spaces spaces;
    private final Clock clock;
    private final JsonMapper json;

    LessonChanges(
            Rows rows,
            Units units,
            Units.UnitRows unitRows,
            Units.LessonRows lessonRows,
            Calendars calendars,
            Spaces spaces,
            Clock clock,
            JsonMapper json) {
        this.rows = rows;
        this.units = units;
        this.unitRows = unitRows;
        this.lessonRows = lessonRows;
        this.calendars = calendars;
        this.spaces = spaces;
        this.clock = clock;
        this.json = json;
    }

    /** What can happen to a lesson. */
    public enum Kind {
        LOST("lost"),
        MOVED("moved"),
        SWAPPED("swapped"),
        SHORTENED("shortened"),
        INDOORS("moved indoors");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /** What becomes of the lessons after a lost one. */
    public enum Rest {
        /** Each plan goes to the next date; the unit ends one lesson later. */
        ALONG,
        /** The unit ends when it did; what is left is planned again. */
        SQUEEZE
    }

    /**
     * @param why in a few words; empty if nobody asks
     * @param rest for LOST
     * @param onDate for MOVED; starts, minutes and space come from the timetable of that day if they are left out
     * @param minutes for SHORTENED
     * @param spaceId for INDOORS; the wet-weather place of the lesson's own place if it is left out
     * @param with for SWAPPED: the other lesson, of this class or another
     * @param anyway true to do what was asked about: a closed day, a place that is taken
     */
    public record ChangeForm(
            Kind kind,
            String why,
            @Nullable Rest rest,
            @Nullable LocalDate onDate,
            @Nullable LocalTime starts,
            @Nullable Integer minutes,
            @Nullable UUID spaceId,
            @Nullable UUID with,
            boolean anyway) {}

    /** @param words what changed, a sentence each @param canUndo false once something else was changed on top of it */
    public record LessonChangeView(
            UUID id,
            UUID lesson,
            UUID unit,
            Kind kind,
            String why,
            List<String> words,
            Instant at,
            boolean undone,
            boolean canUndo) {}

    /** A lesson's row as it was or is. */
    record LessonCopy(
            UUID id,
            int position,
            LocalDate onDate,
            @Nullable LocalTime starts,
            int minutes,
            UUID spaceId,
            LessonState state) {
        static LessonCopy of(LessonRow row) {
            return new LessonCopy(row.id(), row.position, row.onDate, row.starts, row.minutes, row.spaceId, row.state);
        }

        void restore(LessonRow row) {
            row.position = position;
            row.onDate = onDate;
            row.starts = starts;
            row.minutes = minutes;
            row.spaceId = spaceId;
            row.state = state;
        }
    }

    record UnitCopy(UUID unit, UUID headBefore, UUID headAfter, List<LessonCopy> before, List<LessonCopy> after) {}

    record Body(List<String> words, List<UnitCopy> units) {}

    /** Everything that happens to a lesson at once. @throws FoundException with a question for what needs a second thought */
    @Transactional
    public LessonChangeView change(UUID lessonId, ChangeForm form) {
        LessonRow lesson = units.lesson(lessonId);
        new Fields()
                .check(form.why().length() <= 120, "why", "may have 120 characters.")
                .check(form.kind() != Kind.MOVED || form.onDate() != null, "onDate", "is needed to move a lesson.")
                .check(
                        form.kind() != Kind.LOST || form.rest() != null,
                        "rest",
                        "is needed: do the later lessons move along, or are they squeezed?")
                .check(
                        form.kind() != Kind.SHORTENED
                                || form.minutes() != null && form.minutes() >= 10 && form.minutes() < lesson.minutes,
                        "minutes",
                        "must be 10 or more, and fewer than the %d the lesson has.".formatted(lesson.minutes))
                .check(
                        form.kind() != Kind.SWAPPED || form.with() != null,
                        "with",
                        "is needed: swapped with which lesson?")
                .done();
        untaught(lesson);
        if (lesson.state == LessonState.LOST)
            throw new IllegalArgumentException("This lesson is lost already. Take that back first.");
        List<Working> at = new ArrayList<>();
        at.add(new Working(lesson.unitId));
        switch (form.kind()) {
            case LOST -> lose(at.get(0), lessonId, form);
            case MOVED -> move(at.get(0), lessonId, form);
            case SHORTENED -> shorten(at.get(0), lessonId, form);
            case INDOORS -> indoors(at.get(0), lessonId, form);
            case SWAPPED -> swap(at, lessonId, Objects.requireNonNull(form.with()), form);
        }
        List<UnitCopy> copies =
                at.stream().map(w -> w.save(cause(form, lesson))).toList();
        List<String> words = at.stream().flatMap(w -> w.words.stream()).toList();
        LessonChangeRow row = rows.saveAndFlush(new LessonChangeRow(
                Ids.next(),
                lessonId,
                form.kind(),
                form.why().strip(),
                json.writeValueAsString(new Body(words, copies)),
                SignedIn.current().person(),
                clock.instant()));
        return view(row);
    }

    /** Takes a change back, with all that it moved. */
    @Transactional
    public LessonChangeView undo(UUID id) {
        LessonChangeRow row = rows.findById(id).orElseThrow(() -> new NotFoundException("change of a lesson", id));
        if (row.undoneAt != null) throw new IllegalArgumentException("This change was taken back already.");
        Body body = body(row);
        if (!isOnTop(body))
            throw new IllegalArgumentException(
                    "Something else was changed since then. Take that back first, or change the lessons as they are now.");
        for (UnitCopy copy : body.units()) {
            Map<UUID, LessonCopy> before = copy.before().stream().collect(Collectors.toMap(LessonCopy::id, c -> c));
            for (LessonRow lesson : lessonRows.findByUnitIdOrderByPosition(copy.unit())) {
                LessonCopy was = before.get(lesson.id());
                if (was == null) lessonRows.delete(lesson);
                else was.restore(lesson);
            }
            unitRows.findById(copy.unit()).orElseThrow().head = copy.headBefore();
        }
        row.undoneAt = clock.instant();
        rows.flush();
        return view(row);
    }

    /** Takes back the change that made a unit what it is now; empty if it was no change of lessons. @param ifMatch as for {@link Units#undo} */
    @Transactional
    public Optional<UnitView> undoOnTop(UUID unitId, @Nullable String ifMatch) {
        Optional<LessonChangeRow> onTop = onTop(unitId);
        if (onTop.isEmpty()) return Optional.empty();
        Units.sameHead(units.load(unitId), ifMatch);
        undo(onTop.get().id());
        return Optional.of(units.view(unitId));
    }

    /** Redo brings back a plan, not the dates that went with it. @throws IllegalArgumentException if the next revision came with a change of lessons */
    @Transactional(readOnly = true)
    public void refuseRedo(UUID unitId) {
        Optional<UUID> next = units.next(units.load(unitId).head().id());
        boolean moved = next.isPresent()
                && of(unitId).stream().anyMatch(r -> body(r).units().stream()
                        .anyMatch(u -> u.headAfter().equals(next.get())));
        if (moved)
            throw new IllegalArgumentException(
                    "What was taken back also moved lessons. Change the lesson again on the term strip instead.");
    }

    private Optional<LessonChangeRow> onTop(UUID unitId) {
        return of(unitId).stream()
                .filter(r -> r.undoneAt == null)
                .filter(r -> isOnTop(body(r)))
                .findFirst();
    }

    private List<LessonChangeRow> of(UUID unitId) {
        return rows.findByLessonIdInOrderByAtDesc(lessonRows.findByUnitIdOrderByPosition(unitId).stream()
                .map(LessonRow::id)
                .toList());
    }

    /** The changes of these lessons, newest first. */
    @Transactional(readOnly = true)
    public List<LessonChangeView> of(List<UUID> lessons) {
        return lessons.isEmpty()
                ? List.of()
                : rows.findByLessonIdInOrderByAtDesc(lessons).stream()
                        .map(this::view)
                        .toList();
    }

    private boolean isOnTop(Body body) {
        for (UnitCopy copy : body.units()) {
            UnitRow unit = unitRows.findById(copy.unit()).orElse(null);
            if (unit == null || !copy.headAfter().equals(unit.head)) return false;
            List<LessonCopy> now = lessonRows.findByUnitIdOrderByPosition(copy.unit()).stream()
                    .map(LessonCopy::of)
                    .toList();
            if (!now.equals(copy.after())) return false;
        }
        return true;
    }

    private void lose(Working at, UUID lessonId, ChangeForm form) {
        LessonRow lost = at.row(lessonId);
        List<LessonRow> coming = at.coming();
        List<LessonRow> from = coming.subList(coming.indexOf(lost), coming.size());
        at.say("Lesson %d, %s, is lost%s.".formatted(lost.position + 1, DAY.format(lost.onDate), because(form)));
        if (form.rest() == Rest.SQUEEZE) {
            if (coming.size() == 1)
                throw new IllegalArgumentException(
                        "This is the last lesson that is left of the unit; there is nothing to squeeze it into. Let it move along.");
            lost.state = LessonState.LOST;
            at.body = at.body.without(lost.id());
            at.fitAll();
            int left = coming.size() - 1;
            at.say(
                    left == 1
                            ? "What it was to do goes into the one lesson that is left; it was planned again."
                            : "What it was to do goes into the %d lessons that are left; they were planned again."
                                    .formatted(left));
            return;
        }
        LessonRow added = at.append(form);
        List<UUID> contents = from.stream().map(LessonRow::id).toList();
        List<LessonRow> dates = new ArrayList<>(from);
        dates.add(added);
        List<UUID> to = Reshuffle.along(from.size(), 0).stream()
                .map(i -> dates.get(i).id())
                .toList();
        for (int i = 0; i < from.size(); i++) {
            LessonRow was = from.get(i);
            LessonRow now = dates.get(i + 1);
            if (was.minutes != now.minutes || !was.spaceId.equals(now.spaceId)) at.fit(now);
        }
        lost.state = LessonState.LOST;
        at.body = at.body.deal(contents, to);
        at.say(
                from.size() == 1
                        ? "Its plan goes to %s.".formatted(when(added))
                        : "Its plan goes to %s, and each later one to the next date."
                                .formatted(DAY.format(dates.get(1).onDate)));
        if (from.size() > 1) at.say("The unit ends one lesson later, on %s.".formatted(when(added)));
    }

    private void move(Working at, UUID lessonId, ChangeForm form) {
        LessonRow lesson = at.row(lessonId);
        LocalDate day = Objects.requireNonNull(form.onDate());
        SchoolYear year = calendars.year();
        if (!form.anyway())
            year.closed(day).ifPresent(why -> {
                throw question(
                        "closed-day",
                        "onDate",
                        "%s is no school day: %s. Move it there all the same?".formatted(DAY.format(day), why));
            });
        String was = when(lesson);
        at.lastTaught().filter(t -> !day.isAfter(t)).ifPresent(t -> {
            throw new IllegalArgumentException(
                    "A lesson of this unit was taught on %s; later lessons cannot go before it."
                            .formatted(DAY.format(t)));
        });
        int minutesBefore = lesson.minutes;
        UUID spaceBefore = lesson.spaceId;
        at.place(lesson, day, form);
        if (!form.anyway()) taken(lesson, year);
        at.say("Lesson %d moves from %s to %s%s.".formatted(lesson.position + 1, was, when(lesson), because(form)));
        if (minutesBefore != lesson.minutes)
            at.say("It has %d minutes there, not %d.".formatted(lesson.minutes, minutesBefore));
        if (minutesBefore != lesson.minutes || !spaceBefore.equals(lesson.spaceId)) at.fit(lesson);
        at.reorder();
    }

    private void shorten(Working at, UUID lessonId, ChangeForm form) {
        LessonRow lesson = at.row(lessonId);
        int minutes = Objects.requireNonNull(form.minutes());
        at.say("Lesson %d, %s, has %d minutes instead of %d%s."
                .formatted(lesson.position + 1, DAY.format(lesson.onDate), minutes, lesson.minutes, because(form)));
        lesson.minutes = minutes;
        at.fit(lesson);
    }

    private void indoors(Working at, UUID lessonId, ChangeForm form) {
        LessonRow lesson = at.row(lessonId);
        SpaceView here = spaces.view(lesson.spaceId);
        UUID wanted = form.spaceId() == null ? here.wetSpaceId() : form.spaceId();
        if (wanted == null)
            throw new IllegalArgumentException(
                    "“%s” has no wet-weather place. Say which one in Cupboard & spaces, or choose a place now."
                            .formatted(here.name()));
        SpaceView there = spaces.view(wanted);
        if (there.ceilingCm() == null)
            throw new IllegalArgumentException(
                    "“%s” is outdoors too; choose a place with a ceiling.".formatted(there.name()));
        if (there.id().equals(here.id()))
            throw new IllegalArgumentException("The lesson is in “%s” already.".formatted(here.name()));
        lesson.spaceId = there.id();
        if (!form.anyway()) taken(lesson, calendars.year());
        at.say("Lesson %d, %s, comes into “%s” from “%s”%s."
                .formatted(lesson.position + 1, DAY.format(lesson.onDate), there.name(), here.name(), because(form)));
        at.fit(lesson);
    }

    private void swap(List<Working> at, UUID lessonId, UUID otherId, ChangeForm form) {
        LessonRow other = units.lesson(otherId);
        untaught(other);
        if (otherId.equals(lessonId)) throw new IllegalArgumentException("A lesson cannot be swapped with itself.");
        Working mine = at.get(0);
        LessonRow one = mine.row(lessonId);
        if (other.state == LessonState.LOST)
            throw new IllegalArgumentException("The other lesson is lost; move this one instead.");
        if (other.unitId.equals(one.unitId)) {
            LessonRow two = mine.row(otherId);
            mine.body = mine.body.deal(List.of(lessonId, otherId), List.of(otherId, lessonId));
            if (one.minutes != two.minutes || !one.spaceId.equals(two.spaceId)) {
                mine.fit(one);
                mine.fit(two);
            }
            mine.say("Lessons %d and %d change their plans with each other%s."
                    .formatted(one.position + 1, two.position + 1, because(form)));
            return;
        }
        Working theirs = new Working(other.unitId);
        at.add(theirs);
        LessonRow two = theirs.row(otherId);
        LessonCopy was = LessonCopy.of(one);
        boolean refit = one.minutes != two.minutes || !one.spaceId.equals(two.spaceId);
        take(one, LessonCopy.of(two));
        take(two, was);
        for (Working w : at) {
            LessonRow row = w == mine ? one : two;
            w.lastTaught().filter(t -> !row.onDate.isAfter(t)).ifPresent(t -> {
                throw new IllegalArgumentException(
                        "“%s” has a lesson that was taught on %s; its later ones cannot go before it."
                                .formatted(w.unit.title, DAY.format(t)));
            });
            if (refit) w.fit(row);
            w.say("“%s”: lesson %d is on %s now%s."
                    .formatted(w.unit.title, row.position + 1, when(row), w == mine ? because(form) : ""));
            w.reorder();
        }
    }

    private static void take(LessonRow row, LessonCopy from) {
        row.onDate = from.onDate();
        row.starts = from.starts();
        row.minutes = from.minutes();
        row.spaceId = from.spaceId();
    }

    /** Asks if the class or the place is taken then. */
    private void taken(LessonRow lesson, SchoolYear year) {
        LocalTime starts = lesson.starts;
        if (starts == null) return;
        LocalTime ends = starts.plusMinutes(lesson.minutes);
        year.bookings().stream()
                .filter(b -> b.takes(lesson.spaceId.toString(), lesson.onDate, starts, ends))
                .findFirst()
                .ifPresent(b -> {
                    throw question(
                            "place-taken",
                            "spaceId",
                            "The place is taken then: %s. Go there all the same?".formatted(b.title()));
                });
        for (LessonRow other : lessonRows.findByOnDateBetween(lesson.onDate, lesson.onDate)) {
            if (other.id().equals(lesson.id()) || other.starts == null || other.state == LessonState.LOST) continue;
            boolean together = starts.isBefore(other.starts.plusMinutes(other.minutes)) && other.starts.isBefore(ends);
            if (together && other.spaceId.equals(lesson.spaceId))
                throw question(
                        "place-taken",
                        "spaceId",
                        "Another lesson is in this place at %s. Share it?".formatted(other.starts));
        }
    }

    private static FoundException question(String rule, String where, String message) {
        return new FoundException(new Findings(List.of(new Finding(rule, where, message))));
    }

    private static void untaught(LessonRow lesson) {
        if (lesson.state == LessonState.TAUGHT)
            throw new IllegalArgumentException(
                    "Lesson %d was taught; it stays where it was.".formatted(lesson.position + 1));
    }

    private static String because(ChangeForm form) {
        return form.why().isBlank() ? "" : " (" + form.why().strip() + ")";
    }

    private static String cause(ChangeForm form, LessonRow lesson) {
        return "Lesson %d %s".formatted(lesson.position + 1, form.kind().label());
    }

    private String when(LessonRow row) {
        String time = row.starts == null ? "" : ", " + row.starts;
        return "%s%s, %s"
                .formatted(
                        DAY.format(row.onDate), time, spaces.view(row.spaceId).name());
    }

    private LessonChangeView view(LessonChangeRow row) {
        Body body = body(row);
        return new LessonChangeView(
                row.id(),
                row.lessonId,
                body.units().get(0).unit(),
                row.kind,
                row.why,
                body.words(),
                row.at,
                row.undoneAt != null,
                row.undoneAt == null && isOnTop(body));
    }

    private Body body(LessonChangeRow row) {
        return json.readValue(row.body, Body.class);
    }

    /** A unit while its lessons are changed. */
    private final class Working {
        private final Loaded before;
        private final UnitRow unit;
        private final List<LessonCopy> copies;
        private final List<LessonRow> lessons;
        private final Set<UUID> free = new HashSet<>();
        private final List<String> words = new ArrayList<>();
        private UnitBody body;

        Working(UUID unitId) {
            before = units.load(unitId);
            unit = before.row();
            lessons = new ArrayList<>(before.lessons());
            copies = lessons.stream().map(LessonCopy::of).toList();
            body = before.body();
        }

        LessonRow row(UUID id) {
            return lessons.stream().filter(l -> l.id().equals(id)).findFirst().orElseThrow();
        }

        /** Lessons still to be given, in order. */
        List<LessonRow> coming() {
            return lessons.stream().filter(l -> l.state == LessonState.PLANNED).toList();
        }

        Optional<LocalDate> lastTaught() {
            return lessons.stream()
                    .filter(l -> l.state == LessonState.TAUGHT)
                    .map(l -> l.onDate)
                    .max(Comparator.naturalOrder());
        }

        void say(String sentence) {
            words.add(sentence);
        }

        /** Lets the planner fit this lesson anew; the others stay. */
        void fit(LessonRow lesson) {
            free.add(lesson.id());
        }

        void fitAll() {
            coming().forEach(this::fit);
        }

        /** Puts a lesson on a day, at the time and in the place that the form says, or else the timetable, or else as it was. */
        void place(LessonRow lesson, LocalDate day, ChangeForm form) {
            Optional<Free> slot = calendars.free(unit.classId, day, 1, List.of()).stream()
                    .filter(f -> f.day().equals(day))
                    .findFirst();
            lesson.onDate = day;
            if (form.starts() != null) lesson.starts = form.starts();
            else slot.ifPresent(f -> lesson.starts = f.starts());
            if (form.minutes() != null) lesson.minutes = form.minutes();
            else slot.filter(f -> f.minutes() >= 10).ifPresent(f -> lesson.minutes = f.minutes());
            if (form.spaceId() != null)
                lesson.spaceId = spaces.view(form.spaceId()).id();
            else slot.ifPresent(f -> lesson.spaceId = f.spaceId());
        }

        /** One lesson more, on the next free date of the timetable after the last one; without a timetable a week later. */
        LessonRow append(ChangeForm form) {
            LessonRow last = lessons.get(lessons.size() - 1);
            List<LocalDate> taken = unitRows.findByClassId(unit.classId).stream()
                    .flatMap(u -> lessonRows.findByUnitIdOrderByPosition(u.id()).stream())
                    .map(l -> l.onDate)
                    .toList();
            SchoolYear year = calendars.year();
            boolean timetabled = year.slots().stream().anyMatch(s -> s.group().equals(unit.classId.toString()));
            LessonForm next;
            if (timetabled) {
                Free free = calendars.free(unit.classId, last.onDate.plusDays(1), 1, taken).stream()
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException(
                                "The timetable has no free lesson after %s until the end of the terms. Squeeze the unit instead, or add a term."
                                        .formatted(DAY.format(last.onDate))));
                next = new LessonForm(free.day(), free.starts(), free.minutes(), free.spaceId());
            } else {
                LocalDate day = last.onDate.plusWeeks(1);
                while (year.closed(day).isPresent() && day.isBefore(last.onDate.plusYears(1))) day = day.plusWeeks(1);
                next = new LessonForm(day, last.starts, last.minutes, last.spaceId);
            }
            LessonRow added = lessonRows.save(new LessonRow(Ids.next(), unit.id(), lessons.size(), next));
            lessons.add(added);
            return added;
        }

        /** Plans keep their order; the dates are sorted under them. */
        void reorder() {
            List<LessonRow> inOrder = coming();
            lessons.sort(Comparator.comparing((LessonRow l) -> l.onDate)
                    .thenComparing(l -> l.starts, Comparator.nullsFirst(Comparator.naturalOrder())));
            for (int i = 0; i < lessons.size(); i++) lessons.get(i).position = i;
            List<LessonRow> sorted = coming();
            if (sorted.equals(inOrder)) return;
            body = body.deal(
                    inOrder.stream().map(LessonRow::id).toList(),
                    sorted.stream().map(LessonRow::id).toList());
            for (int i = 0; i < sorted.size(); i++)
                if (!sorted.get(i).equals(inOrder.get(i))) {
                    LessonRow was = inOrder.get(i);
                    LessonRow now = sorted.get(i);
                    if (was.minutes != now.minutes || !was.spaceId.equals(now.spaceId)) fit(now);
                }
            say("It passes other lessons of the unit; the plans keep their order.");
        }

        UnitCopy save(String cause) {
            lessonRows.flush();
            UUID head = before.head().id();
            if (free.isEmpty()) units.keep(unit, head, body, lessons, cause);
            else units.plan(unit, head, body, lessons, l -> !free.contains(l.id()), cause, UnitPlanner.Watcher.NONE);
            Loaded after = units.load(unit.id());
            List<RuleChange> changes = RuleChange.between(before.plan(), after.plan());
            String better = names(changes, true);
            String worse = names(changes, false);
            if (!better.isEmpty()) say("Better: %s.".formatted(better));
            if (!worse.isEmpty()) say("Strained: %s.".formatted(worse));
            Set<String> waits = new HashSet<>(after.body().leftOver());
            before.body().leftOver().forEach(waits::remove);
            for (String cue : waits)
                say("“%s” waits for the next unit."
                        .formatted(after.problem().knowHow().cue(cue).call()));
            return new UnitCopy(
                    unit.id(),
                    head,
                    after.head().id(),
                    copies,
                    after.lessons().stream().map(LessonCopy::of).toList());
        }

        private static String names(List<RuleChange> changes, boolean better) {
            Map<String, String> names = new LinkedHashMap<>();
            changes.stream()
                    .filter(c -> c.better() == better)
                    .forEach(c -> names.put(c.rule().name(), ""));
            return String.join("; ", names.keySet()).toLowerCase(Locale.ROOT);
        }
    }

    /** What stands in the way of a lesson on its date; null if nothing does. */
    static @Nullable String clash(LessonRow lesson, SchoolYear year) {
        if (lesson.state != LessonState.PLANNED) return null;
        Optional<String> closed = year.closed(lesson.onDate);
        if (closed.isPresent()) return closed.get();
        LocalTime starts = lesson.starts;
        if (starts == null) return null;
        LocalTime ends = starts.plusMinutes(lesson.minutes);
        for (var closure : year.closures()) if (closure.closes(lesson.onDate, ends)) return closure.name();
        return year.bookings().stream()
                .filter(b -> b.takes(lesson.spaceId.toString(), lesson.onDate, starts, ends))
                .findFirst()
                .map(b -> "taken: " + b.title())
                .orElse(null);
    }
}
