package app.carder.core.enrolment;

import app.carder.core.enrolment.Enrolment.Fault;
import app.carder.core.said.Said;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads notes that were written before: from a table with a column for the child, the date and the note, or from text in which each note
 * begins with its date and a name, such as {@code 12/03/2026 Anouk: Tied the string twice round the parcel.}
 */
public final class EarlierNotes {

    /** The longest note, in characters. */
    public static final int LONGEST_NOTE = 4000;

    private static final int LONGEST_NAME = 120;

    /** A line that begins with something like a date; the date has no letter next to it but those of a month. */
    private static final Pattern DATED = Pattern.compile(
            "^\\s*(\\d{4}[-./]\\d{1,2}[-./]\\d{1,2}|\\d{1,2}[-./]\\d{1,2}[-./](?:\\d{4}|\\d{2})|\\d{1,2}(?:st|nd|rd|th|\\.)? ?\\p{L}{3,9}\\.?,? ?\\d{4})\\s*[,:–-]?\\s*(.*)$");

    private EarlierNotes() {}

    /**
     * One note.
     *
     * @param line where it begins
     * @param children names as they were written, one or more
     * @param on the day
     * @param note in words
     * @param by who wrote it; empty where nobody is named
     */
    public record Note(int line, List<String> children, LocalDate on, String note, String by) {
        /** Keeps its own copy. */
        public Note {
            children = List.copyOf(children);
        }
    }

    /**
     * What was read.
     *
     * @param notes in order
     * @param faults of what could not be read
     */
    public record Result(List<Note> notes, List<Fault> faults) {
        /** Keeps its own copies. */
        public Result {
            notes = List.copyOf(notes);
            faults = List.copyOf(faults);
        }
    }

    /**
     * Of a table; empty where its heads do not tell which column is the child, the date and the note.
     *
     * @param rows all of them, the heads first
     * @param today no note is of a later day
     */
    public static Optional<Result> ofTable(List<List<String>> rows, LocalDate today) {
        List<Optional<NoteColumn>> columns = Headings.OF_NOTES.match(rows.get(0));
        Map<NoteColumn, Integer> places = new EnumMap<>(NoteColumn.class);
        for (int at = 0; at < columns.size(); at++) {
            int place = at;
            columns.get(at).ifPresent(column -> places.put(column, place));
        }
        if (!places.keySet().containsAll(List.of(NoteColumn.CHILD, NoteColumn.ON, NoteColumn.NOTE))) {
            return Optional.empty();
        }
        Reading reading = new Reading(today);
        for (int at = 1; at < rows.size(); at++) {
            List<String> row = rows.get(at);
            reading.take(
                    at + 1,
                    cell(row, places.get(NoteColumn.ON)),
                    cell(row, places.get(NoteColumn.CHILD)),
                    cell(row, places.get(NoteColumn.NOTE)),
                    cell(row, places.get(NoteColumn.BY)));
        }
        return Optional.of(reading.result());
    }

    private static String cell(List<String> row, @Nullable Integer place) {
        return place == null || place >= row.size() ? "" : row.get(place).strip();
    }

    /**
     * Of text; empty where no line begins with a date.
     *
     * @param today no note is of a later day
     */
    public static Optional<Result> ofText(String text, LocalDate today) {
        Reading reading = new Reading(today);
        List<String> lines = text.lines().toList();
        int begun = -1;
        String date = "";
        StringBuilder rest = new StringBuilder();
        for (int at = 0; at <= lines.size(); at++) {
            Matcher dated = at < lines.size() ? DATED.matcher(lines.get(at)) : null;
            boolean begins = dated != null && dated.matches();
            if ((begins || at == lines.size()) && begun >= 0) {
                reading.takeText(begun + 1, date, rest.toString().strip());
            }
            if (begins && dated != null) {
                begun = at;
                date = dated.group(1);
                rest.setLength(0);
                rest.append(dated.group(2)).append('\n');
            } else if (at < lines.size() && begun >= 0) {
                rest.append(lines.get(at)).append('\n');
            } else if (at < lines.size() && !lines.get(at).isBlank()) {
                reading.fault(at + 1, "", Said.of("earlier-notes.no-date"));
            }
        }
        return begun < 0 ? Optional.empty() : Optional.of(reading.result());
    }

    /** What was found so far. */
    private static final class Reading {
        private final LocalDate today;
        private final List<Note> notes = new ArrayList<>();
        private final List<Fault> faults = new ArrayList<>();

        Reading(LocalDate today) {
            this.today = today;
        }

        /** Names stand before the first colon, or alone on the first line. */
        void takeText(int line, String date, String rest) {
            int colon = rest.indexOf(':');
            int end = rest.indexOf('\n');
            int names = colon >= 0 && (end < 0 || colon < end) ? colon : end;
            if (names < 0) {
                fault(line, "", Said.of("earlier-notes.no-name"));
                return;
            }
            take(line, date, rest.substring(0, names), rest.substring(names + 1), "");
        }

        void take(int line, String date, String children, String note, String by) {
            List<String> names = Arrays.stream(children.split("[,;&+]|(?<!\\p{L})(?:and|und)(?!\\p{L})"))
                    .map(String::strip)
                    .filter(name -> !name.isEmpty())
                    .distinct()
                    .toList();
            Optional<LocalDate> on = WrittenDates.day(date, DayOrder.DAY_FIRST);
            int before = faults.size();
            if (names.isEmpty()) {
                fault(line, "", Said.of("earlier-notes.no-name"));
            }
            if (on.isEmpty()) {
                fault(line, children, Said.of("earlier-notes.date", date));
            } else if (on.get().isAfter(today)) {
                fault(line, children, Said.of("earlier-notes.later", date));
            }
            if (note.isBlank()) {
                fault(line, children, Said.of("earlier-notes.blank"));
            } else if (note.strip().length() > LONGEST_NOTE) {
                fault(line, children, Said.of("earlier-notes.long", LONGEST_NOTE));
            }
            if (by.length() > LONGEST_NAME) {
                fault(line, children, Said.of("enrolment.name-long", LONGEST_NAME));
            }
            if (faults.size() == before) {
                notes.add(new Note(line, names, on.orElseThrow(), note.strip(), by));
            }
        }

        void fault(int line, String name, Said why) {
            faults.add(new Fault(line, name, why));
        }

        Result result() {
            return new Result(notes, faults);
        }
    }
}
