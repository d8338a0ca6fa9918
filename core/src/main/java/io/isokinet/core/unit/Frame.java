package io.isokinet.core.unit;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What a planner has to fill: the rows of every lesson, with what is locked in place, and for every other slot what may stand
 * there. If that cannot be filled at all, the certificates say why, with their numbers.
 */
public final class Frame {
    /** One thing to decide. */
    public static final class Slot {
        private final int lesson;
        private final int position;
        private final Choice first;
        private final List<Candidate> options;
        /** Made once, since a search asks for the same ones again and again. */
        private final Map<Candidate, Choice> choices = new HashMap<>();

        /** @param options never empty */
        Slot(int lesson, int position, Choice first, List<Candidate> options) {
            this.lesson = lesson;
            this.position = position;
            this.first = first;
            this.options = List.copyOf(options);
            for (Candidate option : options)
                choices.put(option, first.withActivity(option.activity().keys(), option.setting()));
        }

        /** Index from 0. */
        public int lesson() {
            return lesson;
        }

        /** In the lesson, from 0. */
        public int position() {
            return position;
        }

        /** What stands there to begin with: the shortest option. */
        public Choice first() {
            return first;
        }

        public List<Candidate> options() {
            return options;
        }

        /** The choice with one of the options. */
        public Choice with(Candidate option) {
            Choice made = choices.get(option);
            return made == null ? first.withActivity(option.activity().keys(), option.setting()) : made;
        }
    }

    /** Minutes by which work is stretched over its most where a lesson has them. */
    private static final int STRETCHED = 6;

    private static final Set<LessonPhase> DRILL = Set.of(LessonPhase.PRACTISE, LessonPhase.TEACH);
    private static final Set<LessonPhase> GAME = Set.of(LessonPhase.PLAY);

    private final UnitProblem problem;
    private final Candidates candidates;
    private final List<List<Choice>> rows = new ArrayList<>();
    private final List<Slot> slots = new ArrayList<>();
    private final List<String> certificates = new ArrayList<>();
    private final Map<Set<LessonPhase>, List<Integer>> missing = new LinkedHashMap<>();
    private final Map<Integer, Map<Set<LessonPhase>, Map<String, Fitting>>> fitting = new HashMap<>();
    private boolean sought;
    private LeastToGiveUp.@Nullable Eased least;

    /** @param ids a new stable id for each new segment */
    public Frame(UnitProblem problem, Candidates candidates, Supplier<String> ids) {
        this.problem = problem;
        this.candidates = candidates;
        // What stands already is kept as far as it goes; only a new unit is asked whether it makes sense at all.
        Set<String> found = new LinkedHashSet<>(problem.before().isEmpty() ? reaches() : List.of());
        for (int lesson = 0; lesson < problem.lessons().size(); lesson++) {
            LessonSlot slot = problem.lessons().get(lesson);
            SortedMap<Integer, Choice> locks = problem.locks().get(lesson);
            List<Choice> row = new ArrayList<>();
            rows.add(row);
            if (slot.kept()) row.addAll(locks.values());
            else if (slot.minutes() < Skeleton.SHORTEST)
                found.add("Lesson %d has %d usable minutes; a warm-up, practice, play and a close need at least %d."
                        .formatted(problem.number(lesson), slot.minutes(), Skeleton.SHORTEST));
            else found.addAll(fill(lesson, row, locks, ids));
        }
        missing.forEach((phases, lessons) -> found.add(nothingServes(lessons, phases)));
        if (found.isEmpty()) found.addAll(startOfLadders());
        if (found.isEmpty()) found.addAll(pinsWithoutADrill());
        certificates.addAll(found);
    }

    /** Why no plan can be legal; empty if that is not known. */
    public List<String> certificates() {
        return List.copyOf(certificates);
    }

    /** The certificates, and the fewest wishes, bans and locks without which they would not stand; empty if there are none. */
    public List<String> whyNot() {
        if (certificates.isEmpty()) return List.of();
        List<String> all = new ArrayList<>(certificates);
        LeastToGiveUp.Eased way = wayOut();
        if (way != null)
            all.add("It would work without %s; all the rest of what you wished can stay."
                    .formatted(String.join(" and ", way.words())));
        return all;
    }

    /** The problem without what it would work without; null where nothing that was wished stands in the way. */
    public @Nullable UnitProblem eased() {
        LeastToGiveUp.Eased way = wayOut();
        return way == null ? null : way.without();
    }

