package app.carder.core.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When journals are due. */
class RhythmTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 1, 9);

    @ParameterizedTest(name = "on {0} they are next due on {1}")
    @CsvSource({
        "2025-12-01, 2026-01-09",
        "2026-01-09, 2026-01-09",
        "2026-01-10, 2026-02-20",
        "2026-02-20, 2026-02-20",
        "2026-02-21, 2026-04-03"
    })
    void everySixWeeksTheyAreDueAgainFromTheFirstDayOn(LocalDate today, LocalDate due) {
        assertThat(new Rhythm(FIRST, 6).dueOn(today)).contains(due);
    }

    @Test
    void onceAsAtTheEndOfATermTheyAreNotDueAgain() {
        Rhythm once = new Rhythm(FIRST, 0);

        assertThat(once.dueOn(FIRST)).contains(FIRST);
        assertThat(once.dueOn(FIRST.plusDays(1))).isEmpty();
    }

    @Test
    void aJournalIsMadeOfTheWeeksSinceTheOneBefore() {
        assertThat(new Rhythm(FIRST, 6).startsOn(FIRST)).isEqualTo(LocalDate.of(2025, 11, 29));
        assertThat(new Rhythm(FIRST, 0).startsOn(FIRST)).isEqualTo(LocalDate.of(2025, 10, 18));
    }

    @Test
    void noMoreThanHalfAYearLiesBetweenThem() {
        assertThatThrownBy(() -> new Rhythm(FIRST, 27)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Rhythm(FIRST, -1)).isInstanceOf(IllegalArgumentException.class);
    }
}
