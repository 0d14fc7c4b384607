package app.carder.core.look;

import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.table.ShippedTable;
import app.carder.core.vessel.Vessel;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * How a thing looks.
 *
 * @param silhouette its outline and what is drawn on it
 * @param colour of its face
 * @param grain of what is poured; absent for everything else
 */
public record Look(Silhouette silhouette, Colour colour, Optional<Grain> grain) {

    /**
     * What somebody has said of how a thing looks; what was not said is as it ships, or guessed.
     *
     * @param silhouette of a thing that is not poured
     * @param colour of its face
     */
    public record Seen(Optional<Silhouette> silhouette, Optional<Colour> colour) {
        /** Nothing. */
        public static final Seen NOTHING = new Seen(Optional.empty(), Optional.empty());
    }

    /** The same as somebody says that it is. */
    public Look as(Seen seen) {
        return new Look(
                grain.isPresent() ? silhouette : seen.silhouette().orElse(silhouette),
                seen.colour().orElse(colour),
                grain);
    }

    private static final Map<String, Look> SHIPPED = read();
    private static final Colour WOOD = Colour.of("#CDAE7C");
    private static final Colour PAPER = Colour.of("#EFE6D2");
    private static final Colour METAL = Colour.of("#A9AFB3");
    private static final Colour WATER = Colour.of("#C4DBE6");
    private static final double FLAT_MM = 3;

    /** A lump of dough. */
    public static final Look DOUGH = known("dough-cooked");

    /** A pool of what is mixed with water. */
    public static final Look MIX = known("starch-mix");

    /** How the things of the starter cupboard look, by code. */
    public static Map<String, Look> shipped() {
        return SHIPPED;
    }

    private static Look known(String code) {
        return Objects.requireNonNull(SHIPPED.get(code), code);
    }

    private static Map<String, Look> read() {
        Map<String, Look> looks = new LinkedHashMap<>();
        ShippedTable.rows(Look.class, "looks.csv").forEach(row -> looks.put(row.get("code"), of(row)));
        return java.util.Collections.unmodifiableMap(looks);
    }

    private static Look of(CSVRecord row) {
        return new Look(
                Silhouette.known(row.get("silhouette")),
                Colour.of(row.get("colour")),
                row.get("glyph").isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Grain(
                                Grain.Glyph.valueOf(row.get("glyph")),
                                Integer.parseInt(row.get("size")),
                                Integer.parseInt(row.get("many")),
                                Grain.Drawn.valueOf(row.get("ink")))));
    }

    /** What a thing looks like as far as its form and kind tell: nobody has said how it looks. */
    public static Look guessed(Material material, Optional<Vessel> vessel) {
        return switch (material.kind()) {
            case LIQUID ->
                new Look(
                        Silhouette.known("POOL"),
                        WATER,
                        Optional.of(new Grain(Grain.Glyph.WAVE, 3, 2, Grain.Drawn.OPEN)));
            case FILL -> new Look(Silhouette.known("PILE"), PAPER, Optional.of(grainOf(material.form())));
            case VESSEL, PIECES, TOOL, CONSUMABLE ->
                new Look(
                        Silhouette.known(vessel.map(Look::ofVessel).orElseGet(() -> ofPiece(material))),
                        colourOf(material, vessel),
                        Optional.empty());
        };
    }

    private static Colour colourOf(Material material, Optional<Vessel> vessel) {
        if (material.has(Trait.ICE)) {
            return WATER.lighter(0.3);
        }
        if (material.has(Trait.METAL)) {
            return METAL;
        }
        return vessel.isPresent() ? WATER.darker(0.12) : WOOD;
    }

    private static Grain grainOf(Optional<Solid> form) {
        if (form.isEmpty()) {
            return new Grain(Grain.Glyph.DOT, 1, 3, Grain.Drawn.OPEN);
        }
        Solid solid = form.get();
        double longest = solid.longest().inMillimetres();
        int size = longest < 2 ? 2 : longest < 6 ? 3 : longest < 12 ? 4 : 5;
        Grain.Glyph glyph;
        if (solid instanceof Solid.Ball) {
            glyph = Grain.Glyph.DISC;
        } else if (solid instanceof Solid.Rod) {
            glyph = Grain.Glyph.TUBE;
        } else if (solid instanceof Solid.Block) {
            glyph = longest > 10 * solid.middle().inMillimetres() ? Grain.Glyph.STRIP : Grain.Glyph.CHIP;
        } else {
            glyph = longest > 2 * solid.middle().inMillimetres() ? Grain.Glyph.DASH : Grain.Glyph.OVAL;
        }
        return new Grain(glyph, size, size > 3 ? 2 : 3, Grain.Drawn.HALF);
    }

    private static String ofVessel(Vessel vessel) {
        return switch (vessel.shape()) {
            case BOX -> "OPEN_BOX";
            case ROUND_TUB -> "TUB";
            case OCTAGONAL_TRAY -> "EIGHT_SIDED_TRAY";
            case HEXAGONAL_TRAY -> "SIX_SIDED_TRAY";
            case TAPERED_JUG -> "BEAKER";
            case BOWL -> "BOWL";
            case STATED_VOLUME -> "WIDE_BOTTLE";
        };
    }

    private static String ofPiece(Material material) {
        if (material.has(Trait.ICE)) {
            return "ICE_BLOCK";
        }
        if (material.has(Trait.LOOP)) {
            return "LOOP";
        }
        if (material.has(Trait.CORD)) {
            return "COIL";
        }
        if (material.has(Trait.SCISSORS)) {
            return "SCISSORS";
        }
        if (material.form().isEmpty()) {
            return "PACKET";
        }
        Solid form = material.form().get();
        if (form instanceof Solid.Ball) {
            return "BALL";
        }
        if (form instanceof Solid.Rod rod) {
            return rod.diameter().isMoreThan(rod.length()) ? "DISC" : "OPEN_TUBE";
        }
        if (form instanceof Solid.Grain) {
            return "PEBBLE";
        }
        return form.shortest().inMillimetres() < FLAT_MM ? "SHEET" : "BLOCK";
    }
}
