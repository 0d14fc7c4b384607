package app.carder.web.week;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.exchange.calendar.CalendarFile;
import app.carder.exchange.calendar.CalendarFile.Occasion;
import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** In the second setting, so that no closed day of a test changes the demo's weeks. */
class CalendarPageTest extends WebTest {

    private static final String FILE = String.join(
            "\r\n",
            "BEGIN:VCALENDAR",
            "VERSION:2.0",
            "PRODID:-//Test//EN",
            "BEGIN:VEVENT",
            "UID:1@test",
            "DTSTAMP:20260101T000000Z",
            "SUMMARY:Bank holiday",
            "DTSTART;VALUE=DATE:20260525",
            "END:VEVENT",
            "BEGIN:VEVENT",
            "UID:2@test",
            "DTSTAMP:20260101T000000Z",
            "SUMMARY:The dentist visits",
            "DTSTART:20260526T090000Z",
            "DTEND:20260526T100000Z",
            "END:VEVENT",
            "END:VCALENDAR",
            "");

    private Answer read(String file) {
        return send(
                "teodor",
                MockMvcRequestBuilders.multipart("/calendar/import")
                        .file(new MockMultipartFile(
                                "file", "term.ics", "text/calendar", file.getBytes(StandardCharsets.UTF_8)))
                        .with(csrf().asHeader()));
    }

    @Test
    void offersWhatACalendarSaysAndTakesOverWhatIsChosenOnce() {
        Document offered = read(FILE).page();
        assertThat(offered.select("input[name=take]")).hasSize(2);
        assertThat(offered.select("input[name=take][checked]"))
                .as("only what sounds closed")
                .hasSize(1);

        for (int twice = 0; twice < 2; twice++) {
            post(
                    "teodor",
                    "/calendar/rows",
                    "take",
                    "0",
                    "closing",
                    "0",
                    "from-0",
                    "2026-05-25",
                    "until-0",
                    "2026-05-25",
                    "summary-0",
                    "Bank holiday");
        }

        Document calendar = get("teodor", "/calendar?month=2026-05").page();
        assertThat(calendar.select(".hours li").eachText())
                .filteredOn(line -> line.contains("Bank holiday"))
                .containsExactly("Mon 25 May Bank holiday closed Remove");
        assertThat(calendar.select(".month-day.closed-day").eachText())
                .contains("25Monday 25 May closed: Bank holiday");
        Document week =
                get("teodor", "/rooms/" + room("Pier") + "/week?of=2026-05-25").page();
        assertThat(week.select(".board-day").get(0).text()).contains("Closed");
    }

    @Test
    void refusesInWordsWhatIsNoCalendar() {
        assertThat(read("hello").page().select(".faults").text()).contains("This calendar cannot be read");
        assertThat(send(
                                "teodor",
                                MockMvcRequestBuilders.multipart("/calendar/import")
                                        .with(csrf().asHeader()))
                        .page()
                        .select(".fault")
                        .text())
                .contains("Choose a calendar file");
    }

