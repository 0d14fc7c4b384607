package app.carder.web.room;

import app.carder.core.week.DayStrip;
import app.carder.core.week.PlannedSession;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A stretch of the room's day. */
@Entity
class RoomSession extends ScopedRecord {

    private UUID roomId;
    private String name;

    @Enumerated(EnumType.STRING)
    private DayStrip.Kind kind;

    private LocalTime startsAt;
    private LocalTime endsAt;
    private int weekdays;

    @Enumerated(EnumType.STRING)
    private PlannedSession.Moves moves;

    @Enumerated(EnumType.STRING)
    private PlannedSession.Garden garden;

    private String language;
    private @Nullable Integer languageMinutes;

    protected RoomSession() {}

    RoomSession(SettingId settingId, UUID roomId, SessionDetails details) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        rewrite(details);
    }

    final void rewrite(SessionDetails details) {
        DayStrip.Session session = details.planned().session();
        this.name = session.name();
        this.kind = session.kind();
        this.startsAt = session.startsAt();
        this.endsAt = session.endsAt();
        this.weekdays = details.weekdays().stream()
                .mapToInt(day -> 1 << day.getValue() - 1)
                .sum();
        this.moves = details.planned().moves();
        this.garden = details.planned().garden();
        this.language = details.planned().spoken().language();
        this.languageMinutes = details.planned()
                .spoken()
                .length()
                .map(length -> (int) length.toMinutes())
                .orElse(null);
    }

    UUID roomId() {
        return roomId;
    }

    SessionView view() {
        return new SessionView(
                getId(),
                new SessionDetails(
                        new PlannedSession(new DayStrip.Session(name, kind, startsAt, endsAt), moves, garden, spoken()),
                        Arrays.stream(DayOfWeek.values())
                                .filter(day -> (weekdays & 1 << day.getValue() - 1) != 0)
                                .collect(Collectors.toSet())));
    }

    private PlannedSession.Spoken spoken() {
        return new PlannedSession.Spoken(
                language, Optional.ofNullable(languageMinutes).map(Duration::ofMinutes));
    }
}
