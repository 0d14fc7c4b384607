package app.carder.web.family;

import app.carder.web.outbox.Recipients;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** A carer who was ended while a message to them waited is not written to. */
@Component
class FamilyRecipients implements Recipients {

    private final NamedParameterJdbcTemplate database;
    private final SettingService settings;

    FamilyRecipients(NamedParameterJdbcTemplate database, SettingService settings) {
        this.database = database;
        this.settings = settings;
    }

    @Override
    public boolean mayBeWrittenTo(SettingId settingId, String address) {
        return database
                .queryForList(
                        "select bool_or(c.reads_until is null or c.reads_until >= :today) from carer c"
                                + " where c.setting_id = :setting and lower(c.email) = lower(:address)",
                        Map.of("today", settings.today(settingId), "setting", settingId.value(), "address", address),
                        Boolean.class)
                .stream()
                .noneMatch(Boolean.FALSE::equals);
    }
}
