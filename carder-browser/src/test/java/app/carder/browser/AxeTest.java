package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What all pages are held to finds what is wrong. */
class AxeTest {

    @Test
    void findsWhatCannotBeReadAndWhatLiesOutOfReach() {
        List<String> violations = new ArrayList<>();
        try (Device device = RunningCarder.get().device(RunningCarder.PHONE)) {
            device.page.setContent("<html lang='en'><head><title>A page</title></head><body><main><h1>A page</h1>"
                    + "<svg role='img' width='9' height='9'></svg><p style='color: #ddd'>faint</p>"
                    + "<a href='/' style='position: absolute; left: 900px'>far away</a></main></body></html>");

            Axe.check(device.page, violations);
        }

        assertThat(violations)
                .anyMatch(found -> found.contains("svg-img-alt"))
                .anyMatch(found -> found.contains("color-contrast"))
                .anyMatch(found -> found.contains("out of reach") && found.contains("far away"));
    }

    @Test
    void findsWhatCannotBeReadInTheDarkOnly() {
        List<String> violations = new ArrayList<>();
        try (Device device = RunningCarder.get().device(RunningCarder.PHONE)) {
            device.page.setContent("<html lang='en'><head><title>A page</title><style>"
                    + "@media (prefers-color-scheme: dark) { body { background: #111 } }</style></head>"
                    + "<body><main><h1 style='color: #222'>A page</h1></main></body></html>");

            Axe.check(device.page, violations);
            assertThat(violations).isEmpty();
            Axe.checkInTheDark(device.page, violations);
        }

        assertThat(violations).anyMatch(found -> found.contains("color-contrast"));
    }
}
