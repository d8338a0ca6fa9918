package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A school of thirteen classes: each page fits the screen, and the strip takes no more of it than it is worth. */
class ThirteenClassesTest {
    private static final int WIDTH = 1280;
    /** Four classes and the weeks. */
    private static final int STRIP_PX = 125;

    private static final int THIN_PX = 30;

    private static final List<String> PAGES = List.of("/today", "/units", "/classes", "/units/new");
    private static final List<String> ORIENTATION = List.of(
            "/year",
            "/reports",
            "/know-how",
            "/cupboard",
            "/set-up/school",
            "/set-up/terms",
            "/set-up/timetable",
            "/set-up/people");

    @Test
    void everyPageFitsTheScreen() {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address(), WIDTH, 800)) {
            Page page = desk.signIn().page;
            try {
                for (String path : PAGES) fits(desk, path, STRIP_PX);
                for (String path : ORIENTATION) fits(desk, path, THIN_PX);
                desk.open("/today");
                desk.button("All 13 classes").click();
                assertThat(page.locator("[data-line]")).hasCount(13);
                desk.isAccessible();
                desk.isQuiet();
            } catch (AssertionError | RuntimeException e) {
                page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("target/thirteen-failed.png")));
                throw e;
            }
        }
    }

    /** Else the demo would be planned at its start, or taught by other rules than it was planned by. */
    @Test
    void theUnitsOfTheDemoAreAsTheyWerePlanned() {
        try (Application application = Application.start()) {
            assertThat(application.count("select count(*) from unit")).isEqualTo(53);
            assertThat(
                            application.count(
                                    "select count(*) from unit_revision where kind = 'ARRIVED' and cause = 'Taken over as it was'"))
                    .as("run bin/demo-units after a change of rules, know-how or the demo's places and kit")
                    .isEqualTo(53);
        }
    }

    private static void fits(Desk desk, String path, int strip) {
        desk.open(path);
        assertThat(desk.button("All 13 classes")).isVisible();
        assertThat(desk.page.locator("#page h1").first()).isVisible();
        desk.isStill();
        assertThat((int) desk.page.evaluate("document.documentElement.scrollWidth"))
                .as("width of " + path)
                .isLessThanOrEqualTo(WIDTH);
        double high = desk.page
                .getByRole(
                        com.microsoft.playwright.options.AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Herring term"))
                .boundingBox()
                .height;
        assertThat(high).as("height of the strip on " + path).isLessThanOrEqualTo(strip);
    }
}
