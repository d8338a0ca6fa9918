package io.isokinet.server.unit;

import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.unit.CueTotals;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.RuleChange;
import io.isokinet.server.school.Classes.ClassLine;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A unit as the board draws it.
 *
 * @param head revision in force, for If-Match
 * @param wished what became of each wish that was made
 * @param threads one block a skill
 * @param strains what is broken or strained, the hard ones first
 * @param changes what the last edit did, by rule; empty when just looking
 * @param leftOver calls of cues that wait for the next unit
 */
public record UnitView(
        UUID id,
        String title,
        ClassLine schoolClass,
        UUID head,
        String cause,
        boolean canUndo,
        boolean canRedo,
        WishesView wishes,
        List<WishView> wished,
        List<LessonView> lessons,
        List<ThreadBlock> threads,
        List<SaidView> said,
        List<StrainView> strains,
        ScoreView score,
        List<ChangeView> changes,
        List<String> leftOver) {
    /**
     * @param fits false if a hard or medium rule is broken in it
     * @param changes of the lay-out
     * @param changeSeconds spent on them
     */
    public record LessonView(
            UUID id,
            int position,
            LocalDate onDate,
            @Nullable LocalTime starts,
            int minutes,
            String space,
            LessonState state,
            boolean fits,
            int tries,
            int motionPercent,
            int looks,
            int changes,
            int changeSeconds,
            List<SegmentView> segments) {}

    /**
     * @param level rung level; null where there is no skill
     * @param setting the main lever's step in words; null without levers
     * @param easier the next easier step; null if there is none
     * @param harder the next harder step; null if there is none
     * @param stations what is done side by side; empty where all do the same
     */
    public record SegmentView(
            UUID id,
            String activity,
            String name,
            String how,
            List<LessonPhase> phases,
            @Nullable String skill,
            @Nullable Integer level,
            @Nullable String rung,
            boolean play,
            boolean locked,
            int minutes,
            int changeSeconds,
            List<String> introduces,
            List<String> focus,
            @Nullable String watch,
            int tries,
            int looks,
            int motionPercent,
            String formation,
            List<KitLine> kit,
            List<Caution> cautions,
            @Nullable String lever,
            int step,
            @Nullable String setting,
            @Nullable String easier,
            @Nullable String harder,
            @Nullable String countsAsOne,
            @Nullable String question,
            List<String> reasons,
            List<StationView> stations) {}

    /** @param setting the step of its own lever in words; null without one */
    public record StationView(
            String activity, String name, @Nullable String setting) {}

    /**
     * @param picked true if the teacher picked its cues and their order
     * @param leftOut what of the set is not taught in this unit, and why
     */
    public record ThreadBlock(
            String skill,
            String name,
            String cueSet,
            String setName,
            boolean picked,
            List<Thread> cues,
            List<LeftOut> leftOut) {}

    /** @param fromAge from which it is asked for, where the class is younger; null where the teacher left it out */
    public record LeftOut(String key, String call, @Nullable Integer fromAge) {}

    /**
     * @param why it waits for the next unit; null if it does not
     * @param pin number of the lesson that it is meant for; null for any
     */
    public record Thread(
            String key,
            String call,
            String question,
            boolean waits,
            List<ThreadMark> marks,
            CueTotals totals,
            @Nullable String why,
            @Nullable Integer pin) {}

    /** What a segment does with a cue. */
    public enum MarkKind {
        INTRODUCED,
        PRACTISED,
        WATCHED,
        GAME
    }

    /**
     * @param lesson index among the lessons of the unit
     * @param tries a child gets in the segment
     */
    public record ThreadMark(int lesson, UUID segment, MarkKind kind, int tries) {}

    /**
     * One of the at most three things that a colleague would say of the unit.
     *
     * @param segment where it is; null if it concerns a lesson or the unit
     * @param broken true if it does not fit, false for a compromise
     */
    public record SaidView(String words, @Nullable UUID segment, boolean broken) {}

    /**
     * A wish, and what became of it.
     *
     * @param why what stands against it; null where it is kept
     */
    public record WishView(String wish, @Nullable String why) {}

    public record StrainView(
            String rule,
            Rule.Level level,
            @Nullable Integer lesson,
            @Nullable UUID segment,
            long cost,
            String sentence) {}

    public record ScoreView(long hard, long medium, long soft) {
        static ScoreView of(Score score) {
            return new ScoreView(score.hard(), score.medium(), score.soft());
        }
    }

    public record ChangeView(String rule, Rule.Level level, long before, long after) {
        static ChangeView of(RuleChange change) {
            return new ChangeView(change.rule().name(), change.rule().level(), change.before(), change.after());
        }
    }

    /**
     * What the author wished.
     *
     * @param shares of the skills, in their order
     * @param newCues null for the usual number
     */
    public record WishesView(
            Wishes.Order order,
            @Nullable Integer newCues,
            Wishes.Tempo tempo,
            Wishes.Taste taste,
            boolean fewLayouts,
            boolean skipsRungs,
            boolean repeats,
            List<String> favourites,
            List<String> bans,
            Map<String, Integer> weights,
            Wishes.Ending ending) {}
}
