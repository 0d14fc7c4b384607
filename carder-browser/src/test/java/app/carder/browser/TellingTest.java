package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.web.kit.Photos;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The whole way of a journal: made on the rail, put in order, approved, sent, opened on a phone in Polish and in Arabic; and a card for home, back with a photo. */
class TellingTest {

    private static final Pattern LINK = Pattern.compile("https?://[^/]+(/open/\\S+)");

    @Test
    void aJournalGoesHomeInTheFamilysLanguageAndACardComesBackIntoTheRecord() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP);
                Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            laptop.signIn("tobias");
            String child = madeOnTheRail(laptop.page);
            putInOrder(laptop.page);
            String code = sent(laptop.page);

            openedInPolishAndArabic(phone.page, link(laptop.page), code);
            cardForHome(laptop.page, child);
            answered(phone.page);
            takenIntoTheRecord(laptop.page);

            assertThat(laptop.complaints()).isEmpty();
            assertThat(phone.complaints()).isEmpty();
        }
    }

    /** All journals of the room are made; the desk of Bram's is open afterwards. */
    private static String madeOnTheRail(Page page) {
        page.navigate("/journals");
        link(page, "Journals of the room").click();
        page.getByText("Make a journal for every child").click();
        button(page, "Make them").click();
        assertThat(page.locator(".rail-round")).containsText("children looked at");
        assertThat(button(page, "Stop")).isHidden();
        page.locator(".rail > li", new Page.LocatorOptions().setHasText("Draft"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Bram"))
                .click();
        assertThat(page.locator("h1")).hasText("Journal of Bram");
        return page.locator("h1 [dir=auto]").textContent();
    }

    private static void putInOrder(Page page) {
        Locator entries = page.locator("#part-BUSY_WITH article");
        List<String> before = ids(entries);
        assertThat(before.size()).isGreaterThan(2);

        // All of them at once: where the page has to scroll meanwhile, only a hand can drag.
        page.setViewportSize(1280, 2400);
        drag(page, "#" + before.get(0) + " .entry-head h3", "#" + before.get(2) + " .entry-head h3");
        assertThat(entries.nth(2)).hasId(before.get(0));

        entries.nth(2)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("up")))
                .click();
        assertThat(entries.nth(1)).hasId(before.get(0));
    }

    private static void drag(Page page, String from, String onto) {
        page.locator(from).hover();
        page.mouse().down();
        BoundingBox there = page.locator(onto).boundingBox();
        page.mouse().move(there.x + 5, there.y - 40, new Mouse.MoveOptions().setSteps(8));
        page.mouse().move(there.x + 5, there.y + 5, new Mouse.MoveOptions().setSteps(4));
        page.mouse().up();
    }

    private static List<String> ids(Locator entries) {
        return entries.all().stream().map(entry -> entry.getAttribute("id")).toList();
    }

    private static String sent(Page page) {
        button(page, "Approve").click();
        link(page, "Invite the family").click();
        page.locator("input[name=carer]").first().check();
        button(page, "Send the link").click();
        return page.locator(".big-code").textContent();
    }

    /** The address in the newest mail, as the family's mail program would open it. */
    private static String link(Page page) {
        page.navigate("/outbox");
        Matcher found = LINK.matcher(page.locator("main").innerText());
        assertThat(found.find()).isTrue();
        return found.group(1);
    }

    private static void openedInPolishAndArabic(Page page, String link, String code) {
        page.navigate(link);
        assertThat(page.locator("html")).hasAttribute("lang", "pl");
        page.locator("#code").fill(code);
        page.locator("#code").press("Enter");
        page.waitForURL("**/family/journals/*");
        assertThat(page.locator("html")).hasAttribute("lang", "pl");
        assertThat(page.locator("h1")).containsText("Bram");

        page.navigate("/family/language");
        page.locator("button[value=ar]").click();
        page.waitForURL("**/family");
        assertThat(page.locator("html")).hasAttribute("dir", "rtl");
        page.locator(".pick a").first().click();
        assertThat(page.locator("html")).hasAttribute("dir", "rtl");
        assertThat(page.locator(".part-head").first()).isVisible();
        Object wide = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(((Number) wide).intValue()).as("nothing is cut off").isLessThanOrEqualTo(0);
    }

    private static void cardForHome(Page page, String child) {
        page.navigate("/children");
        link(page, child).first().click();
        String record = Pattern.compile("/children/[0-9a-f-]{36}")
                .matcher(page.url())
                .results()
                .findFirst()
                .orElseThrow()
                .group();
        page.navigate(record + "/home-cards");
        page.locator("input[name=carer]").first().check();
        page.locator("button[name=card]").first().click();
        assertThat(page.locator("main .done[role=status]").first()).containsText("on its way");
    }

    private static void answered(Page page) {
        page.navigate("/family/home-cards");
        page.locator(".pick a").first().click();
        assertThat(page.locator(".home-front [lang=ar]").first()).isVisible();
        page.locator("#words").fill("وضعنا الغطاء في العلبة.");
        page.locator("#photo").setInputFiles(new FilePayload("tin.jpg", "image/jpeg", Photos.picture("jpg", 400, 300)));
        page.locator("input[name=who][value=own]").check();
        page.locator("#back button").click();
        page.waitForURL("**?sent#back");
        assertThat(page.locator(".home-photo")).isVisible();
    }

    private static void takenIntoTheRecord(Page page) {
        page.navigate("/home-cards");
        button(page, "Take it into the record").first().click();
        link(page, "In the record").first().click();
        assertThat(page.locator("main")).containsText("وضعنا الغطاء في العلبة.");
        assertThat(page.locator("main img").first()).isVisible();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
