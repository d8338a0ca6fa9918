package io.isokinet.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/** A school of fourteen classes with a term of planned lessons and a year of looks: what is asked for often, and teachers who press. */
final class Load {
    private static final int CLASSES = 14;
    private static final int CHILDREN = 27;
    private static final int UNITS = 3;
    private static final int LOOKS = 10_000;
    private static final Path UNIT = Path.of(
            "../server/src/test/resources/units/7y-27c-6x40-underarm-roll.components+two-hand-catch.components.json");
    private static final String SETS = "set=underarm-roll/components&set=two-hand-catch/components";

    private Load() {}

    static void run() throws Exception {
        try (Application application = Application.startOn()) {
            Visitor lead = TrustBench.lead(application);
            List<String> classes = school(application, lead);
            reads(lead, classes);
            application.restart();
            TimeUnit.SECONDS.sleep(10);
            System.out.println(
                    "\n| teachers pressing twice a second, ten seconds after a start | p50 ms | p95 ms | answers a second | failed |");
            System.out.println("|---|---|---|---|---|");
            for (int teachers : List.of(5, 10, 15, 20, 25, 30)) presses(application, teachers);
        }
    }

    private static List<String> school(Application application, Visitor lead) throws IOException {
        List<String> classes = new ArrayList<>();
        String hall = UUID.randomUUID().toString();
        lead.json("PUT", "/api/spaces/" + hall, """
                {"name":"The long hall","lengthCm":1700,"widthCm":950,"ceilingCm":480,"floor":"WOOD","wallSpots":14}""");
        LocalDate monday =
                TestClock.now().atZone(ZoneOffset.UTC).toLocalDate().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
        for (int c = 0; c < CLASSES; c++) {
            String id = UUID.randomUUID().toString();
            ok(lead.json("PUT", "/api/classes/" + id, "{\"name\":\"Load %d\",\"yearAge\":7}".formatted(c)));
            JsonArray names = new JsonArray();
            for (int i = 0; i < CHILDREN; i++) names.add("Child" + i + " Load" + c);
            JsonObject newcomers = new JsonObject();
            newcomers.add("names", names);
            ok(lead.json("POST", "/api/classes/" + id + "/children", newcomers.toString()));
            for (int u = 0; u < UNITS; u++) {
                JsonArray lessons = new JsonArray();
                for (int l = 0; l < 6; l++) {
                    JsonObject lesson = new JsonObject();
                    lesson.addProperty(
                            "onDate", monday.plusDays(14L * l + 2L * u + c % 2).toString());
                    lesson.addProperty("minutes", 40);
                    lesson.addProperty("spaceId", hall);
                    lessons.add(lesson);
                }
                JsonObject unit = new JsonObject();
                unit.addProperty("classId", id);
                unit.addProperty("title", "Roll and catch " + u);
                unit.add("lessons", lessons);
                unit.addProperty("file", Files.readString(UNIT));
                ok(lead.json("PUT", "/api/units/" + UUID.randomUUID() + "/file", unit.toString()));
            }
            classes.add(id);
        }
        looks(application, lead, classes);
        return classes;
    }

    /** A year of looks at every class, as if they had been pressed. */
    private static void looks(Application application, Visitor lead, List<String> classes) throws IOException {
        String child = application.text(
                "select child_id from enrolment where class_id = '%s' limit 1".formatted(classes.get(0)));
        ok(lead.json(
                "POST",
                "/api/batches",
                Outages.batch(
                        UUID.randomUUID(),
                        TestClock.now().toString(),
                        List.of(Outages.trial(
                                UUID.randomUUID().toString(),
                                child,
                                1,
                                TestClock.now().toString())))));
        for (String id : classes) application.change("""
                    insert into trial (id, school_id, child_id, cue_key, shown, kind, setting, observer, device_id, device_seq, device_at,
                                       seen_at, received_at, payload_sha256)
                    select gen_random_uuid(), one.school_id, (select array_agg(child_id) from enrolment where class_id = '%s')[1 + i %% %d],
                           (array['underarm-roll/step', 'underarm-roll/other-foot', 'two-hand-catch/hands-out', 'two-hand-catch/give'])[1 + (i / 27) %% 4],
                           i %% 3 > 0, 'TEACHER', 'DRILL', one.observer, one.device_id, 1000 + i, one.seen_at - i %% 300 * interval '1 day',
                           one.seen_at - i %% 300 * interval '1 day', one.received_at, repeat('0', 64)
                    from generate_series(1, %d) i, (select * from trial where child_id = '%s' limit 1) one""".formatted(id, CHILDREN, LOOKS, child));
        application.change("analyze");
    }

