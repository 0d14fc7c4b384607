package app.carder.core.look;

import java.util.ArrayList;
import java.util.List;

/**
 * The grain of what is poured, drawn larger than life so that it can be made out on a small picture: a tile that repeats. Glyph, size,
 * number and ink tell it from others without its colour.
 *
 * @param glyph one grain
 * @param size 1 (a powder) to 5 (as large as the tile lets it)
 * @param many 1 (thin) to 4 (dense)
 * @param drawn how each is drawn
 */
public record Grain(Glyph glyph, int size, int many, Drawn drawn) {

    /** The side of a tile. */
    public static final double TILE = 100;

    /** One grain. */
    public enum Glyph {
        /** A speck. */
        DOT(true, "E 0 0 1 1"),
        /** A crystal. */
        CROSS(false, "M -1 0 L 1 0 M 0 -1 L 0 1"),
        /** A short grain. */
        OVAL(true, "E 0 0 1 0.62"),
        /** A long grain. */
        DASH(true, "E 0 0 1 0.34"),
        /** A disc or a ball. */
        DISC(true, "E 0 0 1 1"),
        /** A bean. */
        KIDNEY(
                true,
                "M -1 0.1 Q -0.9 -0.75 0 -0.6 Q 0.9 -0.75 1 0.1 Q 0.8 0.8 0.4 0.4 Q 0 0.05 -0.4 0.4 Q -0.8 0.8 -1 0.1 Z"),
        /** A tooth of maize. */
        TOOTH(true, "M -0.8 -0.6 Q 0 -0.9 0.8 -0.6 L 0.35 0.9 Q 0 1 -0.35 0.9 Z"),
        /** A seed with a point. */
        DROP(true, "M -1 0 Q -0.2 -0.75 0.5 -0.45 Q 1 -0.2 1 0 Q 1 0.2 0.5 0.45 Q -0.2 0.75 -1 0 Z"),
        /** A short tube. */
        TUBE(true, "M -1 -0.35 Q -0.8 -0.2 0 -0.25 Q 0.8 -0.3 1 -0.5 L 1 0.2 Q 0.8 0.4 0 0.45 Q -0.8 0.5 -1 0.35 Z"),
        /** A spiral. */
        SPIRAL(false, "M -1 0.4 Q -0.75 -0.8 -0.5 0.4 Q -0.25 1.2 0 0.1 Q 0.25 -1 0.5 0.1 Q 0.75 0.9 1 -0.3"),
        /** A flake. */
        FLAKE(true, "M -0.9 -0.2 Q -0.4 -0.8 0.3 -0.6 Q 1 -0.3 0.8 0.3 Q 0.2 0.8 -0.5 0.6 Z"),
        /** A long strip. */
        STRIP(false, "M -1 -0.3 Q -0.3 -0.9 0.1 0 Q 0.5 0.9 1 0.1"),
        /** A splinter with corners. */
        CHIP(true, "M -0.9 0.2 L -0.4 -0.8 L 0.6 -0.7 L 1 0.1 L 0.2 0.9 Z"),
        /** A shaving. */
        CURL(false, "M -0.9 0.4 Q -0.6 -1 0.4 -0.7 Q 1.1 -0.3 0.6 0.4 Q 0.1 0.8 -0.1 0.2 Q 0 -0.3 0.4 -0.1"),
        /** Something popped. */
        PUFF(true, "S 0 0 1 5"),
        /** A crumb of earth. */
        CLOD(true, "M -0.9 0 Q -0.7 -0.9 0.1 -0.7 Q 0.9 -0.8 0.8 0 Q 1 0.8 0.2 0.7 Q -0.6 1 -0.9 0 Z"),
        /** A fold of dough. */
        SWIRL(false, "M -1 0.2 Q -0.5 -0.8 0.2 -0.4 Q 0.8 0 0.2 0.4 Q -0.2 0.5 -0.2 0.1"),
        /** A ripple. */
        WAVE(false, "M -1 0 Q -0.5 -0.7 0 0 Q 0.5 0.7 1 0"),
        /** A bubble. */
        RING(true, "E 0 0 1 1");

        private final boolean closed;
        private final Path path;

        Glyph(boolean closed, String written) {
            this.closed = closed;
            this.path = Path.parse(written);
        }

        /** In a circle of radius 1. */
        private Stroke stroke(boolean filled) {
            if (!closed) {
                return new Stroke(Ink.LINE, path);
            }
            return new Stroke(filled ? Ink.DARK : Ink.LIGHT, path);
        }
    }

    /** How a grain is drawn. */
    public enum Drawn {
        /** Filled with a dark tone. */
        SOLID,
        /** As an outline. */
        OPEN,
        /** As an outline with a dark side. */
        HALF,
        /** Filled and open in turn. */
        MIXED
    }

    /**
     * Refuses what cannot be drawn.
     *
     * @throws IllegalArgumentException if size or number is out of range
     */
    public Grain {
        if (size < 1 || size > 5 || many < 1 || many > 4) {
            throw new IllegalArgumentException(
                    "Grain must have size 1 to 5 and number 1 to 4, got " + size + " and " + many + ".");
        }
    }

    /** The strokes of one tile; none crosses its edge, so that tiles can lie side by side. */
    public List<Stroke> tile() {
        int across = many + 1;
        double cell = TILE / across;
        double reach = cell / 2 * (size == 1 ? 0.22 : 0.28 + 0.13 * size);
        List<Stroke> strokes = new ArrayList<>();
        for (int row = 0; row < across; row++) {
            for (int column = 0; column < across; column++) {
                int at = row * across + column;
                double slack = Math.max(0, cell / 2 - reach * 1.05);
                double x = (column + 0.5) * cell + slack * Spread.of(at, 2);
                double y = (row + 0.5) * cell + slack * Spread.of(at, 3);
                double angle = glyph == Glyph.WAVE ? 0 : 180 * Spread.of(at, 5);
                boolean filled = drawn == Drawn.SOLID || drawn == Drawn.MIXED && (row + column) % 2 == 0;
                Stroke one = glyph.stroke(filled);
                strokes.add(new Stroke(one.ink(), one.path().placed(reach, reach, angle, x, y)));
                if (drawn == Drawn.HALF) {
                    strokes.add(new Stroke(
                            Ink.DARK, Path.ellipse(0.3, 0.3, 0.3, 0.3).placed(reach, reach, angle, x, y)));
                }
            }
        }
        return strokes;
    }
}
