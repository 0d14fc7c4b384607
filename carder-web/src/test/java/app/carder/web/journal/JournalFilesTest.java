package app.carder.web.journal;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.core.said.Catalogue;
import app.carder.web.children.PegMark;
import app.carder.web.journal.JournalSheet.Counted;
import app.carder.web.journal.JournalSheet.Entry;
import app.carder.web.journal.JournalSheet.Photo;
import app.carder.web.journal.JournalSheet.Piece;
import app.carder.web.journal.JournalSheet.Section;
import app.carder.web.kit.WebTest;
import app.carder.web.setting.SettingId;
import com.adobe.epubcheck.api.EpubCheck;
import com.adobe.epubcheck.util.WriterReportImpl;
import java.io.ByteArrayInputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.xml.transform.TransformerFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.ValidationResult;

class JournalFilesTest extends WebTest {

    private static final String STYLE_SHEETS = "javax.xml.transform.TransformerFactory";

    /** Letters of five scripts that the fonts draw. */
    private static final List<String> SCRIPTS = List.of(
            "Poured the rice slowly along the edge of the tray and watched where it ran. ",
            "Насипала рис уздовж краю таці й дивилася, куди він котиться. ",
            "صبّت الأرز ببطء على حافة الصينية ونظرت أين يجري. ",
            "שפכה את האורז לאט על שפת המגש והסתכלה. ",
            "Έριξε το ρύζι αργά στην άκρη του δίσκου και κοίταζε. ");

    @Autowired
    private JournalFiles files;

    @Autowired
    private FrameworkLibrary frameworks;

    /** veraPDF 1.30 for PDF/UA-1 and PDF/A-2a, EPUBCheck 5.3 for EPUB 3.3; no word is lost, and no page has more than was composed for it. */
    @Test
    void fiftyJournalsInFiveScriptsPassTheValidatorsWithEveryWordOnTheComposedPages() throws Exception {
        VeraGreenfieldFoundryProvider.initialise();
        Random seeded = new Random(2023);
        for (int round = 0; round < 50; round++) {
            JournalSheet sheet = sheet(seeded);
            JournalFormat format = List.of(
                            JournalFormat.PDF, JournalFormat.LARGE_PRINT, JournalFormat.A5, JournalFormat.SIMPLE)
                    .get(round / 2 % 4);

            byte[] pdf = files.of(setting(), sheet, format);
            byte[] epub = files.of(setting(), sheet, JournalFormat.EPUB);
            Document page =
                    Jsoup.parse(new String(files.of(setting(), sheet, JournalFormat.WEB_PAGE), StandardCharsets.UTF_8));

            assertThat(faults(pdf, round % 2 == 0 ? PDFAFlavour.PDFUA_1 : PDFAFlavour.PDFA_2_A))
                    .isEmpty();
            assertThat(faults(epub)).isEmpty();
            try (PDDocument document = Loader.loadPDF(pdf)) {
                assertThat(document.getNumberOfPages())
                        .as("%s of round %d", format, round)
                        .isEqualTo(JournalPages.composition(
                                        format == JournalFormat.SIMPLE ? sheet.simply() : sheet,
                                        format.paper().orElseThrow().sheet())
                                .pages()
                                .size());
                assertThat(document.getDocumentCatalog().getDocumentOutline().children())
                        .hasSize(1 + sheet.sections().size());
                String text = new PDFTextStripper().getText(document);
                assertThat(text).doesNotContain("·:", "#");
                assertThat(squeezed(text)).contains(squeezed(sheet.title()));
            }
            assertThat(letters(page.select(".words").text()))
                    .isEqualTo(letters(sheet.sections().stream()
                            .flatMap(section -> section.pieces().stream())
                            .flatMap(piece -> Stream.of(
                                            Stream.of(piece.words()),
                                            piece.entries().stream().map(Entry::words),
                                            translationOf(piece))
                                    .flatMap(words -> words))
                            .collect(Collectors.joining())));
        }
    }

    @Test
    void aPageForABrowserNeedsNothingFromAnywhere() {
        JournalSheet sheet = sheet(new Random(4));

        Document page =
                Jsoup.parse(new String(files.of(setting(), sheet, JournalFormat.WEB_PAGE), StandardCharsets.UTF_8));

        assertThat(page.select("img"))
                .isNotEmpty()
                .allSatisfy(picture -> assertThat(picture.attr("src")).startsWith("data:image/jpeg;base64,"));
        assertThat(page.select("script, link, iframe, [onload]")).isEmpty();
        assertThat(page.select("[href], [action], [srcset]")).isEmpty();
        assertThat(page.outerHtml()).doesNotContain("url(", "@import");
        assertThat(page.select("html").attr("lang")).isEqualTo("en");
    }

