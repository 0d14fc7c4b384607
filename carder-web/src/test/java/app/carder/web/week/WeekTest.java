package app.carder.web.week;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import com.github.kagkarlsson.scheduler.Scheduler;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class WeekTest extends WebTest {

    /** Bars of a proposed week. */
    private static final String PROPOSED = "article.stay:not(.leaving)";

    @Autowired
    private Scheduler scheduler;

    /** A Monday far from the demo's weeks: each test takes another one, so that none depends on what another left. */
    private static final LocalDate FAR = LocalDate.of(2026, 9, 7);

    private String board(LocalDate monday) {
        return "/rooms/" + room("Nook") + "/week?of=" + monday;
    }

    private Document open(LocalDate monday) {
        return get("precious", board(monday)).page();
    }

    /** The key of a place: day of the week, session and place counted from 0. */
    private String cell(LocalDate monday, int day, int session, int place) {
        return line(open(monday), session, place)
                .select(".line-days > li")
                .get(day)
                .attr("data-cell");
    }

    private static Element line(Document page, int session, int place) {
        return page.select(".week-part").get(session).select(".week-line").get(place);
    }

    /** The titles of a line's bars, each with the days that it reaches over. */
    private List<String> bars(LocalDate monday, int session, int place) {
        return line(open(monday), session, place).select("[data-block]").stream()
                .map(bar -> bar.select(".stay-words > a").text() + " " + bar.attr("data-days"))
                .toList();
    }

    private String standing(String key) {
        return database
                .queryForList(
                        "select c.title from planned_block b join card c on c.id = b.card_id where b.on_day = ?::date"
                                + " and b.session_id = ?::uuid and b.zone_id = ?::uuid and b.place = ?::int",
                        String.class,
                        (Object[]) key.split("_"))
                .stream()
                .findFirst()
                .orElse("");
    }

    private void put(LocalDate monday, String key, String title) {
        Answer answer = post(
                "precious",
                "/rooms/" + room("Nook") + "/week/blocks",
                "at",
                key,
                "card",
                card(title).toString());
        assertThat(answer.location()).isEqualTo("/rooms/" + room("Nook") + "/week?of=" + monday);
    }

    private List<UUID> planned(LocalDate monday) {
        return database.queryForList(
                "select id from planned_block where room_id = ? and on_day between ? and ?",
                UUID.class,
                room("Nook"),
                monday,
                monday.plusDays(6));
    }

    private String blockAt(String key) {
        return database.queryForObject(
                        "select id from planned_block where on_day = ?::date and session_id = ?::uuid and zone_id = ?::uuid and place = ?::int",
                        UUID.class,
                        (Object[]) key.split("_"))
                .toString();
    }

    @Test
    void showsTheWeekAsDaysSessionsAndZones() {
        Document page = get("tobias", "/rooms/" + room("Loft") + "/week").page();

        assertThat(page.select(".board-day")).hasSize(5);
        assertThat(page.select(".week-part h3").eachText())
                .containsExactly("Free play 09:00", "Outdoors 10:50", "Free play 13:30", "Outdoors 15:45");
        assertThat(page.select(".week-part").get(1).select(".line-name").eachText())
                .as("out of doors there is the garden")
                .allMatch(name -> name.startsWith("Garden"));
        Element rice = line(page, 0, 0).select("[data-block]").first();
        assertThat(rice.select(".stay-words > a").text()).isEqualTo("Rice by the kilo");
        assertThat(rice.attr("data-days")).as("one bar for all of the week").isEqualTo("5");
        assertThat(rice.select(".mark").text()).as("it stood last week too").isEqualTo("due for a change");
        assertThat(page.select(".week-part").get(0).select(".mark").eachText()).contains("new");
        assertThat(page.select(".board-day").get(0).text()).contains("new: show each child one of them a day");
    }

    @Test
    void namesTheMinuteFromWhichAnAdultIsMissing() {
        Document page = get("tobias", "/rooms/" + room("Loft") + "/week").page();

        assertThat(page.select(".board-day").get(0).select(".short").eachText())
                .containsExactly("One adult missing from 16:15");
    }

    @Test
    void aClosedDayTakesNoCardsAndAVisitIsTold() {
        Document next =
                get("tobias", "/rooms/" + room("Loft") + "/week?of=2026-05-11").page();

        assertThat(next.select(".board-day").get(4).text()).contains("Closed: training for everyone", "Closed");
        assertThat(next.select(".line-days > li:nth-child(5)[data-cell]")).isEmpty();
        assertThat(next.select(".board-day").get(1).text()).contains("The postal worker visits at ten");
    }

    @Test
    void putsMovesChangesPlacesCopiesAndTakesOff() {
        LocalDate monday = FAR;
        String first = cell(monday, 0, 0, 0);
        String second = cell(monday, 0, 0, 1);
        put(monday, first, "Shredded paper post");
        put(monday, second, "Stamp printing");

        post("precious", "/stays/" + blockAt(first) + "/move", "at", second);

        assertThat(standing(second)).isEqualTo("Shredded paper post");
        assertThat(standing(first)).as("they change places").isEqualTo("Stamp printing");
        String third = cell(monday, 1, 0, 0);
        post("precious", "/stays/" + blockAt(first) + "/move", "at", third, "how", "copy");
        assertThat(standing(third)).isEqualTo("Stamp printing");
        assertThat(standing(first)).isEqualTo("Stamp printing");
        post("precious", "/blocks/" + blockAt(third) + "/remove");
        assertThat(standing(third)).isEmpty();
    }

    @Test
    void aCardThatStaysIsOneBarThatIsMovedLengthenedAndTakenOffAsOne() {
        LocalDate monday = FAR.plusWeeks(30);
        String first = cell(monday, 0, 0, 0);
        put(monday, first, "Stamp printing");
        String block = blockAt(first);

        post("precious", "/stays/" + block + "/until", "day", monday.plusDays(2).toString());
        assertThat(bars(monday, 0, 0)).containsExactly("Stamp printing 3");
        post(
                "precious",
                "/stays/" + block + "/move",
                "at",
                cell(monday, 3, 0, 1),
                "held",
                monday.plusDays(1).toString());

        assertThat(bars(monday, 0, 0)).isEmpty();
        assertThat(bars(monday, 0, 1)).as("Wednesday to Friday").containsExactly("Stamp printing 3");
        String wednesday = cell(monday, 2, 0, 1);
        assertThat(standing(wednesday)).isEqualTo("Stamp printing");
        post(
                "precious",
                "/stays/" + blockAt(wednesday) + "/until",
                "day",
                monday.plusDays(2).toString());
        assertThat(bars(monday, 0, 1)).containsExactly("Stamp printing 1");
        post("precious", "/stays/" + blockAt(wednesday) + "/remove");
        assertThat(bars(monday, 0, 1)).isEmpty();
    }

    @Test
    void whatStoodWhereAStayIsMovedToGoesWhereTheStayWas() {
        LocalDate monday = FAR.plusWeeks(31);
        put(monday, cell(monday, 0, 0, 0), "Stamp printing");
        post(
                "precious",
                "/stays/" + blockAt(cell(monday, 0, 0, 0)) + "/until",
                "day",
                monday.plusDays(1).toString());
        put(monday, cell(monday, 0, 0, 1), "Shredded paper post");

        post("precious", "/stays/" + blockAt(cell(monday, 0, 0, 0)) + "/move", "at", cell(monday, 0, 0, 1));

        assertThat(bars(monday, 0, 1)).containsExactly("Stamp printing 2");
        assertThat(bars(monday, 0, 0)).containsExactly("Shredded paper post 1");
    }

    @Test
    void answersADragWithTheBoardAlone() {
        LocalDate monday = FAR.plusWeeks(1);
        Answer answer = send(
                "precious",
                MockMvcRequestBuilders.post("/rooms/" + room("Nook") + "/week/blocks")
                        .param("at", cell(monday, 0, 0, 0))
                        .param("card", card("Stamp printing").toString())
                        .header("HX-Request-Type", "partial")
                        .with(csrf()));

        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.page().body().children().get(0).id()).isEqualTo("board");
        assertThat(answer.text()).doesNotContain("<header");
    }

    @Test
    void everyPlaceOffersToTakeACardThatIsCarried() {
        LocalDate monday = FAR.plusWeeks(2);
        Document page = get("precious", board(monday) + "&card=" + card("Stamp printing"))
                .page();

        assertThat(page.select(".carrying").text()).startsWith("Stamp printing: press the place");
        assertThat(page.select("button.here")).hasSameSizeAs(page.select("[data-cell]"));
    }

    @Test
    void refusesPlacesThatAreNotThere() {
        String key = cell(FAR.plusWeeks(3), 0, 0, 0);
        String url = "/rooms/" + room("Nook") + "/week/blocks";
        String stamp = card("Stamp printing").toString();

        assertThat(post("precious", url, "at", "nonsense", "card", stamp).status())
                .isEqualTo(404);
        assertThat(post("precious", url, "at", key.replace("_0", "_9"), "card", stamp)
                        .status())
                .isEqualTo(404);
        assertThat(post("precious", url, "at", key.replaceFirst("^[0-9-]+", "2026-09-26"), "card", stamp)
                        .status())
                .as("a Saturday")
                .isEqualTo(404);
        assertThat(post(
                                "precious",
                                url,
                                "at",
                                key,
                                "card",
                                card("Rice by the kilo").toString())
                        .status())
                .as("a card of another room")
                .isEqualTo(404);
    }

    @Test
    void copiesADayButLeavesWhatIsPinned() {
        LocalDate monday = FAR.plusWeeks(4);
        String monday1 = cell(monday, 0, 0, 0);
        String tuesday1 = cell(monday, 1, 0, 0);
        put(monday, monday1, "Shredded paper post");
        put(monday, tuesday1, "Stamp printing");
        post("precious", "/stays/" + blockAt(tuesday1) + "/pin");

        post(
                "precious",
                "/rooms/" + room("Nook") + "/week/copy-day",
                "from",
                monday.toString(),
                "to",
                monday.plusDays(1).toString(),
                "to",
                monday.plusDays(2).toString());

        assertThat(standing(tuesday1)).isEqualTo("Stamp printing");
        assertThat(standing(cell(monday, 2, 0, 0))).isEqualTo("Shredded paper post");
    }

    /** Four days out: it has not stood its five, so it stays; a card that rested in between is left behind. */
    @Test
    void copiesFromLastWeekWhatHasNotStoodItsDays() {
        LocalDate last = FAR.plusWeeks(8);
        for (int day = 1; day < 5; day++) {
            put(last, cell(last, day, 0, 0), "Shredded paper post");
        }
        put(last, cell(last, 0, 0, 1), "Stamp printing");

        post(
                "precious",
                "/rooms/" + room("Nook") + "/week/copy-last",
                "of",
                last.plusWeeks(1).toString(),
                "what",
                "chosen");

        Document next = open(last.plusWeeks(1));
        assertThat(next.select(".stay-words > a").eachText()).containsExactly("Shredded paper post");
        assertThat(next.select("[data-block]").attr("data-days")).isEqualTo("4");
    }

    @Test
    void proposesAWeekThatKeepsPinsAndBansAndSaysWhy() {
        LocalDate monday = FAR.plusWeeks(12);
        String pinned = cell(monday, 0, 0, 0);
        put(monday, pinned, "Stamp printing");
        post("precious", "/stays/" + blockAt(pinned) + "/pin");
        ban(monday, "Shredded paper post");

        String proposal = propose("precious", "Nook", monday);
        Document ready = waitFor("precious", proposal);

        assertThat(ready.select(PROPOSED))
                .isNotEmpty()
                .allSatisfy(bar -> assertThat(bar.select("p").text()).isNotBlank());
        assertThat(ready.select(PROPOSED + " a").eachText()).doesNotContain("Shredded paper post");
        assertThat(ready.text()).contains("you pinned it");
        Answer taken = post("precious", proposal + "/take");
        assertThat(taken.location()).isEqualTo(board(monday));
        assertThat(standing(pinned)).isEqualTo("Stamp printing");
        assertThat(planned(monday))
                .hasSizeGreaterThanOrEqualTo(ready.select(PROPOSED).size());
        assertThat(get("precious", proposal).page().select(PROPOSED + ":not(.as-planned)"))
                .isEmpty();
    }

    @Test
    void singleCardsOfAProposalAreTakenAndTheRestWaits() {
        LocalDate monday = FAR.plusWeeks(13);
        String ruledOut = cell(monday, 0, 0, 0);
        put(monday, ruledOut, "Shredded paper post");
        ban(monday, "Shredded paper post");
        String proposal = propose("precious", "Nook", monday);
        Document ready = waitFor("precious", proposal);
        assertThat(ready.select(
                        PROPOSED + ":contains(instead of Shredded paper post), .leaving:contains(Shredded paper post)"))
                .hasSize(1);
        Element bar =
                ready.select(PROPOSED + ":has(form):not(:contains(instead of))").get(0);
        List<String> blocks = bar.select("[name=block]").eachAttr("value");

        Answer taken = post(
                "precious",
                proposal + "/take-some",
                blocks.stream().flatMap(id -> Stream.of("block", id)).toArray(String[]::new));

        assertThat(taken.location()).isEqualTo(proposal);
        assertThat(planned(monday)).hasSize(1 + blocks.size());
        assertThat(standing(ruledOut)).isEqualTo("Shredded paper post");
        Document left = get("precious", proposal).page();
        assertThat(left.select(PROPOSED + ".as-planned")).hasSize(1).first().satisfies(same -> {
            assertThat(same.text()).contains(bar.select("a").text(), "As on the board now");
            assertThat(same.select("form")).isEmpty();
        });
        assertThat(left.text()).contains("Put it on the board");
        post("precious", left.select("#just-done form").attr("action"));
        assertThat(planned(monday)).as("undone").hasSize(1);
        assertThat(post("precious", proposal + "/take-some", "block", "7").status())
                .isEqualTo(404);
    }

    @Test
    void aProposalCanBeStopped() {
        String proposal = propose("precious", "Nook", FAR.plusWeeks(14));

        post("precious", proposal + "/stop");

        assertThat(waitFor("precious", proposal).text()).contains("Put it on the board");
    }

    @Test
    void aProposalWhoseNodeWentAwayIsWorkedOutByAnother() {
        UUID lost = UUID.randomUUID();
        database.update(
                "insert into week_proposal (id, setting_id, room_id, monday, state, asked_by, asked_at, begun_at, beat_at, points, stop_wanted, given_up)"
                        + " select ?, setting_id, id, date '2026-09-07', 'RUNNING', 'x', now(), now(), now(), 0, false, '{}' from room where id = ?",
                lost,
                room("Nook"));
        database.update(
                "insert into scheduled_tasks (task_name, task_instance, execution_time, picked, picked_by, last_heartbeat, version)"
                        + " select 'week-proposal', setting_id || '/' || id, now() - interval '5 minutes', true, 'gone', now() - interval '4 minutes', 1"
                        + " from week_proposal where id = ?",
                lost);

        assertThat(waitFor("precious", "/proposals/" + lost).text()).contains("Put it on the board");
    }

    @Test
    void oneWeekAtATimeIsProposedForARoomAndNoSettingWaitsForAllRoomsOfAnother() {
        scheduler.pause();
        String last;
        try {
            String loft = propose("imelda", "Loft", FAR);
            assertThat(propose("imelda", "Loft", FAR)).as("asked twice").isEqualTo(loft);
            String another = propose("imelda", "Loft", FAR.plusWeeks(1));
            assertThat(another).isEqualTo(loft + "?instead=true");
            assertThat(get("imelda", another).page().text())
                    .contains("Waiting for its turn.", "Carder suggests one week at a time for a room");
            String nook = propose("imelda", "Nook", FAR);
            String burrow = propose("imelda", "Burrow", FAR);
            String pier = propose("teodor", "Pier", FAR);

            assertThat(database.queryForList(
                            "select task_instance from scheduled_tasks where task_name = 'week-proposal' and not picked order by priority desc, execution_time",
                            String.class))
                    .extracting(instance -> "/proposals/" + instance.split("/")[1])
                    .as("each setting's first, then its second")
                    .containsExactly(loft, pier, nook, burrow);
            for (String proposal : List.of(loft, nook, burrow)) {
                post("imelda", proposal + "/stop");
            }
            last = burrow;
        } finally {
            scheduler.resume();
        }
        assertThat(waitFor("imelda", last).text()).as("the last").contains("Put it on the board");
    }

    private void ban(LocalDate monday, String title) {
        post(
                "precious",
                "/rooms/" + room("Nook") + "/week/ban",
                "of",
                monday.toString(),
                "card",
                card(title).toString());
    }

    private String propose(String username, String room, LocalDate monday) {
        return post(username, "/rooms/" + room(room) + "/week/propose", "of", monday.toString())
                .location();
    }

    /** The job runs in another thread: asked for until it is ready, for at most half a minute. */
    private Document waitFor(String username, String proposal) {
        Instant end = Instant.now().plus(Duration.ofSeconds(30));
        Document page = get(username, proposal).page();
        while (page.select("#state[hx-get]").size() > 0 && Instant.now().isBefore(end)) {
            LockSupport.parkNanos(50_000_000);
            page = get(username, proposal).page();
        }
        return page;
    }

    @Test
    void keepsSessionsForEachWeekdayAndSaysWhatToMove() {
        String url = "/rooms/" + room("Burrow") + "/sessions";
        List<String> form = new ArrayList<>(rules());
        form.addAll(session(0, "Free play", "PROTECTED_PLAY", "09:00", "10:00"));
        form.addAll(session(1, "Songs", "GROUP", "10:00", "10:15"));
        form.addAll(List.of("movable-1", "on", "language-1", "Swedish"));
        form.addAll(session(2, "Free play", "PROTECTED_PLAY", "10:15", "11:15"));

        Answer kept = post("marguerite", url, form.toArray(String[]::new));

        assertThat(kept.location()).isEqualTo(url + "?saved");
        Document page = get("marguerite", url).page();
        assertThat(page.select(".margin .notes").text())
                .contains("Move Songs from 10:00 to 09:00: the longest stretch becomes 120 minutes, 60 more.");
        assertThat(page.select(".margin dd").eachText())
                .contains("60 min", "1", "15 min", "15 of 27 min (11 % of 20 %)");
        assertThat(page.select(".margin").text()).contains("09:55, before it ends at 10:00");
        form.addAll(List.of("minutes-1", "40"));
        assertThat(post("marguerite", url, form.toArray(String[]::new))
                        .page()
                        .select(".fault")
                        .eachText())
                .contains("“Songs” lasts 15 minutes; the second language cannot be spoken for 40 of them.");
        form.set(form.size() - 1, "5");
        assertThat(post("marguerite", url, form.toArray(String[]::new)).location())
                .isEqualTo(url + "?saved");
        assertThat(get("marguerite", url).page().select(".margin dd").eachText())
                .contains("5 of 27 min (3 % of 20 %)");
    }

    @Test
    void marksWhatIsWrongWithASession() {
        String url = "/rooms/" + room("Nook") + "/sessions";
        List<String> wrong = new ArrayList<>(rules());
        wrong.addAll(List.of("name-0", "Snack", "kind-0", "CARE", "from-0", "10:00", "to-0", "09:00"));
        List<String> overlap = new ArrayList<>(rules());
        overlap.addAll(session(0, "Snack", "CARE", "09:00", "10:00"));
        overlap.addAll(session(1, "Songs", "GROUP", "09:30", "10:30"));

        Answer answer = post("precious", url, wrong.toArray(String[]::new));
        Answer overlapping = post("precious", url, overlap.toArray(String[]::new));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select(".fault").eachText())
                .contains(
                        "“Snack” must end after it starts; it says 10:00 to 09:00.",
                        "Say on which days “Snack” takes place.");
        assertThat(overlapping.page().select(".faults").text()).contains("Sessions must not overlap");
        assertThat(post("precious", url, rules().toArray(String[]::new))
                        .page()
                        .select(".faults")
                        .text())
                .contains("at least one session");
    }

    private static List<String> rules() {
        return List.of(
                "ratio",
                "ENGLAND",
                "everyDays",
                "5",
                "restDays",
                "10",
                "stillChosen",
                "3",
                "evening",
                "45",
                "notice",
                "5",
                "percent",
                "20",
                "secondLanguage",
                "Swedish");
    }

    private static List<String> session(int row, String name, String kind, String from, String to) {
        return List.of(
                "name-" + row,
                name,
                "kind-" + row,
                kind,
                "from-" + row,
                from,
                "to-" + row,
                to,
                "days-" + row,
                "MONDAY",
                "days-" + row,
                "TUESDAY");
    }
}
