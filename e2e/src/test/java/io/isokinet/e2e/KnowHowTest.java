package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** A teacher finds, copies, changes, hands on and takes in know-how. */
class KnowHowTest {
    private static final String NAME = "Skittles at the Slipway";

    @Test
    void fromASlipOfTheFingerToAPackForAFriend() throws IOException {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address())) {
            desk.signIn();
            Page page = desk.page;
            findWithASlip(desk, page);
            copyAndChange(desk, page);
            whatIsWrongIsSaid(desk, page);
            Path pack = handOn(desk, page);
            assertThat(Files.size(pack)).isPositive();
            takeOutAndIn(desk, page, pack);
        }
    }

    private static void findWithASlip(Desk desk, Page page) {
        desk.open("/know-how?tab=activities");
        page.getByLabel("Words").fill("qauy skitles");
        assertThat(page.getByText("nothing is spelled like that; these are alike"))
                .isVisible();
        page.getByText("Quay Skittles").click();
        assertThat(desk.heading("Quay Skittles")).isVisible();
        desk.choose("For the class", "Sanderlings");
        assertThat(page.getByText("tries each in ten minutes")).isVisible();
        desk.isAccessible();
    }

    private static void copyAndChange(Desk desk, Page page) {
        desk.button("Copy and change").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(NAME);
        page.getByLabel("What happens")
                .fill("Six skittles stand where the slipway ends. Two rolls a turn; whoever knocks"
                        + " the last one over carries the next six out.");
        desk.isAccessible();
        desk.button("Check and save").click();
        assertThat(desk.heading(NAME)).isVisible();
        page.getByLabel("Words").fill("slipway skittles");
        assertThat(page.locator("li").filter(new Locator.FilterOptions().setHasText(NAME)))
                .isVisible();
    }

    private static void whatIsWrongIsSaid(Desk desk, Page page) {
        desk.button("Change").click();
        page.getByLabel("Minutes, fewest and most, first").fill("20");
        desk.button("Check and save").click();
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("The fewest minutes come first");
        page.getByLabel("Minutes, fewest and most, first").fill("6");
        desk.button("Check and save").click();
        assertThat(desk.heading(NAME)).isVisible();
    }

    private static Path handOn(Desk desk, Page page) throws IOException {
        desk.open("/know-how?tab=packs");
        Locator own = page.locator("tr").filter(new Locator.FilterOptions().setHasText("our own"));
        Download download =
                page.waitForDownload(() -> own.getByText("as a file").click());
        Path file = Files.createTempFile("pack", ".zip");
        download.saveAs(file);
        return file;
    }

    private static void takeOutAndIn(Desk desk, Page page, Path pack) {
        page.getByText("take out").click();
        desk.confirm("Take it out");
        assertThat(page.locator("tr").filter(new Locator.FilterOptions().setHasText("our own")))
                .hasCount(0);
        page.getByLabel("Pack file").setInputFiles(pack);
        assertThat(page.getByText("skittles at the slipway")).isVisible();
        desk.confirm("Import");
        assertThat(page.locator("tr").filter(new Locator.FilterOptions().setHasText("our own")))
                .isVisible();
    }
}
