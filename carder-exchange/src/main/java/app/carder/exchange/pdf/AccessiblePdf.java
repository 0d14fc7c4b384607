package app.carder.exchange.pdf;

import app.carder.core.said.Refused;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.extend.FSStream;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder.PdfAConformance;
import com.openhtmltopdf.slf4j.Slf4jLogger;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Turns a page of well-formed XHTML into a PDF that passes PDF/UA-1 and PDF/A-2a. Nothing is fetched: pictures are handed in
 * and named {@code carder:<name>} in the page.
 */
public final class AccessiblePdf {

    private static final String SCHEME = "carder";
    private static final String[] FORBIDDEN_SCHEMES = {"file", "http", "https", "ftp", "jar"};
    private static final Pattern FONT_FAMILY = Pattern.compile("(font-family:[^;}\"<]+)");
    private static final int VARIATION_SELECTOR = 0xFE0F;
    private static final int JOINER = 0x200D;

    static {
        XRLog.setLoggerImpl(new Slf4jLogger());
    }

    private AccessiblePdf() {}

    /**
     * Writes the PDF.
     *
     * @param xhtml a whole page with {@code lang} and {@code title}; every picture has an {@code alt}
     * @param pictures JPEG or PNG by name
     * @throws IllegalArgumentException if the page has no language or no title
     * @throws UncheckedIOException if the page cannot be laid out
     */
    public static byte[] of(String xhtml, Map<String, byte[]> pictures) {
        if (!xhtml.contains("<title>") || !xhtml.contains(" lang=\"")) {
            throw Refused.because("refused.accessible-pdf.page-must-have");
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.usePdfUaAccessibility(true);
        builder.usePdfAConformance(PdfAConformance.PDFA_2_A);
        builder.useColorProfile(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
        builder.useUnicodeBidiReorderer(new JoinedLetters());
        builder.defaultTextDirection(PdfRendererBuilder.TextDirection.LTR);
        builder.useProtocolsStreamImplementation(uri -> new Handed(null), FORBIDDEN_SCHEMES);
        builder.useProtocolsStreamImplementation(uri -> new Handed(pictures.get(nameOf(uri))), SCHEME);
        for (ShippedFont font : ShippedFont.values()) {
            builder.useFont(font::open, font.family(), font.weight(), font.style(), true);
        }
        builder.withHtmlContent(inEveryScript(xhtml), SCHEME + ":page");
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException broken) {
            throw new UncheckedIOException("The page cannot be laid out as PDF.", broken);
        }
        return out.toByteArray();
    }

    /** Whatever font a style names, those for other scripts stand behind it: the renderer looks in no other, and would print a number sign. */
    static String inEveryScript(String xhtml) {
        return FONT_FAMILY
                .matcher(xhtml)
                .replaceAll(found -> Matcher.quoteReplacement(found.group(1)
                        + ShippedFont.forOtherScripts()
                                .filter(family -> !found.group(1).contains(family))
                                .map(family -> ", '" + family + "'")
                                .collect(Collectors.joining())));
    }

    /**
     * The text without what no font here can draw: such characters become a middle dot, and the invisible parts of emoji
     * are left out. Without this the renderer would print a number sign.
     */
    public static String printable(String text) {
        StringBuilder kept = new StringBuilder();
        text.codePoints()
                .filter(codePoint -> codePoint != VARIATION_SELECTOR && codePoint != JOINER)
                .map(codePoint -> canDraw(codePoint) ? codePoint : '\u00b7')
                .forEach(kept::appendCodePoint);
        return kept.toString();
    }

    private static boolean canDraw(int codePoint) {
        // Drawings are nearly all of a page's letters, and of these alone.
        return isAscii(codePoint)
                || Character.isWhitespace(codePoint)
                || Stream.of(ShippedFont.values()).anyMatch(font -> font.hasGlyph(codePoint));
    }

    private static boolean isAscii(int codePoint) {
        return codePoint >= ' ' && codePoint < 127;
    }

    private static String nameOf(String uri) {
        return URI.create(uri).getSchemeSpecificPart();
    }

    /** A picture that was handed in; empty where the page names one that was not. */
    private static final class Handed implements FSStream {
        private final byte[] bytes;

        Handed(byte @org.jspecify.annotations.Nullable [] bytes) {
            this.bytes = bytes == null ? new byte[0] : bytes;
        }

        @Override
        public InputStream getStream() {
            return new ByteArrayInputStream(bytes);
        }

        @Override
        public Reader getReader() {
            return new InputStreamReader(getStream(), StandardCharsets.UTF_8);
        }
    }
}
