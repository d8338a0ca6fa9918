package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** From what was seen to what to do next, and to one child. */
class JudgementTest extends Journey {
    @Test
    void fromTheMarksToWhatNextAndToAChild() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.open("/classes");
            desk.link("Sanderlings").click();
            assertThat(desk.page.getByText("How a mark is made")).isVisible();
            desk.page.getByLabel("Compare with").fill("2020-01-01");
            assertThat(desk.page.getByText("seen for the first time (+)")).isVisible();
            desk.isAccessible();
            desk.page
                    .getByRole(AriaRole.TAB)
                    .filter(new Locator.FilterOptions().setHasText("What next"))
                    .click();
            assertThat(desk.heading("Whom to watch")).isVisible();
            assertThat(desk.page.getByText("more likely to be settled")).isVisible();
            desk.isAccessible();
            desk.open("/classes");
            desk.link("Sanderlings").click();
            desk.link("Ayla").click();
            assertThat(desk.heading("Ayla Ferry")).isVisible();
            assertThat(desk.heading("Underarm roll")).isVisible();
            desk.isAccessible();
        }
    }
}
