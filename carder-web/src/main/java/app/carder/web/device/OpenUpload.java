package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A picture in pieces that is not whole or not delivered yet. */
@Entity
class OpenUpload extends ScopedRecord {

    private UUID accountId;
    private long bytes;

    @Nullable
    private String address;

    private Instant begunAt;

    protected OpenUpload() {}

    OpenUpload(Viewer viewer, long bytes, Instant begunAt) {
        super(Ids.next(), viewer.settingId());
        this.accountId = viewer.personId();
        this.bytes = bytes;
        this.begunAt = begunAt;
    }

    void liesAt(String address) {
        this.address = address;
    }
}
