package app.carder.web.investigate;

import app.carder.core.drawing.Sketch;
import app.carder.core.investigate.Expected;
import app.carder.web.media.PhotoView;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * An investigation, as other features see it.
 *
 * @param id its own
 * @param roomId the room
 * @param title in a few words
 * @param question that the children ask
 * @param unit of the readings
 * @param begunOn first day
 * @param ends last day
 * @param ended whether it is over
 * @param days on which it is looked at
 * @param expected what is expected
 * @param hint how today stands to what is expected; empty where nothing is
 * @param readings in order
 * @param chart of them
 */
public record InvestigationView(
        UUID id,
        UUID roomId,
        String title,
        String question,
        String unit,
        LocalDate begunOn,
        LocalDate ends,
        boolean ended,
        List<LocalDate> days,
        Optional<Expected> expected,
        String hint,
        List<ReadingView> readings,
        Sketch chart) {

    /** Keeps its own copies. */
    public InvestigationView {
        days = List.copyOf(days);
        readings = List.copyOf(readings);
    }

    /**
     * A reading.
     *
     * @param id its own
     * @param onDay when
     * @param measured in the unit
     * @param note in words
     * @param by who read it
     * @param drawing of it
     */
    public record ReadingView(
            UUID id,
            LocalDate onDay,
            Optional<BigDecimal> measured,
            String note,
            String by,
            Optional<PhotoView> drawing) {}

    /** The next day on which to look, from a day on. */
    public Optional<LocalDate> nextLook(LocalDate from) {
        return ended
                ? Optional.empty()
                : days.stream().filter(day -> !day.isBefore(from)).findFirst();
    }

    /** Whether it is to be looked at on a day, and nobody has yet. */
    public boolean isDue(LocalDate on) {
        return !ended
                && days.contains(on)
                && readings.stream().noneMatch(reading -> reading.onDay().equals(on));
    }
}
