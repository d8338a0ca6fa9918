package io.isokinet.core.thing;

/** What a thing can do. A task asks for traits, never for an item's name. */
public enum Trait {
    ROLLS("rolls"),
    BOUNCES("bounces"),
    FLOATS("floats down slowly"),
    STANDS("stands by itself"),
    SOFT("is soft"),
    GRIPS("is easy to grip"),
    FLAT("lies flat"),
    RING("can be stepped or thrown into"),
    STRIKES("can be struck with"),
    WORN("is worn or tucked in"),
    HANGS("can be hung up or leant"),
    LONG("is long and thin");

    private final String label;

    Trait(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
