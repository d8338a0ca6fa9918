package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Grouping;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.activity.TurnCycle;
import io.isokinet.core.activity.TurnCycle.Acts;
import io.isokinet.core.group.Groups;
import io.isokinet.core.kit.KitFinder;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.KitList;
import io.isokinet.core.kit.LayOut;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.safety.Safety;
import io.isokinet.core.safety.Scene;
import io.isokinet.core.space.FloorFit;
import io.isokinet.core.space.Zone;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Fits one activity to a class, a place and a cupboard: groups, kit, tries, time in motion, cautions. One thread at a time. */
public final class Fitter {
    /** Seconds one look takes, of which half the time is for looking. Common practice: job figures for a usual cue. */
    private static final int LOOK_SECONDS = 10;

    private static final double LOOKING_SHARE = 0.5;
    private static final double UNSEEN_MINUTES = 1.5;
    /** Formations in which some can work while others watch. */
    private static final Set<Formation> WAVES = EnumSet.of(Formation.SCATTER, Formation.WALL);
    /** With more, waiting is all there is. Common practice. */
    private static final int MOST_WAVES = 3;

    private final KnowHow knowHow;
    private final Cupboard cupboard;
    private final KitFinder kit;
    private final Age age;
    private final int children;
    private final Policy policy;
    private final Map<Grouping, List<Integer>> splits = new HashMap<>();

    /** @param children present, at least 1 */
    public Fitter(KnowHow knowHow, Cupboard cupboard, Age age, int children) {
        this(knowHow, cupboard, age, children, Policy.USUAL);
    }

    /** @param policy what the school makes of the usual cautions */
    public Fitter(KnowHow knowHow, Cupboard cupboard, Age age, int children, Policy policy) {
        if (children < 1)
            throw new IllegalArgumentException(
                    "A lesson needs at least one child; the class has %d. Add children to the class."
                            .formatted(children));
        this.knowHow = knowHow;
        this.cupboard = cupboard;
        this.kit = new KitFinder(cupboard, knowHow.itemsByKey(), age);
        this.age = age;
        this.children = children;
        this.policy = policy;
    }

    public Fit fit(Activity activity, Place place) {
        return fit(activity, place, null, 0);
    }

    /**
     * @param wished number of groups that is tried first; null for the usual one, and of no matter to stations
     * @param adapted children for whom a cue of it is adapted or left out
     */
    public Fit fit(Activity activity, Place place, @Nullable Integer wished, int adapted) {
        List<String> stations = Stations.parts(activity.key());
        if (stations.size() > 1) return stations(activity, stations, place, adapted);
        if (age.years() < activity.ageFrom() || age.years() > activity.ageTo())
            return fails("%s is for ages %d to %d; this class is %d."
                    .formatted(activity.name(), activity.ageFrom(), activity.ageTo(), age.years()));
        Formation formation = activity.grouping().formation();
        FloorFit floor = FloorFit.of(place, activity.space(), formation, children);
        if (floor.groups() == 0)
            return fails("%s does not fit into %s: %s.".formatted(activity.name(), place.name(), floor.how()));
        List<Integer> counts = splits.computeIfAbsent(activity.grouping(), g -> Groups.counts(g, children));
        if (counts.isEmpty())
            return fails("%s needs groups of %d to %d, which %d children do not make."
                    .formatted(
                            activity.name(),
                            activity.grouping().least(),
                            activity.grouping().most(),
                            children));
        List<Integer> roomy = counts.stream()
                .filter(n -> n <= floor.groups())
                .sorted(Comparator.comparing(n -> !n.equals(wished)))
                .toList();
        if (roomy.isEmpty())
            return fails("%s needs at least %d groups side by side for %d children; %s has room for %d."
                    .formatted(
                            activity.name(),
                            counts.stream().min(Integer::compare).orElseThrow(),
                            children,
                            place.name(),
                            floor.groups()));
        // A number that was wished for needs no explanation.
        int best = roomy.get(0).equals(wished) ? wished : counts.get(0);
        List<String> shortages = List.of();
        for (int groups : roomy)
            for (List<Need> needs : splits(activity.needs())) {
                KitList list = kit.find(needs, children, groups);
                if (list.suffices())
                    return works(activity, place, new Laid(needs, groups, 1, list, adapted), floor, best, shortages);
                if (shortages.isEmpty()) shortages = list.shortages();
            }
        if (WAVES.contains(formation))
            for (int waves = 2; waves <= MOST_WAVES; waves++) {
                KitList list = kit.find(activity.needs(), (children + waves - 1) / waves, roomy.get(0));
                if (list.suffices())
                    return works(
                            activity,
                            place,
                            new Laid(activity.needs(), roomy.get(0), waves, list, adapted),
                            floor,
                            best,
                            shortages);
            }
        return new Fit.Fails(
                shortages.stream().map(s -> activity.name() + ": " + s).toList());
    }

