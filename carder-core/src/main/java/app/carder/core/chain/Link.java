package app.carder.core.chain;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * One link: commitments to the parts of an entry, tied to the link before.
 *
 * @param number 1 for the first of a setting, then one by one: the order of the log, whichever server wrote it
 * @param previous digest of the link before; {@link Digest#NONE} for the first
 * @param commitments to every part
 */
public record Link(long number, Digest previous, Map<Part, Digest> commitments) {

    /**
     * Checks, and keeps its own copy.
     *
     * @throws IllegalArgumentException if a part is not committed to
     */
    public Link {
        commitments = Map.copyOf(commitments);
        if (commitments.size() != Part.values().length) {
            throw new IllegalArgumentException("A link commits to every part.");
        }
    }

    /** The link of an entry after another. */
    public static Link after(long number, Digest previous, Map<Part, Content> contents) {
        Map<Part, Digest> commitments = new EnumMap<>(Part.class);
        contents.forEach((part, content) -> commitments.put(part, content.commitment()));
        return new Link(number, previous, commitments);
    }

    /** What the next link follows. */
    public Digest digest() {
        return Digest.of(List.of(
                Long.toString(number),
                previous.hex(),
                commitment(Part.DEED).hex(),
                commitment(Part.PERSON).hex(),
                commitment(Part.SUBJECT).hex()));
    }

    Digest commitment(Part part) {
        Digest commitment = commitments.get(part);
        if (commitment == null) {
            throw new IllegalStateException("Impossible state: no commitment to " + part + ".");
        }
        return commitment;
    }
}
