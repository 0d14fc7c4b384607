package app.carder.web.investigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.Photos;
import app.carder.web.kit.WebTest;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class InvestigationTest extends WebTest {

    private String begin(String title, String... more) {
        String[] fields = {
            "id",
            UUID.randomUUID().toString(),
            "watched",
            title,
            "question",
            "What comes first?",
            "expected",
            "CRESS",
            "begunOn",
            "2026-05-04",
            "everyDays",
            "2",
            "weeks",
            "2",
            "unit",
            "cm"
        };
        for (int at = 0; at < more.length; at += 2) {
            for (int field = 0; field < fields.length; field += 2) {
                if (fields[field].equals(more[at])) {
                    fields[field + 1] = more[at + 1];
                }
            }
        }
        return post("precious", "/rooms/" + room("Nook") + "/investigations", fields)
                .location();
    }

    private Answer read(String url, String... fields) {
        var request = MockMvcRequestBuilders.multipart(url + "/readings")
                .file(new MockMultipartFile("drawing", "d.jpg", "image/jpeg", Photos.withPlace(400, 300, 1)));
        request.param("id", UUID.randomUUID().toString());
        for (int at = 0; at < fields.length; at += 2) {
            request.param(fields[at], fields[at + 1]);
        }
        return send("sunniva", request.with(csrf().asHeader()));
    }

    /** Begun on Monday, today is Wednesday, and cress sprouts after two to four days. Every other day of the calendar; a look that falls on a weekend or on the closed 15th is had on the next open day. */
    @Test
    void saysWhenToLookAndWhatToExpect() {
        Document page = get("precious", begin("Cress by the window")).page();

        assertThat(page.select(".tags .tag").eachText())
                .containsExactly(
                        "Mon 4 May", "Wed 6 May", "Fri 8 May", "Mon 11 May", "Tue 12 May", "Thu 14 May", "Mon 18 May");
        assertThat(page.select(".verdict").text()).startsWith("Now: it usually sprouts after 2 to 4 days.");
        assertThat(get("precious", "/rooms/" + room("Nook") + "/investigations")
                        .page()
                        .text())
                .contains("Cress by the window due to be checked today");
    }

    @Test
    void keepsReadingsWithDrawingsOnTheChartAndInTheTable() {
        String url = begin("Bean in a jar", "expected", "BROAD_BEAN");

        read(url, "onDay", "2026-05-04", "measured", "0");
        read(url, "onDay", "2026-05-06", "measured", "1,5", "note", "=it pushed");

        Document page = get("precious", url).page();
        assertThat(page.select("svg.sketch circle")).hasSize(2);
        assertThat(page.select("svg.sketch desc").text()).contains("4 May 2026 0 cm, drawn, 6 May 2026 1.5 cm, drawn.");
        assertThat(get("precious", page.select("img.thumb").attr("src"))
                        .response()
                        .getContentType())
                .isEqualTo("image/jpeg");
        assertThat(get("precious", url + "/readings.csv").text())
                .isEqualTo(
                        "day,measured cm,note,drawing,by\r\n2026-05-04,0,,yes,Sunniva Dahl\r\n2026-05-06,1.5,'=it pushed,yes,Sunniva Dahl\r\n");
    }

    @Test
    void printsAChartToWriteOn() {
        String url = begin("Ice parcel", "expected", "", "unit", "g");

        byte[] pdf = get("precious", url + "/chart.pdf").response().getContentAsByteArray();

        Pdfs.assertAccessible(pdf);
        assertThat(Pdfs.text(pdf)).contains("Ice parcel", "What comes first?", "Wed 6 May", "Measured,");
    }

    @Test
    void marksWhatIsWrongAndKeepsTheRest() {
        Answer begun = post(
                "precious",
                "/rooms/" + room("Nook") + "/investigations",
                "watched",
                "",
                "begunOn",
                "soon",
                "everyDays",
                "9",
                "weeks",
                "2",
                "question",
                "Why?");
        String url = begin("Worms");
        Answer ahead = post(
                "precious",
                url + "/readings",
                "id",
                UUID.randomUUID().toString(),
                "onDay",
                "2026-05-07",
                "measured",
                "wet");
        Answer nothing =
                post("precious", url + "/readings", "id", UUID.randomUUID().toString(), "onDay", "2026-05-06");

        assertThat(begun.status()).isEqualTo(422);
        assertThat(begun.page().select(".fault").eachText()).hasSize(3).contains("Say what is watched.");
        assertThat(begun.page().select("#question").text()).isEqualTo("Why?");
        assertThat(ahead.page().select(".fault").eachText())
                .containsExactly(
                        "A reading cannot be for a day that is still to come.",
                        "This must be a number from 0 to under a million; it says “wet”.");
        assertThat(nothing.page().select(".fault").text()).isEqualTo("Measure, write or draw something.");
    }

    @Test
    void endsWhenItIsTold() {
        String url = begin("Grass heads");

        post("precious", url + "/end");

        assertThat(get("precious", url).page().select("form[action$=/end]")).isEmpty();
    }
}
