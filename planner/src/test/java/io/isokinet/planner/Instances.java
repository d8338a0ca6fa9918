package io.isokinet.planner;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.unit.Candidate;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.ClassProfile;
import io.isokinet.core.unit.CueState;
import io.isokinet.core.unit.Frame;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import io.isokinet.knowhow.PackFiles;
import io.isokinet.knowhow.PackReader;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;

/** Seeded units to plan: classes, places, cupboards and parts of the shipped know-how as they may come. */
final class Instances {
    static final KnowHow KNOW_HOW = PackReader.read(PackFiles.shipped()).knowHow();
    private static final Place HALL =
            new Place("the hall", new Length(17), new Length(9.5), new Length(4.8), Place.Floor.WOOD, 14);
    private static final Place YARD =
            new Place("the yard", new Length(30), new Length(20), null, Place.Floor.TARMAC, 10);
    private static final List<String> SKILLS = List.of(
            "underarm-roll", "two-hand-catch", "underarm-throw", "overarm-throw", "inside-foot-pass", "forearm-pass");

    private Instances() {}

    static final int SMALL = 40;

    /** One of the 40 whose optimum is stored: 24 of 2 lessons with 12 to 30 activities, 16 of 3 lessons with 12. */
    /** Whose best plan is not proved in ten minutes. */
    private static final Set<Integer> UNPROVED = Set.of(25);

    static UnitProblem small(int number) {
        // The seed after the twenty-fifth makes a unit without a game for its age.
        // Where the cupboard stands against every plan, the next of its kind.
        for (int seed = number; ; seed += SMALL) {
            if (UNPROVED.contains(seed)) continue;
            UnitProblem unit = small(number, new Random(1000 + seed));
            Candidates candidates = new Candidates(unit);
            if (new Frame(unit, candidates, ids()).certificates().isEmpty()) return unit;
        }
    }

    private static UnitProblem small(int number, Random random) {
        boolean three = number >= 24;
        int lessons = three ? 3 : 2;
        int activities = three ? 12 : 12 + random.nextInt(19);
        // One skill alone has too few activities for the larger ones.
        int skills = activities > 18 ? 2 : 1 + random.nextInt(2);
        return make(random, lessons, 20 + 5 * random.nextInt(5), activities, true, skills);
    }

    /** Seven lessons from a few activities: long enough for gaps to open. */
    static UnitProblem middling(int seed) {
        Random random = new Random(3000 + seed);
        return make(random, 7, 35, 24, true, 1 + random.nextInt(2));
    }

    /** A plan with some of its activities exchanged for others at random, read anew. */
    static Plan shuffled(Plan plan, Frame frame, Candidates candidates, int seed) {
        Random random = new Random(seed);
        List<List<Choice>> rows = new ArrayList<>();
        for (List<Segment> lesson : plan.lessons())
            rows.add(new ArrayList<>(lesson.stream().map(Choice::open).toList()));
        for (Frame.Slot slot : frame.slots()) {
            if (random.nextInt(3) > 0) continue;
            Candidate now =
                    plan.lessons().get(slot.lesson()).get(slot.position()).candidate();
            List<Candidate> alike = slot.options().stream()
                    .filter(c -> c.level() <= now.level())
                    .toList();
            rows.get(slot.lesson()).set(slot.position(), slot.with(alike.get(random.nextInt(alike.size()))));
        }
        return Reading.of(plan.problem(), candidates, rows);
    }

    /** One of any size, over all of the shipped know-how. */
    static UnitProblem large(int seed, int lessons) {
        Random random = new Random(5000 + 31L * seed + lessons);
        boolean small = random.nextBoolean();
        return make(random, lessons, 25 + 5 * random.nextInt(6), Integer.MAX_VALUE, small, 1 + random.nextInt(2));
    }

    /** Two skills in lessons of forty minutes, as the aims for speed are stated. */
    static UnitProblem usual(int lessons) {
        return usual(lessons, KNOW_HOW);
    }

    /** The same with the know-how so many times over, under other keys. */
    static UnitProblem usual(int lessons, int times) {
        List<Activity> activities = new ArrayList<>(KNOW_HOW.activities());
        for (int i = 1; i < times; i++)
            for (Activity a : KNOW_HOW.activities()) activities.add(renamed(a, a.key() + "-" + i));
        return usual(
                lessons,
                new KnowHow(
                        KNOW_HOW.skills(),
                        activities,
                        KNOW_HOW.items(),
                        KNOW_HOW.cautions(),
                        KNOW_HOW.crosswalk(),
                        KNOW_HOW.library()));
    }

    private static Activity renamed(Activity a, String key) {
        return new Activity(
                key,
                a.name(),
                a.phases(),
                a.skill(),
                a.rung(),
                a.hosts(),
                a.showsWell(),
                a.ageFrom(),
                a.ageTo(),
                a.minutesLeast(),
                a.minutesMost(),
                a.grouping(),
                a.cycle(),
                a.triesPerTurn(),
                a.space(),
                a.needs(),
                a.setUpSeconds(),
                a.layout(),
                a.fast(),
                a.how(),
                a.countsAsOne(),
                a.oddChild(),
                a.levers(),
                a.cautions(),
                a.question(),
                a.difficulty(),
                a.attempt(),
                a.conduct(),
                List.of());
    }

