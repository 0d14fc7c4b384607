package app.carder.web.settings;

import app.carder.core.premises.OpeningFit;
import app.carder.core.week.PlannedSession;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomService.KeptSession;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionDetails;
import app.carder.web.room.SessionView;
import app.carder.web.rota.RotaService;
import app.carder.web.rota.ShiftView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What no longer fits the opening times: sessions of rooms, days and hours of children, hours of adults. */
@Service
class OpeningService {

    private final SettingService settings;
    private final RoomService rooms;
    private final ChildService children;
    private final RotaService rotas;

    OpeningService(SettingService settings, RoomService rooms, ChildService children, RotaService rotas) {
        this.settings = settings;
        this.rooms = rooms;
        this.children = children;
        this.rotas = rotas;
    }

    /**
     * Of one room.
     *
     * @param id of the room
     * @param name of it
     * @param sessions that begin before the place opens, or end after it closes, or take place while it is closed
     * @param without open days on which the room has no session
     * @param adults who are there on days on which the place is closed
     */
    record OfRoom(UUID id, String name, List<String> sessions, List<DayOfWeek> without, List<String> adults) {}

    /**
     * Of the whole setting.
     *
     * @param rooms those in which something does not fit
     * @param onClosedDays children who come on days on which the place is closed
     * @param beyondHours children who come earlier than it opens, or leave later than it closes
     */
    record Misfits(List<OfRoom> rooms, List<ChildView> onClosedDays, List<ChildView> beyondHours) {

        /** Whether all fits. */
        public boolean isEmpty() {
            return rooms.isEmpty() && onClosedDays.isEmpty() && beyondHours.isEmpty();
        }

        /** Whether any session can be cut to the opening times. */
        public boolean hasSessions() {
            return rooms.stream().anyMatch(room -> !room.sessions().isEmpty());
        }
    }

    /** What does not fit now. */
    @Transactional(readOnly = true)
    Misfits misfits(SettingId settingId) {
        OpeningFit fit = fit(settingId);
        List<ChildView> all = children.all(settingId);
        return new Misfits(
                rooms.all(settingId).stream()
                        .map(room -> ofRoom(settingId, room, fit))
                        .filter(room -> !room.sessions().isEmpty()
                                || !room.without().isEmpty()
                                || !room.adults().isEmpty())
                        .toList(),
                all.stream()
                        .filter(child -> !fit.closedOn(child.coming().days()).isEmpty())
                        .toList(),
                all.stream().filter(child -> fit.isBeyond(child.coming())).toList());
    }

    private OpeningFit fit(SettingId settingId) {
        return new OpeningFit(settings.get(settingId).premises());
    }

    private OfRoom ofRoom(SettingId settingId, RoomView room, OpeningFit fit) {
        Set<DayOfWeek> without =
                EnumSet.copyOf(settings.get(settingId).premises().openOn());
        room.sessions().forEach(session -> without.removeAll(session.details().weekdays()));
        return new OfRoom(
                room.id(),
                room.name(),
                room.sessions().stream()
                        .filter(session -> !session.details().weekdays().isEmpty())
                        .filter(session -> fit.isBeyond(
                                        session.details().planned().session())
                                || !fit.closedOn(session.details().weekdays()).isEmpty())
                        .map(session -> session.details().planned().session().name())
                        .distinct()
                        .toList(),
                without.stream().sorted().toList(),
                rotas.shifts(settingId, room.id()).stream()
                        .filter(shift -> !fit.closedOn(Set.of(shift.day())).isEmpty())
                        .map(ShiftView::name)
                        .distinct()
                        .toList());
    }

    /** Cuts the sessions of every room to the opening times and days; one of which nothing is left takes place on no day. */
    @Transactional
    void fitSessions(SettingId settingId) {
        OpeningFit fit = fit(settingId);
        for (RoomView room : rooms.all(settingId)) {
            rooms.saveSessions(
                    settingId,
                    room.id(),
                    room.sessions().stream().map(session -> kept(session, fit)).toList());
        }
    }

    private static KeptSession kept(SessionView session, OpeningFit fit) {
        Optional<PlannedSession> fitted = fit.fitted(session.details().planned());
        Set<DayOfWeek> days = new HashSet<>(session.details().weekdays());
        days.removeAll(fit.closedOn(days));
        return new KeptSession(
                Optional.of(session.id()),
                new SessionDetails(fitted.orElse(session.details().planned()), fitted.isPresent() ? days : Set.of()));
    }
}
