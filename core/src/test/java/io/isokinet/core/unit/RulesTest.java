package io.isokinet.core.unit;

import static io.isokinet.core.Made.CATCH;
import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.HARD;
import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.balls;
import static io.isokinet.core.Made.cupboard;
import static io.isokinet.core.Made.knowHow;
import static io.isokinet.core.Made.problem;
import static io.isokinet.core.unit.Drafts.bare;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static io.isokinet.core.unit.Drafts.replaced;
import static io.isokinet.core.unit.Drafts.with;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Occasion;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import io.isokinet.core.unit.rule.*;
import io.isokinet.core.unit.rule.ActivityFits;
import io.isokinet.core.unit.rule.CautionsKept;
import io.isokinet.core.unit.rule.ClosingTalkKeepsItsMinutes;
import io.isokinet.core.unit.rule.CueMetInThreeLessons;
import io.isokinet.core.unit.rule.CueMetOftenEnough;
import io.isokinet.core.unit.rule.CueTaughtThisUnit;
import io.isokinet.core.unit.rule.DifficultyRises;
import io.isokinet.core.unit.rule.EndsInPlay;
import io.isokinet.core.unit.rule.EnoughTries;
import io.isokinet.core.unit.rule.EveryCueIntroducedInTime;
import io.isokinet.core.unit.rule.IntroducedBeforeUsed;
import io.isokinet.core.unit.rule.LevelsClimb;
import io.isokinet.core.unit.rule.LocksKept;
import io.isokinet.core.unit.rule.MinutesAddUp;
import io.isokinet.core.unit.rule.NewCuesWithinAge;
import io.isokinet.core.unit.rule.NoLongGap;
import io.isokinet.core.unit.rule.NotTheSameAgain;
import io.isokinet.core.unit.rule.OpeningsBelong;
import io.isokinet.core.unit.rule.OrderAsWished;
import io.isokinet.core.unit.rule.PhasesServed;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.rule.SkillsGetTheirShare;
import io.isokinet.core.unit.rule.Strain;
import io.isokinet.core.unit.rule.WarmBeforeFast;
import io.isokinet.core.unit.rule.WorkHasACue;
import io.isokinet.core.unit.rule.WorkMatchesReached;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Each rule on both sides of its edge. */
class RulesTest {
    private static final String ROLL1 = "roll-drill1";
    private static final String ROLL2 = "roll-drill2";
    private static final String GAME1 = "roll-game1";
    private static final String CATCH1 = "catch-drill1";
    private static final String CATCH_GAME = "catch-game1";

    private final UnitProblem one = problem(1, 30);
    private final UnitProblem two = problem(2, 30);

    private static List<String> sentences(Rule rule, Plan plan) {
        return Strain.of(rule, plan).stream().map(Strain::sentence).toList();
    }

    private static int amount(Rule rule, Plan plan) {
        return Strain.of(rule, plan).stream().mapToInt(Strain::amount).sum();
    }

    @Test
    void minutesAddUp() {
        UnitProblem shorter = problem(1, 28);
        List<Choice> row = lesson(shorter, 0, ROLL1, GAME1);
        assertThat(sentences(new MinutesAddUp(), read(shorter, row))).isEmpty();
        Plan over = read(shorter, row.stream().map(c -> with(c, 8, null, null)).toList());
        assertThat(sentences(new MinutesAddUp(), over))
                .containsExactly("Lesson 1 has 28 usable minutes; its parts add up to 32.");
        assertThat(amount(new MinutesAddUp(), over)).isEqualTo(4);
    }

    @Test
    void aLessonIsCalledByTheNumberThatPeopleKnow() {
        UnitProblem afterALostOne = new UnitProblem(
                one.profile(),
                List.of(new LessonSlot(28, HALL, false, false, 5, false)),
                one.targets(),
                Map.of(),
                Map.of(),
                one.knowHow(),
                one.cupboard(),
                Wishes.USUAL,
                List.of());
        List<Choice> row = lesson(afterALostOne, 0, ROLL1, GAME1);
        Plan over = read(
                afterALostOne, row.stream().map(c -> with(c, 8, null, null)).toList());
        assertThat(sentences(new MinutesAddUp(), over))
                .containsExactly("Lesson 5 has 28 usable minutes; its parts add up to 32.");
    }

