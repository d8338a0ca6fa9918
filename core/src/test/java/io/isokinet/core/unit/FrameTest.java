package io.isokinet.core.unit;

import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.cupboard;
import static io.isokinet.core.Made.knowHow;
import static io.isokinet.core.Made.problem;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.LessonPhase;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.unit.edit.Edit;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.Polish;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** What a planner has to fill, why it cannot, hints for the reading, polish, and spare minutes. */
class FrameTest {
    private static Frame frame(UnitProblem problem) {
        return new Frame(problem, new Candidates(problem), PlannerContract.ids());
    }

    private static UnitProblem with(int minutes, Wishes wishes, SortedMap<Integer, Choice> locks) {
        return new UnitProblem(
                new ClassProfile(new Age(8), 24),
                List.of(new LessonSlot(minutes, HALL, false)),
                List.of(new Target("roll", "roll/all"), new Target("catch", "catch/all")),
                Map.of(),
                Map.of(),
                knowHow(),
                cupboard(FOAM, 30),
                wishes,
                List.of(locks));
    }

    private static Choice locked(LessonPhase phase, String activity) {
        return Choice.of("l", Set.of(phase), activity, 0).withLocked(true);
    }

    @Test
    void everyFreeSlotHasOptionsAndTheRowsAreWhole() {
        Frame frame = frame(problem(2, 30));
        assertThat(frame.certificates()).isEmpty();
        assertThat(frame.slots()).allMatch(s -> !s.options().isEmpty());
        assertThat(frame.rows()).allMatch(r -> !r.isEmpty());
        assertThat(frame.slots().stream().map(s -> s.first().id())).doesNotHaveDuplicates();
    }

    @Test
    void aBannedActivityThatIsLockedIsSaid() {
        Wishes bans = new Wishes(Wishes.Order.INTERLEAVED, null, Set.of("warm1"));
        assertThat(frame(with(30, bans, new TreeMap<>(Map.of(0, locked(LessonPhase.WARM, "warm1")))))
                        .certificates())
                .contains("warm1 is locked in lesson 1 and banned; unlock it or take back the ban.");
    }

    @Test
    void whatIsBannedAndWouldServeIsNamed() {
        Wishes bans = new Wishes(Wishes.Order.INTERLEAVED, null, Set.of("close1", "close2"));
        assertThat(frame(with(30, bans, new TreeMap<>())).certificates())
                .anyMatch(c -> c.contains("take back the ban on close"));
    }

    @Test
    void theFewestWishesToGiveUpAreFoundByPuttingThemBackOneAtATime() {
        SortedMap<Integer, Choice> locks = new TreeMap<>(Map.of(0, locked(LessonPhase.WARM, "warm1")));
        Wishes bans = new Wishes(Wishes.Order.INTERLEAVED, null, Set.of("close1", "close2", "warm1"));
        List<String> why = frame(with(30, bans, locks)).whyNot();
        // One of the two closes is enough; the lock stays, so that the ban on what is locked goes.
        assertThat(why.get(why.size() - 1))
                .isEqualTo("It would work without the ban on close2 and the ban on warm1; all the rest of what you"
                        + " wished can stay.");
        assertThat(frame(with(30, Wishes.USUAL, new TreeMap<>())).whyNot()).isEmpty();
    }

    @Test
    void whereNoWishIsInTheWayNoneIsNamed() {
        assertThat(frame(with(6, Wishes.USUAL, new TreeMap<>())).whyNot())
                .singleElement()
                .asString()
                .contains("usable minutes");
    }

    @Test
    void moreMinutesThanAllTogetherCanTakeIsSaid() {
        SortedMap<Integer, Choice> locks = new TreeMap<>();
        Frame free = frame(with(30, Wishes.USUAL, locks));
        int position = 0;
        for (Choice choice : free.rows().get(0))
            locks.put(position++, choice.withLocked(true).withMinutes(3));
        assertThat(frame(with(30, Wishes.USUAL, locks)).certificates())
                .singleElement()
                .asString()
                .contains("Lesson 1 has 30 minutes, but the longest choice for each of its parts adds up to");
    }

    @Test
    void withoutALowestRungNothingCanStart() {
        UnitProblem base = problem(1, 30);
        UnitProblem steep = new UnitProblem(
                base.profile(),
                base.lessons(),
                List.of(new Target("roll", "roll/all")),
                Map.of(),
                Map.of(),
                base.knowHow()
                        .keeping(a -> a.rung() == null || a.isGame() || a.rung().level() > 2),
                base.cupboard(),
                Wishes.USUAL,
                List.of());
        assertThat(frame(steep).certificates())
                .singleElement()
                .asString()
                .contains("the lowest drill that fits is on level 3");
    }

