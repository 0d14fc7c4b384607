package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Everyday work, press by press, beside the numbers that docs/interface.md gives. */
class TasksTest {

    private static final Pattern ROW = Pattern.compile("(?m)^\\| ([a-z][^|]+) \\| (\\d+) \\| (\\d+) \\|");

    private final Map<String, Integer> taken = new LinkedHashMap<>();
    private Device laptop;
    private Page page;
    private int presses;

    @BeforeEach
    void signIn() {
        laptop = RunningCarder.get().device(RunningCarder.DESKTOP);
        laptop.signIn("tobias");
        page = laptop.page;
    }

    @AfterEach
    void close() {
        laptop.close();
    }

    @Test
    void everydayWorkTakesAsManyPressesAsIsWrittenDownAndNeverMoreThanBefore() throws IOException {
        task("open the week board", () -> {
            key("b");
            assertThat(page.locator(".week")).isVisible();
        });
        task("see who works when", () -> {
            key("r");
            assertThat(page).hasURL(Pattern.compile(".*/rota$"));
        });
        Locator out = page.locator("article.card", new Page.LocatorOptions().setHasText("Ice parcels that melt"));
        task("put away a card that is out", () -> {
            press(out.getByText("Put away"));
            assertThat(out).isHidden();
        });
        goOn("take back a card that was put away by mistake", () -> {
            press(page.locator("#just-done button"));
            assertThat(out).isVisible();
        });
        moveACardOnTheBoard();
        goOn("take back a card that was moved to a wrong place on the week board", () -> {
            key("u");
            assertThat(page.locator("#just-done")).containsText("undid a change");
        });
        task("open a child's page", () -> {
            press(page.locator(".pegs a", new Page.LocatorOptions().setHasText("Bram")));
            assertThat(page.locator("h1")).containsText("Bram");
        });
        task("open a thing in the cupboard", () -> {
            key("/");
            type("acrylic");
            key("Enter");
            assertThat(page.locator("h1")).containsText("Acrylic mirrors");
        });
        task("correct what is in stock", () -> {
            key("c");
            assertThat(page.locator("#rows")).isVisible();
            key("f");
            type("acrylic");
            assertThat(page.locator("#rows .cupboard > li")).hasCount(1);
            press(page.locator("#rows input[name=stock]"));
            page.keyboard().press("Control+A");
            type("7");
            key("Enter");
            assertThat(page.locator("#just-done")).containsText("Acrylic mirrors");
            assertThat(page.locator("#rows input[name=stock]").first()).isFocused();
        });
        task("find what somebody wrote, by a word of it", () -> {
            key("/");
            type("stamps");
            key("Enter");
            assertThat(page.locator("#found mark").first()).isVisible();
        });
        task("write an observation", () -> {
            press(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Write an observation")));
            press(page.locator("main form label", new Page.LocatorOptions().setHasText("Bram"))
                    .first());
            press(page.locator("textarea[name=note]"));
            type("Poured rice from the jug into both cups.");
            press(page.locator("main form .action").first());
            assertThat(page.locator(".done")).isVisible();
        });

        assertThat(taken).isEqualTo(writtenDown());
        assertThat(laptop.complaints()).isEmpty();
    }

    private void moveACardOnTheBoard() {
        page.navigate("/week");
        page.locator(".board-card summary").first().click();
        page.getByText("Move or copy").first().click();
        page.locator("button.here").last().click();
        assertThat(page.locator("#just-done button")).isVisible();
    }

    private void task(String name, Runnable steps) {
        page.navigate("/");
        goOn(name, steps);
    }

    private void goOn(String name, Runnable steps) {
        presses = 0;
        steps.run();
        taken.put(name, presses);
    }

    private void press(Locator what) {
        presses++;
        what.click();
    }

    private void key(String key) {
        presses++;
        // A key that comes before the script of a page has run is nobody's.
        page.waitForLoadState(LoadState.DOMCONTENTLOADED);
        page.keyboard().press(key);
    }

    private void type(String word) {
        presses++;
        page.keyboard().type(word);
    }

    private static Map<String, Integer> writtenDown() throws IOException {
        Map<String, Integer> now = new LinkedHashMap<>();
        ROW.matcher(Files.readString(Path.of("../docs/interface.md"))).results().forEach(row -> {
            assertThat(Integer.parseInt(row.group(3)))
                    .as(row.group(1))
                    .isLessThanOrEqualTo(Integer.parseInt(row.group(2)));
            now.put(row.group(1), Integer.parseInt(row.group(3)));
        });
        return now;
    }
}
