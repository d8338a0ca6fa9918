package io.isokinet.server.lesson;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.lesson.Minutes;
import io.isokinet.core.safety.Caution;
import io.isokinet.server.lesson.ClassGroups.GroupView;
import io.isokinet.server.lesson.SheetView.FloorView;
import io.isokinet.server.lesson.SheetView.GameView;
import io.isokinet.server.lesson.SheetView.ItemName;
import io.isokinet.server.lesson.SheetView.LadderStep;
import io.isokinet.server.lesson.SheetView.PlaceView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of a lesson in its parts; whoever shows it takes the part it needs.
 *
 * @param id of its segment
 * @param whyNot why it does not fit who and what is there; empty if it does
 * @param things null if it does not fit
 * @param floor null if it does not fit
 * @param work null if it does not fit
 */
public record StretchView(
        UUID id,
        PlanPart plan,
        TaskPart task,
        ByHand byHand,
        List<String> whyNot,
        @Nullable ThingsPart things,
        @Nullable FloorPart floor,
        @Nullable WorkPart work) {
    /**
     * What was planned, whoever comes.
     *
     * @param level rung level; null where there is no skill
     * @param looks there is time for
     * @param reasons for it, and for how it is laid out today
     */
    public record PlanPart(
            String activity,
            String name,
            List<LessonPhase> phases,
            @Nullable Integer level,
            @Nullable String rung,
            boolean play,
            boolean locked,
            int minutes,
            int changeSeconds,
            List<String> introduces,
            List<String> focus,
            @Nullable String watch,
            int looks,
            List<String> reasons) {}

    /**
     * What is asked of the children.
     *
     * @param how to tell it, at the setting
     * @param step index of the setting; easier and harder are the steps beside it
     * @param ladder every step of the main lever, from easy to hard
     * @param roles the parts that are played in turn; empty where all do the same
     * @param setUp how it is set out, step by step
     * @param adapted children for whom a cue in focus is adapted or left out, with what
     */
    public record TaskPart(
            String how,
            @Nullable String lever,
            int step,
            List<LadderStep> ladder,
            @Nullable String countsAsOne,
            String scoring,
            String gathering,
            String sitsOut,
            @Nullable String question,
            List<String> roles,
            List<String> setUp,
            List<String> adapted) {}

    /**
     * What somebody set by hand.
     *
     * @param groups number of groups that was wished; null for the usual one
     * @param without things that were set aside for it
     * @param places that groups were given
     */
    public record ByHand(@Nullable Integer groups, List<ItemName> without, List<PlaceView> places) {}

    /**
     * What is used.
     *
     * @param sent what is rolled, thrown, kicked or struck in it, of what is set out
     * @param targetMm width of what is aimed at; null where there is none, or several beside each other
     */
    public record ThingsPart(
            List<KitLine> kit,
            List<ItemName> sent,
            @Nullable Integer targetMm) {}

    /**
     * Who stands where.
     *
     * @param formation groups in words
     * @param groupCount groups as they are laid out
     * @param groups who is with whom; empty where there are no groups
     * @param parts roles in their order, and how they go round; null where all do the same
     * @param stations how groups go from one to the next; null where all do the same
     */
    public record FloorPart(
            String formation,
            int groupCount,
            List<GroupView> groups,
            @Nullable String parts,
            @Nullable String stations,
            FloorView drawing) {
        /** The children by group, in the order of the floor. */
        public List<List<String>> memberIds() {
            return groups.stream()
                    .map(g -> g.children().stream().map(c -> c.id().toString()).toList())
                    .toList();
        }
    }

    /**
     * What it gives each child, and takes.
     *
     * @param options other numbers of groups and what they would give
     * @param success how many tries succeed, and for how many children it is the right setting; null without levers
     * @param successFrom where that figure comes from; null without one
     * @param pinTurns ways to take turns at things knocked down; empty elsewhere
     * @param explainSeconds the longest explanation that is listened to
     * @param game null where nothing is counted at the score desk
     */
    public record WorkPart(
            int tries,
            int motionPercent,
            int vigorousPercent,
            int waitingPercent,
            int explainSeconds,
            List<Minutes.Option> options,
            @Nullable String success,
            @Nullable String successFrom,
            List<String> pinTurns,
            @Nullable GameView game,
            List<Caution> cautions) {}

    /** What is fetched; nothing if it does not fit. */
    public List<KitLine> kit() {
        return things == null ? List.of() : things.kit();
    }

    /** Who is with whom; empty where there are no groups, or it does not fit. */
    public List<GroupView> groups() {
        return floor == null ? List.of() : floor.groups();
    }
}
