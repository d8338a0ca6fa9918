package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.group.Groups;
import io.isokinet.core.quantity.Share;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Turn;
import java.util.ArrayList;
import java.util.List;

/** Where the minutes of an activity go: tries, waiting, motion, talk, music. */
public final class Minutes {
    /** Of the time in motion, what is moderate to vigorous where the body works hard, and where it does not. Common practice. */
    private static final double HARD = 0.8;

    private static final double EASY = 0.5;

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
    public static List<Option> options(Task task, int children, int seconds, int room) {
        List<Option> options = new ArrayList<>();
        for (int groups : Groups.counts(task.activity().grouping(), children)) {
            if (groups > room) continue;
            List<Integer> sizes = Groups.sizes(children, groups);
            Turn turn = Turn.of(task, groups, children, 1);
            int tries = turn.tries(seconds);
            options.add(new Option(
                    groups,
                    sizes,
                    tries,
                    turn.waitingPercent(),
                    "%s: %d tries each in %d minutes"
                            .formatted(Groups.words("groups", sizes), tries, Math.round(seconds / 60.0))));
        }
        options.sort((a, b) -> b.tries() - a.tries());
        return options;
    }

    /**
     * The share of the minutes that is moderate to vigorous: not the same as time in motion.
     *
     * @param motionPercent of the activity
     */
    public static Share vigorous(Activity activity, int motionPercent) {
        return new Share(motionPercent / 100.0 * (activity.fast() ? HARD : EASY));
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
