package app.carder.web.children;

import app.carder.web.account.RecordRooms;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The room that a child is in today. */
@Component
class ChildRooms implements RecordRooms {

    private final ChildService children;
    private final SettingService settings;

    ChildRooms(ChildService children, SettingService settings) {
        this.children = children;
        this.settings = settings;
    }

    @Override
    public String variable() {
        return "childId";
    }

    @Override
    public Set<UUID> of(SettingId settingId, UUID recordId) {
        return children.byId(settingId, List.of(recordId)).values().stream()
                .map(ChildView::roomId)
                .collect(Collectors.toSet());
    }

    /** Once it has left. */
    @Override
    public boolean isSetAside(SettingId settingId, UUID recordId) {
        LocalDate today = settings.today(settingId);
        return children.byId(settingId, List.of(recordId)).values().stream()
                .anyMatch(child -> child.coming()
                        .stay()
                        .endsOn()
                        .filter(last -> last.isBefore(today))
                        .isPresent());
    }
}
