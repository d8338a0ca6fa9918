package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.server.RunningServer.TestDatabase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Backups that are checked by restoring them, and dumps of every earlier schema that still open. */
@ExtendWith(RunningServer.class)
class KeepingTest {
    private static final Path DUMPS = Path.of("src/test/resources/dumps");
    private static final String CLUSTER = System.getenv().getOrDefault("ISOKINET_TEST_CLUSTER", "test");

    @TempDir
    Path folder;

    private record Ran(int status, String output) {}

    /** bin/db, as a person runs it. */
    private static Ran db(String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("../bin/db"));
        command.addAll(List.of(arguments));
        return ran(command.toArray(String[]::new));
    }

    private static Ran ran(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String output = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor(2, TimeUnit.MINUTES)).isTrue();
        return new Ran(process.exitValue(), output);
    }

    private static String database() {
        String url = RunningServer.databaseUrl();
        return url.substring(url.lastIndexOf('/') + 1);
    }

    private static long trials() {
        return RunningServer.bean(JdbcClient.class)
                .sql("select count(*) from trial")
                .query(Long.class)
                .single();
    }

    @Test
    void aBackupIsVerifiedByRestoringItElsewhere() throws Exception {
        TestSchool school = TestSchool.make();
        school.record(List.of(school.trial(
                school.children(school.schoolClass("Terns", 7, "Ada Moss")).get("Ada"), "underarm-roll/step", true)));
        String file = folder.resolve("kept.dump").toString();
        // Other tests write at the same time: as many as there were when it began, or were when it ended, or between.
        long least = trials();
        Ran backup = db("--name", CLUSTER, "--database", database(), "backup", file);
        assertThat(backup.status).as(backup.output).isZero();
        long most = trials();
        assertThat(least).isPositive();
        assertThat(Files.readAllLines(Path.of(file + ".sums")))
                .anyMatch(l -> l.startsWith("trial ")
                        && Long.parseLong(l.split(" ")[1]) >= least
                        && Long.parseLong(l.split(" ")[1]) <= most)
                .noneMatch(l -> l.startsWith("spring_session"));
        // What is written afterwards is not in it, and does not disturb the check.
        school.schoolClass("Auks", 8, "Ben Sole");
        Ran verified = db("verify", file);
        assertThat(verified.status).as(verified.output).isZero();
        assertThat(verified.output).contains("all as they were saved");
    }

    /** By hand: of 500 nights the last 14, the Sundays of 8 weeks and the ends of 12 months; 471 go. */
    @Test
    void theNightKeepsDaysWeeksAndMonths() throws Exception {
        java.time.LocalDate last = java.time.LocalDate.of(2026, 11, 28);
        for (int i = 0; i <= 500; i++) Files.createFile(folder.resolve("isokinet-" + last.minusDays(i) + ".dump"));
        Files.createFile(folder.resolve("isokinet-2026-11-28.dump.sums"));
        Ran pruned = ran("../bin/nightly", "--prune", folder.toString());
        assertThat(pruned.status).as(pruned.output).isZero();
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(f -> f.getFileName().toString().replaceAll("isokinet-|[.]dump", ""))
                            .sorted())
                    .hasSize(31)
                    .contains("2025-12-31", "2026-10-31", "2026-10-11", "2026-11-15", "2026-11-28.sums")
                    .doesNotContain("2025-11-30", "2026-10-04", "2026-11-14");
        }
        assertThat(ran("../bin/nightly", "--timer", "/backups").output)
                .contains("OnCalendar=*-*-* 02:50")
                .contains("bin/nightly --name demo /backups");
        assertThat(ran("../bin/nightly", folder.resolve("none").toString()).output)
                .contains("there is no folder");
    }

    @Test
    void aBackupThatIsNotWholeIsFoundOut() throws Exception {
        String file = folder.resolve("kept.dump").toString();
        db("--name", CLUSTER, "--database", database(), "backup", file);
        Path sums = Path.of(file + ".sums");
        Files.writeString(sums, Files.readString(sums).replaceFirst("school \\d+", "school 4711"));
        Ran differs = db("verify", file);
        assertThat(differs.status).isNotZero();
        assertThat(differs.output).contains("school 4711").contains("differs from what was saved");
        Path cut = folder.resolve("cut.dump");
        byte[] whole = Files.readAllBytes(Path.of(file));
        Files.write(cut, java.util.Arrays.copyOf(whole, whole.length / 2));
        Files.copy(sums, Path.of(cut + ".sums"));
        Ran broken = db("verify", cut.toString());
        assertThat(broken.status).isNotZero();
        assertThat(broken.output).contains("it is damaged or cut off");
        assertThat(db("verify", folder.resolve("none").toString()).output).contains("there is no file");
    }

    /** A restore looks at the file before it touches what is there; what was there before a whole one is kept. */
    @Test
    void aFileThatCannotBeRestoredLeavesTheLiveDataAsItIs() throws Exception {
        TestDatabase live = restored(DUMPS.resolve("9.sql"));
        try {
            String[] here = {"--name", CLUSTER, "--database", live.name()};
            String file = folder.resolve("live.dump").toString();
            assertThat(db(with(here, "backup", file)).status).isZero();
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(Path.of(file))))
                    .isEqualTo("rw-------");
            change(live, "delete from trial");

            byte[] whole = Files.readAllBytes(Path.of(file));
            Path cut = Files.write(folder.resolve("half.dump"), java.util.Arrays.copyOf(whole, whole.length / 2));
            Path wrong = Files.writeString(folder.resolve("letter.dump"), "Dear parents");
            for (Path bad : List.of(cut, wrong)) {
                Ran refused = db(with(here, "restore", bad.toString()));
                assertThat(refused.status).isNotZero();
                assertThat(refused.output).contains("is as it was");
                assertThat(count(live, "trial")).isZero();
                assertThat(count(live, "school")).isEqualTo(1);
            }
            Ran restored = db(with(here, "restore", file));
            assertThat(restored.status).as(restored.output).isZero();
            assertThat(count(live, "trial")).isGreaterThan(100);
            TestDatabase before = new TestDatabase(restored.output.replaceFirst("(?s).*database '(.*?)'.*", "$1"));
            assertThat(count(before, "trial")).isZero();
            before.drop();
        } finally {
            live.drop();
        }
    }

    private static String[] with(String[] first, String... more) {
        return Stream.concat(Stream.of(first), Stream.of(more)).toArray(String[]::new);
    }

    private static void change(TestDatabase database, String sql) throws SQLException {
        try (Connection connection = database.connect();
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    static Stream<Path> dumps() throws IOException {
        return Files.list(DUMPS).filter(f -> f.toString().endsWith(".sql")).sorted();
    }

    private static TestDatabase restored(Path dump) throws Exception {
        TestDatabase old = TestDatabase.create();
        try (Connection connection = old.connect();
                Statement statement = connection.createStatement()) {
            statement.execute(Files.readString(dump));
        }
        return old;
    }

    /** Each schema that was ever released, of the demo school as it was then, becomes that of today, which the application has found to be its own. */
    @ParameterizedTest
    @MethodSource("dumps")
    void anEarlierSchemaBecomesThatOfToday(Path dump) throws Exception {
        TestDatabase old = restored(dump);
        try {
            long trials = count(old, "trial");
            assertThat(trials).isGreaterThan(100);
            Flyway.configure()
                    .dataSource(old.url(), TestDatabase.user(), TestDatabase.password())
                    .load()
                    .migrate();
            Set<String> is = shape(old.url());
            Set<String> wanted = shape(RunningServer.databaseUrl());
            assertThat(is.stream().filter(l -> !wanted.contains(l)))
                    .as("too much")
                    .isEmpty();
            assertThat(wanted.stream().filter(l -> !is.contains(l)))
                    .as("missing")
                    .isEmpty();
            assertThat(count(old, "trial")).isEqualTo(trials);
        } finally {
            old.drop();
        }
    }

    /** Every column with its type, and every constraint and index, as PostgreSQL writes them; it nests brackets anew when it restores. */
    private static Set<String> shape(String url) throws Exception {
        Set<String> shape = new TreeSet<>();
        try (Connection connection = DriverManager.getConnection(url, TestDatabase.user(), TestDatabase.password());
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("""
                        select table_name || '.' || column_name || ' ' || data_type || ' ' || is_nullable || ' '
                               || coalesce(column_default, '')
                        from information_schema.columns where table_schema = 'public' and table_name <> 'flyway_schema_history'
                        union all
                        select conrelid::regclass::text || ' ' || pg_get_constraintdef(oid)
                        from pg_constraint where connamespace = 'public'::regnamespace
                        union all
                        select indexdef from pg_indexes where schemaname = 'public' and tablename <> 'flyway_schema_history'""")) {
            while (rows.next()) shape.add(rows.getString(1).replaceAll("public\\.|[()]", ""));
        }
        return shape;
    }

    static Stream<Path> oldestAndNewestDump() throws IOException {
        List<Path> all =
                dumps().sorted(Comparator.comparingInt(KeepingTest::version)).toList();
        return Stream.of(all.get(0), all.get(all.size() - 1));
    }

    private static int version(Path dump) {
        return Integer.parseInt(dump.getFileName().toString().replace(".sql", ""));
    }

    /** The application opens it and all of it is there. */
    @ParameterizedTest
    @MethodSource("oldestAndNewestDump")
    void aDatabaseOfAnEarlierSchemaOpens(Path dump) throws Exception {
        TestDatabase old = restored(dump);
        try {
            long trials = count(old, "trial");
            try (ConfigurableApplicationContext application = RunningServer.run(old.url(), List.of())) {
                Caller caller = new Caller(RunningServer.address(application));
                caller.post("/api/session", Map.of("signIn", "demo", "password", "saltfern-harbour"));
                assertThat(caller.get("/api/classes").json()).hasSize(3);
                assertThat(caller.get("/api/units").json()).hasSize(3);
                String unit = caller.get("/api/units").json().get(0).get("id").asString();
                assertThat(caller.get("/api/units/" + unit).status()).isEqualTo(200);
                assertThat(caller.get("/api/units/" + unit + "/versions").status())
                        .isEqualTo(200);
                assertThat(caller.get("/api/term").status()).isEqualTo(200);
                assertThat(caller.get("/api/today").status()).isEqualTo(200);
                assertThat(caller.get("/api/school").json().get("lengthUnit").asString())
                        .isEqualTo("METRES");
                assertThat(count(old, "trial")).isEqualTo(trials);
                // And it is worked on as if it had never been another.
                assertThat(caller.post(
                                        "/api/units/" + unit + "/replan",
                                        "{}",
                                        "If-Match",
                                        caller.get("/api/units/" + unit).header("ETag"))
                                .status())
                        .isEqualTo(200);
            }
        } finally {
            old.drop();
        }
    }

    /** What stood in the words of a cause has columns of its own since schema 10. */
    @Test
    void aProposalOfAnEarlierSchemaIsStillOne() throws Exception {
        TestDatabase old = restored(DUMPS.resolve("9.sql"));
        try {
            Flyway.configure()
                    .dataSource(old.url(), TestDatabase.user(), TestDatabase.password())
                    .load()
                    .migrate();
            try (Connection connection = old.connect();
                    Statement statement = connection.createStatement();
                    ResultSet row = statement.executeQuery(
                            "select cause, reason from public.unit_revision where kind = 'PROPOSED'")) {
                assertThat(row.next()).isTrue();
                assertThat(row.getString("cause")).isEqualTo("A proposal");
                assertThat(row.getString("reason")).contains("Underarm roll").endsWith(".");
            }
            assertThat(count(old, "unit_revision where kind = 'PLANNED'")).isEqualTo(3);
            assertThat(count(old, "unit_revision where kind = 'LESSON_CHANGED'"))
                    .isEqualTo(1);
        } finally {
            old.drop();
        }
    }

    private static long count(TestDatabase database, String table) throws Exception {
        try (Connection connection = database.connect();
                Statement statement = connection.createStatement();
                var result = statement.executeQuery("select count(*) from public." + table)) {
            result.next();
            return result.getLong(1);
        }
    }

    /** Whoever adds a migration keeps a dump of the schema before it. */
    @Test
    void thereIsADumpOfEveryReleasedSchema() throws IOException {
        // Version 1 and 2 came together.
        List<String> kept = dumps().map(d -> d.getFileName().toString()).toList();
        long newest = Files.list(Path.of("src/main/resources/db/migration"))
                .map(f -> f.getFileName().toString())
                .mapToLong(n -> Long.parseLong(n.substring(1, n.indexOf("__"))))
                .max()
                .orElseThrow();
        for (long version = 2; version < newest; version++) assertThat(kept).contains(version + ".sql");
    }
}
