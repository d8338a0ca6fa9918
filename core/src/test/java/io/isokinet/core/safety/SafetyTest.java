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
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class SafetyTest {
    private final Activity toss = activity("toss", LessonPhase.PRACTISE)
            .cautions("airborne", "one-way")
            .build();
    private final Activity roll =
            activity("roll", LessonPhase.PRACTISE).cautions("one-way").build();

    private static List<Caution> cautions(Activity activity, Place place, int age, int children, Item... sent) {
        return Safety.of(
                activity,
                place,
                new Age(age),
                children,
                List.of(sent),
                Map.of("one-way", "All one way.", "airborne", "Soft."));
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
}
