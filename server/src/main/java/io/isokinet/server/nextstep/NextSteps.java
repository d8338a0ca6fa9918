package io.isokinet.server.nextstep;

import io.isokinet.core.belief.Believed;
import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.mastery.Agreement;
import io.isokinet.core.mastery.Standing;
import io.isokinet.core.nextstep.CatchUp;
import io.isokinet.core.nextstep.CheckOfFive;
import io.isokinet.core.nextstep.GroupStep;
import io.isokinet.core.nextstep.HelpFirst;
import io.isokinet.core.nextstep.MoveOn;
import io.isokinet.core.nextstep.NeedGroups;
import io.isokinet.core.nextstep.NextCue;
import io.isokinet.core.nextstep.NextCue.Candidate;
import io.isokinet.core.nextstep.OwnLooks;
import io.isokinet.core.nextstep.SignOff;
import io.isokinet.core.nextstep.WatchPlan;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.skill.Sides;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.mastery.Grid;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.nextstep.WhatNext.AgreementLine;
import io.isokinet.server.nextstep.WhatNext.CameTrue;
import io.isokinet.server.nextstep.WhatNext.CatchUpView;
import io.isokinet.server.nextstep.WhatNext.CueNeed;
import io.isokinet.server.nextstep.WhatNext.GroupStepView;
import io.isokinet.server.nextstep.WhatNext.NeedGroup;
import io.isokinet.server.nextstep.WhatNext.NextLesson;
import io.isokinet.server.nextstep.WhatNext.PlannedLooks;
import io.isokinet.server.nextstep.WhatNext.SignOffLine;
import io.isokinet.server.nextstep.WhatNext.SignOffView;
import io.isokinet.server.nextstep.WhatNext.SkillStep;
import io.isokinet.server.record.HitRecords;
import io.isokinet.server.record.LessonRecords;
import io.isokinet.server.record.Records;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.LessonPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the records of a class for what to do next. */
@Service
public class NextSteps {
    private static final int WEEKS_AHEAD = 12;
    private static final int WEEKS_OF_HITS = 4;
    private static final int MOST_GROUPS = 4;
    private static final int MOST_CUES = 5;

    private final Marks marks;
    private final HitRecords hitRecords;
    private final LessonRecords lessonRecords;
    private final Records records;
    private final Lessons lessons;
    private final KnowHows knowHows;
    private final Schools schools;
    private final Eyes eyes;

    NextSteps(
            Marks marks,
            HitRecords hitRecords,
            LessonRecords lessonRecords,
            Records records,
            Lessons lessons,
            KnowHows knowHows,
            Schools schools,
            Eyes eyes) {
        this.eyes = eyes;
        this.marks = marks;
        this.hitRecords = hitRecords;
        this.lessonRecords = lessonRecords;
        this.records = records;
        this.lessons = lessons;
        this.knowHows = knowHows;
        this.schools = schools;
    }

    /** @param sets cue-set keys, one a skill @param by until when something is to be decided; null for the last lesson that is planned */
    @Transactional(readOnly = true)
    public WhatNext of(UUID classId, List<String> sets, @Nullable LocalDate by) {
        LocalDate today = schools.today();
        Grid grid = marks.grid(classId, sets, today);
        List<LessonPlan> coming = lessons.coming(classId, today, today.plusWeeks(WEEKS_AHEAD));
        List<UUID> children = grid.rows().stream().map(r -> r.child().id()).toList();
        Map<String, Map<UUID, HitRecords.HitRate>> rates = hitRecords.hitRates(
                children,
                today.minusWeeks(WEEKS_OF_HITS).atStartOfDay(schools.zone()).toInstant());
        Map<String, String> calls = new LinkedHashMap<>();
        for (Grid.SkillColumns s : grid.skills())
            for (CueView c : s.cues()) calls.put(c.key(), c.call().notSettled());
        Map<UUID, String> names = new LinkedHashMap<>();
        grid.rows().forEach(r -> names.put(r.child().id(), r.child().name()));
        List<LessonPlan> taught = lessons.taught(classId, today.minusWeeks(Eyes.WEEKS), today);
        OwnLooks own = eyes.of(grid, taught);
        Watching watching = new Watching(grid);
        Map<String, MoveOn> moves = new LinkedHashMap<>();
        for (Grid.SkillColumns s : grid.skills())
            moves.put(s.skill(), moveOn(watching, grid.rows(), s, "", rates.getOrDefault(s.skill(), Map.of())));
        Optional<LessonPlan> next = coming.stream().findFirst();
        Set<String> soon = next.map(this::skills).orElse(Set.of());
        List<Grid.SkillColumns> known = grid.skills().stream()
                .filter(s -> soon.contains(s.skill()) && wasTaught(grid, s))
                .toList();
        List<Grid.SkillColumns> grouped = known.isEmpty() ? grid.skills() : known;
        return new WhatNext(
                grid.skills().stream()
                        .sorted(Comparator.comparing((Grid.SkillColumns s) -> !soon.contains(s.skill()))
                                .thenComparing(s -> !wasTaught(grid, s)))
                        .map(s -> step(s, moves.get(s.skill()), taught))
                        .toList(),
                cues(grid, watching, coming),
                known.stream().map(Grid.SkillColumns::name).toList(),
                grouped.stream().anyMatch(s -> wasTaught(grid, s))
                        ? groups(grid, grouped, watching, moves, rates, coming)
                        : List.of(),
                helpFirst(grid, grouped, watching, calls),
                next.map(l -> watch(grid, watching, l, own, calls, names)).orElse(null),
                signOff(grid, watching, coming, by, own),
                cameTrue(classId, sets, watching, taught, today),
                catchUps(classId, grid),
                agreements(children, calls.keySet()),
                calls,
                names);
    }

