package io.isokinet.planner;

import io.isokinet.core.skill.CueSet;
import io.isokinet.core.unit.CueChoice;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Seeded decisions about cues, and whether a plan keeps them, read from the plan alone and not by the rule. */
final class CueChoices {
    private CueChoices() {}

    /** Some cues left out, the rest in another order that prerequisites allow, and one or two meant for a lesson. */
    static UnitProblem problem(int seed) {
        Random random = new Random(9000 + seed);
        UnitProblem usual = Instances.usual(4 + seed % 5);
        List<Target> targets = new ArrayList<>();
        for (Target target : usual.targets()) targets.add(target.choosing(choice(usual, target, random)));
        return usual.with(targets);
    }

    private static CueChoice choice(UnitProblem problem, Target target, Random random) {
        CueSet set = problem.knowHow().set(target.cueSet());
        List<String> some = new ArrayList<>(problem.targetCues(target));
        Collections.shuffle(some, random);
        some = some.subList(0, Math.max(2, some.size() - random.nextInt(3)));
        List<String> order = new ArrayList<>();
        while (order.size() < some.size())
            for (String cue : some) if (!order.contains(cue) && !waits(problem, cue, some, order)) order.add(cue);
        Map<String, Integer> pins = new HashMap<>();
        List<LessonSlot> lessons = problem.lessons();
        // The first of the order early, the last of it late, so that what builds on it is never meant for before it.
        if (random.nextBoolean()) pins.put(order.get(0), random.nextInt(2));
        if (random.nextBoolean()) pins.put(order.get(order.size() - 1), 2 + random.nextInt(lessons.size() - 2));
        CueChoice choice = new CueChoice(order, pins);
        if (!choice.contradictions(set, problem.knowHow(), lessons.size()).isEmpty())
            throw new IllegalStateException("Impossible state: " + choice);
        return choice;
    }

    private static boolean waits(UnitProblem problem, String cue, List<String> some, List<String> order) {
        return problem.knowHow().cue(cue).prerequisites().stream()
                .anyMatch(b -> some.contains(b) && !order.contains(b));
    }

    /** What of the choices a plan does not keep, one sentence each. */
    static List<String> broken(Plan plan) {
        List<String> found = new ArrayList<>();
        for (Target target : plan.problem().targets()) {
            List<String> taught = new ArrayList<>();
            Map<String, Integer> lesson = new HashMap<>();
            for (Segment s : plan.all())
                for (String cue : s.introduces())
                    if (cue.startsWith(target.skill() + "/")) {
                        taught.add(cue);
                        lesson.put(cue, s.lesson());
                    }
            for (String cue : taught)
                if (!target.cues().picked().contains(cue)) found.add(cue + " was left out and is taught");
            target.cues().pins().forEach((cue, meant) -> {
                if (!meant.equals(lesson.get(cue)))
                    found.add("%s is meant for %d and taught in %s".formatted(cue, meant, lesson.get(cue)));
            });
            List<String> free = taught.stream()
                    .filter(c -> !target.cues().pins().containsKey(c))
                    .toList();
            List<String> order =
                    target.cues().picked().stream().filter(free::contains).toList();
            if (!free.equals(order)) found.add("%s instead of %s".formatted(free, order));
        }
        return found;
    }
}
