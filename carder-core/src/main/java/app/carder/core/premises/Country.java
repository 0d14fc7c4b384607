package app.carder.core.premises;

import app.carder.core.ratio.RatioRule;
import app.carder.core.said.Said;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where a place lies, and what goes with it to begin with.
 *
 * @param code its own
 * @param zone of its time; the most populous of several
 * @param currency of its prices
 * @param framework code of a framework that ships
 * @param ratio rule for groups all day
 * @param shortRatio rule for groups of half a day
 * @param childminderRatio rule for one adult at home; the strictest of all where none is held
 */
public record Country(
        String code,
        ZoneId zone,
        Currency currency,
        String framework,
        RatioRule ratio,
        RatioRule shortRatio,
        RatioRule childminderRatio) {

    private static final Map<String, Country> SHIPPED = read();

    /** All of them, in the order of the table. */
    public static List<Country> shipped() {
        return List.copyOf(SHIPPED.values());
    }

    /** One of them. */
    public static Optional<Country> byCode(String code) {
        return Optional.ofNullable(SHIPPED.get(code));
    }

    /** For people. */
    public String words() {
        return Said.say("country." + code);
    }

    /** The rule that a room of such a place begins with. */
    public RatioRule ratio(SettingKind kind) {
        return switch (kind) {
            case NURSERY -> ratio;
            case PRE_SCHOOL -> shortRatio;
            // No law counts a family's own children; to be silent about them would be worse than to count them as a
            // childminder's.
            case CHILDMINDER, FAMILY -> childminderRatio;
        };
    }

    private static Map<String, Country> read() {
        Map<String, Country> countries = new LinkedHashMap<>();
        try (InputStream in = Country.class.getResourceAsStream("countries.csv")) {
            if (in == null) {
                throw new IllegalStateException("Impossible state: the countries are not shipped.");
            }
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .skip(1)
                    .map(line -> line.split(","))
                    .forEach(cells -> countries.put(
                            cells[0],
                            new Country(
                                    cells[0],
                                    ZoneId.of(cells[1]),
                                    Currency.getInstance(cells[2]),
                                    cells[3],
                                    rule(cells[4]),
                                    rule(cells[5]),
                                    rule(cells[6]))));
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the countries cannot be read.", broken);
        }
        return countries;
    }

    private static RatioRule rule(String code) {
        return RatioRule.byCode(code)
                .orElseThrow(() -> new IllegalStateException("Impossible state: there is no rule " + code + "."));
    }
}
