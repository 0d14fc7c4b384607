package app.carder.core.controloferror;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.drawing.Handle;
import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Pull;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * A strip with a repeating pattern of beads: AB, ABB, ABC.
 *
 * @param unit the letters of one repeat
 * @param repeats on one strip
 * @param strips one for each child
 * @param needed beads of each letter, all strips together
 * @param check whether the beads that are there come out even
 */
public record PatternStrip(String unit, int repeats, int strips, Map<Character, Integer> needed, ControlOfError check) {

    private static final int FEWEST_REPEATS = 2;
    private static final int MOST_REPEATS = 30;

    /** Keeps its own copy. */
    public PatternStrip {
        needed = java.util.Collections.unmodifiableMap(new TreeMap<>(needed));
    }

    /**
     * Counts the beads.
     *
     * @param unit 2 to 8 letters, at least two different ones
     * @param repeats 2 to 30
     * @param strips 1 to 100
     * @param there beads that are there, by letter; empty where nobody counted
     * @throws IllegalArgumentException if the unit is no pattern, or a number is out of its range
     */
    public static PatternStrip of(String unit, int repeats, int strips, Map<Character, Integer> there) {
        String letters = unit.strip().toUpperCase(Locale.ROOT);
        if (!letters.matches("[A-Z]{2,8}") || letters.chars().distinct().count() < 2) {
            throw Refused.because("refused.pattern-strip.pattern-must-be", unit);
        }
        ControlOfError.require(Said.say("working.repeats"), repeats, FEWEST_REPEATS, MOST_REPEATS);
        ControlOfError.require(Said.say("working.strips"), strips, 1, 100);
        Map<Character, Integer> needed = new TreeMap<>();
        letters.chars().forEach(letter -> needed.merge((char) letter, repeats * strips, Integer::sum));
        Calculation.Notebook notebook = Calculation.asking(Said.say("working.how-many-beads-of-each-colour"))
                .given(Said.say("working.pattern"), letters)
                .given(Said.say("working.repeats-on-a-strip"), Integer.toString(repeats))
                .given(Said.say("working.strips"), Integer.toString(strips));
        ControlOfError.Count count = new ControlOfError.Count();
        needed.forEach((letter, beads) -> {
            long perUnit = letters.chars().filter(other -> other == letter).count();
            notebook.step(
                    Said.say("working.in-one-repeat-repeats-strips", letter),
                    perUnit + " × " + repeats + " × " + strips,
                    beads.toString());
            if (!there.isEmpty()) {
                count.compare(Said.say("working.bead", letter), there.getOrDefault(letter, 0), beads);
            }
        });
        there.forEach((letter, beads) -> {
            if (!needed.containsKey(letter)) {
                count.compare(Said.say("working.bead", letter), beads, 0);
            }
        });
        return new PatternStrip(
                letters,
                repeats,
                strips,
                needed,
                count.close(
                        Said.say("working.the-strip-shows-the-pattern-the"),
                        notebook.from(Source.derived(Said.of("source.counting")))
                                .close()));
    }

    /** Beads on one strip. */
    public int length() {
        return unit.length() * repeats;
    }

    /** Where the end of the strip can be pulled to: to whole repeats. */
    public Pull repeatsPull() {
        return new Pull(
                IntStream.rangeClosed(FEWEST_REPEATS, MOST_REPEATS)
                        .mapToObj(many -> new Handle.Stop(Integer.toString(many), end(many), 10))
                        .toList(),
                end(repeats),
                10);
    }

    private double end(int many) {
        return many * unit.length() * 12 + 2.0;
    }

    /** One strip, a bead 10 mm. */
    public Sketch sketch() {
        Sheet sheet = new Sheet();
        List<Character> letters = List.copyOf(needed.keySet());
        for (int bead = 0; bead < length(); bead++) {
            char letter = unit.charAt(bead % unit.length());
            sheet.round(bead * 12 + 8, 10, 5, Style.fill(letters.indexOf(letter)))
                    .label(bead * 12 + 8, 12.4, 6, String.valueOf(letter));
        }
        return sheet.done(
                length() * 12 + 4,
                20,
                Said.say("working.one-strip"),
                Said.say("working.beads-in-the-order-times", String.join(", ", unit.split("")), repeats));
    }
}
