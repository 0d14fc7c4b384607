package app.carder.core.ratio;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.said.Said;
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
 * {@code ceil(sum of children_i / ratio_i)}, worked out in whole numbers. Bands with a table of steps are looked up and added. The
 * sum over bands is common practice for mixed groups; some inspectors round up each band instead, which is never less: both are
 * told. A child older than the last band counts as the last, one younger than the first as the first. A childminder's rule has no
 * bands but {@link Cap}s: each limits the children under an age for one childminder, and the one that asks for most decides. While any
 * child is there, there are never fewer than {@link Terms#leastInRoom()} adults.
 *
 * @param code of the rule
 * @param name jurisdiction and variant, for people
 * @param bands by age, youngest first; empty for childminders
 * @param caps for one childminder; empty for groups
 * @param terms what goes with it
 */
public record RatioRule(String code, String name, List<Band> bands, List<Cap> caps, Terms terms) {

    private static final Map<String, RatioRule> SHIPPED = read();

    /** Keeps its own copy. */
    public RatioRule {
        bands = List.copyOf(bands);
        caps = List.copyOf(caps);
    }

    /**
     * The most children under an age whom one childminder cares for.
     *
     * @param underMonths completed months, excluded
     * @param most children
     * @param source where it comes from, from memory
     */
    public record Cap(int underMonths, int most, String source) {}

    /**
     * What goes with a ratio.
     *
     * @param presumes qualification of the adults
     * @param leastInRoom adults while any child is there
     * @param leastOnPremises adults in the whole house while any child is there
     * @param largestGroup children in one group; absent where the text has none, or it is not held
     * @param floor code of its floor figures
     * @param checked the day and edition, or from memory
     * @param notHeld what is not known here, in a sentence; empty where nothing is left open
     */
    public record Terms(
            String presumes,
            int leastInRoom,
            int leastOnPremises,
            Optional<Integer> largestGroup,
            String floor,
            Said checked,
            String notHeld) {}

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
     * @param calculation how
     */
    public record Need(int adults, int adultsByBand, Calculation calculation) {}

    /**
     * Adults for a group.
     *
     * @param agesInMonths completed months of every child, 0 or more
     */
    public Need need(List<Integer> agesInMonths) {
        Need need = caps.isEmpty() ? byBands(agesInMonths) : byCaps(agesInMonths);
        int least = agesInMonths.isEmpty() ? 0 : terms.leastInRoom();
        return new Need(Math.max(need.adults(), least), Math.max(need.adultsByBand(), least), need.calculation());
    }

    private Need byCaps(List<Integer> agesInMonths) {
        Calculation.Notebook notes = Calculation.asking(Said.say("working.how-many-childminders-do-these-children"))
                .given(Said.say("working.rule"), name)
                .given(Said.say("working.children"), Integer.toString(agesInMonths.size()));
        int adults = 0;
        for (Cap cap : caps) {
            int children = (int) agesInMonths.stream()
                    .filter(months -> months < cap.underMonths())
                    .count();
            int asked = (int) ceil(children, cap.most());
            adults = Math.max(adults, asked);
            notes.step(
                            Said.say("working.under-months-at-most-each", cap.underMonths(), cap.most()),
                            children + " ÷ " + cap.most(),
                            Said.say("working.adults", asked))
                    .from(Source.fromMemory(cap.source()));
        }
        return new Need(adults, adults, notes.close());
    }

    private Need byBands(List<Integer> agesInMonths) {
        int[] children = new int[bands.size()];
        agesInMonths.forEach(months -> children[bandOf(months)]++);
        Calculation.Notebook notes = Calculation.asking(Said.say("working.how-many-adults-do-these-children"))
                .given(Said.say("working.rule"), name);
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
            notes.given(months(band), Said.say("working.children-3", children[at], band.forPeople()))
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
                    Said.say("working.each-child-takes-its-part-of"),
                    String.join(" + ", sum)
                            + String.format(Locale.ROOT, " = %.2f", tables + parts / (double) denominator),
                    Said.say("working.adults", adults));
        }
        if (byBand > adults) {
            notes.step(
                    Said.say("working.each-age-rounded-up-by-itself"),
                    Said.say("working.some-inspectors-ask-for-this"),
                    Said.say("working.adults", byBand));
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
        return Said.say("working.from-to-under-months", band.fromMonths(), band.toMonths());
    }

    private static long ceil(long amount, long by) {
        return -Math.floorDiv(-amount, by);
    }

    private static Map<String, RatioRule> read() {
        Map<String, Terms> terms = new LinkedHashMap<>();
        ShippedTable.rows(RatioRule.class, "jurisdictions.csv")
                .forEach(row -> terms.put(
                        row.get("code"),
                        new Terms(
                                row.get("presumes"),
                                Integer.parseInt(row.get("least_in_room")),
                                Integer.parseInt(row.get("least_on_premises")),
                                Optional.of(row.get("largest_group"))
                                        .filter(number -> !number.isEmpty())
                                        .map(Integer::valueOf),
                                row.get("floor"),
                                Said.of("checked." + row.get("checked").replace(' ', '-')),
                                row.get("not_held"))));
        Map<String, String> names = new LinkedHashMap<>();
        Map<String, List<Band>> bands = new LinkedHashMap<>();
        Map<String, List<Cap>> caps = new LinkedHashMap<>();
        ShippedTable.rows(RatioRule.class, "ratios.csv").forEach(row -> {
            names.put(row.get("code"), row.get("name"));
            bands.computeIfAbsent(row.get("code"), code -> new ArrayList<>())
                    .add(Band.of(
                            Integer.parseInt(row.get("from_months")),
                            Integer.parseInt(row.get("to_months")),
                            row.get("children"),
                            row.get("source")));
        });
        ShippedTable.rows(RatioRule.class, "childminders.csv").forEach(row -> {
            names.put(row.get("code"), row.get("name"));
            caps.computeIfAbsent(row.get("code"), code -> new ArrayList<>())
                    .add(new Cap(
                            Integer.parseInt(row.get("under_months")),
                            Integer.parseInt(row.get("most")),
                            row.get("source")));
        });
        Map<String, RatioRule> rules = new LinkedHashMap<>();
        terms.forEach((code, of) -> rules.put(
                code,
                new RatioRule(
                        code,
                        names.getOrDefault(code, code),
                        bands.getOrDefault(code, List.of()),
                        caps.getOrDefault(code, List.of()),
                        of)));
        return rules;
    }

    /** What must be said wherever the rule is used: what it presumes, and what is not held here. */
    public List<String> saidWithIt() {
        List<String> said = new ArrayList<>();
        said.add(Said.say("working.presumes", terms.presumes()));
        if (terms.leastOnPremises() > 1) {
            said.add(Said.say("working.at-least-adults-in-the-house", terms.leastOnPremises()));
        }
        terms.largestGroup().ifPresent(most -> said.add(Said.say("working.at-most-children-in-one-group", most)));
        if (!terms.notHeld().isEmpty()) {
            said.add(terms.notHeld());
        }
        said.add(Said.say("working.figures-check-the-current-text", terms.checked()));
        return said;
    }
}
