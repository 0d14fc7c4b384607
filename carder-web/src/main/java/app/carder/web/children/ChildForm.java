package app.carder.web.children;

import app.carder.core.attendance.Coming;
import app.carder.core.attendance.DayHours;
import app.carder.core.attendance.Stay;
import app.carder.core.material.Allergen;
import app.carder.core.safety.CareEntry;
import app.carder.web.account.StaffView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Reads a child's details from a form. */
final class ChildForm {

    private static final int OLDEST_YEARS = 8;
    static final int MOST_ENTRIES = 20;

    private ChildForm() {}

    static Typed of(ChildView child) {
        Typed typed = Typed.nothing()
                .with("givenName", child.name())
                .with("bornOn", child.age().bornOn())
                .with("pegMark", child.pegMark())
                .with(
                        "allergens",
                        child.care().allergens().stream().map(Enum::name).toList())
                .with("allergyNote", child.care().plan())
                .with("homeLanguages", child.homeLanguages())
                .with("interests", child.interests())
                .with("consents", child.consents().stream().map(Enum::name).toList())
                .with("days", child.days().stream().map(Enum::name).toList())
                .with("version", child.version());
        Coming coming = child.coming();
        coming.usual().arrives().ifPresent(at -> typed.with("arrives", at));
        coming.usual().leaves().ifPresent(at -> typed.with("leaves", at));
        coming.others().forEach((day, hours) -> {
            hours.arrives().ifPresent(at -> typed.with("arrives-" + day, at));
            hours.leaves().ifPresent(at -> typed.with("leaves-" + day, at));
        });
        coming.stay().startsOn().ifPresent(day -> typed.with("startsOn", day));
        coming.stay().endsOn().ifPresent(day -> typed.with("endsOn", day));
        child.move().ifPresent(move -> typed.with("movesTo", move.roomId()).with("movesOn", move.on()));
        typed.with("mayFetch", child.mayFetch());
        List<CareEntry> entries = child.care().entries();
        typed.with(
                        "careKind",
                        entries.stream().map(entry -> entry.kind().name()).toList())
                .with("careWords", entries.stream().map(CareEntry::words).toList())
                .with("careAsks", entries.stream().map(CareEntry::asksFor).toList())
                .with("medicine", child.care().medicine())
                .with(
                        "medicineBy",
                        child.care().medicineBy().stream().map(UUID::toString).toList())
                .with("otherNames", String.join(", ", child.otherNames()))
                .with("allergiesAsked", child.care().allergiesAsked() ? "yes" : "no");
        if (child.care().mouthing()) {
            typed.with("mouthing", "on");
        }
        return child.keyPersonId() == null ? typed : typed.with("keyPerson", child.keyPersonId());
    }

    /** The details, where nothing is wrong. */
    static Optional<ChildDetails> read(
            Typed typed,
            FormErrors errors,
            LocalDate today,
            List<StaffView> staff,
            Collection<UUID> rooms,
            Predicate<PegMark> isTaken) {
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
        Coming coming = coming(typed, errors);
        Optional<Move> move = move(typed, today, rooms, errors);
        String mayFetch = typed.optional("mayFetch", 500, errors);
        Optional<UUID> keyPerson = typed.id("keyPerson");
        if (keyPerson.isPresent()
                && staff.stream().noneMatch(person -> person.id().equals(keyPerson.get()))) {
            errors.add("keyPerson", "child.keyPerson.unknown");
        }
        String allergyNote = typed.optional("allergyNote", 500, errors);
        String languages = typed.optional("homeLanguages", 200, errors);
        String interests = typed.optional("interests", 500, errors);
        Set<Allergen> allergens = chosenOf(Allergen.values(), typed.all("allergens"));
        boolean asked = typed.text("allergiesAsked").equals("yes");
        if (!asked && !allergens.isEmpty()) {
            errors.add("allergiesAsked", "child.allergiesAsked.ticked");
        }
        List<CareEntry> entries = entries(typed, errors);
        String medicine = typed.optional("medicine", 300, errors);
        Set<UUID> medicineBy = Set.copyOf(typed.ids("medicineBy"));
        if (!staff.stream().map(StaffView::id).collect(Collectors.toSet()).containsAll(medicineBy)) {
            errors.add("medicineBy", "child.keyPerson.unknown");
        }
        List<String> otherNames = otherNames(typed, errors);
        if (errors.any()) {
            return Optional.empty();
        }
        return Optional.of(new ChildDetails(
                name,
                otherNames,
                bornOn.orElseThrow(),
                mark.orElseThrow(),
                new ChildCare(typed.ticked("mouthing"), asked, allergens, allergyNote, entries, medicine, medicineBy),
                languages,
                interests,
                chosenOf(PhotoUse.values(), typed.all("consents")),
                keyPerson.orElse(null),
                coming,
                move,
                mayFetch));
    }

