package app.carder.core.picture;

import app.carder.core.card.Contents;
import app.carder.core.card.Ingredient;
import app.carder.core.card.Made;
import app.carder.core.card.Portion;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.look.Colour;
import app.carder.core.look.Look;
import app.carder.core.look.Silhouette;
import app.carder.core.look.Stroke;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.picture.SetUpPicture.Kind;
import app.carder.core.picture.SetUpPicture.Layer;
import app.carder.core.picture.SetUpPicture.Zone;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is drawn, how large, and in which part of the sheet: read from a card's contents. */
final class Drawn {

    /** What takes up more of the tray's width than this stands beside it. */
    private static final double LARGEST_SHARE = 0.62;

    /** What a coil of cord comes to: as many turns as make a bundle that fits a hand. */
    private static final double LEAST_COIL = 60;

    private static final double TURNS_OF_A_COIL = 4;
    private static final double LARGEST_FOLD = 320;
    private static final double UNMEASURED = 70;
    /** A mix or a pile lies about three centimetres high. */
    private static final double HEIGHT_OF_A_LUMP = 30;

    private static final Colour UNKNOWN = Colour.of("#EFE9DC");

    private final Map<String, Stocked> cupboard;
    private final Tray tray;
    private final List<Layer> layers = new ArrayList<>();
    private final Map<String, Kind> kinds = new LinkedHashMap<>();
    private final List<String> unmeasured = new ArrayList<>();
    private final List<String> uncounted = new ArrayList<>();
    private final List<String> undrawn = new ArrayList<>();

    Drawn(Contents contents, Map<String, Stocked> cupboard, Tray tray) {
        this.cupboard = cupboard;
        this.tray = tray;
        contents.portions().forEach(this::add);
    }

    List<Layer> layers() {
        return layers;
    }

    /** What would lie at hand lies on the mat where there is nothing else. */
    List<Kind> kinds() {
        boolean isAllAtHand =
                tray.vessel().isEmpty() && kinds.values().stream().noneMatch(kind -> kind.zone() == Zone.IN);
        return kinds.values().stream()
                .map(kind -> isAllAtHand && kind.zone() == Zone.HAND ? kind.in(Zone.IN) : kind)
                .toList();
    }

    List<String> unmeasured() {
        return once(unmeasured);
    }

    List<String> uncounted() {
        return once(uncounted);
    }

    List<String> undrawn() {
        return once(undrawn);
    }

    private static List<String> once(List<String> names) {
        return names.stream().filter(name -> !name.isBlank()).distinct().toList();
    }

    private void add(Portion portion) {
        if (portion instanceof Portion.Poured poured) {
            Stocked stocked = cupboard.get(poured.thing());
            if (stocked == null) {
                undrawn.add(poured.thing());
                return;
            }
            layers.add(new Layer(
                    stocked.name(),
                    poured.depth(),
                    stocked.look().colour(),
                    stocked.look().grain()));
        } else if (portion instanceof Portion.Counted counted) {
            Stocked stocked = cupboard.get(counted.thing());
            if (stocked == null) {
                undrawn.add(counted.thing());
                return;
            }
            if (counted.pieces().isEmpty()) {
                uncounted.add(stocked.name());
            }
            add(counted.thing(), stocked, counted.pieces().orElse(1), zone(stocked));
        } else if (portion instanceof Portion.KitThings kit) {
            kit.things().orElse(List.of()).forEach(one -> add(one, Zone.KIT));
            if (kit.things().isEmpty()) {
                undrawn.add(kit.name());
            }
        } else if (portion instanceof Portion.Kept kept) {
            kept.made().ifPresent(this::add);
        } else if (portion instanceof Portion.Named named) {
            undrawn.add(named.words());
        }
    }

    private void add(Made made) {
        if (made instanceof Made.Mix mix) {
            addMix(mix);
        } else if (made instanceof Made.Broken broken) {
            undrawn.add(broken.name());
        } else {
            made.ingredients().forEach(one -> add(one, Zone.IN));
        }
    }

    /** A mix lies in one lump: as large as what went in. */
    private void addMix(Made.Mix mix) {
        double grams = mix.ingredients().stream()
                .flatMap(one -> one.amount().mass().stream())
                .mapToDouble(mass -> mass.inGrams())
                .sum();
        // About as heavy as water: doughs are 1.1 to 1.3 g/mL, starch mixes 1.25, bubble mixes 1.0.
        double across = 2 * Math.sqrt(Math.max(1, grams) * 1000 / HEIGHT_OF_A_LUMP / Math.PI);
        Look look = mix.kind() == Made.Mix.Kind.DOUGH ? Look.DOUGH : Look.MIX;
        boolean isMeasured = grams > 0;
        if (!isMeasured) {
            unmeasured.add(mix.name());
        }
        double size = isMeasured ? across : UNMEASURED;
        Footprint lump = new Footprint(size, size, true);
        put(mix.name(), mix.name(), lump, look, isMeasured, placed(lump, Zone.IN), 1);
    }

