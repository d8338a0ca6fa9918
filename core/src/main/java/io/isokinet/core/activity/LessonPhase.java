package io.isokinet.core.activity;

import java.util.Collection;
import java.util.Set;

/** A part of a lesson. One segment may serve several: the recap may sit in the warm-up, the closing talk in the cool-down. */
public enum LessonPhase {
    GATHER("opening talk"),
    WARM("warm-up"),
    RECAP("recap"),
    TEACH("teach"),
    PRACTISE("practise"),
    PLAY("play"),
    TIDY("tidy"),
    COOL("cool-down"),
    CLOSE("closing talk");

    private final String label;

    /** The same phases as a set that never changes and is quick to ask. */
    public static Set<LessonPhase> set(Collection<LessonPhase> phases) {
        return PhaseSet.of(phases);
    }

    LessonPhase(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
