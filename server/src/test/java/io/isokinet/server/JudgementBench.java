package io.isokinet.server;

import io.isokinet.core.belief.ClassBelief;
import io.isokinet.core.belief.Look;
import io.isokinet.server.account.Role;
import io.isokinet.server.mastery.Marks;
import io.isokinet.server.record.Records;
import io.isokinet.server.tenancy.SchoolScope;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/**
 * The picture of a class as other schools grow, the statements it costs, and how fast looks are written; bin/bench judgement runs it on a
 * durable cluster that counts statements.
 */
final class JudgementBench {
    private static final int OWN = 10_000;
    private static final int RUNS = 60;
    private static final long CHUNK = 500_000;
    private static final int BATCHES = 1500;
    private static final List<String> SETS =
            List.of("underarm-roll/components", "two-hand-catch/components", "overarm-throw/components");
    private static final String COUNTED =
            "select coalesce(sum(calls), 0) from pg_stat_statements where query !~* '^(begin|commit|rollback|set|show|discard)' and query !~ 'pg_stat' and dbid = (select oid from pg_database where datname = current_database())";
    private static final String OTHERS = """
            insert into trial (id, school_id, child_id, cue_key, shown, kind, setting, observer, device_id, device_seq, device_at, seen_at,
                               received_at, payload_sha256)
            select ('0190' || lpad(to_hex(i), 28, '0'))::uuid, ('0291' || lpad(to_hex(i %% 200), 28, '0'))::uuid,
                   ('0392' || lpad(to_hex(i %% 40000), 28, '0'))::uuid, (array%s)[1 + i %% %d], i %% 3 > 0, 'TEACHER', 'DRILL',
                   ('0493' || lpad(to_hex(i %% 200), 28, '0'))::uuid, ('0594' || lpad(to_hex(i %% 200), 28, '0'))::uuid, i,
                   now() - i %% 80 * interval '1 day', now() - i %% 80 * interval '1 day', now(), repeat('0', 64)
            from generate_series(%d, %d) i""";
    private static final String MINE = """
            insert into trial (id, school_id, child_id, cue_key, shown, kind, setting, observer, device_id, device_seq, device_at, seen_at,
                               received_at, payload_sha256)
            select gen_random_uuid(), ?, (?::uuid[])[1 + i %% 27], (array%s)[1 + (i / 27) %% %d], i %% 3 > 0, 'TEACHER', 'DRILL', ?, ?, 1000 + i,
                   now() - i %% 80 * interval '1 day', now() - i %% 80 * interval '1 day', now(), repeat('0', 64)
            from generate_series(1, %d) i""";

    private JudgementBench() {}

    public static void main(String[] sizes) {
        try {
            measure(sizes);
            System.exit(0);
        } catch (Exception e) {
            // The application's threads would keep the process.
            e.printStackTrace();
            System.exit(1);
        }
    }