    /** The skills of the unit that a lesson is of. */
    private Set<String> skills(LessonPlan lesson) {
        return lesson.cueSets().stream()
                .map(set -> knowHows.current().set(set).skill())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static boolean wasTaught(Grid grid, Grid.SkillColumns skill) {
        return grid.rows().stream().anyMatch(r -> skill.cues().stream()
                .anyMatch(c -> r.cells().get(c.key()).standing().isCounted()));
    }

    private static SkillStep step(Grid.SkillColumns skill, MoveOn move, List<LessonPlan> taught) {
        return new SkillStep(
                skill.skill(),
                skill.name(),
                taught.stream()
                        .flatMap(l -> l.segments().stream())
                        .filter(s -> skill.skill().equals(s.skill()) && s.rung() != null)
                        .max(Comparator.comparingInt(Lessons.PlannedSegment::level))
                        .map(s -> "level %d, %s".formatted(s.level(), s.rung()))
                        .orElse(null),
                move.step(),
                move.step().label(),
                move.facts());
    }

    /**
     * Of some children of a class.
     *
     * @param only cue that they were put together for; empty for all of the skill
     */
    private static MoveOn moveOn(
            Watching watching,
            List<Grid.Row> rows,
            Grid.SkillColumns skill,
            String only,
            Map<UUID, HitRecords.HitRate> rates) {
        List<WatchPlan.Cell> cells = new ArrayList<>();
        double can = 0;
        HitRecords.HitRate rate = HitRecords.HitRate.NONE;
        for (Grid.Row row : rows) {
            rate = rate.plus(rates.getOrDefault(row.child().id(), HitRecords.HitRate.NONE));
            for (CueView cue : skill.cues()) {
                Grid.Cell cell = row.cells().get(cue.key());
                if (!cell.standing().isCounted() || !only.isEmpty() && !only.equals(cue.key())) continue;
                WatchPlan.Cell believed = watching.cell(row, cue.key());
                cells.add(believed);
                can += NeedGroups.can(
                        believed.believed(), cell.lastShown(), cell.pips().size());
            }
        }
        return MoveOn.of(
                new MoveOn.Believed(
                        cells.size(),
                        watching.there(cells),
                        only.isEmpty()
                                ? cells.stream()
                                        .mapToDouble(c -> c.believed().shown())
                                        .average()
                                        .orElse(0)
                                : can / Math.max(1, cells.size()),
                        cells.stream().mapToInt(c -> c.believed().looks()).sum()),
                rate.tries() == 0 ? null : rate.hits(),
                rate.tries());
    }

    private static boolean needs(Grid.Cell cell) {
        return cell.standing() != Standing.LEFT_OUT && cell.standing() != Standing.OWNED;
    }

    private List<CueNeed> cues(Grid grid, Watching watching, List<LessonPlan> coming) {
        KnowHow known = knowHows.current();
        Set<String> inGrid = grid.skills().stream()
                .flatMap(s -> s.cues().stream().map(CueView::key))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        List<Candidate> candidates = new ArrayList<>();
        for (String cue : inGrid) {
            List<Grid.Cell> cells = grid.rows().stream()
                    .map(r -> r.cells().get(cue))
                    .filter(c -> c.standing() != Standing.LEFT_OUT)
                    .toList();
            int waiting = (int) inGrid.stream()
                    .filter(c -> known.cue(c).prerequisites().contains(cue))
                    .count();
            int shows = (int) coming.stream()
                    .flatMap(l -> l.segments().stream())
                    .filter(s -> s.focus().contains(cue))
                    .count();
            boolean ready = known.cue(cue).prerequisites().stream()
                    .filter(inGrid::contains)
                    .allMatch(p -> grid.rows().stream()
                            .anyMatch(r -> r.cells().get(p).standing().isCounted()));
            if (cells.stream().noneMatch(c -> c.standing().isCounted())) continue;
            List<WatchPlan.Cell> counted = grid.rows().stream()
                    .filter(r -> r.cells().get(cue).standing() != Standing.LEFT_OUT)
                    .map(r -> watching.cell(r, cue))
                    .toList();
            candidates.add(new Candidate(
                    cue, watching.there(counted).others(cells.size()), cells.size(), waiting, shows, ready));
        }
        return NextCue.of(candidates).stream()
                .limit(MOST_CUES)
                .map(c -> new CueNeed(c.cue(), c.facts()))
                .toList();
    }

    /** By the taught cue of some skills that a child is likely to show least often. */
    private static List<NeedGroup> groups(
            Grid grid,
            List<Grid.SkillColumns> skills,
            Watching watching,
            Map<String, MoveOn> moves,
            Map<String, Map<UUID, HitRecords.HitRate>> rates,
            List<LessonPlan> coming) {
        Map<String, List<String>> needs = new LinkedHashMap<>();
        for (Grid.Row row : grid.rows()) {
            Map<String, Double> own = new LinkedHashMap<>();
            for (Grid.SkillColumns s : skills)
                for (CueView cue : s.cues()) {
                    Grid.Cell cell = row.cells().get(cue.key());
                    Believed believed = watching.of(row.child().id(), cue.key());
                    if (needs(cell)
                            && cell.standing().isCounted()
                            && NeedGroups.needsPractice(
                                    believed, cell.lastShown(), cell.pips().size()))
                        own.put(
                                cue.key(),
                                NeedGroups.can(
                                        believed, cell.lastShown(), cell.pips().size()));
                }
            needs.put(
                    row.child().id().toString(),
                    own.entrySet().stream()
                            .sorted(Map.Entry.comparingByValue())
                            .map(Map.Entry::getKey)
                            .toList());
        }
        return NeedGroups.of(needs, MOST_GROUPS).stream()
                .map(g -> needGroup(g, grid, skills, watching, moves, rates, coming))
                .toList();
    }

    private static String helpFirst(
            Grid grid, List<Grid.SkillColumns> skills, Watching watching, Map<String, String> calls) {
        return HelpFirst.sentence(grid.rows().stream()
                .flatMap(r -> skills.stream()
                        .flatMap(s -> s.cues().stream())
                        .filter(c -> needs(r.cells().get(c.key()))
                                && r.cells().get(c.key()).standing().isCounted())
                        .map(c -> shown(r, c.key(), watching, calls))
                        .filter(s -> s.looks() > 0)
                        .min(Comparator.comparingDouble(HelpFirst.Shown::chance))
                        .stream())
                .toList());
    }

    private static HelpFirst.Shown shown(Grid.Row row, String cue, Watching watching, Map<String, String> calls) {
        Grid.Cell cell = row.cells().get(cue);
        return new HelpFirst.Shown(
                row.child().name(),
                calls.getOrDefault(cue, cue),
                cell.lastShown(),
                cell.pips().size(),
                watching.of(row.child().id(), cue).shown());
    }

    /** What a group does in the skill of its cue; in every skill if it needs none. */
    private static NeedGroup needGroup(
            NeedGroups.Group group,
            Grid grid,
            List<Grid.SkillColumns> skills,
            Watching watching,
            Map<String, MoveOn> moves,
            Map<String, Map<UUID, HitRecords.HitRate>> rates,
            List<LessonPlan> coming) {
        List<UUID> children = group.children().stream().map(UUID::fromString).toList();
        List<Grid.Row> rows = grid.rows().stream()
                .filter(r -> children.contains(r.child().id()))
                .toList();
        List<GroupStepView> steps = new ArrayList<>();
        for (Grid.SkillColumns s : skills) {
            boolean itsOwn = s.cues().stream().anyMatch(c -> c.key().equals(group.cue()));
            if (!itsOwn && !group.cue().isEmpty()) continue;
            MoveOn own = moveOn(watching, rows, s, group.cue(), rates.getOrDefault(s.skill(), Map.of()));
            steps.add(groupStep(s, own, moves.get(s.skill()).step(), coming));
        }
        return new NeedGroup(group.cue(), children, steps);
    }

    private static GroupStepView groupStep(
            Grid.SkillColumns skill, MoveOn own, MoveOn.Step ofClass, List<LessonPlan> coming) {
        List<GroupStep.Work> next = coming.stream()
                .map(l -> l.segments().stream()
                        .filter(s -> skill.skill().equals(s.skill()))
                        .map(s -> new GroupStep.Work(s.name(), s.easier(), s.harder()))
                        .toList())
                .filter(w -> !w.isEmpty())
                .findFirst()
                .orElse(List.of());
        GroupStep step = GroupStep.of(own, ofClass, next);
        return new GroupStepView(skill.name(), step.step().label(), step.facts(), step.doing());
    }

    private NextLesson watch(
            Grid grid,
            Watching watching,
            LessonPlan lesson,
            OwnLooks own,
            Map<String, String> calls,
            Map<UUID, String> names) {
        int looks = own.of(Eyes.planned(lesson));
        WatchPlan plan = watching.plan(lesson.onDate(), Watching.focus(lesson), c -> true, looks);
        return new NextLesson(
                lesson.lesson(),
                lesson.unit(),
                lesson.title(),
                List.copyOf(skills(lesson)),
                lesson.onDate(),
                lesson.number(),
                looks,
                Watching.views(plan),
                "%s %s".formatted(plan.reason(), plan.mayOpen()).strip(),
                own.sentence(),
                check(grid, watching, lesson, calls, names),
                CheckOfFive.enough(watching.cells(Watching.focus(lesson), c -> true, List.of())).stream()
                        .map(c -> calls.getOrDefault(c, c))
                        .toList());
    }

    /** For whom a check is worth a minute in a lesson, in a sentence; empty for nobody. */
    private static String check(
            Grid grid, Watching watching, LessonPlan lesson, Map<String, String> calls, Map<UUID, String> names) {
        Set<String> focus = Watching.focus(lesson);
        for (Grid.SkillColumns skill : grid.skills()) {
            List<WatchPlan.Cell> open = new ArrayList<>();
            for (Grid.Row row : grid.rows())
                for (CueView cue : skill.cues())
                    if (focus.contains(cue.key()) && row.cells().get(cue.key()).standing() == Standing.DEVELOPING)
                        open.add(watching.cell(row, cue.key()));
            Optional<CheckOfFive> check =
                    CheckOfFive.of(open, skill.by().checkEnough(), skill.by().checkOf());
            if (check.isPresent())
                return "A check of %d tries for “%s” is worth a minute each: %s %s likely to pass it, %d times in 10."
                        .formatted(
                                skill.by().checkOf(),
                                calls.getOrDefault(
                                        check.get().cue(), check.get().cue()),
                                Words.list(check.get().children().stream()
                                        .map(c -> names.get(UUID.fromString(c)))
                                        .toList()),
                                check.get().children().size() == 1 ? "is" : "are",
                                Math.round(check.get().pass() / 10.0));
        }
        return "";
    }

    private static @Nullable SignOffView signOff(
            Grid grid, Watching watching, List<LessonPlan> coming, @Nullable LocalDate by, OwnLooks own) {
        List<LessonPlan> until = coming.stream()
                .filter(l -> by == null || !l.onDate().isAfter(by))
                .toList();
        if (until.isEmpty()) return null;
        Set<String> shown = until.stream()
                .flatMap(l -> Watching.focus(l).stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        grid.skills().stream()
                .flatMap(s -> s.cues().stream())
                .filter(c -> grid.rows().stream()
                        .anyMatch(r -> r.cells().get(c.key()).standing().isCounted()))
                .forEach(c -> shown.add(c.key()));
        ClassBelief then = watching.inLast(until);
        SignOff plan = SignOff.of(
                watching.cells(shown, c -> true, List.of()),
                c -> then.of(c.child(), c.cue()),
                until.stream()
                        .map(l -> new SignOff.Lesson(
                                l.lesson().toString(), List.copyOf(Watching.focus(l)), own.of(Eyes.planned(l))))
                        .toList());
        return new SignOffView(
                until.get(until.size() - 1).onDate(),
                until.size(),
                plan.looks(),
                plan.used(),
                plan.cues().stream().map(c -> line(c, until)).toList());
    }

    private static SignOffLine line(SignOff.CueLine c, List<LessonPlan> lessons) {
        return new SignOffLine(
                c.cue(),
                c.children(),
                c.decided(),
                c.likely(),
                c.needed(),
                lessons.stream()
                        .filter(l -> c.planned().containsKey(l.lesson().toString()))
                        .map(l -> new PlannedLooks(
                                l.onDate(), c.planned().get(l.lesson().toString())))
                        .toList());
    }

    /** The plan of the last lesson as it would have been on the evening before, beside what its looks decided. */
    private @Nullable CameTrue cameTrue(
            UUID classId, List<String> sets, Watching now, List<LessonPlan> taught, LocalDate today) {
        if (taught.isEmpty()) return null;
        List<LessonPlan> earlier = taught.subList(0, taught.size() - 1);
        LessonPlan last = taught.get(earlier.size());
        Grid before = marks.grid(classId, sets, last.onDate().minusDays(1));
        Watching foretold = new Watching(before);
        Watching after = last.onDate().equals(today) ? now : new Watching(marks.grid(classId, sets, last.onDate()));
        int looks = eyes.of(before, earlier).of(Eyes.planned(last));
        WatchPlan plan = foretold.plan(last.onDate(), Watching.focus(last), c -> true, looks);
        WatchPlan.Came came = WatchPlan.Came.of(
                foretold.cells(Watching.focus(last), c -> true, List.of()),
                after.cells(Watching.focus(last), c -> true, List.of()));
        return new CameTrue(
                last.lesson(),
                last.number(),
                plan.settled(),
                came.settled(),
                "Lesson %d, %d looks. Settled: %d foretold, %d came.%s"
                        .formatted(
                                last.number(),
                                plan.looks(),
                                plan.settled(),
                                came.settled(),
                                plan.again() == 0 && came.again() == 0
                                        ? ""
                                        : " Open again: %d foretold, %d came.".formatted(plan.again(), came.again())));
    }

    /** @param sets cue-set keys, one a skill */
    @Transactional(readOnly = true)
    public List<CatchUpView> catchUps(UUID classId, List<String> sets) {
        return catchUps(classId, marks.grid(classId, sets, schools.today()));
    }

    private List<CatchUpView> catchUps(UUID classId, Grid grid) {
        KnowHow known = knowHows.current();
        List<CatchUpView> all = new ArrayList<>();
        lessonRecords.missed(classId).forEach((cue, away) -> {
            List<ChildView> children = grid.rows().stream()
                    .filter(r -> away.contains(r.child().id()) && r.cells().containsKey(cue))
                    .filter(r -> r.cells().get(cue).standing() == Standing.NOT_SEEN)
                    .map(Grid.Row::child)
                    .toList();
            if (children.isEmpty()) return;
            Age age = new Age(children.get(0).yearAge());
            boolean forClass = CatchUp.forClass(children.size(), grid.rows().size());
            all.add(new CatchUpView(
                    cue,
                    known.cue(cue).skill(),
                    children.stream().map(ChildView::id).toList(),
                    forClass,
                    (forClass ? CatchUp.forAll(known, cue, age) : CatchUp.forChild(known, cue, age, Sides.NOT_SETTLED))
                            .steps()));
        });
        return all;
    }

    private List<AgreementLine> agreements(Collection<UUID> children, Collection<String> cues) {
        return records.watchedTwice(children, cues).stream()
                .map(w -> {
                    Agreement a = new Agreement(w.both(), w.firstOnly(), w.secondOnly(), w.neither());
                    return new AgreementLine(w.cue(), w.first(), w.second(), a.talkAboutIt(), a.sentence());
                })
                .toList();
    }
}