    /** Sought once, since it tries many frames; null where there is none. */
    private LeastToGiveUp.@Nullable Eased wayOut() {
        if (!sought && !certificates.isEmpty()) least = LeastToGiveUp.of(problem, candidates);
        sought = true;
        return least == null || least.words().isEmpty() ? null : least;
    }

    /** The rows with the shortest option in every free slot; the caller may change them. */
    public List<List<Choice>> rows() {
        List<List<Choice>> copy = new ArrayList<>();
        for (List<Choice> row : rows) copy.add(new ArrayList<>(row));
        return copy;
    }

    /** What is to be decided, in the order of time. */
    public List<Slot> slots() {
        return Collections.unmodifiableList(slots);
    }

    private List<String> fill(int lesson, List<Choice> row, SortedMap<Integer, Choice> locks, Supplier<String> ids) {
        List<String> found = new ArrayList<>(lockedWrongly(lesson, locks));
        List<Set<LessonPhase>> skeleton = Skeleton.of(
                problem.lessons().get(lesson).minutes(), lesson == 0, share(lesson, DRILL), share(lesson, GAME));
        boolean complete = true;
        List<@Nullable Choice> held = held(skeleton, locks);
        List<List<Candidate>> options = new ArrayList<>();
        int least = 0;
        int most = 0;
        for (int i = 0; i < skeleton.size(); i++) {
            Choice lock = held.get(i);
            if (lock != null) {
                row.add(lock);
                options.add(List.of());
                continue;
            }
            List<Candidate> serving = candidates.options(lesson, skeleton.get(i));
            if (serving.isEmpty()) {
                complete = false;
                List<Integer> lessons = missing.computeIfAbsent(skeleton.get(i), k -> new ArrayList<>());
                if (!lessons.contains(lesson)) lessons.add(lesson);
                continue;
            }
            Candidate shortest = serving.stream()
                    .min(Comparator.comparingInt((Candidate c) -> c.activity().minutesLeast())
                            .thenComparingInt(Candidate::level))
                    .orElseThrow();
            least += shortest.activity().minutesLeast();
            most += serving.stream()
                    .mapToInt(c -> c.activity().minutesMost() + (c.works() ? STRETCHED : 0))
                    .max()
                    .orElseThrow();
            row.add(Choice.of(ids.get(), skeleton.get(i), shortest.activity().keys(), shortest.setting()));
            options.add(serving);
        }
        locks.forEach((position, lock) -> {
            if (row.contains(lock)) return;
            int at = Math.min(position, row.size());
            row.add(at, lock);
            options.add(Math.min(at, options.size()), List.of());
        });
        if (found.isEmpty() && row.size() == options.size())
            for (int i = 0; i < row.size(); i++)
                if (!options.get(i).isEmpty()) slots.add(new Slot(lesson, i, row.get(i), options.get(i)));
        least += locks.values().stream().mapToInt(l -> fixedOr(l, true)).sum();
        most += locks.values().stream().mapToInt(l -> fixedOr(l, false)).sum();
        int minutes = problem.lessons().get(lesson).minutes();
        if (!complete) return found;
        if (least > minutes)
            found.add("Lesson %d has %d minutes, but the shortest choice for each of its parts adds up to %d."
                    .formatted(problem.number(lesson), minutes, least));
        else if (most < minutes && found.isEmpty())
            found.add(
                    "Lesson %d has %d minutes, but the longest choice for each of its parts adds up to %d; unlock minutes or shorten the lesson."
                            .formatted(problem.number(lesson), minutes, most));
        return found;
    }

    /** How many different activities that serve these phases a lesson has, if none is done too often over the unit. */
    private int share(int lesson, Set<LessonPhase> phases) {
        int lessons = problem.lessons().size();
        // After the first lessons nothing is on its shape alone.
        int all = (int) ((lesson < Skeleton.SHAPES
                        ? uses(lesson, phases, lessons, problem.targets())
                        : beyondShape(lesson, phases, lessons, problem.targets()))
                / lessons);
        if (!problem.wishes().inTurn(lesson, lessons)) return all;
        int shares = problem.targets().stream().mapToInt(Target::share).sum();
        int least = all;
        for (Target target : problem.targets()) {
            int turns = Math.max(1, turns(lessons) * target.share() / shares);
            int carried = carried(lesson, problem.lessons().get(lesson).minutes(), turns, List.of(target));
            // A skill that cannot carry a lesson alone shares one, whose parts others have enough for.
            if (carried > 0) least = Math.min(least, (int) (uses(lesson, phases, carried, List.of(target)) / carried));
        }
        return least;
    }

