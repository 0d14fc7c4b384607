package app.carder.web.provocation;

import app.carder.core.ladder.Rung;
import app.carder.core.prepare.Step.Who;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** What belongs to a card beside what is put out: rungs, steps of preparation, reckonings. */
public final class CardPart {

    private CardPart() {}

    /**
     * How a rung differs from the card.
     *
     * @param rung which one
     * @param sign by which it shows that a child is ready for it
     * @param note what else changes
     * @param amountPercent depths and pieces, in per cent of the card's
     * @param replaced a thing of the card that is taken out
     * @param replacement what takes its place
     */
    public record RungChange(
            Rung rung,
            String sign,
            String note,
            int amountPercent,
            Optional<UUID> replaced,
            Optional<UUID> replacement) {}

    /**
     * A step of the preparation.
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
    }

    /**
     * A reckoning that was kept with the card.
     *
     * @param id its own
     * @param tool that reckons it
     * @param inputs what was typed, by input
     */
    public record KeptReckoning(UUID id, String tool, Map<String, String> inputs) {
        /** Keeps its own copy. */
        public KeptReckoning {
            inputs = Map.copyOf(inputs);
        }
    }
}
