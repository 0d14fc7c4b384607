package app.carder.core.vessel;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.measure.Density;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * Fills a vessel in layers, from the floor up: depth in; volume, mass, whole packs, cost and leftover out. And the
 * reverse: the depth that a number of packs gives.
 */
public final class Fill {

    /**
     * From this mass on, a full vessel is not for one person to lift: 16 kg, the lower of the two filter values for
     * lifting close to the body at waist height. UK HSE manual handling guide L23, from memory.
     */
    public static final Mass TWO_PEOPLE_FROM = Mass.ofGrams(16_000);

    private static final Source GEOMETRY = Source.derived(Said.of("source.geometry-of-the-vessel"));

    private Fill() {}

    /**
     * One layer to be put in.
     *
     * @param material what
     * @param depth how deep this layer is to lie, more than zero
     * @param pack how it is bought, where known
     */
    public record Layer(Material material, Length depth, Optional<Pack> pack) {}

    /**
     * How a material is bought.
     *
     * @param content mass in one pack, more than zero
     * @param price of one pack
     */
    public record Pack(Mass content, Money price) {
        /**
         * Refuses an empty pack.
         *
         * @throws IllegalArgumentException if nothing is in it
         */
        public Pack {
            if (content.isZero()) {
                throw Refused.because("refused.fill.pack-must-hold");
            }
        }
    }

    /**
     * Whole packs to buy.
     *
     * @param packs the smallest number that is enough
     * @param cost of them all
     * @param leftover what stays in the last pack
     */
    public record Purchase(long packs, Money cost, Mass leftover) {}

    /**
     * The amount of one layer.
     *
     * @param layer as asked for
     * @param volume that it takes
     * @param mass that it has
     * @param purchase what to buy, where the pack is known
     * @param calculation how it was found
     */
    public record Amount(Layer layer, Volume volume, Mass mass, Optional<Purchase> purchase, Calculation calculation) {}

    /**
     * All layers.
     *
     * @param amounts one for each layer, from the floor up
     * @param depth of all layers together
     * @param volume of all layers together
     * @param mass of all layers together, without the vessel
     */
    public record Amounts(List<Amount> amounts, Length depth, Volume volume, Mass mass) {
        /** Keeps its own copy. */
        public Amounts {
            amounts = List.copyOf(amounts);
        }

        /** Whether it is too heavy for one person to carry when full. */
        public boolean needsTwoPeople() {
            return mass.compareTo(TWO_PEOPLE_FROM) >= 0;
        }

        /** What all that must be bought costs; absent where no pack is known. */
        public Optional<Money> cost() {
            return amounts.stream()
                    .flatMap(amount -> amount.purchase().stream())
                    .map(Purchase::cost)
                    .reduce(Money::plus);
        }
    }

    /**
     * The depth that whole packs give.
     *
     * @param depth level surface, from the floor; the vessel's depth where not all goes in
     * @param over what does not go in, zero where all does
     * @param calculation how it was found
     */
    public record Level(Length depth, Mass over, Calculation calculation) {
        /** The depth that the packs are sure to reach: rounded down to the millimetre, so that none has to be bought. */
        public Length sureDepth() {
            return Length.ofMicrometres(depth.micrometres() / 1000 * 1000);
        }
    }

    /**
     * What the layers need.
     *
     * @throws IllegalArgumentException if a layer has no depth, is not poured, or all together are deeper than the vessel
     */
    public static Amounts calculate(Vessel vessel, List<Layer> layers) {
        List<Amount> amounts = new ArrayList<>();
        Length below = Length.ZERO;
        for (Layer layer : layers) {
            if (layer.depth().isZero()) {
                throw Refused.because(
                        "refused.fill.depth-of-must", layer.material().name());
            }
            amounts.add(amount(vessel, below, layer));
            below = below.plus(layer.depth());
        }
        return new Amounts(
                amounts,
                below,
                amounts.stream().map(Amount::volume).reduce(Volume.ZERO, Volume::plus),
                amounts.stream().map(Amount::mass).reduce(Mass.ZERO, Mass::plus));
    }

    /** How deep layers lie together. */
    public static Length together(Collection<Length> layers) {
        return layers.stream().reduce(Length.ZERO, Length::plus);
    }

