package app.carder.core.watch;

import java.time.Duration;
import java.time.Instant;

/**
 * How far the clock of a device is off, measured when it talks to the server: with s sent and r received by the device's
 * clock and t the server's time between, {@code offset = t − (s + r)/2}, uncertain by {@code (r − s)/2} (the on-wire
 * estimate of RFC 5905, from memory).
 *
 * @param offset to be added to what the device's clock said
 * @param uncertainty half of the round trip
 */
public record DeviceClock(Duration offset, Duration uncertainty) {

    /** Clocks that are off by less are left as they are: taps are not more exact than that. */
    private static final Duration TOLERATED = Duration.ofSeconds(2);

    /** A clock of which nothing is known. */
    public static final DeviceClock UNKNOWN = new DeviceClock(Duration.ZERO, Duration.ZERO);

    /**
     * From one exchange.
     *
     * @throws IllegalArgumentException if the answer came before it was asked for: the clock was set in between
     */
    public static DeviceClock measured(Instant sentAt, Instant serverAt, Instant receivedAt) {
        if (receivedAt.isBefore(sentAt)) {
            throw new IllegalArgumentException(
                    "An answer must come after it was asked for, got %s before %s.".formatted(receivedAt, sentAt));
        }
        Duration half = Duration.between(sentAt, receivedAt).dividedBy(2);
        return new DeviceClock(Duration.between(sentAt.plus(half), serverAt), half);
    }

    /** Whether it is off by more than it could seem to be. */
    public boolean isWrong() {
        return offset.abs().compareTo(TOLERATED.plus(uncertainty)) > 0;
    }

    /** The true time of what the device noted. */
    public Instant correct(Instant deviceAt) {
        return isWrong() ? deviceAt.plus(offset) : deviceAt;
    }
}
