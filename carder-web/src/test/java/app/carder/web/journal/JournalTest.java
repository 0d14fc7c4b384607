package app.carder.web.journal;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.wording.NameGuard;
import app.carder.web.kit.WebTest;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.ValidationResult;

class JournalTest extends WebTest {

    private static final String OF_ANOUK =
            "select observation_id from observation_child c join child on child.id = c.child_id where given_name = 'Anouk'";

    @Test
    void picksABalancedSetAndSaysWhy() {
        Document desk = get("tobias", compile("Anouk", 3)).page();

        assertThat(desk.select("article.entry")).hasSizeGreaterThan(4);
        assertThat(desk.select("#part-BUSY_WITH .hint").text()).contains("The only one");
        assertThat(desk.select(".page-map svg")).isNotEmpty();
    }

    @Test
    void takesOtherChildrensNamesOutOfEveryWordOfTheFamilysSheet() {
        List<String> others = database.queryForList(
                "select given_name from child where given_name <> 'Anouk' and setting_id = (select setting_id from child where given_name = 'Anouk')",
                String.class);
        NameGuard guard = NameGuard.forChild("Anouk", others);
        database.update("update observation set note = note || ' Bram saw it.' where id in (" + OF_ANOUK + ")");
        String journal = compile("Anouk", 12);
        assertThat(guard.namesIn(get("tobias", journal).page().select("details").text()))
                .as("the notes themselves do name others")
                .isNotEmpty();

        String sheet = get("tobias", journal + "/preview")
                .page()
                .select("article.reading")
                .text();
        database.update(
                "update observation set note = replace(note, ' Bram saw it.', '') where id in (" + OF_ANOUK + ")");

        assertThat(guard.namesIn(sheet)).isEmpty();
        assertThat(sheet).contains("Anouk", "a friend");
    }

