package app.carder.core.said;

import java.time.Duration;
import java.util.function.LongSupplier;

/**
 * How long a calculation may take whose input comes from outside. It asks at each of its steps, which are short; one that is over is refused,
 * so that nothing half worked out is shown.
 */
public final class TimeLimit {

    private final LongSupplier nanos;
    private final long began;
    private final Duration most;

    private TimeLimit(LongSupplier nanos, Duration most) {
        this.nanos = nanos;
        this.began = nanos.getAsLong();
        this.most = most;
    }

    /** From now on. */
    public static TimeLimit of(Duration most) {
        return new TimeLimit(System::nanoTime, most);
    }

    /** None: for what comes from Carder itself. */
    public static TimeLimit none() {
        return new TimeLimit(() -> 0, Duration.ofDays(1));
    }

    /** By a clock of its own, for tests: nanoseconds that only grow. */
    static TimeLimit by(LongSupplier nanos, Duration most) {
        return new TimeLimit(nanos, most);
    }

    /**
     * Goes on, or ends the calculation.
     *
     * @throws Refused if the time is over
     */
    public void check() {
        if (nanos.getAsLong() - began > most.toNanos()) {
            throw Refused.because("refused.time-limit.over", most.toMillis() / 1000.0);
        }
    }
}
