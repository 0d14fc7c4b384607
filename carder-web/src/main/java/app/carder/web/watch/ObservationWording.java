package app.carder.web.watch;

import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.page.NotFound;
import app.carder.web.undo.KeptWording;
import jakarta.persistence.EntityManager;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What an observation said before it was taken back stays among its earlier wordings. */
@Component
class ObservationWording implements KeptWording {

    private final ObservationRepository records;
    private final HistoryLog history;
    private final EntityManager entities;

    ObservationWording(ObservationRepository records, HistoryLog history, EntityManager entities) {
        this.records = records;
        this.history = history;
        this.entities = entities;
    }

    @Override
    public String table() {
        return "observation";
    }

    @Override
    public Runnable before(Viewer viewer, UUID rowId) {
        Map<String, String> before = said(viewer, rowId);
        return () -> {
            // The row was written beside what Hibernate holds of it.
            entities.clear();
            history.keep(viewer, table(), rowId, before, said(viewer, rowId));
        };
    }

    private Map<String, String> said(Viewer viewer, UUID rowId) {
        return records.findByIdAndSettingId(rowId, viewer.settingId())
                .orElseThrow(NotFound::new)
                .said();
    }
}
