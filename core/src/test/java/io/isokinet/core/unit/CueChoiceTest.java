package io.isokinet.core.unit;

import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.problem;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.unit.rule.CueChoicesKept;
import io.isokinet.core.unit.rule.CuesInOrder;
import io.isokinet.core.unit.rule.EndsTogether;
import io.isokinet.core.unit.rule.KitStaysOut;
import io.isokinet.core.unit.rule.Rule;
import io.isokinet.core.unit.rule.Strain;
import io.isokinet.core.unit.rule.WishesKept;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The teacher decides which cues are taught, in which order and when; what she leaves open is in the order of the set. */
class CueChoiceTest {
    private static final List<String> ALL =
            Made.ROLL.cues().stream().map(Cue::key).toList();
    private static final String FIRST = ALL.get(0);
    private static final String SECOND = ALL.get(1);

    private static List<String> sentences(Rule rule, Plan plan) {
        return Strain.of(rule, plan).stream().map(Strain::sentence).toList();
    }

    private static UnitProblem choosing(int lessons, CueChoice choice, Activity... more) {
        UnitProblem all = problem(lessons, 40, more);
        return all.with(List.of(new Target("roll", "roll/all", 1, choice)));
    }

    @Test
    void whatIsPickedIsTaughtAndNothingElse() {
        UnitProblem second = choosing(2, new CueChoice(List.of(SECOND), Map.of()));
        assertThat(second.targetCues()).containsExactly(SECOND);
        Plan plan = read(second, lesson(second, 0, "roll-drill1", "roll-game1"));
        assertThat(plan.introduction(SECOND)).isNotNull();
        assertThat(plan.leftOver()).isEmpty();
    }

    @Test
    void aCueThatWasTaughtBeforeHasNoLessonToBeMetFirstIn() {
        CueChoice pinned = new CueChoice(List.of(FIRST, SECOND), Map.of(FIRST, 1));
        UnitProblem fresh = choosing(2, pinned);
        assertThat(WishesKept.ahead(fresh, new Candidates(fresh))).isEmpty();
        UnitProblem taught = problem(8, 24, 2, 40, Map.of(FIRST, new CueState(true, 60)), Wishes.USUAL)
                .with(fresh.targets());
        assertThat(WishesKept.ahead(taught, new Candidates(taught)))
                .singleElement()
                .asString()
                .endsWith("was taught before: there is no lesson left to meet it first in.");
    }

    @Test
    void theOrderOfTheSetIsKeptWhereNothingElseIsWished() {
        Activity late = activity("late", LessonPhase.PRACTISE, LessonPhase.TEACH)
                .of(Made.ROLL, 2)
                .hosts(SECOND)
                .build();
        UnitProblem two = choosing(2, CueChoice.NONE, late);
        // The drill that works on the second alone waits until the first was taught.
        Plan plan = read(two, lesson(two, 0, "late", "roll-game1"), lesson(two, 1, "roll-drill1", "roll-game1"));
        assertThat(plan.lessons().get(0)).allMatch(s -> s.introduces().isEmpty());
        assertThat(plan.introduction(FIRST).lesson()).isEqualTo(1);
        assertThat(sentences(new CuesInOrder(), plan)).isEmpty();
        // By hand it may be another order, and that is said.
        List<Choice> turned = Drafts.replaced(
                lesson(two, 0, "late", "roll-game1"),
                1,
                Drafts.with(lesson(two, 0, "late").get(1), 6, List.of(SECOND), List.of(SECOND)));
        assertThat(sentences(new CuesInOrder(), read(two, turned, lesson(two, 1, "roll-drill1", "roll-game1"))))
                .hasSize(1)
                .allMatch(s -> s.contains("before") && s.endsWith("which comes first."));
    }

    @Test
    void theTeachersOrderIsHard() {
        UnitProblem turned = choosing(2, new CueChoice(List.of(FIRST, SECOND), Map.of()));
        List<Choice> first = lesson(turned, 0, "roll-drill1", "roll-game1");
        List<Choice> second = lesson(turned, 1, "roll-drill2", "roll-game2");
        assertThat(read(turned, first, second).targetCues()).containsExactly(FIRST, SECOND);
        assertThat(sentences(new CueChoicesKept(), read(turned, first, second))).isEmpty();
        Plan other = read(
                turned,
                Drafts.replaced(first, 1, Drafts.with(first.get(1), 6, List.of(SECOND), List.of(SECOND))),
                second);
        assertThat(sentences(new CueChoicesKept(), other))
                .containsExactly("“b” is introduced in lesson 1, before “a”, which comes first.");
        // It is told once.
        assertThat(sentences(new CuesInOrder(), other)).isEmpty();
    }

    @Test
    void whatIsMeantForALessonWaitsForIt() {
        UnitProblem pinned = choosing(3, new CueChoice(List.of(), Map.of(SECOND, 1)));
        List<Choice> one = lesson(pinned, 0, "roll-drill1", "roll-drill2", "roll-game1");
        List<Choice> two = lesson(pinned, 1, "roll-drill2", "roll-game1");
        List<Choice> three = lesson(pinned, 2, "roll-drill2", "roll-game1");
        assertThat(read(choosing(3, CueChoice.NONE), one, two, three)
                        .introduction(SECOND)
                        .lesson())
                .isZero();
        Plan plan = read(pinned, one, two, three);
        assertThat(plan.introduction(FIRST).lesson()).isZero();
        assertThat(plan.introduction(SECOND).lesson()).isEqualTo(1);
        assertThat(sentences(new CueChoicesKept(), plan)).isEmpty();
        Plan without = read(pinned, one, lesson(pinned, 1, "catch-game1"), three);
        assertThat(sentences(new CueChoicesKept(), without))
                .containsExactly("“b” is meant for lesson 2 and is not introduced at all.");
    }

