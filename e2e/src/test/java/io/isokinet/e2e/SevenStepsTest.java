package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/** From a class list to a mastery grid, as a teacher goes it the first time. */
class SevenStepsTest extends Journey {
    private final Desk desk = new Desk(application().address()).signIn();
    private final Page page = desk.page;

    @Test
    void fromAClassListToAMasteryGrid() throws IOException {
        try (desk) {
            aClassByTypingAndByRoster();
            skillsAndCues();
            aUnitOfFourLessons();
            threadsAreEdited();
            theSheetGoesOnPaper();
            String cue = twoLessonsInTheHall();
            theGridSaysWhatWasSeen(cue);
            desk.isQuiet();
        }
    }

    private void aClassByTypingAndByRoster() {
        desk.link("Classes").click();
        desk.isAccessible();
        desk.button("New class").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Curlews");
        desk.button("Make the class").click();
        assertThat(desk.heading("Curlews · Year 3")).isVisible();
        page.getByLabel("One a line: given name, then family name").fill("Ada Moss\nBen Sole\nCleo Reed");
        desk.button("Add").click();
        assertThat(page.getByText("3 children · 0 left-handed")).isVisible();
        desk.button("Ada, throwing hand: left").click();
        assertThat(desk.button("Ada, kicking foot: left, assumed")).isVisible();
        desk.button("Ada, kicking foot: right").click();
        assertThat(desk.button("Ada, batting side: left, assumed")).isVisible();
        assertThat(page.getByText("3 children · 1 left-handed")).isVisible();
        desk.isAccessible();

        desk.button("Import a roster").click();
        String csv = "First name;Surname;Writes with\nDov;Müller;links\nElla;Ahn;R\n";
        upload("roster.csv", csv);
        assertThat(page.getByText("A plain table, UTF-8: 2 children")).isVisible();
        desk.choose("What “Writes with” is", "Throwing hand");
        assertThat(page.getByText("“links” is neither left, right nor not settled."))
                .isVisible();
        assertThat(desk.button(Pattern.compile("Import$"))).isDisabled();
        upload("roster.csv", csv.replace("links", "left"));
        desk.choose("What “Writes with” is", "Throwing hand");
        // While it fades out, the wheel of a busy button is still part of its name.
        desk.button(Pattern.compile("Import 2 changes$")).click();
        assertThat(page.getByText("5 children · 2 left-handed")).isVisible();

        desk.button("Change Cleo Reed").click();
        desk.choose("Cues of the skill", "Two-hand catch");
        desk.choose("Two-hand catch, Spread the fingers", "adapted");
        desk.button("Save").click();
        assertThat(page.getByText("Spread the fingers (adapted)")).isVisible();
        addMoreUntilTheClassIsOdd();
    }

    private void addMoreUntilTheClassIsOdd() {
        List<String> names = new ArrayList<>();
        for (int i = 1; i <= 22; i++) names.add("Kid" + i + " Surname" + i);
        page.getByLabel("One a line: given name, then family name").fill(String.join("\n", names));
        desk.button("Add").click();
        assertThat(page.getByText("27 children · 2 left-handed")).isVisible();
    }

    private void upload(String name, String text) {
        page.getByLabel("Roster file")
                .setInputFiles(new FilePayload(name, "text/csv", text.getBytes(StandardCharsets.UTF_8)));
    }

    private void skillsAndCues() {
        desk.link("Know-how").click();
        desk.button("Underarm roll").click();
        assertThat(page.getByText("Does the left foot step forward as the arm comes through?"))
                .isVisible();
        page.getByText("left-handers", new Page.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByText("Does the right foot step forward as the arm comes through?"))
                .isVisible();
        assertThat(page.getByText("implied by what stands beside it").first()).isVisible();
        desk.isAccessible();
        desk.button("Two-hand catch").click();
        assertThat(page.getByText("“Watch it in”").first()).isVisible();
    }

