package io.isokinet.core.activity;

/** What has to happen for a try to count. Each has its own chance, or none: see {@code core.task}. */
public enum Must {
    /** Done as it is told; nothing can be hit or missed. */
    NOTHING("is done as it is told"),
    /** Each time it is done right counts: a landing that stands, a hold. */
    DONE("is done right"),
    CAUGHT("is caught"),
    /** At a partner, so that it can be taken. */
    ARRIVES("arrives at the partner"),
    HITS("meets the target"),
    /** Through a gate, untouched. */
    PASSES("passes through"),
    TOPPLES("fells what stands"),
    /** Comes to rest inside. */
    STOPS_IN("comes to rest inside"),
    /** First touches the floor inside. */
    LANDS_IN("lands inside"),
    NEAREST("comes nearest"),
    FAR("goes far"),
    /** Goes on without a break, or is held. */
    KEPT_UP("is kept up"),
    /** Another child tries to stop it, so that how often it succeeds is theirs. */
    GOT_AWAY("gets past the other");

    private final String words;

    Must(String words) {
        this.words = words;
    }

    /** As in "the ball arrives at the partner". */
    public String words() {
        return words;
    }
}
