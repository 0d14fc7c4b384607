package app.carder.core.watch;

import app.carder.core.said.Said;
import app.carder.core.statistics.KaplanMeier;
import app.carder.core.statistics.KaplanMeier.Observed;
import app.carder.core.watch.Episode.Lasted;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * How long play lasts at a card, by {@link KaplanMeier}, so that stretches which were still going on when the watching ended are not
 * lost: a curve of how many stretches still go on after so many minutes. With fewer than {@value #FEWEST} stretches there is none.
 *
 * @param curve in minutes
 */
public record PlayLasts(KaplanMeier curve) {

    /** Fewer stretches are not told. */
    public static final int FEWEST = 6;

    /**
     * A point of the curve, for drawing.
     *
     * @param x minutes in permille of the longest
     * @param y share in permille, 0 at the bottom
     */
    public record Point(int x, int y) {}

    /** The curve, where there is enough. */
    public static Optional<PlayLasts> of(List<Lasted> stretches) {
        return stretches.size() < FEWEST
                ? Optional.empty()
                : Optional.of(new PlayLasts(KaplanMeier.of(stretches.stream()
                        .map(one -> new Observed(one.length().getSeconds() / 60.0, one.cutOff()))
                        .toList())));
    }

    /** The steps of the curve from the left; each time its share falls straight down. */
    public List<Point> points() {
        List<Point> points = new ArrayList<>(List.of(new Point(0, 1000)));
        double longest = longest();
        int before = 1000;
        for (KaplanMeier.Step step : curve.steps()) {
            int x = (int) Math.round(1000 * step.time() / longest);
            int y = (int) Math.round(1000 * step.share());
            points.add(new Point(x, before));
            points.add(new Point(x, y));
            before = y;
        }
        return points;
    }

    /** The points as an outline of a drawing 300 wide and 80 high, y downwards. */
    public String svgPoints() {
        StringBuilder points = new StringBuilder();
        for (Point point : points()) {
            points.append(String.format(Locale.ROOT, "%.1f,%.1f ", point.x() * 0.3, 80 - point.y() * 0.08));
        }
        return points.toString().strip();
    }

    /** Minutes at the right edge of the drawing. */
    public double longest() {
        return curve.steps().isEmpty()
                ? 1
                : Math.max(1.0 / 60, curve.steps().get(curve.steps().size() - 1).time());
    }

    /** In words, for adults. */
    public String words() {
        String seen = Said.say("working.stretches-of-them-still-going-on", curve.observed(), curve.cutOff());
        return curve.median()
                .map(median -> Said.say("working.half-of-the-stretches-last-longer", median, seen))
                .orElse(Said.say("working.more-than-half-of-the-stretches", seen));
    }
}
