package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.Scoring;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.motion.Rolling;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.Seen;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.space.FloorPlanner;
import io.isokinet.core.space.FloorTask;
import io.isokinet.core.space.FloorTask.Piece;
import io.isokinet.core.space.FloorTask.Sending;
import io.isokinet.core.space.FloorTask.Way;
import io.isokinet.core.space.Point;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The floor plan of an activity as it was fitted. */
public final class Floors {
    private static final Set<Scoring> MEASURED = Set.of(Scoring.MEASURED, Scoring.ZONES);

    private Floors() {}

    /**
     * @param setting step of the main lever
     * @param watch the cue that is watched; null for none
     * @param leftHanded how many of each group send with the left
     * @param moved groups that were put elsewhere
     */
    public static FloorPlan of(
            Activity activity,
            Fit.Works works,
            int setting,
            Place place,
            KnowHow known,
            Age age,
            @Nullable Cue watch,
            List<Integer> leftHanded,
            Map<Integer, Point> moved) {
        Side watched = leftHanded.stream().mapToInt(i -> i).sum() * 2
                        > works.sizes().stream().mapToInt(i -> i).sum()
                ? Side.LEFT
                : Side.RIGHT;
        return FloorPlanner.of(new FloorTask(
                place,
                activity.space(),
                activity.grouping().formation(),
                works.sizes(),
                leftHanded,
                sending(activity, works, setting, place, known, age),
                pieces(works, known),
                activity.conduct().roles(),
                activity.conduct().gathering(),
                watch == null ? Seen.SIDE : watch.seen(),
                watched,
                moved));
    }

    /**
     * How far it is to what is aimed at, or to the partner.
     *
     * @param setting step of the main lever
     * @return null if nothing says
     */
    public static @Nullable Double metres(Activity activity, int setting, Age age) {
        return activity.levers().stream()
                .findFirst()
                .map(lever -> lever.metres(Math.min(setting, lever.steps().size() - 1), age))
                .filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble)
                .orElseGet(() -> otherDistance(activity, age));
    }

    private static Sending sending(
            Activity activity, Fit.Works works, int setting, Place place, KnowHow known, Age age) {
        Double metres = metres(activity, setting, age);
        Way way = way(activity, works, known);
        double on = way == Way.ROLLED
                ? Rolling.runsOn(Toppling.usualRoll(age), place.floor()).metres() - (metres == null ? 0 : metres)
                : 0;
        boolean far =
                activity.cautions().contains("outdoors") || activity.cautions().contains("throwing-arm");
        return new Sending(
                way,
                metres,
                beside(activity, setting, age),
                Math.max(0, on),
                far && MEASURED.contains(activity.conduct().scoring()));
    }

    /** Distances of the steps beside the setting. */
    private static List<Double> beside(Activity activity, int setting, Age age) {
        if (activity.levers().isEmpty()) return List.of();
        Lever lever = activity.levers().get(0);
        return IntStream.of(setting - 1, setting + 1)
                .filter(i -> i >= 0 && i < lever.steps().size())
                .mapToObj(i -> lever.metres(i, age))
                .filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble)
                .toList();
    }

    /** The usual step of a lever for distance that is not the main one; null if there is none. */
    private static @Nullable Double otherDistance(Activity activity, Age age) {
        return activity.levers().stream()
                .map(lever -> lever.metres(lever.usual(), age))
                .filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble)
                .findFirst()
                .orElse(null);
    }

    private static Way way(Activity activity, Fit.Works works, KnowHow known) {
        List<Item> sent = new ArrayList<>();
        for (Need need : works.needs())
            if (need.role() == Need.Role.SENT)
                for (KitLine line : works.kit()) if (line.what().equals(need.what())) sent.add(known.item(line.item()));
        Action action =
                activity.skill() == null ? null : known.skill(activity.skill()).action();
        if (sent.isEmpty()) return activity.fast() ? Way.RUN : Way.NOTHING;
        if (activity.cautions().contains("airborne") || activity.cautions().contains("throwing-arm"))
            return action == Action.KICK ? Way.KICKED : Way.THROWN;
        if (action == Action.KICK && activity.cautions().contains("kicks-up")) return Way.KICKED;
        return sent.stream().anyMatch(i -> i.has(Trait.ROLLS)) ? Way.ROLLED : Way.THROWN;
    }

    private static List<Piece> pieces(Fit.Works works, KnowHow known) {
        List<Piece> pieces = new ArrayList<>();
        for (Need need : works.needs()) {
            List<KitLine> lines = works.kit().stream()
                    .filter(l -> l.what().equals(need.what()))
                    .toList();
            if (lines.isEmpty()) continue;
            Item item = known.item(lines.get(0).item());
            boolean worn = need.per() == Need.Per.CHILD && item.has(Trait.WORN);
            if (worn) continue;
            pieces.add(new Piece(
                    switch (need.role()) {
                        case SENT, HELD -> Thing.Kind.PILE;
                        case TOPPLED -> Thing.Kind.PIN;
                        case AIMED_AT -> Thing.Kind.TARGET;
                        case MARKER -> Thing.Kind.MARKER;
                    },
                    need.per(),
                    need.count(),
                    item.width().metres(),
                    need.count() == 1 ? item.name() : item.many()));
        }
        return pieces;
    }
}
