package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.browser.RunningCarder.Size;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.jdbc.core.JdbcTemplate;

/** A practitioner of the Loft with a phone, and what a thumb does. */
abstract class InTheHand {

    /** What is typed is worked over 600,000 times to open a store, which its own test holds; here every test would wait for it. */
    private static final String FEWER_ROUNDS = """
            if (globalThis.SubtleCrypto) {
              const derive = SubtleCrypto.prototype.deriveKey;
              SubtleCrypto.prototype.deriveKey = function (algorithm, ...rest) {
                return derive.call(this, algorithm.name === 'PBKDF2' ? {...algorithm, iterations: 1000} : algorithm, ...rest);
              };
            }""";

    private final List<Device> devices = new ArrayList<>();
    Device phone;
    Page page;

    @BeforeEach
    void takeAPhone() {
        phone = take(RunningCarder.PHONE, "hamish");
        page = phone.page;
    }

    @AfterEach
    void putThemDown() {
        for (Device device : devices) {
            assertThat(device.complaints()).isEmpty();
            device.close();
        }
    }

    /** Is put down with the others. */
    Device keep(Device device) {
        device.context.addInitScript(FEWER_ROUNDS);
        devices.add(device);
        return device;
    }

    Device take(Size size, String username) {
        Device device = keep(RunningCarder.get().device(size));
        device.arriveSignedIn(username);
        device.openWatch();
        assertThat(device.page.locator("[data-screen=start]")).isVisible();
        assertThat(state(device.page)).containsText("All sent");
        device.page.waitForFunction("() => navigator.serviceWorker.controller !== null");
        return device;
    }

    /** Loads the page anew: it is locked then. */
    static void reload(Page page) {
        page.reload();
        Unlocking.of(page);
    }

    static void choose(Page page, String... children) {
        if (page.locator("[data-back]").isVisible()) {
            button(page, "Back").click();
        }
        Locator chosen = page.locator("[data-children] label:has(input:checked)");
        while (chosen.count() > 0) {
            chosen.first().click();
        }
        for (String child : children) {
            page.locator("[data-children] label", new Page.LocatorOptions().setHasText(child))
                    .click();
        }
        if (children.length > 0) {
            assertThat(page.locator("[data-children]")).hasAttribute("data-kept", String.valueOf(children.length));
        }
    }

    static void go(Page page, String method) {
        if (method == null) {
            button(page, "Stop watching").click();
        } else {
            page.locator("[data-go]", new Page.LocatorOptions().setHasText(method))
                    .click();
        }
    }

    static void tap(Page page, String key) {
        page.locator("[data-tap]", new Page.LocatorOptions().setHasText(key)).click();
    }

    static Locator band(Page page, String child) {
        return page.locator(".hand-band", new Page.LocatorOptions().setHasText(child));
    }

    static Locator note(Page page) {
        return page.locator("#note");
    }

    static Locator state(Page page) {
        return page.locator("[data-state]");
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    static Integer count(String sql, Object... arguments) {
        return database().queryForObject(sql, Integer.class, arguments);
    }

    /** The records that are there: what a test made itself is what is there beside them afterwards. */
    static UUID[] records() {
        return database()
                .queryForList("select distinct record_id from watch_entry", UUID.class)
                .toArray(UUID[]::new);
    }

    private static JdbcTemplate database() {
        return RunningCarder.get().application().getBean(JdbcTemplate.class);
    }
}
