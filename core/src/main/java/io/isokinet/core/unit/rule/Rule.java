package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Strains;
import java.util.Locale;

/**
 * One rule of a unit: a name that people see, a level, and a sentence for each place where a plan breaks or strains it. What one
 * of its counts weighs stands in {@link io.isokinet.core.unit.Weights}. Judged thousands of times while planning.
 */
public abstract class Rule {
    /** How much a rule matters: a plan that breaks a hard one is never shown as good. */
    public enum Level {
        HARD,
        MEDIUM,
        SOFT
    }

    private final Level level;
    private final String name;
    private final String key;

    Rule(Level level, String name) {
        this.level = level;
        this.name = name;
        this.key = getClass().getSimpleName().replaceAll("(?<=.)([A-Z])", "-$1").toLowerCase(Locale.ROOT);
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

    /** Tells each strain. */
    public abstract void judge(Plan plan, Strains strains);
}
