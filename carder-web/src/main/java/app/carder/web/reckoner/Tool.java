package app.carder.web.reckoner;

import app.carder.core.said.Said;
import java.util.List;
import java.util.function.Function;

/**
 * Something that reckons.
 *
 * @param code its own
 * @param title for people
 * @param question what it answers
 * @param group where it belongs
 * @param fields what it asks
 * @param reckon from the inputs to the answer; what the core refuses is told as it is
 */
public record Tool(
        String code, Said title, Said question, Group group, List<Field> fields, Function<Inputs, Answer> reckon) {

    /** Keeps its own copy. */
    public Tool {
        fields = List.copyOf(fields);
    }

    /** Tools that belong together. */
    public enum Group {
        /** Dough, dye, mixes, ice, juice, kits. */
        BATCHES,
        /** Control of error. */
        SELF_CHECK,
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
