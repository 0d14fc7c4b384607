package app.carder.core.week;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.week.FixedPoint.Ahead;
import java.time.Duration;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FixedPointTest {

    private static final Duration FIVE = Duration.ofMinutes(5);

    private final FixedPoint snack = new FixedPoint("Snack", LocalTime.of(10, 30));
    private final FixedPoint lunch = new FixedPoint("Lunch", LocalTime.of(12, 0));

    @Test
    void theNextOneIsToldWithTheLatestMomentForTheNotice() {
        assertThat(FixedPoint.next(List.of(lunch, snack), FIVE, LocalTime.of(10, 5)))
                .contains(new Ahead(
                        snack, Duration.ofMinutes(25), LocalTime.of(10, 25), Optional.of(Duration.ofMinutes(20))));
    }

    @Test
    void aNoticeThatHasPassedIsNotAhead() {
        assertThat(FixedPoint.next(List.of(snack), FIVE, LocalTime.of(10, 26))
                        .orElseThrow()
                        .untilNotice())
                .isEmpty();
    }

    @Test
    void whatIsNowIsNotAhead() {
        assertThat(FixedPoint.next(List.of(snack, lunch), FIVE, LocalTime.of(10, 30))
                        .orElseThrow()
                        .point())
                .isEqualTo(lunch);
        assertThat(FixedPoint.next(List.of(snack), FIVE, LocalTime.of(11, 0))).isEmpty();
    }

    @Test
    void aNoticeNeverLiesOnTheDayBefore() {
        assertThat(FixedPoint.next(List.of(new FixedPoint("Early", LocalTime.of(0, 3))), FIVE, LocalTime.of(0, 1))
                        .orElseThrow()
                        .noticeAt())
                .isEqualTo(LocalTime.MIN);
    }
}
