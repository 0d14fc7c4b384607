package app.carder.core.ratio;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.said.Said;
import app.carder.core.table.ShippedTable;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;

/**
 * How much indoor floor children of mixed ages need: the sum of what each takes, by the figures of a jurisdiction.
 *
 * @param squareMetres at least so many
 * @param mostPerChild the largest figure among these children; the oldest band's where there are none
 * @param source of the figures, with what floor they leave out
 * @param calculation how
 */
public record FloorSpace(BigDecimal squareMetres, BigDecimal mostPerChild, Source source, Calculation calculation) {

    private record Row(
            String code, int fromMonths, int toMonths, BigDecimal squareMetres, String leavesOut, String source) {}

    private static final List<Row> ROWS = ShippedTable.rows(FloorSpace.class, "space.csv").stream()
            .map(row -> new Row(
                    row.get("code"),
                    Integer.parseInt(row.get("from_months")),
                    Integer.parseInt(row.get("to_months")),
                    new BigDecimal(row.get("square_metres")),
                    row.get("leaves_out"),
                    row.get("source")))
            .toList();

    /**
     * What a group takes.
     *
     * @param rule whose jurisdiction it is
     * @param agesInMonths completed months of every child; older than the last row counts as the last
     */
    public static FloorSpace of(RatioRule rule, List<Integer> agesInMonths) {
        List<Row> rows = ROWS.stream()
                .filter(row -> row.code().equals(rule.terms().floor()))
                .toList();
        Calculation.Notebook notes = Calculation.asking(Said.say("working.how-much-floor-do-these-children"));
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal most = rows.get(rows.size() - 1).squareMetres();
        for (Row row : rows) {
            long children = agesInMonths.stream()
                    .filter(months -> rowOf(rows, months).equals(row))
                    .count();
            if (children > 0) {
                BigDecimal part = row.squareMetres().multiply(BigDecimal.valueOf(children));
                sum = sum.add(part);
                most = most.max(row.squareMetres());
                notes.given(Said.say("working.from-months", row.fromMonths()), Said.say("working.children-2", children))
                        .step(
                                Said.say("working.children-floor-for-each"),
                                "%d × %s m²"
                                        .formatted(children, row.squareMetres().toPlainString()),
                                String.format(Locale.ROOT, "%.1f m²", part))
                        .from(Source.fromMemory(row.source()));
            }
        }
        return new FloorSpace(
                sum,
                most,
                Source.fromMemory("%s; not counted: %s"
                        .formatted(rows.get(0).source(), rows.get(0).leavesOut())),
                notes.close());
    }

    private static Row rowOf(List<Row> rows, int months) {
        return rows.stream()
                .filter(row -> months >= row.fromMonths() && months < row.toMonths())
                .findFirst()
                .orElse(rows.get(rows.size() - 1));
    }
}
