package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Nothing that was typed is lost: over a reload, a look at another page and back, a session that ends, and a clash. */
class FormsKeepTest {

    /**
     * A form and what is typed into it.
     *
     * @param open the button that opens it, null where the page is the form
     * @param save the button that saves it, and what shows that it did; null where more than this field is needed
     */
    private record Form(String path, String open, String field, String typed, String save, String shows) {}

    private static final List<Form> FORMS = List.of(
            new Form("/units/new", null, "Title", "Rolls with a story", null, null),
            new Form(
                    "/set-up/school",
                    null,
                    "Cautions on every lesson sheet, one a line",
                    "The hatch stays shut.",
                    "Save",
                    "Saved."),
            new Form("/set-up/terms", null, "What", "Regatta", null, null),
            new Form("/set-up/timetable", "Paste a timetable", "Timetable", "Terns, Mon, 9:10", null, null),
            new Form("/set-up/timetable", "New lesson in the week", "Minutes in the timetable", "35", null, null),
            new Form("/set-up/people", null, "Name", "Sorrel Reed", "Make a link", "The link for Sorrel Reed"),
            new Form("/classes", "New class", "Name", "Whimbrels", "Make the class", "Whimbrels"),
            new Form("/cupboard", "New space", "Name", "Boat shed", null, null),
            new Form("/cupboard", "A thing of our own", "One is called", "tarred rope", null, null),
            new Form("/know-how?edit=new-activity", null, "Name", "Over the bollard", null, null));

    private Desk desk;
    private Page page;

    @Test
    void nothingTypedIsLost() {
        try (Application application = Application.start();
                Desk browser = new Desk(application.address())) {
            desk = browser;
            page = desk.page;
            desk.signIn();
            try {
                for (Form form : FORMS) overReloadAndBack(form);
                for (Form form : FORMS) if (form.save != null) overAnEndedSession(form);
                overAClash();
                desk.isQuiet();
            } catch (AssertionError | RuntimeException e) {
                page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("target/forms-failed.png")));
                throw e;
            }
        }
    }

    private Locator field(Form form) {
        return page.getByLabel(form.field, new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("input, textarea"))
                .first();
    }

    private Locator opened(Form form) {
        Locator field = field(form);
        if (form.open != null) {
            desk.button(form.open).first().click();
            desk.isStill();
        }
        field.waitFor();
        return field;
    }

    private void overReloadAndBack(Form form) {
        desk.open(form.path);
        opened(form).fill(form.typed);
        page.reload();
        assertThat(opened(form)).hasValue(form.typed);
        page.keyboard().press("Escape");
        desk.link("Today").click();
        assertThat(desk.heading("Today").first()).isVisible();
        page.goBack();
        assertThat(opened(form)).hasValue(form.typed);
    }

    private void sessionEnds() {
        desk.context.clearCookies(new BrowserContext.ClearCookiesOptions().setName("isokinet"));
    }

    private void overAnEndedSession(Form form) {
        desk.open(form.path);
        assertThat(opened(form)).hasValue(form.typed);
        sessionEnds();
        desk.button(form.save).first().click();
        Locator door = page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG)
                .filter(new Locator.FilterOptions().setHasText("Signed out meanwhile"));
        door.getByLabel("Name").fill(Application.SIGN_IN);
        door.getByLabel("Password").fill(Application.PASSWORD);
        door.getByText("Sign in", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText(form.shows).first()).isVisible();
        desk.open(form.path);
        // What is saved is forgotten: the form begins anew.
        if (!form.path.equals("/set-up/school")) assertThat(opened(form)).hasValue("");
    }

    /** Somebody else saves the school between reading and saving. */
    private void overAClash() {
        Form cautions = FORMS.get(1);
        desk.open(cautions.path);
        opened(cautions).fill("The hatch stays shut, always.");
        Object status = page.evaluate("""
                async () => {
                  const school = await (await fetch('/api/school')).json()
                  const token = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN=')).slice(11)
                  const { version, ...rest } = school
                  const done = await fetch('/api/school', {
                    method: 'PUT',
                    headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, 'If-Match': `"${version}"` },
                    body: JSON.stringify({ ...rest, ownYears: {}, paceCm: 71 }),
                  })
                  return done.status
                }""");
        assertThat(status).isEqualTo(200);
        desk.button("Save").first().click();
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)
                        .first())
                .isVisible();
        assertThat(field(cautions)).hasValue("The hatch stays shut, always.");
        page.reload();
        assertThat(opened(cautions)).hasValue("The hatch stays shut, always.");
        desk.button("Save").first().click();
        assertThat(page.getByText("Saved.").first()).isVisible();
    }
}
