package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What stands around a page: how much room it takes, and what it leads to. */
class FrameTest {

    private static final List<String> PAGES =
            List.of("/", "/week", "/set-out", "/children", "/journals", "/materials", "/staff");

    private Device device;
    private Page page;

    @BeforeEach
    void signIn() {
        device = RunningCarder.get().device(RunningCarder.DESKTOP);
        device.signIn("imelda");
        page = device.page;
    }

    @AfterEach
    void close() {
        device.close();
    }

    @Test
    void aPageBeginsWithinNinetySixPixelsAtADesk() {
        for (String path : PAGES) {
            page.navigate(path);
            assertThat(top("main")).as(path).isLessThanOrEqualTo(96);
        }
    }

    @Test
    void takesUnderAQuarterOfAScreenAtTwiceTheSize() {
        page.setViewportSize(640, 400);
        for (String path : PAGES) {
            page.navigate(path);
            double tabs = 400 - top(".tabs");
            assertThat(top("main") + tabs).as(path).isLessThan(100);
        }
    }

    @Test
    void onAPhoneTheTabsLieAtTheThumbAndNothingIsCutOff() {
        page.setViewportSize(360, 740);
        for (String path : PAGES) {
            page.navigate(path);
            assertThat((Integer) page.evaluate("() => document.documentElement.scrollWidth"))
                    .as(path)
                    .isLessThanOrEqualTo(360);
            for (Locator tab : page.locator(".tabs a").all()) {
                var box = tab.boundingBox();
                assertThat(box.x + box.width).as(path + " " + tab.innerText()).isLessThanOrEqualTo(360.5);
                assertThat(box.y).isGreaterThan(600);
                assertThat(box.height).isGreaterThanOrEqualTo(44);
            }
            page.locator(".menu summary").click();
            assertThat(page.locator(".menu-sheet").boundingBox().x).isGreaterThanOrEqualTo(0);
        }
    }

    @Test
    void theMenuLeadsToThePlacesOfTheTabOnAPhone() {
        page.setViewportSize(360, 740);
        page.navigate("/week");
        page.locator(".menu summary").click();
        page.locator(".menu-places a", new Page.LocatorOptions().setHasText("Rota"))
                .click();
        page.waitForURL("**/rota");
    }

    @Test
    void theDayOpensWhenItIsFocused() {
        page.navigate("/");
        Locator strip = page.locator(".strip");
        if (strip.count() == 0) {
            // The scenario has a day that is open; a strip that is missing would pass unseen.
            throw new AssertionError("No day strip on the first page");
        }
        assertThat(strip.locator("svg.day").boundingBox().height).isLessThan(14);
        strip.focus();
        assertThat(strip.locator("svg.day").boundingBox().height).isGreaterThan(40);
    }

    @Test
    void slashLeadsToFindAndWhatIsTypedThereIsFound() {
        page.navigate("/week");
        page.keyboard().press("/");
        assertThat(page.locator(".frame .find input")).isFocused();
        page.keyboard().type("anouk");
        page.keyboard().press("Enter");
        page.waitForURL("**/find?q=anouk");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Anouk").setExact(true))
                .click();
        page.waitForURL("**/children/*");
    }

    @Test
    void findAnswersWhileOneTypes() {
        page.navigate("/find");
        page.locator("#q").pressSequentially("rice by");
        assertThat(page.locator("#found a").first()).hasText("Rice by the kilo");
    }

    @Test
    void theLookThatIsChosenStays() {
        page.navigate("/look");
        page.getByLabel("Dark", new Page.GetByLabelOptions().setExact(true)).check();
        page.getByLabel("Largest").check();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save"))
                .click();
        page.navigate("/week");

        assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
        assertThat(page.locator("body")).hasCSS("color", "rgb(241, 236, 224)");
        assertThat(page.locator("html")).hasCSS("font-size", "23px");
    }

    private double top(String selector) {
        return page.locator(selector).boundingBox().y;
    }
}
