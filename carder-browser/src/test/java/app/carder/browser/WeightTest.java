package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.Sizes;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What a page weighs over the wire, and whether anything jumps while a part of it changes. */
class WeightTest {

    private static final int FIRST = 250_000;
    private static final int LATER = 60_000;
    private static final int AT_HOME = 120_000;

    /** Everything that moved without being asked to, whoever pressed what before it. */
    private static final String WATCH_SHIFTS = """
            () => {
              window.shifted = 0;
              new PerformanceObserver(list => list.getEntries().forEach(entry => window.shifted += entry.value))
                .observe({type: "layout-shift"});
            }""";

    private final List<Request> finished = new ArrayList<>();
    private Device laptop;
    private Page page;

    @BeforeEach
    void open() {
        laptop = RunningCarder.get().device(RunningCarder.DESKTOP);
        page = laptop.page;
        page.onRequestFinished(finished::add);
    }

    @AfterEach
    void close() {
        laptop.close();
    }

    @Test
    void aFirstPageAndEachLaterOneAreLightEnoughForASlowLine() {
        page.navigate("/sign-in");
        assertThat(weight()).as("the first page").isBetween(1_000, FIRST);
        laptop.signIn("imelda");
        assertThat(weight()).as("Today, after it").isBetween(1_000, FIRST);

        Set<String> places = AllPlaces.of(page);
        weight();
        Map<String, Integer> tooHeavy = new LinkedHashMap<>();
        for (String place : places) {
            page.navigate(place);
            int weight = weight();
            if (weight > LATER) {
                tooHeavy.put(place, weight);
            }
        }
        assertThat(tooHeavy).isEmpty();
    }

    /** A family's page, on an old phone: everything that it needs, and in Arabic with the letters for it. */
    @Test
    void aFamilysFirstPageIsLightAndInstallableInEveryScript() {
        page.navigate("/sign-in");
        laptop.signIn("anouk.grandfather");
        for (String language : List.of("en", "ar", "uk")) {
            page.navigate("/family/language");
            page.locator("button[value=" + language + "]").click();
            page.waitForURL("**/family");
            weight();
            laptop.context.newCDPSession(page).send("Network.clearBrowserCache");
            page.navigate("/family");
            assertThat(weight()).as(language).isBetween(1_000, AT_HOME);
            assertThat(page.locator("link[rel=manifest]")).hasCount(1);
        }
    }

    @Test
    void nothingJumpsWhileAPartOfAPageChanges() {
        laptop.signIn("tobias");
        page.navigate("/materials?q=acrylic");
        page.evaluate(WATCH_SHIFTS);
        Locator stock = page.locator("#rows input[name=stock]").first();
        stock.fill("6");
        stock.press("Enter");
        assertThat(page.locator("#just-done")).containsText("Acrylic mirrors");
        assertThat(shifted()).as("what is in stock").isZero();

        page.navigate("/plan");
        page.locator(".tiles a", new Page.LocatorOptions().setHasText("Rice by the kilo"))
                .first()
                .click();
        page.waitForURL("**/cards/*");
        page.evaluate(WATCH_SHIFTS);
        page.locator("#children").fill("3");
        page.waitForResponse("**/bench*", () -> page.locator("#children").press("Tab"));
        page.waitForCondition(() -> page.locator(".htmx-request").count() == 0);
        assertThat(shifted()).as("a card's margin").isLessThan(0.01);
    }

    private double shifted() {
        return ((Number)
                        page.evaluate(
                                "() => new Promise(done => requestAnimationFrame(() => setTimeout(() => done(window.shifted), 0)))"))
                .doubleValue();
    }

    /** Bytes since it was asked last, as they came over the wire. */
    private int weight() {
        page.waitForLoadState(LoadState.NETWORKIDLE, new Page.WaitForLoadStateOptions().setTimeout(60_000));
        int bytes = 0;
        for (Request request : List.copyOf(finished)) {
            Sizes sizes = request.sizes();
            bytes += sizes.responseBodySize + sizes.responseHeadersSize;
        }
        finished.clear();
        return bytes;
    }
}
