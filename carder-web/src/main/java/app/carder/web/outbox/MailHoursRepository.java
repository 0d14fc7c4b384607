package app.carder.web.outbox;

import app.carder.web.setting.SettingId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface MailHoursRepository extends Repository<MailHours, UUID> {

    void save(MailHours hours);

    Optional<MailHours> findBySettingId(SettingId settingId);
}
