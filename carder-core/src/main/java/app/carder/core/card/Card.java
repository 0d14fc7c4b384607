package app.carder.core.card;

import app.carder.core.ladder.Rung;
import java.util.List;
import java.util.Optional;

/**
 * A card: an invitation to play.
 *
 * @param purpose what it invites to, and what adults do
 * @param coverage what it covers
 * @param contents everything that it puts out
 * @param usage how often, for whom, told in which units
 * @param ladder how it becomes easier or harder
 * @param preparation steps, in order
 */
public record Card(
        Purpose purpose,
        Coverage coverage,
        Contents contents,
        Usage usage,
        List<LadderStep> ladder,
        List<PreparationStep> preparation) {

    /** Keeps its own copies. */
    public Card {
        ladder = List.copyOf(ladder);
        preparation = List.copyOf(preparation);
    }

    /** Everything that is said in words, for rules that look at words. */
    public String said() {
        return String.join("\n", purpose.title(), purpose.intention(), purpose.adultRole(), purpose.words());
    }

    /** How a step of the ladder differs, where it is written. */
    public Optional<LadderStep> step(Rung rung) {
        return ladder.stream().filter(step -> step.rung() == rung).findFirst();
    }

    /** What it puts out on a step of its ladder; as it is, where that step is not written. */
    public Contents contentsOn(Rung rung) {
        return rung == Rung.AS_IS
                ? contents
                : step(rung).map(step -> contents.changed(step.change())).orElse(contents);
    }

    /** Minutes of work that the preparation takes, all turns; 0 where no step is written. */
    public int handsOnMinutes() {
        return preparation.stream()
                .mapToInt(step -> step.handsOnMinutes() * step.turns())
                .sum();
    }
}
