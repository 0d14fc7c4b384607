package app.carder.web.rules;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class RuleTest extends WebTest {

    @Test
    void aRoomsRuleSpeaksThereAndNowhereElseUntilItIsWithdrawn() {
        UUID id = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/rules",
                "id",
                id.toString(),
                "rule",
                "Shredded paper only outside",
                "level",
                "STAY_WITH",
                "about",
                "MATERIAL",
                "material",
                "Shredded paper",
                "who",
                "UNDER",
                "months",
                "60",
                "caution",
                "Sweep at once.");

        assertThat(findings("Loft"))
                .contains("Shredded paper only outside")
                .contains("Sweep at once.")
                .contains("by Tobias Renn");
        assertThat(findings("Nook")).doesNotContain("Shredded paper only outside");

        post("tobias", "/rooms/" + room("Loft") + "/rules/" + id + "/withdraw");

        assertThat(findings("Loft")).doesNotContain("Shredded paper only outside");
        assertThat(database.queryForMap("select withdrawn_by, title from local_rule where id = ?", id))
                .as("kept, so that what was set out under it stays explainable")
                .containsEntry("withdrawn_by", "Tobias Renn");
    }

    @Test
    void aNeverOfTheRoomCannotBeOverruled() {
        UUID id = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/rules",
                "id",
                id.toString(),
                "rule",
                "No envelopes",
                "level",
                "NEVER",
                "about",
                "MATERIAL",
                "material",
                "envelopes",
                "who",
                "ANYONE",
                "caution",
                "Use cards.");

        assertThat(get("tobias", "/cards/" + card("Sorting office") + "/set-out")
                        .text())
                .contains("This cannot be set out.");

        post("tobias", "/rooms/" + room("Loft") + "/rules/" + id + "/withdraw");
    }

    @Test
    void saysWhatIsWrong() {
        Answer wrong = post(
                "tobias",
                "/rooms/" + room("Loft") + "/rules",
                "id",
                UUID.randomUUID().toString(),
                "about",
                "MATERIAL",
                "material",
                "salt and sand",
                "who",
                "UNDER",
                "months",
                "0");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.page().select("[role=alert] a").eachAttr("href"))
                .containsExactly("#rule", "#caution", "#level", "#material", "#months");
    }

    @Test
    void listsTheRulesThatShipWithTheirSources() {
        var page = get("tobias", "/rooms/" + room("Loft") + "/rules").page();

        assertThat(page.select(".rules tbody tr")).hasSizeGreaterThanOrEqualTo(60);
        assertThat(page.select(".rules tbody td:last-child").eachText()).noneMatch(String::isBlank);
    }

    private String findings(String room) {
        return post(
                        "imelda",
                        "/rooms/" + room(room) + "/bench",
                        "shape",
                        "BOX",
                        "first",
                        "40",
                        "second",
                        "30",
                        "depth",
                        "10",
                        "material",
                        "Shredded paper, loose",
                        "amount",
                        "5")
                .page()
                .select(".findings")
                .text();
    }
}
