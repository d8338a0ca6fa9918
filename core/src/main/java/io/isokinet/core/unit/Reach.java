package io.isokinet.core.unit;

import io.isokinet.core.activity.LessonPhase;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How far the ladder of each skill can be climbed here: with the things, the places, the age and the number of children of one unit. A
 * rung without an activity that fits counts as climbed.
 */
public final class Reach {
    /** No ladder is longer. */
    public static final int TOP = 6;

    /** Where nothing is known of what fits: every rung can be stepped on, and every skill played. */
    public static final Reach WHOLE = new Reach(Map.of(), Map.of(), Map.of(), Set.of(), Map.of(), true);

    private final Map<String, boolean[]> rungs;
    private final Map<String, Integer> drilled;
    private final Map<String, Integer> played;
    private final Set<String> taught;
    private final Map<String, Integer> many;
    private final boolean whole;

    private Reach(
            Map<String, boolean[]> rungs,
            Map<String, Integer> drilled,
            Map<String, Integer> played,
            Set<String> taught,
            Map<String, Integer> many,
            boolean whole) {
        this.rungs = rungs;
        this.drilled = drilled;
        this.played = played;
        this.taught = taught;
        this.many = many;
        this.whole = whole;
    }

    /**
     * @param fitting what fits somewhere in the unit, at any setting
     * @param cues the target cues, by index
     */
    static Reach of(Iterable<Candidate> fitting, List<String> cues) {
        Map<String, boolean[]> rungs = new HashMap<>();
        Map<String, Integer> drilled = new HashMap<>();
        Map<String, Integer> played = new HashMap<>();
        Set<String> taught = new HashSet<>();
        Map<String, Set<String>> different = new HashMap<>();
        for (Candidate c : fitting) {
            String skill = c.activity().skill();
            if (skill == null) continue;
            different
                    .computeIfAbsent(skill, k -> new HashSet<>())
                    .add(c.activity().key());
            rungs.computeIfAbsent(skill, k -> new boolean[TOP + 1])[c.level()] = true;
            if (c.activity().serves(LessonPhase.TEACH)) for (int cue : c.hosts()) taught.add(cues.get(cue));
            if (c.activity().isGame()) played.merge(skill, c.level(), Math::min);
            else drilled.merge(skill, c.level(), Math::max);
        }
        Map<String, Integer> many = new HashMap<>();
        different.forEach((skill, keys) -> many.put(skill, keys.size()));
        return new Reach(rungs, drilled, played, taught, many, false);
    }

    /** The highest rung with an activity that fits; 0 for none. */
    public int highest(String skill) {
        if (whole) return TOP;
        boolean[] there = rungs.get(skill);
        for (int level = TOP; there != null && level > 0; level--) if (there[level]) return level;
        return 0;
    }

    /** The highest rung with a drill that fits; 0 for none. */
    public int highestDrill(String skill) {
        return whole ? TOP : drilled.getOrDefault(skill, 0);
    }

    /** True if a drill that fits here can introduce a cue. */
    public boolean teaches(String cue) {
        return whole || taught.contains(cue);
    }

    /** How many different drills and games of a skill fit; a very large number where nothing is known. */
    public int many(String skill) {
        return whole ? Integer.MAX_VALUE : many.getOrDefault(skill, 0);
    }

    /** True if a game of the skill fits. */
    public boolean isPlayed(String skill) {
        return whole || played.containsKey(skill);
    }

    /**
     * Rungs to drill, one after the other, before a skill can be played at all.
     *
     * @param base the rung that was reached before
     * @param climb rungs that may be climbed at once
     */
    public int drillsToPlay(String skill, int base, int climb) {
        int drills = 0;
        for (int at = needed(skill, played.getOrDefault(skill, 0), climb); at > base; at = needed(skill, at, climb))
            drills++;
        return drills;
    }

    /**
     * The rung that must have been reached before one is stepped on: as many below it as may be climbed at once, of those that there
     * are.
     *
     * @param climb rungs that may be climbed at once
     * @return 0 if none
     */
    public int needed(String skill, int level, int climb) {
        if (whole) return Math.max(0, level - climb);
        boolean[] there = rungs.get(skill);
        int left = climb;
        for (int below = level - 1; below > 0; below--)
            if ((there == null || there[below]) && --left == 0) return below;
        return 0;
    }
}
