package io.isokinet.core.mastery;

/**
 * How sure a mark is, in words that go with it. What it is computed from is what the pips show: the last five looks.
 *
 * @param rate what the looks tell of how often it is shown, with its interval
 * @param chance that the cue is shown in at least four of five tries
 */
public record Sureness(Word word, ShownRate rate, double chance, String sentence) {
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

    /** Of a secure cue that it is there, the chance must be so large to call it settled: three of three give 0.77. */
    public static final double SURE = 0.75;
    /** Of an emerging one that it is not there yet, the chance that it is must be so small. */
    public static final double SURELY_NOT = 0.05;

    private static final int FEWEST_TO_SAY_NOT = 3;

    /**
     * Mastered is settled, due is to be looked at again, near is open: one trial decides. Secure is settled or not by its looks, and
     * so is emerging, where settled means: not yet.
     */
    public static Sureness of(Status status) {
        int looks = status.pips().size();
        int shown = (int) status.pips().stream().filter(p -> p).count();
        ShownRate rate = new ShownRate(shown, looks);
        double chance = rate.chanceOfAtLeast(ShownRate.THERE);
        Word word = word(status.mark(), looks, chance);
        return new Sureness(word, rate, chance, sentence(word, status, shown, looks, chance));
    }

    private static Word word(Mark mark, int looks, double chance) {
        return switch (mark) {
            case NOT_TAUGHT, NOT_SEEN, NOT_APPLYING -> Word.NO_LOOK;
            case MASTERED -> Word.SETTLED;
            case DUE -> Word.LOOK_AGAIN;
            case NEAR -> Word.NOT_SURE;
            case SECURE -> chance >= SURE ? Word.SETTLED : Word.NOT_SURE;
            case EMERGING -> looks >= FEWEST_TO_SAY_NOT && chance <= SURELY_NOT ? Word.SETTLED : Word.NOT_SURE;
        };
    }

    private static String sentence(Word word, Status status, int shown, int looks, double chance) {
        if (word == Word.NO_LOOK) return "Nothing was seen that counts.";
        if (looks == 0) return "Not sure yet: there is no look behind it.";
        String told = "%d of the last %d: the chance that it is shown four times in five is %d in 100"
                .formatted(shown, looks, Math.round(100 * chance));
        return switch (word) {
            case SETTLED ->
                status.mark() == Mark.EMERGING
                        ? "Settled for now: not there yet. " + told + "."
                        : status.mark() == Mark.MASTERED
                                ? "Settled: the rule of the school counts it as mastered. " + told + "."
                                : "Settled: it is there so far. " + told + ".";
            case LOOK_AGAIN -> "It was there once; look again. " + told + ".";
            default -> "Not sure yet: another look would tell more. " + told + ".";
        };
    }
}
