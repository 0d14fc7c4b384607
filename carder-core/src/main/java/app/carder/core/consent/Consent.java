package app.carder.core.consent;

import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether a use is allowed on a day. Of each person the last word counts; one no of somebody who is named outweighs every yes, and what
 * nobody in particular said is overtaken by whatever is said later. Nothing said is no yes. Common practice.
 *
 * @param state what holds
 * @param until the last day on which a yes holds; absent where it does not run out, or does not hold
 */
public record Consent(State state, Optional<LocalDate> until) {

    /** A yes is asked for anew after so many years: common practice. */
    public static final int YEARS_IT_HOLDS = 1;

    /** What holds of a use. */
    public enum State {
        /** Allowed. */
        GIVEN,
        /** Somebody said no, or took a yes back. */
        REFUSED,
        /** It was allowed, and is to be asked for anew. */
        RUN_OUT,
        /** Nobody said anything. */
        NOT_ASKED
    }

    /**
     * What holds on a day.
     *
     * @param words in the order in which they were said
     */
    public static Consent of(List<ConsentWord> words, LocalDate day) {
        Map<String, ConsentWord> last = new LinkedHashMap<>();
        for (ConsentWord word : words) {
            last.remove("");
            last.put(word.giver(), word);
        }
        Collection<ConsentWord> counting = last.values();
        if (counting.isEmpty()) {
            return new Consent(State.NOT_ASKED, Optional.empty());
        }
        if (counting.stream().anyMatch(word -> !word.isGiven())) {
            return new Consent(State.REFUSED, Optional.empty());
        }
        List<ConsentWord> holding =
                counting.stream().filter(word -> word.holdsOn(day)).toList();
        if (holding.isEmpty()) {
            return new Consent(State.RUN_OUT, Optional.empty());
        }
        boolean isForGood = holding.stream().anyMatch(word -> word.until().isEmpty());
        return new Consent(
                State.GIVEN,
                isForGood
                        ? Optional.empty()
                        : holding.stream()
                                .flatMap(word -> word.until().stream())
                                .max(LocalDate::compareTo));
    }

    /** Whether somebody said no. */
    public boolean isRefused() {
        return state == State.REFUSED;
    }

    /** Whether the use is allowed. */
    public boolean isGiven() {
        return state == State.GIVEN;
    }
}
