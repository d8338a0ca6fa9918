package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.space.Zone;
import io.isokinet.core.thing.Need;
import java.util.List;

/** Whether an activity can be done by a class in a place with a cupboard, and how. */
public sealed interface Fit permits Fit.Works, Fit.Fails {
    /**
     * It can be done.
     *
     * @param groups how many groups, of {@code sizes}
     * @param waves how many take turns with the kit; 1 if all work at once
     * @param formation groups in words: "5 lanes of 5, 1 of 4, across"
     * @param needs what it needs as it is laid out, with smaller triangles where there are too few pins
     * @param milliTriesPerMinute tries a child gets in a minute, in thousandths
     * @param motionPercent share of the minutes in which a child is in motion; not the same as vigorous activity
     * @param reasons sentences with their numbers
     * @param stations what is at each of its stations; empty where all do the same
     */
    record Works(
            int groups,
            int waves,
            List<Integer> sizes,
            String formation,
            List<Need> needs,
            List<KitLine> kit,
            int milliTriesPerMinute,
            int motionPercent,
            List<Caution> cautions,
            List<String> reasons,
            List<Station> stations)
            implements Fit {
        /** One without stations. */
        public Works(
                int groups,
                int waves,
                List<Integer> sizes,
                String formation,
                List<Need> needs,
                List<KitLine> kit,
                int milliTriesPerMinute,
                int motionPercent,
                List<Caution> cautions,
                List<String> reasons) {
            this(
                    groups,
                    waves,
                    sizes,
                    formation,
                    needs,
                    kit,
                    milliTriesPerMinute,
                    motionPercent,
                    cautions,
                    reasons,
                    List.of());
        }

        public Works {
            sizes = List.copyOf(sizes);
            needs = List.copyOf(needs);
            kit = List.copyOf(kit);
            cautions = List.copyOf(cautions);
            reasons = List.copyOf(reasons);
            stations = List.copyOf(stations);
        }

        public boolean usesSubstitutes() {
            return kit.stream().anyMatch(line -> line.reason() != null);
        }
    }

    /** A station: its activity, fitted to the largest group that comes round, on its part of the floor. */
    record Station(Activity activity, Zone zone, Works works) {}

    /** It cannot; each reason says what is missing. */
    record Fails(List<String> reasons) implements Fit {
        public Fails {
            reasons = List.copyOf(reasons);
        }
    }
}
