package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.browser.RunningCarder.Size;
import app.carder.web.kit.Photos;
import com.microsoft.playwright.ElementHandle;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Watching in the hand, with a connection that comes and goes. */
@Order(1)
class WatchAppTest extends InTheHand {

    /** Everything in the device's store that can be read as text. */
    private static final String STORED = """
            () => new Promise(resolve => {
              const open = indexedDB.open("carder-hand");
              open.onsuccess = async () => {
                const db = open.result;
                const names = [...db.objectStoreNames];
                const texts = [];
                let keys = 0;
                for (const name of names) {
                  const rows = await new Promise(done => {
                    const all = db.transaction(name).objectStore(name).getAll();
                    all.onsuccess = () => done(all.result);
                  });
                  for (const row of rows) {
                    if ([row, ...Object.values(row)].some(part => part instanceof CryptoKey)) keys += 1;
                    texts.push(JSON.stringify(row) + [row, row.data, row.sealed?.data]
                      .filter(part => part instanceof ArrayBuffer || ArrayBuffer.isView(part))
                      .map(part => new TextDecoder("latin1").decode(part)));
                  }
                }
                db.close();
                resolve({text: texts.join("\\n"), rows: texts.length, keys});
              };
            })""";

    static Stream<Arguments> hands() {
        return Stream.of(
                Arguments.of("a phone", RunningCarder.PHONE, "Kofi", "Yusuf"),
                Arguments.of("a tablet", RunningCarder.TABLET, "Bram", "Tamsin"));
    }

    @ParameterizedTest(name = "on {0}")
    @MethodSource("hands")
    void minutesWithoutAConnectionAndAReloadLoseNothing(String where, Size size, String first, String second) {
        UUID[] before = records();
        Device hand = take(size, "hamish");
        Page held = hand.page;
        hand.context.setOffline(true);
        choose(held, first, second);
        go(held, "Play record");
        held.clock().install();
        tap(held, "Chose it");
        band(held, second).click();
        tap(held, "Was invited");
        held.clock().fastForward("03:00");
        tap(held, "Engaged");
        band(held, first).click();
        tap(held, "Repeated");
        held.clock().fastForward("02:00");
        tap(held, "Adult interrupted");
        tap(held, "Left");
        button(held, "Undo last tap").click();
        assertThat(band(held, first)).containsText("engaged 5:0");
        assertThat(band(held, first)).containsText("interrupted 1, back after 0");
        assertThat(state(held)).containsText("No connection");

        reload(held);

        assertThat(band(held, first)).containsText("interrupted 1");
        assertThat(band(held, second)).containsText("engaged 2:0");
        button(held, "Stop watching").click();
        choose(held, second);
        go(held, "Snapshot");
        note(held).fill("%s carried the parcel without a net on %s.".formatted(first, where));
        button(held, "Save").click();
        assertThat(state(held)).containsText("No connection");
        hand.context.setOffline(false);

        assertThat(state(held)).containsText("All sent");
        assertThat(count("select count(*) from watch_entry where kind = 'TAP' and record_id <> all (?)", (Object)
                        before))
                .isEqualTo(6);
        assertThat(count(
                        "select count(*) from watch_entry t join watch_entry b on b.target_id = t.id"
                                + " where t.code = 'LEFT' and b.kind = 'TAKEN_BACK' and t.record_id <> all (?)",
                        (Object) before))
                .isEqualTo(1);
        assertThat(count("select count(*) from observation where note ="
                        + " 'A friend carried the parcel without a net on %s.'".formatted(where)))
                .isEqualTo(1);
    }

    @Test
    void whatIsToBeKnownOfTheChildWhoIsTappedStandsAboveTheKeys() {
        page.getByText("Allergies and things to know").click();
        assertThat(page.locator("[data-care]")).containsText("Kofi allergic to peanuts, tree nuts");

        choose(page, "Kofi", "Bram");
        go(page, "Play record");
        Locator care = page.locator("[data-active-care]");
        band(page, "Kofi").click();
        assertThat(care).containsText("Blue pouch");
        band(page, "Bram").click();
        assertThat(care).isHidden();

        button(page, "Back").click();
        Locator rice = page.locator("[data-cards] label", new Page.LocatorOptions().setHasText("Rice by the kilo"));
        assertThat(rice.locator("img")).isVisible();
        rice.click();
        assertThat(rice.locator("input")).isChecked();
        assertThat(page.locator("[data-held]")).containsText("Loose grain and mouthing. Yusuf");
    }

