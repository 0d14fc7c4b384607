package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** Signing in with what unlocks one's phone. */
class PasskeyTest {

    @Test
    void aPasskeySignsInUntilItIsRemoved() {
        try (Device desk = RunningCarder.get().deviceWithAuthenticator(RunningCarder.DESKTOP)) {
            Page page = desk.page;
            desk.signIn("marguerite");
            page.navigate("/account");
            page.getByLabel("Name for it").fill("My laptop");
            page.getByText("Add a passkey on this device").click();
            assertThat(page.locator("[data-passkey-fault]")).containsText("Check your password");
            page.getByLabel("Your password, so that nobody").fill("parcels-and-post");
            page.getByText("Add a passkey on this device").click();
            assertThat(page.locator(".done")).containsText("Passkey added");
            assertThat(page.locator("main")).containsText("My laptop, last used");
            desk.context.clearCookies();

            page.navigate("/sign-in");
            page.getByText("Use a passkey").click();
            page.waitForURL(address -> !address.endsWith("/sign-in"));
            assertThat(page.locator("header")).containsText("Marguerite");

            page.navigate("/account");
            page.locator(".ask summary").click();
            page.locator(".ask .action").click();
            assertThat(page.locator(".done")).containsText("The passkey is removed here");
            desk.context.clearCookies();
            page.navigate("/sign-in");
            page.getByText("Use a passkey").click();
            assertThat(page.locator("[data-passkey-fault]")).containsText("not known here");
            assertThat(desk.complaints()).isEmpty();
        }
    }
}
