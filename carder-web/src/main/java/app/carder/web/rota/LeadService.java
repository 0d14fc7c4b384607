package app.carder.web.rota;

import app.carder.core.card.SetOutGate;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.rota.Rota;
import app.carder.core.rota.RotaProblem;
import app.carder.core.rota.RotaProblem.Adult;
import app.carder.core.rota.RotaProblem.Area;
import app.carder.core.rota.RotaProblem.Duty;
import app.carder.core.rota.RotaSolver;
import app.carder.web.account.AccountService;
import app.carder.web.account.StaffView;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.card.SafetyService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.page.NotFound;
import app.carder.web.page.Places;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;

/** Rotas of who leads which zone. */
@Service
class LeadService {

    private static final int WORKDAYS = 5;

    private final LeadRotaRepository rotas;
    private final LeadTurnRepository turns;
    private final CannotLeadRepository unable;
    private final RotaService hours;
    private final RoomService rooms;
    private final CardService deck;
    private final SafetyService safety;
    private final AccountService accounts;
    private final SettingService settings;
    private final TransactionOperations transaction;
    private final Places places;

    LeadService(
            LeadRotaRepository rotas,
            LeadTurnRepository turns,
            CannotLeadRepository unable,
            RotaService hours,
            RoomService rooms,
            CardService deck,
            SafetyService safety,
            AccountService accounts,
            SettingService settings,
            TransactionOperations transaction,
            Places places) {
        this.rotas = rotas;
        this.turns = turns;
        this.unable = unable;
        this.hours = hours;
        this.rooms = rooms;
        this.deck = deck;
        this.safety = safety;
        this.accounts = accounts;
        this.settings = settings;
        this.transaction = transaction;
        this.places = places;
    }

    /** Adults who have hours in the room, by name. */
    @Transactional(readOnly = true)
    public List<StaffView> adults(SettingId settingId, UUID roomId) {
        Set<UUID> there = hours.shifts(settingId, roomId).stream()
                .map(ShiftView::accountId)
                .collect(Collectors.toSet());
        return accounts.staff(settingId).stream()
                .filter(one -> there.contains(one.id()))
                .toList();
    }

    /** The newest rota of a room. */
    @Transactional(readOnly = true)
    public Optional<LeadRotaView> newest(SettingId settingId, RoomView room) {
        return rotas
                .findBySettingIdAndRoomIdOrderByFirstMondayDescChangedAtDesc(settingId, room.id(), Limit.of(1))
                .stream()
                .findFirst()
                .map(rota -> view(settingId, room, rota));
    }

    private LeadRotaView view(SettingId settingId, RoomView room, LeadRota rota) {
        Map<UUID, String> names = accounts.names(settingId);
        List<LeadTurn> all = turns.findBySettingIdAndRotaId(settingId, rota.getId());
        Set<UUID> led = all.stream().map(LeadTurn::zoneId).collect(Collectors.toSet());
        List<ZoneView> zones =
                room.zones().stream().filter(zone -> led.contains(zone.id())).toList();
        List<LeadRotaView.Week> weeks = new ArrayList<>();
        for (int week = 0; week < rota.weeks(); week++) {
            int at = week;
            weeks.add(new LeadRotaView.Week(
                    rota.firstMonday().plusWeeks(week),
                    zones.stream()
                            .map(zone -> turn(
                                    all.stream()
                                            .filter(turn -> turn.week() == at
                                                    && turn.zoneId().equals(zone.id()))
                                            .toList(),
                                    names))
                            .toList()));
        }
        return new LeadRotaView(rota.getId(), zones, weeks, rota.notes());
    }

    private static LeadRotaView.Turn turn(List<LeadTurn> ofZone, Map<UUID, String> names) {
        LeadTurn lead =
                ofZone.stream().filter(turn -> !turn.isSpare()).findFirst().orElseThrow();
        return new LeadRotaView.Turn(
                lead.getId(),
                name(lead, names),
                Optional.ofNullable(lead.accountId()),
                ofZone.stream()
                        .filter(LeadTurn::isSpare)
                        .map(turn -> name(turn, names))
                        .toList(),
                lead.isPinned());
    }

    private static String name(LeadTurn turn, Map<UUID, String> names) {
        UUID account = turn.accountId();
        return account == null ? "" : names.getOrDefault(account, "");
    }

    /** Zones that adults cannot lead, as account and zone. */
    @Transactional(readOnly = true)
    public Set<String> unable(SettingId settingId, RoomView room) {
        return unable
                .findBySettingIdAndZoneIdIn(
                        settingId, room.zones().stream().map(ZoneView::id).toList())
                .stream()
                .map(row -> row.accountId() + "_" + row.zoneId())
                .collect(Collectors.toSet());
    }

