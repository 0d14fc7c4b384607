package app.carder.core.look;

import java.util.Optional;

/** What a stroke of a picture is drawn with. */
public enum Ink {
    /** In the colour of the thing, with an edge. */
    FACE('f'),
    /** In the same, darker, with an edge. */
    DARK('d'),
    /** In the same, lighter, with an edge. */
    LIGHT('l'),
    /** In the colour of paper, with an edge. */
    PAPER('w'),
    /** Filled with ink, without an edge. */
    INK('i'),
    /** A line of ink, not filled. */
    LINE('s');

    private final char sign;

    Ink(char sign) {
        this.sign = sign;
    }

    /** What it fills with on a thing of a colour; nothing for a line. */
    public Optional<Colour> face(Colour colour) {
        return switch (this) {
            case FACE -> Optional.of(colour);
            case DARK -> Optional.of(colour.darker(0.3));
            case LIGHT -> Optional.of(colour.lighter(0.5));
            case PAPER -> Optional.of(Colour.PAPER);
            case INK -> Optional.of(Colour.INK);
            case LINE -> Optional.empty();
        };
    }

    /** By its sign in the table of silhouettes. */
    static Ink of(char sign) {
        for (Ink ink : values()) {
            if (ink.sign == sign) {
                return ink;
            }
        }
        throw new IllegalArgumentException("Ink must be one of f, d, l, w, i, s, got " + sign + ".");
    }
}
