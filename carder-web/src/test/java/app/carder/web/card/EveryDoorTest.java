package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A card that one child's mouthing holds says so wherever it is met. */
class EveryDoorTest extends WebTest {

    private static final String RICE = "Rice by the kilo";

    private String card() {
        return "/cards/" + card(RICE);
    }

    private String loft(String path) {
        return "/rooms/" + room("Loft") + path;
    }

    private String imported() {
        byte[] file = get("tobias", card() + "/card.json").text().getBytes(StandardCharsets.UTF_8);
        return send(
                        "tobias",
                        MockMvcRequestBuilders.multipart(loft("/cards/import"))
                                .file(new MockMultipartFile("file", "card.json", "application/json", file))
                                .with(csrf().asHeader()))
                .page()
                .select(".previews")
                .text();
    }

    static Stream<Named<Function<EveryDoorTest, String>>> doors() {
        return Stream.of(
                Named.of(
                        "bench",
                        door -> door.get("tobias", door.card())
                                .page()
                                .select(".findings")
                                .text()),
                Named.of(
                        "set-out",
                        door -> door.get("tobias", door.card() + "/set-out")
                                .page()
                                .select(".findings")
                                .text()),
                Named.of(
                        "ladder",
                        door -> door.get("tobias", door.card() + "/ladder")
                                .page()
                                .select("main")
                                .text()),
                Named.of(
                        "printed card",
                        door -> Pdfs.text(door.get("tobias", door.card() + "/card.pdf")
                                .response()
                                .getContentAsByteArray())),
                Named.of("import", EveryDoorTest::imported),
                Named.of(
                        "week board",
                        door -> door.get("tobias", door.loft("/week"))
                                .page()
                                .select(".board-card:contains(" + RICE + ") .held")
                                .text()),
                Named.of(
                        "printed week",
                        door -> Pdfs.text(door.get("tobias", door.loft("/week.pdf"))
                                .response()
                                .getContentAsByteArray())),
                Named.of(
                        "table of the week",
                        door -> door.get("tobias", door.loft("/week.csv")).text()),
                Named.of(
                        "set-out list",
                        door -> door.get("tobias", door.loft("/lists/set-out?of=2026-05-06"))
                                .page()
                                .select("main")
                                .text()),
                Named.of(
                        "app in the hand",
                        door -> door.get("tobias", door.bundle("tobias", door.room("Loft")))
                                .text()));
    }

    @ParameterizedTest
    @MethodSource("doors")
    void tellsWhatHoldsTheCard(Function<EveryDoorTest, String> door) {
        assertThat(door.apply(this).replaceAll("\\s+", " ")).contains("Loose grain and mouthing");
    }

    @ParameterizedTest
    @MethodSource("doors")
    void fallsSilentOnceTheChildNoLongerMouths(Function<EveryDoorTest, String> door) {
        yusufMouths(false);
        try {
            assertThat(door.apply(this).replaceAll("\\s+", " ")).doesNotContain("Loose grain and mouthing");
        } finally {
            yusufMouths(true);
        }
    }

    /** The doors that show a week: what holds a card, and where an adult stays with it. */
    @ParameterizedTest
    @ValueSource(strings = {"/week", "/week.csv", "/week.pdf", "/lists/set-out?of=2026-05-06"})
    void tellsWhereAnAdultStays(String door) {
        Answer answer = get("tobias", loft(door));
        String text = door.endsWith(".pdf") ? Pdfs.text(answer.response().getContentAsByteArray()) : answer.text();

        assertThat(text.replaceAll("\\s+", " ")).contains("Stay with it: ");
    }

    private void yusufMouths(boolean mouths) {
        database.update("update child set mouthing = ? where given_name = 'Yusuf'", mouths);
    }
}
