package app.carder.web.rules;

import app.carder.core.measure.Age;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.safety.Pet;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * Somebody who is always there and on no register.
 *
 * @param id its own
 * @param name for people
 * @param pet which animal; absent for a child
 * @param bornOn of a child
 * @param isMouthing whether a child still mouths things
 * @param isWithoutAllergies whether somebody said that a child has none; otherwise that is not known
 */
public record OtherView(
        UUID id,
        String name,
        Optional<Pet> pet,
        Optional<LocalDate> bornOn,
        boolean isMouthing,
        boolean isWithoutAllergies) {

    /** The child as safety looks at it; absent for an animal, and before it was born. */
    public Optional<ChildPresent> present(LocalDate on) {
        return bornOn.filter(born -> !born.isAfter(on))
                .map(born -> new ChildPresent(
                        name,
                        Optional.of(Age.between(born, on)),
                        isMouthing ? Mouthing.SEEN : Mouthing.NOT_SEEN,
                        isWithoutAllergies ? Optional.of(Set.of()) : Optional.empty(),
                        List.of()));
    }
}
