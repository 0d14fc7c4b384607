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

    private final List<String> faults = new ArrayList<>();

    @Test
    void nothingIsCutOffWhereWordsAreLonger() {
        try (Device device = device("imelda")) {
            for (String path : AllPlaces.of(device.page)) {
                device.page.navigate(path);
                look(device.page, path);
            }
        }
        assertThat(faults).isEmpty();
    }

    @Test
    void norOnWhatAFamilyReads() {
        try (Device device = device("anouk.grandfather")) {
            device.page.navigate("/family");
            look(device.page, "/family");
            device.page.locator(".pick a").first().click();
            device.page.waitForURL("**/family/journals/*");
            look(device.page, "a journal");
        }
        assertThat(faults).isEmpty();
    }

    @Test
    void norInTheHand() {
        try (Device device = device("imelda")) {
            Page page = device.page;
            page.navigate("/watch/");
            page.locator("[data-choose-button]").waitFor();
            look(page, "choosing a PIN");
            Unlocking.of(page);
            page.locator("[data-children] label").first().click();
            look(page, "choosing children");
            for (String method : List.of("play", "snapshot", "sample", "map", "count", "listen")) {
                page.locator("[data-go=" + method + "]").click();
                look(page, method);
                page.locator("[data-back]").click();
            }
        }
        assertThat(faults).isEmpty();
    }

    /** Somebody whose browser asks for the language that nobody speaks. */
    private static Device device(String username) {
        Device device = RunningCarder.get().device(RunningCarder.DESKTOP);
        device.context.setExtraHTTPHeaders(Map.of("Accept-Language", "en-XA"));
        Page page = device.page;
        page.navigate("/sign-in");
        page.locator("#username").fill(username);
        page.locator("#password").fill("parcels-and-post");
        page.locator("form .action").click();
        page.waitForURL(address -> !address.endsWith("/sign-in"));
        return device;
    }

    private void look(Page page, String what) {
        assertThat(page.locator("h1, h2").locator("visible=true").first().innerText())
                .as(what)
                .contains("⟦");
        for (int width : List.of(1280, 640, 360)) {
            page.setViewportSize(width, HEIGHT);
            page.waitForFunction("width => innerWidth === width", width);
            CutOff.on(page).forEach(fault -> faults.add(what + " at " + width + ": " + fault));
        }
    }
}
