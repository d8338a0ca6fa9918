package io.isokinet.core.unit;

import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.problem;
import static io.isokinet.core.unit.Drafts.bare;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.skill.Body;
import io.isokinet.core.unit.edit.Edit;
import io.isokinet.core.unit.rule.LittleWaiting;
import io.isokinet.core.unit.rule.NoRunOfTheSame;
import io.isokinet.core.unit.rule.PartsInOrder;
import io.isokinet.core.unit.rule.PlayUsesPractice;
import io.isokinet.core.unit.rule.PlayedSoon;
import io.isokinet.core.unit.rule.QueuesApart;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.ShapeWorkIsShort;
import io.isokinet.core.unit.rule.Strain;
import io.isokinet.core.unit.rule.WarmsWhatIsUsed;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What makes a unit one that one would teach, each rule at both its edges. */
class TeachableTest {
    private static final String ROLL1 = "roll-drill1";
    private static final String ROLL2 = "roll-drill2";
    private static final String GAME = "roll-game1";
    private static final String CATCH1 = "catch-drill1";
    private static final String CATCH_GAME = "catch-game2";

    private static List<String> sentences(Rule rule, Plan plan) {
        return Strain.of(rule, plan).stream().map(Strain::sentence).toList();
    }

    @Test
    void aGameAsksForWhatItsLessonPractised() {
        UnitProblem one = problem(1, 40);
        assertThat(sentences(new PlayUsesPractice(), read(one, lesson(one, 0, ROLL1, ROLL2, GAME))))
                .isEmpty();
        assertThat(sentences(new PlayUsesPractice(), read(one, lesson(one, 0, ROLL1, ROLL2, CATCH_GAME))))
                .containsExactly("catch-game2 asks for nothing that lesson 1 practised.");
    }

    @Test
    void whatIsPractisedIsPlayedThereOrInTheNextLesson() {
        UnitProblem three = problem(3, 30);
        List<Choice> roll = lesson(three, 0, ROLL1, CATCH_GAME);
        List<Choice> played = lesson(three, 1, CATCH1, GAME);
        List<Choice> not = lesson(three, 1, CATCH1, CATCH_GAME);
        List<Choice> last = lesson(three, 2, CATCH1, CATCH_GAME);
        assertThat(sentences(new PlayedSoon(), read(three, roll, played, last))).isEmpty();
        assertThat(sentences(new PlayedSoon(), read(three, roll, not, last)))
                .containsExactly("roll is practised in lesson 1 and not played there or in the next.");
        // The last lesson has no next one: the one before counts.
        assertThat(sentences(new PlayedSoon(), read(three, not, played, lesson(three, 2, ROLL1, CATCH_GAME))))
                .isEmpty();
    }

    @Test
    void theShapeAloneIsShortAndNotForLong() {
        UnitProblem four = problem(4, 40);
        Rule rule = new ShapeWorkIsShort();
        List<Choice> first = lesson(four, 0, ROLL1, ROLL2, GAME);
        List<Choice> second = lesson(four, 1, ROLL1, ROLL2, GAME);
        List<Choice> free = lesson(four, 2, ROLL2, ROLL2, GAME);
        assertThat(sentences(rule, read(four, first, second, free))).isEmpty();
        assertThat(sentences(rule, read(four, first, second, lesson(four, 2, ROLL1, ROLL2, GAME))))
                .containsExactly("roll-drill1 works on the shape alone, and lesson 3 is past that.");
        List<Choice> bare = lesson(four, 1, ROLL1, ROLL2, GAME);
        bare.set(1, bare.get(1).withCues(List.of(), null, null));
        assertThat(sentences(rule, read(four, first, bare)))
                .containsExactly("roll-drill1 works on the shape alone in lesson 2, with no new cue.");
        assertThat(sentences(rule, read(four, lesson(four, 0, ROLL1, ROLL1, "roll-game2"))))
                .containsExactly("roll-drill1 works on the shape alone once more in lesson 1.");
        assertThat(sentences(rule, read(four, lesson(four, 0, ROLL1, CATCH1, GAME))))
                .contains("roll begins in lesson 1 with nothing but its shape.");
    }

