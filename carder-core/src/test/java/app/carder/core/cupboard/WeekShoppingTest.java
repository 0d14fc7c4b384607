package app.carder.core.cupboard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.TestCupboard;
import app.carder.core.calculation.Source;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.cupboard.Stocked.Bought;
import app.carder.core.cupboard.WeekShopping.ToBuy;
import app.carder.core.cupboard.WeekShopping.Wanted;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.said.Said;
import app.carder.core.week.OpenDays;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WeekShoppingTest {

    static final LocalDateTime MONDAY = LocalDate.of(2026, 5, 4).atTime(9, 0);

    static final Stocked RICE = stocked("rice", MaterialKind.FILL, kilos(5), kilos(1));
    static final Stocked GLUE = stocked("glue", MaterialKind.CONSUMABLE, Amount.of(1), Amount.of(2));
    static final Stocked SCOOP = stocked("scoop", MaterialKind.TOOL, Amount.of(3), Amount.of(1));
    static final Map<String, Stocked> CUPBOARD = Map.of("rice", RICE, "glue", GLUE, "scoop", SCOOP);

    /** 2.4 kg a fill for two sessions, out in five: three fills are 7.2 kg, 5 kg are there, 2.2 kg are three packs of 1 kg. */
    @Test
    void sumsFillsOverTheWeekAndBuysWholePacksOfWhatIsMissing() {
        ToBuy line = only(List.of(new Wanted("Rice by the kilo", "rice", kilos(2.4), 2, 0, days(5))));

        assertThat(line.need()).isEqualTo(kilos(7.2));
        assertThat(line.missing()).isEqualTo(kilos(2.2));
        assertThat(line.packs()).contains(3L);
        assertThat(line.cost().map(Money::minorUnits)).contains(600L);
        assertThat(line.neededBy()).isEqualTo(MONDAY);
    }

    @Test
    void aFillThatStandsAlreadyIsNotBoughtAgain() {
        Wanted standing = new Wanted("Rice by the kilo", "rice", kilos(2.4), 10, 5, days(5));
        Wanted wornOut = new Wanted("Rice by the kilo", "rice", kilos(2.4), 10, 8, days(5));

        assertThat(standing.fills()).isZero();
        assertThat(WeekShopping.of(List.of(standing), CUPBOARD)).isEmpty();
        assertThat(wornOut.fills()).isEqualTo(1);
    }

    /** Out on Thursday and Friday, two sessions planned on Friday; the weekend is no break, but a Wednesday without it is. */
    @Test
    void countsTheSessionsThatAFillHasStoodWithoutABreak() {
        LocalDate monday = MONDAY.toLocalDate();
        List<LocalDate> out = List.of(monday.minusDays(3), monday.minusDays(4), monday.minusDays(6));
        OpenDays open = OpenDays.mondayToFriday(Set.of());

        assertThat(WeekShopping.stood(out, Map.of(monday.minusDays(3), 2), monday, open))
                .as("Thursday was set out without a plan: one session")
                .isEqualTo(3);
        assertThat(WeekShopping.stood(out, Map.of(), monday.plusDays(1), open))
                .as("it was not out on Monday")
                .isZero();
        assertThat(WeekShopping.stood(out, Map.of(), monday, OpenDays.mondayToFriday(Set.of(monday.minusDays(3)))))
                .as("a closed Friday is no break either")
                .isEqualTo(1);
    }

    @Test
    void eachPlaceWhereACardStandsAtOnceHasAFillOfItsOwn() {
        Wanted twice = new Wanted("Rice by the kilo", "rice", kilos(2), 10, 0, List.of(MONDAY, MONDAY));
        Wanted oneStands = new Wanted("Rice by the kilo", "rice", kilos(2), 10, 2, List.of(MONDAY, MONDAY));

        assertThat(twice.fills()).isEqualTo(2);
        assertThat(oneStands.fills()).isEqualTo(1);
    }

    @Test
    void twoCardsWithOneMaterialAreOneLineThatNamesBoth() {
        ToBuy line = only(List.of(
                new Wanted("Rice by the kilo", "rice", kilos(3), 5, 0, days(5)),
                new Wanted("Spoon it over", "rice", kilos(4), 5, 0, List.of(MONDAY.plusDays(1)))));

        assertThat(line.need()).isEqualTo(kilos(7));
        assertThat(line.cards()).containsExactly("Rice by the kilo", "Spoon it over");
    }

    @Test
    void toolsAreNeededAsManyAsAreOutAtOnceButGlueIsUsedUp() {
        List<ToBuy> lines = WeekShopping.of(
                List.of(
                        new Wanted("Rice by the kilo", "scoop", Amount.of(2), 5, 0, days(5)),
                        new Wanted("Sand wheels", "scoop", Amount.of(2), 5, 0, days(1)),
                        new Wanted("Collage", "glue", Amount.of(2), 1, 0, days(2))),
                CUPBOARD);

        ToBuy scoops = named(lines, "scoop");
        ToBuy glue = named(lines, "glue");
        assertThat(scoops.need()).isEqualTo(Amount.of(4));
        assertThat(scoops.missing()).isEqualTo(Amount.of(1));
        assertThat(glue.need()).isEqualTo(Amount.of(4));
        assertThat(glue.packs()).as("3 missing, in packs of 2").contains(2L);
    }

    @Test
    void whatTheStockCoversIsNamedAndNotBought() {
        ToBuy line = only(List.of(new Wanted("Rice by the kilo", "rice", kilos(2), 5, 0, days(2))));

        assertThat(line.isMissing()).isFalse();
        assertThat(line.packs()).isEmpty();
        assertThat(line.cost()).isEmpty();
    }

    @Test
    void whatIsNeededFirstComesFirstAndAnUnknownMaterialIsLeftOut() {
        List<ToBuy> lines = WeekShopping.of(
                List.of(
                        new Wanted("Collage", "glue", Amount.of(2), 1, 0, List.of(MONDAY.plusDays(3))),
                        new Wanted("Moon sand", "moon-sand", kilos(1), 1, 0, days(1)),
                        new Wanted("Rice by the kilo", "rice", kilos(2), 5, 0, List.of(MONDAY.plusDays(1)))),
                CUPBOARD);

        assertThat(lines).extracting(line -> line.material().code()).containsExactly("rice", "glue");
    }

    @Test
    void refusesAUseWithoutASession() {
        assertThatThrownBy(() -> new Wanted("Rice", "rice", kilos(1), 1, 0, List.of()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("needs a session");
    }

    private static ToBuy only(List<Wanted> uses) {
        List<ToBuy> lines = WeekShopping.of(uses, CUPBOARD);
        assertThat(lines).hasSize(1);
        return lines.get(0);
    }

    private static ToBuy named(List<ToBuy> lines, String code) {
        return lines.stream()
                .filter(line -> line.material().code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    static List<LocalDateTime> days(int count) {
        return IntStream.range(0, count).mapToObj(MONDAY::plusDays).toList();
    }

    static Amount kilos(double kilos) {
        return Amount.of(Mass.ofGrams(kilos * 1000));
    }

    static Stocked stocked(String code, MaterialKind kind, Amount stock, Amount pack) {
        return new Stocked(
                code,
                new Material(
                        code,
                        kind,
                        kind.isPoured()
                                ? TestCupboard.stocked("rice-medium").material().density()
                                : Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        Set.of(),
                        Source.entered(Said.typed("test"))),
                Optional.empty(),
                Optional.of(new Bought(pack, Money.ofMinor(200, TestCupboard.GBP))),
                stock,
                "",
                Optional.empty());
    }
}
