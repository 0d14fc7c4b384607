package app.carder.core.drawing;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A place of a drawing that can be pulled to where it should be. It rests at stops alone, each of which stands for a value, so that whoever
 * moves it has nothing to work out.
 *
 * @param name of the value that it changes, as its field is called
 * @param label what it changes, for people
 * @param stops in the order of their values, at least one
 * @param at the stop where it rests now, from 0
 */
public record Handle(String name, String label, List<Stop> stops, int at) {

    /** Keeps its own copy. */
    public Handle {
        stops = List.copyOf(stops);
        if (at < 0 || at >= stops.size()) {
            throw new IllegalArgumentException(
                    "Handle \"" + name + "\" rests at " + at + " of " + stops.size() + " stops");
        }
    }

    /**
     * Where it can rest.
     *
     * @param value as it is typed
     * @param x of the place, in units of the drawing
     * @param y of the place
     */
    public record Stop(String value, double x, double y) {}

    /** At the stop that is nearest to a place. */
    static Handle nearest(String name, String label, List<Stop> stops, double x, double y) {
        int nearest = 0;
        for (int at = 1; at < stops.size(); at++) {
            if (away(stops.get(at), x, y) < away(stops.get(nearest), x, y)) {
                nearest = at;
            }
        }
        return new Handle(name, label, stops, nearest);
    }

    private static double away(Stop stop, double x, double y) {
        return Math.hypot(stop.x() - x, stop.y() - y);
    }

    /** Where it rests. */
    public Stop rests() {
        return stops.get(at);
    }

    /** The stop of the least value. */
    public Stop first() {
        return stops.get(0);
    }

    /** The stop of the greatest value. */
    public Stop last() {
        return stops.get(stops.size() - 1);
    }

    /** All stops for a script: value, x and y with commas, stops with blanks between. */
    public String written() {
        return stops.stream()
                .map(stop -> String.format(Locale.ROOT, "%s,%.1f,%.1f", stop.value(), stop.x(), stop.y()))
                .collect(Collectors.joining(" "));
    }
}
