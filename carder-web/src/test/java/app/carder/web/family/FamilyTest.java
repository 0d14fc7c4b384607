package app.carder.web.family;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class FamilyTest extends WebTest {

    private UUID journal;

    @BeforeEach
    void findJournal() {
        journal = id("select j.id from journal j where j.child_id = ? and j.approved_at is not null", child("Anouk"));
    }

    @Test
    void opensALinkWithItsCodeOnAnotherPhoneAndWritesBack() {
        Link link = invite();
        assertThat(send(MockMvcRequestBuilders.get(link.path)).text()).doesNotContain("Anouk");

        Answer opened = open(link, link.code);
        Cookie session = opened.response().getCookie("SESSION");
        assertThat(opened.location()).isEqualTo("/family/journals/" + journal);
        assertThat(read(session).page().select("h1").text()).isEqualTo("Anouk\u2019s learning journal");

        UUID reply = UUID.randomUUID();
        for (int press = 0; press < 2; press++) {
            send(MockMvcRequestBuilders.post("/family/journals/" + journal + "/replies")
                    .param("id", reply.toString())
                    .param("words", "Merci \ud83d\udc9b \u0634\u0643\u0631\u0627 <b>x</b>")
                    .cookie(session)
                    .with(csrf()));
        }
        var replies = get("hamish", "/children/" + child("Anouk")).page().select("blockquote");
        assertThat(replies.eachText())
                .filteredOn(text -> text.contains("Merci"))
                .singleElement()
                .asString()
                .contains("Merci \ud83d\udc9b \u0634\u0643\u0631\u0627 <b>x</b>", "Anouk's grandfather");
    }

    @Test
    void locksALinkAfterFiveWrongCodes() {
        Link link = invite();
        String wrong = link.code.equals("000000") ? "000001" : "000000";

        Answer first = open(link, wrong);
        assertThat(first.status()).isEqualTo(422);
        assertThat(first.page().select("#fault-code").text()).contains("4 more tries");
        for (int tried = 0; tried < 4; tried++) {
            open(link, wrong);
        }

        Answer right = open(link, link.code);
        assertThat(right.status()).isEqualTo(410);
        assertThat(right.page().select("[role=alert]").text()).contains("locked after wrong codes");
    }

    @Test
    void endsALinkWhenItExpiresAlsoForThoseWhoHaveItOpen() {
        Link link = invite();
        Cookie session = open(link, link.code).response().getCookie("SESSION");

        clock.advance(Duration.ofDays(29));
        assertThat(read(session).status()).isEqualTo(200);
        clock.advance(Duration.ofDays(2));

        assertThat(read(session).status()).isEqualTo(404);
        assertThat(send(MockMvcRequestBuilders.get(link.path)).page().text()).contains("This link is expired");
    }

    @Test
    void endsALinkWhenItIsTakenBack() {
        Link link = invite();
        Cookie session = open(link, link.code).response().getCookie("SESSION");

        post("tobias", "/invitations/" + link.id + "/revoke");

        assertThat(read(session).status()).isEqualTo(404);
        assertThat(open(link, link.code).status()).isEqualTo(410);
        invite();
    }

    @Test
    void showsNothingMoreOnceTheJournalIsTakenBack() {
        Link link = invite();
        Cookie session = open(link, link.code).response().getCookie("SESSION");
        post("tobias", "/journals/" + journal + "/take-back");

        assertThat(read(session).status()).isEqualTo(404);
        assertThat(get("anouk.grandfather", "/family").text()).doesNotContain(journal.toString());

        post("tobias", "/journals/" + journal + "/approve");
        assertThat(read(session).status()).isEqualTo(200);
    }

    @Test
    void keepsFamiliesApartInTheSameSetting() {
        UUID notTheirs = id("select id from journal where child_id = ? order by id", child("Bram"));

        assertThat(get("bram.aunt", "/family/journals/" + journal).status()).isEqualTo(404);
        assertThat(get("anouk.grandfather", "/family/journals/" + notTheirs).status())
                .isEqualTo(404);
        assertThat(get("anouk.grandfather", "/children/" + child("Anouk")).status())
                .isEqualTo(403);
    }

    @Test
    void givesACarerOnlyThePhotosOfTheJournal() {
        UUID shown = id(
                "select p.id from photo p join journal_entry e on e.observation_id = p.observation_id where e.journal_id = ? and e.photo_shown order by p.id",
                journal);
        UUID another = id(
                "select p.id from photo p where p.observation_id not in (select observation_id from journal_entry where journal_id = ?)"
                        + " and p.setting_id = (select setting_id from journal where id = ?) order by p.id",
                journal,
                journal);

        String photos = "/family/journals/" + journal + "/photos/";
        assertThat(get("anouk.grandfather", photos + shown).response().getContentType())
                .isEqualTo("image/jpeg");
        assertThat(get("anouk.grandfather", photos + another).status()).isEqualTo(404);
    }

    @Test
    void storesNeitherLinkNorCode() {
        Link link = invite();
        String token = link.path.substring("/open/".length());

        assertThat(database.queryForMap("select token_hash, code_hash from invitation where id = ?", link.id)
                        .values())
                .doesNotContain(token, link.code);
        assertThat(database.queryForList("select body from message", String.class))
                .as("a code never lies beside its link")
                .noneMatch(body -> body.contains(link.code));
        assertThat(get("tobias", "/journals/" + journal + "/invitations").text())
                .doesNotContain(link.code);
    }

    @Test
    void aReplyIsReadByItsAuthorAndTheStaffOnly() {
        Cookie grandfather = open(invite()).response().getCookie("SESSION");
        send(MockMvcRequestBuilders.post("/family/journals/" + journal + "/replies")
                .param("id", UUID.randomUUID().toString())
                .param("words", "Between us: she was up all night.")
                .cookie(grandfather)
                .with(csrf()));
        assertThat(read(grandfather).text()).contains("Between us");

        // Somebody else of the family, with a link of their own to the same journal.
        database.update("update reply set author_id = gen_random_uuid() where words like 'Between us%'");

        assertThat(read(grandfather).text()).doesNotContain("Between us");
        assertThat(get("hamish", "/children/" + child("Anouk")).text()).contains("Between us");
        assertThat(get("tobias", "/journals/" + journal + "/invitations").text())
                .contains("Between us");
        database.update("delete from reply where words like 'Between us%'");
    }

    @Test
    void theOutboxShowsALeadTheMailOfTheirOwnRooms() {
        invite();

        assertThat(get("tobias", "/outbox").text()).contains("Anouk&#39;s grandfather");
        assertThat(get("precious", "/outbox").text()).doesNotContain("Anouk&#39;s grandfather");
        assertThat(get("imelda", "/outbox").text()).contains("Anouk&#39;s grandfather");
    }

    @Test
    void keepsAnEmptyReplyFromBeingSent() {
        Answer answer = post(
                "anouk.grandfather",
                "/family/journals/" + journal + "/replies",
                "id",
                UUID.randomUUID().toString(),
                "words",
                "   ");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("#words").attr("aria-invalid")).isEqualTo("true");
    }

    @Test
    void invitesOnlyCarersOfTheChildToApprovedJournals() {
        String bramsAunt = id("select id from carer where name like 'Bram%'").toString();
        UUID draft = id("select id from journal where child_id = ? and approved_at is null order by id", child("Bram"));

        assertThat(post("tobias", "/journals/" + journal + "/invitations", "carer", bramsAunt)
                        .status())
                .isEqualTo(404);
        assertThat(post("tobias", "/journals/" + draft + "/invitations", "carer", bramsAunt)
                        .page()
                        .select("#fault-carer")
                        .text())
                .contains("not approved yet");
    }

    private record Link(UUID id, String path, String code) {}

    private Link invite() {
        UUID carer = id("select id from carer where name = 'Anouk''s grandfather'");
        Answer sent = post("tobias", "/journals/" + journal + "/invitations", "carer", carer.toString());
        String mail = Objects.requireNonNull(database.queryForObject(
                "select body from message where to_name = 'Anouk''s grandfather' order by id desc limit 1",
                String.class));
        return new Link(
                id("select id from invitation where journal_id = ? order by sent_at desc, id desc", journal),
                mail.replaceAll("(?s).*(/open/\\S+).*", "$1"),
                sent.page().select(".big-code").text());
    }

    private Answer open(Link link) {
        return open(link, link.code);
    }

    private Answer open(Link link, String code) {
        return send(MockMvcRequestBuilders.post(link.path).param("code", code).with(csrf()));
    }

    private Answer read(Cookie session) {
        return send(MockMvcRequestBuilders.get("/family/journals/" + journal).cookie(session));
    }
}
