package io.isokinet.core.figure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A skill as one body does it: poses at moments, and between them every dial goes smoothly and no further than from the one to the other
 * (Fritsch and Carlson, SIAM J. Numer. Anal. 17 (1980), from memory), so that what stands still in two moments stands still between them.
 */
public final class Movement {
    private static final double INSTANT = 0.005;

    private final List<Moment> moments;
    private final @Nullable Ball ball;

    /**
     * @param moments in order of time, two or more, with names of their own
     * @param ball null where there is none
     * @throws IllegalArgumentException if they are fewer, out of order or named alike, or the ball goes at a moment that is not there
     */
    public Movement(List<Moment> moments, @Nullable Ball ball) {
        if (moments.size() < 2)
            throw new IllegalArgumentException(
                    "A movement goes through two moments or more; %d were given.".formatted(moments.size()));
        for (int i = 1; i < moments.size(); i++)
            if (moments.get(i).at() <= moments.get(i - 1).at())
                throw new IllegalArgumentException("Moments follow each other: %s at %s s comes after %s at %s s."
                        .formatted(
                                moments.get(i).name(),
                                moments.get(i).at(),
                                moments.get(i - 1).name(),
                                moments.get(i - 1).at()));
        if (moments.stream().map(Moment::name).distinct().count() < moments.size())
            throw new IllegalArgumentException("Each moment needs a name of its own; given were %s."
                    .formatted(moments.stream().map(Moment::name).toList()));
        this.moments = List.copyOf(moments);
        this.ball = ball;
        if (ball != null) time(ball.goes());
    }

    public List<Moment> moments() {
        return moments;
    }

    public Optional<Ball> ball() {
        return Optional.ofNullable(ball);
    }

    /** Seconds from its first moment to its last. */
    public double seconds() {
        return last().at() - moments.get(0).at();
    }

    private Moment last() {
        return moments.get(moments.size() - 1);
    }

    /**
     * When a moment is, in seconds.
     *
     * @throws IllegalArgumentException if there is none of that name
     */
    public double time(String moment) {
        return moments.stream()
                .filter(m -> m.name().equals(moment))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no moment “%s”; there are %s."
                        .formatted(moment, moments.stream().map(Moment::name).toList())))
                .at();
    }

    /** The pose at a time; before the first moment that of the first, after the last that of the last. */
    public Pose pose(double at) {
        if (at <= moments.get(0).at()) return moments.get(0).pose();
        if (at >= last().at()) return last().pose();
        int k = 0;
        while (moments.get(k + 1).at() < at) k++;
        Map<Dial, Double> now = new EnumMap<>(Dial.class);
        for (Dial d : Dial.values()) now.put(d, between(d, k, at));
        return Pose.STANDING.with(now);
    }

    private double between(Dial d, int k, double at) {
        double from = value(d, k);
        double to = value(d, k + 1);
        double h = moments.get(k + 1).at() - moments.get(k).at();
        double t = (at - moments.get(k).at()) / h;
        double a = slope(d, k) * h;
        double b = slope(d, k + 1) * h;
        double t2 = t * t;
        double t3 = t2 * t;
        double v = (2 * t3 - 3 * t2 + 1) * from + (t3 - 2 * t2 + t) * a + (3 * t2 - 2 * t3) * to + (t3 - t2) * b;
        return Math.max(Math.min(from, to), Math.min(Math.max(from, to), v));
    }

    private double value(Dial d, int k) {
        return moments.get(k).pose().get(d);
    }

    /** How fast a dial goes through a moment: nothing where it turns back there, and never so fast that it would overshoot. */
    private double slope(Dial d, int k) {
        if (k == 0 || k == moments.size() - 1) return 0;
        double h1 = moments.get(k).at() - moments.get(k - 1).at();
        double h2 = moments.get(k + 1).at() - moments.get(k).at();
        double s1 = (value(d, k) - value(d, k - 1)) / h1;
        double s2 = (value(d, k + 1) - value(d, k)) / h2;
        if (s1 * s2 <= 0) return 0;
        double w1 = 2 * h2 + h1;
        double w2 = h2 + 2 * h1;
        return (w1 + w2) / (w1 / s1 + w2 / s2);
    }

    /** The body at a time. */
    public Figure figure(Body body, double at) {
        return Figure.of(body, pose(at));
    }

    /** Where the ball is; empty without one. It leaves with the speed that the hand has and falls freely until it is on the floor. */
    public Optional<Vec> ball(Body body, double at) {
        if (ball == null) return Optional.empty();
        double goes = time(ball.goes());
        if (at <= goes) return Optional.of(held(body, at));
        Vec from = held(body, goes);
        Vec speed = from.minus(held(body, goes - INSTANT)).times(1 / INSTANT);
        double t = at - goes;
        Vec now = from.plus(speed.times(t));
        double up = now.up() - GRAVITY * t * t / 2;
        return Optional.of(new Vec(now.forward(), now.own(), Math.max(0, up)));
    }

    private static final double GRAVITY = 9.81;

    private Vec held(Body body, double at) {
        Figure f = figure(body, at);
        return ball != null && ball.held() == Ball.Held.BOTH
                ? f.at(Spot.OWN_HAND).plus(f.at(Spot.OTHER_HAND)).times(0.5)
                : f.at(Spot.OWN_HAND);
    }

    /**
     * The same with a fault in it: some dials set otherwise, or by so much more, in some moments.
     *
     * @throws IllegalArgumentException if a moment is not there, or a dial would leave its range
     */
    public Movement with(List<Change> changes) {
        for (Change c : changes) c.moments().forEach(this::time);
        return new Movement(
                moments.stream()
                        .map(m -> {
                            Map<Dial, Double> set = new EnumMap<>(Dial.class);
                            for (Change c : changes)
                                if (c.moments().contains(m.name()))
                                    set.put(
                                            c.dial(),
                                            c.to(set.getOrDefault(
                                                    c.dial(), m.pose().get(c.dial()))));
                            return new Moment(m.name(), m.at(), m.pose().with(set));
                        })
                        .toList(),
                ball);
    }

    /**
     * What a fault does to a dial.
     *
     * @param moments by their names
     * @param set true to set it to {@code value}, false to add that
     */
    public record Change(Dial dial, List<String> moments, boolean set, double value) {
        public Change {
            moments = List.copyOf(moments);
        }

        private double to(double was) {
            return set ? value : was + value;
        }
    }
}
