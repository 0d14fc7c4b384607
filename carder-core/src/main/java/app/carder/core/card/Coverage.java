package app.carder.core.card;

import app.carder.core.framework.Sense;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Set;

/**
 * What a card covers.
 *
 * @param areas codes of the framework's areas, those of the statements included
 * @param statements codes of the framework's statements
 * @param senses that it speaks to
 */
public record Coverage(Set<String> areas, Set<String> statements, Set<Sense> senses) {

    /** Keeps its own copies, in their order. */
    public Coverage {
        areas = Collections.unmodifiableSet(new LinkedHashSet<>(areas));
        statements = Collections.unmodifiableSet(new LinkedHashSet<>(statements));
        senses = Collections.unmodifiableSet(new LinkedHashSet<>(senses));
    }
}
