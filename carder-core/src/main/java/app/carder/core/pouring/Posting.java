package app.carder.core.pouring;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
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
     * @param calculation how it was found
     */
    public record Passage(boolean goes, String words, Calculation calculation) {}

    /**
     * How many spoonfuls move a fill.
     *
     * @param spoonfuls level ones, the last one begun counts
     * @param seconds at one spoonful in five seconds, common practice; halve it for a practised hand
     * @param calculation how it was found
     */
    public record Spooning(long spoonfuls, long seconds, Calculation calculation) {}

    /**
     * Whether a piece goes through a slot, turned the best way: its shortest and its middle measure must both be at least 2 mm
     * less than the slot's. Exact for a block, cautious for a rounded piece.
     *
     * @throws IllegalArgumentException if the piece has no size
     */
    public static Passage through(Material piece, Length slotLength, Length slotWidth) {
        Solid form = form(piece);
        Length longer = slotLength.orMore(slotWidth);
        Length narrower = slotLength.isMoreThan(slotWidth) ? slotWidth : slotLength;
        boolean goes = !form.shortest().plus(PLAY).isMoreThan(narrower)
                && !form.middle().plus(PLAY).isMoreThan(longer);
        String words = goes
                ? Said.say("working.goes-through-its-shortest-side-first")
                : Said.say(
                        "working.does-not-go-through-it-needs",
                        form.middle().plus(PLAY).forPeople(),
                        form.shortest().plus(PLAY).forPeople());
        return new Passage(
                goes,
                words,
                Calculation.asking(Said.say("working.does-go-through-the-slot", piece.name()))
                        .given(Said.say("working.piece"), form.forPeople())
                        .given(Said.say("working.slot"), longer.forPeople() + " × " + narrower.forPeople())
                        .step(
                                Said.say("working.narrow-way-shortest-2-mm-slot"),
                                Said.say("working.2-mm-against", form.shortest().forPeople(), narrower.forPeople()),
                                fits(form.shortest(), narrower))
                        .step(
                                Said.say("working.long-way-middle-2-mm-slot"),
                                Said.say("working.2-mm-against", form.middle().forPeople(), longer.forPeople()),
                                fits(form.middle(), longer))
                        .from(Source.derived(Said.of("source.comparing-sides")))
                        .from(piece.source())
                        .close());
    }

    /**
     * Whether tongs can grip a piece: at least one side between 5 mm and how far they open.
     *
     * @throws IllegalArgumentException if the piece has no size, or the tool no opening
     */
    public static Passage withTongs(Material tongs, Material piece) {
        Length opening =
                tongs.opening().orElseThrow(() -> Refused.because("refused.posting.tongs-must-have", tongs.name()));
        Solid form = form(piece);
        boolean gripped = !form.shortest().isMoreThan(opening) && !THINNEST_GRIP.isMoreThan(form.middle());
        return new Passage(
                gripped,
                gripped
                        ? Said.say("working.can-be-gripped")
                        : form.shortest().isMoreThan(opening)
                                ? Said.say("working.is-too-wide-for-these-tongs")
                                : Said.say("working.is-too-thin-to-grip"),
                Calculation.asking(Said.say("working.do-the-tongs-grip", piece.name()))
                        .given(Said.say("working.tongs-open"), opening.forPeople())
                        .given(Said.say("working.piece"), form.forPeople())
                        .step(
                                Said.say("working.shortest-side-opening"),
                                Said.say("working.against", form.shortest().forPeople(), opening.forPeople()),
                                form.shortest().isMoreThan(opening)
                                        ? Said.say("working.no-2")
                                        : Said.say("working.yes"))
                        .step(
                                Said.say("working.middle-side-5-mm"),
                                Said.say("working.against-5-mm", form.middle().forPeople()),
                                THINNEST_GRIP.isMoreThan(form.middle())
                                        ? Said.say("working.no-2")
                                        : Said.say("working.yes"))
                        .from(Source.commonPractice(Said.of("source.what-a-small-hand-can-hold")))
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
                Calculation.asking(Said.say("working.how-many-spoonfuls-to-move-it"))
                        .given(Said.say("working.fill"), fill.forPeople())
                        .given(Said.say("working.spoon"), spoon.forPeople())
                        .step(
                                Said.say("working.spoonfuls-fill-spoon-rounded-up"),
                                fill.forPeople() + " ÷ " + spoon.capacity().forPeople(),
                                Long.toString(spoonfuls))
                        .step(
                                Said.say("working.time-spoonfuls-5-s"),
                                spoonfuls + " × 5 s",
                                String.format(Locale.ROOT, "%d:%02d min", seconds / 60, seconds % 60))
                        .from(Source.commonPractice(Said.of("source.five-seconds-a-spoonful")))
                        .close());
    }

    private static Solid form(Material piece) {
        return piece.form().orElseThrow(() -> Refused.because("refused.posting.piece-must-have", piece.name()));
    }

    private static String fits(Length side, Length slot) {
        return side.plus(PLAY).isMoreThan(slot) ? Said.say("working.no-2") : Said.say("working.yes");
    }
}
