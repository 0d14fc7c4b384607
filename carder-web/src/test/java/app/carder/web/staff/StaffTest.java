package app.carder.web.staff;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class StaffTest extends WebTest {

    private static final String CHOSEN = "three blue buckets";

    @AfterEach
    void forgetFailures() {
        database.update("delete from sign_in_budget");
    }

    @Test
    void makesAnAccountWhoseOwnerChoosesThePasswordWithACodeThatWorksOnce() {
        Answer made = post(
                "imelda", "/staff",
                "staffName", "Bronagh Keane",
                "username", "bronagh.loft",
                "role", "PRACTITIONER",
                "room", room("Loft").toString());
        String code = codeOn(made);

        assertThat(choose("bronagh.loft", code, "short")
                        .page()
                        .select("[role=alert] li")
                        .text())
                .contains("12 characters");
        assertThat(choose("bronagh.loft", code.toLowerCase(Locale.ROOT).replace("-", " "), CHOSEN)
                        .location())
                .isEqualTo("/sign-in?chosen");

        assertThat(signIn("bronagh.loft", CHOSEN).location()).isEqualTo("/");
        assertThat(choose("bronagh.loft", code, "four green buckets").status()).isEqualTo(422);
        assertThat(database.queryForList("select code_hash from password_code", String.class))
                .doesNotContain(code);
    }

    @Test
    void aCodeEndsAfterThreeDaysOrTenWrongTries() {
        String late = codeOn(post("imelda", "/staff/" + practitioner("comes.late") + "/code"));
        String guessed = codeOn(post("imelda", "/staff/" + practitioner("is.guessed") + "/code"));

        for (int guess = 0; guess < 10; guess++) {
            choose("is.guessed", "AAAA-BBBB-CCCC-DDDD", CHOSEN);
        }
        assertThat(choose("is.guessed", guessed, CHOSEN).status()).isEqualTo(422);

        clock.advance(Duration.ofHours(73));
        assertThat(choose("comes.late", late, CHOSEN).status()).isEqualTo(422);
    }

    @Test
    void whoeverIsSignedInIsNoLongerWhenTheirAccountIsClosedChangedGivenACodeOrSignedOutEverywhere() {
        String loft = room("Loft").toString();
        for (String verb : List.of("/close", "", "/code", "/sessions/end")) {
            String name = "leaves.by" + verb.replace('/', '.');
            UUID account = practitioner(name);
            assertThat(get(name, "/about-me").status()).isEqualTo(200);

            post("imelda", "/staff/" + account + verb, "staffName", "Ravi", "role", "ROOM_LEAD", "room", loft);

            assertThat(get(name, "/about-me").location()).as(verb).endsWith("/sign-in");
        }
    }

    @Test
    void aClosedAccountKeepsItsNameUnderWhatItWroteAndLetsNobodyInUntilItIsOpenedAgain() {
        UUID account = practitioner("left.in.may");
        post("imelda", "/staff/" + account + "/close");

        assertThat(signIn("left.in.may", "parcels-and-post").location()).isEqualTo("/sign-in?closed");
        assertThat(signIn("left.in.may", "wrong").location()).isEqualTo("/sign-in?wrong");
        assertThat(get("imelda", "/staff").page().select("li:contains(closed)").text())
                .contains("Ravi Menon");

        post("imelda", "/staff/" + account + "/open");
        assertThat(signIn("left.in.may", "parcels-and-post").location()).isEqualTo("/");
    }

    @Test
    void coverStaffComeOnTheirDaysOnly() {
        UUID account = practitioner("covers");

        assertThat(cover(account, "2020-01-06", "2020-01-10").location()).endsWith("?saved");
        assertThat(signIn("covers", "parcels-and-post").location()).isEqualTo("/sign-in?closed");

        assertThat(cover(account, "2020-01-06", "2099-01-10").location()).endsWith("?saved");
        assertThat(signIn("covers", "parcels-and-post").location()).isEqualTo("/");
        assertThat(cover(account, "2020-01-10", "2020-01-06").status()).isEqualTo(422);
        assertThat(cover(account, "2020-01-10", "").status()).isEqualTo(422);
    }

    @Test
    void theLastManagerStays() {
        UUID imelda = account("imelda");

        Answer closed = post("imelda", "/staff/" + imelda + "/close");
        Answer moved = post(
                "imelda",
                "/staff/" + imelda,
                "staffName",
                "Imelda Farrow",
                "role",
                "PRACTITIONER",
                "room",
                room("Loft").toString());

        assertThat(List.of(closed, moved)).allSatisfy(answer -> {
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.text()).contains("only manager");
        });
        assertThat(get("imelda", "/staff").status()).isEqualTo(200);
    }

    @Test
    void saysWhatIsWrongAndNeverMakesACarerOrASecondOfOneName() {
        Answer answer = post("imelda", "/staff", "staffName", "", "username", "TEODOR", "role", "CARER");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("[role=alert] li").eachText())
                .anyMatch(text -> text.contains("The name is missing"))
                .anyMatch(text -> text.contains("already signs in as \u201cTEODOR\u201d"))
                .anyMatch(text -> text.contains("Choose a role"))
                .anyMatch(text -> text.contains("Choose at least one room"));
    }

    private Answer cover(UUID account, String from, String until) {
        return post(
                "imelda",
                "/staff/" + account,
                "staffName",
                "Ravi Menon",
                "role",
                "PRACTITIONER",
                "room",
                room("Loft").toString(),
                "coverFrom",
                from,
                "coverUntil",
                until);
    }

    private static String codeOn(Answer answer) {
        String code = answer.page().select(".big-code").text();
        assertThat(code).matches(Pattern.compile("(?:[A-Z2-9]{4}-){3}[A-Z2-9]{4}"));
        return code;
    }

    private Answer choose(String username, String code, String password) {
        return postAsNobody("/sign-in/code", "username", username, "code", code, "password", password);
    }

    private Answer signIn(String username, String password) {
        return postAsNobody("/sign-in", "username", username, "password", password);
    }
}
