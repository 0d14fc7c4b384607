package app.carder.web.rights;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.audit.LogChain;
import app.carder.web.kit.Pdfs;
import app.carder.web.kit.Photos;
import app.carder.web.kit.WebTest;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A child whose name is a flower's too, and another child's, who is named in records of others, once misspelled. */
class ErasureTest extends WebTest {

    @Autowired
    private LogChain log;

    private final List<UUID> written = new ArrayList<>();
    private final List<UUID> compiled = new ArrayList<>();

    private static final String MAIL = "poppys.aunt@example.org";

    /** What other tests do not expect, also if this one fails half-way. */
    @AfterEach
    void nobodyIsLeftBehind() {
        compiled.forEach(journal -> {
            database.update("delete from journal_entry where journal_id = ?", journal);
            database.update("delete from journal where id = ?", journal);
        });
        written.forEach(id -> {
            database.update("delete from observation_child where observation_id = ?", id);
            database.update("delete from observation where id = ?", id);
        });
        database.queryForList("select id from child where given_name = 'Poppy'", UUID.class)
                .forEach(child -> erased(child, "Poppy"));
    }

    private UUID written(String room, String note, UUID... about) {
        UUID id = Ids.next();
        List<String> fields = new ArrayList<>(List.of("id", id.toString(), "note", note));
        Arrays.stream(about).forEach(child -> fields.addAll(List.of("child", child.toString())));
        post("imelda", "/rooms/" + room(room) + "/observations", fields.toArray(String[]::new));
        assertThat(id("select id from observation where id = ?", id)).isEqualTo(id);
        written.add(id);
        return id;
    }

    /** As records were before each child had one of its own. */
    private UUID aboutBoth(UUID observation, UUID other) {
        database.update(
                "insert into observation_child (id, setting_id, observation_id, child_id, observed_at)"
                        + " select ?, setting_id, id, ?, observed_at from observation where id = ?",
                Ids.next(),
                other,
                observation);
        return observation;
    }

    /** As it was written before a child of that name came: from then on the word would be taken for the name. */
    private UUID worded(UUID observation, String note) {
        database.update("update observation set note = ? where id = ?", note, observation);
        return observation;
    }

    private void photographed(UUID child) {
        send(
                "imelda",
                MockMvcRequestBuilders.multipart(HttpMethod.POST, "/rooms/" + room("Loft") + "/observations")
                        .file(new MockMultipartFile(
                                "photo", "photo.jpg", "image/jpeg", Photos.picture("jpeg", 200, 100)))
                        .param("id", Ids.next().toString())
                        .param("child", child.toString())
                        .param("inPhoto", child.toString())
                        .param("note", "Poured with both hands.")
                        .with(csrf().asHeader()));
    }

    private static Set<String> files() throws IOException {
        try (Stream<Path> all = Files.walk(media())) {
            return all.filter(Files::isRegularFile).map(Path::toString).collect(Collectors.toCollection(TreeSet::new));
        }
    }

    /** Every row of every table in which a text stands, whatever the column. */
    private List<String> rowsWith(String text) {
        List<String> tables = database.queryForList(
                "select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'",
                String.class);
        return tables.stream()
                .flatMap(table -> database
                        .queryForList(
                                "select t::text from %s t where t::text ilike ?".formatted(table),
                                String.class,
                                "%" + text + "%")
                        .stream()
                        .map(row -> table + ": " + row))
                .toList();
    }

