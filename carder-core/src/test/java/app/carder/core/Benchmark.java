package app.carder.core;

import app.carder.core.batch.Batch;
import app.carder.core.batch.DyedGrain;
import app.carder.core.batch.Recipe;
import app.carder.core.card.Contents;
import app.carder.core.card.Portion;
import app.carder.core.card.SettingOut;
import app.carder.core.chain.Content;
import app.carder.core.chain.Digest;
import app.carder.core.chain.Link;
import app.carder.core.chain.LogCheck;
import app.carder.core.chain.Part;
import app.carder.core.composition.Composition;
import app.carder.core.composition.Element;
import app.carder.core.composition.Sheet;
import app.carder.core.controloferror.PictureGrid;
import app.carder.core.controloferror.PlayShop;
import app.carder.core.journal.Candidate;
import app.carder.core.journal.EntrySelection;
import app.carder.core.journal.TestJournals;
import app.carder.core.ladder.Ladder;
import app.carder.core.ladder.LadderStep;
import app.carder.core.lineup.DiceGame;
import app.carder.core.lineup.NumberLine;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.measure.Age;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.measure.Volume;
import app.carder.core.picture.SetUpPicture;
import app.carder.core.pouring.PouringLadder;
import app.carder.core.practice.GrainAdvice;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.prepare.OpenHours;
import app.carder.core.prepare.Preparation;
import app.carder.core.prepare.Step;
import app.carder.core.proposal.TestWeeks;
import app.carder.core.proposal.WeekSolver;
import app.carder.core.ratio.RatioRule;
import app.carder.core.rehearsal.PlannedDay;
import app.carder.core.rehearsal.Rehearsal;
import app.carder.core.rehearsal.TestDays;
import app.carder.core.room.Play;
import app.carder.core.room.RoomCheck;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.Sightlines;
import app.carder.core.room.SpotProposal;
import app.carder.core.room.TestPlans;
import app.carder.core.rota.RotaProblem;
import app.carder.core.rota.RotaSolver;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.safety.SafetyCheck;
import app.carder.core.safety.SmallPartsCylinder;
import app.carder.core.said.TimeLimit;
import app.carder.core.vessel.Between;
import app.carder.core.vessel.Box;
import app.carder.core.vessel.Containment;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Fill.Layer;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.RoundTub;
import app.carder.core.vessel.TaperedJug;
import app.carder.core.vessel.VesselDrawing;
import app.carder.core.week.OpenDays;
import app.carder.core.wording.NameGuard;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;

/** Times the core and compares with the run that is kept; run by {@code ./carder bench}. Not a test. */
final class Benchmark {

