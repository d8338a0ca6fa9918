package io.isokinet.core;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Attempt;
import io.isokinet.core.activity.Conduct;
import io.isokinet.core.activity.Effort;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Grouping;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Must;
import io.isokinet.core.activity.Occasion;
import io.isokinet.core.activity.Reach;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.knowhow.Library;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Body;
import io.isokinet.core.skill.Condition;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Ladder;
import io.isokinet.core.skill.MovementPhase;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import io.isokinet.core.unit.ClassProfile;
import io.isokinet.core.unit.CueState;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Small made-up know-how for the tests of the core. */
public final class Made {
    public static final Place HALL =
            new Place("the hall", new Length(17), new Length(9.5), new Length(4.8), Place.Floor.WOOD, 14);
    public static final Place FIELD =
            new Place("the field", new Length(50), new Length(30), null, Place.Floor.GRASS, 0);

    public static final Item FOAM = ball("foam", 200, 200, Trait.ROLLS, Trait.BOUNCES, Trait.SOFT);
    public static final Item SOCK = ball("sock", 60, 80, Trait.ROLLS, Trait.SOFT);
    public static final Item HARD = ball("hard", 150, 72, Trait.ROLLS);
    public static final Item WEIGHT = ball("weight", 500, 120, Trait.SOFT);
    public static final Item BAG = ball("bag", 120, 110, Trait.SOFT, Trait.FLAT);
    public static final Item SKITTLE = stander("skittle", 150, 75, 230, 70, 95);
    public static final Item EMPTY = stander("empty", 25, 65, 200, 65, 100);
    public static final Item FULL = stander("full", 525, 65, 200, 65, 77);
    public static final Item CUPS = new Item(
            "cups",
            "tower",
            "towers",
            Mass.ofGrams(12),
            Length.ofMillimetres(75),
            Length.ofMillimetres(190),
            Length.ofMillimetres(75),
            Length.ofMillimetres(95),
            Set.of(Trait.STANDS),
            false,
            2,
            Handling.UNKNOWN,
            null);

    private Made() {}

    public static Item ball(String key, double grams, double millimetres, Trait... traits) {
        return new Item(
                key,
                key + " ball",
                key + " balls",
                Mass.ofGrams(grams),
                Length.ofMillimetres(millimetres),
                null,
                null,
                null,
                Set.of(traits),
                false,
                1,
                Handling.UNKNOWN,
                null);
    }

    public static Item stander(String key, double grams, double width, double height, double base, double centre) {
        return new Item(
                key,
                key + " bottle",
                key + " bottles",
                Mass.ofGrams(grams),
                Length.ofMillimetres(width),
                Length.ofMillimetres(height),
                Length.ofMillimetres(base),
                Length.ofMillimetres(centre),
                Set.of(Trait.STANDS),
                false,
                1,
                Handling.UNKNOWN,
                null);
    }

    public static Need balls(Need.Per per, int count) {
        return new Need(
                "ball",
                Need.Role.SENT,
                "foam",
                Set.of(Trait.ROLLS, Trait.SOFT),
                60,
                260,
                Need.Asks.upTo(400),
                per,
                count);
    }

    public static Need targets(Need.Per per, int count) {
        return new Need(
                "target", Need.Role.TOPPLED, "skittle", Set.of(Trait.STANDS), 50, 150, Need.Asks.NOTHING, per, count);
    }

    public static Cue cue(String key, String... prerequisites) {
        return new Cue(
                key,
                key.substring(0, key.indexOf('/')),
                MovementPhase.ACTION,
                "feet",
                "Does the {opposite foot} step?",
                key.substring(key.indexOf('/') + 1),
                "from the side",
                Seen.SIDE,
                4,
                List.of(prerequisites),
                Condition.NONE,
                List.of(),
                "Tell me.",
                null);
    }

    /** A skill with cues a, b, c ... each building on the one before, in one component set. */
    public static Skill skill(String key, Ladder ladder, String... features) {
        List<Cue> cues = new ArrayList<>();
        for (String feature : features)
            cues.add(
                    cues.isEmpty()
                            ? cue(key + "/" + feature)
                            : cue(key + "/" + feature, cues.get(cues.size() - 1).key()));
        List<String> keys = cues.stream().map(Cue::key).toList();
        return new Skill(
                key,
                key,
                ladder,
                Action.THROW,
                cues,
                List.of(new CueSet(key + "/all", key, CueSet.Kind.COMPONENTS, "All", keys)),
                List.of(),
                Skill.LeadUps.OFTEN,
                true);
    }

