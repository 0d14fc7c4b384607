package app.carder.web.setout;

import app.carder.core.card.SetOutGate;
import app.carder.core.ladder.LadderStep;
import app.carder.core.safety.AdultCheck;
import app.carder.core.safety.Finding;
import app.carder.web.account.AccountService;
import app.carder.web.account.StaffView;
import app.carder.web.account.Viewer;
import app.carder.web.adults.AdultService;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.card.CardView;
import app.carder.web.card.ContentsService;
import app.carder.web.card.LaidOut;
import app.carder.web.card.SafetyService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is out, where and when. */
@Service
public class SetOutService {

    private static final Limit OF_A_DAY = Limit.of(100);
    private static final Limit OF_A_CARD = Limit.of(400);
    private static final Limit OF_A_ROOM = Limit.of(3000);
    private static final Limit OF_A_SETTING = Limit.of(10_000);

    private final SetOutRepository setOuts;
    private final CardService deck;
    private final ShelfService shelves;
    private final SafetyService safety;
    private final RoomService rooms;
    private final AccountService accounts;
    private final AdultService adults;
    private final ContentsService contents;
    private final SettingService settings;

    SetOutService(
            SetOutRepository setOuts,
            CardService deck,
            ShelfService shelves,
            SafetyService safety,
            RoomService rooms,
            AccountService accounts,
            AdultService adults,
            ContentsService contents,
            SettingService settings) {
        this.setOuts = setOuts;
        this.deck = deck;
        this.shelves = shelves;
        this.safety = safety;
        this.rooms = rooms;
        this.accounts = accounts;
        this.adults = adults;
        this.contents = contents;
        this.settings = settings;
    }

    /** Refused: the gate still holds the card. */
    public static final class Held extends RuntimeException {
        private static final long serialVersionUID = 1L;

        private final transient List<SetOutGate.Fault> faults;

        Held(List<SetOutGate.Fault> faults) {
            super("Card must not be set out while it is held: %s.".formatted(faults));
            this.faults = List.copyOf(faults);
        }

        /** What holds it. */
        public List<SetOutGate.Fault> faults() {
            return faults;
        }
    }

    /**
     * Sets a card out now. The same card in the same zone on the same day a second time changes nothing.
     *
     * @throws Held if a finding for the children of that day and session holds it
     */
    @Transactional
    public void setOut(Viewer viewer, CardView card, SetOutDetails details) {
        setOut(viewer, card, details, settings.now(viewer.settingId()));
    }

    /**
     * Enters what was set out at another moment.
     *
     * @param at when it stood ready
     * @throws Held if a finding for the children of that day and session holds it
     */
    @Transactional
    public void setOut(Viewer viewer, CardView card, SetOutDetails details, Instant at) {
        RoomView room = rooms.get(viewer.settingId(), card.roomId());
        SetOutGate gate = safety.gate(
                viewer.settingId(),
                room,
                card,
                details.ladderStep(),
                moment(room, details.onDay(), details.sessionId()));
        List<SetOutGate.Fault> faults = gate.faults(Optional.ofNullable(details.adultId()), details.overruledBecause());
        if (!faults.isEmpty()) {
            throw new Held(faults);
        }
        if (setOuts.existsBySettingIdAndCardIdAndZoneIdAndOnDayAndPutAwayAtIsNull(
                viewer.settingId(), card.id(), details.zoneId(), details.onDay())) {
            return;
        }
        List<String> overruled = overruled(gate);
        setOuts.save(new SetOut(
                viewer.settingId(),
                card.id(),
                card.roomId(),
                overruled.isEmpty() ? details.withoutReason() : details,
                shelves.freePlace(viewer.settingId(), card, details),
                overruled,
                viewer.name(),
                at));
    }

    private static List<String> overruled(SetOutGate gate) {
        return gate.overruled().stream()
                .map(finding -> finding.title() + ": " + finding.subject())
                .distinct()
                .toList();
    }

    /** Whether it could not be set out now as it was: something holds it that nobody has decided about. */
    boolean isHeld(SettingId settingId, SetOut out) {
        RoomView room = rooms.get(settingId, out.roomId());
        CardView card = deck.get(settingId, out.cardId());
        SetOutGate gate =
                safety.gate(settingId, room, card, out.ladderStep(), moment(room, out.onDay(), out.sessionId()));
        return !gate.faults(Optional.ofNullable(out.adultId()), out.overruledBecause())
                        .isEmpty()
                || !out.overruledFindings().containsAll(overruled(gate));
    }

    /** What on a card adults who work here should not handle; it names nobody and holds nothing. */
    @Transactional(readOnly = true)
    public List<Finding> forAdults(SettingId settingId, CardView card, LadderStep ladderStep) {
        Collection<UUID> staff =
                accounts.staff(settingId).stream().map(StaffView::id).toList();
        LaidOut laid = contents.lay(
                settingId,
                card.card().contentsOn(ladderStep),
                card.card().usage().term());
        return AdultCheck.findings(laid.putOut().setup(card.card().said()), adults.handling(settingId, staff));
    }

    /** The part of a day for which a card is set out; the whole day without a session. */
    static Moment moment(RoomView room, LocalDate on, @Nullable UUID sessionId) {
        return room.sessions().stream()
                .filter(session -> session.id().equals(sessionId))
                .findFirst()
                .map(session -> Moment.between(
                        on, session.session().startsAt(), session.session().endsAt()))
                .orElseGet(() -> Moment.day(on));
    }

