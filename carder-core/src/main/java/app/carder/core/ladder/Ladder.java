package app.carder.core.ladder;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.said.Said;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Proposes a step for one child from what was last seen of this child with this card. Age is not looked at.
 *
 * <p>Deep involvement (4 or 5) twice in a row on a step: the next one up. Little involvement (1 or 2) the last time: the one
 * below, or another material where there is none. Otherwise the same again. With nothing seen: as it is, and watch. Common
 * practice; the adult decides.
 */
public final class Ladder {

    private static final int DEEP = 4;
    private static final int LITTLE = 2;
    private static final Source PRACTICE = Source.commonPractice(Said.of("source.challenge-follows-what-was-seen"));

    private Ladder() {}

    /**
     * The child with the card, on one day.
     *
     * @param on the day
     * @param ladderStep that lay out
     * @param involvement 1 to 5; absent where it was not noted
     */
    public record Seen(LocalDate on, LadderStep ladderStep, Optional<Integer> involvement) {}

    /**
     * A step for a child.
     *
     * @param ladderStep proposed
     * @param reason in a sentence
     * @param calculation how it was found
     */
    public record Proposal(LadderStep ladderStep, Said reason, Calculation calculation) {}

    /**
     * Proposes a step.
     *
     * @param seen of this child with this card, in any order
     * @param ladderSteps that the card has; as it is counts always
     */
    public static Proposal propose(List<Seen> seen, Set<LadderStep> ladderSteps) {
        List<Seen> latestFirst = seen.stream()
                .filter(one -> one.involvement().isPresent())
                .sorted(Comparator.comparing(Seen::on).reversed())
                .toList();
        if (latestFirst.isEmpty()) {
            return proposal(LadderStep.AS_IS, Said.of("ladder.not-seen"), latestFirst);
        }
        Seen last = latestFirst.get(0);
        int depth = last.involvement().orElseThrow();
        if (depth <= LITTLE) {
            LadderStep below = last.ladderStep() == LadderStep.HARDER || last.ladderStep() == LadderStep.REAL_LIFE
                    ? LadderStep.AS_IS
                    : LadderStep.SIMPLER;
            LadderStep other =
                    has(below, ladderSteps) && below != last.ladderStep() ? below : LadderStep.OTHER_MATERIAL;
            return has(other, ladderSteps)
                    ? proposal(other, Said.of("ladder.little", depth), latestFirst)
                    : proposal(last.ladderStep(), Said.of("ladder.little-no-step", depth), latestFirst);
        }
        boolean twice = latestFirst.size() > 1
                && depth >= DEEP
                && latestFirst.get(1).ladderStep() == last.ladderStep()
                && latestFirst.get(1).involvement().orElseThrow() >= DEEP;
        if (!twice) {
            return proposal(last.ladderStep(), Said.of("ladder.same", depth), latestFirst);
        }
        LadderStep above = switch (last.ladderStep()) {
            case SIMPLER -> LadderStep.AS_IS;
            case AS_IS -> has(LadderStep.HARDER, ladderSteps) ? LadderStep.HARDER : LadderStep.OTHER_MATERIAL;
            case HARDER, OTHER_MATERIAL -> LadderStep.REAL_LIFE;
            case REAL_LIFE -> LadderStep.REAL_LIFE;
        };
        return has(above, ladderSteps)
                ? proposal(above, Said.of("ladder.deep", last.ladderStep().words()), latestFirst)
                : proposal(last.ladderStep(), Said.of("ladder.deep-no-step"), latestFirst);
    }

    private static boolean has(LadderStep ladderStep, Set<LadderStep> ladderSteps) {
        return ladderStep == LadderStep.AS_IS || ladderSteps.contains(ladderStep);
    }

    private static Proposal proposal(LadderStep ladderStep, Said reason, List<Seen> latestFirst) {
        Calculation.Notebook notebook = Calculation.asking(Said.say("working.which-step-was-ready-from-what"));
        latestFirst.stream()
                .limit(3)
                .forEach(seen -> notebook.given(
                        seen.on().toString(),
                        Said.say(
                                "working.involvement-of-5",
                                seen.ladderStep().words(),
                                seen.involvement().orElseThrow())));
        return new Proposal(
                ladderStep,
                reason,
                notebook.step(Said.say("working.4-or-5-twice-one-up"), reason.words(), ladderStep.words())
                        .from(PRACTICE)
                        .close());
    }
}
