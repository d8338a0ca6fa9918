package io.isokinet.core.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Share;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Success;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Toll;
import io.isokinet.core.unit.rule.EndsTogether;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Activities fitted to the places of the unit, each once, when it is first asked for. One thread at a time. */
public final class Candidates {
    /** So many are looked at for one slot: the best by their own worth, so that planning stays as fast with more know-how. */
    public static final int MOST = 200;

    /** Minutes by which work is stretched over its most. */
    private static final int STRETCHED = 2;

    /** In a round of stations, at most. */
    private static final int STATIONS = 4;

    /** Rounds to choose from. */
    private static final int FESTIVALS = 8;

    private final UnitProblem problem;
    private final List<String> targetCues;
    private final Map<String, Integer> cueIndex = new HashMap<>();
    private final List<String> cues;
    private final int[][] prerequisites;
    private final boolean[] taught;
    private final int[] wanted;
    private final Set<String> skills;
    private final List<Fitter> fitters;
    private @Nullable Reach reach;
    private int @Nullable [][] earlier;
    private @Nullable List<List<String>> orders;
    private int @Nullable [] pins;
    private boolean @Nullable [] ordered;
    private final List<Where> places;
    private final int[] placeOf;
    private final List<Map<ActivityKeys, Candidate[]>> made;
    private final Map<String, Integer> bands;
    private final List<Map<String, Fit[]>> fits;

    /** The same fits for another problem that differs in wishes and locks alone. */
    public Candidates of(UnitProblem other) {
        return new Candidates(other, this);
    }

    private Candidates(UnitProblem problem, Candidates like) {
        this.problem = problem;
        this.targetCues = like.targetCues;
        this.cueIndex.putAll(like.cueIndex);
        this.cues = like.cues;
        this.prerequisites = like.prerequisites;
        this.taught = like.taught;
        this.wanted = like.wanted;
        this.skills = like.skills;
        this.fitters = like.fitters;
        this.places = like.places;
        this.placeOf = like.placeOf;
        this.made = like.made;
        this.bands = like.bands;
        this.fits = like.fits;
    }

    public Candidates(UnitProblem problem) {
        this.problem = problem;
        this.made = new ArrayList<>();
        this.bands = new HashMap<>();
        this.fits = new ArrayList<>();
        this.targetCues = problem.targetCues();
        for (String cue : targetCues) cueIndex.put(cue, cueIndex.size());
        List<String> known = new ArrayList<>(targetCues);
        problem.cues().forEach((cue, state) -> {
            if (state.taught() && !cueIndex.containsKey(cue)) known.add(cue);
        });
        this.cues = List.copyOf(known);
        this.taught = new boolean[cues.size()];
        for (int i = 0; i < taught.length; i++)
            taught[i] = problem.state(cues.get(i)).taught();
        this.prerequisites = new int[targetCues.size()][];
        this.wanted = new int[targetCues.size()];
        for (int i = 0; i < prerequisites.length; i++) {
            prerequisites[i] = problem.buildsOn(targetCues.get(i)).stream()
                    .mapToInt(cues::indexOf)
                    .toArray();
            wanted[i] = problem.state(targetCues.get(i)).exposuresWanted();
        }
        this.skills = problem.targets().stream().map(Target::skill).collect(Collectors.toSet());
        List<Where> wheres = IntStream.range(0, problem.lessons().size())
                .mapToObj(l -> Where.of(problem, l))
                .toList();
        this.places = wheres.stream().distinct().toList();
        this.placeOf = wheres.stream().mapToInt(places::indexOf).toArray();
        this.fitters = places.stream().map(w -> fitter(w, w.children())).toList();
        places.forEach(p -> {
            made.add(new HashMap<>());
            fits.add(new HashMap<>());
        });
    }

    /** What a fit depends on: the place, how much of the kit there is, and for how many. */
    private record Where(Place place, int kit, int children) {
        static Where of(UnitProblem problem, int lesson) {
            LessonSlot slot = problem.lessons().get(lesson);
            return new Where(slot.place(), slot.kit(), problem.children(lesson));
        }
    }

