package io.isokinet.knowhow;

import static io.isokinet.knowhow.Fixtures.KNOW_HOW;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.kit.Here;
import io.isokinet.core.kit.KitFinder;
import io.isokinet.core.kit.KitList;
import io.isokinet.core.kit.MakeSheet;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** The shipped kit against published laws and facts of the trade. */
class EquipmentTest {
    @ParameterizedTest
    @CsvFileSource(resources = "/reference/balls.csv", numLinesToSkip = 4)
    void ballsAreAsTheLawsHaveThem(String key, double gramsFrom, double gramsTo, double widthFrom, double widthTo) {
        Item item = KNOW_HOW.item(key);
        assertThat(item.mass().grams()).as(key).isBetween(gramsFrom, gramsTo);
        assertThat(item.width().millimetres()).as(key).isBetween(widthFrom, widthTo);
    }

    /** Every home-made thing has a make-sheet for a class, and what is too heavy for the age says so. */
    @Test
    void whateverIsHomeMadeCanBeMadeForAClass() {
        for (Item item : KNOW_HOW.items()) {
            if (item.recipe() == null) continue;
            MakeSheet sheet = MakeSheet.of(item, 12, new Age(7));
            assertThat(sheet.materials())
                    .as(item.key())
                    .hasSameSizeAs(item.recipe().materials());
            if (item.mass().grams() > 400)
                assertThat(sheet.warning()).as(item.key()).contains("the limit is 0.4 kg");
        }
    }

    /** A refusal says what could be made by then, and the fewest packs to buy. */
    @Test
    void whatIsMissingCanBeMadeOrBought() {
        KitList kit = new KitFinder(Cupboard.EMPTY, KNOW_HOW.itemsByKey(), new Age(8))
                .find(KNOW_HOW.activity("quay-skittles").needs(), 24, 6, Here.in(Fixtures.HALL));
        assertThat(kit.suffices()).isFalse();
        assertThat(kit.remedies()).hasSameSizeAs(kit.shortages());
        assertThat(String.join(" ", kit.remedies()))
                .contains("To make: ", " minutes; for one: ", "To buy: 1 pack of 10");
    }

    /** Whose words let the ball bounce, or come back from a wall into the hands, asks for one that bounces. Fact of the trade. */
    @Test
    void whatHasToBounceIsAskedFor() {
        Pattern bounces = Pattern.compile(
                "lets? it bounce|bounces low once|on the way up|catch the bounce|take it after|catch the return|catch what comes"
                        + "|one bounce(,| between| allowed)|caught after at most one bounce|must bounce",
                Pattern.CASE_INSENSITIVE);
        List<String> asked = new ArrayList<>();
        for (Activity activity : KNOW_HOW.activities()) {
            if (!bounces.matcher(activity.how()).find()) continue;
            asked.add(activity.key());
            assertThat(activity.needs())
                    .as(activity.key() + ": " + activity.how())
                    .anyMatch(n -> n.traits().contains(Trait.BOUNCES));
        }
        assertThat(asked).hasSizeGreaterThan(15).contains("bounce-and-snatch", "rally-with-the-wall");
    }
}
