package io.isokinet.core.figure;

import io.isokinet.core.motion.Toppling;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A movement as one body does it, with the ball on its way, what is held, and where the face turns. */
final class Played implements Motion {
    private static final int KEPT = 4;
    private static final double INSTANT = 0.01;
    /** How much of its speed upwards a ball keeps at each bounce; how it is drawn. */
    private static final double KEEPS = 0.55;

    private static final int MOST_BOUNCES = 4;
    /** Degrees to either side, with the eyes a little further than the head; from memory. */
    private static final double NECK_TURNS = 95;

    private final Movement movement;
    private final Body body;
    /** The figures asked for last: a speed looks at two of them again and again. */
    private final double[] keptAt = new double[KEPT];

    private final @Nullable Figure[] kept = new Figure[KEPT];
    private int oldest;

    Played(Movement movement, Body body) {
        this.movement = movement;
        this.body = body;
    }

    @Override
    public double stature() {
        return body.stature();
    }

    @Override
    public double start() {
        return movement.moments().get(0).at();
    }

    @Override
    public double end() {
        return start() + movement.seconds();
    }

    @Override
    public double time(String moment) {
        return movement.time(moment);
    }

    Figure figure(double at) {
        for (int i = 0; i < KEPT; i++) {
            Figure f = kept[i];
            if (f != null && keptAt[i] == at) return f;
        }
        Figure now = Figure.of(body, movement.pose(at));
        kept[oldest] = now;
        keptAt[oldest] = at;
        oldest = (oldest + 1) % KEPT;
        return now;
    }

    @Override
    public Vec joint(Spot spot, double at) {
        return switch (spot) {
            case NOSE -> figure(at).at(Spot.HEAD).plus(onNeck(face(at), at).times(body.skull() / 2));
            case BALL -> ball(0, at);
            case SECOND_BALL -> ball(1, at);
            case THIRD_BALL -> ball(2, at);
            case TIP -> thing(at, true);
            case BUTT -> thing(at, false);
            case TARGET -> movement.handled().target().times(body.stature());
            default -> figure(at).at(spot);
        };
    }

    /** A face as far to it as a neck turns on the shoulders. */
    private Vec onNeck(Vec face, double at) {
        Figure f = figure(at);
        Vec across = f.at(Spot.OWN_SHOULDER).minus(f.at(Spot.OTHER_SHOULDER));
        double chest = Math.toDegrees(Math.atan2(-across.forward(), across.own()));
        double turned = Math.IEEEremainder(Math.toDegrees(Math.atan2(face.own(), face.forward())) - chest, 360);
        double most = Math.max(-NECK_TURNS, Math.min(NECK_TURNS, turned));
        return face.turned(most - turned);
    }

    private Vec face(double at) {
        List<Moment> moments = movement.moments();
        int k = movement.next(at);
        Moment before = moments.get(k - 1);
        Moment after = moments.get(k);
        double t = Math.max(0, Math.min(1, (at - before.at()) / (after.at() - before.at())));
        Vec from = face(before.eyes(), at);
        if (before.eyes() == after.eyes()) return from;
        double s = t * t * (3 - 2 * t);
        Vec way = from.times(1 - s).plus(face(after.eyes(), at).times(s));
        return way.length() < 1e-6 ? from : way.unit();
    }

    private Vec face(Eyes eyes, double at) {
        Figure f = figure(at);
        return switch (eyes) {
            case AHEAD -> new Vec(1, 0, 0);
            case FRONT -> f.hips();
            case TARGET -> to(Spot.TARGET, at);
            case BALL -> to(Spot.BALL, at);
            case FLOOR -> new Vec(0.55, 0, -0.83).turned(turn(f));
            case HAND -> to(Spot.OWN_HAND, at);
            case UP -> new Vec(0.45, 0, 0.89).turned(turn(f));
            case ASIDE -> new Vec(0, 1, 0);
            case OTHER_SIDE -> new Vec(0, -1, 0);
            case BACK -> new Vec(-1, 0, 0);
        };
    }

    private static double turn(Figure f) {
        return Math.toDegrees(Math.atan2(f.hips().own(), f.hips().forward()));
    }

    private Vec to(Spot spot, double at) {
        return at(spot, at).minus(figure(at).at(Spot.HEAD)).unit();
    }

    private Vec thing(double at, boolean tip) {
        Thing thing = Optional.ofNullable(movement.handled().thing())
                .orElseThrow(() -> new IllegalArgumentException("Nothing is held in this movement."));
        double goes = thing.goes().isEmpty() ? Double.POSITIVE_INFINITY : time(thing.goes());
        double held = Math.min(at, goes);
        Vec hand = figure(held).at(Spot.OWN_HAND);
        Vec way = figure(held).thing().times(thing.length());
        Vec end = hand.plus(tip ? way.times(1 - thing.behind()) : way.times(-thing.behind()));
        if (at <= goes) return end;
        Vec front = hand.plus(way.times(1 - thing.behind()));
        Vec speed = aimed(Spot.OWN_HAND, goes, thing.share());
        double t = Math.min(at - goes, landing(front.up(), speed.up()));
        return end.plus(fall(Vec.ZERO, speed, t));
    }

