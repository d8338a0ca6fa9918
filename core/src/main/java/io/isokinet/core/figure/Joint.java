package io.isokinet.core.figure;

/**
 * A joint whose bend can be told, with how far it goes: the usual ranges of orthopaedic handbooks, from memory, rounded outwards for supple
 * children.
 */
public enum Joint {
    OWN_KNEE(Spot.OWN_HIP, Spot.OWN_KNEE, Spot.OWN_ANKLE, 160),
    OTHER_KNEE(Spot.OTHER_HIP, Spot.OTHER_KNEE, Spot.OTHER_ANKLE, 160),
    OWN_ELBOW(Spot.OWN_SHOULDER, Spot.OWN_ELBOW, Spot.OWN_WRIST, 155),
    OTHER_ELBOW(Spot.OTHER_SHOULDER, Spot.OTHER_ELBOW, Spot.OTHER_WRIST, 155);

    private final Spot from;
    private final Spot at;
    private final Spot to;
    private final double most;

    Joint(Spot from, Spot at, Spot to, double most) {
        this.from = from;
        this.at = at;
        this.to = to;
        this.most = most;
    }

    /** How far it bends at most, in degrees; straight is 0. */
    public double most() {
        return most;
    }

    Spot at() {
        return at;
    }

    /** How far it is bent, in degrees; straight is 0. */
    double bend(Motion m, double t) {
        Vec a = m.at(at, t).minus(m.at(from, t));
        Vec b = m.at(to, t).minus(m.at(at, t));
        return a.angle(b);
    }
}
