package app.carder.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class SignInTest extends WebTest {

    @AfterEach
    void forgetFailures() {
        database.update("delete from sign_in_failure");
    }

    @Test
    void letsNobodyInWithAWrongPasswordAndSaysTheSameForAnUnknownName() {
        assertThat(signIn("hamish", "wrong").location()).isEqualTo("/sign-in?wrong");
        assertThat(signIn("nobody.here", "wrong").location()).isEqualTo("/sign-in?wrong");
        assertThat(signIn("HAMISH ", "parcels-and-post").location()).isEqualTo("/");
    }

    @Test
    void slowsDownAfterThreeFailuresAndForgetsThemAfterASuccess() {
        fail("tobias", 4);

        assertThat(signIn("tobias", "parcels-and-post").location()).isEqualTo("/sign-in?blocked");

        clock.advance(Duration.ofSeconds(2));
        assertThat(signIn("tobias", "parcels-and-post").location()).isEqualTo("/");
        fail("tobias", 3);
        assertThat(signIn("tobias", "parcels-and-post").location()).isEqualTo("/");
    }

    @Test
    void locksOutForAQuarterOfAnHourAfterTenFailures() {
        for (int failure = 0; failure < 10; failure++) {
            signIn("tobias", "wrong");
            clock.advance(Duration.ofMinutes(3));
        }

        clock.advance(Duration.ofMinutes(11));
        assertThat(signIn("tobias", "parcels-and-post").location()).isEqualTo("/sign-in?blocked");
        clock.advance(Duration.ofMinutes(2));
        assertThat(signIn("tobias", "parcels-and-post").location()).isEqualTo("/");
    }

    @Test
    void keepsPasswordsOnlyAsBcrypt() {
        assertThat(database.queryForList("select password_hash from account", String.class))
                .isNotEmpty()
                .allMatch(hash -> hash.startsWith("$2a$10$"));
    }

    @Test
    void refusesAFormWithoutItsToken() {
        Answer answer = send(MockMvcRequestBuilders.post("/sign-in")
                .param("username", "hamish")
                .param("password", "parcels-and-post"));

        assertThat(answer.status()).isEqualTo(403);
    }

    @Test
    void endsTheSessionAtSignOut() {
        var cookie = send(MockMvcRequestBuilders.post("/sign-in")
                        .param("username", "ravi")
                        .param("password", "parcels-and-post")
                        .with(csrf()))
                .response()
                .getCookie("SESSION");
        assertThat(send(MockMvcRequestBuilders.get("/plan").cookie(cookie)).location())
                .startsWith("/rooms/");

        send(MockMvcRequestBuilders.post("/sign-out").cookie(cookie).with(csrf()));

        assertThat(send(MockMvcRequestBuilders.get("/plan").cookie(cookie)).location())
                .endsWith("/sign-in");
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

    private void fail(String username, int times) {
        for (int failure = 0; failure < times; failure++) {
            signIn(username, "wrong");
        }
    }

    private Answer signIn(String username, String password) {
        return send(MockMvcRequestBuilders.post("/sign-in")
                .param("username", username)
                .param("password", password)
                .with(csrf()));
    }
}
