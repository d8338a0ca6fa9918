package io.isokinet.core.safety;

import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.safety.Caution.Weight;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Recipe;
import io.isokinet.core.thing.Trait;
import java.util.List;
import java.util.Locale;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The usual cautions, each with its reason and its remedy. Common practice, no source. */
public enum SafetyRule {
    HARD_INDOORS(
            "Hard things through the air indoors",
            Weight.FORBIDS,
            true,
            Scene::sent,
            around(a -> a.airborne() && a.indoors()),
            (a, item) -> !item.has(Trait.SOFT),
            item -> "%s are too hard to send through the air indoors.".formatted(item.many()),
            "Use something soft, or go outdoors."),
    HARD_YOUNG(
            "Hard things to catch under six",
            Weight.FORBIDS,
            true,
            Scene::sent,
            around(a -> a.airborne() && a.age().years() < 6),
            (a, item) -> !item.has(Trait.SOFT),
            item -> "Under six, only soft things are caught; %s are not.".formatted(item.many()),
            "Use a foam, sock or sponge ball, a scarf or a bag."),
    HEAVY(
            "Heavy things thrown to a child",
            Weight.FORBIDS,
            true,
            Scene::sent,
            around(Scene.Around::airborne),
            (a, item) -> item.mass().grams() > 450,
            item -> Words.say(
                    "%s weigh %.0f g: too heavy to be thrown to a child.",
                    item.many(), item.mass().grams()),
            "Use something up to 450 g, or roll it."),
    TOO_YOUNG(
            "Things for older children",
            Weight.FORBIDS,
            true,
            Scene::sent,
            around(a -> true),
            (a, item) -> a.age().years() < item.handling().ageFrom(),
            item -> "%s are for children from %d years."
                    .formatted(item.many(), item.handling().ageFrom()),
            "Take something lighter or softer."),
    POINTED_INDOORS(
            "Long things thrown indoors",
            Weight.FORBIDS,
            false,
            Scene::sent,
            around(a -> a.airborne() && a.indoors()),
            (a, item) -> item.has(Trait.LONG) && !item.has(Trait.SOFT),
            item -> "%s are thrown outdoors.".formatted(item.many()),
            "Use soft-tipped ones, or go outdoors."),
    NOT_INDOORS(
            "Things that are for outdoors",
            Weight.FORBIDS,
            false,
            Scene::used,
            around(Scene.Around::indoors),
            (a, item) -> !item.handling().indoors(),
            item -> "%s are for outdoors.".formatted(item.many()),
            "Take what may be used indoors."),
    WATER_INDOORS(
            "Water on a hall floor",
            Weight.CHANGES,
            false,
            Scene::used,
            scene -> scene.place().indoors(),
            (a, item) -> item.recipe() != null && item.recipe().filling() == Recipe.Filling.WATER,
            item -> "Water from %s makes a hall floor slippery.".formatted(item.many()),
            "Fill with sand or rice and tape the cap."),
    AT_PEOPLE(
            "Things that are not thrown at people",
            Weight.CHANGES,
            false,
            Scene::sent,
            scene -> scene.activity().cautions().contains("tags") && scene.airborne(),
            (a, item) -> !item.handling().atPeople(),
            item -> "%s are not for throwing at people.".formatted(item.many()),
            "Tag with the hand, or take soft balls and aim below the knee."),
    KICKS_INDOORS(
            "Kicks through the air in a hall",
            Weight.CHANGES,
            false,
            Scene::sent,
            scene -> scene.activity().cautions().contains("kicks-up")
                    && scene.place().indoors()
                    && scene.age().years() >= 8,
            null,
            null,
            "Kick along the floor, or go outdoors: at this age the ball reaches the ceiling."),
    RUN_OUT(
            "Room to stop running",
            Weight.CHANGES,
            false,
            Scene::sent,
            scene -> scene.activity().cautions().contains("running")
                    && scene.place().indoors()
                    && scene.place().length().metres() < 10,
            null,
            null,
            "Running ends 3 m before a wall, which leaves too little here: walk fast, or run in the yard."),
    WET_GRASS(
            "Turning fast on grass",
            Weight.WARNS,
            false,
            Scene::sent,
            scene -> scene.place().floor() == Place.Floor.GRASS
                    && scene.activity().cautions().contains("running"),
            null,
            null,
            "Look at the ground first: no sharp turns on wet or sloping grass."),
    KNEES_ON_TARMAC(
            "Kneeling on tarmac",
            Weight.CHANGES,
            false,
            Scene::sent,
            scene -> scene.place().floor() == Place.Floor.TARMAC
                    && scene.activity().cautions().contains("kneeling"),
            null,
            null,
            "Nobody kneels on tarmac: squat or stoop instead, or kneel on a mat."),
    HOME_MADE(
            "Home-made things",
            Weight.WARNS,
            false,
            Scene::used,
            scene -> true,
            (a, item) -> item.homeMade(),
            item -> "Look over the home-made %s before each use: %s"
                    .formatted(
                            item.many(),
                            item.handling().check() == null
                                    ? "tape whole, no sharp rim."
                                    : item.handling().check()),
            ""),
    CROWD(
            "More than one teacher can watch",
            Weight.WARNS,
            false,
            Scene::sent,
            scene -> scene.children() > 34,
            null,
            null,
            "More children than one teacher can watch; ask for help."),
    ADAPTED(
            "Children with an adaptation",
            Weight.WARNS,
            false,
            Scene::sent,
            scene -> scene.adapted() > 0,
            null,
            null,
            "Some children have a cue of this adapted or left out: say before what theirs is.");

