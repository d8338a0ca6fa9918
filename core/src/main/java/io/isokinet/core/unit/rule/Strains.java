package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Segment;
import java.util.function.Supplier;

/** Takes what a rule finds. The sentence is made only when somebody reads it. */
public interface Strains {
    /** @param amount in the rule's own counts, more than zero */
    void unit(int amount, Supplier<String> words);

    /** @param lesson index from 0 @param amount in the rule's own counts, more than zero */
    void lesson(int lesson, int amount, Supplier<String> words);

    /** @param amount in the rule's own counts, more than zero */
    void segment(Segment segment, int amount, Supplier<String> words);
}
