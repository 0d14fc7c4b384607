package app.carder.web.card;

import app.carder.core.card.PreparationStep;
import app.carder.core.prepare.OpenHours;
import app.carder.core.prepare.Preparation;
import app.carder.core.prepare.PreparationList;
import app.carder.core.prepare.PreparationList.Job;
import app.carder.core.week.DayStrip.Kind;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts a card's preparation backwards over the hours of its room. */
@Service
public class PreparationService {

    private static final Set<Kind> MAKING = EnumSet.of(Kind.PROTECTED_PLAY, Kind.GROUP);

    private final RoomService rooms;
    private final SettingService settings;
    private final OccasionService occasions;

    PreparationService(RoomService rooms, SettingService settings, OccasionService occasions) {
        this.rooms = rooms;
        this.settings = settings;
        this.occasions = occasions;
    }

    /** The next open day at the beginning of free play: for when it is usually to be ready. */
    @Transactional(readOnly = true)
    public LocalDateTime usualMoment(SettingId settingId, UUID roomId) {
        RoomView room = rooms.get(settingId, roomId);
        OpenHours open = hours(settingId, room);
        LocalDateTime tomorrow =
                open.ready(settings.today(settingId).plusDays(1).atTime(LocalTime.NOON));
        LocalTime at = open.on(tomorrow.toLocalDate())
                .map(hours -> hours.sessions().isEmpty()
                        ? hours.from()
                        : hours.sessions().get(0).from())
                .orElseThrow();
        return tomorrow.toLocalDate().atTime(at);
    }

    /**
     * The plan of a card's steps.
     *
     * @throws IllegalArgumentException if the steps cannot be planned; the message says why
     */
    @Transactional(readOnly = true)
    public Preparation plan(SettingId settingId, UUID roomId, List<PreparationStep> steps, LocalDateTime readyAt) {
        return Preparation.backwards(
                PreparationStep.planned(steps),
                readyAt,
                hours(settingId, rooms.get(settingId, roomId)),
                settings.localNow(settingId));
    }

    /**
     * The steps of several cards, with one pair of hands.
     *
     * @param readyAt by card; cards without steps are left out
     */
    @Transactional(readOnly = true)
    public PreparationList list(
            SettingId settingId, RoomView room, List<CardView> cards, Map<UUID, LocalDateTime> readyAt) {
        LocalDateTime now = settings.localNow(settingId);
        List<Job> jobs = cards.stream()
                .filter(card -> !card.steps().isEmpty() && readyAt.containsKey(card.id()))
                .map(card -> new Job(
                        card.id().toString(),
                        card.title(),
                        PreparationStep.planned(card.steps()),
                        Required.from(readyAt, card.id())))
                .toList();
        return PreparationList.of(jobs, hours(settingId, room), now);
    }

    /**
     * Each day from its first session to its last, and the evening's minutes after it; a day of the week without sessions has the
     * usual hours and nothing that children could be there for. Children make things in free play and group time.
     */
    private OpenHours hours(SettingId settingId, RoomView room) {
        Map<DayOfWeek, OpenHours.Hours> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, hours(room, room.sessionsOn(day)));
        }
        return new OpenHours(week, occasions.openDays(settingId));
    }

    private static OpenHours.Hours hours(RoomView room, List<SessionView> sessions) {
        LocalTime from = sessions.stream()
                .map(one -> one.session().startsAt())
                .min(LocalTime::compareTo)
                .orElse(LocalTime.of(8, 0));
        LocalTime to = sessions.stream()
                .map(one -> one.session().endsAt())
                .max(LocalTime::compareTo)
                .orElse(LocalTime.of(17, 0));
        LocalTime evening = to.plusMinutes(room.week().eveningMinutes());
        return new OpenHours.Hours(
                from,
                // An evening ends before midnight.
                evening.isBefore(to) ? to : evening,
                sessions.stream()
                        .map(SessionView::session)
                        .filter(session -> MAKING.contains(session.kind()))
                        .map(session -> new OpenHours.Span(session.startsAt(), session.endsAt()))
                        .toList());
    }
}