    /**
     * How deep a number of packs lies in an empty vessel.
     *
     * @param packs 1 or more
     * @throws IllegalArgumentException if there is no pack to count
     */
    public static Level levelOf(Vessel vessel, Material material, Pack pack, int packs) {
        if (packs < 1) {
            throw Refused.because("refused.fill.packs-must-be", packs);
        }
        Mass mass = pack.content().multipliedBy(packs);
        Volume volume = mass.dividedBy(density(material));
        boolean fits = !volume.isMoreThan(vessel.capacity());
        Volume held = fits ? volume : vessel.capacity();
        Length depth = vessel.depthFor(held);
        Mass over = fits ? Mass.ZERO : mass.minus(held.times(density(material)));
        Calculation calculation = Calculation.asking(
                        Said.say("working.how-deep-do-packs-of-lie", packs, material.name()))
                .given(Said.say("working.vessel"), vessel.forPeople())
                .given(Said.say("working.pack"), pack.content().forPeople())
                .given(Said.say("working.bulk-density"), density(material).forPeople())
                .step(
                        Said.say("working.mass-packs-pack"),
                        packs + " × " + pack.content().forPeople(),
                        mass.forPeople())
                .step(
                        Said.say("working.volume-mass-density"),
                        mass.forPeople() + " ÷ " + density(material).forPeople(),
                        volume.forPeople())
                .step(
                        fits ? Said.say("working.depth-from", vessel.rule()) : Said.say("working.fills-to-the-rim"),
                        fits ? Said.say("working.solved-for-the-depth") : Said.say("working.holds-3", held.forPeople()),
                        depth.forPeople())
                .from(GEOMETRY)
                .from(material.source())
                .close();
        return new Level(depth, over, calculation);
    }

    private static Amount amount(Vessel vessel, Length below, Layer layer) {
        Material material = layer.material();
        Length top = below.plus(layer.depth());
        Volume volume = vessel.volumeTo(top).minus(vessel.volumeTo(below));
        Mass mass = volume.times(density(material));
        Optional<Purchase> purchase = layer.pack().map(pack -> purchase(mass, pack));

        Calculation.Notebook notebook = Calculation.asking(Said.say("working.how-much", material.name()))
                .given(Said.say("working.vessel"), vessel.forPeople())
                .given(Said.say("working.depth-of-this-layer"), layer.depth().forPeople())
                .given(
                        Said.say("working.bulk-density-as-poured"),
                        density(material).forPeople());
        if (below.isZero()) {
            notebook.step(vessel.rule(), vessel.arithmetic(top), volume.forPeople());
        } else {
            notebook.given(Said.say("working.it-lies-on-layers-of"), below.forPeople())
                    .step(
                            Said.say("working.to-the-top-less-to-the", vessel.rule()),
                            vessel.arithmetic(top) + " − " + vessel.arithmetic(below),
                            volume.forPeople());
        }
        notebook.step(
                Said.say("working.mass-volume-density"),
                volume.forPeople() + " × " + density(material).forPeople(),
                mass.forPeople());
        layer.pack()
                .ifPresent(pack -> purchase.ifPresent(bought -> notebook.step(
                                Said.say("working.packs-mass-pack-rounded-up"),
                                mass.forPeople() + " ÷ " + pack.content().forPeople(),
                                Long.toString(bought.packs()))
                        .step(
                                Said.say("working.cost-packs-price"),
                                bought.packs() + " × " + pack.price().forPeople(),
                                bought.cost().forPeople())
                        .step(
                                Said.say("working.leftover-packs-pack-mass"),
                                bought.packs() + " × " + pack.content().forPeople() + " − " + mass.forPeople(),
                                bought.leftover().forPeople())
                        .from(Source.entered(Said.of("source.pack-and-price")))));
        return new Amount(
                layer,
                volume,
                mass,
                purchase,
                notebook.from(GEOMETRY).from(material.source()).close());
    }

    static Purchase purchase(Mass mass, Pack pack) {
        long packs = -Math.floorDiv(-mass.milligrams(), pack.content().milligrams());
        return new Purchase(
                packs,
                pack.price().multipliedBy(packs),
                pack.content().multipliedBy(packs).minus(mass));
    }

    private static Density density(Material material) {
        return material.density().orElseThrow(() -> Refused.because("refused.fill.fill-must-be", material.name()));
    }
}
