package app.carder.core.batch;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.measure.Density;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import java.util.Locale;

/**
 * Grain or pasta, dyed and dried in one layer.
 *
 * <p>For each kilogram 27 mL of white vinegar and 5 mL of liquid food colour are shaken with it in bags or tubs of one
 * kilogram at most; it dries in 2 to 12 hours (pasta 4 to 24), longer where the air is damp. One layer is as thick as the
 * equivalent grain {@code d = (L W T)^(1/3)}, so the area is {@code A = V / d}. Amounts: common practice.
 *
 * @param perColour grain in each colour
 * @param vinegar for each colour
 * @param colour liquid food colour for each colour
 * @param bags to shake in, for each colour
 * @param dryingCm2 area to lie in one layer, all colours together, in square centimetres
 * @param trays of the stated size to dry on, each colour on its own
 * @param hours that it dries, from and to
 * @param calculation how it was found
 */
public record DyedGrain(
        Mass perColour,
        Volume vinegar,
        Volume colour,
        int bags,
        double dryingCm2,
        int trays,
        Hours hours,
        Calculation calculation) {

    private static final double VINEGAR_ML_PER_KG = 27;
    private static final double COLOUR_ML_PER_KG = 5;
    private static final Mass BAG = Mass.ofGrams(1000);
    private static final double SMALL_GRAIN_MM = 5;

    /**
     * A span of time.
     *
     * @param from hours at best
     * @param to hours at worst
     */
    public record Hours(int from, int to) {
        /** For people. */
        public String forPeople() {
            return Said.say("working.to-hours", from, to);
        }
    }

    /**
     * Plans the dyeing.
     *
     * @param grain that is dyed; must have a density and a size
     * @param mass in all
     * @param colours 1 to 12, of equal amounts
     * @param tray to dry on
     * @throws IllegalArgumentException if the grain has no size, or the colours are none or too many
     */
    public static DyedGrain of(Material grain, Mass mass, int colours, Vessel tray) {
        if (colours < 1 || colours > 12) {
            throw Refused.because("refused.dyed-grain.colours-must-be", colours);
        }
        Solid form =
                grain.form().orElseThrow(() -> Refused.because("refused.dyed-grain.grain-must-have", grain.name()));
        Density density =
                grain.density().orElseThrow(() -> Refused.because("refused.dyed-grain.grain-must-be", grain.name()));
        Mass each = Mass.ofMilligrams((mass.milligrams() + colours - 1) / colours);
        double kilograms = each.inGrams() / 1000;
        Volume volume = mass.dividedBy(density);
        double layer = Math.cbrt(form.longest().inMillimetres()
                * form.middle().inMillimetres()
                * form.shortest().inMillimetres());
        double cm2 = volume.inMillilitres() / (layer / 10);
        double trayCm2 =
                tray.volumeTo(tray.depth()).inMillilitres() / tray.depth().inCentimetres();
        int trays = colours * (int) Math.ceil(cm2 / colours / trayCm2);
        int bags = (int) Math.ceil(each.dividedBy(BAG));
        Hours hours = layer > SMALL_GRAIN_MM ? new Hours(4, 24) : new Hours(2, 12);
        Volume vinegar = Volume.ofMillilitres(VINEGAR_ML_PER_KG * kilograms);
        Volume colour = Volume.ofMillilitres(COLOUR_ML_PER_KG * kilograms);
        Calculation calculation = Calculation.asking(Said.say("working.what-does-dyeing-take", grain.name()))
                .given(Said.say("working.in-all"), mass.forPeople())
                .given(Said.say("working.colours"), Integer.toString(colours))
                .given(Said.say("working.drying-tray"), tray.forPeople())
                .step(Said.say("working.a-colour-mass-colours"), mass.forPeople() + " ÷ " + colours, each.forPeople())
                .step(
                        Said.say("working.vinegar-27-ml-a-kilogram"),
                        String.format(Locale.ROOT, "27 mL × %.2f", kilograms),
                        vinegar.forPeople())
                .step(
                        Said.say("working.colour-5-ml-a-kilogram-3"),
                        String.format(Locale.ROOT, "5 mL × %.2f", kilograms),
                        colour.forPeople())
                .step(
                        Said.say("working.bags-a-colour-1-kg-rounded"),
                        each.forPeople() + " ÷ 1 kg",
                        Said.say("working.each", bags))
                .step(
                        Said.say("working.layer-length-width-thickness-to-the"),
                        form.forPeople(),
                        String.format(Locale.ROOT, "%.1f mm", layer))
                .step(
                        Said.say("working.area-volume-layer"),
                        String.format(Locale.ROOT, "%s ÷ %.1f mm", volume.forPeople(), layer),
                        String.format(Locale.ROOT, "%.0f cm²", cm2))
                .step(
                        Said.say("working.trays-area-of-a-colour-tray"),
                        String.format(Locale.ROOT, "%.0f ÷ %.0f cm²", cm2 / colours, trayCm2),
                        Integer.toString(trays))
                .from(Source.commonPractice(Said.of("source.dyeing")))
                .from(grain.source())
                .close();
        return new DyedGrain(each, vinegar, colour, bags, cm2, trays, hours, calculation);
    }
}
