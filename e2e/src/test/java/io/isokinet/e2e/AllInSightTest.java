package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Every child of a class whole on the screen while it is watched: whom one cannot see one does not look at. */
class AllInSightTest {
    /** Names of tiles of which a part is not in sight, and of those whose marks do not fit. */
    private static final String HIDDEN = """
            () => {
              const field = document.querySelector('main').getBoundingClientRect()
              return [...document.querySelectorAll('button[aria-label$=": not yet"], button[aria-label$=": miss"]')]
                .map((b) => b.parentElement)
                .filter((t) => {
                  const r = t.getBoundingClientRect()
                  const cut = r.top < field.top || r.bottom > field.bottom + 0.5 || r.left < 0 || r.right > innerWidth
                  return cut || [...t.querySelectorAll('button > span')].some((s) => s.scrollWidth > s.clientWidth + 1)
                })
                .map((t) => t.textContent)
            }""";

    @Test
    void everyChildIsSeenWhole() {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address(), 1024, 768)) {
            desk.signIn();
            everyOf(27, desk, 1024, 768);
            add(desk, 3);
            everyOf(30, desk, 1024, 768);
            everyOf(30, desk, 768, 1024);
            // On a phone twelve, the rest one swipe away.
            desk.page.setViewportSize(390, 844);
            assertThat(30 - ((List<?>) desk.page.evaluate(HIDDEN)).size()).isGreaterThanOrEqualTo(12);
            add(desk, 6);
            everyOf(36, desk, 1280, 800);
        }
    }

    private static void add(Desk desk, int more) {
        desk.page.setViewportSize(1280, 800);
        desk.open("/classes");
        desk.page
                .getByRole(AriaRole.MAIN)
                .or(desk.page.locator("body"))
                .first()
                .getByText("Sanderlings")
                .last()
                .click();
        desk.page
                .getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Children and sides"))
                .click();
        desk.page
                .locator("textarea")
                .fill(IntStream.range(0, more)
                        .mapToObj(i -> "Newcomer" + more + i + " Quay")
                        .collect(Collectors.joining("\n")));
        desk.button("Add").click();
        // The grid behind the other tab may have the name as well.
        assertThat(desk.page
                        .locator("text=Newcomer" + more + "0 >> visible=true")
                        .first())
                .isVisible();
    }

    private static void everyOf(int children, Desk desk, int width, int height) {
        desk.page.setViewportSize(width, height);
        desk.inTheHall("Roll it, catch it", "Lesson 6");
        Locator tiles = desk.page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": not yet$")));
        assertThat(tiles).hasCount(children);
        Locator shown =
                desk.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": shown$")));
        // Five marks on one tile: as many as it ever shows.
        for (int i = 0; i < 5; i++) shown.first().click();
        assertThat((List<?>) desk.page.evaluate(HIDDEN))
                .as("hidden of %d at %d x %d", children, width, height)
                .isEmpty();
        assertThat(desk.page.getByRole(AriaRole.STATUS)).containsText("all saved");
        desk.tool("Hits");
        assertThat(desk.page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": miss$"))))
                .hasCount(children);
        assertThat((List<?>) desk.page.evaluate(HIDDEN))
                .as("hidden of %d while hits are counted at %d x %d", children, width, height)
                .isEmpty();
        desk.button("All").click();
    }
}
