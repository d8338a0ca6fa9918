package io.isokinet.knowhow;

import io.isokinet.core.activity.TurnCycle;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.PriorityQueue;
import java.util.Random;

/**
 * A segment played through, event by event: children of different pace queue for as many things as there are, act, fetch what
 * they sent, come back and put right what fell. It shares no code with the forecast.
 */
final class TurnSimulation {
    private static final double PACE_SPREAD = 0.12;
    private static final double PHASE_SPREAD = 0.25;

    private record Free(double at, int child) {}

    private final int children;
    private final int things;
    private final double[] phases;
    private final double[] misses;
    private final Random random;

    /**
     * @param things how many can have a turn at once
     * @param phases seconds of act, fetch, back and reset
     * @param misses seconds that each go adds if it fails
     */
    TurnSimulation(int children, int things, double[] phases, double[] misses, Random random) {
        this.children = children;
        this.things = things;
        this.phases = phases;
        this.misses = misses;
        this.random = random;
    }

    /** Turns of each child, on average, that are over within the seconds. */
    double turnsEach(double seconds) {
        double[] pace = new double[children];
        for (int c = 0; c < children; c++) pace[c] = Math.exp(PACE_SPREAD * random.nextGaussian());
        Deque<Integer> waiting = new ArrayDeque<>();
        for (int c = 0; c < children; c++) waiting.add(c);
        PriorityQueue<Free> busy = new PriorityQueue<>((a, b) -> Double.compare(a.at, b.at));
        double now = 0;
        int turns = 0;
        while (true) {
            while (busy.size() < things && !waiting.isEmpty()) {
                int child = waiting.remove();
                busy.add(new Free(now + turn(pace[child]), child));
            }
            Free next = busy.remove();
            if (next.at > seconds) return (double) turns / children;
            now = next.at;
            turns++;
            waiting.add(next.child);
        }
    }

    private double turn(double pace) {
        double seconds = 0;
        // Uniform about the middle: some fetches are short, some run into a corner.
        for (double phase : phases) seconds += phase * (1 + PHASE_SPREAD * (2 * random.nextDouble() - 1));
        for (double miss : misses) if (random.nextDouble() < TurnCycle.USUALLY_MISSED) seconds += miss;
        return seconds * pace;
    }

    /** The middle of many seeded runs. */
    static double median(
            int children, int things, double[] phases, double[] misses, double seconds, int runs, long seed) {
        Random random = new Random(seed);
        double[] each = new double[runs];
        for (int i = 0; i < runs; i++)
            each[i] = new TurnSimulation(children, things, phases, misses, random).turnsEach(seconds);
        Arrays.sort(each);
        return each[runs / 2];
    }
}
