package io.isokinet.core.lesson;

import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.KitMoves;
import io.isokinet.core.kit.LayOut;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.thing.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;

/**
 * A whole lesson worked out: floors, kit over time, minutes, work and cautions.
 *
 * @param fetch what to fetch once
 * @param moves what is handed out and put away, and when
 * @param motionPercent share of the lesson in which a child is in motion
 * @param vigorousPercent share of it that is moderate to vigorous; half is asked for (SHAPE America, US CDC; memory)
 */
public record LessonFit(
        List<Stretch> stretches,
        List<KitLine> fetch,
        List<KitMoves.Move> moves,
        Load load,
        int motionPercent,
        int vigorousPercent,
        List<Caution> cautions) {
    public LessonFit {
        stretches = List.copyOf(stretches);
        fetch = List.copyOf(fetch);
        moves = List.copyOf(moves);
        cautions = List.copyOf(cautions);
    }

    /** @param stretches in the order of the lesson; what does not fit adds nothing but its minutes */
    public static LessonFit of(List<Stretch> stretches, KnowHow known, Age age) {
        List<Stretch.Fits> done = fitting(stretches);
        Map<String, Item> items = known.itemsByKey();
        List<KitMoves.Stretch> moves = new ArrayList<>();
        int minute = 0;
        for (Stretch s : stretches) {
            if (s instanceof Stretch.Fits fits)
                moves.add(new KitMoves.Stretch(minute, fits.activity().name(), fits.things()));
            minute += s.plan().minutes();
        }
        return new LessonFit(
                stretches,
                layOut(done.stream().map(Stretch.Fits::works).toList(), known),
                KitMoves.of(moves, minute, items),
                Load.of(
                        done.stream()
                                .map(s -> new Load.Part(
                                        s.activity(),
                                        s.work().toll(),
                                        s.plan().minutes(),
                                        s.works().motionPercent(),
                                        s.plan().warm()))
                                .toList(),
                        age),
                mean(done, s -> s.works().motionPercent()),
                mean(done, s -> s.work().vigorousPercent()),
                done.stream()
                        .flatMap(s -> s.works().cautions().stream())
                        .distinct()
                        .sorted((a, b) -> a.weight().compareTo(b.weight()))
                        .toList());
    }

    /** Those of the stretches that can be done. */
    public static List<Stretch.Fits> fitting(List<Stretch> stretches) {
        return stretches.stream()
                .filter(Stretch.Fits.class::isInstance)
                .map(Stretch.Fits.class::cast)
                .toList();
    }

    /** Over the minutes of all. */
    private static int mean(List<Stretch.Fits> stretches, ToIntFunction<Stretch.Fits> of) {
        int minutes = stretches.stream().mapToInt(s -> s.plan().minutes()).sum();
        return (int) Math.round(stretches.stream()
                        .mapToDouble(s -> s.plan().minutes() * of.applyAsInt(s))
                        .sum()
                / Math.max(1.0, minutes));
    }

    /** What is fetched once for all. */
    public static List<KitLine> layOut(List<Fit.Works> all, KnowHow known) {
        return LayOut.of(all.stream().map(Fit.Works::kit).toList(), known.itemsByKey());
    }
}
