package io.isokinet.core.nextstep;

import io.isokinet.core.belief.HowMany;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether a class goes on with a skill, stays, or steps back, with the facts that decide. Common practice: on where three in four of what
 * was taught is likely there, or three in four tries show it, or more than eight in ten hit; back where fewer than three in ten tries show
 * it, or hit fewer than four in ten; and where as few as would step back and as many as would go on may be there, look first.
 */
public record MoveOn(Step step, List<String> facts) {
    public enum Step {
        ON("go on"),
        STAY("stay"),
        BACK("step back"),
        LOOK("look first");

        private final String label;

        Step(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    private static final int OWN_ENOUGH = 75;
    private static final int SHOW_TOO_FEW = 30;
    private static final int HIT_ENOUGH = 80;
    private static final int HIT_TOO_FEW = 40;
    private static final int TRIES_ENOUGH = 20;
    private static final int LOOKS_ENOUGH = 20;

    public MoveOn {
        facts = List.copyOf(facts);
    }

    /**
     * What is believed of a skill in some children.
     *
     * @param cells children and cues that were taught and count
     * @param there how many of them are likely there
     * @param shown share of tries that are likely to show the cue, 0 to 1
     * @param looks at them
     */
    public record Believed(int cells, HowMany there, double shown, int looks) {}

    /** @param hits and {@code tries} that were counted in it lately; null where nothing was */
    public static MoveOn of(Believed of, @Nullable Integer hits, int tries) {
        if (of.cells() == 0) return new MoveOn(Step.STAY, List.of("Nothing of it was taught yet"));
        HowMany there = of.there();
        int low = percent(there.low(), of.cells());
        int high = percent(there.high(), of.cells());
        int middle = percent(there.middle(), of.cells());
        List<String> facts = new ArrayList<>();
        facts.add("%s in 100 of what was taught is likely there, by %s"
                .formatted(
                        low == high ? Integer.toString(low) : "%d to %d".formatted(low, high),
                        of.looks() == 1 ? "1 look" : of.looks() + " looks"));
        if (of.looks() > 0) facts.add("%d in 10 tries show it".formatted(Math.round(10 * of.shown())));
        boolean countedHits = hits != null && tries >= TRIES_ENOUGH;
        int hitRate = countedHits ? percent(hits, tries) : -1;
        if (countedHits) facts.add("%d of %d tries hit".formatted(hits, tries));
        boolean backOrOn = low < SHOW_TOO_FEW && high >= OWN_ENOUGH;
        if (!countedHits && (of.looks() == 0 || backOrOn)) {
            facts.add(of.looks() == 0 ? "nobody has looked yet" : "that is too wide to tell");
            return new MoveOn(Step.LOOK, facts);
        }
        boolean mostShowIt = of.looks() >= LOOKS_ENOUGH
                && of.shown() >= OWN_ENOUGH / 100.0
                && (hitRate < 0 || hitRate >= HIT_TOO_FEW);
        if (middle >= OWN_ENOUGH || mostShowIt || hitRate > HIT_ENOUGH && middle >= OWN_ENOUGH / 2)
            return new MoveOn(Step.ON, facts);
        if (of.looks() > 0 && of.shown() < SHOW_TOO_FEW / 100.0 || hitRate >= 0 && hitRate < HIT_TOO_FEW)
            return new MoveOn(Step.BACK, facts);
        return new MoveOn(Step.STAY, facts);
    }

    private static int percent(long part, int whole) {
        return (int) Math.round(100.0 * part / whole);
    }
}
