package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** Opens Watch on a device with a PIN, chosen the first time. */
final class Unlocking {

    static final String PIN = "730914";

    private Unlocking() {}

    static void of(Page page) {
        Locator choose = page.locator("[data-screen=choose]");
        Locator unlock = page.locator("[data-unlock]");
        assertThat(choose.or(unlock).locator("visible=true").first()).isVisible();
        if (choose.isVisible()) {
            choose(page);
        } else {
            type(page, PIN);
        }
        assertThat(page.locator("[data-lock]")).isVisible();
    }

    static void choose(Page page) {
        page.locator("[name=kind][value=pin]").check();
        page.locator("#fresh").fill(PIN);
        page.locator("#again").fill(PIN);
        page.locator("[data-choose-button]").click();
    }

    static void type(Page page, String secret) {
        page.locator("#secret").fill(secret);
        page.locator("[data-unlock] button").click();
    }
}
