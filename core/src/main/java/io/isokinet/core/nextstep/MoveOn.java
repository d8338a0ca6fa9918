package io.isokinet.core.nextstep;

import io.isokinet.core.mastery.Standing;
import io.isokinet.core.mastery.Tally;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether a class goes on with a skill, stays, or steps back, with the facts that decide. Common practice: on where three in four
 * own what was taught, or three in four looks show it, or more than eight in ten hit; back where fewer than three in ten of those seen show it, or hit fewer than
 * four in ten.
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
    /** Below this share of cells seen nothing can be said. */
    private static final int SEEN_ENOUGH = 40;

    private static final int TRIES_ENOUGH = 20;
    private static final int LOOKS_ENOUGH = 20;

    public MoveOn {
        facts = List.copyOf(facts);
    }

    /**
     * @param cells of every child and cue of the skill
     * @param shown looks that showed the cue, of {@code looks}, over the last ones of every child
     * @param hits and {@code tries} that were counted in it lately; null where nothing was
     */
    public static MoveOn of(Collection<Standing> cells, int shown, int looks, @Nullable Integer hits, int tries) {
        Tally tally = Tally.of(cells);
        if (tally.counted() == 0) return new MoveOn(Step.STAY, List.of("Nothing of it was taught yet"));
        int seen = percent(tally.developing() + tally.owned(), tally.counted());
        int owned = tally.percentOwned();
        int rate = looks == 0 ? 0 : percent(shown, looks);
        List<String> facts = new ArrayList<>();
        facts.add("%d %% of what was taught is secure or mastered".formatted(owned));
        if (looks > 0) facts.add("%d of the last %d looks showed it".formatted(shown, looks));
        boolean countedHits = hits != null && tries >= TRIES_ENOUGH;
        int hitRate = countedHits ? percent(hits, tries) : -1;
        if (countedHits) facts.add("%d of %d tries hit".formatted(hits, tries));
        if (seen < SEEN_ENOUGH && !countedHits) {
            facts.add("%d %% of it has been looked at".formatted(seen));
            return new MoveOn(Step.LOOK, facts);
        }
        // Few looks leave most marks open though most children show it: then the looks decide.
        boolean mostShowIt = looks >= LOOKS_ENOUGH && rate >= OWN_ENOUGH && (hitRate < 0 || hitRate >= HIT_TOO_FEW);
        if (owned >= OWN_ENOUGH || mostShowIt || hitRate > HIT_ENOUGH && owned >= OWN_ENOUGH / 2)
            return new MoveOn(Step.ON, facts);
        if (looks > 0 && rate < SHOW_TOO_FEW || hitRate >= 0 && hitRate < HIT_TOO_FEW)
            return new MoveOn(Step.BACK, facts);
        return new MoveOn(Step.STAY, facts);
    }

    private static int percent(long part, int whole) {
        return (int) Math.round(100.0 * part / whole);
    }
}
