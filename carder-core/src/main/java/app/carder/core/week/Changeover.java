package app.carder.core.week;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * From what stands in a room to what is to stand there next, place by place: what stays, is put out, moves, or is put away.
 *
 * @param steps one for each place that holds something before or after, in the order of the places
 * @param <P> a place
 * @param <C> a card
 */
public record Changeover<P, C>(List<Step<P, C>> steps) {

    /** Keeps its own copy. */
    public Changeover {
        steps = List.copyOf(steps);
    }

    /** What happens to a place. */
    public enum Kind {
        /** It holds the same card. */
        STAYS,
        /** Its card is new in the room. */
        PUT_OUT,
        /** Its card comes from another place. */
        MOVES,
        /** Its card is put away, and nothing follows. */
        PUT_AWAY
    }

    /**
     * What happens to a place.
     *
     * @param place where
     * @param kind what
     * @param card that stands there afterwards; before, where nothing follows
     * @param away what leaves the room from there
     * @param from where the card comes from, where it moves
     */
    public record Step<P, C>(P place, Kind kind, C card, Optional<C> away, Optional<P> from) {}

    /**
     * Compares.
     *
     * @param places all places, in the order in which one walks along them
     * @param before cards by place
     * @param after cards by place
     */
    public static <P, C> Changeover<P, C> of(List<P> places, Map<P, C> before, Map<P, C> after) {
        List<Step<P, C>> steps = new ArrayList<>();
        Map<P, C> leaving = new LinkedHashMap<>();
        for (P place : places) {
            C card = before.get(place);
            if (card != null && !card.equals(after.get(place))) {
                leaving.put(place, card);
            }
        }
        Map<P, P> cameFrom = new LinkedHashMap<>();
        for (P place : places) {
            C card = after.get(place);
            if (card != null && !card.equals(before.get(place))) {
                leaving.entrySet().stream()
                        .filter(one -> one.getValue().equals(card) && !cameFrom.containsValue(one.getKey()))
                        .findFirst()
                        .ifPresent(one -> cameFrom.put(place, one.getKey()));
            }
        }
        for (P place : places) {
            C then = after.get(place);
            C now = before.get(place);
            Optional<C> away = Optional.ofNullable(leaving.get(place)).filter(card -> !cameFrom.containsValue(place));
            if (then == null) {
                away.ifPresent(
                        card -> steps.add(new Step<>(place, Kind.PUT_AWAY, card, Optional.of(card), Optional.empty())));
            } else if (Objects.equals(then, now)) {
                steps.add(new Step<>(place, Kind.STAYS, then, Optional.empty(), Optional.empty()));
            } else {
                Optional<P> from = Optional.ofNullable(cameFrom.get(place));
                steps.add(new Step<>(place, from.isPresent() ? Kind.MOVES : Kind.PUT_OUT, then, away, from));
            }
        }
        return new Changeover<>(steps);
    }
}
