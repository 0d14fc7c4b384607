package app.carder.web.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What somebody types is theirs, and there until it is saved. */
class DraftTest extends WebTest {

    private static final String ABOUT_ME = "/about-me 0";

    private final String username = "drafts." + UUID.randomUUID();

    @Autowired
    private DraftService drafts;

    @BeforeEach
    void come() {
        practitioner(username);
    }

    private Answer save(String who, String path, String place, String value) {
        return send(
                who,
                MockMvcRequestBuilders.post(path)
                        .with(csrf())
                        .contentType("application/json")
                        .content("{\"place\": \"%s\", \"fields\": [[\"avoids\", \"%s\"]]}".formatted(place, value)));
    }

    private String found(String who, String place) {
        return send(who, MockMvcRequestBuilders.get("/drafts").param("place", place))
                .text();
    }

    @Test
    void aDraftIsThereForWhoeverTypedItAndNobodyElse() {
        assertThat(save(username, "/drafts", ABOUT_ME, "latex").status()).isEqualTo(204);
        assertThat(save(username, "/drafts", ABOUT_ME, "latex, grass").status()).isEqualTo(204);

        assertThat(found(username, ABOUT_ME))
                .contains("[[\"avoids\",\"latex, grass\"]]", "Wed 6 May, 10:05")
                .doesNotContain("\"latex\"");
        assertThat(found("hamish", ABOUT_ME)).isEqualTo("[]");
        assertThat(found("imelda", ABOUT_ME)).isEqualTo("[]");
        assertThat(found(username, "/about-me 1")).isEqualTo("[]");
        assertThat(database.queryForObject(
                        "select encode(content, 'escape') from draft d join account a on a.id = d.account_id where username = ?",
                        String.class,
                        username))
                .doesNotContain("latex");
    }

    @Test
    void savingTheFormEndsItsDraftAndAFormWithAFaultKeepsIt() {
        save(username, "/drafts", ABOUT_ME, "latex");

        assertThat(post(username, "/about-me", "firstAidUntil", "no day").status())
                .isEqualTo(422);
        assertThat(found(username, ABOUT_ME)).contains("latex");
        assertThat(post(username, "/about-me", "avoids", "latex").status()).isEqualTo(302);
        assertThat(found(username, ABOUT_ME)).isEqualTo("[]");
    }

    @Test
    void aDraftIsThrownAwayWhenAskedOrAfterAWeek() {
        save(username, "/drafts", ABOUT_ME, "latex");
        save(username, "/drafts/forget", ABOUT_ME, "");
        assertThat(found(username, ABOUT_ME)).isEqualTo("[]");

        save(username, "/drafts", ABOUT_ME, "latex");
        assertThat(found(username, ABOUT_ME)).contains("latex");
        clock.advance(DraftService.KEPT.plus(Duration.ofMinutes(1)));
        drafts.tidy();
        clock.reset();
        assertThat(found(username, ABOUT_ME)).isEqualTo("[]");
    }

    @Test
    void draftsAreBounded() {
        assertThat(save(username, "/drafts", "/" + "x".repeat(300), "").status())
                .isEqualTo(413);
        assertThat(save(username, "/drafts", ABOUT_ME, "x".repeat(200_001)).status())
                .isEqualTo(413);
        for (int form = 0; form <= DraftService.MOST; form++) {
            save(username, "/drafts", "/form " + form, "words");
            clock.advance(Duration.ofSeconds(1));
        }

        assertThat(database.queryForObject(
                        "select count(*) from draft d join account a on a.id = d.account_id where username = ?",
                        Integer.class,
                        username))
                .isEqualTo(DraftService.MOST);
        assertThat(found(username, "/form 0")).isEqualTo("[]");
        assertThat(found(username, "/form 100")).contains("words");
    }

    @Test
    void typingFillsNoAccessLog() {
        save(username, "/drafts", ABOUT_ME, "latex");
        found(username, ABOUT_ME);

        assertThat(database.queryForObject(
                        "select count(*) from access_entry where route like '/drafts%'", Integer.class))
                .isZero();
    }
}
