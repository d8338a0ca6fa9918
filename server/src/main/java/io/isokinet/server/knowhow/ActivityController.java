package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Difficulty;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Layout;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.Scoring;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Success;
import io.isokinet.core.task.Task;
import io.isokinet.core.thing.Need;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.knowhow.Suits.ForClass;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Activities: found by what a teacher knows of them, and one in full. */
@RestController
@RequestMapping("/api")
class ActivityController {
    private static final int MOST_LINES = 60;
    /** What is told of no place is told of a hall. */
    private static final Place.Floor HALL_FLOOR = Place.Floor.WOOD;

    private final KnowHows knowHows;
    private final Finder finder;
    private final Suits suits;

    ActivityController(KnowHows knowHows, Finder finder, Suits suits) {
        this.knowHows = knowHows;
        this.finder = finder;
        this.suits = suits;
    }

    /** @param per whom: "child", "group" or "class" */
    record NeedView(String what, String like, int count, String per) {}

    /**
     * @param success for each step, the share of tries that succeed at the age asked for, in words
     * @param why where from
     */
    record LeverView(
            String name,
            List<StepView> steps,
            int usual,
            List<String> success,
            @Nullable String why) {}

    /** @param metres where its words say metres, so that paces help; else null */
    record StepView(String words, @Nullable Double metres) {}

    record OtherSubject(String subject, String ask, String answer) {}

    /**
     * An activity in full.
     *
     * @param hosts cues that can be worked on in it; shows those of them that can be seen well
     * @param metresLong clear length it needs; each the clear width for each group, in metres
     * @param cautions in words
     * @param success share of tries that succeed at the age asked for, in words; null where nothing is tried
     * @param card how children set it out; null where there is nothing to set out
     * @param forClass how it suits the class and place asked for; null if none was
     */
    record ActivityView(
            ActivityLine activity,
            String how,
            List<CueCall> hosts,
            List<CueCall> shows,
            double metresLong,
            double each,
            @Nullable Double ceiling,
            List<Integer> sizes,
            List<String> roles,
            @Nullable Integer cycleSeconds,
            int setUpSeconds,
            List<NeedView> needs,
            List<LeverView> levers,
            @Nullable String success,
            @Nullable String countsAsOne,
            @Nullable String oddChild,
            @Nullable String absentPartner,
            String sitsOut,
            String gathering,
            @Nullable String leaves,
            @Nullable String question,
            @Nullable OtherSubject link,
            @Nullable String home,
            @Nullable Layout card,
            List<String> cautions,
            @Nullable ForClass forClass) {}

    /**
     * @param total how many there are in all
     * @param skills that the words are of
     * @param guessed true if nothing is spelled like that and these are alike
     */
    record ActivitiesFound(int total, int of, boolean guessed, List<SkillFound> skills, List<ActivityLine> found) {}

    /** A skill that the words are of. */
    record SkillFound(String key, String name) {}

    /**
     * Activities that fit what is wanted, the best first.
     *
     * @param age of the class
     * @param minutes that there are
     * @param space id of a place it must fit into, with as many children as said
     * @param kit true for only what can be done with the kit that there is
     */
    @GetMapping("/activities")
    @MayRead
    @Transactional(readOnly = true)
    public ActivitiesFound activities(
            @RequestParam(required = false) @Nullable String words,
            @RequestParam(required = false) @Nullable String skill,
            @RequestParam(required = false) @Nullable Integer level,
            @RequestParam(required = false) @Nullable LessonPhase phase,
            @RequestParam(required = false) @Nullable Formation formation,
            @RequestParam(required = false) @Nullable Scoring scoring,
            @RequestParam(required = false) @Nullable Integer age,
            @RequestParam(required = false) @Nullable Integer minutes,
            @RequestParam(required = false) @Nullable UUID space,
            @RequestParam(required = false) @Nullable Integer children,
            @RequestParam(defaultValue = "false") boolean kit,
            @RequestParam(defaultValue = "false") boolean aside) {
        KnowHows.InForce now = knowHows.inForce();
        Finder.Found found = finder.find(
                Finder.Kind.ACTIVITY,
                now.packs(),
                new Finder.Wanted(words, skill, level, phase, formation, scoring, age, minutes));
        List<Activity> fit = found.keys().stream()
                .filter(k -> aside || !now.aside().contains(k))
                .map(now.knowHow()::activity)
                .toList();
        if (kit || space != null) fit = suits.those(fit, age, children, space, kit);
        return new ActivitiesFound(
                fit.size(),
                now.knowHow().activities().size(),
                found.guessed(),
                Finder.skills(now.knowHow(), words).stream()
                        .map(s -> new SkillFound(s.key(), s.name()))
                        .toList(),
                fit.stream()
                        .limit(MOST_LINES)
                        .map(a -> ActivityLine.of(a, knowHows))
                        .toList());
    }