    private Fitter fitter(Where where, int children) {
        return new Fitter(
                problem.knowHow(),
                problem.cupboard().share(where.kit()),
                problem.profile().age(),
                children,
                problem.policy(),
                problem.fresh());
    }

    /** The cues to teach, worked out once. */
    public List<String> targetCues() {
        return targetCues;
    }

    /** For every cue that is to teach or was taught, the first ones the target cues, whether it was taught before the unit. */
    boolean[] taught() {
        return taught.clone();
    }

    /** What a target cue builds on, by index; -1 for what is neither to teach nor was taught. */
    int[] prerequisites(int cue) {
        return prerequisites[cue];
    }

    /** The lesson in which the teacher wants each target cue introduced; -1 for any. */
    int[] pins() {
        if (pins == null) pins = targetCues.stream().mapToInt(problem::pin).toArray();
        return pins;
    }

    /** For each target cue, whether the teacher put it into an order of her own. */
    boolean[] ordered() {
        if (ordered == null) {
            boolean[] own = new boolean[targetCues.size()];
            for (Target target : problem.targets())
                if (target.cues().isOrdered()) for (String cue : target.cues().picked()) own[cueIndex.get(cue)] = true;
            ordered = own;
        }
        return ordered;
    }

    /** The cues of each skill whose order counts, see {@link Plan#inOrder}. */
    public List<List<String>> orders() {
        if (orders == null)
            orders = problem.targets().stream()
                    .map(target -> problem.targetCues(target).stream()
                            .filter(cue -> !problem.state(cue).taught()
                                    && problem.pin(cue) < 0
                                    && reach().teaches(cue)
                                    && !isSettled(cue))
                            .toList())
                    .toList();
        return orders;
    }

    /** True if a stretch that is locked or was taught introduces a cue. */
    private boolean isSettled(String cue) {
        return problem.locks().stream()
                .flatMap(locks -> locks.values().stream())
                .anyMatch(lock -> lock.introduces() != null && lock.introduces().contains(cue));
    }

    /** Target cues that are introduced before one, by index: those before it in its skill's order, of those whose order counts. */
    int[] earlier(int cue) {
        if (earlier == null) {
            int[][] all = new int[targetCues.size()][0];
            for (List<String> order : orders())
                for (int i = 0; i < order.size(); i++)
                    all[cueIndex.get(order.get(i))] =
                            order.subList(0, i).stream().mapToInt(cueIndex::get).toArray();
            earlier = all;
        }
        return earlier[cue];
    }

    /** Exposures to aim for, by target cue. */
    int wanted(int cue) {
        return wanted[cue];
    }

    /** How far each skill can be climbed here. */
    public Reach reach() {
        if (reach == null) {
            List<Candidate> fitting = new ArrayList<>();
            for (int place = 0; place < places.size(); place++) fitting.addAll(fitting(firstIn(place)));
            reach = Reach.of(fitting, targetCues);
        }
        return reach;
    }

    /** How far each skill can be climbed in the place of one lesson. */
    Reach reach(int lesson) {
        return Reach.of(fitting(lesson), targetCues);
    }

    private int firstIn(int place) {
        return IntStream.range(0, placeOf.length)
                .filter(l -> placeOf[l] == place)
                .findFirst()
                .orElseThrow();
    }

    private List<Candidate> fitting(int lesson) {
        return ofSkills()
                .map(a -> nearest(lesson, a))
                .filter(Candidate::allowed)
                .toList();
    }

    private Stream<Activity> ofSkills() {
        return problem.knowHow().activities().stream()
                .filter(a -> a.skill() != null && skills.contains(a.skill()))
                .filter(a -> a.stations().isEmpty());
    }

    /**
     * Why what would take a skill further does not fit in the place of a lesson; null if nothing is known that would.
     *
     * @param above the rung that is reached
     * @param game true if it is games that are missing
     */
    @Nullable
    String refused(int lesson, String skill, int above, boolean game) {
        int age = problem.profile().age().years();
        return ofSkills()
                .filter(a -> skill.equals(a.skill()) && a.rung() != null)
                .filter(a -> game && above > 1 ? a.isGame() : a.rung().level() > Math.min(above, 1))
                // What the class is too young or too old for is the last to look for.
                .sorted(Comparator.comparing((Activity a) -> a.ageFrom() > age || a.ageTo() < age)
                        .thenComparingInt(a -> a.rung().level()))
                .map(a -> nearest(lesson, a))
                .filter(c -> !c.allowed())
                .map(this::refusal)
                .findFirst()
                .orElse(null);
    }

