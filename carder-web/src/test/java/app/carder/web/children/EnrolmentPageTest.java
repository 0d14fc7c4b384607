package app.carder.web.children;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Children come into the Pier, the one room of the second setting; they go again, as other tests count who is there. */
class EnrolmentPageTest extends WebTest {

    private static final String HEADS =
            "Child,Surname,DOB,Room,Days,From,Until,Allergies,Key person,Parent,Parent email\n";

    @AfterEach
    void takeThemAway() {
        database.update(
                "delete from carer where child_id in (select id from child where 'Fromtable' = any (other_names))");
        database.update("delete from child where 'Fromtable' = any (other_names)");
    }

    private String pier() {
        return "/rooms/" + room("Pier") + "/children";
    }

    private Answer file(String username, String table) {
        return send(
                username,
                MockMvcRequestBuilders.multipart(HttpMethod.POST, pier() + "/import")
                        .file(new MockMultipartFile(
                                "file", "children.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)))
                        .with(csrf().asHeader()));
    }

    /** What the page would send, with some fields set otherwise. */
    private static String[] fields(Element page, String... more) {
        List<String> fields = new ArrayList<>();
        FormElement form = (FormElement) page.select("form[action$=rows]").first();
        List<String> other = List.of(more);
        form.formData().stream()
                .filter(one -> !one.key().equals("_csrf") && !other.contains(one.key()))
                .forEach(one -> fields.addAll(List.of(one.key(), one.value())));
        fields.addAll(other);
        return fields.toArray(String[]::new);
    }

    @Test
    void sixtyChildrenComeInWithTheirCarersAndAPegMarkEach() {
        String table = HEADS
                + IntStream.range(0, 57)
                        .mapToObj(at ->
                                "Child%d,Fromtable,%d/03/2023,Pier,Mon-Wed,8:30,15:00,none,Bronagh,Child%d's aunt,aunt%d@example.org"
                                        .formatted(at, at % 28 + 1, at, at))
                        .collect(Collectors.joining("\n"));
        Element preview = file("teodor", table).page();
        assertThat(preview.select("main .faults")).isEmpty();
        assertThat(preview.select("tbody tr")).hasSize(57);
        assertThat(preview.select("tbody use").eachAttr("href")).doesNotHaveDuplicates();

        Answer added = post("teodor", pier() + "/import/rows", fields(preview, "do", "save"));

        assertThat(get("teodor", added.location()).page().select(".done").text())
                .isEqualTo("57 children were added.");
        assertThat(database.queryForObject(
                        "select count(*) from child c join room r on r.id = c.room_id where r.name = 'Pier'"
                                + " and c.days_attended = '{1,2,3}' and c.allergies_asked and c.arrives = '08:30'"
                                + " and 'Fromtable' = any (c.other_names) and not c.consent_display",
                        Integer.class))
                .isEqualTo(57);
        assertThat(database.queryForObject(
                        "select count(*) from carer where email like 'aunt%@example.org'", Integer.class))
                .isEqualTo(57);
    }

    @Test
    void aRoomWithoutAMarkLeftTakesNobodyMoreAndSaysSo() {
        String table = "Child,Surname,Born\n"
                + IntStream.range(0, 70)
                        .mapToObj(at -> "Child" + at + ",Fromtable,2023-01-01")
                        .collect(Collectors.joining("\n"));

        Element preview = file("teodor", table).page();

        assertThat(preview.select("tbody tr")).hasSize(58);
        assertThat(preview.select(".import-faults li"))
                .hasSize(12)
                .allSatisfy(fault -> assertThat(fault.text()).contains("The room has no peg mark left."));
    }

    @Test
    void rowsThatCannotBeReadAreToldOneByOneAndLeftOut() {
        Element preview = file(
                        "teodor",
                        HEADS
                                + "Nova,Fromtable,2023-05-17,Attic,,,,,,,\n"
                                + "Pim,Fromtable,2023-05-17,Pier,,,,,Somebody,,\n"
                                + "Rune,Fromtable,2023-05-17,Pier,,,,,,Rune's aunt,not an address\n"
                                + "Sol,Fromtable,31/02/2023,Pier,,,,,,,\n"
                                + "Tove,Fromtable,2023-05-17,pier,,,,,,,\n")
                .page();

        assertThat(preview.select(".import-faults li").eachText())
                .containsExactly(
                        "Row 2: Nova There is no room called “Attic”.",
                        "Row 3: Pim Nobody called “Somebody” works here.",
                        "Row 4: Rune “not an address” is not an email address.",
                        "Row 5: Sol “31/02/2023” is not a date of birth that can be read: write it like 17 May 2023 or 2023-05-17.");
        Answer added = post("teodor", pier() + "/import/rows", fields(preview, "do", "save"));
        assertThat(get("teodor", added.location()).page().select(".done").text())
                .isEqualTo("One child was added. 4 rows were left out.");
        assertThat(database.queryForObject(
                        "select allergies_asked from child where given_name = 'Tove'", Boolean.class))
                .isFalse();
    }

    @Test
    void whoeverIsThereAlreadyIsAddedOnlyWhenSomebodySaysSo() {
        String born = database.queryForObject(
                "select born_on::text from child c join room r on r.id = c.room_id where r.name = 'Pier' and given_name = 'Ines'",
                String.class);
        Element preview = file(
                        "teodor", "Child,Surname,Born\nInés,Fromtable," + born + "\nJarek,Fromtable," + born + "\n")
                .page();

        assertThat(preview.select("main h2").first().text()).isEqualTo("One child can be added");
        assertThat(preview.select("label:has([name=again])").eachText())
                .containsExactly("There is Inés with this date of birth already: add this child too");

        Element twin = post("teodor", pier() + "/import/rows", fields(preview, "again", "2", "do", "look"))
                .page();
        assertThat(twin.select("main h2").first().text()).isEqualTo("2 children can be added");
        post("teodor", pier() + "/import/rows", fields(twin, "do", "save"));
        assertThat(database.queryForObject(
                        "select count(*) from child where 'Fromtable' = any (other_names)", Integer.class))
                .isEqualTo(2);
    }

    @Test
    void columnsAreMatchedByHandWhereTheirHeadsAreNotKnown() {
        Element preview = file("teodor", "Who,Surname,Entered the world\nNova,Fromtable,3/4/2023\n")
                .page();
        assertThat(preview.select(".import-faults li").first().text()).contains("There is no first name.");

        String[] chosen = {
            "table",
            preview.select("[name=table]").text(),
            "column",
            "GIVEN_NAME",
            "column",
            "OTHER_NAMES",
            "column",
            "BORN_ON",
            "do",
            "look"
        };
        Element read = post("teodor", pier() + "/import/rows", chosen).page();
        assertThat(read.select("tbody td").first().text()).startsWith("3 April 2023");

        Element twice = post(
                        "teodor",
                        pier() + "/import/rows",
                        "table",
                        preview.select("[name=table]").text(),
                        "column",
                        "GIVEN_NAME",
                        "column",
                        "BORN_ON",
                        "column",
                        "BORN_ON",
                        "do",
                        "save")
                .page();
        assertThat(twice.select(".fault").text())
                .isEqualTo("Two columns are about “Date of birth”: choose one of them.");

        Element american = post("teodor", pier() + "/import/rows", fields(read, "order", "MONTH_FIRST", "do", "look"))
                .page();
        assertThat(american.select("tbody td").first().text()).startsWith("4 March 2023");
    }

    @Test
    void pastedCellsAreReadTooAndWhatIsNoTableIsRefused() {
        Element pasted = post(
                        "teodor", pier() + "/import", "pasted", "Child\tSurname\tBorn\nNova\tFromtable\t17 May 2023")
                .page();
        assertThat(pasted.select("tbody th").text()).contains("Nova");

        assertThat(file("teodor", "a,\"b").page().select(".fault").text())
                .isEqualTo("This file cannot be read as a table: save it as CSV or XLSX and choose it again.");
        assertThat(file("teodor", "").page().select(".fault").text()).isEqualTo("Choose a file, or paste a table.");
    }

    @Test
    void theTemplateIsReadWithoutAFault() {
        Element preview =
                file("teodor", get("teodor", pier() + "/template.csv").text()).page();

        assertThat(preview.select("main .faults")).isEmpty();
        assertThat(preview.select("tbody tr")).hasSize(2);
        assertThat(preview.select("tbody tr").get(1).text()).contains("Bram", "peanuts, kiwi", "Mon, Wed, Fri");
    }

    @Test
    void nobodyIsPutIntoARoomThatTheOneWhoBringsThemMayNotOpen() {
        Element preview = send(
                        "sunniva",
                        MockMvcRequestBuilders.multipart(HttpMethod.POST, "/rooms/" + room("Nook") + "/children/import")
                                .file(new MockMultipartFile(
                                        "file",
                                        "children.csv",
                                        "text/csv",
                                        "Child,Born,Room\nNova,2023-05-17,Loft\n".getBytes(StandardCharsets.UTF_8)))
                                .with(csrf().asHeader()))
                .page();

        assertThat(preview.select(".import-faults").text()).contains("There is no room called “Loft”.");
    }

    @Test
    void aMarkIsSwappedWithWhoeverHasItAndTheSwapCanBeTakenBack() {
        String pegs = "/rooms/" + room("Pier") + "/pegs";
        Element before = get("teodor", pegs).page();
        String inesHad =
                before.select("li:has([data-child=" + child("Ines") + "])").attr("data-mark");
        String jarekHad =
                before.select("li:has([data-child=" + child("Jarek") + "])").attr("data-mark");

        Element carrying = get("teodor", pegs + "?carry=" + child("Ines")).page();
        assertThat(carrying.select(".carrying").text()).contains("Ines gets another mark");
        post("teodor", "/children/" + child("Ines") + "/peg", "mark", jarekHad);

        Element after = get("teodor", pegs).page();
        assertThat(after.select("li:has([data-child=" + child("Ines") + "])").attr("data-mark"))
                .isEqualTo(jarekHad);
        assertThat(after.select("li:has([data-child=" + child("Jarek") + "])").attr("data-mark"))
                .isEqualTo(inesHad);
        post("teodor", after.select("#just-done form").attr("action"));
        assertThat(get("teodor", pegs)
                        .page()
                        .select("li:has([data-child=" + child("Ines") + "])")
                        .attr("data-mark"))
                .isEqualTo(inesHad);
        assertThat(post("teodor", "/children/" + child("Ines") + "/peg", "mark", "NOSUCH")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whoeverAddsSeveralChildrenGoesOnWithABlankFormAndAFreeMark() {
        Element blank = get("teodor", pier() + "/new").page();
        String mark = blank.select("[name=pegMark][checked]").val();
        assertThat(mark).isNotEmpty();

        Answer saved = post(
                "teodor",
                pier(),
                "givenName",
                "Nova",
                "otherNames",
                "Fromtable",
                "bornOn",
                "2023-05-17",
                "pegMark",
                mark,
                "days",
                "MONDAY",
                "allergiesAsked",
                "no",
                "then",
                "another");

        Element next = get("teodor", saved.location()).page();
        assertThat(next.select(".done").text()).isEqualTo("Saved. Here is the form for the next child.");
        assertThat(next.select("[name=givenName]").val()).isEmpty();
        assertThat(next.select("[name=pegMark][checked]").val()).isNotEmpty().isNotEqualTo(mark);
        assertThat(next.select("[name=pegMark]").eachAttr("value")).doesNotContain(mark);
    }
}