    @Test
    void aBookletHasTwoPagesOfA5OnEverySide() throws Exception {
        JournalSheet sheet = sheet(new Random(9));

        try (PDDocument pages = Loader.loadPDF(files.of(setting(), sheet, JournalFormat.A5));
                PDDocument booklet = Loader.loadPDF(files.of(setting(), sheet, JournalFormat.BOOKLET))) {
            int sides = (pages.getNumberOfPages() + 3) / 4 * 2;
            assertThat(booklet.getNumberOfPages()).isEqualTo(sides);
            assertThat(booklet.getPage(0).getMediaBox().getWidth())
                    .isEqualTo(2 * pages.getPage(0).getMediaBox().getWidth());
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            assertThat(first.getText(booklet)).contains(sheet.title());
        }
    }

    /** Headings, days and directions are those of the language; what was written stays as it is. */
    @ParameterizedTest
    @ValueSource(strings = {"ar", "pl", "ur", "uk"})
    void aFileInTheLanguageOfAFamilyPassesToo(String language) throws Exception {
        VeraGreenfieldFoundryProvider.initialise();
        JournalSheet sheet = sheet(new Random(12));
        try (Catalogue.Spoken spoken =
                Catalogue.of(Locale.forLanguageTag(language)).speak()) {
            byte[] pdf = files.of(setting(), sheet, JournalFormat.PDF);
            assertThat(faults(pdf, PDFAFlavour.PDFUA_1)).isEmpty();
            assertThat(faults(files.of(setting(), sheet, JournalFormat.EPUB))).isEmpty();
            Document page =
                    Jsoup.parse(new String(files.of(setting(), sheet, JournalFormat.WEB_PAGE), StandardCharsets.UTF_8));
            assertThat(page.select("html").attr("lang")).isEqualTo(language);
            assertThat(page.select("html").attr("dir"))
                    .isEqualTo(Set.of("ar", "ur").contains(language) ? "rtl" : "ltr");
            assertThat(page.select("h1").text()).isEqualTo(Purpose.TERM.title("Anouk"));
            try (PDDocument document = Loader.loadPDF(pdf)) {
                assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo(language);
                assertThat(new PDFTextStripper().getText(document)).doesNotContain("\u00b7\u00b7", "#");
            }
        }
    }

    @Test
    void anEmptyJournalIsACoverInEveryFormat() throws Exception {
        JournalSheet sheet = sheet("", List.of());

        for (JournalFormat format : JournalFormat.values()) {
            assertThat(files.of(setting(), sheet, format)).as(format.toString()).isNotEmpty();
        }
        assertThat(faults(files.of(setting(), sheet, JournalFormat.EPUB))).isEmpty();
    }

    private static Stream<String> translationOf(Piece piece) {
        return piece.isInTwoLanguages()
                ? piece.entries().get(0).translation().stream().map(Translation::words)
                : Stream.empty();
    }

