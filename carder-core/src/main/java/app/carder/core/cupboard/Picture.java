package app.carder.core.cupboard;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.look.Colour;
import app.carder.core.look.Grain;
import app.carder.core.look.Ink;
import app.carder.core.look.Look;
import app.carder.core.look.Path;
import app.carder.core.look.Silhouette;
import app.carder.core.look.Stroke;
import app.carder.core.material.Solid;
import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import app.carder.core.vessel.Box;
import java.util.List;
import java.util.Optional;

/**
 * A picture of one thing as it looks on the pictures of cards, for checklists, shelves and labels that children read. It fills a square
 * of 60; it is not to scale.
 */
public final class Picture {

    private static final double SIDE = 60;
    private static final double ROOM = 54;
    /** A thing that is longer than this is wide is drawn no thinner. */
    private static final double LONGEST = 5;

    private Picture() {}

    /** The picture of a thing. */
    public static Sketch of(Stocked stocked) {
        Look look = stocked.look();
        Sheet sheet = new Sheet();
        if (look.grain().isPresent()) {
            poured(sheet, look.colour(), look.grain().get());
        } else {
            double ratio = Math.max(1 / LONGEST, Math.min(1, ratio(stocked)));
            double high = ROOM * ratio;
            look.silhouette()
                    .strokes()
                    .forEach(stroke -> sheet.stroke(
                            new Stroke(
                                    stroke.ink(),
                                    stroke.path()
                                            .placed(
                                                    ROOM / Silhouette.SQUARE,
                                                    high / Silhouette.SQUARE,
                                                    0,
                                                    (SIDE - ROOM) / 2,
                                                    (SIDE - high) / 2)),
                            look.colour()));
        }
        return sheet.done(SIDE, SIDE, stocked.name(), Said.say("working.a-simple-drawing-of", stocked.name()));
    }

    /** Width over length. */
    private static double ratio(Stocked stocked) {
        if (stocked.look().silhouette().whenPutDown() == Silhouette.PutDown.COILS) {
            return 1;
        }
        if (stocked.vessel().isPresent() && stocked.material().form().isEmpty()) {
            Silhouette silhouette = stocked.look().silhouette();
            double across = stocked.vessel()
                    .map(vessel -> vessel.widthAt(vessel.depth()).inMillimetres())
                    .orElse(1.0);
            double deep = stocked.vessel()
                    .flatMap(vessel -> vessel.shape().hasSecondMeasure() && vessel instanceof Box
                            ? vessel.secondMeasure().map(Length::inMillimetres)
                            : Optional.of(across))
                    .orElse(across);
            return deep * silhouette.widens() / (across * silhouette.lengthens());
        }
        return stocked.material()
                .form()
                .filter(form -> form.longest().isMoreThan(form.middle()))
                .map(form -> isDisc(stocked)
                        ? 1.0
                        : form.middle().inMillimetres() / form.longest().inMillimetres())
                .orElse(1.0);
    }

    private static boolean isDisc(Stocked stocked) {
        return stocked.material().form().stream()
                .anyMatch(
                        form -> form instanceof Solid.Rod rod && rod.diameter().isMoreThan(rod.length()));
    }

    /** A bowl of it, with its grain as far as it lies in the bowl. */
    private static void poured(Sheet sheet, Colour colour, Grain grain) {
        double middle = SIDE / 2;
        sheet.stroke(new Stroke(Ink.FACE, Path.ellipse(middle, middle, ROOM / 2, ROOM / 2)), colour);
        double scale = ROOM / Grain.TILE;
        List<Stroke> strokes = grain.tile();
        strokes.stream()
                .map(stroke -> new Stroke(
                        stroke.ink(), stroke.path().placed(scale, scale, 0, (SIDE - ROOM) / 2, (SIDE - ROOM) / 2)))
                .filter(stroke -> stroke.path().isWithin(middle, middle, ROOM / 2 - 1))
                .forEach(stroke -> sheet.stroke(stroke, colour));
    }
}
