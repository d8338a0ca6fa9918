package io.isokinet.core.nextstep;

import static io.isokinet.core.Made.HALL;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Gathering;
import io.isokinet.core.group.Places;
import io.isokinet.core.nextstep.Stands.Swap;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Vantage;
import io.isokinet.core.space.FloorPlanner;
import io.isokinet.core.space.FloorTask;
import io.isokinet.core.space.FloorTask.Sending;
import io.isokinet.core.space.FloorTask.Way;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class StandsTest {
    private static FloorPlan floor(Formation formation, Seen view, Integer... sizes) {
        return FloorPlanner.of(new FloorTask(
                HALL,
                new SpaceNeed(8, 2, null),
                formation,
                List.of(sizes),
                List.of(),
                new Sending(Way.ROLLED, 3.0, 1, false),
                List.of(),
                List.of(),
                Gathering.START_LINE,
                view,
                Side.RIGHT,
                Map.of(),
                1,
                null));
    }

    private static final FloorPlan LANES = floor(Formation.LANES, Seen.BEHIND, 4, 4, 4, 4, 4, 4, 3);

    private static List<List<String>> groups(FloorPlan floor) {
        List<List<String>> groups = new ArrayList<>();
        for (FloorPlan.Area a : floor.areas()) {
            List<String> children = new ArrayList<>();
            floor.spots().stream()
                    .filter(s -> s.group() == a.group() && s.does() != Spot.Does.SCORES)
                    .forEach(s -> children.add("%d.%d".formatted(a.group(), s.place())));
            groups.add(children);
        }
        return groups;
    }

    @Test
    void aPlaceToWatchFromIsOutsideTheLanesAndSeesWhoIsNearFromTheRightSide() {
        assertThat(LANES.vantages()).isNotEmpty();
        for (Vantage v : LANES.vantages()) {
            assertThat(LANES.areas()).noneMatch(a -> a.rect().holds(v.at()));
            assertThat(LANES.closed()).noneMatch(c -> c.holds(v.at()));
            for (int g : v.groups())
                for (Spot s : LANES.spots())
                    if (s.group() == g && s.does() == Spot.Does.ACTS)
                        assertThat(s.at().to(v.at())).isLessThanOrEqualTo(7);
        }
        assertThat(LANES.vantages()).extracting(Vantage::groups).doesNotHaveDuplicates();
        assertThat(floor(Formation.SCATTER, Seen.SIDE, 20).vantages()).isEmpty();
    }

    @Test
    void theFirstSpotIsBeforeMostOfTheLooksAndAllOfThemAreCounted() {
        Map<String, Integer> looks = Map.of("0.0", 2, "0.1", 1, "6.0", 5, "5.2", 4);
        Stands stands = Stands.of(LANES, groups(LANES), looks);
        assertThat(stands.looks()).isEqualTo(12);
        assertThat(stands.stands().get(0).groups()).contains(5, 6);
        assertThat(stands.fromOne()).isGreaterThanOrEqualTo(9);
        assertThat(stands.stands().stream().mapToInt(Stands.Stand::looks).sum()).isEqualTo(12);
        assertThat(stands.reason()).startsWith("9, then 3 of 12 looks from 2 spots.");
    }

    @Test
    void groupsOfOneSizeChangePlacesWhereThatBringsMoreBeforeOneSpot() {
        Map<String, Integer> looks = new HashMap<>(Map.of("0.0", 3, "5.0", 4, "6.0", 6));
        // What is seen from each spot is told, so that the floor's own measures do not decide.
        FloorPlan floor = seen(List.of(0, 1, 2), List.of(4, 5, 6));
        Stands stands = Stands.of(floor, groups(LANES), looks);
        assertThat(stands.fromOne()).isEqualTo(10);
        assertThat(stands.swaps()).containsExactly(new Swap(0, 4));
        assertThat(stands.afterSwaps()).isEqualTo(13);
        assertThat(stands.reason()).isEqualTo("10, then 3 of 13 looks from 2 spots. With places changed, 13 from one.");
        // One look is not worth going to another spot or changing places for.
        Stands one = Stands.of(floor, groups(LANES), Map.of("0.0", 1, "5.0", 4));
        assertThat(one.stands()).hasSize(1);
        assertThat(one.swaps()).isEmpty();
        assertThat(one.reason()).isEqualTo("4 of 5 looks from one spot.");
        // The three cannot stand where four do.
        looks.put("6.0", 20);
        Stands three = Stands.of(seen(List.of(0, 1, 2), List.of(5)), groups(LANES), looks);
        assertThat(three.swaps()).noneMatch(s -> s.group() == 6);
    }

    /** A second change on top of a first: taken up in any order it leads to the same. */
    @Test
    void placesHoldInWhateverOrderTheyAreTakenUp() {
        List<List<String>> cut = groups(LANES);
        Stands first = Stands.of(seen(List.of(0, 1, 2), List.of(4, 5, 6)), cut, Map.of("0.0", 3, "5.0", 4, "6.0", 6));
        Map<String, Integer> once = first.places(cut, Set.of());
        assertThat(once).containsExactly(Map.entry("0.0", 4), Map.entry("4.0", 0));
        List<List<String>> now = Places.changed(cut, once);
        assertThat(now.get(4)).contains("0.0");
        Stands second = Stands.of(seen(List.of(2, 3)), now, Map.of("0.0", 5, "2.0", 6));
        assertThat(second.swaps()).containsExactly(new Swap(4, 3));
        Map<String, Integer> twice = second.places(now, once.keySet());
        List<List<String>> then = Places.changed(cut, twice);
        assertThat(then.get(3)).contains("0.0");
        assertThat(then.get(4)).contains("3.0");
        assertThat(then.get(0)).contains("4.0");
        for (List<String> order : List.of(List.copyOf(twice.keySet()), reversed(twice.keySet()))) {
            List<List<String>> step = cut;
            for (String child : order) step = Places.changed(step, Map.of(child, twice.get(child)));
            assertThat(step).isEqualTo(then);
        }
    }

    private static List<String> reversed(Set<String> children) {
        List<String> all = new ArrayList<>(children);
        Collections.reverse(all);
        return all;
    }

    @Test
    void whereNobodyKeepsAPlaceNoneIsSaid() {
        Stands stands = Stands.of(seen(), groups(LANES), Map.of("0.0", 2));
        assertThat(stands.stands()).isEmpty();
        assertThat(stands.swaps()).isEmpty();
        assertThat(stands.reason()).startsWith("Nobody keeps a place here");
        assertThat(Stands.of(LANES, groups(LANES), Map.of()).stands()).isEmpty();
    }

    @SafeVarargs
    private static FloorPlan seen(List<Integer>... groups) {
        List<Vantage> vantages = new ArrayList<>();
        for (List<Integer> g : groups) vantages.add(new Vantage(LANES.teacher(), g));
        return new FloorPlan(
                LANES.length(),
                LANES.width(),
                LANES.areas(),
                LANES.spots(),
                LANES.lines(),
                LANES.things(),
                LANES.closed(),
                LANES.teacher(),
                vantages,
                null,
                LANES.findings(),
                LANES.reasons());
    }

    @Test
    void aGroupIsGivenThePlaceOfAnotherOfItsSizeOnly() {
        List<List<String>> groups = List.of(List.of("a", "b"), List.of("c", "d"), List.of("e", "f", "g"));
        assertThat(Places.changed(groups, Map.of("d", 0)))
                .containsExactly(List.of("c", "d"), List.of("a", "b"), List.of("e", "f", "g"));
        assertThat(Places.changed(groups, Map.of("e", 0))).isEqualTo(groups);
        assertThat(Places.changed(groups, Map.of("nobody", 0, "a", 9))).isEqualTo(groups);
        assertThat(Places.changed(groups, Collections.emptyMap())).isEqualTo(groups);
    }
}
