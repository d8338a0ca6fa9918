package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Wishes;

/**
 * One rule of a unit: its key, its level, what one of its counts weighs, a name that people see, and a sentence for each place where
 * a plan breaks or strains it. Judged thousands of times while planning.
 */
public abstract class Rule {
    /** How much a rule matters: a plan that breaks a hard one is never shown as good. */
    public enum Level {
        HARD,
        MEDIUM,
        SOFT
    }

    /** A soft rule may be set from 0 to this. */
    public static final int MOST_WEIGHT = 100;

    /** How many times as much a rule costs that is wished for outright. */
    private static final int WISHED = 4;

    private final String key;
    private final Level level;
    private final int weight;
    private final String name;

    /**
     * @param key a slug that is stored with units and never changes, whatever the class is called
     * @param weight what one of its own counts costs, at its level; ten soft points are one missed exposure, the others say how much
     *     of that a teacher would give for them. Common practice, no source
     * @param name a sentence that people see
     */
    Rule(String key, Level level, int weight, String name) {
        this.key = key;
        this.level = level;
        this.weight = weight;
        this.name = name;
    }

    /** A slug that stays the same, for settings and exchange. */
    public final String key() {
        return key;
    }

    public final String name() {
        return name;
    }

    public final Level level() {
        return level;
    }

    /** What one of its counts costs unless wished otherwise. */
    public final int weight() {
        return weight;
    }

    /** What one of its counts costs under some wishes. */
    public final int weight(Wishes wishes) {
        Integer own = wishes.weights().get(key);
        if (own != null) return own;
        return isWished(wishes) ? WISHED * weight : weight;
    }

    /** Whether it is wished for outright. */
    boolean isWished(Wishes wishes) {
        return false;
    }

    /** Tells each strain. */
    public abstract void judge(Plan plan, Strains strains);
}
