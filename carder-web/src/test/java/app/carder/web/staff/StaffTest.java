package app.carder.web.staff;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import org.junit.jupiter.api.Test;

class StaffTest extends WebTest {

    @Test
    void makesAnAccountThatCanSignInToItsRoom() {
        String loft = room("Loft").toString();

        Answer made = post(
                "imelda", "/staff",
                "staffName", "Bronagh Keane",
                "username", "bronagh.loft",
                "password", "parcels-and-post",
                "role", "PRACTITIONER",
                "room", loft);

        assertThat(made.location()).isEqualTo("/staff?made");
        assertThat(get("bronagh.loft", "/plan").location()).isEqualTo("/rooms/" + loft + "/cards");
        assertThat(get("bronagh.loft", "/staff").status()).isEqualTo(403);
    }

    @Test
    void saysWhatIsWrongAndNeverMakesACarerOrASecondOfOneName() {
        Answer answer =
                post("imelda", "/staff", "staffName", "", "username", "TEODOR", "password", "short", "role", "CARER");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("[role=alert] li").eachText())
                .anyMatch(text -> text.contains("The name is missing"))
                .anyMatch(text -> text.contains("signs in as \u201cTEODOR\u201d already"))
                .anyMatch(text -> text.contains("10 characters"))
                .anyMatch(text -> text.contains("Choose a role"))
                .anyMatch(text -> text.contains("Choose a room"));
        assertThat(answer.page().select("#password").val()).isEmpty();
    }
}
