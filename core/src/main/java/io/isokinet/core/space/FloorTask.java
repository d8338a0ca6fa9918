package io.isokinet.core.space;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Gathering;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.thing.Need;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is to be laid out on a floor. It knows counts, never children.
 *
 * @param sizes of the groups; one for all where the formation has no groups
 * @param leftHanded how many of each group send with the left; shorter lists mean none
 * @param pieces what stands on the floor
 * @param parts the roles of a group in their order; empty where all do the same
 * @param view from where the cue is seen best; null where none is watched
 * @param watched the side of the body that is watched
 * @param moved groups that were put elsewhere: the corner of their area by index
 * @param waves how many take turns on it or with its things; 1 if all are on it at once
 * @param opponents who try to stop the others; null if nothing says how many
 */
public record FloorTask(
        Place place,
        SpaceNeed need,
        Formation formation,
        List<Integer> sizes,
        List<Integer> leftHanded,
        Sending sending,
        List<Piece> pieces,
        List<String> parts,
        Gathering gathering,
        @Nullable Seen view,
        Side watched,
        Map<Integer, Point> moved,
        int waves,
        @Nullable Integer opponents) {
    public FloorTask {
        sizes = List.copyOf(sizes);
        leftHanded = List.copyOf(leftHanded);
        pieces = List.copyOf(pieces);
        parts = List.copyOf(parts);
        moved = Map.copyOf(moved);
        if (sizes.isEmpty() || sizes.stream().anyMatch(s -> s < 1))
            throw new IllegalArgumentException(
                    "A floor plan needs groups of at least one child; %s were given.".formatted(sizes));
    }

    /** The groups that are on it first, as many as take one wave; the others watch. */
    FloorTask firstWave() {
        int first = (sizes.size() + waves - 1) / waves;
        return new FloorTask(
                place,
                need,
                formation,
                sizes.subList(0, first),
                leftHanded.subList(0, Math.min(first, leftHanded.size())),
                sending,
                pieces,
                parts,
                gathering,
                view,
                watched,
                moved,
                1,
                opponents);
    }

    public int children() {
        return sizes.stream().mapToInt(Integer::intValue).sum();
    }

    /**
     * What is sent, and how.
     *
     * @param metres from the start line to the target; null if nothing says
     * @param others distances of the steps beside it, easier and harder, in metres
     * @param rollOn how far it runs on past the target, in metres
     * @param measured true if it is read from half-metre zones
     * @param runUp how far behind the line it begins, in metres
     */
    public record Sending(
            Way way, @Nullable Double metres, List<Double> others, double rollOn, boolean measured, double runUp) {
        public static final Sending NOTHING = new Sending(Way.NOTHING, null, 0, false);

        /** With one start line. */
        public Sending(Way way, @Nullable Double metres, double rollOn, boolean measured) {
            this(way, metres, List.of(), rollOn, measured, 0);
        }

        public Sending {
            others = List.copyOf(others);
        }
    }

    /** How a thing travels, or that the child does. */
    public enum Way {
        NOTHING,
        ROLLED,
        THROWN,
        KICKED,
        RUN
    }

    /**
     * What stands on the floor.
     *
     * @param width in metres
     * @param from first group that has it, from 0
     * @param to the group after the last that has it
     * @param across what is long and lies or hangs across the way is drawn as such a line; null for what has one place
     * @param apart from one to the next, in metres; null if nothing says
     */
    public record Piece(
            FloorPlan.Thing.Kind kind,
            Need.Per per,
            int count,
            double width,
            String label,
            int from,
            int to,
            FloorPlan.Line.@Nullable Kind across,
            @Nullable Double apart) {
        /** Of every group. */
        public Piece(FloorPlan.Thing.Kind kind, Need.Per per, int count, double width, String label) {
            this(kind, per, count, width, label, 0, Integer.MAX_VALUE, null, null);
        }

        boolean isOf(int group) {
            return group >= from && group < to;
        }
    }
}
