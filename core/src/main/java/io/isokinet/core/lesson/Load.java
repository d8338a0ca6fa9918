package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.quantity.Age;
import java.util.ArrayList;
import java.util.List;

/**
 * What a child's body does in a lesson, and what of it is too much.
 *
 * @param overarm throws at full effort with one arm
 * @param heavy pushes and throws of more than 0.4 kg
 * @param jumps at full effort
 * @param metres run
 * @param fastMinutes spent on fast work
 * @param flags what lies outside the stated bounds, each with the bound and what to do
 */
public record Load(int overarm, int heavy, int jumps, int metres, int fastMinutes, List<String> flags) {
    /** Pushes of more than 0.4 kg a lesson. Common practice. */
    private static final int MOST_HEAVY = 15;
    /** Jumps at full effort a lesson. Common practice. */
    private static final int MOST_JUMPS = 60;
    /** Of a warm-up, minutes of fast running. Common practice. */
    private static final int MOST_FAST_WARM = 5;
    /** A child runs about so fast in a game. Common practice. */
    private static final double METRES_A_SECOND = 2;

    public Load {
        flags = List.copyOf(flags);
    }

    /** A stretch of a lesson. @param tries a child gets @param warm true for a warm-up */
    public record Part(Activity activity, int minutes, int tries, int motionPercent, boolean warm) {}

    public static Load of(List<Part> parts, Age age) {
        int overarm = sum(parts, "throwing-arm");
        int heavy = sum(parts, "heavy");
        int jumps = sum(parts, "landing");
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
        List<String> flags = new ArrayList<>();
        int most = mostOverarm(age);
        if (overarm > most)
            flags.add(
                    "%d overarm throws each; at %d years at most %d a day at full effort. Throw softer, or take turns."
                            .formatted(overarm, age.years(), most));
        if (heavy > MOST_HEAVY)
            flags.add(
                    "%d pushes of more than 0.4 kg each; 10 to 15 a lesson are enough. Shorten it or take lighter balls."
                            .formatted(heavy));
        if (jumps > MOST_JUMPS)
            flags.add("%d jumps each; up to %d a lesson at full effort. Rest between, or make it shorter."
                    .formatted(jumps, MOST_JUMPS));
        if (warm > MOST_FAST_WARM)
            flags.add("%d minutes of fast running before anything else: warm up at an easy pace, fast for at most %d."
                    .formatted(warm, MOST_FAST_WARM));
        return new Load(overarm, heavy, jumps, (int) Math.round(metres / 10) * 10, fast, flags);
    }

    private static int sum(List<Part> parts, String caution) {
        return parts.stream()
                .filter(p -> p.activity().cautions().contains(caution))
                .mapToInt(Part::tries)
                .sum();
    }

    /** Full-effort overarm throws a day: 50 to eight years, 75 to ten, 85 to twelve. Published youth-pitching limits; memory. */
    public static int mostOverarm(Age age) {
        return age.years() <= 8 ? 50 : age.years() <= 10 ? 75 : 85;
    }
}
