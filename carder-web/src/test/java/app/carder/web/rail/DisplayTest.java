package app.carder.web.rail;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;

/** What hangs in a room for everybody to see. */
class DisplayTest extends WebTest {

    private static final String PERIOD = "startsOn=2026-03-01&endsOn=2026-05-06&pages=6";

    @Test
    void noChildIsNamedAndNothingIsToldTwice() throws Exception {
        List<String> names = database.queryForList(
                "select given_name from child where setting_id = (select setting_id from child where id = ?)",
                String.class,
                child("Anouk"));

        Document page = get("hamish", path() + "?" + PERIOD).page();
        byte[] pdf = get("hamish", path() + "/print?" + PERIOD).response().getContentAsByteArray();

        List<String> told = page.select(".reading .words").eachText();
        assertThat(told).hasSizeGreaterThan(3).doesNotHaveDuplicates();
        assertThat(page.select(".reading").text()).contains("What we play in Loft");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String printed = new PDFTextStripper().getText(document);
            assertThat(names).isNotEmpty().noneMatch(name -> told.toString().matches("(?s).*\\b" + name + "\\b.*"));
            assertThat(names).noneMatch(name -> printed.matches("(?s).*\\b" + name + "\\b.*"));
        }
    }

    @Test
    void aPhotoHangsOnlyIfEveryFamilyInItAllowsADisplay() {
        database.update(
                "update child set consent_display = true where setting_id = (select setting_id from child where id = ?)",
                child("Anouk"));
        int all = photos();
        try {
            database.update("update child set consent_display = false where id = ?", child("Anouk"));

            assertThat(all).isPositive();
            assertThat(photos()).isLessThan(all);
            assertThat(get("hamish", path() + "?" + PERIOD).text()).contains("the photo stays out");
        } finally {
            database.update("update child set consent_display = true where id = ?", child("Anouk"));
        }
    }

    @Test
    void whatComesNearANameStaysOutUntilSomebodySaysThatItMeansNoChild() {
        UUID one = id(
                "select o.id from observation o join observation_child c on c.observation_id = o.id where c.child_id = ? order by o.observed_at desc, o.id limit 1",
                child("Quentin"));
        String before = database.queryForObject("select note from observation where id = ?", String.class, one);
        database.update("update observation set note = 'Built a tall tower with Cosimaa.' where id = ?", one);
        try {
            String asked = path() + "?" + PERIOD;
            Document page = get("hamish", asked).page();
            Document settled = get("hamish", asked + "&nobody=" + one).page();
            Document without =
                    get("hamish", asked + "&nobody=" + one + "&without=" + one).page();

            assertThat(page.select("[name=nobody]").eachAttr("value")).contains(one.toString());
            assertThat(page.select(".reading").text()).doesNotContain("tall tower");
            assertThat(settled.select(".reading").text()).contains("tall tower");
            assertThat(without.select(".reading").text()).doesNotContain("tall tower");
        } finally {
            database.update("update observation set note = ? where id = ?", before, one);
        }
    }

    @Test
    void saysWhatIsWrongWithThePeriod() {
        Answer wrong = get("hamish", path() + "?startsOn=2026-05-06&endsOn=2026-03-01&pages=0");

        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.page().select(".fault")).hasSize(2);
    }

    private int photos() {
        return get("hamish", path() + "?" + PERIOD)
                .page()
                .select(".reading img")
                .size();
    }

    private String path() {
        return "/rooms/" + room("Loft") + "/display";
    }
}
