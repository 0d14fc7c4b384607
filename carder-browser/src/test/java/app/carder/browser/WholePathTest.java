package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.browser.RunningCarder.Size;
import app.carder.web.kit.Photos;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The whole path, from signing in to the reply of a carer, in the real interface. */
class WholePathTest {

    static Stream<Arguments> sizes() {
        return Stream.of(
                Arguments.of("a laptop", RunningCarder.DESKTOP, "Cosima"),
                Arguments.of("a phone", RunningCarder.PHONE, "Delphine"));
    }

    @ParameterizedTest(name = "on {0}")
    @MethodSource("sizes")
    void setsOutWatchesAndTells(String where, Size size, String child) {
        String title = "Rice for " + child;
        String seen = child + " filled the jug to the line and Bram watched.";
        try (Device staff = RunningCarder.get().device(size)) {
            Page page = staff.page;
            staff.signIn("tobias");

            makeCard(page, title);
            setOut(page, title);
            watch(page, child, title, seen);
            // In a child's own record only its own name stands.
            findInDeck(page, child, seen.replace("Bram", "a friend"));
            writeDownCarer(page, child);
            String[] link = tell(page, child);

            try (Device carer = RunningCarder.get().device(RunningCarder.PHONE)) {
                readAndWriteBack(carer.page, link, child);
                assertThat(carer.complaints()).isEmpty();
            }
            open(page, child);
            assertThat(page.locator("blockquote")).containsText("We did it with flour at home");
            assertThat(staff.complaints()).isEmpty();
        }
    }

    private static void makeCard(Page page, String title) {
        link(page, "Plan").click();
        link(page, "Make a card").click();
        page.getByLabel("Title").fill(title);
        page.locator("#first").fill("60");
        page.locator("#second").fill("40");
        page.locator("#depth").fill("12");
        page.locator("#material-0").fill("Rice, white long-grain");
        page.locator("#packs-0").fill("5");
        assertThat(page.locator("#bench")).containsText("2.7");
        button(page, "Use 2.6 cm").click();
        assertThat(page.locator("#amount-0")).hasValue("2.6");
        page.locator("#amount-0").fill("13");
        assertThat(page.locator("#bench")).containsText("the container is");
        page.locator("#amount-0").fill("4");
        assertThat(page.locator("#bench")).containsText("7.51");
        assertThat(page.locator("#bench-safety")).containsText("Yusuf");
        page.locator("#bench .calculation summary").first().click();
        assertThat(page.locator("#bench .calculation").first()).containsText("length × width × depth");
        page.getByText("Mathematics", new Page.GetByTextOptions().setExact(true))
                .locator("..")
                .locator("input")
                .check();
        button(page, "Save the card").click();
        assertThat(page.locator(".done")).containsText("Saved");
    }

    private static void setOut(Page page, String title) {
        link(page, "Set out today").click();
        button(page, "Overrule and set out").click();
        assertThat(page.locator("[role=alert]")).containsText("Choose the zone");
        page.getByLabel("Where").selectOption("Writing");
        page.getByLabel("Why it is right all the same").fill("Two at a time, Hamish beside them.");
        button(page, "Overrule and set out").click();
        assertThat(page.locator("main")).containsText(title);
        assertThat(page.locator("svg.day")).containsText("out");
    }

    private static void watch(Page page, String child, String title, String seen) {
        link(page, "Watch and record").click();
        Unlocking.of(page);
        page.locator("[data-cards] label", new Page.LocatorOptions().setHasText(title))
                .click();
        page.locator("[data-children] label", new Page.LocatorOptions().setHasText(child))
                .click();
        button(page, "Snapshot").click();
        button(page, "Tried…").click();
        assertThat(page.getByLabel("What did they do? How?")).hasValue("Tried ");
        page.getByLabel("What did they do? How?").fill(seen);
        page.locator("[data-snapshot] .hand-levels")
                .first()
                .locator("label")
                .nth(3)
                .click();
        page.locator("#photos").setInputFiles(new FilePayload("knot.jpg", "image/jpeg", Photos.withPlace(800, 600, 6)));
        assertThat(page.locator("[data-photos] img")).isVisible();
        page.getByText("What it shows").click();
        page.locator("details.area summary", new Page.LocatorOptions().setHasText("Mathematics"))
                .click();
        page.getByLabel("Compares amounts, weights or lengths").check();
        button(page, "Save").click();
        assertThat(page.locator("[data-screen=start]")).isVisible();
        assertThat(page.locator("[data-state]")).containsText("All sent");
        link(page, "Leave Watch, back to Today").click();
    }

