package app.carder.web.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import jakarta.servlet.http.Cookie;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class LookTest extends WebTest {

    private static final String LARGER = "dark.larger.usual.either.usual.";

    @Test
    void theLanguageGoesWithWhoeverSignsInAndTheRestStaysWithTheBrowser() {
        practitioner("speaks.german");
        practitioner("chose.nothing");

        assertThat(choose("speaks.german", "de").location()).isEqualTo("/look?saved");

        assertThat(lookAfterSigningIn("speaks.german", LARGER + "system")).isEqualTo(LARGER + "de");
        assertThat(lookAfterSigningIn("chose.nothing", LARGER + "de")).isEqualTo(LARGER + "system");

        choose("speaks.german", "system");

        assertThat(lookAfterSigningIn("speaks.german", LARGER + "de")).isEqualTo(LARGER + "system");
    }

    @Test
    void refusesALanguageThatThereIsNot() {
        assertThat(choose("hamish", "xx").status()).isEqualTo(404);
    }

    private Answer choose(String username, String language) {
        return post(
                username,
                "/look",
                "theme",
                "dark",
                "text",
                "larger",
                "contrast",
                "usual",
                "thumb",
                "either",
                "keys",
                "usual",
                "language",
                language);
    }

    private String lookAfterSigningIn(String username, String look) {
        Cookie told = send(MockMvcRequestBuilders.post("/sign-in")
                        .param("username", username)
                        .param("password", "parcels-and-post")
                        .cookie(new Cookie(Look.COOKIE, look))
                        .with(csrf()))
                .response()
                .getCookie(Look.COOKIE);
        assertThat(told).isNotNull();
        return told.getValue();
    }
}
