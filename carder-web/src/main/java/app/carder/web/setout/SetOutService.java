package app.carder.web.setout;

import app.carder.core.ladder.Rung;
import app.carder.core.safety.Level;
import app.carder.web.account.AccountService;
import app.carder.web.account.StaffView;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.provocation.BenchView;
import app.carder.web.provocation.CardSummary;
import app.carder.web.provocation.CardView;
import app.carder.web.provocation.ProvocationService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is out, where and when. */
@Service
public class SetOutService {

    private static final Limit OF_A_DAY = Limit.of(100);
    private static final Limit OF_A_CARD = Limit.of(400);
    private static final Limit OF_A_ROOM = Limit.of(3000);

    private final SetOutRepository setOuts;
    private final ProvocationService provocations;
    private final ShelfService shelves;
    private final AccountService accounts;
    private final SettingService settings;
    private final Clock clock;

    SetOutService(
            SetOutRepository setOuts,
            ProvocationService provocations,
            ShelfService shelves,
            AccountService accounts,
            SettingService settings,
            Clock clock) {
        this.setOuts = setOuts;
        this.provocations = provocations;
        this.shelves = shelves;
        this.accounts = accounts;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * Sets a card out. The same card in the same zone on the same day a second time changes nothing.
     *
     * @throws IllegalArgumentException if a finding of level "never" stands against it
     */
    @Transactional
    public void setOut(Viewer viewer, CardView card, BenchView bench, SetOutDetails details) {
        setOut(viewer, card, bench, details, clock.instant());
    }

    /**
     * Enters what was set out at another moment.
     *
     * @param at when it stood ready
     * @throws IllegalArgumentException if a finding of level "never" stands against it
     */
    @Transactional
    public void setOut(Viewer viewer, CardView card, BenchView bench, SetOutDetails details, Instant at) {
        if (bench.isForbidden()) {
            throw new IllegalArgumentException("Card must not be set out while a finding says never.");
        }
        if (setOuts.existsBySettingIdAndProvocationIdAndZoneIdAndOnDayAndPutAwayAtIsNull(
                viewer.settingId(), card.id(), details.zoneId(), details.onDay())) {
            return;
        }
        List<String> overruled = bench.findings().stream()
                .filter(finding -> finding.level() == Level.STOP_FOR)
                .map(finding -> finding.title() + ": " + finding.subject())
                .toList();
        setOuts.save(new SetOut(
                viewer.settingId(),
                card.id(),
                card.roomId(),
                details,
                shelves.freePlace(viewer.settingId(), card, details),
                overruled,
                viewer.name(),
                at));
    }

    /** Puts a card away again. */
    @Transactional
    public void putAway(SettingId settingId, UUID setOutId) {
        setOuts.findByIdAndSettingId(setOutId, settingId)
                .orElseThrow(NotFound::new)
                .putAway(clock.instant());
    }

    /**
     * A finding that was overruled.
     *
     * @param onDay for which day
     * @param by who decided
     * @param at when
     * @param findings what was overruled
     * @param because why
     */
    public record Overruling(LocalDate onDay, String by, LocalDateTime at, List<String> findings, String because) {}

    /** What was overruled on a card so far, the latest first. */
    @Transactional(readOnly = true)
    public List<Overruling> overruled(SettingId settingId, UUID cardId) {
        return setOuts.findBySettingIdAndProvocationIdOrderBySetOutAtDesc(settingId, cardId, OF_A_DAY).stream()
                .filter(out -> !out.overruledFindings().isEmpty())
                .map(out -> new Overruling(
                        out.onDay(),
                        out.setOutBy(),
                        settings.local(settingId, out.setOutAt()),
                        out.overruledFindings(),
                        out.overruledBecause()))
                .toList();
    }

    /** On which rung a card was out, by day; the last one of a day. */
    @Transactional(readOnly = true)
    public Map<LocalDate, Rung> rungs(SettingId settingId, UUID cardId) {
        return setOuts.findBySettingIdAndProvocationIdOrderBySetOutAtDesc(settingId, cardId, OF_A_CARD).stream()
                .collect(Collectors.toMap(SetOut::onDay, SetOut::rung, (latest, earlier) -> latest));
    }

    /**
     * A day on which a card was out.
     *
     * @param zoneId where
     * @param setOutAt when it was first set out on that day
     * @param preparationMinutes how long that took; 0 where nobody noted it
     */
    public record TimeOut(UUID zoneId, Instant setOutAt, int preparationMinutes) {}

    /** When a card was set out, by day; the first time of a day. */
    @Transactional(readOnly = true)
    public Map<LocalDate, TimeOut> timesOut(SettingId settingId, UUID cardId) {
        return setOuts.findBySettingIdAndProvocationIdOrderBySetOutAtDesc(settingId, cardId, OF_A_CARD).stream()
                .collect(Collectors.toMap(
                        SetOut::onDay,
                        out -> new TimeOut(
                                out.zoneId(),
                                out.setOutAt(),
                                out.preparationMinutes().orElse(0)),
                        (later, earlier) -> earlier));
    }

    /**
     * A card that was set out.
     *
     * @param cardId which
     * @param zoneId where
     * @param on the day
     * @param setOutAt when it stood ready
     */
    public record Placed(UUID cardId, UUID zoneId, LocalDate on, Instant setOutAt) {}

    /** What was set out where in a room; both ends included. */
    @Transactional(readOnly = true)
    public List<Placed> placed(SettingId settingId, UUID roomId, LocalDate from, LocalDate until) {
        return setOuts.findBySettingIdAndRoomIdAndOnDayBetween(settingId, roomId, from, until, OF_A_ROOM).stream()
                .map(out -> new Placed(out.provocationId(), out.zoneId(), out.onDay(), out.setOutAt()))
                .toList();
    }

    /** Days on which each card of a room was set out, by card; both ends included. */
    @Transactional(readOnly = true)
    public Map<UUID, List<LocalDate>> daysOut(SettingId settingId, UUID roomId, LocalDate from, LocalDate until) {
        return setOuts.findBySettingIdAndRoomIdAndOnDayBetween(settingId, roomId, from, until, OF_A_ROOM).stream()
                .collect(Collectors.groupingBy(
                        SetOut::provocationId, Collectors.mapping(SetOut::onDay, Collectors.toList())));
    }

    /** What is out in a room on a day. */
    @Transactional(readOnly = true)
    public List<SetOutView> out(SettingId settingId, RoomView room, LocalDate on) {
        List<SetOut> found = setOuts.findBySettingIdAndRoomIdAndOnDayAndPutAwayAtIsNullOrderBySetOutAt(
                settingId, room.id(), on, OF_A_DAY);
        if (found.isEmpty()) {
            return List.of();
        }
        Map<UUID, CardSummary> cards = provocations.byId(
                settingId, found.stream().map(SetOut::provocationId).toList());
        Map<UUID, ZoneView> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, Function.identity()));
        Map<UUID, String> staff =
                accounts.staff(settingId).stream().collect(Collectors.toMap(StaffView::id, StaffView::name));
        return found.stream()
                .map(out -> new SetOutView(
                        out.getId(),
                        Required.from(cards, out.provocationId()),
                        Required.from(zones, out.zoneId()),
                        out.place(),
                        out.sessionId(),
                        out.rung(),
                        out.adultId() == null ? "" : staff.getOrDefault(out.adultId(), ""),
                        out.overruledFindings(),
                        out.overruledBecause(),
                        out.setOutBy(),
                        out.setOutAt()))
                .toList();
    }
}