    @Test
    void whoCameIsNotedAndEverybodyIsCountedWithoutAConnection() {
        phone.context.setOffline(true);
        go(page, "Register");
        Locator florian = page.locator("[data-register] li", new Page.LocatorOptions().setHasText("Florian"));
        assertThat(florian).containsText("Expected");

        button(page, "Arrived Florian").click();
        assertThat(florian).containsText("Here since");
        assertThat(state(page)).containsText("No connection");
        reload(page);
        assertThat(florian).containsText("Here since");

        button(page, "Count everyone: evacuation").click();
        Locator counted = page.locator("[data-counted]");
        assertThat(counted).containsText("0 of 12 counted");
        for (Locator box : page.locator("[data-register] input").all()) {
            box.check();
        }
        assertThat(counted).containsText("12 of 12 counted");
        phone.context.setOffline(false);

        assertThat(state(page)).containsText("All sent");
        assertThat(
                        count(
                                "select count(*) from attendance a join child c on c.id = a.child_id"
                                        + " where c.given_name = 'Florian' and a.arrived_at is not null and a.noted_by = 'Hamish Vale'"))
                .isEqualTo(1);
    }

    @Test
    void aDraftWithItsPhotoSurvivesAReloadAndIsKeptForEachChild() {
        choose(page, "Chidi", "Florian");
        go(page, "Snapshot");
        note(page).fill("Chidi and Florian lay down to look along the ramp.");
        page.locator("#photos")
                .setInputFiles(new FilePayload("ramp.png", "image/png", Photos.picture("png", 300, 200)));
        assertThat(page.locator("[data-photos] img")).hasCount(1);
        page.locator("[data-screen=snapshot] .hand-levels")
                .first()
                .locator("label")
                .nth(4)
                .click();

        reload(page);

        assertThat(note(page)).hasValue("Chidi and Florian lay down to look along the ramp.");
        assertThat(page.locator("[name=involvement][value='5']")).isChecked();
        assertThat(page.locator("[data-photos] img")).hasCount(1);
        button(page, "Save").click();
        assertThat(state(page)).containsText("All sent");
        assertThat(count("select count(*) from photo p join observation o on o.id = p.observation_id"
                        + " where o.note like '%lay down to look along the ramp.' and o.note like '%riend%'"))
                .isEqualTo(2);
    }

    @Test
    void anAnswerThatGotLostDoesNotMakeASecondRecord() {
        page.route("**/watch/sync", route -> {
            route.fetch();
            route.abort();
        });
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("The answer got lost.");
        button(page, "Save").click();
        assertThat(state(page)).containsText("No connection");

        page.unroute("**/watch/sync");
        reload(page);

        assertThat(state(page)).containsText("All sent");
        assertThat(count("select count(*) from observation where note = 'The answer got lost.'"))
                .isEqualTo(1);
    }

    @Test
    void aPhotoThatWasCutOffGoesOnWhereItStopped() {
        List<String> offsets = new ArrayList<>();
        page.route("**/watch/uploads/*", route -> {
            if (route.request().method().equals("PATCH")) {
                offsets.add(route.request().headers().get("upload-offset"));
                if (offsets.size() == 2) {
                    route.abort();
                    return;
                }
            }
            route.resume();
        });
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("With a large photo.");
        page.locator("#photos").setInputFiles(new FilePayload("large.png", "image/png", Photos.noise(900, 700)));
        assertThat(page.locator("[data-photos] img")).hasCount(1);
        button(page, "Save").click();

        assertThat(state(page)).containsText("All sent");
        assertThat(offsets.get(0)).isEqualTo("0");
        assertThat(offsets.get(2))
                .as("goes on at the second chunk")
                .isEqualTo(offsets.get(1))
                .isNotEqualTo("0");
        assertThat(count("select count(*) from photo p join observation o on o.id = p.observation_id"
                        + " where o.note = 'With a large photo.' and p.width = 900"))
                .isEqualTo(1);
    }

    @Test
    void twoTabletsCanWatchTheSameChild() {
        Device tablet = take(RunningCarder.TABLET, "tobias");
        for (Page each : List.of(page, tablet.page)) {
            choose(each, "Quentin");
            go(each, "Play record");
            tap(each, "Chose it");
            button(each, "Stop watching").click();
            assertThat(state(each)).containsText("All sent");
        }

        assertThat(count("select count(distinct author_name) from watch_entry where kind = 'TAP'"
                        + " and child_id = (select id from child where given_name = 'Quentin')"))
                .isEqualTo(2);
    }

