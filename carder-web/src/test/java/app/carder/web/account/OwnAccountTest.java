package app.carder.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import jakarta.servlet.http.Cookie;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class OwnAccountTest extends WebTest {

    private static final String OLD = "parcels-and-post";
    private static final String NEW = "three blue buckets";

    @AfterEach
    void forgetFailures() {
        database.update("delete from sign_in_budget");
    }

    @Test
    void aChangedPasswordEndsEveryOtherSessionAndTheOldPassword() {
        practitioner("changes");
        Cookie other = session("changes", OLD);
        Cookie own = session("changes", OLD);

        assertThat(change(own, OLD, NEW).location()).isEqualTo("/account?changed");

        assertThat(open(own).status()).isEqualTo(200);
        assertThat(open(other).location()).endsWith("/sign-in");
        assertThat(signIn("changes", OLD).location()).isEqualTo("/sign-in?wrong");
        assertThat(signIn("changes", NEW).location()).isEqualTo("/");
    }

    @Test
    void nothingChangesWithoutTheOldPasswordOrWithOneThatIsNotFit() {
        practitioner("is.unsure");
        Cookie own = session("is.unsure", OLD);

        Answer wrong = change(own, "not the old one", NEW);
        Answer named = change(own, OLD, "is.unsure about it");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text()).contains("not your current password");
        assertThat(named.status()).isEqualTo(422);
        assertThat(named.text()).contains("your username").doesNotContain(OLD).doesNotContain("about it");
        assertThat(signIn("is.unsure", OLD).location()).isEqualTo("/");
    }

    @Test
    void whoeverFindsADeskOpenCannotGuessThePasswordThereForEver() {
        practitioner("went.out");
        Cookie own = session("went.out", OLD);

        for (int guess = 0; guess < 20; guess++) {
            change(own, "guess", NEW);
        }

        assertThat(change(own, OLD, NEW).text()).contains("Too many wrong attempts");
    }

    @Test
    void showsWhereOneIsSignedInAndEndsTheOthers() {
        practitioner("is.everywhere");
        Cookie other = session("is.everywhere", OLD);
        Cookie own = send(MockMvcRequestBuilders.post("/sign-in")
                        .param("username", "is.everywhere")
                        .param("password", OLD)
                        .header("User-Agent", "Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0")
                        .with(csrf()))
                .response()
                .getCookie("SESSION");

        assertThat(open(own).page().select("li").eachText())
                .hasSize(2)
                .anyMatch(row -> row.contains("Firefox, Linux (this one)"));

        send(MockMvcRequestBuilders.post("/account/sessions/end").cookie(own).with(csrf()));

        assertThat(open(other).location()).endsWith("/sign-in");
        assertThat(open(own).page().select("li").eachText()).hasSize(1);
    }

    private Answer open(Cookie session) {
        return send(MockMvcRequestBuilders.get("/account").cookie(session));
    }

    private Answer change(Cookie session, String old, String chosen) {
        return send(MockMvcRequestBuilders.post("/account/password")
                .param("old", old)
                .param("password", chosen)
                .cookie(session)
                .with(csrf()));
    }

    private Answer signIn(String username, String password) {
        return postAsNobody("/sign-in", "username", username, "password", password);
    }

    private Cookie session(String username, String password) {
        Cookie cookie = signIn(username, password).response().getCookie("SESSION");
        assertThat(cookie).as("session of " + username).isNotNull();
        return cookie;
    }
}
