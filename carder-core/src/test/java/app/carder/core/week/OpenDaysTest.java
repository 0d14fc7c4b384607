package app.carder.core.week;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class OpenDaysTest {

    /** A Friday. */
    private static final LocalDate FRIDAY = LocalDate.of(2026, 5, 8);

    private static final OpenDays OPEN = OpenDays.mondayToFriday(Set.of(FRIDAY.plusDays(3)));

    @Test
    void passesOverWeekendsAndClosedDays() {
        assertThat(OPEN.after(FRIDAY)).as("Monday is closed").isEqualTo(FRIDAY.plusDays(4));
        assertThat(OPEN.before(FRIDAY.plusDays(4))).isEqualTo(FRIDAY);
        assertThat(OPEN.plus(FRIDAY, 2)).isEqualTo(FRIDAY.plusDays(5));
        assertThat(OPEN.plus(FRIDAY, -2)).isEqualTo(FRIDAY.minusDays(2));
        assertThat(OPEN.plus(FRIDAY, 0)).isEqualTo(FRIDAY);
        assertThat(OPEN.plus(FRIDAY.plusDays(1), 0)).isEqualTo(FRIDAY.plusDays(4));
    }

    @Test
    void countsOpenDaysBetween() {
        assertThat(OPEN.between(FRIDAY, FRIDAY.plusDays(7))).isEqualTo(4);
        assertThat(OPEN.between(FRIDAY, FRIDAY)).isZero();
        assertThat(OPEN.ofWeek(FRIDAY.plusDays(5)))
                .containsExactly(FRIDAY.plusDays(4), FRIDAY.plusDays(5), FRIDAY.plusDays(6), FRIDAY.plusDays(7));
    }

    @Test
    void refusesASettingThatNeverOpens() {
        Set<LocalDate> closed = new HashSet<>();
        for (int day = 0; day < 400; day++) {
            closed.add(FRIDAY.plusDays(day));
        }
        OpenDays shut = OpenDays.mondayToFriday(closed);

        assertThatThrownBy(() -> shut.after(FRIDAY)).hasMessageContaining("within a year of 8 May 2026");
        assertThatThrownBy(() -> new OpenDays(Set.<DayOfWeek>of(), Set.of()))
                .hasMessage("At least one day of the week must be open.");
    }
}
