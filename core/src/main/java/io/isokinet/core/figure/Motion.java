package io.isokinet.core.figure;

/** A body that moves: where each spot is at any time, in metres from where it started. All that a question may look at. */
public interface Motion {
    /** In metres. */
    double stature();

    /** Seconds. */
    double start();

    double end();

    /**
     * When a moment is, in seconds.
     *
     * @throws IllegalArgumentException if there is none of that name
     */
    double time(String moment);

    /**
     * Where a spot is that lies between no others.
     *
     * @throws IllegalArgumentException if there is no such thing in this movement
     */
    Vec joint(Spot spot, double at);

    /** Where a spot is. */
    default Vec at(Spot spot, double at) {
        return switch (spot) {
            case HANDS -> middle(Spot.OWN_HAND, Spot.OTHER_HAND, at);
            case FOREARMS ->
                middle(Spot.OWN_ELBOW, Spot.OWN_WRIST, at)
                        .plus(middle(Spot.OTHER_ELBOW, Spot.OTHER_WRIST, at))
                        .times(0.5);
            case OWN_FOOT -> middle(Spot.OWN_ANKLE, Spot.OWN_TOE, at);
            case OTHER_FOOT -> middle(Spot.OTHER_ANKLE, Spot.OTHER_TOE, at);
            case FEET ->
                middle(Spot.OWN_HEEL, Spot.OWN_TOE, at)
                        .plus(middle(Spot.OTHER_HEEL, Spot.OTHER_TOE, at))
                        .times(0.5);
            case BLADE ->
                joint(Spot.BUTT, at).times(0.2).plus(joint(Spot.TIP, at).times(0.8));
            case START -> Vec.ZERO;
            default -> joint(spot, at);
        };
    }

    private Vec middle(Spot a, Spot b, double at) {
        return joint(a, at).plus(joint(b, at)).times(0.5);
    }
}
