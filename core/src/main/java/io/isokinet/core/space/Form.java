package io.isokinet.core.space;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.group.Groups;
import io.isokinet.core.place.SpaceNeed;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/**
 * What a formation does on a floor: how much of it a group wants, how it is said, how it is drawn. A new formation is its facts in
 * {@link Formation}, its class that draws it, and its line here.
 */
public final class Form {
    private static final Map<Formation, Form> ALL = new EnumMap<>(Map.ofEntries(
            entry(
                    Formation.GATHERED,
                    LaneLength::asItSays,
                    (n, sizes, how) -> "all %d together".formatted(n),
                    GatheredSketch::new),
            entry(
                    Formation.SCATTER,
                    LaneLength::asItSays,
                    (n, sizes, how) -> "%d scattered, %s".formatted(n, how),
                    SpreadSketch::new),
            entry(Formation.WALL, LaneLength::wall, Form::wall, WallSketch::new),
            entry(Formation.PAIRS, LaneLength::pair, (n, sizes, how) -> pairs(sizes) + ", " + how, PairSketch::new),
            entry(
                    Formation.CIRCLE,
                    LaneLength::asItSays,
                    (n, sizes, how) -> "one circle of %d".formatted(n),
                    RingSketch::new),
            entry(Formation.LANES, LaneLength::lane, groups("lanes"), LaneSketch::new),
            entry(Formation.FILES, LaneLength::asItSays, groups("files"), FileSketch::new),
            entry(
                    Formation.TWO_SIDES,
                    LaneLength::asItSays,
                    (n, sizes, how) -> Groups.words("sides", sizes),
                    TwoSidesSketch::new),
            entry(Formation.RELAY, LaneLength::lane, groups("relay files"), LaneSketch::new),
            entry(Formation.ROLES, LaneLength::ring, groups("groups"), PartsSketch::new),
            entry(
                    Formation.STATIONS,
                    LaneLength::asItSays,
                    (n, sizes, how) -> Groups.words("stations", sizes),
                    StationSketch::new),
            entry(
                    Formation.CROSSING,
                    LaneLength::asItSays,
                    (n, sizes, how) -> "all %d cross, %s".formatted(n, how),
                    CrossingSketch::new),
            entry(
                    Formation.SCRAMBLE,
                    LaneLength::asItSays,
                    (n, sizes, how) -> "%d in a scramble, %s".formatted(n, how),
                    SpreadSketch::new)));

    /** The floor that a group wants. */
    @FunctionalInterface
    interface Wants {
        SpaceNeed of(SpaceNeed need, LaneLength.Asked asked);
    }

    /** The groups in words. */
    @FunctionalInterface
    interface Says {
        String of(int children, List<Integer> sizes, String how);
    }

    private final Wants wants;
    private final Says says;
    private final BiFunction<FloorTask, Floor, Sketch> draws;

    private Form(Wants wants, Says says, BiFunction<FloorTask, Floor, Sketch> draws) {
        this.wants = wants;
        this.says = says;
        this.draws = draws;
    }

    public static Form of(Formation formation) {
        return ALL.get(formation);
    }

    private static Map.Entry<Formation, Form> entry(
            Formation formation, Wants wants, Says says, BiFunction<FloorTask, Floor, Sketch> draws) {
        return Map.entry(formation, new Form(wants, says, draws));
    }

    /**
     * The floor a group wants: what the activity says, or more where its distance asks for it.
     *
     * @param metres of the task; null if nothing says
     * @param largest group
     * @param pins that stand in a group; 0 for none
     * @param target true if a target stands in a group
     * @param runs true if the children run instead of sending something
     * @param runUp how far behind the line a go begins, in metres
     * @param row of things as far apart as the task says, from the line to the last, in metres; 0 for none
     */
    public SpaceNeed wanted(
            SpaceNeed need,
            @Nullable Double metres,
            int largest,
            int pins,
            boolean target,
            boolean runs,
            double runUp,
            double row) {
        return wants.of(need, new LaneLength.Asked(metres, largest, pins, target, runs, runUp, row));
    }

    /** The groups in words: "5 lanes of 5, 1 of 4, across". */
    public String words(int children, List<Integer> sizes, FloorFit floor) {
        return says.of(children, sizes, floor.how());
    }

    Sketch sketch(FloorTask task, Floor floor) {
        return draws.apply(task, floor);
    }

    private static Says groups(String noun) {
        return (children, sizes, how) -> Groups.words(noun, sizes) + ", " + how;
    }

    private static String wall(int children, List<Integer> sizes, String how) {
        return sizes.get(0) == 1 ? "%d at the wall, one each".formatted(children) : Groups.words("wall places", sizes);
    }

    private static String pairs(List<Integer> sizes) {
        long threes = sizes.stream().filter(s -> s == 3).count();
        long pairs = sizes.size() - threes;
        String threesText = threes == 1 ? "1 three" : threes + " threes";
        if (pairs == 0) return threesText;
        return pairs + (pairs == 1 ? " pair" : " pairs") + (threes == 0 ? "" : " and " + threesText);
    }
}
