package app.carder.web.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Devices that people sign in on, what they carried, and the end of it. */
class DeviceTest extends WebTest {

    private final UUID device = UUID.randomUUID();

    @Autowired
    private JsonMapper json;

    private JsonNode signIn(String username) {
        return json.readTree(send(username, signOn(device)).text());
    }

    private Answer unlock(String token) {
        return send(MockMvcRequestBuilders.post("/watch/unlock")
                .with(csrf())
                .contentType("application/json")
                .content(json.writeValueAsString(java.util.Map.of("token", token))));
    }

    private JsonNode contact(String more) {
        return json.readTree(send(MockMvcRequestBuilders.get("/watch/contact?device=" + device + more))
                .text());
    }

    @Test
    void whatADeviceKeepsOpensWatchingAndNothingElse() {
        String token = signIn("hamish").path("token").asString();

        Answer opened = unlock(token);

        assertThat(opened.status()).isEqualTo(204);
        Cookie session = opened.response().getCookie("SESSION");
        assertThat(with(session, "/watch/bundle?device=" + device).status()).isEqualTo(200);
        for (String page :
                List.of("/", "/children/" + child("Bram"), "/account", "/rooms/" + room("Loft") + "/cards")) {
            assertThat(with(session, page).location()).as(page).isEqualTo("/sign-in?hand");
        }
        assertThat(send(MockMvcRequestBuilders.post("/webauthn/authenticate/options")
                                .with(csrf())
                                .cookie(session))
                        .status())
                .as("a passkey signs in wholly from here")
                .isEqualTo(200);
        assertThat(unlock(token + "x").status()).isEqualTo(401);
        assertThat(unlock("").status()).isEqualTo(401);
    }

    private Answer with(Cookie session, String page) {
        return send(MockMvcRequestBuilders.get(page).cookie(session));
    }

    private record Leaver(DeviceTest test, String username, UUID account, UUID device) {}

    static Stream<Named<Consumer<Leaver>>> ends() {
        return Stream.of(
                Named.of("the account is closed", who -> who.test.post("imelda", "/staff/" + who.account + "/close")),
                Named.of(
                        "all sessions are ended",
                        who -> who.test.post("imelda", "/staff/" + who.account + "/sessions/end")),
                Named.of(
                        "a manager makes a new code",
                        who -> who.test.post("imelda", "/staff/" + who.account + "/code")),
                Named.of(
                        "the password is changed",
                        who -> who.test.post(
                                who.username,
                                "/account/password",
                                "old",
                                "parcels-and-post",
                                "password",
                                "raft of seven parcels")),
                Named.of("the device is revoked", who -> who.test.post("imelda", "/devices/" + who.device + "/revoke")),
                Named.of("the day is over", who -> who.test.clock.advance(Duration.ofHours(13))));
    }

    @ParameterizedTest(name = "when {0}")
    @MethodSource("ends")
    void aSignInOnADeviceEnds(Consumer<Leaver> end) {
        String username = "leaves." + UUID.randomUUID();
        UUID account = practitioner(username);
        JsonNode signIn = signIn(username);
        String ask = "&signIn=" + signIn.path("id").asString();
        assertThat(contact(ask).path("holds").asBoolean()).isTrue();

        end.accept(new Leaver(this, username, account, device));

        assertThat(contact(ask).path("holds").asBoolean()).isFalse();
        assertThat(unlock(signIn.path("token").asString()).status()).isEqualTo(401);
    }

    @Test
    void whatADeviceCarriedIsKnownWhenItIsLost() {
        signIn("hamish");
        assertThat(get("hamish", "/watch/bundle?device=" + device + "&room=" + room("Loft"))
                        .status())
                .isEqualTo(200);

        String page = get("imelda", "/devices/" + device).page().select("main").text();

        assertThat(page).contains("Loft", "12 children", "Kofi", "Bram", "Not on it: records and photos");
        assertThat(get("imelda", "/devices/" + device).page().select("strong").eachText())
                .contains("Kofi")
                .doesNotContain("Bram");
        assertThat(database.queryForObject(
                        "select count(*) from access_entry where route = '/watch/bundle' and subject_id = ?",
                        Integer.class,
                        room("Loft")))
                .isPositive();
        assertThat(Pdfs.text(get("imelda", "/devices/lost.pdf").response().getContentAsByteArray()))
                .contains("Say so at once", "What was not on it");
    }

    @Test
    void aLeadAnswersForTheDevicesOfTheirRooms() {
        signIn("hamish");
        get("hamish", "/watch/bundle?device=" + device + "&room=" + room("Loft"));

        assertThat(get("tobias", "/devices").text()).contains(device.toString());
        assertThat(get("precious", "/devices").text()).doesNotContain(device.toString());
        assertThat(get("precious", "/devices/" + device).status()).isEqualTo(404);
        assertThat(post("precious", "/devices/" + device + "/revoke").status()).isEqualTo(404);
        assertThat(get("teodor", "/devices/" + device).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                           0 | right       | richtig
                         900 | right       | richtig
                      61_000 | 61 s slow   | 61 s nach
                  -3_600_000 | 60 min fast | 60 min vor
                  90_000_000 | 25 h slow   | 25 h nach
                -172_800_000 | 2 days fast | 2 Tage vor
            """)
    void howItsClockGoesIsSaidInTheLanguageOfWhoReadsIt(String offset, String english, String german) {
        signIn("hamish");
        database.update(
                "update device set clock_offset_ms = ? where id = ?", Long.valueOf(offset.replace("_", "")), device);

        assertThat(clock("en-GB")).isEqualTo(english);
        assertThat(clock("de")).isEqualTo(german);
    }

    private String clock(String language) {
        return send("imelda", MockMvcRequestBuilders.get("/devices").header("Accept-Language", language))
                .page()
                .select("tr:has(a[href$=" + device + "]) td:nth-child(5)")
                .text();
    }

    @Test
    void aDeviceThatNobodySignedInOnCarriesNothing() {
        assertThat(get("hamish", "/watch/bundle?device=" + UUID.randomUUID()).status())
                .isEqualTo(404);
        assertThat(get("hamish", "/watch/bundle").status()).isEqualTo(400);
    }

    @Test
    void theSettingChoosesWhatOpensADeviceAndHowSoonItLocks() {
        Answer nothing = post("imelda", "/devices/secrets", "minutes", "5");
        assertThat(nothing.status()).isEqualTo(422);
        assertThat(nothing.text())
                .contains("Tick at least one.", "Six-digit PIN", "Passphrase of 12", "fingerprint, face")
                .doesNotContain("??");
        assertThat(post("imelda", "/devices/secrets", "passkey", "on", "minutes", "0")
                        .status())
                .isEqualTo(422);

        post("imelda", "/devices/secrets", "passphrase", "on", "passkey", "on", "minutes", "3");

        JsonNode asked = json.readTree(get("hamish", "/watch/contact").text());
        assertThat(asked.path("accepts").toString()).isEqualTo("[\"passphrase\",\"passkey\"]");
        assertThat(asked.path("locksAfterSeconds").asInt()).isEqualTo(180);
        assertThat(contact("").path("accepts")).isEmpty();
        post("imelda", "/devices/secrets", "pin", "on", "passphrase", "on", "passkey", "on", "minutes", "5");
    }
}
