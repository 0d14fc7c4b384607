package app.carder.core.safety;

import app.carder.core.material.Material;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.safety.Setup.Item;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What makes a rule look: terms that must all hold, written in words so that rules are data.
 *
 * <ul>
 *   <li>{@code trait WATER}: the material has the trait
 *   <li>{@code shape SMALL_PART}: the piece meets a gauge, see {@link Gauge}
 *   <li>{@code longer 220}: its longest measure is more than so many millimetres; {@code unmeasured}: it has no measures
 *   <li>{@code opening 89 230}: its opening is within so many millimetres
 *   <li>{@code material rice}: its name holds these words, in any case
 *   <li>{@code allergen}: it holds an allergen; {@code anything}: whatever is put out
 *   <li>{@code feature TASTING}: the card has the feature; {@code stereotype}: the card's words sort people
 * </ul>
 */
final class Trigger {

    private final String words;
    private final List<Term> terms;

    private Trigger(String words, List<Term> terms) {
        this.words = words;
        this.terms = terms;
    }

    /** One term: about an item, or about the whole card. */
    private record Term(Scope scope, Predicate<Item> ofItem, Predicate<Setup> ofCard) {
        static Term item(Predicate<Item> predicate) {
            return new Term(Scope.ITEM, predicate, setup -> true);
        }

        static Term material(Predicate<Material> predicate) {
            return item(item -> predicate.test(item.material()));
        }

        static Term card(Predicate<Setup> predicate) {
            return new Term(Scope.CARD, item -> true, predicate);
        }
    }

    private enum Scope {
        ITEM,
        CARD
    }

    /**
     * Reads terms joined by {@code and}.
     *
     * @throws IllegalArgumentException if a term is not known
     */
    static Trigger parse(String words) {
        return new Trigger(
                words,
                Arrays.stream(words.split(" and "))
                        .map(String::strip)
                        .map(Trigger::term)
                        .toList());
    }

    /** Whether it is about the card as a whole, not about one thing on it. */
    boolean isAboutTheCard() {
        return terms.stream().allMatch(term -> term.scope() == Scope.CARD);
    }

    boolean holdsForCard(Setup setup) {
        return terms.stream().allMatch(term -> term.ofCard().test(setup));
    }

    boolean holdsForItem(Item item) {
        return terms.stream().allMatch(term -> term.ofItem().test(item));
    }

    @Override
    public String toString() {
        return words;
    }

    private static Term term(String words) {
        String[] parts = words.split("\\s+");
        String rest = words.substring(parts[0].length()).strip();
        return switch (parts[0]) {
            case "trait" -> {
                Trait trait = Trait.valueOf(rest);
                yield Term.material(material -> material.has(trait));
            }
            case "shape" -> {
                Gauge gauge = Gauge.valueOf(rest);
                yield Term.item(gauge::meets);
            }
            case "longer" -> {
                Length limit = Length.ofMillimetres(Integer.parseInt(rest));
                yield Term.material(material -> material.form()
                        .filter(form -> form.longest().isMoreThan(limit))
                        .isPresent());
            }
            case "unmeasured" -> Term.material(material -> material.form().isEmpty());
            case "opening" -> {
                Length least = Length.ofMillimetres(Integer.parseInt(parts[1]));
                Length most = Length.ofMillimetres(Integer.parseInt(parts[2]));
                yield Term.material(material -> material.opening()
                        .filter(gap -> gap.compareTo(least) >= 0 && gap.compareTo(most) <= 0)
                        .isPresent());
            }
            case "material" -> {
                String wanted = rest.toLowerCase(Locale.ROOT);
                yield Term.material(
                        material -> material.name().toLowerCase(Locale.ROOT).contains(wanted));
            }
            case "allergen" -> Term.material(material -> !material.allergens().isEmpty());
            case "anything" -> Term.card(setup -> true);
            case "feature" -> {
                Feature feature = Feature.valueOf(rest);
                yield Term.card(setup -> setup.features().contains(feature));
            }
            case "stereotype" -> Term.card(setup -> Stereotype.in(setup.words()).isPresent());
            default -> throw new IllegalArgumentException("Rule must use a known term, got \"%s\".".formatted(words));
        };
    }

    /** What decided, with its figures; empty where the rule's own reason says it all. */
    Optional<String> evidence(Item item) {
        Material material = item.material();
        if (words.contains("opening")) {
            return material.opening().map(gap -> "an opening of " + gap.forPeople());
        }
        if (words.contains("shape SUCTION_CUP")) {
            return item.vessel().map(vessel -> vessel.forPeople());
        }
        return words.contains("shape") || words.contains("longer")
                ? material.form().map(form -> form.forPeople())
                : Optional.empty();
    }
}
