package io.isokinet.server;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/**
 * What twelve planners at once leave to everybody else, a press in the hall beside a plain batch, and what is asked for often: milliseconds
 * and statements. Run by {@code bin/bench planners}.
 */
final class PlannersBench {
    private static final int PLANNERS = 12;
    private static final int READS = 400;
    private static final String CUE = "underarm-roll/step";

    private PlannersBench() {}

    public static void main(String[] arguments) throws Exception {
        new RunningServer().beforeAll(null);
        TestSchool school = TestSchool.make();
        UUID schoolClass = school.schoolClass("Terns", 7, TestSchool.names(27));
        UUID unit = school.unit(schoolClass, 4, 30);
        school.teach(schoolClass, CUE);
        String lesson = school.as
                .get("/api/units/" + unit)
                .json()
                .get("lessons")
                .get(0)
                .get("id")
                .asString();
        endPoints(school, unit, lesson);
        presses(school, schoolClass, lesson);
        planners(school, schoolClass);
        System.exit(0);
    }

    private static void endPoints(TestSchool school, UUID unit, String lesson) {
        System.out.println("| end point | ms, median of 40 | statements |\n|---|---|---|");
        for (String path : List.of(
                "/api/session",
                "/api/units",
                "/api/units/" + unit,
                "/api/today",
                "/api/today/lay-out",
                "/api/term",
                "/api/hall",
                "/api/hall/" + lesson,
                "/api/lessons/" + lesson + "/sheet")) {
            double[] took = new double[40];
            Caller.Answer last = null;
            for (int i = -10; i < took.length; i++) {
                long from = System.nanoTime();
                last = school.as.get(path);
                if (i >= 0) took[i] = (System.nanoTime() - from) / 1e6;
            }
            System.out.printf(
                    "| GET %s | %.1f | %d |%n",
                    path.replaceAll("[0-9a-f-]{36}", "{id}"),
                    at(took, 0.5),
                    last.statements().size());
        }
    }

    private static void presses(TestSchool school, UUID schoolClass, String lesson) {
        List<UUID> children = new ArrayList<>(school.children(schoolClass).values());
        AtomicLong next = new AtomicLong();
        Supplier<Map<String, Object>> batch = () -> school.batch(
                List.of(school.trial(children.get((int) (next.incrementAndGet() % children.size())), CUE, true)));
        double[] plain = new double[300];
        double[] hall = new double[300];
        Caller.Answer answer = null;
        for (int i = -100; i < plain.length; i++) {
            long from = System.nanoTime();
            school.as.post("/api/batches", batch.get());
            if (i >= 0) plain[i] = (System.nanoTime() - from) / 1e6;
            from = System.nanoTime();
            answer = school.as.post("/api/hall/" + lesson + "/batches", batch.get());
            if (i >= 0) hall[i] = (System.nanoTime() - from) / 1e6;
        }
        System.out.printf(
                "%nOne press, median of 300, in turn: hall %.2f ms, plain batch %.2f ms, %.2f times (gate 1.5); %d statements (gate 6)%n",
                at(hall, 0.5),
                at(plain, 0.5),
                at(hall, 0.5) / at(plain, 0.5),
                answer.statements().size());
    }

    private static void planners(TestSchool school, UUID schoolClass) throws Exception {
        UUID hall = school.hall();
        try (ConfigurableApplicationContext copy =
                RunningServer.run(RunningServer.databaseUrl(), List.of("--isokinet.planning-effort=20000"))) {
            String address = RunningServer.address(copy);
            Caller as = new Caller(address);
            as.post("/api/session", Map.of("signIn", school.signIn, "password", TestSchool.PASSWORD));
            reads(as);
            double quiet = at(reads(as), 0.95);
            ExecutorService planning = Executors.newFixedThreadPool(PLANNERS);
            List<Future<Integer>> planned = new ArrayList<>();
            for (int i = 0; i < PLANNERS; i++) {
                Caller planner = new Caller(address);
                planner.post("/api/session", Map.of("signIn", school.signIn, "password", TestSchool.PASSWORD));
                planned.add(planning.submit(
                        () -> planner.put("/api/units/" + UUID.randomUUID() + "/planning", form(schoolClass, hall))
                                .status()));
            }
            List<Double> busy = new ArrayList<>();
            int idle = 0;
            try (Connection look = connection()) {
                while (planned.stream().anyMatch(p -> !p.isDone())) {
                    long from = System.nanoTime();
                    as.get("/api/classes");
                    busy.add((System.nanoTime() - from) / 1e6);
                    idle = Math.max(idle, idle(look));
                }
            }
            for (Future<Integer> p : planned) if (p.get() != 200) throw new IllegalStateException("not planned");
            double loud = at(busy.stream().mapToDouble(d -> d).toArray(), 0.95);
            System.out.printf(
                    "%n%d planners at once: a simple read's p95 %.1f ms, quiet %.1f ms, %.2f times over %d reads (gate 3); connections idle in transaction over 100 ms: %d at most (gate 0)%n",
                    PLANNERS, loud, quiet, loud / quiet, busy.size(), idle);
        }
    }

    private static Map<String, Object> form(UUID schoolClass, UUID hall) {
        List<Map<String, Object>> lessons = new ArrayList<>();
        for (int i = 0; i < 6; i++)
            lessons.add(Map.of("onDate", TestClock.today().plusWeeks(i).toString(), "minutes", 40, "spaceId", hall));
        return Map.of(
                "classId",
                schoolClass,
                "title",
                "At once",
                "cueSets",
                List.of("underarm-roll/components", "two-hand-catch/components"),
                "order",
                "INTERLEAVED",
                "lessons",
                lessons);
    }

    private static double[] reads(Caller as) {
        double[] took = new double[READS];
        for (int i = 0; i < READS; i++) {
            long from = System.nanoTime();
            JsonNode answer = as.get("/api/classes").json();
            if (answer.isEmpty()) throw new IllegalStateException("nothing was read");
            took[i] = (System.nanoTime() - from) / 1e6;
        }
        return took;
    }

    private static Connection connection() throws SQLException {
        return java.sql.DriverManager.getConnection(
                RunningServer.databaseUrl(), RunningServer.TestDatabase.user(), RunningServer.TestDatabase.password());
    }

    private static int idle(Connection look) throws SQLException {
        try (Statement statement = look.createStatement();
                ResultSet row = statement.executeQuery(
                        "select count(*) from pg_stat_activity where datname = current_database()"
                                + " and state = 'idle in transaction' and state_change < clock_timestamp() - interval '100 ms'")) {
            row.next();
            return row.getInt(1);
        }
    }

    private static double at(double[] values, double share) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
    }
}
