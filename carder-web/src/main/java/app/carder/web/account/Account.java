package app.carder.web.account;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Somebody who can sign in. */
@Entity
class Account extends ScopedRecord {

    private String username;
    private String displayName;
    private String passwordHash;

    @Enumerated(EnumType.STRING)
    private Role role;

    private @Nullable UUID roomId;

    @ElementCollection
    @CollectionTable(name = "account_room", joinColumns = @JoinColumn(name = "account_id"))
    @Column(name = "room_id")
    private Set<UUID> rooms = new LinkedHashSet<>();

    private @Nullable LocalDate coverFrom;
    private @Nullable LocalDate coverUntil;
    private @Nullable Instant closedAt;
    private @Nullable String language;
    private String digestAddress;
    private @Nullable LocalDate digestOn;

    protected Account() {}

    Account(SettingId settingId, String username, StaffDetails details, String passwordHash) {
        super(Ids.next(), settingId);
        this.username = username;
        this.passwordHash = passwordHash;
        this.digestAddress = "";
        change(details);
    }

    /** Where its owner is told once a day of what is new; empty where they do not want it. */
    String digestAddress() {
        return digestAddress;
    }

    void tellDailyAt(String address) {
        this.digestAddress = address;
    }

    /** Whether its owner wants to be told on a day, and has not been yet. */
    boolean isToBeToldOn(LocalDate day) {
        return !digestAddress.isEmpty() && isOpenOn(day) && !day.equals(digestOn);
    }

    void told(LocalDate day) {
        this.digestOn = day;
    }

    Optional<String> language() {
        return Optional.ofNullable(language);
    }

    /** Is answered in a language from now on; absent as the browser asks. */
    void choose(Optional<String> language) {
        this.language = language.orElse(null);
    }

    /** Renames, moves, gives another role. */
    final void change(StaffDetails details) {
        this.displayName = details.name();
        this.role = details.role();
        this.roomId = details.rooms().stream().findFirst().orElse(null);
        this.rooms.clear();
        this.rooms.addAll(details.rooms());
        this.coverFrom = details.cover().map(Cover::from).orElse(null);
        this.coverUntil = details.cover().map(Cover::until).orElse(null);
    }

    void setPassword(String hash) {
        this.passwordHash = hash;
    }

    void close(Instant now) {
        this.closedAt = now;
    }

    void open() {
        this.closedAt = null;
    }

    boolean isClosed() {
        return closedAt != null;
    }

    /** Whether its owner may sign in on a day: it is not closed, and cover staff come on their days only. */
    boolean isOpenOn(LocalDate day) {
        return !isClosed() && cover().map(days -> days.includes(day)).orElse(true);
    }

    /** A manager who can sign in on every day. */
    boolean isStandingManager() {
        return role == Role.MANAGER && !isClosed() && cover().isEmpty();
    }

    String username() {
        return username;
    }

    String displayName() {
        return displayName;
    }

    String passwordHash() {
        return passwordHash;
    }

    StaffView staffView() {
        return new StaffView(getId(), displayName, role);
    }

    StaffAccount staffAccount() {
        return new StaffAccount(
                getId(), username, new StaffDetails(displayName, role, Set.copyOf(rooms), cover()), isClosed());
    }

    Viewer viewer() {
        return Viewer.ofAccount(getId(), settingId(), role, displayName, new Viewer.Rooms(roomId, Set.copyOf(rooms)));
    }

    private Optional<Cover> cover() {
        return coverFrom == null || coverUntil == null
                ? Optional.empty()
                : Optional.of(new Cover(coverFrom, coverUntil));
    }
}
