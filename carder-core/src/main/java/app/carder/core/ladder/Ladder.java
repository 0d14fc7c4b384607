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
 * Proposes a rung for one child from what was last seen of this child with this card. Age is not looked at.
 *
 * <p>Deep involvement (4 or 5) twice in a row on a rung: the next one up. Little involvement (1 or 2) the last time: the one
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
     * @param rung that lay out
     * @param involvement 1 to 5; absent where it was not noted
     */
    public record Seen(LocalDate on, Rung rung, Optional<Integer> involvement) {}

    /**
     * A rung for a child.
     *
     * @param rung proposed
     * @param reason in a sentence
     * @param calculation how it was found
     */
    public record Proposal(Rung rung, Said reason, Calculation calculation) {}

    /**
     * Proposes a rung.
     *
     * @param seen of this child with this card, in any order
     * @param rungs that the card has; as it is counts always
     */
    public static Proposal propose(List<Seen> seen, Set<Rung> rungs) {
        List<Seen> latestFirst = seen.stream()
                .filter(one -> one.involvement().isPresent())
                .sorted(Comparator.comparing(Seen::on).reversed())
                .toList();
        if (latestFirst.isEmpty()) {
            return proposal(Rung.AS_IS, Said.of("ladder.not-seen"), latestFirst);
        }
        Seen last = latestFirst.get(0);
        int depth = last.involvement().orElseThrow();
        if (depth <= LITTLE) {
            Rung below = last.rung() == Rung.HARDER || last.rung() == Rung.REAL_LIFE ? Rung.AS_IS : Rung.SIMPLER;
            Rung other = has(below, rungs) && below != last.rung() ? below : Rung.OTHER_MATERIAL;
            return has(other, rungs)
                    ? proposal(other, Said.of("ladder.little", depth), latestFirst)
                    : proposal(last.rung(), Said.of("ladder.little-no-rung", depth), latestFirst);
        }
        boolean twice = latestFirst.size() > 1
                && depth >= DEEP
                && latestFirst.get(1).rung() == last.rung()
                && latestFirst.get(1).involvement().orElseThrow() >= DEEP;
        if (!twice) {
            return proposal(last.rung(), Said.of("ladder.same", depth), latestFirst);
        }
        Rung above = switch (last.rung()) {
            case SIMPLER -> Rung.AS_IS;
            case AS_IS -> has(Rung.HARDER, rungs) ? Rung.HARDER : Rung.OTHER_MATERIAL;
            case HARDER, OTHER_MATERIAL -> Rung.REAL_LIFE;
            case REAL_LIFE -> Rung.REAL_LIFE;
        };
        return has(above, rungs)
                ? proposal(above, Said.of("ladder.deep", last.rung().words()), latestFirst)
                : proposal(last.rung(), Said.of("ladder.deep-no-rung"), latestFirst);
    }

    private static boolean has(Rung rung, Set<Rung> rungs) {
        return rung == Rung.AS_IS || rungs.contains(rung);
    }

    private static Proposal proposal(Rung rung, Said reason, List<Seen> latestFirst) {
        Calculation.Notebook notebook = Calculation.asking(Said.say("working.which-rung-was-ready-from-what"));
        latestFirst.stream()
                .limit(3)
                .forEach(seen -> notebook.given(
                        seen.on().toString(),
                        Said.say(
                                "working.involvement-of-5",
                                seen.rung().words(),
                                seen.involvement().orElseThrow())));
        return new Proposal(
                rung,
                reason,
                notebook.step(Said.say("working.4-or-5-twice-one-up"), reason.words(), rung.words())
                        .from(PRACTICE)
                        .close());
    }
}
