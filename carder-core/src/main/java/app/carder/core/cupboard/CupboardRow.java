package app.carder.core.cupboard;

import app.carder.core.calculation.Source;
import app.carder.core.calculation.Source.Basis;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.cupboard.Stocked.Bought;
import app.carder.core.look.Colour;
import app.carder.core.look.Look;
import app.carder.core.look.Silhouette;
import app.carder.core.material.Allergen;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Density;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.measure.ReadNumber;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.vessel.StatedVolume;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * One row of a {@link CupboardTable}, read cell by cell; every reader refuses what it cannot take in words that name the column.
 *
 * @param cells by column; what is left out is empty
 * @param currency of its price
 */
record CupboardRow(Map<String, String> cells, Currency currency) {

    /** Without control characters, which no form lets in and a database may refuse. */
    String text(String column) {
        return cells.getOrDefault(column, "").replaceAll("\\p{Cc}", "").strip();
    }

    Stocked stocked() {
        String name = text("name");
        if (name.length() > 120) {
            throw Refused.because("refused.cupboard-row.name-must-have", name.length());
        }
        Material material = new Material(
                name,
                one("kind", MaterialKind.values())
                        .orElseThrow(() -> Refused.because("refused.cupboard-row.kind-must-be")),
                number("density_g_per_ml").map(Density::ofGramsPerMillilitre),
                form(),
                length("opening_mm"),
                set("allergens", Allergen.values()),
                set("traits", Trait.values()),
                new Source(
                        text("source").isEmpty() ? Said.of("source.your-setting") : Said.typed(text("source")),
                        one("basis", Basis.values()).orElse(Basis.ENTERED)));
        return new Stocked(
                text("code").isEmpty() ? codeOf(name) : text("code"),
                material,
                vessel(),
                bought(),
                new Amount(number("stock_g").map(Mass::ofGrams), whole("stock_pieces")),
                text("kept_in"),
                whole("keeps_days"),
                seen());
    }

    private Look.Seen seen() {
        String silhouette = text("drawn_as").toUpperCase(Locale.ROOT);
        if (!silhouette.isEmpty() && Silhouette.named(silhouette).isEmpty()) {
            throw Refused.because("refused.cupboard-row.looks-like", text("drawn_as"));
        }
        return new Look.Seen(
                Silhouette.named(silhouette),
                text("drawn_colour").isEmpty() ? Optional.empty() : Optional.of(Colour.of(text("drawn_colour"))));
    }

    private Optional<Bought> bought() {
        Optional<BigDecimal> price = number("pack_price");
        Amount content = new Amount(number("pack_g").map(Mass::ofGrams), whole("pack_pieces"));
        if (price.isPresent() != content.isKnown()) {
            throw Refused.because("refused.cupboard-row.pack-and-its");
        }
        return price.map(amount -> new Bought(content, Money.of(amount, currency)));
    }

    private Optional<Solid> form() {
        return switch (text("form").toLowerCase(Locale.ROOT)) {
            case "" -> Optional.empty();
            case "ball" -> Optional.of(new Solid.Ball(needed("length_mm")));
            case "rod" -> Optional.of(new Solid.Rod(needed("width_mm"), needed("length_mm")));
            case "block" ->
                Optional.of(new Solid.Block(needed("length_mm"), needed("width_mm"), needed("thickness_mm")));
            case "grain" ->
                Optional.of(new Solid.Grain(needed("length_mm"), needed("width_mm"), needed("thickness_mm")));
            default -> throw Refused.because("refused.cupboard-row.form-must-be", text("form"));
        };
    }

    private Optional<Vessel> vessel() {
        return one("vessel", VesselShape.values()).map(shape -> {
            Length depth = needed("vessel_depth_mm");
            if (shape.isByVolume()) {
                return new StatedVolume(
                        number("vessel_ml")
                                .map(BigDecimal::doubleValue)
                                .map(Volume::ofMillilitres)
                                .orElseThrow(() -> Refused.because("refused.cupboard-row.column-vessel-ml")),
                        depth);
            }
            return shape.of(
                    needed("vessel_first_mm"),
                    shape.hasSecondMeasure() ? needed("vessel_second_mm") : Length.ZERO,
                    depth);
        });
    }

    private Length needed(String column) {
        return length(column).orElseThrow(() -> Refused.because("refused.cupboard-row.column-must-be", column));
    }

    private Optional<Length> length(String column) {
        return number(column).map(number -> Length.ofMillimetres(number.doubleValue()));
    }

    private Optional<Integer> whole(String column) {
        return number(column).map(number -> {
            try {
                return number.intValueExact();
            } catch (ArithmeticException broken) {
                throw Refused.because("refused.cupboard-row.column-must-be-whole", column, text(column));
            }
        });
    }

    private Optional<BigDecimal> number(String column) {
        String text = text(column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (ReadNumber.isAmbiguous(text)) {
            throw Refused.because("refused.cupboard-row.column-could-be", column, text);
        }
        Optional<BigDecimal> number = column.endsWith("_g") ? ReadNumber.grams(text) : ReadNumber.plain(text);
        if (number.filter(found -> found.signum() >= 0).isEmpty()) {
            throw Refused.because("refused.cupboard-row.column-must-be-2", column, text);
        }
        return number;
    }

    private <E extends Enum<E>> Optional<E> one(String column, E[] all) {
        return Optional.of(text(column)).filter(code -> !code.isEmpty()).map(code -> find(column, code, all));
    }

    private <E extends Enum<E>> Set<E> set(String column, E[] all) {
        return Arrays.stream(text(column).split("[\\s;,]+"))
                .filter(code -> !code.isEmpty())
                .map(code -> find(column, code, all))
                .collect(Collectors.toUnmodifiableSet());
    }

    private static <E extends Enum<E>> E find(String column, String code, E[] all) {
        Map<String, E> byName = Arrays.stream(all).collect(Collectors.toMap(Enum::name, Function.identity()));
        E found = byName.get(code.toUpperCase(Locale.ROOT).replace('-', '_'));
        if (found == null) {
            throw Refused.because(
                    "refused.cupboard-row.column-must-be-3",
                    column,
                    Arrays.stream(all)
                            .map(one -> one.name().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining(", ")),
                    code);
        }
        return found;
    }

    private static String codeOf(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
    }
}