    private static void findInDeck(Page page, String child, String seen) {
        open(page, child);
        assertThat(page.locator(".deck tbody tr").first()).containsText(seen);
        page.locator(".pin", new Page.LocatorOptions().setHasText("Literacy")).click();
        assertThat(page.locator("main")).not().containsText(seen);
        page.locator(".pin", new Page.LocatorOptions().setHasText("Literacy")).click();
        assertThat(page.locator("main")).containsText(seen);
    }

    private static void writeDownCarer(Page page, String child) {
        link(page, "Add a carer").click();
        page.getByLabel("Name").fill(child + "'s mother");
        page.getByLabel("Email address").fill("nowhere");
        button(page, "Add").click();
        assertThat(page.locator("#fault-email")).containsText("not a valid email address");
        page.getByLabel("Email address").fill("mother@family.example");
        button(page, "Add").click();
        assertThat(page.locator("main")).containsText("mother@family.example");
        open(page, child);
    }

    private static String[] tell(Page page, String child) {
        link(page, "Make a journal").click();
        button(page, "Pick entries").click();
        Locator words = page.locator("article.entry textarea").first();
        assertThat(page.locator("main")).containsText(child);
        words.fill("Today " + child + " and bram filled the jug.");
        button(page, "Save").last().click();
        assertThat(page.locator(".done")).containsText("Saved");
        button(page, "Approve").click();
        assertThat(page.locator("[role=alert]")).containsText("still named: bram");
        page.locator("article.entry textarea").first().fill("Today " + child + " and a friend filled the jug.");
        button(page, "Save and preview").click();
        assertThat(page.locator("article.reading")).containsText("and a friend filled the jug");
        assertThat(page.locator("article.reading")).not().containsText("Bram");
        link(page, "Back to editing").click();
        page.getByLabel("Something to try at home").fill("Fill a jug to a line.");
        button(page, "Approve").click();
        assertThat(page.locator("main")).containsText("Approved by Tobias Renn");
        link(page, "Invite the family").click();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile(child + "'s mother")))
                .check();
        button(page, "Send the link").click();
        String code = page.locator(".big-code").innerText();
        page.locator(".done").getByRole(AriaRole.LINK).click();
        return new String[] {page.locator("main").innerText().replaceAll("(?s).*?(/open/\\S+).*", "$1"), code};
    }

    private static void readAndWriteBack(Page page, String[] link, String child) {
        page.navigate(link[0]);
        page.getByLabel("Code").fill(link[1].equals("111111") ? "222222" : "111111");
        button(page, "Open").click();
        assertThat(page.locator("#fault-code")).containsText("4 more tries");
        page.getByLabel("Code").fill(link[1]);
        button(page, "Open").click();
        assertThat(page.locator("h1")).containsText(child + "’s learning journal");
        assertThat(page.locator("article.reading")).containsText("and a friend filled the jug");
        assertThat(page.locator("article.reading")).containsText("Fill a jug to a line.");
        page.getByLabel(Pattern.compile("What did you see at home")).fill("We did it with flour at home! \ud83d\udc9b");
        button(page, "Send").click();
        assertThat(page.locator("#reply")).containsText("Thank you");
    }

    private static void open(Page page, String child) {
        page.navigate("/children");
        page.locator(".peg-link", new Page.LocatorOptions().setHasText(child)).click();
        assertThat(page.locator("h1")).containsText(child);
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
                .first();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