    @Test
    void everyLessonHasItsParts() {
        assertThat(sentences(new PhasesServed(), read(one, lesson(one, 0, ROLL1, GAME1))))
                .isEmpty();
        assertThat(sentences(new PhasesServed(), read(one, bare(one, 0, "warm1", GAME1, "close1"))))
                .containsExactly("Lesson 1 has no practise.");
        assertThat(sentences(new PhasesServed(), read(one, bare(one, 0, "warm1", ROLL1, GAME1))))
                .containsExactly("Lesson 1 has no tidy.", "Lesson 1 has no closing talk.");
    }

    /** A lesson that was cut short has no play, no tidying and no closing talk, and nothing can be done about it any more. */
    @Test
    void whatWasTaughtIsNotJudged() {
        UnitProblem taught = new UnitProblem(
                two.profile(),
                List.of(new LessonSlot(30, HALL, true), new LessonSlot(30, HALL, false)),
                two.targets(),
                Map.of(),
                Map.of(),
                two.knowHow(),
                two.cupboard(),
                Wishes.USUAL,
                List.of());
        Plan cut = read(taught, bare(taught, 0, "warm1", ROLL1), bare(taught, 1, "warm1", ROLL1));
        for (Rule rule : List.of(new PhasesServed(), new MinutesAddUp(), new EndsInPlay())) {
            assertThat(sentences(rule, cut)).as(rule.key()).noneMatch(s -> s.contains("Lesson 1"));
            assertThat(Strain.cost(rule, cut))
                    .as(rule.key())
                    .isEqualTo(Strain.of(rule, cut).stream()
                            .mapToLong(Strain::cost)
                            .sum());
        }
        assertThat(sentences(new PhasesServed(), cut)).contains("Lesson 2 has no closing talk.");
    }

    @Test
    void aRecapIsNeededFromTheSecondLessonOn() {
        Choice warmOnly = Choice.of("w", Set.of(LessonPhase.WARM), "warm1", 0);
        List<Choice> second = replaced(lesson(two, 1, ROLL1, GAME1), 0, warmOnly);
        List<Choice> first = replaced(lesson(two, 0, ROLL1, GAME1), 0, warmOnly);
        assertThat(sentences(new PhasesServed(), read(two, first, second))).containsExactly("Lesson 2 has no recap.");
    }

    @Test
    void anActivityServesOnlyWhatItCan() {
        Choice claims = Choice.of("c", Set.of(LessonPhase.PRACTISE, LessonPhase.PLAY), ROLL1, 0);
        assertThat(sentences(new PhasesServed(), read(one, replaced(lesson(one, 0, ROLL1), 1, claims))))
                .containsExactly("Lesson 1 has no play.");
    }

    @Test
    void warmBeforeFastWork() {
        Activity fast =
                activity("sprint", LessonPhase.PRACTISE).of(ROLL, 1).fast().build();
        UnitProblem problem = problem(1, 30, fast);
        assertThat(sentences(new WarmBeforeFast(), read(problem, bare(problem, 0, "warm1", "sprint", "close1"))))
                .isEmpty();
        assertThat(sentences(new WarmBeforeFast(), read(problem, bare(problem, 0, "sprint", "warm1", "close1"))))
                .containsExactly("sprint is fast work and stands before the warm-up of lesson 1.");
        assertThat(sentences(new WarmBeforeFast(), read(problem, bare(problem, 0, "talk", ROLL1, "warm1"))))
                .isEmpty();
    }

    @Test
    void theClosingTalkKeepsItsMinutes() {
        List<Choice> row = lesson(one, 0, ROLL1, GAME1);
        Rule rule = new ClosingTalkKeepsItsMinutes();
        assertThat(sentences(rule, read(one, row))).isEmpty();
        assertThat(sentences(rule, read(one, replaced(row, 3, with(row.get(3), 3, null, null)))))
                .isEmpty();
        assertThat(sentences(rule, read(one, replaced(row, 3, with(row.get(3), 2, null, null)))))
                .containsExactly("close1 needs 3 minutes and has 2.");
        assertThat(sentences(rule, read(one, bare(one, 0, "warm1", "close1", GAME1))))
                .containsExactly("Lesson 1 ends with roll-game1 instead of a closing talk.");
    }