    private static double landing(double height, double up) {
        return (up + Math.sqrt(up * up + 2 * Toppling.GRAVITY * Math.max(0, height))) / Toppling.GRAVITY;
    }

    private Vec ball(int which, double at) {
        if (which >= movement.handled().balls().size())
            throw new IllegalArgumentException("There is no ball %d in this movement.".formatted(which + 1));
        Ball ball = movement.handled().balls().get(which);
        Vec here = ball.from() == null ? Vec.ZERO : place(null, ball.from(), start());
        double since = start();
        for (int i = 0; i < ball.legs().size(); i++) {
            Ball.Leg leg = ball.legs().get(i);
            double until = leg.until().isEmpty() ? Double.POSITIVE_INFINITY : time(leg.until());
            if (leg.how() == Ball.How.HELD) here = place(leg.with(), leg.to(), since);
            if (leg.how() == Ball.How.LIES)
                here = place(leg.with(), leg.to(), Double.isInfinite(until) ? since : until);
            if (at < until || i == ball.legs().size() - 1) return on(ball, i, here, since, until, at);
            here = on(ball, i, here, since, until, until);
            since = until;
        }
        return here;
    }

    private Vec on(Ball ball, int i, Vec here, double since, double until, double at) {
        Ball.Leg leg = ball.legs().get(i);
        return switch (leg.how()) {
            case HELD -> place(leg.with(), leg.to(), at);
            case LIES -> here;
            case FLIES -> flight(here, place(leg.with(), leg.to(), until), until - since, at - since);
            case ROLLS -> {
                Vec to = place(leg.with(), leg.to(), until);
                yield here.plus(to.minus(here).times((at - since) / (until - since)));
            }
            case BOUNCES -> {
                Vec to = place(leg.with(), leg.to(), until);
                Vec across = here.plus(to.minus(here).times(leg.share()));
                Vec floor = new Vec(across.forward(), across.own(), ball.radius());
                double half = (until - since) * leg.share();
                double t = at - since;
                yield t < half ? flight(here, floor, half, t) : flight(floor, to, until - since - half, t - half);
            }
            case GOES -> goes(ball, i, here, since, at - since);
        };
    }

    private Vec goes(Ball ball, int i, Vec here, double since, double t) {
        Ball.Leg leg = ball.legs().get(i);
        Vec speed = leg.speed() != null
                ? leg.speed().times(body.stature())
                : aimed(leg.with() == null ? Spot.OWN_HAND : leg.with(), since, leg.share());
        Vec from = here;
        double left = t;
        for (int n = 0; n < MOST_BOUNCES; n++) {
            double lands = landing(from.up() - ball.radius(), speed.up());
            if (left <= lands) return fall(from, speed, left);
            from = fall(from, speed, lands);
            speed = new Vec(
                    0.8 * speed.forward(), 0.8 * speed.own(), KEEPS * Math.abs(speed.up() - Toppling.GRAVITY * lands));
            left -= lands;
        }
        return new Vec(from.forward() + speed.forward() * left, from.own() + speed.own() * left, ball.radius());
    }

    /** Between two places in so many seconds, under gravity. */
    private static Vec flight(Vec from, Vec to, double seconds, double t) {
        Vec line = from.plus(to.minus(from).times(t / seconds));
        return new Vec(line.forward(), line.own(), line.up() + Toppling.GRAVITY * t * (seconds - t) / 2);
    }

    private static Vec fall(Vec from, Vec speed, double t) {
        Vec line = from.plus(speed.times(t));
        return new Vec(line.forward(), line.own(), line.up() - Toppling.GRAVITY * t * t / 2);
    }

    private Vec place(@Nullable Spot with, @Nullable Vec to, double at) {
        Vec off = to == null ? Vec.ZERO : to.times(body.stature());
        return with == null ? off : at(with, at).plus(off);
    }

    /** With so many times the speed of a spot, as steep as it, and to the target. */
    private Vec aimed(Spot spot, double at, double share) {
        Vec speed = velocity(spot, at).times(share);
        Vec way = at(Spot.TARGET, at).minus(at(spot, at));
        Vec level = new Vec(way.forward(), way.own(), 0).unit();
        return level.times(Math.hypot(speed.forward(), speed.own())).plus(new Vec(0, 0, speed.up()));
    }

    /** Metres a second as it arrives at a time. */
    Vec velocity(Spot spot, double at) {
        return at(spot, at).minus(at(spot, at - INSTANT)).times(1 / INSTANT);
    }
}
