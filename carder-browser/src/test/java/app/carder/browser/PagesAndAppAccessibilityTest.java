package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

@Order(Integer.MAX_VALUE)
class PagesAndAppAccessibilityTest extends EveryPage {

    @Test
    void everyPageWithAnAddressOfItsOwnPasses() {
        try (Device device = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = device.page;
            page.navigate("/sign-in?wrong");
            check(page);
            device.signIn("imelda");
            for (String path : List.of(
                    "/",
                    "/plan",
                    "/set-out",
                    "/watch/",
                    "/devices",
                    "/children",
                    "/materials",
                    "/materials?q=jug",
                    "/materials/new",
                    "/materials/import",
                    "/kits",
                    "/kits/new",
                    "/calculators",
                    "/calculators/dough",
                    "/calculators/pouring",
                    "/calculators/shop",
                    "/calculators/dice?squares=none",
                    "/rooms",
                    "/week",
                    "/what-carder-looks-at",
                    "/overruled",
                    "/about-me",
                    "/look",
                    "/find?q=rice",
                    "/calendar",
                    "/journals",
                    "/journals/new",
                    "/outbox",
                    "/staff",
                    "/access-log",
                    "/nothing-here")) {
                page.navigate(path);
                check(page);
            }
        }
    }

    @Test
    void everyScreenOfWatchingInTheHandPassesWithAllThatCanBeOpenedOpen() {
        try (Device device = device("imelda")) {
            Page page = device.page;
            page.navigate("/watch/");
            page.locator("[data-choose-button]").waitFor();
            check(page);
            Unlocking.of(page);
            page.locator("[data-lock]").click();
            Unlocking.type(page, "000000");
            page.locator("[data-unlock] [data-door-fault]").waitFor();
            check(page);
            Unlocking.of(page);
            page.locator("[data-children] label", new Page.LocatorOptions().setHasText("Yusuf"))
                    .click();
            page.locator("[data-elbow-open]").click();
            page.locator(".hand-answers summary").first().click();
            check(page);
            page.locator("[data-elbow-close]").click();
            for (String method : List.of("play", "snapshot", "sample", "map", "count", "listen")) {
                page.locator("[data-go=" + method + "]").click();
                if (method.equals("play")) {
                    page.locator("[data-tap]").first().click();
                } else if (method.equals("snapshot")) {
                    page.locator("#note").fill("Yusuf was lazy.");
                }
                page.locator("[data-screen]:not([hidden]) summary")
                        .all()
                        .forEach(com.microsoft.playwright.Locator::click);
                check(page);
                page.locator("[data-back]").click();
            }
            page.locator("[data-go=snapshot]").click();
            page.locator("#note").fill("");
        }
    }

    @Test
    void theFirstRunPasses() {
        RunningCarder.get().beforeTheFirstRun(RunningCarder.DESKTOP, device -> {
            device.page.navigate("/");
            check(device.page);
            device.page
                    .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Create it"))
                    .click();
            assertThat(device.page.locator("[role=alert]").innerText()).contains("The name of the setting is missing");
            check(device.page);
        });
    }
}
