package app.carder.core.card;

import app.carder.core.ladder.LadderStep;
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
 * @param settingOut how it is laid out
 */
public record Card(
        Purpose purpose,
        Coverage coverage,
        Contents contents,
        Usage usage,
        List<WrittenStep> ladder,
        List<PreparationStep> preparation,
        SettingOut settingOut) {

    /** Keeps its own copies. */
    public Card {
        ladder = List.copyOf(ladder);
        preparation = List.copyOf(preparation);
    }

    /** The same, laid out in another way. */
    public Card laidOut(SettingOut other) {
        return new Card(purpose, coverage, contents, usage, ladder, preparation, other);
    }

    /** Everything that is said in words, for rules that look at words. */
    public String said() {
        return String.join("\n", purpose.title(), purpose.intention(), purpose.adultRole(), purpose.words());
    }

    /** How a step of the ladder differs, where it is written. */
    public Optional<WrittenStep> step(LadderStep ladderStep) {
        return ladder.stream().filter(step -> step.ladderStep() == ladderStep).findFirst();
    }

    /** What it puts out on a step of its ladder; as it is, where that step is not written. */
    public Contents contentsOn(LadderStep ladderStep) {
        return ladderStep == LadderStep.AS_IS
                ? contents
                : step(ladderStep).map(step -> contents.changed(step.change())).orElse(contents);
    }

    /** Minutes of work that the preparation takes, all turns; 0 where no step is written. */
    public int handsOnMinutes() {
        return preparation.stream()
                .mapToInt(step -> step.handsOnMinutes() * step.turns())
                .sum();
    }
}
