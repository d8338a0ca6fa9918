package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import java.util.List;

/**
 * What a change did to one rule.
 *
 * @param before cost before, in the rule's weighted counts
 * @param after cost after; less is better
 */
public record RuleChange(Rule rule, long before, long after) {
    /** Rules whose cost differs, the hard ones first. */
    public static List<RuleChange> between(Plan before, Plan after) {
        return Rules.all().stream()
                .map(r -> new RuleChange(r, Strain.cost(r, before), Strain.cost(r, after)))
                .filter(c -> c.before() != c.after())
                .toList();
    }

    public boolean better() {
        return after < before;
    }
}
