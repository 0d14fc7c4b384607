package app.carder.web.audit;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One opening of one route by one person. */
@Entity
class AccessEntry extends ScopedRecord {

    private UUID personId;
    private String personName;
    private String role;
    private String method;
    private String route;
    private @Nullable UUID subjectId;
    private int status;
    private Instant at;
    private String browser;

    protected AccessEntry() {}

    AccessEntry(
            Viewer viewer,
            String method,
            String route,
            @Nullable UUID subjectId,
            int status,
            String browser,
            Instant at) {
        super(Ids.next(), viewer.settingId());
        this.personId = viewer.personId();
        this.personName = viewer.name();
        this.role = viewer.role().name();
        this.method = method;
        this.route = route;
        this.subjectId = subjectId;
        this.status = status;
        this.at = at;
        this.browser = browser;
    }

    AccessView view() {
        return new AccessView(
                at, personName, role, browser, "GET".equals(method), route, Optional.ofNullable(subjectId), status);
    }
}
