package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Difficulty;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Gathering;
import io.isokinet.core.activity.Layout;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Scoring;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library;
import io.isokinet.core.lesson.Success;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Ladder;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import io.isokinet.knowhow.Gaps;
import io.isokinet.server.account.Allowed;
import io.isokinet.server.account.Role;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.knowhow.Suits.ForClass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is known: skills, activities, symptoms, outcomes and games to cut down, found and in full. */
@RestController
@RequestMapping("/api")
public class KnowHowController {
    private static final int MOST_LINES = 60;
    private static final int MOST_DRILLS = 3;

    private final KnowHows knowHows;
    private final Finder finder;
    private final Suits suits;

    KnowHowController(KnowHows knowHows, Finder finder, Suits suits) {
        this.knowHows = knowHows;
        this.finder = finder;
        this.suits = suits;
    }

    record SetView(String key, CueSet.Kind kind, String name, List<String> cues) {}

    /** A cue as lists name it. */
    record CueCall(String key, CueView.Mirrored call) {}

    /** A skill as lists name it. @param rungs from the lowest up @param aside true if it is offered for nothing new */
    record SkillView(
            String key,
            String name,
            Ladder ladder,
            Action action,
            List<String> rungs,
            List<SetView> sets,
            List<CueCall> cues,
            boolean own,
            boolean aside) {}

    /** An activity as lists name it. @param level null where there is no skill */
    record ActivityLine(
            String key,
            String name,
            List<LessonPhase> phases,
            @Nullable String skill,
            @Nullable String skillName,
            @Nullable Integer level,
            @Nullable String rung,
            String formation,
            String scoring,
            int ageFrom,
            int ageTo,
            int minutesLeast,
            int minutesMost,
            boolean own,
            boolean aside) {}

    record RungView(int level, String name, List<ActivityLine> activities) {}

    /** @param cue the call of the cue that is lent @param skill the other skill @param otherCue its cue's call */
    record TransferView(String cue, String skill, String skillName, String otherCue, String how) {}

    record OutcomeView(String set, String code, String text, int ageFrom, int ageTo) {}

    /** A skill in full. @param lends what it gives to others @param borrows what others give to it */
    record SkillPage(
            SkillView skill,
            Skill.LeadUps leadUps,
            boolean playStartsWithout,
            List<Skill.Variant> variants,
            List<CueView> cues,
            List<Crosswalk.Link> crosswalk,
            List<RungView> rungs,
            List<TransferView> lends,
            List<TransferView> borrows,
            List<OutcomeView> outcomes,
            List<Library.FullGame> games,
            List<String> gaps) {}

    /** @param per whom: "child", "group" or "class" */
    record NeedView(String what, String like, int count, String per) {}

    /** @param success for each step, the share of tries that succeed at the age asked for, in words @param why where from */
    record LeverView(
            String name,
            List<String> steps,
            int usual,
            List<String> success,
            @Nullable String why) {}

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

    /** @param total how many there are in all @param guessed true if nothing is spelled like that and these are alike */
    record ActivitiesFound(int total, int of, boolean guessed, List<ActivityLine> found) {}

    /** @param use activities to work on it in, the best first */
    record SymptomView(
            String key,
            CueView.Mirrored seen,
            @Nullable String cause,
            CueView.@Nullable Mirrored fix,
            String cue,
            CueView.Mirrored call,
            CueView.Mirrored view,
            String skill,
            String skillName,
            List<ActivityLine> use) {}

    record SymptomsFound(int total, int of, boolean guessed, List<SymptomView> found) {}

    /** @param widthMm diameter of a ball, width of anything else */
    record ThingName(String key, String name, Set<Trait> traits, double widthMm, double grams) {}

    /** A constant and what it is called. */
    record Word(String value, String label) {}

    /** What an editor lets choose from. @param cautions texts by key */
    record Vocabulary(
            List<Word> formations,
            List<Word> scorings,
            List<Word> gatherings,
            List<Layout> layouts,
            Map<String, String> cautions,
            List<ThingName> things) {}

    private static <E extends Enum<E>> List<Word> words(E[] constants, Function<E, String> label) {
        return Arrays.stream(constants)
                .map(c -> new Word(c.name(), label.apply(c)))
                .toList();
    }

    @GetMapping("/vocabulary")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    Vocabulary vocabulary() {
        KnowHow known = knowHows.current();
        return new Vocabulary(
                words(Formation.values(), Formation::label),
                words(Scoring.values(), Scoring::label),
                words(Gathering.values(), Gathering::label),
                known.library().layouts().values().stream()
                        .sorted(Comparator.comparing(Layout::name))
                        .toList(),
                known.cautions(),
                known.items().stream()
                        .map(i -> new ThingName(
                                i.key(),
                                i.name(),
                                i.traits(),
                                i.width().millimetres(),
                                i.mass().grams()))
                        .toList());
    }

