package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;

/** The looks at a cue that one pair of eyes has in the unit are as many as there are children. */
public final class LooksSuffice extends Rule {
    public LooksSuffice() {
        super("looks-suffice", Level.SOFT, 1, "Every child can be seen");
    }

    /** In quarters of the class that cannot be seen. */
    public static int amount(int looks, int children) {
        return Math.max(0, 4 * (children - looks) + children - 1) / children;
    }

    @Override
    public void judge(Plan plan, Strains strains) {
        int children = plan.problem().profile().children();
        for (String cue : plan.targetCues()) {
            if (plan.leftOver().contains(cue)) continue;
            int sum = 0;
            for (Segment s : plan.meeting(cue)) if (cue.equals(s.watch())) sum += s.looks();
            int looks = sum;
            int off = amount(looks, children);
            if (off > 0)
                strains.unit(off, () -> "“%s” can be looked at %s; %d children need %d."
                        .formatted(
                                plan.problem().knowHow().cue(cue).call(),
                                looks == 1 ? "once" : looks + " times",
                                children,
                                children));
        }
    }
}
