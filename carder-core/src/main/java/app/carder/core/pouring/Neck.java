package app.carder.core.pouring;

import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.reckoning.Reckoning;
import app.carder.core.reckoning.Source;
import app.carder.core.said.Refused;
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
 * @param reckoning how it was found
 */
public record Neck(Flow flow, Optional<Double> ratio, Reckoning reckoning) {

    private static final double RUNS_FROM = 6;
    private static final double JAMS_BELOW = 5;
    /** Of dry sand, salt and sugar: 1 mm at most. */
    private static final Solid FINE_GRAIN = new Solid.Ball(Length.ofMillimetres(1));

    private static final Source BULK_SOLIDS =
            Source.fromMemory("Marinelli & Carson 1992; Jenike 1964; Zuriguel et al. 2005, Phys. Rev. E 71, 051303");

    /** What a fill does at an outlet. */
    public enum Flow {
        /** Runs by itself. */
        RUNS("runs by itself"),
        /** Runs, and stops now and then. */
        TAPPED("runs when tapped: between five and six grains across"),
        /** Arches over the outlet and stays. */
        ARCHES("arches over the outlet and stays"),
        /** A powder: bridges whatever the size. */
        BRIDGES("bridges, being a powder: shake or stir it");

        private final String words;

        Flow(String words) {
            this.words = words;
        }

        /** For people. */
        public String words() {
            return words;
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
        Reckoning.Notebook notebook = Reckoning.asking("Does %s run through it?".formatted(fill.name()))
                .given("Outlet", outlet.forPeople());
        if (fill.kind() == MaterialKind.LIQUID) {
            return new Neck(
                    Flow.RUNS,
                    Optional.empty(),
                    notebook.step("a liquid runs through any outlet", outlet.forPeople(), "runs")
                            .from(BULK_SOLIDS)
                            .close());
        }
        Optional<Solid> grain = fill.form().or(() -> isFreeFlowing(fill) ? Optional.of(FINE_GRAIN) : Optional.empty());
        if (grain.isEmpty()) {
            return new Neck(
                    Flow.BRIDGES,
                    Optional.empty(),
                    notebook.step("powders bridge at any ratio", fill.name(), "bridges")
                            .from(BULK_SOLIDS)
                            .close());
        }
        Length longest = grain.get().longest();
        double ratio = outlet.dividedBy(longest);
        Flow flow = ratio >= RUNS_FROM ? Flow.RUNS : ratio >= JAMS_BELOW ? Flow.TAPPED : Flow.ARCHES;
        return new Neck(
                flow,
                Optional.of(ratio),
                notebook.given("Longest grain", longest.forPeople())
                        .step(
                                "ratio = outlet ÷ longest grain; 6 and more runs, below 5 arches",
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
