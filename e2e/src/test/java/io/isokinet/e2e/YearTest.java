package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From an empty database to Today with two classes, a closure and a lost lesson, without touching a pointer. */
class YearTest {
    private static final int MOST_TABS = 160;
    private static final String CODE = "from-the-start-command";

    private Desk desk;
    private Page page;

    @Test
    void aYearIsSetUpByKeyboard() {
        try (Application application = Application.startEmpty(CODE);
                Desk browser = new Desk(application.address())) {
            desk = browser;
            page = browser.page;
            try {
                theSixSteps();
                theCupboard();
                aSecondClassAndItsTimetable();
                aClosure();
                aUnitForEach();
                aLostLesson();
                desk.isQuiet();
            } catch (AssertionError | RuntimeException e) {
                // What the page looked like, for whoever reads the failure.
                page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("target/year-failed.png")));
                throw e;
            }
        }
    }

    private void press(String... keys) {
        for (String key : keys) page.keyboard().press(key);
    }

    private void type(String text) {
        page.keyboard().type(text);
    }

    /** Tab until it has the focus. */
    private void tabTo(Locator wanted) {
        wanted.first().waitFor();
        for (int i = 0; i < MOST_TABS; i++) {
            if (Boolean.TRUE.equals(wanted.first().evaluate("e => e === document.activeElement"))) return;
            press("Tab");
        }
        throw new AssertionError("The keyboard does not get to " + wanted);
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** Which comes first in a field for a date, the day or the month, is the browser's own affair. */
    private void typeDate(String label, LocalDate day) {
        for (String order : new String[] {"ddMMyyyy", "MMddyyyy"}) {
            tabTo(field(label));
            press("ArrowLeft", "ArrowLeft");
            type(day.format(DateTimeFormatter.ofPattern(order)));
            if (field(label).inputValue().equals(day.toString())) return;
        }
        throw new AssertionError("The date cannot be typed into " + label);
    }

    private void pressButton(String name) {
        tabTo(desk.button(name));
        press("Enter");
    }

    private void fill(String label, String text) {
        tabTo(field(label));
        press("ControlOrMeta+A");
        type(text);
    }

    /** Opens a list with the arrow key and walks down to the option. */
    private void choose(String label, String option) {
        tabTo(field(label));
        press("ArrowDown");
        Locator active =
                page.locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option-active");
        active.first().waitFor();
        for (int i = 0; i < 30; i++) {
            if (active.first().innerText().contains(option)) {
                press("Enter");
                active.first()
                        .waitFor(new Locator.WaitForOptions()
                                .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
                return;
            }
            press("ArrowDown");
        }
        throw new AssertionError("There is no option " + option);
    }

    private void theSixSteps() {
        desk.open("/first-run?code=" + CODE);
        assertThat(page.getByText("Step 1 of 6")).isVisible();
        desk.isAccessible();
        fill("Name of the school", "Ebb Point Primary");
        fill("Your name", "Wren Marsh");
        fill("Sign-in name", "wren");
        fill("Password, ten characters or more", "a long enough one");
        press("Enter");

        assertThat(desk.heading("The term")).isVisible();
        desk.isAccessible();
        fill("Name", "Herring term");
        press("Enter");
        assertThat(desk.heading("A place to teach in")).isVisible();
        fill("Length", "17");
        fill("Width", "9.5");
        fill("Ceiling, empty outdoors", "4.8");
        press("Enter");
        assertThat(desk.heading("A class with its children")).isVisible();

        // Left and resumed: it goes on with the first step that is not done.
        desk.open("/");
        tabTo(desk.link("Go on with: A class with its children"));
        press("Enter");
        fill("Name of the class", "Curlews");
        tabTo(field("Children, one a line: given name, then family name"));
        for (int i = 1; i <= 24; i++) {
            type("Child" + i + " Name" + i);
            press("Enter");
        }
        pressButton("Save and go on");
        assertThat(desk.heading("What is in the cupboard")).isVisible();
        // Preset for the class: a ball for two, a beanbag each.
        assertThat(field("How many foam balls (20 cm)")).hasValue("12");
        assertThat(field("How many beanbags")).hasValue("24");
        desk.isAccessible();
        pressButton("Save and go on");
        assertThat(desk.heading("When it has lessons")).isVisible();
        choose("Day", weekday(TestClock.today()));
        pressButton("Save and finish");
        assertThat(desk.heading("Ready")).isVisible();
        desk.isAccessible();
    }

    private static String weekday(LocalDate day) {
        String name = day.getDayOfWeek().name();
        return name.charAt(0) + name.substring(1).toLowerCase();
    }

    private void go(String letter, String heading) {
        // Keys act outside of fields; the page is the place to press them from.
        page.locator("#page").focus();
        press("g", letter);
        assertThat(desk.heading(heading).first()).isVisible();
    }

    private void theCupboard() {
        go("b", "Cupboard & spaces");
        for (String thing : new String[] {
            "foam ball (20 cm)", "foam ball (16 cm)", "beanbag", "empty half-litre bottle", "spot marker", "hoop"
        }) {
            fill("Find a thing", thing);
            fill("How many: " + thing, "24");
            press("Tab");
            assertThat(page.getByText("Saving")).hasCount(0);
            // The focus is in the next field of the row, saved or not.
            assertThat(field("Broken: " + thing)).isFocused();
        }
        desk.isAccessible();
    }

    private void aSecondClassAndItsTimetable() {
        go("c", "Classes");
        pressButton("New class");
        fill("Name", "Plovers");
        press("Enter");
        assertThat(desk.heading("Plovers")).isVisible();
        tabTo(field("One a line: given name, then family name"));
        for (int i = 1; i <= 15; i++) {
            type("Kid" + i + " Surname" + i);
            press("Enter");
        }
        pressButton("Add");
        assertThat(page.getByText("15 children")).isVisible();

        go("s", "Set-up");
        tab("Timetable");
        desk.isAccessible();
        pressButton("New lesson in the week");
        choose("Class", "Plovers");
        choose("Day", weekday(TestClock.today()));
        fill("Starts at", "1115");
        pressButton("Save");
        assertThat(page.getByText(Pattern.compile("Plovers.*11:15", Pattern.DOTALL))
                        .first())
                .isVisible();
    }

    private void tab(String name) {
        Locator tab = page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
        tabTo(page.locator("[role=tab][tabindex='0']"));
        for (int i = 0; i < 8 && !Boolean.TRUE.equals(tab.evaluate("e => e === document.activeElement")); i++)
            press("ArrowRight");
        press("Enter");
        assertThat(tab).hasAttribute("aria-selected", "true");
    }

    /** A week from now, when both classes would have a lesson. */
    private void aClosure() {
        tab("Terms & closures");
        LocalDate day = TestClock.today().plusWeeks(1);
        fill("What", "Regatta");
        typeDate("From", day);
        pressButton("Add the closure");
        assertThat(page.getByText("2 lessons of the timetable")).isVisible();
        desk.isAccessible();
    }

    private void aUnitForEach() {
        for (String group : new String[] {"Curlews", "Plovers"}) {
            go("u", "Units");
            tabTo(desk.link("Plan a unit"));
            press("Enter");
            choose("Class", group);
            tabTo(page.getByLabel("Underarm roll"));
            press("Space");
            // The closed day is passed over.
            assertThat(page.getByText("Closures and other lessons of the class are passed over."))
                    .isVisible();
            String closed =
                    TestClock.today().plusWeeks(1).format(DateTimeFormatter.ofPattern("d MMM", java.util.Locale.UK));
            assertThat(page.locator("aside li").filter(new Locator.FilterOptions().setHasText(" " + closed + " ")))
                    .hasCount(0);
            assertThat(page.locator("aside li")).hasCount(4);
            typeDate("From", TestClock.today());
            pressButton("Plan it");
            assertThat(desk.heading(group)).isVisible();
        }
    }

    private void aLostLesson() {
        go("t", "Today");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Curlews, lesson 1")))
                .isVisible();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Plovers, lesson 1")))
                .isVisible();
        desk.isAccessible();
        Locator bead = page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Curlews, .*lesson 1, planned")));
        tabTo(page.locator("[data-bead][tabindex='0']"));
        assertThat(bead).isFocused();
        press("m");
        fill("Why, in a few words", "fire drill");
        pressButton("Change it");
        Locator note = page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("What changed"));
        assertThat(note).containsText("is lost (fire drill).");
        assertThat(note).containsText("The unit ends one lesson later");
        Locator curlews = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Curlews, lesson 1"));
        assertThat(curlews).containsText("lost");
        desk.isAccessible();

        // Lifted by keyboard to the next free lesson of the timetable, and let down; then taken back.
        Locator second = page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Plovers, .*lesson 2, planned")));
        press("Escape");
        tabTo(page.locator("[data-bead][tabindex='0']"));
        press("ArrowDown", "ArrowRight");
        assertThat(second).isFocused();
        press("Alt+ArrowRight", "Enter");
        assertThat(note).containsText("moves from");
        pressButton("Undo");
        assertThat(note).containsText("Taken back");
        desk.isAccessible();
    }
}
