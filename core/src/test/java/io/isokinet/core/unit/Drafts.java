package io.isokinet.core.unit;

import io.isokinet.core.activity.LessonPhase;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Hand-made lessons for the tests of the rules. */
final class Drafts {
    private Drafts() {}

    static final String WARM = "warm1";
    static final String CLOSE = "close1";

    /** One lesson: warm-up, these activities, a close; each serves all phases that its activity can. */
    static List<Choice> lesson(UnitProblem problem, int lesson, String... activities) {
        List<String> keys = new ArrayList<>(List.of(WARM));
        keys.addAll(Arrays.asList(activities));
        keys.add(CLOSE);
        return bare(problem, lesson, keys.toArray(String[]::new));
    }

    /** One lesson with just these activities. */
    static List<Choice> bare(UnitProblem problem, int lesson, String... activities) {
        List<Choice> row = new ArrayList<>();
        for (int i = 0; i < activities.length; i++) {
            Set<LessonPhase> phases =
                    EnumSet.copyOf(problem.knowHow().activity(activities[i]).phases());
            row.add(Choice.of("s" + lesson + "-" + i, phases, activities[i], 0));
        }
        return row;
    }

    @SafeVarargs
    static Plan read(UnitProblem problem, List<Choice>... lessons) {
        return Reading.of(problem, new Candidates(problem), List.of(lessons));
    }

    static Choice with(Choice choice, Integer minutes, List<String> introduces, List<String> focus) {
        return choice.withMinutes(minutes).withCues(introduces, focus, null);
    }

    static List<Choice> replaced(List<Choice> row, int index, Choice choice) {
        List<Choice> changed = new ArrayList<>(row);
        changed.set(index, choice);
        return changed;
    }
}
