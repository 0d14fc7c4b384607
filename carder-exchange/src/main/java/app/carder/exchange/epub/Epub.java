package app.carder.exchange.epub;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * A book in one file: EPUB 3.3 (W3C Recommendation, 25 May 2023), with the metadata of EPUB Accessibility 1.1. Nothing in it leads to
 * another place.
 */
public final class Epub {

    private static final String CONTAINER = """
            <?xml version="1.0" encoding="UTF-8"?>
            <container version="1.0" xmlns="urn:oasis:names:tc:opendocument:xmlns:container">
              <rootfiles><rootfile full-path="EPUB/package.opf" media-type="application/oebps-package+xml"/></rootfiles>
            </container>
            """;

    private Epub() {}

    /**
     * What a book says of itself.
     *
     * @param id its own
     * @param title of it
     * @param author whose name stands on it
     * @param language its tag (BCP 47)
     * @param isRightToLeft whether its pages follow each other from right to left
     * @param contents what the list of its contents is called
     * @param accessibility a sentence on how it can be read
     * @param modified when it was made
     */
    public record About(
            UUID id,
            String title,
            String author,
            String language,
            boolean isRightToLeft,
            String contents,
            String accessibility,
            Instant modified) {}

    /**
     * A place that the list of contents leads to.
     *
     * @param anchor the id of an element of the page
     * @param words of the list
     */
    public record Place(String anchor, String words) {}

    /**
     * Writes a book of one page that flows.
     *
     * @param about it
     * @param body what stands between {@code <body>} and its end: well-formed XHTML; pictures are called {@code photos/<name>.jpg}
     * @param style a style sheet
     * @param places for the list of contents, 1 or more
     * @param pictures JPEG by name
     * @throws IllegalArgumentException if there is no place that the contents could lead to
     */
    public static byte[] of(About about, String body, String style, List<Place> places, Map<String, byte[]> pictures) {
        if (places.isEmpty()) {
            throw new IllegalArgumentException("A book must have a place in its list of contents.");
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            stored(zip, "mimetype", "application/epub+zip".getBytes(StandardCharsets.US_ASCII));
            put(zip, "META-INF/container.xml", bytes(CONTAINER));
            put(zip, "EPUB/package.opf", bytes(manifest(about, pictures)));
            put(zip, "EPUB/nav.xhtml", bytes(navigation(about, places)));
            put(zip, "EPUB/journal.xhtml", bytes(page(about, about.title(), body)));
            put(zip, "EPUB/journal.css", bytes(style));
            for (Map.Entry<String, byte[]> picture : pictures.entrySet()) {
                put(zip, "EPUB/photos/" + picture.getKey() + ".jpg", picture.getValue());
            }
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: memory cannot be written to.", broken);
        }
        return out.toByteArray();
    }

    private static String manifest(About about, Map<String, byte[]> pictures) {
        String photos = pictures.keySet().stream()
                .map(name -> "    <item id=\"photo-%s\" href=\"photos/%s.jpg\" media-type=\"image/jpeg\"/>\n"
                        .formatted(name, name))
                .collect(Collectors.joining());
        return """
                <?xml version="1.0" encoding="UTF-8"?>
                <package xmlns="http://www.idpf.org/2007/opf" version="3.0" unique-identifier="id" xml:lang="%1$s" dir="%2$s">
                  <metadata xmlns:dc="http://purl.org/dc/elements/1.1/">
                    <dc:identifier id="id">urn:uuid:%3$s</dc:identifier>
                    <dc:title>%4$s</dc:title>
                    <dc:creator>%5$s</dc:creator>
                    <dc:language>%1$s</dc:language>
                    <meta property="dcterms:modified">%6$s</meta>
                    <meta property="schema:accessMode">textual</meta>
                    <meta property="schema:accessMode">visual</meta>
                    <meta property="schema:accessModeSufficient">textual,visual</meta>
                    <meta property="schema:accessModeSufficient">textual</meta>
                    <meta property="schema:accessibilityFeature">alternativeText</meta>
                    <meta property="schema:accessibilityFeature">readingOrder</meta>
                    <meta property="schema:accessibilityFeature">structuralNavigation</meta>
                    <meta property="schema:accessibilityFeature">tableOfContents</meta>
                    <meta property="schema:accessibilityHazard">none</meta>
                    <meta property="schema:accessibilitySummary">%7$s</meta>
                  </metadata>
                  <manifest>
                    <item id="nav" href="nav.xhtml" media-type="application/xhtml+xml" properties="nav"/>
                    <item id="journal" href="journal.xhtml" media-type="application/xhtml+xml" properties="svg"/>
                    <item id="style" href="journal.css" media-type="text/css"/>
                %8$s  </manifest>
                  <spine page-progression-direction="%2$s"><itemref idref="journal"/></spine>
                </package>
                """.formatted(
                        about.language(),
                        direction(about),
                        about.id(),
                        escaped(about.title()),
                        escaped(about.author()),
                        about.modified().truncatedTo(ChronoUnit.SECONDS),
                        escaped(about.accessibility()),
                        photos);
    }

    private static String navigation(About about, List<Place> places) {
        String list = places.stream()
                .map(place -> "<li><a href=\"journal.xhtml#%s\">%s</a></li>"
                        .formatted(place.anchor(), escaped(place.words())))
                .collect(Collectors.joining());
        return page(
                about,
                about.contents(),
                "<nav epub:type=\"toc\" role=\"doc-toc\"><h1>%s</h1><ol>%s</ol></nav>"
                        .formatted(escaped(about.contents()), list));
    }

    private static String page(About about, String title, String body) {
        return """
                <?xml version="1.0" encoding="UTF-8"?>
                <!DOCTYPE html>
                <html xmlns="http://www.w3.org/1999/xhtml" xmlns:epub="http://www.idpf.org/2007/ops" lang="%1$s" xml:lang="%1$s" dir="%2$s">
                <head><title>%3$s</title><link rel="stylesheet" type="text/css" href="journal.css"/></head>
                <body>%4$s</body>
                </html>
                """.formatted(about.language(), direction(about), escaped(title), body);
    }

    private static String direction(About about) {
        return about.isRightToLeft() ? "rtl" : "ltr";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    /** The first file of the zip says what it is, and lies in it as it is. */
    private static void stored(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        CRC32 sum = new CRC32();
        sum.update(content);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(content.length);
        entry.setCrc(sum.getValue());
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }
}
