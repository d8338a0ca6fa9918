package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;

/** A cue is met at least four times; more where records are weak, fewer where it is owned. */
public final class CueMetOftenEnough extends Rule {
    public CueMetOftenEnough() {
        super("cue-met-often-enough", Level.SOFT, 10, "Each cue is met often enough");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (String cue : plan.targetCues()) {
            if (plan.leftOver().contains(cue)) continue;
            int met = plan.meeting(cue).size();
            int wanted = plan.problem().state(cue).exposuresWanted();
            if (met < wanted)
                strains.unit(wanted - met, () -> "“%s” is met %s; %d are wanted."
                        .formatted(
                                plan.problem().knowHow().cue(cue).call(), met == 1 ? "once" : met + " times", wanted));
        }
    }
}
