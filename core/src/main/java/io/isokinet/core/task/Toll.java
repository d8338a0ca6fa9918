package io.isokinet.core.task;

import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.StepFacts.Limb;
import io.isokinet.core.quantity.Age;
import java.util.ArrayList;
import java.util.List;

/**
 * What tries take of what a child's body has only so much of.
 *
 * @param overarm throws at full effort with the preferred arm, or with whichever
 * @param otherArm the same with the other arm
 * @param pushes of more than 0.4 kg
 * @param landings at full effort
 * @param holds balances held on the preferred side
 * @param otherHolds on the other side
 */
public record Toll(int overarm, int otherArm, int pushes, int landings, int holds, int otherHolds) {
    public static final Toll NONE = new Toll(0, 0, 0, 0, 0, 0);

    /** Pushes of more than 0.4 kg a lesson: 10 to 15. Common practice, no source. */
    public static final int MOST_PUSHES = 15;
    /** Landings at full effort a lesson. Common practice, no source. */
    public static final int MOST_LANDINGS = 60;
    /** From so many holds on, one side should not have all of them. Common practice, no source. */
    public static final int MOST_ONE_SIDED = 8;
    /** One stretch has at most so much of a lesson's: a third. */
    private static final int STRETCHES = 3;

    /** Full-effort overarm throws a day: 50 to eight years, 75 to ten, 85 to twelve. Published youth-pitching limits; memory. */
    public static int mostOverarm(Age age) {
        return age.years() <= 8 ? 50 : age.years() <= 10 ? 75 : 85;
    }

    /** What so many tries at a task take. */
    public static Toll of(Task task, int tries) {
        Limb limb = task.asked().facts().limb();
        boolean other = limb == Limb.OTHER;
        boolean thrown = task.takes(Effort.THROW);
        boolean held = task.takes(Effort.HOLD);
        int preferred = limb == Limb.PREFERRED ? tries : other ? 0 : (tries + 1) / 2;
        return new Toll(
                thrown && !other ? tries : 0,
                thrown && other ? tries : 0,
                task.takes(Effort.PUSH) ? tries : 0,
                task.takes(Effort.LAND) ? tries : 0,
                held ? preferred : 0,
                held ? tries - preferred : 0);
    }

    /** The most tries that a child is given at a task in one stretch, however long it is. */
    public static int most(Task task) {
        Limb limb = task.asked().facts().limb();
        int most = Integer.MAX_VALUE;
        if (task.takes(Effort.THROW)) most = mostOverarm(task.age()) / STRETCHES;
        if (task.takes(Effort.PUSH)) most = Math.min(most, MOST_PUSHES / STRETCHES);
        if (task.takes(Effort.LAND)) most = Math.min(most, MOST_LANDINGS / STRETCHES);
        if (task.takes(Effort.HOLD) && (limb == Limb.PREFERRED || limb == Limb.OTHER))
            most = Math.min(most, MOST_ONE_SIDED);
        return most;
    }

    public Toll and(Toll more) {
        return new Toll(
                overarm + more.overarm,
                otherArm + more.otherArm,
                pushes + more.pushes,
                landings + more.landings,
                holds + more.holds,
                otherHolds + more.otherHolds);
    }

    /** How much is too much in one lesson, in tries. */
    public int over(Age age) {
        int most = mostOverarm(age);
        return Math.max(0, overarm - most)
                + Math.max(0, otherArm - most)
                + Math.max(0, pushes - MOST_PUSHES)
                + Math.max(0, landings - MOST_LANDINGS)
                + Math.max(0, Math.abs(holds - otherHolds) - MOST_ONE_SIDED);
    }

    /** Of a limit, so much is taken without a thought; what is above it comes near. Common practice, no source. */
    public static int roomy(int most) {
        return most * 4 / 5;
    }

    /** How much comes near a limit in one lesson, in tries above four fifths of it. */
    public int near(Age age) {
        int throwing = roomy(mostOverarm(age));
        return Math.max(0, overarm - throwing)
                + Math.max(0, otherArm - throwing)
                + Math.max(0, pushes - roomy(MOST_PUSHES))
                + Math.max(0, landings - roomy(MOST_LANDINGS));
    }

    /** What is too much in one lesson, with the bound and what to do. */
    public List<String> findings(Age age) {
        List<String> found = new ArrayList<>();
        int most = mostOverarm(age);
        for (int arm : new int[] {overarm, otherArm})
            if (arm > most)
                found.add(
                        "%d overarm throws each with one arm; at %d years at most %d a day at full effort. Throw softer, or take turns."
                                .formatted(arm, age.years(), most));
        if (Math.abs(holds - otherHolds) > MOST_ONE_SIDED)
            found.add("%d holds on one side and %d on the other: change sides after every hold."
                    .formatted(Math.max(holds, otherHolds), Math.min(holds, otherHolds)));
        if (pushes > MOST_PUSHES)
            found.add(
                    "%d pushes of more than 0.4 kg each; 10 to 15 a lesson are enough. Shorten it or take lighter balls."
                            .formatted(pushes));
        if (landings > MOST_LANDINGS)
            found.add("%d jumps each; up to %d a lesson at full effort. Rest between, or make it shorter."
                    .formatted(landings, MOST_LANDINGS));
        return found;
    }

    /** Why no more tries are given at a task in one stretch: "At most 16 each: full-effort throws are at most 50 a day at 8 years." */
    static String why(Task task) {
        int most = most(task);
        String bound = task.takes(Effort.PUSH)
                ? "pushes of more than 0.4 kg are at most %d a lesson".formatted(MOST_PUSHES)
                : task.takes(Effort.THROW)
                        ? "full-effort throws are at most %d a day at %d years"
                                .formatted(mostOverarm(task.age()), task.age().years())
                        : task.takes(Effort.LAND)
                                ? "full-effort landings are at most %d a lesson".formatted(MOST_LANDINGS)
                                : "after %d holds the sides change".formatted(MOST_ONE_SIDED);
        return "At most %d each, then they watch, fetch or feed: %s.".formatted(most, bound);
    }
}
