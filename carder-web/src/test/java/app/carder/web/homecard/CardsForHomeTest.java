package app.carder.web.homecard;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.Photos;
import app.carder.web.kit.WebTest;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class CardsForHomeTest extends WebTest {

    private static final String GRANDFATHER = "anouk.grandfather";

    @AfterEach
    void nothingIsLeft() {
        database.update("delete from photo where home_answer_id is not null");
        List<UUID> taken = database.queryForList(
                "select observation_id from home_answer where observation_id is not null", UUID.class);
        database.update("delete from home_answer");
        database.update("delete from home_card");
        taken.forEach(id -> {
            database.update("delete from photo where observation_id = ?", id);
            database.update("delete from observation_child where observation_id = ?", id);
            database.update("delete from observation where id = ?", id);
        });
    }

    @Test
    void onlyCardsThatMayGoHomeWithThisChildCanBeSent() {
        database.update("update child set mouthing = true where id = ?", child("Anouk"));
        Document page;
        Answer refused;
        try {
            page = get("hamish", path("Anouk")).page();
            refused = post("hamish", path("Anouk"), "card", "POUR-RICE", "carer", carer().toString());
        } finally {
            database.update("update child set mouthing = false where id = ?", child("Anouk"));
        }

        assertThat(page.select(".home-cards li.free").text()).contains("Not for this child yet: it takes small things");
        assertThat(page.select("button[value=POUR-RICE]")).isEmpty();
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select("[role=alert]").text()).contains("Choose a card that may go home");
    }

    @Test
    void aCourtOrderIsReadBeforeACardGoesHome() {
        database.update("update child set before_sending = 'Nothing to the father.' where id = ?", child("Anouk"));
        Answer unread;
        Answer read;
        try {
            unread = post("hamish", path("Anouk"), "card", "BALL-RAMP", "carer", carer().toString());
            read = post("hamish", path("Anouk"), "card", "BALL-RAMP", "carer", carer().toString(), "read", "yes");
        } finally {
            database.update("update child set before_sending = '' where id = ?", child("Anouk"));
        }

        assertThat(unread.status()).isEqualTo(422);
        assertThat(read.location()).endsWith("?sent");
    }

    @Test
    void whatComesBackIsToldOnTodayAndJoinsTheRecordIfStaffTakeItIn() {
        String card = send("BALL-RAMP");

        post(GRANDFATHER, card, "id", UUID.randomUUID().toString(), "words", "Den Ball hat sie neunmal rollen lassen.");

        assertThat(get("hamish", "/").page().text()).contains("Something came back on a home card");
        assertThat(get("hamish", "/home-cards").page().select(".home-back").text())
                .contains("Den Ball hat sie neunmal rollen lassen.", "Anouk");
        UUID answer = id("select id from home_answer");
        post("hamish", "/home-answers/" + answer + "/take-in");
        post("hamish", "/home-answers/" + answer + "/take-in");
        UUID observation = id("select observation_id from home_answer");
        Document record = get("hamish", "/observations/" + observation).page();
        assertThat(record.text()).contains("Den Ball hat sie neunmal rollen lassen.", "Anouk's grandfather");
        assertThat(database.queryForObject(
                        "select count(*) from observation where note like 'Den Ball hat%'", Integer.class))
                .isEqualTo(1);
        assertThat(get("hamish", "/").page().text()).doesNotContain("came back on a home card");
    }

    @Test
    void aPhotoFromHomeIsCleanedAndNeedsToBeOfTheOwnChildAlone() throws Exception {
        String card = send("BALL-RAMP");
        byte[] jpeg = Photos.picture("jpg", 400, 300);

        Answer unsaid = upload(card, jpeg, false);
        Answer sent = upload(card, jpeg, true);

        assertThat(unsaid.page().select("[role=alert]").text()).contains("Say who is in the photo");
        assertThat(sent.location()).endsWith("?sent#back");
        UUID answer = id("select id from home_answer");
        UUID photo = id("select id from photo where home_answer_id = ?", answer);
        assertThat(get("hamish", "/home-answers/" + answer + "/photos/" + photo).status())
                .isEqualTo(200);
        assertThat(get(GRANDFATHER, card + "/photos/" + photo).status()).isEqualTo(200);
        assertThat(get("hamish", "/photos/" + photo).status()).isEqualTo(404);
        post("hamish", "/home-answers/" + answer + "/take-in");
        assertThat(get("hamish", "/photos/" + photo).status()).isEqualTo(200);
    }

    @Test
    void whatIsHeldApartIsReadByManagersAlone() {
        String card = send("BALL-RAMP");
        post(GRANDFATHER, card, "id", UUID.randomUUID().toString(), "words", "Something that worries the reader.");
        UUID answer = id("select id from home_answer");

        post("hamish", "/home-answers/" + answer + "/apart");

        assertThat(get("hamish", "/home-cards").text()).doesNotContain("Something that worries");
        assertThat(get("hamish", path("Anouk")).text()).doesNotContain("Something that worries");
        assertThat(post("hamish", "/home-answers/" + answer + "/take-in").status())
                .isEqualTo(404);
        assertThat(post("tobias", "/home-answers/" + answer + "/seen").status()).isEqualTo(404);
        assertThat(get("imelda", "/home-cards").page().text())
                .contains("Something that worries the reader.", "Held apart by Hamish");
        assertThat(get(GRANDFATHER, card).text()).contains("Something that worries the reader.");
    }

    @Test
    void aCardIsOfTheCarerItWentToAndOfNobodyElse() {
        String card = send("BALL-RAMP");
        String username = "bram.aunt";

        assertThat(get(username, card).status()).isEqualTo(404);
        assertThat(post(username, card, "id", UUID.randomUUID().toString(), "words", "Hello.")
                        .status())
                .isEqualTo(404);
        assertThat(get(GRANDFATHER, "/family/home-cards")
                        .page()
                        .select(".pick li")
                        .text())
                .isEqualTo("Down the ramp");
    }

    @Test
    void thePrintedCardHasTwoSidesAndASquareThatLeadsToIt() throws Exception {
        String card = send("BALL-RAMP");
        UUID sent = id("select id from home_card");

        byte[] pdf = get("hamish", "/home-cards/" + sent + "/print").response().getContentAsByteArray();

        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Down the ramp", "Make it steep", "What happened", "Think of who else is there");
        }
        assertThat(card).endsWith(sent.toString());
        assertThat(get(GRANDFATHER, card).page().select("h1").text()).isEqualTo("For Anouk at home");
    }

    @Test
    void whoAsksWhyThereIsNoWritingYetIsToldFromTheOwnJournalsAlone() {
        Document page = get(GRANDFATHER, "/family/not-yet").page();
        List<String> own =
                get(GRANDFATHER, "/family").page().select("a[href^=/family/journals/]").eachAttr("href").stream()
                        .map(href -> get(GRANDFATHER, href)
                                .page()
                                .select(".reading .words")
                                .text())
                        .toList();

        assertThat(page.select(".way > li")).hasSize(6);
        assertThat(page.select(".way .seen q").eachText())
                .isNotEmpty()
                .allSatisfy(words -> assertThat(own).anyMatch(text -> text.contains(words)));
        assertThat(page.select(".way .open").text() + page.select(".way .seen").text())
                .doesNotContainPattern("\\d+ (months|years)");
        assertThat(get(GRANDFATHER, "/family/not-yet?about=READING")
                        .page()
                        .select("h1")
                        .text())
                .isEqualTo("No reading yet?");
    }

    private String send(String code) {
        post("hamish", path("Anouk"), "card", code, "carer", carer().toString());
        return "/family/home-cards/" + id("select id from home_card");
    }

    private UUID carer() {
        return id("select id from carer where name = 'Anouk''s grandfather'");
    }

    private String path(String child) {
        return "/children/" + child(child) + "/home-cards";
    }

    private Answer upload(String card, byte[] jpeg, boolean alone) {
        var request = MockMvcRequestBuilders.multipart(card)
                .file(new MockMultipartFile("photo", "ramp.jpg", "image/jpeg", jpeg))
                .param("id", UUID.randomUUID().toString())
                .param("words", "With the long board.")
                .with(SecurityMockMvcRequestPostProcessors.csrf().asHeader());
        if (alone) {
            request.param("who", "own");
        }
        return send(GRANDFATHER, request);
    }

    @Test
    void aCardGoesHomeInTheFamilysLanguageWithTheEnglishBesideIt() throws Exception {
        database.update("update carer set reads_in = 'pl' where id = ?", carer());
        try {
            String card = send("BALL-RAMP");

            Document page = get(GRANDFATHER, card).page();
            assertThat(page.select(".home-front h2").attr("lang")).isEqualTo("pl");
            assertThat(page.select(".home-front h2").text()).isEqualTo("W dół po rampie");
            assertThat(page.select(".home-front [lang=en]").text()).contains("Make it steep.");
            try (PDDocument document =
                    Loader.loadPDF(get("hamish", "/home-cards/" + id("select id from home_card") + "/print")
                            .response()
                            .getContentAsByteArray())) {
                assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("pl");
                assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " "))
                        .contains("W dół po rampie", "Proszę zostać przy dziecku", "Stay with your child")
                        .doesNotContain("#");
            }
        } finally {
            database.update("update carer set reads_in = '' where id = ?", carer());
        }
    }

    @Test
    void staffWriteUnderWhatAFamilyWroteAndItStandsOnTheCardAtHome() {
        String card = send("BALL-RAMP");
        post(GRANDFATHER, card, "id", UUID.randomUUID().toString(), "words", "She tried it twice.");
        UUID answer = id("select id from home_answer");

        post("hamish", "/home-answers/" + answer + "/words", "words", "She showed us too!");

        assertThat(get(GRANDFATHER, card).page().select(".by-staff").text())
                .contains("She showed us too!", "Hamish Vale");
        assertThat(get("hamish", path("Anouk")).page().select(".by-staff").text())
                .contains("She showed us too!");
    }

    @Test
    void aPhotoWithAnotherChildGoesIntoTheRecordOnlyOnceItIsSaidWhoThatIs() throws Exception {
        String card = send("BALL-RAMP");
        byte[] jpeg = Photos.picture("jpg", 400, 300);
        send(
                GRANDFATHER,
                MockMvcRequestBuilders.multipart(card)
                        .file(new MockMultipartFile("photo", "ramp.jpg", "image/jpeg", jpeg))
                        .param("id", UUID.randomUUID().toString())
                        .param("words", "With a cousin from the Loft.")
                        .param("who", "others")
                        .with(SecurityMockMvcRequestPostProcessors.csrf().asHeader()));
        UUID answer = id("select id from home_answer");

        Answer unsaid = post("hamish", "/home-answers/" + answer + "/take-in");
        assertThat(unsaid.location()).endsWith("?who");
        assertThat(database.queryForList("select 1 from home_answer where observation_id is not null"))
                .isEmpty();

        post(
                "hamish",
                "/home-answers/" + answer + "/take-in",
                "other",
                child("Bram").toString());
        UUID taken = id("select observation_id from home_answer");
        assertThat(database.queryForObject(
                        "select ? = any(in_photo) and ? = any(in_photo) from observation where id = ?",
                        Boolean.class,
                        child("Bram"),
                        child("Anouk"),
                        taken))
                .isTrue();
    }
}
