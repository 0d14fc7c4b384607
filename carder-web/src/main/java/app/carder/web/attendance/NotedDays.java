package app.carder.web.attendance;

import app.carder.core.attendance.Noted;
import app.carder.web.children.KnownDays;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Tells the other features what was noted: children count as there, or not, accordingly. */
@Component
class NotedDays implements KnownDays {

    private final AttendanceRepository days;

    NotedDays(AttendanceRepository days) {
        this.days = days;
    }

    @Override
    public Map<UUID, Map<LocalDate, Noted>> from(SettingId settingId, Collection<UUID> childIds, LocalDate first) {
        return byChild(days.findBySettingIdAndChildIdInAndOnDayGreaterThanEqual(settingId, childIds, first));
    }

    static Map<UUID, Map<LocalDate, Noted>> byChild(List<AttendanceDay> found) {
        Map<UUID, Map<LocalDate, Noted>> byChild = new HashMap<>();
        found.forEach(day ->
                byChild.computeIfAbsent(day.childId(), child -> new HashMap<>()).put(day.onDay(), day.noted()));
        return byChild;
    }
}