    @Test
    void refusesToApproveWhileAnotherChildIsNamedAndStripsTheNameAnyway() {
        String journal = compile("Anouk", 3);
        Document desk = get("tobias", journal).page();
        String first = desk.select("#part-BUSY_WITH article.entry").get(0).id().replace("entry-", "words-");
        save(
                "tobias",
                journal,
                desk,
                "greeting",
                "Anouk and bram built a ramp.",
                first,
                "Then COSIMA\u2019s ball rolled.",
                "at_home",
                "Ask Idris how.");

        Answer refused = post("tobias", journal + "/approve");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select("[role=alert]").text())
                .contains("Other children are still named: bram, Idris, COSIMA");
        assertThat(get("tobias", journal + "/preview")
                        .page()
                        .select("article.reading")
                        .text())
                .contains("Anouk and a friend built a ramp.")
                .contains("Then a friend\u2019s ball rolled.")
                .contains("Ask a friend how.");
    }

    @Test
    void neverShowsAPhotoWithoutEveryConsentAndNoLongerOnceItIsTakenBack() {
        String journal = compile("Anouk", 12);
        UUID withIdris = photoOfAnouk("Idris");
        UUID withBram = photoOfAnouk("Bram");

        String before = get("tobias", journal + "/preview").text();
        assertThat(before).contains(withBram.toString()).doesNotContain(withIdris.toString());
        assertThat(get("tobias", journal).text()).contains("The photo stays out: consent is missing.");

        database.update("update child set consent_others_journals = false where given_name = 'Bram'");
        String after = get("tobias", journal + "/preview").text();
        database.update("update child set consent_others_journals = true where given_name = 'Bram'");
        assertThat(after).doesNotContain(withBram.toString());
    }

    /** The photo with a record of Anouk's in which another child can be recognised. */
    private UUID photoOfAnouk(String other) {
        return id(
                "select p.id from photo p join observation o on o.id = p.observation_id"
                        + " join observation_child c on c.observation_id = o.id where c.child_id = ? and ? = any (o.in_photo)",
                child("Anouk"),
                child(other));
    }

    @Test
    void keepsWordsAndOrderOfThePractitioner() {
        String journal = compile("Bram", 3);
        Document desk = get("hamish", journal).page();
        String first = desk.select("#part-BUSY_WITH article.entry").get(0).id().replace("entry-", "");

        save("hamish", journal, desk, "words-" + first, "Bram listened to the rice.", "down", first);

        Document moved = get("hamish", journal).page();
        assertThat(moved.select("#part-BUSY_WITH article.entry").get(1).id()).isEqualTo("entry-" + first);
        assertThat(moved.select("#words-" + first).text()).isEqualTo("Bram listened to the rice.");
        save("hamish", journal, moved, "leaveOut", first);
        assertThat(get("hamish", journal).page().select("#entry-" + first)).isEmpty();
        assertThat(database.queryForObject(
                        "select count(*) from history_entry where subject_id = ? and field like 'entry%'",
                        Integer.class, UUID.fromString(journal.substring("/journals/".length()))))
                .isEqualTo(1);
    }

    @Test
    void canOnlyBeApprovedByTheRoomLeadAndIsThenFixed() {
        String journal = compile("Quentin", 2);
        Document desk = get("hamish", journal).page();

        assertThat(post("hamish", journal + "/approve").status()).isEqualTo(403);
        assertThat(post("tobias", journal + "/approve").location()).isEqualTo(journal + "?approved");
        assertThat(save("hamish", journal, desk, "greeting", "Too late.").status())
                .isEqualTo(422);
        assertThat(get("hamish", journal).page().select("form textarea")).isEmpty();
    }

    @Test
    void anOlderSaveNeverWinsAlsoWhereOnlyEntriesWereWorded() {
        String journal = compile("Quentin", 2);
        Document desk = get("hamish", journal).page();
        String first = desk.select("#part-BUSY_WITH article.entry").get(0).id().replace("entry-", "words-");

        save("hamish", journal, desk, first, "Quentin tied the parcel twice.");
        Answer older = save("tobias", journal, desk, first, "Quentin was there.");

        assertThat(older.status()).isEqualTo(422);
        assertThat(get("hamish", journal).page().select("#" + first).text())
                .isEqualTo("Quentin tied the parcel twice.");
    }

    @Test
    void whatWasApprovedStaysWordForWordAndIsHeldBackWhereAWordBecomesAChildsName() {
        String journal = compile("Quentin", 2);
        Document desk = get("hamish", journal).page();
        String first = desk.select("#part-BUSY_WITH article.entry").get(0).id().replace("entry-", "words-");
        save("hamish", journal, desk, first, "Quentin heard a siskin at the window.", "greeting", "A quiet spring.");
        post("tobias", journal + "/approve");
        String approved = reading(journal);
        assertThat(approved).contains("a siskin at the window");

        database.update("update child set other_names = '{Siskin}' where given_name = 'Zofia'");
        try {
            assertThat(reading(journal))
                    .doesNotContain("siskin", "a friend")
                    .contains("A quiet spring.", "looking at part of this journal again");
            assertThat(get("hamish", "/journals")
                            .page()
                            .select("a[href=" + journal + "]")
                            .text())
                    .contains("Part held back");
            assertThat(get("hamish", journal).page().select("[role=alert]").text())
                    .contains("siskin is also the name of a child");
            assertThat(post("hamish", journal + "/settle").status()).isEqualTo(403);

            post("tobias", journal + "/settle");

            assertThat(reading(journal)).isEqualTo(approved);
        } finally {
            database.update("update child set other_names = '{}' where given_name = 'Zofia'");
        }
    }

    @Test
    void theMarksOfAnApprovedJournalStayWhateverTheRecordOrTheRoomSaysLater() {
        String journal = compile("Quentin", 2);
        post("tobias", journal + "/approve");
        String areas =
                get("tobias", journal + "/preview").page().select(".leaf").outerHtml();
        UUID id = UUID.fromString(journal.substring("/journals/".length()));
        List<UUID> seen =
                database.queryForList("select observation_id from journal_entry where journal_id = ?", UUID.class, id);
        String was = database.queryForObject("select framework_code from room where name = 'Loft'", String.class);

        database.update("update room set framework_code = 'eyfs' where name = 'Loft'");
        List<Object[]> kept = seen.stream()
                .map(one -> new Object[] {
                    database.queryForObject("select areas::text from observation where id = ?", String.class, one), one
                })
                .toList();
        seen.forEach(one -> database.update("update observation set areas = '{}' where id = ?", one));
        try {
            assertThat(get("tobias", journal + "/preview")
                            .page()
                            .select(".leaf")
                            .outerHtml())
                    .isEqualTo(areas);
        } finally {
            database.update("update room set framework_code = ? where name = 'Loft'", was);
            database.batchUpdate("update observation set areas = ?::varchar[] where id = ?", kept);
        }
    }

    private String reading(String journal) {
        return get("tobias", journal + "/preview")
                .page()
                .select("article.reading")
                .text();
    }

    @Test
    void saysWhatIsWrongWithThePeriod() {
        Answer answer = post(
                "hamish", "/journals", "child", "", "startsOn", "2026-05-06", "endsOn", "2026-05-01", "pages", "0");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("[role=alert] li").eachText())
                .anyMatch(text -> text.contains("Choose a child"))
                .anyMatch(text -> text.contains("ends before it starts"))
                .anyMatch(text -> text.contains("whole number from 1 to 20"));
        assertThat(answer.page().select("#startsOn").val()).isEqualTo("2026-05-06");
    }

    @Test
    void printsAPdfThatPassesTheAccessibilityStandardAndHoldsTheSameWords() throws Exception {
        String journal = compile("Anouk", 8);
        save(
                "tobias",
                journal,
                get("tobias", journal).page(),
                "at_home",
                "Zo\u00eb says \u0645\u0631\u062d\u0628\u0627 and \ud83d\udce6 \u4e2d");

        byte[] pdf = get("tobias", journal + "/pdf").response().getContentAsByteArray();

        VeraGreenfieldFoundryProvider.initialise();
        for (PDFAFlavour flavour : List.of(PDFAFlavour.PDFUA_1, PDFAFlavour.PDFA_2_A)) {
            try (var parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
                    var validator = Foundries.defaultInstance().createValidator(flavour, false)) {
                ValidationResult result = validator.validate(parser);
                assertThat(result.isCompliant()).as(flavour + " " + result).isTrue();
            }
        }
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en");
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Anouk\u2019s learning journal", "Zo\u00eb says")
                    .doesNotContain("#", "Bram");
        }
    }

    private String compile(String child, int pages) {
        return post(
                        "tobias",
                        "/journals",
                        "child",
                        child(child).toString(),
                        "startsOn",
                        "2026-03-01",
                        "endsOn",
                        "2026-05-06",
                        "pages",
                        Integer.toString(pages))
                .location();
    }

    private Answer save(String username, String journal, Document desk, String... changes) {
        List<String> fields = new ArrayList<>();
        desk.select("form textarea").forEach(area -> {
            if (!List.of(changes).contains(area.attr("name"))) {
                fields.addAll(List.of(area.attr("name"), area.text()));
            }
        });
        desk.select("input[name=photo][checked]").forEach(box -> fields.addAll(List.of("photo", box.val())));
        fields.addAll(List.of("version", desk.select("[name=version]").val()));
        fields.addAll(List.of(changes));
        return post(username, journal, fields.toArray(String[]::new));
    }
}
