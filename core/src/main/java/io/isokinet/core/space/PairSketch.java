package io.isokinet.core.space;

import static io.isokinet.core.space.LaneLength.APART;
import static io.isokinet.core.space.LaneLength.BEHIND_PIN;
import static io.isokinet.core.space.LaneLength.EDGE;

import io.isokinet.core.space.FloorPlan.Spot;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.thing.Need;

/** Pairs, and a three where the number is odd. */
final class PairSketch extends SlotSketch {
    PairSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    @Override
    boolean face() {
        return true;
    }

    /** Two face each other; a third stands beside, more make a ring. */
    @Override
    void group(int g, Frame f) {
        int size = task.sizes().get(g);
        if (size > 3) {
            parts(g, f);
            return;
        }
        // Where the two have a target, it stands at the distance and the partner behind it.
        boolean target = task.pieces().stream()
                .anyMatch(p ->
                        p.per() == Need.Per.GROUP && (p.kind() == Thing.Kind.TARGET || p.kind() == Thing.Kind.PIN));
        double behind = target ? BEHIND_PIN + triangleDepth() : 0;
        double most = f.length() - 2 * EDGE - behind;
        Double told = task.sending().metres();
        double metres = drawn(g, told == null ? Math.min(3, most) : told, most, "between partners");
        double near = f.length() / 2 - (metres + behind) / 2;
        double middle = f.width() / 2;
        stand(Spot.Does.ACTS, f.at(near, middle), g, 0, parts(0));
        for (int i = 1; i < size; i++) {
            double aside = i == 1 ? 0 : Math.min(APART, middle - 0.1);
            stand(Spot.Does.ACTS, f.at(near + metres + behind, middle + aside), g, i, parts(i));
        }
        place(g, f, near, metres, middle);
    }
}
