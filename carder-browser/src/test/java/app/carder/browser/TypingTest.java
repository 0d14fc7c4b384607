package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.atomic.AtomicBoolean;
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

    @Test
    void everyChoiceNarrowsTheCupboardAtOnce() {
        try (Device desk = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = desk.page;
            desk.signIn("sunniva");
            page.navigate("/materials");
            assertThat(page.locator("#rows h2")).not().hasCount(0);
            for (String[] choice : new String[][] {
                {"#kind", "VESSEL", "Jug, 1 litre"},
                {"#allergen", "GLUTEN_CEREALS", "Wheat flour"},
                {"#hazard", "ROUND_FOOD", "Grapes"},
                {"#sense", "SMELL", "Scented letters"}
            }) {
                page.locator(choice[0]).selectOption(choice[1]);
                assertThat(page.locator("#rows")).containsText(choice[2]);
                assertThat(page.locator("#rows")).not().containsText("Acrylic mirrors");
                page.locator(choice[0]).selectOption("");
                assertThat(page.locator("#rows")).containsText("Acrylic mirrors");
            }
            org.assertj.core.api.Assertions.assertThat(desk.complaints()).isEmpty();
        }
    }

    @Test
    void whatWasTypedIsThereAfterAReloadAfterBackAndAfterSigningInOnAnotherComputer() {
        try (Device desk = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = desk.page;
            desk.signIn("sunniva");
            page.navigate("/about-me");
            page.getByLabel(AVOIDS).fill("pine resin");
            page.getByLabel("I am expecting a child").check();
            assertThat(page.locator("form[data-draft=kept]")).hasCount(1);

            page.reload();
            assertThat(page.locator("[data-draft-back]")).isVisible();
            assertThat(page.getByLabel(AVOIDS)).hasValue("pine resin");
            assertThat(page.getByLabel("I am expecting a child")).isChecked();
            page.navigate("/calendar");
            page.goBack();
            assertThat(page.getByLabel(AVOIDS)).hasValue("pine resin");
        }
        try (Device home = RunningCarder.get().device(RunningCarder.PHONE)) {
            Page page = home.page;
            home.signIn("sunniva");
            page.navigate("/about-me");
            assertThat(page.getByLabel(AVOIDS)).hasValue("pine resin");
            save(page).click();
            assertThat(page.locator(".done")).containsText("Saved");
            page.reload();
            assertThat(page.getByLabel(AVOIDS)).hasValue("pine resin");
            assertThat(page.locator("[data-draft-back]")).hasCount(0);

            page.getByLabel(AVOIDS).fill("something else");
            assertThat(page.locator("form[data-draft=kept]")).hasCount(1);
            page.reload();
            assertThat(page.getByLabel(AVOIDS)).hasValue("something else");
            page.getByText("discard it").click();
            assertThat(page.getByLabel(AVOIDS)).hasValue("pine resin");
            org.assertj.core.api.Assertions.assertThat(home.complaints()).isEmpty();
        }
    }

    @Test
    void whatWasTypedWithoutAConnectionIsKeptOnceThereIsOne() {
        try (Device desk = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = desk.page;
            page.clock().install();
            desk.signIn("precious");
            page.navigate("/about-me");
            desk.context.setOffline(true);
            AtomicBoolean failed = new AtomicBoolean();
            page.onRequestFailed(request -> failed.set(true));
            page.getByLabel(AVOIDS).fill("sheep's wool");
            page.clock().fastForward("00:05");
            page.waitForCondition(failed::get);
            assertThat(page.locator("form[data-draft=waiting]")).hasCount(1);
            desk.context.setOffline(false);
            page.clock().fastForward("00:20");
            assertThat(page.locator("form[data-draft=kept]")).hasCount(1);
        }
    }

    @Test
    void aLongDraftIsKeptLikeAShortOne() {
        try (Device desk = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = desk.page;
            desk.signIn("tobias");
            page.navigate("/about-me");
            page.getByLabel(AVOIDS).fill("latex, ".repeat(10_000));
            assertThat(page.locator("form[data-draft=kept]")).hasCount(1);
            page.getByLabel(AVOIDS).fill("");
            assertThat(page.locator("form[data-draft=waiting]")).hasCount(1);
            assertThat(page.locator("form[data-draft=kept]")).hasCount(1);
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