    private static UnitProblem rolling(int lessons, int minutes, Predicate<Activity> keeping) {
        UnitProblem base = problem(lessons, minutes);
        return new UnitProblem(
                base.profile(),
                base.lessons(),
                List.of(new Target("roll", "roll/all")),
                Map.of(),
                Map.of(),
                base.knowHow().keeping(keeping),
                base.cupboard(),
                Wishes.USUAL,
                List.of());
    }

    /** One game carries three lessons; a fourth is asked about, and planned where it may come again. */
    @Test
    void whatWouldComeTooOftenIsAskedAboutAndMayBeAllowed() {
        Predicate<Activity> oneGame = a -> !a.isGame() || a.key().equals("roll-game1");
        assertThat(frame(rolling(3, 30, oneGame)).certificates()).isEmpty();
        Frame four = frame(rolling(4, 30, oneGame));
        assertThat(four.whyNot())
                .containsExactly(
                        "4 drills and 1 game fit here: enough for 3 lessons of 30 minutes before they come too often, and there are 4. Plan fewer lessons, add a skill, or get what other drills need.",
                        "It would work without the wish that nothing comes too often; all the rest of what you wished can stay.");
        assertThat(four.eased().wishes().repeats()).isTrue();
        assertThat(frame(four.eased()).certificates()).isEmpty();
    }

    /** One game of each skill carries three lessons that are its turn, six in all; mixed they carry as many as there are. */
    @Test
    void skillsThatComeInTurnEachCarryTheirOwnLessons() {
        Predicate<Activity> oneGameEach =
                a -> !a.isGame() || a.key().equals("roll-game1") || a.key().equals("catch-game1");
        assertThat(frame(inTurn(6, oneGameEach)).certificates()).isEmpty();
        assertThat(frame(inTurn(7, oneGameEach)).whyNot())
                .containsExactly(
                        "One skill after the other, what fits here is enough for so many lessons of 30 minutes before it comes too often: roll 3, catch 3. There are 7 of them. Plan fewer lessons, mix the skills, or get what other drills need.",
                        "It would work without the wish that nothing comes too often; all the rest of what you wished can stay.");
    }

    private static UnitProblem inTurn(int lessons, Predicate<Activity> keeping) {
        UnitProblem base = problem(lessons, 30);
        return new UnitProblem(
                base.profile(),
                base.lessons(),
                List.of(new Target("roll", "roll/all"), new Target("catch", "catch/all")),
                Map.of(),
                Map.of(),
                base.knowHow().keeping(keeping),
                base.cupboard(),
                new Wishes(Wishes.Order.BLOCKED, null, Set.of()),
                List.of());
    }

    /** A drill above the shape carries three of six lessons, the shape two: five in all. */
    @Test
    void workOnTheShapeCarriesTwoLessons() {
        Predicate<Activity> low =
                a -> a.isGame() || a.rung() == null || a.rung().level() <= 2;
        assertThat(frame(rolling(5, 30, low)).certificates()).isEmpty();
        assertThat(frame(rolling(6, 30, low)).certificates())
                .singleElement()
                .asString()
                .startsWith("2 drills and 4 games fit here: enough for 5 lessons of 30 minutes");
    }

    /** A game on level 4 wants three drills; a lesson of 30 minutes has two, and with leave to skip a level two are enough. */
    @Test
    void aFirstGameTooManyLevelsUpIsAskedAbout() {
        Predicate<Activity> high =
                a -> !a.isGame() || (a.rung() != null && a.rung().level() == 4);
        Frame frame = frame(rolling(3, 30, high));
        assertThat(frame.whyNot())
                .containsExactly(
                        "The first game that fits wants 3 drills on rising levels before it, and lesson 1 has room for 2. Take longer lessons, another skill beside it, or give leave to skip a level.",
                        "It would work without the wish to climb one level at a time; all the rest of what you wished can stay.");
        assertThat(frame(rolling(3, 40, high)).certificates()).isEmpty();
    }

