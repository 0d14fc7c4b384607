package app.carder.web.device;

import app.carder.core.attendance.Away;
import app.carder.core.attendance.Noted;
import app.carder.core.card.SetOutGate;
import app.carder.core.evidence.WhomToWatch;
import app.carder.core.evidence.WhomToWatch.Known;
import app.carder.core.framework.Framework;
import app.carder.core.room.Footprint;
import app.carder.core.room.RoomPlan;
import app.carder.core.said.Said;
import app.carder.core.watch.StepIn;
import app.carder.core.wording.LanguageRules;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.attendance.AttendanceService;
import app.carder.web.card.CardPictures;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.card.SafetyService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.device.BundleView.Area;
import app.carder.web.device.BundleView.Card;
import app.carder.web.device.BundleView.GuideAnswer;
import app.carder.web.device.BundleView.LadderStep;
import app.carder.web.device.BundleView.Named;
import app.carder.web.device.BundleView.Place;
import app.carder.web.device.BundleView.Plan;
import app.carder.web.device.BundleView.Point;
import app.carder.web.device.BundleView.Statement;
import app.carder.web.ladder.LadderService;
import app.carder.web.ladder.LadderService.Proposed;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.roomplan.PlanView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.setout.SetOutService;
import app.carder.web.setout.SetOutView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationService.Lately;
import app.carder.web.watchlog.WatchLogService;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what a device carries, and no more of a child than watching needs. */
@Service
class BundleService {

    private static final int LATELY_WEEKS = 6;

    private final RoomService rooms;
    private final ChildService children;
    private final ObservationService observations;
    private final WatchLogService watchLog;
    private final SetOutService setOuts;
    private final CardService deck;
    private final CardPictures pictures;
    private final SafetyService safety;
    private final LadderService ladders;
    private final RoomPlanService plans;
    private final StepInPolicyRepository policies;
    private final SettingService settings;
    private final RoomBorder border;

    BundleService(
            RoomService rooms,
            ChildService children,
            ObservationService observations,
            WatchLogService watchLog,
            SetOutService setOuts,
            CardService deck,
            CardPictures pictures,
            SafetyService safety,
            LadderService ladders,
            RoomPlanService plans,
            StepInPolicyRepository policies,
            SettingService settings,
            RoomBorder border) {
        this.border = border;
        this.rooms = rooms;
        this.children = children;
        this.observations = observations;
        this.watchLog = watchLog;
        this.setOuts = setOuts;
        this.deck = deck;
        this.pictures = pictures;
        this.safety = safety;
        this.ladders = ladders;
        this.plans = plans;
        this.policies = policies;
        this.settings = settings;
    }

