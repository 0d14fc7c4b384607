package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class PreparationPageTest extends WebTest {

    /** It is Wednesday 6 May, 10:05. Ready on Monday at nine: wrap on Friday, glue on Thursday or before. */
    @Test
    void countsBackwardsOverDaysAndSessions() {
        var page = get(
                        "tobias",
                        "/cards/" + card("Painted rice for mosaics") + "/preparation?readyOn=2026-05-11&readyAt=09:00")
                .page();

        assertThat(page.select("#plan .verdict").text()).isEqualTo("It can be ready in time.");
        assertThat(page.select("#plan h3").eachText()).last().isEqualTo("Friday 8 May");
        assertThat(page.select("#plan .plan-day").last().text()).contains("Wrap for Friday");
        assertThat(page.select("#plan dl").text()).contains("170 min", "The day before");
    }

    @Test
    void saysWhatCanNoLongerBeReady() {
        var page = get(
                        "tobias",
                        "/cards/" + card("Painted rice for mosaics") + "/preparation?readyOn=2026-05-07&readyAt=09:00")
                .page();

        assertThat(page.select("#plan .verdict").text())
                .contains("can no longer be ready")
                .contains("At the earliest:");
        assertThat(page.select("#plan .late").text()).contains("should have started");
    }

    @Test
    void planFollowsTheTypingWithoutKeepingIt() {
        UUID card = card("Sorting office");
        var request = MockMvcRequestBuilders.post("/cards/" + card + "/preparation/plan")
                .header("HX-Request-Type", "partial")
                .param("readyOn", "2026-05-08")
                .param("readyAt", "09:00")
                .param("step", "Cut labels")
                .param("hands", "30")
                .param("wait", "")
                .param("who", "ADULT")
                .param("turns", "")
                .param("after", "")
                .with(csrf());

        var plan = send("tobias", request).page();

        assertThat(plan.select("form")).isEmpty();
        assertThat(plan.select("#plan").text()).contains("08:30", "Cut labels");
        assertThat(database.queryForObject(
                        "select count(*) from card_preparation_step where card_id = ?", Integer.class, card))
                .isZero();
    }

    @Test
    void keepsTheSteps() {
        UUID card = card("Listening parcels");
        post(
                "tobias",
                "/cards/" + card + "/preparation",
                "readyOn",
                "2026-05-11",
                "readyAt",
                "09:00",
                "step",
                "Fill tins",
                "step",
                "Tape shut",
                "hands",
                "15",
                "hands",
                "10",
                "wait",
                "0",
                "wait",
                "1.5",
                "who",
                "ADULT",
                "who",
                "CHILDREN",
                "turns",
                "1",
                "turns",
                "3",
                "after",
                "",
                "after",
                "1");

        var page = get("tobias", "/cards/" + card + "/preparation").page();

        assertThat(page.select("[name=step]").eachAttr("value")).containsExactly("Fill tins", "Tape shut", "");
        assertThat(page.select("#wait-1").val()).isEqualTo("1.5");
        assertThat(page.select("#after-1").val()).isEqualTo("1");
    }

    @Test
    void readsTheNumbersAsTheyStandBesideTheRowsWhenARowIsLeftBlank() {
        UUID card = card("How the letter travels");
        post(
                "tobias",
                "/cards/" + card + "/preparation",
                "readyOn",
                "2026-05-11",
                "readyAt",
                "09:00",
                "step",
                "Draw",
                "step",
                "",
                "step",
                "Cut",
                "step",
                "Laminate",
                "hands",
                "15",
                "hands",
                "",
                "hands",
                "10",
                "hands",
                "10",
                "after",
                "",
                "after",
                "",
                "after",
                "1",
                "after",
                "3");

        assertThat(get("tobias", "/cards/" + card + "/preparation")
                        .page()
                        .select("[name=after]")
                        .eachAttr("value"))
                .containsExactly("", "1", "2", "");
    }

    @Test
    void saysWhatIsWrong() {
        Answer wrong = post(
                "tobias",
                "/cards/" + card("Sorting office") + "/preparation",
                "readyOn",
                "soon",
                "readyAt",
                "early",
                "step",
                "A",
                "step",
                "B",
                "hands",
                "0",
                "hands",
                "10",
                "wait",
                "-1",
                "wait",
                "0",
                "who",
                "ADULT",
                "who",
                "ADULT",
                "turns",
                "1",
                "turns",
                "1",
                "after",
                "",
                "after",
                "7");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.page().select("[role=alert] a").eachAttr("href"))
                .contains("#hands-0", "#wait-0", "#after-1", "#readyOn", "#readyAt");
        Answer tooLong = post(
                "tobias",
                "/cards/" + card("Sorting office") + "/preparation",
                "readyOn",
                "2026-05-11",
                "readyAt",
                "09:00",
                "step",
                "Paint all day",
                "hands",
                "300",
                "who",
                "CHILDREN");
        assertThat(tooLong.text()).contains("Maybe split it?");
    }
}
