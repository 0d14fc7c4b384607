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

    /** Clocks that lost their battery begin at 1970 or 2000; anything outside of this is no clock. */
    private static final Instant EARLIEST = Instant.EPOCH.minus(Duration.ofDays(366));

    private static final Instant LATEST = Instant.EPOCH.plus(Duration.ofDays(230 * 366));

    /** A clock of which nothing is known. */
    public static final DeviceClock UNKNOWN = new DeviceClock(Duration.ZERO, Duration.ZERO);

    /**
     * Checks.
     *
     * @throws IllegalArgumentException if the offset is larger than that of any clock, or the uncertainty below zero
     */
    public DeviceClock {
        if (offset.abs().compareTo(Duration.between(EARLIEST, LATEST)) > 0) {
            throw new IllegalArgumentException("A clock cannot be off by %s.".formatted(offset));
        }
        if (uncertainty.isNegative()) {
            throw new IllegalArgumentException("Uncertainty must be at least 0, got %s.".formatted(uncertainty));
        }
    }

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

    /**
     * The same against a clock that is ahead of the server's.
     *
     * @param ahead how far; less than nothing where it is behind
     */
    public DeviceClock against(Duration ahead) {
        return ahead.isZero() ? this : new DeviceClock((isWrong() ? offset : Duration.ZERO).plus(ahead), uncertainty);
    }

    /** Whether a clock, right or wrong, can have said this. */
    public static boolean canSay(Instant moment) {
        return moment.isAfter(EARLIEST) && moment.isBefore(LATEST);
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
