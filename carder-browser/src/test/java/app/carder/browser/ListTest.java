package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** A list in the hand: reached from the first page, ticked with a finger, kept. */
class ListTest {

    @Test
    void aTickOnThePhoneIsKeptWithWhoSetIt() {
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            phone.signIn("hamish");
            Page page = phone.page;
            page.navigate("/");
            page.getByText("Shopping").tap();
            Locator line = page.locator(".tick-line").first();

            line.locator("label").tap();

            assertThat(line).containsText("done by Hamish Vale");
            page.reload();
            assertThat(line.getByRole(com.microsoft.playwright.options.AriaRole.CHECKBOX))
                    .isChecked();
            line.locator("label").tap();
            assertThat(line).not().containsText("done by");
            org.assertj.core.api.Assertions.assertThat(phone.complaints()).isEmpty();
        }
    }
}
