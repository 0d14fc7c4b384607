package app.carder.exchange.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.exchange.calendar.CalendarFile.Entry;
import app.carder.exchange.calendar.CalendarFile.Occasion;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CalendarFileTest {

    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final Instant STAMP = Instant.parse("2026-05-01T08:00:00Z");

    private static String calendar(String... lines) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Test//EN\r\n"
                + String.join("\r\n", lines)
                + "\r\nEND:VCALENDAR\r\n";
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nUID:1@test\r\nDTSTAMP:20260101T000000Z\r\n" + String.join("\r\n", lines)
                + "\r\nEND:VEVENT";
    }

    private static List<Occasion> read(String text) {
        return CalendarFile.read(text, LocalDate.of(2026, 9, 1), LocalDate.of(2026, 9, 30), LONDON);
    }

    /** RFC 5545: lines end in CRLF and have at most 75 octets; commas, semicolons and line breaks in text are escaped. */
    @Test
    void writesWhatIcal4jReads() throws Exception {
        String text = CalendarFile.write(
                List.of(new Entry(
                        "card-1@carder",
                        "Parcels, string; and a long title that must be folded because it has more than 75 letters",
                        "Post office",
                        "First line\nsecond line",
                        LocalDateTime.of(2026, 9, 7, 9, 0),
                        LocalDateTime.of(2026, 9, 7, 11, 30))),
                LONDON,
                STAMP);

        assertThat(text.split("\r\n"))
                .allSatisfy(line ->
                        assertThat(line.getBytes(StandardCharsets.UTF_8).length).isLessThanOrEqualTo(75));
        assertThat(text)
                .contains(
                        "BEGIN:VTIMEZONE",
                        "DTSTART;TZID=Europe/London:20260907T090000",
                        "DTSTAMP:20260501T080000Z",
                        "Parcels\\, string\\;",
                        "First line\\nsecond line");
        Calendar back = new CalendarBuilder().build(new StringReader(text));
        back.validate(true);
        VEvent event = back.<VEvent>getComponents(Component.VEVENT).get(0);
        assertThat(event.getSummary().getValue()).startsWith("Parcels, string; and");
        assertThat(event.getLocation().getValue()).isEqualTo("Post office");
        assertThat(event.getDescription().getValue()).isEqualTo("First line\nsecond line");
        assertThat(event.getEndDate().orElseThrow().getDate().toString()).startsWith("2026-09-07T11:30");
    }

    @Test
    void readsWhatItWroteItself() {
        String text = CalendarFile.write(
                List.of(new Entry(
                        "a@b",
                        "Ramps",
                        "",
                        "",
                        LocalDateTime.of(2026, 9, 7, 9, 0),
                        LocalDateTime.of(2026, 9, 7, 10, 0))),
                LONDON,
                STAMP);

        assertThat(read(text))
                .containsExactly(new Occasion("Ramps", LocalDate.of(2026, 9, 7), LocalDate.of(2026, 9, 7), false));
    }

    /** RFC 5545: the end of an event of whole days is the day after its last. */
    @Test
    void readsClosedDaysWithTheirLastDay() {
        assertThat(read(calendar(event(
                        "SUMMARY:Closed: training\\, all staff",
                        "DTSTART;VALUE=DATE:20260904",
                        "DTEND;VALUE=DATE:20260906"))))
                .containsExactly(new Occasion(
                        "Closed: training, all staff", LocalDate.of(2026, 9, 4), LocalDate.of(2026, 9, 5), true));
        assertThat(read(calendar(event("SUMMARY:Closed", "DTSTART;VALUE=DATE:20260904"))))
                .containsExactly(new Occasion("Closed", LocalDate.of(2026, 9, 4), LocalDate.of(2026, 9, 4), true));
    }

    /** Monday 7 September, weekly on Mondays and Wednesdays, five times: 7, 9, 14, 16, 21 (by the calendar). */
    @Test
    void unfoldsRepetitions() {
        assertThat(read(calendar(event(
                        "SUMMARY:Swimming",
                        "DTSTART:20260907T080000Z",
                        "DTEND:20260907T090000Z",
                        "RRULE:FREQ=WEEKLY;BYDAY=MO,WE;COUNT=5"))))
                .extracting(occasion -> occasion.from().getDayOfMonth())
                .containsExactly(7, 9, 14, 16, 21);
    }

    @Test
    void countsDaysInTheSettingsZone() {
        assertThat(read(calendar(event("SUMMARY:Late", "DTSTART:20260907T233000Z", "DTEND:20260908T003000Z"))))
                .as("half past midnight in London")
                .containsExactly(new Occasion("Late", LocalDate.of(2026, 9, 8), LocalDate.of(2026, 9, 8), false));
        assertThat(read(calendar(event("SUMMARY:Floating", "DTSTART:20260907T100000", "DTEND:20260907T110000"))))
                .extracting(Occasion::from)
                .containsExactly(LocalDate.of(2026, 9, 7));
    }

    @Test
    void leavesOutWhatLiesOutsideTheRange() {
        assertThat(read(calendar(event("SUMMARY:Old", "DTSTART;VALUE=DATE:20200101"))))
                .isEmpty();
        assertThat(read(calendar(event("SUMMARY:No time")))).isEmpty();
    }

    @Test
    void refusesInWordsWhatIsNoCalendar() {
        assertThatThrownBy(() -> read("hello")).hasMessageStartingWith("This calendar cannot be read");
        assertThatThrownBy(() -> read(calendar(event("DTSTART;VALUE=DATE:2026-99-99"))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("cannot be read from line");
        assertThatThrownBy(() -> read("x".repeat(CalendarFile.LARGEST_CHARACTERS + 1)))
                .hasMessage("The calendar may have up to a million characters.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"SECONDLY", "MINUTELY;INTERVAL=90", "HOURLY"})
    void refusesWhatRepeatsWithinADayBeforeItIsUnfolded(String often) {
        assertThatThrownBy(() -> read(calendar(event("DTSTART:19000101T000000Z", "RRULE:COUNT=9;FREQ=" + often))))
                .hasMessageContaining("repeats every hour, minute or second");
        String zone = "BEGIN:VTIMEZONE\r\nTZID:Here\r\nBEGIN:STANDARD\r\nDTSTART:19000101T000000\r\nRRULE:FR\r\n EQ="
                + often + "\r\nTZOFFSETFROM:+0000\r\nTZOFFSETTO:+0100\r\nEND:STANDARD\r\nEND:VTIMEZONE\r\n";
        assertThatThrownBy(() -> read(calendar(zone + event("DTSTART;TZID=Here:20260907T080000"))))
                .as("in a time zone, folded")
                .hasMessageContaining("repeats every hour, minute or second");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "FREQ=DAILY;BYHOUR=1,2,3,4;BYMINUTE=1,2,3,4;BYSECOND=1,2,3,4,5|50",
                "FREQ=DAILY|1900",
                "FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR|1900",
                "FREQ=MONTHLY;BYMONTHDAY=1,2,3,4,5,6,7,8,9,10|1900",
                "FREQ=YEARLY;BYYEARDAY=1,2,3|1900"
            })
    void refusesMoreRepetitionsThanAnybodyHas(String rule, int events) {
        String many = event("DTSTART:19000101T000000Z", "DTEND:19000101T010000Z", "RRULE:" + rule);

        assertThatThrownBy(() -> read(calendar(Collections.nCopies(events, many).toArray(String[]::new))))
                .hasMessageContaining("repeat more than 200,000 times");
    }

    @Test
    void takesTwoHundredSeriesOfALongKeptCalendar() {
        String ended =
                event("DTSTART:20100104T080000Z", "DTEND:20100104T090000Z", "RRULE:FREQ=WEEKLY;UNTIL=20150105T080000Z");
        String running =
                event("SUMMARY:Music", "DTSTART:20100107T080000Z", "DTEND:20100107T090000Z", "RRULE:FREQ=WEEKLY");

        assertThat(read(calendar((ended + "\r\n").repeat(199) + running)))
                .extracting(Occasion::summary)
                .containsOnly("Music")
                .isNotEmpty();
    }

    @Test
    void anEventInAZoneThatThereIsNotIsRefused() {
        String calendar = """
                BEGIN:VCALENDAR
                VERSION:2.0
                PRODID:-//Test//EN
                BEGIN:VEVENT
                UID:1
                DTSTAMP:20260501T080000Z
                SUMMARY:Training
                DTSTART;TZID=Europe/Quillmere:20260907T090000
                RRULE:FREQ=DAILY;COUNT=3
                END:VEVENT
                END:VCALENDAR
                """.replace("\n", "\r\n");

        assertThatIllegalArgumentException()
                .isThrownBy(() -> CalendarFile.read(
                        calendar, LocalDate.of(2026, 9, 1), LocalDate.of(2026, 9, 30), ZoneId.of("Europe/London")))
                .withMessage("The event \"Training\" cannot be read: its times make no sense.");
    }
}
