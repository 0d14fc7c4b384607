package app.carder.web.rights;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;

class PrivacyTest extends WebTest {

    @Test
    void theNoticeIsFilledInFromWhatTheSettingDoes() throws Exception {
        Document notice = get("imelda", "/privacy/notice").page();

        assertThat(notice.text())
                .contains(
                        "This is about the data that Quillmere Nursery keeps",
                        "Photos of children at play",
                        "Observations, photos and journals: 1 year after the child has left.");
        assertThat(notice.select("p.open-line")).isNotEmpty();
        post("imelda", "/retention", "LEARNING", "", "REGISTER", "6", "CONSENT", "6");
        assertThat(get("imelda", "/privacy/notice").page().select("p.open-line").text())
                .contains("Observations, photos and journals: nobody has decided for how long.");
        database.update("delete from retention_choice");
        assertThat(Pdfs.text(get("imelda", "/privacy/notice.pdf").response().getContentAsByteArray()))
                .contains("Quillmere Nursery", "lawful basis");
    }

    @Test
    void theAssessmentTellsWhereARiskIsLeftBecauseSomethingIsNotUsed() {
        post("imelda", "/staff/rooms", "open", "yes");
        assertThat(get("imelda", "/privacy/impact")
                        .page()
                        .select("section:contains(not in their care)")
                        .text())
                .contains("high", "All staff see every room.");
        post("imelda", "/staff/rooms");
        assertThat(get("imelda", "/privacy/impact")
                        .page()
                        .select("section:contains(not in their care)")
                        .text())
                .contains("low", "Staff open the rooms that they work in, no others.");
        assertThat(get("imelda", "/privacy/anything").status()).isEqualTo(404);
        assertThat(get("tobias", "/privacy/impact").status()).isEqualTo(403);
    }
}
