package app.carder.core.vessel;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.vessel.Fill.Amount;
import app.carder.core.vessel.Fill.Amounts;
import app.carder.core.vessel.Fill.Purchase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * From one filled vessel to a term of use: several vessels, what is spilled, what the cupboard holds already, what must be
 * bought, and what that costs in all, a child, a session and a year.
 */
public final class FillPlan {

    private FillPlan() {}

    /**
     * How it will be used.
     *
     * @param vessels filled alike, 1 to 100
     * @param spillPercent what is lost in play and topped up, 0 to 100 per cent of the fill
     * @param children who use it, 1 or more
     * @param sessionsPerFill sessions until it is replaced, 1 or more
     * @param sessionsPerYear sessions in a year in which it stands out, 1 or more
     */
    public record Use(int vessels, int spillPercent, int children, int sessionsPerFill, int sessionsPerYear) {
        /**
         * One vessel, no spill, one child, replaced after each of its sessions: what holds where nobody says otherwise.
         */
        public static final Use ONCE = new Use(1, 0, 1, 1, 1);

        /**
         * Refuses what no room does.
         *
         * @throws IllegalArgumentException if a number is out of its range
         */
        public Use {
            require(Said.say("working.vessels"), vessels, 1, 100);
            require(Said.say("working.spill-allowance-in-per-cent"), spillPercent, 0, 100);
            require(Said.say("working.children"), children, 1, 1000);
            require(Said.say("working.sessions-per-fill"), sessionsPerFill, 1, 1000);
            require(Said.say("working.sessions-per-year"), sessionsPerYear, 1, 2000);
        }

        private static void require(String thing, int number, int least, int most) {
            if (number < least || number > most) {
                throw Refused.because("refused.fill-plan.must-be-from", thing, least, most, number);
            }
        }

        /** How often the vessels are filled anew in a year, the first time included. */
        public int fillsPerYear() {
            return (sessionsPerYear + sessionsPerFill - 1) / sessionsPerFill;
        }
    }

    /**
     * One material of the plan.
     *
     * @param amount for one vessel
     * @param need for all vessels, with what is spilled
     * @param stock in the cupboard
     * @param missing what the stock does not cover
     * @param purchase packs for what is missing; absent where the pack is not known
     * @param perFill packs where nothing is in stock, as for every later fill; absent where the pack is not known
     */
    public record FillLine(
            Amount amount,
            Mass need,
            Mass stock,
            Mass missing,
            Optional<Purchase> purchase,
            Optional<Purchase> perFill) {}

    /**
     * What the use costs, of the materials whose pack is known.
     *
     * @param now for what must be bought for the first fill
     * @param fill one fill in whole packs, nothing in stock
     * @param perChild one fill, shared by the children
     * @param perSession one fill, shared by its sessions
     * @param perYear every fill of a year in whole packs; what is left in a pack goes into the next fill
     */
    public record Cost(Money now, Money fill, Money perChild, Money perSession, Money perYear) {}

    /**
     * The plan.
     *
     * @param lines one for each layer
     * @param vesselsFromStock how many vessels the stock fills, with what is spilled; absent where nothing is in stock
     * @param cost where any pack is known
     * @param calculation how it was found
     */
    public record Plan(
            List<FillLine> lines, Optional<Integer> vesselsFromStock, Optional<Cost> cost, Calculation calculation) {
        /** Keeps its own copy. */
        public Plan {
            lines = List.copyOf(lines);
        }
    }

