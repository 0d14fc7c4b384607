package app.carder.web.page;

import java.util.Map;

/** Looks up what a foreign key says must be there. */
public final class Required {

    private Required() {}

    /**
     * The value of a key.
     *
     * @throws IllegalStateException if there is none: the database holds that it exists, so this is our own fault
     */
    public static <K, V> V from(Map<K, V> values, K key) {
        V value = values.get(key);
        if (value == null) {
            throw new IllegalStateException("Impossible state: nothing is known of " + key + ".");
        }
        return value;
    }
}
