package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What a teacher sees when something is wrong: a plain sentence and a way on. */
class FaultsTest extends Journey {
    private static void unit(Desk desk) {
        desk.signIn();
        desk.unit("Aim and gather");
        assertThat(desk.heading("Turnstones · Year 5 · Aim and gather")).isVisible();
    }

    @Test
    void anotherMachineOnPlainHttpIsToldThatNothingIsKeptOffline() {
        String elsewhere = "http://hall.test:" + application().port;
        try (Desk desk = new Desk(elsewhere, 1024, 768, "--host-resolver-rules=MAP hall.test 127.0.0.1")) {
            desk.signIn();
            desk.inTheHall("Roll it, catch it", "Lesson 6");
            assertThat(desk.page.getByText("This address is plain http: nothing is kept offline."))
                    .isVisible();
            desk.button("Anouk: shown").click();
            assertThat(desk.page.getByText("all saved")).isVisible();
            desk.isAccessible();
            desk.isQuiet();
        }
    }

    /** The lesson goes on by what is kept of it, after a reload too; what waits goes out once somebody signed in again. */
    @Test
    void aSessionThatEndsInMidLessonIsSignedInAgainOverThePage() {
        try (Desk desk = new Desk(application().address(), 1024, 768)) {
            desk.signIn();
            desk.inTheHall("Roll it, catch it", "Lesson 6");
            long before = application().count("select count(*) from trial");
            desk.button("Anouk: shown").click();
            assertThat(desk.page.getByText("all saved")).isVisible();
            desk.context.clearCookies(new BrowserContext.ClearCookiesOptions().setName("isokinet"));
            desk.page.reload();
            desk.button("Anouk: shown").click();
            desk.button("Signed out: sign in again").click();
            desk.isAccessible();
            desk.page.getByLabel("Sign-in").fill(Application.SIGN_IN);
            desk.page.getByLabel("Password").fill(Application.PASSWORD);
            desk.button("Sign in").click();
            assertThat(desk.page.getByText("all saved")).isVisible();
            Assertions.assertThat(application().count("select count(*) from trial") - before)
                    .isEqualTo(2);
        }
    }

    /** What was said on another day stays. */
    @Test
    void aLessonOfAnotherDayIsNotTakenBackAtTheDesk() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.unit("Roll it, catch it");
            desk.link("Lesson 1").click();
            desk.button("How it went").click();
            desk.isAccessible();
            desk.button("Take it back").click();
            assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("on the same day only");
        }
    }

    @Test
    void aDatabaseThatIsGoneIsAPlainPageWithARetry() {
        AtomicBoolean gone = new AtomicBoolean(true);
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.page.route("**/api/session", route -> {
                if (!gone.get()) route.resume();
                else
                    route.fulfill(
                            new Route.FulfillOptions()
                                    .setStatus(503)
                                    .setContentType("application/problem+json")
                                    .setBody(
                                            "{\"title\":\"The database does not answer\",\"status\":503,\"detail\":\"Nothing was changed. Wait a moment and try again.\"}"));
            });
            desk.page.reload();
            assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("The database does not answer");
            desk.isAccessible();
            gone.set(false);
            desk.button("Try again").click();
            assertThat(desk.heading("Today, ")).isVisible();
            desk.isQuiet();
        }
    }

    @Test
    void aLostEditRaceIsSaidAndTheLatestComesBack() {
        try (Desk mine = new Desk(application().address());
                Desk theirs = new Desk(application().address())) {
            unit(mine);
            unit(theirs);
            mine.page.locator("[data-segment]").nth(2).click();
            mine.button("Lock").click();
            assertThat(mine.page.getByText(Pattern.compile("^Locked "))).isVisible();
            theirs.page.locator("[data-segment]").nth(2).click();
            theirs.button("Take out").click();
            assertThat(theirs.page.getByRole(AriaRole.ALERT)).containsText("changed by someone else");
            List<Route> held = new ArrayList<>();
            theirs.page.route("**/api/units/*", held::add);
            theirs.button("Try again").click();
            theirs.page.waitForCondition(() -> !held.isEmpty());
            assertThat(theirs.page.getByRole(AriaRole.ALERT)).containsText("changed by someone else");
            theirs.page.unroute("**/api/units/*");
            held.forEach(Route::resume);
            assertThat(theirs.page.getByRole(AriaRole.ALERT)).isHidden();
            theirs.button("Unlock").click();
            assertThat(theirs.button("Lock")).isVisible();
            theirs.isAccessible();
            mine.isQuiet();
        }
    }

    @Test
    void signingInWithTheWrongPasswordSaysSo() {
        try (Desk desk = new Desk(application().address())) {
            desk.open("/units");
            desk.isAccessible();
            desk.page.getByLabel("Name").fill("somebody");
            desk.page.getByLabel("Password").fill("not the right one");
            desk.button("Sign in").click();
            assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("do not belong together");
            desk.page.getByLabel("Name").fill(Application.SIGN_IN);
            desk.page.getByLabel("Password").fill(Application.PASSWORD);
            desk.button("Sign in").click();
            assertThat(desk.heading("Units")).isVisible();
            desk.button("Sign out").click();
            assertThat(desk.button("Sign in")).isVisible();
            desk.isAccessible();
        }
    }

    @Test
    void theTermStripLeadsToALessonAndAnUnknownPageSaysSo() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.page
                    .getByRole(
                            AriaRole.LINK,
                            new com.microsoft.playwright.Page.GetByRoleOptions()
                                    .setName(Pattern.compile("^Sanderlings, .*, lost$")))
                    .click();
            assertThat(desk.page.getByText("Nothing is planned for this lesson."))
                    .isVisible();
            desk.page.keyboard().press("g");
            desk.page.keyboard().press("c");
            assertThat(desk.heading("Classes")).isVisible();
            desk.page.keyboard().press("?");
            assertThat(desk.page.getByRole(AriaRole.DIALOG)).containsText("lock or unlock");
            desk.open("/nowhere");
            assertThat(desk.page.getByText("There is no such page.")).isVisible();
            desk.open("/units/00000000-0000-7000-8000-000000000000");
            assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("There is no unit with the id");
            assertThat(desk.page.content()).doesNotContain("Exception");
            desk.isAccessible();
            desk.isQuiet();
        }
    }
}
