package io.isokinet.core.unit;

import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.cupboard;
import static io.isokinet.core.Made.knowHow;
import static io.isokinet.core.Made.problem;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static io.isokinet.core.unit.Drafts.replaced;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Toll;
import io.isokinet.core.task.Turn;
import io.isokinet.core.unit.rule.*;
import io.isokinet.core.unit.rule.ClosingTalkKeepsItsMinutes;
import io.isokinet.core.unit.rule.EnoughMotion;
import io.isokinet.core.unit.rule.FavouritesIn;
import io.isokinet.core.unit.rule.FewLayouts;
import io.isokinet.core.unit.rule.LevelsClimb;
import io.isokinet.core.unit.rule.LittleChanges;
import io.isokinet.core.unit.rule.LivelyOrCalm;
import io.isokinet.core.unit.rule.LooksSuffice;
import io.isokinet.core.unit.rule.MinutesAddUp;
import io.isokinet.core.unit.rule.NewOrFamiliar;
import io.isokinet.core.unit.rule.NoLongGap;
import io.isokinet.core.unit.rule.NotTheSameAgain;
import io.isokinet.core.unit.rule.OrderAsWished;
import io.isokinet.core.unit.rule.RightChallenge;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.SkillsGetTheirShare;
import io.isokinet.core.unit.rule.StaysInItsMinutes;
import io.isokinet.core.unit.rule.Strain;
import io.isokinet.core.unit.rule.WarmsLongEnough;
import io.isokinet.core.unit.rule.WorkMatchesReached;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The rules of challenge, looks, motion and lay-outs, and what an author may wish, on both sides of their edges. */
class WishRulesTest {
    private static final String ROLL1 = "roll-drill1";
    private static final String GAME1 = "roll-game1";
    private final UnitProblem one = problem(1, 30);

    private static List<String> sentences(Rule rule, Plan plan) {
        return Strain.of(rule, plan).stream().map(Strain::sentence).toList();
    }

    private static Wishes wishes(Wishes.Tempo tempo, Wishes.Taste taste, Set<String> favourites) {
        return new Wishes(Wishes.Order.INTERLEAVED, null, tempo, taste, false, false, favourites, Set.of(), Map.of());
    }

    private static UnitProblem wishing(int lessons, Wishes wishes, Set<String> done, List<Set<String>> before) {
        return new UnitProblem(
                new ClassProfile(new Age(8), 24),
                Collections.nCopies(lessons, new LessonSlot(30, HALL, false)),
                List.of(new Target("roll", "roll/all"), new Target("catch", "catch/all")),
                Map.of(),
                Map.of(),
                knowHow(),
                cupboard(io.isokinet.core.Made.FOAM, 30),
                wishes,
                Policy.USUAL,
                done,
                before.stream()
                        .map(l -> l.stream()
                                .map(a -> Choice.of(a, Set.of(LessonPhase.PRACTISE), a, 0))
                                .toList())
                        .toList(),
                List.of());
    }

    /** Two fifths of a class is about as many as one setting can suit. */
    @ParameterizedTest
    @CsvSource({"-1,0", "45,0", "40,0", "39,1", "30,1", "29,2", "0,4"})
    void aTaskSuitsTheClass(int band, int amount) {
        assertThat(RightChallenge.amount(band)).isEqualTo(amount);
    }

    @ParameterizedTest
    @CsvSource({"24,24,0", "30,24,0", "23,24,1", "18,24,1", "17,24,2", "0,24,4"})
    void everyChildCanBeSeen(int looks, int children, int amount) {
        assertThat(LooksSuffice.amount(looks, children)).isEqualTo(amount);
    }

    private static Candidate candidate(Formation formation, int band, int motion) {
        Activity made = activity("made", LessonPhase.PRACTISE)
                .of(ROLL, 2)
                .grouped(formation, 1, 4, 30)
                .build();
        return new Candidate(
                made,
                0,
                0,
                new Fit.Works(
                        Task.preferred(made, 0, new Age(8), Place.Floor.WOOD, Made.knowHow()),
                        1,
                        1,
                        List.of(24),
                        "",
                        made.space(),
                        new Turn(7, 1, 1000, 0, motion),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of()),
                List.of(0),
                List.of(true),
                band,
                motion,
                1000,
                0,
                Toll.NONE,
                0,
                List.of(),
                List.of());
    }

