package app.carder.web.calculator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;
import org.jsoup.select.Elements;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class CalculatorTest extends WebTest {

    @TestFactory
    Stream<DynamicTest> everyToolAnswersAtOnceWithADrawingAndItsCalculation() {
        Elements tools = get("tobias", "/calculators").page().select(".tool-groups a");
        assertThat(tools)
                .hasSizeGreaterThan(20)
                .allSatisfy(tool -> assertThat(tool.select("svg.sketch")).hasSize(1));
        return tools.eachAttr("href").stream()
                .map(path -> DynamicTest.dynamicTest(path, () -> {
                    Answer answer = get("tobias", path);
                    assertThat(answer.status()).isEqualTo(200);
                    assertThat(answer.page().select("#answer svg.sketch title")).isNotEmpty();
                    assertThat(answer.page().select("#answer .calculation").text())
                            .contains("From:");
                    assertThat(answer.page().select("#answer .figures dd, #answer .verdict"))
                            .isNotEmpty();
                }));
    }

    /** What is pulled on the drawing rests at what the field says, and each of its stops can be asked for. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"slots,slots", "slots,pieces", "pattern,repeats", "line,toLine", "number-line,length", "tray-line,tray"
    })
    void theDrawingIsPulledToWhatTheFieldAsks(String tool, String field) {
        var page = get("tobias", "/calculators/" + tool).page();
        Element handle = page.select("#answer [data-handle=" + field + "]").first();
        assertThat(handle.attr("aria-valuenow"))
                .isEqualTo(page.select("[name=" + field + "]").val());
        assertThat(handle.attr("aria-label"))
                .isEqualTo(page.select("label[for=" + field + "]").text());

        List<String> values = Arrays.stream(handle.attr("data-stops").split(" "))
                .map(stop -> stop.split(",")[0])
                .toList();
        assertThat(values).hasSizeGreaterThan(10).contains(handle.attr("aria-valuenow"));
        for (String end : List.of(values.get(1), values.get(values.size() - 1))) {
            var pulled = get("tobias", "/calculators/" + tool + "?" + query(page, field, end))
                    .page();
            assertThat(pulled.select("#answer [data-handle=" + field + "]").attr("aria-valuenow"))
                    .as(end)
                    .isEqualTo(end);
        }
    }

    private static String query(Element page, String field, String value) {
        return page.select(".tool [name]").stream()
                .map(input -> input.attr("name") + "=" + (input.attr("name").equals(field) ? value : input.val()))
                .collect(Collectors.joining("&"));
    }

    /** What the core has been checked for, seen on the page: 4 kits for 20 children; the 7 is missing; 12 strips of ABB. */
    @ParameterizedTest(name = "{0}?{1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "kits | children=20&perKit=6 | Kits 4",
                "juice | cups=11&cup=150&first=65 | Fruits 26",
                "missing | from=1&to=10&present=1,2,3,4,5,6,8,9,10 | the 7",
                "pattern | unit=ABB&repeats=4&strips=3&there=A 12, B 20 | Short 4 × bead B",
                "dice | squares=10&faces=6&landing=EXACT&players=1&ending=ALL_HOME&seconds=30&attention=5 | Rounds on average 7.6",
                "line | from=Large jug&into=Jug, 1 litre&fill=Water&measured=800&toLine=500 | Stays in the jug 300 mL",
                "neck | fill=Kidney&outlet=60 | nothing called",
                "shop | currency=GBP&prices=0.37 | 1 × £0.20, 1 × £0.10, 1 × £0.05, 1 × £0.02",
                "posting | piece=Envelopes&long=170&narrow=3 | goes through",
                "number-line | marks=21&months=42&stride=40&length=300&width=150 | It does not fit"
            })
    void answers(String tool, String query, String words) {
        assertThat(get("tobias", "/calculators/" + tool + "?" + query)
                        .page()
                        .select("#answer")
                        .text()
                        .replace('\u00a0', ' '))
                .contains(words);
    }

    @ParameterizedTest(name = "{0}?{1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "kits | children=many&perKit=6 | whole number",
                "dough | recipe=cake&children=3&ball=70&units=METRIC | Choose one of them",
                "dough | recipe=dough-cooked&children=3&ball=9000&units=METRIC | a number from 20",
                "pattern | unit=AAA&repeats=4&strips=3&there= | Maybe AB, ABB or ABC?",
                "shop | currency=GBP&prices=cheap | A price must be amounts such as 1.20",
                "line | from=Large jug&into=Jug, 1 litre&fill=Water&measured=400&toLine=500 | Something must stay in the jug",
                "sorting | pile0=letters&each=4&examples=1 | for instance",
                "dye | grain=Table salt&mass=500&colours=2&tray=Baking tray | needs a size"
            })
    void saysWhatIsWrongInWords(String tool, String query, String words) {
        Answer answer = get("tobias", "/calculators/" + tool + "?" + query);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("#answer .bench-faults").text()).contains(words);
        assertThat(answer.page().select("#answer .figures")).isEmpty();
    }

    @Test
    void sendsOnlyTheAnswerWhileItIsTyped() {
        var request = MockMvcRequestBuilders.get("/calculators/kits?children=20&perKit=6")
                .header("HX-Request-Type", "partial");

        var page = send("tobias", request).page();

        assertThat(page.select("form")).isEmpty();
        assertThat(page.select("#answer").text()).contains("Kits 4");
    }

    @Test
    void switchesBetweenGramsAndCups() {
        String path = "/calculators/dough?recipe=dough-cooked&children=11&ball=70&units=";

        assertThat(get("tobias", path + "METRIC").page().select(".said thead").text())
                .contains("Weigh");
        assertThat(get("tobias", path + "HOUSEHOLD")
                        .page()
                        .select(".said tbody")
                        .text())
                .contains("cups", "%)");
    }

    /** Half a millimetre is left for the rounding of what is written into the page. */
    @Test
    void everyDrawingStaysOnItsSheet() {
        for (String path :
                get("tobias", "/calculators").page().select(".tool-groups a").eachAttr("href")) {
            for (Element drawing : get("tobias", path).page().select("#answer svg.sketch")) {
                double[] sheet = numbers(drawing.attr("viewBox"));
                assertThat(drawing.select("polygon, circle, line, text, path"))
                        .as(path)
                        .isNotEmpty();
                for (Element mark : drawing.select("polygon, circle:not(.handle circle), line, text, path")) {
                    assertThat(across(mark)).as(path + " " + mark).allMatch(x -> x >= -0.5 && x <= sheet[2] + 0.5);
                    assertThat(down(mark)).as(path + " " + mark).allMatch(y -> y >= -0.5 && y <= sheet[3] + 0.5);
                }
            }
        }
    }

    private static List<Double> across(Element mark) {
        return switch (mark.tagName()) {
            case "polygon" -> everySecond(mark.attr("points"), 0);
            case "path" -> everySecond(mark.attr("d").replaceAll("[A-Z]", " ").strip(), 0);
            case "circle" -> around(mark, "cx");
            case "line" -> List.of(number(mark, "x1"), number(mark, "x2"));
            default -> List.of(number(mark, "x"));
        };
    }

    private static List<Double> down(Element mark) {
        return switch (mark.tagName()) {
            case "polygon" -> everySecond(mark.attr("points"), 1);
            case "path" -> everySecond(mark.attr("d").replaceAll("[A-Z]", " ").strip(), 1);
            case "circle" -> around(mark, "cy");
            case "line" -> List.of(number(mark, "y1"), number(mark, "y2"));
            default -> List.of(number(mark, "y"));
        };
    }

    /** Points are written x and y in turn. */
    private static List<Double> everySecond(String points, int first) {
        double[] all = numbers(points);
        return IntStream.range(0, all.length)
                .filter(at -> at % 2 == first)
                .mapToObj(at -> all[at])
                .toList();
    }

    private static List<Double> around(Element circle, String middle) {
        return List.of(number(circle, middle) - number(circle, "r"), number(circle, middle) + number(circle, "r"));
    }

    private static double number(Element mark, String attribute) {
        return Double.parseDouble(mark.attr(attribute));
    }

    private static double[] numbers(String text) {
        return Arrays.stream(text.split("[ ,]+"))
                .mapToDouble(Double::parseDouble)
                .toArray();
    }

    @Test
    void printsTheStripAtTrueSize() {
        byte[] pdf = get(
                        "tobias",
                        "/calculators/line/strip.pdf?from=Large jug&into=Jug, 1 litre&fill=Water&measured=800&toLine=500")
                .response()
                .getContentAsByteArray();

        assertThat(Pdfs.text(pdf)).contains("Print at 100 %", "The line is 68.2 mm from the foot of the strip");
        List<Double> lines = Pdfs.linesOf(pdf, 30);
        assertThat(lines).as("top, line and foot").hasSize(3);
        assertThat(lines.get(2) - lines.get(1)).isCloseTo(68.2, within(0.2));
        assertThat(Pdfs.linesOf(pdf, 100.5))
                .as("the bar to check the print with")
                .hasSize(1);
        Pdfs.assertAccessible(pdf);
        assertThat(get("tobias", "/calculators/kits/strip.pdf?children=20&perKit=6")
                        .status())
                .isEqualTo(404);
        assertThat(get("tobias", "/calculators/alchemy").status()).isEqualTo(404);
    }

    @Test
    void aCardKeepsACalculationWithWhatWasTypedAndCalculatesItAnew() {
        UUID card = card("Letters in oats");
        String path = "/cards/" + card + "/calculations";
        String id = UUID.randomUUID().toString();
        String[] kits = {"id", id, "children", "20", "perKit", "6"};

        post("precious", path + "/new/kits", kits);
        post("precious", path + "/new/kits", kits);

        var kept = get("precious", path).page();
        assertThat(kept.select(".kept")).hasSize(1);
        assertThat(kept.select(".kept").text()).contains("Kits 4");
        assertThat(kept.select(".kept a").attr("href")).contains("children=20");
        Answer wrong = post(
                "precious", path + "/new/kits", "id", UUID.randomUUID().toString(), "children", "-1", "perKit", "6");
        assertThat(wrong.status()).isEqualTo(422);

        post("precious", path + "/" + id + "/forget");
        assertThat(get("precious", path).page().select(".kept")).isEmpty();
    }

    @Test
    void remembersCupsOnTheCard() {
        UUID card = card("Bubble post");

        assertThat(get("precious", "/cards/" + card + "/calculations")
                        .page()
                        .select(".said thead")
                        .text())
                .contains("Measure");
    }

    @Test
    void showsTheMarginOfAToolToNobodyWithoutSigningIn() {
        assertThat(send(MockMvcRequestBuilders.get("/calculators/kits").with(csrf()))
                        .status())
                .isEqualTo(302);
    }
}
