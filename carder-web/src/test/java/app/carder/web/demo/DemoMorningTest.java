package app.carder.web.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class DemoMorningTest extends WebTest {

    @Autowired
    private DemoData data;

    @AfterEach
    void asItWas() {
        database.update("delete from set_out where on_day > '2026-05-06'");
        database.update("delete from attendance where on_day > '2026-05-06'");
    }

    /** The demo is started again on the next day: what was out is out, and the children came. */
    @Test
    void onAnotherDayTheRoomsHaveBegun() {
        List<String> out =
                get("tobias", "/").page().select("article.deck-card h3").eachText();
        assertThat(out).isNotEmpty();
        clock.advance(Duration.ofDays(1));
        assertThat(get("tobias", "/").page().select("article.deck-card h3").eachText())
                .isEmpty();

        data.makeIfEmpty();

        assertThat(get("tobias", "/").page().select("article.deck-card h3").eachText())
                .containsExactlyInAnyOrderElementsOf(out);
        assertThat(database.queryForObject(
                        "select count(*) from attendance where on_day = '2026-05-07' and room_id = ?",
                        Integer.class,
                        room("Loft")))
                .isPositive();
        Integer before = database.queryForObject("select count(*) from set_out", Integer.class);
        data.makeIfEmpty();
        assertThat(database.queryForObject("select count(*) from set_out", Integer.class))
                .as("once a day")
                .isEqualTo(before);
    }
}
