package io.isokinet.core.skill;

import java.util.List;

/**
 * A fundamental movement skill.
 *
 * @param key a slug
 * @param action whose side decides the mirroring of its cues
 * @param cues all its cues, those of every set
 */
public record Skill(String key, String name, Ladder ladder, Action action, List<Cue> cues, List<CueSet> sets) {
    public Skill {
        cues = List.copyOf(cues);
        sets = List.copyOf(sets);
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
