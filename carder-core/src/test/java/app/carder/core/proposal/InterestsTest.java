package app.carder.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class InterestsTest {

    @Test
    void countsChildrenWhoseWordsTheCardShares() {
        List<String> interests = List.of("weighing, knots", "ramps and things that roll", "", "stamps and labels");

        assertThat(Interests.met(interests, "Weigh the parcels on the scales")).isEqualTo(1);
        assertThat(Interests.met(interests, "A ramp for rolling parcels")).isEqualTo(1);
        assertThat(Interests.met(interests, "Stamped labels, and a knot")).isEqualTo(2);
        assertThat(Interests.met(interests, "Things that they play with"))
                .as("common words say nothing")
                .isZero();
        assertThat(Interests.met(List.of("CAFÉ"), "our cafe")).isEqualTo(1);
    }
}
