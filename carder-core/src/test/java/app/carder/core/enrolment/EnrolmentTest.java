package app.carder.core.enrolment;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.enrolment.Enrolled.CarerLine;
import app.carder.core.enrolment.Enrolment.Fault;
import app.carder.core.enrolment.Enrolment.Result;
import app.carder.core.material.Allergen;
import app.carder.core.safety.CareEntry;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EnrolmentTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 6);

    private static Result read(String heads, String... rows) {
        return Enrolment.read(
                Arrays.stream(rows).map(EnrolmentTest::cells).toList(),
                Headings.OF_CHILDREN.match(cells(heads)),
                TODAY,
                DayOrder.DAY_FIRST);
    }

    private static List<String> cells(String line) {
        return Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource({
        "Child's first name:, ",
        "First Name, GIVEN_NAME",
        "CHILD, GIVEN_NAME",
        "Date of Birth, BORN_ON",
        "D.O.B., BORN_ON",
        "Geburtsdatum, BORN_ON",
        "Key-Person, KEY_PERSON",
        "Parent 2 e-mail, SECOND_CARER_MAIL",
        "Shoe size, "
    })
    void aColumnIsKnownByItsHead(String head, Column column) {
        assertThat(Headings.OF_CHILDREN.match(List.of(head))).containsExactly(Optional.ofNullable(column));
    }

    @Test
    void ofTwoColumnsAboutTheSameTheFirstCounts() {
        assertThat(Headings.OF_CHILDREN.match(List.of("Child", "Name", "DOB")))
                .containsExactly(Optional.of(Column.GIVEN_NAME), Optional.empty(), Optional.of(Column.BORN_ON));
    }

    @Test
    void aRowIsAChildWithItsFamily() {
        Result read = read(
                "First name|Surname|DOB|Days|Arrives|Goes home|Allergies|Home language|Carer|Carer email|Parent 2|Parent 2 email",
                "Anouk|Example|17/05/2023|Mon, Wed–Fri|8.30|3 pm|Peanuts; kiwi; Tree nut|French|Anouk's grandfather|g@example.org|Anouk's aunt|");

        assertThat(read.faults()).isEmpty();
        Enrolled anouk = read.children().get(0);
        assertThat(anouk.line()).isEqualTo(2);
        assertThat(anouk.givenName()).isEqualTo("Anouk");
        assertThat(anouk.otherNames()).containsExactly("Example");
        assertThat(anouk.bornOn()).isEqualTo(LocalDate.of(2023, 5, 17));
        assertThat(anouk.days())
                .containsExactlyInAnyOrder(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY, DayOfWeek.THURSDAY, DayOfWeek.FRIDAY);
        assertThat(anouk.arrives()).contains(LocalTime.of(8, 30));
        assertThat(anouk.leaves()).contains(LocalTime.of(15, 0));
        assertThat(anouk.allergies().asked()).isTrue();
        assertThat(anouk.allergies().listed()).containsExactlyInAnyOrder(Allergen.PEANUTS, Allergen.TREE_NUTS);
        assertThat(anouk.allergies().others()).containsExactly(new CareEntry(CareEntry.Kind.ALLERGY, "kiwi", ""));
        assertThat(anouk.carers())
                .containsExactly(
                        new CarerLine("Anouk's grandfather", "g@example.org"), new CarerLine("Anouk's aunt", ""));
    }

    @Test
    void aWholeNameInOneCellIsTakenApartSoThatTheFamilyNameIsKeptOutOfOtherJournals() {
        assertThat(read("Name|Born", "Bram van Voorbeeld|2023-01-02").children())
                .singleElement()
                .satisfies(bram -> {
                    assertThat(bram.givenName()).isEqualTo("Bram");
                    assertThat(bram.otherNames()).containsExactly("van Voorbeeld");
                });
        assertThat(read("First name|Surname|Born", "Mary Ann|Voorbeeld|2023-01-02")
                        .children())
                .singleElement()
                .extracting(Enrolled::givenName)
                .isEqualTo("Mary Ann");
    }

    @ParameterizedTest(name = "\"{0}\": asked {1}")
    @CsvSource({"'',false", "none,true", "None known,true", "n/a,true", "No.,true", "keine,true"})
    void aBlankCellSaysThatNobodyAskedAndNeverThatThereAreNone(String cell, boolean asked) {
        Enrolled child = read("Child|Born|Allergies", "Dara|2023-05-17|" + cell)
                .children()
                .get(0);

        assertThat(child.allergies().asked()).isEqualTo(asked);
        assertThat(child.allergies().listed()).isEmpty();
        assertThat(child.allergies().others()).isEmpty();
    }

    /** What could be several allergens stays as the family wrote it, and is looked at by hand. */
    @Test
    void nutsAreNotTakenForOneKindOfNut() {
        assertThat(read("Child|Born|Allergies", "Dara|2023-05-17|nuts")
                        .children()
                        .get(0)
                        .allergies())
                .satisfies(allergies -> {
                    assertThat(allergies.listed()).isEmpty();
                    assertThat(allergies.others()).extracting(CareEntry::words).containsExactly("nuts");
                });
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "2023-05-17|2023-05-17",
                "17/5/23|2023-05-17",
                "17.05.2023|2023-05-17",
                "17th May 2023|2023-05-17",
                "17-May-23|2023-05-17",
                "17. Mai 2023|2023-05-17",
                "3/4/2023|2023-04-03",
                "2023-05-17T00:00:00|2023-05-17"
            })
    void datesAreReadAsPeopleWriteThem(String written, LocalDate day) {
        assertThat(read("Child|Born", "Dara|" + written).children())
                .singleElement()
                .extracting(Enrolled::bornOn)
                .isEqualTo(day);
    }

    @Test
    void monthsComeFirstWhereTheTableSaysSoAndOnlyDatesThatCouldBeBothDependOnIt() {
        List<Optional<Column>> columns = Headings.OF_CHILDREN.match(List.of("Child", "Born"));
        List<List<String>> both = List.of(List.of("Dara", "3/4/2023"));
        List<List<String>> clear = List.of(List.of("Dara", "17/4/2023"), List.of("Hana", "4/4/2023"));

        assertThat(Enrolment.dependsOnOrder(both, columns)).isTrue();
        assertThat(Enrolment.dependsOnOrder(clear, columns)).isFalse();
        assertThat(Enrolment.read(both, columns, TODAY, DayOrder.MONTH_FIRST)
                        .children()
                        .get(0)
                        .bornOn())
                .isEqualTo(LocalDate.of(2023, 3, 4));
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource(
            delimiter = '#',
            value = {
                "Child|Born#|2023-05-17#There is no first name.",
                "Child|Born#Dara|#There is no date of birth.",
                "Child|Born#Dara|31/02/2023#“31/02/2023” is not a date of birth that can be read: write it like 17 May 2023 or 2023-05-17.",
                "Child|Born#Dara|2027-01-01#“2027-01-01” is still to come.",
                "Child|Born#Dara|2011-01-01#“2011-01-01” is more than 8 years ago.",
                "Child|Born|Days#Dara|2023-05-17|Mon and Blue#“Mon and Blue” are not days that can be read: write them like Mon, Wed, Fri or Mon–Fri.",
                "Child|Born|From#Dara|2023-05-17|half past#“half past” is not a time that can be read: write it like 08:30.",
                "Child|Born|From|Until#Dara|2023-05-17|10:00|09:00#The child would go home before it arrives.",
                "Child|Born|Email#Dara|2023-05-17|a@example.org#a@example.org has no name beside it: whose address is it?"
            })
    void aRowThatCannotBeReadIsLeftOutAndToldWithItsLine(String heads, String row, String why) {
        Result read = read(heads, "Hana|2023-05-17", row);

        assertThat(read.children()).extracting(Enrolled::givenName).containsExactly("Hana");
        assertThat(read.faults()).singleElement().satisfies(fault -> {
            assertThat(fault.line()).isEqualTo(3);
            assertThat(fault.why().words()).isEqualTo(why);
        });
    }

    @Test
    void allThatIsWrongWithARowIsToldAtOnce() {
        assertThat(read("Child|Born|Days", "|soon|Blueday").faults())
                .extracting(Fault::line)
                .containsExactly(2, 2, 2);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Mon-Fri|1,2,3,4,5",
                "full time|1,2,3,4,5",
                "M T W Th F|1,2,3,4,5",
                "Mo, Mi und Fr|1,3,5",
                "Tuesday & Thursday|2,4",
                "Sat to Sun|6,7"
            })
    void daysAreReadAsPeopleWriteThem(String written, String days) {
        Set<DayOfWeek> read = read("Child|Born|Days", "Dara|2023-05-17|" + written)
                .children()
                .get(0)
                .days();

        assertThat(read)
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(days.split(","))
                        .map(day -> DayOfWeek.of(Integer.parseInt(day)))
                        .toList());
    }
}
