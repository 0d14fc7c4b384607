package app.carder.web.rights;

import app.carder.web.children.ChildService;
import app.carder.web.children.ConsentService;
import app.carder.web.children.KnownDays;
import app.carder.web.journal.JournalService;
import app.carder.web.journal.JournalSummary;
import app.carder.web.setting.SettingId;
import app.carder.web.watch.ObservationService;
import app.carder.web.watchlog.WatchLogService;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reads everything about a child once, as its pages would: what cannot be read must not come in. */
@Component
class IntakeCheck {

    private static final LocalDate EARLIEST = LocalDate.of(2000, 1, 1);
    private static final LocalDate LATEST = LocalDate.of(2100, 1, 1);

    private final ChildService children;
    private final ConsentService consents;
    private final KnownDays days;
    private final ObservationService observations;
    private final WatchLogService watched;
    private final JournalService journals;

    IntakeCheck(
            ChildService children,
            ConsentService consents,
            KnownDays days,
            ObservationService observations,
            WatchLogService watched,
            JournalService journals) {
        this.children = children;
        this.consents = consents;
        this.days = days;
        this.observations = observations;
        this.watched = watched;
        this.journals = journals;
    }

    /**
     * Reads it, in the transaction that took it in.
     *
     * @throws IllegalArgumentException if some code or number in it is unknown here
     */
    void readThrough(SettingId settingId, UUID childId) {
        children.get(settingId, childId);
        children.everyCarerOf(settingId, childId);
        consents.of(settingId, List.of(childId));
        days.from(settingId, List.of(childId), EARLIEST);
        observations.ofChildBetween(settingId, childId, EARLIEST, LATEST);
        watched.ofChild(settingId, childId, EARLIEST);
        for (JournalSummary journal : journals.ofChild(settingId, childId)) {
            journals.draft(settingId, journal.id());
        }
    }
}
