package app.carder.web.watch;

import app.carder.core.evidence.Coverage;
import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.watch.Involvement;
import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.children.ChildService;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.media.PhotoView;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.room.RoomService;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Observations of a setting. */
@Service
public class ObservationService {

    /** The most observations of one child that are looked at together. */
    public static final int MOST = 1000;

    private final ObservationRepository observations;
    private final ObservationChildRepository seen;
    private final PhotoService photos;
    private final RoomService rooms;
    private final FrameworkLibrary frameworks;
    private final ChildService children;
    private final HistoryLog history;
    private final SettingService settings;

    ObservationService(
            ObservationRepository observations,
            ObservationChildRepository seen,
            PhotoService photos,
            RoomService rooms,
            FrameworkLibrary frameworks,
            ChildService children,
            HistoryLog history,
            SettingService settings) {
        this.observations = observations;
        this.seen = seen;
        this.photos = photos;
        this.rooms = rooms;
        this.frameworks = frameworks;
        this.children = children;
        this.history = history;
        this.settings = settings;
    }

    /** Whether a record was new. */
    public enum Receipt {
        /** Kept now. */
        KEPT,
        /** Had arrived before; nothing was changed. */
        KNOWN
    }

    /**
     * Keeps what a form says, with its photo, as {@link #saveEach} does. The first record has the id of the form, so
     * that sending it twice changes nothing.
     *
     * @param id minted where it was written
     */
    @Transactional
    public Receipt save(Viewer author, UUID id, UUID roomId, ObservationDetails details, Optional<Cleaned> photo) {
        if (isKnown(author.settingId(), id)) {
            return Receipt.KNOWN;
        }
        Map<UUID, UUID> byChild = new LinkedHashMap<>();
        details.childIds().stream().sorted().forEach(child -> byChild.put(child, byChild.isEmpty() ? id : Ids.next()));
        saveEach(author, id, roomId, byChild, details);
        photo.ifPresent(
                cleaned -> photos.saveForEach(author.settingId(), Ids.next(), List.copyOf(byChild.values()), cleaned));
        return Receipt.KEPT;
    }

    /**
     * Keeps what one save says about several children: a record of its own for each, in which only that child's name
     * stands; others become "a friend". Those that had arrived before are left as they are.
     *
     * @param snapshotId of the save
     * @param byChild id of the record of each child, minted where it was written
     */
    @Transactional
    public Receipt saveEach(
            Viewer author, UUID snapshotId, UUID roomId, Map<UUID, UUID> byChild, ObservationDetails details) {
        return saveEach(author, snapshotId, roomId, byChild, details, Optional.empty());
    }

    /**
     * The same of a note that was written before.
     *
     * @param from who wrote it; empty where nobody is named
     */
    @Transactional
    void bringIn(Viewer viewer, UUID roomId, Map<UUID, UUID> byChild, ObservationDetails details, String from) {
        saveEach(viewer, Ids.next(), roomId, byChild, details, Optional.of(from));
    }

    /** What a family wrote, taken in by staff. */
    @Transactional
    public void bringInFromHome(
            Viewer viewer,
            UUID roomId,
            Map<UUID, UUID> byChild,
            String words,
            Set<UUID> othersInPhoto,
            Instant writtenAt,
            String from) {
        Set<UUID> inPhoto = new HashSet<>(byChild.keySet());
        inPhoto.addAll(othersInPhoto);
        ObservationDetails details = new ObservationDetails(
                byChild.keySet(), ObservationWords.of(words), Optional.empty(), inPhoto, writtenAt);
        saveEach(viewer, Ids.next(), roomId, byChild, details, Optional.of(from));
    }

    private Receipt saveEach(
            Viewer author,
            UUID snapshotId,
            UUID roomId,
            Map<UUID, UUID> byChild,
            ObservationDetails details,
            Optional<String> broughtInFrom) {
        Receipt receipt = Receipt.KNOWN;
        Framework framework = rooms.get(author.settingId(), roomId).framework();
        for (Map.Entry<UUID, UUID> one : byChild.entrySet()) {
            if (!isKnown(author.settingId(), one.getValue())) {
                ObservationWords words = details.words()
                        .withNote(children.guard(author.settingId(), children.get(author.settingId(), one.getKey()))
                                .withoutNames(details.words().note()));
                ObservationDetails ofChild = new ObservationDetails(
                        Set.of(one.getKey()), words, details.cardId(), details.inPhoto(), details.observedAt());
                Observation observation = new Observation(
                        one.getValue(),
                        snapshotId,
                        author,
                        roomId,
                        framework,
                        ofChild,
                        settings.now(author.settingId()));
                broughtInFrom.ifPresent(observation::bringIn);
                save(observation, ofChild);
                receipt = Receipt.KEPT;
            }
        }
        return receipt;
    }

