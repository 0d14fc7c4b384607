package app.carder.core.safety;

import app.carder.core.material.Allergen;
import app.carder.core.measure.Age;
import app.carder.core.said.Said;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A child who will be there, as far as safety is concerned. What is not known is absent, and is never read as "no".
 *
 * @param name first name
 * @param age on that day
 * @param mouthing whether the adults see that things still go into the mouth
 * @param allergens what must be kept away; absent where nobody has asked the family
 * @param care what else adults must know
 */
public record ChildPresent(
        String name, Optional<Age> age, Mouthing mouthing, Optional<Set<Allergen>> allergens, List<CareEntry> care) {

    /** Under this age mouthing is taken for granted: 18 months. Common practice. */
    public static final int MOUTHS_UNDER_MONTHS = 18;

    /** Stands for whoever comes, where nobody is written down: nothing is known of them. */
    public static final ChildPresent WHOEVER_COMES =
            new ChildPresent("", Optional.empty(), Mouthing.NOT_SAID, Optional.empty(), List.of());

    /** Whether a child still explores with the mouth. */
    public enum Mouthing {
        /** Seen lately. */
        SEEN,
        /** Not seen lately. */
        NOT_SEEN,
        /** Nobody said. */
        NOT_SAID
    }

    /** Keeps its own copies. */
    public ChildPresent {
        allergens = allergens.map(Set::copyOf);
        care = List.copyOf(care);
    }

    /** A child of whom everything is known, and nothing but the listed allergens is to be minded. */
    public ChildPresent(String name, Age age, Mouthing mouthing, Set<Allergen> allergens) {
        this(name, Optional.of(age), mouthing, Optional.of(allergens), List.of());
    }

    /** Seen to mouth things or to eat what is no food, or so young that it is taken for granted. */
    Known mouths() {
        if (mouthing == Mouthing.SEEN || has(CareEntry.Kind.PICA)) {
            return Known.YES;
        }
        return underMonths(MOUTHS_UNDER_MONTHS)
                .or(mouthing == Mouthing.NOT_SEEN ? Known.NO : Known.missing(gap(Fact.AGE)));
    }

    /** Whether fewer than so many months are complete. */
    Known underMonths(int months) {
        return age.map(found -> Known.of(found.isUnderMonths(months))).orElseGet(() -> Known.missing(gap(Fact.AGE)));
    }

    /** Whether one of these must be kept away. */
    Known mustAvoid(Set<Allergen> contained) {
        if (contained.isEmpty()) {
            return Known.NO;
        }
        return allergens
                .map(avoided -> Known.of(!Collections.disjoint(avoided, contained)))
                .orElseGet(() -> Known.missing(allergiesNotAsked()));
    }

    /** Whether anything at all must be kept away. */
    Known mustAvoidSomething() {
        if (care.stream().anyMatch(entry -> entry.kind().isAvoided())) {
            return Known.YES;
        }
        return allergens
                .map(avoided -> Known.of(!avoided.isEmpty()))
                .orElseGet(() -> Known.missing(allergiesNotAsked()));
    }

    /** The question that stands open where {@link #allergens} is empty. */
    Gap allergiesNotAsked() {
        return gap(Fact.ALLERGIES);
    }

    boolean has(CareEntry.Kind kind) {
        return !care.isEmpty() && care.stream().anyMatch(entry -> entry.kind() == kind);
    }

    private Gap gap(Fact fact) {
        return this.equals(WHOEVER_COMES)
                ? new Gap(Fact.ATTENDANCE, "", "", "")
                : new Gap(fact, "child " + name, name, "");
    }

    /** For people: the name with the age that decides. */
    public String forPeople() {
        return Said.say(
                "working.child-with-age",
                this.equals(WHOEVER_COMES) ? Said.of("working.whoever-comes") : name,
                age.<Said>map(found -> Said.of("working.months", found.inMonths()))
                        .orElse(Said.of("working.age-not-known")),
                mouthing == Mouthing.SEEN ? "yes" : "no");
    }
}
