package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** On whatever day it is, at a weekend too: what comes next, made ready on the device and taught with no network. */
@Tag("calendar")
class AnyDayTest extends Journey {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);

    private final LocalDate today = TestClock.today();
    private final LocalDate next = TestClock.demoDay();

    private static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void theNextLessonIsMadeReadyAndTaught() {
        try (Desk desk = new Desk(application().address(), 1024, 768, ServiceWorkerPolicy.ALLOW)) {
            desk.signIn();
            // A day without lessons shows the next one that has some.
            assertThat(desk.heading((next.equals(today) ? "Today, " : "Next: ") + DAY.format(next)))
                    .isVisible();
            assertThat(region(desk.page, "Sanderlings, lesson 5")).containsText("Start teaching");
            assertThat(desk.page.getByText("Lay out once: Hall")).isVisible();
            desk.isAccessible();

            desk.open("/hall");
            Locator day = region(desk.page, DAY.format(next));
            Locator lesson = day.locator("a").filter(new Locator.FilterOptions().setHasText("Sanderlings"));
            assertThat(lesson).containsText("ready, network or not");
            assertThat(desk.page.getByText("No lesson today."))
                    .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                            .setVisible(!next.equals(today)));
            desk.isAccessible();
            desk.context.setOffline(true);
            lesson.click();
            desk.button("All").click();
            long before = application().count("select count(*) from trial");
            Locator shown = desk.page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": shown$")));
            for (int i = 0; i < 3; i++) shown.nth(i).click();
            // Where the cue is new, that it was brought in waits beside the three looks.
            assertThat(desk.page.getByText(Pattern.compile("[34] waiting"))).isVisible();
            desk.context.setOffline(false);
            assertThat(desk.page.getByText("all saved")).isVisible();
            org.assertj.core.api.Assertions.assertThat(application().count("select count(*) from trial") - before)
                    .isEqualTo(3);
        }
    }
}
