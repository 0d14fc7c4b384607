package app.carder.web.settings;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Teodor's nursery, so that the first one's week stays what other tests know it for. */
class SettingsTest extends WebTest {

    @AfterEach
    void putItBack() {
        database.update(
                "update setting set name = 'Harbour Steps Nursery', kind = 'NURSERY', country = 'ENGLAND', open_on = '{1,2,3,4,5}',"
                        + " opens = '08:00', closes = '17:00', time_zone = 'Europe/London', currency = 'GBP' where name like 'Harbour Steps%'");
        database.update("update room set name = 'Pier' where name = 'Jetty'");
    }

    private static String[] fields(Element form, String... other) {
        List<String> fields = new ArrayList<>();
        List<String> replaced = List.of(other);
        ((FormElement) form)
                .formData().stream()
                        .filter(one -> !one.key().equals("_csrf") && !replaced.contains(one.key()))
                        .forEach(one -> fields.addAll(List.of(one.key(), one.value())));
        fields.addAll(replaced);
        return fields.toArray(String[]::new);
    }

    private Element form(String action) {
        return get("teodor", "/settings")
                .page()
                .select("form[action=" + action + "]")
                .first();
    }

    @Test
    void openingDaysAreAnyOfTheSevenAndTheWeekFollowsAtOnce() {
        String week = "/rooms/" + room("Pier") + "/week";
        assertThat(get("teodor", week).page().select("main").text()).doesNotContain("Sat ");

        Answer saved = post(
                "teodor",
                "/settings",
                fields(form("/settings"), "openOn", "MONDAY", "openOn", "SATURDAY", "openOn", "SUNDAY"));

        assertThat(saved.location()).isEqualTo("/settings?saved");
        assertThat(get("teodor", "/settings")
                        .page()
                        .select("[name=openOn][checked]")
                        .eachAttr("value"))
                .containsExactly("MONDAY", "SATURDAY", "SUNDAY");
        assertThat(get("teodor", "/rooms/" + room("Pier") + "/children/new")
                        .page()
                        .select("[name=days][checked]")
                        .eachAttr("value"))
                .containsExactly("MONDAY", "SATURDAY", "SUNDAY");
        assertThat(get("teodor", "/rooms/" + room("Pier") + "/sessions")
                        .page()
                        .select("[name=days-0]")
                        .eachAttr("value"))
                .contains("SATURDAY", "SUNDAY", "TUESDAY");
    }

    @Test
    void whatNoLongerFitsTheOpeningTimesIsNamedAndSessionsAreCutToThem() {
        UUID pier = room("Pier");
        List<Map<String, Object>> before = database.queryForList(
                "select id, starts_at, ends_at, weekdays from room_session where room_id = ?", pier);
        assertThat(get("teodor", "/settings").page().text()).doesNotContain("This does not fit the opening times");
        try {
            post(
                    "teodor",
                    "/settings",
                    fields(
                            form("/settings"),
                            "openOn",
                            "TUESDAY",
                            "openOn",
                            "SATURDAY",
                            "opens",
                            "09:00",
                            "closes",
                            "15:00"));

            assertThat(get("teodor", "/settings").page().select(".draft-back").text())
                    .contains(
                            "not within the opening times",
                            "no session on Saturday",
                            "Children who come when you are closed");
            post("teodor", "/settings/sessions");

            assertThat(database.queryForList(
                            "select id from room_session where room_id = ? and weekdays > 0"
                                    + " and (starts_at < '09:00' or ends_at > '15:00' or weekdays <> 2)",
                            pier))
                    .isEmpty();
            assertThat(database.queryForList("select id from room_session where room_id = ? and weekdays = 2", pier))
                    .isNotEmpty();
            assertThat(get("teodor", "/settings").page().select(".draft-back").text())
                    .doesNotContain("not within the opening times")
                    .contains("no session on Saturday");
        } finally {
            before.forEach(row -> database.update(
                    "update room_session set starts_at = ?, ends_at = ?, weekdays = ? where id = ?",
                    row.get("starts_at"),
                    row.get("ends_at"),
                    row.get("weekdays"),
                    row.get("id")));
        }
    }

    @Test
    void whatIsWrongIsToldAtItsFieldAndNothingIsSaved() {
        Answer wrong = post(
                "teodor",
                "/settings",
                "settingName",
                "",
                "kind",
                "CASTLE",
                "country",
                "ATLANTIS",
                "opens",
                "09:00",
                "closes",
                "soon",
                "timeZone",
                "Europe/Nowhere",
                "currency",
                "XX");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.page().select(".fault").eachText()).hasSize(7);
        assertThat(post("teodor", "/settings", fields(form("/settings"), "closes", "08:30"))
                        .page()
                        .select("#fault-closes")
                        .text())
                .contains("open for an hour or more");
        assertThat(get("teodor", "/settings").page().select("#settingName").val())
                .isEqualTo("Harbour Steps Nursery");
    }

    @Test
    void aRoomAndItsZonesAreCalledByOtherNamesEverywhere() {
        UUID pier = room("Pier");
        String action = "/settings/rooms/" + pier;
        Element zone = form(action).select("[name^=zone-]").first();

        assertThat(post(
                                "teodor",
                                action,
                                fields(form(action), "room-" + pier, "Jetty", zone.attr("name"), "Window table"))
                        .location())
                .isEqualTo("/settings?saved");
        assertThat(get("teodor", "/rooms/" + pier + "/set-out")
                        .page()
                        .select("main")
                        .text())
                .contains("Window table");
        assertThat(get("teodor", "/rooms").page().select("h2").eachText()).contains("Jetty");

        String other = form(action).select("[name^=zone-]").get(1).val();
        Answer twice = post("teodor", action, fields(form(action), zone.attr("name"), other));
        assertThat(twice.status()).isEqualTo(422);
        assertThat(twice.page().select(".fault").text()).contains("Two zones are called “" + other + "”");
        post("teodor", action, fields(form(action), zone.attr("name"), zone.val()));
    }

    @Test
    void onlyTheManagerChangesThem() {
        assertThat(get("bronagh", "/settings").status()).isEqualTo(403);
        assertThat(post("imelda", "/settings/rooms/" + room("Pier"), "room-x", "Jetty")
                        .status())
                .isEqualTo(404);
    }
}
