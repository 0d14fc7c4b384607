package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import java.util.List;
import org.junit.jupiter.api.Test;

class CardPrintTest extends WebTest {

    @Test
    void printsACardWithEverythingOnAnA5Half() {
        byte[] pdf = pdf("/cards/" + card("Painted rice for mosaics") + "/card.pdf");

        assertThat(Pdfs.pages(pdf)).isEqualTo(List.of(297L, 210L, 1L));
        assertThat(Pdfs.text(pdf))
                .contains(
                        "Painted rice for mosaics",
                        "832 g",
                        "Dye the rice (20 min, then waits 12 h)",
                        "Paint the boxes (15 min × 3")
                .contains(
                        "Put the pots where arms must cross",
                        "sprinkle, cover, gap, shiny",
                        "Simpler:",
                        "Presses with a flat hand")
                .contains("Stop for", "Dyed grain: A colour: 500 g", "not a clearance");
        Pdfs.assertAccessible(pdf);
    }

    @Test
    void saysSoWhereNoRuleSpeaks() {
        String care = database.queryForObject("select care::text from child where given_name = 'Tamsin'", String.class);
        database.update("update child set care = '[]' where given_name = 'Tamsin'");
        try {
            assertThat(Pdfs.text(pdf("/cards/" + card("Sorting office") + "/card.pdf")))
                    .contains("Nothing found by the rules. That is not a clearance");
        } finally {
            database.update("update child set care = ?::jsonb where given_name = 'Tamsin'", care);
        }
    }

    @Test
    void printsTwoCardsToASheet() {
        int cards = database.queryForObject(
                "select least(20, count(*)) from card where room_id = ?", Integer.class, room("Burrow"));

        byte[] pdf = pdf("/rooms/" + room("Burrow") + "/cards.pdf");

        assertThat(Pdfs.pages(pdf).get(2)).isEqualTo((cards + 1) / 2);
        assertThat(Pdfs.text(pdf)).contains("Down the posting tube", "Sheet parachute");
        Pdfs.assertAccessible(pdf);
    }

    @Test
    void printsLabelsForEverythingThatIsPutOut() {
        byte[] pdf = pdf("/cards/" + card("String, knots and labels") + "/labels.pdf");

        assertThat(Pdfs.text(pdf)).containsSubsequence("Small parcels, wrapped", "blocks", "Parcel string");
        Pdfs.assertAccessible(pdf);
    }

    /** 12 strings are needed, 4 more for the kit, and 8 in stock; 8.26 kg of rice and 5.5 kg in stock are three packs. */
    @Test
    void printsAShoppingListWithStrokesForWhatIsShort() {
        byte[] strings = pdf("/cards/" + card("String, knots and labels") + "/shopping.pdf");
        byte[] rice = pdf("/cards/" + card("Rice by the kilo") + "/shopping.pdf");
        byte[] nothing = pdf("/cards/" + card("Sorting office") + "/shopping.pdf");

        assertThat(Pdfs.text(strings))
                .contains("We need", "Parcel string", "8 | | | | |")
                .doesNotContain("Small parcels");
        assertThat(Pdfs.text(rice)).contains("3 × 1.00 kg | | |");
        assertThat(Pdfs.text(nothing)).contains("it is all in the cupboard");
        Pdfs.assertAccessible(rice);
    }

    private byte[] pdf(String path) {
        return get("imelda", path).response().getContentAsByteArray();
    }
}
