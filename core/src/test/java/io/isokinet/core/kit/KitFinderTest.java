package io.isokinet.core.kit;

import static io.isokinet.core.Made.BAG;
import static io.isokinet.core.Made.CUPS;
import static io.isokinet.core.Made.EMPTY;
import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.FULL;
import static io.isokinet.core.Made.HARD;
import static io.isokinet.core.Made.SKITTLE;
import static io.isokinet.core.Made.SOCK;
import static io.isokinet.core.Made.ball;
import static io.isokinet.core.Made.balls;
import static io.isokinet.core.Made.cupboard;
import static io.isokinet.core.Made.knowHow;
import static io.isokinet.core.Made.targets;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Must;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.kit.KitLine.Effect;
import io.isokinet.core.motion.Ground;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Need.Asks;
import io.isokinet.core.thing.Need.Per;
import io.isokinet.core.thing.Need.Role;
import io.isokinet.core.thing.Trait;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class KitFinderTest {
    private static final Here HERE = Here.in(Made.HALL);

    private static KitFinder finder(Object... itemsAndCounts) {
        return new KitFinder(cupboard(itemsAndCounts), knowHow().itemsByKey(), new Age(7));
    }

    @Test
    void takesWhatTheTaskWasMadeForWhenThereIsEnough() {
        KitList kit = finder(FOAM, 30, SOCK, 30).find(List.of(balls(Per.CHILD, 1)), 27, 1, HERE);
        assertThat(kit.lines()).containsExactly(new KitLine("ball", "foam", 27, "27 foam balls", null, 0, null));
        assertThat(kit.suffices()).isTrue();
    }

    @Test
    void fillsUpWithWhatHasTheProperties() {
        KitList kit = finder(FOAM, 20, SOCK, 14, BAG, 40).find(List.of(balls(Per.CHILD, 1)), 27, 1, HERE);
        assertThat(kit.lines()).extracting(KitLine::words).containsExactly("20 foam balls", "7 sock balls");
        KitLine substitute = kit.lines().get(1);
        assertThat(substitute.effect()).isEqualTo(Effect.HARDER);
        assertThat(substitute.reason())
                .contains("27 foam balls wanted, 20 owned")
                .contains("rolls")
                .contains("80 mm");
    }

    @Test
    void aBagDoesNotRollSoItIsNoBall() {
        KitList kit = finder(FOAM, 5, BAG, 40).find(List.of(balls(Per.CHILD, 1)), 27, 1, HERE);
        assertThat(kit.suffices()).isFalse();
        assertThat(kit.shortages())
                .singleElement()
                .asString()
                .contains("27 foam balls wanted (1 for a child), 22 missing");
    }

    /** Two posts hold one net up, so that four posts are two nets or four markers, and never both. */
    @Test
    void whatHangsTakesItsPostsWithIt() {
        Item post = Made.stander("post", 2500, 300, 1500, 300, 300);
        Item net = hanging("net", "post", 2);
        Need nets = new Need("net", Role.MARKER, "net", Set.of(Trait.HANGS), 500, 5000, Asks.NOTHING, Per.GROUP, 1);
        Need posts = new Need("post", Role.MARKER, "post", Set.of(Trait.STANDS), 200, 400, Asks.NOTHING, Per.GROUP, 1);
        KitFinder kit = new KitFinder(cupboard(net, 3, post, 4), Map.of("net", net, "post", post), new Age(7));
        assertThat(kit.find(List.of(nets), 8, 2, HERE).lines())
                .extracting(KitLine::words)
                .containsExactly("2 nets", "4 post bottles");
        assertThat(kit.find(List.of(nets), 12, 3, HERE).suffices()).isFalse();
        assertThat(kit.find(List.of(posts, nets), 8, 1, HERE).suffices()).isTrue();
        assertThat(kit.find(List.of(nets, posts), 8, 2, HERE).shortages())
                .singleElement()
                .asString()
                .contains("2 post bottles wanted");
    }

    private static Item hanging(String key, String post, int posts) {
        Handling up = new Handling(
                Handling.Hardness.SOFT,
                null,
                Set.of(),
                1,
                new Handling.HeldBy(post, posts),
                null,
                false,
                true,
                null,
                1,
                0,
                3);
        return new Item(
                key,
                key,
                key + "s",
                Mass.ofGrams(900),
                Length.ofMillimetres(3000),
                null,
                null,
                null,
                Set.of(Trait.HANGS),
                false,
                1,
                up,
                null);
    }

    @Test
    void aHardBallIsNotTakenWhereSoftIsAskedFor() {
        assertThat(finder(HARD, 40)
                        .find(List.of(balls(Per.CHILD, 1)), 10, 1, HERE)
                        .suffices())
                .isFalse();
    }

    @Test
    void targetsThatWouldNotFallToTheBallAreLeftOut() {
        List<KitLine> lines = finder(SOCK, 10, FULL, 60, EMPTY, 60)
                .find(List.of(targets(Per.GROUP, 6), balls(Per.GROUP, 1)), 25, 5, HERE)
                .lines();
        assertThat(lines).extracting(KitLine::item).containsExactly("sock", "empty");
    }

    @Test
    void saysWhyNothingFalls() {
        KitList kit = finder(SOCK, 10, FULL, 60).find(List.of(balls(Per.GROUP, 1), targets(Per.GROUP, 6)), 25, 5, HERE);
        assertThat(kit.shortages()).singleElement().asString().contains("will not fall to sock balls");
    }

    @Test
    void twelveCupsAreSixTowers() {
        KitList kit = finder(FOAM, 1, CUPS, 12).find(List.of(balls(Per.GROUP, 1), targets(Per.GROUP, 6)), 4, 1, HERE);
        assertThat(kit.lines().get(1).words()).isEqualTo("6 towers (12 pieces)");
    }

    @Test
    void oneThingIsNotPromisedTwice() {
        List<KitLine> lines = finder(FOAM, 10)
                .find(List.of(balls(Per.GROUP, 1), balls(Per.GROUP, 1)), 20, 6, HERE)
                .lines();
        assertThat(lines.stream().mapToInt(KitLine::count).sum()).isLessThanOrEqualTo(10);
    }

    @Test
    void softerThanMeantIsSafer() {
        var need = new io.isokinet.core.thing.Need(
                "ball",
                io.isokinet.core.thing.Need.Role.SENT,
                "hard",
                java.util.Set.of(io.isokinet.core.thing.Trait.ROLLS),
                60,
                260,
                io.isokinet.core.thing.Need.Asks.NOTHING,
                Per.CLASS,
                2);
        assertThat(finder(SOCK, 3)
                        .find(List.of(need), 5, 1, HERE)
                        .lines()
                        .get(0)
                        .effect())
                .isEqualTo(Effect.SAFER);
    }

    /** Both balls of a lane are alike: three of one kind make one pair, and which lane has which is said. */
    @Test
    void whatBelongsTogetherIsAlike() {
        List<KitLine> lines = finder(FOAM, 3, SOCK, 4)
                .find(List.of(balls(Per.GROUP, 2)), 9, 3, HERE)
                .lines();
        assertThat(lines).extracting(KitLine::words).containsExactly("2 foam balls", "4 sock balls");
        assertThat(lines).extracting(KitLine::groups).containsExactly("group 1", "groups 2 and 3");
        assertThat(finder(FOAM, 3, SOCK, 3)
                        .find(List.of(balls(Per.GROUP, 2)), 9, 3, HERE)
                        .suffices())
                .isFalse();
    }

    @Test
    void whatIsForbiddenHereIsTakenLast() {
        KitFinder careful = new KitFinder(
                cupboard(FOAM, 10, SOCK, 10), knowHow().itemsByKey(), new Age(7), (item, here) -> item.equals(FOAM));
        assertThat(careful.find(List.of(balls(Per.CHILD, 1)), 10, 1, HERE).lines())
                .extracting(KitLine::item)
                .containsExactly("sock");
        assertThat(careful.find(List.of(balls(Per.CHILD, 1)), 12, 1, HERE).lines())
                .extracting(KitLine::item)
                .containsExactly("sock", "foam");
    }

    /** Where it has to roll it must roll on that floor; the skittles that a roll on grass does not reach are refused. */
    @Test
    void theFloorDecidesWhatDoesIt() {
        Here grass = new Here(new Ground(Place.Floor.GRASS), false, false, Travel.ROLLS, Must.ARRIVES, 3.0);
        assertThat(finder(FOAM, 30)
                        .find(List.of(balls(Per.CHILD, 1)), 10, 1, grass)
                        .suffices())
                .isFalse();
        Here far = new Here(new Ground(Place.Floor.GRASS), false, false, Travel.NONE, Must.TOPPLES, 5.0);
        KitList kit =
                finder(FOAM, 10, SKITTLE, 60).find(List.of(balls(Per.GROUP, 1), targets(Per.GROUP, 6)), 25, 5, far);
        assertThat(kit.shortages()).singleElement().asString().contains("a usual roll stops after");
    }

    /** Over seeded cupboards: what is taken and what is missing add up to what is wanted, and nothing is taken that is not there. */
    @Test
    void nothingIsLostAndNothingInvented() {
        Random random = new Random(5);
        List<Item> all = List.of(FOAM, SOCK, HARD, BAG, SKITTLE, EMPTY, FULL, CUPS);
        for (int n = 0; n < 500; n++) {
            Object[] stock = new Object[all.size() * 2];
            for (int i = 0; i < all.size(); i++) {
                stock[2 * i] = all.get(i);
                stock[2 * i + 1] = random.nextInt(20);
            }
            Cupboard cupboard = cupboard(stock);
            int children = 1 + random.nextInt(34);
            int groups = 1 + random.nextInt(8);
            KitList kit = new KitFinder(cupboard, knowHow().itemsByKey(), new Age(8))
                    .find(List.of(balls(Per.CHILD, 1), targets(Per.GROUP, 3)), children, groups, HERE);
            for (Item item : all) {
                int taken = kit.lines().stream()
                        .filter(l -> l.item().equals(item.key()))
                        .mapToInt(KitLine::count)
                        .sum();
                assertThat(taken).as(item.key()).isLessThanOrEqualTo(cupboard.count(item));
            }
            int balls = kit.lines().stream()
                    .filter(l -> l.what().equals("ball"))
                    .mapToInt(KitLine::count)
                    .sum();
            boolean short1 = kit.shortages().stream().anyMatch(s -> s.contains("foam balls wanted"));
            assertThat(balls == children).isNotEqualTo(short1);
        }
    }

    @Test
    void aLessonFetchesOfEachThingTheMostThatOneSegmentUses() {
        var few = new KitLine("ball", "foam", 5, "5 foam balls", null, 0, null);
        var many = new KitLine("ball", "foam", 27, "27 foam balls", null, 0, null);
        var spots = new KitLine("mark", "spot", 9, "9 spots", null, 0, null);
        var spot = ball("spot", 50, 200);
        var items = Map.of("foam", FOAM, "spot", spot);
        assertThat(LayOut.of(List.of(List.of(few, spots), List.of(many)), items))
                .containsExactly(many, spots);
        // Two needs of one segment that are served by the same thing need it twice.
        assertThat(LayOut.of(List.of(List.of(few, few)), items))
                .extracting(KitLine::words)
                .containsExactly("10 foam balls");
    }

    @Test
    void countsAreZeroOrMore() {
        assertThatThrownBy(() -> Cupboard.of(Map.of(FOAM, -1))).hasMessageContaining("zero or more");
    }
}