    private void aUnitOfFourLessons() {
        desk.link("Cupboard & spaces").click();
        assertThat(page.getByLabel("How many: foam ball (20 cm)")).hasValue("10");
        desk.isAccessible();
        desk.button("New space").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Dining hall");
        page.getByLabel("Length, the longer side").fill("9");
        page.getByLabel("Width").fill("12");
        desk.button("Add the space").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("swap length and width");
        page.getByLabel("Length, the longer side").fill("14");
        desk.button("Add the space").click();
        assertThat(page.getByText("14 m × 12 m, outdoors")).isVisible();
        desk.link("Units").click();
        desk.button("Plan a unit").click();
        desk.choose("Class", "Curlews");
        page.getByLabel("Underarm roll").check();
        page.getByLabel("Two-hand catch").check();
        // So that the cues of a lesson's drills are those of its play, and come back in another.
        page.getByLabel("one skill a lesson").check();
        desk.isAccessible();
        desk.button("Plan it").click();
        assertThat(desk.heading("Curlews · Year 3 · Underarm roll and Two-hand catch"))
                .isVisible();
        assertThat(desk.button(Pattern.compile("^fits"))).isVisible();
        assertThat(desk.link("Lesson 4")).isVisible();
    }

    private Locator blocks() {
        return page.locator("[data-segment]");
    }

    private List<String> order() {
        return blocks().evaluateAll("all => all.map(b => b.dataset.segment)") instanceof List<?> ids
                ? ids.stream().map(String::valueOf).toList()
                : List.of();
    }

    /** Waits until the blocks stand in this order. */
    private void becomes(List<String> order) {
        page.waitForFunction(
                "order => [...document.querySelectorAll('[data-segment]')].map(b => b.dataset.segment).join() === order",
                String.join(",", order));
    }

    private void threadsAreEdited() {
        List<String> planned = order();
        assertThat(planned).hasSize(24);
        Locator second = page.locator("[data-segment='%s']".formatted(planned.get(3)));
        second.focus();
        assertThat(desk.heading("Why here")).isVisible();
        assertThat(desk.heading("Instead of it")).isVisible();
        desk.isAccessible();
        page.keyboard().press("Alt+ArrowUp");
        assertThat(page.getByText(Pattern.compile("^Moved "))).isVisible();
        List<String> moved = order();
        assertThat(moved.get(2)).isEqualTo(planned.get(3));
        page.keyboard().press("l");
        assertThat(desk.button("Unlock")).isVisible();
        // A lesson without its game is never left so: planned anew, the first lesson differs whatever the search finds.
        page.locator("[data-segment='%s']".formatted(planned.get(4))).focus();
        page.keyboard().press("Delete");
        assertThat(page.getByText(Pattern.compile("^Took out "))).isVisible();
        replanInPart();
        assertThat(order().get(2)).isEqualTo(planned.get(3));
        for (int i = 0; i < 4; i++) page.keyboard().press("z");
        becomes(planned);
        page.reload();
        assertThat(desk.button("Redo")).isEnabled();
        assertThat(desk.button("Undo")).isDisabled();
        becomes(planned);
        dragsTheFirstDrillPastTheSecond(planned);
        minutesAndLessonsByKeyboard(planned);
        everyOtherEditByKeyboard(planned);
    }

