package app.carder.web.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Photos;
import app.carder.web.kit.WebTest;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.GpsDirectory;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class SyncTest extends WebTest {

    private final UUID device = UUID.randomUUID();
    private final UUID record = UUID.randomUUID();

    @Autowired
    private JsonMapper json;

    @Autowired
    private SettingService settings;

    private Map<String, Object> tap(String child, String code) {
        return entry("TAP", Map.of("child", child(child), "code", code));
    }

    private Map<String, Object> entry(String kind, Map<String, Object> more) {
        Map<String, Object> entry = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID(),
                "record",
                record,
                "room",
                room("Loft"),
                "sequence",
                1,
                "method",
                "PLAY",
                "kind",
                kind,
                "code",
                "",
                "company",
                "",
                "words",
                "",
                "at",
                clock.instant().minusSeconds(60).toString()));
        entry.putAll(more);
        return item("entry", entry);
    }

    private Map<String, Object> snapshot(String note, String... children) {
        List<Map<String, Object>> seen = Arrays.stream(children)
                .map(name -> Map.<String, Object>of("child", child(name), "observation", UUID.randomUUID()))
                .toList();
        Map<String, Object> snapshot = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID(),
                "room",
                room("Loft"),
                "children",
                seen,
                "note",
                note,
                "involvement",
                4,
                "wellBeing",
                5,
                "schemas",
                List.of("CONTAINING"),
                "nextStep",
                "Offer the longer chute.",
                "photos",
                0));
        snapshot.put("statements", List.of("eyfs-m-2"));
        snapshot.put("inPhoto", List.of());
        snapshot.put("at", clock.instant().toString());
        return item("snapshot", snapshot);
    }

    private static Map<String, Object> item(String type, Map<String, Object> body) {
        return new HashMap<>(Map.of("id", body.get("id"), "type", type, type, body));
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> body(Map<String, Object> item) {
        return (Map<String, Object>) item.get(item.get("type"));
    }

    private JsonNode sync(String username, long offsetMs, List<Map<String, Object>> items) {
        Answer answer =
                send(username, Deliveries.request(json.writeValueAsString(Deliveries.of(device, offsetMs, items))));
        assertThat(answer.status()).isEqualTo(200);
        return json.readTree(answer.text());
    }

    private List<String> states(JsonNode answer) {
        return answer.path("results")
                .valueStream()
                .map(result -> result.path("state").asString())
                .toList();
    }

    private int entries() {
        return database.queryForObject("select count(*) from watch_entry where record_id = ?", Integer.class, record);
    }

    @Test
    void entriesAreKeptOnceHoweverOftenAndInWhateverOrderTheyCome() {
        List<Map<String, Object>> items =
                new ArrayList<>(List.of(tap("Delphine", "CHOSE"), tap("Chidi", "INVITED"), tap("Delphine", "LEFT")));

        sync("hamish", 0, items);
        Collections.reverse(items);
        items.add(items.get(0));
        JsonNode again = sync("hamish", 0, items);

        assertThat(states(again)).containsOnly("KEPT").hasSize(4);
        assertThat(entries()).isEqualTo(3);
    }

    /** A made-up nursery stands two days before the machine: what is noted now belongs to its day; who signed in and looked does not. */
    @Test
    void whatHappensInANurseryWithATimeOfItsOwnIsWrittenAtThatTime() {
        SettingId quillmere = new SettingId(id("select id from setting where name = 'Quillmere Nursery'"));
        settings.putClock(quillmere, settings.machineNow(quillmere).minusDays(2));
        try {
            Map<String, Object> tap = tap("Delphine", "CHOSE");
            sync("hamish", 0, List.of(tap, snapshot("Tied the string round the tube twice.", "Delphine")));
            Instant machine = clock.instant();
            Instant nursery = machine.minus(Duration.ofDays(2));

            assertThat(time("select happened_at from watch_entry where record_id = ?", record))
                    .isEqualTo(nursery.minusSeconds(60));
            assertThat(
                            time(
                                    "select max(observed_at) from observation where note like 'Tied the string round the tube%'"))
                    .isEqualTo(nursery);
            assertThat(get("hamish", bundle("hamish", room("Loft"))).text()).contains("\"clockAheadMs\":-172800000");
            assertThat(time("select at from access_entry where route = '/watch/bundle' order by id desc limit 1"))
                    .isEqualTo(machine);
            assertThat(get("tobias", "/").page().select("main").text())
                    .contains("Made-up data with a clock of its own: here it is 10:05 on 4 May 2026.");

            post("tobias", "/materials/" + material("parcel-string") + "/stock", "step", "more");
            assertThat(time("select at from done where deed = 'STOCK_COUNTED' order by id desc limit 1"))
                    .isEqualTo(nursery);
            // Lists of other tests count on as many as there were.
            post("tobias", "/materials/" + material("parcel-string") + "/stock", "step", "less");
        } finally {
            settings.putClock(quillmere, settings.machineNow(quillmere));
        }
    }

    private Instant time(String sql, Object... arguments) {
        return database.queryForObject(sql, java.sql.Timestamp.class, arguments).toInstant();
    }

    @Test
    void entriesOfAWrongClockArePutRight() {
        Map<String, Object> tap = tap("Delphine", "CHOSE");
        Instant wrong = clock.instant().minus(Duration.ofMinutes(70));
        body(tap).put("at", wrong.toString());

        sync("hamish", Duration.ofHours(1).toMillis(), List.of(tap));

        Map<String, Object> row = database.queryForMap(
                "select device_at, happened_at, clock_offset_ms from watch_entry where record_id = ?", record);
        assertThat(((java.sql.Timestamp) row.get("happened_at")).toInstant())
                .isEqualTo(clock.instant().minus(Duration.ofMinutes(10)));
        assertThat(((java.sql.Timestamp) row.get("device_at")).toInstant()).isEqualTo(wrong);
        assertThat(row.get("clock_offset_ms")).isEqualTo(3_600_000L);
    }

    @Test
    void entriesNeverHappenAfterTheyArrived() {
        Map<String, Object> tap = tap("Delphine", "CHOSE");
        body(tap).put("at", clock.instant().plusSeconds(900).toString());

        sync("hamish", 0, List.of(tap));

        assertThat(database.queryForObject(
                                "select happened_at from watch_entry where record_id = ?",
                                java.sql.Timestamp.class,
                                record)
                        .toInstant())
                .isEqualTo(clock.instant());
    }

    @Test
    void entriesThatMakeNoSenseAreRefusedInWordsAndHoldNothingUp() {
        Map<String, Object> stranger = tap("Delphine", "CHOSE");
        body(stranger).put("child", id("select id from child where given_name = 'Ines'"));
        Map<String, Object> nobody = tap("Delphine", "CHOSE");
        body(nobody).remove("child");
        Map<String, Object> odd = tap("Delphine", "SANG");
        Map<String, Object> broken = item("entry", new HashMap<>(Map.of("id", "not an id")));
        Map<String, Object> unknown = item("dance", new HashMap<>(Map.of("id", UUID.randomUUID())));

        JsonNode answer = sync("hamish", 0, List.of(stranger, nobody, odd, broken, unknown, tap("Delphine", "CHOSE")));

        assertThat(states(answer)).filteredOn("KEPT"::equals).hasSize(1);
        assertThat(states(answer)).filteredOn("REFUSED"::equals).hasSize(5);
        assertThat(answer.toString()).contains("is no longer known here", "cannot be read", "Reload the app");
        assertThat(entries()).isEqualTo(1);
    }

    @Test
    void entriesOfTwoTabletsAboutTheSameChildAreBothKept() {
        sync("hamish", 0, List.of(tap("Delphine", "CHOSE")));
        sync("tobias", 0, List.of(tap("Delphine", "ENGAGED")));

        assertThat(database.queryForList(
                        "select author_name from watch_entry where record_id = ? order by author_name",
                        String.class,
                        record))
                .containsExactly("Hamish Vale", "Tobias Renn");
    }

    @Test
    void entriesOfAnotherSettingCannotBeReachedByTheirIds() {
        Map<String, Object> ours = tap("Delphine", "CHOSE");
        sync("hamish", 0, List.of(ours));
        UUID theirs = UUID.randomUUID();
        Answer answer =
                send("bronagh", Deliveries.request(json.writeValueAsString(Deliveries.of(theirs, 0, List.of(ours)))));

        assertThat(states(json.readTree(answer.text()))).containsExactly("REFUSED");
        assertThat(entries()).isEqualTo(1);
    }

    @Test
    void snapshotsMakeARecordForEachChildWithOnlyItsOwnNameInIt() {
        Map<String, Object> item = snapshot("Anouk held the jug and Bram poured.", "Anouk", "Bram");

        assertThat(states(sync("hamish", 0, List.of(item)))).containsExactly("KEPT");
        sync("hamish", 0, List.of(item));

        assertThat(database.queryForList(
                        "select o.note from observation o join observation_child c on c.observation_id = o.id"
                                + " join child k on k.id = c.child_id where o.snapshot_id = ?::uuid order by k.given_name",
                        String.class,
                        item.get("id").toString()))
                .containsExactly("Anouk held the jug and a friend poured.", "A friend held the jug and Bram poured.");
        assertThat(database.queryForMap(
                        "select well_being, schemas[1] as schema, next_step, areas[1] as area from observation where snapshot_id = ?::uuid limit 1",
                        item.get("id").toString()))
                .containsEntry("well_being", 5)
                .containsEntry("schema", "CONTAINING")
                .containsEntry("next_step", "Offer the longer chute.")
                .containsEntry("area", "eyfs-m");
    }

    @Test
    void snapshotsWithoutWordsOrPhotosOrChildrenAreRefused() {
        assertThat(states(sync("hamish", 0, List.of(snapshot(" ", "Anouk"), snapshot("Nobody there.")))))
                .containsExactly("REFUSED", "REFUSED");
    }

    @Test
    void snapshotsAreShownOnTheirPageWithWhatWasAddedAndCanBeReworded() {
        Map<String, Object> item = snapshot("Filled three cups.", "Anouk");
        sync("hamish", 0, List.of(item));
        UUID observation = id(
                "select id from observation where snapshot_id = ?::uuid",
                item.get("id").toString());

        var page = get("hamish", "/observations/" + observation).page();

        assertThat(page.select("[name=wellBeing][value=5]").hasAttr("checked")).isTrue();
        assertThat(page.select("[name=schemas][value=CONTAINING]").hasAttr("checked"))
                .isTrue();
        assertThat(page.select("#nextStep").text()).isEqualTo("Offer the longer chute.");

        post("hamish", "/observations/" + observation, "note", "Filled four cups.", "version", "0", "wellBeing", "3");

        assertThat(get("hamish", "/observations/" + observation).text())
                .contains("changed by", "Offer the longer chute.", "Containing");
    }

    private final byte[] original = Photos.withPlace(640, 480, 6);

    @Test
    void photosArriveWholeThoughCutOffAndBelongToEachRecordOnce() throws Exception {
        Map<String, Object> item = snapshot("Built a ramp.", "Anouk", "Bram");
        body(item).put("photos", 1);
        body(item).put("inPhoto", List.of(child("Anouk")));
        sync("hamish", 0, List.of(item));
        String upload = begin("hamish");
        int half = original.length / 2;

        assertThat(patch("hamish", upload, 0, Arrays.copyOf(original, half)).status())
                .isEqualTo(204);
        Map<String, Object> photo = photo(item, upload);
        assertThat(states(sync("hamish", 0, List.of(photo))))
                .as("not whole yet")
                .containsExactly("AGAIN");
        assertThat(offset("hamish", upload)).isEqualTo(half);
        assertThat(patch("hamish", upload, half, Arrays.copyOfRange(original, half, original.length))
                        .status())
                .isEqualTo(204);

        assertThat(states(sync("hamish", 0, List.of(photo)))).containsExactly("KEPT");
        assertThat(states(sync("hamish", 0, List.of(photo)))).as("sent again").containsExactly("KEPT");
        assertThat(database.queryForObject(
                        "select count(*) from photo p join observation o on o.id = p.observation_id where o.snapshot_id = ?::uuid",
                        Integer.class,
                        item.get("id").toString()))
                .isEqualTo(2);
        byte[] served = get("hamish", "/photos/" + photo.get("id") + "?size=large")
                .response()
                .getContentAsByteArray();
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(served))
                        .getFirstDirectoryOfType(GpsDirectory.class))
                .isNull();
        try (var files = java.nio.file.Files.walk(media().resolve("uploads"))) {
            assertThat(files.filter(java.nio.file.Files::isRegularFile).map(path -> path.toString()))
                    .as("the file that was sent is gone")
                    .noneMatch(path -> path.contains(upload.substring(upload.lastIndexOf('/') + 1)));
        }
    }

    @Test
    void photosCannotBeReachedByAnybodyElse() {
        String upload = begin("hamish");

        assertThat(send("tobias", MockMvcRequestBuilders.head(upload).header("Tus-Resumable", "1.0.0"))
                        .status())
                .isEqualTo(404);
        assertThat(patch("tobias", upload, 0, original).status()).isIn(403, 404);
    }

    @Test
    void photosThatAreNonesAreRefusedInWords() {
        Map<String, Object> item = snapshot("A file.", "Anouk");
        body(item).put("photos", 1);
        sync("hamish", 0, List.of(item));
        byte[] fake = "<svg onload=alert(1)>".getBytes(StandardCharsets.UTF_8);
        String upload = begin("hamish", fake.length);
        patch("hamish", upload, 0, fake);

        JsonNode answer = sync("hamish", 0, List.of(photo(item, upload)));

        assertThat(states(answer)).containsExactly("REFUSED");
        assertThat(answer.toString()).contains("not a photo that Carder can read");
        assertThat(send("hamish", MockMvcRequestBuilders.head(upload).header("Tus-Resumable", "1.0.0"))
                        .status())
                .as("its file")
                .isEqualTo(404);
        assertThat(database.queryForObject("select count(*) from open_upload where address = ?", Integer.class, upload))
                .as("and its place")
                .isZero();
    }

    private Map<String, Object> photo(Map<String, Object> snapshot, String upload) {
        List<?> seen = (List<?>) body(snapshot).get("children");
        return item(
                "photo",
                new HashMap<>(Map.of(
                        "id",
                        UUID.nameUUIDFromBytes(upload.getBytes(StandardCharsets.UTF_8)),
                        "upload",
                        upload,
                        "observations",
                        seen.stream()
                                .map(one -> ((Map<?, ?>) one).get("observation"))
                                .toList())));
    }

    private String begin(String username) {
        return begin(username, original.length);
    }

    private String begin(String username, int length) {
        Answer answer = send(
                username,
                MockMvcRequestBuilders.post("/watch/uploads")
                        .with(csrf())
                        .header("Tus-Resumable", "1.0.0")
                        .header("Upload-Length", length)
                        .header(
                                "Upload-Metadata",
                                "name "
                                        + Base64.getEncoder()
                                                .encodeToString("photo".getBytes(StandardCharsets.UTF_8))));
        assertThat(answer.status()).isEqualTo(201);
        return java.net.URI.create(answer.response().getHeader("Location")).getPath();
    }

    private Answer patch(String username, String upload, int offset, byte[] bytes) {
        return send(username, Chunk.of(upload, offset, bytes));
    }

    private long offset(String username, String upload) {
        return Long.parseLong(send(username, MockMvcRequestBuilders.head(upload).header("Tus-Resumable", "1.0.0"))
                .response()
                .getHeader("Upload-Offset"));
    }

    @Test
    void devicesThatAreRevokedHearItAtTheNextContactWithoutASignIn() {
        sync("hamish", 90_000, List.of(tap("Delphine", "CHOSE")));
        String contact = "/watch/contact?device=" + device;
        assertThat(json.readTree(send(MockMvcRequestBuilders.get(contact)).text())
                        .path("revoked")
                        .asBoolean())
                .isFalse();
        assertThat(get("imelda", "/devices")
                        .page()
                        .select("tr:contains(Hamish)")
                        .text())
                .contains("90 s slow");

        post("imelda", "/devices/" + device + "/revoke");

        JsonNode answer =
                json.readTree(send(MockMvcRequestBuilders.get(contact)).text());
        assertThat(answer.path("revoked").asBoolean()).isTrue();
        assertThat(answer.path("person").isNull()).isTrue();
        send(MockMvcRequestBuilders.post("/watch/wiped?device=" + device).with(csrf()));
        assertThat(get("imelda", "/devices").text()).contains("Wiped");
        assertThat(get("hamish", "/devices").status()).isEqualTo(403);
    }

    @Test
    void devicesOfAnotherSettingCannotBeRevoked() {
        sync("hamish", 0, List.of());

        assertThat(post("teodor", "/devices/" + device + "/revoke").status()).isEqualTo(404);
    }

    @Test
    void devicesCarryThePolicyThatTheLeadsWrote() {
        assertThat(post("imelda", "/devices/policy", "policy", "x".repeat(1001)).status())
                .isEqualTo(422);
        post("imelda", "/devices/policy", "policy", "Biting: always the key person.");

        JsonNode bundle = json.readTree(get("hamish", bundle("hamish")).text());

        assertThat(bundle.path("policy").asString()).isEqualTo("Biting: always the key person.");
        assertThat(json.readTree(get("bronagh", bundle("bronagh")).text())
                        .path("policy")
                        .asString())
                .isEmpty();
    }

    @Test
    void devicesCarryARoomForADayAndNoMoreOfAChildThanWatchingNeeds() {
        String text = get("hamish", bundle("hamish", room("Loft"))).text();
        JsonNode bundle = json.readTree(text);

        assertThat(bundle.path("children").size()).isEqualTo(12);
        assertThat(bundle.path("stepIn").size()).isEqualTo(7);
        assertThat(bundle.path("days").path("3").size()).isPositive();
        assertThat(bundle.path("sessions").path("3").size()).isEqualTo(9);
        assertThat(bundle.path("plan").path("zones").size()).isPositive();
        assertThat(bundle.path("areas").size()).isEqualTo(7);
        assertThat(bundle.path("languages").size()).isEqualTo(2);
        assertThat(bundle.path("setting"))
                .as("a device of another setting is another device")
                .isEqualTo(json.readTree(get("hamish", "/watch/contact").text()).path("setting"))
                .isNotEqualTo(
                        json.readTree(get("teodor", "/watch/contact").text()).path("setting"));
        assertThat(text).doesNotContain("allergen", "bornOn", "consent", "interests");
        assertThat(get("bronagh", bundle("bronagh", room("Loft"))).status()).isEqualTo(404);
    }

    @Test
    void devicesGetAPageWithoutAnyRecordAndAWorkerWithTheFilesThatItKeeps() {
        String page = get("hamish", "/watch/").text();
        String worker = send(MockMvcRequestBuilders.get("/watch/worker.js")).text();

        assertThat(page).doesNotContain("Anouk", "Hamish", "csrf");
        assertThat(worker)
                .contains("\"/shipped/js/core.mjs\"", "\"/shipped/js/watch-app.mjs\"", "\"/shipped/app.css\"")
                .doesNotContain("STAMP", "FILES");
    }

    @Test
    void signingOutTakesPagesAndLeavesWhatWaitsSealed() {
        Answer answer = send(
                "marguerite",
                MockMvcRequestBuilders.post("/sign-out").secure(true).with(csrf()));

        assertThat(answer.response().getHeader("Clear-Site-Data")).isEqualTo("\"cache\"");
    }

    private Map<String, Object> press(String child, String what, Instant at) {
        return item(
                "register",
                new HashMap<>(
                        Map.of("id", UUID.randomUUID(), "child", child(child), "what", what, "at", at.toString())));
    }

    private String dayOf(String child) {
        return database
                .queryForList(
                        "select concat_ws(' ', arrived_at, left_at, away) from attendance where child_id = ? and on_day = ?",
                        String.class,
                        child(child),
                        settings.today(new SettingId(id("select setting_id from child where id = ?", child(child)))))
                .stream()
                .findFirst()
                .orElse("");
    }

    @Test
    void whoCameAndWhoWasFetchedComesFromADeviceInWhateverOrderAndNeverTwice() {
        Instant now = clock.instant();
        Map<String, Object> came = press("Florian", "ARRIVED", now.minus(Duration.ofMinutes(40)));
        Map<String, Object> left = press("Florian", "LEFT", now.minus(Duration.ofMinutes(5)));
        try {
            assertThat(states(sync("hamish", 0, List.of(left)))).containsExactly("KEPT");
            assertThat(dayOf("Florian")).isEqualTo("10:00:00");
            assertThat(states(sync("tobias", 0, List.of(came, left, came)))).containsOnly("KEPT");
            assertThat(dayOf("Florian")).isEqualTo("09:25:00 10:00:00");

            sync("hamish", -3_600_000, List.of(press("Florian", "AWAY", now.plus(Duration.ofMinutes(58)))));
            assertThat(dayOf("Florian"))
                    .as("pressed by a clock that is an hour ahead")
                    .isEqualTo("NO_REASON");
        } finally {
            database.update("delete from attendance where child_id = ?", child("Florian"));
        }
    }

    @Test
    void nobodyNotesTheDayOfAChildInARoomThatTheyDoNotWorkInFromADevice() {
        String before = dayOf("Anouk");

        JsonNode answer = sync("ravi", 0, List.of(press("Anouk", "LEFT", clock.instant())));

        assertThat(states(answer)).containsExactly("REFUSED");
        assertThat(dayOf("Anouk")).isEqualTo(before).isNotEmpty();
    }
}
