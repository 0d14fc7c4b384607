package app.carder.core.batch;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import java.util.Locale;

/**
 * Water frozen in moulds. Water grows by a twelfth as it freezes: ice weighs 0.917 g/mL, water 0.998 g/mL (physical tables, from
 * memory), so a mould takes {@code V = mould x 0.917 / 0.998} of water. It freezes for 24 hours and melts in 1 to 4 hours in
 * the room (common practice).
 *
 * @param perMould water for one mould
 * @param water in all
 * @param freezeHours before it can be turned out
 * @param meltHours from and to
 * @param calculation how it was found
 */
public record IceBlocks(
        Volume perMould, Volume water, int freezeHours, DyedGrain.Hours meltHours, Calculation calculation) {

    private static final double ICE = 0.917;
    private static final double WATER = 0.998;

    /**
     * Freezes so many.
     *
     * @param moulds 1 to 200
     * @throws IllegalArgumentException if there are none or too many
     */
    public static IceBlocks of(Vessel mould, int moulds) {
        if (moulds < 1 || moulds > 200) {
            throw Refused.because("refused.ice-blocks.moulds-must-be", moulds);
        }
        Volume each = mould.capacity().scaledBy(ICE / WATER);
        Volume all = each.multipliedBy(moulds);
        Calculation calculation = Calculation.asking(Said.say("working.how-much-water-do-moulds-take", moulds))
                .given(
                        Said.say("working.mould"),
                        Said.say(
                                "working.holds",
                                mould.forPeople(),
                                mould.capacity().forPeople()))
                .step(
                        Said.say("working.water-mould-density-of-ice-density"),
                        String.format(
                                Locale.ROOT,
                                "%s × %.3f ÷ %.3f",
                                mould.capacity().forPeople(),
                                ICE,
                                WATER),
                        each.forPeople())
                .step(Said.say("working.in-all-water-moulds"), each.forPeople() + " × " + moulds, all.forPeople())
                .from(Source.fromMemory("Physical tables: ice 0.917 g/mL, water at 20 °C 0.998 g/mL"))
                .from(Source.commonPractice(Said.of("source.24-hours-to-freeze-1-to")))
                .close();
        return new IceBlocks(each, all, 24, new DyedGrain.Hours(1, 4), calculation);
    }
}
