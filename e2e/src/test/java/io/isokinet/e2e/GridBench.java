package io.isokinet.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/**
 * How a class of 36 children by 40 cues is drawn, scrolled and sorted, beside a bare table of as many cells. The class is blown up on its way
 * to the browser.
 */
final class GridBench {
    private static final int CHILDREN = 36;
    private static final int CUES = 40;

    private static final String BARE = """
            <!doctype html><title>bare</title><div id="scroll" style="overflow: auto; width: 900px; height: 400px"><table><tbody></tbody></table></div>
            <script>
            for (let r = 0; r < 36; r++) {
              const tr = document.createElement('tr')
              for (let c = 0; c < 40; c++) {
                const td = document.createElement('td')
                td.textContent = 'mark'
                td.style.padding = '8px 14px'
                tr.append(td)
              }
              document.querySelector('tbody').append(tr)
            }
            </script>""";

    private static final String SCROLL = """
            async (selector) => {
              const box = document.querySelector(selector)
              const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
              const times = []
              for (let i = 0; i < 60; i++) {
                const start = performance.now()
                box.scrollLeft += i < 30 ? 24 : -24
                box.scrollTop += i < 30 ? 12 : -12
                window.scrollBy(0, i < 30 ? 12 : -12)
                await frame()
                times.push(performance.now() - start)
              }
              return times
            }""";

    private static final String SORT = """
            async () => {
              const calls = [...document.querySelectorAll('thead button')]
              const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
              const times = []
              for (let i = 0; i < 20; i++) {
                await new Promise((done) => setTimeout(done, 60))
                const start = performance.now()
                calls[(i * 7) % calls.length].click()
                await frame()
                times.push(performance.now() - start)
              }
              return times
            }""";

    private static final String BARE_SORT = """
            async () => {
              const body = document.querySelector('tbody')
              const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
              const times = []
              for (let i = 0; i < 20; i++) {
                await new Promise((done) => setTimeout(done, 60))
                const start = performance.now()
                for (const row of [...body.rows].reverse()) body.append(row)
                await frame()
                times.push(performance.now() - start)
              }
              return times
            }""";

    private static final String WALK = """
            async () => {
              const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
              const times = []
              document.querySelector('tbody [data-column="0"]').focus()
              for (let i = 0; i < 40; i++) {
                const start = performance.now()
                const key = i % 2 ? 'ArrowDown' : 'ArrowRight'
                document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
                await frame()
                times.push(performance.now() - start)
              }
              return times
            }""";

    private GridBench() {}

    public static void main(String[] arguments) {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address(), 1280, 800)) {
            desk.signIn();
            desk.page.route("**/api/classes/*/grid?*", GridBench::blowUp);
            desk.link("Classes").click();
            desk.page
                    .locator("#page")
                    .getByRole(
                            AriaRole.LINK,
                            new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Sanderlings"))
                    .first()
                    .click();
            desk.page.locator("tbody tr:nth-child(36) [data-column='39']").waitFor();
            Page bare = desk.context.newPage();
            bare.setContent(BARE);
            bare.bringToFront();
            double[] plainScroll = Times.of(bare, SCROLL, "#scroll");
            double[] plainSort = Times.of(bare, BARE_SORT);
            desk.page.bringToFront();
            System.out.println("| 36 children, 40 cues | the grid | bare table of as many cells | ratio |");
            System.out.println("|---|---|---|---|");
            row(
                    "one step of scrolling to painted, median of 60",
                    Times.of(desk.page, SCROLL, "div:has(> table)"),
                    plainScroll,
                    0.5);
            row("the same, 95th percentile", Times.of(desk.page, SCROLL, "div:has(> table)"), plainScroll, 0.95);
            row("sorted by another cue to painted, median of 20", Times.of(desk.page, SORT), plainSort, 0.5);
            System.out.printf(
                    "| a step with an arrow to painted, median of 40 | %.0f ms | | |%n",
                    Times.at(Times.of(desk.page, WALK), 0.5));
        }
        Desk.endDriver();
    }

    private static void blowUp(Route route) {
        APIResponse answer = route.fetch();
        JsonObject grid = JsonParser.parseString(answer.text()).getAsJsonObject();
        JsonObject skill = grid.getAsJsonArray("skills").get(0).getAsJsonObject();
        JsonArray known = skill.getAsJsonArray("cues");
        JsonArray cues = new JsonArray();
        for (int c = 0; c < CUES; c++) {
            JsonObject cue = known.get(c % known.size()).deepCopy().getAsJsonObject();
            cue.addProperty("key", "bench/" + c);
            cues.add(cue);
        }
        JsonArray rows = grid.getAsJsonArray("rows");
        JsonArray more = new JsonArray();
        for (int r = 0; r < CHILDREN; r++) {
            JsonObject row = rows.get(r % rows.size()).deepCopy().getAsJsonObject();
            JsonObject child = row.getAsJsonObject("child");
            child.addProperty("id", child.get("id").getAsString().substring(0, 34) + (10 + r));
            child.addProperty("name", child.get("name").getAsString() + r);
            List<JsonElement> cells =
                    List.copyOf(row.getAsJsonObject("cells").asMap().values());
            JsonObject all = new JsonObject();
            for (int c = 0; c < CUES; c++) all.add("bench/" + c, cells.get(c % cells.size()));
            row.add("cells", all);
            more.add(row);
        }
        skill.add("cues", cues);
        JsonArray one = new JsonArray();
        one.add(skill);
        grid.add("skills", one);
        grid.add("rows", more);
        route.fulfill(new Route.FulfillOptions().setResponse(answer).setBody(grid.toString()));
    }

    private static void row(String what, double[] grid, double[] bare, double share) {
        System.out.printf(
                "| %s | %.0f ms | %.0f ms | %.2f |%n",
                what, Times.at(grid, share), Times.at(bare, share), Times.at(grid, share) / Times.at(bare, share));
    }
}
