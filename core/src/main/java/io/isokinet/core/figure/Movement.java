package io.isokinet.core.figure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A skill as a body does it: poses at moments, and between them every dial goes smoothly and no further than from the one to the other
 * (Fritsch and Carlson, SIAM J. Numer. Anal. 17 (1980), from memory), so that what stands still in two moments stands still between them.
 */
public final class Movement {
    private static final Dial[] DIALS = Dial.values();
    private static final double JOINS = 0.02;

    private final List<Moment> written;
    private final @Nullable Again again;
    private final Handled handled;
    private final List<Moment> moments;
    private final double[][] slopes;

    /**
     * What it is done with.
     *
     * @param target in shares of stature; where the ball or the way should go
     * @param drags true where a foot is dragged along the floor, which only a fault does
     */
    public record Handled(List<Ball> balls, @Nullable Thing thing, Vec target, boolean drags) {
        public static final Handled NOTHING = new Handled(List.of(), null, new Vec(5, 0, 0.8), false);

        public Handled {
            balls = List.copyOf(balls);
        }
    }

    /**
     * Its last moments over again, as in steps: from a moment to the end, so many times more, each as far along as the one before went.
     *
     * @param swapped true where the sides of the body change over each time
     */
    public record Again(String from, int times, boolean swapped) {}

    /**
     * @param written in order of time, two or more, with names of their own
     * @param again null where nothing comes again; the moments of each time are named with a number: land-2
     * @throws IllegalArgumentException if they are fewer, out of order or named alike, or a ball goes at a moment that is not there, or the
     *     end does not join what comes again
     */
    public Movement(List<Moment> written, @Nullable Again again, Handled handled) {
        if (written.size() < 2)
            throw new IllegalArgumentException(
                    "A movement goes through two moments or more; %d were given.".formatted(written.size()));
        this.written = List.copyOf(written);
        this.again = again;
        this.handled = handled;
        this.moments = again == null ? this.written : more(this.written, again);
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
        handled.balls().forEach(b -> b.legs().stream()
                .map(Ball.Leg::until)
                .filter(u -> !u.isEmpty())
                .forEach(this::time));
        if (handled.thing() != null && !handled.thing().goes().isEmpty())
            time(handled.thing().goes());
        slopes = new double[moments.size()][DIALS.length];
        for (int k = 0; k < moments.size(); k++) for (Dial d : DIALS) slopes[k][d.ordinal()] = slope(d, k);
    }

    private static List<Moment> more(List<Moment> written, Again again) {
        int first = 0;
        while (first < written.size() && !written.get(first).name().equals(again.from())) first++;
        if (first >= written.size() - 1)
            throw new IllegalArgumentException(
                    "What comes again begins at a moment before the last; “%s” is none of %s."
                            .formatted(
                                    again.from(),
                                    written.stream()
                                            .map(Moment::name)
                                            .limit(written.size() - 1)
                                            .toList()));
        Moment start = written.get(first);
        Moment end = written.get(written.size() - 1);
        Pose began = again.swapped() ? start.pose().swapped() : start.pose();
        double by = end.pose().get(Dial.ALONG) - start.pose().get(Dial.ALONG);
        double shift = end.pose().get(Dial.ALONG) - began.get(Dial.ALONG);
        Pose joins = began.along(shift);
        for (Dial d : DIALS)
            if (Math.abs(joins.get(d) - end.pose().get(d)) > JOINS * Math.max(1, d.most() - d.least()) / 2)
                throw new IllegalArgumentException(
                        "What comes again must end as it began: %s is %s at %s and %s at %s, on the other side of the body %s."
                                .formatted(
                                        d,
                                        start.pose().get(d),
                                        start.name(),
                                        end.pose().get(d),
                                        end.name(),
                                        again.swapped()));
        List<Moment> all = new ArrayList<>(written);
        for (int n = 1; n <= again.times(); n++) {
            boolean swap = again.swapped() && n % 2 == 1;
            for (int i = first + 1; i < written.size(); i++) {
                Moment m = written.get(i);
                Pose p = (swap ? m.pose().swapped() : m.pose()).along(n * by);
                all.add(new Moment(m.name() + "-" + (n + 1), m.at() + n * (end.at() - start.at()), p, m.eyes()));
            }
        }
        return all;
    }

    public List<Moment> moments() {
        return moments;
    }

    /** Those that were written down, each once, where some come again. */
    public List<Moment> once() {
        return written;
    }

    public Handled handled() {
        return handled;
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
        for (Moment m : moments) if (m.name().equals(moment)) return m.at();
        throw new IllegalArgumentException("There is no moment “%s”; there are %s."
                .formatted(moment, moments.stream().map(Moment::name).toList()));
    }

    /** Which moment comes next, never the first: the pose at a time lies between it and the one before. */
    int next(double at) {
        int k = 1;
        while (k < moments.size() - 1 && moments.get(k).at() < at) k++;
        return k;
    }

