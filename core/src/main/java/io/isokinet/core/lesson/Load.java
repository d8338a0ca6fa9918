package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.task.Toll;
import java.util.ArrayList;
import java.util.List;

/**
 * What a child's body does in a lesson, and what of it is too much.
 *
 * @param metres run
 * @param fastMinutes spent on fast work
 * @param flags what lies outside the stated bounds, each with the bound and what to do
 */
public record Load(Toll toll, int metres, int fastMinutes, List<String> flags) {
    /** Of a warm-up, minutes of fast running. Common practice. */
    private static final int MOST_FAST_WARM = 5;
    /** A child runs about so fast in a game. Common practice. */
    private static final double METRES_A_SECOND = 2;

    public Load {
        flags = List.copyOf(flags);
    }

    /**
     * A stretch of a lesson.
     *
     * @param toll what its tries take
     * @param warm true for a warm-up
     */
    public record Part(Activity activity, Toll toll, int minutes, int motionPercent, boolean warm) {}

    public static Load of(List<Part> parts, Age age) {
        Toll toll = parts.stream().map(Part::toll).reduce(Toll.NONE, Toll::and);
        int fast = parts.stream()
                .filter(p -> p.activity().fast())
                .mapToInt(Part::minutes)
                .sum();
        int warm = parts.stream()
                .filter(p -> p.warm() && p.activity().fast())
                .mapToInt(Part::minutes)
                .sum();
        double metres = parts.stream()
                .filter(p -> p.activity().fast() || p.activity().cautions().contains("running"))
                .mapToDouble(p -> p.minutes() * 60 * p.motionPercent() / 100.0 * METRES_A_SECOND)
                .sum();
        List<String> flags = new ArrayList<>(toll.findings(age));
        if (warm > MOST_FAST_WARM)
            flags.add("%d minutes of fast running before anything else: warm up at an easy pace, fast for at most %d."
                    .formatted(warm, MOST_FAST_WARM));
        return new Load(toll, (int) Math.round(metres / 10) * 10, fast, flags);
    }
}
