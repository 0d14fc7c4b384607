package app.carder.core.ratio;

import app.carder.core.reckoning.Reckoning;
import app.carder.core.reckoning.Source;
import app.carder.core.table.ShippedTable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How many adults children of mixed ages need.
 *
 * <p>Where each age band has one figure, every child takes its part of an adult and the sum is rounded up:
 * {@code ceil(sum of children_i / ratio_i)}, reckoned in whole numbers. Bands with a table of steps are looked up and added. The
 * sum over bands is common practice for mixed groups; some inspectors round up each band instead, which is never less: both are
 * told. A child older than the last band counts as the last, one younger than the first as the first.
 *
 * @param code of the rule
 * @param name jurisdiction and variant, for people
 * @param bands by age, youngest first
 */
public record RatioRule(String code, String name, List<Band> bands) {

    private static final Map<String, RatioRule> SHIPPED = read();

    /** Keeps its own copy. */
    public RatioRule {
        bands = List.copyOf(bands);
    }

    /** Every rule that ships, in the order of the table. */
    public static List<RatioRule> shipped() {
        return List.copyOf(SHIPPED.values());
    }

    /** One of them. */
    public static Optional<RatioRule> byCode(String code) {
        return Optional.ofNullable(SHIPPED.get(code));
    }

    /** The rule that a room begins with. */
    public static RatioRule usual() {
        return shipped().get(0);
    }

    /**
     * What a group needs.
     *
     * @param adults at least so many, 0 where there are no children
     * @param adultsByBand at least so many where each band is rounded up by itself
     * @param reckoning how
     */
    public record Need(int adults, int adultsByBand, Reckoning reckoning) {}

    /**
     * Adults for a group.
     *
     * @param agesInMonths completed months of every child, 0 or more
     */
    public Need need(List<Integer> agesInMonths) {
        int[] children = new int[bands.size()];
        agesInMonths.forEach(months -> children[bandOf(months)]++);
        Reckoning.Notebook notes =
                Reckoning.asking("How many adults do these children need?").given("Rule", name);
        long denominator = 1;
        for (Band band : bands) {
            denominator *= band.isTable() ? 1 : band.childrenPerAdult();
        }
        long parts = 0;
        int tables = 0;
        int byBand = 0;
        List<String> sum = new ArrayList<>();
        for (int at = 0; at < bands.size(); at++) {
            Band band = bands.get(at);
            if (children[at] == 0) {
                continue;
            }
            notes.given(months(band), children[at] + " children, " + band.forPeople())
                    .from(Source.fromMemory(band.source()));
            if (band.isTable()) {
                tables += band.byTable(children[at]);
                byBand += band.byTable(children[at]);
                sum.add(String.valueOf(band.byTable(children[at])));
            } else {
                parts += children[at] * (denominator / band.childrenPerAdult());
                byBand += (int) ceil(children[at], band.childrenPerAdult());
                sum.add(children[at] + "/" + band.childrenPerAdult());
            }
        }
        int adults = tables + (int) ceil(parts, denominator);
        if (!sum.isEmpty()) {
            notes.step(
                    "each child takes its part of an adult, the sum is rounded up",
                    String.join(" + ", sum)
                            + String.format(Locale.ROOT, " = %.2f", tables + parts / (double) denominator),
                    adults + (adults == 1 ? " adult" : " adults"));
        }
        if (byBand > adults) {
            notes.step("each age rounded up by itself", "some inspectors ask for this", byBand + " adults");
        }
        return new Need(adults, byBand, notes.close());
    }

    private int bandOf(int months) {
        for (int at = 0; at < bands.size(); at++) {
            if (bands.get(at).holds(months)) {
                return at;
            }
        }
        return months < bands.get(0).fromMonths() ? 0 : bands.size() - 1;
    }

    private static String months(Band band) {
        return "From %d to under %d months".formatted(band.fromMonths(), band.toMonths());
    }

    private static long ceil(long amount, long by) {
        return -Math.floorDiv(-amount, by);
    }

    private static Map<String, RatioRule> read() {
        Map<String, RatioRule> rules = new LinkedHashMap<>();
        ShippedTable.rows(RatioRule.class, "ratios.csv").forEach(row -> {
            Band band = Band.of(
                    Integer.parseInt(row.get("from_months")),
                    Integer.parseInt(row.get("to_months")),
                    row.get("children"),
                    row.get("source"));
            rules.merge(
                    row.get("code"), new RatioRule(row.get("code"), row.get("name"), List.of(band)), (one, more) -> {
                        List<Band> bands = new ArrayList<>(one.bands());
                        bands.addAll(more.bands());
                        return new RatioRule(one.code(), one.name(), bands);
                    });
        });
        return rules;
    }
}
