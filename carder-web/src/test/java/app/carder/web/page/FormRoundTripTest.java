package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.ArrayList;
import java.util.List;
import org.jsoup.Connection;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A form that is opened and saved without a change says the same afterwards. */
class FormRoundTripTest extends WebTest {

    @Test
    void everyCardSavedAsItOpenedStaysAsItWas() {
        assertThat(demoCards())
                .hasSizeGreaterThanOrEqualTo(40)
                .allSatisfy(card -> savedTwiceStaysAsItWas("/cards/" + card));
    }

    @ParameterizedTest
    @ValueSource(strings = {"ladder", "preparation"})
    void partsOfCardsSavedAsTheyOpenedStayAsTheyWere(String part) {
        for (String title : List.of("Painted rice for mosaics", "Rice by the kilo", "Ice parcels that melt")) {
            savedTwiceStaysAsItWas("/cards/" + card(title) + "/" + part);
        }
    }

    @Test
    void kitSavedAsItOpenedStaysAsItWas() {
        savedTwiceStaysAsItWas("/kits/" + id("select id from kit where name = 'Wrapping kit' order by id"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"rice-long", "water-beads", "jug-small"})
    void thingOfTheCupboardSavedAsItOpenedStaysAsItWas(String code) {
        savedTwiceStaysAsItWas("/materials/" + material(code));
    }

    @Test
    void childSavedAsItOpenedStaysAsItWas() {
        savedTwiceStaysAsItWas("/children/" + child("Bram") + "/edit");
    }

    private void savedTwiceStaysAsItWas(String path) {
        FormElement opened = form(path);
        List<String> before = said(opened);

        for (int time = 1; time <= 2; time++) {
            FormElement form = form(path);
            List<String> fields = new ArrayList<>();
            form.formData().stream().filter(one -> !one.key().equals("_csrf")).forEach(one -> {
                fields.add(one.key());
                fields.add(one.value());
            });
            Answer answer = post("imelda", form.attr("action"), fields.toArray(String[]::new));
            assertThat(answer.status()).as(path + ", saved " + time + " times").isEqualTo(302);
        }

        assertThat(said(form(path))).as(path).isEqualTo(before);
    }

    private FormElement form(String path) {
        return get("imelda", path).page().forms().stream()
                .filter(form -> form.hasAttr("data-once") && form.attr("method").equals("post"))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> said(FormElement form) {
        return form.formData().stream()
                .filter(one -> !List.of("_csrf", "version").contains(one.key()))
                .map(Connection.KeyVal::toString)
                .toList();
    }
}
