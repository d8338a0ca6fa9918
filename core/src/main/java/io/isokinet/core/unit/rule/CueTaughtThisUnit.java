package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;

/** Every cue of the unit is introduced in it; what does not fit waits for the next one. */
public final class CueTaughtThisUnit extends Rule {
    public CueTaughtThisUnit() {
        super("cue-taught-this-unit", Level.SOFT, 45, "Every cue is taught in this unit");
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        for (String cue : plan.leftOver())
            strains.unit(1, () -> "“%s” waits for the next unit."
                    .formatted(plan.problem().knowHow().cue(cue).call()));
    }
}