    /**
     * Puts a card away again.
     *
     * @return the room in which it was out
     */
    @Transactional
    public UUID putAway(SettingId settingId, UUID setOutId) {
        SetOut out = setOuts.findByIdAndSettingId(setOutId, settingId).orElseThrow(NotFound::new);
        out.putAway(settings.now(settingId));
        return out.roomId();
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
        return setOuts.findBySettingIdAndCardIdOrderBySetOutAtDesc(settingId, cardId, OF_A_DAY).stream()
                .filter(out -> !out.overruledFindings().isEmpty())
                .map(out -> new Overruling(
                        out.onDay(),
                        out.setOutBy(),
                        settings.local(settingId, out.setOutAt()),
                        out.overruledFindings(),
                        out.overruledBecause()))
                .toList();
    }

    /**
     * How often a rule was overruled.
     *
     * @param title of the rule
     * @param times how often
     * @param cards on how many cards
     */
    public record OverruledRule(String title, long times, long cards) {}

    /** What was overruled since a day, by rule, the most often first. It counts for the rule's sake: it names no adult. */
    @Transactional(readOnly = true)
    public List<OverruledRule> overruledByRule(SettingId settingId, LocalDate since) {
        Map<String, List<UUID>> cards = new TreeMap<>();
        for (SetOut out : setOuts.overruledSince(settingId, since, OF_A_SETTING)) {
            // Each names the rule, then the thing.
            out.overruledFindings().stream()
                    .map(finding -> finding.split(": ", 2)[0])
                    .distinct()
                    .forEach(title -> cards.computeIfAbsent(title, rule -> new ArrayList<>())
                            .add(out.cardId()));
        }
        return cards.entrySet().stream()
                .map(rule -> new OverruledRule(
                        rule.getKey(),
                        rule.getValue().size(),
                        rule.getValue().stream().distinct().count()))
                .sorted(Comparator.comparingLong(OverruledRule::times).reversed())
                .toList();
    }

    /** On which step each card was out, by day; the last one of a day. */
    @Remembered(Area.BOARD)
    @Transactional(readOnly = true)
    public Map<UUID, Map<LocalDate, LadderStep>> ladderSteps(SettingId settingId, Collection<UUID> cardIds) {
        return setOuts
                .findBySettingIdAndCardIdInOrderBySetOutAtDesc(
                        settingId, cardIds, Limit.of(OF_A_CARD.max() * Math.max(1, cardIds.size())))
                .stream()
                .collect(Collectors.groupingBy(
                        SetOut::cardId,
                        Collectors.toMap(SetOut::onDay, SetOut::ladderStep, (latest, earlier) -> latest)));
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
    @Remembered(Area.BOARD)
    @Transactional(readOnly = true)
    public Map<LocalDate, TimeOut> timesOut(SettingId settingId, UUID cardId) {
        return setOuts.findBySettingIdAndCardIdOrderBySetOutAtDesc(settingId, cardId, OF_A_CARD).stream()
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
    @Remembered(Area.BOARD)
    @Transactional(readOnly = true)
    public List<Placed> placed(SettingId settingId, UUID roomId, LocalDate from, LocalDate until) {
        return setOuts.findBySettingIdAndRoomIdAndOnDayBetween(settingId, roomId, from, until, OF_A_ROOM).stream()
                .map(out -> new Placed(out.cardId(), out.zoneId(), out.onDay(), out.setOutAt()))
                .toList();
    }

    /** Days on which each card of a room was set out, by card; both ends included. */
    @Remembered(Area.BOARD)
    @Transactional(readOnly = true)
    public Map<UUID, List<LocalDate>> daysOut(SettingId settingId, UUID roomId, LocalDate from, LocalDate until) {
        return setOuts.findBySettingIdAndRoomIdAndOnDayBetween(settingId, roomId, from, until, OF_A_ROOM).stream()
                .collect(Collectors.groupingBy(SetOut::cardId, Collectors.mapping(SetOut::onDay, Collectors.toList())));
    }

    /** What is out in a room on a day. */
    @Remembered({Area.BOARD, Area.CARDS, Area.PEOPLE, Area.PLACES})
    @Transactional(readOnly = true)
    public List<SetOutView> out(SettingId settingId, RoomView room, LocalDate on) {
        List<SetOut> found = setOuts.findBySettingIdAndRoomIdAndOnDayAndPutAwayAtIsNullOrderBySetOutAt(
                settingId, room.id(), on, OF_A_DAY);
        if (found.isEmpty()) {
            return List.of();
        }
        Map<UUID, CardSummary> cards =
                deck.byId(settingId, found.stream().map(SetOut::cardId).toList());
        Map<UUID, ZoneView> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, Function.identity()));
        Map<UUID, String> staff = accounts.names(settingId);
        return found.stream()
                .map(out -> new SetOutView(
                        out.getId(),
                        Required.from(cards, out.cardId()),
                        Required.from(zones, out.zoneId()),
                        out.place(),
                        out.sessionId(),
                        out.ladderStep(),
                        out.adultId() == null ? "" : staff.getOrDefault(out.adultId(), ""),
                        out.overruledFindings(),
                        out.overruledBecause(),
                        out.setOutBy(),
                        out.setOutAt()))
                .toList();
    }
}
