package app.carder.web.journal;

import app.carder.core.said.Catalogue;
import app.carder.core.said.Said;
import app.carder.exchange.epub.Epub;
import app.carder.exchange.pdf.BookletPdf;
import app.carder.web.journal.JournalFormat.Paper;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.page.HomeLanguage;
import app.carder.web.page.Printer;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;

/** Writes a journal's sheet as a file: what it holds is what its family may see at that moment. */
@Service
public class JournalFiles {

    private static final MediaType EPUB = MediaType.parseMediaType("application/epub+zip");

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final Printer printer;
    private final PhotoService photos;
    private final SettingService settings;

    JournalFiles(Printer printer, PhotoService photos, SettingService settings) {
        this.printer = printer;
        this.photos = photos;
        this.settings = settings;
    }

    /** The file as a response, to be kept by whoever may open it and by no cache on the way. */
    public ResponseEntity<byte[]> download(SettingId settingId, JournalSheet sheet, JournalFormat format) {
        MediaType type = switch (format) {
            case EPUB -> EPUB;
            case WEB_PAGE -> MediaType.TEXT_HTML;
            case PHOTOS -> ZIP;
            default -> MediaType.APPLICATION_PDF;
        };
        // A page of its own would be opened under this address, with its rights.
        ContentDisposition.Builder kept =
                MediaType.APPLICATION_PDF.equals(type) ? ContentDisposition.inline() : ContentDisposition.attachment();
        return ResponseEntity.ok()
                .contentType(type)
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        kept.filename(format.filename()).build().toString())
                .body(of(settingId, sheet, format));
    }

    /** The file. */
    public byte[] of(SettingId settingId, JournalSheet sheet, JournalFormat format) {
        return switch (format) {
            case SIMPLE -> pdf(settingId, sheet.simply(), format.paper().orElseThrow(), true);
            case PHOTOS -> photos(settingId, sheet);
            case EPUB -> epub(settingId, sheet);
            case WEB_PAGE -> page(settingId, sheet);
            case BOOKLET -> BookletPdf.of(pdf(settingId, sheet, format.paper().orElseThrow(), false));
            default -> pdf(settingId, sheet, format.paper().orElseThrow(), false);
        };
    }

    private byte[] pdf(SettingId settingId, JournalSheet sheet, Paper paper, boolean withSymbols) {
        JournalPages pages = JournalPages.onPaper(sheet, paper.sheet(), photo -> "carder:" + photo);
        return printer.print(
                "journal/print",
                Map.of(
                        "pages", pages,
                        "paper", paper,
                        "direction", HomeLanguage.direction(),
                        "withSymbols", withSymbols),
                pictures(settingId, sheet));
    }

    private byte[] page(SettingId settingId, JournalSheet sheet) {
        Map<String, byte[]> pictures = pictures(settingId, sheet);
        JournalPages pages = JournalPages.inAFile(
                sheet,
                photo ->
                        "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(pictures.get(photo.toString())));
        return printer.words("journal/page-file", Map.of("pages", pages, "direction", HomeLanguage.direction()))
                .getBytes(StandardCharsets.UTF_8);
    }

    private byte[] epub(SettingId settingId, JournalSheet sheet) {
        JournalPages pages = JournalPages.inAFile(sheet, photo -> "photos/" + photo + ".jpg");
        List<Epub.Place> places = new ArrayList<>();
        String title = sheet.title();
        places.add(new Epub.Place("cover", title));
        sheet.sections()
                .forEach(section -> places.add(
                        new Epub.Place("part-" + section.part(), section.part().words())));
        return Epub.of(
                new Epub.About(
                        sheet.id(),
                        title,
                        sheet.settingName(),
                        Catalogue.spoken().locale().toLanguageTag(),
                        HomeLanguage.isRightToLeft(Catalogue.spoken().locale()),
                        Said.say("journal.epub.contents"),
                        Said.say("journal.epub.accessibility"),
                        settings.now(settingId)),
                printer.words("journal/flow", "told", Map.of("pages", pages)),
                style(),
                places,
                pictures(settingId, sheet));
    }

    /** The style sheet of a file whose words flow, without the element that it stands in. */
    private String style() {
        String element = printer.words("journal/flow", "flowing", Map.of());
        return element.substring(element.indexOf('>') + 1, element.lastIndexOf('<'));
    }

    private Map<String, byte[]> pictures(SettingId settingId, JournalSheet sheet) {
        Map<String, byte[]> pictures = new LinkedHashMap<>();
        sheet.photos().forEach(photo -> pictures.put(photo.id().toString(), picture(settingId, photo.id())));
        return pictures;
    }

    private byte[] photos(SettingId settingId, JournalSheet sheet) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            int number = 1;
            for (byte[] picture : pictures(settingId, sheet).values()) {
                zip.putNextEntry(new ZipEntry("photo-%02d.jpg".formatted(number++)));
                zip.write(picture);
                zip.closeEntry();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("Impossible state: nothing is written but to memory.", impossible);
        }
        return out.toByteArray();
    }

    private byte[] picture(SettingId settingId, UUID photoId) {
        return photos.picture(settingId, photoId, Size.LARGE);
    }
}
