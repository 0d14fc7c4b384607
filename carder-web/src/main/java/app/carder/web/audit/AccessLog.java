package app.carder.web.audit;

import app.carder.web.account.Viewer;
import app.carder.web.page.Paging;
import app.carder.web.setting.SettingId;
import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Writes down who opened which record, and whether it was given. It holds no content. */
@Service
public class AccessLog {

    /** Stands on a request after which the record that it names is erased: the log says what was done, not to whose. */
    public static final String GONE = AccessLog.class.getName() + ".gone";

    private final AccessEntryRepository entries;
    private final Clock clock;

    AccessLog(AccessEntryRepository entries, Clock clock) {
        this.entries = entries;
        this.clock = clock;
    }

    /**
     * Adds an entry, in a transaction of its own, so that a refused request is written down too.
     *
     * @param browser in a few words
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void add(Viewer viewer, String method, String route, @Nullable UUID subjectId, int status, String browser) {
        entries.save(new AccessEntry(viewer, method, route, subjectId, status, browser, clock.instant()));
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    public Paging<AccessView> page(SettingId settingId, int page) {
        return Paging.of(
                entries.findBySettingIdOrderByAtDescIdDesc(settingId, PageRequest.of(Paging.number(page), Paging.ROWS))
                        .map(AccessEntry::view));
    }
}
