package app.carder.web.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Photos;
import app.carder.web.kit.WebTest;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What several people wrote on one tablet, brought by whoever has it now. */
class SealedSyncTest extends WebTest {

    private static final int MOST = 100;

    private final UUID device = UUID.randomUUID();

    @Autowired
    private JsonMapper json;

    @Autowired
    private SealKeys keys;

    private String signOn(String username) {
        return json.readTree(send(username, signOn(device)).text())
                .path("token")
                .asString();
    }

    private Map<String, Object> sealed(String ticket, Map<String, Object> item) {
        String id = String.valueOf(item.get("id"));
        byte[] inside = json.writeValueAsBytes(Map.of("ticket", ticket, "item", item));
        return outer(id, Seals.seal(keys.current(), id, inside));
    }

    private static Map<String, Object> outer(String id, Sealed sealed) {
        return new HashMap<>(Map.of("id", id, "type", "sealed", "sequence", 7, "upload", "", "sealed", sealed));
    }

    private Map<String, Object> tap(UUID record) {
        Map<String, Object> entry = new HashMap<>(Map.of(
                "id", UUID.randomUUID(),
                "record", record,
                "room", room("Loft"),
                "method", "PLAY",
                "kind", "TAP",
                "child", child("Delphine"),
                "code", "TALKED",
                "company", "",
                "words", ""));
        entry.put("at", clock.instant().minusSeconds(60).toString());
        return Map.of("id", entry.get("id"), "type", "entry", "entry", entry);
    }

    private Map<String, Object> snapshot(String note, UUID room, UUID observation, int photos) {
        UUID id = UUID.randomUUID();
        Map<String, Object> snapshot = new HashMap<>(Map.of(
                "id",
                id,
                "room",
                room,
                "children",
                List.of(Map.of("child", child("Delphine"), "observation", observation)),
                "note",
                note,
                "involvement",
                4,
                "wellBeing",
                4,
                "schemas",
                List.of(),
                "statements",
                List.of(),
                "nextStep",
                "",
                "photos",
                photos));
        snapshot.put("inPhoto", List.of());
        snapshot.put("at", clock.instant().toString());
        return Map.of("id", id, "type", "snapshot", "snapshot", snapshot);
    }

    private List<JsonNode> bring(String username, List<Map<String, Object>> items) {
        Answer answer = send(username, Deliveries.request(json.writeValueAsString(Deliveries.of(device, 0, items))));
        assertThat(answer.status()).isEqualTo(200);
        return json.readTree(answer.text()).path("results").valueStream().toList();
    }

    private static List<String> states(List<JsonNode> results) {
        return results.stream()
                .map(result -> result.path("state").asString())
                .distinct()
                .toList();
    }

    @Test
    void aThousandEntriesOfThreePeopleArriveOnceEachUnderTheRightNameWhoeverBringsThem() {
        Map<String, UUID> records = new HashMap<>();
        List<Map<String, Object>> queue = new ArrayList<>();
        for (String username : List.of("queue.signs.out", "queue.is.closed", "queue.forgot.pin")) {
            practitioner(username);
            database.update("update account set display_name = ? where username = ?", username, username);
            String ticket = signOn(username);
            UUID record = UUID.randomUUID();
            records.put(username, record);
            for (int i = 0; i < 334; i++) {
                queue.add(sealed(ticket, tap(record)));
            }
        }
        post("queue.signs.out", "/sign-out");
        post("imelda", "/staff/" + account("queue.is.closed") + "/close");

        for (int from = 0; from < queue.size(); from += MOST) {
            List<Map<String, Object>> some = queue.subList(from, Math.min(queue.size(), from + MOST));
            assertThat(states(bring("tobias", some))).containsExactly("KEPT");
            // The answer got lost: all of it comes again.
            assertThat(states(bring("tobias", some))).containsExactly("KEPT");
        }

        records.forEach((username, record) -> assertThat(database.queryForList(
                        "select author_name || ' ' || count(*) from watch_entry where record_id = ? group by author_name",
                        String.class,
                        record))
                .containsExactly(username + " 334"));
    }

