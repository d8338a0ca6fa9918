package io.isokinet.server.nextstep;

import io.isokinet.core.mastery.Trend;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the records of a class say over weeks: trends, minutes by skill, and how attention was shared. For the teacher alone.
 *
 * @param middle looks of the child in the middle, over four weeks
 * @param overlooked ids of those with at most half of that
 */
public record OverTime(
        List<TrendLine> trends,
        List<Opinion> opinions,
        List<DoseLine> doses,
        double middle,
        List<AttentionLine> attention,
        List<UUID> overlooked,
        List<ShowLine> demonstrators,
        List<OpenQuestion> unanswered) {
    /** Children whose looks at a cue lead the same way. */
    public record TrendLine(Trend trend, String cue, String call, List<String> children) {}

    /** A teacher's call, or what a child can say, that the count does not bear out. */
    public record Opinion(String child, String call, String sentence) {}

    public record DoseLine(String skill, String name, int soFar, int planned, int atThisPace, String sentence) {}

    /**
     * @param corrections looks with a named fault, and notes
     * @param shown how often it showed something to the others
     */
    public record AttentionLine(UUID child, String name, int looks, int corrections, int shown) {}

    /**
     * Who could show a cue next.
     *
     * @param why one for each of them
     */
    public record ShowLine(String call, List<String> children, List<String> why) {}

    /**
     * What children wanted to find out in an opening talk.
     *
     * @param lesson that it was said in
     * @param number of it
     */
    public record OpenQuestion(
            String text, UUID lesson, @Nullable Integer number) {}
}
