package io.isokinet.server.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.check.Deadline;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Mirror;
import io.isokinet.core.skill.Sides;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.unit.CueTotals;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reasons;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.rule.AtTheDoor;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.RuleChange;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.WishesKept;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.unit.UnitView.ChangeView;
import io.isokinet.server.unit.UnitView.LessonView;
import io.isokinet.server.unit.UnitView.MarkKind;
import io.isokinet.server.unit.UnitView.SaidView;
import io.isokinet.server.unit.UnitView.ScoreView;
import io.isokinet.server.unit.UnitView.SegmentView;
import io.isokinet.server.unit.UnitView.StrainView;
import io.isokinet.server.unit.UnitView.ThreadBlock;
import io.isokinet.server.unit.UnitView.ThreadMark;
import io.isokinet.server.unit.UnitView.WishesView;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Draws a plan as the data of the board: columns of blocks, threads of marks, strains in words. */
final class UnitDrawing {
    private final UnitInHand unit;
    private final Map<UUID, String> spaces;
    private final Plan plan;
    private final KnowHow knowHow;
    /** Lesson index of the unit by lesson index of the plan: lost lessons are not in the plan. */
    private final List<Integer> columns = new ArrayList<>();

    UnitDrawing(UnitInHand unit, Map<UUID, String> spaces) {
        this.unit = unit;
        this.spaces = spaces;
        this.plan = unit.plan();
        this.knowHow = unit.problem().knowHow();
        for (int i = 0; i < unit.lessons().size(); i++)
            if (!unit.lessons().get(i).isLost()) columns.add(i);
    }

    UnitView view(ClassLine schoolClass, boolean canRedo, List<RuleChange> changes) {
        List<StrainView> strains = strains();
        return new UnitView(
                unit.row().id(),
                unit.row().title(),
                schoolClass,
                unit.head().id(),
                unit.head().cause(),
                unit.head().parent() != null,
                canRedo,
                wishes(unit.body().toWishes()),
                WishesKept.in(plan).stream()
                        .map(k -> new UnitView.WishView(k.wish(), k.why()))
                        .toList(),
                lessons(strains),
                plan.problem().targets().stream().map(this::block).toList(),
                said(),
                strains,
                ScoreView.of(Rules.score(plan)),
                changes.stream().map(ChangeView::of).toList(),
                plan.leftOver().stream().map(c -> knowHow.cue(c).call()).toList());
    }

    static WishesView wishes(Wishes w) {
        return new WishesView(
                w.order(),
                w.newCuesPerLesson(),
                w.tempo(),
                w.taste(),
                w.fewLayouts(),
                w.skipsRungs(),
                w.repeats(),
                w.favourites().stream().sorted().toList(),
                w.bans().stream().sorted().toList(),
                w.weights(),
                w.ending());
    }

    private List<SaidView> said() {
        return AtTheDoor.of(plan).stream()
                .map(s -> new SaidView(
                        s.words(),
                        s.worst().segment() == null
                                ? null
                                : UUID.fromString(s.worst().segment()),
                        s.worst().rule().level() != Rule.Level.SOFT))
                .toList();
    }

    private List<StrainView> strains() {
        return Rules.strains(plan).stream()
                .map(s -> new StrainView(
                        s.rule().name(),
                        s.rule().level(),
                        s.lesson() == null ? null : columns.get(s.lesson()),
                        s.segment() == null ? null : UUID.fromString(s.segment()),
                        s.cost(),
                        s.sentence()))
                .toList();
    }

    private List<LessonView> lessons(List<StrainView> strains) {
        Map<Integer, Integer> planned = new HashMap<>();
        for (int i = 0; i < columns.size(); i++) planned.put(columns.get(i), i);
        List<LessonView> views = new ArrayList<>();
        for (int i = 0; i < unit.lessons().size(); i++) {
            LessonRow row = unit.lessons().get(i);
            Integer index = planned.get(i);
            List<Segment> segments = index == null ? List.of() : plan.lessons().get(index);
            int column = i;
            boolean fits = strains.stream()
                    .noneMatch(s -> s.level() != Rule.Level.SOFT && s.lesson() != null && s.lesson() == column);
            views.add(new LessonView(
                    row.id(),
                    i,
                    row.onDate(),
                    row.starts(),
                    row.minutes(),
                    spaces.getOrDefault(row.spaceId(), ""),
                    row.state(),
                    fits,
                    segments.stream().mapToInt(Segment::tries).sum(),
                    motion(segments),
                    segments.stream().mapToInt(Segment::looks).sum(),
                    (int) segments.stream().filter(s -> s.changeSeconds() > 0).count(),
                    segments.stream().mapToInt(Segment::changeSeconds).sum(),
                    segments.stream().map(this::segment).toList()));
        }
        return views;
    }

