package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.List;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class ReadyCardsTest extends WebTest {

    private static final String OURS = "select count(*) from card where room_id = ?";
    private static final List<String> TAKEN = List.of("Folding cloths", "Pouring, jug to jug", "The delivery round");

    @AfterEach
    void asItWas() {
        TAKEN.forEach(title -> {
            String ids = "(select id from card where room_id = ? and title = '%s')".formatted(title);
            database.update("delete from card_ladder_step where card_id in " + ids, room("Pier"));
            database.update("delete from card_material where card_id in " + ids, room("Pier"));
            database.update("delete from card where id in " + ids, room("Pier"));
        });
    }

    private String address() {
        return "/rooms/" + room("Pier") + "/ready-cards";
    }

    private UUID taken(String title) {
        return id("select id from card where room_id = ? and title = '" + title + "'", room("Pier"));
    }

    @Test
    void aRoomIsOfferedTheDeckOfItsWayOfWorkingWithPictures() {
        Document page = get("teodor", address()).page();

        assertThat(page.select(".tiles > li")).hasSize(30);
        String picture = page.select(".tiles img").first().attr("src");
        assertThat(get("teodor", picture).text()).startsWith("<svg").contains("</svg>");
    }

    @Test
    void itIsNarrowedByAgeAndByPlace() {
        Document page =
                get("teodor", address() + "?style=FREE_FLOW&age=1&where=in").page();

        assertThat(page.select(".tiles strong").eachText())
                .contains("The sound of paper")
                .doesNotContain("Chutes and ramps", "Wrapping table");
        assertThat(page.select("#age option[selected]").text()).isEqualTo("1 year");
    }

    @Test
    void theTickedOnesAreInTheDeckWithAmountsStepsAndWordsForHome() {
        post("teodor", address(), "style", "PREPARED_ENVIRONMENT", "code", "pe-pour", "code", "pe-fold");

        Document card = get("teodor", "/cards/" + taken("Pouring, jug to jug")).page();
        assertThat(card.select("#amount-0").val()).isEqualTo("8");
        assertThat(card.select("#first").val()).isEqualTo("6.5");
        assertThat(card.select("#mightSee").text()).contains("The free hand comes to steady the jug");
        assertThat(card.select("#atHome").text()).contains("Stay beside it");
        assertThat(card.select("[name=areas][checked]").eachAttr("value")).contains("sme-hand");
        assertThat(card.select(".card-tabs").text()).contains("Easier and harder 2");
        assertThat(get("teodor", "/cards/" + taken("Pouring, jug to jug") + "/card.json")
                        .text())
                .contains("\"atHome\"");
        assertThat(get("teodor", address() + "?style=PREPARED_ENVIRONMENT")
                        .page()
                        .select("[name=code][value=pe-fold]"))
                .as("what is there cannot be ticked again")
                .isEmpty();
    }

    @Test
    void takenTwiceACardIsThereOnce() {
        Integer before = database.queryForObject(OURS, Integer.class, room("Pier"));
        for (int time = 0; time < 2; time++) {
            post("teodor", address(), "code", "pe-fold");
        }

        assertThat(database.queryForObject(OURS, Integer.class, room("Pier"))).isEqualTo(before + 1);
    }

    @Test
    void allThatIsShownIsTakenAtOnce() {
        String shown = "?style=THEMED_CENTRES&age=2&where=out";
        List<String> titles =
                get("teodor", address() + shown).page().select(".tiles strong").eachText();
        assertThat(titles).contains("The delivery round");

        Integer before = database.queryForObject(OURS, Integer.class, room("Pier"));
        post("teodor", address(), "style", "THEMED_CENTRES", "age", "2", "where", "out", "all", "true");
        assertThat(database.queryForObject(OURS, Integer.class, room("Pier"))).isEqualTo(before + titles.size());
        titles.stream().filter(title -> !TAKEN.contains(title)).forEach(title -> {
            UUID id = taken(title);
            database.update("delete from card_ladder_step where card_id = ?", id);
            database.update("delete from card_material where card_id = ?", id);
            database.update("delete from card where id = ?", id);
        });
    }

    @Test
    void oneIsOpenedAndChangedBeforeItIsSaved() {
        Document page = get("teodor", "/rooms/" + room("Pier") + "/cards/new?ready=pe-pour")
                .page();

        assertThat(page.select("#title").val()).isEqualTo("Pouring, jug to jug");
        assertThat(page.select("#material-1").val()).isEqualTo("Small jug, the second");
        assertThat(get("teodor", "/rooms/" + room("Pier") + "/cards/new?ready=no-such-card")
                        .page()
                        .select("#title")
                        .val())
                .isEmpty();
    }

    @Test
    void nothingTickedIsSaid() {
        assertThat(post("teodor", address(), "style", "FREE_FLOW")
                        .page()
                        .select(".faults")
                        .text())
                .contains("Tick at least one card.");
    }

    @Test
    void aPictureOfNoCardIsNotThere() {
        assertThat(get("teodor", address() + "/no-such-card/1.svg").status()).isEqualTo(404);
    }
}