    /** @param children and age of the class to count for, space the place; the school's cupboard is looked into */
    @GetMapping("/activities/{key}")
    @MayRead
    @Transactional(readOnly = true)
    public ActivityView activity(
            @PathVariable String key,
            @RequestParam(required = false) @Nullable Integer children,
            @RequestParam(required = false) @Nullable Integer age,
            @RequestParam(required = false) @Nullable UUID space) {
        KnowHow known = knowHows.current();
        if (!known.hasActivity(key)) throw new NotFoundException("activity", key);
        Activity a = known.activity(key);
        int years = age == null ? Math.max(a.ageFrom(), Math.min(8, a.ageTo())) : age;
        Layout card = known.library().layouts().get(a.layout());
        return new ActivityView(
                ActivityLine.of(a, knowHows),
                Asked.of(a, Asked.usual(a)).how(known, true),
                a.hosts().stream().map(c -> CueCall.of(known.cue(c), known)).toList(),
                a.showsWell().stream().map(c -> CueCall.of(known.cue(c), known)).toList(),
                a.space().metresLong(),
                a.space().metresPerGroup(),
                a.space().ceiling(),
                List.of(a.grouping().least(), a.grouping().usual(), a.grouping().most()),
                a.conduct().roles(),
                a.cycle() == null ? null : (int) Math.round(a.cycle().seconds(TurnCycle.USUALLY_MISSED)),
                a.setUpSeconds(),
                a.needs().stream().map(n -> need(n, known)).toList(),
                IntStream.range(0, a.levers().size())
                        .mapToObj(l -> lever(a, l, years, known))
                        .toList(),
                success(a, years, known),
                a.countsAsOne(),
                a.oddChild(),
                a.conduct().absentPartner(),
                a.conduct().sitsOut(),
                a.conduct().gathering().label(),
                a.conduct().leaves(),
                a.question(),
                a.conduct().link() == null
                        ? null
                        : new OtherSubject(
                                a.conduct().link().subject(),
                                a.conduct().link().ask(),
                                a.conduct().link().answer()),
                a.conduct().home(),
                a.setUpSeconds() > 0 ? card : null,
                a.cautions().stream()
                        .map(c -> known.cautions().getOrDefault(c, c))
                        .toList(),
                children == null || age == null ? null : suits.forClass(a, age, children, space));
    }

    private static @Nullable String success(Activity a, int years, KnowHow known) {
        if (!a.worksOnSkill()) return null;
        Double share = Task.preferred(Asked.of(a, Asked.usual(a)), new Age(years), HALL_FLOOR, known)
                .success()
                .share();
        return share == null ? null : Difficulty.words(share);
    }

    private static LeverView lever(Activity a, int lever, int years, KnowHow known) {
        Lever of = a.levers().get(lever);
        List<StepView> steps = IntStream.range(0, of.steps().size())
                .mapToObj(i -> step(of, i, years))
                .toList();
        if (!a.worksOnSkill()) return new LeverView(of.name(), steps, of.usual(), List.of(), null);
        List<Success> shares = IntStream.range(0, of.steps().size())
                .mapToObj(step -> Task.preferred(Asked.at(a, lever, step), new Age(years), HALL_FLOOR, known)
                        .success())
                .toList();
        String why = shares.get(of.usual()).reason();
        return new LeverView(
                of.name(),
                steps,
                of.usual(),
                shares.stream().allMatch(s -> s.share() != null)
                        ? shares.stream()
                                .map(s -> Difficulty.words(Objects.requireNonNull(s.share())))
                                .toList()
                        : List.of(),
                why);
    }

    private static StepView step(Lever lever, int step, int years) {
        Reach reach = lever.facts().get(step).reach();
        boolean measured = reach != null && reach.unit() == Reach.Unit.METRES;
        return new StepView(lever.steps().get(step), measured ? reach.metres(new Age(years)) : null);
    }

    private static NeedView need(Need need, KnowHow known) {
        return new NeedView(
                need.what(),
                known.item(need.prefers()).name(),
                need.count(),
                need.per().name().toLowerCase(Locale.ROOT));
    }
}