    /** One lesson of one segment that works on the first cue. */
    private Plan of(Candidate candidate, int changeSeconds, int looks) {
        String cue = one.targetCues().get(0);
        return new Plan(
                one,
                one.targetCues(),
                Reach.WHOLE,
                List.of(one.targetCues(), List.of()),
                List.of(List.of(new Segment(
                        "s",
                        0,
                        0,
                        Set.of(LessonPhase.PRACTISE),
                        candidate,
                        false,
                        10,
                        changeSeconds,
                        List.of(cue),
                        List.of(cue),
                        cue,
                        20,
                        looks))),
                one.targetCues().subList(1, one.targetCues().size()));
    }

    /** Common practice: a quarter of the time in lanes, half elsewhere. */
    @ParameterizedTest
    @CsvSource({
        "LANES,25,0",
        "LANES,24,1",
        "LANES,15,1",
        "LANES,14,2",
        "PAIRS,50,0",
        "PAIRS,49,1",
        "PAIRS,40,1",
        "PAIRS,39,2"
    })
    void motionIsCountedInTenthsBelowTheUsual(Formation formation, int motion, int amount) {
        Candidate candidate = candidate(formation, 45, motion);
        assertThat(EnoughMotion.amount(candidate)).isEqualTo(amount);
        assertThat(Strain.of(new EnoughMotion(), of(candidate, 0, 30))).hasSize(amount == 0 ? 0 : 1);
    }

    @ParameterizedTest
    @CsvSource({
        "LIVELY,50,0",
        "LIVELY,49,1",
        "LIVELY,40,1",
        "LIVELY,39,2",
        "CALM,50,0",
        "CALM,51,1",
        "CALM,60,1",
        "CALM,61,2",
        "AS_IT_COMES,0,0"
    })
    void tempoIsCountedInTenthsOnTheWrongSideOfHalf(Wishes.Tempo tempo, int motion, int amount) {
        assertThat(LivelyOrCalm.amount(candidate(Formation.PAIRS, 45, motion), tempo))
                .isEqualTo(amount);
    }

    @Test
    void aTaskThatSuitsFewIsSaidWithItsShare() {
        Rule rule = new RightChallenge();
        assertThat(sentences(rule, of(candidate(Formation.PAIRS, 40, 50), 0, 30)))
                .isEmpty();
        assertThat(sentences(rule, of(candidate(Formation.PAIRS, 25, 50), 0, 30)))
                .containsExactly("made suits about 25 % of the class as it is set; 40 % would be usual.");
    }

    @Test
    void aChangeOfTheLayoutIsSaidWithItsSeconds() {
        Rule rule = new FewLayouts();
        assertThat(sentences(rule, of(candidate(Formation.PAIRS, 40, 50), 0, 30)))
                .isEmpty();
        assertThat(sentences(rule, of(candidate(Formation.PAIRS, 40, 50), 45, 30)))
                .containsExactly("45 s of made go into changing the lay-out.");
    }

    @Test
    void looksAreCountedForTheCueThatIsWatchedAndOnlyOnceItIsTaught() {
        Rule rule = new LooksSuffice();
        int children = one.profile().children();
        assertThat(sentences(rule, of(candidate(Formation.PAIRS, 40, 50), 0, children)))
                .isEmpty();
        assertThat(sentences(rule, of(candidate(Formation.PAIRS, 40, 50), 0, children - 1)))
                .containsExactly("“%s” can be looked at %d times; %d children need %d."
                        .formatted(
                                one.knowHow().cue(one.targetCues().get(0)).call(), children - 1, children, children));
    }

    @ParameterizedTest
    @CsvSource({"0,0", "1,1", "30,1", "31,2", "90,3"})
    void changingALayoutCostsHalfMinutes(int seconds, int amount) {
        assertThat(FewLayouts.amount(seconds)).isEqualTo(amount);
    }

    @ParameterizedTest
    @CsvSource({"true,0,4", "false,0,4", "true,1,2", "true,5,2", "false,1,1", "false,2,0"})
    void theSameAgainCostsMoreTheSooner(boolean works, int apart, int amount) {
        assertThat(NotTheSameAgain.amount(works, apart)).isEqualTo(amount);
    }

