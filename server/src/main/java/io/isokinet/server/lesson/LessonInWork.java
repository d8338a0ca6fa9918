package io.isokinet.server.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Layout;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.group.Carousel;
import io.isokinet.core.group.GroupDeal;
import io.isokinet.core.group.Grouper;
import io.isokinet.core.group.Groups;
import io.isokinet.core.group.Member.TakesPart;
import io.isokinet.core.group.Places;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.LayOut;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.lesson.LessonFit;
import io.isokinet.core.lesson.Stretch;
import io.isokinet.core.lesson.Stretch.Planned;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Turn;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Segment;
import io.isokinet.server.knowhow.CueView;
import io.isokinet.server.lesson.ClassGroups.GroupView;
import io.isokinet.server.lesson.ClassGroups.Roll;
import io.isokinet.server.lesson.SheetView.ChildToday;
import io.isokinet.server.lesson.SheetView.ItemName;
import io.isokinet.server.lesson.SheetView.LadderStep;
import io.isokinet.server.lesson.SheetView.PlaceView;
import io.isokinet.server.lesson.SheetView.Stored;
import io.isokinet.server.place.Spaces.SpaceView;
import io.isokinet.server.school.ChildView;
import io.isokinet.server.school.CueFit;
import io.isokinet.server.school.Schools.SchoolView;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.InHand;
import io.isokinet.server.unit.UnitView.SegmentView;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** One lesson while it is worked out for who is there. */
final class LessonInWork {

    /** Who tidy together. Common practice. */
    private static final int HELPERS = 4;

    private final InHand lesson;
    private final SpaceView space;
    private final Place place;
    private final Age age;
    private final Roll roll;
    private final Grouper grouper;
    private final List<List<String>> teams;
    private final Map<UUID, Setting> set;
    private final Map<String, ChildView> children = new HashMap<>();
    private final List<String> groupFindings = new ArrayList<>();
    /** By what they leave aside: kit is found once for the same needs. */
    private final Map<Set<String>, Fitter> fitters = new HashMap<>();

    private final School school;
    private final ThingsOfStretch things;

    /**
     * What of the school a lesson is worked out with.
     *
     * @param wet name of the place to go to when it rains; null if it needs none
     * @param storage where things are kept, by item
     */
    record School(
            SpaceView space,
            @Nullable String wet,
            SchoolView view,
            List<String> setUpCheck,
            Map<String, String> storage) {}

    LessonInWork(InHand lesson, School school, Roll roll, ClassGroups.Known known, Map<UUID, Setting> set) {
        this.lesson = lesson;
        this.school = school;
        this.things = new ThingsOfStretch(lesson.known());
        this.space = school.space();
        this.place = space.toPlace();
        this.age = new Age(lesson.schoolClass().yearAge());
        this.roll = roll;
        this.grouper = known.grouper();
        this.teams = known.teams();
        this.set = set;
        lesson.schoolClass().children().forEach(c -> children.put(c.id().toString(), c));
    }

    /** What has to be laid out for all of it, without working out where it stands. */
    List<KitLine> layOut() {
        return LessonFit.layOut(
                lesson.stretches().stream()
                        .map(s -> fit(s.segment()))
                        .filter(Fit.Works.class::isInstance)
                        .map(Fit.Works.class::cast)
                        .toList(),
                lesson.known());
    }

    /** A stretch worked out, with who is with whom. */
    private record Worked(Lessons.Stretch of, Stretch stretch, List<GroupView> with) {}

    private Worked worked(Lessons.Stretch s) {
        Fit fit = fit(s.segment());
        List<GroupView> with = fit instanceof Fit.Works works ? with(s.segment(), works) : List.of();
        return new Worked(
                s,
                Stretch.of(
                        planned(s.segment()),
                        fit,
                        new Stretch.Hands(
                                with.stream().map(LessonInWork::leftHanded).toList(),
                                setting(s.segment()).moved()),
                        place,
                        lesson.known(),
                        lesson.policy().band()),
                with);
    }

    private static int leftHanded(GroupView group) {
        return (int) group.children().stream()
                .filter(ClassGroups.GroupChild::leftHanded)
                .count();
    }

