package app.carder.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.deck.ReadyCard;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CardWordsTest {

    private static Map<String, String> said(ReadyCard ready) {
        Card card = ready.card();
        return CardWords.said(card, PutOut.of(card.contents(), card.usage().term(), ReadyCard.starter()));
    }

    static List<ReadyCard> all() {
        return ReadyCard.shipped();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyCardSaysItsTitleAndEachThingThatIsPutOutWithItsAmount(ReadyCard ready) {
        Map<String, String> said = said(ready);

        assertThat(said).containsEntry("title", ready.title());
        ready.card()
                .contents()
                .things()
                .forEach(code -> assertThat(said.get("put out"))
                        .contains(Objects.requireNonNull(ReadyCard.starter().get(code))
                                .name()));
    }

    @Test
    void anotherAmountIsAnotherText() {
        ReadyCard poured = all().stream()
                .filter(ready -> ready.vessel().isPresent()
                        && !ready.card().contents().portions().isEmpty())
                .findFirst()
                .orElseThrow();
        Card card = poured.card();
        Contents none = new Contents(
                card.contents().vessel(), List.of(), card.contents().features(), Map.of());
        Map<String, String> without =
                CardWords.said(card, PutOut.of(none, card.usage().term(), ReadyCard.starter()));

        assertThat(without.get("put out")).isEmpty();
        assertThat(without.get("container"))
                .isEqualTo(said(poured).get("container"))
                .isNotEmpty();
    }
}
