package app.carder.core.selfcheck;

import app.carder.core.reckoning.Reckoning;
import app.carder.core.reckoning.Source;
import app.carder.core.said.Refused;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Sets of pieces that check themselves: slots, sorting, pairs, a missing member, cards in order. */
public final class Sets {

    private static final Source COUNTING = Source.derived("counting");

    private Sets() {}

    /**
     * Pieces of one sort.
     *
     * @param name what they are
     * @param pieces how many, 0 or more
     */
    public record Pile(String name, int pieces) {
        /**
         * Refuses a pile that is none.
         *
         * @throws IllegalArgumentException if it has no name, or fewer pieces than none or more than 1000
         */
        public Pile {
            if (name.isBlank()) {
                throw Refused.because("refused.sets.pile-must-have");
            }
            SelfCheck.require("Pieces of " + name, pieces, 0, 1000);
        }
    }

    /** Pieces equal slots: an empty slot or a piece in the hand shows at the end. */
    public static SelfCheck slots(int pieces, int slots) {
        SelfCheck.require("Pieces", pieces, 0, 1000);
        SelfCheck.require("Slots", slots, 1, 1000);
        SelfCheck.Count count = new SelfCheck.Count();
        count.compare("piece", pieces, slots);
        return count.close(
                "An empty slot, or a piece left in the hand, at the end.",
                Reckoning.asking("Do pieces and slots come out even?")
                        .given("Pieces", Integer.toString(pieces))
                        .given("Slots", Integer.toString(slots))
                        .step("difference = pieces − slots", pieces + " − " + slots, Integer.toString(pieces - slots))
                        .from(COUNTING)
                        .close());
    }

    /**
     * A sorting set: every category present with as many pieces as asked for, and one example more for each place.
     *
     * @param categories 2 to 12, each with its pieces, the example not counted
     * @param each pieces that each category should have
     * @param examples how many categories have an example laid out
     */
    public static SelfCheck sorting(List<Pile> categories, int each, int examples) {
        SelfCheck.require("Categories", categories.size(), 2, 12);
        SelfCheck.require("Pieces in each", each, 1, 1000);
        SelfCheck.require("Examples", examples, 0, categories.size());
        SelfCheck.Count count = new SelfCheck.Count();
        Reckoning.Notebook notebook = Reckoning.asking("Does the sorting set come out even?")
                .given("Categories", names(categories))
                .given("Pieces in each", Integer.toString(each));
        for (Pile category : categories) {
            count.compare(category.name(), category.pieces(), each);
            notebook.step(
                    category.name() + " = pieces − asked for",
                    category.pieces() + " − " + each,
                    Integer.toString(category.pieces() - each));
        }
        if (examples < categories.size()) {
            count.missing(categories.size() - examples + " × example");
        }
        int total = categories.stream().mapToInt(Pile::pieces).sum();
        notebook.step(
                "to sort = categories × pieces, and one example each",
                categories.size() + " × " + each + " + " + categories.size(),
                Integer.toString(categories.size() * (each + 1)));
        return count.close(
                "Each place has an example to hold a piece against, and every place ends with %d; %d are in the basket now."
                        .formatted(each, total),
                notebook.from(COUNTING).close());
    }

    /** Pairs: every sort there exactly twice. */
    public static SelfCheck pairs(List<Pile> sorts) {
        SelfCheck.require("Sorts", sorts.size(), 1, 60);
        SelfCheck.Count count = new SelfCheck.Count();
        sorts.forEach(sort -> count.compare(sort.name(), sort.pieces(), 2));
        int pairs =
                sorts.stream().mapToInt(sort -> Math.min(1, sort.pieces() / 2)).sum();
        return count.close(
                "A piece without a partner stays on the mat.",
                Reckoning.asking("Does every piece find its partner?")
                        .given("Sorts", names(sorts))
                        .step("pieces = sorts × 2", sorts.size() + " × 2", Integer.toString(sorts.size() * 2))
                        .step("whole pairs = sorts with two pieces", names(sorts), Integer.toString(pairs))
                        .from(COUNTING)
                        .close());
    }

    /**
     * One set that lacks a member on purpose: which number is missing.
     *
     * @param from first number
     * @param to last number, at most 100 further
     * @param present what lies on the mat
     */
    public static SelfCheck missingMember(int from, int to, List<Integer> present) {
        SelfCheck.require("Last number", to, from + 1L, from + 100L);
        Map<Integer, Long> lying = present.stream()
                .collect(Collectors.groupingBy(number -> number, LinkedHashMap::new, Collectors.counting()));
        List<Integer> absent = IntStream.rangeClosed(from, to)
                .filter(number -> !lying.containsKey(number))
                .boxed()
                .toList();
        SelfCheck.Count count = new SelfCheck.Count();
        lying.forEach((number, times) -> {
            if (number < from || number > to) {
                count.over("the " + number);
            } else if (times > 1) {
                count.over(times - 1 + " × the " + number);
            }
        });
        if (absent.size() > 1) {
            absent.forEach(number -> count.missing("the " + number));
        } else if (absent.isEmpty()) {
            count.over("nothing was taken out: take one away");
        }
        int whole = IntStream.rangeClosed(from, to).sum();
        int there = present.stream().mapToInt(Integer::intValue).sum();
        return count.close(
                absent.size() == 1
                        ? "One place in the row stays empty: the %d.".formatted(absent.get(0))
                        : "More or less than one place stays empty.",
                Reckoning.asking("Which number is missing?")
                        .given("Numbers", from + " to " + to)
                        .given(
                                "On the mat",
                                present.stream().map(String::valueOf).collect(Collectors.joining(", ")))
                        .step("sum of the whole set", from + " + … + " + to, Integer.toString(whole))
                        .step("sum on the mat", "added up", Integer.toString(there))
                        .step(
                                "missing = the one less the other, where one is missing and none twice",
                                whole + " − " + there,
                                Integer.toString(whole - there))
                        .from(COUNTING)
                        .close());
    }

    /**
     * Cards of a story, three or four, in the one right order.
     *
     * @param cards 3 or 4
     * @param sets how many stories lie out
     * @param cardsInBasket all cards together
     */
    public static SelfCheck sequence(int cards, int sets, int cardsInBasket) {
        SelfCheck.require("Cards in a story", cards, 3, 4);
        SelfCheck.require("Stories", sets, 1, 100);
        SelfCheck.require("Cards in the basket", cardsInBasket, 0, 1000);
        SelfCheck.Count count = new SelfCheck.Count();
        count.compare("card", cardsInBasket, (long) cards * sets);
        int orders = cards == 3 ? 6 : 24;
        return count.close(
                "A line drawn across the backs meets only in the right order; by luck it is right once in %d times."
                        .formatted(orders),
                Reckoning.asking("Do the stories come out whole?")
                        .given("Cards in a story", Integer.toString(cards))
                        .given("Stories", Integer.toString(sets))
                        .step(
                                "cards = cards in a story × stories",
                                cards + " × " + sets,
                                Integer.toString(cards * sets))
                        .step("orders = cards!", cards + "!", Integer.toString(orders))
                        .from(COUNTING)
                        .close());
    }

    private static String names(List<Pile> piles) {
        List<String> names = new ArrayList<>();
        piles.forEach(pile -> names.add(pile.name() + " " + pile.pieces()));
        return String.join(", ", names);
    }
}
