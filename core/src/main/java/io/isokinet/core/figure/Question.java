package io.isokinet.core.figure;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;

/** A cue as a question of a moving body: it looks at where the spots are, and at nothing else. */
public sealed interface Question {
    Answer of(Motion m, Gauge.Sided sides);

    /** What an eye looks at to answer it. */
    Set<Spot> looksAt();

    /**
     * @param at seconds from the start: the picture that decides
     * @param sentence what was measured, and what is asked for
     */
    record Answer(boolean shown, double at, String sentence) {}

    /** Looks a second where something is asked of a stretch of time. */
    int A_SECOND = 80;

    /** A measure at one moment. */
    record At(Gauge gauge, String moment, Bounds bounds) implements Question {
        @Override
        public Set<Spot> looksAt() {
            return gauge.looksAt();
        }

        @Override
        public Answer of(Motion m, Gauge.Sided sides) {
            double at = m.time(moment);
            double is = gauge.of(m, at);
            return new Answer(
                    bounds.hold(is),
                    at,
                    "At “%s” %s %s; %s."
                            .formatted(words(moment), gauge.words(sides), gauge.say(is, m, sides), asked(m, sides)));
        }

        private String asked(Motion m, Gauge.Sided sides) {
            return Question.asked(bounds, v -> gauge.again(v, m, sides));
        }
    }

    /** How a measure is asked for over a stretch of time. */
    enum Over {
        /** All the time. */
        EVERY,
        /** At some time. */
        EVER,
        /** How far it goes up and down. */
        RANGE
    }

    /** A measure from one moment to another; empty names are the start and the end. */
    record Through(Gauge gauge, Over over, String from, String to, Bounds bounds) implements Question {
        @Override
        public Set<Spot> looksAt() {
            return gauge.looksAt();
        }

        @Override
        public Answer of(Motion m, Gauge.Sided sides) {
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            double worst = Double.NEGATIVE_INFINITY;
            double worstAt = begin(m, from);
            double best = Double.POSITIVE_INFINITY;
            double bestAt = worstAt;
            double mostAt = worstAt;
            for (double at : times(m, from, to)) {
                double is = gauge.of(m, at);
                double beyond = bounds.beyond(is);
                if (beyond > worst) {
                    worst = beyond;
                    worstAt = at;
                }
                if (beyond < best) {
                    best = beyond;
                    bestAt = at;
                }
                least = Math.min(least, is);
                if (is > most) {
                    most = is;
                    mostAt = at;
                }
            }
            double at = over == Over.EVERY ? worstAt : over == Over.EVER ? bestAt : mostAt;
            boolean shown =
                    switch (over) {
                        case EVERY -> worst <= 0;
                        case EVER -> best <= 0;
                        case RANGE -> bounds.hold(most - least);
                    };
            if (over == Over.RANGE)
                return new Answer(
                        shown,
                        at,
                        "%s changes by %s; %s."
                                .formatted(
                                        gauge.how(sides),
                                        gauge.change(most - least, m),
                                        Question.asked(bounds, v -> gauge.change(v, m))));
            String how = over == Over.EVER
                    ? "At its nearest, "
                    : shown ? "All the time: at its farthest off, " : "At its farthest off, ";
            return new Answer(
                    shown,
                    at,
                    how
                            + "%s %s; %s."
                                    .formatted(
                                            gauge.words(sides),
                                            gauge.say(gauge.of(m, at), m, sides),
                                            Question.asked(bounds, v -> gauge.again(v, m, sides))));
        }
    }

    /** What can be counted of the feet. */
    enum Steps {
        /** Seconds of the longest flight, both feet off the floor. */
        FLIGHT,
        /** How often a foot comes down. */
        LANDINGS,
        /** How often the foot that came down last comes down again, the other one staying up. */
        HOPS,
        /** Seconds between the last landings of the two feet. */
        LAND_APART,
        /** Seconds between the first leavings of the two feet. */
        LEAVE_APART,
        /** Seconds with just one foot on the floor. */
        ON_ONE
    }

    /** @param foot of which foot; null for both */
    record Counted(Steps steps, @Nullable Foot foot, String from, String to, Bounds bounds) implements Question {
        @Override
        public Set<Spot> looksAt() {
            if (foot == null) return Set.of(Spot.OWN_TOE, Spot.OTHER_TOE);
            return Set.of(foot == Foot.OWN ? Spot.OWN_TOE : Spot.OTHER_TOE);
        }