    /** Each station for the largest group on its part of the floor, with the kit that the ones before it leave. */
    private Fit stations(Activity activity, List<String> keys, Place place, int adapted) {
        int n = keys.size();
        if (children < 2 * n)
            return fails(
                    "%d stations need two children each; there are %d. Take fewer stations.".formatted(n, children));
        List<Integer> sizes = Groups.sizes(children, n);
        List<Zone> zones;
        try {
            zones = Zone.of(place, n);
        } catch (IllegalArgumentException e) {
            return fails(e.getMessage());
        }
        Fit refused = null;
        // Which station has which part of the floor matters where a wall or a door is in one of them.
        for (int turn = 0; turn < n; turn++) {
            List<Fit.Station> stations = new ArrayList<>();
            Cupboard left = cupboard;
            for (int i = 0; i < n && stations.size() == i; i++) {
                Activity part = knowHow.activity(keys.get(i));
                Zone zone = zones.get((i + turn) % n);
                Fit fit = new Fitter(knowHow, left, age, sizes.get(0), policy).fit(part, zone.place(), null, adapted);
                if (fit instanceof Fit.Works works) {
                    stations.add(new Fit.Station(part, zone, works));
                    for (KitLine line : works.kit()) left = left.less(knowHow.item(line.item()), line.count());
                } else if (refused == null && fit instanceof Fit.Fails fails)
                    refused = new Fit.Fails(fails.reasons().stream()
                            .map(r -> "Station %d for %d children: %s".formatted(stations.size() + 1, sizes.get(0), r))
                            .toList());
            }
            if (stations.size() == n) return sideBySide(sizes, stations);
        }
        return refused == null ? fails(activity.name() + " does not fit.") : refused;
    }

    private Fit sideBySide(List<Integer> sizes, List<Fit.Station> stations) {
        int n = stations.size();
        List<Need> needs = new ArrayList<>();
        List<KitLine> kit = new ArrayList<>();
        List<String> reasons = new ArrayList<>();
        Set<Caution> cautions = new LinkedHashSet<>();
        int tries = 0;
        int motion = 0;
        for (Fit.Station s : stations) {
            needs.addAll(s.works().needs());
            kit.addAll(s.works().kit());
            s.works().reasons().forEach(r -> reasons.add(s.activity().name() + ": " + r));
            cautions.addAll(s.works().cautions());
            tries += s.works().milliTriesPerMinute();
            motion += s.works().motionPercent();
        }
        Place floor = stations.get(0).zone().place();
        reasons.add(
                0,
                Words.say(
                        "Each group is at every station once; each station has %.1f by %.1f m. Nobody goes behind another station's targets.",
                        floor.length().metres(), floor.width().metres()));
        return new Fit.Works(
                n,
                1,
                sizes,
                "%d groups of %s go round: ".formatted(n, alike(sizes))
                        + stations.stream()
                                .map(s -> s.activity().name() + " (" + s.works().formation() + ")")
                                .collect(Collectors.joining("; ")),
                needs,
                LayOut.of(List.of(kit), knowHow.itemsByKey()),
                tries / n,
                motion / n,
                List.copyOf(cautions),
                reasons,
                stations);
    }

