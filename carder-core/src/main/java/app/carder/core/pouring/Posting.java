package app.carder.core.pouring;

import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.reckoning.Reckoning;
import app.carder.core.reckoning.Source;
import app.carder.core.said.Refused;
import app.carder.core.vessel.Vessel;
import java.util.Locale;

/** Work of hands that is counted piece by piece: posting through a slot, gripping with tongs, moving by the spoonful. */
public final class Posting {

    /** Play that lets a piece through without a push: 2 mm. Common practice. */
    private static final Length PLAY = Length.ofMillimetres(2);
    /** Thinner than this nothing is there to grip. Common practice. */
    private static final Length THINNEST_GRIP = Length.ofMillimetres(5);

    private Posting() {}

    /**
     * An answer with its reason.
     *
     * @param goes whether it goes
     * @param words the answer in words
     * @param reckoning how it was found
     */
    public record Answer(boolean goes, String words, Reckoning reckoning) {}

    /**
     * How many spoonfuls move a fill.
     *
     * @param spoonfuls level ones, the last one begun counts
     * @param seconds at one spoonful in five seconds, common practice; halve it for a practised hand
     * @param reckoning how it was found
     */
    public record Spooning(long spoonfuls, long seconds, Reckoning reckoning) {}

    /**
     * Whether a piece goes through a slot, turned the best way: its shortest and its middle measure must both be at least 2 mm
     * less than the slot's. Exact for a block, cautious for a rounded piece.
     *
     * @throws IllegalArgumentException if the piece has no size
     */
    public static Answer through(Material piece, Length slotLength, Length slotWidth) {
        Solid form = form(piece);
        Length longer = slotLength.orMore(slotWidth);
        Length narrower = slotLength.isMoreThan(slotWidth) ? slotWidth : slotLength;
        boolean goes = !form.shortest().plus(PLAY).isMoreThan(narrower)
                && !form.middle().plus(PLAY).isMoreThan(longer);
        String words = goes
                ? "goes through, its shortest side first across the narrow way"
                : "does not go through: it needs %s × %s"
                        .formatted(
                                form.middle().plus(PLAY).forPeople(),
                                form.shortest().plus(PLAY).forPeople());
        return new Answer(
                goes,
                words,
                Reckoning.asking("Does %s go through the slot?".formatted(piece.name()))
                        .given("Piece", form.forPeople())
                        .given("Slot", longer.forPeople() + " × " + narrower.forPeople())
                        .step(
                                "narrow way: shortest + 2 mm ≤ slot",
                                form.shortest().forPeople() + " + 2 mm against " + narrower.forPeople(),
                                fits(form.shortest(), narrower))
                        .step(
                                "long way: middle + 2 mm ≤ slot",
                                form.middle().forPeople() + " + 2 mm against " + longer.forPeople(),
                                fits(form.middle(), longer))
                        .from(Source.derived("comparing sides"))
                        .from(piece.source())
                        .close());
    }

    /**
     * Whether tongs can grip a piece: at least one side between 5 mm and how far they open.
     *
     * @throws IllegalArgumentException if the piece has no size, or the tool no opening
     */
    public static Answer withTongs(Material tongs, Material piece) {
        Length opening =
                tongs.opening().orElseThrow(() -> Refused.because("refused.posting.tongs-must-have", tongs.name()));
        Solid form = form(piece);
        boolean gripped = !form.shortest().isMoreThan(opening) && !THINNEST_GRIP.isMoreThan(form.middle());
        return new Answer(
                gripped,
                gripped
                        ? "can be gripped"
                        : form.shortest().isMoreThan(opening) ? "is too wide for these tongs" : "is too thin to grip",
                Reckoning.asking("Do the tongs grip %s?".formatted(piece.name()))
                        .given("Tongs open", opening.forPeople())
                        .given("Piece", form.forPeople())
                        .step(
                                "shortest side ≤ opening",
                                form.shortest().forPeople() + " against " + opening.forPeople(),
                                form.shortest().isMoreThan(opening) ? "no" : "yes")
                        .step(
                                "middle side ≥ 5 mm",
                                form.middle().forPeople() + " against 5 mm",
                                THINNEST_GRIP.isMoreThan(form.middle()) ? "no" : "yes")
                        .from(Source.commonPractice("Common practice: what a small hand can hold in tongs"))
                        .close());
    }

    /**
     * How many level spoonfuls empty a fill.
     *
     * @param fill to be moved, more than nothing
     * @param spoon what is used
     * @throws IllegalArgumentException if there is nothing to move
     */
    public static Spooning spooning(Volume fill, Vessel spoon) {
        if (fill.isZero()) {
            throw Refused.because("refused.posting.fill-must-be");
        }
        long spoonfuls = (fill.microlitres() + spoon.capacity().microlitres() - 1)
                / spoon.capacity().microlitres();
        long seconds = spoonfuls * 5;
        return new Spooning(
                spoonfuls,
                seconds,
                Reckoning.asking("How many spoonfuls to move it?")
                        .given("Fill", fill.forPeople())
                        .given("Spoon", spoon.forPeople())
                        .step(
                                "spoonfuls = fill ÷ spoon, rounded up",
                                fill.forPeople() + " ÷ " + spoon.capacity().forPeople(),
                                Long.toString(spoonfuls))
                        .step(
                                "time = spoonfuls × 5 s",
                                spoonfuls + " × 5 s",
                                String.format(Locale.ROOT, "%d:%02d min", seconds / 60, seconds % 60))
                        .from(Source.commonPractice("Common practice: five seconds a spoonful"))
                        .close());
    }

    private static Solid form(Material piece) {
        return piece.form().orElseThrow(() -> Refused.because("refused.posting.piece-must-have", piece.name()));
    }

    private static String fits(Length side, Length slot) {
        return side.plus(PLAY).isMoreThan(slot) ? "no" : "yes";
    }
}
