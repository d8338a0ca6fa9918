package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Amount;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.activity.Grouping;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.group.Groups;
import io.isokinet.core.kit.Here;
import io.isokinet.core.kit.KitFinder;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.KitList;
import io.isokinet.core.kit.LayOut;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.motion.Ground;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.safety.Safety;
import io.isokinet.core.safety.Scene;
import io.isokinet.core.space.FloorFit;
import io.isokinet.core.space.Form;
import io.isokinet.core.space.Zone;
import io.isokinet.core.task.Asked;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Turn;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Fits one activity to a class, a place and a cupboard: groups, kit, tries, time in motion, cautions. One thread at a time. */
public final class Fitter {
    /** Seconds one look takes, of which half the time is for looking. Common practice: job figures for a usual cue. */
    private static final int LOOK_SECONDS = 10;

    private static final double LOOKING_SHARE = 0.5;
    private static final double UNSEEN_MINUTES = 1.5;
    /** With more, waiting is all there is. Common practice. */
    private static final int MOST_WAVES = 3;

    private final KnowHow knowHow;
    private final Cupboard cupboard;
    private final KitFinder kit;
    private final Age age;
    private final int children;
    private final Policy policy;
    private final Set<String> fresh;
    private final Map<Grouping, List<Integer>> splits = new HashMap<>();
    private final Map<Room, FloorFit> floors = new HashMap<>();

    /** @param children present, at least 1 */
    public Fitter(KnowHow knowHow, Cupboard cupboard, Age age, int children) {
        this(knowHow, cupboard, age, children, Policy.USUAL);
    }

    /** @param policy what the school makes of the usual cautions */
    public Fitter(KnowHow knowHow, Cupboard cupboard, Age age, int children, Policy policy) {
        this(knowHow, cupboard, age, children, policy, Set.of());
    }

    /** @param fresh skills that are new to the class, by key */
    public Fitter(KnowHow knowHow, Cupboard cupboard, Age age, int children, Policy policy, Set<String> fresh) {
        if (children < 1)
            throw new IllegalArgumentException(
                    "A lesson needs at least one child; the class has %d. Add children to the class."
                            .formatted(children));
        this.knowHow = knowHow;
        this.cupboard = cupboard;
        this.kit = new KitFinder(
                cupboard,
                knowHow.itemsByKey(),
                age,
                (item, here) -> Safety.forbids(item, new Scene.Around(here.indoors(), here.airborne(), age), policy));
        this.age = age;
        this.children = children;
        this.policy = policy;
        this.fresh = Set.copyOf(fresh);
    }

    /** At the step to start from, or the nearest to it that can be done: easier ones first. */
    public Fit fit(Activity activity, Place place) {
        Fit usual = fit(activity, Asked.usual(activity), place);
        if (allowed(usual)) return usual;
        int steps = Asked.steps(activity);
        for (int away = 1; away < steps; away++)
            for (int step : new int[] {Asked.usual(activity) - away, Asked.usual(activity) + away}) {
                if (step < 0 || step >= steps) continue;
                Fit other = fit(activity, step, place);
                if (allowed(other)) return other;
            }
        return usual;
    }

    private static boolean allowed(Fit fit) {
        return fit instanceof Fit.Works works && works.allowed();
    }

    /** @param setting step of the main lever; beyond the hardest means the hardest */
    public Fit fit(Activity activity, int setting, Place place) {
        return fit(activity, setting, place, null, 0);
    }

    /**
     * @param wished number of groups that is tried first; null for the usual one, and of no matter to stations
     * @param adapted children for whom a cue of it is adapted or left out
     */
    public Fit fit(Activity activity, int setting, Place place, @Nullable Integer wished, int adapted) {
        if (!activity.stations().isEmpty()) return stations(activity, setting, place, adapted);
        if (age.years() < activity.ageFrom() || age.years() > activity.ageTo())
            return fails("%s is for ages %d to %d; this class is %d."
                    .formatted(activity.name(), activity.ageFrom(), activity.ageTo(), age.years()));
        List<Integer> counts = splits.computeIfAbsent(activity.grouping(), g -> Groups.counts(g, children));
        if (counts.isEmpty())
            return fails("%s needs groups of %d to %d, which %d children do not make."
                    .formatted(
                            activity.name(),
                            activity.grouping().least(),
                            activity.grouping().most(),
                            children));
        Asked asked = Asked.of(activity, setting);
        List<Integer> order = counts.stream()
                .sorted(Comparator.comparing(n -> !n.equals(wished)))
                .toList();
        // A number that was wished for needs no explanation.
        int best = order.get(0).equals(wished) ? order.get(0) : counts.get(0);
        Laying laying = new Laying(asked, place, best, adapted);
        for (int groups : order) {
            Fit fit = laying.at(groups);
            if (fit != null) return fit;
        }
        Fit larger = laying.larger();
        if (larger != null) return larger;
        Formation formation = activity.grouping().formation();
        for (int waves = 2; waves <= MOST_WAVES; waves++) {
            Fit fit = laying.roomy == 0
                    ? laying.wavesForFloor(waves)
                    : formation.is(Formation.Is.IN_WAVES) ? laying.waves(waves) : null;
            if (fit != null) return fit;
        }
        return laying.refused();
    }

