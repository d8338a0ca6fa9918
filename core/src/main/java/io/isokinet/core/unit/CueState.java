package io.isokinet.core.unit;

/**
 * What the records say of a cue before the unit.
 *
 * @param taught whether the class was taught it
 * @param ownedPercent share of the class that owns it
 */
public record CueState(boolean taught, int ownedPercent) {
    public static final CueState NEW = new CueState(false, 0);

    /** Exposures to aim for: four; five where it was taught and few own it, two where most do. */
    public int exposuresWanted() {
        if (!taught) return 4;
        return ownedPercent >= 80 ? 2 : ownedPercent < 40 ? 5 : 4;
    }
}
