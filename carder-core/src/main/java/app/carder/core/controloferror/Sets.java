package app.carder.core.controloferror;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Sets of pieces that check themselves: slots, sorting, pairs, a missing member, cards in order. */
public final class Sets {

    private static final Source COUNTING = Source.derived(Said.of("source.counting"));

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
            ControlOfError.require(Said.say("working.pieces-of", name), pieces, 0, 1000);
        }
    }

    /** Pieces equal slots: an empty slot or a piece in the hand shows at the end. */
    public static ControlOfError slots(int pieces, int slots) {
        ControlOfError.require(Said.say("working.pieces"), pieces, 0, 1000);
        ControlOfError.require(Said.say("working.slots"), slots, 1, 1000);
        ControlOfError.Count count = new ControlOfError.Count();
        count.compare(Said.say("working.piece-2"), pieces, slots);
        return count.close(
                Said.say("working.an-empty-slot-or-a-piece"),
                Calculation.asking(Said.say("working.do-pieces-and-slots-come-out"))
                        .given(Said.say("working.pieces"), Integer.toString(pieces))
                        .given(Said.say("working.slots"), Integer.toString(slots))
                        .step(
                                Said.say("working.difference-pieces-slots"),
                                pieces + " − " + slots,
                                Integer.toString(pieces - slots))
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
    public static ControlOfError sorting(List<Pile> categories, int each, int examples) {
        ControlOfError.require(Said.say("working.categories"), categories.size(), 2, 12);
        ControlOfError.require(Said.say("working.pieces-in-each"), each, 1, 1000);
        ControlOfError.require(Said.say("working.examples"), examples, 0, categories.size());
        ControlOfError.Count count = new ControlOfError.Count();
        Calculation.Notebook notebook = Calculation.asking(Said.say("working.does-the-sorting-set-come-out"))
                .given(Said.say("working.categories"), names(categories))
                .given(Said.say("working.pieces-in-each"), Integer.toString(each));
        for (Pile category : categories) {
            count.compare(category.name(), category.pieces(), each);
            notebook.step(
                    Said.say("working.pieces-asked-for", category.name()),
                    category.pieces() + " − " + each,
                    Integer.toString(category.pieces() - each));
        }
        if (examples < categories.size()) {
            count.missing(Said.say("working.example", categories.size() - examples));
        }
        int total = categories.stream().mapToInt(Pile::pieces).sum();
        notebook.step(
                Said.say("working.to-sort-categories-pieces-and-one"),
                categories.size() + " × " + each + " + " + categories.size(),
                Integer.toString(categories.size() * (each + 1)));
        return count.close(
                Said.say("working.each-place-has-an-example-to", each, total),
                notebook.from(COUNTING).close());
    }

    /** Pairs: every sort there exactly twice. */
    public static ControlOfError pairs(List<Pile> sorts) {
        ControlOfError.require(Said.say("working.sorts"), sorts.size(), 1, 60);
        ControlOfError.Count count = new ControlOfError.Count();
        sorts.forEach(sort -> count.compare(sort.name(), sort.pieces(), 2));
        int pairs =
                sorts.stream().mapToInt(sort -> Math.min(1, sort.pieces() / 2)).sum();
        return count.close(
                Said.say("working.a-piece-without-a-partner-stays"),
                Calculation.asking(Said.say("working.does-every-piece-find-its-partner"))
                        .given(Said.say("working.sorts"), names(sorts))
                        .step(
                                Said.say("working.pieces-sorts-2"),
                                sorts.size() + " × 2",
                                Integer.toString(sorts.size() * 2))
                        .step(
                                Said.say("working.whole-pairs-sorts-with-two-pieces"),
                                names(sorts),
                                Integer.toString(pairs))
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
    public static ControlOfError missingMember(int from, int to, List<Integer> present) {
        ControlOfError.require(Said.say("working.last-number"), to, from + 1L, from + 100L);
        Map<Integer, Long> lying = present.stream()
                .collect(Collectors.groupingBy(number -> number, LinkedHashMap::new, Collectors.counting()));
        List<Integer> absent = IntStream.rangeClosed(from, to)
                .filter(number -> !lying.containsKey(number))
                .boxed()
                .toList();
        ControlOfError.Count count = new ControlOfError.Count();
        lying.forEach((number, times) -> {
            if (number < from || number > to) {
                count.over(Said.say("working.the", number));
            } else if (times > 1) {
                count.over(Said.say("working.the-2", times - 1, number));
            }
        });
        if (absent.size() > 1) {
            absent.forEach(number -> count.missing(Said.say("working.the", number)));
        } else if (absent.isEmpty()) {
            count.over(Said.say("working.nothing-was-taken-out-take-one"));
        }
        int whole = IntStream.rangeClosed(from, to).sum();
        int there = present.stream().mapToInt(Integer::intValue).sum();
        return count.close(
                absent.size() == 1
                        ? Said.say("working.one-place-in-the-row-stays", absent.get(0))
                        : Said.say("working.more-or-less-than-one-place"),
                Calculation.asking(Said.say("working.which-number-is-missing"))
                        .given(Said.say("working.numbers"), Said.say("working.to", from, to))
                        .given(
                                Said.say("working.on-the-mat"),
                                present.stream().map(String::valueOf).collect(Collectors.joining(", ")))
                        .step(Said.say("working.sum-of-the-whole-set"), from + " + … + " + to, Integer.toString(whole))
                        .step(Said.say("working.sum-on-the-mat"), Said.say("working.added-up"), Integer.toString(there))
                        .step(
                                Said.say("working.missing-the-one-less-the-other"),
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
    public static ControlOfError sequence(int cards, int sets, int cardsInBasket) {
        ControlOfError.require(Said.say("working.cards-in-a-story"), cards, 3, 4);
        ControlOfError.require(Said.say("working.stories"), sets, 1, 100);
        ControlOfError.require(Said.say("working.cards-in-the-basket"), cardsInBasket, 0, 1000);
        ControlOfError.Count count = new ControlOfError.Count();
        count.compare(Said.say("working.card"), cardsInBasket, (long) cards * sets);
        int orders = cards == 3 ? 6 : 24;
        return count.close(
                Said.say("working.a-line-drawn-across-the-backs", orders),
                Calculation.asking(Said.say("working.do-the-stories-come-out-whole"))
                        .given(Said.say("working.cards-in-a-story"), Integer.toString(cards))
                        .given(Said.say("working.stories"), Integer.toString(sets))
                        .step(
                                Said.say("working.cards-cards-in-a-story-stories"),
                                cards + " × " + sets,
                                Integer.toString(cards * sets))
                        .step(Said.say("working.orders-cards"), cards + "!", Integer.toString(orders))
                        .from(COUNTING)
                        .close());
    }

    private static String names(List<Pile> piles) {
        List<String> names = new ArrayList<>();
        piles.forEach(pile -> names.add(pile.name() + " " + pile.pieces()));
        return String.join(", ", names);
    }
}