    @Test
    void aSealedPhotoIsOpenedCleanedAndItsAuthorIsWhoeverTookIt() {
        String ticket = signOn("hamish");
        UUID observation = UUID.randomUUID();
        UUID photo = UUID.randomUUID();
        Sealed file = Seals.seal(keys.current(), photo.toString(), Photos.withPlace(300, 200, 1));
        Map<String, Object> item = Map.of(
                "id",
                photo,
                "type",
                "photo",
                "photo",
                Map.of(
                        "id",
                        photo,
                        "observations",
                        List.of(observation),
                        "file",
                        Map.of("key", file.key(), "point", file.point(), "iv", file.iv(), "data", "")));
        byte[] bytes = Base64.getUrlDecoder().decode(file.data());
        Answer begun = send(
                "tobias",
                MockMvcRequestBuilders.post("/watch/uploads")
                        .with(csrf())
                        .header("Tus-Resumable", "1.0.0")
                        .header("Upload-Length", bytes.length));
        String upload = URI.create(String.valueOf(begun.response().getHeader("Location")))
                .getPath();
        send("tobias", Chunk.of(upload, 0, bytes));
        Map<String, Object> last = sealed(ticket, item);
        last.put("upload", upload);

        List<JsonNode> results =
                bring("tobias", List.of(sealed(ticket, snapshot("With a face.", room("Loft"), observation, 1)), last));

        assertThat(states(results)).containsExactly("KEPT");
        assertThat(database.queryForObject(
                        "select author_name from observation where id = ?", String.class, observation))
                .isEqualTo("Hamish Vale");
        byte[] kept =
                get("hamish", "/photos/" + photo + "?size=large").response().getContentAsByteArray();
        assertThat(kept).isNotEmpty();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
    }

    @Test
    void whatIsRefusedIsReadByItsAuthorAloneUntilTheyHaveSeenIt() {
        String ticket = signOn("hamish");
        Map<String, Object> item =
                sealed(ticket, snapshot("Of a room that is none.", UUID.randomUUID(), UUID.randomUUID(), 0));

        List<JsonNode> results = bring("tobias", List.of(item));

        assertThat(states(results)).containsExactly("REFUSED");
        assertThat(results.get(0).path("why").asString()).isEmpty();
        assertThat(get("tobias", "/watch/refused").text()).isEqualTo("[]");
        assertThat(get("hamish", "/watch/refused").text()).contains("Of a room that is none.");
        post("hamish", "/watch/refused/seen");
        assertThat(get("hamish", "/watch/refused").text()).isEqualTo("[]");
    }

    @Test
    void nobodyWritesUnderTheNameOfSomebodyElse() {
        UUID record = UUID.randomUUID();
        String ticket = signOn("hamish");
        Map<String, Object> forged = sealed(ticket.substring(0, ticket.length() - 4) + "AAAA", tap(record));
        Map<String, Object> unsigned = sealed("", tap(record));
        Map<String, Object> good = sealed(ticket, tap(record));
        Map<String, Object> swapped = new HashMap<>(good);
        swapped.put("id", UUID.randomUUID().toString());
        Map<String, Object> garbage = outer(
                UUID.randomUUID().toString(),
                new Sealed(keys.current().name(), "not base64!", "not base64!", "not base64!"));
        Map<String, Object> nothing =
                new HashMap<>(Map.of("id", UUID.randomUUID().toString(), "type", "sealed"));

        List<JsonNode> results = bring("tobias", List.of(forged, unsigned, swapped, garbage, nothing, good));

        assertThat(results.stream().map(result -> result.path("state").asString()))
                .containsExactly("REFUSED", "REFUSED", "REFUSED", "REFUSED", "REFUSED", "KEPT");
        assertThat(database.queryForObject(
                        "select count(*) from watch_entry where record_id = ?", Integer.class, record))
                .isEqualTo(1);
    }
}
