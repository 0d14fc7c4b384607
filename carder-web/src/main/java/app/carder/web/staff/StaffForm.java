package app.carder.web.staff;

import app.carder.web.account.Cover;
import app.carder.web.account.Role;
import app.carder.web.account.StaffDetails;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomView;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** The fields that say who somebody is and where they work. */
record StaffForm(String name, Optional<Role> role, Set<UUID> rooms, Optional<Cover> cover) {

    /** Reads them; what is wrong is marked. */
    static StaffForm read(Typed typed, List<RoomView> all, FormErrors errors) {
        String name = typed.line("staffName", errors);
        Optional<Role> role = Arrays.stream(Role.values())
                .filter(found -> found.isStaff() && found.name().equals(typed.text("role")))
                .findFirst();
        if (role.isEmpty()) {
            errors.add("role", "staff.role.missing");
        }
        List<UUID> ticked = typed.ids("room");
        Set<UUID> rooms = new LinkedHashSet<>();
        all.stream().map(RoomView::id).filter(ticked::contains).forEach(rooms::add);
        if (rooms.isEmpty()) {
            errors.add("room", "staff.room.missing");
        }
        return new StaffForm(name, role, rooms, cover(typed, errors));
    }

    /** The form as it is for somebody who has an account. */
    static Typed typed(StaffDetails details) {
        Typed typed = Typed.nothing()
                .with("staffName", details.name())
                .with("role", details.role().name())
                .with("room", details.rooms().stream().map(UUID::toString).toList());
        details.cover().ifPresent(days -> typed.with("coverFrom", days.from()).with("coverUntil", days.until()));
        return typed;
    }

    /** For a form without faults. */
    StaffDetails details() {
        return new StaffDetails(name, role.orElseThrow(), rooms, cover);
    }

    private static Optional<Cover> cover(Typed typed, FormErrors errors) {
        if (typed.text("coverFrom").isEmpty() && typed.text("coverUntil").isEmpty()) {
            return Optional.empty();
        }
        Optional<LocalDate> from = typed.day("coverFrom", errors);
        Optional<LocalDate> until = typed.day("coverUntil", errors);
        if (from.isEmpty() || until.isEmpty()) {
            return Optional.empty();
        }
        if (until.get().isBefore(from.get())) {
            errors.add("coverUntil", "staff.cover.backwards");
            return Optional.empty();
        }
        return Optional.of(new Cover(from.get(), until.get()));
    }
}
