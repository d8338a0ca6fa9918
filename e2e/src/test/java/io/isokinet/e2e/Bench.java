package io.isokinet.e2e;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Formation;
import io.isokinet.core.aim.Band;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.lesson.Floors;
import io.isokinet.core.lesson.LessonFit;
import io.isokinet.core.lesson.Stretch;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.task.Asked;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Need;
import io.isokinet.knowhow.PackFiles;
import io.isokinet.knowhow.PackReader;
import io.isokinet.knowhow.PackZip;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Measures what docs/figures.md reports; bin/bench runs it. Single runs on whatever machine this is: orders of magnitude. */
final class Bench {
    private Bench() {}

    public static void main(String[] arguments) {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address())) {
            desk.signIn();
            System.out.println("| what | measured |\n|---|---|");
            planning(desk, application);
            firstLoad(desk);
            taps(desk);
            fitting();
            lessons(desk, application);
            searching(desk, application);
        }
        Desk.endDriver();
    }

    /** Four lessons of 30 minutes, two skills, 27 children, over HTTP with saving. */
    private static void planning(Desk desk, Application application) {
        String classId = id(desk, "/api/classes", "Sanderlings");
        String space = id(desk, "/api/spaces", "Hall");
        List<Map<String, Object>> lessons = new ArrayList<>();
        for (int i = 0; i < 4; i++)
            lessons.add(Map.of("onDate", LocalDate.now().plusWeeks(i).toString(), "minutes", 30, "spaceId", space));
        Map<String, Object> body = new HashMap<>(Map.of(
                "classId",
                classId,
                "title",
                "Bench",
                "cueSets",
                List.of("underarm-roll/components", "two-hand-catch/components"),
                "order",
                "INTERLEAVED",
                "lessons",
                lessons));
        String token = desk.context.cookies().stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        double[] milliseconds = new double[12];
        for (int i = 0; i < milliseconds.length; i++) {
            long start = System.nanoTime();
            APIResponse made = desk.context
                    .request()
                    .put(
                            application.address() + "/api/units/" + UUID.randomUUID(),
                            RequestOptions.create()
                                    .setHeader("X-XSRF-TOKEN", token)
                                    .setData(body));
            milliseconds[i] = (System.nanoTime() - start) / 1e6;
            if (made.status() != 200) throw new IllegalStateException(made.text());
        }
        row("planning and saving four lessons, the first after the start", "%.0f ms".formatted(milliseconds[0]));
        row("the same, median of the last eight", "%.0f ms".formatted(median(Arrays.copyOfRange(milliseconds, 4, 12))));
    }

    private static String id(Desk desk, String path, String name) {
        String text = desk.context
                .request()
                .get(desk.page.url().replaceAll("(https?://[^/]+).*", "$1") + path)
                .text();
        var matcher = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"[^}]*?\"name\":\"" + name + "\"")
                .matcher(text);
        if (matcher.find()) return matcher.group(1);
        throw new IllegalStateException(name + " is not in " + text);
    }

    /** The unit's page in a browser that has nothing cached. */
    private static void firstLoad(Desk desk) {
        desk.page.getByText("Roll it, catch it").click();
        desk.heading("Roll it, catch it").waitFor();
        String address = desk.page.url();
        AtomicLong bytes = new AtomicLong();
        var client = desk.context.newCDPSession(desk.page);
        client.send("Network.enable");
        com.google.gson.JsonObject off = new com.google.gson.JsonObject();
        off.addProperty("cacheDisabled", true);
        client.send("Network.setCacheDisabled", off);
        client.on(
                "Network.loadingFinished",
                e -> bytes.addAndGet((long) e.get("encodedDataLength").getAsDouble()));
        double[] milliseconds = new double[5];
        for (int i = 0; i < milliseconds.length; i++) {
            bytes.set(0);
            long start = System.nanoTime();
            Response page = desk.page.navigate(address);
            desk.page.locator("[data-segment]").first().waitFor();
            milliseconds[i] = (System.nanoTime() - start) / 1e6;
            desk.page.waitForTimeout(500);
            if (!page.ok()) throw new IllegalStateException(page.statusText());
        }
        row(
                "first load of the unit page, everything over the wire, compressed",
                "%.0f kB".formatted(bytes.get() / 1000.0));
        row("the same, to the blocks being there, median of five", "%.0f ms".formatted(median(milliseconds)));
    }

    /** From the press to the frame in which the pip is painted, 40 presses over 27 tiles. */
    private static void taps(Desk desk) {
        desk.link("Lesson 5").click();
        desk.link("Start teaching").or(desk.button("Start teaching")).first().click();
        desk.button("All").click();
        desk.button("Anouk: shown").waitFor();
        Object times = desk.page.evaluate("""
                async () => {
                  const halves = [...document.querySelectorAll('main button')]
                  const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
                  const times = []
                  for (let i = 0; i < 40; i++) {
                    await new Promise((done) => setTimeout(done, 60))
                    const start = performance.now()
                    halves[i % halves.length].click()
                    await frame()
                    times.push(performance.now() - start)
                  }
                  return times
                }""");
        double[] milliseconds = ((List<?>) times)
                .stream().mapToDouble(t -> ((Number) t).doubleValue()).toArray();
        Arrays.sort(milliseconds);
        row("tap to painted pip, median of 40", "%.0f ms".formatted(median(milliseconds)));
        row("the same, 95th percentile", "%.0f ms".formatted(milliseconds[37]));
        long start = System.nanoTime();
        desk.page.locator("main button").nth(6).click();
        desk.page.getByText("all saved").waitFor();
        row(
                "tap to saved and the mark from the server painted",
                "%.0f ms".formatted((System.nanoTime() - start) / 1e6));
    }

    /** A lesson of six stretches for 27 children in a hall, worked out in the core; no server. */
    private static void fitting() {
        KnowHow known = PackReader.read(PackFiles.shipped()).knowHow();
        Place hall = new Place("hall", new Length(17), new Length(9.5), new Length(4.8), Place.Floor.WOOD, 14);
        Cupboard cupboard = Cupboard.of(known.items().stream().collect(Collectors.toMap(i -> i, i -> 40)));
        Age age = new Age(8);
        List<Activity> activities = known.activities().stream()
                .filter(a -> a.needs().stream().anyMatch(n -> n.role() == Need.Role.TOPPLED)
                        || a.grouping().formation() == Formation.PAIRS)
                .filter(a -> new Fitter(known, cupboard, age, 27).fit(a, hall) instanceof Fit.Works)
                .limit(6)
                .toList();
        double[] lesson = new double[60];
        double[] floor = new double[60];
        for (int i = 0; i < lesson.length; i++) {
            long from = System.nanoTime();
            Fitter fitter = new Fitter(known, cupboard, age, 27);
            List<Stretch> parts = activities.stream()
                    .map(a -> Stretch.of(
                            new Stretch.Planned(a.key(), a, Asked.usual(a), 8, 60, 0, null, false),
                            fitter.fit(a, hall),
                            new Stretch.Hands(List.of(1, 1), Map.of()),
                            hall,
                            known,
                            Band.USUAL))
                    .toList();
            LessonFit.of(parts, known, age);
            lesson[i] = (System.nanoTime() - from) / 1e6;
            from = System.nanoTime();
            Stretch.Fits first = LessonFit.fitting(parts).get(0);
            Floors.of(first.works(), hall, known, null, List.of(1), Map.of());
            floor[i] = (System.nanoTime() - from) / 1e6;
        }
        row(
                "a lesson of six stretches worked out in the core, median of the last 40",
                "%.1f ms".formatted(median(Arrays.copyOfRange(lesson, 20, 60))));
        row("one floor plan, median of the last 40", "%.2f ms".formatted(median(Arrays.copyOfRange(floor, 20, 60))));
    }

    /** The same over HTTP, and on paper. */
    private static void lessons(Desk desk, Application application) {
        String day =
                desk.context.request().get(application.address() + "/api/today").text();
        var first = Pattern.compile("\"lesson\":\"([0-9a-f-]{36})\"").matcher(day);
        if (!first.find()) throw new IllegalStateException("No lesson today in " + day);
        double[] sheet = new double[20];
        for (int i = 0; i < sheet.length; i++) {
            long from = System.nanoTime();
            APIResponse answer =
                    desk.context.request().get(application.address() + "/api/lessons/" + first.group(1) + "/sheet");
            if (answer.status() != 200) throw new IllegalStateException(answer.text());
            sheet[i] = (System.nanoTime() - from) / 1e6;
        }
        row(
                "a lesson worked out over HTTP, unit read and drawn, median of the last 10",
                "%.0f ms".formatted(median(Arrays.copyOfRange(sheet, 10, 20))));
        var date = Pattern.compile("\"day\":\"([0-9-]{10})\"").matcher(day);
        if (!date.find()) throw new IllegalStateException("No day in " + day);
        double[] paper = new double[4];
        for (int i = 0; i < paper.length; i++) {
            long from = System.nanoTime();
            APIResponse answer =
                    desk.context.request().get(application.address() + "/api/days/" + date.group(1) + "/paper");
            if (answer.status() != 200) throw new IllegalStateException(answer.text());
            paper[i] = (System.nanoTime() - from) / 1e9;
        }
        row(
                "all lessons of a day in one PDF, the first and then the median",
                "%.1f s, %.1f s".formatted(paper[0], median(Arrays.copyOfRange(paper, 1, 4))));
    }

    /** Answers over HTTP with 5,000 activities loaded: the shipped ones and a pack of made-up ones. */
    private static void searching(Desk desk, Application application) {
        String token = desk.context.cookies().stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        long start = System.nanoTime();
        APIResponse taken = desk.context
                .request()
                .post(
                        application.address() + "/api/packs?take=true",
                        RequestOptions.create()
                                .setHeader("X-XSRF-TOKEN", token)
                                .setTimeout(180_000)
                                .setMultipart(FormData.create()
                                        .set(
                                                "files",
                                                new FilePayload("many.zip", "application/zip", manyActivities()))));
        if (taken.status() != 200) throw new IllegalStateException(taken.text());
        row(
                "taking in a pack of %d activities: checked, indexed, in force".formatted(MANY),
                "%.1f s".formatted((System.nanoTime() - start) / 1e9));
        String hall = id(desk, "/api/spaces", "Hall");
        Map<String, String> queries = new LinkedHashMap<>();
        queries.put("one word", "words=lantern");
        queries.put("two words, both with a slip", "words=lantren%20harbuor");
        queries.put("skill, phase, age and minutes", "skill=hop&phase=PLAY&age=7&minutes=8");
        queries.put("nothing asked", "");
        queries.put("with the kit we have, 27 children in the hall", "age=8&children=27&kit=true&space=" + hall);
        queries.forEach((what, query) -> {
            double[] milliseconds = new double[30];
            for (int i = 0; i < milliseconds.length; i++) {
                long from = System.nanoTime();
                APIResponse found = desk.context.request().get(application.address() + "/api/activities?" + query);
                if (found.status() != 200) throw new IllegalStateException(found.text());
                milliseconds[i] = (System.nanoTime() - from) / 1e6;
            }
            row(
                    "finding among 5,000 activities: " + what + ", median of the last 20",
                    "%.0f ms".formatted(median(Arrays.copyOfRange(milliseconds, 10, 30))));
        });
    }

    private static final int MANY = 4600;

    private static byte[] manyActivities() {
        List<String> words = List.of(
                ("anchor buoy cable deck ebb flag gull harbour island jetty keel lantern mast net oar pier quay rope sail tide"
                                + " under swell tern wave yard lock crane cargo ferry pilot storm beacon reef sand shell crab heron otter")
                        .split(" "));
        Random random = new Random(5);
        PackFiles files = new PackFiles(Map.of("pack.yaml", "name: many\nnumber: 1\ntitle: Many made-up ones\n"));
        StringBuilder yaml = new StringBuilder("activities:\n");
        for (int i = 0; i < MANY; i++) {
            StringBuilder how = new StringBuilder();
            for (int w = 0; w < 24; w++)
                how.append(words.get(random.nextInt(words.size()))).append(' ');
            yaml.append("""
                      - {key: made-%d, name: "%s %s %d", phases: [play], skill: hop, rung: %d, difficulty: 0, hosts: [hop/one-foot], shows: [hop/one-foot], ages: [4, 12], minutes: [4, 8], formation: {kind: scatter, sizes: [1, 1, 1]}, space: {long: 6, each: 1.8}, kit: [{what: spot, role: marker, like: spot, traits: [flat], width: [80, 700], per: child, count: 1}], set-up: 10, layout: clear, how: "%s"}
                    """.formatted(
                            i,
                            words.get(random.nextInt(words.size())),
                            words.get(random.nextInt(words.size())),
                            i,
                            1 + i % 5,
                            how.toString().strip()));
            if (i % 1000 == 999 || i == MANY - 1) {
                files = files.with("activities/made-" + i + ".yaml", yaml.toString());
                yaml = new StringBuilder("activities:\n");
            }
        }
        return PackZip.write("many", 1, "Many made-up ones", files);
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static void row(String what, String measured) {
        System.out.println("| " + what + " | " + measured + " |");
    }
}
