package io.isokinet.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
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
            take(desk, "sign-in");
            desk.signIn();
            take(desk, "units");
            desk.page.getByText("Roll it, catch it").click();
            desk.button(Pattern.compile("play, rung 3")).last().click();
            desk.heading("Instead of it").waitFor();
            take(desk, "unit");
            desk.link("Lesson 5").click();
            desk.heading("Sanderlings · lesson 5").waitFor();
            take(desk, "lesson");
            String lesson = desk.page.url().substring(desk.page.url().lastIndexOf('/') + 1);
            desk.open("/units/new");
            desk.choose("Class", "Sanderlings");
            desk.page.getByLabel("Underarm roll").check();
            take(desk, "new-unit");
            desk.open("/classes");
            desk.page
                    .locator("main a")
                    .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Sanderlings"))
                    .click();
            desk.page.getByText("How a mark is made").waitFor();
            take(desk, "class");
            desk.page.getByText("Children and sides").click();
            take(desk, "children");
            desk.open("/know-how");
            desk.page.getByText("Wall Returns").waitFor();
            take(desk, "know-how");
            desk.open("/cupboard");
            desk.page.getByText("Sloping field").first().waitFor();
            take(desk, "cupboard");
            desk.page.setViewportSize(1024, 768);
            desk.open("/hall/" + lesson);
            desk.button("Anouk: shown").click();
            take(desk, "hall");
            desk.page.setViewportSize(390, 844);
            take(desk, "hall-phone");
        }
        Desk.endDriver();
    }

    private static void take(Desk desk, String name) {
        desk.page.mouse().move(2, 2);
        desk.page.waitForTimeout(600);
        desk.page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