    private String refusal(Candidate c) {
        return c.fit() instanceof Fit.Fails fails
                ? fails.reasons().get(0)
                : "%s is not allowed here.".formatted(c.activity().name());
    }

    /** The largest number of children, fewer than there are, whom something that serves these phases would fit; 0 for none. */
    int wouldFit(int lesson, Set<LessonPhase> phases) {
        int low = 0;
        int high = problem.children(lesson);
        while (high - low > 1) {
            int some = (low + high) / 2;
            Where where = places.get(placeOf[lesson]);
            Fitter fewer = fitter(where, some);
            Place place = where.place();
            boolean fits = wanted(phases).stream()
                    .anyMatch(a -> fewer.fit(a, place) instanceof Fit.Works works && works.allowed());
            if (fits) low = some;
            else high = some;
        }
        return low;
    }

    /** Index of a target cue; -1 if it is none. */
    int index(String cue) {
        return cueIndex.getOrDefault(cue, -1);
    }

    /** At the step to start from, or the nearest to it that is allowed. */
    public Fit fit(int lesson, ActivityKeys activity) {
        return nearest(lesson, problem.knowHow().activity(activity)).fit();
    }

    private Fit fit(int lesson, Activity activity, int setting) {
        int place = placeOf[lesson];
        Fit[] settings = fits.get(place).computeIfAbsent(activity.key(), k -> new Fit[Asked.steps(activity)]);
        if (settings[setting] == null)
            settings[setting] =
                    fitters.get(place).fit(activity, setting, places.get(place).place());
        return settings[setting];
    }

    /** The candidate at the step to start from, or at the nearest to it that is allowed, easier ones first. */
    public Candidate nearest(int lesson, Activity activity) {
        int usual = usual(activity);
        Candidate first = get(lesson, activity.keys(), usual);
        if (first.allowed()) return first;
        for (int away = 1; away < Asked.steps(activity); away++)
            for (int step : new int[] {usual - away, usual + away}) {
                if (step < 0 || step >= Asked.steps(activity)) continue;
                Candidate other = get(lesson, activity.keys(), step);
                if (other.allowed()) return other;
            }
        return first;
    }

    /**
     * @param setting beyond the hardest means the hardest
     * @throws IllegalArgumentException if the activity is not known
     */
    public Candidate get(int lesson, ActivityKeys activity, int setting) {
        Map<ActivityKeys, Candidate[]> here = made.get(placeOf[lesson]);
        Candidate[] settings = here.get(activity);
        if (settings == null) {
            settings = new Candidate[Asked.steps(problem.knowHow().activity(activity))];
            here.put(activity, settings);
        }
        int step = Math.min(setting, settings.length - 1);
        if (settings[step] == null) settings[step] = make(lesson, activity, step);
        return settings[step];
    }

    private Candidate make(int lesson, ActivityKeys key, int setting) {
        Activity activity = problem.knowHow().activity(key);
        Fit fit = fit(lesson, activity, setting);
        Asked asked = Asked.of(activity, setting);
        List<Integer> hosts = activity.hosts().stream()
                .filter(cueIndex::containsKey)
                .filter(cue -> asked.lets(problem.knowHow().cue(cue)))
                .map(cueIndex::get)
                .sorted()
                .toList();
        List<Boolean> shows = hosts.stream()
                .map(h -> activity.showsWell().contains(targetCues.get(h)))
                .toList();
        Fit.Works works = fit instanceof Fit.Works w ? w : null;
        return new Candidate(
                activity,
                setting,
                placeOf[lesson],
                fit,
                hosts,
                shows,
                works == null ? -1 : band(works),
                works == null ? 0 : works.motionPercent(),
                works == null ? 0 : works.milliTriesPerMinute(),
                works == null ? 0 : works.wornSeconds(),
                works == null ? Toll.NONE : works.toll(longest(activity)),
                setting - easiest(lesson, activity, setting),
                cannot(asked),
                works == null ? List.of() : works.sent());
    }

