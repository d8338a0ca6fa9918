package io.isokinet.core.figure;

import org.jspecify.annotations.Nullable;

/** When feet are on the floor, from where heel and toe are. */
final class Feet {
    /** A sole this high, of stature, is off the floor. */
    private static final double OFF = 0.014;

    private static final double STEP = 1.0 / Question.A_SECOND;

    private Feet() {}

    /** @param at when it came to that */
    record Count(double value, double at) {}

    static boolean down(Motion m, boolean own, double at) {
        double heel = m.at(own ? Spot.OWN_HEEL : Spot.OTHER_HEEL, at).up();
        double toe = m.at(own ? Spot.OWN_TOE : Spot.OTHER_TOE, at).up();
        return Math.min(heel, toe) < OFF * m.stature();
    }

    static Count count(Motion m, Question.Steps steps, Question.@Nullable Foot foot, double from, double to) {
        int n = Math.max(1, (int) Math.round((to - from) / STEP));
        boolean own = down(m, true, from);
        boolean other = down(m, false, from);
        Tally t = new Tally(own, other, from);
        for (int i = 1; i <= n; i++) {
            double at = from + (to - from) * i / n;
            t.take(down(m, true, at), down(m, false, at), at, (to - from) / n);
        }
        return t.count(steps, foot);
    }

    /** Goes through the pictures and keeps what has been counted. */
    private static final class Tally {
        private boolean own;
        private boolean other;
        private final int[] landings = new int[2];
        private final double[] landed = {Double.NaN, Double.NaN};
        private final double[] left = {Double.NaN, Double.NaN};
        private int last = -1;
        private int hops;
        private double hopAt;
        private double flight;
        private double longest;
        private double longestAt;
        private double onOne;
        private double at;

        Tally(boolean own, boolean other, double from) {
            this.own = own;
            this.other = other;
            this.at = from;
            longestAt = from;
            hopAt = from;
            if (own != other) last = own ? 0 : 1;
        }

        void take(boolean ownNow, boolean otherNow, double now, double step) {
            at = now;
            land(0, own, ownNow, otherNow);
            land(1, other, otherNow, ownNow);
            flight = ownNow || otherNow ? 0 : flight + step;
            if (flight > longest) {
                longest = flight;
                longestAt = now;
            }
            if (ownNow != otherNow) onOne += step;
            own = ownNow;
            other = otherNow;
        }

        private void land(int which, boolean was, boolean is, boolean otherIs) {
            if (was && !is && Double.isNaN(left[which])) left[which] = at;
            if (was || !is) return;
            landings[which]++;
            landed[which] = at;
            if (last == which && !otherIs) {
                hops++;
                hopAt = at;
            }
            last = which;
        }

        Count count(Question.Steps steps, Question.@Nullable Foot foot) {
            return switch (steps) {
                case FLIGHT -> new Count(longest, longestAt);
                case LANDINGS ->
                    new Count(
                            foot == null ? landings[0] + landings[1] : landings[foot == Question.Foot.OWN ? 0 : 1],
                            Double.isNaN(landed[0]) ? at : landed[0]);
                case HOPS -> new Count(hops, hopAt);
                case LAND_APART -> new Count(apart(landed), Double.isNaN(landed[0]) ? at : landed[0]);
                case LEAVE_APART -> new Count(apart(left), Double.isNaN(left[0]) ? at : left[0]);
                case ON_ONE -> new Count(onOne, at);
            };
        }

        /** So long that no bound holds where one of them never did. */
        private static double apart(double[] of) {
            return Double.isNaN(of[0]) || Double.isNaN(of[1]) ? 99 : Math.abs(of[0] - of[1]);
        }
    }
}