    /**
     * Writes down who cannot lead what: all of a room at once.
     *
     * @throws NotFound if one of them has no hours in the room, or it has no such zone
     */
    @Transactional
    public void keepUnable(SettingId settingId, RoomView room, Set<String> pairs) {
        List<UUID> zones = room.zones().stream().map(ZoneView::id).toList();
        Set<String> there = new HashSet<>();
        for (CannotLead row : unable.findBySettingIdAndZoneIdIn(settingId, zones)) {
            String pair = row.accountId() + "_" + row.zoneId();
            if (pairs.contains(pair)) {
                there.add(pair);
            } else {
                unable.delete(row);
            }
        }
        Set<String> possible = adults(settingId, room.id()).stream()
                .flatMap(adult -> zones.stream().map(zone -> adult.id() + "_" + zone))
                .collect(Collectors.toSet());
        if (!possible.containsAll(pairs)) {
            throw new NotFound();
        }
        for (StaffView adult : adults(settingId, room.id())) {
            for (UUID zone : zones) {
                String pair = adult.id() + "_" + zone;
                if (pairs.contains(pair) && !there.contains(pair)) {
                    unable.save(new CannotLead(settingId, adult.id(), zone));
                }
            }
        }
    }

    /** What a rota is solved from, and what it was like then. */
    private record Asked(LeadRota rota, RoomView room, Given given, RotaProblem problem) {}

    /** Who led what before, and what of that stays. */
    private record Given(Map<Duty, String> before, Map<Duty, String> pins) {
        private static final Given NOTHING = new Given(Map.of(), Map.of());
    }

    /**
     * Makes a rota. It is solved between two transactions: that takes a second, and others use the database meanwhile.
     *
     * @throws IllegalArgumentException if nobody has hours in the room, or the weeks are not 1 to 26
     */
    public void make(Viewer viewer, RoomView room, LocalDate firstMonday, int weeks) {
        LeadRota rota = new LeadRota(
                Ids.next(),
                viewer.settingId(),
                room.id(),
                firstMonday,
                weeks,
                viewer.name(),
                settings.now(viewer.settingId()));
        Asked asked = inTransaction(() -> asked(rota, room, Given.NOTHING));
        Rota solved = solved(asked);
        inTransaction(() -> save(viewer, rota, asked, solved));
    }

    /**
     * Solves a rota again with the absences there are now: what is pinned stays, the rest changes as little as can be.
     *
     * @throws OptimisticLockingFailureException if somebody changed it while it was being solved; nothing is kept then
     */
    public UUID again(Viewer viewer, UUID rotaId) {
        SettingId settingId = viewer.settingId();
        Asked asked = inTransaction(() -> {
            LeadRota rota = rotas.findByIdAndSettingId(rotaId, settingId).orElseThrow(NotFound::new);
            return asked(rota, rooms.get(settingId, rota.roomId()), given(settingId, rotaId));
        });
        Rota solved = solved(asked);
        return inTransaction(() -> {
            if (!given(settingId, rotaId).equals(asked.given())) {
                throw new OptimisticLockingFailureException("The rota was changed while it was being solved.");
            }
            LeadRota rota = rotas.findByIdAndSettingId(rotaId, settingId).orElseThrow(NotFound::new);
            turns.deleteBySettingIdAndRotaId(settingId, rotaId);
            return save(viewer, rota, asked, solved);
        });
    }

    private Rota solved(Asked asked) {
        return places.with(() -> RotaSolver.solve(asked.problem()));
    }

    private Asked asked(LeadRota rota, RoomView room, Given given) {
        return new Asked(rota, room, given, problem(rota.settingId(), room, rota, given.pins(), given.before()));
    }

    private Given given(SettingId settingId, UUID rotaId) {
        Map<Duty, String> before = new HashMap<>();
        Map<Duty, String> pins = new HashMap<>();
        for (LeadTurn turn : turns.findBySettingIdAndRotaId(settingId, rotaId)) {
            UUID account = turn.accountId();
            if (!turn.isSpare() && account != null) {
                Duty at = new Duty(turn.week(), turn.zoneId().toString());
                before.put(at, account.toString());
                if (turn.isPinned()) {
                    pins.put(at, account.toString());
                }
            }
        }
        return new Given(before, pins);
    }

    private <T> T inTransaction(Supplier<T> work) {
        return Objects.requireNonNull(transaction.execute(status -> work.get()));
    }

