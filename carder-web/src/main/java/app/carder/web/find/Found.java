package app.carder.web.find;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/**
 * What was found.
 *
 * @param query as it was typed
 * @param filters of the observations
 * @param groups of what has a name; groups without any are left out
 * @param observations the best first
 * @param more whether there are more observations than are shown
 */
public record Found(String query, Filters filters, List<Group> groups, List<Written> observations, boolean more) {

    /** Keeps its own copies. */
    public Found {
        groups = List.copyOf(groups);
        observations = List.copyOf(observations);
    }

    /**
     * Things of one kind.
     *
     * @param code of its heading
     * @param hits the best first
     * @param more whether there are more than are shown
     */
    public record Group(String code, List<Hit> hits, boolean more) {
        /** Keeps its own copy. */
        public Group {
            hits = List.copyOf(hits);
        }
    }

    /**
     * Something with a name.
     *
     * @param name for people
     * @param detail that tells it from others of its name; may be empty
     * @param address its page
     */
    public record Hit(String name, String detail, String address) {}

    /**
     * An observation.
     *
     * @param id its own
     * @param at when it was made, in the setting's zone
     * @param author who wrote it
     * @param words around what was found
     */
    public record Written(UUID id, LocalDateTime at, String author, List<Piece> words) {
        /** Keeps its own copy. */
        public Written {
            words = List.copyOf(words);
        }
    }

    /**
     * A stretch of words.
     *
     * @param text of it
     * @param isFound whether it is what was looked for
     */
    public record Piece(String text, boolean isFound) {}

    /** Nothing, as it was not looked for. */
    static Found nothing(String query, Filters filters) {
        return new Found(query, filters, List.of(), List.of(), false);
    }

    /** Whether nothing was found. */
    public boolean isEmpty() {
        return groups.isEmpty() && observations.isEmpty();
    }

    /** Whether anything was asked. */
    public boolean isAsked() {
        return !query.isBlank() || filters.any();
    }
}
