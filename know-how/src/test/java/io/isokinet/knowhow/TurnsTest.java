package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.group.Groups;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Turn;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Need;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The tries that are counted beside those of a segment that is played through, event by event. */
class TurnsTest {
    private static final double SECONDS = 1200;
    private static final int RUNS = 5;
    /** Groups that are played at once, so that the pace of one child does not decide. */
    private static final int GROUPS = 12;

    private final List<Activity> activities =
            PackReader.read(PackFiles.shipped()).knowHow().activities();

    /** Every activity in which turns are taken; the children of its largest group, or of the class where all share things. */
    @ParameterizedTest
    @ValueSource(ints = {16, 27, 33})
    void theTriesThatAreCountedAreThoseThatAreHad(int children) {
        int many = 0;
        for (Activity activity : activities) {
            TurnCycle cycle = activity.cycle();
            if (cycle == null || cycle.seconds(0) == 0) continue;
            int group = largest(activity, children);
            double counted = turn(activity, group, children).milliTries() / 1000.0 * SECONDS / 60;
            double[] phases = {cycle.goes() * cycle.act(), cycle.fetch(), cycle.back(), cycle.reset()};
            double[] misses = new double[cycle.goes()];
            Arrays.fill(misses, cycle.miss());
            Sharing sharing = sharing(activity, group, children);
            double had = TurnSimulation.median(sharing.children, sharing.atOnce, phases, misses, SECONDS, RUNS, 7)
                    * cycle.goes()
                    * activity.triesPerTurn();
            assertThat(counted / had)
                    .as("%s, %d in a group, %d in the class", activity.name(), group, children)
                    .isCloseTo(1, within(0.05));
            many++;
        }
        assertThat(many).isGreaterThan(250);
    }

    private static Turn turn(Activity activity, int group, int children) {
        return switch (activity.grouping().formation()) {
            case TWO_SIDES, SCRAMBLE, GATHERED, SCATTER, CROSSING ->
                Turn.of(activity, activity.needs(), TurnCycle.USUALLY_MISSED, 1, children, 1);
            case LANES, FILES, WALL, RELAY, ROLES, STATIONS, PAIRS, CIRCLE ->
                Turn.of(activity, activity.needs(), TurnCycle.USUALLY_MISSED, GROUPS, GROUPS * group, 1);
        };
    }

    private static int largest(Activity activity, int children) {
        List<Integer> counts = Groups.counts(activity.grouping(), children);
        if (counts.isEmpty()) return Math.min(children, activity.grouping().most());
        int usual =
                Math.max(1, Math.round((float) children / activity.grouping().usual()));
        int groups = counts.stream()
                .min((a, b) -> Math.abs(a - usual) - Math.abs(b - usual))
                .orElseThrow();
        return Groups.sizes(children, groups).get(0);
    }

    /** So many children, of whom so many can have a turn at once. */
    private record Sharing(int children, int atOnce) {}

    private static Sharing sharing(Activity activity, int group, int children) {
        return switch (activity.grouping().formation()) {
            case LANES, FILES, WALL, RELAY, ROLES, STATIONS -> new Sharing(GROUPS * group, GROUPS);
            case PAIRS -> new Sharing(GROUPS * group, GROUPS * (activity.cycle().acts() == TurnCycle.Acts.ONE ? 1 : 2));
            case CIRCLE -> new Sharing(GROUPS * group, GROUPS * things(activity, Need.Per.GROUP, group));
            case TWO_SIDES, SCRAMBLE -> new Sharing(children, things(activity, Need.Per.CLASS, children));
            case GATHERED, SCATTER, CROSSING -> new Sharing(children, children);
        };
    }

    private static int things(Activity activity, Need.Per per, int sharers) {
        int things = activity.needs().stream()
                .filter(n -> n.role() == Need.Role.SENT && n.per() == per)
                .mapToInt(Need::count)
                .sum();
        return things == 0 ? sharers : Math.min(sharers, things);
    }

    /**
     * By hand: six seconds to act, two to reset, and five more for two tries of five: 10 s; one of a pair at a time: 60 / 10 / 2, and
     * 60 / 10 / 3 in a three.
     */
    @Test
    void ofAPairInWhichOneActsTheOtherHasNoTries() {
        Activity feed = activity("step-and-reach");
        assertThat(feed.cycle()).isEqualTo(new TurnCycle(6, 0, 0, 2, 5, 1, TurnCycle.Acts.ONE));
        assertThat(turn(feed, 2, 24).milliTries()).isEqualTo(3000);
        assertThat(turn(feed, 3, 24).milliTries()).isEqualTo(2000);
        assertThat(turn(feed, 2, 24).waitingPercent()).isEqualTo(50);
        Activity both = activity("ferry-passes");
        assertThat(both.grouping().formation()).isEqualTo(Formation.PAIRS);
        assertThat(turn(both, 2, 24).milliTries()).isEqualTo(Math.round(60_000f / 7.2f));
        assertThat(turn(both, 2, 24).waitingPercent()).isZero();
    }

    /** By hand: three kicks of four seconds, five to fetch and three back are 20 s for three tries, which four in a lane share. */
    @Test
    void aTurnOfSeveralGoesCountsEachOfThem() {
        Activity three = activity("beyond-the-buoys");
        assertThat(three.cycle().goes()).isEqualTo(3);
        assertThat(three.cycle().seconds(0)).isEqualTo(20);
        assertThat(turn(three, 4, 24).milliTries()).isEqualTo(2250);
    }

    /** By hand: a turn of 5 s and 5 s for what is missed gives 12 tries a minute where all succeed, 6 where none do. */
    @Test
    void whoMissesMoreHasFewerTries() {
        Activity one = activity("drop-and-cup");
        assertThat(one.cycle()).isEqualTo(new TurnCycle(5, 0, 0, 0, 5, 1, TurnCycle.Acts.USUAL));
        assertThat(Turn.of(one, one.needs(), 0, 1, 1, 1).milliTries()).isEqualTo(12_000);
        assertThat(Turn.of(one, one.needs(), 1, 1, 1, 1).milliTries()).isEqualTo(6_000);
        Asked hard = Asked.of(one, Asked.steps(one) - 1);
        Asked easy = Asked.of(one, 0);
        assertThat(tries(hard)).isLessThan(tries(easy));
    }

    /** By hand: a turn of 6 s at a hold of two counts is 5 s at one count and 8 s at four: 12, 10 and 7.5 tries a minute. */
    @Test
    void whatIsHeldLongerIsTriedLessOften() {
        Activity hop = activity("hop-and-hold");
        assertThat(hop.cycle()).isEqualTo(new TurnCycle(6, 0, 0, 0));
        assertThat(IntStream.range(0, 3).mapToObj(i -> tries(Asked.of(hop, i)))).containsExactly(12_000, 10_000, 7_500);
    }

    private int tries(Asked asked) {
        Task task = Task.of(
                asked,
                new Age(6),
                Place.Floor.WOOD,
                asked.needs(),
                List.of(),
                Fixtures.KNOW_HOW,
                Cupboard.EMPTY,
                false);
        return Turn.of(task, 1, 1, 1).milliTries();
    }

    private Activity activity(String key) {
        return activities.stream().filter(a -> a.key().equals(key)).findFirst().orElseThrow();
    }
}
