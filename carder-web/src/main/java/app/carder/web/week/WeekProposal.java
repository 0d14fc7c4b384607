package app.carder.web.week;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;

/**
 * A week that is being proposed, or was. Its state is kept here, so that every node can tell it. Only what changed is written: who
 * wants it stopped and who tells how far it is do not undo each other.
 */
@Entity
@DynamicUpdate
class WeekProposal extends ScopedRecord {

    enum State {
        RUNNING,
        READY,
        TAKEN,
        BROKEN_OFF
    }

    private UUID roomId;
    private LocalDate monday;

    @Enumerated(EnumType.STRING)
    private State state;

    private String askedBy;
    private Instant askedAt;
    private Instant beatAt;
    private long points;
    private boolean stopWanted;
    private String[] givenUp;

    protected WeekProposal() {}

    WeekProposal(UUID id, SettingId settingId, UUID roomId, LocalDate monday, String askedBy, Instant askedAt) {
        super(id, settingId);
        this.roomId = roomId;
        this.monday = monday;
        this.state = State.RUNNING;
        this.askedBy = askedBy;
        this.askedAt = askedAt;
        this.beatAt = askedAt;
        this.givenUp = new String[0];
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

    Instant askedAt() {
        return askedAt;
    }

    Instant beatAt() {
        return beatAt;
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
