package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Pages in a language whose words are two fifths longer, at a desk, at twice the size and on a small phone. */
class LongerWordsTest {

    private static final int HEIGHT = 800;

    @Test
    void nothingIsCutOffWhereWordsAreLonger() {
        List<String> faults = new ArrayList<>();
        try (Device device = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            device.context.setExtraHTTPHeaders(Map.of("Accept-Language", "en-XA"));
            Page page = device.page;
            page.navigate("/sign-in");
            page.locator("#username").fill("imelda");
            page.locator("#password").fill("parcels-and-post");
            page.locator("form .action").click();
            page.waitForURL(address -> !address.endsWith("/sign-in"));
            for (String path : places(page)) {
                page.navigate(path);
                assertThat(page.locator("h1").first().innerText()).as(path).contains("⟦");
                for (int width : List.of(1280, 640, 360)) {
                    page.setViewportSize(width, HEIGHT);
                    page.waitForFunction("width => innerWidth === width", width);
                    CutOff.on(page).forEach(fault -> faults.add(path + " at " + width + ": " + fault));
                }
            }
        }

        assertThat(faults).isEmpty();
    }

    /** All that stands in the frame, and the forms behind it. */
    private static Set<String> places(Page page) {
        Set<String> places = new LinkedHashSet<>(List.of(
                "/",
                "/find?q=rice",
                "/materials/new",
                "/materials/import",
                "/kits/new",
                "/calculators/dough",
                "/journals/new"));
        for (String tab : List.of("/plan", "/set-out", "/children", "/journals")) {
            page.navigate(tab);
            page.locator(".tabs a, .places a, .menu-sheet nav a")
                    .all()
                    .forEach(link -> places.add(link.getAttribute("href")));
        }
        // Watch is a page of its own, without the frame.
        places.remove("/watch");
        places.remove("/watch/");
        return places;
    }
}
