package app.carder.core.cupboard;

import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.cupboard.WeekShopping.ToBuy;
import app.carder.core.cupboard.WeekShopping.Wanted;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What runs out first as cards are planned: for each thing the first session that the stock does not cover any more, counted as on
 * the shopping list.
 *
 * @param ends things that run out, the first one first
 * @param notWrittenDown things that are needed and whose stock nobody wrote down: they may be gone already
 */
public record RunningOut(List<Ends> ends, List<Stocked> notWrittenDown) {

    /** Keeps its own copies. */
    public RunningOut {
        ends = List.copyOf(ends);
        notWrittenDown = List.copyOf(notWrittenDown);
    }

    /**
     * The end of a stock.
     *
     * @param material of what
     * @param at beginning of the first session that it does not last for
     * @param missing then
     * @param cards that have taken it by then, or would
     */
    public record Ends(Stocked material, LocalDateTime at, Amount missing, List<String> cards) {
        /** Keeps its own copy. */
        public Ends {
            cards = List.copyOf(cards);
        }
    }

    /**
     * Follows the stock through the sessions to come.
     *
     * @param uses that are planned; those whose material is not in the cupboard are left out
     * @param cupboard by code
     */
    public static RunningOut of(List<Wanted> uses, Map<String, Stocked> cupboard) {
        Map<String, Ends> ends = new LinkedHashMap<>();
        uses.stream()
                .flatMap(use -> use.sessions().stream())
                .distinct()
                .sorted()
                .forEach(time -> known(uses, cupboard, time)
                        .forEach(line -> ends.putIfAbsent(
                                line.material().code(),
                                new Ends(line.material(), time, line.missing(), line.cards()))));
        return new RunningOut(
                List.copyOf(ends.values()),
                WeekShopping.of(uses, cupboard).stream()
                        .map(ToBuy::material)
                        .filter(material -> !material.stock().isKnown())
                        .toList());
    }

    private static List<ToBuy> known(List<Wanted> uses, Map<String, Stocked> cupboard, LocalDateTime until) {
        return WeekShopping.of(
                        uses.stream().flatMap(use -> until(use, until).stream()).toList(), cupboard)
                .stream()
                .filter(line -> line.isMissing() && line.material().stock().isKnown())
                .toList();
    }

    private static Optional<Wanted> until(Wanted use, LocalDateTime time) {
        List<LocalDateTime> sessions =
                use.sessions().stream().filter(one -> !one.isAfter(time)).toList();
        return sessions.isEmpty()
                ? Optional.empty()
                : Optional.of(new Wanted(
                        use.card(), use.code(), use.perFill(), use.sessionsPerFill(), use.stoodBefore(), sessions));
    }
}
