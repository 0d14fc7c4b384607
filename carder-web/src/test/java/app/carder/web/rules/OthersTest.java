package app.carder.web.rules;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class OthersTest extends WebTest {

    @AfterEach
    void nobodyElse() {
        database.update("delete from room_other");
    }

    private String setOut() {
        return get("tobias", "/cards/" + card("Stamp dough") + "/set-out")
                .page()
                .select(".findings")
                .text();
    }

    @Test
    void aSmallBrotherAtHomeIsLookedAtLikeTheOthersUntilHeIsNoLongerThere() {
        String before = setOut();
        UUID id = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/others",
                "otherId",
                id.toString(),
                "otherName",
                "Small Fitz",
                "other",
                "CHILD",
                "otherBorn",
                "2025-09-01",
                "otherMouths",
                "on",
                "otherWithout",
                "on");

        assertThat(before).doesNotContain("Small Fitz");
        assertThat(setOut()).contains("Small Fitz");

        post("tobias", "/rooms/" + room("Loft") + "/others/" + id + "/remove");
        assertThat(setOut()).doesNotContain("Small Fitz");
    }

    @Test
    void aDogIsToldOfWhereSomethingCouldPoisonIt() {
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/others",
                "otherId",
                UUID.randomUUID().toString(),
                "otherName",
                "Biscuit",
                "other",
                "DOG");

        assertThat(setOut()).contains("Keep away from the dog");
        assertThat(get("tobias", "/rooms/" + room("Loft") + "/rules").text()).contains("Biscuit", "dog");
    }

    @Test
    void aChildWithoutADayOfBirthIsAskedFor() {
        Answer refused = post(
                "tobias",
                "/rooms/" + room("Loft") + "/others",
                "otherId",
                UUID.randomUUID().toString(),
                "otherName",
                "Small Fitz",
                "other",
                "CHILD");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select("#fault-otherBorn, .fault").text()).isNotEmpty();
    }
}
