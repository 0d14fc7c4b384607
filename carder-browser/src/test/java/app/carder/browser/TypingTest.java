package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** Somebody is called away in the middle of a sentence. */
class TypingTest {

    private static final String AVOIDS = "What I should not handle";

    @Test
    void whatWasTypedIsStillThereAfterTheSessionEndedAndIsSavedAfterSigningInAgain() {
        try (Device desk = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = desk.page;
            page.clock().install();
            desk.signIn("ravi");
            page.navigate("/about-me");
            page.getByLabel(AVOIDS).fill("latex");
            endSessions();
            page.clock().fastForward("26:00");

            save(page).click();
            assertThat(page.locator("[data-signed-out]")).containsText("You have been signed out");
            assertThat(page.getByLabel(AVOIDS)).hasValue("latex");
            save(page).click();
            assertThat(page.locator("[data-signed-out]")).hasCount(1);

            Page tab = desk.context.newPage();
            new Device(desk.context, tab, RunningCarder.get().address()).signIn("ravi");
            page.evaluate("window.dispatchEvent(new Event('focus'))");
            assertThat(page.locator("[data-signed-out]")).hasCount(0);
            save(page).click();
            assertThat(page.locator(".done")).containsText("Saved");
            assertThat(page.getByLabel(AVOIDS)).hasValue("latex");
        }
    }

    @Test
    void typingIsToldOfTheEndWithoutWaitingForTheForm() {
        try (Device desk = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = desk.page;
            page.clock().install();
            desk.signIn("ravi");
            page.navigate("/about-me");
            page.getByLabel(AVOIDS).fill("");
            page.clock().fastForward("05:00");
            page.getByLabel(AVOIDS).pressSequentially("gr");
            assertThat(page.locator("[data-signed-out]")).hasCount(0);

            endSessions();
            page.clock().fastForward("05:00");
            page.getByLabel(AVOIDS).press("a");
            assertThat(page.locator("[data-signed-out]")).isVisible();

            page.keyboard().type("ss");
            assertThat(page.getByLabel(AVOIDS)).hasValue("grass");
        }
    }

    private static void endSessions() {
        RunningCarder.get()
                .application()
                .getBean(JdbcTemplate.class)
                .update("delete from spring_session where principal_name in"
                        + " (select id::text from account where username = 'ravi')");
    }

    private static Locator save(Page page) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save").setExact(true));
    }
}
