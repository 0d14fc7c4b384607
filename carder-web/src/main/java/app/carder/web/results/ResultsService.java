package app.carder.web.results;

import app.carder.core.ladder.LadderStep;
import app.carder.core.said.Said;
import app.carder.core.watch.Engagement;
import app.carder.core.watch.Engagement.Player;
import app.carder.core.watch.Episode;
import app.carder.core.watch.Episode.Lasted;
import app.carder.core.watch.Listening;
import app.carder.core.watch.Movement;
import app.carder.core.watch.Observers;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlayLasts;
import app.carder.core.watch.PlaySummary;
import app.carder.core.watch.PlayTrend;
import app.carder.core.watch.TimeBand;
import app.carder.core.watch.TimeSample;
import app.carder.core.watch.TimeSample.Activity;
import app.carder.core.watchlog.CountLines;
import app.carder.core.watchlog.Entry;
import app.carder.core.watchlog.Entry.OfChild;
import app.carder.core.watchlog.Method;
import app.carder.core.watchlog.WatchRecord;
import app.carder.core.watchlog.WatchRecord.Moment;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.card.CardView;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.Required;
import app.carder.web.results.CardPlayView.Band;
import app.carder.web.results.ChildPlayView.Counted;
import app.carder.web.results.ChildPlayView.Heard;
import app.carder.web.results.ChildPlayView.Place;
import app.carder.web.results.ChildPlayView.Share;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.setout.SetOutService;
import app.carder.web.setout.SetOutService.Placed;
import app.carder.web.setout.SetOutService.TimeOut;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watchlog.WatchLogService;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What watching comes to, for a child and for a card. */
@Service
public class ResultsService {

    static final int WEEKS = 12;
    private static final int MOST_LINES = 30;

    private final WatchLogService watchLog;
    private final ChildService children;
    private final CardService deck;
    private final RoomService rooms;
    private final SetOutService setOuts;
    private final SettingService settings;
    private final RoomPlanService plans;

    ResultsService(
            WatchLogService watchLog,
            ChildService children,
            CardService deck,
            RoomService rooms,
            SetOutService setOuts,
            SettingService settings,
            RoomPlanService plans) {
        this.plans = plans;
        this.watchLog = watchLog;
        this.children = children;
        this.deck = deck;
        this.rooms = rooms;
        this.setOuts = setOuts;
        this.settings = settings;
    }

    @Transactional(readOnly = true)
    ChildPlayView ofChild(SettingId settingId, UUID childId) {
        ChildView child = children.get(settingId, childId);
        RoomView room = rooms.get(settingId, child.roomId());
        LocalDate today = settings.today(settingId);
        LocalDate since = today.minusWeeks(WEEKS);
        List<WatchRecord> all = Records.of(watchLog.ofChild(settingId, childId, since));
        List<WatchRecord> plays = all.stream()
                .filter(one -> one.head().method() == Method.PLAY)
                .filter(one -> one.taps().containsKey(childId))
                .toList();
        List<String> agreements = agreements(plays, childId);
        plays = WatchRecord.merged(plays);
        Map<UUID, CardSummary> cards = cards(settingId, plays);
        List<Episode> episodes =
                plays.stream().flatMap(one -> one.episodes(childId).stream()).toList();
        TimeSample sample = TimeSample.of(of(all, childId, Entry.Looked.class).stream()
                .map(look -> look.entry().look())
                .toList());
        List<Moment<Entry.Heard>> heard = of(all, childId, Entry.Heard.class);
        Optional<Movement<String>> movement = Paths.of(all, childId, room);
        return new ChildPlayView(
                child,
                WEEKS,
                plays.stream()
                        .sorted(Comparator.comparing(WatchRecord::from).reversed())
                        .map(one -> record(settingId, one, childId, cards))
                        .toList(),
                PlaySummary.of(episodes),
                PlayTrend.of(stretchesByDay(settingId, plays, childId)),
                places(settingId, plays, childId, cards, room, setOuts.placed(settingId, room.id(), since, today)),
                movement,
                movement.map(walked -> Paths.drawn(walked, room, plans.drawn(settingId, room.id())))
                        .orElse(List.of()),
                Arrays.stream(Activity.values())
                        .filter(activity -> sample.share(activity).isEnough())
                        .map(activity -> new Share(activity.words(), sample.share(activity)))
                        .toList(),
                sample.looks(),
                all.stream()
                        .sorted(Comparator.comparing(WatchRecord::from).reversed())
                        .flatMap(one -> CountLines.lines(one.seen(), childId).stream()
                                .map(line -> new Counted(
                                        settings.local(settingId, one.from()),
                                        line.words(),
                                        line.dots().map(dots -> dots.drawing(line.words())))))
                        .limit(MOST_LINES)
                        .toList(),
                heard.stream()
                        .sorted(Comparator.<Moment<Entry.Heard>, Instant>comparing(Moment::at)
                                .reversed())
                        .limit(MOST_LINES)
                        .map(one -> heard(settingId, one))
                        .toList(),
                Listening.of(heard.stream().map(one -> one.entry().heard()).toList()),
                agreements);
    }

