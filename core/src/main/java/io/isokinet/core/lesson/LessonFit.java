package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.aim.Band;
import io.isokinet.core.group.Carousel;
import io.isokinet.core.group.Rotation;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.KitMoves;
import io.isokinet.core.kit.LayOut;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Share;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.space.FloorFit;
import io.isokinet.core.space.FloorPlan;
import io.isokinet.core.space.Point;
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
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A whole lesson worked out: floors, kit over time, minutes, work and cautions.
 *
 * @param fetch what to fetch once
 * @param moves what is handed out and put away, and when
 * @param motionPercent share of the lesson in which a child is in motion
 * @param vigorousPercent share of it that is moderate to vigorous; half is asked for (SHAPE America, US CDC; memory)
 */
public record LessonFit(
        List<Drawing> parts,
        List<KitLine> fetch,
        List<KitMoves.Move> moves,
        Load load,
        int motionPercent,
        int vigorousPercent,
        List<Caution> cautions) {
    /** From one wave to the next, in seconds. Common practice. */
    private static final int WAVE_CHANGE = 10;

    private static final int MOST_OPTIONS = 4;
    /** Of the pins that stand, what falls to a roll. Common practice. */
    private static final double FALLS = 0.4;

    public LessonFit {
        parts = List.copyOf(parts);
        fetch = List.copyOf(fetch);
        moves = List.copyOf(moves);
        cautions = List.copyOf(cautions);
    }

    /**
     * A stretch of a lesson, fitted.
     *
     * @param minutes the change into it included @param changeSeconds of those
     * @param talkSeconds of those, spent on telling it and on freezes
     * @param watch the cue that is watched; null for none
     * @param leftHanded how many of each group send with the left
     * @param moved groups that were put elsewhere
     */
    public record Part(
            String id,
            int minutes,
            int changeSeconds,
            int talkSeconds,
            Fit.Works works,
            @Nullable Cue watch,
            boolean warm,
            List<Integer> leftHanded,
            Map<Integer, Point> moved) {
        public Activity activity() {
            return works.task().activity();
        }

        /** Seconds that are left to work in: without the change into it, putting on what is worn, telling it and freezes. */
        public int working() {
            return Turn.working(minutes, changeSeconds, works.wornSeconds(), talkSeconds);
        }

        /** Tries a child gets. */
        public int tries() {
            return works.tries(working());
        }
    }

    /**
     * A stretch worked out.
     *
     * @param options other numbers of groups and what they would give, the most tries first
     * @param rotation who has which part when; empty where all do the same
     * @param rotationSeconds until everybody had every part; 0 without parts
     * @param rounds how often the rotation goes round in its minutes
     * @param carousel from station to station, or wave by wave; empty elsewhere
     * @param waitingPercent of the time a child waits for a turn
     * @param vigorousPercent of the time that is moderate to vigorous
     * @param success what share of tries succeeds at the setting, and of how many children it is the right one; null without levers
     * @param pinTurns ways to take turns at things knocked down, with what each gives; empty elsewhere
     * @param explainSeconds the longest explanation that is listened to
     */
    public record Drawing(
            String id,
            FloorPlan floor,
            List<Minutes.Option> options,
            Optional<Rotation> rotation,
            int rotationSeconds,
            double rounds,
            Optional<Carousel> carousel,
            int waitingPercent,
            int vigorousPercent,
            @Nullable String success,
            List<String> pinTurns,
            int explainSeconds) {}

    /** @param parts in the order of the lesson @param band how often a try is to succeed */
    public static LessonFit of(List<Part> parts, Place place, KnowHow known, Age age, Band band) {
        List<Drawing> drawn =
                parts.stream().map(p -> draw(p, place, known, age, band)).toList();
        Map<String, Item> items = known.itemsByKey();
        List<KitMoves.Stretch> stretches = new ArrayList<>();
        int minute = 0;
        for (Part p : parts) {
            stretches.add(
                    new KitMoves.Stretch(minute, p.activity().name(), p.works().kit()));
            minute += p.minutes();
        }
        Map<String, String> names = parts.stream()
                .flatMap(p -> p.works().kit().stream())
                .map(KitLine::item)
                .distinct()
                .collect(Collectors.toMap(k -> k, k -> items.get(k).many()));
        double total = Math.max(1, minute);
        return new LessonFit(
                drawn,
                layOut(parts, known),
                KitMoves.of(stretches, minute, names),
                Load.of(
                        parts.stream()
                                .map(p -> new Load.Part(
                                        p.activity(),
                                        p.works().toll(p.working()),
                                        p.minutes(),
                                        p.works().motionPercent(),
                                        p.warm()))
                                .toList(),
                        age),
                (int) Math.round(parts.stream()
                                .mapToDouble(p -> p.minutes() * p.works().motionPercent())
                                .sum()
                        / total),
                (int) Math.round(parts.stream()
                                .mapToDouble(p -> p.minutes()
                                        * Minutes.vigorous(
                                                        p.activity(), p.works().motionPercent())
                                                .percent())
                                .sum()
                        / total),
                parts.stream()
                        .flatMap(p -> p.works().cautions().stream())
                        .distinct()
                        .sorted((a, b) -> a.weight().compareTo(b.weight()))
                        .toList());
    }

    /** What is fetched once for all parts. */
    public static List<KitLine> layOut(List<Part> parts, KnowHow known) {
        return LayOut.of(parts.stream().map(p -> p.works().kit()).toList(), known.itemsByKey());
    }

    private static Drawing draw(Part p, Place place, KnowHow known, Age age, Band band) {
        Activity activity = p.activity();
        int children = p.works().sizes().stream().mapToInt(i -> i).sum();
        int largest = p.works().sizes().get(0);
        int working = p.working();
        Optional<Rotation> rotation = Rotation.ofParts(activity.conduct().roles(), largest);
        int round = rotation.isPresent() && activity.cycle() != null
                ? rotation.get().seconds(p.works().turn().seconds())
                : 0;
        return new Drawing(
                p.id(),
                p.works().stations().isEmpty()
                        ? Floors.of(p.works(), place, known, p.watch(), p.leftHanded(), p.moved())
                        : stations(p, place, known),
                activity.cycle() == null
                        ? List.of()
                        : telling(
                                Minutes.options(p.works().task(), children, working, room(p.works(), place, children))),
                rotation,
                round,
                round == 0 ? 0 : (double) working / round,
                carousel(activity, p.works(), working / 60),
                p.works().turn().waitingPercent(),
                Minutes.vigorous(activity, p.works().motionPercent()).percent(),
                success(p.works().task(), band),
                pinTurns(p, largest),
                Turn.explanation(age));
    }

    private static int room(Fit.Works works, Place place, int children) {
        return FloorFit.of(
                        place, works.space(), works.task().activity().grouping().formation(), children)
                .groups();
    }

    private static FloorPlan stations(Part p, Place place, KnowHow known) {
        List<Fit.Station> stations = p.works().stations();
        return SideBySide.of(
                place,
                IntStream.range(0, stations.size())
                        .mapToObj(i -> {
                            Fit.Station s = stations.get(i);
                            return new SideBySide.Station(
                                    s.activity().name(),
                                    s.zone(),
                                    Floors.of(s.works(), s.zone().place(), known, p.watch(), List.of(), Map.of()),
                                    p.works().sizes().get(i));
                        })
                        .toList());
    }

    private static @Nullable String success(Task task, Band band) {
        if (task.activity().levers().isEmpty()) return null;
        Success usual = task.success();
        Share inside = Success.inBand(task, band);
        if (usual.share() == null || inside == null) return null;
        return Words.say(
                "about %.0f %% succeed; for %d %% of the class %s. %s",
                usual.share() * 100, inside.percent(), band.words(), usual.reason());
    }

    /** One roll or two to a turn, and when the fallen stand again, each simulated. */
    private static List<String> pinTurns(Part p, int largest) {
        Activity activity = p.activity();
        TurnCycle cycle = activity.cycle();
        int pins = p.works().needs().stream()
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
                        p.working(),
                        rolls,
                        reset,
                        pins,
                        FALLS,
                        Math.max(1, p.works().turn().seconds() - cycle.reset()),
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
