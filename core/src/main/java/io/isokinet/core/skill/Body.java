package io.isokinet.core.skill;

/** What of a body a skill uses most, and a warm-up makes warm. */
public enum Body {
    ARMS("arms"),
    LEGS("legs");

    private final String words;

    Body(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
