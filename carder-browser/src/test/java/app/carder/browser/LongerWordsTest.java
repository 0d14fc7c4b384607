package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
            for (String path : AllPlaces.of(page)) {
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
}
