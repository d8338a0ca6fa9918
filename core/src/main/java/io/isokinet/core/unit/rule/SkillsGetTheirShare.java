package io.isokinet.core.unit.rule;

import io.isokinet.core.quantity.Words;
import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Target;

/** Every skill's share of practice and play segments is within 15 percentage points of the one it should get. */
public final class SkillsGetTheirShare extends Rule {
    public SkillsGetTheirShare() {
        super("skills-get-their-share", Level.MEDIUM, 1, "Each skill gets its share");
    }

    private static final int ALLOWED = 15;

    @Override
    public void judge(Plan plan, Strains strains) {
        int all = plan.work().size();
        if (all == 0) return;
        for (Target target : plan.problem().targets()) {
            int sum = 0;
            for (Segment s : plan.work()) if (target.skill().equals(s.activity().skill())) sum++;
            int own = sum;
            double fair = plan.problem().sharePercent(target);
            int off = over(own, all, fair);
            if (off > 0)
                strains.unit(
                        off,
                        () -> Words.say(
                                "%s has %d of %d practice and play segments; about %.0f %% would be its share.",
                                plan.problem().knowHow().skill(target.skill()).name(), own, all, fair));
        }
    }

    /**
     * By how many points a share lies outside what is allowed; zero or less inside.
     *
     * @param fair in per cent
     */
    public static int over(int own, int all, double fair) {
        return (int) Math.round(Math.abs(100.0 * own / all - fair)) - ALLOWED;
    }
}
