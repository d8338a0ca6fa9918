package io.isokinet.server.unit;

import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.CueChoice;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.rule.Rules;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a revision holds, as JSON with the schema number {@value #SCHEMA}.
 *
 * @param newCues wished number of new cues a lesson; null for the usual one
 * @param more what else was wished; null for nothing
 * @param leftOver cues for the next unit
 */
record UnitBody(
        List<TargetBody> targets,
        Wishes.Order order,
        @Nullable Integer newCues,
        @Nullable MoreWishes more,
        List<LessonBody> lessons,
        List<String> leftOver) {
    static final int SCHEMA = 1;

    /**
     * @param share against the other skills'; null for the same as theirs
     * @param cues those that the teacher picked, in her order; null for those of the set
     * @param pins the lesson in which a cue is introduced, by cue; null for none
     */
    record TargetBody(
            String skill,
            String cueSet,
            @Nullable Integer share,
            @Nullable List<String> cues,
            @Nullable Map<String, UUID> pins) {
        TargetBody(String skill, String cueSet, @Nullable Integer share) {
            this(skill, cueSet, share, null, null);
        }

        /** The cues that the teacher picked or meant for a lesson. */
        Stream<String> picks() {
            return Stream.concat(
                    cues == null ? Stream.of() : cues.stream(), pins == null ? Stream.of() : pins.keySet().stream());
        }

        TargetBody choosing(CueChoiceForm choice, List<LessonRow> rows) {
            Map<String, UUID> now = new HashMap<>();
            if (choice.lessons() != null)
                choice.lessons().forEach((cue, number) -> {
                    UUID lesson = CueChoiceForm.lesson(rows, number);
                    if (lesson != null) now.put(cue, lesson);
                });
            boolean picks = choice.cues() != null && !choice.cues().isEmpty();
            return new TargetBody(skill, cueSet, share, picks ? choice.cues() : null, now.isEmpty() ? null : now);
        }

        /** The same with what was meant for one lesson meant for another. */
        TargetBody dealt(List<UUID> from, List<UUID> to) {
            if (pins == null) return this;
            Map<String, UUID> now = new HashMap<>(pins);
            now.replaceAll((cue, lesson) -> from.contains(lesson) ? to.get(from.indexOf(lesson)) : lesson);
            return new TargetBody(skill, cueSet, share, cues, now);
        }

        Target toTarget(List<UUID> lessons) {
            Map<String, Integer> meant = new HashMap<>();
            if (pins != null)
                pins.forEach((cue, lesson) -> {
                    if (lessons.contains(lesson)) meant.put(cue, lessons.indexOf(lesson));
                });
            return new Target(
                    skill, cueSet, share == null ? 1 : share, new CueChoice(cues == null ? List.of() : cues, meant));
        }
    }

    /** @param weights of soft rules, by key; those left out as usual @param repeats null for no @param ending null for whatever suits */
    public record MoreWishes(
            Wishes.Tempo tempo,
            Wishes.Taste taste,
            boolean fewLayouts,
            boolean skipsRungs,
            @Nullable Boolean repeats,
            List<String> favourites,
            List<String> bans,
            Map<String, Integer> weights,
            Wishes.@Nullable Ending ending) {}

    record LessonBody(UUID lesson, List<SegmentBody> segments) {}

    /** @param parts one activity, or several side by side: stations */
    record SegmentBody(
            UUID id,
            List<LessonPhase> phases,
            List<PartBody> parts,
            int minutes,
            List<String> introduces,
            List<String> focus,
            @Nullable String watch,
            boolean locked) {
        /** Its activity, or its stations. */
        ActivityKeys activity() {
            return new ActivityKeys(parts.stream().map(PartBody::activity).toList());
        }

        /**
         * Parts for an activity or for stations.
         *
         * @param setting step of the main lever, from 0
         */
        static List<PartBody> parts(ActivityKeys activity, int setting) {
            return activity.keys().stream().map(a -> new PartBody(a, setting)).toList();
        }

        SegmentBody unlocked() {
            return new SegmentBody(id, phases, parts, minutes, introduces, focus, watch, false);
        }
    }

    /** @param setting step of the main lever, from 0; of stations of the lever of all */
    record PartBody(String activity, int setting) {}

    Optional<LessonBody> lesson(UUID id) {
        return lessons.stream().filter(l -> l.lesson().equals(id)).findFirst();
    }

    Optional<SegmentBody> segment(String id) {
        return lessons.stream()
                .flatMap(l -> l.segments().stream())
                .filter(s -> s.id().toString().equals(id))
                .findFirst();
    }

    /** Keys of the activities in it. */
    Set<String> activities() {
        return lessons.stream()
                .flatMap(l -> l.segments().stream())
                .flatMap(s -> s.parts().stream())
                .map(PartBody::activity)
                .collect(Collectors.toSet());
    }

    /** One a skill. */
    List<String> cueSets() {
        return targets.stream().map(TargetBody::cueSet).toList();
    }

    /** @param lessons that are planned, in their order */
    List<Target> toTargets(List<UUID> lessons) {
        return targets.stream().map(t -> t.toTarget(lessons)).toList();
    }

    /** The same with other decisions about its cues. */
    UnitBody choosing(List<TargetBody> others) {
        return new UnitBody(others, order, newCues, more, lessons, leftOver);
    }

    Wishes toWishes() {
        if (more == null) return new Wishes(order, newCues, Set.of());
        Rules.check(more.weights());
        return new Wishes(
                order,
                newCues,
                more.tempo(),
                more.taste(),
                more.fewLayouts(),
                more.skipsRungs(),
                Boolean.TRUE.equals(more.repeats()),
                Set.copyOf(more.favourites()),
                Set.copyOf(more.bans()),
                more.weights(),
                more.ending() == null ? Wishes.Ending.AS_IT_COMES : more.ending());
    }

    /** The same lessons with other wishes. */
    UnitBody wishing(Wishes.Order nowOrder, @Nullable Integer nowNewCues, @Nullable MoreWishes nowMore) {
        return new UnitBody(targets, nowOrder, nowNewCues, nowMore, lessons, leftOver);
    }

    /** The same with these segments open to a replan. */
    UnitBody unlocking(Set<UUID> segments) {
        return holding(lessons.stream()
                .map(l -> new LessonBody(
                        l.lesson(),
                        l.segments().stream()
                                .map(s -> segments.contains(s.id()) ? s.unlocked() : s)
                                .toList()))
                .toList());
    }

    /** The same targets and wishes with these lessons instead. */
    UnitBody holding(List<LessonBody> nowLessons) {
        return new UnitBody(targets, order, newCues, more, nowLessons, leftOver);
    }

    /** The same targets and wishes with the plan's lessons; lessons that are not in the plan keep what they had. */
    UnitBody with(Plan plan, List<UUID> planned) {
        Map<UUID, LessonBody> byId = new HashMap<>();
        lessons.forEach(l -> byId.put(l.lesson(), l));
        List<LessonBody> now = new ArrayList<>();
        for (int i = 0; i < planned.size(); i++) {
            now.add(new LessonBody(
                    planned.get(i),
                    plan.lessons().get(i).stream().map(UnitBody::of).toList()));
            byId.remove(planned.get(i));
        }
        now.addAll(byId.values());
        return new UnitBody(targets, order, newCues, more, now, plan.leftOver());
    }

    /** The same with what was planned for one lesson given to another: {@code from.get(i)} to {@code to.get(i)}; who gives and gets nothing is left empty. */
    UnitBody deal(List<UUID> from, List<UUID> to) {
        Map<UUID, List<SegmentBody>> contents = new HashMap<>();
        lessons.forEach(l -> contents.put(l.lesson(), l.segments()));
        Map<UUID, List<SegmentBody>> dealt = new LinkedHashMap<>(contents);
        from.forEach(dealt::remove);
        for (int i = 0; i < from.size(); i++) dealt.put(to.get(i), contents.getOrDefault(from.get(i), List.of()));
        return new UnitBody(
                targets.stream().map(t -> t.dealt(from, to)).toList(),
                order,
                newCues,
                more,
                dealt.entrySet().stream()
                        .map(e -> new LessonBody(e.getKey(), e.getValue()))
                        .toList(),
                leftOver);
    }

    /** The same without what was planned for a lesson. */
    UnitBody without(UUID lesson) {
        return new UnitBody(
                targets,
                order,
                newCues,
                more,
                lessons.stream().filter(l -> !l.lesson().equals(lesson)).toList(),
                leftOver);
    }

    private static SegmentBody of(Segment s) {
        return new SegmentBody(
                UUID.fromString(s.id()),
                s.phases().stream().sorted().toList(),
                SegmentBody.parts(s.activity().keys(), s.setting()),
                s.minutes(),
                s.introduces(),
                s.focus(),
                s.watch(),
                s.locked());
    }

    /** The choices of a lesson, fixed to what was saved. */
    List<Choice> choices(UUID lesson) {
        return lessons.stream()
                .filter(l -> l.lesson().equals(lesson))
                .flatMap(l -> l.segments().stream())
                .map(s -> new Choice(
                        s.id().toString(),
                        EnumSet.copyOf(s.phases()),
                        s.activity(),
                        s.parts().get(0).setting(),
                        s.locked(),
                        s.minutes(),
                        s.introduces(),
                        s.focus(),
                        s.watch()))
                .toList();
    }
}
