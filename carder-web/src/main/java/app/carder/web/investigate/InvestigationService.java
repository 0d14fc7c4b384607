package app.carder.web.investigate;

import app.carder.core.investigate.Expected;
import app.carder.core.investigate.ObservationDays;
import app.carder.core.investigate.ReadingChart;
import app.carder.core.week.OpenDays;
import app.carder.web.account.Viewer;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.media.PhotoView;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.setting.Area;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Long investigations of a room. */
@Service
public class InvestigationService {

    private static final Limit MOST = Limit.of(60);
    private static final Limit MOST_READINGS = Limit.of(2000);

    private final InvestigationRepository investigations;
    private final ReadingRepository readings;
    private final RoomService rooms;
    private final PhotoService photos;
    private final OccasionService occasions;
    private final SettingService settings;

    InvestigationService(
            InvestigationRepository investigations,
            ReadingRepository readings,
            RoomService rooms,
            PhotoService photos,
            OccasionService occasions,
            SettingService settings) {
        this.investigations = investigations;
        this.readings = readings;
        this.rooms = rooms;
        this.photos = photos;
        this.occasions = occasions;
        this.settings = settings;
    }

    /** Begins one. A second time with the same id changes nothing. */
    @Transactional
    public void begin(Viewer viewer, UUID id, UUID roomId, InvestigationDetails details) {
        if (investigations.findByIdAndSettingId(id, viewer.settingId()).isEmpty()) {
            investigations.save(new Investigation(
                    id,
                    viewer.settingId(),
                    rooms.get(viewer.settingId(), roomId).id(),
                    details,
                    viewer.name()));
        }
    }

    /** Keeps a reading with its drawing. A second time with the same id changes nothing. */
    @Transactional
    public void read(Viewer viewer, UUID id, UUID investigationId, ReadingDetails details, Optional<Cleaned> drawing) {
        find(viewer.settingId(), investigationId);
        if (readings.findByIdAndSettingId(id, viewer.settingId()).isEmpty()) {
            readings.save(new Reading(
                    id, viewer.settingId(), investigationId, details, viewer.name(), settings.now(viewer.settingId())));
            drawing.ifPresent(cleaned -> photos.saveDrawing(viewer.settingId(), id, cleaned));
        }
    }

    /** Ends one today. */
    @Transactional
    UUID end(SettingId settingId, UUID investigationId) {
        Investigation investigation = find(settingId, investigationId);
        investigation.end(settings.today(settingId));
        return investigation.roomId();
    }

    private Investigation find(SettingId settingId, UUID id) {
        return investigations.findByIdAndSettingId(id, settingId).orElseThrow(NotFound::new);
    }

    /** One of them. */
    @Remembered({Area.BOARD, Area.PLACES})
    @Transactional(readOnly = true)
    public InvestigationView get(SettingId settingId, UUID id) {
        return views(settingId, List.of(find(settingId, id))).get(0);
    }

    /** Those of a room, the newest first. */
    @Remembered({Area.BOARD, Area.PLACES})
    @Transactional(readOnly = true)
    public List<InvestigationView> ofRoom(SettingId settingId, UUID roomId) {
        return views(
                settingId, investigations.findBySettingIdAndRoomIdOrderByBegunOnDescIdDesc(settingId, roomId, MOST));
    }

    private List<InvestigationView> views(SettingId settingId, List<Investigation> found) {
        List<Reading> all = readings.findBySettingIdAndInvestigationIdInOrderByOnDayAscReadAtAsc(
                settingId, found.stream().map(Investigation::getId).toList(), MOST_READINGS);
        Map<UUID, PhotoView> drawings = photos
                .drawingsOf(settingId, all.stream().map(Reading::getId).toList())
                .stream()
                .collect(Collectors.toMap(PhotoView::subjectId, Function.identity(), (one, other) -> one));
        Map<UUID, List<Reading>> byInvestigation =
                all.stream().collect(Collectors.groupingBy(Reading::investigationId));
        OpenDays open = occasions.openDays(settingId);
        LocalDate today = settings.today(settingId);
        return found.stream()
                .map(one -> view(one, byInvestigation.getOrDefault(one.getId(), List.of()), drawings, open, today))
                .toList();
    }

    private static InvestigationView view(
            Investigation investigation,
            List<Reading> readings,
            Map<UUID, PhotoView> drawings,
            OpenDays open,
            LocalDate today) {
        InvestigationDetails details = investigation.details();
        Optional<Expected> expected = Expected.byCode(details.expectedCode());
        List<LocalDate> days = ObservationDays.of(details.begunOn(), details.everyDays(), details.weeks(), open);
        LocalDate ends = details.begunOn().plusWeeks(details.weeks());
        return new InvestigationView(
                investigation.getId(),
                investigation.roomId(),
                details.title(),
                details.question(),
                details.unit(),
                details.begunOn(),
                ends,
                investigation.endedOn() != null || today.isAfter(ends),
                days,
                expected,
                expected.map(one -> one.words(details.begunOn(), today)).orElse(""),
                readings.stream()
                        .map(reading -> new InvestigationView.ReadingView(
                                reading.getId(),
                                reading.onDay(),
                                Optional.ofNullable(reading.measured()),
                                reading.note(),
                                reading.readBy(),
                                Optional.ofNullable(drawings.get(reading.getId()))))
                        .toList(),
                ReadingChart.of(
                        details.title(),
                        details.unit(),
                        details.begunOn(),
                        ends,
                        days,
                        readings.stream()
                                .map(reading -> new ReadingChart.Reading(
                                        reading.onDay(),
                                        Optional.ofNullable(reading.measured()),
                                        drawings.containsKey(reading.getId())
                                                ? ReadingChart.Drawn.YES
                                                : ReadingChart.Drawn.NO))
                                .toList(),
                        expected));
    }
}
