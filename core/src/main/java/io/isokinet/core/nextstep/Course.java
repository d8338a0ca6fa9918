package io.isokinet.core.nextstep;

import io.isokinet.core.belief.Believed;
import io.isokinet.core.mastery.Trend;

/**
 * Where a child goes with a cue over some weeks: what was believed then beside what is believed now. Common practice where the lines are.
 *
 * @param fact that decides, empty where it is steady
 */
public record Course(Trend trend, String fact) {
    private static final double FAR = 0.3;
    private static final double HARDLY = 0.15;
    private static final double WAS_THERE = 0.6;
    private static final double NOT_THERE = 0.3;
    private static final int ENOUGH_TO_STALL = 4;

    /** By looks before and after, so that nobody rises or fades by others alone. */
    public static Course of(Believed then, Believed now) {
        int since = now.looks() - then.looks();
        double change = now.there() - then.there();
        if (now.looks() == 0) return new Course(Trend.STEADY, "");
        if (change >= FAR && since > 0) return told(Trend.RISING, then, now);
        if (then.looks() > 0 && then.there() >= WAS_THERE && change <= -FAR) return told(Trend.FADING, then, now);
        if (since > 0 && now.looks() >= ENOUGH_TO_STALL && now.there() <= NOT_THERE && change < HARDLY)
            return told(Trend.STALLED, then, now);
        return new Course(Trend.STEADY, "");
    }

    private static Course told(Trend trend, Believed then, Believed now) {
        return new Course(
                trend, "there %d in 10, now %d".formatted(Math.round(10 * then.there()), Math.round(10 * now.there())));
    }
}
