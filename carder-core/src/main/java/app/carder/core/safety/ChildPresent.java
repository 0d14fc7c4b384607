package app.carder.core.safety;

import app.carder.core.material.Allergen;
import app.carder.core.measure.Age;
import java.util.Set;

/**
 * A child who will be there, as far as safety is concerned.
 *
 * @param name first name
 * @param age on that day
 * @param mouthing whether the adults see that things still go into the mouth
 * @param allergens what must be kept away
 */
public record ChildPresent(String name, Age age, Mouthing mouthing, Set<Allergen> allergens) {

    /** Under this age mouthing is taken for granted: 18 months. Common practice. */
    public static final int MOUTHS_UNDER_MONTHS = 18;

    /** Whether a child still explores with the mouth. */
    public enum Mouthing {
        /** Seen lately. */
        SEEN,
        /** Not seen lately. */
        NOT_SEEN
    }

    /** Keeps its own copy. */
    public ChildPresent {
        allergens = Set.copyOf(allergens);
    }

    /** Seen to mouth things, or so young that it is taken for granted. */
    public boolean mouths() {
        return mouthing == Mouthing.SEEN || age.isUnderMonths(MOUTHS_UNDER_MONTHS);
    }

    /** Under 36 months, the age up to which toys with small parts are banned, or mouthing. */
    public boolean isUnderThreeOrMouths() {
        return isUnderThree() || mouths();
    }

    /** Under 36 months. */
    public boolean isUnderThree() {
        return age.isUnderMonths(36);
    }

    /** For people: the name with the age that decides. */
    String forPeople() {
        String months = age.inMonths() + " months";
        return mouthing == Mouthing.SEEN
                ? "%s (%s, mouths things)".formatted(name, months)
                : "%s (%s)".formatted(name, months);
    }
}
