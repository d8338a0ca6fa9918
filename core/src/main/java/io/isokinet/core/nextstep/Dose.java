package io.isokinet.core.nextstep;

/**
 * Minutes that a class has worked on one skill, and where the year leads.
 *
 * <p>About 240 to 600 minutes of instruction and practice bring a child to proficiency in one skill (Get Skilled: Get Active, citing the
 * Victorian manual; from memory).
 *
 * @param soFar taught @param planned in lessons to come
 * @param atThisPace by the end of the year, if the skill goes on after the last planned lesson as it went until then
 */
public record Dose(int soFar, int planned, int atThisPace, String sentence) {
    public static final int LEAST = 240;
    public static final int MOST = 600;
    /** A pace needs so many weeks to be one. */
    private static final int FEWEST_WEEKS = 3;

    /**
     * @param weeks from the first lesson on the skill to the last planned one, at least 1
     * @param weeksAfter school weeks after that until the end of the year
     */
    public static Dose of(int soFar, int planned, int weeks, int weeksAfter) {
        int sure = soFar + planned;
        int after = weeks < FEWEST_WEEKS ? 0 : Math.max(0, weeksAfter);
        int pace = sure + Math.round((float) sure / Math.max(1, weeks) * after);
        return new Dose(soFar, planned, pace, sentence(soFar, sure, pace));
    }

    private static String sentence(int soFar, int sure, int pace) {
        String against = sure < LEAST ? "under" : sure > MOST ? "more than" : "within";
        String end = pace > sure ? "; at this pace %d by the end of the year".formatted(pace) : "";
        return "%d minutes so far, %d with what is planned: %s the %d to %d that manuals give one skill%s."
                .formatted(soFar, sure, against, LEAST, MOST, end);
    }
}
