package app.carder.core.controloferror;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.measure.Money;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * A play shop: the coins and notes that pay every price card exactly, and the change from the next larger coin or note.
 *
 * <p>Exact payment uses the fewest coins, found by counting up from nothing (dynamic programming over the amounts), so it is
 * right for any set of coins. Denominations in circulation are general knowledge, from memory.
 *
 * @param currency of the coins
 * @param cards one for each price
 * @param purse coins and notes to lay out, value in minor units to count, so that all cards can be paid at the same time
 * @param till coins and notes that the till needs for all the change
 * @param calculation how it was found
 */
public record PlayShop(
        Currency currency,
        List<PriceCard> cards,
        Map<Long, Integer> purse,
        Map<Long, Integer> till,
        Calculation calculation) {

    private static final Map<String, List<Long>> DENOMINATIONS = Map.of(
            "GBP", List.of(1L, 2L, 5L, 10L, 20L, 50L, 100L, 200L, 500L, 1000L, 2000L),
            "EUR", List.of(1L, 2L, 5L, 10L, 20L, 50L, 100L, 200L, 500L, 1000L, 2000L),
            "USD", List.of(1L, 5L, 10L, 25L, 100L, 500L, 1000L, 2000L),
            "AUD", List.of(5L, 10L, 20L, 50L, 100L, 200L, 500L, 1000L, 2000L),
            "NZD", List.of(10L, 20L, 50L, 100L, 200L, 500L, 1000L, 2000L),
            "NOK", List.of(100L, 500L, 1000L, 2000L, 5000L),
            "SEK", List.of(100L, 200L, 500L, 1000L, 2000L, 5000L));

    private static final long MOST = 5000;

    /** Keeps its own copies. */
    public PlayShop {
        cards = List.copyOf(cards);
        purse = java.util.Collections.unmodifiableMap(new TreeMap<>(purse));
        till = java.util.Collections.unmodifiableMap(new TreeMap<>(till));
    }

    /**
     * One price.
     *
     * @param price on the card
     * @param coins the fewest that pay it exactly, value to count
     * @param handedOver the smallest single coin or note that is more than the price; the largest where none is
     * @param change what comes back
     * @param changeCoins the fewest that make the change
     */
    public record PriceCard(
            Money price, Map<Long, Integer> coins, Money handedOver, Money change, Map<Long, Integer> changeCoins) {
        /** Keeps its own copies. */
        public PriceCard {
            coins = java.util.Collections.unmodifiableMap(new TreeMap<>(coins));
            changeCoins = java.util.Collections.unmodifiableMap(new TreeMap<>(changeCoins));
        }
    }

    /** Currencies whose coins are known, by code. */
    public static List<String> currencies() {
        return DENOMINATIONS.keySet().stream().sorted().toList();
    }

    /** The coins and notes of a currency, in minor units, smallest first. */
    public static List<Long> denominations(Currency currency) {
        List<Long> known = DENOMINATIONS.get(currency.getCurrencyCode());
        if (known == null) {
            throw Refused.because(
                    "refused.play-shop.currency-must-be", String.join(", ", currencies()), currency.getCurrencyCode());
        }
        return known;
    }

    /** The same, as money. */
    public static List<Money> inCirculation(Currency currency) {
        return denominations(currency).stream()
                .map(value -> Money.ofMinor(value, currency))
                .toList();
    }

    /**
     * Lays out the shop with the coins that are there.
     *
     * @param prices 1 to 20 price cards, each more than nothing and at most 50 of the main unit
     * @param coins that purse and till may hold, each one in circulation, one or more
     * @throws IllegalArgumentException if there is no card or too many, a coin that there is none of, or a price or its change that
     *     these coins cannot make
     */
    public static PlayShop of(List<Money> prices, List<Money> coins) {
        ControlOfError.require(Said.say("working.price-cards"), prices.size(), 1, 20);
        Currency currency = prices.get(0).currency();
        List<Long> known = denominations(currency);
        for (Money coin : coins) {
            if (!known.contains(coin.minorUnits())) {
                throw Refused.because(
                        "refused.play-shop.a-coin-or",
                        known.stream().map(value -> words(value, currency)).collect(Collectors.joining(", ")),
                        coin.forPeople());
            }
        }
        List<Long> values =
                coins.stream().map(Money::minorUnits).distinct().sorted().toList();
        ControlOfError.require(Said.say("working.coins-and-notes"), values.size(), 1, known.size());
        Calculation.Notebook notebook = Calculation.asking(Said.say("working.which-coins-pay-every-card-exactly"))
                .given(
                        Said.say("working.coins-and-notes"),
                        values.stream().map(value -> words(value, currency)).collect(Collectors.joining(", ")));
        long most = Math.max(MOST, values.get(values.size() - 1));
        Table table = new Table(values, (int) most);
        List<PriceCard> cards = new ArrayList<>();
        Map<Long, Integer> purse = new TreeMap<>();
        Map<Long, Integer> till = new TreeMap<>();
        for (Money price : prices) {
            PriceCard card = card(price, values, table);
            cards.add(card);
            card.coins().forEach((value, count) -> purse.merge(value, count, Integer::sum));
            card.changeCoins().forEach((value, count) -> till.merge(value, count, Integer::sum));
            notebook.step(
                            Said.say("working.fewest-coins-for", price.forPeople()),
                            Said.say("working.built-up-from-nothing"),
                            inWords(card.coins(), currency))
                    .step(
                            Said.say("working.change-handed-over-price"),
                            card.handedOver().forPeople() + " − " + price.forPeople(),
                            card.change().forPeople());
        }
        return new PlayShop(
                currency,
                cards,
                purse,
                till,
                notebook.from(Source.fromMemory("Coins and notes in circulation"))
                        .from(Source.derived(Said.of("source.fewest-coins-by-counting-up")))
                        .close());
    }

    /** Coins in words, the largest first: {@code 1 × £1, 2 × £0.20}; a line never breaks within one. */
    public static String inWords(Map<Long, Integer> coins, Currency currency) {
        return coins.isEmpty()
                ? Said.say("working.nothing")
                : new TreeMap<>(coins)
                        .descendingMap().entrySet().stream()
                                .map(coin -> coin.getValue() + "\u00a0×\u00a0" + words(coin.getKey(), currency))
                                .collect(Collectors.joining(", "));
    }

    private static String words(long value, Currency currency) {
        return Money.ofMinor(value, currency).forPeople();
    }

    private static PriceCard card(Money price, List<Long> values, Table table) {
        if (price.minorUnits() < 1 || price.minorUnits() > MOST) {
            throw Refused.because("refused.play-shop.price-must-be", words(MOST, price.currency()), price.forPeople());
        }
        long largest = values.get(values.size() - 1);
        long hand = values.stream()
                .filter(value -> value > price.minorUnits())
                .findFirst()
                .orElseGet(() -> (price.minorUnits() / largest + 1) * largest);
        long change = hand - price.minorUnits();
        return new PriceCard(
                price,
                table.fewest(price.minorUnits(), price),
                Money.ofMinor(hand, price.currency()),
                Money.ofMinor(change, price.currency()),
                table.fewest(change, price));
    }

    /** The last coin of the fewest that make each amount, built up from nothing; 0 where none do. */
    private static final class Table {
        private final long[] lastCoin;
        private final List<Long> values;

        Table(List<Long> values, int most) {
            this.values = values;
            lastCoin = new long[most + 1];
            int[] coins = new int[most + 1];
            for (int sum = 1; sum <= most; sum++) {
                coins[sum] = Integer.MAX_VALUE;
                for (long value : values) {
                    int before = sum - (int) value;
                    if (before >= 0 && coins[before] != Integer.MAX_VALUE && coins[before] + 1 <= coins[sum]) {
                        coins[sum] = coins[before] + 1;
                        lastCoin[sum] = value;
                    }
                }
            }
        }

        Map<Long, Integer> fewest(long amount, Money price) {
            Map<Long, Integer> used = new TreeMap<>();
            for (int sum = (int) amount; sum > 0; sum -= (int) lastCoin[sum]) {
                if (lastCoin[sum] == 0) {
                    throw Refused.because(
                            "refused.play-shop.price-and-change",
                            price.forPeople(),
                            words(values.get(0), price.currency()));
                }
                used.merge(lastCoin[sum], 1, Integer::sum);
            }
            return used;
        }
    }
}
