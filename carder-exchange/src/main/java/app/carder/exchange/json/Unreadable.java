package app.carder.exchange.json;

import app.carder.core.said.Said;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;

/** Says where a file stops being readable. The parser's own words help nobody who only exported it. */
final class Unreadable {

    private Unreadable() {}

    /** The place in the file, where the parser knows it: {@code it cannot be read from line 3, column 12, in cards, 2, put}. */
    static Said where(JacksonException broken) {
        TokenStreamLocation location = broken.getLocation();
        // So it is where a number or a nesting is beyond the parser's limits.
        if (location == null) {
            return Said.of("refused.unreadable.beyond-limits");
        }
        String place = broken.getPath().stream()
                .map(step ->
                        step.getPropertyName() == null ? String.valueOf(step.getIndex() + 1) : step.getPropertyName())
                .collect(Collectors.joining(", "));
        return Said.of(
                "refused.unreadable.from-line",
                location.getLineNr(),
                location.getColumnNr(),
                place.isEmpty() ? "" : Said.of("refused.unreadable.in", place));
    }
}