    @GetMapping("/skills")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    List<SkillView> skills() {
        return knowHows.current().skills().stream().map(this::view).toList();
    }

    @GetMapping("/skills/{key}")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    SkillPage skill(@PathVariable String key) {
        KnowHow known = knowHows.current();
        if (!known.hasSkill(key)) throw new NotFoundException("skill", key);
        Skill skill = known.skill(key);
        List<Library.Transfer> transfers = known.library().transfers();
        return new SkillPage(
                view(skill),
                skill.leadUps(),
                skill.playStartsWithout(),
                skill.variants(),
                skill.cues().stream().map(c -> CueView.of(c, skill.action())).toList(),
                known.crosswalk().links().stream()
                        .filter(l -> l.from().startsWith(key + "/"))
                        .toList(),
                rungs(skill, known),
                transfers.stream()
                        .filter(t -> t.from().startsWith(key + "/"))
                        .map(t -> transfer(t.from(), t.to(), t.how(), known))
                        .toList(),
                transfers.stream()
                        .filter(t -> t.to().startsWith(key + "/"))
                        .map(t -> transfer(t.to(), t.from(), t.how(), known))
                        .toList(),
                known.library().outcomes().stream()
                        .flatMap(s -> s.outcomes().stream()
                                .filter(o -> o.skills().contains(key))
                                .map(o -> new OutcomeView(s.name(), o.code(), o.text(), o.ageFrom(), o.ageTo())))
                        .toList(),
                known.library().games().stream()
                        .filter(g -> g.skill().equals(key))
                        .toList(),
                Gaps.of(skill, known));
    }