    /** Minutes in motion over all minutes, in per cent. */
    private static int motion(List<Segment> segments) {
        int minutes = segments.stream().mapToInt(Segment::minutes).sum();
        int moving =
                segments.stream().mapToInt(s -> s.minutes() * motionPercent(s)).sum();
        return minutes == 0 ? 0 : moving / minutes;
    }

    private static int motionPercent(Segment segment) {
        return segment.fit() instanceof Fit.Works works ? works.motionPercent() : 0;
    }

    SegmentView segment(Segment s) {
        Deadline.check();
        Activity a = s.activity();
        Lever lever = a.levers().isEmpty() ? null : a.levers().get(0);
        Fit.Works works = s.fit() instanceof Fit.Works w ? w : null;
        return new SegmentView(
                UUID.fromString(s.id()),
                a.key(),
                a.name(),
                plan.told(s),
                s.phases().stream().sorted().toList(),
                a.skill(),
                a.rung() == null ? null : a.rung().level(),
                a.rung() == null ? null : a.rung().label(),
                s.serves(LessonPhase.PLAY),
                s.locked(),
                s.minutes(),
                s.changeSeconds(),
                s.introduces(),
                s.focus(),
                s.watch(),
                s.tries(),
                s.looks(),
                motionPercent(s),
                works == null ? "does not fit" : works.formation(),
                works == null ? List.of() : works.kit(),
                works == null ? List.of() : works.cautions(),
                lever == null ? null : lever.name(),
                s.setting(),
                step(lever, s.setting()),
                step(lever, s.setting() - 1),
                step(lever, s.setting() + 1),
                a.countsAsOne(),
                a.question(),
                Reasons.of(plan, s),
                stations(s));
    }

    private List<UnitView.StationView> stations(Segment s) {
        return s.activity().stations().stream()
                .map(part -> new UnitView.StationView(
                        part.key(),
                        part.name(),
                        part.levers().isEmpty()
                                ? null
                                : step(part.levers().get(0), Stations.step(part, s.activity(), s.setting()))))
                .toList();
    }

    private static @Nullable String step(@Nullable Lever lever, int index) {
        return lever == null || index < 0 || index >= lever.steps().size()
                ? null
                : lever.steps().get(index);
    }

    private ThreadBlock block(Target target) {
        Skill skill = knowHow.skill(target.skill());
        List<UnitView.Thread> threads = plan.problem().targetCues(target).stream()
                .map(key -> {
                    Cue cue = knowHow.cue(key);
                    return new UnitView.Thread(
                            key,
                            Mirror.text(cue.call(), skill.action(), Sides.NOT_SETTLED),
                            Mirror.text(cue.question(), skill.action(), Sides.NOT_SETTLED),
                            plan.leftOver().contains(key),
                            marks(key),
                            CueTotals.of(plan, key),
                            plan.leftOver().contains(key) ? Reasons.waits(plan, key) : null,
                            pin(key));
                })
                .toList();
        CueSet set = knowHow.set(target.cueSet());
        return new ThreadBlock(
                skill.key(),
                skill.name(),
                set.key(),
                set.name(),
                target.cues().isOrdered(),
                threads,
                set.cues().stream()
                        .filter(c -> !plan.problem().targetCues(target).contains(c))
                        .map(c -> leftOut(knowHow.cue(c), skill))
                        .toList());
    }

    private UnitView.LeftOut leftOut(Cue cue, Skill skill) {
        boolean later = cue.fromAge() > plan.problem().profile().age().years();
        return new UnitView.LeftOut(
                cue.key(), Mirror.text(cue.call(), skill.action(), Sides.NOT_SETTLED), later ? cue.fromAge() : null);
    }

    private @Nullable Integer pin(String cue) {
        int lesson = plan.problem().pin(cue);
        return lesson < 0 ? null : plan.number(lesson);
    }

    private List<ThreadMark> marks(String cue) {
        List<ThreadMark> marks = new ArrayList<>();
        for (Segment s : plan.meeting(cue)) {
            int column = columns.get(s.lesson());
            UUID id = UUID.fromString(s.id());
            if (s.introduces().contains(cue)) marks.add(new ThreadMark(column, id, MarkKind.INTRODUCED, s.tries()));
            MarkKind kind = s.serves(LessonPhase.PLAY) ? MarkKind.GAME : MarkKind.PRACTISED;
            marks.add(new ThreadMark(column, id, kind, s.tries()));
            if (cue.equals(s.watch())) marks.add(new ThreadMark(column, id, MarkKind.WATCHED, s.looks()));
        }
        return marks;
    }
}
