package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** What two people at one card see, and the keyboard alone. */
class KeyboardTest {

    @Test
    void axeFindsNoViolationWhenTwoPeopleEditOneCard() {
        List<String> violations = new ArrayList<>();
        try (Device device = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            device.signIn("precious");
            device.page.navigate("/plan");
            device.page.locator(".tiles a").first().click();
            Page second = device.context.newPage();
            second.navigate(device.page.url());
            for (Page page : List.of(second, device.page)) {
                page.getByLabel("Intention").fill("Changed in " + page.hashCode());
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the card"))
                        .click();
                page.waitForLoadState();
            }
            assertThat(device.page.locator("[role=alert]").innerText()).contains("Precious Adeyemi saved this card");
            Axe.check(device.page, violations);
        }
        assertThat(violations).isEmpty();
    }

    @Test
    void reachesEveryStationByOneKeyUntilThatIsSwitchedOff() {
        try (Device device = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = device.page;
            device.signIn("tobias");

            page.keyboard().press("p");
            page.waitForURL("**/cards");
            page.keyboard().press("n");
            page.waitForURL("**/cards/new");
            page.locator("#title").fill("typing s does not set out");
            assertThat(page.url()).endsWith("/cards/new");

            page.navigate("/");
            page.keyboard().press("?");
            assertThat(page.locator("dialog#shortcuts").innerText()).contains("Plan", "Watch");
            page.locator("[data-shortcuts-on]").uncheck();
            page.locator("dialog button").click();
            page.keyboard().press("p");
            assertThat(page.url()).doesNotContain("cards");
            assertThat(device.complaints()).isEmpty();
        }
    }

    @Test
    void recordsAnObservationWithTheKeyboardAlone() {
        try (Device device = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = device.page;
            device.signIn("hamish");
            page.navigate("/watch/");
            PlaywrightAssertions.assertThat(page.locator("#fresh")).isFocused();
            page.keyboard().type(Unlocking.PIN);
            page.keyboard().press("Tab");
            page.keyboard().type(Unlocking.PIN);
            page.keyboard().press("Enter");
            page.locator("[data-children] input").first().focus();
            page.keyboard().press("Space");
            page.locator("[data-go=snapshot]").focus();
            page.keyboard().press("Enter");
            page.locator("#note").focus();
            page.keyboard().type("Written by keys alone.");
            page.locator("input[name=involvement]").first().focus();
            page.keyboard().press("ArrowDown");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save"))
                    .focus();
            page.keyboard().press("Enter");
            com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(page.locator("[data-screen=start]"))
                    .isVisible();
            com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(page.locator("[data-state]"))
                    .containsText("All sent");
            assertThat(RunningCarder.get()
                            .application()
                            .getBean(JdbcTemplate.class)
                            .queryForList(
                                    "select involvement from observation where note = 'Written by keys alone.'",
                                    Integer.class))
                    .hasSize(1)
                    .doesNotContainNull();
        }
    }
}
