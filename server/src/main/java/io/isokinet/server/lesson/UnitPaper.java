package io.isokinet.server.lesson;

import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.UnitView;
import io.isokinet.server.unit.UnitView.LessonView;
import io.isokinet.server.unit.UnitView.SegmentView;
import io.isokinet.server.unit.UnitView.ThreadMark;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** A unit on one page across, and as a table. */
final class UnitPaper {
    /** Lessons side by side on a page. */
    private static final int SIDE_BY_SIDE = 8;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    /** Columns of the table of segments. */
    static final List<String> COLUMNS = List.of(
            "Lesson",
            "Date",
            "State",
            "Minutes from",
            "Minutes",
            "Phases",
            "Activity",
            "Rung",
            "Setting",
            "Formation",
            "Introduces",
            "Focus",
            "Watch",
            "Tries",
            "Looks",
            "In motion %",
            "Kit");

    private UnitPaper() {}

    /** @param marks n, p, w and g by lesson */
    record Row(String cue, List<String> marks) {}

    /**
     * Some of the lessons.
     *
     * @param dates and empty by the lesson's position
     */
    record Part(List<LessonView> lessons, List<Row> rows, Map<Integer, String> dates, Map<Integer, String> empty) {}

    static List<Part> parts(UnitView unit) {
        List<Part> parts = new ArrayList<>();
        for (int from = 0; from < unit.lessons().size(); from += SIDE_BY_SIDE) {
            List<LessonView> lessons =
                    unit.lessons().subList(from, Math.min(unit.lessons().size(), from + SIDE_BY_SIDE));
            Map<Integer, String> dates = new HashMap<>();
            Map<Integer, String> empty = new HashMap<>();
            for (LessonView l : lessons) {
                dates.put(l.position(), DAY.format(l.onDate()) + ", " + l.minutes() + " min, " + l.space());
                empty.put(l.position(), l.state() == LessonState.LOST ? "lost" : "nothing planned");
            }
            List<Row> rows = unit.threads().stream()
                    .flatMap(block -> block.cues().stream())
                    .map(cue -> new Row(
                            cue.call(),
                            lessons.stream()
                                    .map(l -> marks(cue.marks(), l.position()))
                                    .toList()))
                    .toList();
            parts.add(new Part(lessons, rows, dates, empty));
        }
        return parts;
    }

    private static String marks(List<ThreadMark> marks, int lesson) {
        return marks.stream()
                .filter(m -> m.lesson() == lesson)
                .map(m -> switch (m.kind()) {
                    case INTRODUCED -> "n";
                    case PRACTISED -> "p";
                    case WATCHED -> "w";
                    case GAME -> "g";
                })
                .distinct()
                .sorted()
                .collect(Collectors.joining(" "));
    }

    /** One row a segment, in the order of time. */
    static List<List<Object>> rows(UnitView unit) {
        Map<String, String> calls = new HashMap<>();
        unit.threads().forEach(t -> t.cues().forEach(c -> calls.put(c.key(), c.call())));
        List<List<Object>> rows = new ArrayList<>();
        for (LessonView lesson : unit.lessons()) {
            int minute = 0;
            for (SegmentView s : lesson.segments()) {
                rows.add(List.of(
                        lesson.position() + 1,
                        lesson.onDate().toString(),
                        lesson.state().name().toLowerCase(Locale.ROOT),
                        minute,
                        s.minutes(),
                        s.phases().stream().map(p -> p.label()).collect(Collectors.joining(", ")),
                        s.name(),
                        s.level() == null ? "" : s.level(),
                        s.setting() == null ? "" : s.setting(),
                        s.formation(),
                        words(s.introduces(), calls),
                        words(s.focus(), calls),
                        s.watch() == null ? "" : calls.getOrDefault(s.watch(), s.watch()),
                        s.tries(),
                        s.looks(),
                        s.motionPercent(),
                        s.kit().stream().map(k -> k.words()).collect(Collectors.joining(", "))));
                minute += s.minutes();
            }
        }
        return rows;
    }

    private static String words(List<String> cues, Map<String, String> calls) {
        return cues.stream().map(c -> calls.getOrDefault(c, c)).collect(Collectors.joining(", "));
    }
}
