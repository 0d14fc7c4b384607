package app.carder.core.controloferror;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A puzzle in which each picture stands once in every row and every column (a Latin square), 2 to 6 pictures. So many are printed
 * in that only one solution fits: a child who lays a wrong one gets stuck and sees it.
 *
 * <p>The fewest that leave one solution of the grid {@code row + column} are {@code n² / 4}, rounded down, in a triangle at two
 * opposite corners (critical sets of the cyclic Latin square, Curran and van Rees 1978, from memory; checked for 2 to 4 pictures
 * against all there are).
 *
 * @param symbols pictures, as many as rows and columns
 * @param puzzles laid out, one for each child
 * @param solution by rows, the pictures numbered from 0
 * @param printed cells that are printed in, by rows: {@code row × pictures + column}
 * @param copies of each picture that are cut out, for exactly the places that are open
 * @param sheets A4 sheets to print
 * @param check whether it closes
 */
public record PictureGrid(
        int symbols,
        int puzzles,
        List<List<Integer>> solution,
        List<Integer> printed,
        List<Integer> copies,
        int sheets,
        ControlOfError check) {

    /** Pictures of 45 mm on a sheet of A4: four across, six down. */
    static final int ON_A_SHEET = 24;

    /** Keeps its own copies. */
    public PictureGrid {
        solution = solution.stream().map(List::copyOf).toList();
        printed = List.copyOf(printed);
        copies = List.copyOf(copies);
    }

    /** The fewest pictures to print in, so that one solution fits. */
    public static int fewestGiven(int symbols) {
        return symbols * symbols / 4;
    }

    /**
     * Plans the puzzles.
     *
     * @param symbols 2 to 6
     * @param puzzles 1 to 60
     * @param given pictures that are printed into each grid already, {@link #fewestGiven} to all but one
     * @param cutOut pictures of each sort that are there; negative where nobody counted
     * @throws IllegalArgumentException if a number is out of its range
     */
    public static PictureGrid of(int symbols, int puzzles, int given, int cutOut) {
        ControlOfError.require(Said.say("working.pictures"), symbols, 2, 6);
        ControlOfError.require(Said.say("working.puzzles"), puzzles, 1, 60);
        int cells = symbols * symbols;
        if (given < fewestGiven(symbols)) {
            throw Refused.because("refused.picture-grid.pictures-printed-into", symbols, fewestGiven(symbols), given);
        }
        ControlOfError.require(
                Said.say("working.pictures-printed-into-the-grid"), given, fewestGiven(symbols), cells - 1L);
        List<List<Integer>> solution = IntStream.range(0, symbols)
                .mapToObj(row -> IntStream.range(0, symbols)
                        .mapToObj(column -> (row + column) % symbols)
                        .toList())
                .toList();
        List<Integer> printed = printed(symbols, given);
        List<Integer> copies = IntStream.range(0, symbols)
                .mapToObj(symbol -> puzzles
                        * (symbols
                                - (int) printed.stream()
                                        .filter(cell ->
                                                solution.get(cell / symbols).get(cell % symbols) == symbol)
                                        .count()))
                .toList();
        int open = cells - given;
        int sheets = (open * puzzles + ON_A_SHEET - 1) / ON_A_SHEET;
        ControlOfError.Count count = new ControlOfError.Count();
        if (cutOut >= 0) {
            for (int symbol = 0; symbol < symbols; symbol++) {
                count.compare(Said.say("working.picture", (symbol + 1)), cutOut, copies.get(symbol));
            }
        }
        Calculation calculation = Calculation.asking(Said.say("working.how-many-pictures-to-cut-out"))
                .given(Said.say("working.pictures"), Integer.toString(symbols))
                .given(Said.say("working.puzzles"), Integer.toString(puzzles))
                .given(Said.say("working.printed-into-each-grid"), Integer.toString(given))
                .step(
                        Said.say("working.cut-out-places-printed-in-puzzles"),
                        "(%d × %d − %d) × %d".formatted(symbols, symbols, given, puzzles),
                        Integer.toString(open * puzzles))
                .step(
                        Said.say("working.sheets-cut-out-24-on-a"),
                        open * puzzles + " ÷ " + ON_A_SHEET,
                        Integer.toString(sheets))
                .from(Source.derived(Said.of("source.latin-square-row-column-modulo-pictures")))
                .close();
        return new PictureGrid(
                symbols,
                puzzles,
                solution,
                printed,
                copies,
                sheets,
                count.close(Said.say("working.a-picture-that-stands-twice-in"), calculation));
    }

    /** A triangle at the first corner, one at the last, and after these one cell after another. */
    private static List<Integer> printed(int symbols, int given) {
        int first = symbols / 2;
        List<Integer> needed = new ArrayList<>();
        List<Integer> others = new ArrayList<>();
        for (int cell = 0; cell < symbols * symbols; cell++) {
            int sum = cell / symbols + cell % symbols;
            (sum < first || sum >= symbols + first ? needed : others).add(cell);
        }
        needed.addAll(others);
        return needed.subList(0, given).stream().sorted().toList();
    }

    /** The solved grid, a picture 20 mm. */
    public Sketch sketch() {
        Sheet sheet = new Sheet();
        for (int row = 0; row < symbols; row++) {
            for (int column = 0; column < symbols; column++) {
                int symbol = solution.get(row).get(column);
                boolean isPrinted = printed.contains(row * symbols + column);
                sheet.box(2 + column * 22, 2 + row * 22, 20, 20, Style.OUTLINE);
                if (isPrinted) {
                    sheet.box(3.5 + column * 22, 3.5 + row * 22, 17, 17, Style.OUTLINE);
                }
                draw(sheet, symbol, 12 + column * 22, 12 + row * 22);
            }
        }
        return sheet.done(
                symbols * 22 + 2,
                symbols * 22 + 2,
                Said.say("working.the-solved-grid"),
                Said.say("working.each-of-pictures-once-in-every", symbols));
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
