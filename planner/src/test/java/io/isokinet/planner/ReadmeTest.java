package io.isokinet.planner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.search.Outcome;
import io.isokinet.knowhow.PackFiles;
import io.isokinet.knowhow.PackReader;
import io.isokinet.knowhow.ProblemReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The example in README.md, run as it stands there. */
class ReadmeTest {
    private static String block(String language) throws IOException {
        String readme = Files.readString(Path.of("README.md"));
        String after = readme.substring(readme.indexOf("```" + language + "\n") + language.length() + 4);
        return after.substring(0, after.indexOf("```"));
    }

    private static String told(String yaml) {
        KnowHow known = PackReader.read(PackFiles.shipped()).knowHow();
        UnitProblem problem = ProblemReader.read(yaml, known);
        Iterator<Integer> ids = Stream.iterate(1, i -> i + 1).iterator();
        Outcome outcome = new TimefoldPlanner().plan(problem, () -> "s" + ids.next(), TimefoldPlanner.USUAL_EFFORT);
        String told = outcome instanceof Outcome.Planned planned
                ? ProblemReader.told(planned.plan())
                : String.join("\n", ((Outcome.Impossible) outcome).reasons());
        return told;
    }

    @Test
    void theExampleIsTheCodeOfThisTest() throws IOException {
        List<String> here = Files.readAllLines(Path.of("src/test/java/io/isokinet/planner/ReadmeTest.java")).stream()
                .map(String::strip)
                .toList();
        assertThat(here)
                .containsAll(Arrays.stream(block("java").split("\n"))
                        .map(String::strip)
                        .toList());
    }

    @Test
    void itPlansAUnit() throws IOException {
        String told = told(block("yaml"));
        assertThat(told).startsWith("Lesson 1").contains("Lesson 4");
        assertThat(told.lines().filter(l -> l.contains(" min  ")).count()).isGreaterThanOrEqualTo(20);
    }

    @Test
    void whatCannotBePlannedIsSaid() throws IOException {
        String yaml = block("yaml");
        assertThat(told(yaml.replace("minutes: 35", "minutes: 12"))).contains("at least 15");
        assertThat(told(yaml.replaceAll("kit: \\{.*}", "kit: {sock-ball: 1}"))).contains("no activity fits");
        assertThatThrownBy(() -> told(yaml.replace("sock-ball", "moon-ball")))
                .hasMessageContaining("no thing (moon-ball)");
        assertThatThrownBy(() -> told("age: [")).hasMessageContaining("no unit to plan");
    }
}
