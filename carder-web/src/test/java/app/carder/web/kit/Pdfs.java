package app.carder.web.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.flavours.PDFAFlavour;

/** Looks into a printed PDF. */
public final class Pdfs {

    private Pdfs() {}

    /** Its words, in reading order. */
    public static String text(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replace('\u00a0', ' ');
        } catch (IOException broken) {
            throw new AssertionError(broken);
        }
    }

    /** The size of its first page, in millimetres, and how many pages there are. */
    public static List<Long> pages(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDRectangle box = document.getPage(0).getMediaBox();
            return List.of(Math.round(box.getWidth() / 72 * 25.4), Math.round(box.getHeight() / 72 * 25.4), (long)
                    document.getNumberOfPages());
        } catch (IOException broken) {
            throw new AssertionError(broken);
        }
    }

    /** How many photos stand on its pages. */
    public static int pictures(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            int pictures = 0;
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getXObjectNames()) {
                    pictures += page.getResources().isImageXObject(name) ? 1 : 0;
                }
            }
            return pictures;
        } catch (IOException broken) {
            throw new AssertionError(broken);
        }
    }

    /** How far down the first page, in millimetres, level lines lie that are as long as this to the half millimetre. */
    public static List<Double> linesOf(byte[] pdf, double lengthMm) {
        int dotsPerMm = 10;
        try (PDDocument document = Loader.loadPDF(pdf)) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, dotsPerMm * 25.4f, ImageType.GRAY);
            List<Double> lines = new ArrayList<>();
            boolean inLine = false;
            for (int y = 0; y < page.getHeight(); y++) {
                boolean isLine = Math.abs(longestRun(page, y) - lengthMm * dotsPerMm) <= dotsPerMm / 2.0;
                if (isLine && !inLine) {
                    lines.add((double) y / dotsPerMm);
                }
                inLine = isLine;
            }
            return lines;
        } catch (IOException broken) {
            throw new AssertionError(broken);
        }
    }

    private static int longestRun(BufferedImage page, int y) {
        int longest = 0;
        int run = 0;
        for (int x = 0; x < page.getWidth(); x++) {
            run = (page.getRGB(x, y) & 0xff) < 0xb0 ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return longest;
    }

    /** It holds to PDF/UA-1 and PDF/A-2a, by veraPDF. */
    public static void assertAccessible(byte[] pdf) {
        VeraGreenfieldFoundryProvider.initialise();
        for (PDFAFlavour flavour : List.of(PDFAFlavour.PDFUA_1, PDFAFlavour.PDFA_2_A)) {
            try (var parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
                    var validator = Foundries.defaultInstance().createValidator(flavour, false)) {
                var result = validator.validate(parser);
                assertThat(result.isCompliant()).as(flavour + " " + result).isTrue();
            } catch (Exception broken) {
                throw new AssertionError(broken);
            }
        }
    }
}
