package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.Test;

/** The plan of a room, the week board and shelves, dragged by mouse and by touch and moved by keys. */
class DragTest {

    private static final String KEPT = "Everything is saved.";

    @Test
    void furnitureIsDraggedByMouseSeenLiveUndoneAndKept() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = openPlan(laptop, "Loft");
            page.getByText("Add…").click();
            button(page, "Tall cupboard").click();
            Locator cupboard = page.locator("g.piece[data-kind=TALL_CUPBOARD]").last();
            assertThat(page.locator("[data-plan-state]")).hasText(KEPT);
            String blindBefore = blind(page);
            String placeBefore = cupboard.getAttribute("data-x");

            BoundingBox box = cupboard.boundingBox();
            page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
            page.mouse().down();
            page.mouse().move(box.x - 60, box.y + 50, new Mouse.MoveOptions().setSteps(12));
            page.waitForFunction(
                    "before => document.querySelector('.plan .blind').getAttribute('d') !== before", blindBefore);
            page.mouse().up();

            assertThat(page.locator("[data-plan-state]")).hasText(KEPT);
            org.assertj.core.api.Assertions.assertThat(cupboard.getAttribute("data-x"))
                    .isNotEqualTo(placeBefore);
            String placeAfter = cupboard.getAttribute("data-x");
            page.reload();
            assertThat(page.locator("g.piece[data-kind=TALL_CUPBOARD]").last()).hasAttribute("data-x", placeAfter);
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    @Test
    void furnitureIsMovedTurnedResizedAndTakenAwayByKeys() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = openPlan(laptop, "Nook");
            Locator table = page.locator("g.piece[data-kind=TRAY_STAND]").first();
            int x = number(table, "data-x");
            int width = number(table, "data-width");
            table.focus();

            page.keyboard().press("ArrowRight");
            page.keyboard().press("Shift+ArrowRight");
            page.keyboard().press("]");
            page.keyboard().press("+");

