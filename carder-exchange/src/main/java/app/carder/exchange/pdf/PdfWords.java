package app.carder.exchange.pdf;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.text.PDFTextStripperByArea;

/** What can be read on paper once it is printed, so that nothing is cut off unseen. */
public final class PdfWords {

    private PdfWords() {}

    /**
     * The words of each column of each page, in the order of pages and columns; white space between words is one space. Words within
     * drawings are not among them.
     *
     * @param pdf of pages that are cut into columns of one width
     * @param columns to a page, 1 or more
     * @throws UncheckedIOException if it is no PDF
     */
    public static List<String> byColumn(byte[] pdf, int columns) {
        List<String> words = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage page : document.getPages()) {
                float width = page.getMediaBox().getWidth() / columns;
                PDFTextStripperByArea reader = new WordsAlone();
                for (int column = 0; column < columns; column++) {
                    reader.addRegion(
                            String.valueOf(column),
                            new Rectangle2D.Float(
                                    column * width, 0, width, page.getMediaBox().getHeight()));
                }
                reader.extractRegions(page);
                for (int column = 0; column < columns; column++) {
                    words.add(reader.getTextForRegion(String.valueOf(column))
                            .replaceAll("[\\s\\u00a0]+", " ")
                            .strip());
                }
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return words;
    }

    /** Goes past drawings: they are most of what stands on a page of cards. */
    private static final class WordsAlone extends PDFTextStripperByArea {
        WordsAlone() throws IOException {}

        @Override
        public void showForm(PDFormXObject drawing) {}
    }
}
