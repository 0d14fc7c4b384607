package app.carder.core.card;

import app.carder.core.calculation.Source;
import app.carder.core.card.Portion.Counted;
import app.carder.core.card.Portion.Kept;
import app.carder.core.card.Portion.KitThings;
import app.carder.core.card.Portion.Named;
import app.carder.core.card.Portion.Poured;
import app.carder.core.cupboard.Stocked;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.safety.Setup.Amount;
import app.carder.core.safety.Setup.Item;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Turns what is on a card into what the safety check looks at. Nothing is left out: what cannot be found is looked at as unknown. */
final class SafetyItems {

    private static final Source THE_CARD = Source.entered(Said.of("source.the-card"));

    /** What a kneaded mix no longer is: dust, standing water, a slippery spill, salt by itself. */
    private static final Set<Trait> GONE_IN_DOUGH =
            EnumSet.of(Trait.DUST, Trait.WATER, Trait.WARM_WATER, Trait.SLIPPERY, Trait.SALT, Trait.SAND);

    private final Map<String, Stocked> cupboard;
    private final List<Item> items = new ArrayList<>();

    private SafetyItems(Map<String, Stocked> cupboard) {
        this.cupboard = cupboard;
    }

    static List<Item> of(Contents contents, Map<String, Stocked> cupboard) {
        SafetyItems all = new SafetyItems(cupboard);
        boolean fits = contents.fits();
        contents.portions().forEach(portion -> all.add(portion, fits));
        contents.vessel().ifPresent(all::addVessel);
        return all.items.stream()
                .distinct()
                .filter(item -> item.amount() == Amount.KNOWN || !all.hasAmountElsewhere(item))
                .toList();
    }

    /** A calculator that only asks whether something fits need not repeat how much of it is on the card. */
    private boolean hasAmountElsewhere(Item item) {
        return items.stream()
                .anyMatch(other -> other.amount() == Amount.KNOWN
                        && other.key().equals(item.key())
                        && other.material().equals(item.material()));
    }

    private void add(Portion portion, boolean fits) {
        if (portion instanceof Poured poured) {
            add(poured.thing(), poured.depth().isPresent() && fits ? Amount.KNOWN : Amount.MISSING);
        } else if (portion instanceof Counted counted) {
            add(counted.thing(), counted.pieces().isPresent() ? Amount.KNOWN : Amount.MISSING);
        } else if (portion instanceof KitThings kit) {
            kit.things()
                    .ifPresentOrElse(
                            things -> things.forEach(this::add),
                            () -> addUnknown(Said.say("working.a-kit-that-nobody-looked-into")));
        } else if (portion instanceof Kept kept) {
            kept.made().ifPresentOrElse(this::add, () -> addUnknown(kept.tool()));
        } else if (portion instanceof Named named) {
            addUnknown(named.words());
        }
    }

    private void add(Made made) {
        if (made instanceof Made.Mix mix) {
            addMix(mix);
        } else if (made instanceof Made.Broken broken) {
            addUnknown(broken.name());
        } else {
            made.ingredients().forEach(this::add);
        }
    }

    private void add(Ingredient ingredient) {
        Amount amount = ingredient.amount().isKnown() ? Amount.KNOWN : Amount.MISSING;
        if (ingredient.thing().isPresent()) {
            add(ingredient.thing().get(), amount);
        } else if (ingredient.material().isPresent()) {
            Material made = ingredient.material().get();
            items.add(new Item("made " + made.name(), made, Optional.empty(), amount, Optional.empty()));
        } else {
            addUnknown(ingredient.name());
        }
    }

    private void add(String thing, Amount amount) {
        Stocked stocked = cupboard.get(thing);
        if (stocked == null) {
            addUnknown(Said.say("working.a-thing-that-is-no-longer"));
        } else {
            items.add(new Item(thing, stocked.material(), stocked.vessel(), amount, Optional.empty()));
        }
    }

    /** Nothing but a name is known. */
    private void addUnknown(String name) {
        items.add(new Item(
                "named " + name,
                new Material(
                        name,
                        MaterialKind.PIECES,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        Set.of(),
                        THE_CARD),
                Optional.empty(),
                Amount.KNOWN,
                Optional.empty()));
    }

    private void addMix(Made.Mix mix) {
        double salt = 0;
        boolean shareKnown = true;
        for (Ingredient ingredient : mix.ingredients()) {
            Stocked stocked = ingredient.thing().map(cupboard::get).orElse(null);
            if (stocked == null) {
                addUnknown(ingredient.name());
                shareKnown = false;
                continue;
            }
            String thing = ingredient.thing().orElseThrow();
            if (stocked.material().has(Trait.SALT)) {
                Optional<Double> share = mix.shareOf(thing);
                salt += share.orElse(0.0);
                shareKnown &= share.isPresent();
            }
            items.add(new Item(
                    thing,
                    mixedIn(stocked.material(), mix),
                    Optional.empty(),
                    ingredient.amount().isKnown() ? Amount.KNOWN : Amount.MISSING,
                    Optional.of(0.0)));
        }
        Set<Trait> traits = EnumSet.of(Trait.FINE, Trait.LOOKED_THROUGH);
        switch (mix.kind()) {
            case DOUGH -> traits.add(Trait.MALLEABLE);
            case STARCH_MIX -> traits.addAll(Set.of(Trait.STARCH_MIX, Trait.MALLEABLE, Trait.SLIPPERY));
            case LIQUID -> traits.add(Trait.SLIPPERY);
        }
        if (salt > 0 || !shareKnown) {
            traits.add(Trait.SALT);
        }
        items.add(new Item(
                Said.say("working.mix", mix.name()),
                new Material(
                        mix.name(),
                        MaterialKind.CONSUMABLE,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        traits,
                        THE_CARD),
                Optional.empty(),
                Amount.KNOWN,
                shareKnown ? Optional.of(salt) : Optional.empty()));
    }

    /** A thing as it is once it is mixed in: heat cooks flour, dough binds dust and water, and its salt is counted in the mix. */
    private static Material mixedIn(Material material, Made.Mix mix) {
        Set<Trait> traits = EnumSet.noneOf(Trait.class);
        traits.addAll(material.traits());
        if (mix.kind() == Made.Mix.Kind.DOUGH) {
            traits.removeAll(GONE_IN_DOUGH);
        } else {
            traits.removeAll(Set.of(Trait.DUST, Trait.SALT));
        }
        if (mix.heat() == Made.Mix.Heat.COOKED) {
            traits.remove(Trait.RAW_FLOUR);
        }
        return new Material(
                material.name(),
                material.kind(),
                material.density(),
                material.form(),
                material.opening(),
                material.allergens(),
                traits,
                material.source());
    }

    private void addVessel(Vessel vessel) {
        items.add(new Item(
                Said.say("working.the-vessel"),
                new Material(
                        Said.say("working.the-vessel"),
                        MaterialKind.VESSEL,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        Set.of(Trait.LOOKED_THROUGH),
                        THE_CARD),
                Optional.of(vessel),
                Amount.KNOWN,
                Optional.empty()));
    }
}
