package app.carder.browser;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

@Order(Integer.MAX_VALUE)
class PagesBehindALinkAccessibilityTest extends EveryPage {

    @Test
    void everyPageThatALinkLeadsToPassesAndItsFormWithFaults() {
        try (Device device = device("imelda")) {
            Page page = device.page;
            for (String[] way : new String[][] {
                {"/plan", ".tiles a"},
                {"/plan", "text=Make a card"},
                {"/plan", "text=By week"},
                {"/plan", "text=By room"},
                {"/plan", "text=import"},
                {"/materials", ".cupboard h2 a"},
                {"/materials", "text=Run out?"},
                {"/kits", ".kits h2 a"},
                {"/rooms", "text=Safety rules"},
                {"/rooms", "text=Plan of the room and garden"},
                {"/rooms", "text=Sessions in the day"},
                {"/week", ".places >> text=Rota"},
                {"/week", ".places >> text=Focus groups"},
                {"/week", ".places >> text=Long investigations"},
                {"/week", "text=Next week"},
                {"/week", ".deck-act a.button"},
                {"/set-out", ".deck-act a"},
                {"/set-out", "text=set-out list"},
                {"/set-out", ".block-foot a"},
                {"/", "text=Shopping"},
                {"/", "text=Preparation"},
                {"/children", ".peg-link"},
                {"/children", "text=Add a child"},
                {"/children", ".child-edit"},
                {"/", "text=Write an observation"},
                {"/journals", ".pick a"}
            }) {
                page.navigate(way[0]);
                page.locator(way[1]).first().click();
                page.waitForLoadState();
                check(page);
                if (page.locator("form.form .action").count() > 0
                        && page.locator("#title").count() > 0) {
                    page.locator("#title").fill("");
                    page.locator("form.form .action").click();
                    page.waitForLoadState();
                    check(page);
                }
            }
            for (String part : List.of(
                    "Picture",
                    "Sets and mixes",
                    "Easier and harder",
                    "Preparation",
                    "How it was used",
                    "Print and share")) {
                page.navigate("/plan");
                page.locator(".tiles a", new Page.LocatorOptions().setHasText("Painted rice for mosaics"))
                        .click();
                page.locator(".card-tabs a", new Page.LocatorOptions().setHasText(part))
                        .click();
                page.waitForLoadState();
                check(page);
            }
        }
    }

    @Test
    void formsPassWithFaults() {
        try (Device device = device("imelda")) {
            Page page = device.page;
            page.navigate("/children");
            page.locator(".peg-link", new Page.LocatorOptions().setHasText("Anouk"))
                    .click();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Add a carer"))
                    .click();
            check(page);
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Add").setExact(true))
                    .click();
            check(page);
            page.navigate("/");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Write an observation"))
                    .click();
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Save").setExact(true))
                    .click();
            check(page);
        }
    }

    @Test
    void whatAFamilyReadsPassesForItAndForThoseWhoPrepareIt() {
        try (Device device = device("imelda")) {
            Page page = device.page;
            page.navigate("/outbox");
            page.navigate(page.locator("main").innerText().replaceAll("(?s).*?(/open/\\S+).*", "$1"));
            check(page);
            page.navigate("/journals");
            page.locator(".pick a", new Page.LocatorOptions().setHasText("Approved"))
                    .first()
                    .click();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Preview as the family sees it"))
                    .click();
            check(page);
            page.goBack();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Invite the family"))
                    .click();
            check(page);
        }
        try (Device device = device("anouk.grandfather")) {
            device.page.navigate("/family");
            check(device.page);
            device.page.locator(".pick a").first().click();
            check(device.page);
        }
    }
}
