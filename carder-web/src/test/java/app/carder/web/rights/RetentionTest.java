package app.carder.web.rights;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A child that left on 18 July 2024, with a register, an answer about photos and two observations. */
class RetentionTest extends WebTest {

    private UUID gone = new UUID(0, 0);

    @BeforeEach
    void somebodyHasLeft() {
        gone = enrolled("Loft", "Ottilie", "2021-02-02");
        observed("Ottilie carried the parcel.");
        observed("Ottilie tied the string.");
        post("imelda", "/children/" + gone + "/register", "what", "arrived");
        post("imelda", "/children/" + gone + "/consents", "name", "An aunt", "on", "2026-05-06", "DISPLAY", "no");
        database.update(
                "update child set starts_on = date '2023-09-01', ends_on = date '2024-07-18' where id = ?", gone);
        database.update("update setting_change set people = people + 1");
    }

    @AfterEach
    void andIsErasedAgain() {
        database.update("delete from hold");
        database.update("delete from retention_choice");
        if (get("imelda", "/children/" + gone).status() == 200) {
            erased(gone, "Ottilie");
        }
    }

    private void observed(String note) {
        post(
                "imelda",
                "/rooms/" + room("Loft") + "/observations",
                "id",
                UUID.randomUUID().toString(),
                "note",
                note,
                "child",
                gone.toString());
    }

    private int count(String table) {
        return database.queryForList("select 1 from " + table + " where child_id = ?", Integer.class, gone)
                .size();
    }

    private String ofTheChild() {
        return get("imelda", "/retention")
                .page()
                .select(".keeping > li:contains(Ottilie)")
                .text();
    }

    @Test
    void tellsUntilWhenWhatIsKeptAndDrawsIt() {
        assertThat(ofTheChild())
                .contains(
                        "left on 18 July 2024",
                        "Observations, photos, journals, due since 18 July 2025",
                        "Register: until 18 July 2030");
        assertThat(get("imelda", "/retention").page().select(".keeping > li:contains(Ottilie) svg rect"))
                .hasSize(3);
        assertThat(get("tobias", "/retention").status()).isEqualTo(403);
    }

    @Test
    void clearsOutOneKindAndLeavesTheRestWithAProofThatDoesNotNameTheChild() {
        assertThat(count("observation_child")).isEqualTo(2);

        Answer cleared = post(
                "imelda",
                "/retention/clear-out",
                "goes",
                gone + "/LEARNING",
                "goes",
                gone + "/REGISTER",
                "handed",
                "yes");

        assertThat(cleared.location()).isEqualTo("/retention?done=1&stayed=1");
        assertThat(get("imelda", cleared.location()).page().text())
                .contains("1 kind of records was cleared out. 1 stayed");
        assertThat(count("observation_child")).isZero();
        assertThat(database.queryForList("select note from observation where note like 'Ottilie%'"))
                .isEmpty();
        assertThat(count("attendance")).isEqualTo(1);
        assertThat(count("consent_entry")).isEqualTo(1);
        assertThat(ofTheChild()).contains("Observations, photos, journals: nothing is here");
        assertThat(get("imelda", "/erasures").page().text())
                .contains("Kept as long as the setting decided: Observations, photos, journals")
                .doesNotContain("Ottilie");
    }

    @Test
    void nothingThatIsHeldGoesByAClearOutOrByAPress() {
        post("imelda", "/children/" + gone + "/holds", "kind", "LEGAL", "reason", "A complaint is being looked into.");

        assertThat(ofTheChild()).contains("Legal hold", "due, but held");
        assertThat(post("imelda", "/retention/clear-out", "goes", gone + "/LEARNING", "handed", "yes")
                        .location())
                .isEqualTo("/retention?done=0&stayed=1");
        assertThat(count("observation_child")).isEqualTo(2);
        assertThat(post(
                                "imelda",
                                "/children/" + gone + "/erase",
                                "reason",
                                "Asked for by the family.",
                                "kept",
                                "yes",
                                "name",
                                "Ottilie")
                        .page()
                        .select(".faults")
                        .text())
                .contains("There is a hold on these records.");
        String end = get("imelda", "/children/" + gone + "/holds")
                .page()
                .select("form[action$=/end]")
                .attr("action");
        post("imelda", end);
        assertThat(get("imelda", "/children/" + gone + "/holds").page().text()).contains("Ended", "Imelda Farrow");
        assertThat(post("imelda", "/retention/clear-out", "goes", gone + "/LEARNING", "handed", "yes")
                        .location())
                .isEqualTo("/retention?done=1&stayed=0");
        assertThat(post("imelda", end).status()).as("it has ended").isEqualTo(404);
    }

