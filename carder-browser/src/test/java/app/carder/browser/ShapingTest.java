package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.exchange.pdf.AccessiblePdf;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Base64;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

/** Arabic letters join in a PDF as they do in Chromium, whose shaping (HarfBuzz) is the reference: the same words, the same font, picture against picture. */
class ShapingTest {

    private static final String FONT = "app/carder/exchange/pdf/NotoNaskhArabic_400Regular.ttf";
    /** Letters of Arabic, and those that Urdu has beside them. */
    private static final List<String> WORDS = List.of(
            "بماذا", "نوفمبر", "شيء", "الأسبوع", "ٹوپی", "گھر", "پھلی", "چمچ", "ہیں", "التعلّم", "کھیل", "بچے",
            "سیکھنے");

    private static final int ACROSS = 120;
    private static final int DOWN = 60;
    private static final int DARK = 128;

    @Test
    void wordsInAPdfLookLikeThoseOfTheBrowser() throws IOException {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            for (String word : WORDS) {
                BitSet reference = ink(inTheBrowser(laptop.page, word));

                assertThat(likeness(ink(inAPdf(word)), reference)).as(word).isGreaterThan(0.6);
            }
            // Letters that stand alone are another picture: the comparison can fail.
            assertThat(likeness(
                            ink(inTheBrowser(laptop.page, "ن\u200cو\u200cف\u200cم\u200cب\u200cر")),
                            ink(inAPdf("نوفمبر"))))
                    .isLessThan(0.5);
        }
    }

    private static BufferedImage inAPdf(String word) throws IOException {
        byte[] pdf = AccessiblePdf.of("""
                <html xmlns="http://www.w3.org/1999/xhtml" lang="ar" dir="rtl"><head><title>Word</title><meta name="description" content="Word"/>
                <style>@page { size: 200mm 60mm; margin: 5mm; } body { font-family: 'Noto Naskh Arabic'; font-size: 60pt; color: #000000; }</style></head>
                <body><p>%s</p></body></html>""".formatted(word), Map.of());
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(0, 144);
        }
    }

    private static BufferedImage inTheBrowser(Page page, String word) throws IOException {
        page.setContent("""
                <style>@font-face { font-family: Tried; src: url(data:font/ttf;base64,%s); }
                body { margin: 20px; font: 120px/1.6 Tried; color: #000; background: #fff; }</style><p dir="rtl" lang="ar">%s</p>""".formatted(font(), word));
        page.waitForFunction("document.fonts.check('120px Tried') && document.fonts.ready");
        return ImageIO.read(new ByteArrayInputStream(page.screenshot()));
    }

    private static String font() throws IOException {
        try (InputStream font =
                Objects.requireNonNull(ShapingTest.class.getClassLoader().getResourceAsStream(FONT))) {
            return Base64.getEncoder().encodeToString(font.readAllBytes());
        }
    }

    /** What is dark, from the first dark row and column to the last, on a grid of its own. */
    private static BitSet ink(BufferedImage image) {
        int left = image.getWidth();
        int right = 0;
        int top = image.getHeight();
        int bottom = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                if (isDark(image, x, y)) {
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                    top = Math.min(top, y);
                    bottom = Math.max(bottom, y);
                }
            }
        }
        BitSet ink = new BitSet(ACROSS * DOWN);
        for (int row = 0; row < DOWN; row++) {
            for (int column = 0; column < ACROSS; column++) {
                int x = left + column * (right - left) / (ACROSS - 1);
                int y = top + row * (bottom - top) / (DOWN - 1);
                ink.set(row * ACROSS + column, isDark(image, x, y));
            }
        }
        return ink;
    }

    private static boolean isDark(BufferedImage image, int x, int y) {
        return (image.getRGB(x, y) & 0xFF) < DARK;
    }

    /** What is dark in both, of what is dark in either; 1 for the same picture. */
    private static double likeness(BitSet one, BitSet other) {
        BitSet both = (BitSet) one.clone();
        both.and(other);
        BitSet either = (BitSet) one.clone();
        either.or(other);
        return both.cardinality() / (double) either.cardinality();
    }
}
