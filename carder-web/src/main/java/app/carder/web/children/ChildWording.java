package app.carder.web.children;

import app.carder.web.account.Viewer;
import app.carder.web.undo.KeptWording;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a child's record said before it was taken back stays among its earlier wordings. */
@Component
class ChildWording implements KeptWording {

    private final ChildRepository records;

    ChildWording(ChildRepository records) {
        this.records = records;
    }

    @Override
    public String table() {
        return "child";
    }

    @Override
    public Optional<Said> said(Viewer viewer, UUID rowId) {
        return records.findByIdAndSettingId(rowId, viewer.settingId())
                .map(record -> new Said(table(), rowId, record.said()));
    }
}
