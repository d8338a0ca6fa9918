package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A lesson is opened and taught with no network, in a page that is closed and opened anew, and every press arrives once. */
class NoNetworkTest {
    private static final int PRESSES = 30;

    @Test
    void aLessonThatWasOpenedOnceIsTaughtWithNoNetwork() {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address(), 1024, 768, ServiceWorkerPolicy.ALLOW)) {
            desk.signIn();
            long before = application.count("select count(*) from trial");
            long counted = application.count("select count(*) from hit_set where hits = 5");
            desk.open("/hall");
            Locator ready = desk.page.getByText("ready, network or not").first();
            assertThat(ready).isVisible();
            desk.isAccessible();
            desk.page.locator("a[href^='/hall/']").first().click();
            assertThat(desk.button("Start the clock")).isVisible();
            desk.isAccessible();
            desk.tool("Outdoors");
            desk.hasStrongContrast();
            desk.button("Outdoors").click();
            desk.button("Close").click();

            // A figure that was looked at once is there with no network, too.
            desk.button("All").click();
            figure(desk);

            desk.context.setOffline(true);
            // A page that is made now may reach the server once before it is cut off as well.
            desk.context.route("**/api/hall/*/batches", Route::abort);
            assertThat(desk.page.evaluate("fetch('/api/today').then(() => 'reached', () => 'not reached')"))
                    .isEqualTo("not reached");
            desk.page.reload();
            desk.button("Start the clock").click();
            desk.button("A minute more").click();
            desk.button("All").click();
            figure(desk);
            tap(desk, 0, PRESSES);
            assertThat(desk.page.getByText(Pattern.compile("\\d+ waiting"))).isVisible();

            // The page is gone and comes again, still with no network.
            Page second = desk.context.newPage();
            String lesson = desk.page.url();
            // What is on its way when a page is closed is let go by the browser that is driven; when a page is left it
            // is not.
            desk.page.navigate("about:blank");
            desk.page.close();
            second.navigate(lesson);
            assertThat(second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Next")))
                    .isVisible();
            Locator tiles =
                    second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": shown$")));
            for (int i = 0; i < 5; i++) tiles.nth(i).click();
            second.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("More").setExact(true))
                    .click();
            Locator hits = second.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hits").setExact(true));
            hits.click();
            Locator hit = second.getByRole(
                            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": hit")))
                    .first();
            for (int i = 0; i < 5; i++) hit.click();
            assertThat(application.count("select count(*) from trial")).isEqualTo(before);

            desk.context.unroute("**/api/hall/*/batches");
            desk.context.setOffline(false);
            assertThat(second.getByText("all saved")).isVisible();
            assertThat(application.count("select count(*) from trial") - before).isEqualTo(PRESSES + 5);
            assertThat(application.count("select count(*) from lesson_event where kind = 'CLOCK'"))
                    .isEqualTo(2);
            assertThat(application.count("select count(*) from hit_set where hits = 5") - counted)
                    .isEqualTo(1);
            assertThat(
                            application.count(
                                    "select count(*) from (select device_seq, lag(device_seq) over (partition by device_id order by seen_at, device_seq) as earlier from trial where device_seq > 0) t where earlier > device_seq"))
                    .isZero();

            // Whoever signs out takes the names along.
            second.navigate(application.address() + "/");
            second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign out"))
                    .click();
            assertThat(second.getByLabel("Password")).isVisible();
            for (String cache : List.of("isokinet-names", "isokinet open lesson"))
                assertThat(second.evaluate("name => caches.has(name)", cache))
                        .as(cache)
                        .isEqualTo(false);
        }
    }

    /** Forty minutes by the browser's own clock, driven: every stretch to its end, taps in each, and nothing is lost. */
    @Test
    void aWholeLessonByItsClockWithNoNetwork() {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address(), 1024, 768, ServiceWorkerPolicy.ALLOW)) {
            desk.signIn();
            long before = application.count("select count(*) from trial");
            desk.open("/hall");
            ready(desk);
            desk.page.getByText("40 min").first().click();
            assertThat(desk.button("Start the clock")).isVisible();
            desk.context.setOffline(true);
            desk.page
                    .clock()
                    .install(new Clock.InstallOptions().setTime(TestClock.now().toEpochMilli()));
            desk.button("Start the clock").click();
            Locator next = desk.button(Pattern.compile("^(Next|Done)$"));
            Locator left = desk.page.getByRole(AriaRole.TIMER);
            int stretches = 0;
            int minutes = 0;
            while (next.isVisible()) {
                int has = minutes(left.textContent());
                minutes += has;
                desk.page.clock().fastForward(has * 60_000L);
                assertThat(left).hasText(Pattern.compile("^(0:00|−?0:0\\d|−0:\\d\\d)$"));
                desk.button("All").click();
                tap(desk, 0, 6);
                stretches++;
                next.click();
            }
            assertThat(minutes).isEqualTo(40);
            assertThat(stretches).isGreaterThan(5);
            desk.context.setOffline(false);
            desk.page.clock().runFor(10_000);
            assertThat(desk.page.getByText("all saved")).isVisible();
            assertThat(application.count("select count(*) from trial") - before).isEqualTo(6L * stretches);
            assertThat(application.count("select count(*) from lesson_event where kind = 'CLOCK'"))
                    .isEqualTo(stretches + 1);
            assertThat(application.count("select count(*) from lesson_event where at > " + TestClock.sql()
                            + " + interval '1 minute'"))
                    .isZero();
        }
    }

    /** Every lesson that the list shows is on the device. */
    private static void ready(Desk desk) {
        Locator lessons = desk.page.locator("main a[href^='/hall/']");
        assertThat(lessons.first()).isVisible();
        assertThat(desk.page.getByText("ready, network or not")).hasCount(lessons.count());
    }

    /** "8:00" and what a moment took of it. */
    private static int minutes(String told) {
        String[] parts = told.split(":");
        return Integer.parseInt(parts[0]) + (Integer.parseInt(parts[1]) > 30 ? 1 : 0);
    }

    /** Opens the cue that is watched on its figure, and closes it. */
    private static void figure(Desk desk) {
        desk.page.locator("button[aria-label$='on a figure']").click();
        Locator panel = desk.page.getByRole(
                AriaRole.DIALOG, new Page.GetByRoleOptions().setName(Pattern.compile("on a figure")));
        assertThat(panel.getByRole(AriaRole.IMG).first()).isVisible();
        panel.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Close").setExact(true))
                .click();
    }

    private static void tap(Desk desk, int from, int many) {
        Locator tiles = desk.page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": (shown|not yet)$")));
        for (int i = from; i < from + many; i++) tiles.nth(i % 12).click();
    }
}
