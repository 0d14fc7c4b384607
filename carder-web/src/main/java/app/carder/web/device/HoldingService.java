package app.carder.web.device;

import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which children a device carried, so that a lost one can be reported for what it was. */
@Service
class HoldingService {

    private static final Limit MOST = Limit.of(60);

    private final DeviceHoldingRepository holdings;
    private final DeviceRepository devices;
    private final ChildService children;
    private final RoomService rooms;
    private final SettingService settings;
    private final RoomBorder border;
    private final Clock clock;

    HoldingService(
            DeviceHoldingRepository holdings,
            DeviceRepository devices,
            ChildService children,
            RoomService rooms,
            SettingService settings,
            RoomBorder border,
            Clock clock) {
        this.holdings = holdings;
        this.devices = devices;
        this.children = children;
        this.rooms = rooms;
        this.settings = settings;
        this.border = border;
        this.clock = clock;
    }

    /**
     * What a device carried of a room on a day.
     *
     * @param room its name
     * @param lastAt when it took it along last
     * @param children their first names, and whether something about care was known of them
     */
    record Held(String room, LocalDateTime lastAt, List<HeldChild> children) {}

    /** A child whose name and mark lay on the device. */
    record HeldChild(String name, boolean care) {}

    /** A device takes a room along. One that is not known yet carries nothing: it is met before it asks. */
    @Transactional
    void took(Viewer viewer, UUID deviceId, UUID roomId, Collection<UUID> childIds) {
        if (devices.findByIdAndSettingId(deviceId, viewer.settingId()).isEmpty()) {
            throw new NotFound();
        }
        var today = settings.today(viewer.settingId());
        DeviceHolding holding = holdings.findBySettingIdAndDeviceIdAndRoomIdAndDay(
                        viewer.settingId(), deviceId, roomId, today)
                .orElseGet(() -> new DeviceHolding(viewer, deviceId, roomId, today, clock.instant()));
        holding.took(childIds, clock.instant());
        holdings.save(holding);
    }

    /**
     * What a device carried, the last first, as far as the viewer may open those rooms.
     *
     * @throws NotFound if the setting has no such device, or it carried other rooms only
     */
    @Transactional(readOnly = true)
    List<Held> of(Viewer viewer, UUID deviceId) {
        Map<UUID, String> names =
                rooms.all(viewer.settingId()).stream().collect(Collectors.toMap(RoomView::id, RoomView::name));
        List<DeviceHolding> all =
                holdings.findBySettingIdAndDeviceIdOrderByLastAtDesc(viewer.settingId(), deviceId, MOST);
        if (devices.findByIdAndSettingId(deviceId, viewer.settingId()).isEmpty()
                || !mayManage(border.within(viewer), all)) {
            throw new NotFound();
        }
        List<DeviceHolding> seen = all.stream()
                .filter(one -> border.mayEnter(viewer, Set.of(one.roomId())))
                .toList();
        Map<UUID, ChildView> byId = children.byId(
                viewer.settingId(),
                seen.stream().flatMap(one -> one.children().stream()).collect(Collectors.toSet()));
        return seen.stream()
                .map(one -> new Held(
                        names.getOrDefault(one.roomId(), ""),
                        settings.local(viewer.settingId(), one.lastAt()),
                        one.children().stream()
                                .flatMap(id -> Optional.ofNullable(byId.get(id)).stream())
                                .map(child -> new HeldChild(
                                        child.name(), !child.careWords().isEmpty()))
                                .sorted(Comparator.comparing(HeldChild::name))
                                .toList()))
                .toList();
    }

    /** Those of some devices that somebody answers for: they carried a room of theirs, or none yet. */
    @Transactional(readOnly = true)
    Set<UUID> managed(Viewer viewer, Collection<UUID> deviceIds) {
        Optional<Set<UUID>> within = border.within(viewer);
        Map<UUID, List<DeviceHolding>> carried = within.isEmpty()
                ? Map.of()
                : holdings.findBySettingIdAndDeviceIdIn(viewer.settingId(), deviceIds).stream()
                        .collect(Collectors.groupingBy(DeviceHolding::deviceId));
        return deviceIds.stream()
                .filter(id -> mayManage(within, carried.getOrDefault(id, List.of())))
                .collect(Collectors.toSet());
    }

    private static boolean mayManage(Optional<Set<UUID>> within, List<DeviceHolding> carried) {
        return within.isEmpty()
                || carried.isEmpty()
                || carried.stream().map(DeviceHolding::roomId).anyMatch(within.get()::contains);
    }
}
