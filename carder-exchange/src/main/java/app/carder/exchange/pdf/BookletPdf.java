package app.carder.exchange.pdf;

import app.carder.core.composition.Booklet;
import app.carder.core.composition.Booklet.Spread;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * Lays the pages of a PDF out for a booklet: printed on both sides, turned over the short edge, and folded once. It is for paper; for a
 * screen reader there is the PDF that it was made from, so that this one has no tags.
 */
public final class BookletPdf {

    private BookletPdf() {}

    /**
     * Two pages side by side on paper of twice the width.
     *
     * @param pdf with pages of one size
     * @throws UncheckedIOException if it is no PDF
     */
    public static byte[] of(byte[] pdf) {
        try (PDDocument pages = Loader.loadPDF(pdf);
                PDDocument booklet = new PDDocument()) {
            PDRectangle page = pages.getPage(0).getMediaBox();
            LayerUtility layers = new LayerUtility(booklet);
            for (Spread spread : Booklet.sides(pages.getNumberOfPages())) {
                PDPage side = new PDPage(new PDRectangle(2 * page.getWidth(), page.getHeight()));
                booklet.addPage(side);
                try (PDPageContentStream content = new PDPageContentStream(booklet, side)) {
                    put(layers, content, pages, spread.left(), 0);
                    put(layers, content, pages, spread.right(), page.getWidth());
                }
            }
            booklet.getDocumentInformation()
                    .setTitle(pages.getDocumentInformation().getTitle());
            booklet.getDocumentCatalog().setLanguage(pages.getDocumentCatalog().getLanguage());
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            booklet.save(out);
            return out.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException("The pages cannot be laid out as a booklet.", broken);
        }
    }

    private static void put(LayerUtility layers, PDPageContentStream content, PDDocument pages, int number, float left)
            throws IOException {
        if (number > 0) {
            content.saveGraphicsState();
            content.transform(Matrix.getTranslateInstance(left, 0));
            content.drawForm(layers.importPageAsForm(pages, number - 1));
            content.restoreGraphicsState();
        }
    }
}
