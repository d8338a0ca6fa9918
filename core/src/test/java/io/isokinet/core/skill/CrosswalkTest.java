package io.isokinet.core.skill;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.skill.Crosswalk.Carries;
import io.isokinet.core.skill.Crosswalk.Link;
import io.isokinet.core.skill.Crosswalk.Relation;
import io.isokinet.core.skill.Crosswalk.Source;
import java.util.List;
import org.junit.jupiter.api.Test;

class CrosswalkTest {
    private final Crosswalk crosswalk = new Crosswalk(List.of(
            new Link("short/look", "full/eyes", Relation.SAME),
            // A knee bent to a right angle is a bent knee, and not the other way round.
            new Link("full/right-angle", "short/bent", Relation.NARROWER)));

    @Test
    void theSameFeatureCarriesEveryTrialBothWays() {
        assertThat(crosswalk.sourcesOf("full/eyes")).containsExactly(new Source("short/look", Carries.EVERY_TRIAL));
        assertThat(crosswalk.sourcesOf("short/look")).containsExactly(new Source("full/eyes", Carries.EVERY_TRIAL));
    }

    @Test
    void aNarrowerFeatureShownImpliesTheBroaderOne() {
        Source source = crosswalk.sourcesOf("short/bent").get(0);
        assertThat(source.carries().carries(true)).isTrue();
        assertThat(source.carries().carries(false)).isFalse();
    }

    @Test
    void aBroaderFeatureNotShownImpliesTheNarrowerOneIsNotThere() {
        Source source = crosswalk.sourcesOf("full/right-angle").get(0);
        assertThat(source.carries().carries(false)).isTrue();
        assertThat(source.carries().carries(true)).isFalse();
    }

    @Test
    void aCueWithoutLinksHasNoSources() {
        assertThat(crosswalk.sourcesOf("other/cue")).isEmpty();
        assertThat(Carries.EVERY_TRIAL.carries(true) && Carries.EVERY_TRIAL.carries(false))
                .isTrue();
    }
}
