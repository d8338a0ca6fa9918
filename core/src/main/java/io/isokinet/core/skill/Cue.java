package io.isokinet.core.skill;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One observable technique cue with its two voices.
 *
 * @param key a slug "skill/feature" that is never reused: new wording keeps it, a new meaning gets a new one
 * @param skill key of the skill it belongs to
 * @param phase the phase of the movement
 * @param bodyPart where to look: "feet", "hands"
 * @param question what the observer checks, one yes/no question; templates allowed
 * @param call what the child is told, one to four words; templates allowed
 * @param view where to stand to see it, in words; templates allowed
 * @param seen from where it is seen best
 * @param fromAge the youngest age in years at which it is asked for
 * @param prerequisites keys of cues that are taught before it or with it
 * @param condition what must be there for the cue to exist
 * @param tellMe a task in which the child says it instead of doing it
 * @param atSpeed the wording when it is done fast; null where it stays the same
 */
public record Cue(
        String key,
        String skill,
        MovementPhase phase,
        String bodyPart,
        String question,
        String call,
        String view,
        Seen seen,
        int fromAge,
        List<String> prerequisites,
        Condition condition,
        List<Fault> faults,
        String tellMe,
        @Nullable AtSpeed atSpeed) {
    /** What is checked and called at full speed, where that differs from slow. */
    public record AtSpeed(String question, String call) {}

    public Cue {
        prerequisites = List.copyOf(prerequisites);
        faults = List.copyOf(faults);
    }
}
