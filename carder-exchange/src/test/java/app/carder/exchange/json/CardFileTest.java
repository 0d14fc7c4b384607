package app.carder.exchange.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CardFileTest {

    @Test
    void saysWhereAFileStopsBeingReadableAndNotWhatTheParserThinks() {
        assertThatThrownBy(() -> CardFile.read("name,kind\nPostcards,PIECES"))
                .hasMessageStartingWith("This is not a card file: it cannot be read from line 1, column ")
                .hasMessageNotContaining("token");
        assertThatThrownBy(() -> CardFile.read("{\"format\":\"carder-cards\",\"cards\":[{},\n{\"put\":7}]}"))
                .hasMessageContaining("line 2")
                .hasMessageEndingWith(", in cards, 2, put.");
    }

    @Test
    void readsBackWhatItWrote() {
        CardFile.Card card = CardFile.read(
                        "{\"format\":\"carder-cards\",\"version\":1,\"cards\":[{\"title\":\"Posting\",\"areas\":[\"a\"],"
                                + "\"vessel\":{\"shape\":\"BOX\",\"firstMm\":300,\"secondMm\":200,\"depthMm\":50},"
                                + "\"put\":[{\"material\":\"m\",\"depthMm\":20}]}]}")
                .cards()
                .get(0);

        CardFile again = CardFile.read(CardFile.write("eyfs", List.of(Map.of("code", "m")), List.of(card)));

        assertThat(again.cards()).containsExactly(card);
        assertThat(again.framework()).isEqualTo("eyfs");
        assertThat(again.materials()).containsExactly(Map.of("code", "m"));
    }

    /** Files from before calculations and steps had those names are still read. */
    @Test
    void readsCalculationsAndStepsUnderTheirOlderNames() {
        CardFile.Card card = CardFile.read(
                        "{\"format\":\"carder-cards\",\"version\":1,\"cards\":[{\"title\":\"Dough\",\"reckonings\":[{\"tool\":\"dough\"}],\"rungs\":[{\"rung\":\"HARDER\",\"note\":\"No spoon.\"}]}]}")
                .cards()
                .get(0);

        assertThat(card.calculations())
                .singleElement()
                .satisfies(kept -> assertThat(kept.tool()).isEqualTo("dough"));
        assertThat(card.ladder())
                .singleElement()
                .satisfies(step -> assertThat(step.step()).isEqualTo("HARDER"));
        assertThat(CardFile.write("eyfs", List.of(), List.of(card)))
                .contains("\"calculations\"", "\"ladder\"", "\"step\"");
    }

    @Test
    void keepsAFieldOfOneLineOnOneLine() {
        CardFile.Card card = CardFile.read(
                        "{\"format\":\"carder-cards\",\"version\":1,\"cards\":[{\"title\":\"Post\\ning\",\"intention\":\"One.\\nTwo.\",\"put\":[{\"material\":\"a\\nb\"}]}]}")
                .cards()
                .get(0);

        assertThat(card.title()).isEqualTo("Post ing");
        assertThat(card.intention()).isEqualTo("One.\nTwo.");
        assertThat(card.put().get(0).material()).isEqualTo("a b");
    }

    @Test
    void aNumberBeyondAllLimitsIsRefusedThoughTheParserNamesNoPlace() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CardFile.read("{\"format\": " + "9".repeat(2000) + "}"))
                .withMessageContaining("something in it is too long");
    }

    @Test
    void nothingAtAllIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CardFile.read("null"))
                .withMessageContaining("must be in the format");
    }
}
