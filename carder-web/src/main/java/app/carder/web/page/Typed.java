package app.carder.web.page;

import app.carder.core.measure.Length;
import app.carder.core.measure.ReadNumber;
import java.math.BigDecimal;
import java.text.Normalizer;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;

/**
 * What somebody typed into a form, kept as typed so that nothing is lost when it comes back with errors. Reading a value
 * marks the field where it is wrong.
 */
public final class Typed {

    /** Letters that a line may have. */
    public static final int LONGEST_LINE = 120;

    private static final int SHORTEST_REASON = 10;
    private static final int LONGEST_REASON = 500;

    private final Map<String, List<String>> values;

    private Typed(Map<String, List<String>> values) {
        this.values = values;
    }

    /** From a request's parameters. */
    public static Typed of(MultiValueMap<String, String> parameters) {
        return new Typed(new LinkedHashMap<>(parameters));
    }

    /** An empty form. */
    public static Typed nothing() {
        return new Typed(new LinkedHashMap<>());
    }

    /** The form with a value put in, as when a record is opened for editing. */
    public Typed with(String name, Object value) {
        values.put(name, new ArrayList<>(List.of(value.toString())));
        return this;
    }

    /** The form with several values put in under one name. */
    public Typed with(String name, List<String> all) {
        values.put(name, new ArrayList<>(all));
        return this;
    }

    /** As typed. */
    public String raw(String name) {
        List<String> all = values.getOrDefault(name, List.of());
        return all.isEmpty() || all.get(0) == null ? "" : all.get(0);
    }

    /** As it is kept, on one line; see {@link #clean}. */
    public String text(String name) {
        return oneLine(raw(name));
    }

    /** As it is kept, with its line breaks. */
    public String passage(String name) {
        return clean(raw(name));
    }

    /** All values of one name, blank ones included so that rows stay in step. */
    public List<String> all(String name) {
        return values.getOrDefault(name, List.of()).stream().map(Typed::oneLine).toList();
    }

    /** The first values of one name, as many as a form has rows. */
    public List<String> first(String name, int most) {
        return all(name).stream().limit(most).toList();
    }

    /** Rows to show: one blank one after the last that is filled in, within bounds. */
    public int rows(String name, int least, int most) {
        List<String> chosen = all(name);
        int filled = chosen.size();
        while (filled > 0 && chosen.get(filled - 1).isEmpty()) {
            filled--;
        }
        return Math.min(most, Math.max(least, filled + 1));
    }

    /** Whether a value was chosen. */
    public boolean has(String name, String value) {
        return all(name).contains(value);
    }

    /** Whether a box was ticked. */
    public boolean ticked(String name) {
        return !raw(name).isEmpty();
    }

    /** A line that must be there. */
    public String line(String name, FormErrors errors) {
        String text = text(name);
        if (text.isEmpty()) {
            errors.add(name, "form.missing." + name);
        }
        return limited(name, text, LONGEST_LINE, errors);
    }

    /** A line that may be left out. */
    public String optional(String name, int longest, FormErrors errors) {
        return limited(name, text(name), longest, errors);
    }

    /** Why something is done that cannot be taken back, in {@value #SHORTEST_REASON} to {@value #LONGEST_REASON} letters; it is kept. */
    public String reason(FormErrors errors) {
        String reason = optional("reason", LONGEST_REASON, errors);
        if (reason.length() < SHORTEST_REASON) {
            errors.add("reason", "erasure.reason.short", SHORTEST_REASON);
        }
        return reason;
    }

    /** Text of several lines that may be left out. */
    public String passage(String name, int longest, FormErrors errors) {
        return limited(name, passage(name), longest, errors);
    }

    /** A day that must be there. */
    public Optional<LocalDate> day(String name, FormErrors errors) {
        Optional<LocalDate> day = Days.read(text(name));
        if (day.isEmpty()) {
            errors.add(name, "form.day", text(name));
        }
        return day;
    }

    /** A time of day that must be there. */
    public Optional<LocalTime> time(String name, FormErrors errors) {
        try {
            return Optional.of(LocalTime.parse(text(name)));
        } catch (DateTimeParseException notATime) {
            errors.add(name, "form.time", text(name));
            return Optional.empty();
        }
    }

    /** The version of the record that was opened; one that no record has where the form does not say. */
    public int version() {
        return number(text("version")).map(Number::intValue).orElse(-1);
    }

    /** An id, where it is one. */
    public Optional<UUID> id(String name) {
        return uuid(text(name));
    }

    /** An id of something that may be chosen; a fault where it is not, or no longer, among those. */
    public Optional<UUID> chosen(String name, Predicate<UUID> isThere, FormErrors errors) {
        Optional<UUID> id = id(name);
        if (id.isPresent() && !isThere.test(id.get())) {
            errors.add(name, "form.gone");
            return Optional.empty();
        }
        return id;
    }

    private static Optional<UUID> uuid(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException notAnId) {
            throw new NotFound();
        }
    }

    /** Several ids; what is not an id is of no record here. */
    public List<UUID> ids(String name) {
        return all(name).stream().flatMap(text -> uuid(text).stream()).toList();
    }

    /** A length in centimetres that must be more than zero and no more than three metres. */
    public Optional<Length> centimetres(String name, FormErrors errors) {
        return centimetres(name, text(name), errors);
    }

    /** As {@link #centimetres(String, FormErrors)}, for one value of a row. */
    public static Optional<Length> centimetres(String name, String text, FormErrors errors) {
        return ReadNumber.centimetres(text)
                .filter(number -> {
                    boolean possible = number.signum() > 0 && number.compareTo(BigDecimal.valueOf(300)) <= 0;
                    if (!possible) {
                        errors.add(name, "form.centimetres", text);
                    }
                    return possible;
                })
                .or(() -> {
                    if (errors.of(name).isEmpty()) {
                        errors.add(
                                name,
                                text.isEmpty()
                                        ? "form.centimetres.missing"
                                        : ReadNumber.isAmbiguous(text) ? "form.ambiguous" : "form.number",
                                text);
                    }
                    return Optional.empty();
                })
                .map(Length::ofCentimetres);
    }

    /** A whole number in a range. */
    public static Optional<Integer> whole(String name, String text, int least, int most, FormErrors errors) {
        Optional<Integer> whole = number(text).flatMap(number -> {
            try {
                return Optional.of(number.intValueExact());
            } catch (ArithmeticException notWhole) {
                return Optional.empty();
            }
        });
        if (whole.isEmpty() || whole.get() < least || whole.get() > most) {
            errors.add(name, "form.whole", text, least, most);
            return Optional.empty();
        }
        return whole;
    }

    /** A number with a decimal point or comma; absent where it is none, or could be two. */
    public static Optional<BigDecimal> number(String text) {
        return ReadNumber.plain(text);
    }

    private static String limited(String name, String text, int longest, FormErrors errors) {
        if (text.length() > longest) {
            errors.add(name, "form.tooLong", longest, text.length());
        }
        return text;
    }

    /** Words of a field that has one line: breaks, which only a program sends, become blanks. */
    public static String oneLine(@Nullable String text) {
        return clean(text).replaceAll("[\\n\u2028\u2029]+", " ");
    }

    /** Words as they are kept: trimmed, in one Unicode form, without control characters but line breaks. */
    public static String clean(@Nullable String text) {
        String oneForm = Normalizer.normalize(text == null ? "" : text, Normalizer.Form.NFC);
        return oneForm.replace("\r\n", "\n").replaceAll("[\\p{Cc}&&[^\\n]]", "").strip();
    }
}
