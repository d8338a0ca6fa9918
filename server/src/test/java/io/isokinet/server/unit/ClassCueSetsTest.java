package io.isokinet.server.unit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ClassCueSetsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);

    private static UnitHeader unit(String from, String... sets) {
        LocalDate first = LocalDate.parse(from);
        return new UnitHeader(
                UUID.randomUUID(), "", UUID.randomUUID(), "", List.of(sets), 4, 0, true, first, first.plusWeeks(3));
    }

    @Test
    void whatIsTaughtNowComesBeforeWhatWasAndWhatWillBe() {
        List<UnitHeader> units = List.of(
                unit("2027-03-01", "roll/components"),
                unit("2026-09-14", "roll/short", "hop/short"),
                unit("2027-01-11", "leap/components"),
                unit("2026-12-01", "catch/short"),
                unit("2025-10-05", "roll/two-trial"));
        assertThat(ClassCueSets.nearest(units, TODAY))
                .containsExactly(
                        "catch/short",
                        "roll/short",
                        "hop/short",
                        "roll/two-trial",
                        "leap/components",
                        "roll/components");
        assertThat(ClassCueSets.nearest(List.of(), TODAY)).isEmpty();
    }
}