    public static final Skill ROLL = skill("roll", Ladder.SENDING, "a", "b", "c");
    public static final Skill CATCH = skill("catch", Ladder.RECEIVING, "x", "y");

    /** An activity with everything usual; change what a test is about. */
    public static Builder activity(String key, LessonPhase... phases) {
        return new Builder(key, Set.of(phases));
    }

    public static final class Builder {
        private final String key;
        private final Set<LessonPhase> phases;
        private Skill skill;
        private int level;
        private List<String> hosts = List.of();
        private int least = 3;
        private int most = 9;
        private int ageFrom = 4;
        private int ageTo = 12;
        private Grouping grouping = new Grouping(Formation.SCATTER, 1, 1, 1);
        private TurnCycle cycle;
        private SpaceNeed space = new SpaceNeed(3, 1.5, null);
        private List<Need> needs = List.of();
        private int setUp;
        private String layout = "clear";
        private boolean fast;
        private List<String> cautions = List.of();
        private List<Lever> levers = List.of();
        private Must must;
        private Occasion occasion = Occasion.ANY;
        private Travel travel;
        private Set<Effort> efforts = Set.of();
        private Set<Body> warms = Set.of();
        private String closes;

        private Builder(String key, Set<LessonPhase> phases) {
            this.key = key;
            this.phases = phases;
        }

        public Builder of(Skill skill, int level) {
            this.skill = skill;
            this.level = level;
            this.hosts = skill.cues().stream().map(Cue::key).toList();
            this.cycle = new TurnCycle(5, 2, 0, 0);
            return this;
        }

        public Builder hosts(String... hosts) {
            this.hosts = List.of(hosts);
            return this;
        }

        public Builder closes(String closes) {
            this.closes = closes;
            return this;
        }

        public Builder warms(Body... warms) {
            this.warms = Set.of(warms);
            return this;
        }

        public Builder minutes(int least, int most) {
            this.least = least;
            this.most = most;
            return this;
        }

        public Builder ages(int from, int to) {
            this.ageFrom = from;
            this.ageTo = to;
            return this;
        }

        public Builder grouped(Formation formation, int least, int usual, int most) {
            this.grouping = new Grouping(formation, least, usual, most);
            return this;
        }

        public Builder turn(int act, int fetch, int back, int reset) {
            this.cycle = new TurnCycle(act, fetch, back, reset);
            return this;
        }

        public Builder space(double metresLong, double each) {
            this.space = new SpaceNeed(metresLong, each, null);
            return this;
        }

        public Builder space(SpaceNeed space) {
            this.space = space;
            return this;
        }

        public Builder needs(Need... needs) {
            this.needs = List.of(needs);
            return this;
        }

        public Builder layout(String layout, int setUp) {
            this.layout = layout;
            this.setUp = setUp;
            return this;
        }

        public Builder fast() {
            this.fast = true;
            return this;
        }

        public Builder cautions(String... cautions) {
            this.cautions = List.of(cautions);
            return this;
        }

        public Builder lever(Lever lever) {
            this.levers = List.of(lever);
            return this;
        }

        /** What each try takes of a body. */
        public Builder takes(Effort... efforts) {
            this.efforts = Set.of(efforts);
            return this;
        }

        public Builder on(Occasion occasion) {
            this.occasion = occasion;
            return this;
        }

        public Builder attempt(Must must, Travel travel) {
            this.must = must;
            this.travel = travel;
            return this;
        }

        /** Told, or else what the things make likely. */
        private Attempt attempt() {
            boolean sends = needs.stream().anyMatch(n -> n.role() == Need.Role.SENT);
            boolean fells = needs.stream().anyMatch(n -> n.role() == Need.Role.TOPPLED);
            boolean aims = needs.stream().anyMatch(n -> n.role() == Need.Role.AIMED_AT);
            Must usual = fells ? Must.TOPPLES : aims ? Must.HITS : skill == null ? Must.NOTHING : Must.DONE;
            return new Attempt(
                    must == null ? usual : must,
                    travel != null ? travel : sends ? Travel.ROLLS : Travel.NONE,
                    null,
                    null,
                    efforts);
        }

