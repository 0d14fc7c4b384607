package app.carder.web.audit;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;

/** What one field of a record said before somebody changed it. */
@Entity
class HistoryEntry extends ScopedRecord {

    private String subjectKind;
    private UUID subjectId;
    private UUID personId;
    private String personName;
    private String field;
    private String before;
    private Instant at;

    protected HistoryEntry() {}

    HistoryEntry(Viewer viewer, String subjectKind, UUID subjectId, String field, String before, Instant at) {
        super(Ids.next(), viewer.settingId());
        this.subjectKind = subjectKind;
        this.subjectId = subjectId;
        this.personId = viewer.personId();
        this.personName = viewer.name();
        this.field = field;
        this.before = before;
        this.at = at;
    }

    String personName() {
        return personName;
    }

    String field() {
        return field;
    }

    String before() {
        return before;
    }

    Instant at() {
        return at;
    }
}
