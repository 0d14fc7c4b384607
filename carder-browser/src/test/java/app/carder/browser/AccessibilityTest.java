package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.browser.RunningCarder.Size;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** Every page with axe and with nothing out of reach, at desk and in the hand; and the keyboard alone. */
class AccessibilityTest {

    /** What can be used but lies beyond the edge of the screen or is squeezed to nothing, unless its part of the page scrolls. */
    private static final String OUT_OF_REACH = """
            () => {
              const scrolls = element => {
                for (let up = element.parentElement; up && up !== document.body; up = up.parentElement) {
                  if (['auto', 'scroll'].includes(getComputedStyle(up).overflowX)) return true;
                }
                return false;
              };
              const faults = [...document.querySelectorAll('main input, main select, main textarea, main button, main a')]
                .filter(element => element.type !== 'hidden' && element.checkVisibility({checkVisibilityCSS: true}))
                .filter(element => !element.matches('.sr, .sr *') && !scrolls(element))
                .filter(element => {
                  const box = element.getBoundingClientRect();
                  return box.width < 8 || box.left < -1 || box.right > innerWidth + 1;
                })
                .map(element => 'out of reach: ' + element.outerHTML.slice(0, 120));
              if (document.documentElement.scrollWidth > innerWidth) {
                faults.push('the page is wider than the screen');
              }
              return faults;
            }""";

    static Stream<Arguments> sizes() {
        return Stream.of(Arguments.of("a laptop", RunningCarder.DESKTOP), Arguments.of("a phone", RunningCarder.PHONE));
    }

    @ParameterizedTest(name = "on {0}")
    @MethodSource("sizes")
    void axeFindsNoViolationAndNothingIsOutOfReachOnAnyPage(String where, Size size) {
        List<String> violations = new ArrayList<>();
        try (Device device = RunningCarder.get().device(size)) {
            Page page = device.page;
            page.navigate("/sign-in?wrong");
            check(page, violations);
            device.signIn("imelda");
            for (String path : List.of(
                    "/",
                    "/plan",
                    "/set-out",
                    "/watch/",
                    "/devices",
                    "/children",
                    "/materials",
                    "/materials?q=jug",
                    "/materials/new",
                    "/materials/import",
                    "/kits",
                    "/kits/new",
                    "/reckoners",
                    "/reckoners/dough",
                    "/reckoners/pouring",
                    "/reckoners/shop",
                    "/reckoners/dice?squares=none",
                    "/rooms",
                    "/week",
                    "/what-carder-looks-at",
                    "/calendar",
                    "/journals",
                    "/journals/new",
                    "/outbox",
                    "/staff",
                    "/access-log",
                    "/nothing-here")) {
                page.navigate(path);
                check(page, violations);
            }
            for (String[] way : new String[][] {
                {"/plan", ".deck .row a"},
                {"/plan", "text=Make a card"},
                {"/plan", "text=By week"},
                {"/plan", "text=By room"},
                {"/plan", "text=take over"},
                {"/materials", ".cupboard h2 a"},
                {"/materials", "text=None left?"},
                {"/kits", ".kits h2 a"},
                {"/rooms", "text=Safety rules"},
                {"/rooms", "text=Plan of the room and garden"},
                {"/rooms", "text=Sessions of the day"},
                {"/week", "text=Rota"},
                {"/week", "text=Focus groups"},
                {"/week", "text=Long investigations"},
                {"/week", "text=Week after"},
                {"/week", "text=Put out"},
                {"/set-out", ".deck-act a"},
                {"/set-out", "text=set-out list"},
                {"/set-out", ".block-foot a"},
                {"/", "text=Shopping"},
                {"/", "text=Preparation"},
                {"/children", ".peg-link"},
                {"/children", "text=Add a child"},
                {"/children", ".child-row > a:last-child"},
                {"/", "text=Write at a desk"},
                {"/journals", ".pick a"}
            }) {
                page.navigate(way[0]);
                page.locator(way[1]).first().click();
                page.waitForLoadState();
                check(page, violations);
                if (page.locator("form.form .action").count() > 0
                        && page.locator("#title").count() > 0) {
                    page.locator("#title").fill("");
                    page.locator("form.form .action").click();
                    page.waitForLoadState();
                    check(page, violations);
                }
            }
            for (String part : List.of("Sets and mixes", "Ladder", "Preparation", "Taken up", "Print and share")) {
                page.navigate("/plan");
                page.locator(".deck .row a", new Page.LocatorOptions().setHasText("Painted rice for mosaics"))
                        .click();
                page.locator(".card-tabs a", new Page.LocatorOptions().setHasText(part))
                        .click();
                page.waitForLoadState();
                check(page, violations);
            }
            page.navigate("/children");
            page.locator(".peg-link", new Page.LocatorOptions().setHasText("Anouk"))
                    .click();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Write down a carer"))
                    .click();
            check(page, violations);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Write down"))
                    .click();
            check(page, violations);
            page.navigate("/");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Write at a desk"))
                    .click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep it"))
                    .click();
            check(page, violations);
            checkTheApp(page, violations);
            page.navigate("/outbox");
            page.navigate(page.locator("main").innerText().replaceAll("(?s).*?(/open/\\S+).*", "$1"));
            check(page, violations);
            page.navigate("/journals");
            page.locator(".pick a", new Page.LocatorOptions().setHasText("Approved"))
                    .first()
                    .click();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Preview as the family reads it"))
                    .click();
            check(page, violations);
            page.goBack();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Invite the family"))
                    .click();
            check(page, violations);
        }
        try (Device device = RunningCarder.get().device(size)) {
            device.signIn("anouk.grandfather");
            device.page.navigate("/family");
            check(device.page, violations);
            device.page.locator(".pick a").first().click();
            check(device.page, violations);
        }
        assertThat(violations).isEmpty();
    }

