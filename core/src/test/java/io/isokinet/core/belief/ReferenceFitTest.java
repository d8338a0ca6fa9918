package io.isokinet.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.isokinet.core.belief.ClassLooks.Cue;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Mode and spread beside those of an independent package: statsmodels 0.15.0, BinomialBayesMixedGLM; and what is believed beside the same model drawn without
 * any approximation. The commands, the data and what came of them stand in core/src/test/resources/belief. Seed of the data 20260907,
 * invented.
 */
class ReferenceFitTest {
    private static final Priors ONES = new Priors(0, 1, 1, 1, 1, 1, 1e-9, 0, 1e-6, 0, 1, 1, 0);

    private static List<String[]> rows(String file) throws IOException {
        try (var in = ReferenceFitTest.class.getResourceAsStream("/belief/" + file)) {
            return Arrays.stream(new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\\R"))
                    .skip(1)
                    .map(l -> l.split(","))
                    .toList();
        }
    }

    private static ClassLooks looks() throws IOException {
        Eye sees = new Eye(0, 0);
        List<Look> looks = rows("looks.csv").stream()
                .map(r -> new Look(r[0], r[1], r[2].equals("1"), 1, 0, sees))
                .toList();
        assertThat(looks).hasSizeGreaterThan(150);
        return new ClassLooks(
                IntStream.range(0, 20).mapToObj(Integer::toString).toList(),
                IntStream.range(0, 6)
                        .mapToObj(c -> new Cue(Integer.toString(c), "skill " + c % 2))
                        .toList(),
                looks,
                Map.of(),
                Map.of(),
                1);
    }

    private static void agrees(ClassBelief belief, String file, double bound) throws IOException {
        for (String[] cell : rows(file)) {
            double[] normal = belief.normal(cell[0], cell[1]);
            assertThat(normal[0])
                    .as("mean of " + String.join(",", cell))
                    .isCloseTo(Double.parseDouble(cell[2]), within(bound));
            assertThat(normal[1])
                    .as("sd of " + String.join(",", cell))
                    .isCloseTo(Double.parseDouble(cell[3]), within(bound));
        }
    }

    @Test
    void meanAndSpreadAroundTheModeAreThoseOfThePackage() throws IOException {
        agrees(ClassBelief.atMode(looks(), ONES), "cells.csv", 0.001);
    }

    /** The two chains of what is drawn differ by 0.05 at most; around the mode the worst cell is off by more than half a logit. */
    @Test
    void whatIsBelievedIsWhatIsDrawnWithoutApproximation() throws IOException {
        agrees(ClassBelief.of(looks(), ONES), "exact.csv", 0.05);
    }
}