    /** For a room, or for the viewer's own. */
    @Transactional(readOnly = true)
    BundleView of(Viewer viewer, Optional<UUID> roomId) {
        SettingId settingId = viewer.settingId();
        List<RoomView> all = rooms.all(settingId);
        RoomView room = all.stream()
                .filter(one -> roomId.filter(one.id()::equals).isPresent())
                .findFirst()
                .or(() -> roomId.isPresent() ? Optional.empty() : RoomService.home(viewer, all))
                .orElseThrow(NotFound::new);
        LocalDate today = settings.today(settingId);
        List<ChildView> own = children.inRoom(settingId, room.id());
        return new BundleView(
                viewer.personId(),
                viewer.name(),
                settingId.value(),
                new Named(room.id(), room.name()),
                all.stream()
                        .filter(one -> border.mayEnter(viewer, List.of(one.id())))
                        .map(one -> new Named(one.id(), one.name()))
                        .toList(),
                settings.get(settingId).zone().getId(),
                settings.get(settingId).clockAhead().toMillis(),
                children(settingId, room, own, today),
                own.stream().map(ChildView::name).distinct().toList(),
                cards(settingId, room, own, today),
                room.zones().stream()
                        .map(zone -> new Named(zone.id(), zone.name()))
                        .toList(),
                plans.drawn(settingId, room.id()).stream()
                        .map(PlanView::plan)
                        .filter(plan -> plan.place() == RoomPlan.Place.INDOORS)
                        .findFirst()
                        .map(BundleService::plan)
                        .orElse(null),
                room.framework().areas().stream().map(BundleService::area).toList(),
                room.framework().name(),
                Arrays.stream(DayOfWeek.values())
                        .collect(Collectors.toMap(DayOfWeek::getValue, day -> points(room.sessionsOn(day)))),
                Arrays.stream(DayOfWeek.values())
                        .collect(Collectors.toMap(
                                DayOfWeek::getValue,
                                day -> room.sessionsOn(day).stream()
                                        .map(session -> new BundleView.Session(
                                                session.session().name(),
                                                session.session().startsAt().toSecondOfDay(),
                                                session.session().endsAt().toSecondOfDay()))
                                        .toList())),
                Duration.ofMinutes(room.week().noticeMinutes()).toSeconds(),
                StepIn.in(room.style()).stream()
                        .map(answer -> new GuideAnswer(
                                answer.situation().words(),
                                answer.urgency().name(),
                                answer.urgency().words(),
                                answer.action(),
                                answer.say()))
                        .toList(),
                policy(settingId),
                LanguageRules.SHIPPED.stream().map(LanguageRules::shipped).toList());
    }

    /** The setting's own words on stepping in; empty where it has none. */
    @Transactional(readOnly = true)
    String policy(SettingId settingId) {
        return policies.findBySettingId(settingId).map(StepInPolicy::words).orElse("");
    }

    /** Says what the setting's policy is. */
    @Transactional
    void keepPolicy(Viewer viewer, String words) {
        StepInPolicy policy = policies.findBySettingId(viewer.settingId()).orElseGet(() -> new StepInPolicy(viewer));
        policy.say(viewer, words);
        policies.save(policy);
    }

    private List<BundleView.Child> children(SettingId settingId, RoomView room, List<ChildView> own, LocalDate today) {
        Map<UUID, ChildView> byId = own.stream().collect(Collectors.toMap(ChildView::id, Function.identity()));
        Map<UUID, Lately> written = observations.lately(settingId, byId.keySet(), today.minusWeeks(LATELY_WEEKS));
        Map<UUID, LocalDate> watched = watchLog.lastWatched(settingId, byId.keySet());
        List<Known<ChildView>> known = byId.values().stream()
                .map(child -> {
                    Optional<Lately> lately = Optional.ofNullable(written.get(child.id()));
                    return new Known<>(
                            child,
                            child.name(),
                            Stream.concat(
                                            lately.map(Lately::lastOn).stream(),
                                            Stream.ofNullable(watched.get(child.id())))
                                    .max(Comparator.naturalOrder()),
                            lately.map(one -> one.areas().size()).orElse(0),
                            room.framework().areas().size());
                })
                .toList();
        return WhomToWatch.order(known, today).stream()
                .map(one -> new BundleView.Child(
                        one.child().id(),
                        one.child().name(),
                        one.child().pegMark().drawing(),
                        one.child().days().stream().map(DayOfWeek::getValue).toList(),
                        day(one.child(), room, today),
                        one.child().homeLanguages(),
                        one.child().careWords(),
                        one.because().words()))
                .toList();
    }

    private static BundleView.Day day(ChildView child, RoomView room, LocalDate today) {
        Noted noted = child.notedOn(today);
        return new BundleView.Day(
                today.toString(),
                AttendanceService.due(child, room, today)
                        .map(LocalTime::toString)
                        .orElse(""),
                noted.arrivedAt().map(LocalTime::toString).orElse(""),
                noted.leftAt().map(LocalTime::toString).orElse(""),
                noted.away().map(Away::words).orElse(""));
    }

