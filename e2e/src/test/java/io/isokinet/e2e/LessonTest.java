package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Ten minutes before a lesson: who is here, groups, floor, kit, rain, paper. */
class LessonTest {
    private static final Pattern FLOOR = Pattern.compile("^Group \\d+, .* from the left");

    @Test
    void aLessonIsMadeToFit() {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address())) {
            desk.signIn();
            Page page = desk.page;
            desk.open("/units");
            page.getByText("Roll it, catch it").click();
            desk.link("Lesson 5").click();
            assertThat(desk.heading("Sanderlings · lesson 5 of 7")).isVisible();
            assertThat(page.locator("figure svg").first()).isVisible();
            inGroups(page);
            assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Where to stand")))
                    .containsText("looks");
            desk.isAccessible();
            whoIsHere(desk, page);
            groupedAnew(desk, page);
            aGroupIsPutElsewhere(desk, page);
            harderAndWithoutSomething(desk, page);
            onPaper(application, page);
            everySheetIsOneSide(application, page);
            beforeItRains(desk, page);
            willItTopple(desk, page);
            desk.isQuiet();
        }
    }

    /** Opens the first stretch of the lesson that is done in groups and on a skill, whatever was planned. */
    private static void inGroups(Page page) {
        Locator minutes = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Minutes"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("tries")));
        Locator groups = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Groups"));
        for (int i = 0; i < minutes.count() && groups.count() == 0; i++) {
            minutes.nth(i).click();
            assertThat(minutes.nth(i)).hasAttribute("aria-current", "true");
        }
    }

    /** What a teacher folds into a pocket: every lesson of the demo, of seven stretches or fewer, has one side. */
    private static void everySheetIsOneSide(Application application, Page page) {
        Object lessons = page.evaluate(
                "async () => (await (await fetch('/api/term')).json()).classes.flatMap(c => c.beads.map(b => b.lesson))");
        assertThat((List<?>) lessons).hasSizeGreaterThan(10);
        for (Object lesson : (List<?>) lessons)
            assertThat(SevenStepsTest.pages(page.request()
                            .get(application.address() + "/api/lessons/" + lesson + "/paper?kind=SHEET")
                            .body()))
                    .as(lesson.toString())
                    .isEqualTo(1);
    }

    private static void whoIsHere(Desk desk, Page page) {
        desk.button("27 of 27 play").click();
        desk.button("Bram: here").click();
        desk.button("Chidi: here").click();
        desk.button("Chidi: away").click();
        assertThat(desk.button("Chidi: sits out")).isVisible();
        desk.isAccessible();
        desk.button("1 away, 1 sit out").click();
        assertThat(desk.button("25 of 27 play")).isVisible();
        assertThat(page.getByText("Away: Bram.")).isVisible();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Groups")))
                .not()
                .containsText("Bram");
    }

    private static void groupedAnew(Desk desk, Page page) {
        desk.button("Groups").click();
        desk.choose("How to group", "with new faces");
        page.getByLabel("Number of groups").fill("5");
        desk.button("Group anew").click();
        assertThat(desk.button(Pattern.compile("^Orange "))).isVisible();
        assertThat(desk.button(Pattern.compile("^Purple "))).isHidden();
        desk.isAccessible();
        Locator first = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("^Red ")));
        Locator child = first.getByRole(AriaRole.BUTTON).nth(1);
        String name = child.innerText();
        child.click();
        desk.button(Pattern.compile("^Blue ")).click();
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("^Blue "))))
                .containsText(name);
        page.keyboard().press("Escape");
    }

    private static void aGroupIsPutElsewhere(Desk desk, Page page) {
        Locator group = desk.button(FLOOR).first();
        String before = group.getAttribute("aria-label");
        assertThat(group).isEnabled();
        Locator back = desk.button("Back to the usual places");
        Locator tight = page.getByText(Pattern.compile("find no room|cannot stand there"));
        group.press("ArrowDown");
        assertThat(back.or(tight).first()).isVisible();
        if (tight.count() == 0)
            org.assertj.core.api.Assertions.assertThat(
                            desk.button(FLOOR).first().getAttribute("aria-label"))
                    .isNotEqualTo(before);
        back.click();
        assertThat(back).isHidden();
        assertThat(desk.button(FLOOR).first()).hasAttribute("aria-label", before);
    }

    private static void harderAndWithoutSomething(Desk desk, Page page) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Minutes"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("play ·")))
                .click();
        Locator pressed = page.locator("dd button[aria-pressed=true]").last();
        String setting = pressed.innerText();
        page.locator("dd button[aria-pressed=false]").last().click();
        assertThat(page.locator("dd button[aria-pressed=true]").last()).not().hasText(setting);
        String not = desk.button(Pattern.compile("^Not \\d+ ")).first().getAttribute("aria-label");
        desk.button(not).click();
        assertThat(page.getByText("Not used: ")).isVisible();
        assertThat(desk.button(not)).isHidden();
        desk.button("use them again").click();
        assertThat(page.getByText("Not used:")).isHidden();
        assertThat(desk.button(not)).isVisible();
    }

    private static void onPaper(Application application, Page page) {
        String lesson = page.url().replaceFirst(".*/lessons/", "").replaceFirst("\\?.*", "");
        for (String kind : new String[] {"SHEET", "CUE_CARDS", "STATION_CARDS", "SCORE_CARDS"}) {
            APIResponse paper =
                    page.request().get(application.address() + "/api/lessons/" + lesson + "/paper?kind=" + kind);
            assertThat(paper.status()).as(kind).isEqualTo(200);
            assertThat(new String(paper.body(), 0, 5)).as(kind).isEqualTo("%PDF-");
        }
    }

    private static void beforeItRains(Desk desk, Page page) {
        desk.open("/units");
        page.getByText("Aim and gather").click();
        desk.link("Lesson 1").click();
        desk.button("If it rains").click();
        assertThat(page.getByText(Pattern.compile("stays: |instead of ")).first())
                .isVisible();
        desk.isAccessible();
        desk.button("It rains: bring it inside").click();
        assertThat(page.getByText("· Hall ·")).isVisible();
        assertThat(desk.button("If it rains")).isHidden();
    }

    private static void willItTopple(Desk desk, Page page) {
        desk.open("/cupboard");
        desk.button("Will it topple?").click();
        desk.choose("Target", "skittle (12)");
        assertThat(desk.heading("Likely")).isVisible();
        desk.choose("How many of three test rolls felled it", "0 of 3 fell");
        assertThat(desk.heading("No")).isVisible();
        assertThat(page.getByText(Pattern.compile("in 0 of 3 test rolls"))).isVisible();
        desk.isAccessible();
        page.keyboard().press("Escape");
        desk.button("What is missing").click();
        assertThat(page.getByText("For the lessons that are planned")).isVisible();
        assertThat(page.getByText(Pattern.compile("more activit|gets? better")).first())
                .isVisible();
        desk.isAccessible();
    }
}
