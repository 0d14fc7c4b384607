package app.carder.core.sending;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/**
 * A message on its way.
 *
 * @param standing how far it has come
 * @param tries how often a server was asked to take it
 * @param nextTryAt not before then, while it waits
 */
public record Delivery(Standing standing, int tries, Instant nextTryAt) {

    /**
     * How long to wait after each try. RFC 5321, 4.5.4.1, wants at least half an hour between tries, and knows that the first ones may follow
     * each other sooner: a server that knows nobody yet puts a first message off for some minutes.
     */
    private static final List<Duration> WAITS = List.of(
            Duration.ofMinutes(1),
            Duration.ofMinutes(5),
            Duration.ofMinutes(15),
            Duration.ofMinutes(30),
            Duration.ofHours(1));

    private static final Duration LATER_WAITS = Duration.ofHours(2);

    /** RFC 5321, 4.5.4.1: "the give-up time generally needs to be at least 4-5 days". */
    public static final Duration GIVEN_UP_AFTER = Duration.ofDays(5);

    /** Just written. */
    public static Delivery begun(Instant now) {
        return new Delivery(Standing.WAITING, 0, now);
    }

    /** A server took it. */
    public Delivery accepted() {
        return new Delivery(Standing.ACCEPTED, tries + 1, nextTryAt);
    }

    /** A server will never take it. */
    public Delivery refused() {
        return new Delivery(Standing.REFUSED, tries + 1, nextTryAt);
    }

    /** It came back after a server had taken it. */
    public Delivery returned() {
        return new Delivery(Standing.RETURNED, tries, nextTryAt);
    }

    /**
     * A server put it off, or none answered.
     *
     * @param writtenAt when it was written, or somebody last asked for it to be tried anew
     */
    public Delivery putOff(Instant now, Instant writtenAt) {
        Instant next = now.plus(tries < WAITS.size() ? WAITS.get(tries) : LATER_WAITS);
        return next.isAfter(writtenAt.plus(GIVEN_UP_AFTER))
                ? new Delivery(Standing.GIVEN_UP, tries + 1, nextTryAt)
                : new Delivery(Standing.WAITING, tries + 1, next);
    }

    /** Nobody is disturbed now; it was not tried. */
    public Delivery held(Instant until) {
        return new Delivery(Standing.WAITING, tries, until);
    }
}
