package app.carder.core.ratio;

import app.carder.core.reckoning.Reckoning;
import app.carder.core.reckoning.Source;
import app.carder.core.table.ShippedTable;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;

/**
 * How much indoor floor children of mixed ages need: the sum of what each takes. England's figures; other places have others.
 *
 * @param squareMetres at least so many
 * @param mostPerChild the largest figure among these children; the oldest band's where there are none
 * @param reckoning how
 */
public record FloorSpace(BigDecimal squareMetres, BigDecimal mostPerChild, Reckoning reckoning) {

    private record Row(int fromMonths, int toMonths, BigDecimal squareMetres, String source) {}

    private static final List<Row> ROWS = ShippedTable.rows(FloorSpace.class, "space.csv").stream()
            .map(row -> new Row(
                    Integer.parseInt(row.get("from_months")),
                    Integer.parseInt(row.get("to_months")),
                    new BigDecimal(row.get("square_metres")),
                    row.get("source")))
            .toList();

    /**
     * What a group takes.
     *
     * @param agesInMonths completed months of every child; older than the last row counts as the last
     */
    public static FloorSpace of(List<Integer> agesInMonths) {
        Reckoning.Notebook notes = Reckoning.asking("How much floor do these children need?");
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal most = ROWS.get(ROWS.size() - 1).squareMetres();
        for (Row row : ROWS) {
            long children = agesInMonths.stream()
                    .filter(months -> rowOf(months).equals(row))
                    .count();
            if (children > 0) {
                BigDecimal part = row.squareMetres().multiply(BigDecimal.valueOf(children));
                sum = sum.add(part);
                most = most.max(row.squareMetres());
                notes.given("From %d months".formatted(row.fromMonths()), children + " children")
                        .step(
                                "children × floor for each",
                                "%d × %s m²".formatted(children, row.squareMetres()),
                                String.format(Locale.ROOT, "%.1f m²", part))
                        .from(Source.fromMemory(row.source()));
            }
        }
        return new FloorSpace(sum, most, notes.close());
    }

    private static Row rowOf(int months) {
        return ROWS.stream()
                .filter(row -> months >= row.fromMonths() && months < row.toMonths())
                .findFirst()
                .orElse(ROWS.get(ROWS.size() - 1));
    }
}
