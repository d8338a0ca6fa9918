package io.isokinet.server.lesson;

import io.isokinet.core.lesson.Stretch;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Pace;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.server.lesson.SheetView.AreaView;
import io.isokinet.server.lesson.SheetView.FloorView;
import io.isokinet.server.paper.FloorSvg;
import io.isokinet.server.school.Schools.SchoolView;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The floor of one stretch, as screens and papers show it.
 *
 * @param moved groups that were put elsewhere by hand
 */
record DrawnFloor(Stretch.Fits fits, Set<Integer> moved) {
    /** For a class of an age in a place. */
    FloorView view(Place place, Age age, SchoolView school) {
        FloorPlan plan = fits.floor();
        Double metres = fits.task().metres();
        return new FloorView(
                FloorSvg.of(plan, place, fits.activity().name() + " in " + place.name(), null),
                FloorSvg.viewBox(plan),
                plan.areas().stream()
                        .filter(FloorPlan.Area::movable)
                        .map(a -> new AreaView(
                                a.group(),
                                a.rect().x(),
                                a.rect().y(),
                                a.rect().w(),
                                a.rect().h()))
                        .toList(),
                metres == null ? null : distance(metres, age, school),
                plan.findings().stream().map(f -> f.message()).distinct().toList(),
                plan.reasons(),
                moved.stream().sorted().toList());
    }

    /** "3 m: 4 paces (an adult's), 6 steps of a child of 7". */
    private static String distance(double metres, Age age, SchoolView school) {
        return Words.say(
                "%.1f m: %s (%s), %s at %d years",
                metres,
                counted(metres * 100 / school.paceCm(), "pace"),
                school.paceWhose(),
                counted(metres / Pace.childs(age).metres(), "step"),
                age.years());
    }

    private static String counted(double many, String what) {
        long whole = Math.round(many);
        return whole + " " + what + (whole == 1 ? "" : "s");
    }

    /** How everybody comes to each part; null where nobody moves on. */
    static @Nullable String turns(Stretch.Fits fits) {
        Stretch.Work work = fits.work();
        if (work.rotation().isEmpty()) return null;
        return "%s. Everybody moves on one part after each turn: a round of %d turns takes about %d s, %s in these minutes."
                .formatted(
                        String.join(" → ", fits.activity().conduct().roles()),
                        work.rotation().get().turns().size(),
                        work.rotationSeconds(),
                        work.rounds() < 1
                                ? "more than there is: make smaller groups"
                                : "%d full rounds".formatted((int) work.rounds()));
    }
}
