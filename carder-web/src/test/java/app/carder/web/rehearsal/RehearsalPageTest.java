package app.carder.web.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The clock stands on a Wednesday morning; Tobias and Hamish work in the Loft, with their lunches one after the other. */
class RehearsalPageTest extends WebTest {

    private static final String TUESDAY = "2026-08-04";

    @AfterEach
    void forgetWhatWasPlanned() {
        database.update("delete from planned_block where on_day = ?::date", TUESDAY);
        database.update("delete from focus_group where on_day = ?::date", TUESDAY);
    }

    private String loft() {
        return "/rooms/" + room("Loft");
    }

    private Document open(String username, String more) {
        return get(username, loft() + "/rehearsal?day=" + TUESDAY + more).page();
    }

    private static List<String> clashes(Document page) {
        return page.select("[aria-labelledby=clashes] li > p:first-child").eachText();
    }

    /** Fills as many places of a session as there are adults, and one more, with cards that an adult stays with. */
    private void planWaterFor(int session, int places) {
        Document board = get("tobias", loft() + "/week?of=" + TUESDAY).page();
        List<Element> lines =
                board.select(".week-part").get(session).select(".week-line").subList(0, places);
        for (Element line : lines) {
            String key = line.select(".line-days > li").get(1).attr("data-cell");
            assertThat(post(
                                    "tobias",
                                    loft() + "/week/blocks",
                                    "at",
                                    key,
                                    "card",
                                    card("String, knots and labels").toString())
                            .status())
                    .isEqualTo(302);
        }
    }

    @Test
    void playsTheNextOpenDayAndSaysWhoIsMissingAndWhoseMedicineNobodyMayGive() {
        Document page = get("tobias", loft() + "/rehearsal").page();

        assertThat(page.select("h1").text()).isEqualTo("Thursday 7 May played through in Loft");
        assertThat(clashes(page))
                .anyMatch(line -> line.startsWith("16:15 to 17:00 One adult missing: here Hamish Vale"))
                .anyMatch(
                        line -> line.contains(
                                "may need emergency medicine, and nobody who may give it is in the room (Imelda Farrow, Tobias Renn)"))
                .noneMatch(line -> line.contains("12:00 to 12:40 One adult missing"));
        assertThat(page.select("svg.sketch")).hasSize(2);
        assertThat(page.select("svg.sketch desc").first().text()).startsWith("What clashes: ");
    }

    @Test
    void showsATimeAsAPartOfItsOwnAndKeepsWithinTheDay() {
        Element now = get("tobias", loft() + "/rehearsal?at=730").page().selectFirst("#now");
        Document late = get("tobias", loft() + "/rehearsal?at=1439").page();

        assertThat(now.select("h2").text()).isEqualTo("At 12:10");
        assertThat(now.text()).contains("On a break Tobias", "Hamish Vale, Imelda");
        assertThat(late.select("#at").val()).isEqualTo("1019");
        assertThat(get("tobias", loft() + "/rehearsal?at=soon&day=never").status())
                .isEqualTo(200);
    }

    @Test
    void swapsTwoCardsOnTheBoardWhereTooManyTakeAnAdultAndTakesItBack() {
        planWaterFor(0, 3);
        Document board = get("tobias", loft() + "/week?of=" + TUESDAY).page();
        String afternoon = board.select(".week-part")
                .get(1)
                .select(".line-days > li")
                .get(1)
                .attr("data-cell");
        post(
                "tobias",
                loft() + "/week/blocks",
                "at",
                afternoon,
                "card",
                card("Missing house number").toString());

        Document page = open("tobias", "");
        assertThat(clashes(page)).anyMatch(line -> line.contains("too few to be with everything at once"));
        Element form = page.select("form[action$=/rehearsal/swap]").first();
        assertThat(form).isNotNull();
        String swapped = form.select("input[name=one]").val();
        assertThat(post(
                                "tobias",
                                form.attr("action"),
                                "day",
                                TUESDAY,
                                "one",
                                swapped,
                                "other",
                                form.select("input[name=other]").val())
                        .status())
                .isEqualTo(302);

        Document after = open("tobias", "");
        assertThat(clashes(after)).noneMatch(line -> line.contains("too few to be with everything at once"));
        String undo = after.select("#just-done form").attr("action");
        post("tobias", undo);
        assertThat(clashes(open("tobias", ""))).isEqualTo(clashes(page));
    }

