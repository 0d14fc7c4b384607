package app.carder.web.watch;

import app.carder.web.account.Viewer;
import app.carder.web.undo.KeptWording;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What an observation said before it was taken back stays among its earlier wordings. */
@Component
class ObservationWording implements KeptWording {

    private final ObservationRepository records;

    ObservationWording(ObservationRepository records) {
        this.records = records;
    }

    @Override
    public String table() {
        return "observation";
    }

    @Override
    public Optional<Said> said(Viewer viewer, UUID rowId) {
        return records.findByIdAndSettingId(rowId, viewer.settingId())
                .map(record -> new Said(table(), rowId, record.said()));
    }
}
