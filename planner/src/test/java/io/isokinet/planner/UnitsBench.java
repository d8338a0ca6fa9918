package io.isokinet.planner;

import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Occasion;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.task.Toll;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.ClassProfile;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Score;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.UnitPlanner;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Whether one would teach what is planned: 60 seeded units and the shares that tell; {@code bin/bench units}. */
final class UnitsBench {
    private static final int UNITS = 60;
    private static final List<Place> PLACES = List.of(
            place("the hall", 17, 9.5, 4.8, Place.Floor.WOOD, 14),
            place("the small hall", 11, 7, 3.2, Place.Floor.WOOD, 8),
            place("the yard", 25, 14, null, Place.Floor.TARMAC, 10),
            place("the field", 50, 30, null, Place.Floor.GRASS, 0));

    private static Place place(String name, double length, double width, Double ceiling, Place.Floor floor, int wall) {
        return new Place(
                name, new Length(length), new Length(width), ceiling == null ? null : new Length(ceiling), floor, wall);
    }

    private int planned;
    private int questions;
    private int named;
    private int untrue;
    private int broken;
    private int atReachOne;
    private int neverPlayed;
    private int recalls;
    private int overLoad;
    private int mostUses;
    private int mostWhereOthers;
    private int changed;
    private int kept;
    private int work;
    private int repeats;
    private int lateDrills;
    private int lateShape;
    private int ownLate;
    private int ownShape;
    private int games;
    private int strangers;
    private final List<Long> first = new ArrayList<>();
    private final List<Long> whole = new ArrayList<>();

    private UnitsBench() {}

    public static void main(String[] args) {
        UnitsBench bench = new UnitsBench();
        for (int i = 0; i < 3; i++)
            new TimefoldPlanner().plan(Instances.usual(4), Instances.ids(), TimefoldPlanner.USUAL_EFFORT);
        for (int seed = 0; seed < UNITS; seed++) bench.unit(problem(seed));
        for (int seed = 0; seed < UNITS; seed++) bench.choice(seed);
        bench.print();
    }

    /** Ages 4 to 11, 13 to 34 children, 1 to 4 skills, 2 to 12 lessons of 20 to 60 minutes, each place, cupboard and wish in turn. */
    static UnitProblem problem(int seed) {
        Random random = new Random(7000 + seed);
        int age = 4 + seed % 8;
        List<Skill> skills = new ArrayList<>(Instances.KNOW_HOW.skills().stream()
                .filter(s -> Instances.KNOW_HOW.activities().stream()
                        .anyMatch(a -> s.key().equals(a.skill()) && a.ageFrom() <= age && age <= a.ageTo()))
                .toList());
        Collections.shuffle(skills, random);
        int many = Math.min(skills.size(), 1 + random.nextInt(4));
        int lessons = 2 + random.nextInt(11);
        int minutes = 20 + 5 * random.nextInt(9);
        return new UnitProblem(
                new ClassProfile(new Age(age), 13 + random.nextInt(22)),
                Collections.nCopies(lessons, new LessonSlot(minutes, PLACES.get(seed % PLACES.size()), false)),
                skills.subList(0, many).stream().map(UnitsBench::target).toList(),
                Map.of(),
                Map.of(),
                Instances.KNOW_HOW,
                cupboard(random, seed % 3 == 2),
                new Wishes(
                        Wishes.Order.values()[seed % 3],
                        null,
                        Wishes.Tempo.values()[seed / 3 % 3],
                        Wishes.Taste.AS_IT_COMES,
                        seed % 5 == 4,
                        false,
                        Set.of(),
                        Set.of(),
                        Map.of()),
                List.of());
    }

    private static Target target(Skill skill) {
        return new Target(
                skill.key(),
                skill.sets().stream()
                        .filter(s -> s.kind() != CueSet.Kind.TWO_TRIAL)
                        .findFirst()
                        .orElseThrow()
                        .key());
    }

