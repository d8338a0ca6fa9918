package io.isokinet.core.safety;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Item;
import java.util.List;

/**
 * What a caution looks at.
 *
 * @param children how many take part
 * @param adapted of those, how many for whom a cue of it is adapted or left out
 * @param sent what is rolled, thrown, kicked or struck
 * @param used all kit, what is sent included
 */
public record Scene(
        Activity activity, Place place, Age age, int children, int adapted, List<Item> sent, List<Item> used) {
    public Scene {
        sent = List.copyOf(sent);
        used = List.copyOf(used);
    }

    boolean airborne() {
        return activity.cautions().contains("airborne");
    }

    /** What a thing would be used in. */
    public record Around(boolean indoors, boolean airborne, Age age) {}

    Around around() {
        return new Around(place.indoors(), airborne(), age);
    }
}