    /** Lessons, of so many, in which one skill comes after the other. */
    private int turns(int lessons) {
        return (int) IntStream.range(0, lessons)
                .filter(l -> problem.wishes().inTurn(l, lessons))
                .count();
    }

    /** Uses that activities of these skills which serve these phases have room for: the shape alone is for a skill's first lessons. */
    private long uses(int lesson, Set<LessonPhase> phases, int lessons, List<Target> skills) {
        long uses = beyondShape(lesson, phases, lessons, skills);
        for (Target target : skills)
            uses += Math.min(
                    Skeleton.SHAPES, fitting(lesson, phases, target.skill()).shapes() * Skeleton.uses(lessons));
        return uses;
    }

    private long beyondShape(int lesson, Set<LessonPhase> phases, int lessons, List<Target> skills) {
        long others = fitting(lesson, phases, ANY).others();
        for (Target target : skills)
            others += fitting(lesson, phases, target.skill()).others();
        return others * Skeleton.uses(lessons);
    }

    private Fitting fitting(int lesson, Set<LessonPhase> phases, String skill) {
        return fitting.computeIfAbsent(lesson, l -> new HashMap<>())
                .computeIfAbsent(phases, p -> fitting(candidates.serving(lesson, p)))
                .getOrDefault(skill, Fitting.NONE);
    }

    /** Stands for the skill of what works on none. */
    private static final String ANY = "";

    /** @param shapes activities that work on the shape alone where there is more above it */
    private record Fitting(long shapes, long others) {
        static final Fitting NONE = new Fitting(0, 0);
    }

    private Map<String, Fitting> fitting(List<Activity> there) {
        Map<String, Fitting> by = new HashMap<>();
        for (Activity a : there) {
            String skill = a.skill() == null ? ANY : a.skill();
            boolean shape = !a.isGame()
                    && a.rung() != null
                    && a.rung().level() == 1
                    && candidates.reach().highest(skill) > 1;
            by.merge(
                    skill,
                    new Fitting(shape ? 1 : 0, shape ? 0 : 1),
                    (x, y) -> new Fitting(x.shapes() + y.shapes(), x.others() + y.others()));
        }
        return by;
    }

    private int fixedOr(Choice lock, boolean least) {
        if (lock.minutes() != null) return lock.minutes();
        var activity = problem.knowHow().activity(lock.activity());
        return least ? activity.minutesLeast() : activity.minutesMost();
    }

    /** Locks that no plan can make legal. */
    private List<String> lockedWrongly(int lesson, SortedMap<Integer, Choice> locks) {
        List<String> found = new ArrayList<>();
        for (Choice lock : locks.values()) {
            String name = problem.knowHow().activity(lock.activity()).name();
            if (lock.activity().keys().stream().anyMatch(problem.wishes().bans()::contains))
                found.add("%s is locked in lesson %d and banned; unlock it or take back the ban."
                        .formatted(name, problem.number(lesson)));
        }
        return found;
    }

    /** Which lock holds which slot: the one at its own place if it serves the same, else the first free one that does. */
    private static List<@Nullable Choice> held(List<Set<LessonPhase>> skeleton, SortedMap<Integer, Choice> locks) {
        List<@Nullable Choice> held = new ArrayList<>(Collections.nCopies(skeleton.size(), null));
        locks.forEach((position, lock) -> {
            if (position < skeleton.size() && sameSlot(lock.phases(), skeleton.get(position))) held.set(position, lock);
        });
        for (Choice lock : locks.values())
            for (int i = 0; i < skeleton.size() && !held.contains(lock); i++)
                if (held.get(i) == null && sameSlot(lock.phases(), skeleton.get(i))) held.set(i, lock);
        return held;
    }

    private static boolean sameSlot(Set<LessonPhase> lock, Set<LessonPhase> slot) {
        return lock.containsAll(slot) || slot.containsAll(lock);
    }

