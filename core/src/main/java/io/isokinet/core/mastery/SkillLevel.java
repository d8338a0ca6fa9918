package io.isokinet.core.mastery;

import java.util.Collection;

/**
 * Where a child stands in a skill, by one cue set.
 *
 * <p>Mastery is every component, near mastery all but one: NSW SPANS 1997/2004/2010 and Get Skilled: Get Active, from
 * memory.
 *
 * @param owned cues secure or mastered, of {@code inSet} that apply at the child's age
 * @param taught cues of those that have been taught
 * @param leftOut cues that do not apply or are adapted for this child
 */
public record SkillLevel(Level level, int owned, int taught, int inSet, int leftOut) {
    public enum Level {
        NOT_SEEN("not seen"),
        DEVELOPING("developing"),
        NEAR_MASTERY("near mastery"),
        MASTERY("mastery");

        private final String label;

        Level(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * @param counted the statuses of the set's cues that are asked for at the child's age and apply as they are
     * @param leftOut how many of the set are not counted because they do not apply, or are adapted, for this child
     */
    public static SkillLevel of(Collection<Status> counted, int leftOut) {
        int inSet = counted.size();
        int owned = (int) counted.stream().filter(Status::owned).count();
        int taught =
                (int) counted.stream().filter(s -> s.mark() != Mark.NOT_TAUGHT).count();
        boolean seen = counted.stream().anyMatch(s -> s.trials() > 0 && s.mark() != Mark.NOT_TAUGHT);
        Level level = inSet > 0 && owned == inSet
                ? Level.MASTERY
                : inSet > 1 && owned == inSet - 1 ? Level.NEAR_MASTERY : seen ? Level.DEVELOPING : Level.NOT_SEEN;
        return new SkillLevel(level, owned, taught, inSet, leftOut);
    }

    /** What is counted: "3 of 3 taught so far, 5 in the set"; "none of 5 taught yet". */
    public String sentence() {
        String text = taught == inSet
                ? "%d of %d in the set".formatted(owned, inSet)
                : taught == 0
                        ? "none of %d taught yet".formatted(inSet)
                        : "%d of %d taught so far, %d in the set".formatted(owned, taught, inSet);
        return leftOut == 0 ? text : text + "; %d left out for this child".formatted(leftOut);
    }
}
