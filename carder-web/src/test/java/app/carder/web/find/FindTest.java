package app.carder.web.find;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FindTest extends WebTest {

    @Test
    void findsChildrenCardsThingsAndPagesByAPartOfTheirNames() {
        assertThat(found("tobias", "anou")).contains("/children/" + child("Anouk"));
        assertThat(found("tobias", "kilo rice")).contains("/cards/" + card("Rice by the kilo"));
        assertThat(found("tobias", "cubes")).contains("/materials/" + material("wooden-cubes"));
        assertThat(found("tobias", "week bo")).contains("/rooms/" + room("Loft") + "/week");
    }

    @Test
    void findsWhatWasWrittenInAnyFormOfItsWordsAndWhileTheyAreTyped() {
        UUID observation = observation("hamish", "Anouk", "Anouk poured lentils into the tallest quixjar and laughed.");

        assertThat(found("hamish", "pouring lentil")).contains("/observations/" + observation);
        assertThat(found("hamish", "quixj")).contains("/observations/" + observation);
        assertThat(get("hamish", "/find?q=quixjar")
                        .page()
                        .select(".found-words mark")
                        .text())
                .isEqualTo("quixjar");
        assertThat(found("hamish", "quixjar submarine")).doesNotContain("/observations/" + observation);
    }

    @Test
    void observationsAreFoundByAreaAdultCardAndDay() {
        UUID observation = observation("hamish", "Anouk", "Anouk rolled the zwilltube down the ramp.");
        String area =
                database.queryForObject("select areas[1] from observation where id = ?", String.class, observation);

        List.of("area=" + area, "adult=" + account("hamish"), "from=2026-05-06&until=2026-05-06")
                .forEach(filter -> assertThat(foundWith("tobias", "q=zwilltube&" + filter))
                        .as(filter)
                        .contains("/observations/" + observation));
        List.of(
                        "area=none",
                        "adult=" + account("tobias"),
                        "until=2026-05-05",
                        "from=2026-05-07",
                        "card=" + UUID.randomUUID())
                .forEach(filter -> assertThat(foundWith("tobias", "q=zwilltube&" + filter))
                        .as(filter)
                        .isEmpty());
    }

    @Test
    void nothingStandsBelowADayThatCannotBeRead() {
        observation("hamish", "Anouk", "Anouk balanced a glimbead.");

        var page = get("hamish", "/find?q=glimbead&from=yesterday").page();

        assertThat(page.select("#found a[href^=/]")).isEmpty();
        assertThat(page.select("#found .faults").text()).contains("yesterday");
    }

    @Test
    void nobodyFindsWhatTheyMayNotOpen() {
        UUID observation = observation("hamish", "Anouk", "Anouk hid the frobcone.");

        assertThat(found("sunniva", "frobcone")).doesNotContain("/observations/" + observation);
        assertThat(found("sunniva", "anouk")).doesNotContain("/children/" + child("Anouk"));
        assertThat(found("sunniva", "rice by the kilo")).doesNotContain("/cards/" + card("Rice by the kilo"));
        assertThat(found("imelda", "frobcone")).contains("/observations/" + observation);
        assertThat(found("teodor", "frobcone")).isEmpty();
        assertThat(found("teodor", "anouk")).isEmpty();
        assertThat(found("hamish", "outbox")).isEmpty();
    }

    @Test
    void aRoomsRecordsAreFoundByTheFormsOfItsLanguage() {
        UUID loft = room("Loft");
        try {
            language(loft, "german");
            UUID observation = observation("hamish", "Anouk", "Anouk hat die Häuser aus Schnurzelholz gebaut.");

            assertThat(found("hamish", "haus schnurzelholz")).contains("/observations/" + observation);
        } finally {
            language(loft, "english");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"'", "\"", "& | !", ":*", "a:b", "(", "<b>", "\\", "%", "_", "🙂", "  ", "a'b\\"})
    void takesWhateverIsTyped(String typed) {
        assertThat(get("tobias", "/find?q=" + URLEncoder.encode(typed, StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void whatSomebodyWroteIsShownAsWords() {
        observation("hamish", "Anouk", "Anouk said <b>blorptag</b> twice.");

        assertThat(get("hamish", "/find?q=blorptag").page().select(".found-words b"))
                .isEmpty();
        assertThat(get("hamish", "/find?q=blorptag")
                        .page()
                        .select(".found-words")
                        .text())
                .isEqualTo("Anouk said blorptag twice.");
    }

    private List<String> found(String username, String query) {
        return foundWith(username, "q=" + URLEncoder.encode(query, StandardCharsets.UTF_8));
    }

    private List<String> foundWith(String username, String parameters) {
        return get(username, "/find?" + parameters).page().select("#found a").eachAttr("href");
    }

    private void language(UUID room, String language) {
        Map<String, Object> now =
                database.queryForMap("select framework_code, practice_style from room where id = ?", room);
        assertThat(post(
                                "tobias",
                                "/rooms/" + room + "/framework",
                                "framework",
                                String.valueOf(now.get("framework_code")),
                                "style",
                                String.valueOf(now.get("practice_style")),
                                "language",
                                language)
                        .status())
                .isEqualTo(302);
    }

    private UUID observation(String username, String child, String note) {
        UUID observation = UUID.randomUUID();
        database.update(
                "insert into observation (id, setting_id, version, room_id, card_id, author_id, author_name, note, involvement, areas,"
                        + " statements, observed_at, received_at, framework_code, framework_version) select ?, a.setting_id, 0, c.room_id, null,"
                        + " a.id, a.display_name, ?, 3, (select array[min(areas[1])] from observation), '{}',"
                        + " timestamptz '2026-05-06 09:00Z', now(), 'sme', '' from account a, child c where a.username = ? and c.given_name = ?",
                observation,
                note,
                username,
                child);
        database.update(
                "insert into observation_child select gen_random_uuid(), setting_id, id, ?, observed_at from observation where id = ?",
                child(child),
                observation);
        return observation;
    }
}
