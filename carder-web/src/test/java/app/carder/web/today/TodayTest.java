package app.carder.web.today;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.SettableClock;
import app.carder.web.kit.WebTest;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;

class TodayTest extends WebTest {

    private Document today(String instant) {
        clock.reset();
        clock.advance(Duration.between(SettableClock.MIDDLE_OF_PLAY, Instant.parse(instant)));
        return get("tobias", "/?room=" + room("Loft")).page();
    }

    private UUID zone(String name) {
        return id("select id from zone where room_id = ? and name = ?", room("Loft"), name);
    }

    /** Plans a card for the first session of play. */
    private void plan(String day, String zone, String title) {
        UUID session = id(
                "select id from room_session where room_id = ? and kind = 'PROTECTED_PLAY' order by starts_at",
                room("Loft"));
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/week/blocks",
                "at",
                String.join("_", day, session.toString(), zone(zone).toString(), "0"),
                "card",
                card(title).toString());
    }

    @Test
    void tellsTheSessionTheRatioAndWhoIsIn() {
        Document page = today("2026-05-06T09:05:00Z");

        assertThat(page.select("#now-title").text()).isEqualTo("Free play until 10:30");
        assertThat(page.select(".ratio-now").text()).isEqualTo("2 adults for 12 children; 2 needed");
        assertThat(page.select(".now-panel p").first().text()).contains("Tobias Renn", "Hamish Vale");
        assertThat(page.select(".now-panel").text()).contains("Tell the children by 10:25 that play is about to end.");
        assertThat(page.select(".now-panel .action").attr("href"))
                .as("one tap to watch")
                .isEqualTo("/watch/?room=" + room("Loft"));
    }

    /** One of the twelve leaves at half past four. */
    @Test
    void childrenWhoLeaveEarlyCountUntilTheyLeave() {
        Document page = today("2026-05-06T15:40:00Z");

        assertThat(page.select(".ratio-now").text()).contains("1 adult for 11 children; 2 needed");
        assertThat(page.select(".pegs").text()).contains("until 16:30");
    }

    @Test
    void namesTheMinuteFromWhichAdultsWillBeMissing() {
        assertThat(today("2026-05-06T14:00:00Z").select(".now-panel .short").eachText())
                .contains("One adult missing from 16:15 to 17:00 by the room’s ratio");
        assertThat(today("2026-05-06T15:30:00Z").select(".now-panel.short-now")).hasSize(1);
    }

    @Test
    void namesWhatTheBoardHasAndIsNotOutYet() {
        plan("2027-06-09", "Writing", "Sorting office");

        Document before = today("2027-06-09T07:30:00Z");
        assertThat(before.select("main").text()).contains("On the board for 09:00, not out yet Sorting office Writing");

        post(
                "tobias",
                "/cards/" + card("Sorting office") + "/set-out",
                "zone",
                zone("Writing").toString());
        Document after = today("2027-06-09T08:30:00Z");
        assertThat(after.select("main").text()).doesNotContain("not out yet");
        assertThat(after.select(".card.card").text()).contains("Sorting office");
    }

    /** Dough for Friday morning is cooked on Thursday evening: on Wednesday there is nothing to begin, on Thursday there is. */
    @Test
    void whatIsToBeBegunTomorrowIsNotForToday() {
        plan("2027-07-16", "Tray table", "Stamp dough");

        assertThat(today("2027-07-14T09:00:00Z").select("main").text())
                .contains("Nothing to start today.")
                .doesNotContain("Cook the dough");
        assertThat(today("2027-07-15T09:00:00Z").select("main").text()).contains("Cook the dough by 17:20, 25 min");
    }

    @Test
    void tellsWhatIsToBePreparedAndLookedAt() {
        UUID investigation = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/investigations",
                "id",
                investigation.toString(),
                "watched",
                "Frost on the letter box",
                "begunOn",
                "2026-05-06",
                "everyDays",
                "2",
                "weeks",
                "2",
                "unit",
                "");

        Document page = today("2026-05-06T09:05:00Z");
        assertThat(page.select("main").text()).contains("Due to be checked", "Frost on the letter box");

        post("tobias", "/investigations/" + investigation + "/end");
        assertThat(today("2026-05-06T09:05:00Z").select("main").text()).doesNotContain("Frost on the letter box");
    }

    @Test
    void aClosedDaySaysSoAndShowsTheNextOpenOne() {
        Document page = today("2026-05-15T09:00:00Z");

        assertThat(page.select("#now-title").text()).isEqualTo("Closed today. Open again on Monday 18 May");
        assertThat(page.select("#here-title").text()).matches("\\d+ children are due on Monday");
        assertThat(page.select(".now-panel svg.sketch")).hasSize(1);
        assertThat(page.select("a[href$='/rehearsal?day=2026-05-18']").text()).isEqualTo("Play Monday through");
        assertThat(page.select(".ratio-now, .now-panel .short")).isEmpty();
        assertThat(page.select(".occasion").text()).isEqualTo("Closed: training for everyone");
    }
}
