package app.carder.core.watch;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A score sheet of a game: what each turn hit, and what it comes to. It is for the children's own counting; children are
 * listed in the order in which they began, never by their totals.
 *
 * @param rows one for each player, in the order of their first turns
 * @param <P> a player
 */
public record ScoreSheet<P>(List<Row<P>> rows) {

    /**
     * A turn.
     *
     * @param player whose
     * @param points value of the target that was hit; 0 for none
     */
    public record Turn<P>(P player, int points) {}

    /**
     * What one player has.
     *
     * @param player who
     * @param turns points of each turn, in order
     * @param total together
     */
    public record Row<P>(P player, List<Integer> turns, int total) {}

    /** Adds up turns that are given in order. */
    public static <P> ScoreSheet<P> of(Collection<Turn<P>> turns) {
        Map<P, List<Integer>> points = new LinkedHashMap<>();
        turns.forEach(turn -> points.computeIfAbsent(turn.player(), player -> new ArrayList<>())
                .add(turn.points()));
        return new ScoreSheet<>(points.entrySet().stream()
                .map(entry -> new Row<>(
                        entry.getKey(),
                        List.copyOf(entry.getValue()),
                        entry.getValue().stream().mapToInt(Integer::intValue).sum()))
                .toList());
    }
}
