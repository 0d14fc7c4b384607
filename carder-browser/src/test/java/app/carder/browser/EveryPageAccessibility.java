package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.browser.RunningCarder.Size;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every page with axe and with nothing out of reach, on a screen of one size. */
abstract class EveryPageAccessibility {

    private final Size size;

    EveryPageAccessibility(Size size) {
        this.size = size;
    }

    @Test
    void axeFindsNoViolationAndNothingIsOutOfReachOnAnyPage() {
        List<String> violations = new ArrayList<>();
        try (Device device = RunningCarder.get().device(size)) {
            Page page = device.page;
            page.navigate("/sign-in?wrong");
            check(page, violations);
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
                    "/reckoners",
                    "/reckoners/dough",
                    "/reckoners/pouring",
                    "/reckoners/shop",
                    "/reckoners/dice?squares=none",
                    "/rooms",
                    "/week",
                    "/what-carder-looks-at",
                    "/overruled",
                    "/about-me",
                    "/calendar",
                    "/journals",
                    "/journals/new",
                    "/outbox",
                    "/staff",
                    "/access-log",
                    "/nothing-here")) {
                page.navigate(path);
                check(page, violations);
            }
            for (String[] way : new String[][] {
                {"/plan", ".deck .row a"},
                {"/plan", "text=Make a card"},
                {"/plan", "text=By week"},
                {"/plan", "text=By room"},
                {"/plan", "text=take over"},
                {"/materials", ".cupboard h2 a"},
                {"/materials", "text=None left?"},
                {"/kits", ".kits h2 a"},
                {"/rooms", "text=Safety rules"},
                {"/rooms", "text=Plan of the room and garden"},
                {"/rooms", "text=Sessions of the day"},
                {"/week", "text=Rota"},
                {"/week", "text=Focus groups"},
                {"/week", "text=Long investigations"},
                {"/week", "text=Week after"},
                {"/week", "text=Put out"},
                {"/set-out", ".deck-act a"},
                {"/set-out", "text=set-out list"},
                {"/set-out", ".block-foot a"},
                {"/", "text=Shopping"},
                {"/", "text=Preparation"},
                {"/children", ".peg-link"},
                {"/children", "text=Add a child"},
                {"/children", ".child-row > a:last-child"},
                {"/", "text=Write at a desk"},
                {"/journals", ".pick a"}
            }) {
                page.navigate(way[0]);
                page.locator(way[1]).first().click();
                page.waitForLoadState();
                check(page, violations);
                if (page.locator("form.form .action").count() > 0
                        && page.locator("#title").count() > 0) {
                    page.locator("#title").fill("");
                    page.locator("form.form .action").click();
                    page.waitForLoadState();
                    check(page, violations);
                }
            }
            for (String part : List.of("Sets and mixes", "Ladder", "Preparation", "Taken up", "Print and share")) {
                page.navigate("/plan");
                page.locator(".deck .row a", new Page.LocatorOptions().setHasText("Painted rice for mosaics"))
                        .click();
                page.locator(".card-tabs a", new Page.LocatorOptions().setHasText(part))
                        .click();
                page.waitForLoadState();
                check(page, violations);
            }
            page.navigate("/children");
            page.locator(".peg-link", new Page.LocatorOptions().setHasText("Anouk"))
                    .click();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Write down a carer"))
                    .click();
            check(page, violations);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Write down"))
                    .click();
            check(page, violations);
            page.navigate("/");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Write at a desk"))
                    .click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep it"))
                    .click();
            check(page, violations);
            checkTheApp(page, violations);
            page.navigate("/outbox");
            page.navigate(page.locator("main").innerText().replaceAll("(?s).*?(/open/\\S+).*", "$1"));
            check(page, violations);
            page.navigate("/journals");
            page.locator(".pick a", new Page.LocatorOptions().setHasText("Approved"))
                    .first()
                    .click();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Preview as the family reads it"))
                    .click();
            check(page, violations);
            page.goBack();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Invite the family"))
                    .click();
            check(page, violations);
        }
        try (Device device = RunningCarder.get().device(size)) {
            device.signIn("anouk.grandfather");
            device.page.navigate("/family");
            check(device.page, violations);
            device.page.locator(".pick a").first().click();
            check(device.page, violations);
        }
        assertThat(violations).isEmpty();
    }

    @Test
    void axeFindsNoViolationOnTheFirstRun() {
        List<String> violations = new ArrayList<>();
        RunningCarder.get().beforeTheFirstRun(size, device -> {
            device.page.navigate("/");
            check(device.page, violations);
            device.page
                    .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make it"))
                    .click();
            assertThat(device.page.locator("[role=alert]").innerText()).contains("The name of the setting is missing");
            check(device.page, violations);
        });
        assertThat(violations).isEmpty();
    }

    /** Every screen of watching in the hand, with all that can be opened open. */
    private static void checkTheApp(Page page, List<String> violations) {
        page.navigate("/watch/");
        page.locator("[data-children] label", new Page.LocatorOptions().setHasText("Yusuf"))
                .click();
        page.locator("[data-elbow-open]").click();
        page.locator(".hand-answers summary").first().click();
        check(page, violations);
        page.locator("[data-elbow-close]").click();
        for (String method : List.of("play", "snapshot", "sample", "map", "count", "listen")) {
            page.locator("[data-go=" + method + "]").click();
            if (method.equals("play")) {
                page.locator("[data-tap]").first().click();
            } else if (method.equals("snapshot")) {
                page.locator("#note").fill("Yusuf was lazy.");
            }
            page.locator("[data-screen]:not([hidden]) summary").all().forEach(com.microsoft.playwright.Locator::click);
            check(page, violations);
            page.locator("[data-back]").click();
        }
        page.locator("[data-go=snapshot]").click();
        page.locator("#note").fill("");
    }

    private static void check(Page page, List<String> violations) {
        Axe.check(page, violations);
    }
}
