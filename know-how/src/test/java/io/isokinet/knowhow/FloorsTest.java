package io.isokinet.knowhow;

import static io.isokinet.knowhow.Fixtures.KNOW_HOW;
import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.lesson.Floors;
import io.isokinet.core.place.Fixture;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Every shipped activity on its floor: a hall with a piano, a yard, a field; classes of every size. */
class FloorsTest {
    private static final List<Place> PLACES = List.of(
            new Place(
                    "the hall",
                    new Length(17),
                    new Length(9.5),
                    new Length(4.8),
                    Place.Floor.WOOD,
                    14,
                    List.of(
                            new Fixture(Fixture.Kind.WALL, "wall", 1.5, 0, 12, 0),
                            new Fixture(Fixture.Kind.DOOR, "door", 0, 3.8, 0, 1.9),
                            new Fixture(Fixture.Kind.HAZARD, "piano", 0.6, 7.8, 1.6, 1.1))),
            new Place("the yard", new Length(28), new Length(18), null, Place.Floor.TARMAC, 18),
            new Place("the field", new Length(50), new Length(30), null, Place.Floor.GRASS, 0));

    private static final int[] CHILDREN = {15, 22, 27, 31, 34};
    private static final int[] AGES = {5, 8, 11};
    private static final boolean FULL = Boolean.getBoolean("isokinet.full-sweeps");

    @Test
    void everyActivityThatFitsIsDrawnWithEverybodyOnce() {
        Map<Item, Integer> plenty = KNOW_HOW.items().stream().collect(Collectors.toMap(i -> i, i -> 120));
        Map<Formation, Integer> drawn = new EnumMap<>(Formation.class);
        Map<String, Integer> tight = new TreeMap<>();
        int all = 0;
        for (int p = 0; p < PLACES.size(); p++)
            for (int c = 0; c < CHILDREN.length; c++)
                for (int a = 0; a < AGES.length; a++) {
                    // Every pair of place, size and age; the full product is for bin/bench sweeps.
                    if (!FULL && a != (p + c) % AGES.length) continue;
                    Place place = PLACES.get(p);
                    int children = CHILDREN[c];
                    int age = AGES[a];
                    Fitter fitter = new Fitter(KNOW_HOW, Cupboard.of(plenty), new Age(age), children);
                    for (Activity activity : KNOW_HOW.activities()) {
                        if (!(fitter.fit(activity, place) instanceof Fit.Works works)) continue;
                        FloorPlan plan = Floors.of(works, place, KNOW_HOW, null, List.of(1, 1, 1), Map.of());
                        assertThat(plan.spots())
                                .as("%s, %d in %s", activity.key(), children, place.name())
                                .hasSize(children);
                        drawn.merge(activity.grouping().formation(), 1, Integer::sum);
                        all++;
                        if (!plan.findings().isEmpty())
                            tight.merge(
                                    activity.key() + ": "
                                            + plan.findings().get(0).rule(),
                                    1,
                                    Integer::sum);
                    }
                }
        assertThat(all).isGreaterThan(FULL ? 8000 : 2700);
        // What does not fit is not drawn smaller: nothing is too short.
        assertThat(tight.keySet()).noneMatch(t -> t.contains("too-short"));
        assertThat(tight).as(tight.toString()).hasSizeLessThan(25);
        // Every formation that the pack uses was drawn.
        assertThat(drawn.keySet())
                .containsAll(KNOW_HOW.activities().stream()
                        .map(a -> a.grouping().formation())
                        .collect(Collectors.toSet()));
    }
}
