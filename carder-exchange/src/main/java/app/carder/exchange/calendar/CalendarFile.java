package app.carder.exchange.calendar;

import app.carder.core.said.Refused;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Writes and reads calendars. */
public final class CalendarFile {

    /** The largest calendar that is read: a million characters. */
    public static final int LARGEST_CHARACTERS = 1_000_000;

    private static final int MOST_EVENTS = 2000;

    /** Repetitions of all events together that are gone through: a hundred events on every day for five years. */
    private static final long MOST_REPETITIONS = 200_000;

    private static final Pattern FOLDED = Pattern.compile("\\r?\\n[ \\t]");
    private static final Pattern WITHIN_A_DAY = Pattern.compile(
            "^(?:RRULE|EXRULE)[^\\n]*FREQ=(?:SECONDLY|MINUTELY|HOURLY)", Pattern.CASE_INSENSITIVE | Pattern.MULTILINE);

    private CalendarFile() {}

    /**
     * What is written.
     *
     * @param uid unique and lasting, so that a calendar knows it again
     * @param summary a few words
     * @param place where; may be empty
     * @param description more words; may be empty
     * @param startsAt local time, included
     * @param endsAt local time, excluded
     */
    public record Entry(
            String uid,
            String summary,
            String place,
            String description,
            LocalDateTime startsAt,
            LocalDateTime endsAt) {}

    /**
     * What is read.
     *
     * @param summary a few words; may be empty
     * @param from first day, in the setting's zone
     * @param until last day, included
     * @param allDay whether it has no hours
     */
    public record Occasion(String summary, LocalDate from, LocalDate until, boolean allDay) {}

    /**
     * Writes a calendar with the zone's definition in it.
     *
     * @param zone of the local times
     * @param stamp when it is written
     */
    public static String write(List<Entry> entries, ZoneId zone, Instant stamp) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Carder//Week plan//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        TimeZoneRegistry registry = TimeZoneRegistryFactory.getInstance().createRegistry();
        TimeZone known = registry.getTimeZone(zone.getId());
        if (known != null) {
            calendar.add(known.getVTimeZone());
        }
        for (Entry entry : entries) {
            VEvent event = new VEvent(false);
            event.add(new Uid(entry.uid()));
            event.add(new DtStamp(stamp));
            event.add(new DtStart<>(entry.startsAt().atZone(zone)));
            event.add(new DtEnd<>(entry.endsAt().atZone(zone)));
            event.add(new Summary(entry.summary()));
            if (!entry.place().isBlank()) {
                event.add(new Location(entry.place()));
            }
            if (!entry.description().isBlank()) {
                event.add(new Description(entry.description()));
            }
            calendar.add(event);
        }
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, text);
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: no calendar can be written to memory.", broken);
        }
        return text.toString();
    }

    /**
     * Reads what takes place in a range of days, repetitions included.
     *
     * @param from first day
     * @param until last day, at most two years later
     * @param zone in which days are counted
     * @throws IllegalArgumentException if it is no calendar or too large; the message says so, for people
     */
    public static List<Occasion> read(String text, LocalDate from, LocalDate until, ZoneId zone) {
        if (text.length() > LARGEST_CHARACTERS) {
            throw Refused.because("refused.calendar-file.the-calendar-must");
        }
        // Before it is parsed: reading the rules of a time zone unfolds them.
        if (WITHIN_A_DAY.matcher(FOLDED.matcher(text).replaceAll("")).find()) {
            throw Refused.because("refused.calendar-file.within-a-day");
        }
        Calendar calendar;
        try {
            calendar = new CalendarBuilder().build(new StringReader(text));
        } catch (ParserException broken) {
            throw Refused.because("refused.calendar-file.from-line", broken.getLineNo())
                    .from(broken);
        } catch (IOException | RuntimeException broken) {
            throw Refused.because("refused.calendar-file.no-calendar").from(broken);
        }
        List<VEvent> events = calendar.getComponents(Component.VEVENT);
        if (events.size() > MOST_EVENTS) {
            throw Refused.because("refused.calendar-file.the-calendar-must-2", MOST_EVENTS);
        }
        if (events.stream()
                        .mapToLong(event -> orRefused(event, () -> Repetitions.of(event, until)))
                        .sum()
                > MOST_REPETITIONS) {
            throw Refused.because("refused.calendar-file.repetitions", MOST_REPETITIONS);
        }
        List<Occasion> occasions = new ArrayList<>();
        events.forEach(event -> occasions.addAll(orRefused(event, () -> occasions(event, from, until, zone))));
        return occasions.stream()
                .sorted(Comparator.comparing(Occasion::from).thenComparing(Occasion::summary))
                .toList();
    }

    /** Days, zones and repetitions are read only when they are asked for, and any of them may make no sense. */
    private static <T> T orRefused(VEvent event, Supplier<T> reading) {
        try {
            return reading.get();
        } catch (RuntimeException broken) {
            throw Refused.because("refused.calendar-file.event-times", summary(event))
                    .from(broken);
        }
    }

    private static String summary(VEvent event) {
        return event.<Summary>getProperty(Property.SUMMARY)
                .map(Summary::getValue)
                .orElse("");
    }

    private static List<Occasion> occasions(VEvent event, LocalDate from, LocalDate until, ZoneId zone) {
        Optional<DtStart<Temporal>> start = event.getProperty(Property.DTSTART);
        if (start.isEmpty()) {
            return List.of();
        }
        boolean allDay = start.get().getDate() instanceof LocalDate;
        List<Occasion> occasions = new ArrayList<>();
        for (Period<? extends Temporal> period : periods(event, allDay, from, until, zone)) {
            LocalDate first = day(period.getStart(), zone);
            LocalDate last = last(period, first, allDay, zone);
            if (!first.isAfter(until) && !last.isBefore(from)) {
                occasions.add(new Occasion(summary(event), first, last, allDay));
            }
        }
        return occasions;
    }

    private static Iterable<? extends Period<? extends Temporal>> periods(
            VEvent event, boolean allDay, LocalDate from, LocalDate until, ZoneId zone) {
        if (allDay) {
            return event.<LocalDate>calculateRecurrenceSet(new Period<>(from.minusDays(60), until.plusDays(1)));
        }
        ZonedDateTime first = from.minusDays(60).atStartOfDay(zone);
        return event.<ZonedDateTime>calculateRecurrenceSet(
                new Period<>(first, until.plusDays(1).atStartOfDay(zone)));
    }

    private static LocalDate last(Period<? extends Temporal> period, LocalDate first, boolean allDay, ZoneId zone) {
        LocalDate end = day(period.getEnd(), zone);
        if (allDay) {
            // The end of a whole day is the next one.
            return end.isAfter(first) ? end.minusDays(1) : first;
        }
        boolean midnight = period.getEnd() instanceof ZonedDateTime at
                && at.withZoneSameInstant(zone).toLocalTime().equals(LocalTime.MIDNIGHT);
        return midnight && end.isAfter(first) ? end.minusDays(1) : end;
    }

    static LocalDate day(Temporal at, ZoneId zone) {
        if (at instanceof LocalDate day) {
            return day;
        }
        if (at instanceof LocalDateTime local) {
            return local.toLocalDate();
        }
        if (at instanceof Instant instant) {
            return instant.atZone(zone).toLocalDate();
        }
        return ZonedDateTime.from(at).withZoneSameInstant(zone).toLocalDate();
    }
}