    private static String alike(List<Integer> sizes) {
        int most = sizes.get(0);
        int least = sizes.get(sizes.size() - 1);
        return most == least ? String.valueOf(most) : "%d and %d".formatted(most, least);
    }

    /** How an activity is laid out with the kit there is. */
    private record Laid(List<Need> needs, int groups, int waves, KitList kit, int adapted) {}

    /** The needs as they are, and with smaller triangles: 10 pins, else 6, else 3. */
    private static List<List<Need>> splits(List<Need> needs) {
        List<List<Need>> all = new ArrayList<>();
        all.add(needs);
        for (int pins : List.of(6, 3))
            if (needs.stream().anyMatch(n -> isTriangle(n) && n.count() > pins))
                all.add(needs.stream()
                        .map(n -> isTriangle(n) && n.count() > pins ? n.withCount(pins) : n)
                        .toList());
        return all;
    }

    private static boolean isTriangle(Need need) {
        return need.role() == Need.Role.TOPPLED && (need.count() == 10 || need.count() == 6);
    }

    private Fit works(Activity activity, Place place, Laid laid, FloorFit floor, int best, List<String> shortages) {
        List<Integer> sizes = Groups.sizes(children, laid.groups());
        List<KitLine> lines = laid.kit().lines();
        List<Item> sent = laid.needs().stream()
                .filter(n -> n.role() == Need.Role.SENT)
                .flatMap(n -> lines.stream().filter(l -> l.what().equals(n.what())))
                .map(l -> knowHow.item(l.item()))
                .toList();
        List<Item> used = lines.stream().map(l -> knowHow.item(l.item())).toList();
        List<Caution> cautions = Safety.of(
                new Scene(activity, place, age, children, laid.adapted(), sent, used), knowHow.cautions(), policy);
        int tries = milliTriesPerMinute(activity, sizes.get(0), children) / laid.waves();
        List<String> reasons = new ArrayList<>();
        if (laid.groups() != best)
            reasons.add(
                    shortages.isEmpty()
                            ? "%s has room for %d groups side by side, so %s."
                                    .formatted(place.name(), floor.groups(), Groups.words("groups", sizes))
                            : "%s So %s.".formatted(shortages.get(0), Groups.words("groups", sizes)));
        if (laid.waves() > 1)
            reasons.add("%s So %d waves of up to %d: while one works, the others watch one child each for the cue."
                    .formatted(shortages.get(0), laid.waves(), (children + laid.waves() - 1) / laid.waves()));
        for (int i = 0; i < laid.needs().size(); i++)
            if (laid.needs().get(i).count() != activity.needs().get(i).count())
                reasons.add("%s So %d for each, not %d."
                        .formatted(
                                shortages.get(0),
                                laid.needs().get(i).count(),
                                activity.needs().get(i).count()));
        if (tries > 0 && activity.cycle() != null) reasons.add(rate(activity, sizes.get(0), tries));
        for (KitLine line : lines) if (line.reason() != null) reasons.add(line.words() + ": " + line.reason());
        boolean odd = children % 2 == 1 && activity.grouping().formation() == Formation.PAIRS;
        if (odd && activity.oddChild() != null) reasons.add("%d is odd: %s".formatted(children, activity.oddChild()));
        return new Fit.Works(
                laid.groups(),
                laid.waves(),
                sizes,
                formationWords(activity, sizes, floor)
                        + (laid.waves() == 1 ? "" : ", in %d waves".formatted(laid.waves())),
                laid.needs(),
                lines,
                tries,
                motion(activity, sizes.get(0)) / laid.waves(),
                cautions,
                reasons);
    }

