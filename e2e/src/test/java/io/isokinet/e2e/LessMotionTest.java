package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Locator.FilterOptions;
import com.microsoft.playwright.Page.EmulateMediaOptions;
import com.microsoft.playwright.assertions.LocatorAssertions.IsInViewportOptions;
import com.microsoft.playwright.options.ReducedMotion;
import org.junit.jupiter.api.Test;

/** Where a device asks for less motion: lists of choices, menus and questions open where they can be pressed. */
class LessMotionTest extends Journey {
    @Test
    void whatOpensOpensInItsPlace() {
        try (Desk desk = new Desk(application().address())) {
            desk.page.emulateMedia(new EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
            desk.signIn();
            desk.open("/units");
            desk.page.getByText("Roll it, catch it").click();
            desk.link("Lesson 5").click();
            desk.button("Groups").click();
            for (int again = 0; again < 2; again++) {
                desk.page.getByLabel("How to group").click();
                Locator option = desk.page
                        .locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option")
                        .filter(new FilterOptions().setHasText("with new faces"))
                        .first();
                assertThat(option).isInViewport(new IsInViewportOptions().setRatio(1));
                option.click();
            }
            desk.isQuiet();
        }
    }
}
