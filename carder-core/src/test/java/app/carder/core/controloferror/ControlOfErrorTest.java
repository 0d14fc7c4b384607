package app.carder.core.controloferror;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.controloferror.Sets.Pile;
import app.carder.core.measure.Money;
import java.util.Arrays;
import java.util.Currency;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ControlOfErrorTest {

    @Nested
    class OfSets {
        @Test
        void piecesEqualSlots() {
            assertThat(Sets.slots(6, 6).closes()).isTrue();
            assertThat(Sets.slots(7, 6).leftOver()).containsExactly("1 × piece");
            assertThat(Sets.slots(4, 6).missing()).containsExactly("2 × piece");
        }

        @Test
        void everyCategoryHasItsPiecesAndAnExample() {
            List<Pile> even = List.of(new Pile("letters", 4), new Pile("parcels", 4), new Pile("cards", 4));

            assertThat(Sets.sorting(even, 4, 3).closes()).isTrue();
            assertThat(Sets.sorting(even, 4, 2).missing()).containsExactly("1 × example");
            ControlOfError uneven = Sets.sorting(List.of(new Pile("letters", 5), new Pile("parcels", 0)), 4, 2);
            assertThat(uneven.leftOver()).containsExactly("1 × letters");
            assertThat(uneven.missing()).containsExactly("4 × parcels");
        }

        @Test
        void everySortIsThereTwice() {
            assertThat(Sets.pairs(List.of(new Pile("stamp", 2), new Pile("key", 2)))
                            .closes())
                    .isTrue();
            ControlOfError odd = Sets.pairs(List.of(new Pile("stamp", 3), new Pile("key", 1)));
            assertThat(odd.leftOver()).containsExactly("1 × stamp");
            assertThat(odd.missing()).containsExactly("1 × key");
        }

        @Test
        void findsTheMemberThatIsMissing() {
            ControlOfError row = Sets.missingMember(1, 6, List.of(3, 1, 6, 2, 5));

            assertThat(row.closes()).isTrue();
            assertThat(row.childNotices()).contains("the 4");
        }

        @Test
        void saysWhenNoneOrSeveralAreMissingOrOneIsTwice() {
            assertThat(Sets.missingMember(1, 3, List.of(1, 2, 3)).leftOver())
                    .containsExactly("nothing was taken out: take one away");
            assertThat(Sets.missingMember(1, 4, List.of(1, 2)).missing()).containsExactly("the 3", "the 4");
            assertThat(Sets.missingMember(1, 3, List.of(1, 1, 2, 9)).leftOver()).containsExactly("1 × the 1", "the 9");
        }

        @Test
        void storiesComeOutWhole() {
            assertThat(Sets.sequence(3, 4, 12).closes()).isTrue();
            assertThat(Sets.sequence(3, 4, 12).childNotices()).contains("once in 6");
            assertThat(Sets.sequence(4, 2, 7).missing()).containsExactly("1 × card");
            assertThatThrownBy(() -> Sets.sequence(5, 1, 5)).hasMessageContaining("from 3 to 4");
        }
    }

    @Nested
    class OfPatterns {
        @ParameterizedTest(name = "{0} × {1} for {2}: A {3}, B {4}")
        @CsvSource({"AB,5,12,60,60", "ABB,4,3,12,24", "AAB,2,1,4,2"})
        void countsTheBeads(String unit, int repeats, int strips, int a, int b) {
            assertThat(PatternStrip.of(unit, repeats, strips, Map.of()).needed())
                    .isEqualTo(Map.of('A', a, 'B', b));
        }

        @Test
        void saysWhatIsShortAndWhatIsOver() {
            ControlOfError check = PatternStrip.of("abc", 4, 2, Map.of('A', 8, 'B', 6, 'C', 9, 'D', 3))
                    .check();

            assertThat(check.missing()).containsExactly("2 × bead B");
            assertThat(check.leftOver()).containsExactlyInAnyOrder("1 × bead C", "3 × bead D");
        }

        @ParameterizedTest
        @ValueSource(strings = {"A", "AAA", "A1", "ABCDEFGHI"})
        void refusesWhatIsNoPattern(String unit) {
            assertThatThrownBy(() -> PatternStrip.of(unit, 3, 1, Map.of()))
                    .hasMessageContaining("Maybe AB, ABB or ABC?");
        }

        @Test
        void drawsEveryBead() {
            assertThat(PatternStrip.of("ABB", 4, 1, Map.of()).sketch().marks()).hasSize(24);
        }
    }

    @Nested
    class OfPictureGrids {
        @Test
        void everyPictureStandsOnceInEveryRowAndColumn() {
            for (int symbols = 2; symbols <= 6; symbols++) {
                List<List<Integer>> grid = PictureGrid.of(symbols, 1, PictureGrid.fewestGiven(symbols), -1)
                        .solution();
                for (int line = 0; line < symbols; line++) {
                    int at = line;
                    assertThat(new HashSet<>(grid.get(line))).hasSize(symbols);
                    assertThat(grid.stream().map(row -> row.get(at)).distinct()).hasSize(symbols);
                }
            }
        }

        /** Four pictures, eight puzzles, five printed in: 11 open places x 8 = 88 cut out, on sheets of 24: 4 sheets. */
        @Test
        void countsCopiesForExactlyTheOpenPlaces() {
            PictureGrid grid = PictureGrid.of(4, 8, 5, 24);

            assertThat(grid.printed()).hasSize(5);
            assertThat(grid.copies().stream().mapToInt(Integer::intValue).sum()).isEqualTo(88);
            assertThat(grid.sheets()).isEqualTo(4);
            for (int symbol = 0; symbol < 4; symbol++) {
                int picture = symbol;
                long open = IntStream.range(0, 16)
                        .filter(cell -> !grid.printed().contains(cell)
                                && grid.solution().get(cell / 4).get(cell % 4) == picture)
                        .count();
                assertThat(grid.copies().get(symbol)).isEqualTo((int) open * 8);
            }
            assertThat(grid.check().closes()).isFalse();
        }

        @Test
        void whatIsPrintedInLeavesOneSolution() {
            for (int symbols = 2; symbols <= 6; symbols++) {
                for (int given = PictureGrid.fewestGiven(symbols); given < symbols * symbols; given++) {
                    PictureGrid grid = PictureGrid.of(symbols, 1, given, -1);
                    assertThat(solutions(grid.solution(), new HashSet<>(grid.printed())))
                            .as("%d pictures, %d printed in", symbols, given)
                            .isEqualTo(1);
                }
            }
        }

        /** Over every choice of one cell fewer. */
        @Test
        void withFewerPrintedInMoreThanOneFits() {
            for (int symbols = 2; symbols <= 4; symbols++) {
                List<List<Integer>> solution = PictureGrid.of(symbols, 1, PictureGrid.fewestGiven(symbols), -1)
                        .solution();
                int few = PictureGrid.fewestGiven(symbols) - 1;
                int cells = symbols * symbols;
                IntStream.range(0, 1 << cells)
                        .filter(choice -> Integer.bitCount(choice) == few)
                        .forEach(choice -> assertThat(solutions(
                                        solution,
                                        IntStream.range(0, cells)
                                                .filter(cell -> (choice >> cell & 1) == 1)
                                                .boxed()
                                                .collect(Collectors.toSet())))
                                .isGreaterThan(1));
            }
            assertThatThrownBy(() -> PictureGrid.of(4, 8, 3, -1)).hasMessageContaining("For only one solution");
        }

        /** How many Latin squares agree with the cells that are printed in, counted up to two. */
        private int solutions(List<List<Integer>> solution, Set<Integer> printed) {
            int symbols = solution.size();
            int[] grid = new int[symbols * symbols];
            Arrays.fill(grid, -1);
            printed.forEach(cell -> grid[cell] = solution.get(cell / symbols).get(cell % symbols));
            return solutions(grid, symbols, 0);
        }

        private int solutions(int[] grid, int symbols, int cell) {
            if (cell == grid.length) {
                return 1;
            }
            if (grid[cell] >= 0) {
                return solutions(grid, symbols, cell + 1);
            }
            int found = 0;
            for (int symbol = 0; symbol < symbols && found < 2; symbol++) {
                int tried = symbol;
                boolean taken = IntStream.range(0, symbols)
                        .anyMatch(at -> grid[cell / symbols * symbols + at] == tried
                                || grid[at * symbols + cell % symbols] == tried);
                if (!taken) {
                    grid[cell] = symbol;
                    found += solutions(grid, symbols, cell + 1);
                    grid[cell] = -1;
                }
            }
            return found;
        }
    }

    @Nested
    class OfAShop {
        private final Currency gbp = Currency.getInstance("GBP");

        /** With all that is in circulation. */
        private PlayShop shop(List<Money> prices) {
            return PlayShop.of(
                    prices,
                    PlayShop.inCirculation(
                            prices.isEmpty() ? gbp : prices.get(0).currency()));
        }

        @Test
        void takesTheCoinsThatAreThere() {
            List<Money> coins = List.of(pence(1), pence(2), pence(10));

            PlayShop shop = PlayShop.of(List.of(pence(7)), coins);

            assertThat(shop.cards().get(0).coins()).isEqualTo(Map.of(2L, 3, 1L, 1));
            assertThat(shop.cards().get(0).handedOver()).isEqualTo(pence(10));
            assertThat(shop.till()).isEqualTo(Map.of(2L, 1, 1L, 1));
            assertThatThrownBy(() -> PlayShop.of(List.of(pence(7)), List.of(pence(2), pence(10))))
                    .hasMessageContaining("The coins must be able to make the price and the change");
            assertThatThrownBy(() -> PlayShop.of(List.of(pence(7)), List.of(pence(3))))
                    .hasMessageStartingWith("A coin or note must be one of");
        }

        @Test
        void paysEveryCardExactlyAndTellsTheChange() {
            PlayShop shop = shop(List.of(pence(37), pence(150)));

            assertThat(shop.cards().get(0).coins()).isEqualTo(Map.of(20L, 1, 10L, 1, 5L, 1, 2L, 1));
            assertThat(shop.cards().get(0).handedOver()).isEqualTo(pence(50));
            assertThat(shop.cards().get(0).changeCoins()).isEqualTo(Map.of(10L, 1, 2L, 1, 1L, 1));
            assertThat(shop.purse()).isEqualTo(Map.of(100L, 1, 50L, 1, 20L, 1, 10L, 1, 5L, 1, 2L, 1));
            assertThat(PlayShop.inWords(shop.till(), gbp))
                    .isEqualTo("1\u00a0×\u00a0£0.50, 1\u00a0×\u00a0£0.10, 1\u00a0×\u00a0£0.02, 1\u00a0×\u00a0£0.01");
        }

        /** A slow, obvious search over every purse of up to 5 coins agrees. */
        @Test
        void usesTheFewestCoins() {
            for (long price = 1; price <= 99; price++) {
                int used = shop(List.of(Money.ofMinor(price, Currency.getInstance("USD"))))
                        .cards()
                        .get(0)
                        .coins()
                        .values()
                        .stream()
                        .mapToInt(Integer::intValue)
                        .sum();
                assertThat(used).as("%d cents", price).isEqualTo(fewest(price, List.of(25L, 10L, 5L, 1L)));
            }
        }

        private int fewest(long amount, List<Long> coins) {
            if (amount == 0) {
                return 0;
            }
            if (coins.size() == 1) {
                return (int) (amount / coins.get(0));
            }
            int best = Integer.MAX_VALUE;
            for (int count = 0; count * coins.get(0) <= amount; count++) {
                best = Math.min(best, count + fewest(amount - count * coins.get(0), coins.subList(1, coins.size())));
            }
            return best;
        }

        @Test
        void everySetOfPricesIsPaidByItsPurse() {
            Random seeded = new Random(11);
            for (int round = 0; round < 50; round++) {
                List<Money> prices = java.util.stream.IntStream.range(0, 6)
                        .mapToObj(card -> pence(1 + seeded.nextInt(4999)))
                        .toList();

                PlayShop shop = shop(prices);

                long laid = shop.purse().entrySet().stream()
                        .mapToLong(coin -> coin.getKey() * coin.getValue())
                        .sum();
                assertThat(laid)
                        .isEqualTo(prices.stream().mapToLong(Money::minorUnits).sum());
                shop.cards()
                        .forEach(card ->
                                assertThat(card.price().plus(card.change())).isEqualTo(card.handedOver()));
            }
        }

        @Test
        void refusesWhatTheCoinsCannotMake() {
            assertThatThrownBy(() -> shop(List.of(Money.ofMinor(7, Currency.getInstance("AUD")))))
                    .hasMessageContaining("smallest coin");
            assertThatThrownBy(() -> shop(List.of(pence(0)))).hasMessageContaining("more than 0");
            assertThatThrownBy(() -> shop(List.of())).hasMessageContaining("Price cards must be from 1 to 20");
            assertThatThrownBy(() -> shop(List.of(Money.ofMinor(100, Currency.getInstance("JPY")))))
                    .hasMessageContaining("currency must be one of");
        }

        private Money pence(long pence) {
            return Money.ofMinor(pence, gbp);
        }
    }
}