    Sheets.LessonWork work() {
        List<Worked> worked = lesson.stretches().stream().map(this::worked).toList();
        List<Stretch> stretches = worked.stream().map(Worked::stretch).toList();
        LessonFit whole = LessonFit.of(stretches, lesson.known(), age);
        Set<String> cues = new LinkedHashSet<>();
        lesson.stretches().forEach(s -> cues.addAll(s.segment().focus()));
        return new Sheets.LessonWork(
                view(whole, worked.stream().map(this::view).toList(), cues),
                place,
                LessonFit.fitting(stretches).stream()
                        .collect(Collectors.toMap(s -> UUID.fromString(s.plan().id()), Stretch.Fits::floor)));
    }

    /** For who takes part today; as planned if nobody does. */
    private Fit fit(Segment segment) {
        return grouper.playing() == 0 ? segment.fit() : fit(segment, segment.setting());
    }

    private Fit fit(Segment segment, int step) {
        Setting setting = setting(segment);
        Fitter fitter = fitters.computeIfAbsent(
                setting.without(),
                without -> new Fitter(
                        lesson.known(),
                        lesson.cupboard().without(without),
                        age,
                        grouper.playing(),
                        lesson.policy(),
                        lesson.fresh()));
        return fitter.fit(
                segment.activity(),
                step,
                place,
                setting.groups(),
                adapted(segment).size());
    }

    private Setting setting(Segment segment) {
        return set.getOrDefault(UUID.fromString(segment.id()), Setting.USUAL);
    }

    private List<GroupView> with(Segment segment, Fit.Works works) {
        Activity activity = segment.activity();
        if (!activity.grouping().formation().is(Formation.Is.GROUPED)
                || works.sizes().get(0) == 1
                || works.sizes().stream().mapToInt(i -> i).sum() != grouper.playing()) return List.of();
        GroupDeal cut = grouper.cut(teams, works.sizes());
        for (String finding : ClassGroups.findings(lesson.schoolClass(), cut))
            groupFindings.add(activity.name() + ": " + finding);
        return ClassGroups.views(
                lesson.schoolClass(),
                Places.changed(cut.groups(), setting(segment).placesByChild()));
    }

    private Planned planned(Segment s) {
        String watch =
                s.watch() != null ? s.watch() : s.focus().stream().findFirst().orElse(null);
        return new Planned(
                s.id(),
                s.activity(),
                s.setting(),
                s.minutes(),
                s.changeSeconds(),
                Turn.telling(s.activity(), age)
                        + Reading.FREEZE_SECONDS * s.introduces().size(),
                watch == null ? null : lesson.known().cue(watch),
                s.serves(LessonPhase.WARM));
    }

    private StretchView view(Worked worked) {
        Segment segment = worked.of().segment();
        SegmentView plan = worked.of().view();
        Setting setting = setting(segment);
        Stretch.Fits fits = worked.stretch() instanceof Stretch.Fits f ? f : null;
        return new StretchView(
                plan.id(),
                plan(segment, plan, fits),
                task(segment),
                new StretchView.ByHand(
                        setting.groups(),
                        setting.without().stream()
                                .filter(lesson.known()::hasItem)
                                .map(k -> new ItemName(k, lesson.known().item(k).many()))
                                .toList(),
                        setting.placesByChild().entrySet().stream()
                                .map(e -> new PlaceView(UUID.fromString(e.getKey()), e.getValue()))
                                .toList()),
                worked.stretch() instanceof Stretch.Misfits misfits ? misfits.whyNot() : List.of(),
                fits == null ? null : things.of(fits.works()),
                fits == null ? null : floor(fits, worked.with(), setting),
                fits == null ? null : work(fits));
    }

    private static StretchView.PlanPart plan(Segment segment, SegmentView plan, Stretch.@Nullable Fits fits) {
        List<String> reasons = new ArrayList<>(plan.reasons());
        if (fits != null && segment.fit() instanceof Fit.Works planned) {
            reasons.removeAll(planned.reasons());
            reasons.addAll(fits.works().reasons());
        }
        return new StretchView.PlanPart(
                plan.activity(),
                plan.name(),
                plan.phases(),
                plan.level(),
                plan.rung(),
                plan.play(),
                plan.locked(),
                plan.minutes(),
                plan.changeSeconds(),
                plan.introduces(),
                plan.focus(),
                plan.watch(),
                plan.looks(),
                reasons);
    }

    private StretchView.TaskPart task(Segment segment) {
        Activity a = segment.activity();
        Lever lever = a.levers().isEmpty() ? null : a.levers().get(0);
        Layout layout = lesson.known().library().layouts().get(a.layout());
        return new StretchView.TaskPart(
                lesson.told(segment.id()),
                lever == null ? null : lever.name(),
                segment.setting(),
                lever == null ? List.of() : ladder(segment, lever),
                a.countsAsOne(),
                a.conduct().scoring().label(),
                a.conduct().gathering().label(),
                a.conduct().sitsOut(),
                a.question(),
                a.conduct().roles(),
                layout == null ? List.of() : layout.steps(),
                adapted(segment));
    }

