package app.carder.web.attendance;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.children.ChildService;
import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import app.carder.web.setting.SettingId;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The demo's day: everybody of the Loft came at eight but Florian, of whom nobody has said anything. It is 10:05. */
class RegisterTest extends WebTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 6);

    @Autowired
    private ChildService children;

    private List<Map<String, Object>> before = List.of();

    @BeforeEach
    void keepTheDay() {
        before = database.queryForList("select * from attendance");
    }

    @AfterEach
    void putTheDayBack() {
        database.update("delete from attendance");
        for (Map<String, Object> row : before) {
            database.update(
                    "insert into attendance (%s) values (%s)"
                            .formatted(
                                    String.join(", ", row.keySet()),
                                    String.join(", ", Collections.nCopies(row.size(), "?"))),
                    row.values().toArray());
        }
        database.update(
                "update child set ends_on = null, starts_on = '2025-10-06', moves_to = null, moves_on = null, other_hours = '{}', room_id = ? where id = ?",
                room("Nook"),
                child("Dara"));
    }

    private Document register() {
        return get("tobias", "/rooms/" + room("Loft") + "/register").page();
    }

    private static Element of(Document register, UUID child) {
        return register.select("#c-" + child).first();
    }

    private static String group(Document register, UUID child) {
        return of(register, child).closest("section").select("h2").text();
    }

    private Answer note(UUID child, String... fields) {
        return post("hamish", "/children/" + child + "/register", fields);
    }

    @Test
    void oneTapSaysThatAChildCameAndOneThatItWasFetchedAndByWhom() {
        UUID florian = child("Florian");
        assertThat(group(register(), florian)).startsWith("No word");
        assertThat(register().select("main > section").first().text()).contains("ask their families");

        assertThat(note(florian, "what", "arrived").location()).endsWith("/register#c-" + florian);
        assertThat(group(register(), florian)).startsWith("Here");
        assertThat(of(register(), florian).text()).contains("came at 10:05");

        clock.advance(Duration.ofHours(2));
        note(florian, "what", "left", "by", "Florian's aunt");
        assertThat(group(register(), florian)).startsWith("Gone home");
        assertThat(of(register(), florian).text()).contains("fetched at 12:05", "by Florian's aunt");

        Document after = register();
        post(
                "hamish",
                get("hamish", "/day-history")
                        .page()
                        .select("form[action*=/done/]")
                        .first()
                        .attr("action"));
        assertThat(after.select("h1").text()).isEqualTo("Register of Loft");
        assertThat(group(register(), florian)).startsWith("Here");
    }

    @Test
    void whoMayFetchStandsThereWhenTheChildIsFetched() {
        assertThat(of(register(), child("Anouk")).text()).contains("May be fetched by: Her grandfather");
        assertThat(of(register(), child("Anouk")).select("datalist option").eachAttr("value"))
                .contains("Anouk's grandfather");
    }

    /** Twelve children need two adults; the register, the safety check and Today count the same. */
    @Test
    void aChildThatDoesNotComeIsOffTheListsOfTheDayAndBackOnceItCame() {
        String setOut = "/cards/" + card("Rice by the kilo") + "/set-out";
        int looked = looked(setOut);
        int due = due();

        note(child("Bram"), "what", "nothing");
        note(child("Bram"), "what", "away", "why", "ILL");
        assertThat(of(register(), child("Bram")).text()).contains("Ill");
        assertThat(looked(setOut)).isEqualTo(looked - 1);
        assertThat(due()).isEqualTo(due - 1);

        note(child("Bram"), "what", "arrived");
        assertThat(looked(setOut)).isEqualTo(looked);
        assertThat(due()).isEqualTo(due);
    }

    private int looked(String setOut) {
        return Integer.parseInt(get("tobias", setOut)
                .page()
                .select(".margin")
                .text()
                .replaceAll(".*Looked at: the (\\d+) children.*", "$1"));
    }

    private int due() {
        return Integer.parseInt(
                get("tobias", "/").page().select("#here-title").text().replaceAll("\\D+", ""));
    }

    @Test
    void whoeverIsMissingWithoutAWordIsToldOnTodayAndCountsAsHere() {
        assertThat(get("tobias", "/").page().select(".now-panel").text()).contains("No word from Florian, due by now.");

        note(child("Florian"), "what", "away", "why", "HOLIDAY");
        assertThat(get("tobias", "/").page().select(".now-panel").text()).doesNotContain("No word");
    }

    @Test
    void aTimeIsPutRightAndNeverLiesAhead() {
        UUID anouk = child("Anouk");
        note(anouk, "what", "arrived", "at", "08:20");
        assertThat(of(register(), anouk).text()).contains("came at 08:20");

        Answer ahead = note(anouk, "what", "arrived", "at", "15:00");
        assertThat(ahead.status()).isEqualTo(422);
        assertThat(ahead.page().select("[role=alert]").text()).contains("That time is still to come.");
        assertThat(note(anouk, "what", "vanished").status()).isEqualTo(404);
    }

    @Test
    void theWeekIsATableAndAPdfThatEveryoneCanRead() {
        note(child("Florian"), "what", "away", "why", "ILL");
        List<String> lines = get("tobias", "/rooms/" + room("Loft") + "/register.csv")
                .text()
                .lines()
                .toList();

        assertThat(lines.get(0)).isEqualTo("child,2026-05-04,2026-05-05,2026-05-06,2026-05-07,2026-05-08");
        assertThat(lines)
                .filteredOn(line -> line.startsWith("Florian"))
                .singleElement()
                .asString()
                .contains("Ill");
        assertThat(lines)
                .filteredOn(line -> line.startsWith("Anouk"))
                .singleElement()
                .asString()
                .contains("08:00–");
        byte[] pdf = get("tobias", "/rooms/" + room("Loft") + "/register.pdf")
                .response()
                .getContentAsByteArray();
        assertThat(Pdfs.text(pdf)).contains("Register of Loft", "Wednesday 6 May", "Ill");
        Pdfs.assertAccessible(pdf);
    }

    @Test
    void theEvacuationListHasEverybodyWhoMayBeInsideAndWhomToCall() {
        note(child("Bram"), "what", "left", "by", "Bram's aunt");
        byte[] pdf = get("imelda", "/evacuation.pdf").response().getContentAsByteArray();

        assertThat(Pdfs.text(pdf))
                .contains(
                        "Evacuation list of Quillmere Nursery",
                        "Florian No word",
                        "Anouk Here",
                        "01632 960",
                        "Nook:",
                        "Burrow:")
                .doesNotContain("Bram ");
        Pdfs.assertAccessible(pdf);
        assertThat(Pdfs.text(get("hamish", "/evacuation.pdf").response().getContentAsByteArray()))
                .contains("Loft:", "Nook:")
                .doesNotContain("Burrow:");
    }

    @Test
    void whereNobodyIsInsideTheListsSaySo() {
        database.update("update attendance set arrived_at = null, away = 'ILL'");
        note(child("Florian"), "what", "away", "why", "ILL");

        byte[] pdf = get("tobias", "/evacuation.pdf").response().getContentAsByteArray();

        assertThat(Pdfs.text(pdf)).contains("Nobody of this room").doesNotContain("Anouk");
        Pdfs.assertAccessible(pdf);
    }

    @Test
    void hoursThatDifferByDayCountOnThatDay() {
        UUID dara = child("Dara");
        Element form = get("precious", "/children/" + dara + "/edit")
                .page()
                .select("form[action$=edit]")
                .first();
        List<String> fields = new ArrayList<>();
        ((FormElement) form)
                .formData().stream()
                        .filter(one -> !one.key().equals("_csrf") && !one.key().equals("leaves-WEDNESDAY"))
                        .forEach(one -> fields.addAll(List.of(one.key(), one.value())));
        fields.addAll(List.of("leaves-WEDNESDAY", "11:00"));
        assertThat(post("precious", "/children/" + dara + "/edit", fields.toArray(String[]::new))
                        .status())
                .isEqualTo(302);

        assertThat(get("precious", "/children/" + dara + "/edit")
                        .page()
                        .select("[name=leaves-WEDNESDAY]")
                        .val())
                .isEqualTo("11:00");
        assertThat(get("precious", "/rooms/" + room("Nook") + "/children")
                        .page()
                        .select("li:has(a[href$=" + dara + "])")
                        .text())
                .contains("Leaves at 11:00");
    }

    @Test
    void whoMovesUpIsInThePlansOfBothRoomsOnTheRightDaysAndMovesWhenTheDayHasCome() {
        UUID dara = child("Dara");
        LocalDate on = TODAY.plusDays(5);
        database.update("update child set moves_to = ?, moves_on = ? where id = ?", room("Loft"), on, dara);
        SettingId quillmere = new SettingId(id("select id from setting where name = 'Quillmere Nursery'"));

        assertThat(children.attending(quillmere, room("Nook"), on.minusDays(3)))
                .anyMatch(one -> one.id().equals(dara));
        assertThat(children.attending(quillmere, room("Loft"), on.minusDays(3)))
                .noneMatch(one -> one.id().equals(dara));
        assertThat(children.attending(quillmere, room("Nook"), on))
                .noneMatch(one -> one.id().equals(dara));
        assertThat(children.attending(quillmere, room("Loft"), on))
                .anyMatch(one -> one.id().equals(dara));
        assertThat(children.inRoom(quillmere, room("Loft")))
                .noneMatch(one -> one.id().equals(dara));

        assertThat(children.moveUp(quillmere)).isZero();
        clock.advance(Duration.ofDays(5));
        assertThat(children.moveUp(quillmere)).isEqualTo(1);
        assertThat(children.get(quillmere, dara).roomId()).isEqualTo(room("Loft"));
        assertThat(children.inRoom(quillmere, room("Loft")))
                .extracting(one -> one.pegMark())
                .doesNotHaveDuplicates();
        assertThat(children.get(quillmere, dara).move()).isEmpty();
    }

    @Test
    void whoHasLeftIsOnNoListAndTheManagerStillFindsTheRecord() {
        UUID dara = child("Dara");
        database.update("update child set ends_on = '2026-05-05' where id = ?", dara);
        database.update("update setting_change set people = people + 1");

        assertThat(get("precious", "/rooms/" + room("Nook") + "/children")
                        .page()
                        .text())
                .doesNotContain("Dara");
        assertThat(get("imelda", "/rooms/" + room("Nook") + "/children")
                        .page()
                        .select("details")
                        .text())
                .contains("One child has left", "Dara");
        assertThat(get("imelda", "/children/" + dara).status()).isEqualTo(200);
    }

    @Test
    void nobodyNotesAnythingOfAChildInARoomThatTheyDoNotWorkIn() {
        assertThat(post("sunniva", "/children/" + child("Anouk") + "/register", "what", "left")
                        .status())
                .isEqualTo(403);
        assertThat(post("teodor", "/children/" + child("Anouk") + "/register", "what", "left")
                        .status())
                .isEqualTo(404);
    }
}
