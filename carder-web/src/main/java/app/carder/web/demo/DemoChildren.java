package app.carder.web.demo;

import app.carder.core.material.Allergen;
import java.util.Map;
import java.util.Set;

/** What is made up about single children. */
final class DemoChildren {

    static final Set<String> MOUTHING = Set.of("Hana", "Viggo", "Yusuf");

    static final Map<String, Set<Allergen>> ALLERGENS = Map.of(
            "Eskil", Set.of(Allergen.GLUTEN_CEREALS),
            "Kofi", Set.of(Allergen.PEANUTS, Allergen.TREE_NUTS),
            "Xanthe", Set.of(Allergen.MILK),
            "Leilani", Set.of(Allergen.EGGS));

    static final Map<String, String> LANGUAGES = Map.of(
            "Anouk", "French, English",
            "Yusuf", "Arabic, English",
            "Zofia", "Polish, English",
            "Priya", "Tamil, English",
            "Eskil", "Swedish, English",
            "Chidi", "Igbo, English",
            "Esperanza", "Spanish, English");

    static final Map<String, String> INTERESTS = Map.of(
            "Anouk", "weighing, knots, being the one who brings the post",
            "Bram", "ramps and things that roll",
            "Cosima", "stamps and labels",
            "Idris", "wrapping, and opening again",
            "Hana", "paper that rustles",
            "Farida", "posting things through gaps");

    static final Set<String> NO_PHOTOS = Set.of("Idris", "Juno");

    static final Set<String> OWN_PHOTOS_ONLY = Set.of("Cosima", "Nadia", "Odhran");

    private DemoChildren() {}
}
