package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
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
        device.arriveSignedIn(username);
        return device;
    }

    /**
     * Looks at a page as it stands, in the light on a phone and in the dark at a desk: nothing but the width and the colours tells them
     * apart, so it need not be opened twice. What the two leave out, light at a desk and dark on a phone, has the same colours.
     */
    void check(Page page) {
        page.setViewportSize(RunningCarder.PHONE.width(), RunningCarder.PHONE.height());
        Axe.check(page, violations);
        page.setViewportSize(RunningCarder.DESKTOP.width(), RunningCarder.DESKTOP.height());
        Axe.checkInTheDark(page, violations);
    }
}