    @Test
    void whatAFullDeviceCannotKeepIsToldAndKeptOnceThereIsRoom() {
        String taps = "select count(*) from watch_entry where code in ('TALKED', 'LOOKED_UP')";
        int before = count(taps);
        choose(page, "Kofi");
        go(page, "Play record");
        assertThat(state(page)).containsText("All sent");
        page.evaluate("() => { const add = IDBObjectStore.prototype.add; let full = true;"
                + " IDBObjectStore.prototype.add = function (...given) {"
                + " if (full) throw new DOMException('full', 'QuotaExceededError'); return add.apply(this, given); };"
                + " window.freeRoom = () => { full = false; }; }");
        tap(page, "Talked");
        tap(page, "Looked up");
        assertThat(state(page)).containsText("This device is full. Keep this page open: 2 not sent yet");

        page.evaluate("() => window.freeRoom()");

        assertThat(state(page))
                .containsText("All sent", new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
        assertThat(count(taps)).isEqualTo(before + 2);
    }

    @Test
    void aFalsePhotoAndAHugeOneAreRefusedBeforeTheyAreKept(@TempDir Path folder) throws Exception {
        Path huge = folder.resolve("huge.jpg");
        try (var file = new java.io.RandomAccessFile(huge.toFile(), "rw")) {
            file.write(Photos.picture("jpg", 100, 100));
            file.setLength(300L * 1024 * 1024);
        }
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("With files that are no photos.");

        page.locator("#photos")
                .setInputFiles(new FilePayload(
                        "photo.jpg", "image/jpeg", "not a photo at all".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator("[data-photo-fault]")).containsText("photo.jpg is larger than 25 MB or not a photo");
        page.locator("#photos").setInputFiles(huge);
        assertThat(page.locator("[data-photo-fault]")).containsText("huge.jpg");
        assertThat(page.locator("[data-photos] img")).hasCount(0);
        assertThat(note(page)).hasValue("With files that are no photos.");
    }

    @Test
    void whatTheServerRefusesIsShownAndNotLost() {
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("With a broken photo.");
        byte[] broken = java.util.Arrays.copyOf(Photos.picture("jpg", 200, 200), 300);
        page.locator("#photos").setInputFiles(new FilePayload("broken.jpg", "image/jpeg", broken));
        assertThat(page.locator("[data-photos] img")).hasCount(1);
        button(page, "Save").click();

        assertThat(page.locator("[data-refused]")).containsText("photo");
        assertThat(page.locator("[data-refused]")).isVisible();
        assertThat(count("select count(*) from observation where note = 'With a broken photo.'"))
                .isEqualTo(1);
        button(page, "Seen").click();
        assertThat(page.locator("[data-refused]")).isHidden();
    }

    @Test
    @SuppressWarnings("unchecked")
    void whatLiesOnTheDeviceCannotBeReadAndNoKeyLiesBesideIt() {
        phone.context.setOffline(true);
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("Nobody may read this on the device.");
        button(page, "Save").click();
        assertThat(state(page)).containsText("kept on this device");

        var stored = (java.util.Map<String, Object>) page.evaluate(STORED);

        assertThat((Integer) stored.get("rows")).isGreaterThan(4);
        assertThat((String) stored.get("text")).doesNotContain("Kofi", "Nobody may read", "Loft");
        assertThat(stored.get("keys")).isEqualTo(0);
        phone.context.setOffline(false);
        assertThat(state(page)).containsText("All sent");
    }

    @Test
    @SuppressWarnings("unchecked")
    void signingOutReachesEveryTabTakesWhatCouldBeReadAndLosesNoRecord() {
        page.route("**/watch/sync", route -> route.abort());
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("Not sent at the end of the shift.");
        button(page, "Save").click();
        assertThat(state(page)).containsText("No connection");
        Page desk = phone.context.newPage();
        desk.navigate("/");
        Page other = phone.context.newPage();
        other.navigate("/materials");

        desk.locator(".menu summary").click();
        button(desk, "Sign out").click();

        desk.waitForURL("**/sign-in?out");
        other.waitForURL("**/sign-in?out");
        assertThat(page.locator("[data-screen=empty]")).isVisible();
        var stored = (java.util.Map<String, Object>) page.evaluate(STORED);
        assertThat((String) stored.get("text")).doesNotContain("Hamish");
        page.unroute("**/watch/sync");
        phone.signIn("tobias");
        phone.openWatch();
        assertThat(state(page)).containsText("All sent");
        assertThat(count("select count(*) from observation where note = 'Not sent at the end of the shift.'"
                        + " and author_name = 'Hamish Vale'"))
                .isEqualTo(1);
    }

    @Test
    void aDeviceThatIsRevokedIsWipedAtItsNextContactAndSendsWhatItHasOnceSomebodySignsIn() {
        Device lost = take(RunningCarder.PHONE, "ravi");
        lost.context.setOffline(true);
        lost.page.locator("[data-children] label").first().click();
        go(lost.page, "Snapshot");
        note(lost.page).fill("Sent when it was found.");
        button(lost.page, "Save").click();
        assertThat(state(lost.page)).containsText("kept on this device");
        Page lead = take(RunningCarder.DESKTOP, "imelda").page;
        lead.navigate("/devices");
        Locator row = lead.locator("tr", new Page.LocatorOptions().setHasText("Ravi Menon"));
        row.getByRole(AriaRole.LINK).click();
        assertThat(lead.locator("main")).containsText("Burrow");
        lead.goBack();
        row.locator("summary").click();
        row.getByRole(AriaRole.BUTTON).click();
        assertThat(lead.locator(".done")).containsText("wiped as soon as it is in contact");

        lost.context.setOffline(false);

        lost.page.waitForURL("**/sign-in?wiped");
        assertThat(count("select count(*) from observation where note = 'Sent when it was found.'"))
                .isZero();
        lost.signIn("ravi");
        lost.page.navigate("/watch/");
        lost.page.waitForURL("**/sign-in?wiped");
        assertThat(count("select count(*) from observation where note = 'Sent when it was found.'"
                        + " and author_name like 'Ravi%'"))
                .isEqualTo(1);
        assertThat(count("select count(*) from device where wiped_at is not null and last_person like 'Ravi%'"))
                .isEqualTo(1);
    }

    @Test
    @SuppressWarnings("unchecked")
    void whatCouldBeReadLastsTheDayWithoutAConnectionAndNoLonger() {
        page.clock().install();
        phone.context.setOffline(true);
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("Written before the weekend.");
        button(page, "Save").click();
        assertThat(state(page)).containsText("1 kept on this device");
        page.clock().fastForward("11:00:00");
        Unlocking.type(page, Unlocking.PIN);
        assertThat(page.locator("[data-lock]")).isVisible();

        page.clock().fastForward("02:00:00");

        assertThat(page.locator("[data-screen=lock]")).isVisible();
        Unlocking.type(page, Unlocking.PIN);
        assertThat(page.locator("[data-unlock] [data-door-fault]")).containsText("Sign in with your password");
        var stored = (java.util.Map<String, Object>) page.evaluate(STORED);
        assertThat((String) stored.get("text")).doesNotContain("Kofi");
        assertThat(count("select count(*) from observation where note = 'Written before the weekend.'"))
                .isZero();
        phone.context.setOffline(false);
        assertThat(state(page)).containsText("All sent");
        assertThat(count("select count(*) from observation where note = 'Written before the weekend.'"))
                .isEqualTo(1);
    }

    @Test
    void itLocksWhenNobodyTouchesItButNeverWhileARecordRuns() {
        page.clock().install();
        choose(page, "Kofi");
        go(page, "Play record");
        tap(page, "Chose it");
        page.clock().fastForward("20:00");
        assertThat(band(page, "Kofi")).containsText("20:0");

        button(page, "Stop watching").click();
        page.clock().fastForward("04:00");
        assertThat(page.locator("[data-children]")).isVisible();
        page.clock().fastForward("02:00");

        assertThat(page.locator("[data-screen=lock]")).isVisible();
        assertThat(page.locator("[data-children]")).isHidden();
        Unlocking.of(page);
        assertThat(page.locator("[data-children]")).isVisible();
    }

    @Test
    void wrongTriesSlowDownAndTheTenthTakesWhatCouldBeReadAndNoRecord() {
        page.route("**/watch/sync", route -> route.abort());
        choose(page, "Kofi");
        go(page, "Snapshot");
        note(page).fill("Behind a forgotten PIN.");
        button(page, "Save").click();
        assertThat(state(page)).containsText("No connection");
        page.clock().install();
        page.locator("[data-lock]").click();
        Locator fault = page.locator("[data-unlock] [data-door-fault]");
        for (int left = 9; left >= 1; left--) {
            Unlocking.type(page, "28091" + left);
            assertThat(fault).containsText("Tries left: %d".formatted(left));
            if (left == 6) {
                Unlocking.type(page, Unlocking.PIN);
                assertThat(fault).containsText("Wait");
            }
            page.clock().fastForward("06:00");
        }
        Unlocking.type(page, "280910");
        assertThat(fault).containsText("That was the last try");

        page.unroute("**/watch/sync");
        phone.openWatch();

        assertThat(state(page)).containsText("All sent");
        assertThat(count("select count(*) from observation where note = 'Behind a forgotten PIN.'"))
                .isEqualTo(1);
    }

    /** Somebody else signs in on the phone and opens a store of their own. */
    private void takenOverBy(String username) {
        phone.context.clearCookies();
        phone.arriveSignedIn(username);
        page.navigate("/watch/");
        Unlocking.choose(page);
    }

    @Test
    void twoTapsChangeTheAdultAndEachSeesTheirOwnRoomOnly() {
        choose(page, "Kofi");
        takenOverBy("precious");
        assertThat(page.locator("[data-children]")).containsText("Rosalind");
        assertThat(page.locator("[data-children]")).not().containsText("Kofi");

        page.locator("[data-lock]").click();
        page.locator("[data-people] button", new Page.LocatorOptions().setHasText("Hamish"))
                .click();
        Unlocking.type(page, Unlocking.PIN);

        assertThat(page.locator("[data-children] label:has(input:checked)")).containsText("Kofi");
        assertThat(state(page)).containsText("All sent");
        go(page, "Snapshot");
        note(page).fill("Under the right name again.");
        button(page, "Save").click();
        assertThat(state(page)).containsText("All sent");
        assertThat(count("select count(*) from observation where note = 'Under the right name again.'"
                        + " and author_name = 'Hamish Vale'"))
                .isEqualTo(1);
        page.navigate("/");
        assertThat(page.locator(".faults")).containsText("opened without your password");
    }

    @Test
    void aNameStaysTheSameButtonWhenTheServerAnswersSoThatAPressOnItCounts() {
        takenOverBy("precious");
        assertThat(page.locator("[data-children]")).containsText("Rosalind");
        AtomicReference<Route> contact = new AtomicReference<>();
        page.route("**/watch/contact*", contact::set);
        page.locator("[data-lock]").click();
        ElementHandle hamish = page.waitForSelector("[data-people] button:has-text('Hamish')");
        page.waitForCondition(() -> contact.get() != null);

        contact.get().resume();

        assertThat(page.locator("[data-people] button[aria-pressed=true]")).containsText("Precious");
        assertThat((boolean) hamish.evaluate("button => button.isConnected")).isTrue();
    }

    @Test
    void thePasskeyOfTheDeviceOpensItWhereItCanDeriveKeys() {
        Device tablet = keep(RunningCarder.get().deviceWithAuthenticator(RunningCarder.TABLET));
        Page held = tablet.page;
        tablet.signIn("hamish");
        held.navigate("/watch/");
        held.locator("[name=kind][value=passkey]").check();
        assertThat(held.locator("#fresh")).isHidden();
        button(held, "Open Watch").click();
        assertThat(held.locator("[data-children]")).containsText("Kofi");

        held.locator("[data-lock]").click();
        held.locator("[data-people] button").click();

        assertThat(held.locator("[data-children]")).containsText("Kofi");
    }

    @Test
    void anotherSettingKnowsATabletAsAnotherDevice() {
        takenOverBy("teodor");

        assertThat(page.locator("[data-children]")).containsText("Ines");
        assertThat(state(page)).containsText("All sent");
        assertThat(count("select count(*) from device where last_person like 'Teodor%'"))
                .isEqualTo(1);
    }

    @Test
    void aVisitorAtTheDoorGetsNoSession() throws Exception {
        for (String path : new String[] {"/sign-in", "/plan", "/watch/contact"}) {
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(
                                            URI.create(RunningCarder.get().address() + path))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());

            assertThat(answer.headers().allValues("set-cookie"))
                    .isNotEmpty()
                    .noneMatch(cookie -> cookie.startsWith("SESSION"));
        }
    }
}
