package app.carder.web.kit;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;

/** A clock that stands still until a test moves it. */
public final class SettableClock extends Clock {

    /** Wednesday, 6 May 2026, 10:05 in London: in the middle of free play. */
    public static final Instant MIDDLE_OF_PLAY = Instant.parse("2026-05-06T09:05:00Z");

    private final AtomicReference<Instant> now = new AtomicReference<>(MIDDLE_OF_PLAY);

    /** Moves it on. */
    public void advance(Duration by) {
        now.updateAndGet(instant -> instant.plus(by));
    }

    /** Puts it back to the start. */
    public void reset() {
        now.set(MIDDLE_OF_PLAY);
    }

    @Override
    public Instant instant() {
        return now.get();
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("Zones belong to settings.");
    }
}
