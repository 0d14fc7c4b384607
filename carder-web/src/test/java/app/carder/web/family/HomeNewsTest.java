package app.carder.web.family;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.account.LinkSecrets;
import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import app.carder.web.setting.SettingId;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What comes from families, what goes to them on paper, and what staff are told of it. */
class HomeNewsTest extends WebTest {

    private static final String NOTE_TO = "tobias@example.org";

    @Autowired
    private DailyNote note;

    /** What other tests have left counts as read; the one of the demo does not. */
    @BeforeEach
    void oneReplyIsNew() {
        database.update(
                "update reply set seen_at = sent_at, seen_by = 'Another test' where words not like '%three potatoes%'");
    }

    @AfterEach
    void asItWas() {
        database.update("update reply set seen_at = null, seen_by = ''");
        database.update("update account set digest_address = '', digest_on = null");
        database.update("delete from message where to_address = ?", NOTE_TO);
        database.update("delete from read_together");
    }

    private UUID approved() {
        return id(
                "select j.id from journal j join child c on c.id = j.child_id where c.given_name = 'Anouk' and j.approved_at is not null"
                        + " order by j.id");
    }

    private UUID grandfather() {
        return id("select id from carer where name = 'Anouk''s grandfather' order by id");
    }

    @Test
    void aReplyIsTellingOnTodayUntilSomebodyHasReadIt() {
        assertThat(get("tobias", "/").page().text()).contains("1 reply from home to read");
        assertThat(get("sunniva", "/").page().text()).as("of another room").doesNotContain("from home to read");
        UUID reply = id(
                "select r.id from reply r join child c on c.id = r.child_id where c.given_name = 'Anouk' order by r.sent_at");
        assertThat(get("tobias", "/replies").page().select("blockquote").text()).contains("three potatoes");
        assertThat(post("sunniva", "/replies/" + reply + "/seen").status()).isEqualTo(403);

        post("hamish", "/replies/" + reply + "/seen");

        assertThat(get("tobias", "/").page().text()).doesNotContain("from home to read");
        assertThat(get("tobias", "/replies").page().text()).contains("Read by Hamish Vale");
    }

    @Test
    void aLetterOpensTheJournalAndTakesTheEarlierLinkBack() throws Exception {
        byte[] pdf = post(
                        "tobias",
                        "/journals/" + approved() + "/letter",
                        "paper",
                        grandfather().toString())
                .response()
                .getContentAsByteArray();

        Pdfs.assertAccessible(pdf);
        String text = Pdfs.text(pdf);
        assertThat(text)
                .contains("Dear Anouk's grandfather", "Point the camera of your phone", "Hand this over in person");
        Matcher link = Pattern.compile("/open/([A-Za-z0-9_-]{32})").matcher(text.replaceAll("\\s", ""));
        assertThat(link.find()).isTrue();
        assertThat(database.queryForList(
                        "select id from invitation where token_hash = ? and revoked_at is null",
                        LinkSecrets.hash(link.group(1))))
                .as("the link that is printed is the one that opens")
                .hasSize(1);
        assertThat(database.queryForList(
                        "select id from invitation where journal_id = ? and carer_id = ? and revoked_at is null",
                        approved(),
                        grandfather()))
                .hasSize(1);
        assertThat(post("tobias", "/journals/" + approved() + "/letter")
                        .page()
                        .select(".faults")
                        .text())
                .isNotEmpty();
    }

    @Test
    void aJournalThatWasReadTogetherIsNoted() {
        String path = "/journals/" + approved() + "/read-together";
        post("tobias", path, "with", grandfather().toString(), "on", "2026-05-05");

        assertThat(get("tobias", "/journals/" + approved() + "/invitations")
                        .page()
                        .text())
                .contains("With Anouk's grandfather on 5 May 2026, noted by Tobias Renn");
        assertThat(post("tobias", path, "with", grandfather().toString(), "on", "2026-05-07")
                        .page()
                        .select(".faults")
                        .text())
                .contains("today or a day before");
        assertThat(post("tobias", path, "on", "2026-05-05").status()).isEqualTo(422);
    }

    @Test
    void whoeverWantsItIsToldOnceADayWithoutNames() {
        SettingId quillmere = new SettingId(id("select setting_id from room where name = 'Loft'"));
        assertThat(post("tobias", "/account/daily-note", "note", "no address")
                        .page()
                        .text())
                .contains("Enter an address");
        post("tobias", "/account/daily-note", "note", NOTE_TO);

        note.write(quillmere);
        note.write(quillmere);

        List<String> written = database.queryForList(
                "select subject || ' ' || body from message where to_address = ?", String.class, NOTE_TO);
        assertThat(written).hasSize(1);
        assertThat(written.get(0))
                .contains("1 reply from home to read.", "/replies")
                .doesNotContain("Anouk", "potatoes");
        clock.advance(Duration.ofDays(1));
        note.write(quillmere);
        assertThat(database.queryForObject("select count(*) from message where to_address = ?", Integer.class, NOTE_TO))
                .isEqualTo(2);
        post("tobias", "/account/daily-note", "note", "");
        clock.advance(Duration.ofDays(1));
        note.write(quillmere);
        assertThat(database.queryForObject("select count(*) from message where to_address = ?", Integer.class, NOTE_TO))
                .isEqualTo(2);
    }
}