    @Test
    void aSettingDecidesForItselfAndWhatIsNotDecidedNeverFallsDue() {
        post("imelda", "/retention", "LEARNING", "", "REGISTER", "0", "CONSENT", "1");

        assertThat(ofTheChild())
                .contains(
                        "Observations, photos, journals: nobody has decided, so it stays",
                        "Register, due since 18 July 2024",
                        "What the family allowed, due since 18 July 2025");
        assertThat(post("imelda", "/retention", "LEARNING", "100", "REGISTER", "a few", "CONSENT", "")
                        .page()
                        .select("main .faults a")
                        .eachText())
                .hasSize(2);
        assertThat(post("imelda", "/retention/clear-out", "handed", "yes")
                        .page()
                        .select(".faults")
                        .text())
                .contains("Tick what is to go.");
    }

    @Test
    void whereNothingIsKnownOfACountryNothingFallsDueUntilSomebodyDecides() {
        String before = database.queryForObject(
                "select country from setting where id = (select setting_id from child where id = ?)",
                String.class,
                gone);
        try {
            database.update(
                    "update setting set country = 'NEW_ZEALAND' where id = (select setting_id from child where id = ?)",
                    gone);
            database.update("update setting_change set places = places + 1");

            assertThat(ofTheChild()).contains("Observations, photos, journals: nobody has decided, so it stays");
            assertThat(get("imelda", "/retention").page().text()).contains("is not known here. Ask.");
        } finally {
            database.update(
                    "update setting set country = ? where id = (select setting_id from child where id = ?)",
                    before,
                    gone);
            database.update("update setting_change set places = places + 1");
        }
    }

    @Test
    void whoHasLeftIsSetAsideAtOnceForPractitionersButNotForLeads() {
        for (String path :
                List.of("/children/" + gone, "/children/" + gone + "/play", "/children/" + gone + "/consents")) {
            assertThat(get("hamish", path).status()).as(path).isEqualTo(403);
        }
        UUID observation = id("select observation_id from observation_child where child_id = ? limit 1", gone);
        assertThat(get("hamish", "/observations/" + observation).status()).isEqualTo(403);
        assertThat(get("tobias", "/observations/" + observation).status()).isEqualTo(200);
        assertThat(get("hamish", "/find?q=Ottilie").page().text()).doesNotContain("carried the parcel");
        assertThat(get("tobias", "/find?q=Ottilie").page().text()).contains("carried the parcel");
        assertThat(get("tobias", "/children/" + gone).status()).isEqualTo(200);
        assertThat(get("hamish", "/children/" + child("Anouk")).status()).isEqualTo(200);
    }

    @Test
    void noJournalIsMadeOfRecordsThatAreKeptButNotUsed() {
        UUID bram = child("Bram");
        post(
                "imelda",
                "/children/" + bram + "/holds",
                "kind",
                "RESTRICTED",
                "reason",
                "The family asked for it in writing.");

        assertThat(post(
                                "hamish",
                                "/journals",
                                "child",
                                bram.toString(),
                                "startsOn",
                                "2026-05-01",
                                "endsOn",
                                "2026-05-06",
                                "pages",
                                "3")
                        .page()
                        .select(".faults")
                        .text())
                .contains("The family asked you to keep these records but not to use them");
        assertThat(post("imelda", "/children/" + bram + "/holds", "reason", "Short")
                        .page()
                        .select("main .faults a")
                        .eachText())
                .hasSize(2);
    }
}