    private void add(Ingredient ingredient, Zone zone) {
        Optional<Stocked> stocked = ingredient.thing().flatMap(key -> Optional.ofNullable(cupboard.get(key)));
        Amount amount = ingredient.amount();
        if (stocked.isPresent() && amount.mass().isEmpty()) {
            if (amount.pieces().isEmpty()) {
                uncounted.add(ingredient.name());
            }
            add(ingredient.thing().orElseThrow(), stocked.get(), amount.pieces().orElse(1), zone);
        } else if (stocked.isPresent()) {
            addPile(ingredient, stocked.get(), amount.mass().orElseThrow().inGrams(), zone);
        } else if (ingredient.material().isPresent()) {
            Material material = ingredient.material().get();
            Look look = Look.guessed(material, Optional.empty());
            Footprint footprint = footprint(material, look.silhouette());
            put(
                    ingredient.name(),
                    ingredient.name(),
                    footprint,
                    look,
                    material.form().isPresent(),
                    placed(footprint, zone),
                    amount.pieces().orElse(1));
        } else {
            undrawn.add(ingredient.name());
        }
    }

    /** What is poured, but not into the vessel, lies in a pile of its own. */
    private void addPile(Ingredient ingredient, Stocked stocked, double grams, Zone zone) {
        double density = stocked.material()
                .density()
                .map(found -> found.microgramsPerMillilitre() / 1e6)
                .orElse(1.0);
        double across = 2 * Math.sqrt(grams / density * 1000 / HEIGHT_OF_A_LUMP / Math.PI);
        Footprint pile = new Footprint(across, across, true);
        put(ingredient.thing().orElseThrow(), ingredient.name(), pile, stocked.look(), true, placed(pile, zone), 1);
    }

    private void add(String thing, Stocked stocked, int count, Zone zone) {
        boolean isMeasured =
                stocked.vessel().isPresent() || stocked.material().form().isPresent();
        if (!isMeasured) {
            unmeasured.add(stocked.name());
        }
        Look look = stocked.look();
        Footprint footprint = stocked.vessel()
                .filter(found -> stocked.material().kind() == MaterialKind.VESSEL)
                .map(found -> ofVessel(found, look.silhouette()))
                .orElseGet(() -> footprint(stocked.material(), look.silhouette()));
        put(thing, stocked.name(), footprint, look, isMeasured, placed(footprint, zone), count);
    }

    private static Zone zone(Stocked stocked) {
        return switch (stocked.material().kind()) {
            case TOOL, CONSUMABLE -> Zone.HAND;
            case FILL, LIQUID, PIECES, VESSEL -> Zone.IN;
        };
    }

    /** What is too large for the tray stands beside it. */
    private Zone placed(Footprint footprint, Zone zone) {
        if (zone != Zone.IN || tray.vessel().isEmpty()) {
            return zone;
        }
        if (!tray.holdsThings()) {
            return Zone.BESIDE;
        }
        Region inside = tray.surface();
        double longer = Math.max(inside.width(), inside.height());
        double shorter = Math.min(inside.width(), inside.height());
        return footprint.length() > longer * LARGEST_SHARE || footprint.width() > shorter * LARGEST_SHARE
                ? Zone.BESIDE
                : Zone.IN;
    }

    private void put(
            String thing, String name, Footprint footprint, Look look, boolean isMeasured, Zone zone, int count) {
        Kind earlier = kinds.get(thing);
        List<Stroke> strokes = look.silhouette().strokes().stream()
                .map(stroke -> new Stroke(
                        stroke.ink(),
                        stroke.path()
                                .placed(
                                        footprint.length() / Silhouette.SQUARE,
                                        footprint.width() / Silhouette.SQUARE,
                                        0,
                                        -footprint.length() / 2,
                                        -footprint.width() / 2)))
                .toList();
        kinds.put(
                thing,
                new Kind(
                        thing,
                        name,
                        footprint,
                        isMeasured ? look.colour() : UNKNOWN,
                        strokes,
                        isMeasured,
                        earlier == null ? zone : earlier.zone(),
                        count + (earlier == null ? 0 : earlier.count())));
    }

    private static Footprint ofVessel(Vessel vessel, Silhouette silhouette) {
        Region rim = Region.of(vessel, vessel.depth());
        return new Footprint(
                rim.width() * silhouette.lengthens(),
                rim.height() * silhouette.widens(),
                rim instanceof Region.Circle && silhouette.lengthens() == silhouette.widens());
    }

    private static Footprint footprint(Material material, Silhouette silhouette) {
        if (material.form().isEmpty()) {
            return new Footprint(UNMEASURED, UNMEASURED, false);
        }
        Solid form = material.form().get();
        double longest = form.longest().inMillimetres();
        double middle = form.middle().inMillimetres();
        return switch (silhouette.whenPutDown()) {
            case COILS -> {
                double across = Math.max(LEAST_COIL, longest / TURNS_OF_A_COIL / Math.PI);
                yield new Footprint(across, across, true);
            }
            case FOLDS -> {
                double length = longest;
                double width = middle;
                while (Math.max(length, width) > LARGEST_FOLD) {
                    if (length >= width) {
                        length /= 2;
                    } else {
                        width /= 2;
                    }
                }
                yield new Footprint(Math.max(length, width), Math.min(length, width), false);
            }
            case STAYS ->
                form instanceof Solid.Ball
                                || form instanceof Solid.Rod rod
                                        && rod.diameter().isMoreThan(rod.length())
                        ? new Footprint(longest, longest, true)
                        : new Footprint(longest, middle, false);
        };
    }
}
