package app.carder.web.children;

import app.carder.core.attendance.Coming;
import app.carder.core.attendance.Noted;
import app.carder.core.attendance.Stay;
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
import java.util.Map;
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
 * @param coming when it comes, as it was agreed
 * @param noted what was noted of its days, from today on
 * @param move into which room it moves up, and when
 * @param mayFetch who may fetch it, and the word that they say; empty where nobody wrote it down
 * @param beforeSending a court order or a wish that whoever sends anything must know; empty where there is none
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
        Coming coming,
        Map<LocalDate, Noted> noted,
        Optional<Move> move,
        String mayFetch,
        String beforeSending,
        int version) {

    /** The first name and every other one. */
    public List<String> allNames() {
        return Stream.concat(Stream.of(name), otherNames.stream()).toList();
    }

    /** Whether the child attends on a day: what was noted of it counts, else what was agreed. */
    public boolean attendsOn(LocalDate day) {
        return notedOn(day).attends().orElseGet(() -> coming.isOn(day));
    }

    /** The same as a room sees it that the child lives in, or moves up into: it attends there as long as it is there. */
    ChildView as(UUID room) {
        if (move.isEmpty()) {
            return this;
        }
        LocalDate on = move.get().on();
        boolean movesIn = move.get().roomId().equals(room) && !roomId.equals(room);
        Stay stay = coming.stay();
        Optional<LocalDate> dayBefore = Optional.of(on.minusDays(1));
        Stay here = movesIn
                ? new Stay(later(stay.startsOn(), on), stay.endsOn())
                : new Stay(
                        stay.startsOn(),
                        stay.endsOn().filter(last -> last.isBefore(on)).or(() -> dayBefore));
        Map<LocalDate, Noted> there = noted.entrySet().stream()
                .filter(day -> day.getKey().isBefore(on) != movesIn)
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        return new ChildView(
                id,
                roomId,
                name,
                otherNames,
                pegMark,
                age,
                care,
                homeLanguages,
                interests,
                consents,
                keyPersonId,
                new Coming(coming.days(), coming.usual(), coming.others(), here),
                there,
                move,
                mayFetch,
                beforeSending,
                version);
    }

    private static Optional<LocalDate> later(Optional<LocalDate> one, LocalDate other) {
        return one.filter(day -> day.isAfter(other)).or(() -> Optional.of(other));
    }

    /** What was noted of a day. */
    public Noted notedOn(LocalDate day) {
        return noted.getOrDefault(day, Noted.NOTHING);
    }

    /** When it comes on a day, or came; absent where with the first session. */
    public Optional<LocalTime> arrivesOn(LocalDate day) {
        return notedOn(day)
                .arrivedAt()
                .or(() -> coming.hours(day.getDayOfWeek()).arrives());
    }

    /** When it leaves on a day, or left; absent where with the last session. */
    public Optional<LocalTime> leavesOn(LocalDate day) {
        return notedOn(day).leftAt().or(() -> coming.hours(day.getDayOfWeek()).leaves());
    }

    /** The days of the week on which it comes, Monday first. */
    public List<DayOfWeek> days() {
        return coming.days().stream().sorted().toList();
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
        return dayWords(coming.days());
    }

    static String dayWords(Collection<DayOfWeek> days) {
        return days.stream().sorted().map(day -> Dates.shortWeekday(day)).collect(Collectors.joining(", "));
    }
}