    private static Cupboard cupboard(Random random, boolean poor) {
        Map<Item, Integer> counts = new LinkedHashMap<>();
        for (Item item : Instances.KNOW_HOW.items()) {
            int many = poor ? (random.nextInt(3) == 0 ? random.nextInt(12) : 0) : 12 + random.nextInt(28);
            if (many > 0) counts.put(item, many);
        }
        return Cupboard.of(counts);
    }

    /** What a teacher decided about cues, planned with a quarter of the effort. */
    private void choice(int seed) {
        UnitProblem problem = CueChoices.problem(seed);
        if (new TimefoldPlanner().plan(problem, Instances.ids(), TimefoldPlanner.USUAL_EFFORT / 4)
                        instanceof Outcome.Planned found
                && found.broken().isEmpty()
                && CueChoices.broken(found.plan()).isEmpty()) kept++;
    }

    private void unit(UnitProblem problem) {
        long[] told = {0};
        long from = System.nanoTime();
        Outcome outcome = new TimefoldPlanner()
                .plan(problem, Instances.ids(), TimefoldPlanner.USUAL_EFFORT, new UnitPlanner.Watcher() {
                    @Override
                    public void better(Plan best, Score score, long evaluations) {
                        if (told[0] == 0) told[0] = System.nanoTime();
                    }

                    @Override
                    public boolean cancelled() {
                        return false;
                    }
                });
        if (!(outcome instanceof Outcome.Planned found) || !found.broken().isEmpty()) {
            questions++;
            UnitProblem eased = new Frame(problem, new Candidates(problem), Instances.ids()).eased();
            if (eased == null) return;
            named++;
            if (!(new TimefoldPlanner().plan(eased, Instances.ids(), TimefoldPlanner.USUAL_EFFORT)
                            instanceof Outcome.Planned way)
                    || !way.broken().isEmpty()) untrue++;
            return;
        }
        first.add((told[0] - from) / 1_000_000);
        whole.add((System.nanoTime() - from) / 1_000_000);
        planned++;
        read(found.plan());
        if (!same(found.plan(), again(found.plan()))) changed++;
    }

    private void read(Plan plan) {
        if (!new Outcome.Planned(plan, new Score(0, 0, 0), 0).broken().isEmpty()) broken++;
        int lessons = plan.lessons().size();
        List<Segment> all = plan.work();
        work += all.size();
        for (int i = 1; i < all.size(); i++)
            if (all.get(i).activity().equals(all.get(i - 1).activity())) repeats++;
        for (Segment s : all) {
            if (s.activity().isGame()) {
                games++;
                if (all.stream()
                        .noneMatch(d -> d.lesson() == s.lesson()
                                && !d.activity().isGame()
                                && !Collections.disjoint(d.focus(), s.focus()))) strangers++;
            } else if (2 * s.lesson() >= lessons) {
                lateDrills++;
                if (s.level() == 1) lateShape++;
            }
        }
        Map<String, List<Segment>> bySkill = all.stream()
                .collect(Collectors.groupingBy(s -> String.valueOf(s.activity().skill())));
        for (List<Segment> own : bySkill.values()) {
            List<Integer> days = own.stream().map(Segment::lesson).distinct().toList();
            for (Segment s : own)
                if (!s.activity().isGame() && 2 * days.indexOf(s.lesson()) >= days.size()) {
                    ownLate++;
                    if (s.level() == 1) ownShape++;
                }
        }
        if (bySkill.values().stream().anyMatch(ss -> ss.stream().allMatch(s -> s.level() == 1))) atReachOne++;
        if (bySkill.values().stream()
                .anyMatch(ss -> ss.stream().noneMatch(s -> s.activity().isGame()))) neverPlayed++;
        if (plan.lessons().get(0).stream()
                .anyMatch(s ->
                        s.serves(LessonPhase.RECAP) || s.activity().conduct().occasion() == Occasion.LATER)) recalls++;
        for (List<Segment> lesson : plan.lessons()) {
            Toll toll = Toll.NONE;
            for (Segment s : lesson) toll = toll.and(s.candidate().toll());
            if (toll.over(plan.problem().profile().age()) > 0) overLoad++;
        }
        mostUses = Math.max(mostUses, mostUses(all));
        mostWhereOthers = Math.max(mostWhereOthers, whereOthers(plan, true));
        mostWhereOthers = Math.max(mostWhereOthers, whereOthers(plan, false));
    }

