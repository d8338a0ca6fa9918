package io.isokinet.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The floors of the core: arrows only downward, none sideways, and nothing but plain Java. */
class ArchitectureTest {
    private static final String CORE = "io.isokinet.core.";
    private static final List<List<String>> FLOORS = List.of(
            List.of("quantity", "check"),
            List.of("skill", "place", "calendar"),
            List.of("thing"),
            List.of("activity", "motion", "aim", "year"),
            List.of("group", "figure"),
            List.of("kit", "space", "safety", "mastery", "score", "knowhow"),
            List.of("task", "belief", "eye"),
            List.of("lesson"),
            List.of("unit"),
            List.of("nextstep"));

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("io.isokinet.core");

    @Test
    void arrowsPointOnlyDownward() {
        for (int floor = 0; floor < FLOORS.size(); floor++)
            for (String own : FLOORS.get(floor)) {
                int level = floor;
                String[] forbidden = FLOORS.stream()
                        .skip(level)
                        .flatMap(List::stream)
                        .filter(p -> !p.equals(own))
                        .map(p -> CORE + p + "..")
                        .toArray(String[]::new);
                noClasses()
                        .that()
                        .resideInAPackage(CORE + own + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(forbidden)
                        .allowEmptyShould(true)
                        .check(core);
            }
    }

    @Test
    void everyPackageStandsOnAFloor() {
        List<String> known = FLOORS.stream().flatMap(List::stream).toList();
        core.forEach(c -> {
            String rest = c.getPackageName().substring(CORE.length());
            String top = rest.contains(".") ? rest.substring(0, rest.indexOf('.')) : rest;
            if (!known.contains(top))
                throw new AssertionError("The package " + top + " stands on no floor; add it to FLOORS.");
        });
    }

    @Test
    void thereAreNoCircles() {
        slices().matching("io.isokinet.core.(**)").should().beFreeOfCycles().check(core);
    }

    @Test
    void nothingButPlainJavaWithoutClockFilesOrNetwork() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages(
                        "io.isokinet.core..",
                        "java.lang..",
                        "java.util..",
                        "java.time..",
                        "org.jspecify..",
                        // Distributions: plain computation, nothing that reads or writes.
                        "org.apache.commons.statistics..",
                        // Linear algebra on arrays.
                        "org.ejml..")
                .check(core);
        noClasses().should().callMethod(java.time.LocalDate.class, "now").check(core);
        noClasses()
                .should()
                .dependOnClassesThat()
                .areAssignableTo(java.time.Clock.class)
                .check(core);
    }
}