    @Test
    void hintsSayHowManyCuesAndWhichFirst() {
        UnitProblem problem = problem(1, 40);
        Candidates candidates = new Candidates(problem);
        List<List<Choice>> rows = List.of(Drafts.lesson(problem, 0, "roll-drill1", "catch-drill1", "roll-game1"));
        Plan none = Reading.of(problem, candidates, rows, new Reading.Hints(new int[] {0}, List.of(), false));
        assertThat(none.all()).allMatch(s -> s.introduces().isEmpty());
        int x = candidates.targetCues().indexOf("catch/x");
        List<List<Integer>> leads = new ArrayList<>(List.of(List.of(), List.of(), List.of(x), List.of(), List.of()));
        Plan led = Reading.of(problem, candidates, rows, new Reading.Hints(new int[] {2}, List.of(leads), false));
        assertThat(led.all().get(2).introduces()).containsExactly("catch/x");
        assertThat(led.all().get(1).introduces()).containsExactly("roll/a");
    }

    @Test
    void polishNeverMakesAPlanWorseAndLeavesLocksAlone() {
        UnitProblem problem = problem(3, 30);
        Candidates candidates = new Candidates(problem);
        Frame frame = new Frame(problem, candidates, PlannerContract.ids());
        List<List<Choice>> rows = frame.rows();
        rows.get(0).set(2, rows.get(0).get(2).withLocked(true));
        Plan before = Reading.of(problem, candidates, rows);
        Outcome.Planned after = Polish.of(problem, candidates, frame.slots(), before, 500);
        assertThat(after.score()).isEqualTo(Rules.score(after.plan())).isLessThanOrEqualTo(Rules.score(before));
        assertThat(after.evaluations()).isBetween(1, 500);
        Choice locked = rows.get(0).get(2);
        assertThat(after.plan().segment(locked.id()).orElseThrow().activity().keys())
                .isEqualTo(locked.activity());
        assertThat(Polish.of(problem, candidates, List.of(), after.plan(), 500).score())
                .isLessThanOrEqualTo(after.score());
    }

    @Test
    void anEditLeavesTheCuesOfTheOthersUnlessReadingAnewIsBetter() {
        UnitProblem problem = problem(2, 30);
        Candidates candidates = new Candidates(problem);
        Plan before = ((Outcome.Planned) new ConstructivePlanner().plan(problem, PlannerContract.ids(), 500)).plan();
        Segment game = before.work().get(before.work().size() - 1);
        Plan after = Edit.read(before, candidates, new Edit.Swap(game.id(), ActivityKeys.of("roll-game3")));
        Plan anew = Reading.of(
                problem, candidates, Edit.apply(before, new Edit.Swap(game.id(), ActivityKeys.of("roll-game3"))));
        assertThat(Rules.score(after)).isLessThanOrEqualTo(Rules.score(anew));
        assertThat(after.segment(game.id()).orElseThrow().activity().key()).isEqualTo("roll-game3");
    }

    @Test
    void spareMinutesNeedNoNewKitAndAKnownCue() {
        UnitProblem problem = problem(3, 30);
        Candidates candidates = new Candidates(problem);
        Plan plan = ((Outcome.Planned) new ConstructivePlanner().plan(problem, PlannerContract.ids(), 500)).plan();
        List<SpareMinutes.Filler> fillers = SpareMinutes.fill(plan, candidates, 1, 5);
        assertThat(fillers).isNotEmpty();
        for (SpareMinutes.Filler f : fillers) {
            assertThat(f.candidate().activity().minutesLeast()).isLessThanOrEqualTo(5);
            assertThat(f.cues()).isNotEmpty();
        }
        assertThat(SpareMinutes.fill(plan, candidates, 1, 2)).isEmpty();
    }

    @Test
    void aMissedLessonIsCaughtUpCueByCue() {
        UnitProblem problem = problem(3, 30);
        Candidates candidates = new Candidates(problem);
        Plan plan = ((Outcome.Planned) new ConstructivePlanner().plan(problem, PlannerContract.ids(), 500)).plan();
        List<String> missed = plan.lessons().get(0).stream()
                .flatMap(s -> s.introduces().stream())
                .toList();
        assertThat(missed).isNotEmpty();
        List<SpareMinutes.Filler> found = SpareMinutes.catchUp(plan, candidates, 0, 1);
        assertThat(found.stream().flatMap(f -> f.cues().stream()))
                .doesNotHaveDuplicates()
                .isSubsetOf(missed);
        assertThat(found.get(0).reason()).startsWith("Lesson 1 introduced “");
    }
}