    @Test
    void nothingOfTheChildIsFoundAfterwardsAndItsNamesakeAndTheFlowerAreStillThere() throws Exception {
        Set<String> before = files();
        UUID poppy = enrolled("Loft", "Poppy", "2022-02-02", "consents", "OWN_JOURNAL");
        UUID namesake = enrolled("Nook", "Poppy", "2022-02-02", "consents", "OWN_JOURNAL");
        UUID bram = child("Bram");
        UUID alone = written("Loft", "Poppy carried the parcel.", poppy);
        photographed(poppy);
        assertThat(files().size()).isGreaterThan(before.size());
        UUID shared = worded(
                aboutBoth(written("Loft", "Poppy tied the string.", poppy), bram), "Poppy and Bram tied the string.");
        UUID misspelled = written("Loft", "Bram gave it to Popyy, who nodded.", bram);
        UUID flower = worded(written("Loft", "Bram smelled the flower.", bram), "Bram smelled the poppy on the sill.");
        UUID ofNamesake = written("Nook", "Poppy stacked four cups.", namesake);
        post("imelda", "/children/" + poppy + "/carers", "carerName", "An aunt", "email", MAIL, "phone", "");
        UUID carer = id("select id from carer where email = ?", MAIL);
        String journal = compiled(poppy, "3");
        post("imelda", journal + "/approve");
        post("imelda", journal + "/invitations", "carer", carer.toString());
        assertThat(rowsWith(MAIL)).anyMatch(row -> row.startsWith("message"));
        database.update(
                "insert into refused_item select ?, setting_id, id, now(), 'observation', 'unknown room', '', ? from account where username = 'hamish'",
                Ids.next(),
                "{\"child\":\"" + poppy + "\",\"note\":\"Poppy again\"}");
        post("imelda", "/children/" + poppy + "/consents", "name", "An aunt", "on", "2026-05-06", "DISPLAY", "no");
        post("imelda", "/children/" + poppy + "/register", "what", "arrived");

        Document page = get("imelda", "/children/" + poppy + "/erase").page();
        assertThat(page.text())
                .contains("1 other child has the same first name", "Observations: 2", "Private links: 1");
        List<Element> places = page.select("label:has([name=place])");
        assertThat(ticked(page))
                .as("what was written about both is ticked already")
                .anyMatch(key -> key.contains(shared.toString()));
        assertThat(places)
                .anyMatch(
                        place -> place.text().contains("Popyy") && place.text().contains("nearly the name"));
        List<String> fields = new ArrayList<>(
                List.of("reason", "Asked for by the family in writing.", "kept", "yes", "name", "Poppy"));
        places.stream()
                .map(place -> place.select("input").val())
                .filter(key -> !key.contains(flower.toString()) && !key.contains(ofNamesake.toString()))
                .forEach(key -> fields.addAll(List.of("place", key)));
        int faults = faultsOfTheLog();
        Answer erased = post("imelda", "/children/" + poppy + "/erase", fields.toArray(String[]::new));

        assertThat(erased.location()).as(erased.text()).startsWith("/erasures/");
        for (Object id : List.of(poppy, alone, carer, journal.substring("/journals/".length()), MAIL)) {
            assertThat(rowsWith(id.toString())).as("%s", id).isEmpty();
        }
        assertThat(rowsWith("Popyy")).isEmpty();
        assertThat(rowsWith("poppy").stream()
                        .filter(row -> !row.contains(namesake.toString())
                                && !row.contains(flower.toString())
                                && !row.contains(ofNamesake.toString())))
                .isEmpty();
        assertThat(note(shared)).isEqualTo("A friend and Bram tied the string.");
        assertThat(note(misspelled)).isEqualTo("Bram gave it to a friend, who nodded.");
        assertThat(note(flower)).isEqualTo("Bram smelled the poppy on the sill.");
        assertThat(note(ofNamesake)).isEqualTo("Poppy stacked four cups.");
        assertThat(files()).as("the files of its photos").isEqualTo(before);
        assertThat(faultsOfTheLog())
                .as("what was erased as written down is no fault")
                .isEqualTo(faults);
        assertThat(get("imelda", "/access-log/check").page().text()).contains("erased as written down");
        assertThat(get("imelda", "/find?q=Poppy").page().text())
                .contains("Poppy")
                .doesNotContain("carried the parcel");
        assertThat(get("imelda", "/children/" + poppy).status()).isEqualTo(404);
        assertThat(get("imelda", erased.location().replace("?done", "")).page().text())
                .contains("Observations: 2", "Asked for by the family in writing.", "In 2 places")
                .doesNotContain("Poppy");
        String bramsJournal = compiled(bram, "12");
        compiled.add(UUID.fromString(bramsJournal.substring("/journals/".length())));
        byte[] pdf = get("imelda", bramsJournal + "/pdf").response().getContentAsByteArray();
        assertThat(Pdfs.text(pdf)).doesNotContain("Popyy", "Poppy");
    }

    /** Other tests take entries out of it. */
    private int faultsOfTheLog() {
        SettingId settingId = new SettingId(id("select setting_id from account where username = 'imelda'"));
        log.seal(settingId);
        return log.check(settingId, List.of()).faults();
    }

    private String compiled(UUID child, String size) {
        String journal = post(
                        "imelda",
                        "/journals",
                        "child",
                        child.toString(),
                        "startsOn",
                        "2026-05-01",
                        "endsOn",
                        "2026-05-06",
                        "pages",
                        size)
                .location();
        assertThat(journal).startsWith("/journals/");
        return journal;
    }

    private static List<String> ticked(Document page) {
        return page.select("[name=place][checked]").eachAttr("value");
    }

    private String note(UUID observation) {
        return database.queryForObject("select note from observation where id = ?", String.class, observation);
    }

    @Test
    void itIsNotDoneByMistake() {
        String path = "/children/" + child("Quentin") + "/erase";

        assertThat(post("imelda", path, "reason", "Asked for by the family.", "kept", "yes", "name", "Bram")
                        .page()
                        .select(".faults")
                        .text())
                .contains("not the name of the child");
        assertThat(post("imelda", path, "reason", "Quentin's family asked for it.", "kept", "yes", "name", "Quentin")
                        .page()
                        .select(".faults")
                        .text())
                .contains("must not name the child");
        assertThat(post("imelda", path, "reason", "Short", "name", "Quentin")
                        .page()
                        .select(".faults")
                        .text())
                .contains("at least 10 letters", "Tick this once it is so");
        assertThat(get("imelda", "/children/" + child("Quentin")).status()).isEqualTo(200);
    }

    /** Whoever makes a table says what becomes of it when a child is erased. */
    @Test
    void everyTableIsThoughtOf() {
        Set<String> thoughtOf = new TreeSet<>(ChildTables.WORDS_AT_MOST);
        thoughtOf.addAll(ChildTables.NOTHING);
        ChildTables.GOING.forEach(table -> thoughtOf.add(table.name()));
        ChildTables.WITHOUT_THE_CHILD.forEach(change -> thoughtOf.add(change.split(" ")[1]));
        List<Map<String, Object>> tables = database.queryForList(
                "select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'");

        assertThat(tables).extracting(row -> row.get("table_name")).isSubsetOf(thoughtOf);
    }
}
