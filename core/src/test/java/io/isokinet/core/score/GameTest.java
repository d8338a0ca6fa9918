package io.isokinet.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.activity.Scoring;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.score.ScoreEvent.OtherSide;
import io.isokinet.core.score.ScoreEvent.Scored;
import io.isokinet.core.score.ScoreEvent.Undone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class GameTest {
    private static final List<String> TWO = List.of("Gulls", "Terns");
    private int next;

    private Scored scored(int side, Integer... numbers) {
        return new Scored("e" + next++, side, numbers);
    }

    private List<ScoreEvent> rolls(int side, int... pins) {
        List<ScoreEvent> events = new ArrayList<>();
        for (int p : pins) events.add(scored(side, p));
        return events;
    }

    private static long points(Game game, List<ScoreEvent> events) {
        return game.result(List.of("Gulls"), events).lines().get(0).points();
    }

    private static int[] repeat(int times, int... frame) {
        int[] all = new int[times * frame.length];
        for (int i = 0; i < all.length; i++) all[i] = frame[i % frame.length];
        return all;
    }

    /** USBC Playing Rules: twelve strikes 300; every frame 5 and a spare, last ball 5: 150; every frame 9 and a miss: 90. */
    @Test
    void tenFramesAsPublished() {
        Game bowling = new Bowling();
        assertThat(points(bowling, rolls(0, repeat(12, 10)))).isEqualTo(300);
        assertThat(points(bowling, rolls(0, repeat(21, 5)))).isEqualTo(150);
        assertThat(points(bowling, rolls(0, repeat(10, 9, 0)))).isEqualTo(90);
    }

    @Test
    void aStrikeAddsTwoRollsAndASpareOne() {
        Game bowling = new Bowling();
        assertThat(points(bowling, rolls(0, 10, 3, 4))).isEqualTo(24);
        assertThat(points(bowling, rolls(0, 6, 4, 5, 0))).isEqualTo(20);
        assertThat(points(bowling, rolls(0, 10))).isEqualTo(10);
        assertThat(bowling.result(List.of("Gulls"), rolls(0, 10, 7, 3, 4, 2))
                        .lines()
                        .get(0)
                        .words())
                .isEqualTo("X 7/ 42");
    }

    @Test
    void tenFramesSayWhoIsNextWhenItIsOverAndWhatCannotBe() {
        Game bowling = new Bowling();
        List<ScoreEvent> one = rolls(0, 3, 4);
        assertThat(bowling.result(TWO, one).next()).isEqualTo(1);
        List<ScoreEvent> whole = rolls(0, repeat(12, 10));
        assertThat(bowling.result(List.of("Gulls"), whole).over()).isTrue();
        assertThat(bowling.result(List.of("Gulls"), whole.subList(0, 11)).over())
                .isFalse();
        assertThat(bowling.result(List.of("Gulls"), rolls(0, 7, 6)).findings())
                .containsExactly(
                        "Gulls: 7 and 6 in one frame make 13; there are 10 pins. Was one of them another child's?");
        assertThat(bowling.result(List.of("Gulls"), rolls(0, repeat(22, 4))).findings())
                .containsExactly("Gulls: 2 rolls more than ten frames have.");
    }

    @Test
    void pinsAreCountedByTheWayTheyStandAgain() {
        Game one = new Pins(Pins.Way.ONE_ROLL, 6);
        assertThat(one.result(List.of("Gulls"), rolls(0, 4, 6, 3)).findings()).isEmpty();
        Game two = new Pins(Pins.Way.TWO_ROLLS, 6);
        Result turns = two.result(List.of("Gulls"), rolls(0, 6, 2, 4, 1, 2));
        assertThat(turns.lines().get(0).words()).isEqualTo("15 down, 1 strike, 1 spare");
        assertThat(turns.findings()).isEmpty();
        assertThat(two.result(List.of("Gulls"), rolls(0, 4, 3)).findings())
                .containsExactly("Gulls: 3 fell and 2 stood. Count again, or was it another side?");
        Game minute = new Pins(Pins.Way.IN_A_MINUTE, 6);
        assertThat(minute.result(List.of("Gulls"), rolls(0, 2, 4, 5)).findings())
                .isEmpty();
        assertThat(points(minute, rolls(0, 2, 4, 5))).isEqualTo(11);
        assertThat(minute.result(List.of("Gulls"), rolls(0, 2, 5)).findings()).hasSize(1);
    }

    @Test
    void takenAwayPinsAreWonByTheFewestRollsForAll() {
        Game away = new Pins(Pins.Way.TAKE_AWAY, 6);
        List<ScoreEvent> events = new ArrayList<>(rolls(0, 2, 0, 4));
        events.addAll(rolls(1, 3, 1));
        Result result = away.result(TWO, events);
        assertThat(result.leads()).containsExactly(0);
        assertThat(result.lines().get(0).words()).isEqualTo("all in 3 rolls");
        assertThat(result.lines().get(1).words()).isEqualTo("2 stand");
        assertThat(result.over()).isFalse();
    }

    /** Common practice: 2, 1 and 3 fallen with a start of 10 are 8, 9 and 7. */
    @Test
    void fallenNumbersAreTakenFromTenOrFromWhatWasDrawnAndNeverBelowZero() {
        assertThat(words(new FallenFrom(10), rolls(0, 2, 1, 3))).isEqualTo("8, 9, 7");
        assertThat(words(new FallenFrom(10), List.of(scored(0, 2, 14), scored(0, 6, 4))))
                .isEqualTo("12, 0");
        assertThat(words(new FallenFrom(0), rolls(0, 2, 1))).isEqualTo("2, 1");
    }

    private static String words(Game game, List<ScoreEvent> events) {
        return game.result(List.of("Gulls"), events).lines().get(0).words();
    }

    @Test
    void theFarthestPlaysNextAndTheFewestThrowsWin() {
        Game fewest = new FewestThrows(2);
        List<ScoreEvent> events = new ArrayList<>(List.of(scored(0, 400), scored(1, 150)));
        assertThat(fewest.result(TWO, events).next()).isZero();
        events.add(scored(0, 0));
        assertThat(fewest.result(TWO, events).next()).isEqualTo(1);
        events.add(scored(1, 0));
        // Both begin at the second target: who has not thrown lies farthest.
        assertThat(fewest.result(TWO, events).next()).isZero();
        events.addAll(List.of(scored(0, 90), scored(1, 0), scored(0, 0)));
        Result over = fewest.result(TWO, events);
        assertThat(over.over()).isTrue();
        assertThat(over.leads()).containsExactly(1);
    }

    @Test
    void nearestTakesTheRoundATieGoesToWhoTouchesMoreAndTheWinnerOrLoserBegins() {
        List<ScoreEvent> events =
                new ArrayList<>(List.of(scored(0, 30), scored(1, 80), scored(0, 20, 1), scored(1, 20, 2)));
        Result winner = new Nearest(false).result(TWO, events);
        assertThat(winner.lines().get(0).points()).isEqualTo(1);
        assertThat(winner.lines().get(1).points()).isEqualTo(1);
        assertThat(winner.leads()).containsExactly(0, 1);
        assertThat(winner.next()).isEqualTo(1);
        assertThat(new Nearest(true).result(TWO, events).next()).isZero();
        events.add(scored(1, 10));
        assertThat(new Nearest(false).result(TWO, events).next()).isZero();
        events.add(scored(1, 10));
        assertThat(new Nearest(false).result(TWO, events).findings()).hasSize(1);
    }

    @Test
    void aStreakRunsOnUntilAMissAndAllTogetherReachAGoal() {
        List<ScoreEvent> events = List.of(scored(0, 4), scored(0, 3, 1), scored(0, 2), scored(1, 6));
        Result alone = new Streak(0).result(TWO, events);
        assertThat(alone.lines().get(0).points()).isEqualTo(7);
        assertThat(alone.lines().get(0).words()).isEqualTo("7 in a row, 2 now");
        assertThat(alone.leads()).containsExactly(0);
        assertThat(new Streak(16).result(TWO, events).findings()).containsExactly("Together 15 of 16.");
        assertThat(new Streak(15).result(TWO, events).over()).isTrue();
    }

    @Test
    void coloursHavePointsAndTheMultiplierComesAtTheEnd() {
        Game tally = new Tally(List.of(1, 3, 5), 2);
        List<ScoreEvent> events = List.of(scored(0, 0, 4), scored(0, 2, 1), scored(1, 1, 3));
        Result result = tally.result(TWO, events);
        assertThat(result.lines().get(0).words()).isEqualTo("9 times 2: 18 points");
        assertThat(result.leads()).containsExactly(0, 1);
        assertThat(tally.result(TWO, List.of(scored(0, 3, 1))).findings())
                .containsExactly("Colour 4 was scored; there are 3.");
    }

    @Test
    void hitsAreToldByHandAndDistance() {
        Game hits = new HitsOf(5);
        List<ScoreEvent> events = List.of(scored(0, 3, 0, 400), scored(0, 4, 0, 400), scored(0, 2, 1, 300));
        assertThat(Lengths.plain(words(hits, events))).isEqualTo("4 of 5 from 4.0 m; 2 of 5, other hand from 3.0 m");
        assertThat(hits.result(TWO, List.of(scored(1, 6))).findings())
                .containsExactly("Terns: 6 hits of 5 tries. Count again.");
    }

    @Test
    void theBestOfThreeCountsAndATieGoesToTheSecondBest() {
        Game three = new BestOfThree();
        List<ScoreEvent> events = new ArrayList<>(rolls(0, 500, 720, 610));
        events.addAll(rolls(1, 720, 640, 300));
        Result result = three.result(TWO, events);
        assertThat(Lengths.plain(result.lines().get(0).words())).isEqualTo("7.20 m");
        assertThat(result.leads()).containsExactly(1);
        assertThat(result.over()).isTrue();
        events.add(scored(0, 900));
        assertThat(three.result(TWO, events).lines().get(0).points()).isEqualTo(720);
        assertThat(three.result(TWO, events).findings().get(0)).startsWith("Gulls has 4 throws; the first 3 count.");
    }

    @Test
    void tailsTakenKeptAndOnTheFloorAreAsManyAsRan() {
        Game crossing = new Crossing(false);
        List<ScoreEvent> events = List.of(scored(0, 8, 3, 4, 1), scored(0, 8, 2, 5, 0));
        Result result = crossing.result(TWO, events);
        assertThat(result.lines().get(0).words()).isEqualTo("9 in 2 waves");
        assertThat(result.findings())
                .containsExactly(
                        "Gulls, wave 2: 2 taken, 5 kept and 0 on the floor make 7; 8 ran. Count the tails again.");
        Game hidden = new Crossing(true);
        assertThat(points(hidden, List.of(scored(0, 8, 3, 4, 1, 2), scored(0, 8, 4, 4, 0, 3))))
                .isEqualTo(5);
        assertThatThrownBy(() -> hidden.result(TWO, List.of(scored(0, 8, 3, 4, 1))))
                .hasMessageContaining("needs 5 numbers");
    }

    @Test
    void aCatchBehindTheOtherTeamIsWorthMore() {
        assertThat(points(new Zones(List.of(1, 3)), List.of(scored(0, 0), scored(0, 1), scored(0, 1))))
                .isEqualTo(7);
    }

    @Test
    void whoeverSucceedsGoesIn() {
        Result result = new Swap().result(TWO, List.of(scored(1, 0), scored(1, 1), scored(0, 0), scored(0, 0)));
        assertThat(result.next()).isEqualTo(1);
        assertThat(result.lines().get(0).points()).isEqualTo(2);
        assertThat(result.lines().get(1).words()).isEqualTo("in, for 2 turns");
    }

    @Test
    void aWrongSideIsPutRightAndAnUndoCanBeUndone() {
        Scored first = scored(0, 5);
        OtherSide moved = new OtherSide("m", first.id(), 1);
        Undone back = new Undone("u", moved.id());
        Undone again = new Undone("v", back.id());
        Game one = new Pins(Pins.Way.ONE_ROLL, 6);
        assertThat(one.result(TWO, List.of(first, moved)).leads()).containsExactly(1);
        assertThat(one.result(TWO, List.of(first, moved, back)).leads()).containsExactly(0);
        assertThat(one.result(TWO, List.of(first, moved, back, again)).leads()).containsExactly(1);
    }

    @Test
    void whatCannotBeScoredIsSaid() {
        Game one = new Pins(Pins.Way.ONE_ROLL, 6);
        assertThatThrownBy(() -> one.result(TWO, rolls(2, 3))).hasMessageContaining("side 3; there are sides 1 to 2");
        assertThatThrownBy(() -> one.result(TWO, rolls(0, -1))).hasMessageContaining("zero or more");
        assertThatThrownBy(() -> one.result(List.of(), List.of())).hasMessageContaining("1 to 40 sides");
        assertThatThrownBy(() -> new Pins(Pins.Way.ONE_ROLL, 0)).hasMessageContaining("1 to 20 pins");
        assertThatThrownBy(() -> new Tally(List.of(), 1)).hasMessageContaining("at least one colour");
    }

    static Stream<Game> games() {
        return Stream.of(
                new Bowling(),
                new Pins(Pins.Way.ONE_ROLL, 6),
                new Pins(Pins.Way.TWO_ROLLS, 6),
                new Pins(Pins.Way.IN_A_MINUTE, 6),
                new Pins(Pins.Way.TAKE_AWAY, 6),
                new FallenFrom(10),
                new FewestThrows(3),
                new Nearest(false),
                new Nearest(true),
                new Streak(0),
                new Streak(50),
                new Tally(List.of(1, 2, 3), 3),
                new HitsOf(5),
                new BestOfThree(),
                new Crossing(false),
                new Crossing(true),
                new Zones(List.of(1, 2, 3)),
                new Swap());
    }

    /** Any sequence of events, undone, gives the earlier result; sent twice or in one more copy, the same. */
    @ParameterizedTest
    @MethodSource("games")
    void anySequenceUndoneGivesTheEarlierResult(Game game) {
        Random random = new Random(7);
        for (int run = 0; run < 60; run++) {
            List<ScoreEvent> log = new ArrayList<>();
            List<Result> results = new ArrayList<>(List.of(game.result(TWO, log)));
            for (int i = 0; i < 14; i++) {
                log.add(any(random, log, i));
                results.add(game.result(TWO, log));
            }
            List<ScoreEvent> twice = new ArrayList<>(log);
            twice.addAll(log);
            assertThat(game.result(TWO, twice)).isEqualTo(results.get(14));
            List<ScoreEvent> undone = new ArrayList<>(log);
            for (int i = 13; i >= 0; i--) {
                undone.add(new Undone("undo" + i, log.get(i).id()));
                assertThat(game.result(TWO, undone)).isEqualTo(results.get(i));
            }
        }
    }

    private static ScoreEvent any(Random random, List<ScoreEvent> log, int i) {
        String id = "n" + i;
        List<ScoreEvent> scored = new ArrayList<>(log);
        scored.removeIf(e -> !(e instanceof Scored));
        if (!scored.isEmpty() && random.nextInt(5) == 0)
            return new OtherSide(id, scored.get(random.nextInt(scored.size())).id(), random.nextInt(2));
        if (!log.isEmpty() && random.nextInt(6) == 0)
            return new Undone(id, log.get(random.nextInt(log.size())).id());
        return new Scored(
                id,
                random.nextInt(2),
                List.of(random.nextInt(6), random.nextInt(3), random.nextInt(3), random.nextInt(3), random.nextInt(3)));
    }

    @Test
    void everyGameHasANameAndAnEmptyLogNobodyInFront() {
        games().forEach(g -> {
            assertThat(g.name()).isNotBlank();
            assertThat(g.card().heads()).hasSizeBetween(4, 11);
            assertThat(g.card().how()).endsWith(".").doesNotContain("%");
            assertThat(g.result(TWO, Collections.emptyList()).leads()).isEmpty();
        });
    }

    @Test
    void aCardHasWhatItsGameAsksFor() {
        assertThat(new Bowling().card().heads()).hasSize(11);
        assertThat(new FewestThrows(3).card().heads()).containsExactly("1", "2", "3", "sum");
        assertThat(new Tally(List.of(1, 3), 2).card().heads()).containsExactly("for 1", "for 3", "sum");
        assertThat(new Crossing(true).card().heads()).contains("with it");
        assertThat(new Crossing(false).card().heads()).doesNotContain("with it");
        assertThat(new Nearest(true).card().how()).contains("Whoever lost begins");
    }

    @ParameterizedTest
    @MethodSource("texts")
    void gamesAndEventsAreReadFromText(String text, Game game) {
        assertThat(Games.game(text)).isEqualTo(game);
    }

    static Stream<Arguments> texts() {
        return Stream.of(
                        List.of("bowling", new Bowling()),
                        List.of("pins TAKE_AWAY 10", new Pins(Pins.Way.TAKE_AWAY, 10)),
                        List.of("nearest loser", new Nearest(true)),
                        List.of("nearest winner", new Nearest(false)),
                        List.of("tally 2 1,3,5", new Tally(List.of(1, 3, 5), 2)),
                        List.of("crossing hidden", new Crossing(true)),
                        List.of("zones 1,3", new Zones(List.of(1, 3))))
                .map(pair -> Arguments.of(pair.get(0), pair.get(1)));
    }

    @Test
    void textThatIsNoGameOrEventIsRefused() {
        assertThat(Games.event("s a 1 3,2")).isEqualTo(new Scored("a", 1, 3, 2));
        assertThat(Games.event("u b a")).isEqualTo(new Undone("b", "a"));
        assertThat(Games.event("o c a 1")).isEqualTo(new OtherSide("c", "a", 1));
        for (String wrong : List.of("moonwalk", "pins ONE_ROLL", "pins ONE_ROLL six", "pins NO_ROLL 6", "tally 2 1,x"))
            assertThatThrownBy(() -> Games.game(wrong)).isInstanceOf(IllegalArgumentException.class);
        for (String wrong : List.of("", "s a", "s a x 1", "u b", "x y z"))
            assertThatThrownBy(() -> Games.event(wrong)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Every way of scoring that the desk can keep gives a game that the desk can read. */
    @ParameterizedTest
    @EnumSource(Scoring.class)
    void theGameOfAnActivityIsOneThatCanBeRead(Scoring scoring) {
        Optional<String> game = DeskGame.of(scoring, 6);
        assertThat(game.isEmpty()).isEqualTo(scoring == Scoring.NONE || scoring == Scoring.TIME);
        game.ifPresent(text -> assertThat(Games.game(text).name()).isNotBlank());
    }

    @Test
    void asManyTargetsStandAsAreSetOutWithinWhatHasRoom() {
        assertThat(DeskGame.of(Scoring.PINS, 7)).contains("pins ONE_ROLL 7");
        assertThat(DeskGame.of(Scoring.PINS, 0)).contains("pins ONE_ROLL 1");
        assertThat(DeskGame.of(Scoring.PINS, 40)).contains("pins ONE_ROLL 12");
        assertThat(DeskGame.of(Scoring.FEWEST, 3)).contains("fewest 3");
    }

    /** Places in place of centimetres: whoever is named first lies nearest. */
    @Test
    void whoLiesNearestIsKnownWithoutMeasuring() {
        List<ScoreEvent> round = List.of(scored(0, 2), scored(1, 1));
        assertThat(new Nearest(false).result(TWO, round).leads()).containsExactly(1);
    }
}
