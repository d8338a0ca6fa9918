package io.isokinet.core.quantity;

/** Paces and steps: always whose. */
public final class Pace {
    /** An adult's, in metres. Common practice. */
    public static final double TEACHERS = 0.75;

    private Pace() {}

    /**
     * A child's walking step: 0.43 m at five, 0.48 m at seven, 2.5 cm more each year until twelve.
     * Sutherland et al. 1980 and later gait norms; memory, ±0.06 m.
     */
    public static Length childs(Age age) {
        return new Length(0.43 + 0.025 * (Math.min(12, Math.max(3, age.years())) - 5));
    }

    /** A giant step: twice a step. Common practice. */
    public static Length giant(Age age) {
        return new Length(2 * childs(age).metres());
    }

    /** A distance in a teacher's paces and a child's steps: "3 m: 4 of your paces, 6 steps of theirs". */
    public static String words(Length distance, Age age) {
        return "%d of your paces, %d steps of theirs"
                .formatted(
                        Math.round(distance.metres() / TEACHERS),
                        Math.round(distance.metres() / childs(age).metres()));
    }
}
