package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Slot;
import io.isokinet.core.calendar.Weeks;
import io.isokinet.core.check.Finding;
import io.isokinet.server.calendar.Calendars.SlotForm;
import io.isokinet.server.calendar.Calendars.SlotRows;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.SpaceView;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Timetables as they are pasted: read against the classes and places that there are, taken whole or not at all. */
@Service
class PastedTimetables {
    private final Calendars calendars;
    private final SlotRows slots;
    private final Classes classes;
    private final Spaces spaces;

    PastedTimetables(Calendars calendars, SlotRows slots, Classes classes, Spaces spaces) {
        this.calendars = calendars;
        this.slots = slots;
        this.classes = classes;
        this.spaces = spaces;
    }

    /** A lesson that would come in, with what it means here. */
    record PastedView(
            int line, String className, DayOfWeek day, Weeks weeks, LocalTime starts, int minutes, String space) {}

    /** @param findings what keeps it from being taken */
    record PastedTimetable(List<PastedView> lessons, List<Finding> findings) {}

    /**
     * What is there already is left as it is.
     *
     * @param minutes of a lesson of which only the start is said
     * @param spaceId where those are that say no place
     * @param take false to look only; nothing is taken as long as there are findings
     */
    @Transactional
    public PastedTimetable paste(String text, int minutes, UUID spaceId, boolean take) {
        TimetableText.Read read = TimetableText.read(text, minutes);
        List<Finding> findings = new ArrayList<>(read.findings());
        Map<String, ClassLine> groups = byName(classes.all(), ClassLine::name);
        Map<String, SpaceView> places = byName(spaces.all(), SpaceView::name);
        SpaceView usual = spaces.view(spaceId);
        List<Slot> all =
                new ArrayList<>(slots.findAll().stream().map(SlotRow::toSlot).toList());
        int there = all.size();
        List<PastedView> lessons = new ArrayList<>();
        for (TimetableText.Entry e : read.entries()) {
            String where = "line " + e.line();
            ClassLine group = groups.get(e.group().toLowerCase(Locale.ROOT));
            String said = e.place();
            SpaceView place = said == null ? usual : places.get(said.toLowerCase(Locale.ROOT));
            if (group == null) findings.add(unknown("class", e.group(), where, groups.values(), ClassLine::name));
            if (place == null) findings.add(unknown("place", said, where, places.values(), SpaceView::name));
            if (group == null || place == null) continue;
            Slot slot = slot(e, group, place);
            if (all.stream().anyMatch(s -> isSame(s, slot))) continue;
            all.stream()
                    .filter(s -> s.group().equals(slot.group()) && s.clashes(slot))
                    .findFirst()
                    .ifPresent(s -> findings.add(new Finding(
                            "class-free",
                            where,
                            "%s has a lesson from %s to %s then.".formatted(group.name(), s.starts(), s.ends()))));
            all.add(slot);
            lessons.add(
                    new PastedView(e.line(), group.name(), e.day(), e.weeks(), e.starts(), e.minutes(), place.name()));
        }
        if (take && findings.isEmpty()) all.subList(there, all.size()).forEach(this::put);
        return new PastedTimetable(lessons, findings);
    }

    private void put(Slot s) {
        calendars.putSlot(
                UUID.fromString(s.key()),
                new SlotForm(
                        UUID.fromString(s.group()),
                        s.day(),
                        s.weeks(),
                        s.starts(),
                        s.minutes(),
                        UUID.fromString(s.place())),
                IfMatch.ANY);
    }

    private static Slot slot(TimetableText.Entry e, ClassLine group, SpaceView place) {
        return new Slot(
                Ids.next().toString(),
                group.id().toString(),
                e.day(),
                e.weeks(),
                e.starts(),
                e.minutes(),
                place.id().toString());
    }

    private static boolean isSame(Slot one, Slot other) {
        return one.group().equals(other.group())
                && one.day() == other.day()
                && one.weeks() == other.weeks()
                && one.starts().equals(other.starts())
                && one.minutes() == other.minutes()
                && one.place().equals(other.place());
    }

    private static <T> Map<String, T> byName(List<T> all, Function<T, String> name) {
        return all.stream()
                .collect(Collectors.toMap(
                        t -> name.apply(t).toLowerCase(Locale.ROOT), Function.identity(), (a, b) -> a));
    }

    private static <T> Finding unknown(
            String what, @Nullable String said, String where, Collection<T> there, Function<T, String> name) {
        String known = there.stream().map(name).sorted().map(n -> "“" + n + "”").collect(Collectors.joining(", "));
        return new Finding(
                "known-" + what,
                where,
                "There is no %s “%s”. %s Add it first, or change the name."
                        .formatted(
                                what, said, known.isEmpty() ? "There is none yet." : "There are %s.".formatted(known)));
    }
}