    private Heard heard(SettingId settingId, Moment<Entry.Heard> one) {
        Listening.Heard said = one.entry().heard();
        return new Heard(settings.local(settingId, one.at()), said.words(), said.language());
    }

    /** How far two people who watched the same play agree, in words. */
    private static List<String> agreements(List<WatchRecord> plays, UUID childId) {
        List<String> words = new ArrayList<>();
        for (int at = 0; at < plays.size(); at++) {
            for (int other = at + 1; other < plays.size(); other++) {
                WatchRecord one = plays.get(at);
                WatchRecord two = plays.get(other);
                if (Objects.equals(one.head().card(), two.head().card())) {
                    Observers.agreement(one.observed(childId), two.observed(childId))
                            .map(agreement -> Said.say(
                                    "results.and",
                                    one.head().author(),
                                    two.head().author(),
                                    agreement.words()))
                            .ifPresent(words::add);
                }
            }
        }
        return words;
    }

    @Transactional(readOnly = true)
    CardPlayView ofCard(SettingId settingId, UUID cardId) {
        CardView card = deck.get(settingId, cardId);
        LocalDate since = settings.today(settingId).minusWeeks(WEEKS);
        List<WatchRecord> plays = WatchRecord.merged(Records.of(watchLog.ofCard(settingId, cardId, since)).stream()
                .filter(one -> one.head().method() == Method.PLAY)
                .toList());
        Map<LocalDate, List<WatchRecord>> byDay = plays.stream()
                .collect(Collectors.groupingBy(one -> day(settingId, one.from()), TreeMap::new, Collectors.toList()));
        Map<LocalDate, TimeOut> out = setOuts.timesOut(settingId, cardId);
        Engagement engagement = Engagement.of(byDay.entrySet().stream()
                .map(day -> time(day.getValue(), Optional.ofNullable(out.get(day.getKey()))))
                .toList());
        Engagement.Proposal proposal = engagement.proposal();
        Optional<LadderStep> ladderStep =
                proposal.way().map(way -> way == Engagement.Way.EASIER ? LadderStep.SIMPLER : LadderStep.HARDER);
        return new CardPlayView(
                card,
                engagement,
                proposal,
                ladderStep.map(LadderStep::words),
                ladderStep.flatMap(card.card()::step).isPresent(),
                PlayTrend.of(byDay.entrySet().stream()
                        .map(day -> new PlayTrend.Day(day.getKey(), lasted(day.getValue())))
                        .toList()),
                PlayLasts.of(byDay.values().stream()
                        .flatMap(records -> lasted(records).stream())
                        .toList()),
                times(settingId, rooms.get(settingId, card.roomId()), byDay, out));
    }

    /** The stretches of all children in some records. */
    private static List<Lasted> lasted(List<WatchRecord> records) {
        return records.stream()
                .flatMap(one -> one.episodes().values().stream())
                .flatMap(List::stream)
                .flatMap(episode -> episode.lasted().stream())
                .toList();
    }

    private static Engagement.Time<UUID> time(List<WatchRecord> records, Optional<TimeOut> out) {
        Map<UUID, List<Episode>> byChild = new LinkedHashMap<>();
        records.forEach(one -> one.episodes()
                .forEach((child, episodes) ->
                        byChild.computeIfAbsent(child, key -> new ArrayList<>()).addAll(episodes)));
        return new Engagement.Time<>(
                out.map(TimeOut::setOutAt),
                Duration.ofMinutes(out.map(TimeOut::preparationMinutes).orElse(0)),
                byChild.entrySet().stream()
                        .map(entry -> new Player<>(entry.getKey(), entry.getValue()))
                        .toList());
    }