    /** One sentence for one cause: which part, how many would fit, and what comes nearest. */
    private String nothingServes(List<Integer> lessons, Set<LessonPhase> phases) {
        String part = phases.contains(LessonPhase.WARM)
                ? "warm-up"
                : phases.contains(LessonPhase.PRACTISE)
                        ? "drill"
                        : phases.contains(LessonPhase.PLAY)
                                ? "game"
                                : phases.contains(LessonPhase.CLOSE) ? "close" : "opening talk";
        String article = part.equals("opening talk") ? "an " : "a ";
        int lesson = lessons.get(0);
        String which = numbers(lessons) + (lessons.size() == 1 ? " needs " : " need ") + article + part;
        var banned = candidates.banned(lesson, phases);
        if (!banned.isEmpty())
            return "%s and no activity fits but what is banned: take back the ban on %s."
                    .formatted(which, banned.get(0).name());
        List<String> refusals = candidates.refusals(lesson, phases);
        if (refusals.isEmpty()) return which + " and no activity fits: none of those known serves it for these skills.";
        int fewer = candidates.wouldFit(lesson, phases);
        return "%s and no activity fits%s. What comes nearest: %s"
                .formatted(
                        which,
                        fewer == 0
                                ? ""
                                : " %d children in %s; %d would fit"
                                        .formatted(
                                                problem.children(lesson),
                                                problem.lessons()
                                                        .get(lesson)
                                                        .place()
                                                        .name(),
                                                fewer),
                        String.join(" ", refusals.subList(0, Math.min(2, refusals.size()))));
    }

    /** "Lesson 3", "Lessons 1 to 6", "Lessons 1, 3 and 4". */
    private String numbers(List<Integer> lessons) {
        List<Integer> numbers = lessons.stream().map(problem::number).toList();
        int n = numbers.size();
        if (n == 1) return "Lesson " + numbers.get(0);
        if (n > 2 && numbers.get(n - 1) - numbers.get(0) == n - 1)
            return "Lessons %d to %d".formatted(numbers.get(0), numbers.get(n - 1));
        return "Lessons %s and %d"
                .formatted(
                        numbers.subList(0, n - 1).stream().map(String::valueOf).collect(Collectors.joining(", ")),
                        numbers.get(n - 1));
    }

    /** A cue that is meant for a lesson needs a drill there that works on it. */
    private List<String> pinsWithoutADrill() {
        List<String> found = new ArrayList<>();
        int[] pins = candidates.pins();
        for (int cue = 0; cue < pins.length; cue++) {
            int meant = cue;
            int lesson = pins[cue];
            if (lesson < 0 || locked(lesson, candidates.targetCues().get(cue))) continue;
            boolean there = slots.stream()
                    .filter(s -> s.lesson() == lesson && s.first().phases().contains(LessonPhase.TEACH))
                    .flatMap(s -> s.options().stream())
                    .anyMatch(c -> c.hosts().contains(meant));
            if (!there)
                found.add("“%s” is meant for lesson %d, and no drill that fits there works on it: take another lesson."
                        .formatted(
                                problem.knowHow()
                                        .cue(candidates.targetCues().get(cue))
                                        .call(),
                                problem.number(lesson)));
        }
        for (int lesson = 0; lesson < problem.lessons().size(); lesson++) {
            int here = lesson;
            long meant = IntStream.range(0, pins.length)
                    .filter(c -> pins[c] == here
                            && !locked(here, candidates.targetCues().get(c)))
                    .count();
            long drills = slots.stream()
                    .filter(s -> s.lesson() == here && s.first().phases().contains(LessonPhase.TEACH))
                    .count();
            if (meant > drills * Reading.FOCUS)
                found.add(
                        "%d cues are meant for lesson %d, and its drills have room for %d: spread them over more lessons."
                                .formatted(meant, problem.number(lesson), drills * Reading.FOCUS));
        }
        return found;
    }

    /** True if a locked stretch of a lesson introduces a cue. */
    private boolean locked(int lesson, String cue) {
        return problem.locks().get(lesson).values().stream()
                .anyMatch(lock -> lock.introduces() != null && lock.introduces().contains(cue));
    }

    /** What cannot be done here but as empty movement is asked about before minutes are spent on it. */
    private List<String> reaches() {
        List<String> found = new ArrayList<>();
        int free = IntStream.range(0, problem.lessons().size())
                .filter(l -> !problem.lessons().get(l).kept())
                .findFirst()
                .orElse(-1);
        if (free < 0) return found;
        for (Target target : problem.targets()) {
            String skill = target.skill();
            Reach reach = candidates.reach();
            String what = reach.highest(skill) == 0
                    ? "cannot be done here at all"
                    : reach.highest(skill) == 1
                            ? "cannot go beyond its shape here, the first level"
                            : reach.highestDrill(skill) == 0
                                    ? "has no drill that fits here"
                                    : reach.isPlayed(skill) ? "" : "has no game that fits here";
            if (what.isEmpty()) continue;
            String why = candidates.refused(free, skill, reach.highest(skill), !reach.isPlayed(skill));
            found.add("%s %s.%s Make or borrow what is missing, choose another place, or another skill in its stead."
                    .formatted(problem.knowHow().skill(skill).name(), what, why == null ? "" : " " + why));
        }
        if (found.isEmpty()) found.addAll(enough(free));
        if (found.isEmpty()) found.addAll(games());
        if (found.isEmpty()) found.addAll(climbs());
        if (found.isEmpty()) found.addAll(firstGame());
        return found;
    }

