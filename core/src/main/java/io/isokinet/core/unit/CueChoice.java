package io.isokinet.core.unit;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.CueSet;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the teacher decided about the cues of a skill.
 *
 * @param picked the cues to teach, in the order to teach them; empty for all that the age asks for, in the order of the set
 * @param pins the lesson in which a cue is introduced, as an index from 0, by cue; the others where they do best
 */
public record CueChoice(List<String> picked, Map<String, Integer> pins) {
    /** Nothing: the set as it is. */
    public static final CueChoice NONE = new CueChoice(List.of(), Map.of());

    public CueChoice {
        picked = List.copyOf(picked);
        pins = Map.copyOf(pins);
    }

    /** True if the teacher put the cues into an order of her own. */
    public boolean isOrdered() {
        return !picked.isEmpty();
    }

    /**
     * What cannot be meant, one sentence each with what to try; empty if all is well.
     *
     * @param lessons that the unit has
     */
    public List<String> contradictions(CueSet set, KnowHow known, int lessons) {
        List<String> found = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (String cue : picked) {
            if (!set.cues().contains(cue))
                found.add("The cue (%s) is not in the set (%s); pick from its own.".formatted(cue, set.key()));
            else if (!seen.add(cue))
                found.add("“%s” is picked twice; once is enough."
                        .formatted(known.cue(cue).call()));
            else
                for (String before : known.cue(cue).prerequisites())
                    if (picked.contains(before) && !seen.contains(before))
                        found.add("“%s” builds on “%s”: put that before it, or leave it out."
                                .formatted(
                                        known.cue(cue).call(), known.cue(before).call()));
        }
        pins.forEach((cue, lesson) -> {
            if (!set.cues().contains(cue) || isOrdered() && !picked.contains(cue))
                found.add("The cue (%s) has a lesson and is not taught; pick it, or take its lesson away."
                        .formatted(cue));
            else if (lesson < 0 || lesson >= lessons)
                found.add("“%s” is meant for lesson %d, and the unit has %d."
                        .formatted(known.cue(cue).call(), lesson + 1, lessons));
            else
                for (String before : known.cue(cue).prerequisites())
                    if (pins.getOrDefault(before, 0) > lesson)
                        found.add("“%s” is meant for lesson %d and builds on “%s”, which is meant for lesson %d."
                                .formatted(
                                        known.cue(cue).call(),
                                        lesson + 1,
                                        known.cue(before).call(),
                                        pins.get(before) + 1));
        });
        return found;
    }
}
