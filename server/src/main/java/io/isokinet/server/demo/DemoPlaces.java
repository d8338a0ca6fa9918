package io.isokinet.server.demo;

import io.isokinet.core.place.Place.Floor;
import io.isokinet.core.thing.Trait;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.place.Cupboards;
import io.isokinet.server.place.Cupboards.Count;
import io.isokinet.server.place.Cupboards.OwnThing;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.place.Spaces.Feature;
import io.isokinet.server.place.Spaces.FeatureKind;
import io.isokinet.server.place.Spaces.LineColour;
import io.isokinet.server.place.Spaces.SpaceForm;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The hall, the yard and the field of the demo school, and what is in its cupboard. */
@Component
@ConditionalOnProperty("isokinet.demo")
class DemoPlaces {
    private final Spaces spaces;
    private final Cupboards cupboards;

    DemoPlaces(Spaces spaces, Cupboards cupboards) {
        this.spaces = spaces;
        this.cupboards = cupboards;
    }

    void places(UUID hall, UUID yard) {
        spaces.put(
                hall,
                new SpaceForm(
                        "Hall",
                        1700,
                        950,
                        480,
                        Floor.WOOD,
                        14,
                        2,
                        null,
                        List.of(
                                feature(FeatureKind.WALL, "long wall", null, 150, 0, 1200, 0),
                                feature(FeatureKind.WALL, "stage end", null, 1700, 100, 0, 750),
                                feature(FeatureKind.DOOR, "to the corridor", null, 0, 380, 0, 190),
                                feature(FeatureKind.DOOR, "to the yard", null, 1400, 950, 200, 0),
                                feature(FeatureKind.HAZARD, "piano", null, 60, 780, 160, 110),
                                feature(FeatureKind.HAZARD, "radiator", null, 500, 935, 220, 15),
                                feature(FeatureKind.LINE, "", LineColour.WHITE, 850, 0, 0, 950),
                                feature(FeatureKind.LINE, "", LineColour.YELLOW, 300, 100, 0, 750),
                                feature(FeatureKind.LINE, "", LineColour.YELLOW, 1400, 100, 0, 750),
                                feature(FeatureKind.CIRCLE, "", LineColour.RED, 850, 475, 180, 0))),
                IfMatch.MISSING);
        spaces.put(
                yard,
                new SpaceForm(
                        "Tarmac yard",
                        2800,
                        1800,
                        null,
                        Floor.TARMAC,
                        20,
                        2,
                        hall,
                        List.of(
                                feature(FeatureKind.WALL, "boat-house wall", null, 0, 0, 2800, 0),
                                feature(FeatureKind.HAZARD, "bench", null, 2620, 1500, 180, 50),
                                feature(FeatureKind.LINE, "", LineColour.WHITE, 1400, 0, 0, 1800),
                                feature(FeatureKind.LINE, "", LineColour.BLUE, 0, 900, 2800, 0))),
                IfMatch.MISSING);
        spaces.put(
                Ids.next(),
                new SpaceForm("Sloping field", 5000, 3000, null, Floor.GRASS, 0, 5, hall, List.of()),
                IfMatch.MISSING);
    }

    private static Feature feature(
            FeatureKind kind, String label, @Nullable LineColour colour, int x, int y, int dx, int dy) {
        return new Feature(kind, label, colour, x, y, dx, dy);
    }

    void cupboard() {
        String shed = "shed, left shelf";
        String hall = "hall cupboard";
        count("foam-ball-20", 10, 4, hall);
        count("foam-ball-16", 8, 0, hall);
        count("sock-ball", 14, 0, hall);
        count("low-tennis-ball", 12, 3, hall);
        count("tennis-ball", 20, 0, shed);
        count("beanbag", 20, 0, hall);
        count("scarf", 24, 0, hall);
        count("skittle", 12, 1, hall);
        count("bottle-empty", 24, 0, shed);
        count("bottle-full", 6, 0, shed);
        count("cup", 30, 0, hall);
        count("cone", 16, 0, shed);
        count("spot", 30, 0, hall);
        count("hoop", 8, 2, shed);
        count("rope", 15, 0, shed);
        count("playground-ball", 4, 0, shed);
        cupboards.describe(
                "own-tide-mat",
                new OwnThing("tide mat", "tide mats", 350, 400, null, null, Set.of(Trait.FLAT), true, 1),
                IfMatch.MISSING);
        cupboards.recount("own-tide-mat", new Count(12, 0, hall));
    }

    private void count(String item, int count, int broken, String storage) {
        cupboards.count(item, new Count(count, broken, storage), IfMatch.MISSING);
    }
}
