package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Amount;
import io.isokinet.core.activity.Scoring;
import io.isokinet.core.activity.Travel;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.skill.Action;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.FloorPlan.Thing;
import io.isokinet.core.space.FloorPlanner;
import io.isokinet.core.space.FloorTask;
import io.isokinet.core.space.FloorTask.Piece;
import io.isokinet.core.space.FloorTask.Sending;
import io.isokinet.core.space.FloorTask.Way;
import io.isokinet.core.space.Point;
import io.isokinet.core.task.Task;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.core.thing.Trait;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The floor plan of an activity as it was fitted. */
public final class Floors {
    private static final Set<Scoring> MEASURED = Set.of(Scoring.MEASURED, Scoring.ZONES);

    private Floors() {}

    /**
     * @param watch the cue that is watched; null for none
     * @param leftHanded how many of each group send with the left
     * @param moved groups that were put elsewhere
     */
    public static FloorPlan of(
            Fit.Works works,
            Place place,
            KnowHow known,
            @Nullable Cue watch,
            List<Integer> leftHanded,
            Map<Integer, Point> moved) {
        Activity activity = works.task().activity();
        Side watched = leftHanded.stream().mapToInt(i -> i).sum() * 2
                        > works.sizes().stream().mapToInt(i -> i).sum()
                ? Side.LEFT
                : Side.RIGHT;
        Double opponents = amount(works.task(), Amount.OPPONENTS);
        return FloorPlanner.of(new FloorTask(
                place,
                works.space(),
                activity.grouping().formation(),
                works.sizes(),
                leftHanded,
                sending(works.task()),
                pieces(works, known),
                activity.conduct().roles(),
                activity.conduct().gathering(),
                watch == null ? null : watch.seen(),
                watched,
                moved,
                works.waves(),
                opponents == null ? null : opponents.intValue()));
    }

    private static Sending sending(Task task) {
        Activity activity = task.activity();
        Double metres = task.metres();
        double on = task.travel() == Travel.ROLLS && task.sent() != null
                ? task.ground()
                                .runsOn(task.sent(), Toppling.usualRoll(task.age()))
                                .metres()
                        - (metres == null ? 0 : metres)
                : 0;
        boolean far =
                activity.cautions().contains("outdoors") || activity.cautions().contains("throwing-arm");
        return new Sending(
                way(task),
                metres,
                task.asked().beside(task.age()),
                Math.max(0, on),
                far && MEASURED.contains(activity.conduct().scoring()),
                task.runUp());
    }

    private static Way way(Task task) {
        if (task.sent() == null) return task.activity().fast() ? Way.RUN : Way.NOTHING;
        return switch (task.travel()) {
            case ROLLS -> Way.ROLLED;
            case FLIES -> task.action() == Action.KICK ? Way.KICKED : Way.THROWN;
            case BOUNCES, KEPT, NONE -> Way.THROWN;
        };
    }

    private static FloorPlan.Line.@Nullable Kind across(Need need, Item item) {
        if (need.role() != Need.Role.MARKER || !item.has(Trait.LONG)) return null;
        return need.traits().contains(Trait.HANGS) ? FloorPlan.Line.Kind.NET : FloorPlan.Line.Kind.ROPE;
    }

    /** What is set at a height says it: "rope at 0.3 m". */
    private static String label(Need need, Item item, Task task) {
        String name = need.count() == 1 ? item.name() : item.many();
        Double height = amount(task, Amount.HEIGHT);
        return height == null || across(need, item) == null ? name : Words.say("%s at %.1f m", name, height);
    }

    private static @Nullable Double amount(Task task, Amount of) {
        return task.asked().facts().amount(of);
    }

    private static List<Piece> pieces(Fit.Works works, KnowHow known) {
        List<Piece> pieces = new ArrayList<>();
        for (Need need : works.needs()) {
            List<KitLine> lines = works.kit().stream()
                    .filter(l -> l.what().equals(need.what()))
                    .toList();
            if (lines.isEmpty()) continue;
            if (need.per() == Need.Per.CHILD && known.item(lines.get(0).item()).has(Trait.WORN)) continue;
            Thing.Kind kind =
                    switch (need.role()) {
                        case SENT, HELD -> Thing.Kind.PILE;
                        case TOPPLED -> Thing.Kind.PIN;
                        case AIMED_AT -> Thing.Kind.TARGET;
                        case MARKER -> Thing.Kind.MARKER;
                    };
            // Groups with unlike things have them in turn, as the list says; elsewhere the first stands for all.
            boolean unlike = lines.get(0).groups() != null;
            int from = 0;
            for (KitLine line : unlike ? lines : lines.subList(0, 1)) {
                Item item = known.item(line.item());
                int sets = line.count() / need.count();
                pieces.add(new Piece(
                        kind,
                        need.per(),
                        need.count(),
                        item.width().metres(),
                        label(need, item, works.task()),
                        from,
                        unlike ? from + sets : Integer.MAX_VALUE,
                        across(need, item),
                        need.role() == Need.Role.MARKER ? amount(works.task(), Amount.APART) : null));
                from += sets;
            }
        }
        return pieces;
    }
}
