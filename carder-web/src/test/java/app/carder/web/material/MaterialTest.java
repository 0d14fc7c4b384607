package app.carder.web.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.Photos;
import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class MaterialTest extends WebTest {

    @Nested
    class LookingUp {
        @Test
        void findsByNamePlaceAndProperty() {
            assertThat(get("tobias", "/materials?q=RICE").page().select("h2 a").eachText())
                    .contains("Rice, white long-grain", "Rice, dyed and dried")
                    .doesNotContain("Oranges");
            assertThat(get("tobias", "/materials?q=middle shelf")
                            .page()
                            .select("h2 a")
                            .eachText())
                    .contains("Lentils, dried");
            assertThat(get("tobias", "/materials?q=swells when wet")
                            .page()
                            .select("h2 a")
                            .eachText())
                    .contains("Flax seed");
            assertThat(get("tobias", "/materials?kind=VESSEL")
                            .page()
                            .select(".kind")
                            .eachText())
                    .containsOnly("container");
            assertThat(get("tobias", "/materials?sense=SMELL")
                            .page()
                            .select("h2 a")
                            .eachText())
                    .as("what cards for smelling put out")
                    .contains("Scented letters")
                    .doesNotContain("Half pipes for chutes");
            assertThat(get("tobias", "/materials?q=unicorn").text()).contains("Nothing here has that name");
        }

        @Test
        void sendsOnlyTheRowsWhileItIsTyped() {
            var request = MockMvcRequestBuilders.get("/materials?q=jug").header("HX-Request-Type", "partial");

            assertThat(send("tobias", request).page().select("main")).isEmpty();
        }
    }

    @Nested
    class WritingDown {
        @Test
        void drawsAThingAsSomebodySaysThatItLooks() {
            UUID id = UUID.randomUUID();
            String[] rings = {
                "id",
                id.toString(),
                "name",
                "Curtain rings",
                "kind",
                "PIECES",
                "drawn_as",
                "BUTTON",
                "drawn_colour",
                "#5B7DB1"
            };

            post("tobias", "/materials", rings);

            var form = get("tobias", "/materials/" + id).page();
            assertThat(form.select("[name=drawn_as][checked]").val()).isEqualTo("BUTTON");
            assertThat(form.select("[name=drawn_colour][checked]").val()).isEqualTo("#5B7DB1");
            assertThat(form.select("[name=drawn_as]")).hasSizeGreaterThan(60);
            var picture = get("tobias", "/materials?q=curtain rings").page().select(".thing-picture svg");
            assertThat(picture.select("path[fill=#5B7DB1]")).isNotEmpty();
            assertThat(post(
                                    "tobias",
                                    "/materials",
                                    "id",
                                    UUID.randomUUID().toString(),
                                    "name",
                                    "Odd",
                                    "kind",
                                    "PIECES",
                                    "drawn_as",
                                    "dragon")
                            .text())
                    .contains("Nothing is drawn as");
            post("tobias", "/materials/" + id + "/retire");
        }

        @Test
        void addsAThingOnceAndUsesItOnACard() {
            UUID id = UUID.randomUUID();
            String[] walnut = {
                "id", id.toString(), "name", "Walnut shells", "kind", "FILL", "density_g_per_ml", "0,31", "form",
                        "grain",
                "length_mm", "38", "width_mm", "30", "thickness_mm", "18", "allergens", "TREE_NUTS", "traits",
                        "NATURAL",
                "pack_g", "500", "pack_price", "6.50", "stock_g", "1500", "kept_in", "Shed"
            };

            post("tobias", "/materials", walnut);
            post("tobias", "/materials", walnut);

            var page = get("tobias", "/materials/" + id).page();
            assertThat(page.select("#density_g_per_ml").val()).isEqualTo("0.31");
            assertThat(page.select("[name=allergens][checked]").val()).isEqualTo("TREE_NUTS");
            var margin = post(
                            "tobias",
                            "/rooms/" + room("Loft") + "/bench",
                            "shape",
                            "BOX",
                            "first",
                            "40",
                            "second",
                            "30",
                            "depth",
                            "10",
                            "material",
                            "walnut shells",
                            "amount",
                            "5")
                    .page();
            assertThat(margin.select(".finding").text()).contains("Allergen: Walnut shells", "Kofi");
            assertThat(margin.select(".use").text().replace('\u00a0', ' ')).contains("1.50 kg in stock, buy 1 pack");
        }

        @ParameterizedTest(name = "{0}: {3}")
        @CsvSource(
                delimiter = '|',
                value = {
                    "no name | name= | name | Write",
                    "taken name | name=oranges | name | is called",
                    "no kind | kind= | kind | Choose what kind",
                    "fill without weight | kind=FILL | density_g_per_ml | weight of one millilitre",
                    "vessel without shape | kind=VESSEL | vessel | needs a shape",
                    "ball without size | form=ball | length_mm | needed for that shape",
                    "pack without price | pack_pieces=10 | pack_price | belong together",
                    "two stocks | stock_g=5;stock_pieces=5 | stock_pieces | not both",
                    "not a number | opening_mm=wide | opening_mm | a number from 0",
                    "half a pack | pack_pieces=2.5;pack_price=1 | name | whole number"
                })
        void saysWhatIsWrongBesideTheField(String what, String fields, String field, String words) {
            java.util.Map<String, String> typed =
                    new java.util.LinkedHashMap<>(java.util.Map.of("name", "Odd thing", "kind", "PIECES"));
            for (String pair : fields.split(";")) {
                typed.put(pair.substring(0, pair.indexOf('=')), pair.substring(pair.indexOf('=') + 1));
            }
            typed.put("id", UUID.randomUUID().toString());
            String[] request = typed.entrySet().stream()
                    .flatMap(e -> java.util.stream.Stream.of(e.getKey(), e.getValue()))
                    .toArray(String[]::new);

            Answer answer = post("tobias", "/materials", request);

            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.page()
                            .select("[role=alert] a[href=#" + field + "]")
                            .text())
                    .contains(words);
        }

        @Test
        void losesNothingWhenTwoPeopleWriteAtOnce() {
            UUID id = material("oats");
            var opened = get("tobias", "/materials/" + id).page();
            post("hamish", "/materials/" + id + "/stock", "stock", "650");

            Answer second = post(
                    "tobias",
                    "/materials/" + id,
                    "version",
                    opened.select("[name=version]").val(),
                    "name",
                    "Oats, rolled",
                    "kind",
                    "FILL",
                    "density_g_per_ml",
                    "0.34");

            assertThat(second.status()).isEqualTo(409);
            assertThat(second.page().select("#name").val()).isEqualTo("Oats, rolled");
        }

        @Test
        void countsStockInGramsOrWholePieces() {
            post("tobias", "/materials/" + material("lentils") + "/stock", "stock", "1250.5");
            assertThat(database.queryForObject(
                            "select stock_mg from material where id = ?", Long.class, material("lentils")))
                    .isEqualTo(1_250_500);

            Answer half = post("tobias", "/materials/" + material("envelopes") + "/stock", "stock", "12.5");

            assertThat(half.status()).isEqualTo(422);
            assertThat(half.text()).contains("whole pieces").contains("12.5");
        }

        @Test
        void oneMoreAndOneLessAreCountedInPacksOrPieces() {
            UUID lentils = material("lentils");
            UUID envelopes = material("envelopes");
            post("tobias", "/materials/" + lentils + "/stock", "stock", "300");
            post("tobias", "/materials/" + envelopes + "/stock", "stock", "1");

            post("tobias", "/materials/" + lentils + "/stock", "stock", "300", "step", "more");
            post("tobias", "/materials/" + envelopes + "/stock", "stock", "1", "step", "less");
            post("tobias", "/materials/" + envelopes + "/stock", "stock", "0", "step", "less");

            assertThat(database.queryForObject("select stock_mg from material where id = ?", Long.class, lentils))
                    .as("a pack of 500 g more")
                    .isEqualTo(800_000);
            assertThat(database.queryForObject(
                            "select stock_pieces from material where id = ?", Integer.class, envelopes))
                    .as("never less than nothing")
                    .isZero();
            post("tobias", "/materials/" + envelopes + "/stock", "stock", "40");
        }

        @Test
        void aLabelToFeelIsOfLinesAlone() {
            Answer label = get("tobias", "/materials/" + material("wooden-scoops") + "/relief.svg");

            assertThat(label.response().getContentType()).startsWith("image/svg+xml");
            assertThat(label.text())
                    .contains("Wooden scoops")
                    .contains("<path d=\"M")
                    .doesNotContain("#C79B63");
        }

        @Test
        void theCupboardIsFilteredByAllergenAndHazardAndShowsEachThing() {
            var page = get("tobias", "/materials?allergen=GLUTEN_CEREALS&hazard=RAW_FLOUR")
                    .page();

            assertThat(page.select(".cupboard > li h2 a").eachText())
                    .contains("Wheat flour", "Semolina")
                    .doesNotContain("Rolled oats");
            assertThat(page.select(".cupboard > li .thing-picture svg path")).isNotEmpty();
            assertThat(page.select("#hazard option[selected]").val()).isEqualTo("RAW_FLOUR");
        }

        @Test
        void goesBackToWhatWasSearchedUnlessThatIsTooLongForAnAddress() {
            String counted = "/materials/" + material("lentils") + "/stock";

            assertThat(post("tobias", counted, "stock", "900", "q", "red lentils")
                            .location())
                    .startsWith("/materials?q=red+lentils#m-");
            assertThat(post("tobias", counted, "stock", "900", "q", "x".repeat(20_000))
                            .location())
                    .startsWith("/materials#m-");
        }

        @Test
        void keepsOnTheCardWhatIsTakenOutOfTheCupboard() {
            UUID stamps = material("wooden-stamps");

            post("tobias", "/materials/" + stamps + "/retire");

            assertThat(get("tobias", "/materials?q=printing stamps").text()).contains("Nothing here");
            assertThat(get("precious", "/cards/" + card("Stamp printing"))
                            .page()
                            .select("#material-0")
                            .val())
                    .isEqualTo("Wooden printing stamps, square");
            database.update("update material set retired = false where id = ?", stamps);
        }
    }

    @Nested
    class AsAFile {
        @Test
        void comesBackTheSame() {
            String csv = get("tobias", "/materials/cupboard.csv").text();
            String json = get("tobias", "/materials/cupboard.json").text();

            assertThat(preview("cupboard.csv", csv)
                            .page()
                            .select(".log tbody td:nth-child(3)")
                            .eachText())
                    .hasSizeGreaterThan(150)
                    .containsOnly("stays as it is");
            assertThat(preview("cupboard.json", json)
                            .page()
                            .select(".log tbody td:nth-child(3)")
                            .eachText())
                    .containsOnly("stays as it is");
        }

        @Test
        void showsEveryRowBeforeItWritesAny() {
            String table = "code,name,kind,density_g_per_ml,stock_g\n"
                    + "new-1,Buckwheat,fill,0.72,900\n"
                    + "bad-1,Sugar cubes,fill,,\n"
                    + "bad-2,Oranges,pieces,,\n";

            var page = preview("mine.csv", table).page();

            assertThat(page.select(".import-faults li").eachText())
                    .hasSize(2)
                    .anyMatch(fault -> fault.startsWith("Line 3 Sugar cubes") && fault.contains("density"))
                    .anyMatch(fault -> fault.contains("Oranges") && fault.contains("already has this name"));
            assertThat(database.queryForObject("select count(*) from material where name = 'Buckwheat'", Integer.class))
                    .isZero();

            post(
                    "tobias",
                    "/materials/import/rows",
                    "table",
                    page.select("[name=table]").text());

            assertThat(database.queryForObject("select stock_mg from material where name = 'Buckwheat'", Long.class))
                    .isEqualTo(900_000);
        }

        @Test
        void refusesWhatIsNoTable() {
            assertThat(preview("empty.csv", "").status()).isEqualTo(422);
            assertThat(preview("photo.csv", "\u00ff\u00d8").text()).contains("The first row must name the columns");
            assertThat(preview("other.json", "{\"format\": \"else\"}").text()).contains("carder-cupboard");
            assertThat(preview("broken.json", "{\"format\": ").text()).contains("This is not JSON");
            assertThat(send("tobias", upload(new MockMultipartFile("file", "latin.csv", "text/csv", new byte[] {
                                (byte) 0xe9, ','
                            })))
                            .text())
                    .contains("not in UTF-8");
        }

        @Test
        void hasATemplateThatCanBeReadBack() {
            assertThat(preview("t.csv", get("tobias", "/materials/template.csv").text())
                            .page()
                            .select(".log tbody tr"))
                    .hasSize(3);
        }

        private Answer preview(String name, String content) {
            return send(
                    "tobias",
                    upload(new MockMultipartFile("file", name, "text/csv", content.getBytes(StandardCharsets.UTF_8))));
        }

        private org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder upload(
                MockMultipartFile file) {
            return (org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder)
                    MockMvcRequestBuilders.multipart("/materials/import")
                            .file(file)
                            .with(csrf().asHeader());
        }
    }

    @Test
    void proposesWhatCanStandInForTheChildrenOfARoom() {
        String path = "/materials/" + material("wooden-balls-50") + "/substitutes?room=";

        assertThat(get("marguerite", path + room("Burrow"))
                        .page()
                        .select(".substitutes strong")
                        .eachText())
                .isNotEmpty()
                .doesNotContain("Light balls, 42 mm", "Wooden balls, 30 mm");
        // Yusuf mouths things: whatever grain stands in would be held as well, and the page says why.
        assertThat(get("tobias", "/materials/" + material("rice-long") + "/substitutes")
                        .page()
                        .select("main")
                        .text())
                .contains("Nothing in the cupboard can replace it")
                .contains("Left out, and why", "Rice, white medium-grain", "Loose grain and mouthing");
        assertThat(get("tobias", "/materials/" + material("paper-sheets") + "/substitutes")
                        .page()
                        .select(".substitutes, .empty")
                        .text())
                .isNotBlank();
    }

    @Test
    void aPhotoOfAThingStandsForItsDrawingInTheCupboardAndOnLabels() {
        UUID string = material("parcel-string");
        String page = "/materials/" + string;
        String labels = "/cards/" + card("String, knots and labels") + "/labels.pdf";
        int drawn = Pdfs.pictures(pdf(labels));

        assertThat(photo(string, new byte[0]).page().select(".fault").text()).contains("Choose a photo first.");
        assertThat(photo(string, Photos.picture("png", 400, 300)).location()).isEqualTo(page + "?saved");

        var item = get("tobias", "/materials?q=parcel").page().select("#m-" + string);
        assertThat(item.select(".thing-picture img")).hasSize(1);
        assertThat(item.select(".thing-picture svg")).isEmpty();
        assertThat(get("teodor", item.select("img").attr("src")).status()).isEqualTo(404);
        assertThat(Pdfs.pictures(pdf(labels))).isEqualTo(drawn + 1);

        post("tobias", page + "/photo/remove");
        var removed = get("tobias", page).page();
        assertThat(removed.select(".thing-picture svg")).hasSize(1);
        post("tobias", removed.select("#just-done form").attr("action"));
        assertThat(get("tobias", page).page().select(".thing-picture img")).hasSize(1);
        post("tobias", page + "/photo/remove");
    }

    private byte[] pdf(String path) {
        return get("tobias", path).response().getContentAsByteArray();
    }

    private Answer photo(UUID thing, byte[] file) {
        return send(
                "tobias",
                MockMvcRequestBuilders.multipart(HttpMethod.POST, "/materials/" + thing + "/photo")
                        .file(new MockMultipartFile("photo", "photo.png", "image/png", file))
                        .with(csrf().asHeader()));
    }
}
