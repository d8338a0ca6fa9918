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

    private static final String TEN_MORE = """
            async () => {
              const token = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN=')).slice(11)
              const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
              const send = async (method, path, body) => {
                const answer = await fetch(path, { method, headers, body: JSON.stringify(body) })
                if (!answer.ok) throw new Error(path + ' ' + (await answer.text()))
              }
              const spaces = await (await fetch('/api/spaces')).json()
              const days = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY']
              for (let i = 0; i < 10; i++) {
                const id = crypto.randomUUID()
                await send('PUT', `/api/classes/${id}`, { name: `Oystercatchers ${i}`, yearAge: 5 + (i % 7) })
                const names = Array.from({ length: 28 }, (_, n) => `Child${n} Marsh${i}`)
                await send('POST', `/api/classes/${id}/children`, { names })
                for (const day of [days[i % 5], days[(i + 2) % 5]])
                  await send('PUT', `/api/calendar/slots/${crypto.randomUUID()}`, {
                    classId: id, day, weeks: 'EVERY', starts: `${String(9 + (i >> 2)).padStart(2, '0')}:10:00`,
                    minutes: 40, spaceId: spaces[i % 2].id,
                  })
              }
            }""";

    @Test
    void everyPageFitsTheScreen() {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address(), WIDTH, 800)) {
            Page page = desk.signIn().page;
            page.evaluate(TEN_MORE);
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