    @ParameterizedTest
    @CsvSource({"5,10,50,-15", "8,10,50,15", "6,9,50,2", "7,10,66.7,-12"})
    void aShareMayBeFifteenPointsOff(int own, int all, double fair, int over) {
        assertThat(SkillsGetTheirShare.over(own, all, fair)).isEqualTo(over);
    }

    @Test
    void aSkillMayGetTwiceTheShareOfAnother() {
        UnitProblem uneven = new UnitProblem(
                one.profile(),
                one.lessons(),
                List.of(new Target("roll", "roll/all", 2), new Target("catch", "catch/all", 1)),
                Map.of(),
                Map.of(),
                knowHow(),
                cupboard(io.isokinet.core.Made.FOAM, 30),
                Wishes.USUAL,
                List.of());
        Rule rule = new SkillsGetTheirShare();
        assertThat(sentences(rule, read(uneven, lesson(uneven, 0, ROLL1, "catch-drill1", GAME1))))
                .isEmpty();
        assertThat(sentences(rule, read(uneven, lesson(uneven, 0, ROLL1, "catch-drill1", "catch-game1"))))
                .containsExactly(
                        "roll has 1 of 3 practice and play segments; about 67 % would be its share.",
                        "catch has 2 of 3 practice and play segments; about 33 % would be its share.");
        assertThatThrownBy(() -> new Target("roll", "roll/all", 0)).hasMessageContaining("1 to 9 shares");
    }

    @Test
    void anActivityHasItsMinutes() {
        List<Choice> row = lesson(one, 0, ROLL1, GAME1);
        int most = read(one, row).all().get(1).activity().minutesMost();
        int least = read(one, row).all().get(1).activity().minutesLeast();
        Rule rule = new StaysInItsMinutes();
        for (int inside : new int[] {least, most})
            assertThat(sentences(rule, read(one, replaced(row, 1, row.get(1).withMinutes(inside)))))
                    .noneMatch(s -> s.startsWith(ROLL1));
        assertThat(sentences(rule, read(one, replaced(row, 1, row.get(1).withMinutes(most + 1)))))
                .contains("%s has %d minutes; %d to %d suit it.".formatted(ROLL1, most + 1, least, most));
        assertThat(sentences(rule, read(one, replaced(row, 1, row.get(1).withMinutes(least - 1)))))
                .contains("%s has %d minutes; %d to %d suit it.".formatted(ROLL1, least - 1, least, most));
    }

    @Test
    void aWarmUpHasThreeMinutes() {
        List<Choice> row = lesson(one, 0, ROLL1, GAME1);
        Rule rule = new WarmsLongEnough();
        assertThat(sentences(rule, read(one, replaced(row, 0, row.get(0).withMinutes(3)))))
                .isEmpty();
        assertThat(sentences(rule, read(one, replaced(row, 0, row.get(0).withMinutes(2)))))
                .containsExactly("warm1 has 2 minutes; a warm-up needs 3.");
        assertThat(sentences(rule, read(one, row))).isEmpty();
    }