    /** " at “4 m”" where there are steps. */
    private static String at(Asked asked) {
        return asked.activity().levers().isEmpty()
                ? ""
                : " at “%s”".formatted(asked.activity().levers().get(0).steps().get(asked.setting()));
    }

    /** One activity at one setting, laid out for one number of groups after the other. */
    private final class Laying {
        private final Asked asked;
        private final Activity activity;
        private final Place place;
        private final int best;
        private final int adapted;
        private final Here here;
        private int roomy;
        private @Nullable FloorFit floor;
        private int most;
        private List<String> shortages = List.of();
        private List<String> remedies = List.of();

        Laying(Asked asked, Place place, int best, int adapted) {
            this.asked = asked;
            this.activity = asked.activity();
            this.place = place;
            this.best = best;
            this.adapted = adapted;
            this.here = new Here(
                    new Ground(place.floor()),
                    place.indoors(),
                    activity.cautions().contains("airborne"),
                    activity.attempt().travel(),
                    activity.attempt().must(),
                    asked.metres(age));
        }

        /** Null if floor or kit do not suffice. */
        @Nullable
        Fit at(int groups) {
            SpaceNeed space = space(asked, asked.needs(), groups);
            FloorFit there = floor(place, space, activity.grouping().formation());
            if (floor == null || there.groups() > most) {
                floor = there;
                most = there.groups();
            }
            if (there.groups() < groups) return null;
            if (roomy == 0) roomy = groups;
            for (List<Need> needs : splits(asked.needs())) {
                KitList list = kit.find(needs, children, groups, here);
                if (list.suffices())
                    return works(
                            new Laid(asked, needs, groups, 1, list, adapted), space, there, place, best, shortages);
                if (shortages.isEmpty()) {
                    shortages = list.shortages();
                    remedies = list.remedies();
                }
            }
            return null;
        }

        /** Where everything else fits, groups may be larger by one than the activity says: 31 children cost what 30 do. */
        @Nullable
        Fit larger() {
            int largest = activity.grouping().most();
            // A pair has a third at most: of four, two would look on.
            boolean grows = largest > 1 && activity.grouping().formation().sharing() != Formation.Sharing.PAIR;
            if (roomy > 0 || most == 0 || !grows || (children + most - 1) / most != largest + 1) return null;
            Fit fit = at(most);
            if (!(fit instanceof Fit.Works works)) return null;
            return works.because(
                    "%s has room for %d groups, and one child more than %d in a group is better than leaving it out."
                            .formatted(Words.capital(place.name()), most, largest));
        }

        @Nullable
        Fit waves(int waves) {
            KitList list = kit.find(asked.needs(), (children + waves - 1) / waves, roomy, here);
            SpaceNeed space = space(asked, asked.needs(), roomy);
            return list.suffices()
                    ? works(
                            new Laid(asked, asked.needs(), roomy, waves, list, adapted),
                            space,
                            floor(place, space, activity.grouping().formation()),
                            place,
                            best,
                            shortages)
                    : null;
        }

