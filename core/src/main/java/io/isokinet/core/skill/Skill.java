package io.isokinet.core.skill;

import java.util.List;

/**
 * A fundamental movement skill.
 *
 * @param key a slug
 * @param action whose side decides the mirroring of its cues
 * @param cues all its cues, those of every set
 * @param variants ways of doing it that look like disagreements and are different tools
 * @param leadUps how often lead-up games need it
 * @param playStartsWithout whether such a game can start before it is learnt
 */
public record Skill(
        String key,
        String name,
        Ladder ladder,
        Action action,
        List<Cue> cues,
        List<CueSet> sets,
        List<Variant> variants,
        LeadUps leadUps,
        boolean playStartsWithout) {
    /** How often the lead-up games of its family need a skill; common practice, no source. */
    public enum LeadUps {
        OFTEN,
        SOMETIMES,
        RARELY
    }

    /**
     * A way of doing it.
     *
     * @param purpose what this way is for
     * @param how what differs
     * @param looks what to look for in this way alone
     */
    public record Variant(String name, String purpose, String how, List<Look> looks) {
        public Variant {
            looks = List.copyOf(looks);
        }
    }

    /** @param question yes or no, of the observer @param call to the child; templates allowed in both */
    public record Look(String question, String call) {}

    public Skill {
        variants = List.copyOf(variants);
        cues = List.copyOf(cues);
        sets = List.copyOf(sets);
    }

    /** The sets that can be taught; a two-trial set is for a test alone. */
    public List<CueSet> taught() {
        return sets.stream().filter(s -> s.kind() != CueSet.Kind.TWO_TRIAL).toList();
    }

    /** @throws IllegalArgumentException if the skill has no such set */
    public CueSet set(CueSet.Kind kind) {
        return sets.stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The skill (%s) has no %s set; choose another kind.".formatted(key, kind)));
    }
}
