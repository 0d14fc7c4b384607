package app.carder.web.journal;

import app.carder.core.said.Catalogue;
import app.carder.core.said.Said;
import app.carder.exchange.epub.Epub;
import app.carder.exchange.pdf.BookletPdf;
import app.carder.web.frame.HomeLanguage;
import app.carder.web.journal.JournalFormat.Paper;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.page.Printer;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
        MediaType type = format == JournalFormat.EPUB
                ? EPUB
                : format == JournalFormat.WEB_PAGE ? MediaType.TEXT_HTML : MediaType.APPLICATION_PDF;
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
            case EPUB -> epub(settingId, sheet);
            case WEB_PAGE -> page(settingId, sheet);
            case BOOKLET -> BookletPdf.of(pdf(settingId, sheet, format.paper().orElseThrow()));
            default -> pdf(settingId, sheet, format.paper().orElseThrow());
        };
    }

    private byte[] pdf(SettingId settingId, JournalSheet sheet, Paper paper) {
        JournalPages pages = JournalPages.onPaper(sheet, paper.sheet(), photo -> "carder:" + photo);
        return printer.print(
                "journal/print",
                Map.of("pages", pages, "paper", paper, "direction", direction()),
                pictures(settingId, sheet));
    }

    private static String direction() {
        return HomeLanguage.isRightToLeft(Catalogue.spoken().locale()) ? "rtl" : "ltr";
    }

    private byte[] page(SettingId settingId, JournalSheet sheet) {
        Map<String, byte[]> pictures = pictures(settingId, sheet);
        JournalPages pages = JournalPages.inAFile(
                sheet,
                photo ->
                        "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(pictures.get(photo.toString())));
        return printer.words("journal/page-file", Map.of("pages", pages, "direction", direction()))
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
        for (JournalSheet.Entry entry : sheet.entries()) {
            for (JournalSheet.Photo photo : entry.photos()) {
                pictures.put(photo.id().toString(), picture(settingId, photo.id()));
            }
        }
        return pictures;
    }

    private byte[] picture(SettingId settingId, UUID photoId) {
        return photos.picture(settingId, photoId, Size.LARGE);
    }
}
