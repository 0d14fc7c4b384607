package app.carder.core.material;

import app.carder.core.said.Said;
import java.util.Locale;

/**
 * What a child may react to: the 14 allergens that must be named on food in the EU and the UK, and latex.
 *
 * <p>Source: Regulation (EU) 1169/2011 Annex II, retained in UK law, from memory; latex is common practice.
 */
public enum Allergen {
    CELERY,
    GLUTEN_CEREALS,
    CRUSTACEANS,
    EGGS,
    FISH,
    LUPIN,
    MILK,
    MOLLUSCS,
    MUSTARD,
    PEANUTS,
    SESAME,
    SOYBEANS,
    SULPHITES,
    TREE_NUTS,
    LATEX;

    /** What it is called. */
    public Said said() {
        return Said.of("allergen." + name());
    }

    /** For people. */
    public String words() {
        return said().words();
    }

    /**
     * Reads the code used in data files, in any case.
     *
     * @throws IllegalArgumentException if there is no such allergen
     */
    public static Allergen parse(String code) {
        return valueOf(code.trim().toUpperCase(Locale.ROOT));
    }
}
