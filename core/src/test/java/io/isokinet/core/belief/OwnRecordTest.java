package io.isokinet.core.belief;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.belief.World.Kind;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class OwnRecordTest {
    private static List<ClassLooks> school(Kind kind, int first, int classes) {
        List<ClassLooks> school = new ArrayList<>();
        for (int seed = first; seed < first + classes; seed++) {
            World world = new World(kind, seed);
            for (int l = 0; l < 6; l++) {
                world.lesson();
                world.evenRound(40);
            }
            school.add(world.known());
        }
        return school;
    }

    @Test
    void everyLookButThoseOfTheFirstDayIsForetold() {
        OwnRecord record = OwnRecord.of(school(Kind.ABSENT, 1, 2), Priors.USUAL);
        assertThat(record.looks())
                .isEqualTo(record.tenths().stream()
                        .mapToInt(OwnRecord.Tenth::looks)
                        .sum());
        // Two classes, forty looks in each of the five lessons after the first, at cues that were known by then.
        assertThat(record.looks()).isBetween(300, 400);
        assertThat(record.tenths()).hasSize(10);
        for (OwnRecord.Tenth t : record.tenths())
            if (t.looks() > 0) assertThat(t.said()).isBetween(t.from() / 10.0, (t.from() + 1) / 10.0);
        assertThat(record.sentence()).startsWith(record.looks() + " looks were foretold on the evening before.");
        assertThat(OwnRecord.of(List.of(), Priors.USUAL).sentence()).startsWith("Nothing was foretold yet");
    }

    /** Beliefs that are far too sure of what children have in common are found out, and widened. */
    @Test
    void whatIsOffIsSaidAndWidened() {
        Priors tooSure = new Priors(2.5, 0.1, 0.1, 0.1, 0.1, 0.1, 0.001, 0.7, 0.1, 0, 0.2, 1, 0);
        OwnRecord record = OwnRecord.of(school(Kind.BIMODAL, 11, 4), tooSure);
        assertThat(record.tenths()).anyMatch(OwnRecord.Tenth::isOff);
        assertThat(record.widened()).isGreaterThan(1);
        assertThat(record.sentence()).contains("in 100 was said, it was").endsWith("held less surely since.");
    }

    /** Of schools that are as they are believed to be, few are told that it is off. */
    @Test
    void whatHoldsIsSeldomSaidToBeOff() {
        int off = 0;
        int widened = 0;
        for (int s = 0; s < 20; s++) {
            OwnRecord record = OwnRecord.of(school(Kind.ABSENT, 5000 + 10 * s, 6), Priors.USUAL);
            if (record.tenths().stream().anyMatch(OwnRecord.Tenth::isOff)) off++;
            if (record.widened() > 1) widened++;
        }
        assertThat(off).isLessThanOrEqualTo(3);
        assertThat(widened).isLessThanOrEqualTo(1);
    }

    @Test
    void tenTenthsAreLookedAtAtOnce() {
        // 0.25 of 100 has an error of 0.0433; 2.81 of them are 0.1217.
        assertThat(new OwnRecord.Tenth(2, 0.25, 37, 100).isOff()).isFalse();
        assertThat(new OwnRecord.Tenth(2, 0.25, 38, 100).isOff()).isTrue();
        // With many looks the eight in a hundred decide.
        assertThat(new OwnRecord.Tenth(2, 0.25, 329, 1000).isOff()).isFalse();
        assertThat(new OwnRecord.Tenth(2, 0.25, 331, 1000).isOff()).isTrue();
    }

    @Test
    void aTenthWithFewLooksSaysNothing() {
        assertThat(new OwnRecord.Tenth(2, 0.25, 40, 49).isOff()).isFalse();
        assertThat(new OwnRecord.Tenth(2, 0.25, 40, 50).isOff()).isTrue();
        assertThat(new OwnRecord.Tenth(2, 0.25, 20, 60).isOff()).isFalse();
    }
}
