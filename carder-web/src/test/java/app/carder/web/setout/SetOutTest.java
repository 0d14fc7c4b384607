package app.carder.web.setout;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SetOutTest extends WebTest {

    @Test
    void standsOnTodayAndInTheDayStrip() {
        UUID card = card("Sorting office");

        Answer answer = post("tobias", "/cards/" + card + "/set-out", "zone", zone("Writing"));

        var today = get("tobias", answer.location()).page();
        assertThat(today.select(".card.card").eachText()).anyMatch(text -> text.contains("Sorting office Writing"));
        assertThat(today.select("svg.day title").eachText()).anyMatch(text -> text.contains("Sorting office"));
        assertThat(today.select("svg.day line.now")).hasSize(1);
    }

    @Test
    void asksForAReasonBeforeAStopIsOverruledAndKeepsIt() {
        UUID card = card("Lentils to the line");
        String path = "/cards/" + card + "/set-out";

        Answer refused = post(
                "tobias",
                path,
                "zone",
                zone("Writing"),
                "adult",
                account("hamish").toString(),
                "reason",
                "fine");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select("#fault-reason").text()).contains("write why in 10 characters");
        assertThat(refused.page().select("#reason").text()).isEqualTo("fine");

        post(
                "tobias",
                path,
                "zone",
                zone("Writing"),
                "adult",
                account("hamish").toString(),
                "reason",
                "Yusuf sits with Hamish today.");
        assertThat(database.queryForMap("select * from set_out where card_id = ?", card))
                .containsEntry("overruled_because", "Yusuf sits with Hamish today.")
                .containsEntry("set_out_by", "Tobias Renn");
        assertThat(get("tobias", "/").text())
                .contains("Loose grain and mouthing: Lentils, dried", "Yusuf sits with Hamish today.");
        String counted = get("hamish", "/overruled").page().select("main").text();
        assertThat(counted).contains("Loose grain and mouthing");
        assertThat(counted).as("counted for the rule's sake").doesNotContain("Tobias");
        assertThat(get("teodor", "/overruled").page().select("main").text()).contains("Nothing has been overruled.");
    }

    @Test
    void tellsWhatIsToBeKnownOfTheChildrenWhoAreDue() {
        assertThat(get("hamish", "/cards/" + card("Sorting office") + "/set-out")
                        .page()
                        .select(".careful")
                        .text())
                .contains("Kofi: allergic to peanuts, tree nuts", "Blue pouch on the high shelf");
    }

    @Test
    void asksForANamedAdultWhereAFindingSaysStayWithIt() {
        Answer refused =
                post("tobias", "/cards/" + card("String, knots and labels") + "/set-out", "zone", zone("Writing"));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select("#adult").attr("aria-invalid")).isEqualTo("true");
        assertThat(refused.page().select("#fault-adult").text()).contains("within arm\u2019s reach");
    }

    @Test
    void neverSetsOutWhatAFindingForbids() {
        UUID card = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/cards",
                "id",
                card.toString(),
                "title",
                "Beads that swell",
                "areas",
                "eyfs-uw",
                "shape",
                "BOX",
                "first",
                "30",
                "second",
                "30",
                "depth",
                "10",
                "material",
                "Water beads",
                "amount",
                "2");

        var page = get("tobias", "/cards/" + card + "/set-out").page();
        assertThat(page.select(".never").text()).contains("cannot be set out");
        assertThat(page.select("main form")).isEmpty();

        Answer forced = post(
                "tobias",
                "/cards/" + card + "/set-out",
                "zone",
                zone("Writing"),
                "adult",
                account("hamish").toString(),
                "reason",
                "I know what I am doing here.");
        assertThat(forced.status()).isEqualTo(422);
        assertThat(database.queryForObject("select count(*) from set_out where card_id = ?", Integer.class, card))
                .isZero();
    }

    @Test
    void setsOutOnceHoweverOftenItIsPressedAndPutsAway() {
        UUID card = card("Missing house number");
        for (int press = 0; press < 2; press++) {
            post("tobias", "/cards/" + card + "/set-out", "zone", zone("Garden"));
        }
        assertThat(count(card)).isEqualTo(1);

        post("tobias", "/set-outs/" + id("select id from set_out where card_id = ? order by id", card) + "/put-away");
        assertThat(get("tobias", "/rooms/" + room("Loft") + "/set-out")
                        .page()
                        .select(".shelves")
                        .text())
                .doesNotContain("Missing house number");
        post("tobias", "/cards/" + card + "/set-out", "zone", zone("Garden"));
        assertThat(count(card)).as("set out a second time").isEqualTo(2);
    }

    @Test
    void keepsWhoOverruledWhatWhenAndWhyAlsoAfterItIsPutAway() {
        UUID card = card("Rice by the kilo");
        post("tobias", "/set-outs/" + id("select id from set_out where card_id = ? order by id", card) + "/put-away");

        String page = get("tobias", "/cards/" + card + "/set-out")
                .page()
                .select(".plain-list")
                .text();

        assertThat(page)
                .contains(
                        "Loose grain and mouthing: Rice, white long-grain",
                        "by Tobias Renn on Wed 6 May",
                        "Small group of two");
    }

    @Test
    void setsOutAStepWithItsAmountsItsSafetyAndTheMinutesOfPreparation() {
        UUID card = card("Painted rice for mosaics");
        var form = get("tobias", "/cards/" + card + "/set-out?step=SIMPLER").page();

        assertThat(form.select(".findings").text()).contains("Wood shavings").doesNotContain("Rice, dyed");
        assertThat(form.select("#minutes").val()).as("20 + 45 + 60 + 45").isEqualTo("170");
        post(
                "tobias",
                "/cards/" + card + "/set-out",
                "zone",
                zone("Tray table"),
                "step",
                "SIMPLER",
                "adult",
                account("hamish").toString(),
                "minutes",
                "95",
                "reason",
                "Two at the table, an adult beside them.");
        assertThat(database.queryForMap("select ladder_step, preparation_minutes from set_out where card_id = ?", card))
                .containsEntry("ladder_step", "SIMPLER")
                .containsEntry("preparation_minutes", 95);
    }

    @Test
    void takesNoZoneOfAnotherSetting() {
        String foreign =
                id("select z.id from zone z join room r on r.id = z.room_id where r.name = 'Pier' order by z.id")
                        .toString();

        assertThat(post("tobias", "/cards/" + card("The parcel chute") + "/set-out", "zone", foreign)
                        .page()
                        .select("#fault-zone")
                        .text())
                .contains("Choose the zone");
    }

    private Integer count(UUID card) {
        return database.queryForObject("select count(*) from set_out where card_id = ?", Integer.class, card);
    }

    private String zone(String name) {
        return id("select z.id from zone z join room r on r.id = z.room_id where r.name = 'Loft' and z.name = ?", name)
                .toString();
    }
}