    private void save(Observation observation, ObservationDetails details) {
        observations.save(observation);
        details.childIds().stream()
                .sorted()
                .forEach(child -> seen.save(new ObservationChild(
                        observation.settingId(), observation.getId(), child, details.observedAt())));
    }

    /** Which of these observations the setting has. */
    @Transactional(readOnly = true)
    public List<UUID> known(SettingId settingId, Collection<UUID> ids) {
        return observations.findBySettingIdAndIdIn(settingId, ids).stream()
                .map(Observation::getId)
                .toList();
    }

    /** Whether an observation with this id has arrived. */
    @Transactional(readOnly = true)
    public boolean isKnown(SettingId settingId, UUID id) {
        return observations.findByIdAndSettingId(id, settingId).isPresent();
    }

    /**
     * Rewords an observation and keeps what it said before.
     *
     * @param version that was opened
     * @return whether it was still at that version; else nothing is changed
     */
    @Transactional
    public boolean reword(Viewer viewer, UUID id, int version, ObservationWords words) {
        Observation observation = find(viewer.settingId(), id);
        if (observation.version() != version) {
            return false;
        }
        Map<String, String> before = observation.said();
        observation.reword(words);
        history.keep(viewer, "observation", id, before, observation.said());
        return true;
    }

    /**
     * One observation.
     *
     * @throws NotFound if the setting has no such observation
     */
    @Transactional(readOnly = true)
    public ObservationView get(SettingId settingId, UUID id) {
        return views(settingId, List.of(find(settingId, id))).get(0);
    }

    /** Some observations, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, ObservationView> byId(SettingId settingId, Collection<UUID> ids) {
        return views(settingId, observations.findBySettingIdAndIdIn(settingId, ids)).stream()
                .collect(Collectors.toMap(ObservationView::id, Function.identity()));
    }

    /** The newest of a room. */
    @Transactional(readOnly = true)
    public List<ObservationView> newest(SettingId settingId, UUID roomId, int most) {
        return views(
                settingId,
                observations.findBySettingIdAndRoomIdOrderByObservedAtDescIdDesc(settingId, roomId, Limit.of(most)));
    }

    /** A child's deck, newest first; with a notch, only those that have it. */
    @Transactional(readOnly = true)
    public Paging<ObservationView> ofChild(SettingId settingId, UUID childId, Optional<String> notch, int page) {
        PageRequest asked = PageRequest.of(Paging.number(page), Paging.ROWS);
        var slice = notch.map(area -> observations.ofChildWithNotch(settingId, childId, area, asked))
                .orElseGet(() -> observations.ofChild(settingId, childId, asked));
        return new Paging<>(views(settingId, slice.getContent()), slice.getNumber(), slice.hasNext());
    }

    /** A child's observations between two days, both included, newest first. */
    @Transactional(readOnly = true)
    public List<ObservationView> ofChildBetween(
            SettingId settingId, UUID childId, LocalDate startsOn, LocalDate endsOn) {
        ZoneId zone = settings.get(settingId).zone();
        return views(
                settingId,
                observations.ofChildBetween(
                        settingId,
                        childId,
                        startsOn.atStartOfDay(zone).toInstant(),
                        endsOn.plusDays(1).atStartOfDay(zone).toInstant(),
                        Limit.of(MOST)));
    }

    /** The observations of several children between two days, both included, each once, newest first: one question for all of them. */
    @Transactional(readOnly = true)
    public List<ObservationView> ofChildrenBetween(
            SettingId settingId, Collection<UUID> childIds, LocalDate startsOn, LocalDate endsOn) {
        if (childIds.isEmpty()) {
            return List.of();
        }
        ZoneId zone = settings.get(settingId).zone();
        return views(
                settingId,
                observations.ofChildrenBetween(
                        settingId,
                        childIds,
                        startsOn.atStartOfDay(zone).toInstant(),
                        endsOn.plusDays(1).atStartOfDay(zone).toInstant(),
                        // As many for each as where one is asked for alone.
                        Limit.of(MOST * childIds.size())));
    }

    /** The areas that a child's observations since a day touched, with their days, newest first. */
    @Transactional(readOnly = true)
    public List<Coverage.Seen> areasOf(SettingId settingId, UUID childId, LocalDate since) {
        Instant from = since.atStartOfDay(settings.get(settingId).zone()).toInstant();
        return observations.areasOf(settingId, childId, from, Limit.of(MOST)).stream()
                .map(one -> new Coverage.Seen(
                        day(settingId, one.getObservedAt()),
                        Arrays.stream(one.getAreas()).collect(Collectors.toSet())))
                .toList();
    }

