package io.isokinet.server.nextstep;

import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.server.nextstep.Watching.WatchView;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the records of a class say to do next. Each is a proposal with the facts that decide.
 *
 * @param skills those of the next lesson first, then whatever was taught
 * @param groupedBy names of the skills that groups and help are for: those of the next lesson, as far as they were taught; empty for all skills
 * @param groups none where nothing was taught
 * @param helpFirst who needs help first, in a sentence; empty for nobody
 * @param lesson the next one that is planned; null if there is none
 * @param signOff what can be decided by a day; null without lessons
 * @param cameTrue of the last lesson that was taught; null if there is none
 * @param calls of the cues that are spoken of, by their keys
 * @param names of the children, by their ids
 */
public record WhatNext(
        List<SkillStep> skills,
        List<CueNeed> cues,
        List<String> groupedBy,
        List<NeedGroup> groups,
        String helpFirst,
        @Nullable NextLesson lesson,
        @Nullable SignOffView signOff,
        @Nullable CameTrue cameTrue,
        List<CatchUpView> catchUps,
        List<AgreementLine> agreements,
        Map<String, String> calls,
        Map<UUID, String> names) {
    /**
     * @param rung the highest that was reached lately, in words; null for none
     * @param words what to do: go on, stay, step back, look first
     */
    public record SkillStep(
            String skill, String name, @Nullable String rung, Step step, String words, List<String> facts) {}

    public record CueNeed(String cue, List<String> facts) {}

    /**
     * @param cue they share; empty for those of whom nothing that was taught needs to be practised
     * @param steps what they do differently, skill by skill
     */
    public record NeedGroup(String cue, List<UUID> children, List<GroupStepView> steps) {}

    /**
     * @param words go on, stay, step back, look first
     * @param doing what that is in the next lesson
     */
    public record GroupStepView(String name, String words, List<String> facts, String doing) {}

    /**
     * @param skills of its unit
     * @param looks one pair of eyes has in it
     * @param reason how many are likely to be settled, in a sentence
     * @param ownLooks what the looks that are counted on are learnt from; empty for nothing
     * @param check for whom a check is worth a minute; empty for nobody
     * @param enough calls of cues that need no more looks
     */
    public record NextLesson(
            UUID lesson,
            UUID unit,
            String title,
            List<String> skills,
            LocalDate onDate,
            int number,
            int looks,
            List<WatchView> watches,
            String reason,
            String ownLooks,
            String check,
            List<String> enough) {}

    /**
     * What can be decided until a day.
     *
     * @param looks one pair of eyes has in the lessons until then
     * @param used of those
     */
    public record SignOffView(LocalDate by, int lessons, int looks, int used, List<SignOffLine> cues) {}

    /**
     * @param decided and
     * @param likely children, of {@code children}
     * @param needed looks, of which some are planned by lesson
     */
    public record SignOffLine(
            String cue, int children, int decided, int likely, int needed, List<PlannedLooks> planned) {}

    public record PlannedLooks(LocalDate onDate, int looks) {}

    /** What was likely of the last lesson, and what came of it. */
    public record CameTrue(UUID lesson, int number, int foretold, int settled, String sentence) {}

    /**
     * Children who were away when a cue was taught and were not seen at it since.
     *
     * @param skill key of the skill of the cue
     * @param forClass true where so many were that the whole class comes back to it
     * @param steps of five minutes with it
     */
    public record CatchUpView(String cue, String skill, List<UUID> children, boolean forClass, List<String> steps) {}

    /**
     * Two people who watched the same children in the same lesson.
     *
     * @param talk whether to talk about what they look for
     */
    public record AgreementLine(String cue, String first, String second, boolean talk, String sentence) {}
}
