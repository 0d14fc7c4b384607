package app.carder.core.week;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StayTest {

    /** A letter is a card, a point an empty day, a dash a day on which nobody is there. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "aaaaa, a 0-4",
        "aabbb, a 0-1 b 2-4",
        "a.a.., a 0-0 a 2-2",
        "aa-aa, a 0-4",
        "a--bb, a 0-0 b 3-4",
        "-aaa-, a 1-3",
        "aa-..., a 0-1",
        "....., ''"
    })
    void daysThatFollowEachOtherAreOneStay(String week, String stays) {
        List<Optional<Character>> byDay = week.chars()
                .mapToObj(day -> day == '.' || day == '-' ? Optional.<Character>empty() : Optional.of((char) day))
                .toList();
        List<Boolean> open = week.chars().mapToObj(day -> day != '-').toList();

        assertThat(Stay.of(byDay, open, card -> card).stream()
                        .map(stay -> stay.all().get(0) + " " + stay.first() + "-" + stay.last())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(stays);
    }
}