    private static Coming coming(Typed typed, FormErrors errors) {
        Set<DayOfWeek> days = chosenOf(DayOfWeek.values(), typed.all("days"));
        if (days.isEmpty()) {
            errors.add("days", "child.days.missing");
        }
        DayHours usual = hours(typed, "arrives", "leaves", errors);
        Map<DayOfWeek, DayHours> others = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : days) {
            DayHours hours = hours(typed, "arrives-" + day, "leaves-" + day, errors);
            if (!hours.isWholeDay()) {
                others.put(day, hours);
            }
        }
        Optional<LocalDate> startsOn = day(typed, "startsOn", errors);
        Optional<LocalDate> endsOn = day(typed, "endsOn", errors);
        if (startsOn.isPresent() && endsOn.isPresent() && endsOn.get().isBefore(startsOn.get())) {
            errors.add("endsOn", "child.ends.early");
        }
        return new Coming(days, usual, others, new Stay(startsOn, endsOn));
    }

    private static DayHours hours(Typed typed, String from, String until, FormErrors errors) {
        Optional<LocalTime> arrives = typed.text(from).isEmpty() ? Optional.empty() : typed.time(from, errors);
        Optional<LocalTime> leaves = typed.text(until).isEmpty() ? Optional.empty() : typed.time(until, errors);
        if (arrives.isPresent() && leaves.isPresent() && !leaves.get().isAfter(arrives.get())) {
            errors.add(until, "child.leaves.early");
            return DayHours.WHOLE_DAY;
        }
        return new DayHours(arrives, leaves);
    }

    private static Optional<LocalDate> day(Typed typed, String field, FormErrors errors) {
        return typed.text(field).isEmpty() ? Optional.empty() : typed.day(field, errors);
    }

    private static Optional<Move> move(Typed typed, LocalDate today, Collection<UUID> rooms, FormErrors errors) {
        Optional<UUID> to = typed.chosen("movesTo", rooms::contains, errors);
        Optional<LocalDate> on = day(typed, "movesOn", errors);
        if (to.isPresent() && on.isEmpty() && errors.of("movesOn").isEmpty()) {
            errors.add("movesOn", "child.moves.day");
        }
        if (to.isEmpty() && on.isPresent() && errors.of("movesTo").isEmpty()) {
            errors.add("movesTo", "child.moves.room");
        }
        if (to.isPresent() && on.filter(day -> !day.isAfter(today)).isPresent()) {
            errors.add("movesOn", "child.moves.past");
        }
        return to.flatMap(room -> on.map(day -> new Move(room, day)));
    }

    /** Names with commas between, each as long as a first name may be. */
    private static List<String> otherNames(Typed typed, FormErrors errors) {
        return Arrays.stream(typed.optional("otherNames", 300, errors).split("[,;]"))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .distinct()
                .toList();
    }

    /** Rows without words and without anything to do are blank. */
    private static List<CareEntry> entries(Typed typed, FormErrors errors) {
        List<String> kinds = typed.all("careKind");
        List<String> words = typed.all("careWords");
        List<String> asks = typed.all("careAsks");
        List<CareEntry> entries = new ArrayList<>();
        for (int row = 0; row < Math.min(kinds.size(), MOST_ENTRIES); row++) {
            Optional<CareEntry.Kind> kind = chosen(CareEntry.Kind.values(), kinds.get(row));
            String what = row < words.size() ? words.get(row).strip() : "";
            String asksFor = row < asks.size() ? asks.get(row).strip() : "";
            if (kind.isEmpty()) {
                if (!what.isEmpty() || !asksFor.isEmpty()) {
                    errors.add("careKind-" + row, "child.care.kind");
                }
                continue;
            }
            if (kind.get().isAvoided() && what.isEmpty()) {
                errors.add("careWords-" + row, "child.care.words");
            } else if (what.length() > CareEntry.LONGEST_WORDS) {
                errors.add("careWords-" + row, "form.tooLong", CareEntry.LONGEST_WORDS, what.length());
            } else if (asksFor.length() > CareEntry.LONGEST_ASKS_FOR) {
                errors.add("careAsks-" + row, "form.tooLong", CareEntry.LONGEST_ASKS_FOR, asksFor.length());
            } else {
                entries.add(new CareEntry(kind.get(), what, asksFor));
            }
        }
        return entries;
    }

    /** One blank row after the last that is filled in. */
    static int entryRows(Typed typed) {
        return typed.rows("careKind", 1, MOST_ENTRIES);
    }

    private static <E extends Enum<E>> Optional<E> chosen(E[] all, String name) {
        return Arrays.stream(all).filter(one -> one.name().equals(name)).findFirst();
    }

    private static <E extends Enum<E>> Set<E> chosenOf(E[] all, List<String> names) {
        return Arrays.stream(all).filter(one -> names.contains(one.name())).collect(Collectors.toSet());
    }
}
