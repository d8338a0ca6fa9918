package io.isokinet.core.unit;

import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.problem;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.Made;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.unit.edit.Edit;
import io.isokinet.core.unit.rule.RuleChange;
import io.isokinet.core.unit.rule.Rules;
import java.util.List;
import org.junit.jupiter.api.Test;

class EditTest {
    private final Lever distance = Made.distance(1, 2, 3, 4);
    private final UnitProblem problem = problem(
            1,
            30,
            activity("far", LessonPhase.PRACTISE, LessonPhase.TEACH)
                    .of(ROLL, 1)
                    .lever(distance)
                    .build());
    private final Plan plan = read(problem, lesson(problem, 0, "far", "catch-drill1", "roll-game1"));

    private Plan after(Edit edit) {
        return after(plan, edit);
    }

    private Plan after(Plan before, Edit edit) {
        return Reading.of(problem, new Candidates(problem), Edit.apply(before, edit));
    }

    private static List<String> order(Plan plan) {
        return plan.segments().map(s -> s.activity().key()).toList();
    }

    private String id(int position) {
        return plan.lessons().get(0).get(position).id();
    }

    @Test
    void movesASegmentWithinItsLesson() {
        assertThat(order(after(new Edit.Move(id(2), 1))))
                .containsExactly("warm1", "catch-drill1", "far", "roll-game1", "close1");
        assertThat(order(after(new Edit.Move(id(1), 3))))
                .containsExactly("warm1", "catch-drill1", "roll-game1", "far", "close1");
    }

    @Test
    void movingKeepsIdsAndMinutesAndReadsCuesAgain() {
        Plan moved = after(new Edit.Move(id(3), 1));
        assertThat(moved.segment(id(3)).orElseThrow().minutes())
                .isEqualTo(plan.segment(id(3)).orElseThrow().minutes());
        assertThat(moved.segment(id(3)).orElseThrow().focus()).isEmpty();
        assertThat(moved.segment(id(1)).orElseThrow().introduces()).contains("roll/a");
    }

    @Test
    void movingIntoNowhereIsRefused() {
        assertThatThrownBy(() -> after(new Edit.Move(id(1), 5))).hasMessageContaining("places 1 to 5; place 6");
        assertThatThrownBy(() -> after(new Edit.Move(id(1), -1))).hasMessageContaining("place 0");
    }

    @Test
    void locksAndUnlocks() {
        Plan locked = after(new Edit.Lock(id(1), true));
        assertThat(locked.segment(id(1)).orElseThrow().locked()).isTrue();
        assertThatThrownBy(() -> after(locked, new Edit.Move(id(1), 2)))
                .hasMessageContaining("far is locked; unlock it first");
        Plan unlocked = after(locked, new Edit.Lock(id(1), false));
        assertThat(unlocked.segment(id(1)).orElseThrow().locked()).isFalse();
    }

    @Test
    void swapsTheActivityAndKeepsTheSegment() {
        Plan swapped = after(new Edit.Swap(id(2), ActivityKeys.of("far")));
        assertThat(swapped.segment(id(2)).orElseThrow().activity().key()).isEqualTo("far");
        assertThat(swapped.segment(id(2)).orElseThrow().setting()).isEqualTo(1);
        assertThat(swapped.segments().mapToInt(Segment::minutes).sum()).isEqualTo(30);
    }

    @Test
    void easesAndHardens() {
        Plan harder = after(new Edit.Adjust(id(1), 2));
        assertThat(harder.segment(id(1)).orElseThrow().setting()).isEqualTo(2);
        assertThatThrownBy(() -> after(new Edit.Adjust(id(1), 3))).hasMessageContaining("no setting beyond this one");
        assertThatThrownBy(() -> after(new Edit.Adjust(id(2), 0))).hasMessageContaining("no setting beyond");
    }

    @Test
    void minutesAreGivenAndTheOthersShareWhatIsLeft() {
        Plan longer = after(new Edit.Minutes(id(1), 9));
        assertThat(longer.segment(id(1)).orElseThrow().minutes()).isEqualTo(9);
        assertThat(longer.segments().mapToInt(Segment::minutes).sum()).isEqualTo(30);
        assertThat(longer.segment(id(1)).orElseThrow().focus())
                .isEqualTo(plan.segment(id(1)).orElseThrow().focus());
        assertThatThrownBy(() -> after(new Edit.Minutes(id(1), 0))).hasMessageContaining("1 to 60 minutes, not 0");
        // What no longer adds up is said by the rule, not refused.
        assertThat(Rules.score(after(new Edit.Minutes(id(1), 28))).hard()).isPositive();
    }

