package app.carder.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class SignInTest extends WebTest {

    private static final String RIGHT = "parcels-and-post";

    @AfterEach
    void forgetFailures() {
        database.update("delete from sign_in_budget");
    }

    @Test
    void letsNobodyInWithAWrongPasswordAndSaysTheSameForAnUnknownName() {
        assertThat(signIn("hamish", "wrong").location()).isEqualTo("/sign-in?wrong");
        assertThat(signIn("nobody.here", "wrong").location()).isEqualTo("/sign-in?wrong");
        assertThat(signIn("HAMISH ", RIGHT).location()).isEqualTo("/");
    }

    @Test
    void refusesAnAddressAfterTwentyFailuresUnderNamesThatAreThereOrNotForAQuarterOfAnHour() {
        for (int failure = 0; failure < 10; failure++) {
            assertThat(signIn("tobias", "wrong").location()).isEqualTo("/sign-in?wrong");
            assertThat(signIn("nobody.here", "wrong").location()).isEqualTo("/sign-in?wrong");
        }

        assertThat(signIn("tobias", RIGHT).location()).isEqualTo("/sign-in?blocked");
        assertThat(signIn("nobody.here", "wrong").location()).isEqualTo("/sign-in?blocked");
        clock.advance(Duration.ofMinutes(16));
        assertThat(signIn("tobias", RIGHT).location()).isEqualTo("/");
    }

    @Test
    void noStrangerLocksOutWhoeverUsesTheirOwnBrowser() {
        Cookie known = signIn("tobias", RIGHT).response().getCookie("KNOWN");
        for (int stranger = 0; stranger < 101; stranger++) {
            signIn("tobias", "wrong", "198.51.100." + stranger);
        }

        assertThat(signIn("tobias", RIGHT, "203.0.113.9").location()).isEqualTo("/sign-in?blocked");
        assertThat(signIn("tobias", RIGHT, "203.0.113.9", known).location()).isEqualTo("/");
    }

    @Test
    void aKnownBrowserOfOnePersonIsAStrangerToEverybodyElseAndIsSlowedDownToo() {
        Cookie known = signIn("tobias", RIGHT).response().getCookie("KNOWN");

        for (int failure = 0; failure < 10; failure++) {
            signIn("tobias", "wrong", "203.0.113.9", known);
        }

        assertThat(signIn("tobias", RIGHT, "203.0.113.9", known).location()).isEqualTo("/sign-in?blocked");
        assertThat(signIn("hamish", RIGHT, "203.0.113.9", known).location()).isEqualTo("/");
        assertThat(count("select count(*) from sign_in_budget where subject like 'address%'"))
                .isZero();
    }

    @Test
    void oneHouseholdHasOneBudgetHoweverManyAddressesItsNetworkHas() {
        for (int failure = 0; failure < 20; failure++) {
            signIn("nobody.here", "wrong", "2001:db8:1:2:" + failure + "::1");
        }

        assertThat(signIn("tobias", RIGHT, "2001:db8:1:2::99").location()).isEqualTo("/sign-in?blocked");
        assertThat(signIn("tobias", RIGHT, "2001:db8:1:3::99").location()).isEqualTo("/");
    }

    @Test
    void whoeverBeginsWithAPasskeyAgainAndAgainIsToldToWait() {
        for (int beginning = 0; beginning < PasskeyBudget.FROM_AN_ADDRESS; beginning++) {
            assertThat(begin("203.0.113.77")).isEqualTo(200);
        }

        assertThat(begin("203.0.113.77")).isEqualTo(429);
        assertThat(begin("203.0.113.78")).isEqualTo(200);
        clock.advance(SignInBudgets.WINDOW);
        assertThat(begin("203.0.113.77")).isEqualTo(200);
    }

    private int begin(String address) {
        return send(MockMvcRequestBuilders.post("/webauthn/authenticate/options")
                        .with(csrf())
                        .with(request -> {
                            request.setRemoteAddr(address);
                            return request;
                        }))
                .status();
    }

    @Test
    void writesNothingDownForANameThatNobodyHas() {
        int before = count("select count(*) from security_entry");

        signIn("nobody.here", "wrong", "203.0.113.77");

        assertThat(count("select count(*) from security_entry")).isEqualTo(before);
        assertThat(database.queryForList("select subject from sign_in_budget", String.class))
                .containsExactly("address 203.0.113.77");
    }

    @Test
    void aManagerReadsSignInsAndFailuresOfTheOwnSettingOnly() {
        signIn("hamish", "wrong", "203.0.113.5");
        signIn("hamish", RIGHT, "203.0.113.5");

        assertThat(get("imelda", "/security-log").page().select("tbody tr").eachText())
                .anyMatch(row -> row.contains("Hamish Vale Wrong password 203.0.113.5"))
                .anyMatch(row -> row.contains("Hamish Vale Signed in 203.0.113.5"));
        assertThat(get("teodor", "/security-log").text()).doesNotContain("Hamish Vale");
        assertThat(get("tobias", "/security-log").status()).isEqualTo(403);
    }

    @Test
    void keepsPasswordsOnlyAsBcrypt() {
        assertThat(database.queryForList("select password_hash from account", String.class))
                .isNotEmpty()
                .allMatch(hash -> hash.startsWith("$2a$"));
        assertThat(new SecurityConfiguration().passwordEncoder().encode("long enough for Carder"))
                .as("the cost where it is not a test's")
                .startsWith("$2a$10$");
    }

    @Test
    void refusesAFormWithoutItsToken() {
        Answer answer = send(MockMvcRequestBuilders.post("/sign-in")
                .param("username", "hamish")
                .param("password", RIGHT));

        assertThat(answer.status()).isEqualTo(403);
    }

    @Test
    void endsTheSessionAtSignOut() {
        Cookie session = signIn("ravi", RIGHT).response().getCookie("SESSION");
        assertThat(plan(session)).startsWith("/rooms/");

        send(MockMvcRequestBuilders.post("/sign-out").cookie(session).with(csrf()));

        assertThat(plan(session)).endsWith("/sign-in");
    }

    @Test
    void endsTheSessionsOfStaffTwelveHoursAfterTheyBeganHoweverMuchTheyAreUsed() {
        practitioner("works.late");
        Cookie session = signIn("works.late", RIGHT).response().getCookie("SESSION");
        assertThat(plan(session)).startsWith("/rooms/");

        moveTheEndOfSessionsOf("works.late", Duration.ofHours(13));

        assertThat(plan(session)).endsWith("/sign-in");
    }

    @Test
    void aDeskRestsHalfAnHourAndTheAppInTheHandTheDay() {
        practitioner("has.a.tablet");
        Cookie session = signIn("has.a.tablet", RIGHT).response().getCookie("SESSION");
        assertThat(restOf("has.a.tablet")).isEqualTo(30 * 60);

        UUID device = UUID.randomUUID();
        send(signOn(device).cookie(session));
        send(MockMvcRequestBuilders.get("/watch/bundle?device=" + device).cookie(session));

        assertThat(restOf("has.a.tablet")).isEqualTo(12 * 60 * 60);
    }

    @Test
    void keepsPagesOutOfCachesFramesAndForeignScripts() {
        var headers = get("hamish", "/").response();

        assertThat(headers.getHeader("Cache-Control")).contains("no-store");
        assertThat(headers.getHeader("X-Frame-Options")).isEqualTo("DENY");
        assertThat(headers.getHeader("Content-Security-Policy"))
                .contains("default-src 'none'", "script-src 'self'")
                .doesNotContain("unsafe", "http");
        assertThat(headers.getHeader("Referrer-Policy")).isEqualTo("no-referrer");
    }

    private String plan(Cookie session) {
        return send(MockMvcRequestBuilders.get("/plan").cookie(session)).location();
    }

    private int count(String sql) {
        return java.util.Objects.requireNonNull(database.queryForObject(sql, Integer.class));
    }

    private int restOf(String username) {
        return count("select max_inactive_interval from spring_session where principal_name ="
                + " (select id::text from account where username = '" + username + "')");
    }

    /** As if they had begun earlier: what the session says of its own end is set anew. */
    private void moveTheEndOfSessionsOf(String username, Duration earlier) {
        byte[] end = new org.springframework.core.serializer.support.SerializingConverter()
                .convert(System.currentTimeMillis()
                        + SessionLifetime.LONGEST.minus(earlier).toMillis());
        assertThat(database.update(
                        "update spring_session_attributes set attribute_bytes = ? where attribute_name = 'carder.ends-at'"
                                + " and session_primary_id in (select primary_id from spring_session where principal_name ="
                                + " (select id::text from account where username = ?))",
                        end,
                        username))
                .isPositive();
    }

    private Answer signIn(String username, String password, Cookie... cookies) {
        return signIn(username, password, "127.0.0.1", cookies);
    }

    private Answer signIn(String username, String password, String address, Cookie... cookies) {
        var request = MockMvcRequestBuilders.post("/sign-in")
                .param("username", username)
                .param("password", password)
                .remoteAddress(address)
                .with(csrf());
        return send(cookies.length == 0 ? request : request.cookie(cookies));
    }
}
