package app.carder.web.material;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Picture;
import app.carder.core.cupboard.Stocked;
import app.carder.core.drawing.Sketch;
import app.carder.core.look.Paint;
import app.carder.core.material.Allergen;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.vessel.VesselShape;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads a thing of the cupboard from a form, and puts one into it. The inputs are named as the columns of its table. */
final class MaterialForm {

    private static final List<String> NUMBERS = List.of(
            "density_g_per_ml",
            "length_mm",
            "width_mm",
            "thickness_mm",
            "opening_mm",
            "vessel_first_mm",
            "vessel_second_mm",
            "vessel_depth_mm",
            "vessel_ml",
            "pack_g",
            "pack_pieces",
            "pack_price",
            "stock_g",
            "stock_pieces",
            "keeps_days");
    private static final List<String> LOOKS = List.of("drawn_as", "drawn_colour");
    private static final String AS_USUAL = "usual";
    private static final BigDecimal MOST = BigDecimal.valueOf(1_000_000);
    private static final Map<String, List<String>> MEASURES_OF_FORM = Map.of(
            "ball", List.of("length_mm"),
            "rod", List.of("length_mm", "width_mm"),
            "block", List.of("length_mm", "width_mm", "thickness_mm"),
            "grain", List.of("length_mm", "width_mm", "thickness_mm"));

    /** Starter things have no price. */
    private static final Currency NO_MATTER = Currency.getInstance("GBP");

    private MaterialForm() {}

    /** A thing, opened for editing. */
    static Typed of(MaterialView material) {
        Typed typed = Typed.nothing().with("id", material.id()).with("version", material.version());
        CupboardTable.cells(material.stocked()).forEach(typed::with);
        return typed.with("traits", names(material.material().traits().stream()))
                .with("allergens", names(material.material().allergens().stream()));
    }

    /**
     * The thing, where nothing is wrong.
     *
     * @param code that it has, or is to have
     */
    static Optional<Stocked> read(Typed typed, FormErrors errors, String code, Currency currency) {
        Map<String, String> cells = new LinkedHashMap<>();
        CupboardTable.COLUMNS.forEach(column -> cells.put(column, typed.text(column)));
        LOOKS.forEach(column -> cells.put(column, said(typed, column)));
        cells.put("name", typed.line("name", errors));
        cells.put("code", code);
        cells.put("kept_in", typed.optional("kept_in", 120, errors));
        cells.put("source", typed.optional("source", 120, errors));
        cells.put("traits", String.join(" ", typed.all("traits")));
        cells.put("allergens", String.join(" ", typed.all("allergens")));
        NUMBERS.stream().filter(column -> !typed.text(column).isEmpty()).forEach(column -> {
            if (Typed.number(typed.text(column))
                    .filter(number -> number.signum() >= 0 && number.compareTo(MOST) <= 0)
                    .isEmpty()) {
                errors.add(column, "material.number", typed.text(column));
            }
        });
        checkWhatBelongsTogether(typed, errors);
        if (errors.any()) {
            return Optional.empty();
        }
        CupboardTable.Contents contents = CupboardTable.readRows(List.of(cells), currency);
        contents.faults()
                .forEach(fault ->
                        errors.add("name", "material.contradicts", fault.words().words()));
        return contents.rows().stream().findFirst();
    }

    private static void checkWhatBelongsTogether(Typed typed, FormErrors errors) {
        Optional<MaterialKind> kind = Arrays.stream(MaterialKind.values())
                .filter(one -> typed.has("kind", one.name()))
                .findFirst();
        if (kind.isEmpty()) {
            errors.add("kind", "material.kind.missing");
        }
        if (kind.filter(MaterialKind::isPoured).isPresent() && isNothing(typed, "density_g_per_ml")) {
            errors.add("density_g_per_ml", "material.density.missing");
        }
        for (String measure : MEASURES_OF_FORM.getOrDefault(typed.text("form"), List.of())) {
            if (isNothing(typed, measure)) {
                errors.add(measure, "material.measure.missing");
            }
        }
        Optional<VesselShape> shape = Arrays.stream(VesselShape.values())
                .filter(one -> typed.has("vessel", one.name()))
                .findFirst();
        if (kind.filter(MaterialKind.VESSEL::equals).isPresent() && shape.isEmpty()) {
            errors.add("vessel", "material.vessel.missing");
        }
        shape.ifPresent(found -> measuresOf(found)
                .filter(measure -> isNothing(typed, measure))
                .forEach(measure -> errors.add(measure, "material.measure.missing")));
        boolean pack =
                !typed.text("pack_g").isEmpty() || !typed.text("pack_pieces").isEmpty();
        if (pack != !typed.text("pack_price").isEmpty()) {
            errors.add("pack_price", "material.pack.incomplete");
        }
        if (!typed.text("pack_g").isEmpty() && !typed.text("pack_pieces").isEmpty()) {
            errors.add("pack_pieces", "material.either");
        }
        if (!typed.text("stock_g").isEmpty() && !typed.text("stock_pieces").isEmpty()) {
            errors.add("stock_pieces", "material.either");
        }
    }

    private static Stream<String> measuresOf(VesselShape shape) {
        if (shape.isByVolume()) {
            return Stream.of("vessel_ml", "vessel_depth_mm");
        }
        return shape.hasSecondMeasure()
                ? Stream.of("vessel_first_mm", "vessel_second_mm", "vessel_depth_mm")
                : Stream.of("vessel_first_mm", "vessel_depth_mm");
    }

    private static boolean isNothing(Typed typed, String field) {
        return typed.text(field).isEmpty()
                || Typed.number(typed.text(field))
                        .filter(number -> number.signum() == 0)
                        .isPresent();
    }

    private static List<String> names(Stream<? extends Enum<?>> chosen) {
        return chosen.map(Enum::name).sorted().collect(Collectors.toList());
    }

    /** Every trait that a thing can have, for the form's boxes. That somebody looked through them has a box of its own. */
    static List<Trait> traits() {
        return Arrays.stream(Trait.values())
                .filter(trait -> trait != Trait.LOOKED_THROUGH)
                .toList();
    }

    /**
     * A way in which something can look, shown by a thing of the starter cupboard that does.
     *
     * @param silhouette its name
     * @param like the thing's name
     * @param picture of the thing
     */
    record Silhouetted(String silhouette, String like, Sketch picture) {}

    /** Every way in which something that is not poured can look, each once. */
    static List<Silhouetted> silhouettes() {
        Map<String, Silhouetted> all = new LinkedHashMap<>();
        CupboardTable.starter(NO_MATTER).values().stream()
                .filter(thing -> thing.look().grain().isEmpty())
                .forEach(thing -> all.putIfAbsent(
                        thing.look().silhouette().name(),
                        new Silhouetted(thing.look().silhouette().name(), thing.name(), Picture.of(thing))));
        return List.copyOf(all.values());
    }

    /** Whether somebody has said how it looks. */
    static boolean hasLook(Typed typed) {
        return LOOKS.stream().anyMatch(column -> !said(typed, column).isEmpty());
    }

    private static String said(Typed typed, String column) {
        return typed.has(column, AS_USUAL) ? "" : typed.text(column);
    }

    /** A colour that is none of those to choose from, as a file can bring it. */
    static Optional<String> ownColour(Typed typed) {
        return Optional.of(said(typed, "drawn_colour"))
                .filter(colour -> !colour.isEmpty()
                        && Arrays.stream(Paint.values())
                                .noneMatch(paint -> paint.colour().written().equals(colour)));
    }

    /** Every allergen, for the form's boxes. */
    static List<Allergen> allergens() {
        return List.of(Allergen.values());
    }
}
