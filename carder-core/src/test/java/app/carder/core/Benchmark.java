package app.carder.core;

import app.carder.core.journal.Candidate;
import app.carder.core.journal.EntrySelection;
import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.measure.Age;
import app.carder.core.measure.Length;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.safety.SafetyCheck;
import app.carder.core.safety.SmallPartsCylinder;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Fill.Layer;
import app.carder.core.vessel.TaperedJug;
import app.carder.core.vessel.VesselDrawing;
import app.carder.core.wording.NameGuard;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;

/** Times the core and compares with the run that is kept; run by {@code ./carder bench}. Not a test. */
final class Benchmark {

    private static final int WARM_UPS = 300;
    private static final int RUNS = 500;
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 6);

    private Benchmark() {}

    /** Prints the table; with a second argument {@code keep}, writes it where the first says. */
    public static void main(String[] args) throws IOException {
        Path kept = Path.of(args[0]);
        Map<String, String> before = read(kept);
        StringBuilder table = new StringBuilder("| what | median ms | 95th of 100 ms |\n|---|---|---|\n");
        rows().forEach((name, work) -> {
            double[] times = times(work);
            String figures =
                    String.format(Locale.ROOT, "%.3f | %.3f", times[RUNS / 2] / 1e6, times[RUNS * 95 / 100] / 1e6);
            table.append("| ").append(name).append(" | ").append(figures).append(" |\n");
            System.out.printf("%-62s %s   before: %s%n", name, figures, before.getOrDefault(name, "none"));
        });
        if (args.length > 1 && args[1].equals("keep")) {
            Files.writeString(
                    kept,
                    "# Benchmarks\n\nCore time of one call, made by `./carder bench keep` on two cores, JDK 17, " + RUNS
                            + " runs after " + WARM_UPS + " to warm up.\n\n" + table);
        }
    }

    private static Map<String, Supplier<Object>> rows() {
        TaperedJug jug = new TaperedJug(Length.ofCentimetres(30), Length.ofCentimetres(50), Length.ofCentimetres(40));
        List<Layer> layers =
                List.of("rice-long", "oats", "salt", "flour", "lentils", "sand-dry", "chickpeas", "water").stream()
                        .map(code -> new Layer(TestCupboard.get(code), Length.ofCentimetres(4), Optional.empty()))
                        .toList();
        List<Material> all = TestCupboard.materials();
        List<ChildPresent> sixty = new ArrayList<>();
        for (int child = 0; child < 60; child++) {
            sixty.add(new ChildPresent(
                    "Child " + child,
                    Age.between(TODAY.minusMonths(9 + child % 50), TODAY),
                    child % 7 == 0 ? Mouthing.SEEN : Mouthing.NOT_SEEN,
                    Set.of()));
        }
        SafetyCheck check = SafetyCheck.withShippedRules();
        List<Candidate> thousand = candidates();
        NameGuard guard = NameGuard.forChild("Anouk", List.of("Bram", "Cosima", "Dara", "Eskil", "Farida", "Goran"));
        String note = "Anouk and Bram carried the ramp; Cosima watched and Dara rolled the ball. ".repeat(30);

        Map<String, Supplier<Object>> rows = new LinkedHashMap<>();
        rows.put("fill: 8 layers in a tapered jug, with the reckoning", () -> Fill.reckon(jug, layers));
        rows.put(
                "drawing of it",
                () -> VesselDrawing.of(jug, layers.stream().map(Layer::depth).toList()));
        rows.put(
                "small-parts cylinder: a cork that does not fit",
                () -> SmallPartsCylinder.holds(new Solid.Rod(Length.ofMillimetres(24), Length.ofMillimetres(45))));
        rows.put("safety: a card of 8 materials against 60 children", () -> check.check(all.subList(0, 8), sixty));
        rows.put("safety: the whole cupboard against 60 children", () -> check.check(all, sixty));
        rows.put(
                "journal: 6 entries of 1,000 observations",
                () -> EntrySelection.over(TODAY.minusDays(364), TODAY, 6).choose(thousand));
        rows.put("names out of 2,200 characters", () -> guard.withoutNames(note));
        return rows;
    }

    private static List<Candidate> candidates() {
        Random seeded = new Random(6);
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < 1000; i++) {
            candidates.add(new Candidate(
                    "id" + i,
                    TODAY.minusDays(seeded.nextInt(365)),
                    Set.of("area" + seeded.nextInt(3), "area" + (3 + seeded.nextInt(4))),
                    seeded.nextBoolean() ? Candidate.Photo.SHOWN : Candidate.Photo.NONE));
        }
        return candidates;
    }

    private static double[] times(Supplier<Object> work) {
        int seen = 0;
        for (int run = 0; run < WARM_UPS; run++) {
            seen += work.get().hashCode();
        }
        double[] times = new double[RUNS];
        for (int run = 0; run < RUNS; run++) {
            long start = System.nanoTime();
            seen += work.get().hashCode();
            times[run] = System.nanoTime() - start;
        }
        if (seen == 42) {
            System.out.print("");
        }
        Arrays.sort(times);
        return times;
    }

    private static Map<String, String> read(Path kept) throws IOException {
        Map<String, String> rows = new LinkedHashMap<>();
        if (Files.exists(kept)) {
            for (String line : Files.readAllLines(kept)) {
                String[] cells = line.split(" \\| ", 2);
                if (line.startsWith("| ") && cells.length == 2) {
                    rows.put(cells[0].substring(2), cells[1].replaceAll(" \\|$", ""));
                }
            }
        }
        return rows;
    }
}
