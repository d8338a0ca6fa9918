package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.aim.Band;
import io.isokinet.core.group.Carousel;
import io.isokinet.core.group.Rotation;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Share;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorFit;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.SideBySide;
import io.isokinet.core.task.Success;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Turn;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Works a stretch out once it fits: where all stand, and what it gives. */
final class StretchWork {
    /** From one wave to the next, in seconds. Common practice. */
    private static final int WAVE_CHANGE = 10;

    private static final int MOST_OPTIONS = 4;
    /** Of the pins that stand, what falls to a roll. Common practice. */
    private static final double FALLS = 0.4;

    private StretchWork() {}

    static Stretch.Fits of(
            Stretch.Planned plan, Fit.Works works, Stretch.Hands hands, Place place, KnowHow known, Band band) {
        FloorPlan floor = works.stations().isEmpty()
                ? Floors.of(works, place, known, plan.watch(), hands.leftHanded(), hands.moved())
                : stations(plan, works, place, known);
        return new Stretch.Fits(plan, works, floor, work(plan, works, place, known, band));
    }

    private static Stretch.Work work(Stretch.Planned plan, Fit.Works works, Place place, KnowHow known, Band band) {
        Activity activity = plan.activity();
        int children = works.sizes().stream().mapToInt(i -> i).sum();
        int largest = works.sizes().get(0);
        int working = plan.working(works);
        Optional<Rotation> rotation = Rotation.ofParts(activity.conduct().roles(), largest);
        int round = rotation.isPresent() && activity.cycle() != null
                ? rotation.get().seconds(works.turn().seconds())
                : 0;
        return new Stretch.Work(
                works.tries(working),
                works.toll(working),
                activity.cycle() == null
                        ? List.of()
                        : telling(Minutes.options(works.task(), children, working, room(works, place, children))),
                rotation,
                round,
                round == 0 ? 0 : (double) working / round,
                carousel(activity, works, working / 60),
                works.turn().waitingPercent(),
                Minutes.vigorous(activity, works.motionPercent()).percent(),
                success(works.task(), band),
                successFrom(works, known),
                pinTurns(works, working, largest),
                Turn.explanation(works.task().age()));
    }

    private static int room(Fit.Works works, Place place, int children) {
        return FloorFit.of(
                        place, works.space(), works.task().activity().grouping().formation(), children)
                .groups();
    }

    private static FloorPlan stations(Stretch.Planned plan, Fit.Works works, Place place, KnowHow known) {
        List<Fit.Station> stations = works.stations();
        return SideBySide.of(
                place,
                IntStream.range(0, stations.size())
                        .mapToObj(i -> {
                            Fit.Station s = stations.get(i);
                            return new SideBySide.Station(
                                    s.activity().name(),
                                    s.zone(),
                                    Floors.of(s.works(), s.zone().place(), known, plan.watch(), List.of(), Map.of()),
                                    works.sizes().get(i));
                        })
                        .toList());
    }

    private static @Nullable String success(Task task, Band band) {
        if (task.activity().levers().isEmpty()) return null;
        Success usual = task.success();
        Share inside = Success.inBand(task, band);
        if (usual.share() == null || inside == null) return null;
        return Words.say(
                "about %.0f %% succeed; for %d %% of the class %s.",
                usual.share() * 100, inside.percent(), band.words());
    }

    private static @Nullable String successFrom(Fit.Works works, KnowHow known) {
        Task task = works.task();
        if (task.activity().levers().isEmpty()) return null;
        Success usual = task.success();
        if (usual.share() == null) return null;
        return Stream.concat(Stream.of(usual.reason()), others(works, known)).collect(Collectors.joining(" "));
    }

    /** Groups that aim at another thing than most have their own figure. */
    private static Stream<String> others(Fit.Works works, KnowHow known) {
        Task task = works.task();
        Set<String> aimed = works.needs().stream()
                .filter(n -> n.role() == Need.Role.TOPPLED || n.role() == Need.Role.AIMED_AT)
                .map(Need::what)
                .collect(Collectors.toSet());
        return works.kit().stream()
                .filter(l -> l.groups() != null && aimed.contains(l.what()))
                .filter(l ->
                        task.target() == null || !l.item().equals(task.target().key()))
                .flatMap(l -> {
                    Item other = known.item(l.item());
                    Double share = task.at(other).success().share();
                    return share == null
                            ? Stream.of()
                            : Stream.of(Words.say(
                                    "%s, with %s: about %.0f %%.",
                                    Words.capital(Objects.requireNonNull(l.groups())), other.many(), share * 100));
                });
    }

    /** One roll or two to a turn, and when the fallen stand again, each simulated. */
    private static List<String> pinTurns(Fit.Works works, int working, int largest) {
        Activity activity = works.task().activity();
        TurnCycle cycle = activity.cycle();
        int pins = works.needs().stream()
                .filter(n -> n.role() == Need.Role.TOPPLED)
                .mapToInt(Need::count)
                .max()
                .orElse(0);
        if (pins < 2
                || cycle == null
                || cycle.reset() == 0
                || !activity.grouping().formation().queues()) return List.of();
        List<String> ways = new ArrayList<>();
        for (PinTurns.Reset reset : PinTurns.Reset.values())
            for (int rolls = 1; rolls <= (reset == PinTurns.Reset.EVERY_TURN ? 2 : 1); rolls++) {
                PinTurns turns = PinTurns.simulated(
                        largest,
                        working,
                        rolls,
                        reset,
                        pins,
                        FALLS,
                        Math.max(1, works.turn().seconds() - cycle.reset()),
                        cycle.reset(),
                        new Random(1));
                ways.add(Words.say(
                        "%s, %s: %.0f rolls each",
                        rolls == 1 ? "one roll" : "two rolls", reset.label(), turns.rolls()));
            }
        return ways;
    }

    /** The first few of those that differ in tries. */
    private static List<Minutes.Option> telling(List<Minutes.Option> options) {
        Set<Integer> tries = new HashSet<>();
        return options.stream()
                .filter(o -> tries.add(o.tries()))
                .limit(MOST_OPTIONS)
                .toList();
    }

    /** From station to station, or in waves; empty elsewhere, and where the minutes do not hold a round. */
    private static Optional<Carousel> carousel(Activity activity, Fit.Works works, int minutes) {
        try {
            if (works.waves() > 1) return Optional.of(Carousel.inTurn(works.waves(), minutes, WAVE_CHANGE));
            return activity.grouping().formation() == Formation.STATIONS
                    ? Optional.of(Carousel.of(works.groups(), works.groups(), minutes, Stations.CHANGE))
                    : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
