package io.isokinet.core.skill;

/** What a body does with a preferred side. Sides are per action: a child may throw right, bat left and kick right. */
public enum Action {
    THROW("throwing", "hand"),
    BAT("batting", "hand"),
    KICK("kicking", "foot");

    private final String adjective;
    private final String limb;

    Action(String adjective, String limb) {
        this.adjective = adjective;
        this.limb = limb;
    }

    /** What of a body it uses most. */
    public Body uses() {
        return this == KICK ? Body.LEGS : Body.ARMS;
    }

    /** As in "throwing hand". */
    public String adjective() {
        return adjective;
    }

    /** "hand" or "foot". */
    public String limb() {
        return limb;
    }
}
