package io.isokinet.core.skill;

import java.util.List;

/**
 * A set of cues of one skill, as one school of practice uses it.
 *
 * @param key a slug "skill/kind"
 * @param cues cue keys in the order of teaching
 */
public record CueSet(String key, String skill, Kind kind, String name, List<String> cues) {
    /** The school of practice. */
    public enum Kind {
        /** Two to four child's calls. */
        SHORT,
        /** Four to eight observed components. */
        COMPONENTS,
        /**
         * Three to five criteria scored 0 or 1 on two formal trials. Scores come only from a sitting that is marked as
         * that test; it is not taught to, and there are no norms.
         */
        TWO_TRIAL
    }

    public CueSet {
        cues = List.copyOf(cues);
    }
}
