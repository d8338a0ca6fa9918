package io.isokinet.core.figure;

import java.util.EnumMap;
import java.util.Map;

/**
 * A body in a pose: where its spots are. Arms and legs are put together from where hand and foot are, the elbow by its dial and the knee as
 * the foot points, so that a foot that is planted stays where it is; the hips come down where a foot would not reach.
 */
final class Figure {
    private static final double SHORT_OF_STRAIGHT = 0.999;
    private static final double PALM = 0.6;
    /** How far below the one hand the other lies on a handle, in hands. */
    private static final double HANDLE = 0.5;

    private static final double PLANTED = 0.004;
    /** How much of the foot is behind the ankle. */
    private static final double HEEL = 0.25;
    /** How much of it is behind its ball, on which it turns. */
    private static final double BALL = 0.75;

    private static final Vec UPRIGHT = new Vec(0, 0, 1);

    private final Body body;
    private final Map<Spot, Vec> spots = new EnumMap<>(Spot.class);
    private final Vec hips;
    private final Vec thing;
    private final boolean reaches;

    private Figure(Body body, Pose p) {
        this.body = body;
        double turn = p.get(Dial.TURN);
        hips = new Vec(1, 0, 0).turned(turn);
        Vec across = new Vec(0, 1, 0).turned(turn);
        Vec tilted = across.times(Math.cos(Math.toRadians(p.get(Dial.TILT))))
                .plus(UPRIGHT.times(Math.sin(Math.toRadians(p.get(Dial.TILT)))));
        Vec toOwnHip = tilted.times(body.hips());
        Foot own = foot(p, true);
        Foot other = foot(p, false);
        Vec middle = new Vec(
                p.get(Dial.ALONG) * body.stature(),
                p.get(Dial.ACROSS) * body.stature(),
                p.get(Dial.HEIGHT) * body.leg());
        double up = Math.min(highest(middle.plus(toOwnHip), own), highest(middle.minus(toOwnHip), other));
        middle = new Vec(middle.forward(), middle.own(), Math.min(middle.up(), middle.up() + up));
        spots.put(Spot.HIPS, middle);
        spots.put(Spot.OWN_HIP, middle.plus(toOwnHip));
        spots.put(Spot.OTHER_HIP, middle.minus(toOwnHip));

        Vec upright = trunk(p, UPRIGHT, turn);
        Vec chestAhead = trunk(p, new Vec(1, 0, 0).turned(p.get(Dial.TWIST)), turn);
        Vec chestAcross = trunk(p, new Vec(0, 1, 0).turned(p.get(Dial.TWIST)), turn);
        Vec neck = middle.plus(upright.times(body.trunk()));
        spots.put(Spot.NECK, neck);
        spots.put(Spot.OWN_SHOULDER, neck.plus(chestAcross.times(body.shoulders())));
        spots.put(Spot.OTHER_SHOULDER, neck.minus(chestAcross.times(body.shoulders())));
        spots.put(Spot.HEAD, neck.plus(upright.times(body.head() - body.skull() / 2)));
        double rise = Math.toRadians(p.get(Dial.THING_RISE));
        thing = new Vec(Math.cos(rise), 0, Math.sin(rise)).turned(p.get(Dial.THING_TURN));
        arm(p, true, chestAhead, chestAcross, upright);
        arm(p, false, chestAhead, chestAcross, upright);
        boolean reached = leg(p, own, true);
        reached &= leg(p, other, false);
        reaches = reached;
    }

    static Figure of(Body body, Pose pose) {
        return new Figure(body, pose);
    }

    private static Vec trunk(Pose p, Vec v, double turn) {
        return v.bent(p.get(Dial.BEND)).leant(p.get(Dial.LEAN)).turned(turn);
    }

    private void arm(Pose p, boolean own, Vec ahead, Vec across, Vec up) {
        Vec shoulder = at(own ? Spot.OWN_SHOULDER : Spot.OTHER_SHOULDER);
        Vec out = own ? across : across.times(-1);
        Vec to = ahead.times(p.get(own ? Dial.OWN_HAND_AHEAD : Dial.OTHER_HAND_AHEAD))
                .plus(out.times(p.get(own ? Dial.OWN_HAND_OUT : Dial.OTHER_HAND_OUT)))
                .plus(up.times(p.get(own ? Dial.OWN_HAND_UP : Dial.OTHER_HAND_UP)))
                .times(body.arm());
        double joined = own ? 0 : p.get(Dial.JOINED);
        if (joined > 0) {
            Vec handle = at(Spot.OWN_WRIST).minus(thing.times(body.hand() * HANDLE));
            to = to.times(1 - joined).plus(handle.minus(shoulder).times(joined));
        }
        double dial = p.get(own ? Dial.OWN_ELBOW : Dial.OTHER_ELBOW);
        double elbow = Math.toRadians(dial);
        // Down and a little behind is where an elbow hangs; the dial takes it out, then up and to the front.
        double forward = -0.3 + 1.3 * Math.max(0, dial - 90) / 90;
        Vec pole = up.times(-Math.cos(elbow)).plus(out.times(Math.sin(elbow))).plus(ahead.times(forward));
        Bones arm = Bones.between(shoulder, shoulder.plus(to), body.upperArm(), body.forearm(), pole);
        spots.put(own ? Spot.OWN_ELBOW : Spot.OTHER_ELBOW, arm.middle());
        spots.put(own ? Spot.OWN_WRIST : Spot.OTHER_WRIST, arm.end());
        Vec along = arm.end().minus(arm.middle()).unit();
        spots.put(own ? Spot.OWN_HAND : Spot.OTHER_HAND, arm.end().plus(along.times(body.hand() * PALM)));
    }

