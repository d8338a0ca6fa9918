package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.group.Groups;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Share;
import java.util.ArrayList;
import java.util.List;

/** Where the minutes of an activity go: tries, waiting, motion, talk, music. */
public final class Minutes {
    /** Of the time in motion, what is moderate to vigorous where the body works hard, and where it does not. Common practice. */
    private static final double HARD = 0.8;

    private static final double EASY = 0.5;
    /** What a child of an age listens to at once: five seconds a year. Common practice. */
    private static final int LISTENS = 5;

    private Minutes() {}

    /**
     * One way to group an activity.
     *
     * @param tries a child gets in the minutes
     * @param waitingPercent share of the time in which a child waits for a turn
     */
    public record Option(int groups, List<Integer> sizes, int tries, int waitingPercent, String words) {
        public Option {
            sizes = List.copyOf(sizes);
        }
    }

    /**
     * What other numbers of groups would give, the most tries first.
     *
     * @param seconds in which it is done, the change into it taken off
     * @param room groups that the floor has room for
     */
    public static List<Option> options(Activity activity, int children, int seconds, int room) {
        List<Option> options = new ArrayList<>();
        for (int groups : Groups.counts(activity.grouping(), children)) {
            if (groups > room) continue;
            List<Integer> sizes = Groups.sizes(children, groups);
            int tries = seconds * Fitter.milliTriesPerMinute(activity, sizes.get(0), children) / 60_000;
            options.add(new Option(
                    groups,
                    sizes,
                    tries,
                    waiting(activity, sizes.get(0)).percent(),
                    "%s: %d tries each in %d minutes"
                            .formatted(Groups.words("groups", sizes), tries, Math.round(seconds / 60.0))));
        }
        options.sort((a, b) -> b.tries() - a.tries());
        return options;
    }

    /** The share of time in which a child of the largest group waits for a turn: all but its own in a queue, or where one of a pair acts. */
    public static Share waiting(Activity activity, int largestGroup) {
        Formation formation = activity.grouping().formation();
        TurnCycle cycle = activity.cycle();
        boolean inTurn = formation.queues()
                || formation == Formation.WALL
                || formation == Formation.STATIONS
                || formation == Formation.PAIRS && cycle != null && cycle.acts() == TurnCycle.Acts.ONE;
        return inTurn && largestGroup > 1 ? new Share(1 - 1.0 / largestGroup) : Share.NONE;
    }

    /**
     * The share of the minutes that is moderate to vigorous: not the same as time in motion.
     *
     * @param motionPercent of the activity
     */
    public static Share vigorous(Activity activity, int motionPercent) {
        return new Share(motionPercent / 100.0 * (activity.fast() ? HARD : EASY));
    }

    /** The longest explanation that is listened to, in seconds. */
    public static int explanation(Age age) {
        return LISTENS * age.years();
    }

    /**
     * How long music must last for a count.
     *
     * @param beats a minute, more than zero
     */
    public static int music(int counts, int beats) {
        if (counts < 0 || beats < 1)
            throw new IllegalArgumentException(
                    "Music needs a count of zero or more (%d) and beats of one or more a minute (%d)."
                            .formatted(counts, beats));
        return (int) Math.ceil(counts * 60.0 / beats);
    }
}
