package app.carder.core.watch;

import app.carder.core.watch.Episode.Stretch;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * A child's record as a band over time. Places are permille of the band's width.
 *
 * @param bars what filled the time, in order of drawing: away, then play
 * @param ticks single moments
 */
public record TimeBand(List<Bar> bars, List<Tick> ticks) {

    /** Width of the drawing. */
    public static final int WIDTH = 1000;

    /** Height of the drawing. */
    public static final int HEIGHT = 60;

    /** Keeps its own copies. */
    public TimeBand {
        bars = List.copyOf(bars);
        ticks = List.copyOf(ticks);
    }

    /** What fills a time. */
    public enum Fill {
        /** In an episode, but not at play: invited, or after an interruption. */
        AWAY("away"),
        /** Unbroken play. */
        PLAY("play");

        private final String style;

        Fill(String style) {
            this.style = style;
        }
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
     * A rectangle of the drawing, {@value #WIDTH} wide and {@value #HEIGHT} high in all; its class says how it looks.
     *
     * @param style what it stands for: ground, away, play, tick, and the kind of the tap
     * @param x left edge
     * @param y upper edge
     * @param width of it
     * @param height of it
     * @param kind of the tap that it stands for; absent where it stands for none
     */
    public record Shape(String style, int x, int y, int width, int height, Optional<PlayKind> kind) {
        /** For people; empty where the shape stands for no tap. */
        public String words() {
            return kind.map(PlayKind::words).orElse("");
        }
    }

    /**
     * One child's taps to scale.
     *
     * @param from left edge
     * @param until right edge, after it; also the moment up to which what goes on is drawn
     * @throws IllegalArgumentException unless from lies before until
     */
    public static TimeBand of(Collection<PlayEvent> events, Instant from, Instant until) {
        return of(events, from, until, until);
    }

    /**
     * The same while watching goes on.
     *
     * @param from left edge
     * @param now the moment up to which what goes on is drawn
     * @param until right edge, now or later
     * @throws IllegalArgumentException unless from lies before until
     */
    public static TimeBand of(Collection<PlayEvent> events, Instant from, Instant now, Instant until) {
        return of(events, Episodes.of(List.copyOf(events), now), from, until);
    }

    /**
     * The same where the episodes are known already.
     *
     * @param episodes of these events, up to the moment up to which what goes on is drawn
     * @param from left edge
     * @param until right edge, that moment or later
     * @throws IllegalArgumentException unless from lies before until
     */
    public static TimeBand of(Collection<PlayEvent> events, List<Episode> episodes, Instant from, Instant until) {
        if (!from.isBefore(until)) {
            throw new IllegalArgumentException("A band must end after it begins, got %s to %s.".formatted(from, until));
        }
        List<PlayEvent> ordered = Episodes.withoutBounces(Episodes.inOrder(events));
        List<Bar> bars = new ArrayList<>();
        for (Episode episode : episodes) {
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

    /** The drawing, from the ground up; an interruption stands out by its width. */
    public List<Shape> shapes() {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape("ground", 0, 0, WIDTH, HEIGHT, Optional.empty()));
        for (Bar bar : bars) {
            int margin = bar.fill() == Fill.PLAY ? 8 : 22;
            shapes.add(new Shape(
                    bar.fill().style, bar.start(), margin, bar.width(), HEIGHT - 2 * margin, Optional.empty()));
        }
        for (Tick tick : ticks) {
            int width = tick.kind().part() == PlayKind.Part.BREAKS ? 14 : 5;
            shapes.add(
                    new Shape(tick.kind().style(), tick.at() - width / 2, 0, width, HEIGHT, Optional.of(tick.kind())));
        }
        return shapes;
    }

    private static Bar bar(Fill fill, Instant start, Instant end, Instant from, Instant until) {
        int left = permille(start, from, until);
        return new Bar(fill, left, permille(end, from, until) - left);
    }

    private static int permille(Instant at, Instant from, Instant until) {
        long start = from.toEpochMilli();
        long place = 1000 * (at.toEpochMilli() - start) / (until.toEpochMilli() - start);
        return (int) Math.max(0, Math.min(1000, place));
    }
}