            assertThat(table).hasAttribute("data-x", String.valueOf(x + 60));
            assertThat(table).hasAttribute("data-turn", "15");
            assertThat(table).hasAttribute("data-width", String.valueOf(width + 50));
            assertThat(page.getByLabel("Width")).hasValue(String.valueOf((width + 50) / 10));
            page.keyboard().press("Delete");
            assertThat(page.locator("g.piece[data-kind=TRAY_STAND]")).hasCount(0);
            page.keyboard().press("Control+z");
            assertThat(page.locator("g.piece[data-kind=TRAY_STAND]").first())
                    .hasAttribute("data-x", String.valueOf(x + 60));
            assertThat(page.locator("[data-plan-state]")).hasText(KEPT);
        }
    }

    @Test
    void aStrokeWithoutAConnectionStaysOnTheDeviceAndIsSentLater() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            Page page = openPlan(laptop, "Burrow");
            Locator sofa = page.locator("g.piece[data-kind=SOFA]");
            int y = number(sofa, "data-y");
            page.context().setOffline(true);
            sofa.focus();
            page.keyboard().press("ArrowDown");
            assertThat(page.locator("[data-plan-state]")).containsText("It stays on this device");

            page.context().setOffline(false);
            page.reload();

            assertThat(page.locator("[data-plan-state]")).hasText(KEPT);
            page.reload();
            assertThat(page.locator("g.piece[data-kind=SOFA]")).hasAttribute("data-y", String.valueOf(y + 50));
        }
    }

    @Test
    void furnitureIsDraggedByTouch() {
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            Page page = openPlan(phone, "Loft");
            Locator rug = page.locator("g.piece[data-kind=RUG]").first();
            rug.scrollIntoViewIfNeeded();
            String before = rug.getAttribute("data-x");
            BoundingBox box = rug.boundingBox();

            swipe(
                    page,
                    box.x + box.width / 2,
                    box.y + box.height / 2,
                    box.x + box.width / 2 + 40,
                    box.y + box.height / 2);

            assertThat(page.locator("[data-plan-state]")).hasText(KEPT);
            org.assertj.core.api.Assertions.assertThat(rug.getAttribute("data-x"))
                    .isNotEqualTo(before);
        }
    }

    @Test
    void cardsArePutOutByLinksAndMovedByKeys() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = openWeek(laptop, 2);
            Locator target = place(page, 2, 0);

            page.locator(".deck-cards [data-card]", new Page.LocatorOptions().setHasText("Sorting office"))
                    .locator(".deck-act a.button")
                    .click();
            target.getByText("Here").click();
            assertThat(target).containsText("Sorting office");
            page.locator("[data-board][data-ready]").waitFor();

            target.locator("[data-block]").focus();
            page.keyboard().press("Alt+ArrowRight");
            assertThat(place(page, 3, 0)).containsText("Sorting office");
            assertThat(target).not().containsText("Sorting office");

            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    @Test
    void cardsAreDraggedFromTheDeckAndOnTheBoardByMouse() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = openWeek(laptop, 3);
            Locator first = place(page, 2, 0);
            Locator second = place(page, 3, 0);

            drag(page, page.locator(".deck-cards [data-card]").first(), first);
            assertThat(first.locator("[data-block]")).hasCount(1);
            String title = first.locator("[data-block] .stay-words > a").textContent();

            drag(page, first.locator("[data-block]"), second);
            assertThat(second.locator("[data-block] .stay-words > a")).hasText(title);
            assertThat(first.locator("[data-block]")).hasCount(0);
            assertThat(page).hasURL(java.util.regex.Pattern.compile(".*/week.*"));
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    @Test
    void theLineOfACalculatorIsPulledByMouseAndByKeys() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = laptop.page;
            page.navigate("/calculators/line");
            Locator line = page.locator("[data-handle=toLine]");
            Locator field = page.locator("#toLine");
            assertThat(line).hasAttribute("aria-valuenow", "500");

            BoundingBox box = line.boundingBox();
            page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
            page.mouse().down();
            page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 + 30, new Mouse.MoveOptions().setSteps(6));
            page.mouse().up();
            assertThat(page.locator("#answer")).not().containsText("Stays in the jug300");
            int pulled = Integer.parseInt(field.inputValue());
            org.assertj.core.api.Assertions.assertThat(pulled).isBetween(50, 475);
            assertThat(page.locator("#answer dd").last()).containsText(String.valueOf(800 - pulled));

            line.focus();
            page.keyboard().press("ArrowUp");
            assertThat(field).hasValue(String.valueOf(pulled + 25));
            assertThat(page.locator("#answer dd").last()).containsText(String.valueOf(800 - pulled - 25));
            assertThat(line).isFocused();
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    @Test
    void theEndOfABarIsDraggedToAnotherDay() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = openWeek(laptop, 5);
            drag(page, page.locator(".deck-cards [data-card]").first(), place(page, 1, 0));
            Locator bar = place(page, 1, 0).locator("[data-block]");
            assertThat(bar).hasAttribute("data-days", "1");

            BoundingBox end = bar.locator("[data-end]").boundingBox();
            BoundingBox thursday = place(page, 3, 0).boundingBox();
            page.mouse().move(end.x + end.width / 2, end.y + end.height / 2);
            page.mouse().down();
            page.mouse()
                    .move(thursday.x + thursday.width / 2, end.y + end.height / 2, new Mouse.MoveOptions().setSteps(8));
            page.mouse().up();

            assertThat(place(page, 1, 0).locator("[data-block]")).hasAttribute("data-days", "3");
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    @Test
    void thingsAreDraggedOnThePictureOfACardAndMovedByKeys() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = laptop.page;
            page.navigate("/plan");
            page.locator(".tiles a", new Page.LocatorOptions().setHasText("Missing house number"))
                    .click();
            page.locator(".card-tabs a", new Page.LocatorOptions().setHasText("Picture"))
                    .click();
            Locator first = page.locator("[data-piece='0-1']");
            String before = first.getAttribute("transform");
            BoundingBox from = first.boundingBox();

            page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
            page.mouse().down();
            page.mouse().move(from.x + from.width / 2, from.y - 40, new Mouse.MoveOptions().setSteps(6));
            page.mouse().up();
            assertThat(page.locator("#just-done")).containsText("Missing house number");
            assertThat(page.locator("[name=piece][value='0-1']")).isChecked();
            String dragged = page.locator("[data-piece='0-1']").getAttribute("transform");
            org.assertj.core.api.Assertions.assertThat(dragged).isNotEqualTo(before);

            page.locator("[data-set-up]").focus();
            page.keyboard().press("t");
            assertThat(page.locator("[data-piece='0-1']")).not().hasAttribute("transform", dragged);
            assertThat(page.locator("[data-piece='0-1']"))
                    .hasAttribute("transform", java.util.regex.Pattern.compile(".*rotate\\(\\d+\\)"));
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    @Test
    void aFingerThatRestsTakesACardAndOneThatPassesDoesNot() {
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            phone.arriveSignedIn("tobias");
            Page page = openWeek(phone, 4);
            Locator first = place(page, 0, 0);
            Locator second = place(page, 0, 1);
            page.locator(".deck-cards [data-card]")
                    .first()
                    .locator(".deck-act a.button")
                    .click();
            first.getByText("Here").click();
            page.locator("[data-board][data-ready]").waitFor();
            Locator block = first.locator("[data-block]");
            String title = block.locator(".stay-words > a").textContent();

            inTheMiddle(block);
            BoundingBox from = block.boundingBox();
            BoundingBox to = second.boundingBox();
            swipe(page, from.x + 20, from.y + 12, to.x + 30, to.y + 20);
            assertThat(block).hasCount(1);

            inTheMiddle(block);
            from = block.boundingBox();
            to = second.boundingBox();
            CDPSession finger = page.context().newCDPSession(page);
            touch(finger, "touchStart", from.x + 20, from.y + 12);
            page.locator(".board-card.ghost").waitFor();
            move(finger, from.x + 20, from.y + 12, to.x + 30, to.y + 20);
            assertThat(second.locator("[data-block] .stay-words > a")).hasText(title);
            assertThat(block).hasCount(0);
        }
    }

    @Test
    void cardsAreDraggedOnToAShelfAndMovedThereByKeys() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = laptop.page;
            page.navigate("/set-out");
            page.locator("[data-board][data-ready]").waitFor();
            Locator shelf = page.locator("section[aria-label='Weighing desk'] [data-cell]");
            Locator card = page.locator(
                    ".deck-cards [data-card]", new Page.LocatorOptions().setHasText("Missing house number"));

            drag(page, card, shelf.nth(2));
            assertThat(shelf.nth(2)).containsText("Missing house number");

            shelf.nth(2).locator("[data-block]").focus();
            page.keyboard().press("Alt+ArrowRight");
            assertThat(shelf.nth(3)).containsText("Missing house number");

            drag(
                    page,
                    page.locator(
                            ".deck-cards [data-card]", new Page.LocatorOptions().setHasText("Lentils to the line")),
                    shelf.nth(4));
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Set out: Lentils")))
                    .isVisible();
            assertThat(page.getByLabel("Where")).hasValue(java.util.regex.Pattern.compile(".+"));
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    /** Nothing is saved: other tests plan on these sessions. */
    @Test
    void bordersOfSessionsAreMovedByKeysAndDraggedAndTheTimesFollow() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = laptop.page;
            page.navigate("/week?");
            page.navigate(page.url().replaceAll("/week.*", "/sessions"));
            Locator border = page.locator(".time-slider").nth(1);
            String name = border.getAttribute("aria-label");
            String before = border.getAttribute("aria-valuetext");
            Locator ends = page.locator("[data-session] [name^='to-']").first();
            Locator begins = page.locator("[data-session] [name^='from-']").nth(1);
            assertThat(ends).hasValue(before);

            border.focus();
            page.keyboard().press("ArrowLeft");
            assertThat(border).not().hasAttribute("aria-valuetext", before);
            assertThat(border).isFocused();
            assertThat(ends).hasValue(border.getAttribute("aria-valuetext"));
            page.keyboard().press("ArrowRight");
            assertThat(ends).hasValue(before);

            BoundingBox from = border.boundingBox();
            page.mouse().move(from.x + from.width / 2, from.y + 10);
            page.mouse().down();
            page.mouse().move(from.x - 40, from.y + 10, new Mouse.MoveOptions().setSteps(8));
            page.mouse().up();
            assertThat(border).hasAttribute("aria-label", name);
            assertThat(border).not().hasAttribute("aria-valuetext", before);
            assertThat(ends).hasValue(border.getAttribute("aria-valuetext"));
            assertThat(begins).hasValue(border.getAttribute("aria-valuetext"));
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    /** What is dragged is kept at once and can be undone; what is moved by keys, once it is saved. */
    @Test
    void hoursOfAnAdultAreDraggedLongerAndMovedByKeysAndComeBackWithUndo() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = laptop.page;
            page.navigate("/week?");
            page.navigate(page.url().replaceAll("/week.*", "/rota"));
            Locator shift = page.locator("[data-shift]").first();
            Locator end = shift.locator(".time-slider").last();
            String before = end.getAttribute("aria-valuetext");
            end.scrollIntoViewIfNeeded();
            BoundingBox from = end.boundingBox();
            page.mouse().move(from.x + from.width / 2, from.y + 5);
            page.mouse().down();
            page.mouse().move(from.x + from.width / 2 - 60, from.y + 5, new Mouse.MoveOptions().setSteps(6));
            page.mouse().up();
            assertThat(page.locator("#just-done")).containsText("changed the hours of");
            assertThat(end).not().hasAttribute("aria-valuetext", before);

            page.locator("#just-done button").click();
            assertThat(page.locator("#just-done")).containsText("undid a change");
            assertThat(end).hasAttribute("aria-valuetext", before);

            end.focus();
            page.keyboard().press("ArrowLeft");
            assertThat(end).not().hasAttribute("aria-valuetext", before);
            shift.locator(".shift-save").click();
            assertThat(page.locator("#just-done")).containsText("changed the hours of");
            page.locator("#just-done button").click();
            assertThat(end).hasAttribute("aria-valuetext", before);
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    /** A place of the first session, by day and from the top. */
    private static Locator place(Page page, int day, int line) {
        return page.locator(".week-part")
                .first()
                .locator(".week-line")
                .nth(line)
                .locator(".line-days > li")
                .nth(day);
    }

    /** The board of a week that far ahead, where nothing is planned. */
    private static Page openWeek(Device device, int weeksAhead) {
        Page page = device.page;
        page.navigate("/week?");
        for (int week = 0; week < weeksAhead; week++) {
            page.navigate(page.getByText("Next week").getAttribute("href"));
        }
        page.locator("[data-board][data-ready]").waitFor();
        return page;
    }

    /** In the middle of the screen, and the page at rest: one that was swiped runs on for a while, away from under the next finger. */
    private static void inTheMiddle(Locator what) {
        what.evaluate("""
                what => new Promise(done => {
                  let was = null, still = 0;
                  const look = () => {
                    still = scrollY === was ? still + 1 : 0;
                    was = scrollY;
                    if (still < 10) return requestAnimationFrame(look);
                    what.scrollIntoView({block: 'center', behavior: 'instant'});
                    return requestAnimationFrame(done);
                  };
                  look();
                })""");
    }

    /** By the mouse, from beside the title of a card to the middle of a place. */
    private static void drag(Page page, Locator what, Locator onTo) {
        what.scrollIntoViewIfNeeded();
        BoundingBox from = what.boundingBox();
        page.mouse().move(from.x + 4, from.y + 4);
        page.mouse().down();
        onTo.scrollIntoViewIfNeeded();
        BoundingBox to = onTo.boundingBox();
        page.mouse().move(to.x + to.width / 2, to.y + to.height / 2, new Mouse.MoveOptions().setSteps(10));
        page.mouse().up();
    }

    private static Page openPlan(Device device, String room) {
        device.arriveSignedIn("imelda");
        Page page = device.page;
        page.navigate("/rooms");
        page.locator("section.room", new Page.LocatorOptions().setHasText(room))
                .first()
                .getByText("Plan of the room and garden")
                .click();
        page.locator("svg.plan [data-carder][tabindex]").first().waitFor();
        return page;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static String blind(Page page) {
        return String.valueOf(page.locator(".plan .blind").getAttribute("d"));
    }

    private static int number(Locator thing, String name) {
        return Integer.parseInt(thing.getAttribute(name));
    }

    /** A finger, by the browser's own protocol: Playwright has taps only. */
    private static void swipe(Page page, double fromX, double fromY, double toX, double toY) {
        CDPSession browser = page.context().newCDPSession(page);
        touch(browser, "touchStart", fromX, fromY);
        move(browser, fromX, fromY, toX, toY);
    }

    private static void move(CDPSession browser, double fromX, double fromY, double toX, double toY) {
        for (int step = 1; step <= 8; step++) {
            touch(browser, "touchMove", fromX + (toX - fromX) * step / 8, fromY + (toY - fromY) * step / 8);
        }
        JsonObject end = new JsonObject();
        end.addProperty("type", "touchEnd");
        end.add("touchPoints", new JsonArray());
        browser.send("Input.dispatchTouchEvent", end);
    }

    private static void touch(CDPSession browser, String type, double x, double y) {
        JsonObject point = new JsonObject();
        point.addProperty("x", x);
        point.addProperty("y", y);
        JsonArray points = new JsonArray();
        points.add(point);
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        browser.send("Input.dispatchTouchEvent", event);
    }
}
