package app.carder.web.rota;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;

class RotaPageTest extends WebTest {

    private String url(String room) {
        return "/rooms/" + room(room) + "/rota";
    }

    private List<String> leads(Document page) {
        return page.select(".rota tbody td summary > span:first-child").eachText();
    }

    @Test
    void namesTheMinutesInWhichAdultsAreMissingAndWhoIsThere() {
        Document page = get("tobias", url("Loft")).page();

        assertThat(page.select("[aria-labelledby=enough] section")).hasSizeBetween(4, 5);
        assertThat(page.select("[aria-labelledby=enough] .short").eachText())
                .contains("16:15 to 17:00: 12 children need 2, here Hamish Vale")
                .noneMatch(line -> line.startsWith("12:"));
    }

    @Test
    void addsAndTakesAwayHoursAndRefusesWrongOnes() {
        String url = url("Pier");
        String bronagh = account("bronagh").toString();

        Answer wrong = post("teodor", url + "/shifts", "adult", bronagh, "fromTime", "12:00", "untilTime", "8:00");
        Answer kept = post(
                "teodor",
                url + "/shifts",
                "adult",
                bronagh,
                "fromTime",
                "08:00",
                "untilTime",
                "12:00",
                "days",
                "MONDAY");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.page().select(".fault").eachText())
                .contains("This must be a time such as 09:30; it says “8:00”.", "Say on which days.");
        assertThat(kept.location()).isEqualTo(url);
        Element row = get("teodor", url).page().selectFirst(".shift-row:contains(Bronagh Keane)");
        assertThat(row.select("[type=time]").eachAttr("value")).containsExactly("08:00", "12:00");
        assertThat(row.select("[aria-label]").eachAttr("aria-label"))
                .containsExactly(
                        "Bronagh Keane begins on Monday",
                        "Bronagh Keane ends on Monday",
                        "Remove Bronagh Keane, Monday");
        post("teodor", row.select("form").last().attr("action"));
        assertThat(get("teodor", url).page().select(".shift-row:contains(Bronagh)"))
                .isEmpty();
        assertThat(post(
                                "tobias",
                                url("Loft") + "/shifts",
                                "adult",
                                bronagh,
                                "fromTime",
                                "08:00",
                                "untilTime",
                                "12:00",
                                "days",
                                "MONDAY")
                        .status())
                .as("staff of another setting")
                .isEqualTo(422);
    }

    @Test
    void hoursBeginAndEndAtOtherTimesUnlessThePersonIsElsewhereThenAndComeBackWithUndo() {
        String url = url("Pier");
        String bronagh = account("bronagh").toString();
        post("teodor", url + "/shifts", "adult", bronagh, "fromTime", "08:00", "untilTime", "12:00", "days", "TUESDAY");
        String shift =
                get("teodor", url).page().selectFirst(".shift-row [data-shift]").attr("action");

        Answer wrong = post("teodor", shift, "fromTime", "12:00", "untilTime", "11:00");
        Answer changed = post("teodor", shift, "fromTime", "08:30", "untilTime", "13:15");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(changed.location()).isEqualTo(url);
        Document page = get("teodor", url).page();
        assertThat(page.select(".shift-row [type=time]").eachAttr("value")).containsExactly("08:30", "13:15");
        assertThat(page.select("#just-done").text()).contains("changed the hours of Bronagh Keane");
        post("teodor", page.select("#just-done form").attr("action"));
        assertThat(get("teodor", url).page().select(".shift-row [type=time]").eachAttr("value"))
                .containsExactly("08:00", "12:00");
        assertThat(post("tobias", shift, "fromTime", "08:30", "untilTime", "13:15")
                        .status())
                .as("another setting's")
                .isEqualTo(404);
        post("teodor", shift + "/remove");
    }

    /** Two adults and four zones: each leads two at a time; somebody who is away for a week leads none of it. */
    @Test
    void makesARotaAndSolvesItAgainWhenSomebodyIsAway() {
        String url = url("Nook");
        post("precious", url + "/leads", "firstMonday", "2026-06-01", "weeks", "4");
        List<String> before = leads(get("precious", url).page());
        assertThat(before).hasSize(16).containsOnly("Precious Adeyemi", "Sunniva Dahl");
        assertThat(before.stream()
                        .collect(Collectors.groupingBy(name -> name, Collectors.counting()))
                        .values())
                .as("even")
                .containsOnly(8L);

        post(
                "precious",
                url + "/absences",
                "absent",
                account("sunniva").toString(),
                "awayFrom",
                "2026-06-08",
                "awayUntil",
                "2026-06-12");
        post(
                "precious",
                "/lead-rotas/"
                        + id("select id from lead_rota where room_id = ? order by changed_at desc", room("Nook"))
                        + "/again");

        Document page = get("precious", url).page();
        List<String> after = leads(page);
        assertThat(after.subList(4, 8)).as("the week away").containsOnly("Precious Adeyemi");
        assertThat(after.subList(0, 4)).as("the weeks around stay").isEqualTo(before.subList(0, 4));
        assertThat(after.subList(8, 16)).isEqualTo(before.subList(8, 16));
        assertThat(page.select(".notes").text()).contains("2 turns were changed.");
    }

    @Test
    void keepsWhoCannotLeadWhatAndATurnThatWasHandedOver() {
        String url = url("Burrow");
        String ravi = account("ravi").toString();
        String marguerite = account("marguerite").toString();
        UUID rug = id("select id from zone where room_id = ? and name = 'Rug'", room("Burrow"));
        post("marguerite", url + "/skills", "cannot", ravi + "_" + rug);
        post("marguerite", url + "/leads", "firstMonday", "2026-06-03", "weeks", "3");

        assertThat(database.queryForList(
                        "select distinct a.display_name from lead_turn t join account a on a.id = t.account_id where zone_id = ? and not spare",
                        String.class,
                        rug))
                .doesNotContain("Ravi Menon");
        assertThat(database.queryForObject(
                        "select min(first_monday)::text from lead_rota where room_id = ?",
                        String.class,
                        room("Burrow")))
                .as("a Monday")
                .isEqualTo("2026-06-01");
        UUID turn = id(
                "select t.id from lead_turn t join lead_rota r on r.id = t.rota_id where r.room_id = ? and account_id is distinct from ? and not spare order by t.id",
                room("Burrow"),
                UUID.fromString(marguerite));
        post("marguerite", "/lead-turns/" + turn, "adult", marguerite);
        post("marguerite", "/lead-rotas/" + id("select rota_id from lead_turn where id = ?", turn) + "/again");
        assertThat(get("marguerite", url).page().select(".rota summary").text()).contains("Marguerite Lisle pinned");
    }

    @Test
    void refusesARotaWithoutAnyoneAndWithTooManyWeeks() {
        assertThat(post("teodor", url("Pier") + "/leads", "firstMonday", "2026-06-01", "weeks", "99")
                        .page()
                        .select(".fault")
                        .text())
                .contains("Nobody has hours in this room yet");
    }
}
