package app.carder.web.family;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.select.Elements;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class FamilyTest extends WebTest {

    private UUID journal;

    @BeforeEach
    void findJournal() {
        journal = id(
                "select j.id from journal j where j.child_id = ? and j.approved_at is not null order by j.id",
                child("Anouk"));
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
    void aLinkThatNobodyOpenedExpiresAndABrowserIsOpenForAYear() {
        Link link = invite();
        Cookie session = open(link, link.code).response().getCookie("SESSION");
        Link unopened = invite();

        clock.advance(Duration.ofDays(31));
        assertThat(read(session).status()).isEqualTo(200);
        assertThat(open(unopened).page().text()).contains("This link is expired");
        clock.advance(Duration.ofDays(340));

        assertThat(read(session).status()).isEqualTo(404);
    }

    @Test
    void aLinkOpensOnceAndItsBrowserComesBackByItself() {
        Link link = invite();
        Answer opened = open(link);
        Cookie home = Objects.requireNonNull(opened.response().getCookie("carder-home"));
        assertThat(home.isHttpOnly()).isTrue();
        assertThat(home.getAttribute("SameSite")).isEqualTo("Lax");
        assertThat(database.queryForList("select token_hash from home_browser", String.class))
                .doesNotContain(home.getValue());

        Answer elsewhere = open(link);
        assertThat(elsewhere.status()).isEqualTo(410);
        assertThat(elsewhere.page().text()).contains("already been opened in another browser");

        Answer later = send(MockMvcRequestBuilders.get("/family").cookie(home));
        assertThat(later.location()).isEqualTo("/home");
        Answer in = send(MockMvcRequestBuilders.get("/home").cookie(home));
        assertThat(in.location()).isEqualTo("/family");
        Cookie session = in.response().getCookie("SESSION");
        assertThat(read(session).status()).isEqualTo(200);
        Answer next = send(MockMvcRequestBuilders.get(invite().path).cookie(home));
        assertThat(next.location()).as("its next link asks for no code").isEqualTo("/family/journals/" + journal);
        assertThat(send(MockMvcRequestBuilders.get("/family")).location())
                .as("without the cookie")
                .isEqualTo("/sign-in");
    }

    @Test
    void brothersAndSistersAreOnOnePageAndEachEndsByItself() {
        UUID draft = id("select id from journal where child_id = ? and approved_at is null order by id", child("Bram"));
        post("tobias", "/journals/" + draft + "/approve");
        Cookie home = Objects.requireNonNull(open(invite()).response().getCookie("carder-home"));
        Link another = invite("Bram''s aunt", draft);
        Answer both = send(MockMvcRequestBuilders.post(another.path)
                .param("code", another.code)
                .cookie(home)
                .with(csrf()));
        assertThat(both.response().getCookie("carder-home")).as("it has one").isNull();
        Cookie session = both.response().getCookie("SESSION");

        assertThat(send(MockMvcRequestBuilders.get("/family").cookie(session))
                        .page()
                        .select(".pick strong")
                        .eachText())
                .contains("Anouk", "Bram");
        send(MockMvcRequestBuilders.post("/family/journals/" + draft + "/replies")
                .param("id", UUID.randomUUID().toString())
                .param("words", "As his aunt.")
                .cookie(session)
                .with(csrf()));
        assertThat(get("tobias", "/journals/" + draft + "/invitations")
                        .page()
                        .select("blockquote:contains(As his aunt)")
                        .text())
                .contains("Bram's aunt");

        Document staff = get("tobias", "/journals/" + draft + "/invitations").page();
        String end = staff.select("form[action*=/readers/]").last().attr("action");
        assertThat(post("precious", end).status()).as("a lead of another room").isEqualTo(403);
        post("tobias", end);
        assertThat(send(MockMvcRequestBuilders.get("/family/journals/" + draft).cookie(session))
                        .status())
                .isEqualTo(404);
        assertThat(read(session).status()).as("his sister's").isEqualTo(200);
        post("tobias", "/journals/" + draft + "/take-back");
        database.update("delete from reply where words = 'As his aunt.'");
    }

    @Test
    void aCarerEndsABrowserThatIsLostAndTheirOwn() {
        Cookie lost = open(invite()).response().getCookie("SESSION");
        Cookie here = open(invite()).response().getCookie("SESSION");
        Document page = send(MockMvcRequestBuilders.get("/family").cookie(here)).page();
        Elements ends = page.select("form[action*=/browsers/]");
        assertThat(ends.size()).isGreaterThanOrEqualTo(2);
        String own = page.select("li:contains(this one) form").attr("action");

        ends.stream()
                .map(form -> form.attr("action"))
                .filter(action -> !action.equals(own))
                .forEach(action ->
                        send(MockMvcRequestBuilders.post(action).cookie(here).with(csrf())));
        assertThat(read(lost).status()).isEqualTo(404);
        assertThat(read(here).status()).isEqualTo(200);
        assertThat(post("bram.aunt", own).status()).as("another family").isEqualTo(404);

        assertThat(send(MockMvcRequestBuilders.post(own).cookie(here).with(csrf()))
                        .location())
                .isEqualTo("/home");
        assertThat(read(here).status()).isIn(302, 404);
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

    private UUID grandfather() {
        return id("select id from carer where name = ?", "Anouk's grandfather");
    }

    private Answer correct(String email, String readsUntil) {
        return post(
                "tobias",
                "/carers/" + grandfather(),
                "carerName",
                "Anouk's grandfather",
                "email",
                email,
                "phone",
                "01632 960105",
                "readsUntil",
                readsUntil);
    }

    private Answer sendTheLink(String... more) {
        return post(
                "tobias",
                "/journals/" + journal + "/invitations",
                Stream.concat(Stream.of("carer", grandfather().toString()), Stream.of(more))
                        .toArray(String[]::new));
    }

    private Elements invited() {
        return get("tobias", "/journals/" + journal + "/invitations").page().select("input[name=carer]");
    }

    @Test
    void whoIsShutOutReadsNothingFromThatMomentAndIsNotWrittenToAgain() {
        Answer opened = open(invite());
        Cookie session = opened.response().getCookie("SESSION");
        Cookie home = opened.response().getCookie("carder-home");
        Link unopened = invite();
        assertThat(read(session).status()).isEqualTo(200);
        try {
            assertThat(post("tobias", "/carers/" + grandfather() + "/end").location())
                    .endsWith("/carers");

            assertThat(read(session).text()).doesNotContain("Anouk");
            assertThat(send(MockMvcRequestBuilders.get("/home").cookie(home)).text())
                    .doesNotContain("Anouk");
            assertThat(open(unopened).status()).isEqualTo(410);
            assertThat(get("anouk.grandfather", "/family/journals/" + journal).status())
                    .as("signed in with a name and a password")
                    .isEqualTo(404);
            assertThat(invited()).isEmpty();
            assertThat(sendTheLink().status()).isEqualTo(404);
            assertThat(get("tobias", "/children/" + child("Anouk") + "/carers").text())
                    .contains("may not read any more");
        } finally {
            correct("grandfather@example.org", "");
        }
        assertThat(read(session).status()).as("let in again").isEqualTo(200);
    }

    @Test
    void rightsEndWithTheirLastDay() {
        try {
            assertThat(correct("grandfather@example.org", "2026-05-06").status())
                    .isEqualTo(302);
            assertThat(invited()).hasSize(1);

            clock.advance(Duration.ofDays(1));
            assertThat(invited()).isEmpty();
        } finally {
            correct("grandfather@example.org", "");
        }
    }

    @Test
    void anAddressIsCorrectedAndWithoutOneNothingCanBeSent() {
        try {
            Answer wrong = correct("grandfather at home", "");
            assertThat(wrong.status()).isEqualTo(422);
            assertThat(wrong.page().select("#fault-email").text()).isNotEmpty();

            correct("", "");
            assertThat(invited().hasAttr("disabled")).isTrue();
            assertThat(sendTheLink().status()).isEqualTo(404);
        } finally {
            correct("new.address@example.org", "");
        }
        invite();
        assertThat(database.queryForObject(
                        "select to_address from message where to_name = ? order by id desc limit 1",
                        String.class,
                        "Anouk's grandfather"))
                .isEqualTo("new.address@example.org");
    }

    @Test
    void nothingIsSentBeforeTheOrderOfTheCourtWasRead() {
        String order = "Court order: no photos of where she lives.";
        String invite = "/journals/" + journal + "/invitations";
        post("tobias", "/children/" + child("Anouk") + "/before-sending", "beforeSending", order);
        try {
            assertThat(get("tobias", invite).page().select("fieldset#read").text())
                    .contains(order);
            Answer unread = sendTheLink();
            assertThat(unread.status()).isEqualTo(422);
            assertThat(unread.page().select("#fault-read").text()).contains("tick that you have");

            assertThat(sendTheLink("read", "yes").page().select(".big-code")).hasSize(1);
        } finally {
            post("tobias", "/children/" + child("Anouk") + "/before-sending", "beforeSending", "");
        }
        assertThat(get("tobias", invite).page().select("fieldset#read")).isEmpty();
    }

    private record Link(UUID id, String path, String code) {}

    private Link invite() {
        return invite("Anouk''s grandfather", journal);
    }

    private Link invite(String name, UUID about) {
        UUID carer = id("select id from carer where name = '%s'".formatted(name));
        Answer sent = post("tobias", "/journals/" + about + "/invitations", "carer", carer.toString());
        String mail = Objects.requireNonNull(database.queryForObject(
                "select body from message where to_name = '%s' order by id desc limit 1".formatted(name),
                String.class));
        return new Link(
                id("select id from invitation where journal_id = ? order by sent_at desc, id desc", about),
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
