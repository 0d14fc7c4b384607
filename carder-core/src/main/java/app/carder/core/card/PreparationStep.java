package app.carder.core.card;

import app.carder.core.prepare.Step;
import app.carder.core.prepare.Step.Who;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A step of the preparation, as it is written on a card.
 *
 * @param name in a few words
 * @param handsOnMinutes of one turn
 * @param waitingMinutes afterwards
 * @param who does it
 * @param turns one after another
 * @param after positions of the steps that must be finished, from 1
 */
public record PreparationStep(
        String name, int handsOnMinutes, int waitingMinutes, Who who, int turns, List<Integer> after) {

    /** Keeps its own copy. */
    public PreparationStep {
        after = List.copyOf(after);
    }

    /** The waiting in hours, to the hundredth, as it is typed: {@code 12}, {@code 1.5}. */
    public String waitingHours() {
        return BigDecimal.valueOf(waitingMinutes)
                .divide(BigDecimal.valueOf(60), 2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /**
     * The steps as they are planned, by name.
     *
     * @throws IllegalArgumentException if one of them cannot be planned
     */
    public static List<Step> planned(List<PreparationStep> written) {
        List<Step> steps = new ArrayList<>();
        for (PreparationStep step : written) {
            steps.add(new Step(
                    step.name(),
                    Duration.ofMinutes(step.handsOnMinutes()),
                    Duration.ofMinutes(step.waitingMinutes()),
                    step.who(),
                    step.turns(),
                    step.after().stream()
                            .filter(position -> position <= written.size())
                            .map(position -> written.get(position - 1).name())
                            .collect(Collectors.toSet())));
        }
        return steps;
    }
}