        public Activity build() {
            return new Activity(
                    key,
                    key,
                    phases,
                    skill == null ? null : skill.key(),
                    skill == null ? null : skill.ladder().rung(level),
                    hosts,
                    hosts,
                    ageFrom,
                    ageTo,
                    least,
                    most,
                    grouping,
                    cycle,
                    1,
                    space,
                    needs,
                    setUp,
                    layout,
                    fast,
                    "How.",
                    null,
                    "a three takes turns.",
                    levers,
                    cautions,
                    null,
                    0,
                    attempt(),
                    new Conduct(
                            Conduct.USUAL.scoring(),
                            Conduct.USUAL.gathering(),
                            List.of(),
                            null,
                            Conduct.USUAL.sitsOut(),
                            null,
                            null,
                            null,
                            closes,
                            occasion,
                            warms,
                            null,
                            List.of()),
                    List.of());
        }
    }

    /**
     * A lever for distance.
     *
     * @param usual index of the step to start from
     */
    public static Lever distance(int usual, double... metres) {
        List<String> words = Arrays.stream(metres)
                .mapToObj(m -> Words.say(m == Math.rint(m) ? "%.0f m" : "%.1f m", m))
                .toList();
        return new Lever(
                "distance",
                words,
                usual,
                Lever.even(words.size(), usual),
                Arrays.stream(metres)
                        .mapToObj(m -> StepFacts.of(Reach.metres(m)))
                        .toList());
    }

    /** A lever for the hand or foot; null for a step that sets none. */
    public static Lever limb(String name, List<String> steps, StepFacts.@Nullable Limb... limbs) {
        return new Lever(
                name,
                steps,
                0,
                Lever.even(steps.size(), 0),
                Arrays.stream(limbs).map(l -> new StepFacts(null, l)).toList());
    }

    private static final LessonPhase[] DRILL = {LessonPhase.PRACTISE, LessonPhase.TEACH};

    /** Warm-ups, closes, drills on every rung of two skills, and games. */
    public static KnowHow knowHow(Activity... more) {
        List<Activity> activities = new ArrayList<>();
        activities.add(activity("talk", LessonPhase.GATHER).minutes(2, 4).build());
        for (String key : List.of("warm1", "warm2"))
            activities.add(activity(key, LessonPhase.WARM, LessonPhase.RECAP)
                    .minutes(2, 6)
                    .build());
        for (String key : List.of("close1", "close2"))
            activities.add(activity(key, LessonPhase.TIDY, LessonPhase.COOL, LessonPhase.CLOSE)
                    .minutes(3, 5)
                    .build());
        for (Skill skill : List.of(ROLL, CATCH))
            for (int level = 1; level <= 4; level++) {
                activities.add(activity(skill.key() + "-drill" + level, DRILL)
                        .of(skill, level)
                        .minutes(4, 9)
                        .build());
                activities.add(activity(skill.key() + "-game" + level, LessonPhase.PLAY)
                        .of(skill, level)
                        .minutes(5, 9)
                        .build());
            }
        activities.addAll(List.of(more));
        return new KnowHow(
                List.of(ROLL, CATCH),
                activities,
                List.of(FOAM, SOCK, HARD, WEIGHT, BAG, SKITTLE, EMPTY, FULL, CUPS),
                Map.of("one-way", "All one way."),
                new Crosswalk(List.of()),
                Library.EMPTY);
    }

    public static Cupboard cupboard(Object... itemsAndCounts) {
        Map<Item, Integer> counts = new java.util.LinkedHashMap<>();
        for (int i = 0; i < itemsAndCounts.length; i += 2)
            counts.put((Item) itemsAndCounts[i], (Integer) itemsAndCounts[i + 1]);
        return Cupboard.of(counts);
    }

    /** Eight-year-olds, 24 of them, two skills, in the hall. */
    public static UnitProblem problem(int lessons, int minutes, Activity... more) {
        return problem(8, 24, lessons, minutes, Map.of(), Wishes.USUAL, more);
    }

    public static UnitProblem problem(
            int age,
            int children,
            int lessons,
            int minutes,
            Map<String, CueState> cues,
            Wishes wishes,
            Activity... more) {
        return new UnitProblem(
                new ClassProfile(new Age(age), children),
                Collections.nCopies(lessons, new LessonSlot(minutes, HALL, false)),
                List.of(new Target("roll", "roll/all"), new Target("catch", "catch/all")),
                cues,
                Map.of(),
                knowHow(more),
                cupboard(FOAM, 30, SKITTLE, 40),
                wishes,
                List.of());
    }
}
