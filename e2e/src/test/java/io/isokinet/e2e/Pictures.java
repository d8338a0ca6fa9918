package io.isokinet.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;

/** Takes the pictures in docs/screenshots from the demo data; bin/pictures runs it. */
final class Pictures {
    private static final Path FOLDER = Path.of("../docs/screenshots");

    private Pictures() {}

    public static void main(String[] arguments) {
        try (Application application = Application.start();
                Desk desk = new Desk(application.address())) {
            desk.open("/");
            desk.button("Sign in").waitFor();
            desk.signIn();
            desk.open("/today?day=" + TestClock.demoDay());
            desk.page.getByText("Lay out once").first().waitFor();
            take(desk, "today");
            desk.open("/units");
            desk.page.getByText("Roll it, catch it").waitFor();
            desk.page.getByText("Roll it, catch it").click();
            desk.button(Pattern.compile("play, level 3")).last().click();
            desk.heading("Instead of it").waitFor();
            take(desk, "unit");
            desk.link("Lesson 5").click();
            desk.heading("Sanderlings · lesson 5").waitFor();
            desk.button(Pattern.compile("play ·")).click();
            desk.page.locator("figure svg").first().waitFor();
            take(desk, "lesson");
            String lesson = desk.page.url().substring(desk.page.url().lastIndexOf('/') + 1);
            desk.open("/units/new");
            desk.choose("Class", "Sanderlings");
            desk.page.getByLabel("Underarm roll").check();
            take(desk, "new-unit");
            desk.open("/classes");
            desk.page
                    .locator("main a")
                    .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Avocets"))
                    .click();
            desk.page.getByText("How a mark is made").waitFor();
            take(desk, "class");
            desk.page.locator("table a").nth(3).click();
            desk.page
                    .getByText("How a mark is made")
                    .or(desk.page.locator("#page h1"))
                    .first()
                    .waitFor();
            desk.isStill();
            take(desk, "child");
            desk.page.goBack();
            desk.page.getByText("What next").click();
            desk.heading("Whom to watch").waitFor();
            take(desk, "what-next");
            desk.open("/year");
            desk.heading("The year").waitFor();
            take(desk, "year");
            desk.open("/know-how?tab=skills&skill=overarm-throw");
            desk.page.getByText("Sea Wall Throws").waitFor();
            take(desk, "know-how");
            theEye(desk);
            desk.open("/know-how?tab=activities&open=quay-skittles");
            desk.heading("Quay Skittles").waitFor();
            desk.choose("For the class", "Sanderlings");
            desk.page.getByText("For Sanderlings").waitFor();
            take(desk, "activities");
            desk.open("/cupboard");
            desk.page.getByText("Sloping field").first().waitFor();
            take(desk, "cupboard");
            desk.open("/reports");
            desk.heading("All together").waitFor();
            take(desk, "reports");
            desk.open("/set-up/school");
            desk.page.getByText("One pace").waitFor();
            take(desk, "set-up");
            desk.page.setViewportSize(1024, 768);
            desk.open("/hall/" + lesson);
            desk.button("Start the clock").click();
            for (int i = 0; i < 3; i++) desk.button("Next").click();
            take(desk, "hall-say");
            desk.button("All").click();
            desk.button("Anouk: shown").click();
            desk.button("Luka: not yet").click();
            take(desk, "hall");
            desk.page.setViewportSize(390, 844);
            take(desk, "hall-phone");
            desk.page.setViewportSize(1024, 768);
            desk.tool("Score");
            desk.button("Another game").or(desk.heading("Which game?")).first().waitFor();
            if (desk.button("Another game").isVisible())
                desk.button("Another game").click();
            for (String row : List.of("Sides: 2", "Targets: 6")) {
                String[] part = row.split(": ");
                desk.page
                        .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(part[0]))
                        .getByText(part[1], new Locator.GetByTextOptions().setExact(true))
                        .click();
            }
            desk.button("6 targets, one go a turn").click();
            for (String press : List.of("4 for Blue", "3 for Orange", "6 for Blue", "5 for Orange"))
                desk.button(press).click();
            take(desk, "score");
        }
        try (Application application = Application.startEmpty("code");
                Desk desk = new Desk(application.address())) {
            desk.open("/first-run?code=code");
            desk.page.getByLabel("Name of the school").fill("Ebb Point Primary");
            desk.page.getByLabel("Your name").fill("Wren Marsh");
            desk.page.getByLabel("Sign-in name").fill("wren");
            desk.page.getByLabel("Password, ten characters or more").fill("a long enough one");
            desk.button("Go on").click();
            desk.button("Save and go on").click();
            desk.heading("A place to teach in").waitFor();
            take(desk, "first-steps");
        }
        Desk.endDriver();
    }

    /** Twelve on the floor, all judged: what was there, and what decides. */
    private static void theEye(Desk desk) {
        desk.open("/eye?skill=overarm-throw&cue=overarm-throw/side-on");
        desk.page.getByLabel("On the floor").click();
        desk.page.getByText("all twelve at once").click();
        desk.button("Begin").click();
        for (int child = 1; child <= 12; child++) desk.judge(child, child % 3 != 0);
        desk.button("How was it?").waitFor();
        // Each goes slowly to the picture that decides.
        desk.page.waitForTimeout(2500);
        take(desk, "eye");
    }

    private static void take(Desk desk, String name) {
        desk.page.mouse().move(2, 2);
        desk.page.waitForTimeout(600);
        desk.page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
