package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.browser.RunningCarder.Size;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;

/** Pages with axe and with nothing out of reach, each at the size of a desk and of a phone, and with their colours in the dark. */
abstract class EveryPage {

    private final List<String> violations = new ArrayList<>();

    @AfterEach
    void axeFoundNoViolationAndNothingIsOutOfReach() {
        assertThat(violations).isEmpty();
    }

    /** A signed-in person at a desk. */
    static Device device(String username) {
        Device device = RunningCarder.get().device(RunningCarder.DESKTOP);
        device.signIn(username);
        return device;
    }

    /** Looks at a page as it stands, at both sizes: nothing but the width tells them apart, so it need not be opened twice. */
    void check(Page page) {
        for (Size size : List.of(RunningCarder.PHONE, RunningCarder.DESKTOP)) {
            page.setViewportSize(size.width(), size.height());
            Axe.check(page, violations);
        }
        Axe.checkInTheDark(page, violations);
    }
}
