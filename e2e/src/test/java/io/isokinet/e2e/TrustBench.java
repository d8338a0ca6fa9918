package io.isokinet.e2e;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A campaign against the running application: what is asked wrongly, what is too large, what happens at once, clocks, kills and stops, and
 * load. Prints what was counted and ends with 1 if something is that must not be. Run by {@code bin/bench trust [PART...]}; the parts are
 * malformed, bombs, races, outages and load.
 */
final class TrustBench {
    private static final int REQUESTS = 10_000;
    private static final long SEED = 17;
    private static final Duration LONGEST = Duration.ofSeconds(5);
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final List<String> failures = new ArrayList<>();

    private TrustBench() {}

    public static void main(String[] arguments) throws Exception {
        List<String> parts = arguments.length > 0 && !arguments[0].isBlank()
                ? Arrays.asList(arguments)
                : List.of("malformed", "bombs", "races", "outages", "load");
        TrustBench bench = new TrustBench();
        if (parts.contains("malformed")) bench.malformed();
        if (parts.contains("bombs")) bench.bombs();
        if (parts.contains("races")) Races.run(bench);
        if (parts.contains("outages")) Outages.run(bench);
        if (parts.contains("load")) Load.run();
        System.out.println();
        bench.failures.forEach(f -> System.out.println("MUST NOT BE: " + f));
        System.out.println(
                bench.failures.isEmpty() ? "Nothing that must not be." : bench.failures.size() + " that must not be.");
        System.exit(bench.failures.isEmpty() ? 0 : 1);
    }

    /** Something that must not be; the first forty are told. */
    void mustNotBe(String what) {
        if (failures.size() < 40) failures.add(what);
    }

    /** An application of the heap that a small school's machine gives it. */
    static Application small() {
        return Application.startOn("-Xmx512m", "-XX:+ExitOnOutOfMemoryError");
    }

    static Visitor lead(Application application) throws IOException {
        return new Visitor(application.address(), PATIENCE).signIn(Application.SIGN_IN, Application.PASSWORD);
    }

    private void malformed() throws IOException {
        try (Application application = small()) {
            Visitor lead = lead(application);
            Malformed requests = new Malformed(SEED, known(application));
            Map<Integer, Integer> byStatus = new TreeMap<>();
            int html = 0;
            int late = 0;
            Duration longest = Duration.ZERO;
            for (int i = 0; i < REQUESTS; i++) {
                Malformed.Request request = requests.next();
                Visitor.Answer answer;
                try {
                    answer = lead.send(
                            request.method(),
                            request.path(),
                            request.type().isEmpty() ? null : request.type(),
                            request.body());
                } catch (IOException e) {
                    mustNotBe("no answer to " + request.what() + ": " + e);
                    continue;
                }
                if (answer.status() == 401) lead = lead(application);
                byStatus.merge(answer.status(), 1, Integer::sum);
                String told = "%d to %s (%s): %s"
                        .formatted(answer.status(), request.what(), cut(request.path()), cut(answer.body()));
                if (answer.status() >= 500) mustNotBe(told + " with " + cut(new String(request.body())));
                if (answer.type().startsWith("text/html")) {
                    html++;
                    mustNotBe("a page: " + told);
                }
                if (answer.body().contains("java.") && answer.type().contains("problem"))
                    mustNotBe("a name of a class: " + told);
                if (answer.took().compareTo(LONGEST) > 0) {
                    late++;
                    mustNotBe("%d ms: %s".formatted(answer.took().toMillis(), told));
                }
                if (answer.took().compareTo(longest) > 0) longest = answer.took();
            }
            System.out.printf(
                    "%n%,d requests of %d operations, seed %d: %s; %d pages, %d over %d s, the longest %.1f s%n",
                    REQUESTS,
                    requests.operations(),
                    SEED,
                    byStatus,
                    html,
                    late,
                    LONGEST.toSeconds(),
                    longest.toMillis() / 1000.0);
        }
    }

    private static String cut(String text) {
        return text.length() <= 300 ? text : text.substring(0, 300) + "\u2026";
    }

    /** Ids of what there is, by the word before them in a path. */
    static Map<String, List<String>> known(Application application) {
        Map<String, String> tables = new LinkedHashMap<>();
        tables.put("classes", "select id from school_class");
        tables.put("children", "select id from child");
        tables.put("units", "select id from unit");
        tables.put("lessons", "select id from lesson");
        tables.put("hall", "select id from lesson");
        tables.put("spaces", "select id from space");
        tables.put("segments", "select (jsonb_path_query(body, '$.**.id') #>> '{}') from unit_revision");
        tables.put("versions", "select id from unit_revision");
        tables.put("skills", "select distinct skill from know_how_entry where skill is not null");
        tables.put("activities", "select distinct key from know_how_entry where kind = 'ACTIVITY'");
        tables.put("cupboard", "select item_key from cupboard_item");
        tables.put("days", "select on_date::text from lesson");
        Map<String, List<String>> known = new TreeMap<>();
        tables.forEach(
                (word, sql) -> known.put(word, application.texts("select x.* from (" + sql + ") x(id) limit 40")));
        return known;
    }

    private void bombs() throws IOException {
        System.out.println("\n| what | answer | s | the service after it |\n|---|---|---|---|");
        Application application = small();
        try {
            for (Bombs.Bomb bomb : Bombs.all(application)) {
                Visitor lead = lead(application);
                String answer;
                double seconds = 0;
                try {
                    Visitor.Answer a = bomb.thrown().by(lead);
                    seconds = a.took().toMillis() / 1000.0;
                    answer = Integer.toString(a.status());
                    if (a.status() >= 500 || a.type().startsWith("text/html"))
                        mustNotBe(bomb.name() + ": " + a.status() + " " + cut(a.body()));
                    if (a.took().compareTo(LONGEST) > 0) mustNotBe(bomb.name() + " took " + a.took());
                } catch (IOException e) {
                    answer = e.getClass().getSimpleName();
                    mustNotBe(bomb.name() + ": " + e);
                }
                boolean up = application.alive() && answersAtOnce(application);
                if (!up) mustNotBe("the service is not up after " + bomb.name());
                System.out.printf("| %s | %s | %.1f | %s |%n", bomb.name(), answer, seconds, up ? "up" : "DOWN");
                if (!application.alive()) application.restart();
            }
        } finally {
            application.close();
        }
    }

    private static boolean answersAtOnce(Application application) {
        try {
            Visitor.Answer a = new Visitor(application.address(), Duration.ofSeconds(5)).get("/api/session");
            return a.status() < 500;
        } catch (IOException e) {
            return false;
        }
    }

    /** The first match of a pattern's group. */
    static String found(String text, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) throw new IllegalStateException("There is no " + pattern + " in " + cut(text));
        return matcher.group(1);
    }
}
