package io.isokinet.core.skill;

import java.util.List;

/** The ladder of rungs that practice climbs, by family of skills. Common practice, no source. */
public enum Ladder {
    SENDING("shape", "wall or large target", "partner", "graded targets", "moving", "opposed"),
    RECEIVING("own toss", "one bounce", "soft feed", "off a wall", "moving to it", "opposed"),
    TRAVELLING("free", "along lines", "round things", "head up", "chased"),
    LOCOMOTOR("shape", "slow and held", "at speed", "changing direction", "tag"),
    JUGGLING("one", "two", "three and stop", "three going on", "with others");

    private final List<String> rungs;

    Ladder(String... rungs) {
        this.rungs = List.of(rungs);
    }

    /** The names of the rungs from the lowest, level 1, upwards. */
    public List<String> rungs() {
        return rungs;
    }

    public int height() {
        return rungs.size();
    }

    /** @throws IllegalArgumentException if the ladder has no such level */
    public Rung rung(int level) {
        return new Rung(this, level);
    }
}
