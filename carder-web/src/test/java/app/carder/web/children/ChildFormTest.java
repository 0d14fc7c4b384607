package app.carder.web.children;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ChildFormTest extends WebTest {

    @Test
    void showsAgeToTheDayAllergiesMouthingAndDays() {
        String row = get("hamish", "/rooms/" + room("Loft") + "/children").page().select(".child-peg").stream()
                .filter(found -> found.text().contains("Yusuf"))
                .findFirst()
                .orElseThrow()
                .text()
                .replace('\u00a0', ' ');

        assertThat(row).containsPattern("\\d y \\d+ m \\d+ d").contains("months", "Still mouths things", "Mon");
        assertThat(get("hamish", "/rooms/" + room("Loft") + "/children").text())
                .contains("allergic to peanuts, tree nuts");
    }

    @Test
    void refusesABirthdayInTheFutureAndKeepsWhatWasTyped() {
        Answer answer = post(
                "tobias",
                "/rooms/" + room("Loft") + "/children",
                "givenName",
                "Jarek \u05d3\u05d5\u05d3 \ud83d\ude80 <b>",
                "bornOn",
                "2026-05-07",
                "pegMark",
                "KEY",
                "days",
                "MONDAY",
                "interests",
                "knots");

        assertThat(answer.status()).isEqualTo(422);
        var page = answer.page();
        assertThat(page.select("[role=alert]").text()).contains("The date of birth is in the future");
        assertThat(page.select("#bornOn").attr("aria-invalid")).isEqualTo("true");
        assertThat(page.select("#" + page.select("#bornOn").attr("aria-describedby"))
                        .text())
                .contains("6 May 2026 or earlier");
        assertThat(page.select("#givenName").val()).isEqualTo("Jarek \u05d3\u05d5\u05d3 \ud83d\ude80 <b>");
        assertThat(page.select("#interests").val()).isEqualTo("knots");
        assertThat(page.select("b")).isEmpty();
    }

    @Test
    void collectsEverythingThatIsWrongAtOnce() {
        Answer answer = post("tobias", "/rooms/" + room("Loft") + "/children", "bornOn", "soon", "pegMark", "BELL");

        assertThat(answer.page().select("[role=alert] li").eachText())
                .anyMatch(text -> text.contains("first name is missing"))
                .anyMatch(text -> text.contains("\u201csoon\u201d"))
                .anyMatch(text -> text.contains("Another child in this room has the bell"))
                .anyMatch(text -> text.contains("Tick at least one day"));
    }

    @Test
    void keepsWhatTheRecordSaidBefore() {
        UUID tamsin = child("Tamsin");

        Answer answer = post("tobias", "/children/" + tamsin + "/edit", edited(tamsin, "trolleys and gates"));

        assertThat(answer.location()).isEqualTo("/children/" + tamsin);
        assertThat(database.queryForMap(
                        "select field, before, person_name from history_entry where subject_id = ? and field = 'interests'",
                        tamsin))
                .containsEntry("before", "carrying, filling and emptying")
                .containsEntry("person_name", "Tobias Renn");
        assertThat(get("tobias", "/children/" + tamsin)
                        .page()
                        .select(".earlier")
                        .text())
                .contains("carrying, filling and emptying", "Monday")
                .doesNotContain("MONDAY", "OWN_JOURNAL", "[", "null")
                .doesNotContainPattern("[0-9a-f]{8}-[0-9a-f]{4}");
    }

    @Test
    void losesNothingWhenTwoPeopleChangeOneChild() {
        UUID quentin = child("Quentin");
        String[] hamishs = edited(quentin, "whistles");
        post("tobias", "/children/" + quentin + "/edit", edited(quentin, "maps"));

        Answer answer = post("hamish", "/children/" + quentin + "/edit", hamishs);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("[role=alert]").text()).contains("Someone else saved this");
        assertThat(answer.page().select("#interests").val()).isEqualTo("whistles");
        assertThat(database.queryForObject("select interests from child where id = ?", String.class, quentin))
                .isEqualTo("maps");
    }

    @Test
    void aChildLeavesAfterItArrivesAndItsHoursAreKept() {
        UUID tamsin = child("Tamsin");
        String[] usual = edited(tamsin, "trolleys");
        String[] backwards = Arrays.copyOf(usual, usual.length + 4);
        System.arraycopy(new String[] {"arrives", "12:30", "leaves", "09:30"}, 0, backwards, usual.length, 4);
        String[] right = Arrays.copyOf(usual, usual.length + 2);
        System.arraycopy(new String[] {"arrives", "09:30"}, 0, right, usual.length, 2);

        Answer refused = post("tobias", "/children/" + tamsin + "/edit", backwards);
        post("tobias", "/children/" + tamsin + "/edit", right);

        assertThat(refused.page().select("#fault-leaves").text())
                .isEqualTo("The leaving time must be after the arrival time.");
        var form = get("tobias", "/children/" + tamsin + "/edit").page();
        assertThat(form.select("#arrives").val()).isEqualTo("09:30");
        assertThat(form.select("#leaves").val()).isEmpty();
        post("tobias", "/children/" + tamsin + "/edit", edited(tamsin, "trolleys"));
    }

    private String[] edited(UUID child, String interests) {
        var form = get("tobias", "/children/" + child + "/edit").page();
        return new String[] {
            "version", form.select("[name=version]").val(),
            "givenName", form.select("#givenName").val(),
            "bornOn", form.select("#bornOn").val(),
            "pegMark", form.select("[name=pegMark][checked]").val(),
            "days", "WEDNESDAY",
            "interests", interests
        };
    }
}
