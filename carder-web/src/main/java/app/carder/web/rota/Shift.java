package app.carder.web.rota;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.UUID;

/** An adult in a room, every week at the same time. */
@Entity
class Shift extends ScopedRecord {

    private UUID roomId;
    private UUID accountId;
    private int weekday;
    private LocalTime fromTime;
    private LocalTime untilTime;

    protected Shift() {}

    Shift(SettingId settingId, UUID roomId, UUID accountId, DayOfWeek day, LocalTime from, LocalTime until) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.accountId = accountId;
        this.weekday = day.getValue();
        this.fromTime = from;
        this.untilTime = until;
    }

    ShiftView view(String name) {
        return new ShiftView(getId(), accountId, name, day(), fromTime, untilTime);
    }

    /** Whether both want the same person at the same time in two rooms. */
    boolean clashesWith(Shift other) {
        return !roomId.equals(other.roomId)
                && accountId.equals(other.accountId)
                && weekday == other.weekday
                && fromTime.isBefore(other.untilTime)
                && other.fromTime.isBefore(untilTime);
    }

    DayOfWeek day() {
        return DayOfWeek.of(weekday);
    }

    boolean isOn(DayOfWeek day) {
        return day() == day;
    }

    boolean begins(LocalTime time) {
        return fromTime.equals(time);
    }

    boolean ends(LocalTime time) {
        return untilTime.equals(time);
    }

    /** Whether a time lies between its beginning and its end. */
    boolean holds(LocalTime time) {
        return time.isAfter(fromTime) && time.isBefore(untilTime);
    }

    void beginAt(LocalTime time) {
        fromTime = time;
    }

    void endAt(LocalTime time) {
        untilTime = time;
    }

    UUID roomId() {
        return roomId;
    }

    UUID accountId() {
        return accountId;
    }
}
