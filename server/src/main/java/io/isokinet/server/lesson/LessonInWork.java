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
import io.isokinet.core.lesson.LessonFit.Drawing;
import io.isokinet.core.lesson.LessonFit.Part;
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
import io.isokinet.server.lesson.SheetView.StretchView;
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
        return LessonFit.layOut(parts(new HashMap<>(), new HashMap<>()), lesson.known());
    }

    private List<Part> parts(Map<UUID, List<GroupView>> grouped, Map<UUID, List<String>> whyNot) {
        List<Part> parts = new ArrayList<>();
        for (Lessons.Stretch s : lesson.stretches()) {
            Fit fit = fit(s.segment());
            if (fit instanceof Fit.Fails fails) whyNot.put(s.view().id(), fails.reasons());
            if (!(fit instanceof Fit.Works works)) continue;
            List<GroupView> with = with(s.segment(), works);
            grouped.put(s.view().id(), with);
            parts.add(part(s.segment(), works, with));
        }
        return parts;
    }

    Sheets.LessonWork work() {
        Map<UUID, List<GroupView>> grouped = new HashMap<>();
        Map<UUID, List<String>> whyNot = new HashMap<>();
        List<Part> parts = parts(grouped, whyNot);
        LessonFit whole =
                LessonFit.of(parts, place, lesson.known(), age, lesson.policy().band());
        Map<UUID, Drawing> drawn =
                whole.parts().stream().collect(Collectors.toMap(d -> UUID.fromString(d.id()), d -> d));
        Map<UUID, Part> fitted = parts.stream().collect(Collectors.toMap(p -> UUID.fromString(p.id()), p -> p));
        Set<String> cues = new LinkedHashSet<>();
        lesson.stretches().forEach(s -> cues.addAll(s.segment().focus()));
        List<StretchView> stretches = lesson.stretches().stream()
                .map(s -> stretch(
                        s,
                        fitted.get(s.view().id()),
                        drawn.get(s.view().id()),
                        grouped.getOrDefault(s.view().id(), List.of()),
                        whyNot.getOrDefault(s.view().id(), List.of())))
                .toList();
        return new Sheets.LessonWork(
                view(whole, stretches, cues),
                place,
                drawn.values().stream().collect(Collectors.toMap(d -> UUID.fromString(d.id()), Drawing::floor)));
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

    private Part part(Segment s, Fit.Works works, List<GroupView> with) {
        String watch =
                s.watch() != null ? s.watch() : s.focus().stream().findFirst().orElse(null);
        return new Part(
                s.id(),
                s.minutes(),
                s.changeSeconds(),
                Turn.telling(s.activity(), age)
                        + Reading.FREEZE_SECONDS * s.introduces().size(),
                works,
                watch == null ? null : lesson.known().cue(watch),
                s.serves(LessonPhase.WARM),
                with.stream()
                        .map(g -> (int) g.children().stream()
                                .filter(ClassGroups.GroupChild::leftHanded)
                                .count())
                        .toList(),
                setting(s).moved());
    }

    private StretchView stretch(
            Lessons.Stretch s,
            @Nullable Part part,
            @Nullable Drawing drawn,
            List<GroupView> with,
            List<String> whyNot) {
        Segment segment = s.segment();
        SegmentView plan = s.view();
        Activity a = segment.activity();
        Fit.Works works = part == null ? null : part.works();
        Lever lever = a.levers().isEmpty() ? null : a.levers().get(0);
        Layout layout = lesson.known().library().layouts().get(a.layout());
        List<String> reasons = new ArrayList<>(plan.reasons());
        if (works != null && segment.fit() instanceof Fit.Works planned) {
            reasons.removeAll(planned.reasons());
            reasons.addAll(works.reasons());
        }
        return new StretchView(
                plan.id(),
                a.key(),
                a.name(),
                Asked.of(a, segment.setting()).how(lesson.known()),
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
                whyNot,
                works == null ? "does not fit" : works.formation(),
                works == null ? 0 : works.groups(),
                setting(segment).groups(),
                drawn == null ? List.of() : drawn.options(),
                with,
                drawn == null ? null : DrawnFloor.turns(drawn, a),
                a.conduct().roles(),
                drawn == null ? null : drawn.carousel().map(Carousel::reason).orElse(null),
                part == null ? 0 : part.tries(),
                plan.looks(),
                works == null ? 0 : works.motionPercent(),
                drawn == null ? 0 : drawn.vigorousPercent(),
                drawn == null ? 0 : drawn.waitingPercent(),
                drawn == null ? 0 : drawn.explainSeconds(),
                drawn == null ? null : drawn.success(),
                drawn == null ? List.of() : drawn.pinTurns(),
                adapted(segment),
                works == null ? List.of() : works.kit(),
                setting(segment).without().stream()
                        .filter(lesson.known()::hasItem)
                        .map(k -> new ItemName(k, lesson.known().item(k).many()))
                        .toList(),
                works == null ? List.of() : things.sent(a, works.kit()),
                works == null ? null : things.targetMm(a, works.kit()),
                lever == null ? null : lever.name(),
                segment.setting(),
                lever == null ? List.of() : ladder(segment, lever),
                a.countsAsOne(),
                a.conduct().scoring().label(),
                works == null ? null : things.game(a, works),
                a.conduct().gathering().label(),
                a.conduct().sitsOut(),
                a.question(),
                layout == null ? List.of() : layout.steps(),
                works == null ? List.of() : works.cautions(),
                drawn == null || part == null ? null : new DrawnFloor(drawn, part).view(place, age, school.view()),
                setting(segment).placesByChild().entrySet().stream()
                        .map(e -> new PlaceView(UUID.fromString(e.getKey()), e.getValue()))
                        .toList(),
                reasons);
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
                stretches.stream().mapToInt(StretchView::looks).sum(),
                helpers(),
                space.ceilingCm() == null ? school.wet() : null);
    }

    /** The steps, each with why it cannot be done here today. */
    private List<LadderStep> ladder(Segment segment, Lever lever) {
        return IntStream.range(0, lever.steps().size())
                .mapToObj(i -> new LadderStep(
                        lever.steps().get(i), Asked.of(segment.activity(), i).metres(age), whyNot(segment, i)))
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
