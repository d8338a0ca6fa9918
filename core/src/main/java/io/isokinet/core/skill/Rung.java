package io.isokinet.core.skill;

/**
 * A rung of a family's ladder.
 *
 * @param level 1 for the lowest, up to the ladder's height
 */
public record Rung(Ladder ladder, int level) {
    public Rung {
        if (level < 1 || level > ladder.height())
            throw new IllegalArgumentException("The ladder %s has rungs 1 to %d, not %d."
                    .formatted(ladder.name().toLowerCase(java.util.Locale.ROOT), ladder.height(), level));
    }

    public String label() {
        return ladder.rungs().get(level - 1);
    }
}
