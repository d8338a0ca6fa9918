package io.isokinet.core.unit;

import io.isokinet.core.unit.rule.Rule;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * One place where a plan breaks or strains a rule.
 *
 * @param lesson index from 0; null if it concerns the unit
 * @param segment id; null if it concerns the lesson or the unit
 * @param amount how much, in the rule's own counts, more than zero
 * @param words the sentence, made only when somebody reads it
 */
public record Strain(
        Rule rule, @Nullable Integer lesson, @Nullable String segment, int amount, Supplier<String> words) {
    public static Strain unit(Rule rule, int amount, Supplier<String> words) {
        return new Strain(rule, null, null, amount, words);
    }

    public static Strain lesson(Rule rule, int lesson, int amount, Supplier<String> words) {
        return new Strain(rule, lesson, null, amount, words);
    }

    public static Strain segment(Rule rule, Segment segment, int amount, Supplier<String> words) {
        return new Strain(rule, segment.lesson(), segment.id(), amount, words);
    }

    public long cost() {
        return (long) amount * rule.weight();
    }

    public String sentence() {
        return words.get();
    }
}
