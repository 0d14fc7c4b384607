package app.carder.web.children;

import app.carder.core.measure.Age;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A child, as other features see it.
 *
 * @param id its own
 * @param roomId the room
 * @param name first name
 * @param otherNames nicknames, the family name, how a friend says it
 * @param pegMark symbol
 * @param age today
 * @param care what adults must know
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
        List<String> otherNames,
        PegMark pegMark,
        Age age,
        ChildCare care,
        String homeLanguages,
        String interests,
        Set<PhotoUse> consents,
        @Nullable UUID keyPersonId,
        List<DayOfWeek> days,
        Optional<LocalTime> arrives,
        Optional<LocalTime> leaves,
        int version) {

    /** The first name and every other one. */
    public List<String> allNames() {
        return Stream.concat(Stream.of(name), otherNames.stream()).toList();
    }

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
                Optional.of(Age.between(age.bornOn(), on.isBefore(age.bornOn()) ? age.bornOn() : on)),
                care.mouthing() ? Mouthing.SEEN : Mouthing.NOT_SEEN,
                // What was ticked holds also where the list was not gone through; what was not ticked is not known
                // then.
                care.allergiesAsked() ? Optional.of(care.allergens()) : Optional.empty(),
                care.entries());
    }

    /** Allergies and things to know, in words; empty where there are none. */
    public String allergyWords() {
        return care.forPeople();
    }

    /** All that is to be known before playing with the child, in one line; empty where there is nothing. */
    public String careWords() {
        return Stream.of(
                        allergyWords(),
                        care.mouthing() ? Said.say("children.still-mouths-things") : "",
                        care.whatToDo())
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(". "));
    }

    /** The days in words: {@code Mon, Tue}. */
    public String dayWords() {
        return dayWords(days);
    }

    static String dayWords(Collection<DayOfWeek> days) {
        return days.stream().sorted().map(day -> Dates.shortWeekday(day)).collect(Collectors.joining(", "));
    }
}
