package app.carder.core.enrolment;

import app.carder.core.enrolment.Enrolled.Allergies;
import app.carder.core.enrolment.Enrolled.CarerLine;
import app.carder.core.material.Allergen;
import app.carder.core.safety.CareEntry;
import app.carder.core.said.Said;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Reads children from the rows of a table. A row is taken whole or not at all: what cannot be read is told with its line, and is never
 * replaced by a guess. A blank cell for allergies means that nobody has asked, never that there are none.
 */
public final class Enrolment {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_WORDS = 500;
    private static final int OLDEST_YEARS = 8;
    private static final Set<String> NONE = Set.of(
            "none", "no", "nil", "n/a", "na", "-", "–", "0", "none known", "nka", "keine", "nein", "keine bekannt");

    private final Map<Column, Integer> places;
    private final LocalDate today;
    private final DayOrder order;

    private Enrolment(Map<Column, Integer> places, LocalDate today, DayOrder order) {
        this.places = places;
        this.today = today;
        this.order = order;
    }

    /**
     * What a table says.
     *
     * @param children rows that can be taken, in order
     * @param faults of the others
     */
    public record Result(List<Enrolled> children, List<Fault> faults) {
        /** Keeps its own copies. */
        public Result {
            children = List.copyOf(children);
            faults = List.copyOf(faults);
        }
    }

    /**
     * Why a row is not taken.
     *
     * @param line of the table, the heads being line 1
     * @param name as far as there is one
     * @param why in words
     */
    public record Fault(int line, String name, Said why) {}

    /**
     * Reads a table.
     *
     * @param rows below the heads
     * @param columns what each column is about; empty where it is not read
     * @param today nobody is born later, or more than eight years before
     * @param order of day and month in dates that do not tell
     * @throws IllegalArgumentException if two columns are about the same
     */
    public static Result read(
            List<List<String>> rows, List<Optional<Column>> columns, LocalDate today, DayOrder order) {
        Map<Column, Integer> places = new EnumMap<>(Column.class);
        for (int at = 0; at < columns.size(); at++) {
            int place = at;
            columns.get(at).ifPresent(column -> {
                if (places.put(column, place) != null) {
                    throw new IllegalArgumentException("Two columns are about " + column);
                }
            });
        }
        Enrolment reading = new Enrolment(places, today, order);
        List<Enrolled> children = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        for (int at = 0; at < rows.size(); at++) {
            List<Said> wrong = new ArrayList<>();
            int line = at + 2;
            List<String> row = rows.get(at);
            Optional<Enrolled> child = reading.child(line, row, wrong);
            child.ifPresent(children::add);
            wrong.forEach(why -> faults.add(new Fault(line, reading.cell(row, Column.GIVEN_NAME), why)));
        }
        return new Result(children, faults);
    }

    /** Whether a date of the table can be read day first and month first, and says something else then. */
    public static boolean dependsOnOrder(List<List<String>> rows, List<Optional<Column>> columns) {
        int at = columns.indexOf(Optional.of(Column.BORN_ON));
        return at >= 0
                && rows.stream()
                        .filter(row -> at < row.size())
                        .map(row -> row.get(at))
                        .anyMatch(text -> {
                            Optional<LocalDate> day = WrittenDates.day(text, DayOrder.DAY_FIRST);
                            Optional<LocalDate> month = WrittenDates.day(text, DayOrder.MONTH_FIRST);
                            return day.isPresent() && month.isPresent() && !day.equals(month);
                        });
    }

    private String cell(List<String> row, Column column) {
        Integer at = places.get(column);
        return at == null || at >= row.size() ? "" : row.get(at).strip();
    }

