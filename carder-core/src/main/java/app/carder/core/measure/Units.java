package app.carder.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads and prints amounts of one dimension: a table from unit symbol to base units. */
final class Units {

    private static final Pattern TEXT = Pattern.compile("^\\s*+(-?[0-9]++(?:[.,][0-9]++)?+)\\s*+(\\S++)\\s*+$");

    private final String thing;
    private final Map<String, BigDecimal> baseUnitsBySymbol = new LinkedHashMap<>();

    private Units(String thing) {
        this.thing = thing;
    }

    static Units of(String thing) {
        return new Units(thing);
    }

    Units with(String symbol, long baseUnits) {
        baseUnitsBySymbol.put(symbol, BigDecimal.valueOf(baseUnits));
        return this;
    }

    /** Base units in the text, for instance {@code "12.5 cm"}; a decimal comma is read as a point. */
    long parse(CharSequence text) {
        Matcher matcher = TEXT.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException("%s must be a number and a unit, got \"%s\". Maybe \"12.5 %s\"?"
                    .formatted(
                            thing, text, baseUnitsBySymbol.keySet().iterator().next()));
        }
        BigDecimal factor = baseUnitsBySymbol.get(matcher.group(2));
        if (factor == null) {
            throw new IllegalArgumentException("%s must be in one of %s, got \"%s\"."
                    .formatted(thing, baseUnitsBySymbol.keySet(), matcher.group(2)));
        }
        return round(new BigDecimal(matcher.group(1).replace(',', '.')).multiply(factor));
    }

    long toBase(BigDecimal amount, String symbol) {
        return round(amount.multiply(factor(symbol)));
    }

    long toBase(double amount, String symbol) {
        if (!Double.isFinite(amount)) {
            throw new IllegalArgumentException(
                    "%s must be a finite number, got %s %s.".formatted(thing, amount, symbol));
        }
        return toBase(BigDecimal.valueOf(amount), symbol);
    }

    BigDecimal fromBase(long baseUnits, String symbol) {
        return BigDecimal.valueOf(baseUnits).divide(factor(symbol)).stripTrailingZeros();
    }

    /** For people: at most the given number of decimals, grouped by nothing, with the unit. */
    String print(long baseUnits, String symbol, int decimals) {
        BigDecimal rounded = fromBase(baseUnits, symbol).setScale(decimals, RoundingMode.HALF_UP);
        return String.format(Locale.ROOT, "%s\u00a0%s", rounded.toPlainString(), symbol);
    }

    /** Without loss, so that parsing gives the same amount back. */
    String printExactly(long baseUnits, String symbol) {
        return fromBase(baseUnits, symbol).toPlainString() + " " + symbol;
    }

    long checked(long baseUnits, String symbol) {
        if (baseUnits < 0) {
            throw new IllegalArgumentException(
                    "%s must not be negative, got %s.".formatted(thing, printExactly(baseUnits, symbol)));
        }
        return baseUnits;
    }

    private long round(BigDecimal baseUnits) {
        try {
            return baseUnits.setScale(0, RoundingMode.HALF_UP).longValueExact();
        } catch (ArithmeticException tooLarge) {
            throw new IllegalArgumentException(
                    "%s must be smaller, got %s base units.".formatted(thing, baseUnits), tooLarge);
        }
    }

    private BigDecimal factor(String symbol) {
        BigDecimal factor = baseUnitsBySymbol.get(symbol);
        if (factor == null) {
            throw new IllegalStateException("Impossible state: no unit " + symbol + " for " + thing + ".");
        }
        return factor;
    }
}
