package app.carder.core.ratio;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.ratio.Staffing.AdultHours;
import app.carder.core.ratio.Staffing.ChildHours;
import app.carder.core.ratio.Staffing.Stretch;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RatioTest {

    private static List<Integer> ages(int underTwo, int two, int older) {
        List<Integer> ages = new ArrayList<>(Collections.nCopies(underTwo, 20));
        ages.addAll(Collections.nCopies(two, 30));
        ages.addAll(Collections.nCopies(older, 40));
        return ages;
    }

    private static RatioRule rule(String code) {
        return RatioRule.byCode(code).orElseThrow();
    }

    /** Single-age rooms of 7, 11 and 19 need 3, 3 and 3 (worked from EYFS figures, from memory); then the edges of other rules. */
    @ParameterizedTest
    @CsvSource({
        "ENGLAND, 7, 0, 0, 3",
        "ENGLAND, 0, 11, 0, 3",
        "ENGLAND, 0, 0, 19, 3",
        "ENGLAND, 0, 0, 0, 0",
        "ENGLAND, 0, 0, 8, 1",
        "ENGLAND, 0, 0, 9, 2",
        "ENGLAND_TEACHER, 0, 0, 13, 2",
        "ENGLAND_TEACHER, 0, 0, 27, 3",
        "AUSTRALIA_NSW, 0, 0, 11, 2",
        "AUSTRALIA, 0, 0, 11, 1",
        "AUSTRALIA_VIC, 0, 5, 0, 2",
        "WALES, 0, 5, 0, 2",
        "SCOTLAND_SHORT, 0, 0, 10, 1",
        "AUSTRALIA, 4, 0, 0, 1",
        "NEW_ZEALAND_ALL_DAY, 0, 0, 6, 1",
        "NEW_ZEALAND_ALL_DAY, 0, 0, 7, 2",
        "NEW_ZEALAND_ALL_DAY, 0, 0, 30, 3",
        "NEW_ZEALAND_ALL_DAY, 0, 0, 31, 4",
        "NEW_ZEALAND_ALL_DAY, 0, 0, 41, 5",
        "NEW_ZEALAND_SESSIONAL, 5, 0, 30, 3"
    })
    void countsTheAdultsForAGroup(String code, int underTwo, int two, int older, int adults) {
        assertThat(rule(code).need(ages(underTwo, two, older)).adults()).isEqualTo(adults);
    }

    /** 2/5 + 4/8 = 0.9: one adult; each age by itself would take two. */
    @Test
    void addsThePartsOfMixedAgesAndSaysWhatRoundingEachWouldTake() {
        RatioRule.Need need = rule("ENGLAND").need(ages(0, 2, 4));

        assertThat(need.adults()).isEqualTo(1);
        assertThat(need.adultsByBand()).isEqualTo(2);
        assertThat(need.calculation().steps())
                .extracting(step -> step.arithmetic())
                .contains("2/5 + 4/8 = 0.90");
    }

    /** 1/3 + 10/5 + 16/8 + 2/3 is five exactly: no floating point may make it six. */
    @Test
    void doesNotAskForAnAdultTooManyWhereThePartsAddUpExactly() {
        assertThat(rule("ENGLAND").need(ages(3, 10, 16)).adults()).isEqualTo(5);
        assertThat(rule("USA_RECOMMENDED")
                        .need(List.of(5, 5, 5, 20, 20, 20, 20, 40, 40, 40, 40, 40, 40, 40))
                        .adults())
                .isEqualTo(3);
    }

    @Test
    void everyShippedRuleHoldsFromBirthToSchoolWithoutGaps() {
        assertThat(RatioRule.shipped())
                .hasSizeGreaterThanOrEqualTo(20)
                .filteredOn(rule -> rule.caps().isEmpty())
                .allSatisfy(rule -> {
                    assertThat(rule.bands().get(0).fromMonths()).isZero();
                    for (int at = 1; at < rule.bands().size(); at++) {
                        assertThat(rule.bands().get(at).fromMonths())
                                .as(rule.code())
                                .isEqualTo(rule.bands().get(at - 1).toMonths());
                    }
                    assertThat(rule.need(Collections.nCopies(12, 66)).adults()).isPositive();
                });
    }

    /** 7 under two, 11 of two, 19 older: 24.5 + 27.5 + 43.7 = 95.7 m² (EYFS figures, from memory). */
    @Test
    void addsUpTheFloor() {
        FloorSpace space = FloorSpace.of(rule("ENGLAND"), ages(7, 11, 19));

        assertThat(space.squareMetres()).isEqualByComparingTo("95.7");
        assertThat(space.mostPerChild()).isEqualByComparingTo("3.5");
        assertThat(space.calculation().steps()).hasSize(3);
    }

    /** M1 of the figures: 10 children of 20 months take 35 m² in England and 37 m² in Scotland, Wales and Northern Ireland. */
    @ParameterizedTest
    @CsvSource({
        "ENGLAND, 35.0",
        "SCOTLAND, 37.0",
        "WALES, 37.0",
        "NORTHERN_IRELAND, 37.0",
        "AUSTRALIA_VIC, 32.5",
        "NEW_ZEALAND_ALL_DAY, 25.0",
        "ELSEWHERE, 46.0"
    })
    void takesTheFloorOfThePlace(String code, String squareMetres) {
        FloorSpace space = FloorSpace.of(rule(code), ages(10, 0, 0));

        assertThat(space.squareMetres()).isEqualByComparingTo(squareMetres);
        assertThat(space.source().name().words()).contains("not counted");
    }

    /** EYFS for childminders, from memory: six under eight, of those three young children, of those one under one. */
    @ParameterizedTest
    @CsvSource({
        "'8', 1",
        "'8 20 40', 1",
        "'8 20 40 50', 2",
        "'8 9', 2",
        "'20 40 50 80 85 90', 1",
        "'20 40 50 80 85 90 92', 2",
        "'', 0"
    })
    void aChildmindersCapsEachDecide(String months, int adults) {
        List<Integer> all = months.isEmpty()
                ? List.of()
                : java.util.Arrays.stream(months.split(" "))
                        .map(Integer::valueOf)
                        .toList();

        assertThat(rule("CHILDMINDER_ENGLAND").need(all).adults()).isEqualTo(adults);
    }

    @Test
    void whatTheTableDoesNotHoldIsSaidAndIsAsStrictAsTheStrictestThatItHolds() {
        for (String code : List.of("IRELAND_CHILDMINDER", "ELSEWHERE")) {
            RatioRule unknown = rule(code);

            assertThat(String.join(" ", unknown.saidWithIt())).contains("Look");
            for (RatioRule held : RatioRule.shipped()) {
                for (int months = 0; months < 96; months++) {
                    int children = 20;
                    if (held.caps().isEmpty()) {
                        assertThat(unknown.need(Collections.nCopies(children, months))
                                        .adults())
                                .as("%s against %s at %d months", code, held.code(), months)
                                .isGreaterThanOrEqualTo(held.need(Collections.nCopies(children, months))
                                        .adults());
                    }
                }
            }
        }
    }

    @Test
    void everyRuleSaysWhatItPresumesAndHowItWasChecked() {
        assertThat(RatioRule.shipped()).allSatisfy(rule -> {
            assertThat(rule.terms().presumes()).isNotBlank();
            assertThat(rule.terms().checked().words()).isNotBlank();
            assertThat(FloorSpace.of(rule, ages(1, 1, 1)).squareMetres()).isPositive();
        });
        assertThat(String.join(" ", rule("ENGLAND_TEACHER").saidWithIt())).contains("level 3");
    }

    @Test
    void namesTheMinuteInWhichAdultsAreMissing() {
        List<ChildHours> children = new ArrayList<>();
        for (int child = 0; child < 9; child++) {
            children.add(
                    new ChildHours(40, LocalTime.of(8, 0), child == 8 ? LocalTime.of(13, 0) : LocalTime.of(16, 0)));
        }
        Staffing day = Staffing.of(
                rule("ENGLAND"),
                children,
                List.of(
                        new AdultHours("Tobias", LocalTime.of(7, 45), LocalTime.of(16, 0)),
                        new AdultHours("Hamish", LocalTime.of(8, 0), LocalTime.of(12, 40)),
                        new AdultHours("Hamish", LocalTime.of(13, 10), LocalTime.of(15, 0))));

        assertThat(day.shortfalls())
                .containsExactly(new Stretch(LocalTime.of(12, 40), LocalTime.of(13, 0), 9, List.of("Tobias"), 2));
        assertThat(day.shortfalls(LocalTime.of(9, 0), LocalTime.of(12, 40))).isEmpty();
        assertThat(day.at(LocalTime.of(14, 0)).orElseThrow().missing()).isZero();
        assertThat(day.at(LocalTime.of(16, 0))).isEmpty();
        assertThat(day.spare(LocalTime.of(9, 0), LocalTime.of(11, 0))).isZero();
        assertThat(day.spare(LocalTime.of(13, 10), LocalTime.of(15, 0))).isEqualTo(1);
        assertThat(day.fewestAdults(LocalTime.of(12, 0), LocalTime.of(14, 0))).isEqualTo(1);
    }

    @Test
    void oneShortfallThatLastsIsToldOnce() {
        Staffing day = Staffing.of(
                rule("ENGLAND"),
                List.of(
                        new ChildHours(20, LocalTime.of(8, 0), LocalTime.of(12, 0)),
                        new ChildHours(20, LocalTime.of(9, 0), LocalTime.of(11, 0))),
                List.of());

        assertThat(day.shortfalls()).singleElement().satisfies(stretch -> {
            assertThat(stretch.from()).isEqualTo(LocalTime.of(8, 0));
            assertThat(stretch.until()).isEqualTo(LocalTime.of(12, 0));
            assertThat(stretch.missing()).isEqualTo(1);
        });
    }
}
