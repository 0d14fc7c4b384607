package app.carder.web.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class BringInTest extends WebTest {

    private static final String NOTES = """
            12/03/2026 Anouk: Tied the string twice round the parcel, then helped Bram.
            Pulled it tight.
            13/03/2026 Anouk and Cosima: Weighed rice against stones.
            14/03/2026 Nobody: Posted letters.
            """;

    @AfterEach
    void takeThemAway() {
        database.update(
                "delete from observation_child where observation_id in (select id from observation where brought_in_from is not null)");
        database.update("delete from observation where brought_in_from is not null");
    }

    private String path() {
        return "/rooms/" + room("Loft") + "/earlier-notes";
    }

    @Test
    void pastedNotesBecomeObservationsOfTheirDayMarkedAsBroughtInAndOnlyOnce() {
        Element preview = post("tobias", path(), "pasted", NOTES).page();
        assertThat(preview.select(".import-faults li").eachText())
                .containsExactly("Row 4: Nobody No child of this room is called “Nobody”.");
        assertThat(preview.select("main h2").last().text()).isEqualTo("2 new notes");
        String source = preview.select("[name=source]").text();

        Answer brought = post(
                "tobias",
                path() + "/bring-in",
                "source",
                preview.select("[name=source]").first().wholeText());
        assertThat(get("tobias", brought.location()).page().select(".done").text())
                .isEqualTo("2 notes were brought in.");
        assertThat(source).contains("Pulled it tight.");

        UUID ofAnouk = id(
                "select o.id from observation o join observation_child c on c.observation_id = o.id"
                        + " where o.brought_in_from is not null and c.child_id = ? and o.note like 'Tied%'",
                child("Anouk"));
        Element page = get("tobias", "/observations/" + ofAnouk).page();
        assertThat(page.select("h1").text()).contains("12 Mar").doesNotContain("12:00");
        assertThat(page.select("main").text())
                .contains("Brought in from earlier records; who wrote it then is not known. The hour is not known.");
        assertThat(page.select("[name=note]").text())
                .contains("then helped a friend")
                .doesNotContain("Bram");
        assertThat(database.queryForObject(
                        "select count(*) from observation where brought_in_from is not null", Integer.class))
                .isEqualTo(3);

        Element again = post("tobias", path(), "pasted", NOTES).page();
        assertThat(again.select("main h2").last().text()).isEqualTo("No new note, 2 are there already");
        post("tobias", path() + "/bring-in", "source", NOTES);
        assertThat(database.queryForObject(
                        "select count(*) from observation where brought_in_from is not null", Integer.class))
                .isEqualTo(3);
    }

    @Test
    void aTableTellsWhoWroteThem() {
        Answer read = send(
                "tobias",
                MockMvcRequestBuilders.multipart(HttpMethod.POST, path())
                        .file(new MockMultipartFile(
                                "file",
                                "notes.csv",
                                "text/csv",
                                "Child;Date;Note;Written by\nBram;2026-03-12;Rolled the tube down.;Hamish\n"
                                        .getBytes(StandardCharsets.UTF_8)))
                        .with(csrf().asHeader()));
        Element preview = read.page();
        assertThat(preview.select("ol").text()).contains("Bram", "Rolled the tube down.", "Written by Hamish");

        post(
                "tobias",
                path() + "/bring-in",
                "source",
                preview.select("[name=source]").first().wholeText());
        assertThat(database.queryForObject(
                        "select brought_in_from from observation where note = 'Rolled the tube down.'", String.class))
                .isEqualTo("Hamish");
    }

    @Test
    void whatHoldsNoNoteIsRefusedAndKeptInTheField() {
        Answer refused = post("tobias", path(), "pasted", "Anouk tied a knot.");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select(".fault").text()).contains("No note was found here.");
        assertThat(refused.page().select("#pasted").text()).isEqualTo("Anouk tied a knot.");
        assertThat(post("tobias", path(), "pasted", " ").page().select(".fault").text())
                .contains("Choose a file");
    }
}
