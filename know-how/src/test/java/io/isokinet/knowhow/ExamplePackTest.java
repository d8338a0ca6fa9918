package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import io.isokinet.core.check.FoundException;
import io.isokinet.core.figure.Body;
import io.isokinet.core.figure.Demonstration;
import io.isokinet.core.figure.Gauge;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.unit.rule.Rules;
import io.isokinet.core.unit.search.ConstructivePlanner;
import io.isokinet.core.unit.search.Outcome;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** The pack of docs/formats/know-how.md, written by its ten steps: it is whole, it can be handed on, and units come of it. */
class ExamplePackTest {
    private final PackFiles files = read();
    private final Pack pack = PackReader.read(files, List.of(PackFiles.shipped()));

    private static PackFiles read() {
        try {
            return PackFolder.read(Path.of("../docs/formats/example-pack"));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void nothingIsWrongAndNothingIsNeeded() {
        assertThat(pack.gaps()).isEmpty();
        assertThat(pack.knowHow().skill("rope-jump").taught()).hasSize(2);
    }

    /** The movement was written by the steps of docs/formats/movement.md alone. */
    @Test
    void itsCuesAreShownOnAFigure() {
        Demonstration shown = pack.knowHow().library().demonstrations().get("rope-jump");
        for (Age age : List.of(new Age(5), new Age(8), new Age(11)))
            shown.cues().forEach((cue, c) -> assertThat(Objects.requireNonNull(c.question())
                            .of(shown.model().on(Body.of(age)), Gauge.Sided.RIGHT)
                            .shown())
                    .as(cue)
                    .isTrue());
        assertThat(shown.seen()).isEqualTo(7);
    }

    @Test
    void aUnitIsPlannedWithIt() {
        for (String kind : List.of("short", "components")) {
            Outcome outcome = new ConstructivePlanner()
                    .plan(
                            Fixtures.problem(pack.knowHow(), 8, 27, 4, 35, Fixtures.HALL, kind, "rope-jump"),
                            Fixtures.ids(),
                            1500);
            assertThat(outcome).as(String.valueOf(outcome)).isInstanceOf(Outcome.Planned.class);
            assertThat(Rules.score(((Outcome.Planned) outcome).plan()).hard()).isZero();
        }
    }

    @Test
    void itGoesThroughAZipUnchanged() {
        byte[] zip = PackZip.write(pack.name(), pack.number(), pack.title(), files);
        assertThat(PackZip.read(zip)).isEqualTo(files);
        assertThat(PackZip.read(zip).sha256()).isEqualTo(files.sha256());
    }

    @Test
    void aDamagedZipIsRefused() {
        byte[] zip = PackZip.write(pack.name(), pack.number(), pack.title(), files);
        zip[zip.length / 2] ^= 0x55;
        assertThat(catchThrowableOfType(FoundException.class, () -> PackZip.read(zip)))
                .isNotNull();
        assertThat(catchThrowableOfType(FoundException.class, () -> PackZip.read(new byte[0])))
                .isNotNull();
    }

    /** A newer pack below has taken a key since: the pack on top keeps its own, and nothing is lost. */
    @Test
    void aKeyThatWasTakenBelowStaysOnTop() {
        PackFiles below = new PackFiles(java.util.Map.of(
                "activities/any/new.yaml",
                files.texts().get("activities/rope-jump.yaml").replace("name: Line Jumps", "name: Taken")));
        var known = PackReader.known(List.of(PackFiles.shipped(), below, files));
        assertThat(known.activity("line-jumps").name()).isEqualTo("Line Jumps");
    }

    /** What no longer goes together is said, not half loaded. */
    @Test
    void whatNoLongerGoesTogetherIsSaid() {
        PackFiles lost = PackDocuments.remove(files, "rope-jump");
        assertThat(catchThrowableOfType(
                        FoundException.class, () -> PackReader.known(List.of(PackFiles.shipped(), lost))))
                .isNotNull();
    }

    /** What an editor puts in comes out as it was, and the rest of the pack stays. */
    @Test
    void aDocumentIsPutInAndTakenOut() {
        PackDocuments.Document game =
                PackDocuments.find(files, "longest-splash").orElseThrow();
        PackFiles changed = PackDocuments.put(files, game.kind(), game.tree());
        assertThat(PackDocuments.find(changed, "longest-splash").orElseThrow().tree())
                .isEqualTo(game.tree());
        assertThat(PackDocuments.all(changed)).hasSameSizeAs(PackDocuments.all(files));
        assertThat(PackReader.read(changed, List.of(PackFiles.shipped())).gaps())
                .isEmpty();
        PackFiles without = PackDocuments.remove(changed, "longest-splash");
        assertThat(PackDocuments.find(without, "longest-splash")).isEmpty();
        assertThat(PackReader.read(without, List.of(PackFiles.shipped())).gaps())
                .containsExactly("Rope jump has 1 of 2 games.");
    }

    /** Words that YAML would take for something else stay words. */
    @Test
    void wordsStayWords() {
        PackDocuments.Document game =
                PackDocuments.find(files, "longest-splash").orElseThrow();
        for (String tricky : List.of(
                "yes", "no", "12", "1.5", "null", "a: b", "# no comment", "*star", "'quoted'", "- dash", " blank ")) {
            ((tools.jackson.databind.node.ObjectNode) game.tree()).put("odd", tricky);
            PackFiles changed = PackDocuments.put(files, game.kind(), game.tree());
            assertThat(PackDocuments.find(changed, "longest-splash")
                            .orElseThrow()
                            .tree()
                            .get("odd")
                            .asString())
                    .isEqualTo(tricky);
        }
    }
}
