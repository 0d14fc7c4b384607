package app.carder.web.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class LadderTest extends WebTest {

    @Test
    void showsWhatEachStepPutsOutAndItsSafety() {
        var page =
                get("tobias", "/cards/" + card("Rice by the kilo") + "/ladder").page();

        assertThat(page.select(".step-out h3").eachText()).hasSize(5);
        assertThat(page.select("figure figcaption").eachText())
                .as("side by side as pictures")
                .isEqualTo(page.select(".step-out h3 > span:first-child").eachText());
        assertThat(page.select("figure .set-up svg"))
                .allSatisfy(picture -> assertThat(picture.select("[id]").eachAttr("id"))
                        .containsAll(picture.select("use").eachAttr("href").stream()
                                .map(href -> href.substring(1))
                                .toList()));
        assertThat(page.select("figure .set-up svg").stream()
                        .map(picture -> picture.select("[id]").attr("id"))
                        .distinct())
                .as("things of a changed step are its own")
                .hasSizeGreaterThan(1);
        assertThat(page.select(".step-out").get(1).text()).contains("Maize, whole dry");
        assertThat(page.select(".step-out").get(4).text()).contains("3.75 kg Rice, white long-grain");
        assertThat(page.select(".step-out").get(0).text()).contains("Stop for: Loose grain and mouthing");
    }

    /** Two deep plays with the card on record: the harder step; a child never seen with it: as it is. */
    @Test
    void proposesAStepFromWhatWasSeenAndNeverFromAge() {
        UUID card = card("The parcel chute");
        post("tobias", "/cards/" + card + "/ladder", "note-HARDER", "A curve in the chute", "percent-HARDER", "150");
        database.update("update observation set card_id = null where card_id = ?", card);
        for (int daysAgo = 1; daysAgo <= 2; daysAgo++) {
            seen(card, "Cosima", 5, daysAgo);
            seen(card, "Bram", daysAgo == 1 ? 1 : 5, daysAgo);
        }

        var page = get("tobias", "/cards/" + card + "/ladder").page();

        assertThat(page.select(".proposals > li:contains(Cosima)").text()).contains("Harder", "twice in a row");
        assertThat(page.select(".proposals > li:contains(Bram)").text())
                .contains("no easier or harder step is written");
        assertThat(page.select(".proposals > li:contains(Anouk)").text()).contains("Not seen with it yet");
        assertThat(page.select(".proposals > li > details > summary strong").eachText())
                .as("the room's order, no ranking")
                .isSorted();
    }

    @Test
    void saysWhatIsWrong() {
        Answer wrong = post(
                "tobias",
                "/cards/" + card("Sorting office") + "/ladder",
                "note-SIMPLER",
                "fewer",
                "percent-SIMPLER",
                "900",
                "replacement-HARDER",
                "Postcards",
                "replaced-REAL_LIFE",
                "Oranges",
                "replaced-OTHER_MATERIAL",
                "Envelopes",
                "replacement-OTHER_MATERIAL",
                "Water");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.page().select("[role=alert] li").eachText())
                .anyMatch(words -> words.contains("10") && words.contains("400"))
                .anyMatch(words -> words.contains("Say what it replaces"))
                .anyMatch(words -> words.contains("\u201cOranges\u201d is not on the card"))
                .anyMatch(words -> words.contains("only be replaced by something poured"));
        assertThat(wrong.page().select("#note-SIMPLER").val()).isEqualTo("fewer");
    }

    private void seen(UUID card, String child, int involvement, int daysAgo) {
        UUID observation = UUID.randomUUID();
        database.update(
                "insert into observation (id, setting_id, version, room_id, card_id, author_id, author_name, note, involvement, areas,"
                        + " statements, observed_at, received_at, framework_code, framework_version) select ?, setting_id, 0, room_id, id, (select author_id from observation limit 1), 'Hamish Vale',"
                        + " 'Seen with it.', ?, areas, '{}', timestamptz '2026-05-06 09:00Z' - make_interval(days => ?), now(), 'sme', ''"
                        + " from card where id = ?",
                observation,
                involvement,
                daysAgo,
                card);
        database.update(
                "insert into observation_child select gen_random_uuid(), setting_id, id, ?, observed_at from observation where id = ?",
                child(child),
                observation);
    }
}
