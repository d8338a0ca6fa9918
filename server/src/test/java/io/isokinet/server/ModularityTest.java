package io.isokinet.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class ModularityTest {
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("io.isokinet.server");

    /** Who may write SQL by hand: the tenant filter does not reach it. */
    private static final String[] WRITES_SQL = {
        "io.isokinet.server.account..",
        "io.isokinet.server.knowhow..",
        "io.isokinet.server.record..",
        "io.isokinet.server.keeping..",
        "io.isokinet.server.mastery..",
        "io.isokinet.server.today..",
        "io.isokinet.server.demo.."
    };

    /** Tables that belong to no school: people, sessions, tries to sign in, packs by what they hold and the words in them. */
    private static final List<String> GLOBAL = List.of(
            "person",
            "spring_session",
            "sign_in_failure",
            "known_device",
            "pack_version",
            "know_how_entry",
            "know_how_word");

    private static final Pattern TEXT =
            Pattern.compile("\"\"\"\\s*\n(.*?)\"\"\"|\"((?:[^\"\\\\\n]|\\\\.)*)\"", Pattern.DOTALL);
    private static final Pattern STATEMENT =
            Pattern.compile("^\\s*(select|insert into|update|delete from|with)\\s", Pattern.CASE_INSENSITIVE);
    private static final Pattern TABLE =
            Pattern.compile("\\b(?:from|join|into|update)\\s+([A-Za-z_]+)", Pattern.CASE_INSENSITIVE);

    @Test
    void modulesUseOnlyWhatTheyDeclare() {
        ApplicationModules.of(IsokinetServer.class).verify();
    }

    @Test
    void thereAreNoCirclesBetweenPackages() {
        SlicesRuleDefinition.slices()
                .matching("io.isokinet.server.(**)")
                .should()
                .beFreeOfCycles()
                .check(SERVER);
    }

    @Test
    void onlyWhoMayWritesSql() {
        noClasses()
                .that()
                .resideOutsideOfPackages(WRITES_SQL)
                .and()
                .doNotHaveFullyQualifiedName("io.isokinet.server.unit.UnitHeaders")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.springframework.jdbc..")
                .check(SERVER);
    }

    @Test
    void everyStatementNamesItsSchoolOrIsAboutAGlobalTable() throws IOException {
        Map<String, List<String>> statements = new TreeMap<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            files.filter(f -> f.toString().endsWith(".java"))
                    .forEach(f -> statements.put(f.getFileName().toString(), statements(read(f))));
        }
        assertThat(statements.values().stream().mapToInt(List::size).sum())
                .as("statements found")
                .isGreaterThan(60);
        statements.forEach((file, all) -> assertThat(all.stream().filter(s -> !isHeld(s)))
                .as("statements of %s that name no school", file)
                .isEmpty());
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> statements(String source) {
        return TEXT.matcher(source)
                .results()
                .map(m -> m.group(1) == null ? m.group(2) : m.group(1))
                .filter(t -> STATEMENT.matcher(t).find() && TABLE.matcher(t).find())
                .toList();
    }

    /** What names entities goes through Hibernate, which filters it; what is found by a secret of its own says its school. */
    private static boolean isHeld(String statement) {
        return statement.contains(":school")
                || statement.contains("secret_sha256 = :hash")
                || TABLE.matcher(statement)
                        .results()
                        .map(m -> m.group(1))
                        .allMatch(t -> GLOBAL.contains(t) || Character.isUpperCase(t.charAt(0)));
    }
}