    /** The pose at a time; before the first moment that of the first, after the last that of the last. */
    public Pose pose(double at) {
        if (at <= moments.get(0).at()) return moments.get(0).pose();
        if (at >= last().at()) return last().pose();
        int k = next(at);
        double h = moments.get(k).at() - moments.get(k - 1).at();
        double t = (at - moments.get(k - 1).at()) / h;
        double t2 = t * t;
        double t3 = t2 * t;
        double[] now = new double[DIALS.length];
        for (Dial d : DIALS) {
            int i = d.ordinal();
            double from = moments.get(k - 1).pose().get(d);
            double to = moments.get(k).pose().get(d);
            double v = (2 * t3 - 3 * t2 + 1) * from
                    + (t3 - 2 * t2 + t) * slopes[k - 1][i] * h
                    + (3 * t2 - 2 * t3) * to
                    + (t3 - t2) * slopes[k][i] * h;
            now[i] = Math.max(Math.min(from, to), Math.min(Math.max(from, to), v));
        }
        return Pose.between(now);
    }

    /** How fast a dial goes through a moment: nothing where it turns back there, and never so fast that it would overshoot. */
    private double slope(Dial d, int k) {
        if (k == 0 || k == moments.size() - 1) return 0;
        double h1 = moments.get(k).at() - moments.get(k - 1).at();
        double h2 = moments.get(k + 1).at() - moments.get(k).at();
        double here = moments.get(k).pose().get(d);
        double s1 = (here - moments.get(k - 1).pose().get(d)) / h1;
        double s2 = (moments.get(k + 1).pose().get(d) - here) / h2;
        if (s1 * s2 <= 0) return 0;
        double w1 = 2 * h2 + h1;
        double w2 = h2 + 2 * h1;
        return (w1 + w2) / (w1 / s1 + w2 / s2);
    }

    /** As a body does it. */
    public Motion on(Body body) {
        return new Played(this, body);
    }

    /**
     * What a fault, or a variant, changes.
     *
     * @param at names of moments, and what is set there; a moment that comes again may be named alone: land-3
     * @param handled null where that stays
     */
    public record Change(List<At> at, @Nullable Handled handled) {
        public Change {
            at = List.copyOf(at);
        }
    }

    /** @param eyes null where they stay */
    public record At(
            Set<String> moments,
            Map<Dial, Double> set,
            @Nullable Eyes eyes) {
        public At {
            moments = Set.copyOf(moments);
            set = Map.copyOf(set);
        }
    }

    /**
     * The same with a change.
     *
     * @throws IllegalArgumentException if a moment is not there, or a dial would leave its range
     */
    public Movement with(Change change) {
        Set<String> names = written.stream().map(Moment::name).collect(Collectors.toSet());
        Handled now = change.handled() == null ? handled : change.handled();
        Set<String> rest = new HashSet<>();
        change.at().forEach(a -> rest.addAll(a.moments()));
        rest.removeAll(names);
        if (rest.isEmpty()) return new Movement(set(written, change), again, now);
        rest.forEach(this::time);
        // Alone among those that come again: all are written out.
        Movement whole = new Movement(set(written, change), again, now);
        List<At> alone = change.at().stream()
                .map(a -> new At(
                        a.moments().stream().filter(rest::contains).collect(Collectors.toSet()), a.set(), a.eyes()))
                .toList();
        return new Movement(set(whole.moments, new Change(alone, null)), null, now);
    }

    private static List<Moment> set(List<Moment> moments, Change change) {
        return moments.stream()
                .map(m -> {
                    Map<Dial, Double> set = new EnumMap<>(Dial.class);
                    Eyes eyes = m.eyes();
                    for (At a : change.at())
                        if (a.moments().contains(m.name())) {
                            set.putAll(a.set());
                            if (a.eyes() != null) eyes = a.eyes();
                        }
                    return new Moment(m.name(), m.at(), m.pose().with(set), eyes);
                })
                .toList();
    }

    /**
     * On the way from this movement to one with a fault: 0 is this, 1 the other. The ball and the eyes go over at one half.
     *
     * @return the other one where its moments are not these
     */
    public Movement towards(Movement other, double share) {
        Map<String, Moment> there = new LinkedHashMap<>();
        other.moments.forEach(m -> there.put(m.name(), m));
        boolean alike = moments.size() == other.moments.size()
                && moments.stream()
                        .allMatch(m -> there.containsKey(m.name())
                                && there.get(m.name()).at() == m.at());
        if (!alike) return other;
        List<Moment> between = new ArrayList<>();
        for (int i = 0; i < moments.size(); i++) {
            Moment a = moments.get(i);
            Moment b = other.moments.get(i);
            between.add(
                    new Moment(a.name(), a.at(), a.pose().towards(b.pose(), share), share < 0.5 ? a.eyes() : b.eyes()));
        }
        return new Movement(between, null, share < 0.5 ? handled : other.handled);
    }

    /** The same at another pace: 2 takes twice as long. */
    public Movement slower(double by) {
        return new Movement(
                moments.stream()
                        .map(m -> new Moment(m.name(), m.at() * by, m.pose(), m.eyes()))
                        .toList(),
                null,
                handled);
    }
}
