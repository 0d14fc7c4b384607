package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Makes the pictures of docs/screenshots from the demo data; run by {@code ./carder shots}. */
@EnabledIfSystemProperty(named = "carder.shots", matches = ".+")
class ScreenshotMaker {

    private final Path folder = Path.of(System.getProperty("carder.shots", "target"));

    @Test
    void makesOnePictureOfEveryMainView() throws IOException {
        Files.createDirectories(folder);
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.signIn("tobias");
            shot(laptop, "/", null, "today");
            shot(laptop, "/plan", null, "plan-deck");
            shot(laptop, "/plan", ".tiles a >> text=Rice by the kilo", "card-bench");
            shot(
                    laptop,
                    "/calculators/pouring?step=TWO_EQUAL&fill=Water&months=50&tolerance=2",
                    null,
                    "calculator-pouring");
            shot(laptop, "/set-out", "[data-card]:has-text('Lentils to the line') .deck-act a", "set-out-safety");
            laptop.page.navigate("/children");
            laptop.page.locator(".peg-link >> text=Anouk").click();
            laptop.page.locator("text=At play").click();
            laptop.page.waitForLoadState();
            save(laptop, "child-play");
            shot(laptop, "/journals", ".pick a >> text=Bram", "journal-desk");
            laptop.page.navigate("/materials");
            laptop.page.locator(".running-out").waitFor();
            save(laptop, "cupboard");
            shot(laptop, "/set-out", null, "set-out-shelf");
            shot(laptop, "/week", null, "week-board");
            shot(laptop, "/week", ".places >> text=Rehearse the day", "rehearsal");
            shot(laptop, "/set-out", ".places >> text=Room plan", "room-plan");
            shot(laptop, "/week", ".places >> text=Rota", "rota");
            laptop.page.navigate("/week");
            laptop.page.getByText("Suggest this week").click();
            laptop.page.getByText("Put it on the board").waitFor();
            save(laptop, "week-proposal");
        }
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            phone.signIn("hamish");
            phone.openWatch();
            for (String child : new String[] {"Anouk", "Bram"}) {
                phone.page
                        .locator("[data-children] label", new Page.LocatorOptions().setHasText(child))
                        .click();
            }
            phone.page
                    .locator("[data-cards] label:has-text('Rice by the kilo')")
                    .click();
            phone.page.clock().install();
            phone.page.locator("[data-go=play]").click();
            play(phone.page, "Anouk", "CHOSE", "02:10", "REPEATED", "01:40", "ADULT_BROKE_IN");
            play(phone.page, "Bram", "INVITED", "00:25", "ENGAGED", "01:30", "LOOKED_UP");
            play(phone.page, "Anouk", "WENT_BACK", "02:20", "REPEATED", "00:40", "TALKED");
            save(phone, "phone-watch");
            phone.page.locator("[data-back]").click();
            phone.page.locator("[data-go=snapshot]").click();
            phone.page
                    .locator("#note")
                    .fill(
                            "Anouk was happy at the scales. She took half a scoop out again and said “now it is the same sleepy”. Bram poured a lot.");
            save(phone, "phone-snapshot");
            phone.page.locator("[data-back]").click();
            phone.page.locator("[data-go=register]").click();
            save(phone, "phone-register");
            shot(phone, "/children", ".peg-link >> text=Anouk", "phone-child");
        }
        try (Device carer = RunningCarder.get().device(RunningCarder.PHONE)) {
            carer.signIn("anouk.grandfather");
            shot(carer, "/family", ".pick a", "phone-family-journal");
        }
        try (var files = Files.list(folder)) {
            assertThat(files.filter(file -> file.toString().endsWith(".png"))).hasSizeBetween(12, 19);
        }
    }

    /** Taps and the time that passes after each. */
    private static void play(Page page, String child, String... tapsAndTimes) {
        page.locator(".hand-band", new Page.LocatorOptions().setHasText(child)).click();
        for (String each : tapsAndTimes) {
            if (each.contains(":")) {
                page.clock().fastForward(each);
            } else {
                page.locator("[data-tap][value=" + each + "]").click();
            }
        }
    }

    private void shot(Device device, String path, String click, String name, String... tab) {
        device.page.navigate(path);
        if (click != null) {
            device.page.locator(click).first().click();
            device.page.waitForLoadState();
        }
        for (String part : tab) {
            device.page.locator(".card-tabs a >> text=" + part).click();
            device.page.waitForLoadState();
        }
        save(device, name);
    }

    private void save(Device device, String name) {
        device.page.evaluate("document.fonts.ready");
        // The pages allow no text as code, so that nothing is waited for in the page but a promise.
        device.page.evaluate(
                "() => Promise.all([...document.images].filter(one => one.getBoundingClientRect().top < innerHeight)"
                        + ".map(one => one.decode().catch(() => {})))");
        device.page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
