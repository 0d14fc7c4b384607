package app.carder.web.kits;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class KitTest extends WebTest {

    @Test
    void makesAKitOnceAndPrintsItsPictureChecklist() {
        UUID id = UUID.randomUUID();
        String[] kit = {
            "id",
            id.toString(),
            "name",
            "Weighing basket",
            "keptIn",
            "Low shelf",
            "material",
            "Bucket scales",
            "material",
            "wooden scoops",
            "pieces",
            "",
            "pieces",
            "3"
        };

        post("tobias", "/kits", kit);
        post("tobias", "/kits", kit);

        assertThat(get("tobias", "/kits")
                        .page()
                        .select(".kits li:contains(Weighing basket) .pictures li > span")
                        .eachText())
                .containsExactly("1 Bucket scales", "3 Wooden scoops");
        byte[] pdf = get("tobias", "/kits/" + id + "/checklist.pdf").response().getContentAsByteArray();
        assertThat(Pdfs.text(pdf)).contains("Weighing basket", "Low shelf", "Wooden scoops", "• • •");
        Pdfs.assertAccessible(pdf);
    }

    @Test
    void saysWhatIsWrong() {
        assertThat(post(
                                "tobias",
                                "/kits",
                                "id",
                                UUID.randomUUID().toString(),
                                "name",
                                "wrapping KIT",
                                "material",
                                "Towel")
                        .text())
                .contains("Another kit is called");
        Answer empty = post("tobias", "/kits", "id", UUID.randomUUID().toString(), "name", "", "material", "");
        assertThat(empty.status()).isEqualTo(422);
        assertThat(empty.text()).contains("at least one thing", "The name is missing");
        assertThat(post(
                                "tobias",
                                "/kits",
                                "id",
                                UUID.randomUUID().toString(),
                                "name",
                                "Odd",
                                "material",
                                "Towel",
                                "pieces",
                                "0")
                        .text())
                .contains("whole number");
    }

    @Test
    void aCardAsksForAKitAndPrintsIt() {
        String kit =
                id("select k.id from kit k join room r on r.setting_id = k.setting_id where k.name = 'Wrapping kit'"
                                + " and r.name = 'Loft'")
                        .toString();

        assertThat(get("tobias", "/cards/" + card("String, knots and labels"))
                        .page()
                        .select("#kit option[selected]")
                        .val())
                .isEqualTo(kit);
        assertThat(Pdfs.text(get("tobias", "/cards/" + card("String, knots and labels") + "/card.pdf")
                        .response()
                        .getContentAsByteArray()))
                .contains("Kit: Wrapping kit");
    }
}