    private StretchView.FloorPart floor(Stretch.Fits fits, List<GroupView> with, Setting setting) {
        return new StretchView.FloorPart(
                fits.works().formation(),
                fits.works().groups(),
                with,
                DrawnFloor.turns(fits),
                fits.work().carousel().map(Carousel::reason).orElse(null),
                new DrawnFloor(fits, setting.moved().keySet()).view(place, age, school.view()));
    }

    private StretchView.WorkPart work(Stretch.Fits fits) {
        Stretch.Work work = fits.work();
        return new StretchView.WorkPart(
                work.tries(),
                fits.works().motionPercent(),
                work.vigorousPercent(),
                work.waitingPercent(),
                work.explainSeconds(),
                work.options(),
                work.success(),
                work.successFrom(),
                work.pinTurns(),
                things.game(fits.activity(), fits.works()),
                fits.works().cautions());
    }

    private SheetView view(LessonFit whole, List<StretchView> stretches, Set<String> cues) {
        return new SheetView(
                lesson.lesson(),
                lesson.plan().unit(),
                lesson.head(),
                lesson.plan().title(),
                lesson.schoolClass().id(),
                lesson.schoolClass().name(),
                lesson.schoolClass().year(),
                age.years(),
                lesson.plan().number(),
                lesson.plan().of(),
                lesson.plan().onDate(),
                lesson.starts(),
                lesson.minutes(),
                space.name(),
                lesson.plan().state(),
                lesson.prepared(),
                lesson.plan().cueSets(),
                children.size(),
                grouper.playing(),
                lesson.schoolClass().children().stream()
                        .map(c -> new ChildToday(c.id(), c.name(), c.leftHanded(), roll.takesPart(c.id())))
                        .toList(),
                groupFindings.stream().distinct().toList(),
                stretches,
                whole.fetch(),
                LayOut.byStorage(whole.fetch(), school.storage()).entrySet().stream()
                        .map(e -> new Stored(e.getKey(), e.getValue()))
                        .toList(),
                whole.moves(),
                cues.stream().map(this::cue).toList(),
                whole.cautions(),
                school.setUpCheck(),
                whole.load(),
                whole.motionPercent(),
                whole.vigorousPercent(),
                stretches.stream().mapToInt(v -> v.plan().looks()).sum(),
                helpers(),
                space.ceilingCm() == null ? school.wet() : null);
    }

    /** The steps, each with why it cannot be done here today. */
    private List<LadderStep> ladder(Segment segment, Lever lever) {
        return IntStream.range(0, lever.steps().size())
                .mapToObj(i -> {
                    Asked asked = Asked.of(segment.activity(), i);
                    // Beside the width of a gate the paces to it would read as its own.
                    boolean measured = lever.facts().get(i).reach() != null && asked.isMeasured();
                    return new LadderStep(lever.steps().get(i), asked.metres(age), measured, whyNot(segment, i));
                })
                .toList();
    }

    private @Nullable String whyNot(Segment segment, int step) {
        if (grouper.playing() == 0) return null;
        return fit(segment, step) instanceof Fit.Fails fails ? String.join(" ", fails.reasons()) : null;
    }

    private List<String> adapted(Segment segment) {
        List<String> said = new ArrayList<>();
        for (ChildView child : lesson.schoolClass().children())
            for (String cue : segment.focus()) {
                CueFit fit = child.cues().getOrDefault(cue, CueFit.APPLIES);
                if (fit != CueFit.APPLIES)
                    said.add("%s: “%s” is %s"
                            .formatted(
                                    child.name(),
                                    cue(cue).call().notSettled(),
                                    fit == CueFit.ADAPTED ? "adapted" : "left out"));
            }
        return said;
    }

    private List<String> helpers() {
        List<String> here = lesson.schoolClass().children().stream()
                .filter(c -> roll.takesPart(c.id()) == TakesPart.PLAYS)
                .map(ChildView::name)
                .toList();
        return Groups.onDuty(here, lesson.plan().number() - 1, HELPERS);
    }

    private CueView cue(String key) {
        Cue cue = lesson.known().cue(key);
        return CueView.of(cue, lesson.known().skill(cue.skill()).action());
    }
}
