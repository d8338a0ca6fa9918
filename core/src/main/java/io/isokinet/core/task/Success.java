package io.isokinet.core.task;

import io.isokinet.core.aim.Band;
import io.isokinet.core.quantity.Share;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The share of tries that succeed at a task, and where the figure comes from. There is none where the scoring has no success: what
 * goes far, nearest, or past another child.
 *
 * @param share 0 to 1; null for no figure
 * @param says one sentence with its numbers, put into words only where it is read: the planner asks thousands of times for the share alone
 */
public record Success(@Nullable Double share, Source source, Supplier<String> says) {
    /** Where a figure comes from. */
    public enum Source {
        /** Worked out from the aim, the pace and the floor. */
        AIM,
        /** A default by age and rung, that the class's own tries replace. */
        SCALE,
        NONE
    }

    /** One sentence with its numbers. */
    public String reason() {
        return says.get();
    }

    static Success none(String reason) {
        return new Success(null, Source.NONE, () -> reason);
    }

    /** The normal distribution in twenty equal parts, by the middle of each. */
    private static final double[] TWENTIETHS = {
        -1.960, -1.440, -1.150, -0.935, -0.755, -0.598, -0.454, -0.319, -0.189, -0.063, 0.063, 0.189, 0.319, 0.454,
        0.598, 0.755, 0.935, 1.150, 1.440, 1.960
    };

    /**
     * The share of a class for whom a task lies in the band: children differ about the usual child of their age, in aim and pace where
     * they are worked out and in skill for everything else.
     *
     * @return null for no figure
     */
    public static @Nullable Share inBand(Task task, Band band) {
        return inBand(task, band, Chances::of);
    }

    /** The same for how hard a task is where nothing can be hit or missed: by the scale of difficulty, which is never shown as success. */
    public static @Nullable Share challenge(Task task, Band band) {
        Share told = inBand(task, band);
        return told == null ? inBand(task, band, Chances::difficulty) : told;
    }

    private static @Nullable Share inBand(Task task, Band band, BiFunction<Task, Double, Success> chance) {
        int inside = 0;
        for (double z : TWENTIETHS) {
            Double share = chance.apply(task, z).share();
            if (share == null) return null;
            if (band.holds(share)) inside++;
        }
        return Share.of(inside, TWENTIETHS.length);
    }
}
