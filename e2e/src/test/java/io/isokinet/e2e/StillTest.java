package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** No tile moves while somebody presses, at any size, however the network goes: a quick second press finds the half that it was meant for. */
class StillTest extends Journey {
    /** Under each fault at each of three sizes: 201 under each. */
    private static final int PRESSES = 67;

    private static final String BATCHES = "**/api/hall/*/batches";

    /** Presses halves of tiles in turn, and answers by how many pixels any tile was elsewhere in any frame. */
    private static final String PRESS = """
            async (many) => {
              const halves = () => [...document.querySelectorAll('button[aria-label$=": shown"], button[aria-label$=": not yet"]')]
              const places = () => halves().map((b) => b.getBoundingClientRect())
              const before = places()
              let most = 0
              const look = () => places().forEach((r, i) => {
                for (const edge of ['left', 'top', 'width', 'height']) most = Math.max(most, Math.abs(r[edge] - before[i][edge]))
              })
              const frame = () => new Promise((done) => requestAnimationFrame(done))
              for (let i = 0; i < many; i++) {
                halves()[(i * 7) % 40].click()
                for (let f = 0; f < 2; f++) { await frame(); look() }
              }
              await new Promise((done) => setTimeout(done, 400))
              look()
              return most
            }""";

    private static Map<String, Consumer<Route>> faults() {
        Map<String, Consumer<Route>> faults = new LinkedHashMap<>();
        faults.put("all well", Route::resume);
        faults.put("no network", Route::abort);
        faults.put("a server in trouble", r -> r.fulfill(new Route.FulfillOptions().setStatus(500)));
        faults.put("signed out", r -> r.fulfill(new Route.FulfillOptions().setStatus(401)));
        faults.put("an answer that never comes", r -> {});
        return faults;
    }

    @Test
    void noTileMovesUnderTheFinger() {
        for (List<Integer> size : List.of(List.of(1024, 768), List.of(768, 1024), List.of(390, 844)))
            try (Desk desk = new Desk(application().address(), size.get(0), size.get(1))) {
                desk.signIn();
                desk.inTheHall("Roll it, catch it", "Lesson 6");
                Page page = desk.page;
                assertThat(page.getByRole(
                                        AriaRole.BUTTON,
                                        new Page.GetByRoleOptions().setName(Pattern.compile(": shown$")))
                                .first())
                        .isVisible();
                Locator next = desk.button("Next");
                // The lesson goes on where an earlier size left it.
                assertThat(next.or(desk.button("Start the clock"))).isVisible();
                if (!next.isVisible()) desk.button("Start the clock").click();
                assertThat(next).isVisible();
                desk.button("All").click();
                faults().forEach((fault, answer) -> {
                    page.unroute(BATCHES);
                    page.route(BATCHES, answer);
                    double moved = ((Number) page.evaluate(PRESS, PRESSES)).doubleValue();
                    assertThat(moved).as("%s at %s, pixels", fault, size).isZero();
                });
                // What needs a decision comes over the question, and moves nothing either.
                assertThat(desk.button("Try now")).isVisible();
                assertThat(((Number) page.evaluate(PRESS, 1)).doubleValue())
                        .as("with what to do at %s, pixels", size)
                        .isZero();
            }
    }
}
