package io.isokinet.core.belief;

import io.isokinet.core.mastery.Mark;

/**
 * How sure a mark is, in a word and a sentence: the mark is the rule of the school, how sure it is comes from what all looks at the
 * class say.
 *
 * @param tenths of ten classes like this one in which it is there, 0 to 10
 * @param looks of its own
 */
public record Sureness(Word word, int tenths, int looks, String sentence) {
    /** How sure, in a word. */
    public enum Word {
        NO_LOOK("no look yet"),
        NOT_SURE("not sure yet"),
        SETTLED("settled"),
        LOOK_AGAIN("look again");

        private final String label;

        Word(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Of a mark that says it is there, the chance must be so large to call it settled. */
    public static final double SURE = 0.75;
    /** Of one that says it is not yet, so small. */
    public static final double SURELY_NOT = 0.15;
    /** A mark by the rule that hardly anything else speaks for, three in ten as it is said, is worth another look. */
    public static final double DOUBTED = 0.35;

    private static final int FEWEST_TO_SAY_NOT = 2;

    /**
     * A mark that the rule counts as mastered is settled unless nearly all speaks against it; one that is due is looked at again; near is
     * open, since one trial decides it.
     *
     * @param believed of that child and cue
     * @param shown of its last {@code of} looks
     */
    public static Sureness of(Mark mark, Believed believed, int shown, int of) {
        Word word = word(mark, believed);
        return new Sureness(
                word,
                (int) Math.round(10 * believed.there()),
                believed.looks(),
                "%s %s".formatted(sentence(word, mark), believed.sentence(shown, of)));
    }

    private static Word word(Mark mark, Believed b) {
        return switch (mark) {
            case NOT_TAUGHT, NOT_SEEN, NOT_APPLYING -> Word.NO_LOOK;
            case MASTERED -> b.looks() == 0 ? Word.NOT_SURE : b.there() < DOUBTED ? Word.LOOK_AGAIN : Word.SETTLED;
            case DUE -> Word.LOOK_AGAIN;
            case NEAR -> Word.NOT_SURE;
            case SECURE -> b.looks() > 0 && b.there() >= SURE ? Word.SETTLED : Word.NOT_SURE;
            case EMERGING -> b.looks() >= FEWEST_TO_SAY_NOT && b.there() <= SURELY_NOT ? Word.SETTLED : Word.NOT_SURE;
        };
    }

    private static String sentence(Word word, Mark mark) {
        return switch (word) {
            case NO_LOOK -> "No look that counts yet.";
            case SETTLED ->
                mark == Mark.EMERGING
                        ? "Settled for now: not there yet."
                        : mark == Mark.MASTERED
                                ? "Settled: the rule of the school counts it as mastered."
                                : "Settled: it is there so far.";
            case LOOK_AGAIN ->
                mark == Mark.DUE ? "It was there once; look again." : "Mastered by the rule; look again.";
            case NOT_SURE -> "Not sure yet: another look would tell more.";
        };
    }
}
