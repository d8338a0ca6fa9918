package io.isokinet.core.score;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The card of a game, to be filled in by hand.
 *
 * @param heads one a column, after the side's name @param how what is written where, and what counts in the end
 */
public record ScoreCard(List<String> heads, String how) {
    public ScoreCard {
        heads = List.copyOf(heads);
    }

    /** So many numbered columns, and more behind them. */
    static ScoreCard numbered(int columns, String last, String how) {
        List<String> heads = new ArrayList<>(
                IntStream.rangeClosed(1, columns).mapToObj(String::valueOf).toList());
        heads.add(last);
        return new ScoreCard(heads, how);
    }
}
