package app.carder.exchange.pdf;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.stream.Stream;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The fonts that go into a PDF; all under the SIL Open Font License. */
@SuppressWarnings("ImmutableEnumChecker") // glyph tables are only read
enum ShippedFont {
    LITERATA("Literata", 400, FontStyle.NORMAL, "Literata_400Regular.ttf"),
    LITERATA_ITALIC("Literata", 400, FontStyle.ITALIC, "Literata_400Regular_Italic.ttf"),
    LITERATA_BOLD("Literata", 700, FontStyle.NORMAL, "Literata_700Bold.ttf"),
    ATKINSON("Atkinson", 400, FontStyle.NORMAL, "AtkinsonHyperlegibleNext_400Regular.ttf"),
    ATKINSON_BOLD("Atkinson", 700, FontStyle.NORMAL, "AtkinsonHyperlegibleNext_700Bold.ttf"),
    ANDIKA("Andika", 400, FontStyle.NORMAL, "Andika_400Regular.ttf"),
    NOTO_SANS("Noto Sans", 400, FontStyle.NORMAL, "NotoSans_400Regular.ttf"),
    NOTO_NASKH_ARABIC("Noto Naskh Arabic", 400, FontStyle.NORMAL, "NotoNaskhArabic_400Regular.ttf"),
    NOTO_NASKH_ARABIC_BOLD("Noto Naskh Arabic", 700, FontStyle.NORMAL, "NotoNaskhArabic_700Bold.ttf"),
    NOTO_SANS_HEBREW("Noto Sans Hebrew", 400, FontStyle.NORMAL, "NotoSansHebrew_400Regular.ttf"),
    NOTO_EMOJI("Noto Emoji", 400, FontStyle.NORMAL, "NotoEmoji_400Regular.ttf");

    /** OpenType: the table directory starts after 12 bytes; each entry has 16, the tag first. */
    private static final int DIRECTORY_STARTS = 12;

    private static final int DIRECTORY_ENTRY = 16;
    private static final String NOTO = "Noto";

    private final String family;
    private final int weight;
    private final FontStyle style;
    private final String file;
    private final CmapLookup glyphs;

    ShippedFont(String family, int weight, FontStyle style, String file) {
        this.family = family;
        this.weight = weight;
        this.style = style;
        this.file = file;
        try (InputStream font = openFile(file)) {
            this.glyphs = new TTFParser()
                    .parse(new RandomAccessReadBuffer(font.readAllBytes()))
                    .getUnicodeCmapLookup();
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: font " + file + " cannot be read.", broken);
        }
    }

    /** The families that have letters which the others lack. */
    static Stream<String> forOtherScripts() {
        return Stream.of(values())
                .map(ShippedFont::family)
                .filter(family -> family.startsWith(NOTO))
                .distinct();
    }

    String family() {
        return family;
    }

    int weight() {
        return weight;
    }

    FontStyle style() {
        return style;
    }

    /**
     * The font without its ligatures: the renderer would draw them without saying which letters they stand for, which
     * PDF/UA-1 forbids (ISO 14289-1, 7.21.7) and which would make "They" unreadable aloud.
     */
    InputStream open() {
        try (InputStream font = openFile(file)) {
            byte[] bytes = font.readAllBytes();
            int tables = ByteBuffer.wrap(bytes).getShort(4);
            for (int table = 0; table < tables; table++) {
                int at = DIRECTORY_STARTS + table * DIRECTORY_ENTRY;
                if (new String(bytes, at, 4, StandardCharsets.US_ASCII).equals("GSUB")) {
                    bytes[at] = 'X';
                }
            }
            return new ByteArrayInputStream(bytes);
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: font " + file + " cannot be read.", broken);
        }
    }

    boolean hasGlyph(int codePoint) {
        return glyphs.getGlyphId(codePoint) != 0;
    }

    private static InputStream openFile(String file) {
        return Objects.requireNonNull(ShippedFont.class.getResourceAsStream(file), file);
    }
}
