package app.carder.core.calculation;

import java.util.ArrayList;
import java.util.List;

/**
 * An answer opened up: what went in, the rule, the arithmetic, and where rule and figures come from.
 *
 * @param question what was asked, in a sentence
 * @param inputs what went in
 * @param steps rule and arithmetic, in order
 * @param sources where rules and figures come from
 */
public record Calculation(String question, List<Figure> inputs, List<Step> steps, List<Source> sources) {

    /** Keeps its own copies. */
    public Calculation {
        inputs = List.copyOf(inputs);
        steps = List.copyOf(steps);
        sources = List.copyOf(sources);
    }

    /**
     * One named input.
     *
     * @param name what it is
     * @param value amount and unit
     */
    public record Figure(String name, String value) {}

    /**
     * One line of the arithmetic.
     *
     * @param rule the rule in symbols or words
     * @param arithmetic the rule with the numbers put in
     * @param result what came out, with its unit
     */
    public record Step(String rule, String arithmetic, String result) {}

    /** Starts a calculation that is written down while it is done. */
    public static Notebook asking(String question) {
        return new Notebook(question);
    }

    /** Collects the parts of a calculation; each source is kept once. */
    public static final class Notebook {

        private final String question;
        private final List<Figure> inputs = new ArrayList<>();
        private final List<Step> steps = new ArrayList<>();
        private final List<Source> sources = new ArrayList<>();

        private Notebook(String question) {
            this.question = question;
        }

        /** Adds an input. */
        public Notebook given(String name, String value) {
            inputs.add(new Figure(name, value));
            return this;
        }

        /** Adds a line of arithmetic. */
        public Notebook step(String rule, String arithmetic, String result) {
            steps.add(new Step(rule, arithmetic, result));
            return this;
        }

        /** Adds a source, once. */
        public Notebook from(Source source) {
            if (!sources.contains(source)) {
                sources.add(source);
            }
            return this;
        }

        /** The finished calculation. */
        public Calculation close() {
            return new Calculation(question, inputs, steps, sources);
        }
    }
}
