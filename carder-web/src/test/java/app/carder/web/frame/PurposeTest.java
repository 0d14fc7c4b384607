package app.carder.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.said.Catalogue;
import app.carder.web.kit.WebTest;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class PurposeTest extends WebTest {

    @Test
    void everyPlaceTellsWhatItIsFor() {
        assertThat(Arrays.stream(Place.values()).filter(Place::isTold))
                .allSatisfy(place -> assertThat(Catalogue.ENGLISH.say("purpose." + place.name()))
                        .contains(". ")
                        .hasSizeBetween(80, 260));
    }

    @Test
    void standsOnItsPageUntilItIsFoldedAway() {
        assertThat(get("hamish", "/kits").page().select(".purpose").text()).contains("box of things");

        Answer folded = post("hamish", "/purposes", "purpose", "KITS");

        assertThat(folded.location()).isEqualTo("/");
        assertThat(folded.response().getCookie(Folded.COOKIE)).satisfies(cookie -> {
            assertThat(cookie).isNotNull();
            assertThat(cookie.getValue()).isEqualTo("KITS");
            assertThat(cookie.isHttpOnly()).isTrue();
        });
        assertThat(post("hamish", "/purposes", "purpose", "NONE").status()).isEqualTo(404);
    }
}
