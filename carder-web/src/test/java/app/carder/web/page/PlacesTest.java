package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;

class PlacesTest {

    @Test
    void whoeverFindsNoPlaceIsToldAndAPlaceThatIsGivenBackIsThereAgain() {
        Places places = new Places(2, Duration.ZERO);

        assertThat(places.take()).isTrue();
        assertThat(places.take()).isTrue();
        assertThat(places.take()).as("a third").isFalse();
        places.giveBack();
        assertThat(places.take()).isTrue();
    }
}
