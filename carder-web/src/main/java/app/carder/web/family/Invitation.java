package app.carder.web.family;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A private link to one journal for one carer. Neither link nor code is stored, only what proves them. */
@Entity
class Invitation extends ScopedRecord {

    /** From this many wrong codes on the link is dead: 1,000,000 codes and five tries. */
    private static final int MOST_WRONG_CODES = 5;

    private UUID journalId;
    private UUID carerId;
    private String tokenHash;
    private String codeHash;
    private int wrongCodes;
    private Instant expiresAt;
    private @Nullable Instant revokedAt;
    private Instant sentAt;
    private @Nullable Instant openedAt;
    private @Nullable UUID browserId;

    protected Invitation() {}

    Invitation(
            SettingId settingId,
            UUID journalId,
            UUID carerId,
            String tokenHash,
            String codeHash,
            Instant expiresAt,
            Instant sentAt) {
        super(Ids.next(), settingId);
        this.journalId = journalId;
        this.carerId = carerId;
        this.tokenHash = tokenHash;
        this.codeHash = codeHash;
        this.expiresAt = expiresAt;
        this.sentAt = sentAt;
    }

    InvitationState stateAt(Instant now) {
        if (isRevoked()) {
            return InvitationState.REVOKED;
        }
        if (openedAt != null) {
            return InvitationState.OPENED;
        }
        if (wrongCodes >= MOST_WRONG_CODES) {
            return InvitationState.LOCKED;
        }
        return now.isBefore(expiresAt) ? InvitationState.OPEN : InvitationState.EXPIRED;
    }

    void countWrongCode() {
        wrongCodes++;
    }

    int triesLeft() {
        return Math.max(0, MOST_WRONG_CODES - wrongCodes);
    }

    /** It is used up: from now on the browser opens by itself. */
    void opened(UUID inBrowser, Instant at) {
        wrongCodes = 0;
        browserId = inBrowser;
        openedAt = at;
    }

    void revoke(Instant at) {
        if (!isRevoked()) {
            revokedAt = at;
        }
    }

    boolean isRevoked() {
        return revokedAt != null;
    }

    UUID journalId() {
        return journalId;
    }

    UUID carerId() {
        return carerId;
    }

    String codeHash() {
        return codeHash;
    }

    Instant expiresAt() {
        return expiresAt;
    }

    Instant sentAt() {
        return sentAt;
    }
}
