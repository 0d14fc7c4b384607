package app.carder.web.reckoner;

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
        String code, String title, String question, Group group, List<Field> fields, Function<Inputs, Answer> reckon) {

    /** Keeps its own copy. */
    public Tool {
        fields = List.copyOf(fields);
    }

    /** Tools that belong together. */
    public enum Group {
        /** Dough, dye, mixes, ice, juice, kits. */
        BATCHES("Mixing and making"),
        /** Control of error. */
        SELF_CHECK("Sets that check themselves"),
        /** Pouring and moving. */
        POURING("Pouring, spooning, gripping, posting"),
        /** Line-ups and games. */
        LINE_UP("Lines and games");

        private final String words;

        Group(String words) {
            this.words = words;
        }

        /** For people. */
        public String words() {
            return words;
        }
    }
}
