package app.carder.core.retention;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RecordKindTest {

    /** UK GDPR, Art. 12(3), as the regulator's guidance counts it: the corresponding date of the next month. From memory. */
    @Test
    void aRequestIsAnsweredWithinAMonth() {
        assertThat(DataRequest.due(LocalDate.of(2026, 5, 6))).isEqualTo("2026-06-06");
        assertThat(DataRequest.due(LocalDate.of(2026, 1, 31))).isEqualTo("2026-02-28");
    }

    @ParameterizedTest
    @EnumSource(RecordKind.class)
    void whereNothingIsKnownOfACountryThatIsSaid(RecordKind kind) {
        assertThat(kind.years("ENGLAND")).isPresent();
        assertThat(kind.words("SCOTLAND"))
                .contains(String.valueOf(kind.years("SCOTLAND").orElseThrow()));
        assertThat(kind.years("NEW_ZEALAND")).isEmpty();
        assertThat(kind.words("NEW_ZEALAND")).containsIgnoringCase("ask");
    }
}
