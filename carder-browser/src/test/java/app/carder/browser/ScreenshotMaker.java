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
            shot(laptop, "/plan", ".deck .row a >> text=Rice by the kilo", "card-bench");
            shot(laptop, "/plan", "text=By week", "plan-week");
            shot(laptop, "/plan", ".deck .row a >> text=Painted rice for mosaics", "card-preparation", "Preparation");
            shot(laptop, "/reckoners/pouring?rung=TWO_EQUAL&fill=Water&tolerance=2", null, "reckoner-pouring");
            shot(laptop, "/set-out", "[data-card]:has-text('Lentils to the line') .deck-act a", "set-out-safety");
            shot(laptop, "/children", ".peg-link >> text=Anouk", "child-deck");
            shot(laptop, "/journals", ".pick a >> text=Bram", "journal-desk");
            shot(laptop, "/materials", null, "cupboard");
            shot(laptop, "/set-out", null, "set-out-shelf");
            shot(laptop, "/week", null, "week-board");
            shot(laptop, "/week", "text=Plan of the room", "room-plan");
            shot(laptop, "/week", "text=Rota", "rota");
            laptop.page.navigate("/week");
            laptop.page.getByText("Propose this week").click();
            laptop.page.getByText("Put it on the board").waitFor();
            save(laptop, "week-proposal");
        }
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            phone.signIn("hamish");
            shot(phone, "/watch", null, "phone-watch");
            shot(phone, "/", "text=Shopping", "phone-list");
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
        device.page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