    @Test
    void everyActivityFits() {
        Activity wide = activity("wide", LessonPhase.PLAY)
                .of(ROLL, 1)
                .grouped(Formation.LANES, 1, 2, 9)
                .space(30, 2)
                .build();
        UnitProblem problem = problem(1, 30, wide);
        assertThat(sentences(new ActivityFits(), read(problem, lesson(problem, 0, ROLL1, GAME1))))
                .isEmpty();
        assertThat(sentences(new ActivityFits(), read(problem, lesson(problem, 0, ROLL1, "wide"))))
                .singleElement()
                .asString()
                .contains("wide does not fit into the hall");
    }

    @Test
    void aCueIsIntroducedBeforeItIsUsed() {
        List<Choice> row = lesson(one, 0, ROLL1, GAME1);
        Rule rule = new IntroducedBeforeUsed();
        assertThat(sentences(rule, read(one, row))).isEmpty();
        Choice tooEarly = with(row.get(1), null, List.of("roll/a"), List.of("roll/a", "roll/b"));
        assertThat(sentences(rule, read(one, replaced(row, 1, tooEarly))))
                .containsExactly("“b” is used in roll-drill1, before it is introduced.");
    }

    @Test
    void prerequisitesComeBeforeOrWithACue() {
        List<Choice> row = lesson(one, 0, ROLL1, GAME1);
        Rule rule = new IntroducedBeforeUsed();
        Choice together = with(row.get(1), null, List.of("roll/a", "roll/b"), List.of("roll/b"));
        assertThat(sentences(rule, read(one, replaced(row, 1, together)))).isEmpty();
        Choice alone = with(row.get(1), null, List.of("roll/b"), List.of("roll/b"));
        assertThat(sentences(rule, read(one, replaced(row, 1, alone))))
                .containsExactly("“b” is introduced in roll-drill1, before “a”, which it builds on.");
    }

    @Test
    void whatWasTaughtBeforeNeedsNoIntroduction() {
        UnitProblem problem = problem(8, 24, 1, 30, Map.of("roll/a", new CueState(true, 50)), Wishes.USUAL);
        List<Choice> row = lesson(problem, 0, ROLL1, GAME1);
        Choice uses = with(row.get(1), null, List.of(), List.of("roll/a"));
        assertThat(sentences(new IntroducedBeforeUsed(), read(problem, replaced(row, 1, uses))))
                .isEmpty();
    }

