package app.carder.core.material;

import java.util.Locale;

/**
 * What a child may react to: the 14 allergens that must be named on food in the EU and the UK, and latex.
 *
 * <p>Source: Regulation (EU) 1169/2011 Annex II, retained in UK law, from memory; latex is common practice.
 */
public enum Allergen {
    CELERY("celery"),
    GLUTEN_CEREALS("cereals with gluten"),
    CRUSTACEANS("crustaceans"),
    EGGS("eggs"),
    FISH("fish"),
    LUPIN("lupin"),
    MILK("milk"),
    MOLLUSCS("molluscs"),
    MUSTARD("mustard"),
    PEANUTS("peanuts"),
    SESAME("sesame"),
    SOYBEANS("soybeans"),
    SULPHITES("sulphites"),
    TREE_NUTS("tree nuts"),
    LATEX("latex");

    private final String words;

    Allergen(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
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