    /**
     * Activities that fit what is wanted, the best first.
     *
     * @param age of the class
     * @param minutes that there are
     * @param space id of a place it must fit into, with as many children as said
     * @param kit true for only what can be done with the kit that there is
     */
    @GetMapping("/activities")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
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
                fit.stream().limit(MOST_LINES).map(this::line).toList());
    }

    /** @param children and age of the class to count for, space the place; the school's cupboard is looked into */
    @GetMapping("/activities/{key}")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
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
                line(a),
                a.how(),
                a.hosts().stream().map(c -> call(known.cue(c), known)).toList(),
                a.showsWell().stream().map(c -> call(known.cue(c), known)).toList(),
                a.space().metresLong(),
                a.space().metresPerGroup(),
                a.space().ceiling(),
                List.of(a.grouping().least(), a.grouping().usual(), a.grouping().most()),
                a.conduct().roles(),
                a.cycle() == null ? null : a.cycle().seconds(),
                a.setUpSeconds(),
                a.needs().stream().map(n -> need(n, known)).toList(),
                a.levers().stream().map(l -> lever(a, l, years, known)).toList(),
                a.worksOnSkill() ? Difficulty.words(Difficulty.success(a.difficulty(), years)) : null,
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

    /** From what is seen to the likely cause, the cue to give and where to work on it. */
    @GetMapping("/symptoms")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    @Transactional(readOnly = true)
    public SymptomsFound symptoms(
            @RequestParam(required = false) @Nullable String words,
            @RequestParam(required = false) @Nullable String skill) {
        KnowHows.InForce now = knowHows.inForce();
        Finder.Found found = finder.find(Finder.Kind.SYMPTOM, now.packs(), Finder.Wanted.of(words, skill));
        // A cause that is known comes before a fault of one cue.
        List<String> keys = new ArrayList<>(found.keys());
        if (words == null || words.isBlank()) keys.sort((a, b) -> Boolean.compare(a.contains("#"), b.contains("#")));
        int all = now.knowHow().library().symptoms().size()
                + now.knowHow().skills().stream()
                        .flatMap(s -> s.cues().stream())
                        .mapToInt(c -> c.faults().size())
                        .sum();
        return new SymptomsFound(
                keys.size(),
                all,
                found.guessed(),
                keys.stream()
                        .limit(MOST_LINES)
                        .map(k -> symptom(k, now.knowHow()))
                        .toList());
    }

    @GetMapping("/outcomes")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    List<Library.OutcomeSet> outcomes() {
        return knowHows.current().library().outcomes();
    }

    /** Full games that are cut down until one skill and one decision are left. */
    @GetMapping("/full-games")
    @Allowed({Role.TEACHER, Role.ASSISTANT, Role.VIEWER})
    List<Library.FullGame> games() {
        return knowHows.current().library().games();
    }

    private SkillView view(Skill skill) {
        return new SkillView(
                skill.key(),
                skill.name(),
                skill.ladder(),
                skill.action(),
                skill.ladder().rungs(),
                skill.sets().stream()
                        .map(s -> new SetView(s.key(), s.kind(), s.name(), s.cues()))
                        .toList(),
                skill.cues().stream()
                        .map(c -> new CueCall(c.key(), CueView.Mirrored.of(c.call(), skill.action())))
                        .toList(),
                knowHows.inForce().own().contains(skill.key()),
                knowHows.inForce().aside().contains(skill.key()));
    }

    private List<RungView> rungs(Skill skill, KnowHow known) {
        List<Activity> own = known.activities().stream()
                .filter(a -> skill.key().equals(a.skill()))
                .toList();
        return IntStream.rangeClosed(1, skill.ladder().height())
                .mapToObj(level -> new RungView(
                        level,
                        skill.ladder().rung(level).label(),
                        own.stream()
                                .filter(a -> a.rung() != null && a.rung().level() == level)
                                .map(this::line)
                                .toList()))
                .toList();
    }

    private ActivityLine line(Activity a) {
        return new ActivityLine(
                a.key(),
                a.name(),
                a.phases().stream().sorted().toList(),
                a.skill(),
                a.skill() == null ? null : knowHows.current().skill(a.skill()).name(),
                a.rung() == null ? null : a.rung().level(),
                a.rung() == null ? null : a.rung().label(),
                a.grouping().formation().label(),
                a.conduct().scoring().label(),
                a.ageFrom(),
                a.ageTo(),
                a.minutesLeast(),
                a.minutesMost(),
                knowHows.inForce().own().contains(a.key()),
                knowHows.inForce().aside().contains(a.key()));
    }

    private static CueCall call(Cue cue, KnowHow known) {
        return new CueCall(
                cue.key(),
                CueView.Mirrored.of(cue.call(), known.skill(cue.skill()).action()));
    }

    private static TransferView transfer(String own, String other, String how, KnowHow known) {
        Skill skill = known.skill(known.cue(other).skill());
        return new TransferView(
                known.cue(own).call(),
                skill.key(),
                skill.name(),
                known.cue(other).call(),
                how);
    }

    private static LeverView lever(Activity a, Lever lever, int years, KnowHow known) {
        if (!a.worksOnSkill()) return new LeverView(lever.name(), lever.steps(), lever.usual(), List.of(), null);
        List<Success> shares = IntStream.range(0, lever.steps().size())
                .mapToObj(step -> Success.of(a, lever, step, known, new Age(years)))
                .toList();
        return new LeverView(
                lever.name(),
                lever.steps(),
                lever.usual(),
                shares.stream().map(s -> Difficulty.words(s.share())).toList(),
                shares.get(lever.usual()).reason());
    }

    private static NeedView need(Need need, KnowHow known) {
        return new NeedView(
                need.what(),
                known.item(need.prefers()).name(),
                need.count(),
                need.per().name().toLowerCase(Locale.ROOT));
    }

    private SymptomView symptom(String key, KnowHow known) {
        int hash = key.lastIndexOf('#');
        if (hash >= 0 && known.hasCue(key.substring(0, hash))) {
            Cue cue = known.cue(key.substring(0, hash));
            Action action = known.skill(cue.skill()).action();
            var fault = cue.faults().get(Integer.parseInt(key.substring(hash + 1)));
            return symptom(
                    key,
                    CueView.Mirrored.of(fault.seen(), action),
                    null,
                    CueView.Mirrored.of(fault.fix(), action),
                    cue,
                    null,
                    known);
        }
        Library.Symptom s = known.library().symptoms().stream()
                .filter(x -> x.seen().equals(key))
                .findFirst()
                .orElseThrow();
        Cue cue = known.cue(s.cue());
        Action action = known.skill(cue.skill()).action();
        return symptom(key, CueView.Mirrored.of(s.seen(), action), s.cause(), null, cue, s.activity(), known);
    }

    private SymptomView symptom(
            String key,
            CueView.Mirrored seen,
            @Nullable String cause,
            CueView.@Nullable Mirrored fix,
            Cue cue,
            @Nullable String first,
            KnowHow known) {
        Skill skill = known.skill(cue.skill());
        List<ActivityLine> use = new ArrayList<>();
        if (first != null) use.add(line(known.activity(first)));
        known.activities().stream()
                .filter(a -> a.showsWell().contains(cue.key()) && !a.key().equals(first))
                .limit(MOST_DRILLS - use.size())
                .forEach(a -> use.add(line(a)));
        return new SymptomView(
                key,
                seen,
                cause,
                fix,
                cue.key(),
                CueView.Mirrored.of(cue.call(), skill.action()),
                CueView.Mirrored.of(cue.view(), skill.action()),
                skill.key(),
                skill.name(),
                use);
    }
}
