package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** Every favourite is in the unit. */
public final class FavouritesIn extends Rule {
    public FavouritesIn() {
        super("favourites-in", Level.SOFT, 20, "Favourites are in");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (String favourite : plan.problem().wishes().favourites()) {
            boolean in = false;
            for (Segment s : plan.all()) in |= s.activity().keys().hold(favourite);
            if (!in)
                strains.unit(1, () -> "%s is a favourite and has found no place."
                        .formatted(plan.problem().knowHow().activity(favourite).name()));
        }
    }
}
