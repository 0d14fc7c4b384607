package app.carder.web.rights;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.security.MessageDigest;
import java.time.Duration;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The archive of a child of the demo as if another server had made it: every id is another one. It comes into the second setting, and goes out of
 * it again.
 */
class ArchiveIntakeTest extends WebTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Pattern ID =
            Pattern.compile("[0-9a-f]{2}([0-9a-f]{6}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})");

    /** What the new setting finds out by itself, as docs/child-archive.md says. */
    private static final Set<String> ASKED_ANEW = Set.of(
            "starts_on",
            "ends_on",
            "may_fetch",
            "allergies_asked",
            "consent_own_journal",
            "consent_others_journals",
            "consent_display",
            "own_journal_until",
            "others_journals_until",
            "display_until");

    @Autowired
    private ArchiveInbox inbox;

    @Value("${carder.archive.inbox}")
    private String folder = "";

    /** Once it has come in, there are two of its name. */
    private UUID anouk = new UUID(0, 0);

    @BeforeEach
    void whoGoesOut() {
        anouk = child("Anouk");
    }

    private Map<String, byte[]> unzipped(byte[] zip) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private Map<String, byte[]> out(String user, UUID child) throws IOException {
        return unzipped(get(user, "/children/" + child + "/archive.zip?to=setting")
                .response()
                .getContentAsByteArray());
    }

    private static String elsewhere(String text) {
        return ID.matcher(text).replaceAll("ee$1");
    }

    /** Anouk's archive with other ids, and its words changed as a test wants. */
    private Map<String, byte[]> fromElsewhere(UnaryOperator<String> words) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        out("imelda", anouk)
                .forEach((name, bytes) -> files.put(
                        elsewhere(name),
                        name.equals("child.json")
                                ? words.apply(elsewhere(new String(bytes, StandardCharsets.UTF_8)))
                                        .getBytes(StandardCharsets.UTF_8)
                                : bytes));
        return files;
    }

    private static byte[] zipped(Map<String, byte[]> files, boolean isSummedAnew) throws Exception {
        MessageDigest sha = MessageDigest.getInstance("SHA-256");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            StringBuilder sums = new StringBuilder();
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                if (!file.getKey().equals("SHA256SUMS")) {
                    sums.append(HexFormat.of().formatHex(sha.digest(file.getValue())))
                            .append("  ")
                            .append(file.getKey())
                            .append('\n');
                    zip.putNextEntry(new ZipEntry(file.getKey()));
                    zip.write(file.getValue());
                }
            }
            zip.putNextEntry(new ZipEntry("SHA256SUMS"));
            zip.write(isSummedAnew ? sums.toString().getBytes(StandardCharsets.UTF_8) : files.get("SHA256SUMS"));
        }
        return out.toByteArray();
    }

    private UUID otherRoom() {
        return id(
                "select id from room where setting_id = (select setting_id from account where username = 'teodor') order by id limit 1");
    }

    private Document looked(byte[] zip) {
        return send(
                        "teodor",
                        MockMvcRequestBuilders.multipart(HttpMethod.POST, "/rooms/" + otherRoom() + "/children/archive")
                                .file(new MockMultipartFile("file", "archive.zip", "application/zip", zip))
                                .with(csrf().asHeader()))
                .page();
    }

    private Answer taken(Document look) {
        return post(
                "teodor",
                "/rooms/" + otherRoom() + "/children/archive/take",
                "key",
                look.select("[name=key]").val());
    }

    private String refusal(Map<String, byte[]> files) throws Exception {
        Document look = looked(zipped(files, true));
        return look.select("[name=key]").isEmpty()
                ? look.select("main .faults").text()
                : taken(look).page().select("main .faults").text();
    }

    @AfterEach
    void whoCameInIsErasedAgain() {
        database.queryForList("select id from child where came_from <> ''", UUID.class)
                .forEach(child -> post(
                        "teodor",
                        "/children/" + child + "/erase",
                        "reason",
                        "Made up for a test that is over.",
                        "kept",
                        "yes",
                        "name",
                        "Anouk"));
        assertThat(database.queryForList("select id from child where came_from <> ''"))
                .isEmpty();
    }

    private static JsonNode comparable(byte[] json) {
        ObjectNode all = (ObjectNode) JSON.readTree(json);
        all.remove(List.of("setting", "made"));
        all.properties().forEach(kind -> {
            if (kind.getValue().isArray()) {
                List<ObjectNode> rows = kind.getValue()
                        .valueStream()
                        .map(ObjectNode.class::cast)
                        .sorted(Comparator.comparing(row -> row.path("id").asString("")))
                        .toList();
                if (kind.getKey().equals("child")) {
                    rows.forEach(row -> row.remove(ASKED_ANEW));
                } else if (kind.getKey().equals("reply")) {
                    // Who read it was somebody of the other setting.
                    rows.forEach(row -> row.remove("seen_by"));
                }
                kind.setValue(all.arrayNode().addAll(rows));
            }
        });
        return all;
    }

    @Test
    void whatGoesOutComesInAndGoesOutAgainAsItWas() throws Exception {
        database.update(
                "insert into home_card select gen_random_uuid(), setting_id, child_id, id, 'BALL-RAMP', 'Down the ramp', 'A tray', 'Steep.', 'Guessing', 'What?', '', 'Tobias', now()"
                        + " from carer where child_id = ? limit 1",
                anouk);
        database.update(
                "insert into home_answer select gen_random_uuid(), setting_id, id, child_id, carer_id, 'Her grandfather', 'Nine times.', now(), '', null, '' from home_card where child_id = ?",
                anouk);
        Map<String, byte[]> before = fromElsewhere(UnaryOperator.identity());
        database.update("delete from home_answer where child_id = ?", anouk);
        database.update("delete from home_card where child_id = ?", anouk);
        assertThat(new String(before.get("child.json"), StandardCharsets.UTF_8)).contains("Nine times.");

        Document look = looked(zipped(before, true));
        assertThat(look.text())
                .contains("Anouk", "From Quillmere Nursery", "Observations: ", "Photos: ", "Take it into");
        Answer taken = taken(look);

        assertThat(taken.location()).as(taken.text()).endsWith("/edit?unread=0");
        assertThat(get("teodor", taken.location()).page().text())
                .contains("The records are taken in.", "Check this page with the family");
        UUID child = UUID.fromString(elsewhere(anouk.toString()));
        Map<String, byte[]> after = out("teodor", child);
        assertThat(comparable(after.get("child.json"))).isEqualTo(comparable(before.get("child.json")));
        assertThat(after.keySet()).containsExactlyInAnyOrderElementsOf(before.keySet());
        for (String name : before.keySet().stream()
                .filter(file -> file.startsWith("photos/"))
                .toList()) {
            assertThat(difference(before.get(name), after.get(name))).as(name).isLessThan(4);
        }
    }

    /** The mean of how far the channels of two pictures are apart, of 255: JPEG is written anew when a picture is cleaned. */
    private static double difference(byte[] one, byte[] other) throws IOException {
        BufferedImage first = ImageIO.read(new ByteArrayInputStream(one));
        BufferedImage second = ImageIO.read(new ByteArrayInputStream(other));
        assertThat(second.getWidth()).isEqualTo(first.getWidth());
        assertThat(second.getHeight()).isEqualTo(first.getHeight());
        int[] before = pixels(first);
        int[] after = pixels(second);
        long apart = 0;
        for (int i = 0; i < before.length; i++) {
            for (int shift : new int[] {0, 8, 16}) {
                apart += Math.abs((before[i] >> shift & 255) - (after[i] >> shift & 255));
            }
        }
        return apart / (3.0 * before.length);
    }

    private static int[] pixels(BufferedImage picture) {
        return picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
    }

    @Test
    void whatWasAllowedElsewhereHoldsNothingHereAndTheFamilyIsAskedAboutAllergies() throws Exception {
        taken(looked(zipped(fromElsewhere(UnaryOperator.identity()), true)));
        UUID child = UUID.fromString(elsewhere(anouk.toString()));

        assertThat(database.queryForMap(
                        "select consent_own_journal, consent_display, allergies_asked, may_fetch, came_from from child where id = ?",
                        child))
                .containsEntry("consent_own_journal", false)
                .containsEntry("consent_display", false)
                .containsEntry("allergies_asked", false)
                .containsEntry("may_fetch", "")
                .containsEntry("came_from", "Quillmere Nursery");
        post(
                "teodor",
                "/children/" + child + "/consents",
                "name",
                "An aunt",
                "on",
                "2026-05-06",
                "OTHERS_JOURNALS",
                "yes");
        assertThat(database.queryForMap(
                        "select consent_own_journal, consent_others_journals from child where id = ?", child))
                .as("what is said here holds, and brings nothing else back")
                .containsEntry("consent_own_journal", false)
                .containsEntry("consent_others_journals", true);
        assertThat(get("teodor", "/children/" + child).page().text()).contains("Anouk");
        assertThat(get("imelda", "/children/" + child).status()).isEqualTo(404);
    }

    @Test
    void recordsThatAreHereAlreadyDoNotComeInTwice() throws Exception {
        byte[] own =
                get("imelda", "/children/" + anouk + "/archive.zip").response().getContentAsByteArray();

        Document look = looked(own);
        assertThat(look.text()).contains("These very records are on this server already");
        assertThat(look.select("button:contains(Take it into)")).isEmpty();
        assertThat(taken(look).page().select(".faults").text()).contains("so none of it was taken in");
        assertThat(taken(look).page().select(".faults").text())
                .as("it is gone from between")
                .contains("no longer here");
    }

    @Test
    void whatIsNoArchiveIsDamagedOrNamesSomethingOfOthersIsRefusedWhole() throws Exception {
        assertThat(looked("PK nonsense".getBytes(StandardCharsets.UTF_8))
                        .select(".faults")
                        .text())
                .contains("not the archive of a child");
        assertThat(refusal(Map.of("child.json", "{}".getBytes(StandardCharsets.UTF_8))))
                .contains("not the archive of a child");
        Map<String, byte[]> damaged = fromElsewhere(words -> words + " ");
        assertThat(looked(zipped(damaged, false)).select(".faults").text()).contains("damaged");
        assertThat(refusal(fromElsewhere(words -> words.replaceFirst("\"version\" : 2", "\"version\" : 9"))))
                .contains("a newer Carder");
        String observation =
                id("select observation_id from journal_entry limit 1").toString();
        assertThat(refusal(fromElsewhere(words -> {
                    ObjectNode all = (ObjectNode) JSON.readTree(words);
                    ((ObjectNode) all.get("journal_entry").get(0)).put("observation_id", observation);
                    return all.toString();
                })))
                .as("an entry of a journal that names an observation of somebody here")
                .contains("damaged");
        for (String unknown : List.of(
                "(\"photo_use\" : \")[A-Z_]+",
                "(\"kind\" : \")[A-Z_]+",
                "(\"on_day\" : \")[0-9-]+",
                "(\"born_on\" : \")[0-9-]+")) {
            assertThat(refusal(fromElsewhere(words -> words.replaceFirst(unknown, "$1NONSENSE"))))
                    .as(unknown)
                    .contains("so none of it was taken in");
        }
        assertThat(database.queryForList("select id from child where came_from <> ''"))
                .isEmpty();
        assertThat(post("teodor", "/rooms/" + otherRoom() + "/children/archive")
                        .page()
                        .select(".faults")
                        .text())
                .contains("Choose a file.");
    }

    @Test
    void whatNobodyTookInWithinAnHourIsThrownAway() throws Exception {
        Document look = looked(zipped(fromElsewhere(UnaryOperator.identity()), true));
        inbox.forgetOld();
        assertThat(archives()).as("a fresh one stays").hasSize(1);

        for (Path archive : archives()) {
            Files.setLastModifiedTime(archive, FileTime.from(clock.instant().minus(Duration.ofMinutes(61))));
        }
        inbox.forgetOld();

        assertThat(archives()).isEmpty();
        assertThat(taken(look).page().select(".faults").text()).contains("no longer here");
    }

    private List<Path> archives() throws IOException {
        try (Stream<Path> all = Files.list(Path.of(folder))) {
            return all.toList();
        }
    }

    @Test
    void aFileThatSwellsIsRefusedBeforeItFillsAnything() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("SHA256SUMS"));
            zip.putNextEntry(new ZipEntry("child.json"));
            byte[] nothing = new byte[1_000_000];
            for (int megabytes = 0; megabytes < 101; megabytes++) {
                zip.write(nothing);
            }
        }
        assertThat(out.size()).isLessThan(1_000_000);
        assertThat(looked(out.toByteArray()).select(".faults").text()).contains("larger than one of a child can be");
    }
}
