package io.isokinet.core.nextstep;

import static io.isokinet.core.Made.CATCH;
import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.activity;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.Made;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.nextstep.MoveOn.Step;
import io.isokinet.core.quantity.Lengths;
import io.isokinet.core.unit.Candidates;
import io.isokinet.core.unit.Choice;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Reading;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SteerTest {
    private final UnitProblem problem = taughtFirst(Made.problem(
            2,
            30,
            activity("one", LessonPhase.PRACTISE, LessonPhase.TEACH).of(ROLL, 1).build(),
            activity("two", LessonPhase.PRACTISE, LessonPhase.TEACH).of(ROLL, 2).build(),
            activity("three", LessonPhase.PRACTISE, LessonPhase.TEACH)
                    .of(ROLL, 3)
                    .build(),
            activity("four", LessonPhase.PRACTISE, LessonPhase.TEACH)
                    .of(ROLL, 4)
                    .build(),
            activity("hands", LessonPhase.PRACTISE, LessonPhase.TEACH)
                    .of(CATCH, 1)
                    .build()));

    private static UnitProblem taughtFirst(UnitProblem p) {
        return new UnitProblem(
                p.profile(),
                List.of(new LessonSlot(30, HALL, true), new LessonSlot(30, HALL, false)),
                p.targets(),
                p.cues(),
                p.reached(),
                p.knowHow(),
                p.cupboard(),
                p.wishes(),
                List.of());
    }

    private Plan plan(String taught, String next, boolean locked) {
        return Reading.of(problem, new Candidates(problem), List.of(lesson(0, taught, false), lesson(1, next, locked)));
    }

    private List<Choice> lesson(int number, String work, boolean locked) {
        List<Choice> row = new ArrayList<>();
        for (String key : List.of("warm1", work, "hands", "close1"))
            row.add(Choice.of(
                            "s" + number + key,
                            EnumSet.copyOf(problem.knowHow().activity(key).phases()),
                            key,
                            0)
                    .withLocked(locked && key.equals(work)));
        return row;
    }

    private Steer steer(Plan plan, Step step) {
        return Steer.of(plan, new Candidates(problem), Map.of("roll", step));
    }

    private static Segment work(Plan plan) {
        return plan.lessons().get(1).get(1);
    }

    @Test
    void stayingPutsWorkOfTheRungThatWasReachedInAndLocksIt() {
        Steer stay = steer(plan("two", "four", false), Step.STAY);
        assertThat(work(stay.plan()).level()).isEqualTo(2);
        assertThat(work(stay.plan()).locked()).isTrue();
        assertThat(stay.reasons())
                .singleElement()
                .asString()
                .startsWith("Lesson 2: ")
                .contains("in place of four (level 4)");
        assertThat(stay.plan().lessons().get(0).get(1).activity().key()).isEqualTo("two");
    }

    @Test
    void steppingBackGoesOneRungBelowWhatWasReached() {
        Segment back = work(steer(plan("three", "four", false), Step.BACK).plan());
        assertThat(back.level()).isEqualTo(2);
        assertThat(work(steer(plan("one", "two", false), Step.BACK).plan()).level())
                .isEqualTo(1);
    }

    @Test
    void goingOnTakesTheRungAbove() {
        assertThat(work(steer(plan("two", "two", false), Step.ON).plan()).level())
                .isEqualTo(3);
        Plan already = plan("two", "three", false);
        Steer same = steer(already, Step.ON);
        assertThat(same.plan()).isSameAs(already);
        assertThat(same.reasons()).singleElement().asString().contains("lesson 2 goes on to a higher level as it is");
    }

    @Test
    void whatNeedsNoChangeStays() {
        Plan plan = plan("three", "two", false);
        Steer stay = steer(plan, Step.STAY);
        assertThat(stay.plan()).isSameAs(plan);
        assertThat(stay.reasons()).singleElement().asString().contains("stays on level 3 or below as it is");
        assertThat(steer(plan, Step.LOOK).reasons()).isEmpty();
    }

    @Test
    void nothingIsPutInThatStandsInTheLessonAlready() {
        UnitProblem oneOfEach = taughtFirst(Made.problem(
                8,
                24,
                2,
                30,
                Map.of(),
                new Wishes(Wishes.Order.INTERLEAVED, null, Set.of("roll-drill1", "roll-drill2")),
                drill("one", 1),
                drill("two", 2),
                drill("four", 4),
                activity("hands", LessonPhase.PRACTISE, LessonPhase.TEACH)
                        .of(CATCH, 1)
                        .build()));
        List<Choice> next = new ArrayList<>(lesson(1, "four", false));
        next.add(2, lesson(9, "two", false).get(1));
        Candidates candidates = new Candidates(oneOfEach);
        Plan twice = Reading.of(oneOfEach, candidates, List.of(lesson(0, "two", false), next));
        Steer stay = Steer.of(twice, candidates, Map.of("roll", Step.STAY));
        assertThat(work(stay.plan()).activity().key()).isEqualTo("one");
        assertThat(stay.plan().lessons().get(1))
                .extracting(s -> s.activity().key())
                .containsOnlyOnce("two");
    }

    private static Activity drill(String key, int level) {
        return activity(key, LessonPhase.PRACTISE, LessonPhase.TEACH)
                .of(ROLL, level)
                .build();
    }

    @Test
    void whatIsLockedStaysAndIsNamed() {
        Plan plan = plan("two", "four", true);
        Steer stay = steer(plan, Step.STAY);
        assertThat(stay.plan()).isSameAs(plan);
        assertThat(stay.reasons()).singleElement().asString().contains("locked: lesson 2, four (level 4)");
    }

    @Test
    void aSkillOfNoLessonToComeIsNamed() {
        UnitProblem rolling = problem;
        Plan plan = Reading.of(
                rolling, new Candidates(rolling), List.of(lesson(0, "two", false), lesson(1, "hands", false)));
        assertThat(steer(plan, Step.STAY).reasons()).singleElement().asString().contains("is in no lesson to come");
    }

    @Test
    void whatIsOnTheLowestRungThatFitsIsMadeEasier() {
        Lever distance = Made.distance(1, 2, 3, 4);
        Wishes noOtherGame = new Wishes(
                Wishes.Order.INTERLEAVED,
                null,
                Set.of("roll-game1", "roll-game2", "roll-game3", "roll-game4", "roll-game5", "roll-game6"));
        UnitProblem games = taughtFirst(Made.problem(
                8,
                24,
                2,
                30,
                Map.of(),
                noOtherGame,
                activity("one", LessonPhase.PRACTISE, LessonPhase.TEACH)
                        .of(ROLL, 1)
                        .build(),
                activity("harbour", LessonPhase.PLAY)
                        .of(ROLL, 3)
                        .lever(distance)
                        .build()));
        List<List<Choice>> rows = new ArrayList<>();
        for (int lesson = 0; lesson < 2; lesson++) {
            List<Choice> row = new ArrayList<>();
            for (String key : List.of("warm1", "one", "harbour", "close1"))
                row.add(Choice.of(
                        "s" + lesson + key,
                        EnumSet.copyOf(games.knowHow().activity(key).phases()),
                        key,
                        key.equals("harbour") ? 1 : 0));
            rows.add(row);
        }
        Candidates candidates = new Candidates(games);
        Plan plan = Reading.of(games, candidates, rows);
        Steer back = Steer.of(plan, candidates, Map.of("roll", Step.BACK));
        Segment game = back.plan().lessons().get(1).get(2);
        assertThat(game.activity().key()).isEqualTo("harbour");
        assertThat(game.setting()).isZero();
        assertThat(game.locked()).isTrue();
        assertThat(back.reasons()).anyMatch(r -> Lengths.plain(r).contains("is the lowest that fits, 2 m"));
        assertThat(Steer.of(back.plan(), candidates, Map.of("roll", Step.BACK)).reasons())
                .anyMatch(r -> r.startsWith("Left in lesson 2"));
    }
}
