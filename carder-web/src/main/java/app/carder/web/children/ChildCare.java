package app.carder.web.children;

import app.carder.core.material.Allergen;
import app.carder.core.safety.CareEntry;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What adults must know of a child before anything is put out.
 *
 * @param mouthing whether things still go into the mouth
 * @param allergiesAsked whether the family was asked; an empty list means nothing before
 * @param allergens of the list, what must be kept away
 * @param plan what the medical plan says, in short
 * @param entries everything else: other allergies, food rules, skin, hearing, swallowing and so on
 * @param medicine where the emergency medicine is and who may give it; empty where there is none
 * @param medicineBy the accounts of those who may give it
 */
public record ChildCare(
        boolean mouthing,
        boolean allergiesAsked,
        Set<Allergen> allergens,
        String plan,
        List<CareEntry> entries,
        String medicine,
        Set<UUID> medicineBy) {

    /** Keeps its own copies. */
    public ChildCare {
        allergens = Set.copyOf(allergens);
        entries = List.copyOf(entries);
        medicineBy = Set.copyOf(medicineBy);
    }

    /** Whether there is anything to mind. */
    public boolean isAny() {
        return !allergens.isEmpty() || !entries.isEmpty() || !plan.isEmpty() || !medicine.isEmpty() || !allergiesAsked;
    }

    /** Who may give emergency medicine: absent where none is spoken of, empty where nobody is named. */
    public Optional<Set<UUID>> givers() {
        return medicine.isEmpty() && medicineBy.isEmpty() ? Optional.empty() : Optional.of(medicineBy);
    }

    /** Allergies and everything else in words, one after the other; empty where there is nothing. */
    public String forPeople() {
        return Stream.of(
                        Stream.of(allergiesAsked ? "" : Said.say("children.allergies-not-asked-yet")),
                        allergens.isEmpty()
                                ? Stream.of("")
                                : Stream.of(Said.say(
                                        "children.allergic-to",
                                        Said.oneAfterTheOther(allergens.stream()
                                                .map(Allergen::words)
                                                .sorted()
                                                .toList()))),
                        entries.stream().map(CareEntry::forPeople))
                .flatMap(words -> words)
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining("; "));
    }

    private static boolean endsInMark(String words) {
        return ".,;:!?)".indexOf(words.charAt(words.length() - 1)) >= 0;
    }

    /** What the medical plan and the family ask of adults, and where the medicine is; empty where nothing is written. */
    public String whatToDo() {
        return Stream.of(Stream.of(plan), entries.stream().map(CareEntry::asksFor), Stream.of(medicine))
                .flatMap(words -> words)
                .filter(words -> !words.isEmpty())
                .map(words -> words + (endsInMark(words) ? "" : "."))
                .collect(Collectors.joining(" "));
    }
}