        /**
         * Where the floor is too small for all at once a part of them is on it, of pairs half or a third, and the others watch from its edge;
         * nobody warms up like that.
         */
        @Nullable
        Fit wavesForFloor(int waves) {
            Formation formation = activity.grouping().formation();
            boolean pairs = formation.sharing() == Formation.Sharing.PAIR;
            if (!activity.worksOnSkill() || !pairs && !formation.spreads()) return null;
            int some = (children + waves - 1) / waves;
            int groups = pairs ? (best + waves - 1) / waves : best;
            SpaceNeed space = space(asked, asked.needs(), best);
            FloorFit there = floor(place, space, formation, some);
            if (there.groups() < groups) return null;
            KitList list = kit.find(asked.needs(), some, groups, here);
            String room = Words.capital(place.name()) + " has room for "
                    + (pairs
                            ? "%d of %d groups".formatted(there.groups(), best)
                            : "%d of %d".formatted(some, children));
            return list.suffices()
                    ? works(
                            new Laid(asked, asked.needs(), best, waves, list, adapted),
                            space,
                            there,
                            place,
                            best,
                            List.of(room + " at once."))
                    : null;
        }

        Fit refused() {
            if (roomy > 0) {
                List<String> reasons = new ArrayList<>();
                for (int i = 0; i < shortages.size(); i++)
                    reasons.add(activity.name() + ": " + shortages.get(i) + remedies.get(i));
                return new Fit.Fails(reasons);
            }
            FloorFit there = Objects.requireNonNull(floor);
            int least = splits.get(activity.grouping()).stream()
                    .min(Integer::compare)
                    .orElseThrow();
            return there.groups() == 0
                    ? fails("%s does not fit into %s%s: %s."
                            .formatted(activity.name(), place.name(), Fitter.at(asked), there.how()))
                    : fails("%s needs at least %d groups side by side for %d children%s; %s has room for %d."
                            .formatted(
                                    activity.name(), least, children, Fitter.at(asked), place.name(), there.groups()));
        }
    }

    private SpaceNeed space(Asked asked, List<Need> needs, int groups) {
        Activity activity = asked.activity();
        return Form.of(activity.grouping().formation())
                .wanted(
                        activity.space(),
                        asked.metres(age),
                        (children + groups - 1) / groups,
                        needs.stream()
                                .filter(n -> n.role() == Need.Role.TOPPLED)
                                .mapToInt(Need::count)
                                .max()
                                .orElse(0),
                        needs.stream()
                                .anyMatch(n -> n.per() == Need.Per.GROUP
                                        && (n.role() == Need.Role.TOPPLED || n.role() == Need.Role.AIMED_AT)),
                        needs.stream().noneMatch(n -> n.role() == Need.Role.SENT),
                        asked.runUp(age),
                        row(asked, needs));
    }

    private static double row(Asked asked, List<Need> needs) {
        Double apart = asked.facts().amount(Amount.APART);
        if (apart == null) return 0;
        return apart
                * needs.stream()
                        .filter(n -> n.role() == Need.Role.MARKER && n.per() == Need.Per.GROUP)
                        .mapToInt(Need::count)
                        .max()
                        .orElse(0);
    }

    private FloorFit floor(Place place, SpaceNeed space, Formation formation) {
        return floor(place, space, formation, children);
    }

    /** @param some children who stand on it at once */
    private FloorFit floor(Place place, SpaceNeed space, Formation formation, int some) {
        return floors.computeIfAbsent(
                new Room(place.name(), place, space, formation, some), r -> FloorFit.of(place, space, formation, some));
    }

    /** By name first, so that two places are seldom compared in full. */
    private record Room(String name, Place place, SpaceNeed space, Formation formation, int children) {
        @Override
        public int hashCode() {
            return name.hashCode() + 31 * space.hashCode() + formation.hashCode() + children;
        }
    }

