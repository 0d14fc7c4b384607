package app.carder.core.vessel;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Locale;

/**
 * What keeps a fill in its place: the sheet or towel under the vessel, where a funnel rests inside the tray, and how long it
 * takes to clear up.
 *
 * <p>All figures are common practice: grains land within an arm's reach of the rim, so the sheet goes 50 cm beyond it on
 * every side (30 cm for what is poured wet, on a towel); sweeping takes two minutes and one more for each tenth of a square
 * metre of tray, half as long again for powders, which are wiped as well, and for grains under 3 mm.
 *
 * @param sheetLength of the sheet or towel, rounded up to 10 cm
 * @param sheetWidth of the sheet or towel, rounded up to 10 cm
 * @param underlay what lies under the vessel
 * @param funnelRest diameter to keep free inside the tray for a funnel or jug to stand in; zero where none fits
 * @param clearUpMinutes after each session, whole minutes
 * @param calculation how it was found
 */
public record Containment(
        Length sheetLength,
        Length sheetWidth,
        Underlay underlay,
        Length funnelRest,
        int clearUpMinutes,
        Calculation calculation) {

    private static final Length BEYOND_DRY = Length.ofCentimetres(50);
    private static final Length BEYOND_WET = Length.ofCentimetres(30);
    private static final Length FUNNEL = Length.ofCentimetres(12);
    private static final Length FINE = Length.ofMillimetres(3);

    /** What lies under the vessel. */
    public enum Underlay {
        /** For dry fills: shaken out and folded. */
        SHEET,
        /** For liquids: takes up the drops. */
        TOWEL;

        /** For people. */
        public String words() {
            return Said.say("underlay." + name());
        }

        /** Whether it is shaken out instead of wrung out. */
        public boolean isSheet() {
            return this == SHEET;
        }
    }

    /** Contains what is poured into a vessel. */
    public static Containment of(Vessel vessel, List<Material> poured) {
        boolean wet = poured.stream().anyMatch(material -> material.kind() == MaterialKind.LIQUID);
        boolean fine = poured.stream().anyMatch(Containment::isFine);
        Length beyond = wet ? BEYOND_WET : BEYOND_DRY;
        Length along = Limits.footprintLength(vessel);
        Length across = Limits.footprintWidth(vessel);
        double squareMetres = along.inMillimetres() * across.inMillimetres() / 1e6;
        double minutes = (2 + squareMetres * 10) * (fine ? 1.5 : 1);
        Length sheetLength = upToTen(along.plus(beyond.multipliedBy(2)));
        Length sheetWidth = upToTen(across.plus(beyond.multipliedBy(2)));
        int whole = (int) Math.ceil(minutes);
        Calculation calculation = Calculation.asking(Said.say("working.what-keeps-it-in-its-place"))
                .given(Said.say("working.vessel"), vessel.forPeople())
                .given(
                        Said.say("working.grain"),
                        fine ? Said.say("working.powder-or-under-3-mm") : Said.say("working.3-mm-and-more"))
                .step(
                        Said.say("working.sheet-vessel-beyond-each-side-up", beyond.forPeople()),
                        Said.say("working.and-2", along.forPeople(), across.forPeople(), beyond.forPeople()),
                        sheetLength.forPeople() + " × " + sheetWidth.forPeople())
                .step(
                        Said.say(fine ? "working.clearing-up-fine-grain" : "working.clearing-up"),
                        String.format(Locale.ROOT, "(2 + %.2f × 10)%s", squareMetres, fine ? " × 1.5" : ""),
                        whole + " min")
                .from(Source.commonPractice(Said.of("source.reach-of-spills-and-time-to")))
                .close();
        return new Containment(
                sheetLength,
                sheetWidth,
                wet ? Underlay.TOWEL : Underlay.SHEET,
                FUNNEL.multipliedBy(2).isMoreThan(across) ? Length.ZERO : FUNNEL,
                whole,
                calculation);
    }

    private static boolean isFine(Material material) {
        return material.kind() == MaterialKind.FILL
                && material.form().map(grain -> FINE.isMoreThan(grain.middle())).orElse(true);
    }

    private static Length upToTen(Length length) {
        return Length.ofCentimetres(Math.ceil(length.inCentimetres() / 10) * 10);
    }
}
