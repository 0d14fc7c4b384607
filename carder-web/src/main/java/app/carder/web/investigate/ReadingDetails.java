package app.carder.web.investigate;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A reading.
 *
 * @param onDay when
 * @param measured in the investigation's unit; absent where nothing was measured
 * @param note in words
 */
public record ReadingDetails(LocalDate onDay, Optional<BigDecimal> measured, String note) {}