        @Override
        public Answer of(Motion m, Gauge.Sided sides) {
            Feet.Count c = Feet.count(m, steps, foot, begin(m, from), finish(m, to));
            boolean seconds = steps == Steps.FLIGHT
                    || steps == Steps.LAND_APART
                    || steps == Steps.LEAVE_APART
                    || steps == Steps.ON_ONE;
            DoubleUnaryOperator rounded = v -> seconds ? Math.round(v * 100) / 100.0 : Math.round(v);
            String what =
                    switch (steps) {
                        case FLIGHT -> "both feet are off the floor for";
                        case LANDINGS -> "%s down".formatted(foot == null ? "a foot comes" : "that foot comes");
                        case HOPS -> "the foot that came down last comes down again";
                        case LAND_APART -> "the feet land apart by";
                        case LEAVE_APART -> "the feet leave apart by";
                        case ON_ONE -> "just one foot is on the floor for";
                    };
            String unit = seconds ? " s" : " times";
            return new Answer(
                    bounds.hold(c.value()),
                    c.at(),
                    "In all, %s %s; %s."
                            .formatted(
                                    what,
                                    number(rounded.applyAsDouble(c.value())) + unit,
                                    Question.asked(bounds, v -> number(v) + unit)));
        }
    }

    /** Which foot. */
    enum Foot {
        OWN,
        OTHER
    }

    /** From a moment on, one thing holds sooner than another by so many seconds. */
    record Sooner(Gauge first, Bounds holds, Gauge then, Bounds thenHolds, String from, Bounds by) implements Question {
        @Override
        public Set<Spot> looksAt() {
            Set<Spot> both = new LinkedHashSet<>(first.looksAt());
            both.addAll(then.looksAt());
            return both;
        }

        @Override
        public Answer of(Motion m, Gauge.Sided sides) {
            double one = when(first, holds, m);
            double two = when(then, thenHolds, m);
            return new Answer(
                    by.hold(two - one) && one < m.end(),
                    one,
                    "%s so far %s s before %s so far; %s."
                            .formatted(
                                    upper(first.words(sides)),
                                    number(Math.round((two - one) * 100) / 100.0),
                                    then.words(sides),
                                    Question.asked(by, v -> number(v) + " s")));
        }

        /** The first time at which it holds; the end where it never does. */
        private double when(Gauge gauge, Bounds bounds, Motion m) {
            for (double at : times(m, from, "")) if (bounds.hold(gauge.of(m, at))) return at;
            return m.end();
        }
    }

    /** Several at once; the first that is not there decides. */
    record All(List<Question> of) implements Question {
        public All {
            of = List.copyOf(of);
            if (of.isEmpty()) throw new IllegalArgumentException("A cue asks at least one thing.");
        }

        @Override
        public Set<Spot> looksAt() {
            Set<Spot> all = new LinkedHashSet<>();
            of.forEach(q -> all.addAll(q.looksAt()));
            return all;
        }

        @Override
        public Answer of(Motion m, Gauge.Sided sides) {
            List<Answer> answers = new ArrayList<>();
            for (Question q : of) {
                Answer a = q.of(m, sides);
                if (!a.shown()) return a;
                answers.add(a);
            }
            return answers.get(0);
        }
    }

    private static double begin(Motion m, String from) {
        return from.isEmpty() ? m.start() : m.time(from);
    }

    private static double finish(Motion m, String to) {
        return to.isEmpty() ? m.end() : m.time(to);
    }

    private static double[] times(Motion m, String from, String to) {
        double first = begin(m, from);
        double last = finish(m, to);
        int n = Math.max(1, (int) Math.ceil((last - first) * A_SECOND));
        double[] times = new double[n + 1];
        for (int i = 0; i <= n; i++) times[i] = first + (last - first) * i / n;
        return times;
    }

    private static String asked(Bounds b, java.util.function.DoubleFunction<String> say) {
        if (Double.isInfinite(b.most())) return "at least " + say.apply(b.least()) + " is asked for";
        if (Double.isInfinite(b.least())) return "at most " + say.apply(b.most()) + " is asked for";
        return "from " + say.apply(b.least()) + " to " + say.apply(b.most()) + " is asked for";
    }

    private static String number(double v) {
        return v == Math.rint(v) ? String.valueOf((long) v) : String.format(Locale.UK, "%.2f", v);
    }

    private static String words(String moment) {
        return moment.replace('-', ' ');
    }

    private static String upper(String words) {
        return words.substring(0, 1).toUpperCase(Locale.UK) + words.substring(1);
    }
}
