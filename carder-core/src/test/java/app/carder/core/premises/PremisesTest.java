package app.carder.core.premises;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PremisesTest {

    @Test
    void theDayOfANurseryIsWhatPractitionersUsuallyBeginWith() {
        assertThat(UsualDay.of(LocalTime.of(8, 0), LocalTime.of(16, 30)))
                .extracting(session -> session.name() + " " + session.startsAt() + "-" + session.endsAt())
                .containsExactly(
                        "Arrival 08:00-09:00",
                        "Free play 09:00-11:30",
                        "Lunch 11:30-12:30",
                        "Rest 12:30-13:30",
                        "Free play 13:30-15:30",
                        "Outdoors 15:30-16:30");
    }

    @Test
    void aMorningHasNoMealAndKeepsItsPlayWhole() {
        assertThat(UsualDay.of(LocalTime.of(9, 0), LocalTime.of(12, 0)))
                .extracting(session -> session.name() + " " + session.startsAt() + "-" + session.endsAt())
                .containsExactly("Arrival 09:00-09:15", "Free play 09:15-11:30", "Outdoors 11:30-12:00");
    }

    /** Every opening from six in the morning to one in the afternoon, for one to thirteen hours, by the quarter. */
    @Test
    void whateverTheHoursSessionsFollowEachOtherFromOpeningToClosing() {
        for (int opens = 6 * 60; opens <= 13 * 60; opens += 15) {
            for (int length = 60; length <= 13 * 60 && opens + length < 24 * 60; length += 15) {
                LocalTime from = LocalTime.ofSecondOfDay(opens * 60L);
                LocalTime until = from.plusMinutes(length);
                List<Session> day = UsualDay.of(from, until);

                assertThat(day.get(0).startsAt()).isEqualTo(from);
                assertThat(day.get(day.size() - 1).endsAt()).isEqualTo(until);
                for (int at = 0; at < day.size(); at++) {
                    assertThat(day.get(at).endsAt())
                            .as(from + "-" + until)
                            .isAfter(day.get(at).startsAt());
                    if (at > 0) {
                        assertThat(day.get(at).startsAt())
                                .isEqualTo(day.get(at - 1).endsAt());
                    }
                }
                assertThat(day).as(from + "-" + until).anyMatch(session -> session.kind() == Kind.PROTECTED_PLAY);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(SettingKind.class)
    void everyCountryHasAFrameworkThatShipsAndARuleForEveryKindOfPlace(SettingKind kind) {
        assertThat(Country.shipped()).hasSizeGreaterThan(10).allSatisfy(country -> {
            assertThat(FrameworkLibrary.shipped().all())
                    .extracting(Framework::code)
                    .contains(country.framework());
            assertThat(country.ratio(kind)).isNotNull();
            assertThat(country.words()).isNotBlank();
        });
    }

    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource({
        "ENGLAND, NURSERY, ENGLAND",
        "ENGLAND, CHILDMINDER, CHILDMINDER_ENGLAND",
        "IRELAND, PRE_SCHOOL, IRELAND_SESSIONAL",
        "NEW_ZEALAND, PRE_SCHOOL, NEW_ZEALAND_SESSIONAL",
        "GERMANY, NURSERY, ELSEWHERE",
        "NORTHERN_IRELAND, CHILDMINDER, ELSEWHERE"
    })
    void aRoomBeginsWithTheRuleOfItsCountryAndWithTheStrictestWhereNoneIsHeld(
            String country, SettingKind kind, String rule) {
        assertThat(Country.byCode(country).orElseThrow().ratio(kind).code()).isEqualTo(rule);
    }

    @Test
    void aPlaceIsOpenOnSomeDayAndForAnHourAtLeast() {
        LocalTime nine = LocalTime.of(9, 0);
        assertThatThrownBy(() -> new Premises(SettingKind.FAMILY, "WALES", Set.of(), nine, nine.plusHours(3)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() ->
                        new Premises(SettingKind.FAMILY, "WALES", Set.of(DayOfWeek.SUNDAY), nine, nine.plusMinutes(59)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