    @Test
    void aLastLessonMayHaveANewCueIfItIsMeantForIt() {
        UnitProblem last = choosing(3, new CueChoice(List.of(FIRST), Map.of(FIRST, 2)));
        Plan plan = read(
                last,
                lesson(last, 0, "roll-drill1", "roll-game1"),
                lesson(last, 1, "roll-drill2", "roll-game1"),
                lesson(last, 2, "roll-drill2", "roll-game1"));
        assertThat(plan.introduction(FIRST).lesson()).isEqualTo(2);
        assertThat(sentences(new EndsTogether(), plan)).isEmpty();
    }

    @Test
    void whatCannotBeMeantIsSaid() {
        var set = Made.ROLL.sets().get(0);
        var known = Made.knowHow();
        assertThat(CueChoice.NONE.contradictions(set, known, 4)).isEmpty();
        assertThat(new CueChoice(ALL, Map.of(FIRST, 3)).contradictions(set, known, 4))
                .isEmpty();
        assertThat(new CueChoice(List.of("catch/look"), Map.of()).contradictions(set, known, 4))
                .singleElement()
                .asString()
                .contains("not in the set");
        assertThat(new CueChoice(List.of(FIRST, FIRST), Map.of()).contradictions(set, known, 4))
                .singleElement()
                .asString()
                .contains("picked twice");
        assertThat(new CueChoice(List.of(), Map.of(FIRST, 4)).contradictions(set, known, 4))
                .singleElement()
                .asString()
                .contains("meant for lesson 5, and the unit has 4");
        assertThat(new CueChoice(List.of(SECOND), Map.of(FIRST, 1)).contradictions(set, known, 4))
                .singleElement()
                .asString()
                .contains("is not taught");
    }

    @Test
    void aLessonWithoutADrillForWhatIsMeantForItIsAQuestionWithItsWayOut() {
        Activity low = activity("low", LessonPhase.PRACTISE, LessonPhase.TEACH)
                .of(Made.ROLL, 1)
                .hosts(FIRST)
                .minutes(4, 15)
                .build();
        Activity high = activity("high", LessonPhase.PRACTISE, LessonPhase.TEACH)
                .of(Made.ROLL, 2)
                .hosts(FIRST)
                .minutes(4, 15)
                .build();
        Activity higher = activity("higher", LessonPhase.PRACTISE, LessonPhase.TEACH)
                .of(Made.ROLL, 3)
                .hosts(FIRST)
                .minutes(4, 15)
                .build();
        UnitProblem all = choosing(3, new CueChoice(List.of(FIRST, SECOND), Map.of(SECOND, 1)), low, high, higher);
        UnitProblem bare = new UnitProblem(
                all.profile(),
                all.lessons(),
                all.targets(),
                all.cues(),
                all.reached(),
                all.knowHow().keeping(a -> a.isGame() || !a.hosts().contains(SECOND)),
                all.cupboard(),
                all.wishes(),
                List.of());
        Frame frame = new Frame(bare, new Candidates(bare), () -> "s");
        assertThat(frame.whyNot())
                .containsExactly(
                        "“b” is meant for lesson 2, and no drill that fits there works on it: take another lesson.",
                        "It would work without “b” in lesson 2; all the rest of what you wished can stay.");
        assertThat(new Frame(frame.eased(), new Candidates(frame.eased()), () -> "s").certificates())
                .isEmpty();
    }

    @Test
    void theLastLessonBringsItTogether() {
        UnitProblem three = problem(3, 40);
        List<Choice> one = lesson(three, 0, "roll-drill1", "roll-game1");
        List<Choice> two = lesson(three, 1, "roll-drill2", "catch-game1");
        EndsTogether rule = new EndsTogether();
        assertThat(sentences(rule, read(three, one, two, lesson(three, 2, "roll-drill3", "roll-game1"))))
                .isEmpty();
        assertThat(sentences(rule, read(three, one, two, lesson(three, 2, "roll-drill3", "roll-game3"))))
                .containsExactly(
                        "Lesson 3 is the last and does not bring the unit together: no game in it was played before, so there is no best to beat.");
        UnitProblem short2 = problem(2, 40);
        assertThat(sentences(
                        rule,
                        read(short2, lesson(short2, 0, "roll-drill1", "roll-game1"), lesson(short2, 1, "roll-game3"))))
                .isEmpty();
    }

    @Test
    void whatWasPutAwayDoesNotComeOutAgain() {
        Activity ball = activity("ball", LessonPhase.PRACTISE)
                .of(Made.ROLL, 2)
                .needs(Made.balls(io.isokinet.core.thing.Need.Per.CHILD, 1))
                .build();
        Activity again = activity("again", LessonPhase.PLAY)
                .of(Made.ROLL, 2)
                .needs(Made.balls(io.isokinet.core.thing.Need.Per.CHILD, 1))
                .build();
        Activity bare = activity("bare", LessonPhase.PRACTISE).of(Made.ROLL, 1).build();
        UnitProblem one = problem(1, 40, ball, again, bare);
        KitStaysOut rule = new KitStaysOut();
        assertThat(sentences(rule, read(one, lesson(one, 0, "bare", "ball", "again"))))
                .isEmpty();
        assertThat(sentences(rule, read(one, lesson(one, 0, "ball", "bare", "again"))))
                .singleElement()
                .asString()
                .contains("go in and come out again for again");
    }
}