    @Test
    void aGroupIsMovedToAnotherTimeOfItsDayAndToNoneWithoutPlay() {
        Document focus = get("tobias", loft() + "/focus").page();
        UUID session = id(
                "select id from room_session where room_id = ? and kind = 'PROTECTED_PLAY' order by starts_at",
                room("Loft"));
        assertThat(focus.select("h1").text()).contains("Loft");
        post(
                "tobias",
                loft() + "/focus",
                "on",
                TUESDAY,
                "session",
                session.toString(),
                "child",
                child("Anouk").toString());
        UUID group = id("select id from focus_group where on_day = ?::date", TUESDAY);
        String url = loft() + "/rehearsal/groups/" + group;

        assertThat(open("tobias", "&at=545").select("#now dl").text()).contains("small group (Anouk)");
        assertThat(post("tobias", url, "day", TUESDAY, "startsAt", "10:15").status())
                .isEqualTo(302);

        assertThat(open("tobias", "&at=545").select("#now dl").text()).doesNotContain("small group (Anouk)");
        assertThat(open("tobias", "&at=620").select("#now dl").text()).contains("small group (Anouk)");
        assertThat(post("tobias", url, "day", TUESDAY, "startsAt", "12:00").status())
                .isEqualTo(409);
        assertThat(post("tobias", url, "day", TUESDAY, "startsAt", "soon")
                        .page()
                        .select("[role=alert]")
                        .text())
                .startsWith("Nothing was changed");
    }

    @Test
    void aBreakIsMovedByWhoLeadsTheRoomAlone() {
        String url = loft() + "/rota/breaks";
        String[] fields = {
            "day",
            TUESDAY,
            "adult",
            account("hamish").toString(),
            "fromTime",
            "12:40",
            "untilTime",
            "13:20",
            "minutes",
            "10"
        };
        assertThat(post("hamish", url, fields).status()).isEqualTo(403);
        assertThat(post("tobias", url, fields).status()).isEqualTo(302);

        assertThat(open("tobias", "&at=765").select("#now").text()).doesNotContain("On a break Hamish");
        assertThat(post("tobias", url, fields).status())
                .as("the break is not there any more")
                .isEqualTo(409);
        fields[5] = "12:50";
        fields[7] = "13:30";
        fields[9] = "-10";
        assertThat(post("tobias", url, fields).status()).isEqualTo(302);
        assertThat(open("tobias", "&at=765").select("#now").text()).contains("On a break Hamish");
    }

    @Test
    void onAClosedDayNothingIsPlayedAndNothingClashes() {
        String url = loft() + "/rehearsal?day=2026-05-15";
        Document page = get("tobias", url).page();

        assertThat(page.select("main .empty").eachText()).containsExactly("The setting is closed that day.");
        assertThat(clashes(page)).isEmpty();
        assertThat(page.select("svg.sketch")).isEmpty();
        assertThat(send("tobias", MockMvcRequestBuilders.get(url).header("HX-Request-Type", "partial"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aChildWhoseHoursHaveNothingInCommonWithTheSessionsIsCountedAllDay() {
        String before = open("tobias", "&at=600").select("#now dd").get(0).text();
        database.update("update child set arrives = '19:00' where id = ?", child("Anouk"));
        try {
            Document page = open("tobias", "&at=600");

            assertThat(page.select("#now dd").get(0).text()).isEqualTo(before);
            assertThat(page.select("#at").attr("max")).isEqualTo(String.valueOf(19 * 60 - 1));
        } finally {
            database.update("update child set arrives = null where id = ?", child("Anouk"));
        }
    }

    @Test
    void whoMayGiveMedicineIsTickedOnTheChildsFormAndKept() {
        String url = "/children/" + child("Bram") + "/edit";
        FormElement form =
                (FormElement) get("tobias", url).page().select("main form.form").first();
        assertThat(form.select("input[name=medicineBy][checked]")).isEmpty();
        Stream<String> fields = form.formData().stream()
                .filter(field -> !field.key().equals("_csrf"))
                .flatMap(field -> Stream.of(field.key(), field.value()));

        Answer kept = post(
                "tobias",
                url,
                Stream.concat(fields, Stream.of("medicineBy", account("hamish").toString()))
                        .toArray(String[]::new));

        assertThat(kept.status()).isEqualTo(302);
        String undo =
                get("tobias", kept.location()).page().select("#just-done form").attr("action");
        assertThat(get("tobias", url)
                        .page()
                        .select("input[name=medicineBy][checked]")
                        .eachAttr("value"))
                .containsExactly(account("hamish").toString());
        post("tobias", undo);
        assertThat(get("tobias", url).page().select("input[name=medicineBy][checked]"))
                .as("taken back")
                .isEmpty();
    }
}
