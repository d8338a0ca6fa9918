package io.isokinet.server.today;

import io.isokinet.core.calendar.Days;
import io.isokinet.core.calendar.Occurrence;
import io.isokinet.core.calendar.SchoolYear;
import io.isokinet.core.calendar.Weeks;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.SpaceView;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.LessonRecords.Absences;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.LessonChanges;
import io.isokinet.server.unit.LessonChanges.LessonChangeView;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.ListedLesson;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One day of whoever is signed in. */
@Service
class DayBook {
    private static final int WATCHED = 3;

    private final Lessons lessons;
    private final LessonChanges changes;
    private final Calendars calendars;
    private final Classes classes;
    private final Spaces spaces;
    private final LessonRecords lessonRecords;
    private final Schools schools;
    private final Teams teams;
    private final KnowHows knowHows;
    private final Clock clock;

    DayBook(
            Lessons lessons,
            LessonChanges changes,
            Calendars calendars,
            Classes classes,
            Spaces spaces,
            LessonRecords lessonRecords,
            Schools schools,
            Teams teams,
            KnowHows knowHows,
            Clock clock) {
        this.lessons = lessons;
        this.changes = changes;
        this.calendars = calendars;
        this.classes = classes;
        this.spaces = spaces;
        this.lessonRecords = lessonRecords;
        this.schools = schools;
        this.teams = teams;
        this.knowHows = knowHows;
        this.clock = clock;
    }

    /** Where a lesson stands at this moment; all of another day's are later or past. */
    enum When {
        PAST,
        NOW,
        NEXT,
        LATER
    }

    record ChildName(UUID id, String name) {}

    /**
     * A cue to look for.
     *
     * @param from where to stand
     */
    record Watch(String call, String question, String from) {}

    /**
     * @param starts null if no time was said
     * @param clash what stands in the way; null if nothing does
     * @param watch at most {@value #WATCHED}
     * @param away registered as away from this lesson
     * @param sitsOut there, but not taking part
     * @param changes what happened to it since it was planned, newest first
     * @param outdoors true if it is, and it can come inside at once
     */
    record DayLesson(
            UUID lesson,
            UUID unit,
            String title,
            UUID classId,
            String className,
            String year,
            List<ChildName> children,
            int number,
            int of,
            @Nullable LocalTime starts,
            @Nullable LocalTime ends,
            int minutes,
            String space,
            LessonState state,
            When when,
            List<String> activities,
            List<Watch> watch,
            Set<UUID> away,
            Set<UUID> sitsOut,
            List<LessonChangeView> changes,
            @Nullable String clash,
            boolean outdoors,
            @Nullable String wetPlace) {}

    /**
     * A lesson of the timetable that nothing is planned for.
     *
     * @param off why it does not take place; null if it does
     */
    record Unplanned(
            UUID classId,
            String className,
            LocalTime starts,
            LocalTime ends,
            String space,
            @Nullable String off) {}

    /**
     * @param closed why the day is no school day; null if it is one
     * @param week "A week" or "B week"; empty if all weeks are alike
     */
    record DayView(
            LocalDate day,
            LocalDate today,
            LocalTime now,
            @Nullable String term,
            String week,
            @Nullable String closed,
            @Nullable LocalDate nextLessonDay,
            List<DayLesson> lessons,
            List<Unplanned> unplanned) {}

    @Transactional(readOnly = true)
    DayView day(LocalDate day) {
        LocalDate today = schools.today();
        LocalTime now = LocalTime.now(clock.withZone(schools.zone())).withNano(0);
        SchoolYear year = calendars.year();
        Predicate<UUID> visible = teams.visible();
        Map<UUID, SpaceView> places = spaces.all().stream().collect(Collectors.toMap(SpaceView::id, s -> s));
        List<ListedLesson> listed = lessons.listed(day, day, visible);
        Around around = around(listed);
        List<DayLesson> dayLessons = new ArrayList<>();
        boolean next = false;
        for (ListedLesson lesson : listed) {
            When when = when(lesson.header(), day, today, now, next);
            next = next || when == When.NEXT;
            dayLessons.add(view(lesson, when, places, around));
        }
        boolean twoWeekly = year.slots().stream().anyMatch(s -> s.weeks() != Weeks.EVERY);
        return new DayView(
                day,
                today,
                now,
                year.term(day).map(t -> t.name()).orElse(null),
                twoWeekly && year.term(day).isPresent() ? year.week(day).name() + " week" : "",
                year.closed(day).orElse(null),
                lessons.between(day.plusDays(1), day.plusWeeks(12), visible).stream()
                        .filter(l -> l.state() == LessonState.PLANNED)
                        .map(LessonHeader::onDate)
                        .findFirst()
                        .orElse(null),
                dayLessons,
                unplanned(day, year, visible, listed, places));
    }

