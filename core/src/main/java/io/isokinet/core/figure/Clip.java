package io.isokinet.core.figure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A movement as it is drawn: where each spot is, picture by picture, in whole millimetres. A question can be asked of it as of the body
 * itself.
 *
 * @param stature in metres
 * @param rate pictures a second
 * @param spots in the order in which they stand in each picture
 * @param frames forward, own, up of each spot
 * @param moments seconds by name
 */
public record Clip(double stature, int rate, List<Spot> spots, List<int[]> frames, Map<String, Double> moments)
        implements Motion {
    private static final double MILLIMETRE = 0.001;

    /** Pictures a second: moments at fortieths of a second are met. */
    public static final int USUAL_RATE = 40;

    /** Of a movement as a body does it. */
    public static Clip of(Movement movement, Body body, int rate) {
        return of(movement, body, rate, Set.of());
    }

    /** @param marked spots that are to be marked, also where they lie between others */
    public static Clip of(Movement movement, Body body, int rate, Set<Spot> marked) {
        Motion motion = movement.on(body);
        List<Spot> spots = new ArrayList<>(List.of(Spot.body()));
        spots.addAll(Ball.SPOTS.subList(0, movement.handled().balls().size()));
        if (movement.handled().thing() != null) spots.addAll(List.of(Spot.TIP, Spot.BUTT));
        spots.add(Spot.TARGET);
        marked.stream().filter(s -> !spots.contains(s)).sorted().forEach(spots::add);
        int n = (int) Math.ceil(movement.seconds() * rate - 1e-9);
        List<int[]> frames = new ArrayList<>();
        for (int i = 0; i <= n; i++) {
            double at = motion.start() + (double) i / rate;
            int[] frame = new int[3 * spots.size()];
            for (int s = 0; s < spots.size(); s++) {
                Vec v = motion.at(spots.get(s), at);
                frame[3 * s] = (int) Math.round(v.forward() / MILLIMETRE);
                frame[3 * s + 1] = (int) Math.round(v.own() / MILLIMETRE);
                frame[3 * s + 2] = (int) Math.round(v.up() / MILLIMETRE);
            }
            frames.add(frame);
        }
        Map<String, Double> moments = new LinkedHashMap<>();
        movement.moments().forEach(m -> moments.put(m.name(), m.at() - motion.start()));
        return new Clip(body.stature(), rate, spots, frames, moments);
    }

    @Override
    public double start() {
        return 0;
    }

    @Override
    public double end() {
        return moments.values().stream().mapToDouble(d -> d).max().orElse(0);
    }

    @Override
    public double time(String moment) {
        Double at = moments.get(moment);
        if (at == null)
            throw new IllegalArgumentException(
                    "There is no moment “%s”; there are %s.".formatted(moment, moments.keySet()));
        return at;
    }

    @Override
    public Vec joint(Spot spot, double at) {
        int s = spots.indexOf(spot);
        if (s < 0) throw new IllegalArgumentException("There is no %s in this clip.".formatted(spot));
        double f = Math.max(0, Math.min(frames.size() - 1, at * rate));
        int before = Math.min((int) f, frames.size() - 2);
        double share = f - before;
        return point(before, s).times(1 - share).plus(point(before + 1, s).times(share));
    }

    private Vec point(int frame, int s) {
        int[] f = frames.get(frame);
        return new Vec(f[3 * s], f[3 * s + 1], f[3 * s + 2]).times(MILLIMETRE);
    }
}
