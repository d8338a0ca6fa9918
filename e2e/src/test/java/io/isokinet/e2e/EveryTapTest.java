package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType.LaunchPersistentContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whatever goes wrong on the way, every tap is in the database exactly once, in the order of its device. */
class EveryTapTest extends Journey {
    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(Desk.PATIENCE);
    }

    private static final String OUT_OF_ORDER = """
            select count(*) from (
                select device_seq, lag(device_seq) over (partition by device_id order by seen_at, device_seq) as earlier
                from trial where device_id in (select id from device where first_seen >= '%s')) t
            where earlier > device_seq""";

    private static String lesson(Desk desk) {
        desk.signIn();
        desk.inTheHall("First rolls, first catches", "Lesson 2");
        assertThat(tiles(desk.page).first()).isVisible();
        return desk.page.url();
    }

    private static Locator tiles(Page page) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": (shown|not yet)$")));
    }

    /** Pressed by the page itself, a hundred in a few seconds: faster than anybody taps. */
    private static void press(Page page, int many) {
        page.evaluate("""
                async (many) => {
                  const tiles = [...document.querySelectorAll('button[aria-label$=": shown"], button[aria-label$=": not yet"]')]
                  for (let i = 0; i < many; i++) {
                    tiles[i % tiles.length].click()
                    await new Promise((done) => setTimeout(done, 15))
                  }
                }""", many);
    }

    /** Waits until so many taps are on the device: that is a few milliseconds after each. */
    private static void onTheDevice(Page page, int many) {
        page.waitForFunction("""
                (many) => new Promise((done) => {
                  const open = indexedDB.open('isokinet-hall')
                  open.onsuccess = () => {
                    const count = open.result.transaction('entries').objectStore('entries').count()
                    count.onsuccess = () => {
                      open.result.close()
                      done(count.result >= many)
                    }
                  }
                })""", many);
    }

    private static long trials() {
        return application().count("select count(*) from trial");
    }

    private static void saved(Page page) {
        assertThat(page.getByText("all saved")).isVisible();
    }

    @Test
    void sixHundredTapsUnderEveryFaultOnTheWay() {
        AtomicReference<Consumer<Route>> way = new AtomicReference<>(Route::resume);
        try (Desk desk = new Desk(application().address(), 1024, 768)) {
            String lesson = lesson(desk);
            String since = application().text("select now()::text");
            long before = trials();
            desk.page.route("**/api/hall/*/batches", route -> way.get().accept(route));

            press(desk.page, 100);
            // No network.
            way.set(Route::abort);
            press(desk.page, 100);
            // The server has trouble.
            way.set(r -> r.fulfill(new Route.FulfillOptions().setStatus(500).setBody("{}")));
            press(desk.page, 100);
            // A proxy takes small requests alone.
            way.set(r -> {
                if (r.request().postData().length() > 4000)
                    r.fulfill(new Route.FulfillOptions().setStatus(413).setBody(""));
                else r.resume();
            });
            press(desk.page, 100);
            saved(desk.page);
            // The server took it and the answer is lost: it is sent again.
            way.set(r -> {
                r.fetch();
                r.abort();
            });
            press(desk.page, 100);
            desk.page.waitForCondition(() -> trials() - before > 400);
            // A tab that is killed while all of that still waits.
            onTheDevice(desk.page, 100);
            desk.page.close();
            Page second = desk.context.newPage();
            second.navigate(lesson);
            assertThat(tiles(second).first()).isVisible();
            press(second, 100);
            saved(second);
            assertThat(trials() - before).isEqualTo(600);
            assertThat(
                            application()
                                    .count(
                                            "select count(*) - count(distinct (device_id, device_seq)) from trial where device_seq > 0"))
                    .isZero();
            assertThat(application().count(OUT_OF_ORDER.formatted(since))).isZero();
        }
    }

    @Test
    void twoDevicesOneOfThemADayOffOnASlowLink() {
        try (Desk teacher = new Desk(application().address(), 1024, 768);
                Desk assistant = new Desk(application().address(), 1024, 768)) {
            assistant.page.addInitScript(TestClock.shiftedBy(Duration.ofDays(1)));
            lesson(teacher);
            lesson(assistant);
            long before = trials();
            teacher.page.route("**/api/hall/*/batches", route -> {
                teacher.page.waitForTimeout(400);
                route.resume();
            });
            press(teacher.page, 40);
            press(assistant.page, 40);
            saved(teacher.page);
            saved(assistant.page);
            assertThat(trials() - before).isEqualTo(80);
            assertThat(application()
                            .count("select count(*) from trial where seen_at > " + TestClock.sql()
                                    + " + interval '1 minute'"))
                    .isZero();
            assertThat(application()
                            .count("select count(*) from trial where device_at > " + TestClock.sql()
                                    + " + interval '12 hours'"))
                    .isEqualTo(40);
        }
    }

    /** Killed and started again while somebody taps: what it had not answered comes again, and counts once. */
    @Test
    void aServerRestartedInTheMiddle() throws Exception {
        try (Application restarted = Application.start();
                Desk desk = new Desk(restarted.address(), 1024, 768)) {
            lesson(desk);
            long before = restarted.count("select count(*) from trial");
            press(desk.page, 60);
            Thread restart = new Thread(restarted::restart);
            restart.start();
            press(desk.page, 120);
            assertThat(desk.page.getByText(Pattern.compile("waiting"))).isVisible();
            restart.join();
            press(desk.page, 20);
            saved(desk.page);
            assertThat(restarted.count("select count(*) from trial") - before).isEqualTo(200);
            assertThat(restarted.count("select count(*) - count(distinct (device_id, device_seq)) from trial"
                            + " where device_seq > 0"))
                    .isZero();
        }
    }

    /** The browser itself is killed, and started again on the same device. */
    @Test
    void aKilledBrowserHasEveryTapWhenItIsStartedAgain() throws Exception {
        Path device = Files.createTempDirectory("device");
        long before = trials();
        Playwright playwright = Playwright.create();
        Page page = start(playwright, device).pages().get(0);
        signIn(page);
        assertThat(screens(page)).isVisible();
        page.navigate(application().address() + "/units");
        Desk.unit(page, "First rolls, first catches");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Lesson 3").setExact(true))
                .click();
        page.locator("a[href^='/hall/']").first().click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("All").setExact(true))
                .click();
        assertThat(tiles(page).first()).isVisible();
        String lesson = page.url();
        page.route("**/api/hall/*/batches", Route::abort);
        press(page, 60);
        assertThat(page.getByText(Pattern.compile("6[0-9] waiting"))).isVisible();
        onTheDevice(page, 60);
        ProcessHandle.allProcesses()
                .filter(p -> p.info().commandLine().orElse("").contains(device.toString()))
                .forEach(ProcessHandle::destroyForcibly);
        try {
            playwright.close();
        } catch (PlaywrightException e) {
            // It notices that its browser is gone.
        }
        assertThat(trials()).isEqualTo(before);
        try (Playwright anew = Playwright.create()) {
            Files.deleteIfExists(device.resolve("SingletonLock"));
            BrowserContext again = start(anew, device);
            Page opened = again.pages().get(0);
            // The sign-in may have gone with the browser; what waits has not.
            opened.navigate(application().address() + "/");
            opened.getByLabel("Password").or(screens(opened)).first().waitFor();
            if (opened.getByLabel("Password").isVisible()) signIn(opened);
            assertThat(screens(opened)).isVisible();
            opened.navigate(lesson);
            saved(opened);
            assertThat(trials() - before).isEqualTo(60);
            again.close();
        }
    }

    private static Locator screens(Page page) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens"));
    }

    private static void signIn(Page page) {
        page.navigate(application().address() + "/");
        page.getByLabel("Name").fill(Application.SIGN_IN);
        page.getByLabel("Password").fill(Application.PASSWORD);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
    }

    private static BrowserContext start(Playwright playwright, Path device) {
        BrowserContext context = playwright
                .chromium()
                .launchPersistentContext(
                        device,
                        new LaunchPersistentContextOptions()
                                .setExecutablePath(Desk.CHROMIUM)
                                .setChromiumSandbox(false)
                                .setViewportSize(1024, 768)
                                .setLocale("en-GB")
                                .setArgs(
                                        List.of("--disable-gpu", "--no-first-run", "--disable-background-networking")));
        context.setDefaultTimeout(Desk.PATIENCE);
        context.addInitScript(TestClock.IN_THE_PAGE);
        return context;
    }
}
