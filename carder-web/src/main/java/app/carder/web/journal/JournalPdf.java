package app.carder.web.journal;

import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.page.Printer;
import app.carder.web.setting.SettingId;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;

/** Prints a journal's sheet. */
@Service
public class JournalPdf {

    private final Printer printer;
    private final PhotoService photos;

    JournalPdf(Printer printer, PhotoService photos) {
        this.printer = printer;
        this.photos = photos;
    }

    /** The PDF as a response, to be kept by whoever may open it and by no cache on the way. */
    public ResponseEntity<byte[]> download(SettingId settingId, JournalSheet sheet) {
        return printer.download("learning-journal.pdf", of(settingId, sheet));
    }

    /** The sheet as a PDF that everyone can read (PDF/UA-1). */
    public byte[] of(SettingId settingId, JournalSheet sheet) {
        Map<String, byte[]> pictures = new LinkedHashMap<>();
        for (JournalSheet.Entry entry : sheet.entries()) {
            entry.photoId().ifPresent(photo -> pictures.put(photo.toString(), picture(settingId, photo)));
        }
        return printer.print("journal/print", Map.of("sheet", sheet), pictures);
    }

    private byte[] picture(SettingId settingId, UUID photoId) {
        return photos.picture(settingId, photoId, Size.LARGE);
    }
}