    /**
     * A child who was seen at a card.
     *
     * @param cardId which
     * @param childId whom
     * @param on the day
     * @param involvement how deep, where that was noted
     */
    public record SeenAtCard(UUID cardId, UUID childId, LocalDate on, Optional<Involvement> involvement) {}

    /** Who was seen at some cards, the newest first. */
    @Transactional(readOnly = true)
    public List<SeenAtCard> ofCards(SettingId settingId, Collection<UUID> cardIds) {
        return observations.seenAt(settingId, cardIds, Limit.of(MOST * Math.max(1, cardIds.size()))).stream()
                .map(seen -> new SeenAtCard(
                        seen.getCardId(),
                        seen.getChildId(),
                        day(settingId, seen.getObservedAt()),
                        Optional.ofNullable(seen.getInvolvement()).map(Involvement::ofLevel)))
                .toList();
    }

    /** The day on which each child was last written about; those never written about are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, LocalDate> lastSeen(SettingId settingId, Collection<UUID> childIds) {
        return observations.lastSeen(settingId, childIds).stream()
                .collect(Collectors.toMap(
                        ObservationRepository.LastSeen::getChildId, last -> day(settingId, last.getLastAt())));
    }

    /**
     * What was written about a child lately.
     *
     * @param lastOn day of the newest observation, however old
     * @param areas that observations since a day touch
     */
    public record Lately(LocalDate lastOn, Set<String> areas) {}

    /** The newest day of each child, and the areas since another; those never written about are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, Lately> lately(SettingId settingId, Collection<UUID> childIds, LocalDate since) {
        Instant from = since.atStartOfDay(settings.get(settingId).zone()).toInstant();
        Map<UUID, Set<String>> areas = observations.areasSince(settingId, childIds, from).stream()
                .collect(Collectors.groupingBy(
                        ObservationRepository.SeenAreas::getChildId,
                        Collectors.flatMapping(seen -> Arrays.stream(seen.getAreas()), Collectors.toSet())));
        return lastSeen(settingId, childIds).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        last -> new Lately(last.getValue(), areas.getOrDefault(last.getKey(), Set.of()))));
    }

    /** Which children were seen with each card of a room since a day; cards that nobody was seen with are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, Set<UUID>> seenWith(SettingId settingId, UUID roomId, LocalDate since) {
        Instant from = since.atStartOfDay(settings.get(settingId).zone()).toInstant();
        return observations.seenWith(settingId, roomId, from).stream()
                .collect(Collectors.groupingBy(
                        ObservationRepository.SeenWith::getCardId,
                        Collectors.mapping(ObservationRepository.SeenWith::getChildId, Collectors.toSet())));
    }

    private LocalDate day(SettingId settingId, Instant at) {
        return settings.local(settingId, at).toLocalDate();
    }

    private Observation find(SettingId settingId, UUID id) {
        return observations.findByIdAndSettingId(id, settingId).orElseThrow(NotFound::new);
    }

    private List<ObservationView> views(SettingId settingId, List<Observation> found) {
        List<UUID> ids = found.stream().map(Observation::getId).toList();
        Map<UUID, List<ObservationChild>> children =
                seen.findBySettingIdAndObservationIdInOrderById(settingId, ids).stream()
                        .collect(Collectors.groupingBy(ObservationChild::observationId));
        Map<UUID, List<PhotoView>> pictures =
                photos.of(settingId, ids).stream().collect(Collectors.groupingBy(PhotoView::subjectId));
        return found.stream()
                .map(observation -> view(
                        observation,
                        children.getOrDefault(observation.getId(), List.of()),
                        pictures.getOrDefault(observation.getId(), List.of())))
                .toList();
    }

    private ObservationView view(Observation observation, List<ObservationChild> children, List<PhotoView> pictures) {
        return new ObservationView(
                observation.getId(),
                observation.roomId(),
                observation.cardId(),
                new ObservationView.MarkedBy(
                        frameworks.find(observation.frameworkCode()),
                        observation.frameworkCode(),
                        observation.frameworkVersion()),
                observation.authorName(),
                observation.broughtInFrom(),
                observation.words(),
                settings.local(observation.settingId(), observation.observedAt()),
                children.stream().map(ObservationChild::childId).toList(),
                observation.inPhoto(),
                pictures,
                observation.version());
    }
}
