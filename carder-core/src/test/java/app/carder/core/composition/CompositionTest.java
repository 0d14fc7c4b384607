package app.carder.core.composition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.composition.Composition.Page;
import app.carder.core.composition.Composition.Row;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CompositionTest {

    private static final List<String> SCRIPTS = List.of(
            "Poured the rice slowly along the edge of the tray and watched where it ran. ",
            "Насипав рис уздовж краю підноса й дивився, куди він котиться. ",
            "صبّت الأرز ببطء على حافة الصينية ونظرت أين يجري. ",
            "ટ્રેની કિનારે ધીમેથી ચોખા રેડ્યા. ",
            "她把米慢慢地倒在盘子的边上看它流到哪里去");

    /** Nothing is cut, nothing is lost, the order is kept: a thousand journals in five scripts on three sheets. */
    @Test
    void nothingIsCutOrLostAndTheOrderIsKept() {
        Random seeded = new Random(1981);
        for (int round = 0; round < 1000; round++) {
            Sheet sheet = List.of(Sheet.A4, Sheet.A5, Sheet.LARGE).get(round % 3);
            List<Element> elements = elements(seeded, 1 + seeded.nextInt(24));

            Composition composition = Composition.of(elements, sheet);

            Map<String, List<String>> said = new LinkedHashMap<>();
            for (Block block : composition.blocks()) {
                said.merge(block.id(), block.words(), CompositionTest::joined);
            }
            assertThat(said.keySet())
                    .containsExactlyElementsOf(
                            elements.stream().map(Element::id).toList());
            elements.forEach(element -> assertThat(said.get(element.id())).isEqualTo(element.words()));
            for (Page page : composition.pages()) {
                assertThat(height(page)).isLessThanOrEqualTo((int) sheet.height());
                for (Row row : page.rows()) {
                    assertThat(row.blocks()).hasSize(row.blocks().get(0).half() ? 2 : 1);
                }
            }
        }
    }

    @Test
    void noHeadingStandsAloneAtTheFootAndNoPartOfALongTextIsShorterThanThreeLines() {
        Random seeded = new Random(5);
        for (int round = 0; round < 100; round++) {
            List<Element> elements = new ArrayList<>();
            for (int part = 0; part < 5; part++) {
                elements.add(Element.heading("heading" + part, "What she was busy with"));
                elements.add(Element.entry("long" + part, words(seeded, 100 + seeded.nextInt(500)), seeded.nextInt(3)));
            }

            Composition composition = Composition.of(elements, Sheet.A5);

            List<Page> pages = composition.pages();
            for (Page page : pages) {
                List<Block> last = page.rows().get(page.rows().size() - 1).blocks();
                assertThat(last.get(0).layout()).isNotEqualTo(Layout.HEADING);
            }
            composition.blocks().stream()
                    .filter(block -> composition.blocks().stream()
                            .anyMatch(other -> other.id().equals(block.id()) && other.part() > 0))
                    .forEach(block -> assertThat(
                                    TextWidth.of(block.words().get(0)).lines(Sheet.A5.width() / Sheet.A5.size()))
                            .isGreaterThanOrEqualTo(3));
        }
    }

    @Test
    void shortEntriesStandSideBySideAndLongOnesAlone() {
        String brief = "Poured rice to the line and stopped.";
        Composition two = Composition.of(List.of(Element.entry("a", brief, 1), Element.entry("b", brief, 1)), Sheet.A4);
        Composition one = Composition.of(List.of(Element.entry("a", brief.repeat(25), 1)), Sheet.A4);

        assertThat(two.pages()).hasSize(1);
        assertThat(two.pages().get(0).rows()).hasSize(1);
        assertThat(two.blocks()).extracting(Block::layout).containsOnly(Layout.PHOTO_LED);
        assertThat(one.blocks()).extracting(Block::half).containsExactly(false);
    }

    @Test
    void whatSomebodyWishedIsKept() {
        Element photo = Element.entry("a", "Looked through the net.", 1);

        assertThat(Composition.of(List.of(photo.as(Layout.FULL_PAGE)), Sheet.A4).blocks())
                .extracting(Block::layout)
                .containsExactly(Layout.FULL_PAGE);
        assertThat(Composition.of(List.of(photo.as(Layout.WORDS_LED)), Sheet.A4).blocks())
                .extracting(Block::layout)
                .containsExactly(Layout.WORDS_LED);
        assertThat(Composition.of(List.of(photo.as(Layout.CHART)), Sheet.A4).blocks())
                .as("what it cannot stand in counts for nothing")
                .extracting(Block::layout)
                .containsExactly(Layout.PHOTO_LED);
    }

    @Test
    void pagesAreFewerOnALargerSheetAndMoreInLargePrint() {
        Random seeded = new Random(8);
        int a4 = 0;
        int a5 = 0;
        int large = 0;
        for (int round = 0; round < 30; round++) {
            List<Element> elements = elements(seeded, 15);
            a4 += Composition.of(elements, Sheet.A4).pages().size();
            a5 += Composition.of(elements, Sheet.A5).pages().size();
            large += Composition.of(elements, Sheet.LARGE).pages().size();
        }

        assertThat(a5).isGreaterThan(a4);
        assertThat(large).isGreaterThan(a4);
    }

    /** Against every way of laying out four entries: rows tried one by one, pages closed wherever they can be. */
    @Test
    void takesNoMorePagesThanTheFewestThatAnyWayNeeds() {
        Random seeded = new Random(11);
        for (int round = 0; round < 200; round++) {
            List<Element> elements = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                elements.add(Element.entry("e" + i, words(seeded, 10 + seeded.nextInt(90)), seeded.nextInt(3)));
            }
            int fewest = fewest(
                    elements.stream()
                            .map(element -> Shape.of(element, Sheet.A4))
                            .toList(),
                    0,
                    0);

            assertThat(Composition.of(elements, Sheet.A4).pages()).hasSizeBetween(fewest, fewest + 1);
        }
    }

    @Test
    void tellsThePageOfAnElement() {
        List<Element> elements = elements(new Random(2), 20);
        Composition composition = Composition.of(elements, Sheet.A5);

        assertThat(composition.pageOf(elements.get(0).id())).contains(1);
        assertThat(composition.pageOf(elements.get(19).id()))
                .contains(composition.pages().size());
        assertThat(composition.pageOf("nobody")).isEmpty();
        assertThat(Composition.of(List.of(), Sheet.A4).pages()).isEmpty();
    }

    @Test
    void refusesPaperWithoutRoomAndTextsThatDoNotFitTheirKind() {
        assertThatThrownBy(() -> new Sheet(20, 100, 4)).hasMessageContaining("room for ten letters");
        assertThatThrownBy(() -> new Element("a", Element.Kind.PAIR, List.of("one"), 0, Optional.empty()))
                .hasMessageContaining("cannot have 1 texts");
        assertThatThrownBy(() -> Element.entry("a", "", -1)).hasMessageContaining("0 or more");
    }

    private static int fewest(List<List<Shape>> elements, int next, int used) {
        if (next == elements.size()) {
            return used > 0 ? 1 : 0;
        }
        int best = Integer.MAX_VALUE;
        for (Shape shape : elements.get(next)) {
            if (!shape.half()) {
                best = Math.min(best, after(elements, next + 1, used, shape.height()));
            } else if (next + 1 < elements.size()) {
                for (Shape beside : elements.get(next + 1)) {
                    if (beside.half()) {
                        best = Math.min(
                                best, after(elements, next + 2, used, Math.max(shape.height(), beside.height())));
                    }
                }
            }
        }
        return best;
    }

    private static int after(List<List<Shape>> elements, int next, int used, int height) {
        int foot = used + (used == 0 ? 0 : Composition.BETWEEN) + height;
        return foot <= Sheet.A4.height() ? fewest(elements, next, foot) : 1 + fewest(elements, next, height);
    }

    private static int height(Page page) {
        return page.rows().stream().mapToInt(Row::height).sum()
                + Composition.BETWEEN * (page.rows().size() - 1);
    }

    private static List<Element> elements(Random random, int count) {
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String id = "e" + i;
            String words = words(random, random.nextInt(random.nextInt(10) == 0 ? 900 : 90));
            elements.add(
                    switch (random.nextInt(9)) {
                        case 0 -> Element.heading(id, "Then and now");
                        case 1 -> Element.pair(id, words, words(random, 40), random.nextInt(2));
                        case 2 -> Element.chart(id, "Heights of the bean");
                        case 3 -> Element.quote(id, "It is raining in my hand");
                        case 4 -> Element.box(id, words);
                        case 5 -> Element.entry(id, words, 1).as(Layout.FULL_PAGE);
                        default -> Element.entry(id, words, random.nextInt(5));
                    });
        }
        return elements;
    }

    private static String words(Random random, int words) {
        String sentence = SCRIPTS.get(random.nextInt(SCRIPTS.size()));
        StringBuilder text = new StringBuilder();
        while (text.length() < words * 6) {
            text.append(sentence, 0, random.nextInt(3) == 0 ? sentence.length() / 2 : sentence.length());
        }
        return text.toString();
    }

    private static List<String> joined(List<String> some, List<String> more) {
        List<String> joined = new ArrayList<>();
        for (int i = 0; i < some.size(); i++) {
            joined.add(some.get(i) + more.get(i));
        }
        return joined;
    }
}
