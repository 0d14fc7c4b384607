package app.carder.web.page;

import app.carder.exchange.table.CsvTable;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Text that is handed out as a file: for whoever asked, and for no cache on the way. */
public final class Download {

    private Download() {}

    /**
     * A table as CSV.
     *
     * @param name of the file
     * @param header names of the columns
     * @param rows cells, as many as columns
     */
    public static ResponseEntity<byte[]> table(String name, List<String> header, List<List<String>> rows) {
        return of(name, "text/csv", CsvTable.write(header, rows));
    }

    /**
     * The file as a response, in UTF-8.
     *
     * @param name of the file
     * @param type such as {@code text/csv}
     */
    public static ResponseEntity<byte[]> of(String name, String type, String text) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
