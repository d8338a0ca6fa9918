package io.isokinet.core.task;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.activity.TurnCycle.Acts;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Need;
import java.util.List;

/**
 * Turns at an activity: tries, waiting and motion, from one count of who shares a turn.
 *
 * @param seconds of one turn; 0 where nobody takes turns
 * @param sharers how many share one turn, on average over the groups, at least 1
 * @param milliTries tries a child gets in a minute, in thousandths; 0 where nothing is tried
 * @param waitingPercent of the time in which a child waits for a turn or watches
 * @param motionPercent of the time in which a child is in motion; never more than what waiting leaves
 */
public record Turn(int seconds, double sharers, int milliTries, int waitingPercent, int motionPercent) {
    /** What a child of an age listens to at once: five seconds a year. Common practice. */
    private static final int LISTENS = 5;

    /** A pair or two more or less are not worth saying. */
    private static final double SHARED = 1.25;

    /**
     * In a queue, at a station and where parts are played one child of a group has a turn at a time; a pair has two tries in a turn
     * there and back, unless one of them acts and the other feeds or watches; a ring, two sides and a scramble have as many at a
     * time as there are things to send.
     *
     * @param needs as they are at the setting
     * @param missed share of the goes that fail, 0 to 1
     * @param groups they are in
     * @param children in the class
     * @param waves how many take turns with the kit; 1 if all work at once
     */
    public static Turn of(Activity activity, List<Need> needs, double missed, int groups, int children, int waves) {
        return of(activity, needs, missed, 0, groups, children, waves);
    }

    private static Turn of(
            Activity activity, List<Need> needs, double missed, double longer, int groups, int children, int waves) {
        TurnCycle cycle = activity.cycle();
        Formation formation = activity.grouping().formation();
        double group = (double) children / groups;
        double sharers =
                switch (formation.sharing()) {
                    case NOBODY -> 1;
                    case GROUP -> group;
                    case PAIR -> cycle != null && cycle.acts() == Acts.ONE ? group : group / 2;
                    case THINGS_OF_GROUP -> perObject(needs, Need.Per.GROUP, group);
                    case THINGS_OF_CLASS -> perObject(needs, Need.Per.CLASS, children);
                };
        sharers *= waves;
        double seconds = cycle == null ? 0 : Math.max(1, cycle.seconds(missed) + cycle.goes() * longer);
        int milli = cycle == null || seconds == 0
                ? 0
                : (int) Math.round(60_000.0 * activity.triesPerTurn() * cycle.goes() / (seconds * sharers));
        int waiting = waits(activity, waves) && sharers > 1 ? (int) Math.round(100 * (1 - 1 / sharers)) : 0;
        return new Turn(
                (int) Math.round(seconds), sharers, milli, waiting, Math.min(moves(formation, group), 100 - waiting));
    }

    /** Turns at a task, with the misses that are to be expected. */
    public static Turn of(Task task, int groups, int children, int waves) {
        TurnCycle cycle = task.activity().cycle();
        double missed = cycle == null || cycle.miss() == 0 ? 0 : task.missed();
        return of(task.activity(), task.needs(), missed, task.longer(), groups, children, waves);
    }

    /** True if who has no turn waits; elsewhere all have something to do. */
    private static boolean waits(Activity activity, int waves) {
        Formation formation = activity.grouping().formation();
        TurnCycle cycle = activity.cycle();
        return waves > 1
                || formation.is(Formation.Is.WAITING)
                        && (cycle != null || formation.sharing() == Formation.Sharing.GROUP)
                || cycle != null && formation.sharing() == Formation.Sharing.PAIR && cycle.acts() == Acts.ONE;
    }

    /** Lanes run from 45 % with two in a lane down to 25 % with six; the other formations keep their usual figure. */
    private static int moves(Formation formation, double group) {
        return formation.queues()
                ? Math.max(25, Math.min(45, (int) Math.round(55 - 5 * group)))
                : formation.motionPercent();
    }

    /** How many share one thing that is sent, at least one; one where nothing is. */
    private static double perObject(List<Need> needs, Need.Per per, double sharers) {
        int objects = needs.stream()
                .filter(n -> n.role() == Need.Role.SENT && n.per() == per)
                .mapToInt(Need::count)
                .sum();
        return objects == 0 ? 1 : Math.max(1, sharers / objects);
    }

    /** Tries in so many seconds of work. */
    public int tries(int working) {
        return (int) ((long) Math.max(0, working) * milliTries / 60_000);
    }

    /**
     * Seconds of a stretch that are left to work in.
     *
     * @param minutes the change into it included
     * @param change seconds of changing into it
     * @param worn seconds of putting on what is worn
     * @param talk seconds of telling it and of freezes
     */
    public static int working(int minutes, int change, int worn, int talk) {
        return Math.max(0, minutes * 60 - change - worn - talk);
    }

    /** Seconds in which an activity is told and shown: what is listened to at this age, for what is practised or played. */
    public static int telling(Activity activity, Age age) {
        return activity.worksOnSkill() ? explanation(age) : 0;
    }

    /** The longest explanation that is listened to, in seconds. */
    public static int explanation(Age age) {
        return LISTENS * age.years();
    }

    /** In words: "A turn takes about 7 s and 4 share it: 2.1 tries a child each minute." */
    public String words() {
        String tries = Words.say("%.1f tries a child each minute", milliTries / 1000.0);
        return sharers >= SHARED
                ? Words.say(
                        sharers == Math.rint(sharers)
                                ? "A turn takes about %d s and %.0f share it: %s."
                                : "A turn takes about %d s and %.1f share it: %s.",
                        seconds,
                        sharers,
                        tries)
                : "A turn takes about %d s: %s.".formatted(seconds, tries);
    }
}
