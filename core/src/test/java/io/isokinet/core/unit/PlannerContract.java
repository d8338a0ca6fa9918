package io.isokinet.core.unit;

import static io.isokinet.core.Made.FOAM;
import static io.isokinet.core.Made.HALL;
import static io.isokinet.core.Made.cupboard;
import static io.isokinet.core.Made.knowHow;
import static io.isokinet.core.Made.problem;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.quantity.Age;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.core.unit.search.UnitPlanner;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

/** What every planner keeps to. */
public abstract class PlannerContract {
    protected abstract UnitPlanner planner();

    protected static Supplier<String> ids() {
        AtomicInteger next = new AtomicInteger();
        return () -> "s" + next.incrementAndGet();
    }

    final Outcome.Planned planned(UnitProblem problem) {
        Outcome outcome = planner().plan(problem, ids(), 2000);
        assertThat(outcome).as(outcome.toString()).isInstanceOf(Outcome.Planned.class);
        return (Outcome.Planned) outcome;
    }

    private List<String> impossible(UnitProblem problem) {
        Outcome outcome = planner().plan(problem, ids(), 2000);
        assertThat(outcome).isInstanceOf(Outcome.Impossible.class);
        return ((Outcome.Impossible) outcome).reasons();
    }

    @Test
    final void breaksNoHardRule() {
        for (int lessons : new int[] {1, 2, 4, 6})
            for (int minutes : new int[] {20, 30, 40, 60})
                assertThat(planned(problem(lessons, minutes)).score().hard())
                        .as("%d lessons of %d minutes", lessons, minutes)
                        .isZero();
    }

    @Test
    final void breaksNoMediumRuleWhereThereIsEnoughToChooseFrom() {
        assertThat(planned(problem(4, 30)).score().medium()).isZero();
    }

    @Test
    final void givesTheSamePlanForTheSameProblem() {
        assertThat(planned(problem(4, 30)).plan().fixed())
                .isEqualTo(planned(problem(4, 30)).plan().fixed());
    }

    @Test
    final void givesEverySegmentItsOwnId() {
        assertThat(planned(problem(4, 30)).plan().segments().map(Segment::id)).doesNotHaveDuplicates();
    }

    @Test
    final void theScoreIsTheRulesScoreOfThePlan() {
        Outcome.Planned result = planned(problem(4, 30));
        assertThat(Rules.score(result.plan())).isEqualTo(result.score());
    }

    @Test
    final void keepsWhatIsLocked() {
        Plan before = planned(problem(3, 30)).plan();
        Segment kept = before.lessons().get(1).get(2);
        UnitProblem base = problem(3, 30);
        List<SortedMap<Integer, Choice>> locks = none(3);
        locks.set(1, new TreeMap<>(Map.of(2, Choice.fixed(kept).withLocked(true))));
        Plan after = planned(with(base, base.lessons(), locks)).plan();
        Segment same = after.segment(kept.id()).orElseThrow();
        assertThat(same.activity()).isEqualTo(kept.activity());
        assertThat(same.lesson()).isEqualTo(1);
        assertThat(same.position()).isEqualTo(2);
        assertThat(same.minutes()).isEqualTo(kept.minutes());
        assertThat(Rules.score(after).hard()).isZero();
    }

    @Test
    final void neverChangesATaughtLesson() {
        UnitProblem base = problem(3, 30);
        Plan before = planned(base).plan();
        List<LessonSlot> slots = new ArrayList<>(base.lessons());
        slots.set(0, new LessonSlot(30, HALL, true));
        List<SortedMap<Integer, Choice>> locks = none(3);
        SortedMap<Integer, Choice> all = new TreeMap<>();
        // Ids of their own, since the planner gives out the same ones again here.
        for (Choice c : before.fixed().get(0))
            all.put(
                    all.size(),
                    new Choice(
                            "kept" + all.size(),
                            c.phases(),
                            c.activity(),
                            c.setting(),
                            c.locked(),
                            c.minutes(),
                            c.introduces(),
                            c.focus(),
                            c.watch()));
        locks.set(0, all);
        Plan after = planned(with(base, slots, locks)).plan();
        assertThat(after.fixed().get(0)).isEqualTo(List.copyOf(all.values()));
    }

    @Test
    final void doesNotUseWhatIsBanned() {
        Wishes wishes = new Wishes(Wishes.Order.INTERLEAVED, null, Set.of("warm1", "roll-drill1"));
        Plan plan = planned(problem(8, 24, 2, 30, Map.of(), wishes)).plan();
        assertThat(plan.segments().map(s -> s.activity().key())).doesNotContain("warm1");
    }

    @Test
    final void saysWhichPartHasNoActivity() {
        Wishes wishes = new Wishes(Wishes.Order.INTERLEAVED, null, Set.of("warm1", "warm2"));
        assertThat(impossible(problem(8, 24, 2, 30, Map.of(), wishes)).get(0))
                .startsWith("Lesson 1 needs a warm-up and no activity fits");
    }

    @Test
    final void saysWhenALessonIsTooShort() {
        assertThat(impossible(problem(1, 14)))
                .singleElement()
                .asString()
                .contains("14 usable minutes")
                .contains("at least 15");
    }

    @Test
    final void saysWhenTheShortestChoicesDoNotFit() {
        UnitProblem base = problem(1, 20);
        Choice longWarm = Choice.of("w", Set.of(io.isokinet.core.activity.LessonPhase.WARM), "warm1", 0)
                .withLocked(true)
                .withMinutes(15);
        assertThat(impossible(with(base, base.lessons(), List.of(new TreeMap<>(Map.of(0, longWarm)))))
                        .get(0))
                .contains("has 20 minutes, but the shortest choice");
    }

    @Test
    final void saysWhatEmptiedAPart() {
        UnitProblem toddlers = new UnitProblem(
                new ClassProfile(new Age(3), 20),
                List.of(new LessonSlot(30, HALL, false)),
                List.of(new Target("roll", "roll/all")),
                Map.of(),
                Map.of(),
                knowHow(),
                cupboard(FOAM, 30),
                Wishes.USUAL,
                List.of());
        assertThat(impossible(toddlers)).allMatch(r -> r.contains("is for ages 4 to 12; this class is 3."));
    }

    private static List<SortedMap<Integer, Choice>> none(int lessons) {
        return new ArrayList<>(Collections.nCopies(lessons, new TreeMap<>()));
    }

    private static UnitProblem with(UnitProblem base, List<LessonSlot> slots, List<SortedMap<Integer, Choice>> locks) {
        return new UnitProblem(
                base.profile(),
                slots,
                base.targets(),
                base.cues(),
                base.reached(),
                base.knowHow(),
                base.cupboard(),
                base.wishes(),
                locks);
    }
}
