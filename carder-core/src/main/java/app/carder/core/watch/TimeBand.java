package app.carder.core.watch;

import app.carder.core.watch.Episode.Stretch;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * A child's record as a band over time. Places are permille of the band's width.
 *
 * @param bars what filled the time, in order of drawing: away, then play
 * @param ticks single moments
 */
public record TimeBand(List<Bar> bars, List<Tick> ticks) {

    /** Keeps its own copies. */
    public TimeBand {
        bars = List.copyOf(bars);
        ticks = List.copyOf(ticks);
    }

    /** What fills a time. */
    public enum Fill {
        /** In an episode, but not at play: invited, or after a break-in. */
        AWAY,
        /** Unbroken play. */
        PLAY
    }

    /**
     * A time that lasts.
     *
     * @param fill what it was
     * @param start left edge, 0 to 1000
     * @param width 0 to 1000
     */
    public record Bar(Fill fill, int start, int width) {}

    /**
     * A moment.
     *
     * @param kind what happened
     * @param at place, 0 to 1000
     */
    public record Tick(PlayKind kind, int at) {}

    /**
     * Draws one child's taps to scale.
     *
     * @param from left edge
     * @param until right edge, after it; also the moment up to which what goes on is drawn
     * @throws IllegalArgumentException unless from lies before until
     */
    public static TimeBand of(Collection<PlayEvent> events, Instant from, Instant until) {
        if (!from.isBefore(until)) {
            throw new IllegalArgumentException("A band must end after it begins, got %s to %s.".formatted(from, until));
        }
        List<PlayEvent> ordered =
                events.stream().sorted(Comparator.comparing(PlayEvent::at)).toList();
        List<Bar> bars = new ArrayList<>();
        for (Episode episode : Episodes.of(ordered, until)) {
            bars.add(bar(Fill.AWAY, episode.startsAt(), episode.endsAt(), from, until));
            for (Stretch stretch : episode.stretches()) {
                bars.add(bar(Fill.PLAY, stretch.startsAt(), stretch.endsAt(), from, until));
            }
        }
        return new TimeBand(
                bars,
                ordered.stream()
                        .map(event -> new Tick(event.kind(), permille(event.at(), from, until)))
                        .toList());
    }

    private static Bar bar(Fill fill, Instant start, Instant end, Instant from, Instant until) {
        int left = permille(start, from, until);
        return new Bar(fill, left, permille(end, from, until) - left);
    }

    private static int permille(Instant at, Instant from, Instant until) {
        long place = 1000
                * Duration.between(from, at).toMillis()
                / Duration.between(from, until).toMillis();
        return (int) Math.max(0, Math.min(1000, place));
    }
}
