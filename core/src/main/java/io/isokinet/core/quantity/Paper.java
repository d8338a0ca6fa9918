package io.isokinet.core.quantity;

/** The paper that a school prints on; sizes by ISO 216 and ANSI/ASME Y14.1, from memory. */
public enum Paper {
    /** 210 by 297 mm. */
    A4("A4"),
    /** 8.5 by 11 inches. */
    LETTER("Letter");

    private final String label;

    Paper(String label) {
        this.label = label;
    }

    /** As people and style sheets name it. */
    public String label() {
        return label;
    }

    /** Says which paper is in the printer. */
    public interface Chosen {
        Paper paper();
    }
}
