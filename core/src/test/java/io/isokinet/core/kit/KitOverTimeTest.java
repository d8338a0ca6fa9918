package io.isokinet.core.kit;

import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.SOCK;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.Made;
import io.isokinet.core.kit.KitMoves.Move;
import io.isokinet.core.kit.KitMoves.Stretch;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Recipe;
import io.isokinet.core.thing.Recipe.Material;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KitOverTimeTest {
    private static final Map<String, Item> FIVE = IntStream.range(0, 5)
            .mapToObj(i -> Made.ball("i" + i, 50, 80))
            .collect(Collectors.toMap(Item::key, i -> i));

    /** One ball is one ball. */
    @Test
    void whatIsMovedIsCounted() {
        assertThat(KitMoves.of(
                        List.of(
                                new Stretch(0, "a few", List.of(line("foam", 2))),
                                new Stretch(5, "one", List.of(line("foam", 1))),
                                new Stretch(9, "two", List.of(line("foam", 2)))),
                        12,
                        Map.of("foam", Made.FOAM)))
                .extracting(Move::words)
                .containsExactly(
                        "2 foam balls handed out",
                        "1 foam ball put away, 1 stays",
                        "1 foam ball more handed out, 2 in all",
                        "2 foam balls put away");
    }

    private static KitLine line(String item, int count) {
        return new KitLine("ball", item, count, count + " " + item, null, 0, null);
    }

    @Test
    void halfIsPutAwayWhenOneEachBecomesOneAPair() {
        List<Move> moves = KitMoves.of(
                List.of(
                        new Stretch(0, "one each", List.of(line("foam", 27))),
                        new Stretch(8, "pairs", List.of(line("foam", 13)))),
                20,
                Map.of("foam", Made.FOAM));
        assertThat(moves)
                .containsExactly(
                        new Move(0, "foam", 27, "27 foam balls handed out"),
                        new Move(8, "foam", -14, "14 foam balls put away, 13 stay"),
                        new Move(20, "foam", -13, "13 foam balls put away"));
    }

    /** At one moment what goes away comes first: the hands are free then. */
    @Test
    void whatChangesHandsAtOneMomentIsOneLine() {
        List<Move> moves = List.of(
                new Move(8, "foam", 3, "3 out"), new Move(8, "bag", -2, "2 away"), new Move(0, "bag", 2, "2 out"));
        assertThat(KitMoves.byMinute(moves))
                .containsExactly(
                        new KitMoves.Change(0, List.of("2 out")), new KitMoves.Change(8, List.of("2 away", "3 out")));
    }

    /** Over seeded lessons: all that goes out comes back. */
    @Test
    void nothingIsLeftOut() {
        Random random = new Random(3);
        for (int i = 0; i < 2000; i++) {
            List<Stretch> stretches = new ArrayList<>();
            for (int s = 0; s < 1 + random.nextInt(7); s++)
                stretches.add(new Stretch(
                        s * 5,
                        "s",
                        IntStream.range(0, random.nextInt(4))
                                .mapToObj(k -> line("i" + random.nextInt(5), 1 + random.nextInt(30)))
                                .toList()));
            Map<String, Integer> sum = new HashMap<>();
            KitMoves.of(stretches, 60, FIVE).forEach(m -> sum.merge(m.item(), m.change(), Integer::sum));
            assertThat(sum.values()).allMatch(v -> v == 0);
        }
    }

    @Test
    void aDayOfClassesLaysOutOnce() {
        List<LayOut.Standing> day = LayOut.day(
                List.of(List.of(line("foam", 20)), List.of(line("foam", 27), line("sock", 5))),
                Map.of("foam", FOAM, "sock", SOCK));
        assertThat(day.get(0).most().count()).isEqualTo(27);
        assertThat(day.get(0).stays()).isTrue();
        assertThat(day.get(1).stays()).isFalse();
        assertThat(LayOut.byStorage(List.of(line("foam", 2), line("sock", 1)), Map.of("foam", "shed")))
                .containsOnlyKeys("", "shed");
    }

    /** Common practice: 1.6 kg a litre dry, 1.9 damp; 12 cm 1.45 kg, 15 cm 2.83 kg; 0.4 kg to 7 years 7.8 cm, 0.6 to 9 8.9, 1.0 to 12 10.6. */
    @ParameterizedTest
    @CsvSource({"12, 1.45", "15, 2.83"})
    void aTapedBagOfSandIsHeavy(double centimetres, double kilograms) {
        assertThat(MakeSheet.ofSand(new Length(centimetres / 100), MakeSheet.DRY_SAND)
                        .kilograms())
                .isCloseTo(kilograms, within(0.005));
        assertThat(MakeSheet.ofSand(new Length(centimetres / 100), MakeSheet.DAMP_SAND)
                        .kilograms())
                .isCloseTo(kilograms * 1.9 / 1.6, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"7, 0.4, 7.8", "9, 0.6, 8.9", "12, 1.0, 10.6"})
    void sandHasALimitByAge(int age, double kilograms, double centimetres) {
        assertThat(MakeSheet.heaviest(new Age(age))).isEqualTo(new Mass(kilograms));
        assertThat(MakeSheet.widestOfSand(new Age(age)).metres() * 100).isCloseTo(centimetres, within(0.05));
    }

    private static Material of(double amount, String unit, String what) {
        return new Material(amount, unit, what);
    }

    private static Item made(double grams, Material... materials) {
        return new Item(
                "made",
                "made ball",
                "made balls",
                Mass.ofGrams(grams),
                new Length(0.1),
                null,
                null,
                null,
                Set.of(),
                true,
                1,
                Handling.UNKNOWN,
                new Recipe(
                        List.of(materials),
                        List.of("Fold", "Tape"),
                        4,
                        Stream.of(materials).anyMatch(m -> m.what().contains("sand"))
                                ? Recipe.Filling.SAND
                                : Recipe.Filling.NONE));
    }

    @Test
    void aMakeSheetCountsForAll() {
        MakeSheet sheet = MakeSheet.of(
                made(90, of(2, "", "old socks"), of(30, "cm", "tape"), Material.of("a bag"), of(1.5, "", "sheets")),
                12,
                new Age(8));
        assertThat(sheet.materials()).containsExactly("24 old socks", "360 cm tape", "12 × a bag", "18 sheets");
        assertThat(sheet.minutes()).isEqualTo(48);
        // Twelve by five: three each is the most, so three times four minutes. Fifty help no more than twelve.
        Item taped = made(90, of(0.1, "roll", "cloth tape"));
        assertThat(MakeSheet.of(taped, 12, new Age(8), 5).minutes()).isEqualTo(12);
        assertThat(MakeSheet.of(taped, 12, new Age(8), 50).makers()).isEqualTo(12);
        assertThat(MakeSheet.of(taped, 10, new Age(8)).materials()).containsExactly("1 roll of cloth tape");
        assertThat(MakeSheet.of(taped, 11, new Age(8)).materials()).containsExactly("2 rolls of cloth tape");
        assertThatThrownBy(() -> MakeSheet.of(taped, 3, new Age(8), 0)).hasMessageContaining("One pair of hands");
        assertThat(sheet.warning()).isNull();
        // Ten centimetres: 523.6 cm3, so 0.84 kg dry and 0.99 kg damp.
        assertThat(MakeSheet.of(made(300, Material.of("dry sand")), 1, new Age(9))
                        .warning())
                .contains("10.0 cm across weigh 0.84 kg dry and 0.99 damp; at 9 years at most 8.9 cm");
        assertThat(MakeSheet.of(made(450, Material.of("sand")), 1, new Age(7)).warning())
                .contains("the limit is 0.4 kg");
        assertThatThrownBy(() -> MakeSheet.of(FOAM, 3, new Age(7))).hasMessageContaining("not home-made");
        assertThatThrownBy(() -> MakeSheet.of(made(90, Material.of("x")), 0, new Age(7)))
                .hasMessageContaining("one made ball or more");
    }

    /** Against every way to share out: as much as possible is covered, at least cost. */
    @Test
    void theMatchingIsAsGoodAsTheBestOfAllWays() {
        Random random = new Random(11);
        for (int i = 0; i < 400; i++) {
            int[] wanted = {random.nextInt(4), random.nextInt(4)};
            int[] there = {random.nextInt(4), random.nextInt(4), random.nextInt(3)};
            double[][] cost = new double[2][3];
            for (double[] row : cost)
                for (int t = 0; t < 3; t++)
                    row[t] = random.nextInt(4) == 0 ? Double.POSITIVE_INFINITY : random.nextInt(5);
            int[][] given = Matching.of(wanted, there, cost);
            int covered = 0;
            double price = 0;
            for (int n = 0; n < 2; n++)
                for (int t = 0; t < 3; t++) {
                    covered += given[n][t];
                    if (given[n][t] > 0) price += given[n][t] * cost[n][t];
                }
            double[] best = best(wanted, there, cost);
            assertThat(covered).isEqualTo((int) best[0]);
            assertThat(price).isCloseTo(best[1], within(1e-9));
        }
    }

    private static double[] best(int[] wanted, int[] there, double[][] cost) {
        double[] best = {0, 0};
        int[] a = new int[6];
        for (int code = 0; code < 4096; code++) {
            int rest = code;
            for (int k = 0; k < 6; k++, rest /= 4) a[k] = rest % 4;
            int covered = 0;
            double price = 0;
            boolean can = a[0] + a[1] + a[2] <= wanted[0] && a[3] + a[4] + a[5] <= wanted[1];
            for (int t = 0; t < 3 && can; t++) can = a[t] + a[3 + t] <= there[t];
            for (int k = 0; k < 6 && can; k++)
                if (a[k] > 0) {
                    covered += a[k];
                    price += a[k] * cost[k / 3][k % 3];
                }
            if (can
                    && price < Double.POSITIVE_INFINITY
                    && (covered > best[0] || covered == best[0] && price < best[1])) {
                best[0] = covered;
                best[1] = price;
            }
        }
        return best;
    }
}
