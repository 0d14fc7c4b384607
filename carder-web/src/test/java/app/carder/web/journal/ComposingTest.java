package app.carder.web.journal;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.journal.Purpose;
import app.carder.web.kit.WebTest;
import app.carder.web.setting.SettingId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class ComposingTest extends WebTest {

    @Autowired
    private JournalPartsService parts;

    @AfterEach
    void usualParts() {
        database.update("delete from journal_parts");
    }

    @Test
    void aPurposeBringsItsPeriodItsLengthAndItsParts() {
        Document week = get("tobias", "/journals/new?purpose=WEEK").page();
        Document leaving = get("tobias", "/journals/new?purpose=LEAVING").page();

        assertThat(week.select("#startsOn").val()).isEqualTo("2026-04-30");
        assertThat(week.select("#pages").val()).isEqualTo("2");
        assertThat(week.select("a[aria-current]").text()).contains("This week at play");
        assertThat(leaving.select("#startsOn").val()).isEqualTo("2025-05-07");
        assertThat(leaving.select("#pages").val()).isEqualTo("8");
        String journal = compile("Anouk", "WEEK", "2", "");
        assertThat(get("tobias", journal).page().select(".journal-part").eachAttr("id"))
                .containsExactly("part-GREETING", "part-BUSY_WITH", "part-OWN_WORDS", "part-AT_HOME");
        assertThat(reading(journal).select("h1").text()).isEqualTo("Anouk’s week at play");
    }

    @Test
    void aProjectIsAboutOneCardAndASkillAboutOneArea() {
        Answer nothing = ask("Anouk", "PROJECT", "3", "");
        String card = database.queryForObject(
                "select o.card_id::text from observation o join observation_child c on c.observation_id = o.id"
                        + " where c.child_id = ? and o.card_id is not null group by 1 order by count(*) desc, 1 limit 1",
                String.class,
                child("Anouk"));

        String journal = compile("Anouk", "PROJECT", "3", card);

        assertThat(nothing.status()).isEqualTo(422);
        assertThat(nothing.page().select("[role=alert]").text()).contains("Choose the card that it is about.");
        assertThat(database.queryForList(
                        "select distinct o.card_id::text from journal_entry e join observation o on o.id = e.observation_id where e.journal_id = ?",
                        String.class,
                        UUID.fromString(journal.substring("/journals/".length()))))
                .containsExactly(card);
        assertThat(ask("Anouk", "SKILL", "2", "no such area").status()).isEqualTo(422);
    }

    @Test
    void theSettingChoosesThePartsAndTheirOrder() {
        SettingId quillmere = new SettingId(id("select id from setting where name = 'Quillmere Nursery'"));
        String page = "/settings/journals";
        Answer none = post("imelda", page, "purpose", "WEEK", "order-BUSY_WITH", "");
        Answer wrong = post("imelda", page, "purpose", "WEEK", "order-BUSY_WITH", "first");
        assertThat(none.page().select("[role=alert]").text()).contains("Number one part at least.");
        assertThat(wrong.page().select("#order-BUSY_WITH").val()).isEqualTo("first");

        post("imelda", page, "purpose", "WEEK", "order-BUSY_WITH", "2", "order-AT_HOME", "1");

        assertThat(get("imelda", page).page().select("#WEEK-AT_HOME").val()).isEqualTo("1");

        String journal = compile("Anouk", "WEEK", "2", "");

        assertThat(get("tobias", journal).page().select(".journal-part").eachAttr("id"))
                .containsExactly("part-AT_HOME", "part-BUSY_WITH");
        assertThat(parts.of(quillmere, Purpose.TERM)).isEqualTo(Purpose.TERM.parts());
    }

    @Test
    void whatIsLeftOutComesBackWithItsWordsAndStays() {
        String journal = compile("Anouk", "TERM", "2", "");
        String entry = first(journal);
        save(journal, "words-" + entry, "Anouk weighed the parcel twice.", "leaveOut", entry);

        Document without = get("tobias", journal).page();
        assertThat(without.select("#entry-" + entry)).isEmpty();
        assertThat(without.select("details").text()).contains("One entry left out", "Anouk weighed the parcel twice.");
        assertThat(reading(journal).text()).doesNotContain("Anouk weighed the parcel twice.");

        save(journal, "bringBack", entry);

        Document back = get("tobias", journal).page();
        assertThat(back.select("#words-" + entry).text()).isEqualTo("Anouk weighed the parcel twice.");
        assertThat(back.select("#entry-" + entry + " .tag").text()).isEqualTo("Stays");
    }

    @Test
    void fewerPagesShowWhatWouldGoAndKeepWhatIsPinned() {
        String journal = compile("Anouk", "TERM", "4", "");
        List<Element> entries = get("tobias", journal).page().select("#part-BUSY_WITH article");
        String pinned = entries.get(entries.size() - 1).id().substring("entry-".length());
        save(journal, "pin", pinned);

        Document change = get("tobias", journal + "/change?pages=1").page();
        int gone = change.select("h2:contains(would go) + ul li").size();
        post("tobias", journal + "/change", "pages", "1");

        Document after = get("tobias", journal).page();
        assertThat(gone).isPositive();
        assertThat(change.text()).contains("No other set that fits is worth more.");
        assertThat(after.select("#part-BUSY_WITH article")).hasSize(entries.size() - gone);
        assertThat(after.select("#entry-" + pinned)).hasSize(1);
        assertThat(get("tobias", journal + "/change?pages=1").page().text()).contains("Nothing would change.");
        assertThat(get("tobias", journal + "/change?pages=none").status()).isEqualTo(422);
        assertThat(post("tobias", journal + "/change", "pages", "0").status()).isEqualTo(422);
    }

    @Test
    void anyRecordOfTheChildIsFoundByItsWordsAndAddedByHand() {
        String journal = compile("Anouk", "TERM", "1", "");
        Document all = get("tobias", journal + "/records").page();
        Element one = all.select(".pick li").last();
        String word = one.select("span").text().split(" ")[0];

        Document found = get("tobias", journal + "/records?words=" + word).page();
        post("tobias", journal + "/records", "observation", one.select("button").val());

        assertThat(found.select(".pick li span").eachText())
                .isNotEmpty()
                .allSatisfy(text -> assertThat(text).containsIgnoringCase(word));
        assertThat(get("tobias", journal)
                        .page()
                        .select("#part-BUSY_WITH textarea")
                        .eachText())
                .contains(one.select("span").text());
        assertThat(get("tobias", journal + "/records?words=zzzz")
                        .page()
                        .select(".empty")
                        .text())
                .isEqualTo("No other record has these words.");
        UUID ofBram = id(
                "select c.observation_id from observation_child c where c.child_id = ? and c.observation_id not in (select observation_id from observation_child where child_id = ?) limit 1",
                child("Bram"),
                child("Anouk"));
        assertThat(post("tobias", journal + "/records", "observation", ofBram.toString())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void thenAndNowStandSideBySideAndMoveAsOne() {
        String journal = compile("Anouk", "LEAVING", "4", "");
        List<String> ids = get("tobias", journal)
                .page()
                .select("#part-THEN_AND_NOW article")
                .eachAttr("id");

        assertThat(ids).hasSizeGreaterThanOrEqualTo(2);
        assertThat(reading(journal).select(".pair").get(0).select(".side h3").eachText())
                .satisfies(days -> {
                    assertThat(days.get(0)).startsWith("Then: ");
                    assertThat(days.get(1)).startsWith("Now: ");
                });
        save(journal, "leaveOut", ids.get(0).substring("entry-".length()));
        assertThat(get("tobias", journal).page().select("#part-THEN_AND_NOW article"))
                .hasSize(ids.size() - 2);
    }

    @Test
    void aConcernIsToldOnlyOnceItWasTalkedOver() {
        String journal = compile("Anouk", "LEAVING", "2", "");
        save(journal, "talked_over", "We look at how Anouk hears in a loud room.");

        Answer refused = post("tobias", journal + "/approve");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select("[role=alert]").text()).contains("Say when you talked this over");
        assertThat(reading(journal).text()).doesNotContain("in a loud room");
        save(journal, "talkedOverOn", "2026-05-04");
        assertThat(reading(journal).text()).contains("We look at how Anouk hears in a loud room.");
        assertThat(post("tobias", journal + "/approve").location()).endsWith("?approved");
    }

    @Test
    void anEntryStandsAsSomebodyWishes() {
        String journal = compile("Anouk", "TERM", "4", "");
        Element withPhoto = get("tobias", journal)
                .page()
                .select("#part-BUSY_WITH article:has(select[id^=layout-])")
                .first();
        String entry = withPhoto.id().substring("entry-".length());

        save(journal, "layout-" + entry, "FULL_PAGE");

        assertThat(get("tobias", journal)
                        .page()
                        .select("#layout-" + entry + " option[selected]")
                        .val())
                .isEqualTo("FULL_PAGE");
        assertThat(reading(journal).select(".full-page")).hasSize(1);
        save(journal, "layout-" + entry, "CHART");
        assertThat(reading(journal).select(".full-page")).isEmpty();
    }

    private Document reading(String journal) {
        return get("tobias", journal + "/preview").page();
    }

    private String first(String journal) {
        return get("tobias", journal)
                .page()
                .select("#part-BUSY_WITH article")
                .get(0)
                .id()
                .substring("entry-".length());
    }

    private String compile(String child, String purpose, String pages, String about) {
        return ask(child, purpose, pages, about).location();
    }

    private Answer ask(String child, String purpose, String pages, String about) {
        return post(
                "tobias",
                "/journals",
                "child",
                child(child).toString(),
                "purpose",
                purpose,
                "startsOn",
                "2026-03-01",
                "endsOn",
                "2026-05-06",
                "pages",
                pages,
                "about",
                about);
    }

    private void save(String journal, String... changes) {
        Document desk = get("tobias", journal).page();
        List<String> fields = new ArrayList<>();
        desk.select("form textarea, input[name=talkedOverOn]").forEach(field -> {
            if (!List.of(changes).contains(field.attr("name"))) {
                fields.addAll(
                        List.of(field.attr("name"), field.tagName().equals("input") ? field.val() : field.text()));
            }
        });
        desk.select("input[name=photo][checked]").forEach(box -> fields.addAll(List.of("photo", box.val())));
        fields.addAll(List.of("version", desk.select("[name=version]").val()));
        fields.addAll(List.of(changes));
        assertThat(post("tobias", journal, fields.toArray(String[]::new)).status())
                .isEqualTo(302);
    }

    @Test
    void anEntryStandsInASecondLanguageOnceASpeakerHasSignedItOff() {
        String journal = compile("Anouk", "WEEK", "2", "");
        String entry = first(journal);
        String path = journal + "/entries/" + entry + "/translation";

        Answer noLanguage = post("tobias", path, "other-" + entry, "Zważyła ryż.");
        assertThat(noLanguage.page().select("[role=alert]").text()).contains("Choose the language");
        post("tobias", path, "other-" + entry, "Zważyła ryż.", "into-" + entry, "pl");
        assertThat(reading(journal).text()).doesNotContain("Zważyła ryż.");
        assertThat(get("tobias", journal).text()).contains("polski, not checked yet");

        post("hamish", path, "other-" + entry, "Zważyła ryż.", "into-" + entry, "pl", "speaks-" + entry, "yes");
        assertThat(get("tobias", journal).text()).contains("polski, checked by Hamish Vale");
        Element other = reading(journal).select(".two-languages .other").first();
        assertThat(other.attr("lang")).isEqualTo("pl");
        assertThat(other.text()).isEqualTo("Zważyła ryż.");

        save(journal, "words-" + entry, "Other words than those that were checked.");
        assertThat(reading(journal).text()).doesNotContain("Zważyła ryż.");
    }

    @Test
    void whatWasWrittenInShortSentencesIsToldInTheVersionWithSymbolsAlone() throws Exception {
        String journal = compile("Anouk", "WEEK", "2", "");
        String entry = first(journal);
        save(journal, "simple-" + entry, "I weigh rice. It is heavy. Bram helps.");

        assertThat(reading(journal).text()).doesNotContain("I weigh rice.");
        try (PDDocument document = Loader.loadPDF(
                get("tobias", journal + "/file?as=SIMPLE").response().getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("I weigh rice.", "It is heavy.", "A friend helps.")
                    .doesNotContain("Bram");
        }
    }

    @Test
    void aSecondLanguageNamesNoOtherChildEither() {
        String journal = compile("Anouk", "WEEK", "2", "");
        String entry = first(journal);
        post(
                "tobias",
                journal + "/entries/" + entry + "/translation",
                "other-" + entry,
                "Bram też ważył.",
                "into-" + entry,
                "pl",
                "speaks-" + entry,
                "yes");

        assertThat(reading(journal).text()).doesNotContain("Bram");
        assertThat(post("tobias", journal + "/approve")
                        .page()
                        .select("[role=alert]")
                        .text())
                .contains("Bram");
    }

    @Test
    void aProjectAboutAnInvestigationShowsItsReadingsAndPicturesAndKeepsThem() {
        UUID bean = id("select id from investigation where title like 'Bean%'");
        String journal = compile("Anouk", "PROJECT", "3", bean.toString());

        Document page = reading(journal);
        assertThat(page.select(".for-project .measured svg.chart")).hasSize(1);
        assertThat(page.select(".measured img")).hasSize(1);
        String chart = page.select(".measured svg.chart").outerHtml();
        UUID reading =
                id("select id from investigation_reading where investigation_id = ? order by on_day limit 1", bean);
        Object before = database.queryForObject(
                "select measured from investigation_reading where id = ?", Object.class, reading);
        database.update("update investigation_reading set measured = 33 where id = ?", reading);
        try {
            assertThat(reading(journal).select(".measured svg.chart").outerHtml())
                    .isEqualTo(chart);
        } finally {
            database.update("update investigation_reading set measured = ? where id = ?", before, reading);
        }
    }

    @Test
    void whereThereIsNoPhotoTheCardIsDrawnAsItWasOnTheDayOfTheApproval() {
        String journal = compile("Anouk", "TERM", "4", "");
        Document page = reading(journal);
        assertThat(page.select(".set-out svg")).isNotEmpty();
        assertThat(page.select(".leaf:has(.set-out) img")).isEmpty();
        String drawing = page.select(".set-out svg").first().outerHtml();
        UUID id = UUID.fromString(journal.substring("/journals/".length()));
        save(journal, "greeting", "Here it is.");
        post("tobias", journal + "/approve");
        List<UUID> cards = database.queryForList(
                "select distinct o.card_id from journal_entry e join observation o on o.id = e.observation_id where e.journal_id = ? and e.set_up_box <> ''",
                UUID.class,
                id);
        assertThat(cards).isNotEmpty();
        database.update(
                "update card set title = 'Another ' || title where id = any(?)", (Object) cards.toArray(UUID[]::new));
        try {
            assertThat(reading(journal).select(".set-out svg").first().outerHtml())
                    .isEqualTo(drawing);
        } finally {
            database.update(
                    "update card set title = substr(title, 9) where id = any(?)", (Object) cards.toArray(UUID[]::new));
            post("tobias", journal + "/take-back");
        }
    }

    @Test
    void anEntryIsDraggedToWhereAnotherStands() {
        String journal = compile("Anouk", "TERM", "4", "");
        List<String> before = busy(journal);

        save(journal, "dragged", before.get(0), "onto", before.get(2));

        assertThat(busy(journal).subList(0, 3)).containsExactly(before.get(1), before.get(2), before.get(0));
        String pair = get("tobias", journal)
                .page()
                .select("#part-THEN_AND_NOW article")
                .get(0)
                .attr("data-entry");
        save(journal, "dragged", pair, "onto", before.get(0));
        assertThat(busy(journal)).as("another part").doesNotContain(pair);
    }

    private List<String> busy(String journal) {
        return get("tobias", journal).page().select("#part-BUSY_WITH article").eachAttr("data-entry");
    }
}