    private List<Card> cards(SettingId settingId, RoomView room, List<ChildView> own, LocalDate today) {
        Map<UUID, SetOutView> out = setOuts.out(settingId, room, today).stream()
                .collect(Collectors.toMap(
                        one -> one.card().id(), Function.identity(), (first, second) -> first, LinkedHashMap::new));
        List<CardView> all = deck.whole(settingId, room.id());
        Moment day = Moment.day(today);
        Map<UUID, Map<Moment, SetOutGate>> gates = safety.gates(settingId, room, CardView.ids(all), List.of(day));
        Map<UUID, List<Proposed>> fitting = ladders.propose(
                settingId,
                own,
                all.stream().filter(card -> out.containsKey(card.id())).toList());
        Map<UUID, String> drawn = pictures.ofRoom(settingId, room.id());
        return all.stream()
                .sorted(Comparator.comparing((CardView card) -> !out.containsKey(card.id()))
                        .thenComparing(card -> card.title()))
                .map(card -> card(
                        card,
                        fitting.getOrDefault(card.id(), List.of()),
                        Optional.ofNullable(out.get(card.id())),
                        Required.from(drawn, card.id()),
                        Required.from(Required.from(gates, card.id()), day)))
                .toList();
    }

    private static Card card(
            CardView card, List<Proposed> fitting, Optional<SetOutView> out, String picture, SetOutGate gate) {
        return new Card(
                card.id(),
                card.title(),
                out.map(one -> one.zone().id()).orElse(null),
                out.map(one -> one.setOutAt().toString()).orElse(null),
                out.map(one -> picture).orElse(null),
                Stream.of(gate.held(), gate.stays())
                        .filter(line -> !line.isEmpty())
                        .collect(Collectors.joining(". ")),
                card.ladder().stream()
                        .map(change -> new LadderStep(
                                change.ladderStep().words(),
                                Stream.of(change.change().note(), change.sign())
                                        .filter(words -> !words.isBlank())
                                        .collect(Collectors.joining(" "))))
                        .toList(),
                fitting.stream()
                        .collect(Collectors.toMap(
                                one -> one.child().id(),
                                one -> one.proposal().ladderStep().words())));
    }

    private static Plan plan(RoomPlan plan) {
        return new Plan(
                plan.outline().stream()
                        .map(point -> List.of(point.xMm(), point.yMm()))
                        .toList(),
                plan.zones().stream()
                        .map(zone -> place(zone.id(), zone.name(), zone.footprint()))
                        .toList(),
                plan.pieces().stream()
                        .map(piece -> place(piece.id(), piece.name(), piece.footprint()))
                        .toList(),
                plan.walls().stream()
                        .map(wall -> List.of(
                                wall.from().xMm(),
                                wall.from().yMm(),
                                wall.to().xMm(),
                                wall.to().yMm()))
                        .toList());
    }

    private static Place place(String id, String name, Footprint footprint) {
        return new Place(
                id,
                name,
                footprint.middle().xMm(),
                footprint.middle().yMm(),
                footprint.widthMm(),
                footprint.depthMm(),
                footprint.turnDegrees());
    }

    private static Area area(Framework.Area area) {
        return new Area(
                area.code(),
                area.name(),
                area.statements()
                        .map(statement -> new Statement(statement.code(), statement.words()))
                        .toList());
    }

    /** Where play ends: at what is no play, and at the end of the day. */
    private static List<Point> points(List<SessionView> sessions) {
        List<Point> points = new ArrayList<>();
        sessions.stream()
                .filter(session -> !session.isPlay())
                .forEach(session -> points.add(new Point(
                        session.session().name(), session.session().startsAt().toSecondOfDay())));
        sessions.stream()
                .map(session -> session.session().endsAt().toSecondOfDay())
                .max(Comparator.naturalOrder())
                .ifPresent(end -> points.add(new Point(Said.say("device.the-end-of-the-day"), end)));
        return points;
    }
}
