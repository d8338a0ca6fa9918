package io.isokinet.core.mastery;

import java.util.List;

/** Where a child's looks at a cue lead. */
public enum Trend {
    STEADY,
    /** More of the last three shown than of the three before, by two at least. */
    RISING,
    /** Six looks or more, not owned, and the last three no better than the three before. */
    STALLED,
    /** It was owned, or four of five before, and of the last three at most one showed it. */
    FADING;

    private static final int WINDOW = 3;
    private static final int BEFORE = 5;
    private static final int WAS_THERE = 4;

    /** @param looks that count, oldest first */
    public static Trend of(List<Trial> trials, Status status) {
        return of(trials.stream().map(Trial::shown).toList(), status.mark(), status.standing());
    }

    static Trend of(List<Boolean> looks, Mark mark, Standing standing) {
        if (!standing.isCounted()) return STEADY;
        int n = looks.size();
        if (n < WINDOW) return STEADY;
        int last = shown(looks, n - WINDOW, n);
        boolean lapsed = mark == Mark.DUE && standing != Standing.OWNED;
        boolean wasThere = n >= WINDOW + BEFORE && shown(looks, n - WINDOW - BEFORE, n - WINDOW) >= WAS_THERE;
        if (lapsed || wasThere && last <= 1) return FADING;
        if (n < 2 * WINDOW) return STEADY;
        int before = shown(looks, n - 2 * WINDOW, n - WINDOW);
        if (last >= before + 2) return RISING;
        return standing != Standing.OWNED && last <= before ? STALLED : STEADY;
    }

    private static int shown(List<Boolean> looks, int from, int to) {
        return (int) looks.subList(from, to).stream().filter(l -> l).count();
    }
}