    @Test
    void aGameIsDrilledFirst() {
        Rule rule = new WorkMatchesReached();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, "roll-game2"))))
                .containsExactly("roll-game2 is on level 2, which no drill of this skill has reached yet.");
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, "roll-drill2", "roll-game2"))))
                .isEmpty();
    }

    @Test
    void tooLittleTimeIsSqueezedAndSaid() {
        UnitProblem tight = problem(1, 16);
        Plan plan = read(tight, lesson(tight, 0, ROLL1, "roll-drill2", "roll-drill3", "catch-drill1", GAME1));
        assertThat(sentences(new MinutesAddUp(), plan)).isEmpty();
        assertThat(sentences(new ClosingTalkKeepsItsMinutes(), plan)).isEmpty();
        assertThat(sentences(new StaysInItsMinutes(), plan)).isNotEmpty();
    }

    @Test
    void livelyOrCalm() {
        Plan plan = read(one, lesson(one, 0, ROLL1, GAME1));
        int motion = plan.work().get(0).candidate().motionPercent();
        assertThat(motion).isGreaterThan(50);
        assertThat(LivelyOrCalm.amount(plan.work().get(0).candidate(), Wishes.Tempo.LIVELY))
                .isZero();
        assertThat(LivelyOrCalm.amount(plan.work().get(0).candidate(), Wishes.Tempo.AS_IT_COMES))
                .isZero();
        UnitProblem calm =
                wishing(1, wishes(Wishes.Tempo.CALM, Wishes.Taste.AS_IT_COMES, Set.of()), Set.of(), List.of());
        assertThat(sentences(new LivelyOrCalm(), read(calm, lesson(calm, 0, ROLL1, GAME1))))
                .contains("%s has a child in motion for %d %% of the time; a calm unit was wished for."
                        .formatted(ROLL1, motion));
        assertThat(sentences(new LivelyOrCalm(), plan)).isEmpty();
    }

    @Test
    void theSettingSaysHowManyItSuits() {
        UnitProblem graded = problem(
                1,
                40,
                activity("graded", LessonPhase.PRACTISE)
                        .of(ROLL, 2)
                        .turn(10, 0, 0, 0)
                        .lever(Made.distance(0, 2, 3))
                        .build());
        Plan plan = read(graded, lesson(graded, 0, ROLL1, "graded", GAME1));
        Segment set = plan.work().get(1);
        assertThat(Reasons.of(plan, set))
                .map(Lengths::plain)
                .contains(
                        "Set to “2 m”: for about %d %% of the class six to eight tries in ten succeed (a default for the age)."
                                .formatted(set.candidate().bandPercent()));
        assertThat(Reasons.of(plan, plan.work().get(0))).noneMatch(r -> r.startsWith("Set to"));
    }

    @Test
    void motionIsMeasuredAgainstTheFormationsUsual() {
        UnitProblem lanes = problem(
                1,
                30,
                activity("queue", LessonPhase.PRACTISE)
                        .of(ROLL, 1)
                        .grouped(Formation.LANES, 2, 3, 9)
                        .turn(10, 0, 0, 0)
                        .build());
        for (Segment s : read(lanes, lesson(lanes, 0, "queue", GAME1)).work())
            assertThat(EnoughMotion.amount(s.candidate()))
                    .as(s.activity().key())
                    .isZero();
        assertThat(sentences(new EnoughMotion(), read(lanes, lesson(lanes, 0, "queue", GAME1))))
                .isEmpty();
    }

    @Test
    void newOrFamiliar() {
        Set<String> done = Set.of(ROLL1);
        UnitProblem fresh = wishing(1, wishes(Wishes.Tempo.AS_IT_COMES, Wishes.Taste.NEW, Set.of()), done, List.of());
        assertThat(sentences(new NewOrFamiliar(), read(fresh, lesson(fresh, 0, ROLL1, GAME1))))
                .containsExactly(ROLL1 + " was done by this class before; something new was wished for.");
        UnitProblem known =
                wishing(1, wishes(Wishes.Tempo.AS_IT_COMES, Wishes.Taste.FAMILIAR, Set.of()), done, List.of());
        assertThat(sentences(new NewOrFamiliar(), read(known, lesson(known, 0, ROLL1, GAME1))))
                .containsExactly(GAME1 + " is new to this class; something familiar was wished for.");
        assertThat(sentences(new NewOrFamiliar(), read(one, lesson(one, 0, ROLL1, GAME1))))
                .isEmpty();
    }

    @Test
    void favouritesAreInAndBansContradictThem() {
        Wishes liking = wishes(Wishes.Tempo.AS_IT_COMES, Wishes.Taste.AS_IT_COMES, Set.of("roll-game2"));
        UnitProblem problem = wishing(1, liking, Set.of(), List.of());
        assertThat(sentences(new FavouritesIn(), read(problem, lesson(problem, 0, ROLL1, "roll-game2"))))
                .isEmpty();
        assertThat(sentences(new FavouritesIn(), read(problem, lesson(problem, 0, ROLL1, GAME1))))
                .containsExactly("roll-game2 is a favourite and has found no place.");
        assertThatThrownBy(() -> new Wishes(
                        Wishes.Order.BLOCKED,
                        null,
                        Wishes.Tempo.CALM,
                        Wishes.Taste.NEW,
                        false,
                        false,
                        Set.of("a"),
                        Set.of("a"),
                        Map.of()))
                .hasMessageContaining("favourite and banned");
    }

    @Test
    void aReplanChangesLittle() {
        UnitProblem before = wishing(2, Wishes.USUAL, Set.of(), List.of(Set.of("warm1", ROLL1, "close1"), Set.of()));
        assertThat(sentences(
                        new LittleChanges(),
                        read(before, lesson(before, 0, ROLL1, GAME1), lesson(before, 1, ROLL1, GAME1))))
                .containsExactly(GAME1 + " is new in lesson 1.");
    }

    @Test
    void whatWasPreparedIsChangedLast() {
        UnitProblem before = wishing(1, Wishes.USUAL, Set.of(), List.of(Set.of("warm1", ROLL1, "close1")));
        UnitProblem prepared = new UnitProblem(
                before.profile(),
                List.of(new LessonSlot(30, HALL, false, false, 0, true)),
                before.targets(),
                before.cues(),
                before.reached(),
                before.knowHow(),
                before.cupboard(),
                before.wishes(),
                before.policy(),
                before.done(),
                before.before(),
                List.of());
        Rule rule = new LittleChanges();
        Plan usual = read(before, lesson(before, 0, ROLL1, GAME1));
        Plan printed = read(prepared, lesson(prepared, 0, ROLL1, GAME1));
        assertThat(Strain.cost(rule, printed)).isEqualTo(3 * Strain.cost(rule, usual));
        assertThat(sentences(rule, printed)).containsExactly(GAME1 + " is new in lesson 1, which was prepared.");
    }

    @Test
    void mixedIsBlockedFirstAndInterleavedLater() {
        UnitProblem mixed = problem(8, 24, 2, 30, Map.of(), new Wishes(Wishes.Order.MIXED, null, Set.of()));
        assertThat(sentences(
                        new OrderAsWished(),
                        read(mixed, lesson(mixed, 0, ROLL1, GAME1), lesson(mixed, 1, ROLL1, "catch-drill1"))))
                .isEmpty();
        assertThat(sentences(
                        new OrderAsWished(),
                        read(mixed, lesson(mixed, 0, ROLL1, "catch-drill1"), lesson(mixed, 1, ROLL1, GAME1))))
                .containsExactly("Lesson 1 mixes 2 skills where one was wished.", "Lesson 2 works on 1 of 2 skills.");
    }

    @Test
    void theAuthorMaySkipARungButNotTwo() {
        Wishes leave = new Wishes(
                Wishes.Order.INTERLEAVED,
                null,
                Wishes.Tempo.AS_IT_COMES,
                Wishes.Taste.AS_IT_COMES,
                false,
                true,
                Set.of(),
                Set.of(),
                Map.of());
        UnitProblem skips = wishing(1, leave, Set.of(), List.of());
        assertThat(sentences(new LevelsClimb(), read(skips, lesson(skips, 0, "roll-drill2", GAME1))))
                .isEmpty();
        assertThat(sentences(new LevelsClimb(), read(skips, lesson(skips, 0, "roll-drill3", GAME1))))
                .containsExactly("roll-drill3 is on level 3; the class has only been on level 0 of this skill.");
        assertThat(sentences(new LevelsClimb(), read(one, lesson(one, 0, "roll-drill2", GAME1))))
                .isNotEmpty();
    }

    @Test
    void onlySoftRulesCanBeWeighedAnewAndWithinBounds() {
        Map<String, Integer> heavier = Map.of("few-layouts", 9);
        Wishes set = new Wishes(
                Wishes.Order.BLOCKED,
                null,
                Wishes.Tempo.AS_IT_COMES,
                Wishes.Taste.AS_IT_COMES,
                true,
                false,
                Set.of(),
                Set.of(),
                heavier);
        assertThat(new FewLayouts().weight(set)).isEqualTo(9);
        assertThat(new OrderAsWished().weight(set)).isEqualTo(4 * new OrderAsWished().weight());
        assertThat(new NoLongGap().weight(set)).isEqualTo(new NoLongGap().weight());
        Rules.check(heavier);
        for (Map<String, Integer> wrong : List.of(
                Map.of("few-layouts", -1), Map.of("few-layouts", 101), Map.of("locks-kept", 1), Map.of("no-rule", 1)))
            assertThatThrownBy(() -> Rules.check(wrong)).isInstanceOf(IllegalArgumentException.class);
    }
}
