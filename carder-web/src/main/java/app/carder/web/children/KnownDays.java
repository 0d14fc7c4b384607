package app.carder.web.children;

import app.carder.core.attendance.Noted;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;

/** What was noted of children's days: who came, who was fetched, who does not come. Whoever keeps it implements this. */
public interface KnownDays {

    /** By child and by day, from a day on; children of whom nothing was noted are left out. */
    Map<UUID, Map<LocalDate, Noted>> from(SettingId settingId, Collection<UUID> childIds, LocalDate first);
}
