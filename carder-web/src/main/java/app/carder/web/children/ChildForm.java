package app.carder.web.children;

import app.carder.core.material.Allergen;
import app.carder.web.account.StaffView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Reads a child's details from a form. */
final class ChildForm {

    private static final int OLDEST_YEARS = 8;

    private ChildForm() {}

    static Typed of(ChildView child) {
        Typed typed = Typed.nothing()
                .with("givenName", child.name())
                .with("bornOn", child.age().bornOn())
                .with("pegMark", child.pegMark())
                .with("allergens", child.allergens().stream().map(Enum::name).toList())
                .with("allergyNote", child.allergyNote())
                .with("homeLanguages", child.homeLanguages())
                .with("interests", child.interests())
                .with("consents", child.consents().stream().map(Enum::name).toList())
                .with("days", child.days().stream().map(Enum::name).toList())
                .with("version", child.version());
        child.arrives().ifPresent(at -> typed.with("arrives", at));
        child.leaves().ifPresent(at -> typed.with("leaves", at));
        if (child.mouthing()) {
            typed.with("mouthing", "on");
        }
        return child.keyPersonId() == null ? typed : typed.with("keyPerson", child.keyPersonId());
    }

    /** The details, where nothing is wrong. */
    static Optional<ChildDetails> read(
            Typed typed, FormErrors errors, LocalDate today, List<StaffView> staff, Predicate<PegMark> isTaken) {
        String name = typed.line("givenName", errors);
        Optional<LocalDate> bornOn = typed.day("bornOn", errors);
        bornOn.ifPresent(day -> {
            if (day.isAfter(today)) {
                errors.add("bornOn", "child.bornOn.future", today);
            } else if (day.isBefore(today.minusYears(OLDEST_YEARS))) {
                errors.add("bornOn", "child.bornOn.old", OLDEST_YEARS);
            }
        });
        Optional<PegMark> mark = chosen(PegMark.values(), typed.text("pegMark"));
        if (mark.isEmpty()) {
            errors.add("pegMark", "child.pegMark.missing");
        } else if (isTaken.test(mark.get())) {
            errors.add("pegMark", "child.pegMark.taken", mark.get().words());
        }
        Set<DayOfWeek> days = chosenOf(DayOfWeek.values(), typed.all("days"));
        if (days.isEmpty()) {
            errors.add("days", "child.days.missing");
        }
        Optional<LocalTime> arrives =
                typed.text("arrives").isEmpty() ? Optional.empty() : typed.time("arrives", errors);
        Optional<LocalTime> leaves = typed.text("leaves").isEmpty() ? Optional.empty() : typed.time("leaves", errors);
        if (arrives.isPresent() && leaves.isPresent() && !leaves.get().isAfter(arrives.get())) {
            errors.add("leaves", "child.leaves.early");
        }
        Optional<UUID> keyPerson = typed.id("keyPerson");
        if (keyPerson.isPresent()
                && staff.stream().noneMatch(person -> person.id().equals(keyPerson.get()))) {
            errors.add("keyPerson", "child.keyPerson.unknown");
        }
        String allergyNote = typed.optional("allergyNote", 500, errors);
        String languages = typed.optional("homeLanguages", 200, errors);
        String interests = typed.optional("interests", 500, errors);
        if (errors.any()) {
            return Optional.empty();
        }
        return Optional.of(new ChildDetails(
                name,
                bornOn.orElseThrow(),
                mark.orElseThrow(),
                typed.ticked("mouthing"),
                chosenOf(Allergen.values(), typed.all("allergens")),
                allergyNote,
                languages,
                interests,
                chosenOf(PhotoUse.values(), typed.all("consents")),
                keyPerson.orElse(null),
                days,
                arrives,
                leaves));
    }

    private static <E extends Enum<E>> Optional<E> chosen(E[] all, String name) {
        return Arrays.stream(all).filter(one -> one.name().equals(name)).findFirst();
    }

    private static <E extends Enum<E>> Set<E> chosenOf(E[] all, List<String> names) {
        return Arrays.stream(all).filter(one -> names.contains(one.name())).collect(Collectors.toSet());
    }
}
