package app.carder.web.audit;

import app.carder.web.setting.SettingId;
import java.util.Optional;

/** How people call a value that a record once had, where it is kept as a code. */
public interface FieldWords {

    /**
     * In the language that is spoken.
     *
     * @param field of the record
     * @param value as it was kept
     * @return empty where this knows no other words for it
     */
    Optional<String> words(SettingId settingId, String field, String value);
}
