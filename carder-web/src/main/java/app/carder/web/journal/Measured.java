package app.carder.web.journal;

import app.carder.core.drawing.Sketch;
import app.carder.core.investigate.ReadingChart;
import app.carder.core.investigate.ReadingChart.Drawn;
import app.carder.core.journal.Part;
import app.carder.web.investigate.InvestigationView;
import app.carder.web.investigate.InvestigationView.ReadingView;
import app.carder.web.journal.JournalSheet.Chart;
import app.carder.web.journal.JournalSheet.Photo;
import app.carder.web.journal.JournalSheet.Piece;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What was measured of a thing over days, and its pictures in the order of time, as a journal keeps them.
 *
 * @param title what was watched
 * @param unit of the values
 * @param begunOn first day
 * @param endsOn last day
 * @param readings in order
 */
record Measured(String title, String unit, LocalDate begunOn, LocalDate endsOn, List<Reading> readings) {

    private static final String BETWEEN = "\t";
    private static final String NONE = "-";
    private static final String PICTURES = "-pictures";

    /**
     * One reading.
     *
     * @param on the day
     * @param value measured
     * @param picture of it
     */
    record Reading(LocalDate on, Optional<BigDecimal> value, Optional<Photo> picture) {}

    Measured {
        readings = List.copyOf(readings);
    }

    /** Of an investigation, up to a day. */
    static Measured of(InvestigationView investigation, LocalDate until) {
        return new Measured(
                investigation.title(),
                investigation.unit(),
                investigation.begunOn(),
                investigation.ends(),
                investigation.readings().stream()
                        .filter(reading -> !reading.onDay().isAfter(until))
                        .map(Measured::reading)
                        .toList());
    }

    /** The same, called otherwise. */
    Measured called(String other) {
        return new Measured(other.replace(BETWEEN, " "), unit.replace(BETWEEN, " "), begunOn, endsOn, readings);
    }

    private static Reading reading(ReadingView reading) {
        return new Reading(
                reading.onDay(), reading.measured(), reading.drawing().map(Photo::of));
    }

    /** As a journal keeps it: a line for what it is, and one for each reading. */
    String kept() {
        List<String> lines = new ArrayList<>();
        lines.add(String.join(BETWEEN, title, unit, begunOn.toString(), endsOn.toString()));
        for (Reading reading : readings) {
            lines.add(String.join(
                    BETWEEN,
                    reading.on().toString(),
                    reading.value().map(BigDecimal::toPlainString).orElse(NONE),
                    reading.picture().map(picture -> picture.id().toString()).orElse(NONE),
                    reading.picture()
                            .map(picture -> String.valueOf(picture.widthPercent()))
                            .orElse(NONE)));
        }
        return String.join("\n", lines);
    }

    /** What a journal kept; absent where it kept nothing. */
    static Optional<Measured> read(String kept) {
        if (kept.isEmpty()) {
            return Optional.empty();
        }
        List<String[]> lines = kept.lines().map(line -> line.split(BETWEEN, -1)).toList();
        String[] what = lines.get(0);
        return Optional.of(new Measured(
                what[0],
                what[1],
                LocalDate.parse(what[2]),
                LocalDate.parse(what[3]),
                lines.stream()
                        .skip(1)
                        .map(parts -> new Reading(
                                LocalDate.parse(parts[0]),
                                given(parts[1]).map(BigDecimal::new),
                                given(parts[2]).map(id -> new Photo(UUID.fromString(id), Integer.parseInt(parts[3])))))
                        .toList()));
    }

    private static Optional<String> given(String part) {
        return Optional.of(part).filter(one -> !one.equals(NONE));
    }

    /** As a journal tells it: the values over the days, drawn, and the pictures in the order of time. */
    List<Piece> pieces() {
        List<Piece> pieces = new ArrayList<>();
        if (readings.stream().anyMatch(reading -> reading.value().isPresent())) {
            pieces.add(piece(Part.MEASURED.name(), new Chart(title, Optional.of(chart()), List.of())));
        }
        List<Photo> pictures =
                readings.stream().flatMap(reading -> reading.picture().stream()).toList();
        if (!pictures.isEmpty()) {
            pieces.add(piece(Part.MEASURED.name() + PICTURES, new Chart(title, Optional.empty(), pictures)));
        }
        return pieces;
    }

    private static Piece piece(String id, Chart chart) {
        return new Piece(id, List.of(), "", Optional.empty(), Optional.of(chart), Optional.empty());
    }

    private Sketch chart() {
        return ReadingChart.of(
                title,
                unit,
                begunOn,
                endsOn,
                readings.stream().map(Reading::on).distinct().toList(),
                readings.stream()
                        .map(reading -> new ReadingChart.Reading(
                                reading.on(), reading.value(), reading.picture().isPresent() ? Drawn.YES : Drawn.NO))
                        .toList(),
                Optional.empty());
    }
}
