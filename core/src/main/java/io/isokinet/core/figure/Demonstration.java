package io.isokinet.core.figure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A skill shown by a figure: the movement that shows every cue, and what each fault changes in it.
 *
 * @param skill its key
 * @param model shows every cue
 * @param cues by key, in order
 * @param variants by name, where the shape of the movement differs
 */
public record Demonstration(String skill, Movement model, Map<String, Shown> cues, Map<String, Variant> variants) {
    public Demonstration {
        cues = new LinkedHashMap<>(cues);
        variants = new LinkedHashMap<>(variants);
    }

    /**
     * A cue on the figure.
     *
     * @param question null where a figure cannot show it
     * @param unseen why it cannot; empty where it can
     */
    public record Shown(@Nullable Question question, String unseen, List<Wrong> faults) {
        public Shown {
            faults = List.copyOf(faults);
        }

        /** A fault as the cue names it; empty where it is not spoken of. */
        public Optional<Wrong> wrong(String seen) {
            return faults.stream().filter(w -> w.seen().equals(seen)).findFirst();
        }
    }

    /**
     * A fault on the figure.
     *
     * @param seen as the cue names it
     * @param movement null where a figure cannot show it
     * @param unseen why it cannot; empty where it can
     * @param hides the cues that it hides beside its own
     */
    public record Wrong(String seen, @Nullable Movement movement, String unseen, Set<String> hides) {
        public Wrong {
            hides = Set.copyOf(hides);
        }
    }

    /** @param hides the cues that this way of doing it does not show */
    public record Variant(Movement movement, Set<String> hides) {
        public Variant {
            hides = Set.copyOf(hides);
        }
    }

    /** What a cue asks of a moving body; empty where a figure cannot show it. */
    public Optional<Question> question(String cue) {
        return Optional.ofNullable(cues.get(cue)).map(Shown::question);
    }

    /** How many of a skill's cues are on the figure. */
    public long seen() {
        return cues.values().stream().filter(s -> s.question() != null).count();
    }
}
