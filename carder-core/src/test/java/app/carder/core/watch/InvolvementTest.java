package app.carder.core.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class InvolvementTest {

    @Test
    void findsEveryLevelByItsNumberAndNoOther() {
        for (Involvement involvement : Involvement.values()) {
            assertThat(Involvement.ofLevel(involvement.level())).isEqualTo(involvement);
            assertThat(involvement.signs()).endsWith(".");
        }
        assertThatThrownBy(() -> Involvement.ofLevel(6)).hasMessageContaining("1 to 5");
    }
}