    private static final String BROWSER = "## In the browser";
    private static final int WARM_UPS = 300;
    private static final int RUNS = 500;
    private static final int SLOW_RUNS = 7;
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 6);

    private Benchmark() {}

    /** Prints the table; with a second argument {@code keep}, writes it where the first says. */
    public static void main(String[] args) throws IOException {
        Path kept = Path.of(args[0]);
        Map<String, String> before = read(kept);
        StringBuilder table = new StringBuilder("| what | median ms | 95th of 100 ms |\n|---|---|---|\n");
        Map<String, Supplier<Object>> slow = slowRows();
        Map<String, Supplier<Object>> all = rows();
        all.putAll(slow);
        all.forEach((name, work) -> {
            int runs = slow.containsKey(name) ? SLOW_RUNS : RUNS;
            double[] times = times(work, slow.containsKey(name) ? 1 : WARM_UPS, runs);
            String figures =
                    String.format(Locale.ROOT, "%.3f | %.3f", times[runs / 2] / 1e6, times[runs * 95 / 100] / 1e6);
            table.append("| ").append(name).append(" | ").append(figures).append(" |\n");
            System.out.printf("%-62s %s   before: %s%n", name, figures, before.getOrDefault(name, "none"));
        });
        if (args.length > 1 && args[1].equals("keep")) {
            String rest = Files.exists(kept) ? Files.readString(kept) : "";
            String browser = rest.contains(BROWSER) ? "\n" + rest.substring(rest.indexOf(BROWSER)) : "";
            Files.writeString(
                    kept,
                    "# Benchmarks\n\nCore time of one call, made by `./carder bench keep` on two cores, JDK 17, " + RUNS
                            + " runs after " + WARM_UPS + " to warm up; the last rows, which take seconds, " + SLOW_RUNS
                            + " after 1.\n\n" + table + browser);
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
        List<Candidate> sixtyRecords = TestJournals.candidates(new Random(6), 60);
        List<Candidate> thousand = TestJournals.candidates(new Random(6), 1000);
        List<Element> told = thousand.subList(0, 40).stream()
                .map(one -> Element.entry(
                        one.id(), "Poured the rice along the edge. ".repeat(2 + one.quarters()), one.quarters() - 1))
                .toList();
        NameGuard guard = NameGuard.forChild("Anouk", List.of("Bram", "Cosima", "Dara", "Eskil", "Farida", "Goran"));
        String note = "Anouk and Bram carried the ramp; Cosima watched and Dara rolled the ball. ".repeat(30);

        Map<String, Supplier<Object>> rows = new LinkedHashMap<>();
        rows.put("fill: 8 layers in a tapered jug, with the calculation", () -> Fill.calculate(jug, layers));
        rows.put(
                "drawing of it",
                () -> VesselDrawing.of(jug, layers.stream().map(Layer::depth).toList()));
        rows.put(
                "small-parts cylinder: a cork that does not fit",
                () -> SmallPartsCylinder.holds(new Solid.Rod(Length.ofMillimetres(24), Length.ofMillimetres(45))));
        rows.put("safety: a card of 8 materials against 60 children", () -> check.check(all.subList(0, 8), sixty));
        rows.putAll(calculations());
        rows.put(
                "picture: how a card looks set out, 8 kinds, 90 pieces on a fill",
                () -> SetUpPicture.of(laidOut(8, 11), TestCupboard.byCode(), SettingOut.USUAL, List.of()));
        rows.put(
                "picture: the same, too much for its tray, with the smallest that takes it",
                () -> SetUpPicture.of(
                        laidOut(8, 30),
                        TestCupboard.byCode(),
                        SettingOut.USUAL,
                        List.copyOf(TestCupboard.byCode().values())));
        PlannedDay good = TestDays.good(new Random(1));
        rows.put("rehearsal: a room's day of 24 children and some 30 cards, nothing clashes", () -> Rehearsal.of(good));
        PlannedDay hard = TestDays.hard(new Random(1));
        rows.put("rehearsal: the same with clashes that no small change mends", () -> Rehearsal.of(hard));
        rows.put(
                "the whole margin: amounts, use, containment, drawing, advice, safety for 60",
                () -> margin(check, sixty));
        RoomPlan large = TestPlans.large(1);
        rows.put(
                "sightlines: room of 12 x 9 m, 40 pieces of furniture, 4 adults, both heights",
                () -> Sightlines.of(large));
        rows.put(
                "plan: floor, exits, ways, water and quiet of that room",
                () -> RoomCheck.of(large, RatioRule.usual(), List.of(30, 40, 40)));
        rows.put("safety: the whole cupboard against 60 children", () -> check.check(all, sixty));
        rows.put(
                "journal: 4 pages of 60 records, the best proven",
                () -> EntrySelection.over(TestJournals.FIRST, TestJournals.LAST, 16)
                        .choose(sixtyRecords));
        rows.put(
                "journal: 4 pages of 1,000 records, with the bound",
                () -> EntrySelection.over(TestJournals.FIRST, TestJournals.LAST, 16)
                        .choose(thousand));
        rows.put("journal: 40 entries become pages", () -> Composition.of(told, Sheet.A4));
        rows.put("names out of 2,200 characters", () -> guard.withoutNames(note));
        return rows;
    }

    /** What takes so long that fewer runs must do. */
    private static Contents laidOut(int kinds, int each) {
        List<Portion> portions = new ArrayList<>();
        portions.add(new Portion.Poured("rice-long", Optional.of(Length.ofCentimetres(4))));
        List.of(
                        "small-parcels",
                        "letters-felt",
                        "buttons-30",
                        "wooden-cubes",
                        "coins-play",
                        "tub-small",
                        "shells",
                        "wooden-scoops")
                .subList(0, kinds)
                .forEach(thing -> portions.add(new Portion.Counted(thing, Optional.of(each))));
        return new Contents(TestCupboard.byCode().get("tray-octagon").vessel(), portions, Set.of(), Map.of());
    }

    private static Map<String, Supplier<Object>> slowRows() {
        Map<String, Supplier<Object>> rows = new LinkedHashMap<>();
        RoomPlan large = TestPlans.large(1);
        rows.put(
                "spots: where 4 adults see most of that room",
                () -> SpotProposal.of(large, 4, Posture.STANDING, Play.FLOOR, TimeLimit.none()));
        rows.put(
                "week: a room's week proposed from 43 cards, 80 places",
                () -> WeekSolver.within(WeekSolver.USUAL_LIMIT, TestWeeks.ofARoom(3))
                        .solve(points -> {}));
        List<LogCheck.Entry> log = log();
        rows.put("log: 100,000 sealed entries checked", () -> {
            LogCheck check = new LogCheck(List.of());
            log.forEach(check::read);
            return check.report();
        });
        List<RotaProblem.Adult> adults = new ArrayList<>();
        List<RotaProblem.Area> areas = new ArrayList<>();
        for (int at = 0; at < 6; at++) {
            adults.add(new RotaProblem.Adult("adult-" + at, "Adult", Set.of(), at == 1 ? Set.of(2) : Set.of()));
            areas.add(new RotaProblem.Area("area-" + at, "Area", at));
        }
        rows.put(
                "rota: 6 adults, 6 areas, 12 weeks",
                () -> RotaSolver.solve(new RotaProblem(adults, areas, 12, Map.of(), Map.of())));
        return rows;
    }

    private static Map<String, Supplier<Object>> calculations() {
        Map<String, Supplier<Object>> rows = new LinkedHashMap<>();
        Box tray = new Box(Length.ofCentimetres(60), Length.ofCentimetres(40), Length.ofCentimetres(12));
        Between space = new Between(tray, new RoundTub(Length.ofCentimetres(15), Length.ofCentimetres(10)));
        rows.put("fill: the depth for a volume between two vessels", () -> space.depthFor(Volume.ofMillilitres(5000)));
        Recipe dough = Objects.requireNonNull(Recipe.shipped().get("dough-cooked"));
        rows.put("batch: dough for 11 children", () -> Batch.of(dough, 11, Mass.ofGrams(200), TestCupboard.byCode()));
        rows.put(
                "batch: two kilograms of rice in four colours",
                () -> DyedGrain.of(TestCupboard.get("rice-long"), Mass.ofGrams(2000), 4, tray));
        List<Money> prices = new ArrayList<>();
        for (int card = 1; card <= 20; card++) {
            prices.add(Money.ofMinor(card * 247L, TestCupboard.GBP));
        }
        List<Money> coins = PlayShop.inCirculation(prices.get(0).currency());
        rows.put("self-check: a play shop of 20 price cards", () -> PlayShop.of(prices, coins));
        rows.put("self-check: a picture grid of 6", () -> PictureGrid.of(6, 20, 9, 100));
        List<PouringLadder.Named> vessels = TestCupboard.byCode().values().stream()
                .filter(stocked -> stocked.material().kind() == MaterialKind.VESSEL)
                .map(stocked -> new PouringLadder.Named(
                        stocked.name(),
                        stocked.vessel().orElseThrow(),
                        stocked.material().opening()))
                .toList();
        Material water = TestCupboard.get("water");
        for (PouringLadder.PouringStep step :
                List.of(PouringLadder.PouringStep.TWO_EQUAL, PouringLadder.PouringStep.TWO_UNEQUAL)) {
            rows.put(
                    "pouring: %s over %d vessels".formatted(step.words().toLowerCase(Locale.ROOT), vessels.size()),
                    () -> PouringLadder.propose(step, vessels, List.of(), water, 0.02, PouringLadder.heaviestFor(50)));
        }
        rows.put(
                "line-up: 21 marks folded into a zone, drawn",
                () -> NumberLine.of(21, Length.ofCentimetres(40), Length.ofCentimetres(300), Length.ofCentimetres(200))
                        .sketch());
        rows.put(
                "dice: 20 squares, exact landing, 4 players",
                () -> DiceGame.of(new DiceGame.Rules(20, 6, DiceGame.Landing.EXACT, 4, DiceGame.Ending.ALL_HOME, 20)));
        List<Ladder.Seen> seen = new ArrayList<>();
        for (int day = 0; day < 100; day++) {
            seen.add(new Ladder.Seen(TODAY.minusDays(day), LadderStep.AS_IS, Optional.of(1 + day % 5)));
        }
        rows.put("ladder: a step from 100 observations", () -> Ladder.propose(seen, EnumSet.allOf(LadderStep.class)));
        OpenHours open = OpenHours.everyDay(
                new OpenHours.Hours(
                        LocalTime.of(8, 0),
                        LocalTime.of(18, 0),
                        List.of(new OpenHours.Span(LocalTime.of(9, 0), LocalTime.of(10, 30)))),
                OpenDays.mondayToFriday(Set.of()));
        List<Step> steps = new ArrayList<>();
        for (int step = 0; step < 12; step++) {
            Set<String> after = step == 0 ? Set.of() : Set.of("s" + (step - 1));
            steps.add(new Step("s" + step, Duration.ofMinutes(20), Duration.ofHours(step), Step.Who.ADULT, 2, after));
        }
        rows.put(
                "preparation: 12 steps of two turns, backwards",
                () -> Preparation.backwards(
                        steps, TODAY.atTime(9, 0), open, TODAY.minusDays(60).atStartOfDay()));
        return rows;
    }

    private static Object margin(SafetyCheck check, List<ChildPresent> children) {
        Box tray = new Box(Length.ofCentimetres(60), Length.ofCentimetres(40), Length.ofCentimetres(12));
        List<Layer> layers = List.of("rice-long", "lentils", "oats").stream()
                .map(code -> new Layer(TestCupboard.get(code), Length.ofCentimetres(3), Optional.empty()))
                .toList();
        List<Material> poured = layers.stream().map(Layer::material).toList();
        Fill.Amounts amounts = Fill.calculate(tray, layers);
        return List.of(
                FillPlan.of(amounts, List.of(Mass.ZERO, Mass.ZERO, Mass.ZERO), new FillPlan.Use(2, 10, 12, 5, 38)),
                Containment.of(tray, poured),
                VesselDrawing.of(tray, layers.stream().map(Layer::depth).toList()),
                poured.stream()
                        .flatMap(material -> GrainAdvice.of(PracticeStyle.PREPARED_ENVIRONMENT, material, 30).stream())
                        .toList(),
                check.check(poured, children));
    }

    private static double[] times(Supplier<Object> work, int warmUps, int runs) {
        int seen = 0;
        for (int run = 0; run < warmUps; run++) {
            seen += work.get().hashCode();
        }
        double[] times = new double[runs];
        for (int run = 0; run < runs; run++) {
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
                if (line.startsWith("| ") && cells.length == 2 && cells[0].length() > 2) {
                    rows.put(cells[0].substring(2), cells[1].replaceAll(" \\|$", ""));
                }
            }
        }
        return rows;
    }

    private static List<LogCheck.Entry> log() {
        List<LogCheck.Entry> log = new ArrayList<>();
        Digest last = Digest.NONE;
        for (int number = 1; number <= 100_000; number++) {
            Map<Part, Content> contents = new EnumMap<>(Part.class);
            for (Part part : Part.values()) {
                contents.put(
                        part,
                        new Content(
                                "3f2a91bc07de44a1b5c09e1200112233",
                                List.of(String.valueOf(number), "GET", "/children")));
            }
            Link link = Link.after(number, last, contents);
            last = link.digest();
            log.add(new LogCheck.Entry(link, last, contents, Map.of()));
        }
        return log;
    }
}
