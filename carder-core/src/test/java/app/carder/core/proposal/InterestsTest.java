package app.carder.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class InterestsTest {

    @Test
    void namesChildrenWhoseWordsTheCardShares() {
        Map<String, String> interests = Map.of(
                "Anouk",
                "weighing, knots",
                "Bram",
                "ramps and things that roll",
                "Zoe",
                "",
                "Kofi",
                "stamps and labels");

        assertThat(Interests.met(interests, "Weigh the parcels on the scales")).containsExactly("Anouk");
        assertThat(Interests.met(interests, "A ramp for rolling parcels")).containsExactly("Bram");
        assertThat(Interests.met(interests, "Stamped labels, and a knot")).containsExactlyInAnyOrder("Anouk", "Kofi");
        assertThat(Interests.met(interests, "Things that they play with"))
                .as("common words say nothing")
                .isEmpty();
        assertThat(Interests.met(Map.of("Bram", "CAFÉ"), "our cafe")).hasSize(1);
    }
}
