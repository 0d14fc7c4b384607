package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The journals of a whole room, from nothing to sent: what is pressed beside the reading is counted. */
class RailTest {

    /** For 24 children it may be 60: one for each, and these for all together. */
    private static final int FOR_ALL_TOGETHER = 8;

    private int presses;

    @Test
    void aRoomGetsFromNothingToSentWithOnePressForEachChildBesideTheReading() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.signIn("precious");
            Page page = laptop.page;
            key(page, "t");
            press(page.getByRole(AriaRole.LINK, named("Journals of the room")));
            press(page.getByText("Make a journal for every child"));
            press(button(page, "Make them"));
            assertThat(page.locator(".rail-round")).containsText("children looked at");
            assertThat(button(page, "Stop")).isHidden();
            int drafts = page.locator(".rail > li", new Page.LocatorOptions().setHasText("Draft"))
                    .locator("ul a")
                    .count();
            assertThat(drafts).isPositive();

            key(page, "l");
            for (int left = drafts; left > 0; left--) {
                assertThat(page.locator(".margin h2").first()).hasText(Pattern.compile("\\d+ of " + left));
                readAll(page);
                for (Locator near : page.locator("[name=near]").all()) {
                    press(near);
                }
                key(page, "a");
            }
            assertThat(page).hasURL(Pattern.compile(".*/journals(/reading)?$"));
            assertThat(page.locator(".rail > li", new Page.LocatorOptions().setHasText("Approved"))
                            .locator("ul a"))
                    .hasCount(drafts);
            press(page.getByText(Pattern.compile("^Send the ")).first());
            press(page.locator(".ask-sheet button"));
            assertThat(page.locator("h1")).hasText("Journals sent");

            assertThat(presses).isLessThanOrEqualTo(drafts + FOR_ALL_TOGETHER);
        }
    }

    /** Reads from the top to the end, as somebody does who looks at every part; each is ticked once its end was seen. */
    private static void readAll(Page page) {
        Locator open = page.locator("[name=shown]:not(:checked)");
        for (Locator row : page.locator(".reading > .row").all()) {
            row.scrollIntoViewIfNeeded();
        }
        page.evaluate("window.scrollTo(0, document.body.scrollHeight)");
        assertThat(open).hasCount(0);
    }

    private void press(Locator what) {
        what.click();
        presses++;
    }

    private void key(Page page, String key) {
        page.keyboard().press(key);
        presses++;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }
}
