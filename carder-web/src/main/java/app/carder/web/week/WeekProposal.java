package app.carder.web.week;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

/**
 * A week that is being proposed, or was. Its state is kept here, so that every node can tell it. Only what changed is written: who
 * wants it stopped and who tells how far it is do not undo each other.
 */
@Entity
@DynamicUpdate
class WeekProposal extends ScopedRecord {

    enum State {
        WAITING,
        RUNNING,
        READY,
        TAKEN,
        BROKEN_OFF
    }

    /** States of those that are still to be worked on. */
    static final Set<State> OPEN = EnumSet.of(State.WAITING, State.RUNNING);

    private UUID roomId;
    private LocalDate monday;

    @Enumerated(EnumType.STRING)
    private State state;

    private String askedBy;
    private Instant askedAt;

    @Nullable
    private Instant begunAt;

    private Instant beatAt;
    private long points;
    private boolean stopWanted;
    private String[] givenUp;

    protected WeekProposal() {}

    WeekProposal(UUID id, SettingId settingId, UUID roomId, LocalDate monday, String askedBy, Instant askedAt) {
        super(id, settingId);
        this.roomId = roomId;
        this.monday = monday;
        this.state = State.WAITING;
        this.askedBy = askedBy;
        this.askedAt = askedAt;
        this.beatAt = askedAt;
        this.givenUp = new String[0];
    }

    /** Whether it is still to be worked on. */
    boolean isOpen() {
        return OPEN.contains(state);
    }

    void begin(Instant at) {
        this.state = State.RUNNING;
        this.begunAt = at;
        this.beatAt = at;
    }

    void beat(long points, Instant at) {
        this.points = points;
        this.beatAt = at;
    }

    void ready(long points, List<String> givenUp, Instant at) {
        beat(points, at);
        this.givenUp = givenUp.toArray(String[]::new);
        this.state = State.READY;
    }

    void breakOff() {
        this.state = State.BROKEN_OFF;
    }

    void wantStop() {
        this.stopWanted = true;
    }

    void taken() {
        this.state = State.TAKEN;
    }

    State state() {
        return state;
    }

    UUID roomId() {
        return roomId;
    }

    LocalDate monday() {
        return monday;
    }

    String askedBy() {
        return askedBy;
    }

    /** How long it has been worked on. */
    Duration worked() {
        return begunAt == null ? Duration.ZERO : Duration.between(begunAt, beatAt);
    }

    long points() {
        return points;
    }

    boolean isStopWanted() {
        return stopWanted;
    }

    List<String> givenUp() {
        return List.of(givenUp);
    }
}
