package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** A teacher's browser. Every request that would leave this machine is a failure. */
final class Desk implements AutoCloseable {
    /** The one without a window where it is installed: it leaves the processors to the application. */
    static final Path CHROMIUM = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
            .map(Path::of)
            .filter(Files::exists)
            .findFirst()
            .orElseThrow(() -> new IllegalStateException("No Chromium is installed. Run bin/install --tests."));

    private static final Playwright PLAYWRIGHT = Playwright.create();
    /** The one limit there is: a journey waits for what it needs, never for a time, and a busy machine may take a while. */
    static final double PATIENCE = 90_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    }

    private final Browser browser;
    final BrowserContext context;
    final Page page;
    private final String address;
    private final List<String> strays = new CopyOnWriteArrayList<>();
    private final List<String> errors = new CopyOnWriteArrayList<>();

    Desk(String address, int width, int height, String... arguments) {
        this(address, width, height, ServiceWorkerPolicy.BLOCK, arguments);
    }

    /** @param workers whether the hall may be installed; a journey that watches every request does not allow it */
    Desk(String address, int width, int height, ServiceWorkerPolicy workers, String... arguments) {
        this.address = address;
        List<String> all = new ArrayList<>(List.of(
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync"));
        all.addAll(List.of(arguments));
        browser = PLAYWRIGHT
                .chromium()
                .launch(new LaunchOptions()
                        .setExecutablePath(CHROMIUM)
                        .setChromiumSandbox(false)
                        .setArgs(all));
        context = browser.newContext(new NewContextOptions()
                .setViewportSize(width, height)
                .setServiceWorkers(workers)
                .setIgnoreHTTPSErrors(true)
                .setAcceptDownloads(true)
                .setLocale("en-GB")
                .setTimezoneId("Europe/London"));
        context.setDefaultTimeout(PATIENCE);
        context.addInitScript(TestClock.IN_THE_PAGE);
        context.onRequest(r -> {
            if (!r.url().startsWith(address)
                    && !r.url().startsWith("data:")
                    && !r.url().startsWith("blob:")) strays.add(r.url());
        });
        page = context.newPage();
        page.onPageError(errors::add);
    }

    Desk(String address) {
        this(address, 1280, 800);
    }

    Desk open(String path) {
        page.navigate(address + path);
        return this;
    }

    Desk signIn() {
        open("/");
        page.getByLabel("Name").fill(Application.SIGN_IN);
        page.getByLabel("Password").fill(Application.PASSWORD);
        button("Sign in").click();
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens")))
                .isVisible();
        return this;
    }

    /** The page of a unit, found in the list of all of them: what Today shows hangs on the day. */
    Desk unit(String title) {
        open("/units");
        unit(page, title);
        return this;
    }

    /** A lesson of a unit, such as "Lesson 6", begun in the hall, with every child on the screen. */
    void inTheHall(String unit, String lesson) {
        unit(unit);
        link(lesson).click();
        link("Start teaching").or(button("Start teaching")).first().click();
        button("All").click();
    }

    /** One of the things in the hall that stand behind "More". */
    void tool(String name) {
        button("More").click();
        button(name).click();
    }

    static void unit(Page page, String title) {
        page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(title).setExact(true))
                .first()
                .click();
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator button(Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator heading(String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    /** Chooses from a list that opens. */
    void choose(String label, String option) {
        Locator field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        field.click();
        // A long list shows only its first options until it is searched.
        if (field.getAttribute("readonly") == null) field.fill(option);
        Locator open = page.locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden)");
        // A press on a list that still unfolds goes down on one option and up on another, which chooses neither.
        PlaywrightAssertions.assertThat(open).isVisible();
        PlaywrightAssertions.assertThat(open).not().hasClass(Pattern.compile("-(appear|enter)\\b"));
        open.locator(".ant-select-item-option")
                .filter(new Locator.FilterOptions().setHasText(option))
                .first()
                .click();
        PlaywrightAssertions.assertThat(open).hasCount(0);
    }

    /** Seven to one, as outdoors light asks for (WCAG 2.2, 1.4.6). */
    void hasStrongContrast() {
        List<Rule> violations = new AxeBuilder(page)
                .withRules(List.of("color-contrast-enhanced"))
                .analyze()
                .getViolations();
        assertThat(violations.stream()
                        .flatMap(v -> v.getNodes().stream())
                        .map(n -> n.getHtml() + n.getFailureSummary())
                        .limit(6)
                        .toList())
                .as("contrast of " + page.url())
                .isEmpty();
    }

    /** Waits until nothing grows, fades or slides any more. */
    void isStill() {
        page.waitForFunction("""
                () => document.getAnimations().every(
                  (a) => a.playState !== 'running' || a.effect?.getTiming().iterations === Infinity)""");
    }

    /**
     * Presses the button of a question that popped up. A press while it still grows can miss, and before it begins to grow nothing moves: it
     * carries the class of its entrance from the first moment to the last.
     */
    void confirm(String name) {
        button(name).waitFor();
        page.waitForFunction("""
                () => !document.querySelector(
                  '[class*="-zoom"][class*="-enter"], [class*="-zoom"][class*="-appear"]')""");
        isStill();
        button(name).click();
    }

    /** Judges one of the children who are on the floor of the trainer at once. */
    void judge(int child, boolean shown) {
        page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName("Child " + child).setExact(true))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(shown ? "shown" : "not yet"))
                .click();
    }

    /** What WCAG 2.2 AA says of the page as it is. */
    void isAccessible() {
        // Colours are judged when they have arrived: a button that fades in is no button yet.
        isStill();
        List<Rule> violations = new AxeBuilder(page)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                .analyze()
                .getViolations();
        assertThat(violations.stream()
                        .map(v -> v.getId() + ": " + v.getHelp() + " "
                                + v.getNodes().stream()
                                        .map(n -> n.getHtml())
                                        .limit(4)
                                        .toList()))
                .as("accessibility of " + page.url())
                .isEmpty();
    }

    void isQuiet() {
        assertThat(strays).as("requests that leave the machine").isEmpty();
        assertThat(errors).as("errors in the page").isEmpty();
    }

    /** Ends the driver, which a program would wait for at its end; tests leave it to the end of their process. */
    static void endDriver() {
        PLAYWRIGHT.close();
    }

    @Override
    public void close() {
        context.close();
        browser.close();
    }
}
