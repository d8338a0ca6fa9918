package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.EmulateMediaOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A cue is seen on a figure that moves, in the know-how, from a symptom, and an eye is trained on it. */
class FigureTest extends Journey {
    private static Locator picture(Desk desk, String of) {
        return desk.page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(of));
    }

    @Test
    void aCueIsShownBesideItsFault() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.open("/know-how?tab=skills&skill=overarm-throw");
            Locator cue = desk.page.getByLabel("One cue");
            assertThat(cue.getByText("● shown:")).isVisible();
            assertThat(cue.getByText("○ not yet:")).isVisible();
            // It moves: what is drawn changes by itself.
            Locator drawn = cue.locator("svg[role=img] g").first();
            String before = drawn.innerHTML();
            desk.page.waitForCondition(() -> !drawn.innerHTML().equals(before));
            desk.button("What decides").click();
            String decides = drawn.innerHTML();
            desk.page.waitForTimeout(300);
            assertThat(drawn.innerHTML()).isEqualTo(decides);
            desk.button("A picture on").click();
            desk.page.waitForCondition(() -> !drawn.innerHTML().equals(decides));
            cue.getByLabel("Seen").selectOption("BEHIND");
            assertThat(picture(desk, "from behind").first()).isVisible();
            desk.isAccessible();
        }
    }

    @Test
    void whoPrefersLessMotionGetsThePictureThatDecides() {
        try (Desk desk = new Desk(application().address())) {
            desk.page.emulateMedia(new EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
            desk.signIn();
            desk.open("/know-how?tab=skills&skill=hop");
            Locator cue = desk.page.getByLabel("One cue");
            assertThat(cue.getByText("● shown:")).isVisible();
            Locator drawn = cue.locator("svg[role=img] g").first();
            String before = drawn.innerHTML();
            desk.page.waitForTimeout(400);
            assertThat(drawn.innerHTML()).isEqualTo(before);
            assertThat(desk.button("Move")).isVisible();
        }
    }

    @Test
    void aSymptomIsComparedWithAFigure() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.open("/know-how?tab=symptoms");
            desk.page.getByLabel("What goes wrong").fill("elbow hangs low");
            desk.page
                    .getByRole(AriaRole.ROW)
                    .filter(new Locator.FilterOptions().setHasText("The elbow hangs low"))
                    .first()
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Does it look like this?"))
                    .click();
            assertThat(desk.page.getByText("● shown:").first()).isVisible();
            assertThat(desk.page.getByText("○ not yet: The elbow hangs low")).isVisible();
            desk.isAccessible();
        }
    }

    /** One round, each pressed as it was, by what the page says afterwards: the counts come from the server. */
    @Test
    void anEyeIsTrained() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.open("/eye?skill=underarm-roll&cue=underarm-roll/other-foot");
            desk.isAccessible();
            desk.button("Begin").click();
            int right = 0;
            for (int child = 0; child < 12; child++) {
                desk.page
                        .getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName("shown").setExact(true))
                        .click();
                Locator told = desk.page
                        .getByRole(AriaRole.STATUS)
                        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("Right:|Look again:")));
                assertThat(told).isVisible();
                if (told.innerText().contains("Right:")) right++;
                if (child == 0) desk.isAccessible();
                desk.button(child < 11 ? "Next child" : "How was it?").click();
            }
            assertThat(desk.heading("How it was")).isVisible();
            assertThat(desk.page.getByText("Right %d of 12".formatted(right))).isVisible();
            desk.isAccessible();
            desk.button("Your eye so far, another cue").click();
            Locator own = desk.page.getByLabel("Your eye so far");
            assertThat(own.getByText("%d of 12".formatted(right)).first()).isVisible();
            assertThat(own.getByText("Read my looks in the hall by this")).isVisible();
            assertThat(desk.page.getByLabel("Before the next lessons")).isVisible();
            desk.isAccessible();
        }
    }

    /** Four at once on the floor: all are judged before it is told. */
    @Test
    void manyAreJudgedAtOnce() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.open("/eye?skill=hop&cue=hop/free-leg-swings");
            desk.page.getByLabel("On the floor").click();
            desk.page.getByText("four at once").click();
            desk.button("Begin").click();
            for (int child = 1; child <= 4; child++) desk.judge(child, false);
            assertThat(desk.page.getByText(Pattern.compile("^[0-4] of 4 right\\.$")))
                    .isVisible();
            assertThat(desk.button("The next ones")).isVisible();
            desk.isAccessible();
        }
    }

    /** Before a wall: the cues of a lesson, what it looks like where it is not there, and a game of spotting it by teams. */
    @Test
    void aClassSeesTheCuesAndSpotsThem() {
        try (Desk desk = new Desk(application().address())) {
            desk.signIn();
            desk.unit("Roll it, catch it");
            desk.link("Lesson 5").click();
            desk.button("Cues on the wall").click();
            // What is too small to draw says so, and is no game.
            Locator drawn = desk.page.getByText("So it looks.");
            Locator small = desk.page.getByText("This itself is not drawn");
            for (assertThat(drawn.or(small)).isVisible();
                    small.isVisible();
                    assertThat(drawn.or(small)).isVisible())
                desk.button("The next cue").click();
            desk.button("What if not?").click();
            assertThat(desk.page.getByText(Pattern.compile("^Not yet: "))).isVisible();
            desk.isAccessible();
            desk.button("Spot the cue").click();
            desk.button("Begin").click();
            desk.page.getByText("2", new Page.GetByTextOptions().setExact(true)).click();
            desk.button("All have chosen").click();
            assertThat(desk.page.getByText(Pattern.compile("^Look: "))).isVisible();
            desk.page
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("2").setExact(true))
                    .click();
            desk.isAccessible();
            desk.button("Next child").click();
            assertThat(desk.button("All have chosen")).isVisible();
        }
    }

    @Test
    void inTheHallTheCallOpensIt() {
        try (Desk desk = new Desk(application().address(), 1024, 768)) {
            desk.signIn();
            desk.inTheHall("Roll it, catch it", "Lesson 5");
            Locator call = desk.page.locator("button[aria-label$='on a figure']");
            call.click();
            Locator panel = desk.page.getByRole(
                    AriaRole.DIALOG, new Page.GetByRoleOptions().setName(Pattern.compile("on a figure")));
            assertThat(panel.getByRole(AriaRole.IMG).first()).isVisible();
            desk.isAccessible();
            panel.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName("Close").setExact(true))
                    .click();
            assertThat(panel).isHidden();
        }
    }
}