    @Test
    void aSegmentIsTakenOutAndPutIn() {
        Plan less = after(new Edit.Remove(id(2)));
        assertThat(order(less)).containsExactly("warm1", "far", "roll-game1", "close1");
        Plan more = after(less, new Edit.Add("new", 0, 2, "catch-drill1"));
        assertThat(order(more)).isEqualTo(order(plan));
        assertThat(more.segment("new").orElseThrow().phases()).contains(LessonPhase.PRACTISE, LessonPhase.TEACH);
        assertThat(more.segments().mapToInt(Segment::minutes).sum()).isEqualTo(30);
        assertThat(after(less, new Edit.Add("game", 0, 3, "catch-game1"))
                        .segment("game")
                        .orElseThrow()
                        .phases())
                .containsExactly(LessonPhase.PLAY);
        assertThatThrownBy(() -> after(new Edit.Add("new", 0, 9, "catch-drill1")))
                .hasMessageContaining("place 10");
        assertThatThrownBy(() -> after(new Edit.Add("new", 3, 0, "catch-drill1")))
                .hasMessageContaining("lesson 4 is not");
    }

    @Test
    void aSegmentMovesToAnotherLesson() {
        UnitProblem two = problem(2, 30);
        Plan before = read(
                two,
                lesson(two, 0, "roll-drill1", "catch-drill1", "roll-game1"),
                lesson(two, 1, "roll-drill2", "catch-game1"));
        String id = before.lessons().get(0).get(2).id();
        Plan moved = Reading.of(two, new Candidates(two), Edit.apply(before, new Edit.MoveTo(id, 1, 1)));
        assertThat(moved.lessons().get(0)).hasSize(before.lessons().get(0).size() - 1);
        assertThat(moved.lessons().get(1).get(1).id()).isEqualTo(id);
        assertThatThrownBy(() -> Edit.apply(before, new Edit.MoveTo(id, 2, 0))).hasMessageContaining("lessons 1 to 2");
        assertThatThrownBy(() -> Edit.apply(before, new Edit.MoveTo(id, 1, 9))).hasMessageContaining("places 1 to");
    }

    @Test
    void whatIsGoneSaysSo() {
        assertThatThrownBy(() -> after(new Edit.Lock("gone", true))).hasMessageContaining("reload the unit");
    }

    @Test
    void aTaughtLessonStaysAsItWas() {
        UnitProblem taught = new UnitProblem(
                problem.profile(),
                List.of(new LessonSlot(30, HALL, true)),
                problem.targets(),
                problem.cues(),
                problem.reached(),
                problem.knowHow(),
                problem.cupboard(),
                problem.wishes(),
                List.of());
        Plan done = read(taught, lesson(taught, 0, "far", "roll-game1"));
        assertThatThrownBy(() -> Edit.apply(done, new Edit.Lock("s0-1", true)))
                .hasMessageContaining("was taught already");
    }

    @Test
    void changesAreSaidByRule() {
        Plan worse = after(new Edit.Move(id(4), 0));
        List<RuleChange> changes = RuleChange.between(plan, worse);
        assertThat(changes).isNotEmpty();
        assertThat(changes.get(0).rule().name()).isEqualTo("The closing talk keeps its minutes");
        assertThat(changes.get(0).better()).isFalse();
        assertThat(RuleChange.between(worse, plan).get(0).better()).isTrue();
        assertThat(RuleChange.between(plan, plan)).isEmpty();
    }

    @Test
    void everySegmentThatWorksHasReasons() {
        assertThat(plan.work()).allSatisfy(s -> assertThat(Reasons.of(plan, s)).isNotEmpty());
        Segment first = plan.work().stream().findFirst().orElseThrow();
        assertThat(Reasons.of(plan, first)).noneMatch(r -> r.startsWith("Set to"));
        assertThat(Reasons.of(plan, first))
                .contains("Level 1 of 6, shape: where the skill starts.")
                .anyMatch(r -> r.startsWith("Introduces “a” in a 40-second freeze: it builds on nothing else"));
        UnitProblem longer = problem(1, 40);
        Plan climb = read(longer, lesson(longer, 0, "roll-drill1", "roll-drill2", "roll-game3"));
        List<Segment> work = climb.work();
        assertThat(Reasons.of(climb, work.get(1)))
                .anyMatch(r -> r.contains("the class was on level 1 in lesson 1 (roll-drill1)"));
        assertThat(Reasons.of(climb, work.get(1))).anyMatch(r -> r.contains("it builds on “a”"));
        assertThat(Reasons.of(climb, work.get(2))).anyMatch(r -> r.contains("returns: time 2 of 2"));
    }
}
