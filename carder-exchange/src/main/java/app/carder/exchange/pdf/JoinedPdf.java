package app.carder.exchange.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;

/** Several PDFs one after the other, for paper: each of them begins on the front of a sheet of its own only where it is printed that way. */
public final class JoinedPdf {

    private JoinedPdf() {}

    /**
     * Joins them in their order.
     *
     * @throws IllegalArgumentException if there are none
     * @throws UncheckedIOException if one of them is no PDF
     */
    public static byte[] of(List<byte[]> pdfs) {
        if (pdfs.isEmpty()) {
            throw new IllegalArgumentException("There must be a PDF to be joined.");
        }
        PDFMergerUtility merger = new PDFMergerUtility();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        pdfs.forEach(pdf -> merger.addSource(new RandomAccessReadBuffer(pdf)));
        merger.setDestinationStream(out);
        try {
            merger.mergeDocuments(IOUtils.createMemoryOnlyStreamCache());
        } catch (IOException broken) {
            throw new UncheckedIOException("The PDFs cannot be joined.", broken);
        }
        return out.toByteArray();
    }
}
