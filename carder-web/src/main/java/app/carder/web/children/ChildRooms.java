package app.carder.web.children;

import app.carder.web.account.RecordRooms;
import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The room that a child is in today. */
@Component
class ChildRooms implements RecordRooms {

    private final ChildService children;

    ChildRooms(ChildService children) {
        this.children = children;
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
}
