package app.carder.web.week;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import org.junit.jupiter.api.Test;

class WeekTablesTest extends WebTest {

    private String table(String username, String file) {
        Answer answer = get(username, "/rooms/" + room("Loft") + "/" + file);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.response().getContentType()).isEqualTo("text/csv;charset=UTF-8");
        return answer.text();
    }

    @Test
    void theWeekIsPrintedOnOneSheetWithWhatIsNewMarked() {
        byte[] pdf = get("hamish", "/rooms/" + room("Loft") + "/week.pdf?of=2026-05-04")
                .response()
                .getContentAsByteArray();

        Pdfs.assertAccessible(pdf);
        assertThat(Pdfs.text(pdf))
                .contains(
                        "Loft, week of 4 May 2026", "Monday 4", "Friday 8", "Weighing desk", "Rice by the kilo", "new");
    }

    @Test
    void everyPlaceOfTheWeekIsARow() {
        assertThat(table("hamish", "week.csv?of=2026-05-04"))
                .startsWith(
                        "day,session,from,until,place,card,mark,pinned,held,stays\r\n2026-05-04,Free play,09:00,10:30,Weighing desk,")
                .contains("2026-05-08,Outdoors,15:45,17:00,Garden,");
    }

    @Test
    void ratiosAreARowForEachStretchInWhichNobodyComesOrGoes() {
        assertThat(table("tobias", "staffing.csv"))
                .startsWith("day,from,until,children,adults,adults needed,adults missing,who\r\n")
                .contains("2026-05-06,16:15,16:30,12,1,2,1,Hamish Vale");
    }

    @Test
    void hoursSessionsSightAndFocusGroupsAreTablesToo() {
        assertThat(table("tobias", "shifts.csv")).contains("Monday,Tobias Renn,07:45,12:00");
        assertThat(table("tobias", "leads.csv")).startsWith("week of,zone,lead,doubles up\r\n");
        assertThat(table("hamish", "sessions.csv")).contains("Monday,13:30,105,");
        assertThat(table("hamish", "sightlines.csv")).containsPattern("Weighing desk,\\d+,\\d+,\\d+\r\n");
        assertThat(table("hamish", "focus.csv"))
                .startsWith("day,state,children,drawn by\r\n")
                .contains("Anouk");
    }
}