    private record Foot(Vec toes, Vec heel, Vec toe, Vec ankle) {}

    /**
     * The dial says where the ankle is above while the foot points ahead, flat. A foot turns on its ball; the toes stay where the heel comes up,
     * the heel where they do.
     */
    private Foot foot(Pose p, boolean own) {
        double tip = Math.toRadians(p.get(own ? Dial.OWN_FOOT_TIP : Dial.OTHER_FOOT_TIP));
        Vec toes = new Vec(1, 0, 0).turned(p.get(own ? Dial.OWN_FOOT_TURN : Dial.OTHER_FOOT_TURN));
        Vec sole = new Vec(
                p.get(own ? Dial.OWN_FOOT_ALONG : Dial.OTHER_FOOT_ALONG) * body.stature(),
                p.get(own ? Dial.OWN_FOOT_ACROSS : Dial.OTHER_FOOT_ACROSS) * body.stature(),
                p.get(own ? Dial.OWN_FOOT_HEIGHT : Dial.OTHER_FOOT_HEIGHT) * body.stature());
        double length = body.foot();
        Vec ball = sole.plus(new Vec(length * (BALL - HEEL), 0, 0));
        Vec heel = ball.minus(toes.times(length * BALL));
        Vec toe = ball.plus(toes.times(length * (1 - BALL)));
        if (tip >= 0) heel = toe.minus(toes.times(length * Math.cos(tip))).plus(UPRIGHT.times(length * Math.sin(tip)));
        else toe = heel.plus(toes.times(length * Math.cos(tip))).plus(UPRIGHT.times(-length * Math.sin(tip)));
        Vec along = toe.minus(heel).unit();
        Vec above = toes.times(Math.sin(tip)).plus(UPRIGHT.times(Math.cos(tip)));
        return new Foot(toes, heel, toe, heel.plus(along.times(length * HEEL)).plus(above.times(body.ankle())));
    }

    /** How much higher a hip could be for its foot to stay where it is; below zero where it must come down. */
    private double highest(Vec hip, Foot foot) {
        double leg = (body.thigh() + body.shank()) * SHORT_OF_STRAIGHT;
        double aside = Math.hypot(
                hip.forward() - foot.ankle().forward(), hip.own() - foot.ankle().own());
        return foot.ankle().up() + Math.sqrt(Math.max(0, leg * leg - aside * aside)) - hip.up();
    }

    private boolean leg(Pose p, Foot foot, boolean own) {
        Vec hip = at(own ? Spot.OWN_HIP : Spot.OTHER_HIP);
        double in = Math.tan(Math.toRadians(p.get(Dial.KNEES)));
        Vec out = new Vec(0, 1, 0).turned(p.get(Dial.TURN)).times(own ? in : -in);
        Bones leg = Bones.between(
                hip,
                foot.ankle(),
                body.thigh(),
                body.shank(),
                foot.toes().plus(hips).plus(out.times(2)).plus(new Vec(0, 0, 0.2)));
        spots.put(own ? Spot.OWN_KNEE : Spot.OTHER_KNEE, leg.middle());
        spots.put(own ? Spot.OWN_ANKLE : Spot.OTHER_ANKLE, leg.end());
        Vec off = leg.end().minus(foot.ankle());
        spots.put(own ? Spot.OWN_HEEL : Spot.OTHER_HEEL, foot.heel().plus(off));
        spots.put(own ? Spot.OWN_TOE : Spot.OTHER_TOE, foot.toe().plus(off));
        // A foot in the air goes as far as its leg.
        return leg.reaches() || p.get(own ? Dial.OWN_FOOT_HEIGHT : Dial.OTHER_FOOT_HEIGHT) > PLANTED;
    }

    /** Two bones from one place to another, bent towards a side. */
    private record Bones(Vec middle, Vec end, boolean reaches) {
        static Bones between(Vec from, Vec to, double first, double second, Vec pole) {
            Vec way = to.minus(from);
            double far = way.length();
            double most = (first + second) * SHORT_OF_STRAIGHT;
            double least = Math.abs(first - second) + 1e-6;
            double d = Math.max(least, Math.min(most, far));
            Vec along = far == 0 ? new Vec(0, 0, -1) : way.unit();
            Vec end = from.plus(along.times(d));
            Vec side = pole.minus(along.times(pole.dot(along)));
            if (side.length() < 1e-9) side = new Vec(along.up(), 0, -along.forward());
            if (side.length() < 1e-9) side = new Vec(0, 1, 0);
            double x = (first * first - second * second + d * d) / (2 * d);
            double y = Math.sqrt(Math.max(0, first * first - x * x));
            Vec middle = from.plus(along.times(x)).plus(side.unit().times(y));
            return new Bones(middle, end, far <= (first + second) * SHORT_OF_STRAIGHT + 1e-6);
        }
    }

    Body body() {
        return body;
    }

    Vec at(Spot spot) {
        Vec v = spots.get(spot);
        if (v == null) throw new IllegalStateException("Impossible state: no " + spot + ".");
        return v;
    }

    /** Where the hips point, level with the floor. */
    Vec hips() {
        return hips;
    }

    /** Where what is held points. */
    Vec thing() {
        return thing;
    }

    /** False where a foot on the floor is asked to be farther away than its leg is long. */
    boolean reaches() {
        return reaches;
    }
}
