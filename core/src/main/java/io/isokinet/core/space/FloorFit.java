package io.isokinet.core.space;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.SpaceNeed;
import java.util.Locale;

/**
 * How many groups fit side by side.
 *
 * @param groups zero if the activity cannot be done here at all
 * @param how the way it lies in the place, or what stops it
 */
public record FloorFit(int groups, String how) {
    /** Room kept at each wall, in metres. Common practice. */
    public static final double MARGIN = 0.5;

    /** @param children how many stand on the floor, for formations that take room by the head */
    public static FloorFit of(Place place, SpaceNeed need, Formation formation, int children) {
        Double ceiling = need.ceiling();
        if (ceiling != null && place.ceiling() != null && place.ceiling().metres() < ceiling)
            return none(
                    "the ceiling is %s m and %s m are needed", place.ceiling().metres(), ceiling);
        if (need.roller() && place.floor() == Place.Floor.GRASS)
            return new FloorFit(0, "a ball does not roll on over grass");
        double length = place.length().metres() - 2 * MARGIN;
        double width = place.width().metres() - 2 * MARGIN;
        if (formation.spreads()) {
            double wanted = children * need.metresPerGroup() * need.metresPerGroup();
            return length * width >= wanted
                    ? new FloorFit(Integer.MAX_VALUE, "spread over the whole floor")
                    : none("%s m² are free and %s m² are needed", length * width, wanted);
        }
        if (formation == Formation.WALL) {
            return place.wallSpots() > 0
                    ? new FloorFit(place.wallSpots(), "%d places at the wall".formatted(place.wallSpots()))
                    : new FloorFit(0, "no wall here may be used");
        }
        int along = banks(length, need, formation) * (int) (width / need.metresPerGroup());
        int across = banks(width, need, formation) * (int) (length / need.metresPerGroup());
        if (along == 0 && across == 0)
            return none("%s m of clear length are there and %s m are needed", length, need.metresLong());
        return along >= across ? new FloorFit(along, "along the hall") : new FloorFit(across, "across the hall");
    }

    private static int banks(double clear, SpaceNeed need, Formation formation) {
        int banks = (int) (clear / need.metresLong());
        return formation.queues() ? Math.min(1, banks) : banks;
    }

    private static FloorFit none(String words, double is, double must) {
        return new FloorFit(0, String.format(Locale.ROOT, words.replace("%s", "%.1f"), is, must));
    }
}
