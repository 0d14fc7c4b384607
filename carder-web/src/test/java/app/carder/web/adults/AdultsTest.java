package app.carder.web.adults;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class AdultsTest extends WebTest {

    @AfterEach
    void asTheyWere() {
        database.update("update adult_facts set first_aid_until = date '2030-01-31'");
        write("ravi", "", "", false);
    }

    private void write(String who, String until, String avoids, boolean expecting) {
        Answer answer = expecting
                ? post(who, "/about-me", "firstAidUntil", until, "avoids", avoids, "expecting", "on")
                : post(who, "/about-me", "firstAidUntil", until, "avoids", avoids);
        assertThat(answer.location()).isEqualTo("/about-me?saved");
    }

    @Test
    void whatAnAdultWroteIsSeenByNobodyElse() {
        write("ravi", "2027-02-28", "latex\ngrass", true);

        assertThat(get("ravi", "/about-me").page().select("#avoids").val()).contains("latex", "grass");
        assertThat(get("ravi", "/about-me").page().select("[name=expecting]").hasAttr("checked"))
                .isTrue();
        for (String other : new String[] {"imelda", "marguerite", "teodor"}) {
            assertThat(get(other, "/about-me").page().select("#avoids").val()).doesNotContain("grass");
        }
        assertThat(get("imelda", "/staff").text()).doesNotContain("latex", "expecting");
    }

    @Test
    void whatSomebodyShouldNotHandleIsSaidAtTheSetOutWithoutAName() {
        write("ravi", "", "lentils", true);

        String page = get("tobias", "/cards/" + card("Lentils to the line") + "/set-out")
                .page()
                .select("section:has(> h2:containsOwn(For adults))")
                .text();

        assertThat(page).contains("lentils").doesNotContain("Ravi");
    }

    @Test
    void aDayOnWhichNobodyCertifiedIsThereIsToldAndSoIsNotKnowing() {
        assertThat(get("tobias", "/").text()).doesNotContain("first-aid certificate");

        database.update("update adult_facts set first_aid_until = date '2020-01-31'");
        assertThat(get("tobias", "/").text()).contains("Nobody with a first-aid certificate from ");

        database.update("update adult_facts set first_aid_until = null");
        assertThat(get("tobias", "/").text()).contains("Carder cannot tell whether someone who has one is on site");
    }

    @Test
    void marksADayThatIsNone() {
        Answer refused = post("ravi", "/about-me", "firstAidUntil", "31 Februar", "avoids", "");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select(".fault")).isNotEmpty();
    }
}
