package app.carder.web.calculator;

import app.carder.core.said.Said;
import java.util.List;
import java.util.stream.IntStream;

/**
 * One input of a tool.
 *
 * @param name of the input
 * @param label for people
 * @param kind how it is read
 * @param unit behind the input; empty for none
 * @param initial what stands in it at first
 * @param least smallest number
 * @param most largest number
 * @param options to choose from
 */
public record Field(
        String name,
        Said label,
        Kind kind,
        String unit,
        String initial,
        double least,
        double most,
        List<Option> options) {

    private static final int LONGEST_TEXT = 300;

    /** Keeps its own copy. */
    public Field {
        options = List.copyOf(options);
    }

    /** Whether one of some is chosen. */
    public boolean isChoice() {
        return kind == Kind.CHOICE;
    }

    /** Whether a whole number is typed. */
    public boolean isWhole() {
        return kind == Kind.WHOLE;
    }

    /** Whether a number with decimals is typed. */
    public boolean isDecimal() {
        return kind == Kind.DECIMAL;
    }

    /** Whether a thing of the cupboard is named. */
    public boolean isThing() {
        return kind == Kind.THING;
    }

    /** How an input is read. */
    public enum Kind {
        /** A whole number. */
        WHOLE,
        /** A number with decimals. */
        DECIMAL,
        /** Words; may be left out. */
        TEXT,
        /** One of some. */
        CHOICE,
        /** A thing of the cupboard, by its name. */
        THING
    }

    /**
     * One that can be chosen.
     *
     * @param value that is kept
     * @param words for people
     */
    public record Option(String value, Said words) {}

    static Field whole(String name, Said label, String unit, int initial, int least, int most) {
        return new Field(name, label, Kind.WHOLE, unit, Integer.toString(initial), least, most, List.of());
    }

    static Field decimal(String name, Said label, String unit, String initial, double least, double most) {
        return new Field(name, label, Kind.DECIMAL, unit, initial, least, most, List.of());
    }

    static Field text(String name, Said label, String initial) {
        return new Field(name, label, Kind.TEXT, "", initial, 0, LONGEST_TEXT, List.of());
    }

    static Field choice(String name, Said label, String initial, List<Option> options) {
        return new Field(name, label, Kind.CHOICE, "", initial, 0, 0, options);
    }

    static Field thing(String name, Said label, String initial) {
        return new Field(name, label, Kind.THING, "", initial, 0, 0, List.of());
    }

    /** Piles of a sort: a name and a number, so many rows. */
    static List<Field> piles(String name, Said label, List<String> initial, int rows) {
        return IntStream.range(0, rows)
                .mapToObj(row -> text(
                        name + row,
                        Said.of("tool.numbered", label, row + 1),
                        row < initial.size() ? initial.get(row) : ""))
                .toList();
    }
}
