package app.carder.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.calculation.Source;
import app.carder.core.card.Portion.Counted;
import app.carder.core.card.PutOut.UsedUp;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.cupboard.Stocked.Bought;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.measure.Money;
import app.carder.core.said.Said;
import app.carder.core.vessel.FillPlan;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PutOutTest {

    /** One set-out for four children, forty times a year. */
    private static final FillPlan.Use USE = new FillPlan.Use(1, 0, 4, 1, 40);

    private static Stocked thing(String name, MaterialKind kind, Optional<Bought> bought) {
        return new Stocked(
                name,
                new Material(
                        name,
                        kind,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        Set.of(),
                        Source.entered(Said.typed("test"))),
                Optional.empty(),
                bought,
                Amount.UNKNOWN,
                "",
                Optional.empty());
    }

    private static Money pounds(String amount) {
        return Money.of(new BigDecimal(amount), Currency.getInstance("GBP"));
    }

    private static PutOut of(Map<String, Stocked> cupboard, Portion... portions) {
        Contents contents = new Contents(Optional.empty(), List.of(portions), Set.of(), Map.of());
        return PutOut.of(contents, USE, cupboard);
    }

    /** Ten sheets for four children are two and a half each, 400 in a year of 40 sessions, at 5 pounds for a hundred 20 pounds. */
    @Test
    void tellsWhatIsUsedUpForEachChildAndAYear() {
        Stocked paper =
                thing("paper", MaterialKind.CONSUMABLE, Optional.of(new Bought(Amount.of(100), pounds("5.00"))));
        Stocked jars = thing("jars", MaterialKind.PIECES, Optional.empty());

        List<UsedUp> usedUp = of(
                        Map.of("paper", paper, "jars", jars),
                        new Counted("paper", Optional.of(10)),
                        new Counted("jars", Optional.of(6)))
                .usedUp();

        assertThat(usedUp)
                .containsExactly(new UsedUp(
                        "paper", Amount.of(10), Optional.of(2.5), Amount.of(400), Optional.of(pounds("20.00"))));
    }

    @Test
    void namesWhatIsUsedUpThoughNobodyWroteDownHowMuch() {
        Stocked glue = thing("glue", MaterialKind.CONSUMABLE, Optional.empty());

        assertThat(of(Map.of("glue", glue), new Counted("glue", Optional.empty()))
                        .usedUp())
                .containsExactly(
                        new UsedUp("glue", Amount.UNKNOWN, Optional.empty(), Amount.UNKNOWN, Optional.empty()));
    }
}