    private static UnitProblem usual(int lessons, KnowHow known) {
        return new UnitProblem(
                new ClassProfile(new Age(8), 27),
                Collections.nCopies(lessons, new LessonSlot(40, HALL, false)),
                List.of(
                        new Target("underarm-roll", "underarm-roll/components"),
                        new Target("two-hand-catch", "two-hand-catch/components")),
                Map.of(),
                Map.of(),
                known,
                cupboard(new Random(1)),
                Wishes.USUAL,
                List.of());
    }

    private static UnitProblem make(Random random, int lessons, int minutes, int activities, boolean small, int many) {
        int age = 6 + random.nextInt(5);
        int children = 14 + random.nextInt(17);
        Place place = random.nextInt(3) == 0 ? YARD : HALL;
        List<String> skills = new ArrayList<>(SKILLS);
        Collections.shuffle(skills, random);
        skills = skills.subList(0, many);
        String kind = small ? "short" : "components";
        Cupboard cupboard = cupboard(random);
        KnowHow known = activities == Integer.MAX_VALUE ? KNOW_HOW : some(random, skills, age, activities);
        return new UnitProblem(
                new ClassProfile(new Age(age), children),
                Collections.nCopies(lessons, new LessonSlot(minutes, place, false)),
                skills.stream().map(s -> new Target(s, s + "/" + kind)).toList(),
                states(random, skills, kind),
                Map.of(),
                known,
                cupboard,
                new Wishes(
                        Wishes.Order.values()[random.nextInt(3)],
                        null,
                        Wishes.Tempo.values()[random.nextInt(3)],
                        Wishes.Taste.AS_IT_COMES,
                        random.nextInt(4) == 0,
                        false,
                        true,
                        Set.of(),
                        Set.of(),
                        Map.of(),
                        Wishes.Ending.AS_IT_COMES),
                List.of());
    }

    /** Some cues were met before: a class that does not start at the beginning. */
    private static Map<String, CueState> states(Random random, List<String> skills, String kind) {
        Map<String, CueState> states = new HashMap<>();
        if (random.nextInt(3) > 0) return states;
        for (String skill : skills)
            for (String cue : KNOW_HOW.set(skill + "/" + kind).cues())
                if (KNOW_HOW.cue(cue).prerequisites().isEmpty() && random.nextBoolean())
                    states.put(cue, new CueState(true, random.nextInt(101)));
        return states;
    }

    /** So many activities: a few of every other part, the rest drills and games of the skills from their lowest rungs up. */
    private static KnowHow some(Random random, List<String> skills, int age, int activities) {
        Set<String> kept = new HashSet<>();
        take(kept, random, 1, a -> a.serves(LessonPhase.GATHER) && of(a, age));
        take(kept, random, 2, a -> a.serves(LessonPhase.WARM) && a.serves(LessonPhase.RECAP) && of(a, age));
        take(kept, random, 2, a -> a.serves(LessonPhase.CLOSE) && of(a, age));
        for (String skill : skills) {
            take(kept, random, 1, a -> skill.equals(a.skill()) && !a.isGame() && level(a) == 1 && of(a, age));
            take(kept, random, 1, a -> skill.equals(a.skill()) && !a.isGame() && level(a) == 2 && of(a, age));
            take(kept, random, 1, a -> skill.equals(a.skill()) && a.isGame() && level(a) <= 2 && of(a, age));
        }
        take(kept, random, activities - kept.size(), a -> skills.contains(a.skill()) && of(a, age));
        return KNOW_HOW.keeping(a -> kept.contains(a.key()));
    }

    private static void take(Set<String> kept, Random random, int many, java.util.function.Predicate<Activity> which) {
        List<String> from = new ArrayList<>(KNOW_HOW.activities().stream()
                .filter(which)
                .map(Activity::key)
                .filter(k -> !kept.contains(k))
                .toList());
        Collections.shuffle(from, random);
        kept.addAll(from.subList(0, Math.max(0, Math.min(many, from.size()))));
    }

    private static boolean of(Activity activity, int age) {
        return activity.ageFrom() <= age && age <= activity.ageTo();
    }

    private static int level(Activity activity) {
        return activity.rung() == null ? 0 : activity.rung().level();
    }

    /** Of most things enough, of some few, of some none. */
    private static Cupboard cupboard(Random random) {
        Map<Item, Integer> counts = new LinkedHashMap<>();
        for (Item item : KNOW_HOW.items()) {
            int many = random.nextInt(5) == 0 ? 0 : 6 + random.nextInt(30);
            if (many > 0) counts.put(item, many);
        }
        return Cupboard.of(counts);
    }

    static Supplier<String> ids() {
        AtomicInteger next = new AtomicInteger();
        return () -> "s" + next.incrementAndGet();
    }
}
