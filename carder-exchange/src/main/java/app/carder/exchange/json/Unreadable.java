package app.carder.exchange.json;

import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;

/** Says where a file stops being readable. The parser's own words help nobody who only exported it. */
final class Unreadable {

    private Unreadable() {}

    /** The place in the file: {@code it cannot be read from line 3, column 12, in cards, 2, put}. */
    static String where(JacksonException broken) {
        String place = broken.getPath().stream()
                .map(step ->
                        step.getPropertyName() == null ? String.valueOf(step.getIndex() + 1) : step.getPropertyName())
                .collect(Collectors.joining(", "));
        return "it cannot be read from line %d, column %d%s."
                .formatted(
                        broken.getLocation().getLineNr(),
                        broken.getLocation().getColumnNr(),
                        place.isEmpty() ? "" : ", in " + place);
    }
}