    /** The first lesson ends in play: a skill whose first game is too many levels up cannot be begun alone. */
    private List<String> firstGame() {
        LessonSlot slot = problem.lessons().get(0);
        if (slot.kept()
                || slot.minutes() < Skeleton.SHORTEST
                || !problem.locks().get(0).isEmpty()) return List.of();
        long room = Skeleton.of(slot.minutes(), true, share(0, DRILL), share(0, GAME)).stream()
                .filter(DRILL::equals)
                .count();
        int least =
                problem.targets().stream().mapToInt(this::drillsToPlay).min().orElse(0);
        return least <= room
                ? List.of()
                : List.of(
                        "The first game that fits wants %d drills on rising levels before it, and lesson 1 has room for %d. Take longer lessons, another skill beside it, or give leave to skip a level."
                                .formatted(least, room));
    }

    private int drillsToPlay(Target target) {
        return candidates
                .reach()
                .drillsToPlay(
                        target.skill(),
                        problem.reached().getOrDefault(target.skill(), 0),
                        problem.wishes().climb());
    }

    /** Each skill climbs to its first game: where the drills of a unit are too few for that, one of them is never played. */
    private List<String> climbs() {
        int room = problem.lessons().stream()
                .filter(l -> l.minutes() >= Skeleton.SHORTEST)
                .mapToInt(l -> (int) Skeleton.of(l.minutes(), false, Integer.MAX_VALUE, Integer.MAX_VALUE).stream()
                        .filter(DRILL::equals)
                        .count())
                .sum();
        List<String> each = new ArrayList<>();
        int sum = 0;
        for (Target target : problem.targets()) {
            int drills = Math.max(1, drillsToPlay(target));
            sum += drills;
            each.add("%s %d".formatted(problem.knowHow().skill(target.skill()).name(), drills));
        }
        // In a single lesson there is no next one to play in.
        if (problem.lessons().size() == 1 || sum <= room) return List.of();
        return List.of(
                "Before their first games these skills want so many drills on rising levels: %s. That makes %d, and %d lessons of %d minutes have room for %d. Take fewer skills, more lessons or longer ones."
                        .formatted(
                                String.join(", ", each),
                                sum,
                                problem.lessons().size(),
                                problem.lessons().get(0).minutes(),
                                room));
    }

    /** Each skill that is practised is played: with more skills than games one of them is drilled for nothing. */
    private List<String> games() {
        int games = problem.lessons().stream()
                .filter(l -> l.kept() || l.minutes() >= Skeleton.SHORTEST)
                .mapToInt(l -> Skeleton.games(l.minutes()))
                .sum();
        int skills = problem.targets().size();
        // In a single lesson there is no next one to play in.
        return problem.lessons().size() == 1 || skills <= games
                ? List.of()
                : List.of(
                        "%d skills want a game each, and %d lessons of %d minutes have %d. Take fewer skills, more lessons or longer ones."
                                .formatted(
                                        skills,
                                        problem.lessons().size(),
                                        problem.lessons().get(0).minutes(),
                                        games));
    }

    /** Activities carry so many lessons before they come too often; fewer or shorter lessons, or another skill, is the way out. */
    private List<String> enough(int free) {
        int minutes = problem.lessons().get(free).minutes();
        if (minutes < Skeleton.SHORTEST || problem.wishes().repeats()) return List.of();
        int turns = turns(problem.lessons().size());
        if (problem.targets().size() > 1 && turns > 0) {
            List<String> found = enoughInTurn(free, minutes, turns);
            if (!found.isEmpty()) return found;
        }
        return enough(free, minutes, problem.lessons().size());
    }

