package app.carder.core.sending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeliveryTest {

    private static final Instant NOW = Instant.parse("2026-05-06T10:00:00Z");

    @Test
    void whatIsPutOffIsTriedAgainSoonAndThenSeldom() {
        Delivery first = Delivery.begun(NOW).putOff(NOW, NOW);
        assertThat(first.standing()).isEqualTo(Standing.WAITING);
        assertThat(first.nextTryAt()).isEqualTo(NOW.plus(Duration.ofMinutes(1)));

        Delivery later = first;
        for (int tries = 1; tries < 10; tries++) {
            Instant before = later.nextTryAt();
            later = later.putOff(before, NOW);
            assertThat(later.nextTryAt()).isAfter(before);
        }
        assertThat(later.tries()).isEqualTo(10);
        assertThat(Duration.between(later.putOff(NOW, NOW).nextTryAt(), NOW).abs())
                .isEqualTo(Duration.ofHours(2));
    }

    /** RFC 5321, 4.5.4.1: half an hour between tries, apart from the first ones, and four to five days in all. */
    @Test
    void itIsTriedForFiveDaysAndThenGivenUp() {
        Delivery delivery = Delivery.begun(NOW);
        Instant now = NOW;
        while (delivery.standing() == Standing.WAITING) {
            now = delivery.nextTryAt();
            Delivery next = delivery.putOff(now, NOW);
            if (delivery.tries() >= 3 && next.standing() == Standing.WAITING) {
                assertThat(Duration.between(now, next.nextTryAt())).isGreaterThanOrEqualTo(Duration.ofMinutes(30));
            }
            delivery = next;
        }
        assertThat(delivery.standing()).isEqualTo(Standing.GIVEN_UP);
        assertThat(Duration.between(NOW, now)).isBetween(Duration.ofDays(4), Duration.ofDays(5));
        assertThat(delivery.standing().isFailed()).isTrue();
    }

    @Test
    void whatAServerTookOrWillNotTakeIsNotTriedAgain() {
        assertThat(Delivery.begun(NOW).accepted().standing()).isEqualTo(Standing.ACCEPTED);
        assertThat(Delivery.begun(NOW).accepted().standing().isFailed()).isFalse();
        assertThat(Delivery.begun(NOW).refused().standing().isFailed()).isTrue();
        assertThat(Delivery.begun(NOW).accepted().returned().standing().isFailed())
                .isTrue();
    }

    @Test
    void whatIsHeldForTheNightHasNotBeenTried() {
        assertThat(Delivery.begun(NOW).held(NOW.plusSeconds(60)))
                .isEqualTo(new Delivery(Standing.WAITING, 0, NOW.plusSeconds(60)));
    }

    @ParameterizedTest
    @CsvSource({
        "20:00,07:00,2026-05-06T19:59,2026-05-06T19:59",
        "20:00,07:00,2026-05-06T20:00,2026-05-07T07:00",
        "20:00,07:00,2026-05-07T06:59,2026-05-07T07:00",
        "20:00,07:00,2026-05-07T07:00,2026-05-07T07:00",
        "12:00,14:00,2026-05-06T13:00,2026-05-06T14:00",
        "12:00,14:00,2026-05-06T14:30,2026-05-06T14:30"
    })
    void nothingGoesOutInQuietHours(LocalTime from, LocalTime until, LocalDateTime now, LocalDateTime opens) {
        assertThat(new QuietHours(from, until).opens(now)).isEqualTo(opens);
    }

    @Test
    void quietHoursEnd() {
        assertThatThrownBy(() -> new QuietHours(LocalTime.NOON, LocalTime.NOON))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
