package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** "Saved" is said once, and only after something was saved. */
class OutcomeTest extends WebTest {

    @Test
    void saysItOnceAfterSomethingWasSaved() {
        String saved = post("hamish", "/about-me", "firstAidUntil", "2027-03-01", "avoids", "")
                .location();
        assertThat(saved).isEqualTo("/about-me?saved");

        assertThat(get("hamish", saved + "=").page().select(".done").text()).isEqualTo("Saved.");
        assertThat(get("hamish", saved).location()).as("a reload").isEqualTo("/about-me");
        assertThat(get("hamish", "/about-me").page().select(".done")).isEmpty();
    }

    @Test
    void saysNothingToWhoeverHasOnlyTheAddress() {
        String saved =
                post("hamish", "/about-me", "firstAidUntil", "", "avoids", "").location();

        assertThat(get("sunniva", saved).location()).as("a colleague").isEqualTo("/about-me");
        assertThat(get("hamish", "/about-me").page().select(".done")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "/devices?kept, /devices",
        "/materials?added=3&changed=1, /materials",
        "/kits?page=0&saved, /kits?page=0"
    })
    void anAddressThatNothingWasSavedForLeadsToThePage(String address, String page) {
        assertThat(get("imelda", address).location()).isEqualTo(page);
    }
}
