package app.carder.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AgeTest {

    @ParameterizedTest(name = "born {0}, on {1}: {2} months")
    @CsvSource({
        "2024-03-10, 2024-03-10, 0, 0 y 0 m 0 d",
        "2024-03-10, 2026-03-09, 23, 1 y 11 m 27 d",
        "2024-03-10, 2026-03-10, 24, 2 y 0 m 0 d",
        "2024-01-31, 2024-02-29, 0, 0 y 0 m 29 d",
        "2024-02-29, 2025-02-28, 11, 0 y 11 m 30 d",
        "2024-02-29, 2025-03-01, 12, 1 y 0 m 1 d",
        "2024-02-29, 2028-02-29, 48, 4 y 0 m 0 d",
    })
    void countsCompletedMonthsAndDaysByTheCalendar(LocalDate bornOn, LocalDate on, int months, String words) {
        Age age = Age.between(bornOn, on);

        assertThat(age.inMonths()).isEqualTo(months);
        assertThat(age.forPeople().replace('\u00a0', ' ')).isEqualTo(words);
    }

    @Test
    void turnsThreeOnTheBirthdayAndNotADayEarlier() {
        LocalDate bornOn = LocalDate.of(2023, 6, 5);

        assertThat(Age.between(bornOn, LocalDate.of(2026, 6, 4)).isUnderMonths(36))
                .isTrue();
        assertThat(Age.between(bornOn, LocalDate.of(2026, 6, 5)).isUnderMonths(36))
                .isFalse();
    }

    @Test
    void refusesABirthdayInTheFuture() {
        assertThatThrownBy(() -> Age.between(LocalDate.of(2026, 1, 2), LocalDate.of(2026, 1, 1)))
                .hasMessageContaining("must not be after");
    }
}
