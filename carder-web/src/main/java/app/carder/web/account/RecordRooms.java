package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.util.Set;
import java.util.UUID;

/** Tells in which rooms a record lies that a route names. Each feature has one for each of the path variables of its records. */
public interface RecordRooms {

    /** The path variable: {@code childId}. */
    String variable();

    /** The rooms; whoever works in any of them may open the record. Empty where the setting has no such record. */
    Set<UUID> of(SettingId settingId, UUID recordId);

    /** Whether the record is set aside, so that practitioners have nothing to do with it any more. */
    default boolean isSetAside(SettingId settingId, UUID recordId) {
        return false;
    }
}
