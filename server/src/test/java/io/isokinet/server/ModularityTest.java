package io.isokinet.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class ModularityTest {
    @Test
    void modulesUseOnlyWhatTheyDeclare() {
        ApplicationModules.of(IsokinetServer.class).verify();
    }

    /** The tenant filter does not reach hand-written SQL, so only few modules write any, and each statement names the school. */
    @Test
    void onlyFewModulesWriteTheirOwnSql() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "io.isokinet.server.school..",
                        "io.isokinet.server.place..",
                        "io.isokinet.server.calendar..",
                        "io.isokinet.server.unit..",
                        "io.isokinet.server.nextstep..",
                        "io.isokinet.server.hall..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.springframework.jdbc..")
                .check(new ClassFileImporter()
                        .withImportOption(new ImportOption.DoNotIncludeTests())
                        .importPackages("io.isokinet.server"));
    }
}