    private List<CardPlayView.Time> times(
            SettingId settingId, RoomView room, Map<LocalDate, List<WatchRecord>> byDay, Map<LocalDate, TimeOut> out) {
        Map<UUID, String> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, ZoneView::name));
        Set<UUID> ids = byDay.values().stream()
                .flatMap(Collection::stream)
                .flatMap(one -> one.taps().keySet().stream())
                .collect(Collectors.toSet());
        Map<UUID, ChildView> names = children.byId(settingId, ids);
        List<CardPlayView.Time> times = new ArrayList<>();
        byDay.forEach((day, records) -> {
            Optional<TimeOut> time = Optional.ofNullable(out.get(day));
            times.add(
                    0,
                    new CardPlayView.Time(
                            day,
                            time.map(one -> zones.getOrDefault(one.zoneId(), ""))
                                    .orElse(""),
                            time.map(one -> settings.local(settingId, one.setOutAt())),
                            time.map(TimeOut::preparationMinutes).orElse(0),
                            records.stream()
                                    .flatMap(one -> one.taps().entrySet().stream()
                                            .map(taps -> band(
                                                    settingId,
                                                    one,
                                                    Required.from(names, taps.getKey())
                                                            .name(),
                                                    taps.getValue(),
                                                    one.episodes(taps.getKey()))))
                                    .toList()));
        });
        return times;
    }

    private Band band(
            SettingId settingId, WatchRecord one, String child, List<PlayEvent> taps, List<Episode> episodes) {
        return new Band(
                child,
                settings.local(settingId, one.from()),
                settings.local(settingId, one.until()),
                drawn(one, taps),
                PlayWords.of(PlaySummary.of(episodes)));
    }

    private ChildPlayView.Record record(
            SettingId settingId, WatchRecord one, UUID childId, Map<UUID, CardSummary> cards) {
        return new ChildPlayView.Record(
                settings.local(settingId, one.from()),
                title(one, cards),
                one.head().author(),
                Duration.between(one.from(), one.until()),
                drawn(one, Required.from(one.taps(), childId)),
                PlaySummary.of(one.episodes(childId)));
    }

    /** A record of one tap has no length; it is drawn as a second. */
    private static TimeBand drawn(WatchRecord one, List<PlayEvent> taps) {
        Instant until =
                one.until().isAfter(one.from()) ? one.until() : one.from().plusSeconds(1);
        return TimeBand.of(taps, one.from(), until);
    }

    private List<PlayTrend.Day> stretchesByDay(SettingId settingId, List<WatchRecord> plays, UUID childId) {
        Map<LocalDate, List<Lasted>> byDay = plays.stream()
                .collect(Collectors.groupingBy(
                        one -> day(settingId, one.from()),
                        Collectors.flatMapping(
                                one -> one.episodes(childId).stream().flatMap(episode -> episode.lasted().stream()),
                                Collectors.toList())));
        return byDay.entrySet().stream()
                .map(day -> new PlayTrend.Day(day.getKey(), day.getValue()))
                .toList();
    }

    private List<Place> places(
            SettingId settingId,
            List<WatchRecord> plays,
            UUID childId,
            Map<UUID, CardSummary> cards,
            RoomView room,
            List<Placed> placed) {
        Map<UUID, String> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, ZoneView::name));
        Map<String, List<Episode>> byPlace = plays.stream()
                .collect(Collectors.groupingBy(
                        one -> Stream.of(
                                        title(one, cards),
                                        zone(settingId, one, placed)
                                                .map(zones::get)
                                                .orElse(""))
                                .filter(part -> !part.isEmpty())
                                .reduce((card, zone) -> card + ", " + zone)
                                .orElse(Said.say("results.at-no-card")),
                        Collectors.flatMapping(one -> one.episodes(childId).stream(), Collectors.toList())));
        return byPlace.entrySet().stream()
                .map(place -> new Place(
                        place.getKey(),
                        PlaySummary.of(place.getValue()).engaged(),
                        place.getValue().size()))
                .sorted(Comparator.comparing(Place::engaged).reversed().thenComparing(Place::name))
                .toList();
    }

    /** Where the card that was watched stood then: where it was set out last on that day before watching began. */
    private Optional<UUID> zone(SettingId settingId, WatchRecord one, List<Placed> placed) {
        return placed.stream()
                .filter(out -> out.cardId().equals(one.head().card())
                        && !out.setOutAt().isAfter(one.from()))
                .filter(out -> out.on().equals(day(settingId, one.from())))
                .max(Comparator.comparing(Placed::setOutAt))
                .map(Placed::zoneId);
    }

    private static <E extends OfChild> List<Moment<E>> of(List<WatchRecord> all, UUID childId, Class<E> kind) {
        return all.stream().flatMap(one -> one.of(childId, kind).stream()).toList();
    }

    private Map<UUID, CardSummary> cards(SettingId settingId, List<WatchRecord> plays) {
        Set<UUID> ids = plays.stream()
                .map(one -> one.head().card())
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return ids.isEmpty() ? Map.of() : deck.byId(settingId, ids);
    }

    private static String title(WatchRecord one, Map<UUID, CardSummary> cards) {
        return Optional.ofNullable(one.head().card())
                .map(cards::get)
                .map(CardSummary::title)
                .orElse("");
    }

    private LocalDate day(SettingId settingId, Instant at) {
        return settings.local(settingId, at).toLocalDate();
    }
}
