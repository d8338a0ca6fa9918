package io.isokinet.core.group;

import java.util.ArrayList;
import java.util.List;

/**
 * Groups that go from station to station, or take turns in one zone.
 *
 * @param turns for each turn the station of each group, from 0
 * @param seconds at each station
 * @param reason one sentence with its numbers
 */
public record Carousel(List<List<Integer>> turns, int seconds, String reason) {
    /** Below this a station is left before it has begun. Common practice. */
    private static final int LEAST_SECONDS = 60;

    public Carousel {
        turns = turns.stream().map(List::copyOf).toList();
    }

    /**
     * Every group at every station once, all at the same time.
     *
     * @param groups as many as there are stations, or fewer
     * @param minutes for the whole round @param changeSeconds from one station to the next
     * @throws IllegalArgumentException if there are more groups than stations or the time is too short
     */
    public static Carousel of(int groups, int stations, int minutes, int changeSeconds) {
        if (groups < 1 || stations < groups)
            throw new IllegalArgumentException(
                    "%d groups need at least as many stations; there are %d.".formatted(groups, stations));
        int seconds = (minutes * 60 - (stations - 1) * changeSeconds) / stations;
        if (seconds < LEAST_SECONDS)
            throw new IllegalArgumentException(
                    "%d stations in %d minutes leave %d s at each, less than a minute. Take %d stations or %d minutes."
                            .formatted(
                                    stations,
                                    minutes,
                                    Math.max(0, seconds),
                                    Math.max(1, (minutes * 60 + changeSeconds) / (LEAST_SECONDS + changeSeconds)),
                                    (stations * (LEAST_SECONDS + changeSeconds) - changeSeconds + 59) / 60));
        List<List<Integer>> turns = new ArrayList<>();
        for (int turn = 0; turn < stations; turn++) {
            List<Integer> row = new ArrayList<>();
            for (int g = 0; g < groups; g++) row.add((g + turn) % stations);
            turns.add(row);
        }
        return new Carousel(
                turns,
                seconds,
                "%d stations, %d s at each and %d s to change: %d minutes."
                        .formatted(stations, seconds, changeSeconds, minutes));
    }

    /**
     * Groups that take turns in one zone, the others beside it.
     *
     * @param groups at least 1 @param minutes for the whole round @param changeSeconds from one group to the next
     * @return turns with 0 for the group in the zone and -1 for those beside it
     * @throws IllegalArgumentException if the time is too short
     */
    public static Carousel inTurn(int groups, int minutes, int changeSeconds) {
        int seconds = groups < 1 ? 0 : (minutes * 60 - (groups - 1) * changeSeconds) / groups;
        if (seconds < LEAST_SECONDS / 2)
            throw new IllegalArgumentException(
                    "%d groups in turn in %d minutes have %d s each, less than half a minute. Take fewer groups or more minutes."
                            .formatted(groups, minutes, Math.max(0, seconds)));
        List<List<Integer>> turns = new ArrayList<>();
        for (int turn = 0; turn < groups; turn++) {
            List<Integer> row = new ArrayList<>();
            for (int g = 0; g < groups; g++) row.add(g == turn ? 0 : -1);
            turns.add(row);
        }
        return new Carousel(
                turns,
                seconds,
                "%d groups in turn, %d s each and %d s to change: %d minutes."
                        .formatted(groups, seconds, changeSeconds, minutes));
    }
}
