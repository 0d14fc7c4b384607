package app.carder.web.family;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import jakarta.servlet.http.Cookie;
import java.io.ByteArrayInputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What a family finds beside its journals, in which language it is written to, and what becomes of that when its child leaves. */
class HomePageTest extends WebTest {

    private static final String CARER = "anouk.grandfather";

    private UUID carer;
    private UUID journal;

    @BeforeEach
    void find() {
        carer = id("select id from carer where name = 'Anouk''s grandfather'");
        journal = id(
                "select id from journal where child_id = ? and approved_at is not null order by compiled_at, id",
                child("Anouk"));
    }

    @AfterEach
    void asBefore() {
        database.update("update carer set reads_in = '' where id = ?", carer);
        database.update("update child set ends_on = null where id = ?", child("Anouk"));
        database.update("delete from occasion where summary = 'Lantern walk'");
        database.update("update setting set shares_week = true where name = 'Quillmere Nursery'");
    }

    @Test
    void mailTheFirstPageAndALetterComeInTheLanguageThatACarerIsWrittenToIn() {
        correct("pl");

        Answer sent = post("tobias", "/journals/" + journal + "/invitations", "carer", carer.toString());
        String body = database.queryForObject(
                "select body from message where to_name = ? order by id desc limit 1",
                String.class,
                "Anouk's grandfather");
        String link = body.replaceAll("(?s).*(/open/\\S+).*", "$1");
        Document first = send(MockMvcRequestBuilders.get(link)).page();

        assertThat(link).endsWith("?in=pl");
        assertThat(body).doesNotContain("A new learning journal").contains("Quillmere Nursery");
        assertThat(first.select("html").attr("lang")).isEqualTo("pl");
        assertThat(first.select(".languages a").eachAttr("lang")).hasSize(12);
        Answer opened = send(MockMvcRequestBuilders.post(link)
                .param("code", sent.page().select(".big-code").text())
                .with(csrf()));
        Cookie look = Objects.requireNonNull(opened.response().getCookie("carder-look"));
        Cookie session = opened.response().getCookie("SESSION");
        assertThat(send(MockMvcRequestBuilders.get("/family").cookie(session, look))
                        .page()
                        .select("html")
                        .attr("lang"))
                .isEqualTo("pl");
        assertThat(get("tobias", "/journals/" + journal + "/invitations")
                        .page()
                        .select("html")
                        .attr("lang"))
                .as("staff read on in theirs")
                .isEqualTo("en");
    }

    @Test
    void theLanguageThatAFamilyChoosesIsTheOneThatItIsWrittenToInFromThenOn() {
        post(CARER, "/family/language", "language", "tr");

        assertThat(database.queryForObject("select reads_in from carer where id = ?", String.class, carer))
                .isEqualTo("tr");
        correct("xx");
        assertThat(database.queryForObject("select reads_in from carer where id = ?", String.class, carer))
                .as("no such language")
                .isEmpty();
    }

    @Test
    void whatIsAheadAndTheWeekAtPlayStandThereIfTheSettingSharesThem() {
        database.update(
                "insert into occasion select ?, setting_id, ?, ?, 'Lantern walk', false from child where id = ?",
                UUID.randomUUID(),
                LocalDate.of(2026, 5, 20),
                LocalDate.of(2026, 5, 20),
                child("Anouk"));

        Document home = get(CARER, "/family").page();
        post("imelda", "/settings/journals/week", "shares", "no");
        Document notShared = get(CARER, "/family").page();

        assertThat(home.select(".home-ahead").text()).contains("20 May", "Lantern walk");
        assertThat(home.select(".home-week tbody th").eachText())
                .contains("Rice by the kilo")
                .doesNotHaveDuplicates();
        assertThat(home.select(".home-week td.on")).isNotEmpty();
        assertThat(notShared.select(".home-week")).isEmpty();
        assertThat(home.select("link[rel=manifest]")).hasSize(1);
    }

    @Test
    void afterAChildHasLeftItsFamilySavesEverythingAndReadsAnotherThirtyDays() throws Exception {
        database.update("update child set ends_on = ? where id = ?", LocalDate.of(2026, 4, 30), child("Anouk"));

        Document home = get(CARER, "/family").page();
        Answer archive = get(CARER, "/family/children/" + child("Anouk") + "/archive");

        assertThat(home.select("section.faults").text()).contains("until 30 May 2026");
        assertThat(archive.response().getContentType()).isEqualTo("application/zip");
        assertThat(names(archive.response().getContentAsByteArray()))
                .anyMatch(name -> name.endsWith("learning-journal.pdf"))
                .anyMatch(name -> name.endsWith("learning-journal.html"))
                .anyMatch(name -> name.endsWith("learning-journal.zip"));
        assertThat(get(CARER, "/family/children/" + child("Bram") + "/archive").status())
                .as("another's child")
                .isEqualTo(404);
        database.update("update child set ends_on = ? where id = ?", LocalDate.of(2026, 4, 1), child("Anouk"));
        assertThat(get(CARER, "/family/journals/" + journal).status()).isEqualTo(404);
        assertThat(get(CARER, "/family/children/" + child("Anouk") + "/archive").status())
                .isEqualTo(404);
    }

    private static List<String> names(byte[] zip) throws Exception {
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
                assertThat(in.readAllBytes()).isNotEmpty();
            }
        }
        return names;
    }

    private void correct(String language) {
        assertThat(post(
                                "tobias",
                                "/carers/" + carer,
                                "carerName",
                                "Anouk's grandfather",
                                "email",
                                "anouk.grandfather@family.example",
                                "language",
                                language)
                        .status())
                .isEqualTo(302);
    }
}
