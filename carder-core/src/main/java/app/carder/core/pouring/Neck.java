package app.carder.core.pouring;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.Locale;
import java.util.Optional;

/**
 * Whether a fill runs through a neck or the outlet of a funnel, or arches over it and stays.
 *
 * <p>Free-flowing grains need a round outlet of at least six times the longest grain (bulk-solids practice, Marinelli and Carson
 * 1992, Jenike 1964: 6 to 8 times); below about five times the grain they jam (Zuriguel et al. 2005, Physical Review E 71,
 * 051303: 4.94 for spheres). Cohesive powders bridge at any size; dry
 * sand, salt and sugar are grains of at most 1 mm and flow (bulk-solids practice). Liquids run.
 *
 * @param flow what will happen
 * @param ratio outlet over longest grain; absent for liquids and powders
 * @param calculation how it was found
 */
public record Neck(Flow flow, Optional<Double> ratio, Calculation calculation) {

    private static final double RUNS_FROM = 6;
    private static final double JAMS_BELOW = 5;
    /** Of dry sand, salt and sugar: 1 mm at most. */
    private static final Solid FINE_GRAIN = new Solid.Ball(Length.ofMillimetres(1));

    private static final Source BULK_SOLIDS =
            Source.fromMemory("Marinelli & Carson 1992; Jenike 1964; Zuriguel et al. 2005, Phys. Rev. E 71, 051303");

    /** What a fill does at an outlet. */
    public enum Flow {
        /** Runs by itself. */
        RUNS,
        /** Runs, and stops now and then. */
        TAPPED,
        /** Arches over the outlet and stays. */
        ARCHES,
        /** A powder: bridges whatever the size. */
        BRIDGES;

        /** For people. */
        public String words() {
            return Said.say("flow." + name());
        }
    }

    /**
     * Holds a fill against an outlet.
     *
     * @param outlet inside diameter of the narrowest place
     * @throws IllegalArgumentException if it is not poured
     */
    public static Neck of(Material fill, Length outlet) {
        if (!fill.kind().isPoured()) {
            throw Refused.because("refused.neck.fill-must-be", fill.kind().words(), fill.name());
        }
        Calculation.Notebook notebook = Calculation.asking(Said.say("working.does-run-through-it", fill.name()))
                .given(Said.say("working.outlet"), outlet.forPeople());
        if (fill.kind() == MaterialKind.LIQUID) {
            return new Neck(
                    Flow.RUNS,
                    Optional.empty(),
                    notebook.step(
                                    Said.say("working.a-liquid-runs-through-any-outlet"),
                                    outlet.forPeople(),
                                    Said.say("working.runs"))
                            .from(BULK_SOLIDS)
                            .close());
        }
        Optional<Solid> grain = fill.form().or(() -> isFreeFlowing(fill) ? Optional.of(FINE_GRAIN) : Optional.empty());
        if (grain.isEmpty()) {
            return new Neck(
                    Flow.BRIDGES,
                    Optional.empty(),
                    notebook.step(
                                    Said.say("working.powders-bridge-at-any-ratio"),
                                    fill.name(),
                                    Said.say("working.bridges"))
                            .from(BULK_SOLIDS)
                            .close());
        }
        Length longest = grain.get().longest();
        double ratio = outlet.dividedBy(longest);
        Flow flow = ratio >= RUNS_FROM ? Flow.RUNS : ratio >= JAMS_BELOW ? Flow.TAPPED : Flow.ARCHES;
        return new Neck(
                flow,
                Optional.of(ratio),
                notebook.given(Said.say("working.longest-grain"), longest.forPeople())
                        .step(
                                Said.say("working.ratio-outlet-longest-grain-6-and"),
                                outlet.forPeople() + " ÷ " + longest.forPeople(),
                                String.format(Locale.ROOT, "%.1f", ratio))
                        .from(BULK_SOLIDS)
                        .from(fill.source())
                        .close());
    }

    /** Dry sand, salt and sugar; not what is dusty, kneaded or wet. */
    private static boolean isFreeFlowing(Material fill) {
        boolean grainy = fill.has(Trait.SAND) || fill.has(Trait.SALT) || fill.has(Trait.SUGAR);
        boolean clings = fill.has(Trait.DUST)
                || fill.has(Trait.MALLEABLE)
                || fill.name().toLowerCase(Locale.ROOT).contains("wet");
        return grainy && !clings;
    }

    /** The narrowest outlet through which a fill runs by itself; absent for powders. */
    public static Optional<Length> narrowestFor(Material fill) {
        if (fill.kind() == MaterialKind.LIQUID) {
            return Optional.of(Length.ofMillimetres(1));
        }
        return fill.form()
                .or(() -> isFreeFlowing(fill) ? Optional.of(FINE_GRAIN) : Optional.empty())
                .map(grain -> grain.longest().scaledBy(RUNS_FROM));
    }
}
