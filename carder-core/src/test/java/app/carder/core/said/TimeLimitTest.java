package app.carder.core.said;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class TimeLimitTest {

    @Test
    void letsACalculationGoOnUntilItsTimeIsOverAndSaysThenHowLongItHad() {
        AtomicLong nanos = new AtomicLong(-5);
        TimeLimit limit = TimeLimit.by(nanos::get, Duration.ofMillis(1500));

        nanos.addAndGet(1_500_000_000);
        assertThatCode(limit::check).doesNotThrowAnyException();

        nanos.addAndGet(1);
        assertThatThrownBy(limit::check)
                .isInstanceOf(Refused.class)
                .hasMessage("This plan takes longer than 1.5 s to work out, so Carder stopped.");
    }

    @Test
    void hasNoEndWhereNoneIsAsked() {
        assertThatCode(TimeLimit.none()::check).doesNotThrowAnyException();
    }
}
