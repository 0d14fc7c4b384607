package app.carder.web.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Duration;
import java.time.Instant;

/** How often signing in under one name has failed in a row, and until when it is blocked. */
@Entity
class SignInFailure {

    private static final int FREE_TRIES = 3;
    private static final int LOCKED_AFTER = 10;
    private static final Duration LOCKED_FOR = Duration.ofMinutes(15);

    @Id
    private String username;

    private int failures;
    private Instant blockedUntil;

    protected SignInFailure() {}

    SignInFailure(String username) {
        this.username = username;
        this.blockedUntil = Instant.EPOCH;
    }

    boolean isBlockedAt(Instant now) {
        return now.isBefore(blockedUntil);
    }

    /** Three tries are free; then each failure doubles the wait, from 1 s; from the tenth on it is a quarter of an hour. */
    void failAt(Instant now) {
        failures++;
        if (failures >= LOCKED_AFTER) {
            blockedUntil = now.plus(LOCKED_FOR);
        } else if (failures > FREE_TRIES) {
            blockedUntil = now.plusSeconds(1L << (failures - FREE_TRIES - 1));
        }
    }
}
