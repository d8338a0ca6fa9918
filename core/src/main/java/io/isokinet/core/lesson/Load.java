package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.task.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What a child's body does in a lesson, and what of it is too much.
 *
 * @param overarm throws at full effort with the preferred arm
 * @param otherArm the same with the other arm
 * @param heavy pushes and throws of more than 0.4 kg
 * @param jumps at full effort
 * @param holds balances held on the preferred side
 * @param otherHolds on the other side
 * @param metres run
 * @param fastMinutes spent on fast work
 * @param flags what lies outside the stated bounds, each with the bound and what to do
 */
public record Load(
        int overarm,
        int otherArm,
        int heavy,
        int jumps,
        int holds,
        int otherHolds,
        int metres,
        int fastMinutes,
        List<String> flags) {
    /** Pushes of more than 0.4 kg a lesson. Common practice. */
    public static final int MOST_HEAVY = 15;
    /** Jumps at full effort a lesson. Common practice. */
    public static final int MOST_JUMPS = 60;
    /** Of a warm-up, minutes of fast running. Common practice. */
    private static final int MOST_FAST_WARM = 5;
    /** A child runs about so fast in a game. Common practice. */
    private static final double METRES_A_SECOND = 2;

    public Load {
        flags = List.copyOf(flags);
    }

    /** From so many holds on, one side should not have all of them. Common practice. */
    private static final int ONE_SIDED = 8;

    /**
     * A stretch of a lesson.
     *
     * @param tries a child gets
     * @param warm true for a warm-up
     */
    public record Part(Task task, int minutes, int tries, int motionPercent, boolean warm) {
        /** True if the setting asks for the other hand or leg. */
        boolean otherSide() {
            return limb() == StepFacts.Limb.OTHER;
        }

        /** True if the setting asks for the preferred hand or leg; what says neither goes in turn. */
        boolean preferredSide() {
            return limb() == StepFacts.Limb.PREFERRED;
        }

        private StepFacts.@Nullable Limb limb() {
            return task.asked().facts().limb();
        }

        boolean held() {
            return task.takes(Effort.HOLD);
        }

        Activity activity() {
            return task.activity();
        }
    }

    public static Load of(List<Part> parts, Age age) {
        Predicate<Part> overarms = p -> p.task().takes(Effort.THROW);
        int overarm = sum(parts, overarms.and(p -> !p.otherSide()));
        int otherArm = sum(parts, overarms.and(Part::otherSide));
        int heavy = sum(parts, p -> p.task().takes(Effort.PUSH));
        int jumps = sum(parts, p -> p.task().takes(Effort.LAND));
        int inTurn = sum(parts, p -> p.held() && !p.otherSide() && !p.preferredSide());
        int holds = sum(parts, p -> p.held() && p.preferredSide()) + (inTurn + 1) / 2;
        int otherHolds = sum(parts, p -> p.held() && p.otherSide()) + inTurn / 2;
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
        for (int arm : new int[] {overarm, otherArm})
            if (arm > most)
                flags.add(
                        "%d overarm throws each with one arm; at %d years at most %d a day at full effort. Throw softer, or take turns."
                                .formatted(arm, age.years(), most));
        if (Math.abs(holds - otherHolds) > ONE_SIDED)
            flags.add("%d holds on one side and %d on the other: change sides after every hold."
                    .formatted(Math.max(holds, otherHolds), Math.min(holds, otherHolds)));
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
        return new Load(
                overarm, otherArm, heavy, jumps, holds, otherHolds, (int) Math.round(metres / 10) * 10, fast, flags);
    }

    private static int sum(List<Part> parts, Predicate<Part> which) {
        return parts.stream().filter(which).mapToInt(Part::tries).sum();
    }

    /** Full-effort overarm throws a day: 50 to eight years, 75 to ten, 85 to twelve. Published youth-pitching limits; memory. */
    public static int mostOverarm(Age age) {
        return age.years() <= 8 ? 50 : age.years() <= 10 ? 75 : 85;
    }
}
