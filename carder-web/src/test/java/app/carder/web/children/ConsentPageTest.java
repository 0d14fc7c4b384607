package app.carder.web.children;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import java.time.Duration;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class ConsentPageTest extends WebTest {

    private static final String CARER = "anouk.grandfather";

    @AfterEach
    void asItWas() {
        UUID anouk = child("Anouk");
        database.update("delete from consent_entry where child_id = ? and way in ('AT_HOME', 'ON_PAPER')", anouk);
        database.update(
                "update child set consent_own_journal = true, consent_others_journals = true, consent_display = true,"
                        + " own_journal_until = null, others_journals_until = null, display_until = null where id = ?",
                anouk);
    }

    private String ofAnouk() {
        return "/children/" + child("Anouk") + "/consents";
    }

    private String stateOf(String use) {
        Document page = get("tobias", ofAnouk()).page();
        return page.select("h2:containsOwn(%s) .tag, h2:contains(%s) .tag".formatted(use, use))
                .text();
    }

    @Test
    void whatWasTickedOnEnrolmentNamesNobodyAndRunsOutAfterAYear() {
        assertThat(get("tobias", ofAnouk()).page().text()).contains("Yes nobody named", "ticked on enrolment");
        assertThat(stateOf("own journal")).isEqualTo("Yes");

        clock.advance(Duration.ofDays(370));
        assertThat(stateOf("own journal")).isEqualTo("Run out: ask again");
    }

    @Test
    void aCarerSaysNoAndIsHeardAtTheNextOpening() {
        UUID journal = id(
                "select j.id from journal j join child c on c.id = j.child_id join invitation i on i.journal_id = j.id"
                        + " where c.given_name = 'Anouk' and j.approved_at is not null order by j.id");
        UUID photo = id(
                "select p.id from photo p join observation o on o.id = p.observation_id join journal_entry e on e.observation_id = o.id"
                        + " where e.journal_id = ? and e.photo_shown order by p.id",
                journal);
        database.update(
                "update observation set in_photo = in_photo || ? where id = (select observation_id from photo where id = ?)",
                child("Anouk"),
                photo);
        String picture = "/family/journals/" + journal + "/photos/" + photo;
        assertThat(get(CARER, picture).status()).isEqualTo(200);

        Document page = get(CARER, "/family/consents").page();
        assertThat(page.text()).contains("May photos of your child be shown in their own learning journal?");
        post(CARER, "/family/consents", "child", child("Anouk").toString(), "use", "OWN_JOURNAL", "answer", "no");

        assertThat(get(CARER, "/family/journals/" + journal).text()).doesNotContain(photo.toString());
        assertThat(get(CARER, picture).status()).as("nor by its address").isEqualTo(404);
        assertThat(stateOf("own journal")).isEqualTo("No");
        assertThat(get("tobias", ofAnouk()).page().text())
                .contains("No Anouk's grandfather", "on the family’s own page");

        post(CARER, "/family/consents", "child", child("Anouk").toString(), "use", "OWN_JOURNAL", "answer", "yes");
        assertThat(get(CARER, picture).status()).isEqualTo(200);
        database.update(
                "update observation set in_photo = array_remove(in_photo, ?) where id = (select observation_id from photo where id = ?)",
                child("Anouk"),
                photo);
    }

    @Test
    void nobodySpeaksForAChildTheyDoNotReadFor() {
        assertThat(post(CARER, "/family/consents", "child", child("Bram").toString(), "use", "DISPLAY", "answer", "yes")
                        .status())
                .isEqualTo(404);
        String all = "select count(*) from consent_entry";
        Integer before = database.queryForObject(all, Integer.class);
        post(CARER, "/family/consents", "child", child("Anouk").toString(), "use", "PRESS", "answer", "yes");
        post(CARER, "/family/consents", "child", child("Anouk").toString(), "use", "DISPLAY", "answer", "perhaps");
        assertThat(database.queryForObject(all, Integer.class))
                .as("what no form of ours sends is not guessed")
                .isEqualTo(before);
    }

    @Test
    void oneNoOnPaperOutweighsTheYesOfAnother() {
        post(CARER, "/family/consents", "child", child("Anouk").toString(), "use", "DISPLAY", "answer", "yes");
        post("tobias", ofAnouk(), "name", "Anouk's aunt", "on", "2026-05-05", "DISPLAY", "no");

        assertThat(stateOf("display")).isEqualTo("No");
        assertThat(get("tobias", "/rooms/" + room("Loft") + "/consents")
                        .page()
                        .select("tr:contains(Anouk) td")
                        .text())
                .contains("No");
        assertThat(get("tobias", ofAnouk()).page().text()).contains("No Anouk's aunt, 5 May 2026", "noted by Tobias");
    }

    @Test
    void whoSignedWhenAndWhatMustBeSaid() {
        assertThat(post("tobias", ofAnouk(), "on", "2026-05-05", "DISPLAY", "no")
                        .page()
                        .select(".faults")
                        .text())
                .contains("Say who signed.");
        assertThat(post("tobias", ofAnouk(), "name", "Aunt", "on", "2026-05-05")
                        .page()
                        .select(".faults")
                        .text())
                .contains("at least one use");
        assertThat(post("tobias", ofAnouk(), "name", "Aunt", "on", "2027-05-05", "DISPLAY", "no")
                        .page()
                        .select(".faults")
                        .text())
                .contains("today or a day before");
    }

    @Test
    void theFormOfAnExistingChildDoesNotChangeWhatWasSaid() {
        Document form = get("tobias", "/children/" + child("Anouk") + "/edit").page();

        assertThat(form.select("[name=consents]")).isEmpty();
        assertThat(stateOf("own journal")).isEqualTo("Yes");
    }

    @Test
    void theFormToSignIsAPdf() throws Exception {
        byte[] pdf = get("tobias", ofAnouk() + ".pdf").response().getContentAsByteArray();

        assertThat(Pdfs.text(pdf)).contains("Photos of Anouk", "parental responsibility");
        Pdfs.assertAccessible(pdf);
    }
}
