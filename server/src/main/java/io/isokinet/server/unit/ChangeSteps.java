package io.isokinet.server.unit;

import io.isokinet.core.calendar.Reshuffle;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.Free;
import io.isokinet.server.http.Ids;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.SpaceView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.unit.LessonChangeForm.DoorwayForm;
import io.isokinet.server.unit.LessonChangeForm.IndoorsForm;
import io.isokinet.server.unit.LessonChangeForm.LostForm;
import io.isokinet.server.unit.LessonChangeForm.MovedForm;
import io.isokinet.server.unit.LessonChangeForm.ShortenedForm;
import io.isokinet.server.unit.LessonChangeForm.SwappedForm;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What each kind of change does to the lessons of a unit, and the words for it. */
@Component
class ChangeSteps {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private static final int FEWEST_MINUTES = 10;
    /** More than two full classes are no lesson of one teacher. */
    private static final int MOST_TOGETHER = 72;

    private final UnitReader reader;
    private final UnitHeaders headers;
    private final Calendars calendars;
    private final Spaces spaces;
    private final DateClash clash;
    private final Classes classes;
    private final Teams teams;

    ChangeSteps(
            UnitReader reader,
            UnitHeaders headers,
            Calendars calendars,
            Spaces spaces,
            DateClash clash,
            Classes classes,
            Teams teams) {
        this.classes = classes;
        this.teams = teams;
        this.reader = reader;
        this.headers = headers;
        this.calendars = calendars;
        this.spaces = spaces;
        this.clash = clash;
    }

    /**
     * @param at the unit of the lesson
     * @return the units that change: that one first
     */
    List<ChangingUnit> take(ChangingUnit at, UUID lessonId, LessonChangeForm form) {
        LessonRow lesson = at.row(lessonId);
        if (form instanceof SwappedForm swapped) return swap(at, lesson, swapped);
        if (form instanceof LostForm lost) lose(at, lesson, lost);
        else if (form instanceof MovedForm moved) move(at, lesson, moved);
        else if (form instanceof ShortenedForm shortened) shorten(at, lesson, shortened);
        else if (form instanceof IndoorsForm indoors) indoors(at, lesson, indoors);
        else if (form instanceof DoorwayForm door) atTheDoor(at, lesson, door);
        return List.of(at);
    }

    private void lose(ChangingUnit at, LessonRow lost, LostForm form) {
        at.say("Lesson %d, %s, is lost%s.".formatted(lost.number(), DAY.format(lost.onDate()), form.because()));
        SchoolYear year = calendars.year();
        List<LessonRow> all = closedAfter(at, lost, year);
        for (LessonRow closed : all.subList(1, all.size()))
            at.say("Lesson %d, %s, is lost too: %s."
                    .formatted(
                            closed.number(),
                            DAY.format(closed.onDate()),
                            closed(closed, year).orElseThrow()));
        if (form.rest() == LessonChangeForm.Rest.SQUEEZE) squeeze(at, all);
        else moveAlong(at, all);
    }

    /** A lost lesson, and those after it that stand on closed days by now: no plan is to go there. */
    private static List<LessonRow> closedAfter(ChangingUnit at, LessonRow lost, SchoolYear year) {
        List<LessonRow> all = new ArrayList<>(List.of(lost));
        List<LessonRow> coming = at.coming();
        coming.subList(coming.indexOf(lost) + 1, coming.size()).stream()
                .filter(l -> closed(l, year).isPresent())
                .forEach(all::add);
        return all;
    }

    private static Optional<String> closed(LessonRow lesson, SchoolYear year) {
        return DateClash.closed(year, lesson.onDate(), lesson.starts(), lesson.minutes());
    }

    private static void squeeze(ChangingUnit at, List<LessonRow> lost) {
        int left = at.coming().size() - lost.size();
        if (left == 0)
            throw new IllegalArgumentException(
                    "No other lesson is left of the unit; there is nothing to squeeze it into. Let it move along.");
        for (LessonRow row : lost) {
            row.become(LessonState.LOST);
            at.empty(row);
        }
        at.fitAll();
        at.say(
                left == 1
                        ? "What it was to do goes into the one lesson that is left; it was planned again."
                        : "What it was to do goes into the %d lessons that are left; they were planned again."
                                .formatted(left));
    }

    private void moveAlong(ChangingUnit at, List<LessonRow> lost) {
        List<LessonRow> coming = at.coming();
        List<LessonRow> from = coming.subList(coming.indexOf(lost.get(0)), coming.size());
        List<LessonRow> dates = new ArrayList<>(from);
        for (int i = 0; i < lost.size(); i++) dates.add(append(at));
        Set<Integer> gone = lost.stream().map(from::indexOf).collect(Collectors.toSet());
        List<LessonRow> to =
                Reshuffle.along(from.size(), gone).stream().map(dates::get).toList();
        for (int i = 0; i < from.size(); i++) if (!from.get(i).isLike(to.get(i))) at.fit(to.get(i));
        lost.forEach(row -> row.become(LessonState.LOST));
        at.deal(from, to);
        LessonRow last = to.get(to.size() - 1);
        at.say(
                from.size() == 1
                        ? "Its plan goes to %s.".formatted(when(last))
                        : "Its plan goes to %s, and each later one to the next date."
                                .formatted(DAY.format(to.get(0).onDate())));
        if (from.size() > 1)
            at.say("The unit ends %s later, on %s."
                    .formatted(lost.size() == 1 ? "one lesson" : lost.size() + " lessons", when(last)));
    }

