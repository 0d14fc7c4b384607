package app.carder.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Currency;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class UnitsTest {

    private static final Currency GBP = Currency.getInstance("GBP");

    @Nested
    class Lengths {
        @Test
        void readsADecimalCommaAsAPoint() {
            assertThat(Length.parse("12,5 cm")).isEqualTo(Length.ofMillimetres(125));
        }

        @Test
        void refusesWhatIsNotFinite() {
            assertThatThrownBy(() -> Length.ofCentimetres(Double.NaN)).hasMessageContaining("finite");
        }

        @Test
        void refusesWhatNoLongHolds() {
            assertThatThrownBy(() -> Length.ofCentimetres(new BigDecimal("1e30")))
                    .hasMessageContaining("smaller");
        }
    }

    @Nested
    class VolumesAndMasses {
        /** USDA SR Legacy cup weights (from memory), divided by 236.588 mL. */
        @Test
        void findsTheRoomOfAKilogramOfRiceAndTheMassOfHalfALitreOfSalt() {
            assertThat(Mass.ofGrams(1000).dividedBy(Density.ofCupGrams(185)).inMillilitres())
                    .isCloseTo(1279, org.assertj.core.data.Offset.offset(0.5));
            assertThat(Volume.ofMillilitres(500).times(Density.ofCupGrams(292)).inGrams())
                    .isCloseTo(617, org.assertj.core.data.Offset.offset(0.5));
        }

        @Test
        void refusesToDivideByNoDensity() {
            assertThatThrownBy(() -> Mass.ofGrams(1).dividedBy(new Density(0))).hasMessageContaining("more than zero");
        }

        @Test
        void speaksToPeopleInTheUnitThatFits() {
            assertThat(Volume.ofMillilitres(250).forPeople()).isEqualTo("250\u00a0mL");
            assertThat(Volume.ofMillilitres(9600).forPeople()).isEqualTo("9.60\u00a0L");
            assertThat(Mass.ofGrams(7507).forPeople()).isEqualTo("7.51\u00a0kg");
        }
    }

    @Nested
    class Amounts {
        @Test
        void addsMoneyOfOneCurrencyOnly() {
            Money price = Money.of(new BigDecimal("2.15"), GBP);

            assertThat(price.plus(price)).isEqualTo(price.multipliedBy(2)).hasToString("4.30 GBP");
            assertThat(price.forPeople()).isEqualTo("£2.15");
            assertThatThrownBy(() -> price.plus(Money.ofMinor(1, Currency.getInstance("EUR"))))
                    .hasMessageContaining("one currency");
            assertThatThrownBy(() -> Money.ofMinor(-1, GBP)).hasMessageContaining("must not be negative");
        }
    }
}
