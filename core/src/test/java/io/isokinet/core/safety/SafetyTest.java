package io.isokinet.core.safety;

import static io.isokinet.core.Made.FIELD;
import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.HARD;
import static io.isokinet.core.Made.activity;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.aim.Band;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Recipe;
import io.isokinet.core.thing.Trait;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SafetyTest {
    private final Activity toss = activity("toss", LessonPhase.PRACTISE)
            .cautions("airborne", "one-way")
            .build();
    private final Activity roll =
            activity("roll", LessonPhase.PRACTISE).cautions("one-way").build();

    private static List<Caution> cautions(Activity activity, Place place, int age, int children, Item... sent) {
        return cautions(activity, place, age, children, 0, Policy.USUAL, sent);
    }

    private static List<Caution> cautions(
            Activity activity, Place place, int age, int children, int adapted, Policy policy, Item... sent) {
        return Safety.of(
                new Scene(activity, place, new Age(age), children, adapted, List.of(sent), List.of(sent)),
                Map.of("one-way", "All one way.", "airborne", "Soft."),
                policy);
    }

    private static boolean forbidden(List<Caution> cautions) {
        return cautions.stream().anyMatch(Caution::forbids);
    }

    @Test
    void aHardBallIsNotThrownIndoors() {
        assertThat(forbidden(cautions(toss, HALL, 9, 20, HARD))).isTrue();
        assertThat(forbidden(cautions(toss, FIELD, 9, 20, HARD))).isFalse();
        assertThat(forbidden(cautions(roll, HALL, 9, 20, HARD))).isFalse();
        assertThat(forbidden(cautions(toss, HALL, 9, 20, FOAM))).isFalse();
    }

    @Test
    void underSixOnlySoftThingsAreCaught() {
        assertThat(forbidden(cautions(toss, FIELD, 5, 20, HARD))).isTrue();
        assertThat(forbidden(cautions(toss, FIELD, 6, 20, HARD))).isFalse();
    }

    @Test
    void heavyThingsAreNotThrownToChildren() {
        Item heavy = Made.ball("sand", 460, 120, Trait.SOFT);
        Item lighter = Made.ball("sand", 450, 120, Trait.SOFT);
        assertThat(forbidden(cautions(toss, FIELD, 9, 20, heavy))).isTrue();
        assertThat(forbidden(cautions(toss, FIELD, 9, 20, lighter))).isFalse();
    }

    @Test
    void theActivitysOwnCautionsComeAlong() {
        assertThat(cautions(roll, HALL, 9, 20, FOAM)).extracting(Caution::text).containsExactly("All one way.");
    }

    @Test
    void moreThanThirtyFourIsACrowd() {
        assertThat(cautions(roll, HALL, 9, 34, FOAM)).extracting(Caution::key).doesNotContain("crowd");
        assertThat(cautions(roll, HALL, 9, 35, FOAM)).extracting(Caution::key).contains("crowd");
    }

    @Test
    void homeMadeThingsAreLookedOver() {
        Item made = new Item(
                "made",
                "made ball",
                "made balls",
                FOAM.mass(),
                FOAM.width(),
                null,
                null,
                null,
                FOAM.traits(),
                true,
                1,
                Handling.UNKNOWN,
                null);
        assertThat(cautions(roll, HALL, 9, 20, made)).extracting(Caution::key).contains("home-made");
    }

    private static Item thing(String key, boolean indoors, Recipe recipe, Trait... traits) {
        return new Item(
                key,
                key,
                key + "s",
                FOAM.mass(),
                FOAM.width(),
                null,
                null,
                null,
                Set.of(traits),
                recipe != null,
                1,
                new Handling(Handling.Hardness.FIRM, null, Set.of(), 1, null, null, false, indoors, null, 1, 0, 3),
                recipe);
    }

    @Test
    void longThingsAreThrownOutdoorsUnlessTheirTipIsSoft() {
        assertThat(keys(cautions(toss, HALL, 9, 20, thing("spear", true, null, Trait.LONG))))
                .contains("pointed-indoors");
        assertThat(keys(cautions(toss, HALL, 9, 20, thing("spear", true, null, Trait.LONG, Trait.SOFT))))
                .doesNotContain("pointed-indoors");
        assertThat(keys(cautions(toss, FIELD, 9, 20, thing("spear", true, null, Trait.LONG))))
                .doesNotContain("pointed-indoors");
    }

    @Test
    void outdoorThingsStayOutdoorsAndWaterOffTheHallFloor() {
        assertThat(keys(cautions(roll, HALL, 9, 20, thing("shot", false, null))))
                .contains("not-indoors");
        Item wet = thing(
                "bottle",
                true,
                new Recipe(
                        List.of(Recipe.Material.of("a bottle"), Recipe.Material.of("water")),
                        List.of("Fill"),
                        1,
                        Recipe.Filling.WATER));
        List<Caution> found = cautions(roll, HALL, 9, 20, wet);
        assertThat(found.get(0).weight()).isEqualTo(Caution.Weight.CHANGES);
        assertThat(found.get(0).remedy()).contains("sand or rice");
        assertThat(keys(cautions(roll, FIELD, 9, 20, wet))).doesNotContain("water-indoors");
    }

    @Test
    void kicksThroughTheAirGoOutdoorsFromEight() {
        Activity kick = activity("kick", LessonPhase.PRACTISE)
                .cautions("kicks-up", "running")
                .build();
        assertThat(keys(cautions(kick, HALL, 8, 20))).contains("kicks-indoors");
        assertThat(keys(cautions(kick, HALL, 7, 20))).doesNotContain("kicks-indoors");
        assertThat(keys(cautions(kick, FIELD, 8, 20)))
                .doesNotContain("kicks-indoors")
                .contains("wet-grass");
        Place corridor = new Place("c", new Length(9.9), new Length(3), new Length(3), Place.Floor.WOOD, 0);
        Place longer = new Place("c", new Length(10), new Length(3), new Length(3), Place.Floor.WOOD, 0);
        assertThat(keys(cautions(kick, corridor, 7, 20))).contains("run-out");
        assertThat(keys(cautions(kick, longer, 7, 20))).doesNotContain("run-out");
    }

    @Test
    void notAtPeopleAndAdaptedChildrenAreSaid() {
        Activity dodge =
                activity("dodge", LessonPhase.PLAY).cautions("tags", "airborne").build();
        assertThat(keys(cautions(dodge, FIELD, 9, 20, FOAM))).contains("at-people");
        assertThat(keys(cautions(roll, FIELD, 9, 20, 1, Policy.USUAL, FOAM))).contains("adapted");
        assertThat(keys(cautions(roll, FIELD, 9, 20, 0, Policy.USUAL, FOAM))).doesNotContain("adapted");
    }

    @Test
    void aSchoolMaySoftenButNotBelowTheFixedFloor() {
        Policy soft = new Policy(Set.of("pointed-indoors", "hard-indoors"), Band.USUAL);
        List<Caution> found = cautions(toss, HALL, 9, 20, 0, soft, thing("spear", true, null, Trait.LONG));
        assertThat(found.stream()
                        .filter(c -> c.key().equals("pointed-indoors"))
                        .findFirst()
                        .orElseThrow()
                        .weight())
                .isEqualTo(Caution.Weight.WARNS);
        assertThat(found.stream().filter(Caution::forbids))
                .extracting(Caution::key)
                .containsExactly("hard-indoors");
        assertThat(Arrays.stream(SafetyRule.values()).filter(SafetyRule::fixed))
                .allMatch(r -> r.weight() == Caution.Weight.FORBIDS)
                .isNotEmpty();
    }

    private static List<String> keys(List<Caution> cautions) {
        return cautions.stream().map(Caution::key).toList();
    }

    @Test
    void nobodyKneelsOnTarmac() {
        Activity kneels =
                activity("kneels", LessonPhase.PRACTISE).cautions("kneeling").build();
        Place yard = new Place("the yard", new Length(20), new Length(12), null, Place.Floor.TARMAC, 0);
        assertThat(cautions(kneels, yard, 8, 20, FOAM)).extracting(Caution::key).contains("knees-on-tarmac");
        assertThat(cautions(kneels, HALL, 8, 20, FOAM)).extracting(Caution::key).doesNotContain("knees-on-tarmac");
        assertThat(cautions(roll, yard, 8, 20, FOAM)).extracting(Caution::key).doesNotContain("knees-on-tarmac");
    }
}