    private List<Integer> cannot(Asked asked) {
        return IntStream.range(0, targetCues.size())
                .filter(i -> !asked.lets(problem.knowHow().cue(targetCues.get(i))))
                .boxed()
                .toList();
    }

    /** Seconds that it is worked at most: a little over its most minutes where a lesson has room. */
    private static int longest(Activity activity) {
        return 60 * (activity.minutesMost() + STRETCHED);
    }

    /** A shape without an object can be neither hit nor missed; of stations it is the mean of those where something can. */
    private int band(Fit.Works works) {
        if (!works.stations().isEmpty())
            return (int) Math.round(works.stations().stream()
                    .mapToInt(s -> band(s.works()))
                    .filter(band -> band >= 0)
                    .average()
                    .orElse(-1));
        Task task = works.task();
        Activity activity = task.activity();
        if (activity.rung() == null || activity.rung().level() < 2) return -1;
        Success at = task.success();
        // Where nothing but a default says it, places and things make no difference.
        return at.source() != Success.Source.AIM
                ? bands.computeIfAbsent(activity.key() + "@" + task.setting(), k -> inBand(task))
                : inBand(task);
    }

    private int inBand(Task task) {
        Share inside = Success.challenge(task, problem.policy().band());
        return inside == null ? -1 : inside.percent();
    }

    /** Activities that serve all these phases, fit, are not banned, and work on a target skill or on none. */
    public List<Activity> serving(int lesson, Set<LessonPhase> phases) {
        return wanted(phases).stream().filter(a -> nearest(lesson, a).allowed()).toList();
    }

    /**
     * What may stand in a slot: activities at each of their settings, at most {@value #MOST}. Of the settings those count that suit most of
     * the class, and the steps beside them. Favourites are always among them.
     */
    public List<Candidate> options(int lesson, Set<LessonPhase> phases) {
        List<Candidate> all = new ArrayList<>();
        List<Activity> serving = serving(lesson, phases);
        for (Activity activity : serving)
            for (int setting : settings(lesson, activity)) all.add(get(lesson, activity.keys(), setting));
        if (isFestival(lesson) && phases.contains(LessonPhase.PRACTISE))
            all.addAll(0, festivals(lesson, phases, serving));
        if (all.size() <= MOST) return List.copyOf(all);
        Set<String> favourites = problem.wishes().favourites();
        Comparator<Candidate> worth = Comparator.comparing(
                        (Candidate c) -> c.activity().stations().isEmpty()
                                && !favourites.contains(c.activity().key()))
                .thenComparingInt(c -> -c.hosts().size())
                .thenComparingInt(c -> -c.bandPercent())
                .thenComparingInt(c -> -c.milliTries());
        return everyRungFirst(all.stream().sorted(worth).toList());
    }

    /** True if a lesson is the last of a unit that is to end in a round of stations. */
    private boolean isFestival(int lesson) {
        return problem.wishes().ending() == Wishes.Ending.FESTIVAL
                && lesson == problem.lessons().size() - 1
                && lesson >= EndsTogether.FEWEST - 1;
    }

    /** Rounds of three or four stations, each with another drill, that fit side by side. */
    private List<Candidate> festivals(int lesson, Set<LessonPhase> phases, List<Activity> serving) {
        // By turns of the skills, so that each is at a station.
        Map<String, Integer> before = new HashMap<>();
        Map<Activity, Integer> turn = new HashMap<>();
        List<Activity> drills = serving.stream().filter(Activity::worksOnSkill).toList();
        for (Activity drill : drills) turn.put(drill, before.merge(String.valueOf(drill.skill()), 1, Integer::sum));
        List<Activity> byTurns =
                drills.stream().sorted(Comparator.comparing(turn::get)).toList();
        List<Candidate> found = new ArrayList<>();
        for (int stations = STATIONS; stations >= STATIONS - 1; stations--)
            for (int from = 0; from < byTurns.size() && found.size() < FESTIVALS; from++) {
                List<String> keys = new ArrayList<>();
                for (int i = 0; i < Math.min(stations, byTurns.size()); i++)
                    keys.add(byTurns.get((from + i) % byTurns.size()).key());
                if (keys.size() < STATIONS - 1) return found;
                Activity round;
                try {
                    round = problem.knowHow().activity(new ActivityKeys(keys));
                } catch (IllegalArgumentException e) {
                    // Some do not go side by side.
                    continue;
                }
                Candidate candidate = nearest(lesson, round);
                if (round.phases().containsAll(phases) && candidate.allowed()) found.add(candidate);
            }
        return found;
    }

