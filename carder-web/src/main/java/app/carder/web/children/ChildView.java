package app.carder.web.children;

import app.carder.core.material.Allergen;
import app.carder.core.measure.Age;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.ChildPresent.Mouthing;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A child, as other features see it.
 *
 * @param id its own
 * @param roomId the room
 * @param name first name
 * @param pegMark symbol
 * @param age today
 * @param mouthing whether things still go into the mouth
 * @param allergens what must be kept away
 * @param allergyNote what the medical plan says, in short
 * @param homeLanguages in words
 * @param interests in words
 * @param consents uses of photos that the family allows
 * @param keyPersonId member of staff
 * @param days of the week attended, Monday first
 * @param arrives on those days; absent where at the first session
 * @param leaves on those days; absent where after the last session
 * @param version of the record
 */
public record ChildView(
        UUID id,
        UUID roomId,
        String name,
        PegMark pegMark,
        Age age,
        boolean mouthing,
        Set<Allergen> allergens,
        String allergyNote,
        String homeLanguages,
        String interests,
        Set<PhotoUse> consents,
        @Nullable UUID keyPersonId,
        List<DayOfWeek> days,
        Optional<LocalTime> arrives,
        Optional<LocalTime> leaves,
        int version) {

    /** Whether the child attends on a day. */
    public boolean attendsOn(LocalDate day) {
        return days.contains(day.getDayOfWeek());
    }

    /** Whether the family allows a use of photos. */
    public boolean allows(PhotoUse use) {
        return consents.contains(use);
    }

    /** What the safety check needs to know, on a day. */
    public ChildPresent present(LocalDate on) {
        return new ChildPresent(
                name,
                Age.between(age.bornOn(), on.isBefore(age.bornOn()) ? age.bornOn() : on),
                mouthing ? Mouthing.SEEN : Mouthing.NOT_SEEN,
                allergens);
    }

    /** The allergies in words; empty where there are none. */
    public String allergyWords() {
        return allergens.stream().map(Allergen::words).collect(Collectors.joining(", "));
    }

    /** The days in words: {@code Mon, Tue}. */
    public String dayWords() {
        return days.stream()
                .map(day -> day.getDisplayName(TextStyle.SHORT, Locale.UK))
                .collect(Collectors.joining(", "));
    }
}
