package io.isokinet.core.unit;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.unit.rule.LittleChanges;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.stream.Collectors;

/**
 * Everything a unit is planned from.
 *
 * @param lessons 1 to 16
 * @param targets one to four skills, each once
 * @param cues what the records say, by cue key; cues left out are new
 * @param reached the level each skill reached before, by skill key; skills left out start at the bottom
 * @param policy what the school makes of the usual cautions
 * @param done activities that the class has done before this unit
 * @param before the activities of each lesson as it was planned before, which a replan changes only for a reason; empty for a new
 *     unit
 * @param locks what must stay, by position in each lesson; taught lessons are all locks
 */
public record UnitProblem(
        ClassProfile profile,
        List<LessonSlot> lessons,
        List<Target> targets,
        Map<String, CueState> cues,
        Map<String, Integer> reached,
        KnowHow knowHow,
        Cupboard cupboard,
        Wishes wishes,
        Policy policy,
        Set<String> done,
        List<List<Choice>> before,
        List<SortedMap<Integer, Choice>> locks) {
    public static final int MOST_LESSONS = 16;

    public static final int MOST_TARGETS = 4;
    private static final SortedMap<Integer, Choice> NO_LOCKS = Collections.emptySortedMap();

    /** Of a school that takes the usual cautions as they are. */
    public UnitProblem(
            ClassProfile profile,
            List<LessonSlot> lessons,
            List<Target> targets,
            Map<String, CueState> cues,
            Map<String, Integer> reached,
            KnowHow knowHow,
            Cupboard cupboard,
            Wishes wishes,
            List<SortedMap<Integer, Choice>> locks) {
        this(
                profile,
                lessons,
                targets,
                cues,
                reached,
                knowHow,
                cupboard,
                wishes,
                Policy.USUAL,
                Set.of(),
                List.of(),
                locks);
    }

    public UnitProblem {
        lessons = List.copyOf(lessons);
        targets = List.copyOf(targets);
        cues = Map.copyOf(cues);
        reached = Map.copyOf(reached);
        done = Set.copyOf(done);
        before = before.stream().map(List::copyOf).toList();
        if (lessons.isEmpty() || lessons.size() > MOST_LESSONS)
            throw new IllegalArgumentException(
                    "A unit has 1 to %d lessons; %d were given.".formatted(MOST_LESSONS, lessons.size()));
        if (targets.isEmpty() || targets.size() > MOST_TARGETS)
            throw new IllegalArgumentException(
                    "A unit has 1 to %d skills; %d were given.".formatted(MOST_TARGETS, targets.size()));
        if (targets.stream().map(Target::skill).distinct().count() < targets.size())
            throw new IllegalArgumentException("A skill was given twice; give each once.");
        if (profile.children() < 1)
            throw new IllegalArgumentException("The class has nobody in it; add children first.");
        if (locks.isEmpty()) locks = lessons.stream().map(l -> NO_LOCKS).toList();
        if (locks.size() != lessons.size())
            throw new IllegalArgumentException(
                    "Impossible state: locks for %d of %d lessons.".formatted(locks.size(), lessons.size()));
    }

    /** Children in a lesson: those of the class, and those who come along. */
    public int children(int lesson) {
        return profile.children() + lessons.get(lesson).guests();
    }

    /** The same with other wishes and locks. */
    UnitProblem with(Wishes otherWishes, List<SortedMap<Integer, Choice>> otherLocks) {
        return new UnitProblem(
                profile,
                lessons,
                targets,
                cues,
                reached,
                knowHow,
                cupboard,
                otherWishes,
                policy,
                done,
                before,
                otherLocks);
    }

    /** The same with other skills, or other decisions about their cues. */
    public UnitProblem with(List<Target> otherTargets) {
        return new UnitProblem(
                profile, lessons, otherTargets, cues, reached, knowHow, cupboard, wishes, policy, done, before, locks);
    }

    /** The same with one of its lessons in another place, of other minutes or with other kit. */
    public UnitProblem with(int lesson, LessonSlot other) {
        List<LessonSlot> slots = new ArrayList<>(lessons);
        slots.set(lesson, other);
        return new UnitProblem(
                profile, slots, targets, cues, reached, knowHow, cupboard, wishes, policy, done, before, locks);
    }

    /** The same, where what stands may be changed for nothing: other wishes were made, and they count. */
    public UnitProblem freely() {
        Map<String, Integer> weights = new HashMap<>(wishes.weights());
        weights.put(LittleChanges.KEY, 0);
        return with(wishes.weighing(weights), locks);
    }

    /** The same, planned again where something stands. */
    public UnitProblem after(List<List<Choice>> stands) {
        return new UnitProblem(
                profile, lessons, targets, cues, reached, knowHow, cupboard, wishes, policy, done, stands, locks);
    }

    /** The same, whatever was planned before: so that plans are judged by themselves. */
    public UnitProblem alone() {
        if (before.isEmpty()) return this;
        return new UnitProblem(
                profile, lessons, targets, cues, reached, knowHow, cupboard, wishes, policy, done, List.of(), locks);
    }

    /**
     * The cues to teach, in the order of each set, that are asked for at the age of the class; for a class that is younger than all
     * of them the first that are asked for at all.
     */
    public List<String> targetCues() {
        List<String> keys = new ArrayList<>();
        for (Target target : targets) keys.addAll(targetCues(target));
        return keys;
    }

    public List<String> targetCues(Target target) {
        if (target.cues().isOrdered()) return target.cues().picked();
        List<Cue> set =
                knowHow.set(target.cueSet()).cues().stream().map(knowHow::cue).toList();
        int youngest = set.stream().mapToInt(Cue::fromAge).min().orElse(0);
        int age = Math.max(youngest, profile.age().years());
        return set.stream().filter(cue -> cue.fromAge() <= age).map(Cue::key).toList();
    }

    /** What a cue builds on, but for what the teacher left out. */
    public List<String> buildsOn(String cue) {
        List<String> before = knowHow.cue(cue).prerequisites();
        for (Target target : targets)
            if (target.cues().isOrdered() && target.cues().picked().contains(cue))
                return before.stream()
                        .filter(b -> target.cues().picked().contains(b)
                                || state(b).taught()
                                || !knowHow.set(target.cueSet()).cues().contains(b))
                        .toList();
        return before;
    }

    /**
     * The lesson in which the teacher wants a cue introduced, as an index from 0; -1 if she leaves it open, the cue was taught before, or
     * that lesson was given.
     */
    public int pin(String cue) {
        for (Target target : targets) {
            Integer lesson = target.cues().pins().get(cue);
            if (lesson == null) continue;
            return lesson >= lessons.size()
                            || lessons.get(lesson).kept()
                            || state(cue).taught()
                    ? -1
                    : lesson;
        }
        return -1;
    }

    /** Cues that the teacher wants introduced in a lesson. */
    public int pinned(int lesson) {
        int many = 0;
        for (Target target : targets) for (String cue : target.cues().pins().keySet()) if (pin(cue) == lesson) many++;
        return many;
    }

    /**
     * The number that people know a lesson by.
     *
     * @param lesson index from 0
     */
    public int number(int lesson) {
        int number = lessons.get(lesson).number();
        return number > 0 ? number : lesson + 1;
    }

    /** The share of practice and play that a skill should get, in per cent. */
    public double sharePercent(Target target) {
        return 100.0 * target.share() / targets.stream().mapToInt(Target::share).sum();
    }

    public CueState state(String cue) {
        return cues.getOrDefault(cue, CueState.NEW);
    }

    /** The skills of which the class was taught nothing before: what children of its age can usually do is not yet theirs. */
    public Set<String> fresh() {
        return targets.stream()
                .map(Target::skill)
                .filter(skill -> knowHow.skill(skill).cues().stream()
                        .noneMatch(cue -> state(cue.key()).taught()))
                .collect(Collectors.toSet());
    }

    /** Index of the last lesson in which a cue should be introduced: ceil(2L/3) lessons from the first. */
    public int lastIntroLesson() {
        return (2 * lessons.size() + 2) / 3 - 1;
    }
}
