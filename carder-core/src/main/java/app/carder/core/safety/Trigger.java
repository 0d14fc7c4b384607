package app.carder.core.safety;

import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.safety.Answer.Verdict;
import app.carder.core.safety.Setup.Item;
import app.carder.core.said.Said;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * What makes a rule look: terms that must all hold, written in words so that rules are data. A term whose facts are missing is
 * neither true nor false.
 *
 * <ul>
 *   <li>{@code trait WATER}: the material has the trait; {@code no trait FOOD}: it has not
 *   <li>{@code choking food}: one of the foods that seal an airway; {@code no choking food}: none of them
 *   <li>{@code shape SMALL_PART}: the piece meets a gauge, see {@link Gauge}
 *   <li>{@code longer 220}: its longest measure is more than so many millimetres
 *   <li>{@code around 360}: twice its longest measure, lying flat, is more than so many millimetres
 *   <li>{@code opening 89 230}: its opening is within so many millimetres
 *   <li>{@code material rice}: its name holds these words, in any case
 *   <li>{@code allergen}: it holds an allergen; {@code anything}: whatever is put out
 *   <li>{@code feature TASTING}: the card has the feature; {@code stereotype}: the card's words sort people
 * </ul>
 */
final class Trigger {

    /** Traits of food that seals an airway. */
    static final Set<Trait> CHOKING_FOOD =
            Set.of(Trait.ROUND_FOOD, Trait.NUTS, Trait.CHOKING_FOOD, Trait.HARD_FOOD, Trait.COIN_FOOD);

    private final List<Term> terms;
    private final List<Term> ofCard;

    private Trigger(List<Term> terms) {
        this.terms = terms;
        this.ofCard = terms.stream().filter(term -> term.scope() != Scope.ITEM).toList();
    }

    private enum Scope {
        ITEM,
        CARD,
        WORDS
    }

    private interface OfItem {
        Known holds(Setup setup, Item item);
    }

    /** One term: about an item, or about the whole card; and the figures that decide it. */
    private record Term(
            Scope scope, OfItem ofItem, Predicate<Setup> ofCard, Function<Item, Optional<String>> evidence) {

        static Term item(OfItem holds) {
            return item(holds, item -> Optional.empty());
        }

        static Term item(OfItem holds, Function<Item, Optional<String>> evidence) {
            return new Term(Scope.ITEM, holds, setup -> true, evidence);
        }

        static Term card(Predicate<Setup> predicate) {
            return new Term(Scope.CARD, (setup, item) -> Known.YES, predicate, item -> Optional.empty());
        }
    }

    /**
     * Reads terms joined by {@code and}.
     *
     * @throws IllegalArgumentException if a term is not known
     */
    static Trigger parse(String words) {
        return new Trigger(Arrays.stream(words.split(" and "))
                .map(String::strip)
                .map(Trigger::term)
                .toList());
    }

    /** Whether it is about the card as a whole, not about one thing on it. */
    boolean isAboutTheCard() {
        return ofCard.size() == terms.size();
    }

    /** Whether it looks at words that sort people. */
    boolean isAboutStereotypes() {
        return ofCard.stream().anyMatch(term -> term.scope() == Scope.WORDS);
    }

    boolean holdsForCard(Setup setup) {
        for (Term term : ofCard) {
            if (!term.ofCard().test(setup)) {
                return false;
            }
        }
        return true;
    }

    Known holdsForItem(Setup setup, Item item) {
        Known holds = Known.YES;
        for (Term term : terms) {
            holds = holds.and(term.ofItem().holds(setup, item));
            if (holds.isNo()) {
                return holds;
            }
        }
        return holds;
    }

    /** What decided, with its figures; empty where the rule's own reason says it all. */
    Optional<String> evidence(Item item) {
        return terms.stream()
                .flatMap(term -> term.evidence().apply(item).stream())
                .findFirst();
    }

