package app.carder.core.attendance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AttendanceTest {

    private static final LocalDate WEDNESDAY = LocalDate.of(2026, 5, 6);
    private static final Optional<LocalTime> EIGHT = Optional.of(LocalTime.of(8, 0));

    private static Optional<LocalTime> at(String time) {
        return time == null ? Optional.empty() : Optional.of(LocalTime.parse(time));
    }

    @ParameterizedTest(name = "arrived {0}, left {1}, away {2}, due {3}, at {4}: {5}")
    @CsvSource({
        ",,,08:00,07:30,EXPECTED",
        ",,,08:00,08:29,EXPECTED",
        ",,,08:00,08:30,NO_WORD",
        ",,,08:00,15:00,NO_WORD",
        ",,,,09:00,NOT_DUE",
        ",,ILL,08:00,09:00,AWAY",
        "08:05,,,08:00,09:00,HERE",
        "08:05,,,,09:00,HERE",
        "08:05,12:00,,08:00,12:30,LEFT",
        ",12:00,,08:00,12:30,LEFT"
    })
    void whereAChildIs(String arrived, String left, Away away, String due, LocalTime now, Presence where) {
        Noted noted = new Noted(at(arrived), at(left), "", Optional.ofNullable(away));

        assertThat(Presence.of(noted, at(due), now, Duration.ofMinutes(30))).isEqualTo(where);
    }

    /** Whoever has not come and of whom nobody said anything may be in the house all the same. */
    @Test
    void whoeverMayBeInsideIsLookedFor() {
        assertThat(Presence.values())
                .filteredOn(Presence::mayBeInside)
                .containsExactlyInAnyOrder(Presence.EXPECTED, Presence.NO_WORD, Presence.HERE, Presence.UNTOLD);
    }

    @Test
    void nobodyIsTakenOffTheListOfADayBeforeSomebodySaysWhy() {
        assertThat(Noted.NOTHING.attends()).isEmpty();
        assertThat(Noted.away(Away.ILL).attends()).contains(false);
        assertThat(Noted.NOTHING.arrived(LocalTime.NOON).attends()).contains(true);
        assertThat(Noted.NOTHING.left(LocalTime.NOON, "").attends()).contains(true);
    }

    @Test
    void whoeverComesAfterAllIsThere() {
        Noted came = Noted.away(Away.HOLIDAY).arrived(LocalTime.of(9, 10));

        assertThat(came.away()).isEmpty();
        assertThat(Presence.of(came, EIGHT, LocalTime.NOON, Presence.ASKED_AFTER))
                .isEqualTo(Presence.HERE);
    }

    @Test
    void whoeverComesBackIsThereAgain() {
        Noted back = Noted.NOTHING
                .arrived(LocalTime.of(8, 0))
                .left(LocalTime.of(10, 0), "Anouk's grandfather")
                .arrived(LocalTime.of(11, 0));

        assertThat(back.leftAt()).isEmpty();
        assertThat(back.fetchedBy()).isEmpty();
    }

    @Test
    void aChildComesOnItsDaysBetweenItsFirstAndItsLast() {
        Coming coming = new Coming(
                Set.of(DayOfWeek.WEDNESDAY, DayOfWeek.FRIDAY),
                DayHours.WHOLE_DAY,
                Map.of(DayOfWeek.FRIDAY, new DayHours(Optional.empty(), Optional.of(LocalTime.NOON))),
                new Stay(Optional.of(WEDNESDAY), Optional.of(WEDNESDAY.plusDays(7))));

        assertThat(coming.isOn(WEDNESDAY.minusDays(5))).isFalse();
        assertThat(coming.isOn(WEDNESDAY)).isTrue();
        assertThat(coming.isOn(WEDNESDAY.plusDays(1))).isFalse();
        assertThat(coming.isOn(WEDNESDAY.plusDays(7))).isTrue();
        assertThat(coming.isOn(WEDNESDAY.plusDays(9))).isFalse();
        assertThat(coming.stay().isOver(WEDNESDAY.plusDays(7))).isFalse();
        assertThat(coming.stay().isOver(WEDNESDAY.plusDays(8))).isTrue();
        assertThat(coming.hours(DayOfWeek.WEDNESDAY).isWholeDay()).isTrue();
        assertThat(coming.hours(DayOfWeek.FRIDAY).leaves()).contains(LocalTime.NOON);
    }

    @Test
    void nobodyLeavesBeforeTheyArrive() {
        assertThatThrownBy(() -> new DayHours(EIGHT, EIGHT)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aPressThatComesLateNeverUndoesALaterOneButTellsWhenTheChildCame() {
        Noted fetched = Noted.NOTHING.left(LocalTime.of(13, 0), "Aunt");

        assertThat(Pressed.ARRIVED.before(fetched, LocalTime.of(9, 0)).arrivedAt())
                .contains(LocalTime.of(9, 0));
        assertThat(Pressed.ARRIVED.before(fetched, LocalTime.of(9, 0)).fetchedBy())
                .isEqualTo("Aunt");
        assertThat(Pressed.ARRIVED.before(fetched, LocalTime.of(14, 0))).isEqualTo(fetched);
        assertThat(Pressed.ARRIVED.before(Noted.away(Away.ILL), LocalTime.of(9, 0)))
                .isEqualTo(Noted.away(Away.ILL));
        Noted here = Noted.NOTHING.arrived(LocalTime.of(10, 0));
        assertThat(Pressed.TAKEN_BACK.after(here.left(LocalTime.of(12, 0), "Aunt"), LocalTime.of(12, 5)))
                .as("not fetched after all")
                .isEqualTo(here);
        assertThat(Pressed.TAKEN_BACK.after(here, LocalTime.of(12, 5))).isEqualTo(Noted.NOTHING);
        for (Pressed late : Pressed.values()) {
            assertThat(late.before(here, LocalTime.of(9, 0))).isEqualTo(here);
        }
    }

    @Test
    void nobodyIsLeftOutOfTheCountBecauseNothingIsKnownOfThem() {
        assertThat(Presence.ofUntold(Noted.NOTHING)).isEqualTo(Presence.UNTOLD);
        assertThat(Presence.UNTOLD.mayBeInside()).isTrue();
        assertThat(Presence.ofUntold(Noted.NOTHING.left(LocalTime.NOON, ""))).isEqualTo(Presence.LEFT);
    }
}