    /** Hands one turn to somebody by hand; it is pinned then. */
    @Transactional
    public UUID hand(SettingId settingId, UUID turnId, UUID accountId) {
        LeadTurn turn = turns.findByIdAndSettingId(turnId, settingId).orElseThrow(NotFound::new);
        UUID room = rotas.findByIdAndSettingId(turn.rotaId(), settingId)
                .orElseThrow(NotFound::new)
                .roomId();
        if (adults(settingId, room).stream().noneMatch(adult -> adult.id().equals(accountId))) {
            throw new NotFound();
        }
        turn.handTo(accountId);
        return room;
    }

    private UUID save(Viewer viewer, LeadRota rota, Asked asked, Rota solved) {
        rota.solved(solved.notes(), viewer.name(), settings.now(viewer.settingId()));
        rotas.save(rota);
        for (int week = 0; week < rota.weeks(); week++) {
            for (ZoneView zone : asked.room().zones()) {
                Duty at = new Duty(week, zone.id().toString());
                String lead = solved.leads().get(at);
                turns.save(new LeadTurn(
                        viewer.settingId(),
                        rota.getId(),
                        week,
                        zone.id(),
                        lead == null ? null : UUID.fromString(lead),
                        false,
                        asked.given().pins().containsKey(at)));
            }
            for (Map.Entry<String, String> spare : solved.spares().get(week).entrySet()) {
                turns.save(new LeadTurn(
                        viewer.settingId(),
                        rota.getId(),
                        week,
                        UUID.fromString(spare.getValue()),
                        UUID.fromString(spare.getKey()),
                        true,
                        false));
            }
        }
        return rota.roomId();
    }

    private RotaProblem problem(
            SettingId settingId, RoomView room, LeadRota rota, Map<Duty, String> pins, Map<Duty, String> before) {
        Set<String> cannot = unable(settingId, room);
        List<AbsenceView> absences = hours.absences(settingId, rota.firstMonday());
        List<Adult> adults = adults(settingId, room.id()).stream()
                .map(adult -> new Adult(
                        adult.id().toString(), adult.name(), leads(adult, room, cannot), awayIn(adult, rota, absences)))
                .toList();
        Set<String> known = adults.stream().map(Adult::id).collect(Collectors.toSet());
        return new RotaProblem(adults, areas(settingId, room), rota.weeks(), only(pins, known), only(before, known));
    }

    private static Map<Duty, String> only(Map<Duty, String> turns, Set<String> known) {
        Map<Duty, String> left = new HashMap<>(turns);
        left.values().retainAll(known);
        return left;
    }

    /** Zones that an adult leads; empty where all. Somebody who can lead none gets one that is not there. */
    private static Set<String> leads(StaffView adult, RoomView room, Set<String> cannot) {
        Set<String> leads = room.zones().stream()
                .filter(zone -> !cannot.contains(adult.id() + "_" + zone.id()))
                .map(zone -> zone.id().toString())
                .collect(Collectors.toSet());
        if (leads.isEmpty()) {
            return Set.of("none");
        }
        return leads.size() == room.zones().size() ? Set.of() : leads;
    }

    /** Weeks in which an adult is away on most of the five days. */
    private static Set<Integer> awayIn(StaffView adult, LeadRota rota, List<AbsenceView> absences) {
        Set<Integer> away = new HashSet<>();
        for (int week = 0; week < rota.weeks(); week++) {
            LocalDate monday = rota.firstMonday().plusWeeks(week);
            long days = monday.datesUntil(monday.plusDays(WORKDAYS))
                    .filter(day -> absences.stream()
                            .anyMatch(absence -> absence.accountId().equals(adult.id()) && absence.isOn(day)))
                    .count();
            if (2 * days > WORKDAYS) {
                away.add(week);
            }
        }
        return away;
    }

    /** Zones with the heaviest load that the room's cards for it put on an adult. */
    private List<Area> areas(SettingId settingId, RoomView room) {
        Map<String, Integer> load = new LinkedHashMap<>();
        List<CardView> cards = deck.whole(settingId, room.id());
        Moment today = Moment.day(settings.today(settingId));
        Map<UUID, Map<Moment, SetOutGate>> gates = safety.gates(settingId, room, CardView.ids(cards), List.of(today));
        for (CardView card : cards) {
            SetOutGate gate = Required.from(Required.from(gates, card.id()), today);
            load.merge(
                    card.purpose().place().toLowerCase(Locale.ROOT),
                    gate.load(card.purpose().load()).parts(),
                    Math::max);
        }
        return room.zones().stream()
                .map(zone -> new Area(
                        zone.id().toString(),
                        zone.name(),
                        load.getOrDefault(zone.name().toLowerCase(Locale.ROOT), AdultLoad.NEAR.parts())))
                .toList();
    }
}