    private final String title;
    private final Weight weight;
    private final boolean fixed;
    /** The things it is about. */
    private final Function<Scene, List<Item>> looksAt;

    private final Predicate<Scene> applies;
    private final @Nullable BiPredicate<Scene.Around, Item> concerns;
    private final @Nullable Function<Item, String> text;
    private final String remedy;

    SafetyRule(
            String title,
            Weight weight,
            boolean fixed,
            Function<Scene, List<Item>> looksAt,
            Predicate<Scene> applies,
            @Nullable BiPredicate<Scene.Around, Item> concerns,
            @Nullable Function<Item, String> text,
            String remedy) {
        this.title = title;
        this.weight = weight;
        this.fixed = fixed;
        this.looksAt = looksAt;
        this.applies = applies;
        this.concerns = concerns;
        this.text = text;
        this.remedy = remedy;
    }

    /** A rule that needs to know no more of a scene than what is around. */
    private record AroundRule(Predicate<Scene.Around> around) implements Predicate<Scene> {
        @Override
        public boolean test(Scene scene) {
            return around.test(scene.around());
        }
    }

    private static AroundRule around(Predicate<Scene.Around> around) {
        return new AroundRule(around);
    }

    /** True if it forbids a thing that would be sent here, whatever is done with it. */
    boolean forbids(Item item, Scene.Around around, Policy policy) {
        return weight == Weight.FORBIDS
                && (fixed || !policy.softened().contains(key()))
                && applies instanceof AroundRule rule
                && rule.around().test(around)
                && concerns != null
                && concerns.test(around, item);
    }

    /** A slug: "hard-indoors". */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String title() {
        return title;
    }

    public Weight weight() {
        return weight;
    }

    /** True if no school may soften it. */
    public boolean fixed() {
        return fixed;
    }

    /** A caution for each thing it concerns, or one for the whole. */
    Stream<Caution> of(Scene scene, Policy policy) {
        if (!applies.test(scene)) return Stream.empty();
        Weight now = !fixed && policy.softened().contains(key()) ? Weight.WARNS : weight;
        if (concerns == null || text == null) return Stream.of(new Caution(key(), now, remedy, null));
        return looksAt.apply(scene).stream()
                .distinct()
                .filter(item -> concerns.test(scene.around(), item))
                .map(item -> new Caution(key(), now, text.apply(item), remedy.isEmpty() ? null : remedy));
    }
}
