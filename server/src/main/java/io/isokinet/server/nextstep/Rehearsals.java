package io.isokinet.server.nextstep;

import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.belief.HowMany;
import io.isokinet.core.belief.Rehearsal;
import io.isokinet.core.quantity.Words;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.unit.UnitWork;
import io.isokinet.server.unit.UnitWork.LessonWork;
import io.isokinet.server.unit.UnitWork.Work;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Rehearses what is still to come of a unit on classes like its own. */
@Service
public class Rehearsals {
    private static final int MOST_THIN = 2;
    private static final int MOST_CUES = 2;

    private final UnitWork works;
    private final Marks marks;

    Rehearsals(UnitWork works, Marks marks) {
        this.works = works;
        this.marks = marks;
    }

    /**
     * What may come of the lessons that are still to be given.
     *
     * @param classes that were rehearsed
     * @param cues that they work on
     * @param behind names of those whom they leave behind
     * @param sentences what it says, in at most four
     * @param beside how it compares with the version that was named, or else with the one before where one of the two is clearly better; null
     *     where there is nothing to say
     */
    public record RehearsalView(
            int children,
            int classes,
            List<RehearsedCue> cues,
            List<String> behind,
            List<String> sentences,
            @Nullable String beside) {}

    /** @param before the lessons, children that are likely to have it */
    public record RehearsedCue(String cue, String call, HowMany before, List<AfterLesson> after) {}

    /** @param owned children that are likely to have it after the lesson */
    public record AfterLesson(UUID lesson, int number, HowMany owned) {}

    /**
     * @param version that is rehearsed; null for the one in force
     * @param besides version that it is compared with; null for the one before where the one in force is rehearsed, else for none
     */
    @Transactional(readOnly = true)
    public RehearsalView of(UUID unit, @Nullable UUID version, @Nullable UUID besides) {
        Work work = works.of(unit, version);
        Grid grid = marks.whole(work.classId(), work.cueSets());
        ClassBelief belief = grid.known().belief();
        Rehearsal rehearsal = rehearse(belief, work);
        String beside = Optional.ofNullable(besides)
                .or(() -> version == null ? works.before(unit) : Optional.empty())
                .map(other -> rehearsal.beside(rehearse(belief, works.of(unit, other))))
                .filter(b -> besides != null || b.isClear())
                .map(Rehearsal.Beside::sentence)
                .orElse(null);
        Map<String, String> names = grid.rows().stream()
                .collect(Collectors.toMap(
                        r -> r.child().id().toString(), r -> r.child().name()));
        return new RehearsalView(
                rehearsal.children(),
                Rehearsal.CLASSES,
                rehearsal.cues().stream().map(c -> cue(c, work)).toList(),
                rehearsal.behind().stream().map(b -> names.get(b.child())).toList(),
                sentences(rehearsal, work, names),
                beside);
    }

    private static Rehearsal rehearse(ClassBelief belief, Work work) {
        return Rehearsal.of(
                belief,
                work.lessons().stream()
                        .map(l -> new Rehearsal.Lesson(
                                l.lesson().toString(),
                                l.onDate().toEpochDay(),
                                l.tries().entrySet().stream()
                                        .map(e -> new Rehearsal.Work(e.getKey(), e.getValue()))
                                        .toList()))
                        .toList());
    }

    private static RehearsedCue cue(Rehearsal.CueBand band, Work work) {
        List<AfterLesson> after = new ArrayList<>();
        for (int l = 0; l < work.lessons().size(); l++) {
            LessonWork lesson = work.lessons().get(l);
            after.add(new AfterLesson(
                    lesson.lesson(), lesson.number(), band.after().get(l)));
        }
        return new RehearsedCue(band.cue(), call(work, band.cue()), band.before(), after);
    }

    private static String call(Work work, String cue) {
        return work.calls().getOrDefault(cue, cue);
    }

    private static List<String> sentences(Rehearsal rehearsal, Work work, Map<String, String> names) {
        if (rehearsal.cues().isEmpty()) return List.of("No lesson that is still to come works on a cue.");
        List<String> sentences = new ArrayList<>();
        List<Rehearsal.CueBand> byEnd = rehearsal.cues().stream()
                .sorted(Comparator.comparingInt(c -> -c.end().middle()))
                .toList();
        Rehearsal.CueBand most = byEnd.get(0);
        Rehearsal.CueBand least = byEnd.get(byEnd.size() - 1);
        sentences.add("After the last lesson “%s” is likely there in %s of %d children%s."
                .formatted(
                        call(work, most.cue()),
                        most.end().words(),
                        rehearsal.children(),
                        byEnd.size() == 1
                                ? ""
                                : ", “%s” in %s"
                                        .formatted(
                                                call(work, least.cue()),
                                                least.end().words())));
        Map<String, List<Rehearsal.Thin>> thin = rehearsal.thin().stream()
                .collect(Collectors.groupingBy(Rehearsal.Thin::lesson, LinkedHashMap::new, Collectors.toList()));
        thin.entrySet().stream()
                .limit(MOST_THIN)
                .forEach(e -> sentences.add("Lesson %d has few tries for %s."
                        .formatted(
                                number(work, e.getKey()),
                                Words.list(e.getValue().stream()
                                        .limit(MOST_CUES)
                                        .map(t -> "“%s” (%d a child)".formatted(call(work, t.cue()), t.tries()))
                                        .toList()))));
        if (!rehearsal.behind().isEmpty())
            sentences.add("%s may be left behind: a step easier, or looked at first."
                    .formatted(Words.list(rehearsal.behind().stream()
                            .map(b -> names.getOrDefault(b.child(), ""))
                            .toList())));
        return sentences;
    }

    private static int number(Work work, String lesson) {
        return work.lessons().stream()
                .filter(l -> l.lesson().toString().equals(lesson))
                .findFirst()
                .orElseThrow()
                .number();
    }
}
