package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
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
            assertThat(desk.page.getByText("this should decide it")).isVisible();
            assertThat(desk.page.getByText("planned looks were made in the last"))
                    .isVisible();
            desk.page
                    .getByText("Five minutes beside the others, with a card each")
                    .first()
                    .click();
            assertThat(desk.page
                            .getByText("1 minute: Watch somebody who has it")
                            .first())
                    .isVisible();
            assertThat(desk.link("Print a card for each of them")).isVisible();
            desk.isAccessible();
            desk.open("/classes");
            desk.link("Sanderlings").click();
            desk.link("Ayla").click();
            assertThat(desk.heading("Ayla Ferry")).isVisible();
            assertThat(desk.heading("Underarm roll")).isVisible();
            desk.isAccessible();
        }
    }

    private static void tab(Desk desk, String name) {
        desk.page
                .getByRole(AriaRole.TAB)
                .filter(new Locator.FilterOptions().setHasText(name))
                .click();
    }

    @Test
    void aStepBecomesAProposalAndIsTakenIntoTheUnit() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.open("/classes");
            desk.link("Sanderlings").click();
            tab(desk, "What next");
            Locator skills = desk.page.getByRole(AriaRole.RADIOGROUP);
            assertThat(skills).hasCount(2);
            desk.isStill();
            for (Locator steps : skills.all()) {
                steps.getByText("step back").click();
                assertThat(steps.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("step back")))
                        .isChecked();
            }
            desk.button("Change the rest of the unit so").click();
            assertThat(desk.page.getByText("The rest, planned anew")).isVisible();
            assertThat(desk.page.getByText(Pattern.compile("[Ll]esson 5")).first())
                    .isVisible();
            Locator take = desk.button(Pattern.compile("^Take it all"));
            take.click();
            assertThat(desk.page.getByText("Taken.")).isVisible();
        }
    }

    @Test
    void theGridIsMarkedByKeysAndWhatWasPressedIsTakenBack() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.open("/classes");
            desk.link("Sanderlings").click();
            Locator cell = desk.page.locator("tbody tr:nth-child(4) [data-column='1']");
            cell.focus();
            desk.page.keyboard().press("x");
            assertThat(desk.button("Take back")).isVisible();
            desk.button("Take back").click();
            assertThat(desk.button("Take back")).isHidden();
            cell.focus();
            desk.page.keyboard().press("Enter");
            assertThat(desk.page.getByText("(taken back)").first()).isVisible();
            desk.page.getByLabel("Reason for the call").fill("Did it all week in the yard");
            desk.button("Call it secure").click();
            assertThat(desk.page.getByText("Did it all week in the yard").first())
                    .isVisible();
            desk.button("Take the call back").click();
            assertThat(desk.button("Take the call back")).isHidden();
        }
    }

    @Test
    void trendsLinesTestsAndReportsAreReadable() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.open("/classes");
            desk.link("Sanderlings").click();
            tab(desk, "Over time");
            assertThat(desk.heading("Whom you looked at, over four weeks")).isVisible();
            desk.isAccessible();
            tab(desk, "Start lines");
            assertThat(desk.page.getByText("Six to eight hits in ten")).isVisible();
            desk.isAccessible();
            tab(desk, "Two-trial tests");
            desk.button(Pattern.compile("trial 1: shown$")).first().click();
            assertThat(desk.page.getByText(Pattern.compile("trials? missing")).first())
                    .isVisible();
            desk.isAccessible();
            desk.open("/reports");
            assertThat(desk.heading("All together")).isVisible();
            desk.isAccessible();
            desk.page.locator("#page h2").getByText("Sanderlings").click();
            assertThat(desk.heading("Outcomes of this age")).isVisible();
            desk.isAccessible();
            desk.open("/know-how?tab=skills&skill=two-hand-catch");
            assertThat(desk.heading("How high must the toss go?")).isVisible();
            assertThat(desk.page.getByText("above the floor")).isVisible();
            desk.isAccessible();
        }
    }
}
