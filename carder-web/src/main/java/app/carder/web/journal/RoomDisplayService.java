package app.carder.web.journal;

import app.carder.core.framework.Framework;
import app.carder.core.journal.EntrySelection;
import app.carder.core.journal.Facet;
import app.carder.core.journal.Part;
import app.carder.core.journal.PhotoRule;
import app.carder.core.journal.PhotoRule.Consent;
import app.carder.core.journal.Purpose;
import app.carder.core.wording.NameGuard;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.HoldService;
import app.carder.web.children.PegMark;
import app.carder.web.children.PhotoUse;
import app.carder.web.journal.JournalRecords.Found;
import app.carder.web.journal.JournalSheet.Entry;
import app.carder.web.journal.JournalSheet.Photo;
import app.carder.web.journal.JournalSheet.Piece;
import app.carder.web.journal.JournalSheet.Section;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes what hangs in a room from what was written about its children; nothing of it is kept. */
@Service
public class RoomDisplayService {

    private final ObservationService observations;
    private final JournalRecords records;
    private final ChildService children;
    private final HoldService holds;
    private final SettingService settings;

    RoomDisplayService(
            ObservationService observations,
            JournalRecords records,
            ChildService children,
            HoldService holds,
            SettingService settings) {
        this.observations = observations;
        this.records = records;
        this.children = children;
        this.holds = holds;
        this.settings = settings;
    }

    /**
     * What somebody asks for.
     *
     * @param startsOn first day
     * @param endsOn last day
     * @param pages of records
     * @param without records that are left out
     * @param meansNobody records whose words near a name mean no child
     */
    public record Asked(LocalDate startsOn, LocalDate endsOn, int pages, Set<UUID> without, Set<UUID> meansNobody) {}

    /** The display of a room. */
    @Transactional(readOnly = true)
    public RoomDisplay of(SettingId settingId, RoomView room, Asked asked) {
        Map<UUID, ChildView> here = children.inRoom(settingId, room.id()).stream()
                .filter(child -> !holds.isRestricted(settingId, child.id()))
                .collect(Collectors.toMap(ChildView::id, Function.identity()));
        Map<UUID, ObservationView> seen = seen(settingId, here.keySet(), asked);
        NameGuard guard = NameGuard.forChild(List.of(), children.names(settingId));
        Found found = records.found(
                settingId, seen.values(), PhotoConsents.of(children, settingId, new UUID(0, 0), seen.values()));
        List<ObservationView> chosen = EntrySelection.over(
                        asked.startsOn(), asked.endsOn(), asked.pages() * JournalRequest.QUARTERS)
                .choose(seen.values().stream()
                        .map(one -> records.candidate(found, one)
                                .with(Facet.PHOTO, mayHang(one, here) ? Set.of("photo") : Set.of()))
                        .toList())
                .chosen()
                .stream()
                .map(choice ->
                        Required.from(seen, UUID.fromString(choice.candidate().id())))
                .sorted(Comparator.comparing(ObservationView::observedAt))
                .toList();
        List<RoomDisplay.Entry> entries = new ArrayList<>();
        List<Piece> pieces = new ArrayList<>();
        for (ObservationView one : chosen) {
            String words = guard.ofNobody(one.note());
            List<String> near =
                    guard.near(words).stream().map(NameGuard.Near::words).toList();
            boolean isShown = !asked.without().contains(one.id())
                    && (near.isEmpty() || asked.meansNobody().contains(one.id()));
            boolean mayHang = mayHang(one, here);
            entries.add(new RoomDisplay.Entry(
                    one.id(), words, near, isShown, one.photo().isPresent() && !mayHang));
            if (isShown) {
                pieces.add(piece(one, words, mayHang, room.framework()));
            }
        }
        return new RoomDisplay(sheet(settingId, room, asked, pieces), entries);
    }

    /** Records of the children of the room alone, each once; what was written of several at one time is told once. */
    private Map<UUID, ObservationView> seen(SettingId settingId, Collection<UUID> here, Asked asked) {
        Map<UUID, ObservationView> seen = new LinkedHashMap<>();
        Set<List<Object>> told = new HashSet<>();
        observations.ofChildrenBetween(settingId, here, asked.startsOn(), asked.endsOn()).stream()
                .filter(one -> here.containsAll(one.childIds()))
                .filter(one -> told.add(List.of(one.author(), one.observedAt(), one.areas())))
                .forEach(one -> seen.put(one.id(), one));
        return seen;
    }

    private static boolean mayHang(ObservationView one, Map<UUID, ChildView> here) {
        return one.photo().isPresent()
                && PhotoRule.allowsDisplay(one.childrenInPhoto().stream()
                        .map(id -> Optional.ofNullable(here.get(id))
                                        .filter(child -> child.allows(PhotoUse.DISPLAY))
                                        .isPresent()
                                ? Consent.GIVEN
                                : Consent.NOT_GIVEN)
                        .toList());
    }

    private static Piece piece(ObservationView one, String words, boolean mayHang, Framework ofRoom) {
        Framework framework = one.frameworkOr(ofRoom);
        Entry entry = new Entry(
                one.observedAt().toLocalDate(),
                words,
                mayHang ? one.photos().stream().map(Photo::of).toList() : List.of(),
                one.areas(),
                framework,
                framework.areas().stream()
                        .filter(area -> one.areas().contains(area.code()))
                        .map(Framework.Area::name)
                        .toList(),
                "",
                Optional.empty(),
                Optional.empty());
        return new Piece(one.id().toString(), List.of(entry), "", Optional.empty(), Optional.empty(), Optional.empty());
    }

    private JournalSheet sheet(SettingId settingId, RoomView room, Asked asked, List<Piece> pieces) {
        return new JournalSheet(
                room.id(),
                room.id(),
                room.name(),
                PegMark.values()[0],
                settings.get(settingId).name(),
                asked.startsOn(),
                asked.endsOn(),
                Purpose.DISPLAY,
                "",
                pieces.isEmpty() ? List.of() : List.of(new Section(Part.BUSY_WITH, pieces)),
                room.framework(),
                false,
                0);
    }
}