    /** Where one skill comes after the other each has to carry the lessons that are its turn. */
    private List<String> enoughInTurn(int free, int minutes, int turns) {
        if (carryInTurn(free, minutes, turns)) return List.of();
        int shorter = minutes;
        while (shorter > Skeleton.SHORTEST && !carryInTurn(free, shorter, turns)) shorter--;
        return List.of(
                "One skill after the other, what fits here is enough for so many lessons of %d minutes before it comes too often: %s. There are %d of them. Plan fewer lessons%s, mix the skills, or get what other drills need."
                        .formatted(
                                minutes,
                                problem.targets().stream()
                                        .map(t -> "%s %d"
                                                .formatted(
                                                        problem.knowHow()
                                                                .skill(t.skill())
                                                                .name(),
                                                        carried(free, minutes, turns, List.of(t))))
                                        .collect(Collectors.joining(", ")),
                                turns,
                                carryInTurn(free, shorter, turns) ? ", make them %d minutes".formatted(shorter) : ""));
    }

    private boolean carryInTurn(int lesson, int minutes, int turns) {
        int[] each = problem.targets().stream()
                .mapToInt(t -> carried(lesson, minutes, turns, List.of(t)))
                .toArray();
        boolean all = problem.wishes().order() != Wishes.Order.BLOCKED
                || IntStream.of(each).allMatch(n -> n > 0);
        return all && IntStream.of(each).sum() >= turns;
    }

    private List<String> enough(int free, int minutes, int all) {
        List<Target> skills = problem.targets();
        int drills = candidates.serving(free, DRILL).size();
        int games = candidates.serving(free, GAME).size();
        int lessons = Math.max(1, carried(free, minutes, all, skills));
        if (drills == 0 || games == 0 || lessons == all) return List.of();
        int shorter = minutes;
        while (shorter > Skeleton.SHORTEST && !carry(shorter, free, all, skills)) shorter--;
        return List.of(
                "%d drill%s and %d game%s fit here: enough for %d lesson%s of %d minutes before they come too often, and there are %d. Plan fewer lessons%s, add a skill, or get what other drills need."
                        .formatted(
                                drills,
                                drills == 1 ? "" : "s",
                                games,
                                games == 1 ? "" : "s",
                                lessons,
                                lessons == 1 ? "" : "s",
                                minutes,
                                all,
                                carry(shorter, free, all, skills) ? ", make them %d minutes".formatted(shorter) : ""));
    }

    /** Lessons, of so many, for which activities of these skills are enough. */
    private int carried(int lesson, int minutes, int all, List<Target> skills) {
        int lessons = all;
        while (lessons > 0 && !carry(minutes, lesson, lessons, skills)) lessons--;
        return lessons;
    }

    /** True if nothing need come too often in so many lessons; where drills are few, they and games are fewer and longer. */
    private boolean carry(int minutes, int lesson, int lessons, List<Target> skills) {
        return count(minutes, lesson, lessons, skills, DRILL) * lessons <= uses(lesson, DRILL, lessons, skills)
                && count(minutes, lesson, lessons, skills, GAME) * lessons <= uses(lesson, GAME, lessons, skills);
    }

    /** Parts of a kind in a lesson of so many minutes, of so many alike. */
    private long count(int minutes, int lesson, int lessons, List<Target> skills, Set<LessonPhase> part) {
        int drills = (int) (uses(lesson, DRILL, lessons, skills) / lessons);
        int games = (int) (uses(lesson, GAME, lessons, skills) / lessons);
        return Skeleton.of(minutes, false, drills, games).stream()
                .filter(part::equals)
                .count();
    }

    /** The first piece of work of a unit must stand on a rung that the class can step on. */
    private List<String> startOfLadders() {
        int step = problem.wishes().climb();
        for (Slot slot : slots) {
            if (!slot.first().phases().contains(LessonPhase.PRACTISE)) continue;
            boolean onto = slot.options().stream().anyMatch(c -> {
                String skill = String.valueOf(c.activity().skill());
                return candidates.reach().needed(skill, c.level(), step)
                        <= problem.reached().getOrDefault(skill, 0);
            });
            if (onto || !slot.first().equals(firstWork())) return List.of();
            int lowest =
                    slot.options().stream().mapToInt(Candidate::level).min().orElseThrow();
            return List.of(
                    "Lesson %d starts the practice, and the lowest drill that fits is on level %d; the class has not been on the level below. Get the kit or the room for a lower one, or give leave to skip a level."
                            .formatted(problem.number(slot.lesson()), lowest));
        }
        return List.of();
    }

    private @Nullable Choice firstWork() {
        for (List<Choice> row : rows)
            for (Choice choice : row)
                if (problem.knowHow().activity(choice.activity()).worksOnSkill()) return choice;
        return null;
    }
}
