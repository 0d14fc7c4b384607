package app.carder.web.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
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
