package app.carder.web.page;

import app.carder.exchange.table.TableFile;
import app.carder.exchange.table.TableRefused;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Tables that somebody gives as a file or pastes: read on a place for heavy work, or refused in words beside the field they came in. */
@Component
public class GivenTables {

    private final Places places;

    GivenTables(Places places) {
        this.places = places;
    }

    /**
     * What came with a form.
     *
     * @param file as it was sent; empty where what was pasted counts
     * @param pasted text
     */
    public record Given(Optional<byte[]> file, String pasted) {

        /** A file if one was chosen, else what was pasted; empty, with a fault, where there is neither. */
        public static Optional<Given> from(@Nullable MultipartFile file, String pasted, FormErrors errors)
                throws IOException {
            if (file != null && !file.isEmpty()) {
                return Optional.of(new Given(Optional.of(file.getBytes()), pasted));
            }
            if (pasted.isBlank()) {
                errors.add("file", "enrolment.nothing");
                return Optional.empty();
            }
            return Optional.of(new Given(Optional.empty(), pasted));
        }

        /** The field that it came in. */
        public String field() {
            return file.isPresent() ? "file" : "pasted";
        }
    }

    private interface Reading {
        List<List<String>> rows() throws TableRefused;
    }

    /** The rows, the heads first; empty, with a fault, if it is refused. */
    public Optional<List<List<String>>> read(Given given, FormErrors errors) {
        return read(
                () -> given.file().isPresent()
                        ? TableFile.read(given.file().get())
                        : TableFile.readText(given.pasted()),
                given.field(),
                errors);
    }

    /** The rows of text; empty, with a fault at a field, if it is refused. */
    public Optional<List<List<String>>> readText(String text, String field, FormErrors errors) {
        return read(() -> TableFile.readText(text), field, errors);
    }

    /** The rows of text; empty if it is no table. */
    public Optional<List<List<String>>> ifTable(String text) {
        return readText(text, "", new FormErrors());
    }

    private Optional<List<List<String>>> read(Reading reading, String field, FormErrors errors) {
        return places.with(() -> {
            try {
                return Optional.of(reading.rows());
            } catch (TableRefused refused) {
                errors.add(
                        field,
                        "enrolment.refused." + refused.reason(),
                        TableFile.MOST_BYTES / 1_000_000,
                        TableFile.MOST_ROWS - 1);
                return Optional.empty();
            }
        });
    }
}
