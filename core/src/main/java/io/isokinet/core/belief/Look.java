package io.isokinet.core.belief;

import io.isokinet.core.mastery.Setting;

/**
 * One look, as it counts for belief.
 *
 * @param child and {@code cue} by their keys
 * @param day when, in days from any day
 * @param task difficulty of what the child was doing, in logits beside plain practice: positive is harder
 */
public record Look(String child, String cue, boolean shown, double day, double task, Eye eye) {
    private static final double HARDER_IN_A_GAME = 0.5;
    private static final double EASIER_AS_A_SHAPE = 0.5;

    /**
     * How hard it is to show a cue there: in a game harder than in a drill, as a shape without the rest easier. Common practice, no
     * source.
     */
    public static double task(Setting setting) {
        return switch (setting) {
            case GAME -> HARDER_IN_A_GAME;
            case DRILL -> 0;
            case SHAPE -> -EASIER_AS_A_SHAPE;
        };
    }

    /** In plain practice, by a usual eye. */
    public Look(String child, String cue, boolean shown, double day) {
        this(child, cue, shown, day, 0, Eye.USUAL);
    }
}
