package io.isokinet.core.activity;

import java.util.Set;

/** How children stand. The usual share of time in motion is common practice: lanes 25 to 45 %, the others 50 to 65 %. */
public enum Formation {
    GATHERED("gathered", 0, Sharing.NOBODY, Is.SPREAD, Is.ONE_GROUP),
    SCATTER("scattered", 60, Sharing.NOBODY, Is.SPREAD, Is.IN_WAVES),
    WALL("at a wall", 60, Sharing.GROUP, Is.WAITING, Is.IN_WAVES, Is.PLACED, Is.GROUPED),
    PAIRS("in pairs", 55, Sharing.PAIR, Is.PLACED, Is.GROUPED),
    CIRCLE("in a circle", 50, Sharing.THINGS_OF_GROUP, Is.WAITING, Is.ONE_GROUP),
    LANES("in lanes", 35, Sharing.GROUP, Is.COMPETES, Is.WAITING, Is.QUEUE, Is.PLACED, Is.GROUPED),
    FILES("in files", 35, Sharing.GROUP, Is.COMPETES, Is.WAITING, Is.QUEUE, Is.PLACED, Is.GROUPED),
    TWO_SIDES("two sides", 55, Sharing.THINGS_OF_CLASS, Is.COMPETES, Is.GROUPED),
    RELAY("in relay files", 35, Sharing.GROUP, Is.COMPETES, Is.WAITING, Is.QUEUE, Is.PLACED, Is.GROUPED),
    ROLES("in groups with roles", 45, Sharing.GROUP, Is.PLACED, Is.GROUPED),
    STATIONS("at stations", 50, Sharing.GROUP, Is.WAITING, Is.GROUPED),
    CROSSING("crossing", 55, Sharing.NOBODY, Is.ONE_GROUP),
    SCRAMBLE("in a scramble", 60, Sharing.THINGS_OF_CLASS, Is.SPREAD);

    /** Who shares one turn at a time. */
    public enum Sharing {
        /** Everybody has one of their own. */
        NOBODY,
        /** One of each group. */
        GROUP,
        /** Both of a pair there and back, unless one of them acts. */
        PAIR,
        /** As many of a group as it has things to send. */
        THINGS_OF_GROUP,
        /** As many of the class as there are things to send. */
        THINGS_OF_CLASS
    }

    /** What a formation is. */
    public enum Is {
        /** Children wait behind one another for a turn. */
        QUEUE,
        /** Who has no turn waits; elsewhere all have something to do. */
        WAITING,
        /** Children take room by the head, all over the floor. */
        SPREAD,
        /** Some can work while others watch. */
        IN_WAVES,
        /** Everybody keeps a place, so that it can be said from where they are seen. */
        PLACED,
        /** The class is cut into groups that are named. */
        GROUPED,
        /** All are one group. */
        ONE_GROUP,
        /** Groups can be set against each other, each with its own count. */
        COMPETES
    }

    private final String label;
    private final int motionPercent;
    private final Sharing sharing;
    private final Set<Is> traits;

    Formation(String label, int motionPercent, Sharing sharing, Is... traits) {
        this.label = label;
        this.motionPercent = motionPercent;
        this.sharing = sharing;
        this.traits = Set.of(traits);
    }

    public String label() {
        return label;
    }

    public boolean is(Is trait) {
        return traits.contains(trait);
    }

    public Sharing sharing() {
        return sharing;
    }

    /** True if children wait behind one another for a turn. */
    public boolean queues() {
        return is(Is.QUEUE);
    }

    /** True if children take room by the head, all over the floor. */
    public boolean spreads() {
        return is(Is.SPREAD);
    }

    /** The usual share of the minutes in which a child is in motion, in per cent. */
    public int motionPercent() {
        return motionPercent;
    }
}
