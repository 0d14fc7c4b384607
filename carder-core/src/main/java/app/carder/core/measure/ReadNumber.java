package app.carder.core.measure;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads numbers as people type them: with a point or a comma, with or without a unit. What could mean two things is not read:
 * {@code 1,000} is a thousand to one person and one to another, so both have to write it another way.
 */
public final class ReadNumber {

    private static final Pattern PLAIN = Pattern.compile("-?[0-9]{1,9}([.,][0-9]{1,6})?");
    private static final Pattern THOUSANDS =
            Pattern.compile("[0-9]{1,3}([,\u00a0\u202f ][0-9]{3}){2,}(\\.[0-9]{1,6})?");
    private static final Pattern AMBIGUOUS = Pattern.compile("[1-9][0-9]{0,2},[0-9]{3}");
    private static final Pattern WITH_UNIT = Pattern.compile("^([^a-zA-Z]*+)([a-zA-Z]++)$");

    private static final Map<String, BigDecimal> CENTIMETRES = Map.of(
            "mm", new BigDecimal("0.1"), "cm", BigDecimal.ONE, "dm", BigDecimal.TEN, "m", BigDecimal.valueOf(100));
    private static final Map<String, BigDecimal> GRAMS =
            Map.of("mg", new BigDecimal("0.001"), "g", BigDecimal.ONE, "kg", BigDecimal.valueOf(1000));
    private static final Map<String, BigDecimal> MILLILITRES = Map.of(
            "ml", BigDecimal.ONE, "cl", BigDecimal.TEN, "dl", BigDecimal.valueOf(100), "l", BigDecimal.valueOf(1000));

    /** Letters of the longest number with a unit. */
    private static final int LONGEST = 40;

    private ReadNumber() {}

    /** A number without a unit; absent where it is none, or could be two. */
    public static Optional<BigDecimal> plain(String text) {
        if (text.length() > LONGEST) {
            return Optional.empty();
        }
        String stripped = text.strip();
        if (AMBIGUOUS.matcher(stripped).matches()) {
            return Optional.empty();
        }
        if (THOUSANDS.matcher(stripped).matches()) {
            return Optional.of(new BigDecimal(stripped.replaceAll("[,\u00a0\u202f ]", "")));
        }
        return PLAIN.matcher(stripped).matches()
                ? Optional.of(new BigDecimal(stripped.replace(',', '.')))
                : Optional.empty();
    }

    /** Whether it could be a thousand or one: {@code 1,000}. */
    public static boolean isAmbiguous(String text) {
        if (text.length() > LONGEST) {
            return false;
        }
        Matcher unit = WITH_UNIT.matcher(text.strip());
        return AMBIGUOUS.matcher(unit.matches() ? number(unit) : text.strip()).matches();
    }

    /** Centimetres: {@code 40}, {@code 40 cm}, {@code 0.6 m}, {@code 85 mm}. */
    public static Optional<BigDecimal> centimetres(String text) {
        return withUnit(text, CENTIMETRES);
    }

    /** Grams: {@code 250}, {@code 250 g}, {@code 1 kg}. */
    public static Optional<BigDecimal> grams(String text) {
        return withUnit(text, GRAMS);
    }

    /** Millilitres: {@code 250}, {@code 25 cl}, {@code 1.5 l}. */
    public static Optional<BigDecimal> millilitres(String text) {
        return withUnit(text, MILLILITRES);
    }

    private static Optional<BigDecimal> withUnit(String text, Map<String, BigDecimal> units) {
        if (text.length() > LONGEST) {
            return Optional.empty();
        }
        Matcher unit = WITH_UNIT.matcher(text.strip());
        if (!unit.matches()) {
            return plain(text);
        }
        BigDecimal factor = units.get(unit.group(2).toLowerCase(Locale.ROOT));
        return factor == null ? Optional.empty() : plain(number(unit)).map(factor::multiply);
    }

    /** What stands before a unit, without the blanks between, which may be those that keep a line together. */
    private static String number(Matcher unit) {
        return unit.group(1).replace('\u00a0', ' ').replace('\u202f', ' ').strip();
    }
}
