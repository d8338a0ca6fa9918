package io.isokinet.core.unit;

import static io.isokinet.core.Made.ROLL;
import static io.isokinet.core.Made.activity;
import static io.isokinet.core.Made.problem;
import static io.isokinet.core.unit.Drafts.lesson;
import static io.isokinet.core.unit.Drafts.read;
import static io.isokinet.core.unit.Drafts.replaced;
import static io.isokinet.core.unit.Drafts.with;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.LessonPhase;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ReadingTest {
    private final UnitProblem problem = problem(2, 30);

    private static List<Segment> work(Plan plan) {
        return plan.work();
    }

    @Test
    void fillsTheLessonToTheMinute() {
        for (int minutes = 20; minutes <= 40; minutes++) {
            UnitProblem each = problem(1, minutes);
            Plan plan = read(each, lesson(each, 0, "roll-drill1", "roll-game1", "catch-drill1", "catch-game1"));
            assertThat(plan.segments().mapToInt(Segment::minutes).sum()).isEqualTo(minutes);
        }
    }

    @Test
    void practiceAndPlayGrowBeforeTalk() {
        Plan plan = read(problem, lesson(problem, 0, "roll-drill1", "roll-game1"), lesson(problem, 1, "roll-drill1"));
        List<Segment> first = plan.lessons().get(0);
        assertThat(first.get(1).minutes()).isGreaterThan(first.get(0).minutes());
    }

    @Test
    void fixedMinutesStayAndTheRestFlows() {
        List<Choice> row = lesson(problem, 0, "roll-drill1", "roll-game1");
        Plan plan = read(problem, replaced(row, 1, with(row.get(1), 5, null, null)), lesson(problem, 1, "roll-drill1"));
        assertThat(plan.lessons().get(0).get(1).minutes()).isEqualTo(5);
        assertThat(plan.lessons().get(0).stream().mapToInt(Segment::minutes).sum())
                .isBetween(20, 30);
    }

    @Test
    void introducesCuesInOrderAndFocusesOnThem() {
        Plan plan = read(
                problem,
                lesson(problem, 0, "roll-drill1", "roll-drill2", "roll-game1"),
                lesson(problem, 1, "roll-drill2"));
        List<Segment> work = work(plan);
        assertThat(work.get(0).introduces()).containsExactly("roll/a");
        assertThat(work.get(1).introduces()).startsWith("roll/b");
        assertThat(work.get(2).introduces()).isEmpty();
        assertThat(work.get(2).focus()).hasSize(2);
        assertThat(plan.leftOver()).contains("catch/x").doesNotContain("roll/a", "roll/b");
    }

    @Test
    void gamesIntroduceNothing() {
        Plan plan = read(problem, lesson(problem, 0, "roll-game1"), lesson(problem, 1, "roll-game1"));
        assertThat(plan.segments().flatMap(s -> s.introduces().stream())).isEmpty();
    }

    @Test
    void whatWasTaughtBeforeIsOnlyRevisited() {
        UnitProblem known = problem(8, 24, 1, 30, Map.of("roll/a", new CueState(true, 90)), Wishes.USUAL);
        Plan plan = read(known, lesson(known, 0, "roll-drill1", "roll-game1"));
        assertThat(work(plan).get(0).introduces()).doesNotContain("roll/a").contains("roll/b");
    }

    @Test
    void theChangeIntoALayOutCostsTime() {
        UnitProblem set = problem(
                1,
                30,
                activity("cones", LessonPhase.PRACTISE, LessonPhase.TEACH)
                        .of(ROLL, 1)
                        .layout("cones", 90)
                        .build(),
                activity("cones-game", LessonPhase.PLAY)
                        .of(ROLL, 1)
                        .layout("cones", 90)
                        .build());
        List<Segment> work = work(read(set, lesson(set, 0, "cones", "cones-game")));
        assertThat(work.get(0).changeSeconds()).isEqualTo(90);
        assertThat(work.get(1).changeSeconds()).isZero();
        int freeze = 40 * work.get(0).introduces().size();
        // Telling it takes what eight-year-olds listen to.
        assertThat(work.get(0).tries()).isEqualTo((work.get(0).minutes() * 60 - 90 - freeze - 40) * 8571 / 60_000);
    }

    @Test
    void theSameChoicesGiveTheSamePlan() {
        List<Choice> a = lesson(problem, 0, "roll-drill1", "catch-drill1", "roll-game1");
        List<Choice> b = lesson(problem, 1, "roll-drill2", "catch-game1");
        assertThat(read(problem, a, b).lessons()).isEqualTo(read(problem, a, b).lessons());
    }

    /** A plan with everything fixed reads as itself. */
    @Test
    void fixedChoicesReadAsThemselves() {
        Plan plan = read(
                problem,
                lesson(problem, 0, "roll-drill1", "catch-drill1", "roll-game1"),
                lesson(problem, 1, "roll-drill2"));
        Plan again = Reading.of(problem, new Candidates(problem), plan.fixed());
        assertThat(again.lessons().stream()
                        .flatMap(List::stream)
                        .map(Choice::fixed)
                        .toList())
                .isEqualTo(plan.segments().map(Choice::fixed).toList());
    }

    @Test
    void watchesTheCueThatWasWatchedLeast() {
        Plan plan = read(
                problem,
                lesson(problem, 0, "roll-drill1", "roll-drill2"),
                lesson(problem, 1, "roll-drill2", "roll-game1"));
        List<String> watched = work(plan).stream().map(Segment::watch).toList();
        assertThat(watched.get(0)).isEqualTo("roll/a");
        assertThat(watched.get(1)).isEqualTo("roll/b");
    }

    @Test
    void whatAUnitDoesForACueIsAddedUp() {
        UnitProblem four = problem(4, 30);
        Plan plan = Drafts.read(
                four,
                Drafts.lesson(four, 0, "roll-drill1", "roll-game1"),
                Drafts.lesson(four, 1, "catch-drill1", "catch-game1"),
                Drafts.lesson(four, 2, "catch-drill1", "catch-game1"),
                Drafts.lesson(four, 3, "roll-drill1", "roll-game1"));
        String cue = plan.lessons().get(0).get(1).focus().get(0);
        CueTotals totals = CueTotals.of(plan, cue);
        assertThat(totals.lessons()).isEqualTo(2);
        assertThat(totals.gap()).isEqualTo(2);
        assertThat(totals.exposures()).isEqualTo(plan.meeting(cue).size());
        assertThat(totals.looks())
                .isEqualTo(plan.all().stream()
                        .filter(s -> cue.equals(s.watch()))
                        .mapToInt(Segment::looks)
                        .sum());
        assertThat(CueTotals.of(plan, "none")).isEqualTo(new CueTotals(0, 0, 0, 0));
    }

    @Test
    void aCueThatWaitsHasItsReason() {
        UnitProblem one = problem(1, 30);
        Plan plan = Drafts.read(one, Drafts.lesson(one, 0, "roll-drill1", "roll-game1"));
        assertThat(plan.leftOver()).isNotEmpty();
        for (String cue : plan.leftOver()) {
            String call = one.knowHow().cue(cue).call();
            boolean builds = one.knowHow().cue(cue).prerequisites().stream().anyMatch(plan.leftOver()::contains);
            boolean hosted =
                    plan.work().stream().anyMatch(s -> s.activity().hosts().contains(cue));
            assertThat(Reasons.waits(plan, cue))
                    .contains("“%s”".formatted(call))
                    .contains(
                            builds
                                    ? "which waits too"
                                    : hosted
                                            ? "at most 3 are new in a lesson; taken are “"
                                            : "No drill or game up to lesson 1");
        }
        assertThat(plan.leftOver()).anyMatch(c -> Reasons.waits(plan, c).contains("No drill or game"));
    }

    /** A change in one lesson leaves those before it as they were read; what is told is what a reading from the start tells. */
    @Test
    void readingOnTellsWhatReadingFromTheStartTells() {
        UnitProblem eight = problem(8, 30);
        Candidates candidates = new Candidates(eight);
        Frame frame = new Frame(eight, candidates, PlannerContract.ids());
        List<List<Choice>> rows = frame.rows();
        Reading.Onward onward = new Reading.Onward(eight, candidates);
        Random random = new Random(20);
        int[] newCues = new int[8];
        int rounds = 400;
        for (int round = 0; round < rounds; round++) {
            Frame.Slot slot = frame.slots().get(random.nextInt(frame.slots().size()));
            rows.get(slot.lesson())
                    .set(
                            slot.position(),
                            slot.with(slot.options()
                                    .get(random.nextInt(slot.options().size()))));
            if (round % 5 == 0) newCues[random.nextInt(8)] = random.nextInt(3);
            Reading.Hints hints = round % 50 < 40
                    ? new Reading.Hints(newCues.clone(), List.of(), round % 50 < 30)
                    : Reading.Hints.PLANNING;
            int upTo = round % 7 == 0 ? 1 + random.nextInt(8) : 8;
            List<List<Choice>> read = rows.subList(0, upTo);
            Plan on = onward.of(read, hints);
            Plan whole = Reading.of(eight, candidates, read, hints);
            assertThat(on.all()).isEqualTo(whole.all());
            assertThat(on.leftOver()).isEqualTo(whole.leftOver());
        }
        assertThat(onward.lessons()).isLessThan(rounds * 8 * 3 / 4);
    }
}