    @Test
    void oneActivityIsNotDoneInARunNorTwiceInALessonNorTooOften() {
        Rule rule = new NoRunOfTheSame();
        UnitProblem four = problem(4, 40);
        assertThat(sentences(
                        rule, read(four, lesson(four, 0, ROLL1, ROLL2, GAME), lesson(four, 1, ROLL1, ROLL2, GAME))))
                .isEmpty();
        assertThat(sentences(rule, read(four, lesson(four, 0, ROLL1, ROLL1, GAME))))
                .containsExactly("roll-drill1 comes twice in a row.");
        assertThat(sentences(rule, read(four, lesson(four, 0, ROLL1, ROLL2, ROLL1, GAME))))
                .containsExactly("roll-drill1 comes twice in lesson 1.");
        assertThat(sentences(
                        rule,
                        read(
                                four,
                                lesson(four, 0, ROLL1, GAME),
                                lesson(four, 1, ROLL1, GAME),
                                lesson(four, 2, ROLL1, GAME),
                                lesson(four, 3, ROLL1, CATCH_GAME))))
                .containsExactly("roll-drill1 comes more than 3 times within 6 lessons.");
        UnitProblem seven = problem(7, 40);
        List<List<Choice>> first = List.of(
                lesson(seven, 0, ROLL1, "roll-game2"),
                lesson(seven, 1, ROLL1, CATCH_GAME),
                lesson(seven, 2, ROLL1, "roll-game2"));
        List<Choice> none = lesson(seven, 3, ROLL2, CATCH_GAME);
        List<Choice> again = lesson(seven, 4, ROLL1, "roll-game2");
        assertThat(sentences(rule, read(seven, first.get(0), first.get(1), first.get(2), none, none, again)))
                .contains("roll-drill1 comes more than 3 times within 6 lessons.");
        assertThat(sentences(rule, read(seven, first.get(0), first.get(1), first.get(2), none, none, none, again)))
                .noneMatch(s -> s.startsWith("roll-drill1"));
    }

    @Test
    void whoStoodInAQueueMovesNext() {
        UnitProblem one = problem(1, 40);
        Plan plan = read(one, lesson(one, 0, ROLL1, ROLL2, GAME));
        long queued = plan.all().stream()
                .filter(s -> QueuesApart.queues(s.candidate()))
                .count();
        assertThat(sentences(new QueuesApart(), plan)).hasSize(queued < 2 ? 0 : (int) queued - 1);
    }

    /** Lessons of the demo class: a warm-up for legs alone leaves arms cold; one that says nothing warms all. */
    @Test
    void aWarmUpWarmsWhatTheLessonUses() {
        Rule rule = new WarmsWhatIsUsed();
        Activity legs = activity("legs", LessonPhase.WARM).warms(Body.LEGS).build();
        Activity arms =
                activity("arms", LessonPhase.WARM).warms(Body.ARMS, Body.LEGS).build();
        UnitProblem one = problem(1, 40, legs, arms);
        assertThat(Made.ROLL.action().uses()).isEqualTo(Body.ARMS);
        assertThat(sentences(rule, read(one, bare(one, 0, "legs", ROLL1, ROLL2, GAME))))
                .containsExactly("The warm-up of lesson 1 leaves the arms cold, which its work uses.");
        assertThat(sentences(rule, read(one, bare(one, 0, "arms", ROLL1, ROLL2, GAME))))
                .isEmpty();
        assertThat(sentences(rule, read(one, lesson(one, 0, ROLL1, ROLL2, GAME))))
                .isEmpty();
        // One of two is enough; and where none is planned, another rule speaks.
        assertThat(sentences(rule, read(one, bare(one, 0, "legs", "arms", ROLL1, GAME))))
                .isEmpty();
        assertThat(sentences(rule, read(one, bare(one, 0, ROLL1, GAME)))).isEmpty();
    }