    @ParameterizedTest(name = "on {0}")
    @MethodSource("sizes")
    void axeFindsNoViolationOnTheFirstRun(String where, Size size) {
        List<String> violations = new ArrayList<>();
        RunningCarder.get().beforeTheFirstRun(size, device -> {
            device.page.navigate("/");
            check(device.page, violations);
            device.page
                    .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make it"))
                    .click();
            assertThat(device.page.locator("[role=alert]").innerText()).contains("The name of the setting is missing");
            check(device.page, violations);
        });
        assertThat(violations).isEmpty();
    }

    @Test
    void axeFindsNoViolationWhenTwoPeopleEditOneCard() {
        List<String> violations = new ArrayList<>();
        try (Device device = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            device.signIn("precious");
            device.page.navigate("/plan");
            device.page.locator(".deck .row a").first().click();
            Page second = device.context.newPage();
            second.navigate(device.page.url());
            for (Page page : List.of(second, device.page)) {
                page.getByLabel("Intention").fill("Changed in " + page.hashCode());
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the card"))
                        .click();
                page.waitForLoadState();
            }
            assertThat(device.page.locator("[role=alert]").innerText()).contains("Precious Adeyemi saved this card");
            check(device.page, violations);
        }
        assertThat(violations).isEmpty();
    }

    @Test
    void reachesEveryStationByOneKeyUntilThatIsSwitchedOff() {
        try (Device device = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = device.page;
            device.signIn("tobias");

            page.keyboard().press("p");
            page.waitForURL("**/cards");
            page.keyboard().press("n");
            page.waitForURL("**/cards/new");
            page.locator("#title").fill("typing s does not set out");
            assertThat(page.url()).endsWith("/cards/new");

            page.navigate("/");
            page.keyboard().press("?");
            assertThat(page.locator("dialog#shortcuts").innerText()).contains("Plan", "Watch");
            page.locator("[data-shortcuts-on]").uncheck();
            page.locator("dialog button").click();
            page.keyboard().press("p");
            assertThat(page.url()).doesNotContain("cards");
            assertThat(device.complaints()).isEmpty();
        }
    }

    @Test
    void recordsAnObservationWithTheKeyboardAlone() {
        try (Device device = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = device.page;
            device.signIn("hamish");
            page.navigate("/watch/");
            page.locator("[data-children] input").first().focus();
            page.keyboard().press("Space");
            page.locator("[data-go=snapshot]").focus();
            page.keyboard().press("Enter");
            page.locator("#note").focus();
            page.keyboard().type("Written by keys alone.");
            page.locator("input[name=involvement]").first().focus();
            page.keyboard().press("ArrowDown");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep it"))
                    .focus();
            page.keyboard().press("Enter");
            com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(page.locator("[data-screen=start]"))
                    .isVisible();
            com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(page.locator("[data-state]"))
                    .containsText("All sent");
            assertThat(RunningCarder.get()
                            .application()
                            .getBean(JdbcTemplate.class)
                            .queryForList(
                                    "select involvement from observation where note = 'Written by keys alone.'",
                                    Integer.class))
                    .hasSize(1)
                    .doesNotContainNull();
        }
    }

    /** Every screen of watching in the hand, with all that can be opened open. */
    private static void checkTheApp(Page page, List<String> violations) {
        page.navigate("/watch/");
        page.locator("[data-children] label", new Page.LocatorOptions().setHasText("Yusuf"))
                .click();
        page.locator("[data-elbow-open]").click();
        page.locator(".hand-answers summary").first().click();
        check(page, violations);
        page.locator("[data-elbow-close]").click();
        for (String method : List.of("play", "snapshot", "sample", "map", "count", "listen")) {
            page.locator("[data-go=" + method + "]").click();
            if (method.equals("play")) {
                page.locator("[data-tap]").first().click();
            } else if (method.equals("snapshot")) {
                page.locator("#note").fill("Yusuf was lazy.");
            }
            page.locator("[data-screen]:not([hidden]) summary").all().forEach(com.microsoft.playwright.Locator::click);
            check(page, violations);
            page.locator("[data-back]").click();
        }
        page.locator("[data-go=snapshot]").click();
        page.locator("#note").fill("");
    }

    /** Adds what axe finds on a page as it stands, and what lies out of reach. */
    static void check(Page page, List<String> violations) {
        ((List<?>) page.evaluate(OUT_OF_REACH)).forEach(fault -> violations.add(page.url() + ": " + fault));
        new AxeBuilder(page)
                .analyze()
                .getViolations()
                .forEach(rule -> violations.add(page.url() + ": " + rule.getId() + " "
                        + rule.getNodes().get(0).getHtml()));
    }
}
