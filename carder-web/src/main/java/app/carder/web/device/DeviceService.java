package app.carder.web.device;

import app.carder.core.watch.DeviceClock;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
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
    private final Clock clock;

    DeviceService(DeviceRepository devices, SettingService settings, Clock clock) {
        this.devices = devices;
        this.settings = settings;
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

    /** Has a device wiped at its next contact. */
    @Transactional
    void revoke(Viewer viewer, UUID deviceId) {
        devices.findByIdAndSettingId(deviceId, viewer.settingId())
                .orElseThrow(NotFound::new)
                .revoke(viewer, clock.instant());
    }

    /** All of a setting, the last in contact first. */
    @Transactional(readOnly = true)
    List<DeviceView> all(SettingId settingId) {
        return devices.findBySettingIdOrderByLastContactAtDesc(settingId, MOST).stream()
                .map(device -> new DeviceView(
                        device.getId(),
                        device.name(),
                        device.lastPerson(),
                        settings.local(settingId, device.lastContactAt()),
                        device.unsent(),
                        Duration.ofMillis(device.clockOffsetMs()).toSeconds(),
                        device.revokedAt().map(at -> settings.local(settingId, at)),
                        device.revokedBy(),
                        device.wipedAt().map(at -> settings.local(settingId, at))))
                .toList();
    }
}
