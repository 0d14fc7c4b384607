package app.carder.web.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Photos;
import app.carder.web.kit.WebTest;
import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.GpsDirectory;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class ObservationTest extends WebTest {

    @Test
    void keepsAnObservationThatIsSentTwiceExactlyOnce() {
        UUID id = UUID.randomUUID();

        Answer first = write(id, "Tried three knots.", null);
        Answer again = write(id, "Tried three knots.", null);

        assertThat(first.status()).isEqualTo(302);
        assertThat(again.status()).isEqualTo(302);
        assertThat(database.queryForObject(
                        "select count(*) from observation_child where observation_id = ?", Integer.class, id))
                .isEqualTo(1);
    }

    @Test
    void keepsARecordOfItsOwnForEachChildWithThatNameAndThePhoto() {
        UUID id = UUID.randomUUID();

        send(
                "hamish",
                request(id, "Tamsin held the rope for Idris.", Photos.picture("jpg", 320, 240))
                        .param("child", child("Idris").toString()));

        assertThat(database.queryForList(
                        "select c.given_name || ': ' || o.note from observation o"
                                + " join observation_child oc on oc.observation_id = o.id join child c on c.id = oc.child_id"
                                + " join photo p on p.observation_id = o.id where o.snapshot_id = ?",
                        String.class,
                        id))
                .containsExactlyInAnyOrder(
                        "Tamsin: Tamsin held the rope for a friend.", "Idris: A friend held the rope for Idris.");
    }

    @Test
    void keepsWhenItWasSeenAndNotWhenItArrived() {
        UUID id = UUID.randomUUID();

        post(
                "hamish",
                observations(),
                "id",
                id.toString(),
                "child",
                child("Tamsin").toString(),
                "note",
                "Waited for the postbox.",
                "observedAt",
                "2026-05-05T14:00:00Z");

        assertThat(get("hamish", "/observations/" + id).text()).contains("Tue 5 May, 15:00");
    }

    @Test
    void servesThePhotoTurnedAndWithoutAnyMetadataAndNeverTheOriginal() throws Exception {
        UUID id = UUID.randomUUID();
        byte[] original = Photos.withPlace(640, 480, 6);

        assertThat(write(id, "Photo of a knot.", original).status()).isEqualTo(302);

        UUID photo = id("select id from photo where observation_id = ?", id);
        byte[] served =
                get("hamish", "/photos/" + photo + "?size=large").response().getContentAsByteArray();
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(served))
                        .getFirstDirectoryOfType(GpsDirectory.class))
                .isNull();
        assertThat(new String(served, StandardCharsets.ISO_8859_1)).doesNotContain(Photos.MAKER);
        assertThat(database.queryForMap("select width, height from photo where id = ?", photo))
                .containsEntry("width", 480)
                .containsEntry("height", 640);
        try (var files = java.nio.file.Files.walk(media())) {
            assertThat(files.filter(java.nio.file.Files::isRegularFile))
                    .isNotEmpty()
                    .allSatisfy(file -> assertThat(java.nio.file.Files.readString(file, StandardCharsets.ISO_8859_1))
                            .doesNotContain(Photos.MAKER));
        }
    }

    @Test
    void keepsTheWordsWhenThePhotoIsRefused() {
        UUID id = UUID.randomUUID();
        byte[] fake = "<svg onload=alert(1)>".getBytes(StandardCharsets.UTF_8);

        Answer page = send("hamish", request(id, "Rolled it nine times.", fake));
        Answer bomb = write(id, "Rolled it nine times.", Photos.bomb());

        assertThat(page.status()).isEqualTo(422);
        assertThat(page.page().select("#fault-photo").text()).contains("not a photo that Carder can read");
        assertThat(page.page().select("#note").text()).isEqualTo("Rolled it nine times.");
        assertThat(page.page().select("input[name=child][checked]")).hasSize(1);
        assertThat(bomb.status()).isEqualTo(422);
        assertThat(bomb.text()).contains("more than 120 million pixels");
        assertThat(database.queryForObject("select count(*) from observation where id = ?", Integer.class, id))
                .isZero();
    }

    @Test
    void refusesAPhotoThatIsTooLargeInWords() {
        byte[] huge = new byte[26 * 1024 * 1024];
        System.arraycopy(Photos.picture("jpg", 20, 20), 0, huge, 0, 400);

        Answer answer = send("hamish", request(UUID.randomUUID(), "Large.", huge));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("#fault-photo").text()).contains("larger than 25 MB");
        assertThat(answer.page().select("#note").text()).isEqualTo("Large.");
    }

    @Test
    void showsHtmlEmojiAndRightToLeftWordsAsWritten() {
        UUID id = UUID.randomUUID();
        String words =
                "<img src=x onerror=alert(1)> \ud83d\udc67\u200d\ud83d\udd27 \u0646\u0648\u0631 said \u201c\u05e9\u05dc\u05d5\u05dd\u201d";

        write(id, words, null);

        var page = get("hamish", "/observations/" + id).page();
        assertThat(page.select("#note").text()).isEqualTo(words);
        assertThat(page.select("img[src=x]")).isEmpty();
    }

    @Test
    void asksWhoWasSeenAndWhatHappened() {
        Answer answer = post("hamish", observations(), "id", UUID.randomUUID().toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("[role=alert] li")).hasSize(2);
        assertThat(answer.page().select("#note").attr("aria-describedby")).isEqualTo("fault-note");
    }

    @Test
    void takesNoChildOfAnotherRoomOrSetting() {
        assertThat(post(
                                "hamish",
                                observations(),
                                "id",
                                UUID.randomUUID().toString(),
                                "child",
                                child("Ines").toString(),
                                "note",
                                "Not ours.")
                        .page()
                        .select("#fault-child")
                        .text())
                .contains("Tap the child you saw");
    }

    @Test
    void keepsWhatANoteSaidBeforeItWasReworded() {
        UUID id = UUID.randomUUID();
        write(id, "Was clever with the knot.", null);

        post(
                "tobias",
                "/observations/" + id,
                "version",
                "0",
                "note",
                "Tied the knot at the fourth try.",
                "involvement",
                "4");
        Answer late = post("hamish", "/observations/" + id, "version", "0", "note", "Mine.");

        assertThat(late.status()).isEqualTo(422);
        assertThat(late.page().select("#note").text()).isEqualTo("Mine.");
        var page = get("hamish", "/observations/" + id).page();
        assertThat(page.select("#note").text()).isEqualTo("Tied the knot at the fourth try.");
        assertThat(page.select(".earlier").text()).contains("Was clever with the knot.", "Tobias Renn");
    }

    /** What was marked by one framework is marked by it for good: also where the room goes over to another, and where a statement is gone. */
    @Test
    void keepsTheFrameworkOfItsDay() {
        UUID id = UUID.randomUUID();
        write(id, "Poured to the line.", null);
        assertThat(database.queryForMap("select framework_code, framework_version from observation where id = ?", id))
                .containsEntry("framework_code", "eyfs")
                .containsEntry("framework_version", "2026-05");
        database.update(
                "update observation set areas = '{eyfs-pd,eyfs-gone}', statements = '{eyfs-gone-1}' where id = ?", id);
        String was = database.queryForObject("select framework_code from room where name = 'Loft'", String.class);
        database.update("update room set framework_code = 'sme' where name = 'Loft'");
        try {
            Document page = get("hamish", "/observations/" + id).page();
            assertThat(page.text()).contains("Areas from England, early years foundation stage");
            assertThat(page.select(".edge .notch").eachAttr("title")).contains("Physical Development");

            post(
                    "hamish",
                    "/observations/" + id,
                    "version",
                    "0",
                    "note",
                    "Poured to the line, twice.",
                    "areas",
                    "eyfs-pd");

            assertThat(database.queryForObject(
                            "select array_to_string(areas || statements, ' ') from observation where id = ?",
                            String.class,
                            id))
                    .as("nobody could tick again what is gone")
                    .isEqualTo("eyfs-gone eyfs-pd eyfs-gone-1");
            database.update("update observation set framework_version = '2025-09' where id = ?", id);
            assertThat(get("hamish", "/observations/" + id).text())
                    .contains("England, early years foundation stage, version 2025-09");
        } finally {
            database.update("update room set framework_code = ? where name = 'Loft'", was);
        }
    }

    @Test
    void showsInTheChildsDeckAndFiltersByNotch() {
        UUID cosima = child("Cosima");
        UUID id = UUID.randomUUID();
        post(
                "hamish",
                observations(),
                "id",
                id.toString(),
                "child",
                cosima.toString(),
                "note",
                "Named every colour of the labels.",
                "statements",
                "eyfs-cl-3");

        var all = get("hamish", "/children/" + cosima).page();
        var speaking = get("hamish", "/children/" + cosima + "?notch=eyfs-cl").page();

        assertThat(all.select(".deck tbody tr").first().text()).contains("Named every colour");
        assertThat(speaking.select(".deck tbody tr")).hasSize(1);
        assertThat(all.select(".coverage tbody tr").first().text()).contains("Communication and Language 1 6 May");
        assertThat(all.select(".coverage tr.gap").text()).contains("Literacy", "not yet");
    }

    private String observations() {
        return "/rooms/" + room("Loft") + "/observations";
    }

    private Answer write(UUID id, String note, byte[] photo) {
        return send("hamish", request(id, note, photo));
    }

    private MockMultipartHttpServletRequestBuilder request(UUID id, String note, byte[] photo) {
        MockMultipartHttpServletRequestBuilder request =
                MockMvcRequestBuilders.multipart(HttpMethod.POST, observations());
        if (photo != null) {
            request.file(new MockMultipartFile("photo", "photo.jpg", "image/jpeg", photo));
        }
        request.param("id", id.toString())
                .param("child", child("Tamsin").toString())
                .param("note", note)
                .with(csrf().asHeader());
        return request;
    }
}
