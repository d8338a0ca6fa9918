package io.isokinet.core.unit;

/**
 * A skill to teach, by one of its cue sets.
 *
 * @param cueSet a key "skill/kind"
 * @param share how much of the unit it should get, against the other targets' shares: 1 each is even
 * @param cues what the teacher decided about its cues
 */
public record Target(String skill, String cueSet, int share, CueChoice cues) {
    /** With the same share as the others. */
    public Target(String skill, String cueSet) {
        this(skill, cueSet, 1);
    }

    /** With the cues of its set, in their order. */
    public Target(String skill, String cueSet, int share) {
        this(skill, cueSet, share, CueChoice.NONE);
    }

    /** The same with other decisions about its cues. */
    public Target choosing(CueChoice other) {
        return new Target(skill, cueSet, share, other);
    }

    public Target {
        if (share < 1 || share > 9)
            throw new IllegalArgumentException(
                    "A skill gets 1 to 9 shares of a unit, not %d; 2 is twice as much as 1.".formatted(share));
    }
}
