package io.isokinet.core.unit.rule;

import io.isokinet.core.unit.Plan;
import io.isokinet.core.unit.Segment;
import io.isokinet.core.unit.Strain;
import java.util.List;
import java.util.stream.Stream;

/** Every skill's share of practice and play segments is within 15 percentage points of an even one. */
public final class SkillsGetTheirShare implements Rule {
    @Override
    public String name() {
        return "Each skill gets its share";
    }

    @Override
    public Level level() {
        return Level.MEDIUM;
    }

    @Override
    public int weight() {
        return 1;
    }

    @Override
    public Stream<Strain> strains(Plan plan) {
        List<Segment> work = plan.work().toList();
        if (work.isEmpty()) return Stream.empty();
        double fair = 100.0 / plan.problem().targets().size();
        return plan.problem().targets().stream().flatMap(target -> {
            long own = work.stream()
                    .filter(s -> target.skill().equals(s.activity().skill()))
                    .count();
            int off = (int) Math.round(Math.abs(100.0 * own / work.size() - fair)) - ALLOWED;
            return off <= 0
                    ? Stream.empty()
                    : Stream.of(Strain.unit(
                            this, off, () -> "%s has %d of %d practice and play segments; about %.0f %% would be even."
                                    .formatted(
                                            plan.problem()
                                                    .knowHow()
                                                    .skill(target.skill())
                                                    .name(),
                                            own,
                                            work.size(),
                                            fair)));
        });
    }

    private static final int ALLOWED = 15;
}
