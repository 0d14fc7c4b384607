package app.carder.web.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.core.watchlog.EntryKind;
import app.carder.web.kit.WebTest;
import app.carder.web.watchlog.EntryDetails;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One item that a device got wrong must not hold up what waits behind it, nor spoil the pages on which it lands. */
class MalformedItemsTest extends WebTest {

    /** What may stand where something else belongs. */
    private static final List<Object> ODD = Arrays.asList(
            null,
            "",
            " ",
            "\u0000",
            "\ud800",
            "x".repeat(5000),
            "=HYPERLINK(\"x\")",
            -1,
            0,
            7,
            Integer.MAX_VALUE,
            Long.MIN_VALUE,
            1e300,
            true,
            List.of(),
            List.of("odd"),
            Arrays.asList((Object) null),
            Map.of(),
            "00000000-0000-0000-0000-000000000000",
            "-1000000000-01-01T00:00:00Z",
            "0001-01-01T00:00:00Z",
            "9999-12-31T23:59:59Z",
            "+1000000000-12-31T23:59:59.999999999Z",
            "2026-02-30T10:00:00Z");

    private final UUID device = UUID.randomUUID();
    private final List<UUID> observations = new ArrayList<>();

    @Autowired
    private JsonMapper json;

    @AfterEach
    void takeAway() {
        for (UUID observation : observations) {
            database.update("delete from observation_child where observation_id = ?", observation);
            database.update("delete from observation where id = ?", observation);
        }
        database.update("delete from watch_entry where device_id = ?", device);
        database.update(
                "update attendance set arrived_at = '08:00', left_at = null, away = null where child_id = ?",
                child("Quentin"));
    }

    static Stream<String> fieldsOfEntries() {
        return fields(EntryDetails.class);
    }

    @ParameterizedTest
    @MethodSource("fieldsOfEntries")
    void anEntryWithAnOddFieldHoldsNothingUpAndSpoilsNoPage(String field) {
        for (EntryKind kind : EntryKind.values()) {
            List<Map<String, Object>> items = new ArrayList<>(List.of(entry(EntryKind.TAP)));
            for (Object odd : ODD) {
                Map<String, Object> entry = entry(kind);
                entry.put(field, odd);
                items.add(entry);
            }
            items.add(entry(kind));

            List<String> states = sync("entry", items);

            assertThat(states).as("entries of the kind %s", kind).containsOnly("KEPT", "REFUSED");
            assertThat(List.of(states.get(0), states.get(states.size() - 1)))
                    .as("what stands before and behind")
                    .containsOnly("KEPT");
        }
        for (String page :
                List.of("/children/" + child("Quentin") + "/play", "/rooms/" + room("Loft") + "/watched.json")) {
            assertThat(get("hamish", page).status()).as(page).isEqualTo(200);
        }
        assertThat(get("hamish", "/rooms/" + room("Loft") + "/watched.csv").text())
                .as("no cell that a table program takes for a formula")
                .doesNotContain(",=HYPERLINK", ",\"=HYPERLINK");
    }

    static Stream<String> fieldsOfPresses() {
        return fields(RegisterItem.class);
    }

    @ParameterizedTest
    @MethodSource("fieldsOfPresses")
    void aPressInTheRegisterWithAnOddFieldHoldsNothingUpAndSpoilsNoPage(String field) {
        List<Map<String, Object>> items = new ArrayList<>(List.of(press()));
        for (Object odd : ODD) {
            Map<String, Object> press = press();
            press.put(field, odd);
            items.add(press);
        }
        items.add(press());

        List<String> states = sync("register", items);

        assertThat(states).containsOnly("KEPT", "REFUSED");
        assertThat(List.of(states.get(0), states.get(states.size() - 1))).containsOnly("KEPT");
        assertThat(get("hamish", "/rooms/" + room("Loft") + "/register").status())
                .isEqualTo(200);
    }

    private Map<String, Object> press() {
        return new HashMap<>(Map.of(
                "id",
                UUID.randomUUID(),
                "child",
                child("Quentin"),
                "what",
                "ARRIVED",
                "at",
                clock.instant().toString()));
    }

    static Stream<String> fieldsOfSnapshots() {
        return fields(SnapshotItem.class);
    }

