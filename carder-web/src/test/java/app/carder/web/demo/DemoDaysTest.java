package app.carder.web.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.week.OpenDays;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DemoDaysTest {

    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    /** 6 May 2026 is a Wednesday; the clocks of London change on 29 March and on 25 October 2026, both Sundays. */
    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource({
        "2026-05-06T10:05, 2026-05-06T10:05",
        "2026-05-06T23:59, 2026-05-06T10:05",
        "2026-05-07T00:00, 2026-05-06T10:05",
        "2026-05-09T14:00, 2026-05-08T10:05",
        "2026-05-11T10:04, 2026-05-08T10:05",
        "2026-03-29T00:30, 2026-03-27T10:05",
        "2026-10-25T01:30, 2026-10-23T10:05",
        "2026-10-26T00:00, 2026-10-23T10:05",
        "2027-01-01T00:00, 2026-12-31T10:05"
    })
    void looksInInTheMiddleOfTheLastOpenMorning(LocalDateTime now, LocalDateTime opens) {
        assertThat(DemoDays.lastOpening(now)).isEqualTo(opens);
    }

    @Test
    void atEveryHourOfTwoYearsItIsAWeekdayInTheMiddleOfPlayThatIsPast() {
        Instant first = Instant.parse("2026-01-01T00:07:00Z");
        for (int hour = 0; hour < 2 * 365 * 24; hour++) {
            Instant now = first.plus(Duration.ofHours(hour));
            LocalDateTime opening = DemoDays.lastOpening(LocalDateTime.ofInstant(now, LONDON));

            assertThat(opening.getDayOfWeek()).as(now.toString()).isNotIn(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
            assertThat(opening.toLocalTime()).as(now.toString()).isEqualTo(DemoDays.OPENS_AT);
            assertThat(Duration.between(opening.atZone(LONDON).toInstant(), now))
                    .as(now.toString())
                    .isBetween(Duration.ZERO, Duration.ofDays(3).plusHours(1));
        }
    }

    /** Friday, 8 May is closed. */
    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource({
        "2026-05-06T11:40, 2026-05-06T11:40",
        "2026-05-06T06:00, 2026-05-06T10:05",
        "2026-05-06T19:00, 2026-05-07T10:05",
        "2026-05-07T19:00, 2026-05-11T10:05",
        "2026-05-08T11:00, 2026-05-11T10:05",
        "2026-05-10T06:00, 2026-05-11T10:05"
    })
    void whoeverLooksInAgainFindsTheRoomsOpen(LocalDateTime now, LocalDateTime opens) {
        OpenDays open = OpenDays.mondayToFriday(Set.of(LocalDate.of(2026, 5, 8)));

        assertThat(DemoDays.nextOpening(now, open)).isEqualTo(opens);
    }
}