    /** One lesson more, on the next free date of the timetable after the last one; without a timetable a week later. */
    private LessonRow append(ChangingUnit at) {
        LessonRow last = at.lessons().get(at.lessons().size() - 1);
        SchoolYear year = calendars.year();
        boolean timetabled = year.slots().stream()
                .anyMatch(s -> s.group().equals(at.classId().toString()));
        LessonForm next = timetabled ? nextInTimetable(at, last.onDate()) : aWeekLater(last, year);
        LessonRow added = new LessonRow(Ids.next(), at.id(), at.lessons().size(), next);
        at.add(added);
        return added;
    }

    private LessonForm nextInTimetable(ChangingUnit at, LocalDate last) {
        List<LocalDate> taken = headers.dates(at.classId(), LessonState.values());
        Free free = calendars.free(at.classId(), last.plusDays(1), 1, taken).stream()
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The timetable has no free lesson after %s until the end of the terms. Squeeze the unit instead, or add a term."
                                .formatted(DAY.format(last))));
        return new LessonForm(free.day(), free.starts(), free.minutes(), free.spaceId());
    }

    private static LessonForm aWeekLater(LessonRow last, SchoolYear year) {
        LocalDate day = last.onDate().plusWeeks(1);
        while (DateClash.closed(year, day, last.starts(), last.minutes()).isPresent()
                && day.isBefore(last.onDate().plusYears(1))) day = day.plusWeeks(1);
        return new LessonForm(day, last.starts(), last.minutes(), last.spaceId());
    }

    private void move(ChangingUnit at, LessonRow lesson, MovedForm form) {
        LocalDate day = form.onDate();
        if (!form.anyway()) {
            clash.askAboutDay(day, DAY.format(day));
            if (form.starts() == null) clash.askAboutTimetable(at.classId(), day, DAY.format(day));
        }
        String was = when(lesson);
        at.lastTaught().filter(t -> !day.isAfter(t)).ifPresent(t -> {
            throw new IllegalArgumentException(
                    "A lesson of this unit was taught on %s; later lessons cannot go before it."
                            .formatted(DAY.format(t)));
        });
        int minutesBefore = lesson.minutes();
        UUID spaceBefore = lesson.spaceId();
        place(at, lesson, day, form);
        if (!form.anyway()) clash.askAboutPlace(lesson);
        at.say("Lesson %d moves from %s to %s%s.".formatted(lesson.number(), was, when(lesson), form.because()));
        if (minutesBefore != lesson.minutes())
            at.say("It has %d minutes there, not %d.".formatted(lesson.minutes(), minutesBefore));
        if (minutesBefore != lesson.minutes() || !spaceBefore.equals(lesson.spaceId())) at.fit(lesson);
        at.reorder();
    }

    /** Puts a lesson on a day, at the time and in the place that the form says, or else the timetable, or else as it was. */
    private void place(ChangingUnit at, LessonRow lesson, LocalDate day, MovedForm form) {
        Optional<Free> slot = calendars.free(at.classId(), day, 1, List.of()).stream()
                .filter(f -> f.day().equals(day))
                .findFirst();
        LocalTime starts =
                form.starts() != null ? form.starts() : slot.map(Free::starts).orElse(lesson.starts());
        int minutes = form.minutes() != null
                ? form.minutes()
                : slot.map(Free::minutes).filter(m -> m >= FEWEST_MINUTES).orElse(lesson.minutes());
        UUID space = form.spaceId() != null
                ? spaces.view(form.spaceId()).id()
                : slot.map(Free::spaceId).orElse(lesson.spaceId());
        lesson.moveTo(day, starts, minutes, space);
    }

    private static void shorten(ChangingUnit at, LessonRow lesson, ShortenedForm form) {
        form.check(lesson);
        int minutes = form.minutes();
        at.say("Lesson %d, %s, has %d minutes instead of %d%s."
                .formatted(lesson.number(), DAY.format(lesson.onDate()), minutes, lesson.minutes(), form.because()));
        lesson.take(minutes);
        at.fit(lesson);
    }

    private void indoors(ChangingUnit at, LessonRow lesson, IndoorsForm form) {
        SpaceView here = spaces.view(lesson.spaceId());
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
        lesson.goTo(there.id());
        if (!form.anyway()) clash.askAboutPlace(lesson);
        at.say("Lesson %d, %s, comes into “%s” from “%s”%s."
                .formatted(lesson.number(), DAY.format(lesson.onDate()), there.name(), here.name(), form.because()));
        at.fit(lesson);
    }

    private void atTheDoor(ChangingUnit at, LessonRow lesson, DoorwayForm form) {
        List<String> said = new ArrayList<>();
        SpaceView there = form.refuge() != null
                ? spaces.refuge(form.refuge())
                : form.spaceId() == null ? null : spaces.view(form.spaceId());
        if (there != null && !there.id().equals(lesson.spaceId())) {
            lesson.goTo(there.id());
            if (!form.anyway()) clash.askAboutPlace(lesson);
            said.add("is in “%s”".formatted(there.name()));
        }
        Integer minutes = form.minutes();
        if (minutes != null && minutes != lesson.minutes()) {
            said.add("has %d minutes, not %d".formatted(minutes, lesson.minutes()));
            lesson.take(minutes);
        }
        Integer kit = form.kitPercent();
        if (kit != null && kit != lesson.kit()) {
            said.add(kit == 100 ? "has all of the kit" : "has %d %% of the kit".formatted(kit));
            lesson.have(kit);
        }
        UUID with = form.withClass();
        if (with != null && !with.equals(lesson.withClass())) {
            said.add("is for %s too".formatted(comesAlong(at, with).name()));
            lesson.takeAlong(with);
        }
        if (said.isEmpty())
            throw new IllegalArgumentException(
                    "The lesson is as it was planned already. Choose another place, fewer minutes or less kit.");
        at.say("Lesson %d, %s, %s%s."
                .formatted(lesson.number(), DAY.format(lesson.onDate()), String.join(", ", said), form.because()));
        at.fitAtOnce(lesson);
    }

    /** @throws IllegalArgumentException if it is the class itself, or both together are too many */
    private ClassLine comesAlong(ChangingUnit at, UUID with) {
        teams.require(with);
        ClassLine other = classes.line(with);
        int both = other.children() + classes.line(at.classId()).children();
        if (with.equals(at.classId()))
            throw new IllegalArgumentException("“%s” is in this lesson already.".formatted(other.name()));
        if (both > MOST_TOGETHER)
            throw new IllegalArgumentException(
                    "Both classes together are %d children; up to %d are planned for. Share the day between two lessons."
                            .formatted(both, MOST_TOGETHER));
        return other;
    }

    private List<ChangingUnit> swap(ChangingUnit at, LessonRow one, SwappedForm form) {
        UUID otherId = form.with();
        if (otherId.equals(one.id())) throw new IllegalArgumentException("A lesson cannot be swapped with itself.");
        UnitInHand others = reader.readOf(otherId);
        boolean sameUnit = others.id().equals(at.id());
        ChangingUnit theirs = sameUnit ? at : new ChangingUnit(others);
        LessonRow two = theirs.row(otherId);
        LessonChanges.requireUntaught(two);
        if (two.isLost()) throw new IllegalArgumentException("The other lesson is lost; move this one instead.");
        SchoolYear year = calendars.year();
        requireOpen(one, year);
        requireOpen(two, year);
        if (sameUnit) {
            swapPlans(at, one, two, form);
            return List.of(at);
        }
        swapDates(at, one, theirs, two, form);
        return List.of(at, theirs);
    }

    /** Nothing is swapped onto a day on which no lesson can be. */
    private static void requireOpen(LessonRow lesson, SchoolYear year) {
        closed(lesson, year).ifPresent(why -> {
            throw new IllegalArgumentException(
                    "On %s there is no lesson: %s. Move that one to another day, or say that it is lost."
                            .formatted(DAY.format(lesson.onDate()), why));
        });
    }

    private static void swapPlans(ChangingUnit at, LessonRow one, LessonRow two, LessonChangeForm form) {
        at.deal(List.of(one, two), List.of(two, one));
        if (!one.isLike(two)) {
            at.fit(one);
            at.fit(two);
        }
        at.say("Lessons %d and %d change their plans with each other%s."
                .formatted(one.number(), two.number(), form.because()));
    }

    private void swapDates(
            ChangingUnit mine, LessonRow one, ChangingUnit theirs, LessonRow two, LessonChangeForm form) {
        boolean refit = !one.isLike(two);
        LessonCopy was = LessonCopy.of(one);
        one.moveTo(two.onDate(), two.starts(), two.minutes(), two.spaceId());
        two.moveTo(was.onDate(), was.starts(), was.minutes(), was.spaceId());
        stand(mine, one, refit, form.because());
        stand(theirs, two, refit, "");
    }

    /** A lesson on the date of another unit's. */
    private void stand(ChangingUnit in, LessonRow row, boolean refit, String because) {
        in.lastTaught().filter(t -> !row.onDate().isAfter(t)).ifPresent(t -> {
            throw new IllegalArgumentException(
                    "“%s” has a lesson that was taught on %s; its later ones cannot go before it."
                            .formatted(in.title(), DAY.format(t)));
        });
        if (refit) in.fit(row);
        in.say("“%s”: lesson %d is on %s now%s.".formatted(in.title(), row.number(), when(row), because));
        in.reorder();
    }

    private String when(LessonRow row) {
        String time = row.starts() == null ? "" : ", " + row.starts();
        return "%s%s, %s"
                .formatted(
                        DAY.format(row.onDate()),
                        time,
                        spaces.view(row.spaceId()).name());
    }
}
