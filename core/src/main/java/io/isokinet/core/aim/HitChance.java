package io.isokinet.core.aim;

import io.isokinet.core.quantity.Age;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The chance that one try hits. The error of the aim is an angle, normal with mean zero and the standard deviation
 * {@code spread} in radians, small enough that it misses by {@code spread} times the distance.
 *
 * <p>What counts is the effective width: target plus ball for a hit, gap less ball for a pass through.
 */
public final class HitChance {
    private static final double ROOT_TWO = Math.sqrt(2);
    private static final double ROOT_PI = Math.sqrt(Math.PI);
    private static final double FAR_OUT = 6;

    private HitChance() {}

    /** The effective width of a target that is to be hit, in the unit of both. */
    public static double widthToHit(double target, double ball) {
        return target + ball;
    }

    /** The effective width of a gap that is to be passed through; zero if the ball does not fit. */
    public static double widthToPass(double gap, double ball) {
        return Math.max(0, gap - ball);
    }

    /**
     * The usual spread of a child's roll or throw in radians: 0.10 at five, 0.06 at nine, 0.05 for a skilled one of eleven and
     * more. Common practice, no source: a default that the child's own hits replace.
     */
    public static double usualSpread(Age age) {
        double years = age.years();
        if (years >= 11) return 0.05;
        if (years >= 9) return 0.06 - 0.005 * (years - 9);
        return Math.min(0.12, 0.06 + 0.01 * (9 - years));
    }

    /**
     * How much a child's pace varies from roll to roll, as a share of its speed: 0.20 at five to 0.10 at eleven and more. The pace is
     * the hard part: a roll runs as far as the square of its speed. Common practice, no source.
     */
    public static double usualRollPace(Age age) {
        return Math.max(0.10, Math.min(0.22, 0.20 - 0.10 * (age.years() - 5) / 6));
    }

    /** The same of a lob at a mark on the floor: 0.12 at five to 0.08 at eleven and more. Common practice, no source. */
    public static double usualLobPace(Age age) {
        return Math.max(0.08, Math.min(0.13, 0.12 - 0.04 * (age.years() - 5) / 6));
    }

    /**
     * Lengthwise: what stops or lands within half a window of the distance. How far it gets goes by the square of its speed, and the
     * speed is normal about the right one.
     *
     * @param window along the way it is sent, in metres, zero or more
     * @param pace standard deviation of the speed as a share of it, more than zero
     * @return 0 to 1
     */
    public static double along(double window, double distance, double pace) {
        check(window, distance, pace);
        double least = Math.sqrt(Math.max(0, (distance - window / 2) / distance)) - 1;
        double most = Math.sqrt((distance + window / 2) / distance) - 1;
        return between(least, most, pace);
    }

    /**
     * The chance that it is fast enough.
     *
     * @param needed and meant are speeds, more than zero
     * @param pace standard deviation of the speed as a share of it, more than zero
     */
    public static double fastEnough(double needed, double meant, double pace) {
        check(needed, meant, pace);
        return 0.5 - erf((needed / meant - 1) / (ROOT_TWO * pace)) / 2;
    }

    /**
     * Sideways only: a roll at a target, or through a gap. p = erf(W / (2 √2 s D)).
     *
     * @param width effective width in metres, zero or more
     * @param distance in metres, more than zero
     * @param spread in radians, more than zero
     * @return 0 to 1
     */
    public static double across(double width, double distance, double spread) {
        check(width, distance, spread);
        return erf(width / (2 * ROOT_TWO * spread * distance));
    }

    /**
     * A round target on a wall, both errors alike: Rayleigh, p = 1 - exp(-r² / (2 s² D²)).
     *
     * @param radius effective radius in metres, zero or more
     */
    public static double round(double radius, double distance, double spread) {
        check(radius, distance, spread);
        double off = spread * distance;
        return -Math.expm1(-radius * radius / (2 * off * off));
    }

    /**
     * The distance at which a share of tries hits: the other way of {@link #across}.
     *
     * @param share more than 0, less than 1
     * @return metres
     */
    public static double distanceFor(double share, double width, double spread) {
        if (share <= 0 || share >= 1)
            throw new IllegalArgumentException("The share (%s) must lie between 0 and 1.".formatted(share));
        check(width, 1, spread);
        return width / (2 * ROOT_TWO * spread * inverseErf(share));
    }

    /**
     * The spread of somebody who hit a share of tries at one distance.
     *
     * @param share more than 0, less than 1
     * @return radians
     */
    public static double spreadOf(double share, double width, double distance) {
        if (share <= 0 || share >= 1)
            throw new IllegalArgumentException("The share (%s) must lie between 0 and 1.".formatted(share));
        check(width, distance, 1);
        return width / (2 * ROOT_TWO * distance * inverseErf(share));
    }

    /**
     * The chance of meeting at least one pin of a triangle with a ball that rolls straight: each pin is a span of slopes, and
     * the spans are summed where they do not lie over each other.
     *
     * @param rows 1 to 4
     * @param pin width of a pin in metres
     * @param gap between the middles of neighbours, in metres
     * @param ball its diameter in metres
     * @param distance to the first pin in metres, more than zero
     * @param spread in radians, more than zero
     * @return 0 to 1
     */
    public static double triangle(int rows, double pin, double gap, double ball, double distance, double spread) {
        check(pin, distance, spread);
        if (rows < 1 || rows > 4)
            throw new IllegalArgumentException("A triangle has 1 to 4 rows, not %d.".formatted(rows));
        double reach = (pin + ball) / 2;
        List<Span> spans = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            double away = distance + row * gap * Math.sqrt(3) / 2;
            for (int at = 0; at <= row; at++) {
                double middle = (at - row / 2.0) * gap;
                spans.add(new Span((middle - reach) / away, (middle + reach) / away));
            }
        }
        spans.sort(Comparator.comparingDouble(Span::from));
        double chance = 0;
        double counted = Double.NEGATIVE_INFINITY;
        for (Span span : spans)
            if (span.to > counted) {
                chance += between(Math.max(span.from, counted), span.to, spread);
                counted = span.to;
            }
        return chance;
    }

    /** Slopes at which one pin is met. */
    private record Span(double from, double to) {}

    private static double between(double from, double to, double spread) {
        return (erf(to / (ROOT_TWO * spread)) - erf(from / (ROOT_TWO * spread))) / 2;
    }

    private static void check(double width, double distance, double spread) {
        if (width < 0 || distance <= 0 || spread <= 0)
            throw new IllegalArgumentException(
                    "The width (%s m) must be zero or more, the distance (%s m) and the spread (%s) more than zero."
                            .formatted(width, distance, spread));
    }

    /** The error function: its series near zero, 1 beyond where a double can tell. */
    static double erf(double x) {
        if (x < 0) return -erf(-x);
        if (x > FAR_OUT) return 1;
        // Kummer's form has only positive terms, so nothing cancels: 2x/√π e^(-x²) Σ (2x²)^n / (1·3·5···(2n+1)).
        double term = 1;
        double sum = 1;
        for (int n = 1; term > sum * 1e-17; n++) {
            term *= 2 * x * x / (2 * n + 1);
            sum += term;
        }
        return Math.min(1, 2 * x / ROOT_PI * Math.exp(-x * x) * sum);
    }

    /** By halving: the error function rises. */
    static double inverseErf(double y) {
        double low = 0;
        double high = FAR_OUT;
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            if (erf(middle) < y) low = middle;
            else high = middle;
        }
        return (low + high) / 2;
    }
}