    private static void measure(String[] sizes) throws Exception {
        new RunningServer().beforeAll(null);
        JdbcTemplate jdbc = RunningServer.bean(JdbcTemplate.class);
        jdbc.execute("create extension if not exists pg_stat_statements");
        TestSchool school = TestSchool.make();
        UUID curlews = school.schoolClass("Curlews", 7, TestSchool.names(27));
        List<UUID> children = new ArrayList<>(school.children(curlews).values());
        List<String> cues = new ArrayList<>();
        school.as
                .get("/api/classes/" + curlews + "/grid?set=" + String.join("&set=", SETS))
                .json()
                .get("skills")
                .forEach(s -> s.get("cues").forEach(c -> cues.add(c.get("key").asString())));
        school.teach(curlews, cues.toArray(String[]::new));
        school.record(List.of(school.trial(children.get(0), cues.get(0), true)));
        mine(jdbc, school, children, cues);
        System.out.println(
                "| trials in all | a class of 10,000 | statements | same statement by JDBC | times | times the first |");
        System.out.println("|---|---|---|---|---|---|");
        long there = 0;
        double first = 0;
        for (String size : sizes) {
            long wanted = Long.parseLong(size) - OWN;
            others(jdbc, cues, there + 1, wanted);
            there = wanted;
            jdbc.execute("vacuum analyze trial");
            double whole = picture(school, curlews);
            if (first == 0) first = whole;
            long before = jdbc.queryForObject(COUNTED, Long.class);
            pictureOnce(school, curlews);
            long statements = jdbc.queryForObject(COUNTED, Long.class) - before;
            double bare = bare(school, children, cues);
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %.1f ms | %d | %.1f ms | %.2f | %.2f |%n",
                    size,
                    whole,
                    statements,
                    bare,
                    whole / bare,
                    whole / first);
        }
        believed(school, curlews, children.get(0), cues.get(0));
        writes(jdbc, school, children, cues);
    }

    private static String array(List<String> cues) {
        return "['" + String.join("', '", cues) + "']";
    }

    private static void mine(JdbcTemplate jdbc, TestSchool school, List<UUID> children, List<String> cues) {
        UUID observer = jdbc.queryForObject("select observer from trial where school_id = ?", UUID.class, school.id);
        UUID device = jdbc.queryForObject("select device_id from trial where school_id = ?", UUID.class, school.id);
        String all =
                "{" + String.join(",", children.stream().map(UUID::toString).toList()) + "}";
        jdbc.update(MINE.formatted(array(cues), cues.size(), OWN), school.id, all, observer, device);
    }

    /** Rows of schools that are not there: only this table and its indexes grow. The index that is filled all over is made anew. */
    private static void others(JdbcTemplate jdbc, List<String> cues, long from, long to) {
        String index = jdbc.queryForObject(
                "select indexdef from pg_indexes where indexname = 'trial_child_cue'", String.class);
        jdbc.execute((Connection c) -> {
            try (var s = c.createStatement()) {
                s.execute("set session_replication_role = replica");
                s.execute("set maintenance_work_mem = '1GB'");
                s.execute("drop index trial_child_cue");
                for (long at = from; at <= to; at += CHUNK)
                    s.execute(OTHERS.formatted(array(cues), cues.size(), at, Math.min(to, at + CHUNK - 1)));
                s.execute(index);
                s.execute("set session_replication_role = origin");
            }
            return null;
        });
    }

    private static void pictureOnce(TestSchool school, UUID curlews) {
        SchoolScope.call(school.id, () -> RunningServer.bean(Marks.class).grid(curlews, SETS, TestClock.today()));
    }

    /** What is believed of the class beside its picture: at most five times as long (docs/figures.md). */
    private static void believed(TestSchool school, UUID curlews, UUID child, String cue) {
        double picture = picture(school, curlews);
        double with = median(() -> SchoolScope.call(school.id, () -> RunningServer.bean(Marks.class)
                .grid(curlews, SETS, TestClock.today())
                .believing()));
        ClassBelief belief = SchoolScope.call(school.id, () -> RunningServer.bean(Marks.class)
                .grid(curlews, SETS, TestClock.today())
                .known()
                .belief());
        Look look = new Look(child.toString(), cue, true, TestClock.today().toEpochDay());
        double one = median(() -> belief.after(look));
        System.out.printf(
                Locale.ROOT,
                "%nbelieved beside the picture: %.1f ms, %.2f times the picture (at most 5); one more look %.2f ms%n%n",
                with - picture,
                (with - picture) / picture,
                one);
    }

    private static double picture(TestSchool school, UUID curlews) {
        return median(() -> pictureOnce(school, curlews));
    }

    /** The statement that reads the looks, through nothing but a driver. */
    private static double bare(TestSchool school, List<UUID> children, List<String> cues) throws Exception {
        var field = Records.class.getDeclaredField("TRIALS");
        field.setAccessible(true);
        String sql = (String) field.get(null);
        try (Connection connection = DriverManager.getConnection(
                RunningServer.databaseUrl(),
                RunningServer.TestDatabase.user(),
                RunningServer.TestDatabase.password())) {
            NamedParameterJdbcTemplate template =
                    new NamedParameterJdbcTemplate(new SingleConnectionDataSource(connection, true));
            Map<String, Object> parameters = Map.of(
                    "school", school.id, "children", children, "cues", cues, "before", Timestamp.from(TestClock.now()));
            return median(() -> template.query(sql, parameters, row -> {
                row.getObject(1);
            }));
        }
    }

    private static double median(Runnable work) {
        double[] milliseconds = new double[RUNS];
        for (int i = 0; i < RUNS / 3; i++) work.run();
        for (int i = 0; i < RUNS; i++) {
            long start = System.nanoTime();
            work.run();
            milliseconds[i] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(milliseconds);
        return milliseconds[RUNS / 2];
    }

    private static void writes(JdbcTemplate jdbc, TestSchool school, List<UUID> children, List<String> cues)
            throws IOException, InterruptedException, SQLException {
        Caller teacher = school.member(Role.LEAD).as();
        long before = jdbc.queryForObject(COUNTED, Long.class);
        teacher.post("/api/batches", school.batch(List.of(school.trial(children.get(0), cues.get(0), true))));
        long press = jdbc.queryForObject(COUNTED, Long.class) - before;
        long sessions = jdbc.queryForObject(
                "select coalesce(sum(calls), 0) from pg_stat_statements where query ilike '%spring_session%'",
                Long.class);
        UUID device = UUID.randomUUID();
        int seq = 0;
        List<String> bodies = new ArrayList<>();
        for (int b = 0; b < 2 * BATCHES; b++) {
            List<Object> trials = new ArrayList<>();
            for (int i = 0; i < 20; i++) {
                Map<String, Object> trial = school.trial(children.get(i), cues.get(b % cues.size()), i % 3 > 0);
                trial.put("seq", ++seq);
                trials.add(trial);
            }
            Map<String, Object> batch = school.batch(trials);
            batch.put("device", device);
            bodies.add(Caller.JSON.writeValueAsString(batch));
        }
        // As many again before they count: a server is warm.
        long start = 0;
        for (int b = 0; b < bodies.size(); b++) {
            if (b == BATCHES) start = System.nanoTime();
            teacher.post("/api/batches", bodies.get(b));
        }
        double http = 20.0 * BATCHES / ((System.nanoTime() - start) / 1e9);
        System.out.printf(
                Locale.ROOT,
                "%n| what | measured |%n|---|---|%n| one press by POST /api/batches | %d statements, those of the session included (%d of these since the start) |%n| looks a second, batches of 20 over HTTP, one client | %.0f |%n| single-row inserts a second by pgbench, same table, one client | %.0f |%n",
                press,
                sessions,
                http,
                pgbench(jdbc, school, children, cues));
    }

    private static double pgbench(JdbcTemplate jdbc, TestSchool school, List<UUID> children, List<String> cues)
            throws IOException, InterruptedException {
        UUID observer =
                jdbc.queryForObject("select observer from trial where school_id = ? limit 1", UUID.class, school.id);
        UUID device =
                jdbc.queryForObject("select device_id from trial where school_id = ? limit 1", UUID.class, school.id);
        jdbc.execute("create sequence if not exists bench_seq start 100000000");
        Path script = Files.createTempFile("press", ".sql");
        Files.writeString(script, """
                insert into trial (id, school_id, child_id, cue_key, shown, kind, setting, observer, device_id, device_seq, device_at, seen_at,
                                   received_at, payload_sha256)
                values (gen_random_uuid(), '%s', '%s', '%s', true, 'TEACHER', 'DRILL', '%s', '%s', nextval('bench_seq'), now(), now(), now(), repeat('0', 64));
                """.formatted(school.id, children.get(0), cues.get(0), observer, device));
        String url = RunningServer.databaseUrl();
        Matcher place = Pattern.compile("//([^:/]+):(\\d+)/(\\w+)").matcher(url);
        if (!place.find()) throw new IllegalStateException("The database's address (%s) is not one.".formatted(url));
        String bin;
        try (var versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            bin = versions.sorted().reduce((a, b) -> b).orElseThrow() + "/bin/pgbench";
        }
        ProcessBuilder process = new ProcessBuilder(
                        bin,
                        "-n",
                        "-c",
                        "1",
                        "-T",
                        "10",
                        "-M",
                        "prepared",
                        "-f",
                        script.toString(),
                        "-h",
                        place.group(1),
                        "-p",
                        place.group(2),
                        "-U",
                        RunningServer.TestDatabase.user(),
                        place.group(3))
                .redirectErrorStream(true);
        process.environment().put("PGPASSWORD", RunningServer.TestDatabase.password());
        Process running = process.start();
        String out = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        running.waitFor();
        Files.delete(script);
        Matcher rate = Pattern.compile("tps = ([0-9.]+)").matcher(out);
        if (!rate.find()) throw new IllegalStateException("pgbench said: " + out);
        return Double.parseDouble(rate.group(1));
    }
}