    private Optional<Enrolled> child(int line, List<String> row, List<Said> wrong) {
        String name = cell(row, Column.GIVEN_NAME);
        List<String> others = new ArrayList<>(parts(cell(row, Column.OTHER_NAMES)));
        if (!places.containsKey(Column.OTHER_NAMES) && name.contains(" ")) {
            // A whole name in one cell: the first word is what the child is called.
            others.add(name.substring(name.indexOf(' ') + 1).strip());
            name = name.substring(0, name.indexOf(' '));
        }
        if (name.isEmpty()) {
            wrong.add(Said.of("enrolment.name-missing"));
        } else if (Stream.concat(Stream.of(name), others.stream()).anyMatch(one -> one.length() > LONGEST_NAME)) {
            wrong.add(Said.of("enrolment.name-long", LONGEST_NAME));
        }
        Optional<LocalDate> bornOn = bornOn(cell(row, Column.BORN_ON), wrong);
        Optional<Set<DayOfWeek>> days =
                cell(row, Column.DAYS).isEmpty() ? Optional.of(Set.of()) : WrittenDays.of(cell(row, Column.DAYS));
        if (days.isEmpty()) {
            wrong.add(Said.of("enrolment.days", cell(row, Column.DAYS)));
        }
        Optional<LocalTime> arrives = time(cell(row, Column.ARRIVES), wrong);
        Optional<LocalTime> leaves = time(cell(row, Column.LEAVES), wrong);
        if (arrives.isPresent() && leaves.isPresent() && !leaves.get().isAfter(arrives.get())) {
            wrong.add(Said.of("enrolment.leaves-early"));
        }
        for (Column words : List.of(Column.HOME_LANGUAGES, Column.INTERESTS, Column.ALLERGIES)) {
            if (cell(row, words).length() > LONGEST_WORDS) {
                wrong.add(Said.of("enrolment.words-long", words.words(), LONGEST_WORDS));
            }
        }
        Optional<Allergies> allergies = allergies(cell(row, Column.ALLERGIES));
        if (allergies.isEmpty()) {
            wrong.add(Said.of("enrolment.allergy-long", CareEntry.LONGEST_WORDS));
        }
        List<CarerLine> carers = Stream.concat(
                        carer(row, Column.CARER, Column.CARER_MAIL, name, wrong).stream(),
                        carer(row, Column.SECOND_CARER, Column.SECOND_CARER_MAIL, name, wrong).stream())
                .toList();
        if (!wrong.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Enrolled(
                line,
                name,
                others,
                bornOn.orElseThrow(),
                cell(row, Column.ROOM),
                days.orElseThrow(),
                arrives,
                leaves,
                allergies.orElseThrow(),
                cell(row, Column.HOME_LANGUAGES),
                cell(row, Column.INTERESTS),
                cell(row, Column.KEY_PERSON),
                carers));
    }

    private Optional<LocalDate> bornOn(String text, List<Said> wrong) {
        if (text.isEmpty()) {
            wrong.add(Said.of("enrolment.born-missing"));
            return Optional.empty();
        }
        Optional<LocalDate> day = WrittenDates.day(text, order);
        if (day.isEmpty()) {
            wrong.add(Said.of("enrolment.born", text));
        } else if (day.get().isAfter(today)) {
            wrong.add(Said.of("enrolment.born-later", text));
        } else if (day.get().isBefore(today.minusYears(OLDEST_YEARS))) {
            wrong.add(Said.of("enrolment.born-earlier", text, OLDEST_YEARS));
        }
        return day;
    }

    private static Optional<LocalTime> time(String text, List<Said> wrong) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Optional<LocalTime> time = WrittenDates.time(text);
        if (time.isEmpty()) {
            wrong.add(Said.of("enrolment.time", text));
        }
        return time;
    }

    private Optional<CarerLine> carer(
            List<String> row, Column nameColumn, Column mailColumn, String child, List<Said> wrong) {
        String name = cell(row, nameColumn);
        String mail = cell(row, mailColumn);
        if (name.isEmpty() && mail.isEmpty()) {
            return Optional.empty();
        }
        if (name.isEmpty()) {
            wrong.add(Said.of("enrolment.carer-missing", mail, child));
        } else if (name.length() > LONGEST_NAME) {
            wrong.add(Said.of("enrolment.name-long", LONGEST_NAME));
        }
        return Optional.of(new CarerLine(name, mail));
    }

    /** Empty where one of them is longer than it may be. */
    private static Optional<Allergies> allergies(String text) {
        if (text.isEmpty()) {
            return Optional.of(Allergies.NOT_ASKED);
        }
        if (NONE.contains(text.toLowerCase(Locale.ROOT).replaceAll("(?<![.!])[.!]++$", ""))) {
            return Optional.of(new Allergies(true, Set.of(), List.of()));
        }
        Set<Allergen> listed = EnumSet.noneOf(Allergen.class);
        List<CareEntry> others = new ArrayList<>();
        for (String one : parts(text)) {
            Optional<Allergen> known = Arrays.stream(Allergen.values())
                    .filter(allergen -> isNamed(allergen, one))
                    .findFirst();
            if (known.isPresent()) {
                listed.add(known.get());
            } else if (one.length() > CareEntry.LONGEST_WORDS) {
                return Optional.empty();
            } else {
                others.add(new CareEntry(CareEntry.Kind.ALLERGY, one, ""));
            }
        }
        return Optional.of(new Allergies(true, listed, others));
    }

    /** Only its own name, in one number or the other: {@code nuts} could be several, and stays as it was written. */
    private static boolean isNamed(Allergen allergen, String text) {
        Function<String, String> plain =
                word -> word.toLowerCase(Locale.ROOT).replaceAll("[\\s-]+", " ").replaceAll("s$", "");
        return plain.apply(allergen.words()).equals(plain.apply(text));
    }

    private static List<String> parts(String text) {
        return Arrays.stream(text.split("[,;/\\n]"))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .distinct()
                .toList();
    }
}
