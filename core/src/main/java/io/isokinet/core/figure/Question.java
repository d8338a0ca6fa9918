package io.isokinet.core.figure;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** A cue as a question of a movement: what an observer would have to see. */
public sealed interface Question {
    /** Between two moments so many times a second is looked. */
    int A_SECOND = 120;

    /**
     * What came out.
     *
     * @param shown whether it was there
     * @param at the time that decides, in seconds
     * @param sentence what was measured beside what must hold
     */
    record Answer(boolean shown, double at, String sentence) {}

    Answer of(Movement movement, Body body);

    /**
     * One spot is farther towards the target than another.
     *
     * @param by shares of stature at least
     */
    record Ahead(Spot spot, Spot of, String moment, double by) implements Question {
        @Override
        public Answer of(Movement m, Body body) {
            double at = m.time(moment);
            Figure f = m.figure(body, at);
            double is = (f.at(spot).forward() - f.at(of).forward()) / body.stature();
            return Question.answer(
                    is >= by,
                    at,
                    "%s is %.2f of stature ahead of %s; at least %.2f must it be",
                    words(spot),
                    is,
                    words(of),
                    by);
        }
    }

    /**
     * One spot is higher than another.
     *
     * @param by shares of stature at least; below zero where it may be so much lower
     * @param orLower true turns it round: at most so much higher
     */
    record Height(Spot spot, Spot of, String moment, double by, boolean orLower) implements Question {
        @Override
        public Answer of(Movement m, Body body) {
            double at = m.time(moment);
            Figure f = m.figure(body, at);
            double is = (f.at(spot).up() - f.at(of).up()) / body.stature();
            return Question.answer(
                    orLower ? is <= by : is >= by,
                    at,
                    "%s is %.2f of stature above %s; %s %.2f must it be",
                    words(spot),
                    is,
                    words(of),
                    orLower ? "at most" : "at least",
                    by);
        }
    }

    /** One spot is on the side of another: farther to the own side by so much of stature at least; below zero to the other side. */
    record Across(Spot spot, Spot of, String moment, double most) implements Question {
        @Override
        public Answer of(Movement m, Body body) {
            double at = m.time(moment);
            Figure f = m.figure(body, at);
            double is = (f.at(spot).own() - f.at(of).own()) / body.stature();
            return Question.answer(
                    is <= most,
                    at,
                    "%s is %.2f of stature to the own side of %s; at most %.2f must it be",
                    words(spot),
                    is,
                    words(of),
                    most);
        }
    }

    /** A joint is bent from so many degrees to so many. */
    record Bent(Joint joint, String moment, double from, double to) implements Question {
        @Override
        public Answer of(Movement m, Body body) {
            double at = m.time(moment);
            double is = m.figure(body, at).bend(joint);
            return Question.answer(
                    is >= from && is <= to,
                    at,
                    "%s is bent by %.0f degrees; %.0f to %.0f must it be",
                    joint.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
                    is,
                    from,
                    to);
        }
    }

    /** The hips, or the chest, are turned from the target by so many degrees. */
    record Turned(boolean chest, String moment, double from, double to) implements Question {
        @Override
        public Answer of(Movement m, Body body) {
            double at = m.time(moment);
            Figure f = m.figure(body, at);
            double is = turned(chest ? f.chest() : f.hips());
            return Question.answer(
                    is >= from && is <= to,
                    at,
                    "%s are turned by %.0f degrees; %.0f to %.0f must they be",
                    chest ? "the shoulders" : "the hips",
                    is,
                    from,
                    to);
        }
    }

    /** From one moment to another the face stays on the target within so many degrees. */
    record Looks(String from, String to, double within) implements Question {
        @Override
        public Answer of(Movement m, Body body) {
            double end = m.time(to);
            double worst = 0;
            double when = m.time(from);
            for (double at : times(m.time(from), end)) {
                double off = m.figure(body, at).face().angle(new Vec(1, 0, 0));
                if (off > worst) {
                    worst = off;
                    when = at;
                }
            }
            return Question.answer(
                    worst <= within,
                    when,
                    "the face is %.0f degrees off the target at most; %.0f may it be",
                    worst,
                    within);
        }
    }

    /** From a moment on, the hips face the target, within so many degrees, sooner than the chest by so many seconds. */
    record HipsFirst(String from, double within, double by) implements Question {
        @Override
        public Answer of(Movement m, Body body) {
            double first = m.time(from);
            double end = m.moments().get(m.moments().size() - 1).at();
            double hips =
                    when(first, end, t -> Math.abs(turned(m.figure(body, t).hips())), within);
            double chest =
                    when(first, end, t -> Math.abs(turned(m.figure(body, t).chest())), within);
            return Question.answer(
                    chest - hips >= by && hips < end,
                    hips,
                    "the hips face the target %.2f s before the shoulders; %.2f s must it be",
                    chest - hips,
                    by);
        }

        /** The first time at which it is so small; the end where it never is. */
        private static double when(double first, double end, DoubleUnaryOperator of, double within) {
            for (double at : times(first, end)) if (of.applyAsDouble(at) <= within) return at;
            return end;
        }
    }

    /** Several at once; the first that is not there decides. */
    record All(List<Question> of) implements Question {
        @Override
        public Answer of(Movement m, Body body) {
            Answer last = new Answer(true, 0, "");
            for (Question q : of) {
                last = q.of(m, body);
                if (!last.shown()) return last;
            }
            return last;
        }
    }

    private static Answer answer(boolean shown, double at, String words, Object... values) {
        return new Answer(shown, at, String.format(java.util.Locale.UK, words, values) + ".");
    }

    private static String words(Spot spot) {
        return "the " + spot.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }

    private static double turned(Vec facing) {
        return Math.toDegrees(Math.atan2(facing.own(), facing.forward()));
    }

    private static double[] times(double from, double to) {
        int n = Math.max(1, (int) Math.ceil((to - from) * A_SECOND));
        double[] times = new double[n + 1];
        for (int i = 0; i <= n; i++) times[i] = from + (to - from) * i / n;
        return times;
    }
}
