package io.isokinet.core.space;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Words;
import java.util.List;

/**
 * How many groups fit side by side.
 *
 * @param groups zero if the activity cannot be done here at all
 * @param how the way it lies in the place, or what stops it
 * @param along true if it lies along the length
 * @param slots the floor of each group that fits; empty where children take room by the head
 */
public record FloorFit(int groups, String how, boolean along, List<Rect> slots) {
    /** @param children how many stand on the floor, for formations that take room by the head */
    public static FloorFit of(Place place, SpaceNeed need, Formation formation, int children) {
        Double ceiling = need.ceiling();
        if (ceiling != null && place.ceiling() != null && place.ceiling().metres() < ceiling)
            return none(
                    "the ceiling is %s m and %s m are needed", place.ceiling().metres(), ceiling);
        Floor floor = new Floor(place);
        if (formation.spreads()) {
            double wanted = children * need.metresPerGroup() * need.metresPerGroup();
            return floor.area() >= wanted
                    ? new FloorFit(Integer.MAX_VALUE, "spread over the whole floor", true, List.of())
                    : none("%s m² are free and %s m² are needed", floor.area(), wanted);
        }
        if (formation == Formation.WALL) {
            List<Rect> walls = floor.wallSlots(need.metresLong()).stream()
                    .map(Floor.WallSlot::rect)
                    .toList();
            return walls.isEmpty()
                    ? place.wallSpots() == 0
                            ? new FloorFit(0, "no wall here may be used", true, List.of())
                            : none(
                                    "%s m of floor are there in front of a wall and %s m are needed",
                                    Math.min(floor.width, floor.length) - Floor.MARGIN, need.metresLong())
                    : new FloorFit(walls.size(), "%d places at the wall".formatted(walls.size()), true, walls);
        }
        List<Rect> along = floor.slots(true, need.metresLong(), need.metresPerGroup(), formation.queues(), List.of());
        List<Rect> across = floor.slots(false, need.metresLong(), need.metresPerGroup(), formation.queues(), List.of());
        if (along.isEmpty() && across.isEmpty())
            return floor.clear.w() < need.metresLong()
                    ? none("%s m of clear length are there and %s m are needed", floor.clear.w(), need.metresLong())
                    : none(
                            "nowhere are %s m by %s m clear of doors and of what stands there",
                            need.metresLong(), need.metresPerGroup());
        return along.size() >= across.size()
                ? new FloorFit(along.size(), "the long way", true, along)
                : new FloorFit(across.size(), "across", false, across);
    }

    private static FloorFit none(String words, double is, double must) {
        return new FloorFit(0, Words.say(words.replace("%s", "%.1f"), is, must), true, List.of());
    }
}