    /** Planned anew, looked at, and the first lesson of it taken, with the keyboard alone. */
    private void replanInPart() {
        page.keyboard().press("r");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByText("The rest, planned anew")).isVisible();
        assertThat(dialog.getByText("take lesson 1")).isVisible();
        desk.isAccessible();
        int lessons = dialog.getByRole(AriaRole.CHECKBOX).count();
        for (int i = 1; i < lessons; i++) {
            dialog.getByRole(AriaRole.CHECKBOX).nth(i).focus();
            page.keyboard().press("Space");
        }
        Locator take = dialog.getByRole(AriaRole.BUTTON).last();
        assertThat(take).hasText(lessons == 1 ? "Take it all" : "Take 1 lesson");
        take.focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^Took \\d lessons? of a proposal")))
                .isVisible();
        assertThat(dialog).isHidden();
    }

    /** Swap, add, lock, unlock, ease or harden, undo, redo, versions and wishes, no mouse. */
    private void everyOtherEditByKeyboard(List<String> planned) {
        String id = planned.get(3);
        Locator drill = page.locator("[data-segment='%s']".formatted(id));
        drill.focus();
        assertThat(desk.heading("Instead of it")).isVisible();
        page.keyboard().press("s");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile(" instead of "))).isVisible();
        assertThat(desk.button("Redo")).isDisabled();
        drill.focus();
        page.keyboard().press("z");
        assertThat(desk.button("Redo")).isEnabled();
        page.keyboard().press("Z");
        assertThat(desk.button("Redo")).isDisabled();
        page.keyboard().press("z");
        assertThat(desk.button("Redo")).isEnabled();
        drill.focus();
        assertThat(desk.heading("Instead of it")).isVisible();
        page.keyboard().press("s");
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^Added "))).isVisible();
        assertThat(order()).hasSize(planned.size() + 1);
        drill.focus();
        page.keyboard().press("z");
        becomes(planned);
        for (List<String> press :
                List.of(List.of("l", "^Locked "), List.of("l", "^Unlocked "), List.of("+", "^\\d+ minutes for "))) {
            drill.focus();
            page.keyboard().press(press.get(0));
            assertThat(page.getByText(Pattern.compile(press.get(1)))).isVisible();
        }
        boolean harder =
                desk.button("Harder").count() > 0 && desk.button("Harder").isEnabled();
        boolean easier =
                desk.button("Easier").count() > 0 && desk.button("Easier").isEnabled();
        if (harder || easier) {
            drill.focus();
            page.keyboard().press(harder ? "h" : "e");
            assertThat(page.getByText(Pattern.compile("^Adjusted "))).isVisible();
        }
        drill.focus();
        page.keyboard().press("b");
        assertThat(page.locator("[data-beside]").first()).isVisible();
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^Stations: .* instead of "))).isVisible();
        assertThat(desk.button("One more station")).isVisible();
        page.keyboard().press("v");
        Locator versions = page.getByRole(AriaRole.DIALOG);
        assertThat(versions.getByText("Versions and proposals")).isVisible();
        desk.isAccessible();
        page.keyboard().press("Escape");
        assertThat(versions).isHidden();
        desk.button("More").focus();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Preferences …"))
                .focus();
        page.keyboard().press("Enter");
        Locator wishes = page.getByRole(AriaRole.DIALOG);
        assertThat(wishes.getByText("Preferences for this unit")).isVisible();
        desk.isAccessible();
        page.keyboard().press("Escape");
        assertThat(wishes).isHidden();
        while (!order().equals(planned) || desk.button("Undo").isEnabled()) {
            drill.focus();
            page.waitForResponse(
                    r -> r.url().endsWith("/undo"), () -> page.keyboard().press("z"));
        }
        becomes(planned);
    }

    private void minutesAndLessonsByKeyboard(List<String> planned) {
        Locator drill = page.locator("[data-segment='%s']".formatted(planned.get(3)));
        drill.focus();
        page.keyboard().press("-");
        Locator given = page.getByText(Pattern.compile("^\\d+ minutes for "));
        assertThat(given).isVisible();
        desk.button("Undo").click();
        assertThat(given).isHidden();
        drill.focus();
        page.keyboard().press("Alt+ArrowRight");
        assertThat(page.getByText(Pattern.compile("^Moved "))).isVisible();
        assertThat(order().indexOf(planned.get(3))).isGreaterThan(6);
        desk.button("Undo").click();
        becomes(planned);
        drill.focus();
        page.keyboard().press("Delete");
        assertThat(page.getByText(Pattern.compile("^Took out "))).isVisible();
        assertThat(order()).hasSize(23);
        desk.button("Undo").click();
        becomes(planned);
    }

    private void dragsTheFirstDrillPastTheSecond(List<String> planned) {
        var from = page.locator("[data-segment='%s']".formatted(planned.get(2))).boundingBox();
        var to = page.locator("[data-segment='%s']".formatted(planned.get(3))).boundingBox();
        page.mouse().move(from.x + 40, from.y + 8);
        page.mouse().down();
        page.mouse().move(from.x + 40, from.y + 8 + to.height * 0.8);
        page.mouse().up();
        assertThat(page.getByText(Pattern.compile("^Moved "))).isVisible();
        assertThat(order().get(3)).isEqualTo(planned.get(2));
        desk.button("Undo").click();
        becomes(planned);
    }

    private void theSheetGoesOnPaper() throws IOException {
        desk.link("Lesson 1").click();
        assertThat(desk.heading("Curlews · lesson 1 of 4")).isVisible();
        assertThat(page.getByText("left-handed: Ada, Dov")).isVisible();
        assertThat(page.locator("figure svg").first()).isVisible();
        desk.isAccessible();
        desk.button("Cautions")
                .or(page.getByText("Cautions", new Page.GetByTextOptions().setExact(true)))
                .first()
                .click();
        assertThat(page.getByText("local rules come first")).isVisible();
        String lesson = page.url().replaceFirst(".*/lessons/", "").replaceFirst("\\?.*", "");
        byte[] pdf = page.request()
                .get(application().address() + "/api/lessons/" + lesson + "/paper?kind=SHEET")
                .body();
        assertThat(pages(pdf)).as("pages of the printed sheet").isEqualTo(1);
    }

    static int pages(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Teaches two lessons; returns the call of the cue that was looked at. */
    private String twoLessonsInTheHall() {
        desk.link("Start teaching").or(desk.button("Start teaching")).first().click();
        desk.button("Register: 27 here").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Kid9 here"))
                .click();
        desk.button("Close the register").click();
        assertThat(desk.button("Register: 26 here")).isVisible();
        desk.button("All").click();
        String call = firstCueOfPlay();
        chooseWhere(call, false);
        assertThat(desk.button("Kid9: shown")).isHidden();
        bigEnough(desk.button("Ada: shown"));
        bigEnough(desk.button("Ada: not yet"));

        // Ada: shown twice. Ben: not yet, shown, and one pressed by mistake and taken back.
        press("Ada: shown", "Ada: shown", "Ben: not yet", "Ben: shown", "Ben: not yet");
        desk.button("↶ Ben, not yet").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("all saved");

        // The connection blinks: nothing is lost.
        desk.context.setOffline(true);
        press("Cleo: shown", "Cleo: shown", "Cleo: shown");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("3 waiting");
        assertThat(trials()).isEqualTo(5);
        desk.context.setOffline(false);
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("all saved");
        assertThat(trials()).isEqualTo(8);
        desk.isAccessible();

        // Dov: a deliberate check of five, four shown.
        desk.tool("Check: five each");
        press("Dov: shown", "Dov: shown", "Dov: not yet", "Dov: shown", "Dov: shown");
        assertThat(desk.button("Dov: shown")).isDisabled();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("all saved");
        desk.tool("End of the lesson");
        desk.isAccessible();
        // It is of another day, and asks once more.
        desk.button(Pattern.compile("^Say it for .* all the same$")).click();
        desk.button("Taught").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Taught.");
        // By mistake, and once more.
        desk.button("Take it back").click();
        desk.button(Pattern.compile("^Say it for .* all the same$")).click();
        desk.button("Taught").click();
        assertThat(page.getByText("all saved")).isVisible();
        desk.link("To the desk").click();
        assertThat(page.getByText("taught", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();

        // The second lesson: the same cue again, in a drill for Ada and in play for Ben and Cleo.
        startAnotherLessonWith(call);
        assertThat(chooseWhere(call, false)).isTrue();
        press("Ada: shown", "Cleo: not yet");
        assertThat(chooseWhere(call, true)).isTrue();
        press("Ben: shown", "Ben: shown", "Cleo: shown");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("all saved");
        assertThat(trials()).isEqualTo(18);
        desk.isAccessible();
        return call;
    }

    /** The call of a cue that play works on, in this lesson and beside a drill in a later one. */
    private String firstCueOfPlay() {
        Locator parts = parts();
        String play = parts.locator("option")
                .filter(new Locator.FilterOptions().setHasText("play"))
                .first()
                .getAttribute("value");
        parts.selectOption(play);
        desk.button("Close").click();
        List<?> again = (List<?>) page.evaluate("""
                async () => {
                  const of = async (path) => (await fetch(path)).json()
                  const header = (await of('/api/units')).find((u) => u.title === 'Underarm roll and Two-hand catch')
                  const unit = await of('/api/units/' + header.id)
                  const met = (lesson, play) =>
                    new Set(lesson.segments.filter((s) => s.play === play).flatMap((s) => s.focus))
                  const keys = unit.lessons.slice(1).flatMap((l) => [...met(l, true)].filter((k) => met(l, false).has(k)))
                  return unit.threads.flatMap((t) => t.cues).filter((c) => keys.includes(c.key)).map((c) => c.call)
                }""");
        for (String shown : page.locator("nav button[aria-pressed] span").allInnerTexts())
            if (again.contains(shown.substring(2))) return shown.substring(2);
        throw new AssertionError("No cue of this lesson's play comes in another's drills and play: " + again);
    }

    /** Starts the next lesson in which the cue can be watched both in a drill and in play. */
    private void startAnotherLessonWith(String call) {
        for (int number = 2; number <= 4; number++) {
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Underarm roll and Two-hand catch"))
                    .click();
            desk.link("Lesson " + number).click();
            assertThat(desk.heading("Curlews · lesson %d of 4".formatted(number)))
                    .isVisible();
            desk.link("Start teaching")
                    .or(desk.button("Start teaching"))
                    .first()
                    .click();
            desk.button("All").click();
            if (chooseWhere(call, false) && chooseWhere(call, true)) return;
            page.goBack();
        }
        throw new AssertionError("The cue “%s” comes in no other lesson's drills and play.".formatted(call));
    }

    /** Chooses a part of the lesson, play or not, in which the cue can be watched; false if there is none. */
    private boolean chooseWhere(String call, boolean play) {
        Locator parts = parts();
        for (Object label : (List<?>) parts.locator("option").evaluateAll("all => all.map(o => o.label)")) {
            if (String.valueOf(label).endsWith("play") != play) continue;
            parts.selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(String.valueOf(label)));
            Locator cue = desk.button("“%s”".formatted(call));
            if (cue.count() == 0) continue;
            cue.click();
            return true;
        }
        desk.button("Close").click();
        return false;
    }

    /** The parts of the lesson in which something is watched. */
    private Locator parts() {
        desk.button("More").click();
        Locator parts = page.getByLabel("What is watched");
        assertThat(parts).isVisible();
        return parts;
    }

    /** By the keyboard: on a busy machine a finger's press may last so long that it is a hold. */
    private void press(String... halves) {
        for (String half : halves) desk.button(half).press("Enter");
    }

    private void bigEnough(Locator half) {
        var box = half.boundingBox();
        assertThat(Math.min(box.width, box.height))
                .as("a half of a tile is 48 px or more")
                .isGreaterThanOrEqualTo(48);
    }

    /** Trials of this class in the database. */
    private static long trials() {
        return application().count("""
                        select count(*) from trial t join child c on c.id = t.child_id
                        join enrolment e on e.child_id = c.id join school_class k on k.id = e.class_id where k.name = 'Curlews'""");
    }

    /**
     * By hand, with 3 of the last 3 or 4 of the last 5 in two lessons, and secure and seen in a game:
     * Ada 1 1 | 1: secure. Ben 0 1 | g g: 3 of the last 3 in two lessons, in a game: mastered. Cleo 1 1 1 | 0 g: 4 of 5, in a game:
     * mastered. Dov 4 of 5 in a check: mastered. Ella, nobody looked: taught, not seen.
     */
    private void theGridSaysWhatWasSeen(String call) throws IOException {
        desk.open("/classes");
        page.getByRole(AriaRole.MAIN)
                .getByRole(AriaRole.LINK)
                .filter(new Locator.FilterOptions().setHasText("Curlews"))
                .click();
        assertThat(mark("Ada", call)).isVisible();
        assertThat(said("Ada", call)).isEqualTo("Ada, %s: secure so far, settled".formatted(call));
        assertThat(said("Ben", call)).isEqualTo("Ben, %s: mastered, settled".formatted(call));
        assertThat(said("Cleo", call)).startsWith("Cleo, %s: mastered".formatted(call));
        assertThat(said("Dov", call)).isEqualTo("Dov, %s: mastered, settled".formatted(call));
        assertThat(said("Ella", call)).isEqualTo("Ella, %s: taught, not seen".formatted(call));
        assertThat(said("Cleo", "Spread the fingers")).contains(", adapted");
        assertThat(page.getByText("left out for this child").first()).isVisible();
        desk.isAccessible();
        mark("Ben", call).focus();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("taken back");
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM)).hasCount(5);
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        Download download = page.waitForDownload(() -> desk.link("Export as CSV")
                .or(desk.button("Export as CSV"))
                .first()
                .click());
        String csv = Files.readString(download.path());
        assertThat(download.suggestedFilename()).startsWith("Curlews").endsWith(".csv");
        assertThat(csv.lines().filter(l -> l.startsWith("Ada,Moss,Year 3")))
                .singleElement()
                .asString()
                .contains("secure so far,3 of 3");
    }

    private Locator mark(String child, String call) {
        return page.locator("button[aria-label^='%s, %s: ']".formatted(child, call));
    }

    private String said(String child, String call) {
        return mark(child, call).getAttribute("aria-label");
    }
}
