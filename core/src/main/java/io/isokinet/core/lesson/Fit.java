package io.isokinet.core.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.space.Zone;
import io.isokinet.core.task.Task;
import io.isokinet.core.task.Toll;
import io.isokinet.core.task.Turn;
import io.isokinet.core.thing.Need;
import java.util.List;
import java.util.stream.Stream;

/** Whether an activity can be done by a class in a place with a cupboard, and how. */
public sealed interface Fit permits Fit.Works, Fit.Fails {
    /**
     * It can be done.
     *
     * @param task what is done, with the things used on the floor there; its needs may have smaller triangles where there are too
     *     few pins
     * @param groups how many groups, of {@code sizes}
     * @param waves how many take turns with the kit or on the floor; 1 if all work at once
     * @param formation groups in words: "5 lanes of 5, 1 of 4, across"
     * @param space the floor that each group has
     * @param turn tries, waiting and motion
     * @param reasons sentences with their numbers
     * @param stations what is at each of its stations; empty where all do the same
     */
    record Works(
            Task task,
            int groups,
            int waves,
            List<Integer> sizes,
            String formation,
            SpaceNeed space,
            Turn turn,
            List<KitLine> kit,
            List<Caution> cautions,
            List<String> reasons,
            List<Station> stations)
            implements Fit {
        public Works {
            sizes = List.copyOf(sizes);
            kit = List.copyOf(kit);
            cautions = List.copyOf(cautions);
            reasons = List.copyOf(reasons);
            stations = List.copyOf(stations);
        }

        /** The same with a reason before the others. */
        Works because(String reason) {
            return new Works(
                    task,
                    groups,
                    waves,
                    sizes,
                    formation,
                    space,
                    turn,
                    kit,
                    cautions,
                    Stream.concat(Stream.of(reason), reasons.stream()).toList(),
                    stations);
        }

        /** Groups that have things at once: pairs in waves use those of the wave before. */
        public int groupsAtOnce() {
            return task.activity().grouping().formation().sharing() == Formation.Sharing.PAIR
                    ? (groups + waves - 1) / waves
                    : groups;
        }

        /** What it needs as it is laid out. */
        public List<Need> needs() {
            return task.needs();
        }

        /** Tries a child gets in a minute, in thousandths. */
        public int milliTriesPerMinute() {
            return turn.milliTries();
        }

        /** Share of the minutes in which a child is in motion; not the same as vigorous activity. */
        public int motionPercent() {
            return turn.motionPercent();
        }

        /** Tries a child gets in so many seconds of work: what turns give, and what a body may have. */
        public int tries(int working) {
            return stations.isEmpty()
                    ? Math.min(turn.tries(working), task.most())
                    : stations.stream()
                            .mapToInt(s -> s.works().tries(working / stations.size()))
                            .sum();
        }

        /** What so many seconds of work take of a body. */
        public Toll toll(int working) {
            if (stations.isEmpty()) return Toll.of(task, tries(working));
            Toll all = Toll.NONE;
            for (Station s : stations) all = all.and(s.works().toll(working / stations.size()));
            return all;
        }

        /** Keys of what is rolled, thrown, kicked or struck. */
        public List<String> sent() {
            return needs().stream()
                    .filter(n -> n.role() == Need.Role.SENT)
                    .flatMap(n -> kit.stream().filter(l -> l.what().equals(n.what())))
                    .map(KitLine::item)
                    .distinct()
                    .toList();
        }

        /** Seconds of putting on what is worn. */
        public int wornSeconds() {
            return kit.stream().mapToInt(KitLine::seconds).sum();
        }

        public boolean usesSubstitutes() {
            return kit.stream().anyMatch(line -> line.reason() != null);
        }

        /** True if no caution forbids it. */
        public boolean allowed() {
            return cautions.stream().noneMatch(Caution::forbids);
        }
    }

    /** A station: its activity, fitted to the largest group that comes round, on its part of the floor. */
    record Station(Activity activity, Zone zone, Works works) {}

    /** It cannot; each reason says what is missing. */
    record Fails(List<String> reasons) implements Fit {
        public Fails {
            reasons = List.copyOf(reasons);
        }
    }
}
