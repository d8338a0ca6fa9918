package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * A new teacher's first hour: from an empty database to a unit of eight lessons for twenty-eight children, on paper. Every press of
 * the pointer and of a key is counted in the page; only the names are pasted.
 */
class FirstHourTest {
    private static final String CODE = "from-the-start-command";
    private static final int MOST_CLICKS = 15;
    private static final int MOST_KEYS = 90;
    private static final String COUNTED = """
            for (const kind of ['pointerdown', 'keydown'])
              addEventListener(kind, (e) => {
                if (e.isTrusted) localStorage.setItem(kind, Number(localStorage.getItem(kind) ?? 0) + 1)
              }, true)
            """;

    private Page page;

    @Test
    void anEmptyDatabaseBecomesAPrintedUnit() {
        try (Application application = Application.startEmpty(CODE);
                Desk desk = new Desk(application.address())) {
            page = desk.page;
            page.addInitScript(COUNTED);
            try {
                anHour(application, desk);
            } catch (AssertionError | RuntimeException e) {
                page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("target/first-hour-failed.png")));
                throw e;
            }
        }
    }

    private void anHour(Application application, Desk desk) {
        desk.open("/first-run?code=" + CODE);
        assertThat(page.getByLabel("Name of the school")).isFocused();
        type("Ebb Point");
        keys("Tab", "Tab");
        type("Wren");
        keys("Tab");
        type("wren");
        keys("Tab");
        type("ebb-and-flow");
        keys("Enter");
        assertThat(desk.heading("The term")).isVisible();
        keys("Enter");
        assertThat(desk.heading("A place to teach in")).isVisible();
        keys("Tab");
        type("18");
        keys("Tab");
        type("10");
        keys("Tab");
        type("5");
        keys("Enter");
        assertThat(desk.heading("A class with its children")).isVisible();
        type("3T");
        keys("Tab", "Tab");
        paste(names(28));
        desk.button("Save and go on").click();
        assertThat(desk.heading("What is in the cupboard")).isVisible();
        desk.button("I count later").click();
        assertThat(desk.heading("When it has lessons")).isVisible();
        desk.button("Save and finish").click();
        desk.link("Plan the first unit").click();

        page.getByLabel("Overarm throw").click();
        page.getByLabel("Lessons", new Page.GetByLabelOptions().setExact(true)).click();
        keys("ControlOrMeta+A");
        type("8");
        assertThat(page.locator("aside li")).hasCount(8);
        desk.button("Plan it").click();
        assertThat(desk.link("Lesson 8")).isVisible();
        page.waitForPopup(() -> desk.link("PDF").click());
        byte[] paper = page.request()
                .get(application.address() + desk.link("PDF").getAttribute("href"))
                .body();
        assertThat(new String(paper, StandardCharsets.ISO_8859_1)).startsWith("%PDF-");

        assertThat(application.count("select count(*) from lesson")).isEqualTo(8);
        assertThat(application.count("select count(*) from child")).isEqualTo(28);
        long clicks = counted("pointerdown");
        long pressed = counted("keydown");
        System.out.println("The first hour: " + clicks + " clicks, " + pressed + " keys");
        assertThat(clicks).as("clicks").isPositive().isLessThanOrEqualTo(MOST_CLICKS);
        assertThat(pressed).as("keys").isPositive().isLessThanOrEqualTo(MOST_KEYS);
        desk.isQuiet();
    }

    private static String names(int many) {
        return IntStream.rangeClosed(1, many)
                .mapToObj(i -> "Child" + i + " Name" + i)
                .collect(Collectors.joining("\n"));
    }

    private void type(String text) {
        page.keyboard().type(text);
    }

    private void keys(String... keys) {
        for (String key : keys) page.keyboard().press(key);
    }

    /** From the clipboard, with the keys that a paste takes. */
    private void paste(String text) {
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        page.evaluate("text => navigator.clipboard.writeText(text)", text);
        keys("ControlOrMeta+V");
    }

    private long counted(String kind) {
        return ((Number) page.evaluate("kind => Number(localStorage.getItem(kind))", kind)).longValue();
    }
}
