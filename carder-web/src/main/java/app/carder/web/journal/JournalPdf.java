package app.carder.web.journal;

import app.carder.exchange.pdf.AccessiblePdf;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.setting.SettingId;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Prints a journal's sheet. */
@Service
public class JournalPdf {

    private final ITemplateEngine templates;
    private final PhotoService photos;

    JournalPdf(ITemplateEngine templates, PhotoService photos) {
        this.templates = templates;
        this.photos = photos;
    }

    /** The PDF as a response, to be kept by whoever may open it and by no cache on the way. */
    public ResponseEntity<byte[]> download(SettingId settingId, JournalSheet sheet) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("learning-journal.pdf")
                                .build()
                                .toString())
                .body(of(settingId, sheet));
    }

    /** The sheet as a PDF that everyone can read (PDF/UA-1). */
    public byte[] of(SettingId settingId, JournalSheet sheet) {
        Map<String, byte[]> pictures = new LinkedHashMap<>();
        for (JournalSheet.Entry entry : sheet.entries()) {
            entry.photoId().ifPresent(photo -> pictures.put(photo.toString(), picture(settingId, photo)));
        }
        Context context = new Context(Locale.UK, Map.of("sheet", sheet));
        return AccessiblePdf.of(AccessiblePdf.printable(templates.process("journal/print", context)), pictures);
    }

    private byte[] picture(SettingId settingId, UUID photoId) {
        return photos.picture(settingId, photoId, Size.LARGE);
    }
}
