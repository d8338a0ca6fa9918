package io.isokinet.core.unit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * The fewest wishes, bans, locks and lessons meant for a cue to give up so that nothing is known to stand against a plan: all are left out, then put back
 * one at a time, and those stay out with which there is none.
 */
final class LeastToGiveUp {
    private static final String RUNGS = "the wish to climb one level at a time";
    private static final String FRESH = "the wish that nothing comes too often";

    private final UnitProblem problem;
    private final Candidates candidates;
    private boolean climbs;
    private boolean fresh;
    private final Set<String> bans = new HashSet<>();
    private final Set<String> pins = new HashSet<>();
    private final List<SortedMap<Integer, Choice>> locks = new ArrayList<>();

    private LeastToGiveUp(UnitProblem problem, Candidates candidates) {
        this.problem = problem;
        this.candidates = candidates;
        for (int lesson = 0; lesson < problem.lessons().size(); lesson++)
            locks.add(problem.lessons().get(lesson).kept() ? problem.locks().get(lesson) : new TreeMap<>());
    }

    /**
     * A way out.
     *
     * @param words what is given up
     * @param without the problem without it
     */
    record Eased(List<String> words, UnitProblem without) {}

    /** @return null if there would be no plan without any of them either */
    static @Nullable Eased of(UnitProblem problem, Candidates candidates) {
        return new LeastToGiveUp(problem, candidates).find();
    }

    private @Nullable Eased find() {
        if (!possible()) return oneSkill();
        List<String> out = new ArrayList<>();
        if (!problem.wishes().skipsRungs()) {
            climbs = true;
            if (!possible()) {
                climbs = false;
                out.add(RUNGS);
            }
        }
        if (!problem.wishes().repeats()) {
            fresh = true;
            if (!possible()) {
                fresh = false;
                out.add(FRESH);
            }
        }
        for (int lesson = 0; lesson < locks.size(); lesson++) {
            if (problem.lessons().get(lesson).kept()) continue;
            SortedMap<Integer, Choice> kept = locks.get(lesson);
            for (var lock : problem.locks().get(lesson).entrySet()) {
                kept.put(lock.getKey(), lock.getValue());
                if (possible()) continue;
                kept.remove(lock.getKey());
                out.add("the lock on %s in lesson %d"
                        .formatted(
                                problem.knowHow()
                                        .activity(lock.getValue().activity())
                                        .name(),
                                problem.number(lesson)));
            }
        }
        for (String ban : problem.wishes().bans().stream().sorted().toList()) {
            bans.add(ban);
            if (possible()) continue;
            bans.remove(ban);
            out.add("the ban on " + name(ban));
        }
        for (Target target : problem.targets())
            for (var pin : new TreeMap<>(target.cues().pins()).entrySet()) {
                pins.add(pin.getKey());
                if (possible()) continue;
                pins.remove(pin.getKey());
                out.add("“%s” in lesson %d"
                        .formatted(
                                problem.knowHow().cue(pin.getKey()).call(),
                                problem.number(Math.min(
                                        pin.getValue(), problem.lessons().size() - 1))));
            }
        return new Eased(Collections.unmodifiableList(out), eased());
    }

    /** A skill without which all that was wished can stay. */
    private @Nullable Eased oneSkill() {
        if (problem.targets().size() < 2) return null;
        for (Target target : problem.targets()) {
            UnitProblem less = problem.with(
                    problem.targets().stream().filter(t -> !t.equals(target)).toList());
            if (new Frame(less, new Candidates(less), () -> "new")
                    .certificates()
                    .isEmpty())
                return new Eased(List.of(problem.knowHow().skill(target.skill()).name()), less);
        }
        return null;
    }

    private String name(String activity) {
        return problem.knowHow().activity(activity).name();
    }

    private boolean possible() {
        UnitProblem eased = eased();
        return new Frame(eased, candidates.of(eased), () -> "new")
                .certificates()
                .isEmpty();
    }

    private UnitProblem eased() {
        return problem.with(problem.wishes().easing(!climbs, !fresh, bans), locks)
                .with(problem.targets().stream().map(this::eased).toList());
    }

    private Target eased(Target target) {
        Map<String, Integer> kept = new HashMap<>(target.cues().pins());
        kept.keySet().retainAll(pins);
        return target.choosing(new CueChoice(target.cues().picked(), kept));
    }
}
