package app.carder.exchange.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.ValidationResult;

class AccessiblePdfTest {

    private static final String PAGE = """
            <html xmlns="http://www.w3.org/1999/xhtml" lang="en"><head><title>A page</title>
<meta name="description" content="A page to test with"/><style>
            body { font-family: Literata; } .said { font-family: Atkinson; }
            </style></head><body><h1>Parcels</h1><p class="said">%s</p><div><img src="%s" alt="A parcel"/></div></body></html>
            """;

    @BeforeAll
    static void startValidator() {
        VeraGreenfieldFoundryProvider.initialise();
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(
            strings = {
                "They put it off: the office fjord, a fluffy fish.",
                "Zo\u00eb, \u0141ucja, \u0418\u0432\u0430\u043d",
                "\u0645\u0631\u062d\u0628\u0627",
                "\u05e9\u05dc\u05d5\u05dd",
                "\ud83d\udce6 \ud83d\ude80 \u2764\ufe0f",
                "\u4e2d",
                "Zo\u00eb says \u0645\u0631\u062d\u0628\u0627 and \ud83d\udce6 \u4e2d"
            })
    void passesTheStandardsInEveryScript(String words) throws Exception {
        byte[] pdf = AccessiblePdf.of(
                PAGE.formatted(AccessiblePdf.printable(words), "carder:parcel"), Map.of("parcel", png()));

        for (PDFAFlavour flavour : List.of(PDFAFlavour.PDFUA_1, PDFAFlavour.PDFA_2_A)) {
            assertCompliant(pdf, flavour);
        }
    }

    /** Arabic letters are drawn as their joined forms, which mean the same letters (Unicode NFKC), and are its letters again when read out. */
    @ParameterizedTest(name = "{0}")
    @ValueSource(
            strings = {
                "Żółw i gęś",
                "ґанок, їжак, щоденник",
                "دفتر تعلّم: صبّت الأرز",
                "ٹوپی، ڈھول، گڑھا، پھلی، چمچ، ے ہیں",
                "שפכה את האורז"
            })
    void everyLetterCanBeReadOutAgainWhateverFontAStyleNames(String words) throws IOException {
        byte[] pdf = AccessiblePdf.of(PAGE.formatted(words, "carder:parcel"), Map.of("parcel", png()));

        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).doesNotContain("#");
            assertThat(letters(text.replace("Parcels", ""))).isEqualTo(letters(words));
        }
    }

    private static String letters(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKC)
                .codePoints()
                .filter(Character::isLetter)
                .sorted()
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static void assertCompliant(byte[] pdf, PDFAFlavour flavour) throws Exception {
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(flavour, false)) {
            ValidationResult result = validator.validate(parser);

            assertThat(result.isCompliant()).as(result.toString()).isTrue();
        }
    }

    @Test
    void saysItsLanguageAndHoldsThePicture() throws IOException {
        byte[] pdf = AccessiblePdf.of(PAGE.formatted("One.", "carder:parcel"), Map.of("parcel", png()));

        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(document.getPage(0).getResources().getXObjectNames()).isNotEmpty();
        }
    }

    @Test
    void drawsAccentsRightToLeftNamesAndEmoji() throws IOException {
        byte[] pdf = AccessiblePdf.of(
                PAGE.formatted(
                        AccessiblePdf.printable("Zo\u00eb \u0646\u0648\u0631 \u05e0\u05d5\u05e2\u05d4 \ud83d\ude80"),
                        "carder:parcel"),
                Map.of("parcel", png()));

        assertThat(text(pdf)).contains("Zo\u00eb", "\ud83d\ude80").doesNotContain("#");
    }

    @Test
    void replacesWhatNoFontCanDraw() {
        assertThat(AccessiblePdf.printable("a\u4e2db\u2764\ufe0f")).isEqualTo("a\u00b7b\u2764");
    }

    @Test
    void everyFontHasAllLettersOfAKeyboard() {
        assertThat(ShippedFont.values())
                .filteredOn(font -> !font.name().matches(".*(ARABIC|HEBREW|EMOJI|SYMBOLS).*"))
                .isNotEmpty()
                .allMatch(font -> IntStream.range(' ', 127).allMatch(font::hasGlyph));
    }

    @Test
    void fetchesNothingThatWasNotHandedIn(@TempDir Path folder) throws IOException {
        Path picture = Files.write(folder.resolve("private.png"), png());

        byte[] pdf = AccessiblePdf.of(PAGE.formatted("One.", picture.toUri()), Map.of());

        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getPage(0).getResources().getXObjectNames()).isEmpty();
        }
    }

    @Test
    void refusesAPageWithoutLanguage() {
        assertThatThrownBy(() -> AccessiblePdf.of("<html><head><title>x</title></head><body/></html>", Map.of()))
                .hasMessageContaining("lang");
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }
}
