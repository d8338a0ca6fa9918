package io.isokinet.server.report;

import io.isokinet.core.quantity.Side;
import io.isokinet.server.mastery.Grid.Cell;
import io.isokinet.server.school.ChildView;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One child: its cues over time, both hands, hits and what they say of its aim, bests and notes.
 *
 * @param bests in sentences @param atHome sets of tries that were told from home, in sentences @param notes from the hall, newest first
 */
public record ChildPicture(
        ChildView child,
        LocalDate on,
        List<SkillPicture> skills,
        List<String> bests,
        List<String> atHome,
        List<String> notes) {
    /** @param level in words @param counted what is counted @param aims by side, where something was counted */
    public record SkillPicture(
            String skill, String name, String level, String counted, List<CuePicture> cues, List<AimView> aims) {}

    /** @param beside what others ticked and the child said, in sentences @param looks that count, oldest first @param otherHand shown of looks with the hand that is not its own; null without any */
    public record CuePicture(
            String cue,
            String call,
            String question,
            Cell cell,
            List<String> beside,
            List<LookOn> looks,
            @Nullable String otherHand) {}

    public record LookOn(LocalDate on, boolean shown) {}

    /**
     * @param side of the hand or foot; null where it was not said
     * @param sets from the oldest, in words @param spread the reason with its numbers
     * @param suggestion a distance to try next; null where distance or width were never told
     */
    public record AimView(
            @Nullable Side side,
            int hits,
            int tries,
            List<CountedSet> sets,
            String spread,
            @Nullable String suggestion,
            @Nullable String lean) {}

    /** @param metres to the target; null where it was not told */
    public record CountedSet(
            LocalDate on, int hits, int tries, @Nullable Double metres) {}
}
