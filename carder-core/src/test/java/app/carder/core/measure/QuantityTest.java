package app.carder.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every quantity: zero, order, exact sums, parse and print, overflow. */
class QuantityTest {

    record Kind<Q extends Quantity<Q>>(String name, Q zero, Function<String, Q> parse) {
        Q of(long baseUnits) {
            return zero.ofBaseUnits(baseUnits);
        }

        @Override
        public String toString() {
            return name;
        }
    }

    static Stream<Kind<?>> kinds() {
        return Stream.of(
                new Kind<>("length", Length.ZERO, Length::parse),
                new Kind<>("volume", Volume.ZERO, Volume::parse),
                new Kind<>("mass", Mass.ZERO, Mass::parse),
                new Kind<>("density", new Density(0), Density::parse));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    <Q extends Quantity<Q>> void readsBackWhatItPrints(Kind<Q> kind) {
        for (long baseUnits : new long[] {0, 1, 999, 10_000, 123_456_789L}) {
            Q amount = kind.of(baseUnits);

            assertThat(kind.parse().apply(amount.toString())).isEqualTo(amount);
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    <Q extends Quantity<Q>> void addsAndTakesAwayExactly(Kind<Q> kind) {
        assertThat(kind.of(7).plus(kind.of(5)).minus(kind.of(5))).isEqualTo(kind.of(7));
        assertThat(kind.of(7).multipliedBy(3)).isEqualTo(kind.of(21));
        assertThat(kind.of(7).plus(kind.zero())).isEqualTo(kind.of(7));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    <Q extends Quantity<Q>> void ordersByAmount(Kind<Q> kind) {
        assertThat(kind.of(2).isMoreThan(kind.of(1))).isTrue();
        assertThat(kind.of(2).isMoreThan(kind.of(2))).isFalse();
        assertThat(kind.zero().isZero()).isTrue();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    <Q extends Quantity<Q>> void refusesNegativeAmounts(Kind<Q> kind) {
        assertThatThrownBy(() -> kind.of(-1))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must not be negative");
        assertThatThrownBy(() -> kind.of(1).minus(kind.of(2))).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    <Q extends Quantity<Q>> void refusesToOverflow(Kind<Q> kind) {
        assertThatThrownBy(() -> kind.of(Long.MAX_VALUE).plus(kind.of(1))).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> kind.of(Long.MAX_VALUE).multipliedBy(2)).isInstanceOf(ArithmeticException.class);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    <Q extends Quantity<Q>> void refusesTextThatIsNoAmount(Kind<Q> kind) {
        assertThatThrownBy(() -> kind.parse().apply("five"))
                .hasMessageContaining("must be a number and a unit")
                .hasMessageContaining("Maybe");
        assertThatThrownBy(() -> kind.parse().apply("5 furlongs")).hasMessageContaining("must be in one of");
    }

    @ParameterizedTest
    @MethodSource("kinds")
    <Q extends Quantity<Q>> void scalesAndCompares(Kind<Q> kind) {
        assertThat(kind.of(250).scaledBy(1.5)).isEqualTo(kind.of(375));
        assertThat(kind.of(3).scaledBy(0.5)).isEqualTo(kind.of(2));
        assertThat(kind.of(300).dividedBy(kind.of(200))).isEqualTo(1.5);
        assertThat(kind.of(3).orMore(kind.of(5))).isEqualTo(kind.of(5));
        assertThat(kind.of(3).lessOrNothing(kind.of(5))).isEqualTo(kind.zero());
        assertThatThrownBy(() -> kind.of(3).scaledBy(-1)).hasMessageContaining("Factor must be 0 or more");
        assertThatThrownBy(() -> kind.of(3).scaledBy(Double.NaN)).hasMessageContaining("Factor must be 0 or more");
        assertThatThrownBy(() -> kind.of(Long.MAX_VALUE / 4).scaledBy(100)).hasMessageContaining("must be smaller");
        assertThatThrownBy(() -> kind.of(3).dividedBy(kind.zero())).hasMessageContaining("more than nothing");
    }
}
