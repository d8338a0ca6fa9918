package io.isokinet.core.unit.search;

import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.UnitProblem;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The plan in force when a unit is planned again: a start to search from, and a plan that what comes back is never worse than. */
public final class InForce {
    private InForce() {}

    /** As it stands, read by what is true now; null where nothing is planned yet, in whole or in a lesson. */
    public static @Nullable Plan of(UnitProblem problem, Candidates candidates) {
        if (problem.before().isEmpty()) return null;
        List<List<Choice>> rows = new ArrayList<>();
        for (int lesson = 0; lesson < problem.lessons().size(); lesson++) {
            List<Choice> row = problem.lessons().get(lesson).kept()
                    ? List.copyOf(problem.locks().get(lesson).values())
                    : problem.before().get(lesson);
            if (row.isEmpty() && !problem.lessons().get(lesson).kept()) return null;
            for (Choice choice : row)
                for (String key : choice.activity().keys())
                    if (!problem.knowHow().hasActivity(key)) return null;
            rows.add(
                    problem.lessons().get(lesson).kept()
                            ? row
                            : inItsMinutes(row, problem.lessons().get(lesson).minutes()));
        }
        return Reading.of(problem, candidates, rows);
    }

    /** A lesson that has other minutes now has its parts shared out anew; what is locked stays as it is. */
    private static List<Choice> inItsMinutes(List<Choice> row, int minutes) {
        boolean adds = row.stream().allMatch(c -> c.minutes() != null)
                && row.stream()
                                .mapToInt(c -> Objects.requireNonNull(c.minutes()))
                                .sum()
                        == minutes;
        return adds
                ? row
                : row.stream().map(c -> c.locked() ? c : c.withMinutes(null)).toList();
    }
}
