package app.carder.core.ladder;

import app.carder.core.measure.Length;
import app.carder.core.said.Refused;
import java.util.List;
import java.util.Optional;

/**
 * What a step changes in what is put out.
 *
 * @param amountPercent depths and pieces, in per cent of the card's: 10 to 400
 * @param replace a thing of the card, by its code, that is taken out; empty for none
 * @param with what is put in its place, by its code; empty where it is only taken out
 * @param note what else changes, in words
 */
public record Change(int amountPercent, Optional<String> replace, Optional<String> with, String note) {

    /** Nothing changes. */
    public static final Change NONE = new Change(100, Optional.empty(), Optional.empty(), "");

    /**
     * Refuses what cannot be put out.
     *
     * @throws IllegalArgumentException if the amount is out of its range, or something is put in nobody's place
     */
    public Change {
        if (amountPercent < 10 || amountPercent > 400) {
            throw Refused.because("refused.change.amount-must-be", amountPercent);
        }
        if (with.isPresent() && replace.isEmpty()) {
            throw Refused.because("refused.change.what-is-put", with.get());
        }
    }

    /**
     * One thing that is put out, by its code.
     *
     * @param code of the material
     * @param depth where it is poured; absent where it is not known
     * @param pieces where it is counted; absent where it is not known
     * @param measured which of the two it is
     */
    public record Put(String code, Optional<Length> depth, Optional<Integer> pieces, Measured measured) {}

    /** How a thing is measured out. */
    public enum Measured {
        /** Poured. */
        BY_DEPTH,
        /** Counted. */
        BY_NUMBER
    }

    /**
     * What is put out on this step: depths scaled to the millimetre and never above the rim, pieces rounded up to whole ones.
     *
     * @param rim depth of the vessel; absent where nothing is poured
     */
    public List<Put> applyTo(List<Put> card, Optional<Length> rim) {
        double factor = amountPercent / 100.0;
        List<Put> changed = card.stream()
                .filter(put -> !(replace.filter(put.code()::equals).isPresent() && with.isEmpty()))
                .map(put -> new Put(
                        replace.filter(put.code()::equals).flatMap(gone -> with).orElse(put.code()),
                        put.depth()
                                .map(depth ->
                                        Length.ofMillimetres(Math.max(1, Math.rint(depth.inMillimetres() * factor)))),
                        put.pieces().map(count -> (int) Math.max(1, Math.ceil(count * factor - 1e-9))),
                        put.measured()))
                .toList();
        Length together = changed.stream().flatMap(put -> put.depth().stream()).reduce(Length.ZERO, Length::plus);
        if (rim.filter(together::isMoreThan).isEmpty()) {
            return changed;
        }
        double shrink = rim.get().dividedBy(together);
        return changed.stream()
                .map(put -> new Put(
                        put.code(),
                        put.depth().map(depth -> Length.ofMillimetres(Math.floor(depth.inMillimetres() * shrink))),
                        put.pieces(),
                        put.measured()))
                .toList();
    }
}
