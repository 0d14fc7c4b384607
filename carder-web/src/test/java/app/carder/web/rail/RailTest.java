package app.carder.web.rail;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class RailTest extends WebTest {

    private static final String ROUND = "select id from journal_round order by asked_at desc, id desc limit 1";
    private static final long LONGEST_WAIT = 60_000_000_000L;

    @AfterEach
    void noRounds() {
        List<UUID> made = database.queryForList("select id from journal where round_id is not null", UUID.class);
        for (String table : List.of("invitation", "reply", "read_together", "journal_entry")) {
            made.forEach(id -> database.update("delete from " + table + " where journal_id = ?", id));
        }
        made.forEach(id -> database.update("delete from journal where id = ?", id));
        database.update("delete from journal_round");
    }

    @Test
    void everyChildHangsOnTheHookThatItsJournalHasReached() {
        Document rail = rail("tobias", "Loft");

        assertThat(rail.select(".rail > li")).hasSize(8);
        assertThat(on(rail, "Answered")).contains("Anouk");
        assertThat(rail.select(".rail ul li"))
                .hasSize(database.queryForObject(
                        "select count(*) from child where room_id = ? and ends_on is null and died_on is null",
                        Integer.class,
                        room("Loft")));
    }

    @Test
    void allJournalsOfTheRoomAreMadeInTheBackgroundAndOnceEach() {
        make("2026-03-01");

        Document made = waitForTheEnd();

        assertThat(made.select(".rail-round").text()).contains("children looked at");
        List<String> drafts = on(made, "Draft");
        assertThat(drafts).isNotEmpty();
        int journals = ofTheRound();
        assertThat(journals).isEqualTo(drafts.size());
        database.update("update journal_round set looked_at = 1, stop_wanted = true");
        assertThat(rail("tobias", "Loft").select(".rail-round button").text()).isEqualTo("Go on");
        post("tobias", path("Loft") + "/resume");
        waitForTheEnd();
        assertThat(ofTheRound()).isEqualTo(journals);
    }

    @Test
    void aChildOfWhomNothingWasWrittenInThePeriodGetsNone() {
        make("2026-05-06");
        waitForTheEnd();
        String since = "2026-05-06";

        assertThat(ofTheRound())
                .isEqualTo(database.queryForObject(
                        "select count(distinct c.child_id) from observation_child c join observation o on o.id = c.observation_id join child on child.id = c.child_id"
                                + " where child.room_id = ? and o.observed_at >= ?::date",
                        Integer.class,
                        room("Loft"),
                        since));
    }

    @Test
    void approvalOpensOnlyWhenEveryPartWasShownAndEveryNearNameAnswered() {
        make("2026-03-01");
        waitForTheEnd();
        UUID journal = id("select id from journal where round_id = (" + ROUND + ") order by id limit 1");
        UUID entry = id("select id from journal_entry where journal_id = ? and part = 'BUSY_WITH' limit 1", journal);
        String name = database.queryForObject(
                "select given_name from child where room_id = ? and id <> (select child_id from journal where id = ?) and length(given_name) > 5 order by given_name limit 1",
                String.class,
                room("Loft"),
                journal);
        String nearly = name.substring(0, 2) + name.substring(1);
        database.update("update journal_entry set words = ? where id = ?", "Built a tower with " + nearly + ".", entry);

        Document page =
                get("tobias", path("Loft") + "/reading?journal=" + journal).page();
        List<String> shown = page.select("[name=shown]").eachAttr("value");
        assertThat(page.select("[name=near]").eachAttr("value")).contains(nearly);

        Answer unseen = read(
                "tobias",
                journal,
                "approve",
                shown.subList(0, 1),
                page.select("[name=near]").eachAttr("value"),
                "");
        Answer unanswered = read("tobias", journal, "approve", shown, List.of(), "");
        Answer byAnother = read(
                "hamish", journal, "approve", shown, page.select("[name=near]").eachAttr("value"), "");
        assertThat(unseen.page().select("[role=alert]").text()).contains("Look at every part first");
        assertThat(unanswered.page().select("[role=alert]").text()).contains("Say of each word");
        assertThat(byAnother.page().select("[role=alert]").text()).contains("The room lead approves");
        assertThat(approved(journal)).isFalse();

        Answer wholly = read(
                "tobias", journal, "approve", shown, page.select("[name=near]").eachAttr("value"), "");

        assertThat(wholly.location()).startsWith(path("Loft") + "/reading");
        assertThat(approved(journal)).isTrue();
    }

    @Test
    void aRemarkReachesTheAuthorAndANewWordingHasToBeReadAgain() {
        make("2026-03-01");
        waitForTheEnd();
        UUID journal = id("select id from journal where round_id = (" + ROUND + ") order by id limit 1");
        Document page =
                get("tobias", path("Loft") + "/reading?journal=" + journal).page();

        read(
                "tobias",
                journal,
                "next",
                page.select("[name=shown]").eachAttr("value"),
                page.select("[name=near]").eachAttr("value"),
                "Say what the string was for.");

        Document rail = rail("hamish", "Loft");
        assertThat(on(rail, "Read")).hasSize(1);
        assertThat(rail.select(".rail .tag").text()).isEqualTo("A remark");
        Document desk = get("hamish", "/journals/" + journal).page();
        assertThat(desk.select(".remark").text()).contains("Say what the string was for.", "Tobias");
        post(
                "hamish",
                "/journals/" + journal,
                "version",
                desk.select("[name=version]").val(),
                "greeting",
                "Hello.");
        assertThat(on(rail("hamish", "Loft"), "Read")).isEmpty();
    }

    @Test
    void whatIsApprovedIsSentAtOnceExceptWhereAnOrderHasToBeReadFirst() throws Exception {
        make("2026-03-01");
        waitForTheEnd();
        database.update(
                "update journal set approved_by = 'Tobias', approved_at = now(), framework_code = (select framework_code from room where name = 'Loft'), framework_version = '' where round_id = ("
                        + ROUND + ")");
        UUID bram = child("Bram");
        database.update("update child set before_sending = 'Nothing goes to the father.' where id = ?", bram);
        try (PDDocument printed =
                Loader.loadPDF(get("tobias", path("Loft") + "/print").response().getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(printed))
                    .contains("Anouk’s learning journal", "Bram’s learning journal");
        }

        Answer sent = post("tobias", path("Loft") + "/send");
        database.update("update child set before_sending = '' where id = ?", bram);

        assertThat(sent.page().select("[role=alert]").text())
                .contains("Bram: A court order or a wish has to be read first.");
        assertThat(sent.page().select(".codes tbody tr").eachText()).anyMatch(line -> line.startsWith("Anouk"));
        Document rail = rail("tobias", "Loft");
        assertThat(on(rail, "Sent")).contains("Anouk");
        assertThat(on(rail, "Approved")).contains("Bram");
        assertThat(post("hamish", path("Loft") + "/send").status()).isEqualTo(403);

        UUID ofAnouk = id("select id from journal where round_id = (" + ROUND + ") and child_id = ?", child("Anouk"));
        post("tobias", "/journals/" + ofAnouk + "/recall");

        assertThat(on(rail("tobias", "Loft"), "Approved")).contains("Anouk");
        assertThat(get("anouk.grandfather", "/family/journals/" + ofAnouk).status())
                .isEqualTo(404);
    }

    @Test
    void saysWhatIsWrongWithThePeriodAndTheLength() {
        Answer answer = post(
                "tobias",
                path("Loft"),
                "purpose",
                "TERM",
                "startsOn",
                "2026-05-06",
                "endsOn",
                "2026-05-01",
                "pages",
                "none");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("[role=alert] li")).hasSize(2);
    }

    private Answer read(String who, UUID journal, String then, List<String> shown, List<String> near, String remark) {
        List<String> fields = new ArrayList<>(List.of("then", then, "remark", remark));
        shown.forEach(part -> fields.addAll(List.of("shown", part)));
        near.forEach(word -> fields.addAll(List.of("near", word)));
        return post(who, "/journals/" + journal + "/read", fields.toArray(String[]::new));
    }

    private boolean approved(UUID journal) {
        return database.queryForObject(
                "select approved_at is not null from journal where id = ?", Boolean.class, journal);
    }

    private int ofTheRound() {
        return database.queryForObject("select count(*) from journal where round_id = (" + ROUND + ")", Integer.class);
    }

    private void make(String startsOn) {
        post("tobias", path("Loft"), "purpose", "TERM", "startsOn", startsOn, "endsOn", "2026-05-06", "pages", "2");
    }

    private Document waitForTheEnd() {
        long until = System.nanoTime() + LONGEST_WAIT;
        while (System.nanoTime() < until) {
            if (database.queryForObject("select ended from journal_round where id = (" + ROUND + ")", Boolean.class)) {
                return rail("tobias", "Loft");
            }
            Thread.onSpinWait();
        }
        throw new AssertionError("The journals were not made within a minute.");
    }

    private Document rail(String who, String room) {
        return get(who, path(room)).page();
    }

    private String path(String room) {
        return "/rooms/" + room(room) + "/journals";
    }

    private static List<String> on(Document rail, String hook) {
        return rail.select(".rail > li:has(h2:contains(" + hook + ")) ul a span")
                .eachText();
    }

    /** Other tests write some. */
    private String whoHasLeastRecords() {
        return database.queryForObject(
                "select c.given_name from child c left join observation_child o on o.child_id = c.id"
                        + " where c.room_id = ? group by c.given_name order by count(o.child_id), c.given_name limit 1",
                String.class,
                room("Loft"));
    }

    @Test
    void journalsAreDueAgainAndAgainAndTheKeyPersonIsRemindedOfWhatIsMissing() {
        String kept = database.queryForObject(
                "select first_on || '/' || every_weeks from journal_rhythm where room_id = ?",
                String.class,
                room("Loft"));
        try {
            Answer past = post("tobias", path("Loft") + "/rhythm", "firstOn", "2026-05-01", "weeks", "6");
            assertThat(past.page().select("#fault-firstOn").text()).contains("today or a later day");
            assertThat(post("hamish", path("Loft") + "/rhythm", "firstOn", "2026-05-20", "weeks", "6")
                            .status())
                    .isEqualTo(403);

            post("tobias", path("Loft") + "/rhythm", "firstOn", "2026-05-20", "weeks", "6");

            Document rail = rail("tobias", "Loft");
            assertThat(rail.text()).contains("Due on 20 May 2026, in 14 days");
            assertThat(rail.select("#lacks tbody tr"))
                    .hasSize(rail.select(".rail ul li").size());
            assertThat(rail.select("#lacks tr:contains(" + whoHasLeastRecords() + ") .tag.note")
                            .eachText())
                    .contains("more records", "what to offer next");
            assertThat(get("tobias", "/").text()).contains("journals are due on 20 May 2026");
            assertThat(get("precious", "/").text()).doesNotContain("journals are due");
            post("tobias", path("Loft") + "/rhythm", "none", "yes");
            assertThat(rail("tobias", "Loft").text()).contains("Nobody has said when they are due.");
        } finally {
            String[] before = kept.split("/");
            database.update(
                    "insert into journal_rhythm select id, setting_id, ?::date, ?::int from room where id = ? on conflict (room_id) do update set first_on = excluded.first_on, every_weeks = excluded.every_weeks",
                    before[0],
                    before[1],
                    room("Loft"));
        }
    }

    @Test
    void aFamilyThatIsLeftInPeaceGetsNoJournalNothingIsSentAndNobodyIsReminded() {
        String pause = "/children/" + child("Kofi") + "/pause";
        assertThat(post("tobias", pause, "pauseReason", "")
                        .page()
                        .select("[role=alert]")
                        .text())
                .isNotEmpty();
        assertThat(post("tobias", pause, "pauseReason", "Away", "pausedUntil", "2026-05-01")
                        .page()
                        .select("#fault-pausedUntil")
                        .text())
                .contains("today or a later day");
        post("tobias", pause, "pauseReason", "A death in the family");
        try {
            assertThat(get("tobias", "/children/" + child("Kofi") + "/carers").text())
                    .contains("A death in the family");
            make("2026-03-01");
            waitForTheEnd();
            assertThat(database.queryForList(
                            "select 1 from journal where child_id = ? and round_id = (" + ROUND + ")", child("Kofi")))
                    .isEmpty();
            assertThat(rail("tobias", "Loft").select("#lacks tr:contains(Kofi)").text())
                    .contains("Left in peace");
            assertThat(post("tobias", "/children/" + child("Kofi") + "/home-cards", "card", "BALL-RAMP")
                            .page()
                            .select("#fault-card, [role=alert]")
                            .text())
                    .contains("left in peace");
        } finally {
            post("tobias", pause + "/end");
        }
        assertThat(database.queryForList("select 1 from journal_pause")).isEmpty();
    }

    @Test
    void aPressOnAnotherRoomOpensItsRail() {
        assertThat(rail("tobias", "Loft").select(".rooms a").eachAttr("href"))
                .contains(path("Nook"))
                .allSatisfy(href -> assertThat(get("imelda", href).status()).isEqualTo(200));
    }
}