    @Test
    void practiceClimbsOneRungAtATime() {
        Rule rule = new LevelsClimb();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, ROLL2, "roll-game3"))))
                .isEmpty();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, "roll-game3"))))
                .containsExactly("roll-game3 is on level 3; the class has only been on level 1 of this skill.");
        assertThat(amount(rule, read(one, lesson(one, 0, "roll-game4")))).isEqualTo(3);
    }

    @Test
    void rungsAreClimbedPerSkillAndRecordsCount() {
        Rule rule = new LevelsClimb();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, "catch-drill2"))))
                .hasSize(1);
        UnitProblem before = new UnitProblem(
                one.profile(),
                one.lessons(),
                one.targets(),
                Map.of(),
                Map.of("catch", 1),
                one.knowHow(),
                one.cupboard(),
                one.wishes(),
                List.of());
        assertThat(sentences(rule, read(before, lesson(before, 0, ROLL1, "catch-drill2"))))
                .isEmpty();
    }

    @Test
    void nothingIsDoneThatACautionForbids() {
        Need hard = new Need(
                "ball", Need.Role.SENT, "hard", Set.of(Trait.ROLLS), 60, 90, Need.Asks.NOTHING, Need.Per.CHILD, 1);
        Activity risky = activity("risky", LessonPhase.PLAY)
                .of(ROLL, 1)
                .needs(hard)
                .cautions("airborne")
                .build();
        UnitProblem problem = new UnitProblem(
                one.profile(),
                one.lessons(),
                one.targets(),
                Map.of(),
                Map.of(),
                knowHow(risky),
                cupboard(HARD, 40),
                one.wishes(),
                List.of());
        assertThat(sentences(new CautionsKept(), read(problem, lesson(problem, 0, ROLL1, GAME1))))
                .isEmpty();
        assertThat(sentences(new CautionsKept(), read(problem, lesson(problem, 0, ROLL1, "risky"))))
                .containsExactly(
                        "hard balls are too hard to send through the air indoors. Use something soft, or go outdoors.");
        assertThat(new Candidates(problem).serving(0, Set.of(LessonPhase.PLAY)))
                .extracting(Activity::key)
                .doesNotContain("risky");
    }

    @Test
    void whatIsLockedStays() {
        List<Choice> row = lesson(one, 0, ROLL1, GAME1);
        UnitProblem locked = new UnitProblem(
                one.profile(),
                one.lessons(),
                one.targets(),
                Map.of(),
                Map.of(),
                one.knowHow(),
                one.cupboard(),
                one.wishes(),
                List.of(new java.util.TreeMap<>(Map.of(1, row.get(1)))));
        assertThat(sentences(new LocksKept(), read(locked, row))).isEmpty();
        assertThat(sentences(
                        new LocksKept(),
                        read(locked, replaced(row, 1, row.get(1).withActivity(ActivityKeys.of(ROLL2), 0)))))
                .containsExactly("roll-drill1 is locked in lesson 1 and is gone from it.");
    }

    @Test
    void newCuesComeInTheFirstTwoThirds() {
        UnitProblem three = problem(3, 30);
        Rule rule = new EveryCueIntroducedInTime();
        Choice late = with(lesson(three, 2, ROLL1).get(1), null, List.of("roll/a"), List.of("roll/a"));
        List<Choice> plain = lesson(three, 0, CATCH1, CATCH_GAME);
        List<Choice> withLate = replaced(lesson(three, 2, ROLL1), 1, late);
        assertThat(sentences(rule, read(three, plain, withLate, lesson(three, 1, CATCH1))))
                .isEmpty();
        assertThat(sentences(rule, read(three, plain, lesson(three, 1, CATCH1), withLate)))
                .containsExactly("roll-drill1 introduces a cue in lesson 3 of 3, too late to meet it often.");
    }

    @Test
    void notTooManyNewCuesALesson() {
        Rule rule = new NewCuesWithinAge();
        for (int[] ageAndMost : new int[][] {{5, 1}, {6, 2}, {7, 2}, {8, 3}}) {
            UnitProblem problem = problem(ageAndMost[0], 24, 1, 30, Map.of(), Wishes.USUAL);
            List<Choice> row = lesson(problem, 0, ROLL1, CATCH1, GAME1);
            List<String> all = List.of("roll/a", "roll/b", "roll/c", "catch/x");
            int most = ageAndMost[1];
            Plan within =
                    read(problem, replaced(row, 1, with(row.get(1), null, all.subList(0, most), List.of("roll/a"))));
            List<Choice> more = replaced(row, 1, with(row.get(1), null, all.subList(0, most + 1), List.of("roll/a")));
            Plan over = read(problem, replaced(more, 2, with(more.get(2), null, List.of(), List.of())));
            assertThat(amount(rule, over)).as("age " + ageAndMost[0]).isEqualTo(1);
            assertThat(within.lessons().get(0).get(1).introduces()).hasSize(most);
        }
        assertThat(new Wishes(Wishes.Order.BLOCKED, 5, Set.of()).newCues(5)).isEqualTo(5);
    }

    @Test
    void eachSkillGetsItsShare() {
        Rule rule = new SkillsGetTheirShare();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, CATCH1)))).isEmpty();
        // Two of three is 67 %, 17 points above half: two points more than allowed, for both skills.
        assertThat(amount(rule, read(one, lesson(one, 0, ROLL1, CATCH1, GAME1))))
                .isEqualTo(4);
        // Three of five is 60 %.
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, CATCH1, ROLL2, "catch-drill2", GAME1))))
                .isEmpty();
        assertThat(sentences(rule, read(one, bare(one, 0, "warm1", "close1")))).isEmpty();
    }

    @Test
    void everyLessonEndsInPlay() {
        assertThat(sentences(new EndsInPlay(), read(one, lesson(one, 0, ROLL1, GAME1))))
                .isEmpty();
        assertThat(sentences(new EndsInPlay(), read(one, lesson(one, 0, GAME1, ROLL1))))
                .containsExactly("Lesson 1 ends with roll-drill1, which is not play.");
    }

    @Test
    void everyDrillHasACue() {
        Activity blank = activity("blank", LessonPhase.PLAY).of(ROLL, 1).hosts().build();
        UnitProblem problem = problem(1, 30, blank);
        assertThat(sentences(new WorkHasACue(), read(problem, lesson(problem, 0, ROLL1, GAME1))))
                .isEmpty();
        assertThat(sentences(new WorkHasACue(), read(problem, lesson(problem, 0, ROLL1, "blank"))))
                .containsExactly("blank has no introduced cue to work on.");
    }

    /** A unit of one skill with one cue, so that exposures can be counted by hand. */
    private static UnitProblem lean(int lessons, CueState state) {
        return new UnitProblem(
                new ClassProfile(new Age(8), 24),
                Collections.nCopies(lessons, new LessonSlot(30, HALL, false)),
                List.of(new Target("catch", "catch/all")),
                Map.of("catch/x", state, "catch/y", new CueState(true, 100)),
                Map.of("catch", 1),
                knowHow(),
                cupboard(),
                Wishes.USUAL,
                List.of());
    }

    private static Choice meets(Choice choice, String... cues) {
        return with(choice, null, List.of(), List.of(cues));
    }

    /** Lessons of one drill each that meet the first cue or not, as the pattern says. */
    private static Plan pattern(UnitProblem problem, String pattern) {
        List<List<Choice>> lessons = new java.util.ArrayList<>();
        for (int i = 0; i < pattern.length(); i++) {
            List<Choice> row = lesson(problem, i, "catch-drill1");
            lessons.add(replaced(
                    row,
                    1,
                    pattern.charAt(i) == 'x' ? meets(row.get(1), "catch/x", "catch/y") : meets(row.get(1), "catch/y")));
        }
        return Reading.of(problem, new Candidates(problem), lessons);
    }

    @Test
    void eachCueIsMetOftenEnough() {
        Rule rule = new CueMetOftenEnough();
        assertThat(amount(rule, pattern(lean(4, new CueState(true, 60)), "xxxx")))
                .isZero();
        assertThat(amount(rule, pattern(lean(4, new CueState(true, 60)), "xxx.")))
                .isEqualTo(1);
        assertThat(amount(rule, pattern(lean(4, new CueState(true, 80)), "x..x")))
                .isZero();
        assertThat(amount(rule, pattern(lean(4, new CueState(true, 39)), "xxxx")))
                .isEqualTo(1);
        assertThat(sentences(rule, pattern(lean(4, new CueState(true, 60)), "xxx.")))
                .containsExactly("“x” is met 3 times; 4 are wanted.");
    }

    @Test
    void noCueIsDroppedForLong() {
        Rule rule = new NoLongGap();
        CueState known = new CueState(true, 60);
        assertThat(amount(rule, pattern(lean(4, known), "x.x."))).isZero();
        assertThat(amount(rule, pattern(lean(4, known), "x..x"))).isEqualTo(1);
        assertThat(amount(rule, pattern(lean(6, known), "xxx..x"))).isZero();
        assertThat(amount(rule, pattern(lean(7, known), "xxx...x"))).isEqualTo(1);
        assertThat(sentences(rule, pattern(lean(4, known), "x..x")))
                .containsExactly("“x” is not met for 2 lessons after lesson 1.");
    }

    private static List<Choice> none(UnitProblem problem, int lesson) {
        return lesson(problem, lesson, CATCH1, CATCH_GAME);
    }

    @Test
    void aNewCueComesBackInThreeLessons() {
        Rule rule = new CueMetInThreeLessons();
        UnitProblem four = problem(4, 30);
        List<Choice> a = lesson(four, 0, ROLL1, GAME1);
        List<Choice> b = lesson(four, 1, ROLL2, GAME1);
        List<Choice> c = lesson(four, 2, ROLL1, GAME1);
        List<Choice> none = lesson(four, 3, CATCH1, CATCH_GAME);
        // A game asks for what its lesson practised: here the cue is asked for in each.
        Plan plenty = read(
                four, a, replaced(b, 2, meets(b.get(2), "roll/a")), replaced(c, 2, meets(c.get(2), "roll/a")), none);
        assertThat(sentences(rule, plenty)).noneMatch(s -> s.startsWith("“a”"));
        List<Choice> b0 = List.of(b.get(0), meets(b.get(1)), meets(b.get(2)), b.get(3));
        List<Choice> c0 = List.of(c.get(0), meets(c.get(1)), meets(c.get(2)), c.get(3));
        Plan once = read(four, a, b0, c0, none);
        assertThat(sentences(rule, once)).contains("“a” is met in 1 lesson; 3 are wanted.");
        assertThat(Strain.of(rule, once).stream()
                        .filter(s -> s.sentence().startsWith("“a”"))
                        .mapToInt(Strain::amount))
                .containsExactly(2);
        // From the third of four lessons two are left to be met in.
        assertThat(sentences(
                        rule, read(four, none(four, 0), none(four, 1), lesson(four, 2, ROLL1, GAME1), none(four, 3))))
                .contains("“a” is met in 1 lesson; 2 are wanted.");
        // Introduced in the last lesson it can come back nowhere.
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, GAME1)))).isEmpty();
    }

    @Test
    void aCueThatIsNotIntroducedWaits() {
        Plan plan = read(one, lesson(one, 0, ROLL1, GAME1));
        assertThat(plan.leftOver()).contains("roll/c", "catch/x");
        assertThat(sentences(new CueTaughtThisUnit(), plan)).contains("“c” waits for the next unit.");
        assertThat(amount(new CueTaughtThisUnit(), plan))
                .isEqualTo(plan.leftOver().size());
    }

    @Test
    void difficultyRises() {
        Rule rule = new DifficultyRises();
        UnitProblem three = problem(3, 30);
        Plan rising = read(
                three,
                lesson(three, 0, ROLL1, CATCH1),
                lesson(three, 1, ROLL2, "catch-drill2"),
                lesson(three, 2, "roll-drill3", "catch-drill3"));
        assertThat(amount(rule, rising)).isZero();
        Plan flat = read(
                three,
                lesson(three, 0, ROLL1, CATCH1),
                lesson(three, 1, ROLL1, "catch-drill2"),
                lesson(three, 2, ROLL1, "catch-drill3"));
        assertThat(sentences(rule, flat)).containsExactly("roll reaches level 1; level 3 is within reach.");
        Plan falling = read(
                three,
                lesson(three, 0, ROLL1, CATCH1),
                lesson(three, 1, ROLL2, "catch-drill2"),
                lesson(three, 2, ROLL1, "catch-drill3"));
        assertThat(sentences(rule, falling)).singleElement().asString().contains("falls back on the way");
    }

    @Test
    void drillsGoBackTwoRungsOrToIntroduceACue() {
        Rule rule = new WorkMatchesReached();
        // Of four lessons both are in the first half.
        UnitProblem two = problem(4, 40);
        List<Choice> climb = lesson(two, 0, ROLL1, ROLL2, "roll-drill3", "roll-drill4", "roll-game3");
        List<Choice> back = lesson(two, 1, ROLL1, ROLL2, "roll-game3");
        List<Choice> without = replaced(back, 1, meets(back.get(1), "roll/a"));
        assertThat(sentences(rule, read(two, climb, without)))
                .containsExactly("roll-drill1 is on level 1; the class has reached level 4.");
        List<Choice> introducing = replaced(back, 1, with(back.get(1), null, List.of("roll/d"), List.of("roll/d")));
        assertThat(sentences(rule, read(two, climb, introducing))).isEmpty();
        // In the second half one rung is as far as a drill goes back.
        assertThat(sentences(rule, read(problem(2, 40), climb, without)))
                .containsExactly(
                        "roll-drill1 is on level 1; the class has reached level 4.",
                        "roll-drill2 is on level 2; the class has reached level 4.");
    }

    @Test
    void playIsAsHardAsPractice() {
        Rule rule = new WorkMatchesReached();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, ROLL2, GAME1))))
                .isEmpty();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, ROLL2, "roll-drill3", GAME1))))
                .containsExactly("roll-game1 is on level 1; the class has reached level 3.");
    }

    @Test
    void aKnownTaskReturnsHarderNotTheSame() {
        Rule rule = new NotTheSameAgain();
        Plan different = read(
                two,
                lesson(two, 0, ROLL1, GAME1),
                replaced(
                        lesson(two, 1, ROLL2, "roll-game2"),
                        0,
                        bare(two, 9, "warm2").get(0)));
        assertThat(Strain.of(rule, different).stream().filter(s -> s.sentence().startsWith("roll")))
                .isEmpty();
        Plan same = read(two, lesson(two, 0, ROLL1, GAME1), lesson(two, 1, ROLL1, "roll-game2"));
        assertThat(sentences(rule, same)).contains("roll-drill1 was done the same way in lesson 1.");
        assertThat(amount(rule, read(one, lesson(one, 0, ROLL1, ROLL1)))).isEqualTo(4);
        UnitProblem graded = problem(
                2,
                30,
                activity("graded", LessonPhase.PRACTISE)
                        .of(ROLL, 1)
                        .lever(Made.distance(0, 2, 3, 4))
                        .build());
        List<Choice> first = lesson(graded, 0, "graded", GAME1);
        List<Choice> second = lesson(graded, 1, "graded", "roll-game2");
        Choice middle = first.get(1).withSetting(1);
        assertThat(sentences(
                        rule,
                        read(
                                graded,
                                replaced(first, 1, middle),
                                replaced(second, 1, second.get(1).withSetting(2)))))
                .noneMatch(s -> s.startsWith("graded"));
        assertThat(sentences(rule, read(graded, replaced(first, 1, middle), second)))
                .contains("graded was done harder in lesson 1.");
    }

    @Test
    void warmUpsMayReturnAfterALessonBetween() {
        UnitProblem three = problem(3, 30);
        Rule rule = new NotTheSameAgain();
        List<Choice> other =
                List.of(bare(three, 1, "warm2").get(0), bare(three, 2, "close2").get(0));
        Plan plan = read(three, bare(three, 0, "warm1", "close1"), other, bare(three, 5, "warm1", "close1"));
        assertThat(sentences(rule, plan)).isEmpty();
    }

    @Test
    void blockedOrInterleavedAsWished() {
        Rule rule = new OrderAsWished();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, CATCH1)))).isEmpty();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, GAME1))))
                .containsExactly("Lesson 1 works on 1 of 2 skills.");
        UnitProblem blocked = problem(8, 24, 1, 30, Map.of(), new Wishes(Wishes.Order.BLOCKED, null, Set.of()));
        assertThat(sentences(rule, read(blocked, lesson(blocked, 0, ROLL1, GAME1))))
                .isEmpty();
        assertThat(sentences(rule, read(blocked, lesson(blocked, 0, ROLL1, CATCH1))))
                .containsExactly("Lesson 1 mixes 2 skills where one was wished.");
    }

    @Test
    void childrenGetEnoughTries() {
        Activity slow = activity("slow", LessonPhase.PLAY)
                .of(CATCH, 1)
                .turn(60, 0, 0, 0)
                .minutes(6, 6)
                .build();
        Activity brisk = activity("brisk", LessonPhase.PLAY)
                .of(CATCH, 1)
                .turn(30, 0, 0, 0)
                .minutes(6, 6)
                .build();
        UnitProblem problem = problem(1, 30, slow, brisk);
        assertThat(sentences(new EnoughTries(), read(problem, lesson(problem, 0, ROLL1, "brisk"))))
                .isEmpty();
        assertThat(sentences(new EnoughTries(), read(problem, lesson(problem, 0, ROLL1, "slow"))))
                .containsExactly("slow gives 7 tries in 8 minutes; about 16 would be usual.");
    }

    /** The stop signal is first; what looks back is never first, and what begins is not begun twice. */
    @Test
    void openingsBelongToTheirLesson() {
        Activity signal =
                activity("signal", LessonPhase.GATHER).on(Occasion.FIRST).build();
        Activity talk = activity("talk", LessonPhase.GATHER).build();
        Activity back = activity("back", LessonPhase.GATHER).on(Occasion.LATER).build();
        UnitProblem problem = problem(2, 30, signal, talk, back);
        OpeningsBelong rule = new OpeningsBelong();
        assertThat(Strain.cost(rule, read(problem, lesson(problem, 0, "signal"), lesson(problem, 1, "back"))))
                .isZero();
        assertThat(Strain.cost(rule, read(problem, lesson(problem, 0, "talk"), lesson(problem, 1, "talk"))))
                .isEqualTo(15);
        assertThat(sentences(rule, read(problem, lesson(problem, 0, "back"), lesson(problem, 1, "signal"))))
                .containsExactly(
                        "back looks back, and lesson 1 has nothing to look back on.",
                        "signal belongs to the first lesson of a unit.");
    }

    /** Units keep these: a key may be added, none may change or go. */
    @Test
    void theKeysOfTheRulesStayAsTheyAre() {
        assertThat(Rules.all())
                .extracting(Rule::key)
                .containsExactly(
                        "minutes-add-up",
                        "phases-served",
                        "warm-before-fast",
                        "closing-talk-keeps-its-minutes",
                        "activity-fits",
                        "introduced-before-used",
                        "levels-climb",
                        "cautions-kept",
                        "load-kept",
                        "load-has-room",
                        "locks-kept",
                        "cue-choices-kept",
                        "every-cue-introduced-in-time",
                        "new-cues-within-age",
                        "skills-get-their-share",
                        "parts-in-order",
                        "ends-in-play",
                        "play-uses-practice",
                        "played-soon",
                        "work-has-a-cue",
                        "cue-met-often-enough",
                        "cue-met-in-three-lessons",
                        "no-long-gap",
                        "cue-taught-this-unit",
                        "cues-in-order",
                        "difficulty-rises",
                        "right-challenge",
                        "new-at-its-easiest",
                        "work-matches-reached",
                        "not-the-same-again",
                        "no-run-of-the-same",
                        "shape-work-is-short",
                        "order-as-wished",
                        "enough-tries",
                        "enough-motion",
                        "little-waiting",
                        "queues-apart",
                        "looks-suffice",
                        "few-layouts",
                        "stays-in-its-minutes",
                        "warms-long-enough",
                        "openings-belong",
                        "ends-together",
                        "kit-stays-out",
                        "warms-what-is-used",
                        "lively-or-calm",
                        "new-or-familiar",
                        "favourites-in",
                        "little-changes");
    }

    @Test
    void everyRuleHasAnOwnNameAndAWeight() {
        assertThat(Rules.all()).extracting(Rule::name).doesNotHaveDuplicates();
        assertThat(Rules.all()).allMatch(r -> r.weight() > 0);
        Plan plan = read(one, lesson(one, 0, ROLL1, "roll-game3"));
        Score score = Rules.score(plan);
        long hard = Rules.strains(plan).stream()
                .filter(s -> s.rule().level() == Rule.Level.HARD)
                .mapToLong(Strain::cost)
                .sum();
        assertThat(score.hard()).isEqualTo(hard).isPositive();
        assertThat(new Score(0, 9, 9).isBetterThan(new Score(1, 0, 0))).isTrue();
        assertThat(new Score(0, 1, 0).isBetterThan(new Score(0, 0, 999))).isFalse();
    }

    @Test
    void needsCountByChildGroupOrClass() {
        assertThat(balls(Need.Per.CLASS, 3).wanted(27, 5)).isEqualTo(3);
        assertThat(balls(Need.Per.GROUP, 3).wanted(27, 5)).isEqualTo(15);
    }
}
