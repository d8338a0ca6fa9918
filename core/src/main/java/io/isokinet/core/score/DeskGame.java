package io.isokinet.core.score;

import io.isokinet.core.activity.Scoring;
import java.util.Optional;

/** The game of the score desk that an activity is played by. Common practice, no source. */
public final class DeskGame {
    /** Things that are set up for one side at most. */
    public static final int MOST_TARGETS = 12;

    private static final int TOGETHER = 100;
    private static final int TRIES = 5;

    private DeskGame() {}

    /**
     * Its text, as {@link Games#game} reads it; empty where nothing is counted, or a watch is all that it takes.
     *
     * @param targets that stand before one side; fewer than one and more than {@value #MOST_TARGETS} are taken as those
     */
    public static Optional<String> of(Scoring scoring, int targets) {
        int standing = Math.max(1, Math.min(MOST_TARGETS, targets));
        return switch (scoring) {
            case NONE, TIME -> Optional.empty();
            case TALLY -> Optional.of("tally 1 1");
            case STREAK -> Optional.of("streak 0");
            case HITS_OF -> Optional.of("hits " + TRIES);
            case TOGETHER -> Optional.of("streak " + TOGETHER);
            case PINS -> Optional.of("pins ONE_ROLL " + standing);
            case FALLEN_FROM_TEN -> Optional.of("fallen 10");
            case FEWEST -> Optional.of("fewest " + standing);
            case NEAREST -> Optional.of("nearest winner");
            case MEASURED -> Optional.of("three");
            case ZONES -> Optional.of("zones 1,3");
            case COLOURS -> Optional.of("tally 1 1,2,3");
            case TAILS -> Optional.of("crossing tails");
            case CROSSED -> Optional.of("crossing hidden");
            case SWAP -> Optional.of("swap");
        };
    }
}
