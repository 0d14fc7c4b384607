package app.carder.web.device;

import app.carder.web.setting.SettingId;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface OpenUploadRepository extends Repository<OpenUpload, UUID> {

    /** How many there are, and how many bytes together. */
    record Sum(long uploads, long bytes) {}

    void save(OpenUpload upload);

    Optional<OpenUpload> findByIdAndSettingId(UUID id, SettingId settingId);

    @Query(
            "select new app.carder.web.device.OpenUploadRepository$Sum(count(u), coalesce(sum(u.bytes), 0)) from OpenUpload u"
                    + " where u.settingId = :settingId")
    Sum sumBySettingId(SettingId settingId);

    @Query(
            "select new app.carder.web.device.OpenUploadRepository$Sum(count(u), coalesce(sum(u.bytes), 0)) from OpenUpload u"
                    + " where u.settingId = :settingId and u.accountId = :accountId")
    Sum sumBySettingIdAndAccountId(SettingId settingId, UUID accountId);

    /** Whoever counts waits for whoever counts just now: two together would both find room for one more. */
    @Query(nativeQuery = true, value = "select 1 from setting where id = :#{#settingId.value} for update")
    int waitForBySettingId(SettingId settingId);

    void deleteByIdAndSettingId(UUID id, SettingId settingId);

    void deleteBySettingIdAndAccountIdAndAddress(SettingId settingId, UUID accountId, String address);

    void deleteByBegunAtBefore(Instant before);
}
