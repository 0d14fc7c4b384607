package app.carder.core.chain;

import java.util.ArrayList;
import java.util.List;

/**
 * One part of an entry, as it stands in the log.
 *
 * @param salt random, kept beside the content and erased with it: without it nobody can find out by trying what the content was
 * @param fields in a fixed order; what is absent is an empty text
 */
public record Content(String salt, List<String> fields) {

    /** Keeps its own copy. */
    public Content {
        fields = List.copyOf(fields);
    }

    /** What stands in the chain for it. */
    public Digest commitment() {
        List<String> whole = new ArrayList<>(fields.size() + 1);
        whole.add(salt);
        whole.addAll(fields);
        return Digest.of(whole);
    }
}
