package app.carder.core.week;

import java.time.Duration;
import java.time.LocalTime;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/**
 * A moment at which play has to end: a meal, going out, going home.
 *
 * @param name what comes
 * @param at when
 */
public record FixedPoint(String name, LocalTime at) {

    /**
     * What lies ahead.
     *
     * @param point the next one
     * @param left until then
     * @param noticeAt the latest moment to tell children
     * @param untilNotice until that; absent when it has passed
     */
    public record Ahead(FixedPoint point, Duration left, LocalTime noticeAt, Optional<Duration> untilNotice) {}

    /**
     * The next point of a day; absent after the last.
     *
     * @param notice how long before its end children are told, not negative
     * @param now the time in the room
     */
    public static Optional<Ahead> next(Collection<FixedPoint> points, Duration notice, LocalTime now) {
        return points.stream()
                .filter(point -> point.at().isAfter(now))
                .min(Comparator.comparing(FixedPoint::at))
                .map(point -> ahead(point, notice, now));
    }

    private static Ahead ahead(FixedPoint point, Duration notice, LocalTime now) {
        // Before the day began there is nothing to tell: a notice is never earlier than midnight.
        LocalTime noticeAt = Duration.between(LocalTime.MIN, point.at()).compareTo(notice) < 0
                ? LocalTime.MIN
                : point.at().minus(notice);
        return new Ahead(
                point,
                Duration.between(now, point.at()),
                noticeAt,
                noticeAt.isBefore(now) ? Optional.empty() : Optional.of(Duration.between(now, noticeAt)));
    }
}
