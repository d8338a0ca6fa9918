package io.isokinet.e2e;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.RequestOptions;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Pattern;

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
        desk.link("Start in the hall")
                .or(desk.button("Start in the hall"))
                .first()
                .click();
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

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static void row(String what, String measured) {
        System.out.println("| " + what + " | " + measured + " |");
    }
}
