package app.carder.core.picture;

import app.carder.core.card.Arrangement;
import app.carder.core.card.Contents;
import app.carder.core.card.SettingOut;
import app.carder.core.cupboard.Stocked;
import app.carder.core.look.Colour;
import app.carder.core.look.Grain;
import app.carder.core.look.Path;
import app.carder.core.look.Stroke;
import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a card looks set out, seen from above and to scale: one value for the screen, paper and the small picture. Coordinates are
 * millimetres of the real thing; y grows downwards. Only the grain of what is poured is drawn larger than life.
 *
 * @param width of the sheet
 * @param height of the sheet
 * @param ground what things stand in or on
 * @param layers of what is poured, from the floor up
 * @param kinds what is drawn
 * @param pieces where each of them lies, from the back to the front
 * @param slots that hold one piece each
 * @param kit frame around the things of a kit; absent where there is none
 * @param bar that tells the scale
 * @param arrangement in which the pieces lie
 * @param isAsWished whether that holds all that were to lie in it
 * @param underneath how many lie under those that are drawn, by kind
 * @param notFitting what does not go in
 * @param smallest the smallest container of the cupboard that takes it all; absent where all goes in, or none does
 * @param unmeasured names of what nobody measured: it is drawn with a question mark
 * @param uncounted names of what nobody counted
 * @param undrawn names of what is known in words only
 */
public record SetUpPicture(
        double width,
        double height,
        Ground ground,
        List<Layer> layers,
        List<Kind> kinds,
        List<Piece> pieces,
        List<Frame> slots,
        Optional<Frame> kit,
        Bar bar,
        Arrangement arrangement,
        boolean isAsWished,
        Map<Integer, Integer> underneath,
        List<NotFitting> notFitting,
        Optional<Stocked> smallest,
        List<String> unmeasured,
        List<String> uncounted,
        List<String> undrawn) {

    /** Where on the sheet something lies. */
    public enum Zone {
        /** In the tray, or on the mat. */
        IN,
        /** On the side of the hand. */
        HAND,
        /** Beside the tray. */
        BESIDE,
        /** In the kit. */
        KIT,
        /** Outside, because it does not go in. */
        NOT_IN
    }

    /**
     * What things stand in or on.
     *
     * @param isVessel whether it is a container; else a mat that is only as large as it needs to be
     * @param rim its edge
     * @param surface the inside at the height of what is poured
     * @param words its measures; empty for a mat
     * @param x its left edge on the sheet
     * @param y its upper edge on the sheet
     */
    public record Ground(boolean isVessel, Path rim, Path surface, String words, double x, double y) {}

    /**
     * One layer of what is poured.
     *
     * @param name of it
     * @param depth absent where nobody wrote it down
     * @param colour of its surface
     * @param grain of its surface
     */
    public record Layer(String name, Optional<Length> depth, Colour colour, Optional<Grain> grain) {}

    /**
     * One kind of thing.
     *
     * @param thing key in the cupboard, or its name
     * @param name for people
     * @param footprint of one piece
     * @param colour of its face
     * @param strokes of one piece, about its middle
     * @param isMeasured whether its size is known
     * @param zone where it lies, as long as nobody moved it
     * @param count how many there are
     */
    public record Kind(
            String thing,
            String name,
            Footprint footprint,
            Colour colour,
            List<Stroke> strokes,
            boolean isMeasured,
            Zone zone,
            int count) {
        /** Keeps its own copy. */
        public Kind {
            strokes = List.copyOf(strokes);
        }

        /** The same elsewhere. */
        Kind in(Zone other) {
            return new Kind(thing, name, footprint, colour, strokes, isMeasured, other, count);
        }
    }

    /**
     * One piece where it lies.
     *
     * @param kind which kind, from 0
     * @param number among its kind, from 1
     * @param x of its middle
     * @param y of its middle
     * @param turn in degrees
     * @param zone where it lies
     * @param group what is moved together has one number; 0 for none
     */
    public record Piece(int kind, int number, double x, double y, double turn, Zone zone, int group) {}

    /** A box: left, top, width, height. */
    public record Frame(double x, double y, double width, double height) {}

    /**
     * A bar that tells the scale.
     *
     * @param x its left end
     * @param y its height on the sheet
     * @param length of the real thing
     */
    public record Bar(double x, double y, Length length) {}

    /**
     * What does not go in.
     *
     * @param name of the thing
     * @param wanted how many are on the card
     * @param fitting how many go in
     */
    public record NotFitting(String name, int wanted, int fitting) {}

    /** Keeps its own copies. */
    public SetUpPicture {
        layers = List.copyOf(layers);
        kinds = List.copyOf(kinds);
        pieces = List.copyOf(pieces);
        slots = List.copyOf(slots);
        underneath = Map.copyOf(underneath);
        notFitting = List.copyOf(notFitting);
        unmeasured = List.copyOf(unmeasured);
        uncounted = List.copyOf(uncounted);
        undrawn = List.copyOf(undrawn);
    }

    /**
     * Draws what is on a card.
     *
     * @param contents with kits and kept answers looked up
     * @param cupboard things by key
     * @param wish how somebody wants it laid out
     * @param containers of the cupboard, to look among for one that takes what does not go in
     */
    public static SetUpPicture of(
            Contents contents, Map<String, Stocked> cupboard, SettingOut wish, List<Stocked> containers) {
        return new Drawing(contents, cupboard, wish).picture(containers);
    }

    /** The same in words that a colleague could set it out from. */
    public List<Said> words() {
        return new PictureWords(this).sentences();
    }

    /** The side of a tile of grain, so large that a grain can be made out on a picture of a few centimetres. */
    public double grainTile() {
        return Math.max(width, height) / 9;
    }

    /** Whether there is anything to see. */
    public boolean isEmpty() {
        return layers.isEmpty() && pieces.isEmpty() && !ground.isVessel();
    }
}
