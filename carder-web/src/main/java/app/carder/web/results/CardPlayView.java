package app.carder.web.results;

import app.carder.core.watch.Engagement;
import app.carder.core.watch.PlayLasts;
import app.carder.core.watch.PlayTrend;
import app.carder.core.watch.TimeBand;
import app.carder.web.card.CardView;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * How a card was taken up.
 *
 * @param card which
 * @param engagement in figures
 * @param proposal keep, vary or rest, with the reasons
 * @param ladderStep the step to try where it is to be varied, in words
 * @param stepIsWritten whether the card says how that step differs
 * @param lasts how long play lasts, as a curve
 * @param trend of the longest stretch of each day, where there is enough
 * @param times when it was out and watched, the latest first
 */
record CardPlayView(
        CardView card,
        Engagement engagement,
        Engagement.Proposal proposal,
        Optional<String> ladderStep,
        boolean stepIsWritten,
        Optional<PlayTrend> trend,
        Optional<PlayLasts> lasts,
        List<Time> times) {

    /**
     * A day.
     *
     * @param on which
     * @param zone where it was out; empty where that is not known
     * @param setOutAt when it was set out, where that was noted
     * @param preparationMinutes how long that took; 0 where nobody noted it
     * @param bands one for each child and record
     */
    record Time(
            LocalDate on, String zone, Optional<LocalDateTime> setOutAt, int preparationMinutes, List<Band> bands) {}

    /** A child's band in one record. */
    record Band(String child, LocalDateTime from, LocalDateTime until, TimeBand band, String words) {}
}
