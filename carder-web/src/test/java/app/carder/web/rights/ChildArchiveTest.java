package app.carder.web.rights;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ChildArchiveTest extends WebTest {

    private Map<String, byte[]> archive(String child) throws IOException {
        byte[] zip = get("imelda", "/children/" + child(child) + "/archive.zip")
                .response()
                .getContentAsByteArray();
        return unzipped(zip);
    }

    private static Map<String, byte[]> unzipped(byte[] zip) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private static String text(Map<String, byte[]> files, String name) {
        return new String(files.get(name), StandardCharsets.UTF_8);
    }

    @Test
    void everythingAboutAChildIsHandedOverAndNothingAboutOthers() throws Exception {
        Map<String, byte[]> files = archive("Anouk");
        JsonNode json = new JsonMapper().readTree(text(files, "child.json"));

        assertThat(json.get("format").asString()).isEqualTo("carder-child");
        assertThat(json.get("child").get(0).get("given_name").asString()).isEqualTo("Anouk");
        assertThat(json.get("observation").size())
                .isEqualTo(database.queryForObject(
                        "select count(*) from observation_child where child_id = ?", Integer.class, child("Anouk")));
        assertThat(json.get("consent_entry")).isNotEmpty();
        assertThat(json.get("attendance")).isNotEmpty();
        assertThat(files.keySet()).anyMatch(name -> name.startsWith("photos/")).anyMatch(name -> name.endsWith(".pdf"));
        for (String other : database.queryForList(
                "select distinct given_name from child where given_name not in ('Anouk', 'Wren')", String.class)) {
            assertThat(text(files, "child.json")).doesNotContainPattern("\\b" + other + "\\b");
            assertThat(text(files, "index.html")).doesNotContainPattern("\\b" + other + "\\b");
        }
        assertThat(text(files, "child.json")).doesNotContain("token_hash", "stored_as", "password");
    }

    @Test
    void anOrderOfTheCourtGoesToTheNextSettingAndNotToTheFamily() throws Exception {
        post("imelda", "/children/" + child("Anouk") + "/before-sending", "beforeSending", "No word to the uncle.");
        post(
                "imelda",
                "/children/" + child("Anouk") + "/before-sending",
                "beforeSending",
                "No word to the uncle. Ask.");
        try {
            assertThat(text(archive("Anouk"), "child.json")).doesNotContain("No word to the uncle");
            byte[] zip = get("imelda", "/children/" + child("Anouk") + "/archive.zip?to=setting")
                    .response()
                    .getContentAsByteArray();
            assertThat(text(unzipped(zip), "child.json")).contains("No word to the uncle");
        } finally {
            post("imelda", "/children/" + child("Anouk") + "/before-sending", "beforeSending", "");
        }
    }

    @Test
    void eachFileIsAsItsSumSays() throws Exception {
        Map<String, byte[]> files = archive("Anouk");
        MessageDigest digest = MessageDigest.getInstance("SHA-256");

        text(files, "SHA256SUMS").lines().forEach(line -> {
            String[] parts = line.split("  ", 2);
            assertThat(HexFormat.of().formatHex(digest.digest(files.get(parts[1]))))
                    .isEqualTo(parts[0]);
        });
        assertThat(text(files, "SHA256SUMS").lines()).hasSize(files.size() - 1);
    }

    @Test
    void aPhotoThatShowsAnotherChildStaysUnlessItsFamilyAllowsIt() throws Exception {
        String shown =
                "update observation set in_photo = in_photo || ? where id = (select o.id from observation o join photo p on p.observation_id = o.id"
                        + " join observation_child c on c.observation_id = o.id where c.child_id = ? order by o.id limit 1) returning id";
        int before = (int) archive("Anouk").keySet().stream()
                .filter(name -> name.startsWith("photos/"))
                .count();
        var observation = id(shown, child("Idris"), child("Anouk"));
        try {
            Map<String, byte[]> files = archive("Anouk");

            assertThat(files.keySet().stream().filter(name -> name.startsWith("photos/")))
                    .hasSize(before - 1);
            assertThat(text(files, "index.html")).containsPattern("[1-9] photos? (is|are) left out");
            assertThat(text(files, "child.json")).doesNotContain(child("Idris").toString());
        } finally {
            database.update(
                    "update observation set in_photo = array_remove(in_photo, ?) where id = ?",
                    child("Idris"),
                    observation);
        }
    }
}