    @Test
    void writesAVisitDownAndTakesItAwayAndMarksWhatIsWrong() {
        Answer wrong = post("teodor", "/calendar/occasions", "fromDay", "2026-06-10", "untilDay", "2026-06-09");
        post("teodor", "/calendar/occasions", "summary", "A goat visits", "fromDay", "2026-06-10", "untilDay", "");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.page().select(".fault").eachText())
                .containsExactly("The last day must not be before the first.", "Say what is happening.");
        Document page = get("teodor", "/calendar").page();
        assertThat(page.text()).contains("Wed 10 Jun A goat visits");
        assertThat(page.select(".month-day.visit").eachText()).containsExactly("10Wednesday 10 June A goat visits");
        post("teodor", page.select("form:has([aria-label*=goat])").attr("action"));
        assertThat(get("teodor", "/calendar").page().select("main").text()).doesNotContain("goat");
    }

    @Test
    void aDayThatIsPressedIsTheFirstAndALaterOneTheLast() {
        Document page = get("teodor", "/calendar?month=2027-02").page();
        assertThat(page.select("section h2").eachText())
                .containsExactly("February 2027", "March 2027", "April 2027", "May 2027", "June 2027", "July 2027");

        String first = page.select(".month-day:contains(10 February)").attr("href");
        Document pressed = get("teodor", first.replace("#writing", "")).page();
        assertThat(pressed.select("#fromDay").val()).isEqualTo("2027-02-10");
        String later = pressed.select(".month-day:contains(3 March)").attr("href");
        Document both = get("teodor", later.replace("#writing", "")).page();

        assertThat(both.select("#fromDay").val()).isEqualTo("2027-02-10");
        assertThat(both.select("#untilDay").val()).isEqualTo("2027-03-03");
        assertThat(both.select(".month-day.chosen")).hasSize(22);
        assertThat(pressed.select(".month-day:contains(2 February)").attr("href"))
                .as("an earlier day begins anew")
                .contains("fromDay=2027-02-02")
                .doesNotContain("untilDay=2027");
        assertThat(get("teodor", "/calendar?month=9999-99&fromDay=never").status())
                .isEqualTo(200);
        assertThat(get("hamish", "/calendar").page().select(".month-day[href], #writing"))
                .isEmpty();
    }

    private String feedOf(String username, String... more) {
        String[] fields = Stream.concat(Stream.of("room", room("Loft").toString()), Stream.of(more))
                .toArray(String[]::new);
        String address = post(username, "/calendar/feeds", fields)
                .page()
                .select("code.address")
                .text();
        return address.substring(address.indexOf("/calendar/"));
    }

    @Test
    void aNameThatSomebodyWroteIntoAnOccasionLeavesTheHouseOnlyWhereItWasChosen() {
        post("tobias", "/calendar/occasions", "fromDay", "2026-06-09", "untilDay", "", "summary", "Kofi turns four");

        assertThat(send(MockMvcRequestBuilders.get(feedOf("hamish"))).text())
                .contains("turns four")
                .doesNotContain("Kofi");
        assertThat(send(MockMvcRequestBuilders.get(feedOf("hamish", "names", "on")))
                        .text())
                .contains("Kofi turns four");
    }

    @Test
    void anAddressEndsAfterAYearWithItsOwnersAccountOrWhenTheManagerClosesIt() {
        String username = "reads.calendars." + UUID.randomUUID();
        UUID account = practitioner(username);
        String ending = feedOf(username);
        String closed = feedOf(username);
        assertThat(get("hamish", "/calendar").text()).doesNotContain("Ravi Menon, since");
        assertThat(get("imelda", "/calendar").page().select("li:contains(Ravi Menon)"))
                .hasSizeGreaterThanOrEqualTo(2);

        UUID newest = id("select id from calendar_feed where account_id = ? order by id desc limit 1", account);
        assertThat(post("hamish", "/calendar/feeds/" + newest + "/revoke").status())
                .isEqualTo(404);
        post("imelda", "/calendar/feeds/" + newest + "/revoke");
        assertThat(send(MockMvcRequestBuilders.get(closed)).status()).isEqualTo(404);
        assertThat(send(MockMvcRequestBuilders.get(ending)).status()).isEqualTo(200);

        clock.advance(CalendarFeed.LASTS);
        assertThat(send(MockMvcRequestBuilders.get(ending)).status()).isEqualTo(404);
        clock.reset();
        post("imelda", "/staff/" + account + "/close");
        assertThat(send(MockMvcRequestBuilders.get(ending)).status()).isEqualTo(404);
    }

    @Test
    void aPrivateAddressGivesTheWeekWithoutNamesUntilItIsClosed() {
        String address = post("hamish", "/calendar/feeds", "room", room("Loft").toString())
                .page()
                .select("code.address")
                .text();
        String path = address.substring(address.indexOf("/calendar/"));

        Answer feed = send(MockMvcRequestBuilders.get(path));

        assertThat(feed.status()).isEqualTo(200);
        assertThat(feed.response().getContentType()).startsWith("text/calendar");
        List<Occasion> read = CalendarFile.read(
                feed.text(), LocalDate.of(2026, 5, 4), LocalDate.of(2026, 5, 15), ZoneId.of("Europe/London"));
        assertThat(read)
                .extracting(Occasion::summary)
                .contains("Free play: 4 out", "Closed: training for everyone", "To be checked: Bean in the parcel box");
        for (String child : database.queryForList("select given_name from child", String.class)) {
            assertThat(feed.text()).doesNotContain(child + " ").doesNotContain(child + "'");
        }
        assertThat(database.queryForObject(
                        "select count(*) from calendar_feed where token_hash like ?",
                        Integer.class,
                        "%" + path.substring(path.lastIndexOf('/') + 1) + "%"))
                .as("the secret itself is not kept")
                .isZero();
        assertThat(get("hamish", "/calendar").page().select("code.address"))
                .as("shown once")
                .isEmpty();
        post(
                "hamish",
                get("hamish", "/calendar")
                        .page()
                        .select("form[action$=/revoke]")
                        .attr("action"));
        assertThat(send(MockMvcRequestBuilders.get(path)).status()).isEqualTo(404);
    }

    @Test
    void oneWeekIsAFile() {
        Answer file = get("hamish", "/rooms/" + room("Loft") + "/week.ics?of=2026-05-06");

        assertThat(file.text()).contains("BEGIN:VTIMEZONE", "Weighing desk: Rice by the kilo");
    }
}