    /** The most uses of one activity within any six lessons that follow each other. */
    private static int mostUses(List<Segment> of) {
        return of.stream()
                .mapToInt(last -> (int) of.stream()
                        .filter(s -> s.activity().equals(last.activity())
                                && s.lesson() <= last.lesson()
                                && last.lesson() - s.lesson() < 6)
                        .count())
                .max()
                .orElse(0);
    }

    /** The most uses of a game, or of a drill, where those that fit would carry the unit without coming too often. */
    private static int whereOthers(Plan plan, boolean games) {
        int lessons = plan.lessons().size();
        List<Segment> some = plan.work().stream()
                .filter(s -> s.serves(LessonPhase.PLAY) == games)
                .toList();
        Candidates candidates = new Candidates(plan.problem());
        int there = candidates
                .serving(0, games ? Set.of(LessonPhase.PLAY) : Set.of(LessonPhase.PRACTISE, LessonPhase.TEACH))
                .size();
        return there * (lessons / 6 * 3 + Math.min(3, lessons % 6)) < some.size() ? 0 : mostUses(some);
    }

    /** The same unit planned once more, with what was planned as what was there before. */
    private static Plan again(Plan plan) {
        UnitProblem p = plan.problem();
        List<List<Choice>> before = plan.fixed();
        UnitProblem replanned = new UnitProblem(
                p.profile(),
                p.lessons(),
                p.targets(),
                p.cues(),
                p.reached(),
                p.knowHow(),
                p.cupboard(),
                p.wishes(),
                p.policy(),
                p.done(),
                before,
                p.locks());
        return ((Outcome.Planned) new TimefoldPlanner().plan(replanned, Instances.ids(), TimefoldPlanner.USUAL_EFFORT))
                .plan();
    }

    private static boolean same(Plan one, Plan other) {
        Function<Plan, List<List<ActivityKeys>>> told = p -> p.lessons().stream()
                .map(l -> l.stream().map(s -> s.activity().keys()).toList())
                .toList();
        return told.apply(one).equals(told.apply(other));
    }

    private void print() {
        System.out.printf("| of %d seeded units | now | aim |%n|---|---|---|%n", UNITS);
        row("planned; come back as a question", planned + "; " + questions, "");
        row("questions that name what it would work without; those that are not true", named + "; " + untrue, "; 0");
        row("plans saved with a hard rule broken", broken, "0");
        row("units with a skill that stays on its first rung", atReachOne, "0");
        row("work segments that repeat the one before", share(repeats, work), "under 2 %");
        row("drills on rung 1 in the second half", share(lateShape, lateDrills), "under 8 %");
        row("the same in the second half of a skill's own lessons", share(ownShape, ownLate), "");
        row("games whose cues no drill of the lesson had", share(strangers, games), "under 5 %");
        row("units with a skill that is drilled and never played", neverPlayed, "0");
        row("first lessons that recall a last one", recalls, "0");
        row("lessons over a load limit", overLoad, "0");
        row("most uses of one activity in six lessons", mostUses, "3");
        row("the same where what fits would carry the unit", mostWhereOthers, "3");
        row("replans of an unchanged unit that change it", changed, "0");
        row("choices of cues kept, of %d".formatted(UNITS), kept, "all");
        row("first plan, median and slowest", times(first), "");
        row("final plan, median and slowest", times(whole), "");
    }

    private static void row(String what, Object now, String aim) {
        System.out.printf("| %s | %s | %s |%n", what, now, aim);
    }

    private static String share(int some, int of) {
        return "%.1f %%".formatted(100.0 * some / Math.max(1, of));
    }

    private static String times(List<Long> all) {
        long[] sorted = all.stream().mapToLong(Long::longValue).sorted().toArray();
        return sorted.length == 0
                ? "–"
                : "%d, %d ms"
                        .formatted(
                                sorted[sorted.length / 2],
                                Arrays.stream(sorted).max().orElse(0));
    }
}