    @ParameterizedTest
    @MethodSource("fieldsOfSnapshots")
    void aSnapshotWithAnOddFieldHoldsNothingUpAndSpoilsNoPage(String field) {
        List<Map<String, Object>> items = new ArrayList<>(List.of(snapshot()));
        for (Object odd : ODD) {
            Map<String, Object> snapshot = snapshot();
            snapshot.put(field, odd);
            items.add(snapshot);
        }
        items.add(snapshot());

        List<String> states = sync("snapshot", items);

        assertThat(states).containsOnly("KEPT", "REFUSED");
        assertThat(List.of(states.get(0), states.get(states.size() - 1))).containsOnly("KEPT");
        for (String page :
                List.of("/children/" + child("Quentin"), "/rooms/" + room("Loft") + "/watch", bundle("hamish"))) {
            assertThat(get("hamish", page).status()).as(page).isEqualTo(200);
        }
    }

    static Stream<String> fieldsOfPhotos() {
        return fields(PhotoItem.class);
    }

    @ParameterizedTest
    @MethodSource("fieldsOfPhotos")
    void aPhotoWithAnOddFieldIsRefusedOrAskedForAgain(String field) {
        List<Map<String, Object>> items = new ArrayList<>();
        for (Object odd : ODD) {
            Map<String, Object> photo = new HashMap<>(Map.of(
                    "id", UUID.randomUUID(),
                    "upload", "/watch/uploads/" + UUID.randomUUID(),
                    "observations", List.of(UUID.randomUUID())));
            photo.put(field, odd);
            items.add(photo);
        }

        assertThat(sync("photo", items)).containsOnly("REFUSED");
    }

    static Stream<String> fieldsOfTheEnvelope() {
        return fields(SyncRequest.class);
    }

    @ParameterizedTest
    @MethodSource("fieldsOfTheEnvelope")
    void anEnvelopeWithAnOddFieldIsTakenOrTurnedAwayButBreaksNothing(String field) {
        for (Object odd : ODD) {
            Map<String, Object> envelope = envelope(List.of());
            envelope.put(field, odd);

            assertThat(sent(envelope).status()).as("%s = %s", field, odd).isIn(200, 400, 422);
        }
    }

    /** All of them: a field that is added later is tried as well. */
    private static Stream<String> fields(Class<? extends Record> item) {
        return Arrays.stream(item.getRecordComponents()).map(RecordComponent::getName);
    }

    private Map<String, Object> entry(EntryKind kind) {
        Map<String, Object> entry = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID(),
                "record",
                UUID.randomUUID(),
                "room",
                room("Loft"),
                "sequence",
                1,
                "method",
                "PLAY",
                "kind",
                kind,
                "child",
                child("Quentin"),
                "code",
                code(kind),
                "company",
                "",
                "words",
                "stamps"));
        entry.put("number", 1);
        entry.put("ofNumber", 6);
        entry.put("target", UUID.randomUUID());
        entry.put("correctedTo", clock.instant().minusSeconds(30).toString());
        entry.put("at", clock.instant().minusSeconds(60).toString());
        return entry;
    }

    private static String code(EntryKind kind) {
        return switch (kind) {
            case TAP -> "CHOSE";
            case LOOK -> "HANDLING";
            case TRY -> "ALONE";
            case COMPARE -> "LONGER";
            default -> "";
        };
    }

    private Map<String, Object> snapshot() {
        UUID observation = UUID.randomUUID();
        observations.add(observation);
        Map<String, Object> snapshot = new HashMap<>(Map.of(
                "id", UUID.randomUUID(),
                "room", room("Loft"),
                "children", List.of(Map.of("child", child("Quentin"), "observation", observation)),
                "note", "Rolled the parcel down the ramp.",
                "involvement", 4,
                "wellBeing", 4,
                "statements", List.of(),
                "schemas", List.of(),
                "nextStep", "",
                "inPhoto", List.of()));
        snapshot.put("photos", 0);
        snapshot.put("at", clock.instant().toString());
        return snapshot;
    }

    private Map<String, Object> envelope(List<Map<String, Object>> items) {
        return Deliveries.of(device, 0, items);
    }

    private List<String> sync(String type, List<Map<String, Object>> bodies) {
        List<Map<String, Object>> items = bodies.stream()
                .map(body -> {
                    Map<String, Object> item = new HashMap<>(Map.of("type", type, type, body));
                    item.put("id", body.get("id") instanceof UUID id ? id : UUID.randomUUID());
                    return item;
                })
                .toList();
        Answer answer = sent(envelope(items));
        assertThat(answer.status()).isEqualTo(200);
        JsonNode results = json.readTree(answer.text()).path("results");
        assertThat(results).hasSize(items.size());
        return results.valueStream()
                .map(result -> result.path("state").asString())
                .toList();
    }

    private Answer sent(Map<String, Object> envelope) {
        return send(
                "hamish",
                MockMvcRequestBuilders.post("/watch/sync")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(json.writeValueAsString(envelope)));
    }
}
