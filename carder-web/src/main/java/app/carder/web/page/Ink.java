package app.carder.web.page;

import app.carder.core.drawing.Sketch.Figure;
import app.carder.core.drawing.Sketch.Label;
import app.carder.core.drawing.Sketch.Line;
import app.carder.core.drawing.Sketch.Mark;
import app.carder.core.drawing.Sketch.Round;
import app.carder.core.drawing.Sketch.Shape;
import app.carder.core.drawing.Sketch.Style;
import java.util.Locale;
import org.springframework.stereotype.Component;

/**
 * How the marks of a drawing look, as attributes of SVG, because a printed page has no style sheet for them. Templates reach it as
 * {@code @ink}.
 */
@Component("ink")
public class Ink {

    /** Colour of its face. */
    public String fill(Style style) {
        return switch (style) {
            case FILL -> "#EAD9B5";
            case FILL_2 -> "#D3DEE6";
            case FILL_3 -> "#D6E2CF";
            case ACCENT -> "#9C2F1F";
            case OUTLINE, WALL, GHOST -> "none";
        };
    }

    /** Colour of its edge. */
    public String stroke(Style style) {
        return switch (style) {
            case OUTLINE -> "#565046";
            case GHOST -> "#857A63";
            case ACCENT -> "#9C2F1F";
            case FILL, FILL_2, FILL_3, WALL -> "#23211E";
        };
    }

    /** Width of its edge, for a drawing of so many units across. */
    public String width(Style style, double across) {
        double thin = across / 400;
        double width = style == Style.WALL || style == Style.ACCENT ? thin * 2.4 : thin * 1.4;
        return String.format(Locale.ROOT, "%.2f", width);
    }

    /** Width of the edge of a figure, for a drawing of so many units across. */
    public String fine(double across) {
        return String.format(Locale.ROOT, "%.2f", across / 75);
    }

    /** Which kind of mark it is: shape, round, line, figure or label. */
    public String kind(Mark mark) {
        if (mark instanceof Shape) {
            return "shape";
        }
        if (mark instanceof Round) {
            return "round";
        }
        if (mark instanceof Line) {
            return "line";
        }
        if (mark instanceof Figure) {
            return "figure";
        }
        if (mark instanceof Label) {
            return "label";
        }
        throw new IllegalStateException("Impossible state: no such mark as " + mark);
    }
}