    /** Turn by turn one of each skill and rung, so that no step of a ladder is crowded out. */
    private static List<Candidate> everyRungFirst(List<Candidate> byWorth) {
        Map<String, Integer> before = new HashMap<>();
        Map<Candidate, Integer> round = new HashMap<>();
        for (Candidate c : byWorth) round.put(c, before.merge(c.activity().skill() + "@" + c.level(), 1, Integer::sum));
        Set<Candidate> kept = byWorth.stream()
                .sorted(Comparator.comparing(round::get))
                .limit(MOST)
                .collect(Collectors.toCollection(HashSet::new));
        return byWorth.stream().filter(kept::contains).toList();
    }

    /** Those that are allowed: what suits most of the class, the steps beside it, and the easiest. */
    private List<Integer> settings(int lesson, Activity activity) {
        List<Integer> allowed = IntStream.range(0, Asked.steps(activity))
                .filter(s -> get(lesson, activity.keys(), s).allowed())
                .boxed()
                .toList();
        if (allowed.size() < 2) return allowed;
        int best = allowed.stream()
                .max(Comparator.comparingInt(
                                (Integer s) -> get(lesson, activity.keys(), s).bandPercent())
                        .thenComparingInt(s -> -Math.abs(s - usual(activity))))
                .orElseThrow();
        // What is new begins at the easiest.
        return allowed.stream()
                .filter(s -> Math.abs(s - best) < 2 || s.equals(allowed.get(0)))
                .toList();
    }

    /**
     * The easiest step that is allowed.
     *
     * @param most the step to look below; itself if none below it is allowed
     */
    private int easiest(int lesson, Activity activity, int most) {
        for (int step = 0; step < most; step++)
            if (fit(lesson, activity, step) instanceof Fit.Works works && works.allowed()) return step;
        return most;
    }

    /** The same at the easiest step that is allowed. */
    public Candidate easiest(int lesson, Candidate candidate) {
        return get(lesson, candidate.activity().keys(), candidate.setting() - candidate.aboveEasiest());
    }

    /** The step of the main lever to start from. */
    public static int usual(Activity activity) {
        return Asked.usual(activity);
    }

    /** Why an activity that would serve these phases does not fit, one sentence each. */
    public List<String> refusals(int lesson, Set<LessonPhase> phases) {
        List<String> reasons = new ArrayList<>();
        for (Activity activity : wanted(phases))
            if (fit(lesson, activity.keys()) instanceof Fit.Fails fails) reasons.addAll(fails.reasons());
            else if (fit(lesson, activity.keys()) instanceof Fit.Works works)
                works.cautions().stream()
                        .filter(c -> c.forbids())
                        .forEach(c -> reasons.add(activity.name() + ": " + c.sentence()));
        return reasons;
    }

    /** Those that would serve the phases and fit, but are banned. */
    public List<Activity> banned(int lesson, Set<LessonPhase> phases) {
        return fitFor(phases)
                .filter(a -> problem.wishes().bans().contains(a.key()))
                .filter(a -> nearest(lesson, a).allowed())
                .toList();
    }

    private List<Activity> wanted(Set<LessonPhase> phases) {
        return fitFor(phases)
                .filter(a -> !problem.wishes().bans().contains(a.key()))
                .toList();
    }

    /** What serves all these phases, for a target skill or for none. */
    private Stream<Activity> fitFor(Set<LessonPhase> phases) {
        return problem.knowHow().activities().stream()
                .filter(a -> a.phases().containsAll(phases))
                .filter(a -> a.skill() == null || skills.contains(a.skill()));
    }
}