    /** Half of the time is what one of a pair waits; each tenth beyond it counts, begun tenths too. */
    @Test
    void waitingForMoreThanHalfCounts() {
        Rule rule = new LittleWaiting();
        Activity half = activity("half", LessonPhase.PRACTISE)
                .of(Made.ROLL, 2)
                .grouped(Formation.LANES, 2, 2, 2)
                .turn(10, 0, 0, 0)
                .build();
        Activity queue = activity("queue", LessonPhase.PRACTISE)
                .of(Made.ROLL, 2)
                .grouped(Formation.LANES, 8, 8, 9)
                .turn(10, 0, 0, 0)
                .build();
        UnitProblem one = problem(8, 8, 1, 40, Map.of(), Wishes.USUAL, half, queue);
        Plan plan = read(one, bare(one, 0, "half", "queue"));
        List<Strain> found = Strain.of(rule, plan);
        assertThat(((Fit.Works) plan.work().get(0).fit()).turn().waitingPercent())
                .isEqualTo(50);
        assertThat(found).hasSize(1);
        int waits = ((Fit.Works) plan.work().get(1).fit()).turn().waitingPercent();
        assertThat(waits).isBetween(85, 89);
        assertThat(found.get(0).amount()).isEqualTo(4);
        assertThat(found.get(0).sentence()).isEqualTo("In queue each child waits %d %% of the time.".formatted(waits));
    }

    /** Planning keeps the order by its slots; an edit that breaks it is told. */
    @Test
    void anEditThatBreaksTheOrderOfThePartsIsTold() {
        UnitProblem one = problem(1, 40);
        Plan plan = read(one, lesson(one, 0, ROLL1, ROLL2, GAME));
        assertThat(sentences(new PartsInOrder(), plan)).isEmpty();
        Segment game = plan.all().stream()
                .filter(s -> s.serves(LessonPhase.PLAY))
                .findFirst()
                .orElseThrow();
        Plan moved = Edit.read(plan, new Candidates(one), new Edit.Move(game.id(), 1));
        assertThat(sentences(new PartsInOrder(), moved))
                .containsExactly(
                        "roll-drill1 is practice and comes too late in lesson 1.",
                        "roll-drill2 is practice and comes too late in lesson 1.");
    }

    /** A rung with nothing on it counts as climbed; what is needed for one is the rung below that there is. */
    @Test
    void aRungWithoutAnActivityCountsAsClimbed() {
        Activity third = activity("third", LessonPhase.PRACTISE, LessonPhase.TEACH)
                .of(Made.ROLL, 3)
                .build();
        UnitProblem one = problem(1, 30, third);
        UnitProblem without = new UnitProblem(
                one.profile(),
                one.lessons(),
                List.of(new Target("roll", "roll/all")),
                one.cues(),
                one.reached(),
                one.knowHow()
                        .keeping(a -> a.rung() == null
                                || a.rung().level() == 1
                                || a.key().equals("third")),
                one.cupboard(),
                one.wishes(),
                List.of());
        Reach reach = new Candidates(without).reach();
        assertThat(reach.highest("roll")).isEqualTo(3);
        assertThat(reach.needed("roll", 3, 1)).isEqualTo(1);
        assertThat(reach.needed("roll", 1, 1)).isZero();
        assertThat(reach.highest("catch")).isZero();
        assertThat(Reach.WHOLE.needed("roll", 3, 1)).isEqualTo(2);
        assertThat(Reach.WHOLE.needed("roll", 3, 2)).isEqualTo(1);
    }

    @Test
    void aSkillThatStaysOnItsShapeIsAskedAbout() {
        UnitProblem one = problem(2, 30);
        UnitProblem shape = new UnitProblem(
                one.profile(),
                one.lessons(),
                List.of(new Target("roll", "roll/all"), new Target("catch", "catch/all")),
                one.cues(),
                one.reached(),
                one.knowHow().keeping(a -> !"roll".equals(a.skill()) || a.rung().level() == 1),
                one.cupboard(),
                one.wishes(),
                List.of());
        List<String> why = new Frame(shape, new Candidates(shape), () -> "s").whyNot();
        assertThat(why.get(0)).startsWith("roll cannot go beyond its shape here, the first level.");
        assertThat(why).contains("It would work without roll; all the rest of what you wished can stay.");
    }
}
