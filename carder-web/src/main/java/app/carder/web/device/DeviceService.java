package app.carder.web.device;

import app.carder.core.watch.DeviceClock;
import app.carder.web.account.DeviceSecurityLog;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The devices of a setting. */
@Service
class DeviceService {

    private static final Limit MOST = Limit.of(200);
    private static final int LONGEST_NAME = 80;

    private final DeviceRepository devices;
    private final SettingService settings;
    private final HoldingService holdings;
    private final DeviceSignInService signIns;
    private final DeviceSecurityLog log;
    private final Clock clock;

    DeviceService(
            DeviceRepository devices,
            SettingService settings,
            HoldingService holdings,
            DeviceSignInService signIns,
            DeviceSecurityLog log,
            Clock clock) {
        this.devices = devices;
        this.settings = settings;
        this.holdings = holdings;
        this.signIns = signIns;
        this.log = log;
        this.clock = clock;
    }

    /**
     * Writes down that a device was in contact.
     *
     * @return whether it is to be wiped
     */
    @Transactional
    boolean met(Viewer viewer, UUID deviceId, String name, int unsent, DeviceClock deviceClock) {
        Device device = devices.findByIdAndSettingId(deviceId, viewer.settingId())
                .orElseGet(() -> {
                    Device added = new Device(
                            deviceId,
                            viewer,
                            name.isBlank() ? "Device" : name.substring(0, Math.min(LONGEST_NAME, name.length())),
                            clock.instant());
                    devices.save(added);
                    return added;
                });
        device.met(
                viewer,
                Math.max(0, unsent),
                deviceClock.isWrong() ? deviceClock.offset().toMillis() : 0,
                clock.instant());
        return device.isRevoked();
    }

    /** Whether a device is to be wiped; one that is not known is not. */
    @Transactional(readOnly = true)
    boolean isRevoked(UUID deviceId) {
        return devices.findById(deviceId).filter(Device::isRevoked).isPresent();
    }

    /** A device that was to be wiped says that it is. */
    @Transactional
    void wiped(UUID deviceId) {
        devices.findById(deviceId).filter(Device::isRevoked).ifPresent(device -> device.wiped(clock.instant()));
    }

    /**
     * Has a device wiped at its next contact; whoever is signed in on it is so nowhere any more.
     *
     * @throws NotFound if the setting has no such device, or it carried rooms only that the viewer does not work in
     */
    @Transactional
    void revoke(Viewer viewer, UUID deviceId) {
        Device device = devices.findByIdAndSettingId(deviceId, viewer.settingId())
                .filter(found -> !holdings.managed(viewer, List.of(deviceId)).isEmpty())
                .orElseThrow(NotFound::new);
        signIns.endOn(viewer.settingId(), deviceId);
        device.revoke(viewer, clock.instant());
        log.revoked(viewer, device.name());
    }

    /** All that the viewer answers for, the last in contact first. */
    @Transactional(readOnly = true)
    List<DeviceView> all(Viewer viewer) {
        List<Device> all = devices.findBySettingIdOrderByLastContactAtDesc(viewer.settingId(), MOST);
        Set<UUID> managed =
                holdings.managed(viewer, all.stream().map(Device::getId).toList());
        return all.stream()
                .filter(device -> managed.contains(device.getId()))
                .map(device -> view(viewer.settingId(), device))
                .toList();
    }

    /**
     * One of them.
     *
     * @throws NotFound if the setting has no such device, or the viewer does not answer for it
     */
    @Transactional(readOnly = true)
    DeviceView one(Viewer viewer, UUID deviceId) {
        return devices.findByIdAndSettingId(deviceId, viewer.settingId())
                .filter(device -> !holdings.managed(viewer, List.of(deviceId)).isEmpty())
                .map(device -> view(viewer.settingId(), device))
                .orElseThrow(NotFound::new);
    }

    private DeviceView view(SettingId settingId, Device device) {
        return new DeviceView(
                device.getId(),
                device.name(),
                device.lastPerson(),
                settings.local(settingId, device.lastContactAt()),
                device.unsent(),
                Duration.ofMillis(device.clockOffsetMs()),
                device.revokedAt().map(at -> settings.local(settingId, at)),
                device.revokedBy(),
                device.wipedAt().map(at -> settings.local(settingId, at)));
    }
}