    private static Visitor.Answer ok(Visitor.Answer answer) {
        if (answer.status() != 200) throw new IllegalStateException(answer.toString());
        return answer;
    }

    private static void reads(Visitor lead, List<String> classes) throws IOException {
        System.out.printf(
                "%n| %d classes, %d planned lessons, %,d looks | first s | median s | longest s | aim |%n|---|---|---|---|---|%n",
                CLASSES, CLASSES * UNITS * 6, CLASSES * LOOKS);
        List<List<String>> asked = List.of(
                List.of("GET /api/shopping", "/api/shopping"),
                List.of("GET /api/term", "/api/term"),
                List.of("GET /api/term of another year", "/api/term?around=2030-05-05"),
                List.of("GET /api/today", "/api/today"),
                List.of("GET /api/units", "/api/units"));
        for (List<String> one : asked) row(one.get(0), lead, Collections.nCopies(14, one.get(1)));
        row(
                "GET /api/classes/{id}/over-time",
                lead,
                classes.stream()
                        .map(c -> "/api/classes/" + c + "/over-time?" + SETS)
                        .toList());
        row(
                "the same again",
                lead,
                classes.stream()
                        .map(c -> "/api/classes/" + c + "/over-time?" + SETS)
                        .toList());
        row(
                "GET /api/classes/{id}/next",
                lead,
                classes.stream().map(c -> "/api/classes/" + c + "/next?" + SETS).toList());
        row(
                "the same again",
                lead,
                classes.stream().map(c -> "/api/classes/" + c + "/next?" + SETS).toList());
    }

    private static void row(String name, Visitor lead, List<String> paths) throws IOException {
        double[] took = new double[paths.size()];
        for (int i = 0; i < took.length; i++)
            took[i] = ok(lead.get(paths.get(i))).took().toMillis() / 1000.0;
        double first = took[0];
        Arrays.sort(took);
        System.out.printf(
                "| %s | %.2f | %.2f | %.2f | 0.5 |%n", name, first, took[took.length / 2], took[took.length - 1]);
    }

    /** Each teacher in the hall with a class of her own, twice a second for fifteen seconds. */
    private static void presses(Application application, int teachers) throws Exception {
        List<String> lessons = application.texts(
                "select distinct on (u.class_id) l.id from lesson l join unit u on u.id = l.unit_id join school_class c on c.id = u.class_id "
                        + "where c.name like 'Load %' order by u.class_id, l.on_date");
        ExecutorService all = Executors.newFixedThreadPool(teachers);
        List<Future<double[]>> done = new ArrayList<>();
        for (int t = 0; t < teachers; t++) {
            String lesson = lessons.get(t % lessons.size());
            List<String> children =
                    application.texts("select e.child_id from enrolment e join unit u on u.class_id = e.class_id "
                            + "join lesson l on l.unit_id = u.id where l.id = '" + lesson + "'");
            Visitor teacher = TrustBench.lead(application);
            int offset = t * 500 / teachers;
            done.add(all.submit(() -> teacher(teacher, lesson, children, offset)));
        }
        List<Double> took = new ArrayList<>();
        int failed = 0;
        for (Future<double[]> f : done)
            for (double ms : f.get())
                if (ms < 0) failed++;
                else took.add(ms);
        all.shutdown();
        Collections.sort(took);
        System.out.printf(
                "| %d | %.0f | %.0f | %.0f | %d |%n",
                teachers, took.get(took.size() / 2), took.get((int) (took.size() * 0.95)), took.size() / 15.0, failed);
    }

    private static double[] teacher(Visitor teacher, String lesson, List<String> children, int offset)
            throws Exception {
        double[] took = new double[30];
        UUID device = UUID.randomUUID();
        long from = System.nanoTime() + offset * 1_000_000L;
        for (int i = 0; i < took.length; i++) {
            long due = from + i * 500_000_000L - System.nanoTime();
            if (due > 0) TimeUnit.NANOSECONDS.sleep(due);
            String trial = Outages.trial(
                    UUID.randomUUID().toString(),
                    children.get(i % children.size()),
                    i + 1,
                    TestClock.now().toString());
            Visitor.Answer a = teacher.json(
                    "POST",
                    "/api/hall/" + lesson + "/batches",
                    Outages.batch(device, TestClock.now().toString(), List.of(trial)));
            took[i] = a.status() == 200 ? Duration.ofNanos(a.took().toNanos()).toNanos() / 1e6 : -1;
        }
        return took;
    }
}