    private static When when(LessonHeader lesson, LocalDate day, LocalDate today, LocalTime now, boolean next) {
        if (lesson.state() != LessonState.PLANNED || day.isBefore(today)) return When.PAST;
        LocalTime starts = lesson.starts();
        if (day.isAfter(today)) return When.LATER;
        if (starts == null) return When.LATER;
        if (now.isAfter(starts.plusMinutes(lesson.minutes()))) return When.PAST;
        if (!now.isBefore(starts)) return When.NOW;
        return next ? When.LATER : When.NEXT;
    }

    /** What stands beside the lessons of a day, each read once for all of them. */
    private record Around(
            Map<UUID, ClassView> classes, Map<UUID, Absences> absences, Map<UUID, List<LessonChangeView>> changes) {}

    private Around around(List<ListedLesson> listed) {
        Set<UUID> ids = listed.stream().map(l -> l.header().lesson()).collect(Collectors.toSet());
        Set<UUID> groups = listed.stream().map(l -> l.header().classId()).collect(Collectors.toSet());
        return new Around(
                classes.views(groups).stream().collect(Collectors.toMap(ClassView::id, c -> c)),
                lessonRecords.absences(ids),
                changes.of(ids).stream()
                        .filter(c -> !c.undone())
                        .collect(Collectors.groupingBy(LessonChangeView::lesson)));
    }

    private DayLesson view(ListedLesson listed, When when, Map<UUID, SpaceView> places, Around around) {
        LessonHeader lesson = listed.header();
        ClassView group = classes.together(around.classes().get(lesson.classId()), lesson.withClass());
        SpaceView place = places.get(lesson.spaceId());
        Absences absences = around.absences().get(lesson.lesson());
        LocalTime starts = lesson.starts();
        UUID wet = place.wetSpaceId();
        return new DayLesson(
                lesson.lesson(),
                lesson.unit(),
                lesson.title(),
                lesson.classId(),
                group.name(),
                group.year(),
                group.children().stream().map(DayBook::name).toList(),
                lesson.number(),
                lesson.of(),
                starts,
                starts == null ? null : starts.plusMinutes(lesson.minutes()),
                lesson.minutes(),
                place.name(),
                lesson.state(),
                when,
                listed.activities(),
                watch(lesson),
                absences.away(),
                absences.sitsOut(),
                around.changes().getOrDefault(lesson.lesson(), List.of()),
                listed.clash(),
                place.ceilingCm() == null && wet != null,
                wet == null ? null : places.get(wet).name());
    }

    private List<Watch> watch(LessonHeader lesson) {
        KnowHow known = knowHows.of(lesson.packs());
        return lesson.focus().stream()
                .limit(WATCHED)
                .map(known::cue)
                .map(c -> watch(CueView.of(c, known.skill(c.skill()).action())))
                .toList();
    }

    private static ChildName name(ChildView child) {
        return new ChildName(child.id(), child.name());
    }

    private static Watch watch(CueView cue) {
        return new Watch(
                cue.call().notSettled(), cue.question().notSettled(), cue.view().notSettled());
    }

    private List<Unplanned> unplanned(
            LocalDate day,
            SchoolYear year,
            Predicate<UUID> visible,
            List<ListedLesson> listed,
            Map<UUID, SpaceView> places) {
        Map<UUID, String> names =
                classes.all().stream().collect(Collectors.toMap(Classes.ClassLine::id, Classes.ClassLine::name));
        List<Unplanned> open = new ArrayList<>();
        for (Occurrence o : year.occurrences(new Days(day, day))) {
            UUID classId = UUID.fromString(o.slot().group());
            boolean planned = listed.stream()
                    .map(ListedLesson::header)
                    .anyMatch(l -> l.classId().equals(classId)
                            && (l.starts() == null || l.starts().equals(o.slot().starts())));
            if (planned || !visible.test(classId) || !names.containsKey(classId)) continue;
            open.add(new Unplanned(
                    classId,
                    names.get(classId),
                    o.slot().starts(),
                    o.slot().ends(),
                    places.get(UUID.fromString(o.slot().place())).name(),
                    o.off()));
        }
        open.sort(Comparator.comparing(Unplanned::starts));
        return open;
    }
}
