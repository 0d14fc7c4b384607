package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.device.OpenUploadRepository.Sum;
import app.carder.web.page.LimitProperties;
import app.carder.web.setting.SettingId;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How many pictures in pieces a person and a setting may have on their way. */
@Service
class UploadQuota {

    private final OpenUploadRepository uploads;
    private final LimitProperties.Uploads limits;
    private final Clock clock;

    UploadQuota(OpenUploadRepository uploads, LimitProperties limits, Clock clock) {
        this.uploads = uploads;
        this.limits = limits.uploads();
        this.clock = clock;
    }

    /** Counts one in before its first byte is taken; empty where there are too many already. */
    @Transactional
    public Optional<UUID> begin(Viewer viewer, long bytes) {
        SettingId settingId = viewer.settingId();
        uploads.waitForBySettingId(settingId);
        Sum own = uploads.sumBySettingIdAndAccountId(settingId, viewer.personId());
        Sum all = uploads.sumBySettingId(settingId);
        if (own.uploads() >= limits.ofPerson()
                || all.uploads() >= limits.ofSetting()
                || own.bytes() + bytes > limits.bytesOfPerson().toBytes()
                || all.bytes() + bytes > limits.bytesOfSetting().toBytes()) {
            return Optional.empty();
        }
        OpenUpload upload = new OpenUpload(viewer, bytes, clock.instant());
        uploads.save(upload);
        return Optional.of(upload.getId());
    }

    /** Writes down where one lies that was counted in. */
    @Transactional
    public void liesAt(Viewer viewer, UUID id, String address) {
        uploads.findByIdAndSettingId(id, viewer.settingId()).ifPresent(upload -> upload.liesAt(address));
    }

    /** One that was counted in and never began. */
    @Transactional
    public void neverBegan(Viewer viewer, UUID id) {
        uploads.deleteByIdAndSettingId(id, viewer.settingId());
    }

    /** One that was delivered or thrown away. */
    @Transactional
    public void ended(Viewer viewer, String address) {
        uploads.deleteBySettingIdAndAccountIdAndAddress(viewer.settingId(), viewer.personId(), address);
    }

    /** Those that are as old as the oldest that is kept. */
    @Transactional
    public void tidy() {
        uploads.deleteByBegunAtBefore(clock.instant().minus(limits.last()));
    }
}
