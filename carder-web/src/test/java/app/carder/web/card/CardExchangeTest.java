package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class CardExchangeTest extends WebTest {

    @Test
    void anotherSettingTakesOverACardWithItsLadderStepsAndCalculations() {
        String json = get("tobias", "/cards/" + card("Painted rice for mosaics") + "/card.json")
                .text();

        var preview = preview("teodor", "Pier", json).page();

        assertThat(preview.select(".previews").text())
                .contains("Painted rice for mosaics", "Saying and pretending", "9 findings altogether");
        post(
                "teodor",
                "/rooms/" + room("Pier") + "/cards/import/cards",
                "json",
                preview.select("[name=json]").text());
        UUID taken = id("select id from card where title = 'Painted rice for mosaics' and room_id = ?", room("Pier"));
        var card = get("teodor", "/cards/" + taken).page();
        assertThat(card.select("#material-0").val()).isEqualTo("Rice, dyed and dried");
        assertThat(card.select("[name=areas][checked]").eachAttr("value")).allMatch(area -> area.startsWith("sme-"));
        assertThat(card.select(".card-tabs").text())
                .contains("Sets and mixes 1", "Easier and harder 1", "Preparation 4");
        assertThat(get("teodor", "/cards/" + taken + "/card.json").text())
                .contains("\"SIMPLER\"", "\"Glue and sprinkle\"");
    }

    @Test
    void aKitGoesWithItsCardAndIsNotMadeTwice() {
        UUID card = id("select id from card where title = 'Sorting office' and room_id = ?", room("Loft"));
        UUID kit = id("select id from kit where name = 'Wrapping kit' order by id");
        UUID before = database.queryForObject("select kit_id from card where id = ?", UUID.class, card);
        database.update("update card set kit_id = ? where id = ?", kit, card);
        String json = get("tobias", "/cards/" + card + "/card.json").text();
        database.update("update card set kit_id = ? where id = ?", before, card);
        assertThat(json).contains("\"kit\"", "Wrapping kit");

        post("teodor", "/rooms/" + room("Pier") + "/cards/import/cards", "json", json);
        String ofPier = "select count(*) from kit where setting_id = (select setting_id from room where name = 'Pier')";
        Integer kits = database.queryForObject(ofPier, Integer.class);
        post("teodor", "/rooms/" + room("Pier") + "/cards/import/cards", "json", json);

        assertThat(database.queryForObject(ofPier, Integer.class)).isEqualTo(kits);
        assertThat(database.queryForObject(
                        "select count(*) from kit_item where kit_id = (select kit_id from card"
                                + " where title = 'Sorting office' and room_id = ? limit 1)",
                        Integer.class,
                        room("Pier")))
                .isEqualTo(
                        database.queryForObject("select count(*) from kit_item where kit_id = ?", Integer.class, kit));
    }

    @Test
    void whatAKeptAnswerIsMadeOfComesWithIt() {
        String json =
                get("tobias", "/cards/" + card("Stamp dough") + "/card.json").text();

        assertThat(json).contains("\"things\"");
        post("teodor", "/rooms/" + room("Pier") + "/cards/import/cards", "json", json);
        UUID taken = id("select id from card where title = 'Stamp dough' and room_id = ?", room("Pier"));
        assertThat(get("teodor", "/cards/" + taken).page().select(".findings").text())
                .as("the flour came with it, so that it is looked at")
                .contains("flour");
    }

    @Test
    void tellsNothingOfStockAndPrices() {
        assertThat(get("tobias", "/rooms/" + room("Loft") + "/cards.json").text())
                .contains("\"carder-cards\"", "Rice, white long-grain", "density_g_per_ml")
                .doesNotContain("stock_g", "pack_price", "kept_in");
    }

    @Test
    void addsWhatTheCupboardLacksAndTakesWhatHasTheName() {
        String json = """
                {"format": "carder-cards", "version": 1, "framework": "sme",
                 "materials": [{"code": "rice-long", "name": "Spelt", "kind": "FILL", "density_g_per_ml": "0.75"},
                               {"code": "x", "name": "TOWEL", "kind": "TOOL"}],
                 "cards": [{"title": "Spelt post", "areas": ["sme-touch"], "vessel": {"shape": "BOX", "firstMm": 400, "secondMm": 300, "depthMm": 100},
                            "put": [{"material": "rice-long", "depthMm": 40}, {"material": "x", "pieces": 2}]}]}
                """;

        assertThat(preview("tobias", "Loft", json).page().select(".previews").text())
                .contains("New in the cupboard: Spelt");
        post("tobias", "/rooms/" + room("Loft") + "/cards/import/cards", "json", json);

        assertThat(get("tobias", "/cards/" + card("Spelt post"))
                        .page()
                        .select("[name=material]")
                        .eachAttr("value"))
                .startsWith("Spelt", "Towel");
        assertThat(database.queryForObject(
                        "select name from material where id = ?", String.class, material("rice-long")))
                .as("a code of another cupboard does not overwrite")
                .isEqualTo("Rice, white long-grain");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "no title | {'areas':['sme-touch']} | needs a title",
                "title too long | {'title':'LONG','areas':['sme-touch']} | Title: up to 120 letters; this has 2,001",
                "text too long | {'title':'A','words':'LONG','areas':['sme-touch']} | Words to use: up to 2,000 letters",
                "place too long | {'title':'A','place':'LONG','areas':['sme-touch']} | Place: up to 120 letters",
                "area unknown | {'title':'A','areas':['moon']} | None of its areas",
                "sense unknown | {'title':'A','areas':['sme-touch'],'senses':['SONAR']} | Sense must be one of SIGHT",
                "feature unknown | {'title':'A','areas':['sme-touch'],'features':['FIREWORKS']} | Feature must be one of",
                "unit unknown | {'title':'A','areas':['sme-touch'],'units':'STONES'} | Unit must be one of METRIC, HOUSEHOLD",
                "material unknown | {'title':'A','areas':['sme-touch'],'put':[{'material':'zz','pieces':1}]} | not described",
                "shape unknown | {'title':'A','areas':['sme-touch'],'vessel':{'shape':'CONE','depthMm':10}} | Shape must be one of BOX",
                "vessel without a measure | {'title':'A','areas':['sme-touch'],'vessel':{'shape':'BOX','firstMm':100,'depthMm':10}} | measurement of its container is missing",
                "too deep | {'title':'A','areas':['sme-touch'],'vessel':{'shape':'BOX','firstMm':100,'secondMm':100,'depthMm':10},'put':[{'material':'m','depthMm':40}]} | does not fit into its container",
                "poured without a vessel | {'title':'A','areas':['sme-touch'],'put':[{'material':'m','depthMm':40}]} | does not fit into its container",
                "neither depth nor pieces | {'title':'A','areas':['sme-touch'],'put':[{'material':'m'}]} | is poured, so it needs a depth",
                "no depth at all | {'title':'A','areas':['sme-touch'],'put':[{'material':'m','depthMm':0}]} | is poured, so it needs a depth",
                "poured by the piece | {'title':'A','areas':['sme-touch'],'put':[{'material':'m','pieces':3}]} | is poured, so it needs a depth",
                "counted by depth | {'title':'A','areas':['sme-touch'],'put':[{'material':'t','depthMm':3}]} | is counted, so it needs a number",
                "no pieces | {'title':'A','areas':['sme-touch'],'put':[{'material':'t','pieces':0}]} | Pieces must be from 1",
                "use out of range | {'title':'A','areas':['sme-touch'],'use':{'vessels':0,'spillPercent':0,'children':1,'sessionsPerFill':1,'sessionsPerYear':1}} | How many of these containers must be",
                "step unknown | {'title':'A','areas':['sme-touch'],'ladder':[{'step':'HIGHEST'}]} | Step must be one of SIMPLER",
                "step twice | {'title':'A','areas':['sme-touch'],'ladder':[{'step':'HARDER','note':'x'},{'step':'HARDER','note':'y'}]} | twice",
                "step of too much | {'title':'A','areas':['sme-touch'],'ladder':[{'step':'HARDER','amountPercent':900}]} | from 10 to 400; this says 900",
                "step takes out what is not there | {'title':'A','areas':['sme-touch'],'ladder':[{'step':'HARDER','replaced':'t'}]} | which is not on the card",
                "step measured in another way | {'title':'A','areas':['sme-touch'],'put':[{'material':'t','pieces':3}],'ladder':[{'step':'HARDER','replaced':'t','replacement':'m'}]} | measured in the same way",
                "step without a name | {'title':'A','areas':['sme-touch'],'steps':[{'name':' ','handsOnMinutes':5}]} | a name of its own",
                "two steps of one name | {'title':'A','areas':['sme-touch'],'steps':[{'name':'Dry','handsOnMinutes':5},{'name':'Dry','handsOnMinutes':5}]} | a name of its own; this says “Dry”",
                "step of no time | {'title':'A','areas':['sme-touch'],'steps':[{'name':'Dry','handsOnMinutes':0}]} | Hands-on minutes must be from 1 to 720",
                "step after itself | {'title':'A','areas':['sme-touch'],'steps':[{'name':'Dry','handsOnMinutes':5,'after':[1]}]} | Number of an earlier step",
                "step by nobody | {'title':'A','areas':['sme-touch'],'steps':[{'name':'Dry','handsOnMinutes':5,'doneBy':'GNOMES'}]} | must be one of ADULT, CHILDREN",
                "kit without a name | {'title':'A','areas':['sme-touch'],'kit':{'things':[{'material':'t','pieces':1}]}} | kit needs a name",
                "kit of nothing known | {'title':'A','areas':['sme-touch'],'kit':{'name':'K','things':[{'material':'zz','pieces':1}]}} | not described",
                "kit of too many | {'title':'A','areas':['sme-touch'],'kit':{'name':'K','things':[{'material':'t','pieces':5000}]}} | Pieces in the kit must be from 1",
                "tool unknown | {'title':'A','areas':['sme-touch'],'calculations':[{'tool':'alchemy'}]} | does not know the calculation “alchemy”"
            })
    void leavesOutACardThatIsWrongAndSaysWhy(String what, String card, String words) {
        String json = file(card.replace("LONG", "x".repeat(2001)));

        assertThat(preview("tobias", "Loft", json)
                        .page()
                        .select(".previews .fault")
                        .text())
                .contains("Left out", words.replace('\'', '"'))
                .doesNotContain("app.carder", "null");
        post("tobias", "/rooms/" + room("Loft") + "/cards/import/cards", "json", json);
        assertThat(database.queryForObject("select count(*) from card where title = 'A'", Integer.class))
                .isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "not json | not a card file",
                "{\"format\":\"other\"} | carder-cards",
                "{\"format\":\"carder-cards\",\"version\":9} | Maybe update"
            })
    void refusesAFileOfAnotherFormat(String json, String words) {
        Answer answer = preview("tobias", "Loft", json);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("#fault-file").text()).contains(words);
    }

    @Test
    void leavesOutACardOfMoreThingsThanACardMayHave() {
        String nine = "{'material':'t','pieces':1},".repeat(8) + "{'material':'t','pieces':1}";

        assertThat(preview("tobias", "Loft", file("{'title':'A','areas':['sme-touch'],'put':[" + nine + "]}"))
                        .page()
                        .select(".previews .fault")
                        .text())
                .contains("A card may have up to 8 things put out; this one has 9.");
    }

    @Test
    void takesNoControlCharactersOver() {
        String json = file("{'title':'Quiet\\u0000 post','areas':['sme-touch'],"
                + "'calculations':[{'tool':'kits','inputs':{'children':'2\\u00000'}}]}");

        post("tobias", "/rooms/" + room("Loft") + "/cards/import/cards", "json", json);

        assertThat(get("tobias", "/cards/" + card("Quiet post") + "/calculations")
                        .status())
                .isEqualTo(200);
    }

    /** A code or a name may be in the file twice, or in the cupboard under something that was taken out of it. */
    @Test
    void addsAThingOnceHoweverTheFileNamesIt() {
        UUID gone = UUID.randomUUID();
        database.update(
                "insert into material (id, setting_id, code, name, kind, description, version, retired)"
                        + " select ?, setting_id, 'teff', 'Old teff', 'FILL', description, 0, true from material where id = ?",
                gone,
                material("rice-long"));
        String json = """
                {"format": "carder-cards", "version": 1, "materials": [
                   {"code": "teff", "name": "Teff", "kind": "FILL", "density_g_per_ml": "0.8"},
                   {"code": "teff-again", "name": "TEFF", "kind": "FILL", "density_g_per_ml": "0.8"}],
                 "cards": [
                   {"title": "Teff one", "areas": ["sme-touch"], "vessel": {"shape": "ROUND_TUB", "firstMm": 400, "depthMm": 100},
                    "put": [{"material": "teff-again", "depthMm": 40}]},
                   {"title": "Teff two", "areas": ["sme-touch"], "vessel": {"shape": "ROUND_TUB", "firstMm": 400, "depthMm": 100},
                    "put": [{"material": "teff", "depthMm": 40}]}]}
                """;

        assertThat(preview("tobias", "Loft", json).page().select(".previews").text())
                .contains("New in the cupboard: Teff");
        post("tobias", "/rooms/" + room("Loft") + "/cards/import/cards", "json", json);

        for (String title : new String[] {"Teff one", "Teff two"}) {
            assertThat(get("tobias", "/cards/" + card(title))
                            .page()
                            .select("#material-0")
                            .val())
                    .isEqualTo("Teff");
        }
        assertThat(database.queryForObject("select count(*) from material where lower(name) = 'teff'", Integer.class))
                .isEqualTo(1);
    }

    private static String file(String card) {
        return "{'format':'carder-cards','version':1,'materials':[{'code':'m','name':'Millet','kind':'FILL','density_g_per_ml':'0.8'},"
                .concat("{'code':'t','name':'Towel','kind':'TOOL'}],'cards':[" + card + "]}")
                .replace('\'', '"');
    }

    private Answer preview(String username, String room, String json) {
        return send(
                username,
                MockMvcRequestBuilders.multipart("/rooms/" + room(room) + "/cards/import")
                        .file(new MockMultipartFile(
                                "file", "cards.json", "application/json", json.getBytes(StandardCharsets.UTF_8)))
                        .with(csrf().asHeader()));
    }
}
