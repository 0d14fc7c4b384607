package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Size;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** The ways of watching in the hand, and what stands at the elbow. */
@Order(Integer.MAX_VALUE)
class WatchMethodsTest extends InTheHand {

    /** What is too small for a thumb: text fields and links within sentences are not meant. */
    private static final String TOO_SMALL = """
            () => [...document.querySelectorAll("button, select, summary, label:has(input[type=radio], input[type=checkbox]), .hand-top a")]
              .filter(one => one.offsetParent && !one.closest(".ticks"))
              .map(one => [one.textContent.trim().slice(0, 30), one.getBoundingClientRect()])
              .filter(([, box]) => box.width < 43.5 || box.height < 43.5)
              .map(([text, box]) => `${text} ${box.width} x ${box.height}`)""";

    @Test
    void wordsThatJudgeAreMarkedAndTheGuideAnswersByKeyboard() {
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("Kofi was lazy. Bram poured a lot. He said “I am happy”.");
        assertThat(page.locator("[data-marks] q")).hasText(new String[] {"lazy", "Bram", "a lot"});
        assertThat(page.locator("[data-marks]")).containsText("sat for 6 min with hands in lap");
        assertThat(page.locator("[data-marks]")).containsText("For families");
        note(page).fill("");

        button(page, "Should I step in?").focus();
        page.keyboard().press("Enter");
        page.keyboard().press("Enter");

        assertThat(page.locator("[data-elbow]").getByText("Yes, now. Step in at once."))
                .isVisible();
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-elbow]")).isHidden();
        assertThat(button(page, "Should I step in?")).isFocused();
    }

    @Test
    void looksPathsCountsAndWordsAreKept() {
        UUID[] before = records();
        choose(page, "Esperanza");
        go(page, "Time sample");
        assertThat(page.locator("[data-prompt]")).containsText("Look now: Esperanza");
        label(page, "Post office").click();
        label(page, "Pretending").click();
        button(page, "Save this sample").click();
        assertThat(page.locator("[data-sample-sum]")).containsText("Samples so far: 1. Most often: Pretending 1");
        button(page, "Back").click();
        go(page, "Movement");
        page.locator("[data-map-zones] button", new Page.LocatorOptions().setHasText("Writing"))
                .click();
        page.locator("[data-plan-map] rect.zone").first().click();
        assertThat(page.locator("[data-map-sum]")).containsText("Moves: 1");
        button(page, "Back").click();
        go(page, "Count, check");
        button(page, "+ 1").click();
        assertThat(page.locator("[data-count-fault]")).containsText("First say what you are counting");
        page.locator("[data-what]").fill("blocks stacked");
        button(page, "+ 1").click();
        button(page, "+ 1").click();
        button(page, "Managed it, alone").click();
        assertThat(page.locator("[data-counts]")).containsText("Esperanza, blocks stacked: 2");
        assertThat(page.locator("[data-counts]")).containsText("1 of 1, 1 alone");
        button(page, "Back").click();
        go(page, "Listen");
        button(page, "Save these words").click();
        assertThat(page.locator("[data-listen-fault]")).isVisible();
        page.locator("#heard").fill("Where is my parcel");
        page.locator("[data-question]").check();
        button(page, "Save these words").click();
        assertThat(page.locator("[data-heard-sum]"))
                .containsText("Heard: 1. Words: 4, 4 of them different. Questions: 1");

        assertThat(state(page)).containsText("All sent");
        assertThat(count("select count(distinct method) from watch_entry where record_id <> all (?)", (Object) before))
                .isEqualTo(4);
    }

    @Test
    void theChildWhoIsMarkedGetsTheTapAlsoAfterAReload() {
        choose(page, "Bram", "Cosima");
        for (String method : List.of("Play record", "Count, check", "Listen")) {
            go(page, method);
            Locator second = page.locator(
                    "[data-screen]:not([hidden]) [data-child]", new Page.LocatorOptions().setHasText("Cosima"));
            second.click();
            assertThat(second).hasAttribute("aria-pressed", "true");
            assertThat(state(page)).containsText("All sent");

            reload(page);

            assertThat(second).hasAttribute("aria-pressed", "true");
            button(page, "Back").click();
        }
        go(page, "Play record");
        tap(page, "Chose it");

        assertThat(band(page, "Cosima")).containsText("engaged");
        assertThat(band(page, "Bram")).containsText("nothing tapped yet");
    }

    @Test
    void aTapWithoutEffectSaysSoAndUndoTakesBackTheLastTapWhoeverItWasAbout() {
        choose(page, "Bram", "Cosima");
        go(page, "Play record");
        Locator said = page.locator("[data-tap-said]");
        band(page, "Bram").click();
        tap(page, "Left");
        assertThat(said).containsText("Bram has not started anything yet. Left shows on the band but does not count");
        tap(page, "Chose it");
        assertThat(said).isEmpty();
        tap(page, "Chose it");
        assertThat(said).containsText("Bram: Chose it was tapped twice within three seconds. It counts once.");
        tap(page, "Engaged");
        assertThat(said).containsText("Bram was already playing. Engaged shows on the band");
        band(page, "Cosima").click();
        tap(page, "Was invited");
        band(page, "Bram").click();

        button(page, "Undo last tap").click();

        assertThat(said).containsText("Cosima: Was invited is undone.");
        assertThat(band(page, "Cosima")).hasAttribute("aria-pressed", "true");
        assertThat(band(page, "Cosima")).containsText("nothing tapped yet");
        button(page, "Undo last tap").click();
        assertThat(said).containsText("Bram: Engaged is undone.");
    }

    @Test
    void aPathIsDraggedAlongThePlanAndItsLastStepTakenBack() {
        UUID[] before = records();
        choose(page, "Tamsin");
        go(page, "Movement");
        Locator zones = page.locator("[data-plan-map] rect.zone");
        List<BoundingBox> boxes = zones.all().stream().map(Locator::boundingBox).toList();

        page.mouse().move(middleX(boxes.get(0)), middleY(boxes.get(0)));
        page.mouse().down();
        page.mouse().move(middleX(boxes.get(1)), middleY(boxes.get(1)), new Mouse.MoveOptions().setSteps(20));
        page.mouse().up();

        Locator sum = page.locator("[data-map-sum]");
        for (int zone = 0; zone < 2; zone++) {
            assertThat(sum).containsText(zoneName(zones.nth(zone)) + " 0:0");
        }
        String way = page.locator("[data-plan-map] .way").getAttribute("points");
        assertThat(way.split(" ").length).as("places along the way").isGreaterThan(3);
        button(page, "Undo last step").click();
        assertThat(page.locator("[data-plan-map] .way")).not().hasAttribute("points", way);
        button(page, "Stop watching").click();
        assertThat(state(page)).containsText("All sent");
        assertThat(count(
                        "select count(*) from watch_entry where kind = 'ARRIVED' and x_mm is not null"
                                + " and record_id <> all (?)",
                        (Object) before))
                .isEqualTo(way.split(" ").length);
    }

    @Test
    void aTapCanBeGivenAnotherTimeAfterwards() {
        choose(page, "Idris");
        go(page, "Play record");
        tap(page, "Chose it");
        page.getByText("Times", new Page.GetByTextOptions().setExact(true)).click();
        Locator time = page.locator("[data-retime]");
        String minuteBefore = (String) time.evaluate(
                "input => { const [h, m, s] = input.value.split(':').map(Number); const before = new Date(2026, 0, 5, h, m - 1, s);"
                        + " return before.toTimeString().slice(0, 8); }");
        time.fill(minuteBefore);
        time.blur();

        assertThat(band(page, "Idris")).containsText("engaged 1:0");
        assertThat(state(page)).containsText("All sent");
    }

    static Stream<Arguments> hands() {
        return Stream.of(Arguments.of("a phone", RunningCarder.PHONE), Arguments.of("a tablet", RunningCarder.TABLET));
    }

    @ParameterizedTest(name = "on {0}")
    @MethodSource("hands")
    void everyKeyIsLargeEnoughAndTheFirstOnesLieInTheLowerHalf(String where, Size size) {
        Page held = take(size, "hamish").page;
        assertThat(tooSmall(held)).isEmpty();
        assertThat(top(held.locator("[data-go]").first())).isGreaterThan(size.height() / 2.0);
        choose(held, "Kofi");
        for (String method : List.of("Play record", "Snapshot", "Time sample", "Movement", "Count, check", "Listen")) {
            go(held, method);
            held.locator("details")
                    .evaluateAll(
                            "all => all.forEach(one => { one.open = one.closest('[data-screen=count]') !== null; })");
            assertThat(tooSmall(held)).as(method).isEmpty();
            button(held, "Back").click();
        }
        go(held, "Play record");
        for (String key : List.of("Chose it", "Adult interrupted", "Left", "Undo last tap")) {
            assertThat(top(held.locator(
                            "[data-screen=play] .hand-keys button", new Page.LocatorOptions().setHasText(key))))
                    .as(key)
                    .isGreaterThan(size.height() / 2.0);
        }
        go(held, null);
    }

    @Test
    void aSweepAsksForEveryChildInTurnAndAgainSilentlyAtTheEdge() {
        page.clock().install();
        choose(page);
        go(page, "Time sample");
        page.locator("[data-sweep]").check();
        Locator who = page.locator("[data-sample-who]");
        List<String> asked = new ArrayList<>();
        for (int most = 30;
                most > 0 && page.locator("[data-prompt]").textContent().startsWith("Look now");
                most--) {
            asked.add(who.textContent());
            label(page, "Talking").click();
            button(page, "Save this sample").click();
        }

        assertThat(asked).hasSizeGreaterThan(5).doesNotHaveDuplicates().isSorted();
        assertThat(page.locator("[data-prompt]")).containsText("Next sample in");
        button(page, "Back").click();
        assertThat(page.locator("[data-edge]")).isHidden();
        page.clock().fastForward("05:01");
        assertThat(page.locator("[data-edge]")).isVisible();
        assertThat(page.locator("[data-edge]"))
                .hasText("Look now: " + asked.get(0).strip());
        go(page, "Time sample");
        button(page, "Stop watching").click();
        assertThat(state(page)).containsText("All sent");
    }

    @Test
    void checksScoresGroupsComparisonsAndATimedMinuteAreKept() {
        page.clock().install();
        choose(page, "Florian", "Cosima");
        go(page, "Count, check");
        page.getByText("So many out of so many").click();
        button(page, "Florian").click();
        page.locator("[data-what]").fill("stamps matched");
        page.locator("[data-check-n]").fill("5");
        button(page, "Save").first().click();
        assertThat(page.locator("[data-count-fault]")).isVisible();
        page.locator("[data-check-m]").fill("6");
        button(page, "Save").first().click();
        page.locator("[data-values]").fill("0, 5 and 20");
        button(page, "Hit 20").click();
        button(page, "Missed").click();
        button(page, "Cosima").click();
        button(page, "Hit 5").click();
        page.locator("[data-group]").fill("brown leaves");
        page.locator("[data-group-n]").fill("7");
        button(page, "Save").last().click();
        page.locator("[data-object]").fill("my boot");
        button(page, "Longer").click();
        page.locator("[data-what]").fill("parcels carried");
        button(page, "Start the minute").click();
        Locator minute = page.locator("[data-minute]");
        assertThat(minute).containsText("s left: tap for each");
        minute.click();
        button(page, "+ 1").click();
        assertThat(state(page)).containsText("All sent");
        reload(page);
        assertThat(minute).containsText("s left: tap for each");
        page.getByText("So many out of so many").click();
        minute.click();
        page.clock().fastForward("01:01");

        assertThat(page.locator("[data-counts] li")).hasText(new String[] {
            "Florian, stamps matched: 2 turns, 20 points",
            "Florian, stamps matched: 5 of 6",
            "Cosima, parcels carried: 1",
            "Cosima, stamps matched: 1 turn, 5 points",
            "Cosima, brown leaves: 7",
            "Cosima, longer than my boot",
            "Cosima, parcels carried: 2 in 60 s"
        });
        button(page, "Undo").click();
        assertThat(page.locator("[data-counts]")).not().containsText("in a minute");
        button(page, "Stop watching").click();
        assertThat(state(page)).containsText("All sent");
        page.navigate("/children/" + id("Cosima") + "/play");
        assertThat(page.locator("main")).containsText("brown leaves: 7");
        assertThat(page.locator("main")).containsText("longer than my boot");
        assertThat(page.locator("main")).not().containsText("in 60 s");
    }

    @Test
    void theNextFixedPointIsToldInMinutesWithTheMomentForTheNotice() {
        // The server's clock stands at 10:05; the device's own is wrong by months and put right by that.
        assertThat(page.locator("[data-ahead]")).hasText(Pattern.compile("Snack in 2[45] min, tell them by 10:\\d\\d"));
        assertThat(state(page)).containsText("The clock on this device is wrong");
    }

    @Test
    void anotherRoomNeedsAConnectionOnceAndIsThenCarried() {
        phone.context.setOffline(true);
        page.locator("[data-rooms]").selectOption("Nook");
        assertThat(state(page)).containsText("No connection");
        assertThat(page.locator("[data-children]")).containsText("Kofi");
        phone.context.setOffline(false);
        page.locator("[data-rooms]").selectOption("Nook");
        assertThat(page.locator("[data-children]")).containsText("Priya");
        assertThat(page.locator("[data-children]")).not().containsText("Kofi");

        phone.context.setOffline(true);
        reload(page);

        assertThat(page.locator("[data-children]")).containsText("Priya");
        phone.context.setOffline(false);
        page.locator("[data-rooms]").selectOption("Loft");
        assertThat(page.locator("[data-children]")).containsText("Kofi");
    }

    @Test
    void aLateAnswerAboutTheRoomBeforeDoesNotTakeTheChosenRoomAway() {
        AtomicReference<Route> late = new AtomicReference<>();
        page.route("**/watch/bundle*", route -> {
            if (!late.compareAndSet(null, route)) {
                route.resume();
            }
        });
        reload(page);
        page.waitForCondition(() -> late.get() != null);
        page.locator("[data-rooms]").selectOption("Nook");

        late.get().resume();

        assertThat(state(page)).containsText("All sent");
        assertThat(page.locator("[data-children]")).containsText("Priya");
        reload(page);
        assertThat(state(page)).containsText("All sent");
        assertThat(page.locator("[data-children]")).containsText("Priya");
        page.locator("[data-rooms]").selectOption("Loft");
        assertThat(page.locator("[data-children]")).containsText("Kofi");
    }

    @Test
    void whatWasTappedStandsInABandAndInFiguresAtTheDesk() {
        choose(page, "Delphine");
        go(page, "Play record");
        tap(page, "Chose it");
        tap(page, "Child interrupted");
        tap(page, "Went back");
        tap(page, "Finished");
        button(page, "Stop watching").click();
        assertThat(state(page)).containsText("All sent");

        page.navigate("/children/" + id("Delphine") + "/play");

        assertThat(page.locator(".bands svg.band")).hasCount(1);
        assertThat(page.locator(".play-figures dt:has-text('Went back to it after') + dd"))
                .containsText("1, mostly within");
    }

    private static UUID id(String child) {
        return RunningCarder.get()
                .application()
                .getBean(JdbcTemplate.class)
                .queryForObject("select id from child where given_name = ?", UUID.class, child);
    }

    private static Locator label(Page page, String text) {
        return page.locator("[data-screen=sample] label", new Page.LocatorOptions().setHasText(text));
    }

    @SuppressWarnings("unchecked")
    private static List<String> tooSmall(Page page) {
        return (List<String>) page.evaluate(TOO_SMALL);
    }

    private String zoneName(Locator zone) {
        return page.locator("[data-map-zones] button[data-zone='" + zone.getAttribute("data-zone") + "']")
                .textContent();
    }

    private static double middleX(BoundingBox box) {
        return box.x + box.width / 2;
    }

    private static double middleY(BoundingBox box) {
        return box.y + box.height / 2;
    }

    private static double top(Locator key) {
        return key.boundingBox().y;
    }
}
