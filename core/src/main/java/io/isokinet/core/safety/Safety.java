package io.isokinet.core.safety;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Cautions by activity, place, age and the kit that is sent through the air or along the floor. Common practice. */
public final class Safety {
    private static final double HEAVY_GRAMS = 450;
    private static final int CROWD = 34;

    private Safety() {}

    /**
     * @param texts the shipped cautions by key
     * @param sent what is rolled, thrown or kicked
     */
    public static List<Caution> of(
            Activity activity, Place place, Age age, int children, List<Item> sent, Map<String, String> texts) {
        List<Caution> cautions = new ArrayList<>();
        for (Item item : sent) {
            boolean hard = !item.has(Trait.SOFT);
            if (hard && place.indoors() && activity.cautions().contains("airborne"))
                cautions.add(new Caution(
                        "hard-indoors",
                        "%s are too hard to send through the air indoors; use something soft.".formatted(item.many()),
                        true));
            if (hard && age.years() < 6 && activity.cautions().contains("airborne"))
                cautions.add(new Caution(
                        "hard-young",
                        "Under six, only soft things are caught; %s are not.".formatted(item.many()),
                        true));
            if (item.mass().grams() > HEAVY_GRAMS && activity.cautions().contains("airborne"))
                cautions.add(new Caution(
                        "heavy",
                        "%s weigh %.0f g: too heavy to be thrown to a child."
                                .formatted(item.many(), item.mass().grams()),
                        true));
            if (age.years() < item.handling().ageFrom())
                cautions.add(new Caution(
                        "too-young",
                        "%s are for children from %d years; take something lighter or softer."
                                .formatted(item.many(), item.handling().ageFrom()),
                        true));
            if (item.homeMade())
                cautions.add(new Caution(
                        "home-made",
                        "Look over the home-made %s before each use: %s"
                                .formatted(
                                        item.many(),
                                        item.handling().check() == null
                                                ? "tape whole, no sharp rim."
                                                : item.handling().check()),
                        false));
        }
        if (children > CROWD)
            cautions.add(new Caution(
                    "crowd",
                    "%d children are more than one teacher can watch; ask for help.".formatted(children),
                    false));
        for (String key : activity.cautions()) {
            String text = texts.get(key);
            if (text != null) cautions.add(new Caution(key, text, false));
        }
        return cautions.stream().distinct().toList();
    }
}