    private static Term term(String words) {
        String[] parts = words.split("\\s+");
        String rest = words.substring(parts[0].length()).strip();
        return switch (parts[0]) {
            case "trait" -> {
                Trait trait = Trait.valueOf(rest);
                yield Term.item((setup, item) -> has(setup, item, trait));
            }
            case "no" -> {
                OfItem other = term(rest).ofItem();
                yield Term.item((setup, item) -> other.holds(setup, item).not());
            }
            case "choking" ->
                Term.item((setup, item) -> CHOKING_FOOD.stream()
                        .map(trait -> has(setup, item, trait))
                        .reduce(Known.NO, Known::or));
            case "shape" -> {
                Gauge gauge = Gauge.valueOf(rest);
                yield Term.item(
                        (setup, item) -> gauge.needsSize() && item.size().isEmpty()
                                ? item.hasSize() ? missing(setup, item, Fact.SIZE) : Known.NO
                                : Known.of(gauge.meets(item)),
                        gauge::figures);
            }
            case "longer" -> {
                Length limit = millimetres(rest);
                yield Term.item(
                        (setup, item) ->
                                length(setup, item, size -> size.longest().isMoreThan(limit)),
                        Trigger::size);
            }
            case "around" -> {
                Length limit = millimetres(rest);
                yield Term.item(
                        (setup, item) -> length(
                                setup,
                                item,
                                size -> size.longest().multipliedBy(2).isMoreThan(limit)),
                        Trigger::size);
            }
            case "opening" -> {
                Length least = millimetres(parts[1]);
                Length most = millimetres(parts[2]);
                yield Term.item(
                        (setup, item) -> item.material()
                                .opening()
                                .map(gap -> Known.of(gap.compareTo(least) >= 0 && gap.compareTo(most) <= 0))
                                .orElseGet(() -> missing(setup, item, Fact.OPENING)),
                        item -> item.material()
                                .opening()
                                .map(gap -> Said.say("working.an-opening-of", gap.forPeople())));
            }
            case "material" -> {
                String wanted = rest.toLowerCase(Locale.ROOT);
                yield Term.item((setup, item) ->
                        Known.of(item.material().name().toLowerCase(Locale.ROOT).contains(wanted)));
            }
            case "allergen" ->
                Term.item((setup, item) -> item.material().allergens().isEmpty() ? looked(setup, item) : Known.YES);
            case "anything" -> Term.card(setup -> true);
            case "feature" -> {
                Feature feature = Feature.valueOf(rest);
                yield Term.card(setup -> setup.features().contains(feature));
            }
            case "stereotype" ->
                new Term(
                        Scope.WORDS,
                        (setup, item) -> Known.YES,
                        setup -> Stereotype.in(setup.words()).isPresent(),
                        item -> Optional.empty());
            default -> throw new IllegalArgumentException("Rule must use a known term, got \"%s\".".formatted(words));
        };
    }

    private static Length millimetres(String number) {
        return Length.ofMillimetres(Integer.parseInt(number));
    }

    private static Optional<String> size(Item item) {
        return item.size().map(Solid::forPeople);
    }

    /** The trait that was ticked, or that the name seems to say and somebody confirmed; not known where neither was looked at. */
    private static Known has(Setup setup, Item item, Trait trait) {
        Material material = item.material();
        if (material.has(trait)) {
            return Known.YES;
        }
        return DangerNames.said(material.name(), trait)
                .filter(said -> !DangerNames.isExplained(material, said))
                .map(said -> answered(setup, new Gap(Fact.NAME, item.key(), said, trait.words())))
                .orElseGet(() -> looked(setup, item));
    }

    /** No, where somebody went through the lists; not known, where nobody did. */
    private static Known looked(Setup setup, Item item) {
        return item.material().has(Trait.LOOKED_THROUGH) ? Known.NO : missing(setup, item, Fact.PROPERTIES);
    }

    private static Known length(Setup setup, Item item, Predicate<Solid> holds) {
        return item.size()
                .map(size -> Known.of(holds.test(size)))
                .orElseGet(() -> item.hasSize() ? missing(setup, item, Fact.LENGTH) : Known.NO);
    }

    private static Known missing(Setup setup, Item item, Fact fact) {
        return answered(setup, new Gap(fact, item.key(), item.material().name(), ""));
    }

    /** What somebody said to a question; not known where nobody did. */
    static Known answered(Setup setup, Gap gap) {
        return Optional.ofNullable(setup.answers().get(gap.key()))
                .map(answer -> Known.of(answer.verdict() == Verdict.IS))
                .orElseGet(() -> Known.missing(gap));
    }
}
