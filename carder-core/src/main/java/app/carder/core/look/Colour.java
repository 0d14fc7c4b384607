package app.carder.core.look;

import app.carder.core.said.Refused;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A colour, in sRGB.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 */
public record Colour(int red, int green, int blue) {

    private static final Pattern WRITTEN = Pattern.compile("#[0-9A-Fa-f]{6}");

    /** On which everything is drawn. */
    public static final Colour PAPER = of("#FFFDF8");

    /** With which everything is drawn. */
    public static final Colour INK = of("#2E2A24");

    /**
     * As it is written: {@code #C99A63}.
     *
     * @throws IllegalArgumentException if it is not six digits of 16
     */
    public static Colour of(String written) {
        if (!WRITTEN.matcher(written).matches()) {
            throw Refused.because("refused.colour.must-be", written);
        }
        int all = Integer.parseInt(written.substring(1), 16);
        return new Colour(all >> 16, all >> 8 & 0xff, all & 0xff);
    }

    /** The same with a share of black in it, 0 to 1. */
    public Colour darker(double share) {
        return towards(0, share);
    }

    /** The same with a share of white in it, 0 to 1. */
    public Colour lighter(double share) {
        return towards(255, share);
    }

    private Colour towards(int end, double share) {
        return new Colour(mixed(red, end, share), mixed(green, end, share), mixed(blue, end, share));
    }

    private static int mixed(int from, int to, double share) {
        return (int) Math.round(from + (to - from) * share);
    }

    /** How light it is, 0 to 1: relative luminance, WCAG 2.2. */
    public double luminance() {
        return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
    }

    private static double linear(int channel) {
        double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    /** As it is written. */
    public String written() {
        return String.format(Locale.ROOT, "#%02X%02X%02X", red, green, blue);
    }
}
