package app.carder.web.demo;

import app.carder.core.material.Allergen;
import app.carder.core.safety.CareEntry;
import app.carder.core.safety.CareEntry.Kind;
import app.carder.web.children.ChildCare;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** What is made up about single children. */
final class DemoChildren {

    /** Who has not come, and nobody has said why. */
    static final String NO_WORD_FROM = "Florian";

    /** Who may fetch some of them, and the word that they say. */
    static final Map<String, String> MAY_FETCH = Map.of(
            "Anouk", "Her grandfather and her aunt Odile; the word is lantern",
            "Bram", "His aunt on Wednesdays; the word is marble");

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

    static final Map<String, List<String>> OTHER_NAMES =
            Map.of("Anouk", List.of("Nouki"), "Benedikt", List.of("Ben"), "Rosalind", List.of("Rosa"));

    static final Map<String, List<CareEntry>> CARE = Map.of(
            "Yusuf", List.of(new CareEntry(Kind.FOOD_RULE, "pork, gelatine", "")),
            "Tamsin", List.of(new CareEntry(Kind.SKIN, "eczema on both hands", "Cotton gloves, then cream.")),
            "Juno", List.of(new CareEntry(Kind.ALLERGY, "kiwi", "Plan in the office; follow it.")));

    /**
     * What adults must know of a child.
     *
     * @param givers who may give medicine in the room that has a plan for somebody
     */
    static ChildCare care(String name, Set<UUID> givers) {
        boolean plan = ALLERGENS.containsKey(name);
        return new ChildCare(
                MOUTHING.contains(name),
                true,
                ALLERGENS.getOrDefault(name, Set.of()),
                plan ? "Medical plan in the office; follow it." : "",
                CARE.getOrDefault(name, List.of()),
                plan ? "Blue pouch on the high shelf by the Loft door. Imelda and Tobias may give it." : "",
                plan ? givers : Set.of());
    }

    private DemoChildren() {}
}
