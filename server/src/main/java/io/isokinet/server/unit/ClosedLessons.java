package io.isokinet.server.unit;

import io.isokinet.core.calendar.Closure;
import io.isokinet.core.calendar.Days;
import io.isokinet.core.check.FoundException;
import io.isokinet.server.account.Teams;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.ClosureView;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.unit.LessonChangeForm.LostForm;
import io.isokinet.server.unit.LessonChangeForm.Rest;
import io.isokinet.server.unit.LessonChanges.LessonChangeView;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The lessons that a closure falls on, and what becomes of them: all of them at once. */
@Service
class ClosedLessons {
    private final Calendars calendars;
    private final UnitHeaders headers;
    private final LessonChanges changes;
    private final Classes classes;
    private final Teams teams;

    ClosedLessons(Calendars calendars, UnitHeaders headers, LessonChanges changes, Classes classes, Teams teams) {
        this.calendars = calendars;
        this.headers = headers;
        this.changes = changes;
        this.classes = classes;
        this.teams = teams;
    }

    record ClosedLesson(UUID lesson, UUID unit, String className, String title, int number, LocalDate onDate) {}

    /** @param done a change for each unit, each with an undo of its own @param left units that stay as they are, and why */
    record Answer(List<LessonChangeView> done, List<String> left) {}

    /** Planned lessons that a closure falls on, in the order of time. */
    List<ClosedLesson> in(UUID closureId) {
        ClosureView view = closure(closureId);
        Closure closure = new Closure(view.name(), new Days(view.first(), view.last()), view.from());
        Predicate<UUID> visible = teams.visible();
        Map<UUID, String> names = classes.all().stream().collect(Collectors.toMap(ClassLine::id, ClassLine::name));
        return headers.between(view.first(), view.last()).stream()
                .filter(l -> l.state() == LessonState.PLANNED && visible.test(l.classId()))
                .filter(l -> falls(closure, l))
                .map(l -> new ClosedLesson(
                        l.lesson(), l.unit(), names.getOrDefault(l.classId(), ""), l.title(), l.number(), l.onDate()))
                .toList();
    }

    private static boolean falls(Closure closure, LessonHeader lesson) {
        if (closure.from() == null) return true;
        LocalTime starts = lesson.starts();
        return starts != null && closure.closes(lesson.onDate(), starts.plusMinutes(lesson.minutes()));
    }

    /** All of them are lost, and the rest of each unit goes along or is squeezed. */
    Answer lose(UUID closureId, Rest rest) {
        String why = closure(closureId).name();
        Map<UUID, ClosedLesson> first = new LinkedHashMap<>();
        for (ClosedLesson lesson : in(closureId)) first.putIfAbsent(lesson.unit(), lesson);
        List<LessonChangeView> done = new ArrayList<>();
        List<String> left = new ArrayList<>();
        for (ClosedLesson lesson : first.values())
            try {
                done.add(changes.change(lesson.lesson(), new LostForm(why, rest)));
            } catch (IllegalArgumentException | FoundException e) {
                left.add("%s, %s: %s".formatted(lesson.className(), lesson.title(), e.getMessage()));
            }
        return new Answer(done, left);
    }

    private ClosureView closure(UUID id) {
        return calendars.view().closures().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("closure", id));
    }
}
