package io.isokinet.server.hall;

import io.isokinet.core.kit.KitLine;
import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.lesson.Sheets;
import io.isokinet.server.nextstep.NextSteps;
import io.isokinet.server.nextstep.Watching.WatchView;
import io.isokinet.server.nextstep.WhatNext;
import io.isokinet.server.nextstep.WhatNext.NextLesson;
import io.isokinet.server.nextstep.WhatNext.SkillStep;
import io.isokinet.server.record.EveningRecords;
import io.isokinet.server.record.EveningRecords.About;
import io.isokinet.server.record.EveningRecords.FirstLook;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonStanding;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.InHand;
import io.isokinet.server.unit.Lessons.PlannedSegment;
import io.isokinet.server.unit.UnitEditing;
import io.isokinet.server.unit.UnitPlanning;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** The evening of a lesson in a few lines: whom to look at first next time, what to fetch, one thing to change; each yes or no. */
@Service
class Evening {
    private static final int NAMES = 3;

    private final Lessons lessons;
    private final LessonStanding standing;
    private final NextSteps steps;
    private final Sheets sheets;
    private final EveningRecords records;
    private final UnitEditing editing;
    private final UnitPlanning planning;
    private final TransactionTemplate reading;

    Evening(
            Lessons lessons,
            LessonStanding standing,
            NextSteps steps,
            Sheets sheets,
            EveningRecords records,
            UnitEditing editing,
            UnitPlanning planning,
            PlatformTransactionManager transactions) {
        this.lessons = lessons;
        this.standing = standing;
        this.steps = steps;
        this.sheets = sheets;
        this.records = records;
        this.editing = editing;
        this.planning = planning;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /** @param lines at most one of each kind; none before the lesson was taught, and none without a next one */
    record EveningView(List<EveningLine> lines) {}

    /** @param answer null while nobody has answered */
    record EveningLine(
            About about,
            String sentence,
            String why,
            @Nullable Boolean answer) {}

    /**
     * What is proposed.
     *
     * @param next the lesson that it is for
     * @param looks whom to look at first, if it is about that
     * @param reminder to be told in the next lesson; empty for none
     * @param change to be made at once; null for none
     */
    private record Proposal(
            About about,
            String sentence,
            String why,
            UUID next,
            List<FirstLook> looks,
            String reminder,
            @Nullable Runnable change) {}

    EveningView view(UUID lesson) {
        List<Proposal> proposals = proposals(lesson);
        Map<About, Boolean> answers = records.answers(lesson);
        return new EveningView(proposals.stream()
                .map(p -> new EveningLine(p.about(), p.sentence(), p.why(), answers.get(p.about())))
                .toList());
    }

    /**
     * Keeps an answer, and does what was said yes to.
     *
     * @throws IllegalArgumentException if that is not proposed any more
     */
    EveningView answer(UUID lesson, About about, boolean yes) {
        EveningView before = view(lesson);
        Proposal chosen = proposals(lesson).stream()
                .filter(p -> p.about() == about)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "That is not proposed any more: the next lesson was changed. Look at it once more."));
        if (yes && chosen.change() != null) chosen.change().run();
        if (about == About.LOOK) records.lookFirst(chosen.next(), yes ? chosen.looks() : List.of());
        records.answer(lesson, about, yes, chosen.next(), yes ? chosen.reminder() : "");
        return new EveningView(before.lines().stream()
                .map(l -> l.about() == about ? new EveningLine(about, l.sentence(), l.why(), yes) : l)
                .toList());
    }

    private List<Proposal> proposals(UUID lessonId) {
        return Objects.requireNonNull(reading.execute(status -> {
            LessonHeader lesson = lessons.header(lessonId);
            if (lesson.state() != LessonState.TAUGHT) return List.<Proposal>of();
            WhatNext next = steps.of(lesson.classId(), lesson.cueSets(), null);
            NextLesson coming = next.lesson();
            if (coming == null) return List.<Proposal>of();
            List<Proposal> proposals = new ArrayList<>();
            look(next, coming).ifPresent(proposals::add);
            fetch(lessonId, coming).ifPresent(proposals::add);
            change(lesson, next, coming).ifPresent(proposals::add);
            return proposals;
        }));
    }

    private static Optional<Proposal> look(WhatNext next, NextLesson coming) {
        if (coming.watches().isEmpty()) return Optional.empty();
        String cue = coming.watches().get(0).cue();
        List<WatchView> first = coming.watches().stream()
                .filter(w -> w.cue().equals(cue))
                .limit(NAMES)
                .toList();
        String names = first.stream().map(w -> next.names().get(w.child())).collect(Collectors.joining(", "));
        return Optional.of(new Proposal(
                About.LOOK,
                "Look first at %s, for “%s”.".formatted(names, next.calls().getOrDefault(cue, cue)),
                coming.reason(),
                coming.lesson(),
                first.stream().map(w -> new FirstLook(w.child(), cue)).toList(),
                "",
                null));
    }

    /** What the next lesson needs and this one did not. */
    private Optional<Proposal> fetch(UUID lessonId, NextLesson coming) {
        List<InHand> both = lessons.inHand(List.of(lessons.header(lessonId), lessons.header(coming.lesson())));
        Map<String, Integer> had = new HashMap<>();
        sheets.layOut(both.get(0)).forEach(k -> had.merge(k.item(), k.count(), Integer::sum));
        List<KitLine> more = sheets.layOut(both.get(1)).stream()
                .filter(k -> k.count() > had.getOrDefault(k.item(), 0))
                .toList();
        if (more.isEmpty()) return Optional.empty();
        String words = more.stream().map(KitLine::words).collect(Collectors.joining(", "));
        return Optional.of(new Proposal(
                About.FETCH,
                "Fetch for it: %s.".formatted(words),
                "The rest is as this time.",
                coming.lesson(),
                List.of(),
                "To fetch: %s.".formatted(words),
                null));
    }

    /** What was cut short comes first; then a step of what the class worked on. */
    private Optional<Proposal> change(LessonHeader lesson, WhatNext next, NextLesson coming) {
        List<String> missing = standing.notIntroduced(lesson.lesson());
        if (!missing.isEmpty())
            return Optional.of(new Proposal(
                    About.CHANGE,
                    "Plan what is left of the unit anew, so that %s %s."
                            .formatted(
                                    missing.stream()
                                            .map(c -> "“%s”"
                                                    .formatted(next.calls().getOrDefault(c, c)))
                                            .collect(Collectors.joining(" and ")),
                                    missing.size() == 1 ? "comes" : "come"),
                    "This lesson was cut short before it was introduced.",
                    coming.lesson(),
                    List.of(),
                    "",
                    () -> planning.replan(lesson.unit(), IfMatch.ANY)));
        return next.skills().stream().flatMap(s -> step(s, coming).stream()).findFirst();
    }

    private Optional<Proposal> step(SkillStep skill, NextLesson coming) {
        if (skill.step() != Step.ON && skill.step() != Step.BACK) return Optional.empty();
        boolean on = skill.step() == Step.ON;
        return lessons.plan(coming.lesson()).segments().stream()
                .filter(s -> skill.skill().equals(s.skill()) && to(s, on) != null)
                .findFirst()
                .map(s -> new Proposal(
                        About.CHANGE,
                        "Make “%s” %s: %s.".formatted(s.name(), on ? "harder" : "easier", to(s, on)),
                        String.join(" ", skill.facts()),
                        coming.lesson(),
                        List.of(),
                        "",
                        () -> editing.step(coming.unit(), s.id(), on ? 1 : -1)));
    }

    private static @Nullable String to(PlannedSegment segment, boolean harder) {
        return harder ? segment.harder() : segment.easier();
    }
}