    /**
     * Plans the use of filled vessels.
     *
     * @param amounts of one vessel
     * @param stock what the cupboard holds of each layer, in their order
     * @throws IllegalArgumentException if the stock is not of as many materials as there are layers
     */
    public static Plan of(Amounts amounts, List<Mass> stock, Use use) {
        if (stock.size() != amounts.amounts().size()) {
            throw Refused.because(
                    "refused.fill-plan.stock-must-be", amounts.amounts().size(), stock.size());
        }
        Calculation.Notebook notebook = Calculation.asking(Said.say("working.what-does-using-it-need-and"))
                .given(Said.say("working.vessels"), Integer.toString(use.vessels()))
                .given(Said.say("working.spill-allowance"), use.spillPercent() + " %")
                .given(Said.say("working.children"), Integer.toString(use.children()))
                .given(Said.say("working.sessions-per-fill"), Integer.toString(use.sessionsPerFill()))
                .given(Said.say("working.sessions-a-year"), Integer.toString(use.sessionsPerYear()));
        List<FillLine> lines = new ArrayList<>();
        double spill = 1 + use.spillPercent() / 100.0;
        Optional<Integer> fromStock = Optional.empty();
        for (int at = 0; at < stock.size(); at++) {
            Amount amount = amounts.amounts().get(at);
            Mass oneVessel = amount.mass().scaledBy(spill);
            FillLine line = line(amount, oneVessel.multipliedBy(use.vessels()), stock.get(at));
            lines.add(line);
            notebook.step(
                    Said.say("working.need-mass-vessels-1-spill"),
                    "%s × %d × %.2f".formatted(amount.mass().forPeople(), use.vessels(), spill),
                    line.need().forPeople());
            notebook.step(
                    Said.say("working.missing-need-stock"),
                    line.need().forPeople() + " − " + line.stock().forPeople(),
                    line.missing().forPeople());
            int filled =
                    (int) Math.min(Integer.MAX_VALUE, stock.get(at).dividedBy(oneVessel.orMore(Mass.ofMilligrams(1))));
            fromStock =
                    Optional.of(fromStock.map(least -> Math.min(least, filled)).orElse(filled));
        }
        boolean anyStock = stock.stream().anyMatch(mass -> !mass.isZero());
        Optional<Cost> cost = cost(lines, use, notebook);
        return new Plan(
                lines,
                fromStock.filter(found -> anyStock),
                cost,
                notebook.from(Source.entered(Said.of("source.packs-prices-and-stock")))
                        .from(Source.entered(Said.of("source.how-it-is-used")))
                        .close());
    }

    private static FillLine line(Amount amount, Mass need, Mass stock) {
        Mass missing = need.lessOrNothing(stock);
        return new FillLine(
                amount,
                need,
                stock,
                missing,
                amount.layer().pack().map(pack -> Fill.purchase(missing, pack)),
                amount.layer().pack().map(pack -> Fill.purchase(need, pack)));
    }

    private static Optional<Cost> cost(List<FillLine> lines, Use use, Calculation.Notebook notebook) {
        Optional<Money> now = lines.stream()
                .flatMap(line -> line.purchase().stream())
                .map(Purchase::cost)
                .reduce(Money::plus);
        Optional<Money> fill = lines.stream()
                .flatMap(line -> line.perFill().stream())
                .map(Purchase::cost)
                .reduce(Money::plus);
        return now.flatMap(toBuy -> fill.map(whole -> {
            // What is left in a pack goes into the next fill.
            Money perYear = lines.stream()
                    .flatMap(line -> line.amount().layer().pack().stream()
                            .map(pack -> Fill.purchase(line.need().multipliedBy(use.fillsPerYear()), pack)
                                    .cost()))
                    .reduce(Money::plus)
                    .orElse(whole);
            Cost cost = new Cost(
                    toBuy, whole, whole.sharedBy(use.children()), whole.sharedBy(use.sessionsPerFill()), perYear);
            notebook.step(
                            Said.say("working.a-child-one-fill-children"),
                            whole.forPeople() + " ÷ " + use.children(),
                            cost.perChild().forPeople())
                    .step(
                            Said.say("working.a-session-one-fill-its-sessions"),
                            whole.forPeople() + " ÷ " + use.sessionsPerFill(),
                            cost.perSession().forPeople())
                    .step(
                            Said.say("working.a-year-packs-for-all-fills"),
                            Said.say("working.fills", use.fillsPerYear()),
                            perYear.forPeople());
            return cost;
        }));
    }
}