    private String formationWords(Activity activity, List<Integer> sizes, FloorFit floor) {
        return switch (activity.grouping().formation()) {
            case GATHERED -> "all %d together".formatted(children);
            case CIRCLE -> "one circle of %d".formatted(children);
            case SCATTER -> "%d scattered, %s".formatted(children, floor.how());
            case WALL ->
                sizes.get(0) == 1 ? "%d at the wall, one each".formatted(children) : Groups.words("wall places", sizes);
            case PAIRS -> pairs(sizes) + ", " + floor.how();
            case LANES -> Groups.words("lanes", sizes) + ", " + floor.how();
            case FILES -> Groups.words("files", sizes) + ", " + floor.how();
            case TWO_SIDES -> Groups.words("sides", sizes);
            case RELAY -> Groups.words("relay files", sizes) + ", " + floor.how();
            case ROLES -> Groups.words("groups", sizes) + ", " + floor.how();
            case STATIONS -> Groups.words("stations", sizes);
            case CROSSING -> "all %d cross, %s".formatted(children, floor.how());
            case SCRAMBLE -> "%d in a scramble, %s".formatted(children, floor.how());
        };
    }

    private static String pairs(List<Integer> sizes) {
        long threes = sizes.stream().filter(s -> s == 3).count();
        long pairs = sizes.size() - threes;
        String threesText = threes == 1 ? "1 three" : threes + " threes";
        if (pairs == 0) return threesText;
        return pairs + (pairs == 1 ? " pair" : " pairs") + (threes == 0 ? "" : " and " + threesText);
    }

    /**
     * Tries a child gets in a minute, in thousandths. In a queue, at a station and where parts are played one child of a group
     * has a turn at a time; a pair has two tries in a turn there and back, unless one of them acts and the other feeds or watches; a ring, two sides and a scramble have as many at a
     * time as there are things to send.
     *
     * @param largestGroup its size @param children in the class
     * @return 0 where nobody takes turns
     */
    public static int milliTriesPerMinute(Activity activity, int largestGroup, int children) {
        TurnCycle cycle = activity.cycle();
        if (cycle == null || cycle.seconds() == 0) return 0;
        double sharing =
                switch (activity.grouping().formation()) {
                    case LANES, FILES, WALL, RELAY, ROLES, STATIONS -> largestGroup;
                    case PAIRS -> cycle.acts() == Acts.ONE ? largestGroup : largestGroup / 2.0;
                    case CIRCLE -> perObject(activity, Need.Per.GROUP, largestGroup);
                    case TWO_SIDES, SCRAMBLE -> perObject(activity, Need.Per.CLASS, children);
                    case GATHERED, SCATTER, CROSSING -> 1;
                };
        return (int) Math.round(60_000.0 * activity.triesPerTurn() * cycle.goes() / (cycle.seconds() * sharing));
    }

    /** How many share one thing that is sent, at least one; one where nothing is. */
    private static double perObject(Activity activity, Need.Per per, int sharers) {
        int objects = activity.needs().stream()
                .filter(n -> n.role() == Need.Role.SENT && n.per() == per)
                .mapToInt(Need::count)
                .sum();
        return objects == 0 ? 1 : Math.max(1, (double) sharers / objects);
    }

    /** Lanes run from 45 % with two in a lane down to 25 % with six; the other formations keep their usual figure. */
    private static int motion(Activity activity, int largestGroup) {
        Formation formation = activity.grouping().formation();
        return formation.queues() ? Math.max(25, Math.min(45, 55 - 5 * largestGroup)) : formation.motionPercent();
    }

    /** Looks one teacher has in a segment: (minutes - 1.5) x 60 x 0.5 / 10. Common practice. */
    public static int looks(int minutes) {
        return (int) Math.max(0, (minutes - UNSEEN_MINUTES) * 60 * LOOKING_SHARE / LOOK_SECONDS);
    }

    private static String rate(Activity activity, int largestGroup, int milli) {
        String tries = Words.say("%.1f tries a child each minute", milli / 1000.0);
        int seconds = activity.cycle() == null ? 0 : activity.cycle().seconds();
        Formation formation = activity.grouping().formation();
        boolean one = activity.cycle() != null && activity.cycle().acts() == Acts.ONE;
        return one || formation.queues() || formation == Formation.ROLES || formation == Formation.STATIONS
                ? "A turn takes about %d s and %d share it: %s.".formatted(seconds, largestGroup, tries)
                : "A turn takes about %d s: %s.".formatted(seconds, tries);
    }

    private static Fit fails(String reason) {
        return new Fit.Fails(List.of(reason));
    }
}