    /** Each station for the largest group on its part of the floor, with the kit that the ones before it leave. */
    private Fit stations(Activity activity, int setting, Place place, int adapted) {
        int n = activity.stations().size();
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
                Activity part = activity.stations().get(i);
                Zone zone = zones.get((i + turn) % n);
                Fit fit = new Fitter(knowHow, left, age, sizes.get(0), policy, fresh)
                        .fit(part, Stations.step(part, activity, setting), zone.place(), null, adapted);
                if (fit instanceof Fit.Works works) {
                    stations.add(new Fit.Station(part, zone, works));
                    for (KitLine line : works.kit()) left = left.less(knowHow.item(line.item()), line.count());
                } else if (refused == null && fit instanceof Fit.Fails fails)
                    refused = new Fit.Fails(fails.reasons().stream()
                            .map(r -> "Station %d for %d children: %s".formatted(stations.size() + 1, sizes.get(0), r))
                            .toList());
            }
            if (stations.size() == n) return sideBySide(Asked.of(activity, setting), place, sizes, stations);
        }
        return refused == null ? fails(activity.name() + " does not fit.") : refused;
    }

    private Fit sideBySide(Asked asked, Place place, List<Integer> sizes, List<Fit.Station> stations) {
        int n = stations.size();
        List<Need> needs = new ArrayList<>();
        List<KitLine> kit = new ArrayList<>();
        List<String> reasons = new ArrayList<>();
        Set<Caution> cautions = new LinkedHashSet<>();
        int tries = 0;
        int motion = 0;
        int waiting = 0;
        for (Fit.Station s : stations) {
            needs.addAll(s.works().needs());
            kit.addAll(s.works().kit());
            s.works().reasons().forEach(r -> reasons.add(s.activity().name() + ": " + r));
            cautions.addAll(s.works().cautions());
            tries += s.works().milliTriesPerMinute();
            motion += s.works().motionPercent();
            waiting += s.works().turn().waitingPercent();
        }
        Place floor = stations.get(0).zone().place();
        List<KitLine> all = LayOut.of(List.of(kit), knowHow.itemsByKey());
        reasons.add(
                0,
                Words.say(
                        "Each group is at every station once; each station has %.1f m by %.1f m. Nobody goes behind another station's targets.",
                        floor.length().metres(), floor.width().metres()));
        return new Fit.Works(
                new Task(asked, age, new Ground(place.floor()), needs, null, null, null, null, isFresh(asked)),
                n,
                1,
                sizes,
                "%d groups of %s go round: ".formatted(n, alike(sizes))
                        + stations.stream()
                                .map(s -> s.activity().name() + " (" + s.works().formation() + ")")
                                .collect(Collectors.joining("; ")),
                asked.activity().space(),
                new Turn(0, 1, tries / n, waiting / n, motion / n),
                all,
                List.copyOf(cautions),
                reasons,
                stations);
    }

    private boolean isFresh(Asked asked) {
        return asked.activity().skill() != null
                && fresh.contains(asked.activity().skill());
    }

    private static String alike(List<Integer> sizes) {
        int most = sizes.get(0);
        int least = sizes.get(sizes.size() - 1);
        return most == least ? String.valueOf(most) : "%d and %d".formatted(most, least);
    }

    /** How an activity is laid out with the kit there is. */
    private record Laid(Asked asked, List<Need> needs, int groups, int waves, KitList kit, int adapted) {}

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

    private Fit works(Laid laid, SpaceNeed space, FloorFit floor, Place place, int best, List<String> shortages) {
        Activity activity = laid.asked().activity();
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
        Task task = Task.of(
                laid.asked(), age, place.floor(), laid.needs(), lines, knowHow, cupboard, isFresh(laid.asked()));
        String stopsShort = task.stopsShort();
        if (stopsShort != null)
            return fails("%s does not work here%s: %s.".formatted(activity.name(), at(laid.asked()), stopsShort));
        Turn turn = Turn.of(task, laid.groups(), children, laid.waves());
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
            if (laid.needs().get(i).count() != laid.asked().needs().get(i).count())
                reasons.add("%s So %d for each, not %d."
                        .formatted(
                                shortages.get(0),
                                laid.needs().get(i).count(),
                                laid.asked().needs().get(i).count()));
        if (turn.milliTries() > 0) reasons.add(turn.words());
        if (task.bound() != null) reasons.add(task.bound());
        for (KitLine line : lines) if (line.reason() != null) reasons.add(line.words() + ": " + line.reason());
        boolean odd = children % 2 == 1 && activity.grouping().formation().sharing() == Formation.Sharing.PAIR;
        if (odd && activity.oddChild() != null) reasons.add("%d is odd: %s".formatted(children, activity.oddChild()));
        return new Fit.Works(
                task,
                laid.groups(),
                laid.waves(),
                sizes,
                Form.of(activity.grouping().formation()).words(children, sizes, floor)
                        + (laid.waves() == 1 ? "" : ", in %d waves".formatted(laid.waves())),
                space,
                turn,
                lines,
                cautions,
                reasons,
                List.of());
    }

    /** Looks one teacher has in a segment: (minutes - 1.5) x 60 x 0.5 / 10. Common practice. */
    public static int looks(int minutes) {
        return (int) Math.max(0, (minutes - UNSEEN_MINUTES) * 60 * LOOKING_SHARE / LOOK_SECONDS);
    }

    private static Fit fails(String reason) {
        return new Fit.Fails(List.of(reason));
    }
}
