package app.carder.web.calculator;

import app.carder.core.said.Said;
import java.util.List;
import java.util.function.Function;

/**
 * A calculator: it answers one question.
 *
 * @param code its own
 * @param title for people
 * @param question what it answers
 * @param group where it belongs
 * @param fields what it asks
 * @param calculate from the inputs to the answer; what the core refuses is told as it is
 */
public record Tool(
        String code,
        Said title,
        Said question,
        Group group,
        List<Field> fields,
        Function<Inputs, ToolAnswer> calculate) {

    /** Keeps its own copy. */
    public Tool {
        fields = List.copyOf(fields);
    }

    /** Tools that belong together. */
    public enum Group {
        /** Dough, dye, mixes, ice, juice, kits. */
        BATCHES,
        /** Control of error. */
        CONTROL_OF_ERROR,
        /** Pouring and moving. */
        POURING,
        /** Line-ups and games. */
        LINE_UP;

        /** For people. */
        public String words() {
            return Said.say("tool-group." + name());
        }
    }
}
