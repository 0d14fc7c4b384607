package app.carder.core.premises;

import app.carder.core.attendance.Coming;
import app.carder.core.attendance.DayHours;
import app.carder.core.week.DayStrip.Session;
import app.carder.core.week.PlannedSession;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** What was agreed before the opening times changed, held against what they are now. */
public final class OpeningFit {

    private final Premises premises;

    /** Against some opening times. */
    public OpeningFit(Premises premises) {
        this.premises = premises;
    }

    /** Days on which the place is closed, in the order of the week. */
    public Set<DayOfWeek> closedOn(Set<DayOfWeek> days) {
        Set<DayOfWeek> closed = new TreeSet<>(days);
        closed.removeAll(premises.openOn());
        return closed;
    }

    /** Whether something begins before the place opens or ends after it closes. */
    public boolean isBeyond(Session session) {
        return session.startsAt().isBefore(premises.opens()) || session.endsAt().isAfter(premises.closes());
    }

    /** Whether a child is expected on a day on which the place is open, but before it opens or after it closes. */
    public boolean isBeyond(Coming coming) {
        return coming.days().stream()
                .filter(premises.openOn()::contains)
                .map(coming::hours)
                .anyMatch(this::isBeyond);
    }

    private boolean isBeyond(DayHours hours) {
        return hours.arrives().filter(premises.opens()::isAfter).isPresent()
                || hours.leaves().filter(premises.closes()::isBefore).isPresent();
    }

    /**
     * A session as far as it lies within the opening hours. Another language in it lasts no longer than it does.
     *
     * @return absent where nothing of it does
     */
    public Optional<PlannedSession> fitted(PlannedSession planned) {
        Session session = planned.session();
        LocalTime from = session.startsAt().isBefore(premises.opens()) ? premises.opens() : session.startsAt();
        LocalTime until = session.endsAt().isAfter(premises.closes()) ? premises.closes() : session.endsAt();
        if (!from.isBefore(until)) {
            return Optional.empty();
        }
        Duration length = Duration.between(from, until);
        return Optional.of(new PlannedSession(
                new Session(session.name(), session.kind(), from, until),
                planned.moves(),
                planned.garden(),
                new PlannedSession.Spoken(
                        planned.spoken().language(),
                        planned.spoken().length().map(spoken -> spoken.compareTo(length) > 0 ? length : spoken))));
    }
}
