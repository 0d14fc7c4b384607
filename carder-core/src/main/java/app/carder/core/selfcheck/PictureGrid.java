package app.carder.core.selfcheck;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.reckoning.Reckoning;
import app.carder.core.reckoning.Source;
import java.util.List;

/**
 * A puzzle in which each picture stands once in every row and every column (a Latin square), 2 to 6 pictures.
 *
 * @param symbols pictures, as many as rows and columns
 * @param puzzles laid out, one for each child
 * @param solution by rows, the pictures numbered from 0
 * @param copiesEach copies of each picture that are cut out
 * @param sheets A4 sheets to print
 * @param check whether it closes
 */
public record PictureGrid(
        int symbols, int puzzles, List<List<Integer>> solution, int copiesEach, int sheets, SelfCheck check) {

    /** Pictures of 45 mm on a sheet of A4: four across, six down. */
    static final int ON_A_SHEET = 24;

    /** Keeps its own copy. */
    public PictureGrid {
        solution = solution.stream().map(List::copyOf).toList();
    }

    /**
     * Plans the puzzles.
     *
     * @param symbols 2 to 6
     * @param puzzles 1 to 60
     * @param given pictures that are printed into each grid already, 0 to all but one
     * @param cutOut pictures of each sort that are there; negative where nobody counted
     * @throws IllegalArgumentException if a number is out of its range
     */
    public static PictureGrid of(int symbols, int puzzles, int given, int cutOut) {
        SelfCheck.require("Pictures", symbols, 2, 6);
        SelfCheck.require("Puzzles", puzzles, 1, 60);
        int cells = symbols * symbols;
        SelfCheck.require("Pictures printed into the grid", given, 0, cells - 1L);
        List<List<Integer>> solution = java.util.stream.IntStream.range(0, symbols)
                .mapToObj(row -> java.util.stream.IntStream.range(0, symbols)
                        .mapToObj(column -> (row + column) % symbols)
                        .toList())
                .toList();
        // Those printed in are taken row by row, so that of one sort at least ceil remain to be laid.
        int most = 0;
        for (int symbol = 0; symbol < symbols; symbol++) {
            int printed = 0;
            for (int cell = 0; cell < given; cell++) {
                printed += solution.get(cell / symbols).get(cell % symbols) == symbol ? 1 : 0;
            }
            most = Math.max(most, symbols - printed);
        }
        int copies = most * puzzles;
        int sheets = (copies * symbols + ON_A_SHEET - 1) / ON_A_SHEET;
        SelfCheck.Count count = new SelfCheck.Count();
        if (cutOut >= 0) {
            count.compare("each picture", cutOut, copies);
        }
        Reckoning reckoning = Reckoning.asking("How many pictures to cut out, how many sheets to print?")
                .given("Pictures", Integer.toString(symbols))
                .given("Puzzles", Integer.toString(puzzles))
                .given("Printed into each grid", Integer.toString(given))
                .step(
                        "copies of a picture = its empty places × puzzles",
                        most + " × " + puzzles,
                        Integer.toString(copies))
                .step(
                        "sheets = pictures × copies ÷ 24 on a sheet, rounded up",
                        symbols + " × " + copies + " ÷ " + ON_A_SHEET,
                        Integer.toString(sheets))
                .from(Source.derived("Latin square: row + column, modulo pictures"))
                .close();
        return new PictureGrid(
                symbols,
                puzzles,
                solution,
                copies,
                sheets,
                count.close(
                        "A picture that stands twice in a row or a column, or a place that no picture fits.",
                        reckoning));
    }

    /** The solved grid, a picture 20 mm. */
    public Sketch sketch() {
        Sheet sheet = new Sheet();
        for (int row = 0; row < symbols; row++) {
            for (int column = 0; column < symbols; column++) {
                int symbol = solution.get(row).get(column);
                sheet.box(2 + column * 22, 2 + row * 22, 20, 20, Style.OUTLINE);
                draw(sheet, symbol, 12 + column * 22, 12 + row * 22);
            }
        }
        return sheet.done(
                symbols * 22 + 2,
                symbols * 22 + 2,
                "The solved grid",
                "Each of %d pictures once in every row and column.".formatted(symbols));
    }

    private static void draw(Sheet sheet, int symbol, double x, double y) {
        switch (symbol) {
            case 0 -> sheet.round(x, y, 6, Style.FILL);
            case 1 -> sheet.box(x - 6, y - 6, 12, 12, Style.FILL_2);
            case 2 -> sheet.shape(Style.FILL_3, x, y - 7, x + 7, y + 6, x - 7, y + 6);
            case 3 -> sheet.shape(Style.ACCENT, x, y - 7, x + 7, y, x, y + 7, x - 7, y);
            case 4 -> sheet.box(x - 7, y - 3, 14, 6, Style.FILL);
            default -> sheet.round(x, y, 6, Style.OUTLINE).round(x, y, 2.5, Style.ACCENT);
        }
    }
}
