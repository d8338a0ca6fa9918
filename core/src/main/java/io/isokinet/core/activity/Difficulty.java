package io.isokinet.core.activity;

/**
 * One scale of difficulty for every task: logits, 0 where half of settled eight-year-olds succeed at a try. Common
 * practice, no source: a default that a class's own hits replace. A year of age is worth {@value #LOGITS_A_YEAR} logits.
 */
public final class Difficulty {
    /** What a year of growing up is worth. */
    public static final double LOGITS_A_YEAR = 0.4;

    private static final double MIDDLE_AGE = 8;

    private Difficulty() {}

    /**
     * The share of tries that succeed, by the logistic curve.
     *
     * @param logits of the task as it is set
     * @param age in years
     * @return 0 to 1
     */
    public static double success(double logits, double age) {
        return 1 / (1 + Math.exp(logits - (age - MIDDLE_AGE) * LOGITS_A_YEAR));
    }

    /** In words for a teacher: "about 6 in 10". */
    public static String words(double share) {
        long of = Math.round(share * 10);
        return of <= 0 ? "hardly any in 10" : of >= 10 ? "nearly 10 in 10" : "about %d in 10".formatted(of);
    }
}