    /** All letters in the order of the alphabet: a long text may go on behind another. */
    private static String letters(String text) {
        return squeezed(text)
                .codePoints()
                .sorted()
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static String squeezed(String text) {
        return text.replaceAll("\\s+", "");
    }

    private static List<String> faults(byte[] pdf, PDFAFlavour flavour) throws Exception {
        try (var parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
                var validator = Foundries.defaultInstance().createValidator(flavour, false)) {
            ValidationResult result = validator.validate(parser);
            return result.isCompliant()
                    ? List.of()
                    : result.getTestAssertions().stream()
                            .map(one -> one.getRuleId() + " " + one.getMessage())
                            .distinct()
                            .toList();
        }
    }

    /** EPUBCheck wants style sheets of a later version than those that Java brings. */
    private static List<String> faults(byte[] epub) {
        StringWriter said = new StringWriter();
        System.setProperty(STYLE_SHEETS, "net.sf.saxon.TransformerFactoryImpl");
        try (PrintWriter writer = new PrintWriter(said)) {
            WriterReportImpl report = new WriterReportImpl(writer);
            new EpubCheck(new ByteArrayInputStream(epub), report, "journal.epub").doValidate();
            return report.getErrorCount() + report.getWarningCount() + report.getFatalErrorCount() == 0
                    ? List.of()
                    : said.toString().lines().toList();
        } finally {
            System.setProperty(
                    STYLE_SHEETS,
                    TransformerFactory.newDefaultInstance().getClass().getName());
        }
    }

    private SettingId setting() {
        return new SettingId(id("select id from setting where name = 'Quillmere Nursery'"));
    }

    private JournalSheet sheet(Random random) {
        List<UUID> photos = database.queryForList(
                "select id from photo where setting_id = ? order by id",
                UUID.class,
                setting().value());
        List<Section> sections = new ArrayList<>();
        for (Part part : Part.values()) {
            if (part.isOfRecords()) {
                sections.add(new Section(
                        part,
                        IntStream.rangeClosed(1, 1 + random.nextInt(3))
                                .mapToObj(at -> new Piece(
                                        part + "-" + at,
                                        part == Part.THEN_AND_NOW
                                                ? List.of(entry(random, photos), entry(random, photos))
                                                : List.of(entry(random, photos)),
                                        "",
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty()))
                                .toList()));
            } else if (part == Part.MEASURED) {
                sections.add(new Section(part, measured(random, photos)));
            } else if (part == Part.OVER_TIME) {
                sections.add(new Section(part, List.of(counted())));
            } else if (part != Part.GREETING) {
                sections.add(new Section(part, List.of(Piece.words(part, words(random, 30)))));
            }
        }
        return sheet(words(random, 12), sections);
    }

    private JournalSheet sheet(String greeting, List<Section> sections) {
        return new JournalSheet(
                UUID.randomUUID(),
                UUID.randomUUID(),
                "Anouk",
                PegMark.values()[3],
                "Quillmere Nursery",
                LocalDate.of(2026, 3, 1),
                LocalDate.of(2026, 5, 6),
                Purpose.TERM,
                greeting,
                sections,
                framework(),
                true,
                0);
    }

    private Piece counted() {
        List<LocalDate> days = List.of(LocalDate.of(2026, 3, 1), LocalDate.of(2026, 4, 1));
        return new Piece(
                Part.OVER_TIME.name(),
                List.of(),
                "",
                Optional.of(new Counted(
                        days, List.of(new Counted.Row("Hand", List.of(new Counted.Dot(0, 0), new Counted.Dot(4, 9)))))),
                Optional.empty(),
                Optional.empty());
    }

    private static List<Piece> measured(Random random, List<UUID> photos) {
        Measured measured = new Measured(
                words(random, 2),
                "cm",
                LocalDate.of(2026, 3, 2),
                LocalDate.of(2026, 3, 30),
                IntStream.range(0, 6)
                        .mapToObj(at -> new Measured.Reading(
                                LocalDate.of(2026, 3, 2).plusDays(at * 3L),
                                Optional.of(BigDecimal.valueOf(at * at, 1)),
                                at % 2 == 0 ? Optional.of(new Photo(photos.get(0), 70)) : Optional.empty()))
                        .toList());
        assertThat(Measured.read(measured.kept())).contains(measured);
        return measured.pieces();
    }

    private Entry entry(Random random, List<UUID> photos) {
        Framework framework = framework();
        return new Entry(
                LocalDate.of(2026, 3, 1).plusDays(random.nextInt(60)),
                words(random, random.nextInt(random.nextInt(8) == 0 ? 500 : 80)),
                photos.stream()
                        .skip(random.nextInt(photos.size()))
                        .limit(random.nextInt(10) == 0 ? 4 : random.nextInt(2))
                        .map(id -> new Photo(id, 60 + random.nextInt(41)))
                        .toList(),
                Set.of(framework.areas().get(0).code()),
                framework,
                List.of(framework.areas().get(0).name()),
                "",
                random.nextInt(4) == 0
                        ? Optional.of(new Translation("ar", words(random, 40), "Imelda", "Imelda"))
                        : Optional.empty(),
                random.nextInt(3) == 0
                        ? Optional.of(new SetUp(
                                "0 0 40 30",
                                "<g fill=\"none\"><path d=\"M0 0L40 30\" stroke=\"#23211E\"/></g>",
                                "A tray"))
                        : Optional.empty());
    }

    private Framework framework() {
        return frameworks.all().get(0);
    }

    private static String words(Random random, int words) {
        String script = SCRIPTS.get(random.nextInt(SCRIPTS.size()));
        StringBuilder text = new StringBuilder();
        while (text.length() < words * 6) {
            text.append(script);
        }
        return text.toString().strip();
    }
}
