package app.carder.web.family;

import app.carder.web.account.Viewer;
import app.carder.web.journal.JournalFiles;
import app.carder.web.journal.JournalFormat;
import app.carder.web.journal.JournalSheet;
import app.carder.web.page.NotFound;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;

/** Everything that a carer may read about a child, to keep: each journal for paper and for a browser, with its photos as large as they are kept. */
@Service
class FamilyArchive {

    private static final List<JournalFormat> FORMATS =
            List.of(JournalFormat.PDF, JournalFormat.WEB_PAGE, JournalFormat.PHOTOS);

    private final FamilyService family;
    private final JournalFiles files;

    FamilyArchive(FamilyService family, JournalFiles files) {
        this.family = family;
        this.files = files;
    }

    /**
     * The archive of one child, as a ZIP file: what may be seen at that moment.
     *
     * @throws NotFound if the carer reads for no such child, or nothing about it
     */
    byte[] of(Viewer viewer, UUID childId) {
        List<JournalSheet> sheets = family.readableSheets(viewer).stream()
                .filter(sheet -> sheet.childId().equals(childId))
                .toList();
        if (sheets.isEmpty()) {
            throw new NotFound();
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (JournalSheet sheet : sheets) {
                String folder =
                        "%s-%s".formatted(sheet.endsOn(), sheet.id().toString().substring(0, 8));
                for (JournalFormat format : FORMATS) {
                    zip.putNextEntry(new ZipEntry(folder + "/" + format.filename()));
                    zip.write(files.of(viewer.settingId(), sheet, format));
                    zip.closeEntry();
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("Impossible state: nothing is written but to memory.", impossible);
        }
        return out.toByteArray();
    }
}
