package app.carder.web.children;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A parent or guardian of one child; whoever has two children here is two carers with one account. */
@Entity
class Carer extends ScopedRecord {

    private UUID childId;
    private String name;
    private String email;
    private String phone;
    private @Nullable UUID accountId;
    private @Nullable LocalDate readsUntil;

    @Enumerated(EnumType.STRING)
    private CarerBond.Responsibility responsibility;

    private boolean fosters;
    private String home;
    private String readsIn;

    protected Carer() {}

    Carer(SettingId settingId, UUID childId, CarerContact contact, @Nullable UUID accountId) {
        super(Ids.next(), settingId);
        this.childId = childId;
        this.accountId = accountId;
        describe(contact);
    }

    final void describe(CarerContact contact) {
        name = contact.name();
        email = contact.email();
        phone = contact.phone();
        readsUntil = contact.readsUntil().orElse(null);
        responsibility = contact.bond().responsibility();
        fosters = contact.bond().fosters();
        home = contact.bond().home();
        readsIn = contact.language();
    }

    /** May read no more after a day. */
    void end(LocalDate lastDay) {
        readsUntil = lastDay;
    }

    UUID childId() {
        return childId;
    }

    /** Wants to be written to in a language. */
    void read(String language) {
        this.readsIn = language;
    }

    /**
     * As others see them.
     *
     * @param childsLastDay absent while none is known
     */
    CarerView view(Optional<LocalDate> childsLastDay) {
        return new CarerView(
                getId(),
                childId,
                name,
                email,
                phone,
                Optional.ofNullable(readsUntil),
                new CarerBond(responsibility, fosters, home),
                childsLastDay.map(last -> last.plusDays(CarerView.DAYS_AFTER_LEAVING)),
                readsIn);
    }
}
