package app.carder.web.calculator;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Calculation.Figure;
import app.carder.core.card.Made;
import app.carder.core.drawing.Sketch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a tool has to say.
 *
 * @param verdict in a sentence; empty for none
 * @param good whether the verdict is what was hoped for
 * @param figures that matter most
 * @param table more of them; empty for none
 * @param sketches drawings
 * @param notes what to mind
 * @param calculations how it was found
 * @param trueSize a drawing to print at true size
 * @param made what it puts in front of children, by the codes of the cupboard
 */
public record ToolAnswer(
        String verdict,
        boolean good,
        List<Figure> figures,
        Table table,
        List<Sketch> sketches,
        List<String> notes,
        List<Calculation> calculations,
        Optional<Sketch> trueSize,
        Made made) {

    /** Keeps its own copies. */
    public ToolAnswer {
        figures = List.copyOf(figures);
        sketches = List.copyOf(sketches);
        notes = List.copyOf(notes);
        calculations = List.copyOf(calculations);
    }

    /**
     * A table.
     *
     * @param columns heads
     * @param rows of cells, as many as there are columns
     */
    public record Table(List<String> columns, List<List<String>> rows) {
        /** Keeps its own copies. */
        public Table {
            columns = List.copyOf(columns);
            rows = rows.stream().map(List::copyOf).toList();
        }
    }

    /**
     * Begins an answer.
     *
     * @param made what it puts in front of children; without things where it only works something out
     */
    static Builder of(Made made, Calculation... calculations) {
        return new Builder(made, List.of(calculations));
    }

    /** Collects the parts. */
    static final class Builder {
        private String verdict = "";
        private boolean good = true;
        private final List<Figure> figures = new ArrayList<>();
        private final List<List<String>> rows = new ArrayList<>();
        private List<String> columns = List.of();
        private final List<Sketch> sketches = new ArrayList<>();
        private final List<String> notes = new ArrayList<>();
        private final List<Calculation> calculations;
        private Optional<Sketch> trueSize = Optional.empty();

        private final Made made;

        private Builder(Made made, List<Calculation> calculations) {
            this.made = made;
            this.calculations = new ArrayList<>(calculations);
        }

        Builder verdict(boolean good, String words) {
            this.good = good;
            this.verdict = words;
            return this;
        }

        Builder figure(String name, String value) {
            figures.add(new Figure(name, value));
            return this;
        }

        Builder columns(String... heads) {
            columns = List.of(heads);
            return this;
        }

        Builder row(String... cells) {
            rows.add(List.of(cells));
            return this;
        }

        Builder sketch(Sketch sketch) {
            sketches.add(sketch);
            return this;
        }

        Builder note(String words) {
            if (!words.isBlank()) {
                notes.add(words);
            }
            return this;
        }

        Builder calculation(Calculation calculation) {
            calculations.add(calculation);
            return this;
        }

        Builder trueSize(Sketch sketch) {
            trueSize = Optional.of(sketch);
            return this;
        }

        ToolAnswer done() {
            return new ToolAnswer(
                    verdict, good, figures, new Table(columns, rows), sketches, notes, calculations, trueSize, made);
        }
    }
}
