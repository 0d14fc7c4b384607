package app.carder.core.prepare;

import app.carder.core.said.Refused;
import app.carder.core.week.OpenDays;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * When somebody is there.
 *
 * @param week hours of each day of the week; on a day that is not in it nobody comes
 * @param days that are open
 */
public record OpenHours(Map<DayOfWeek, Hours> week, OpenDays days) {

    private static final int A_YEAR = 366;

    /** Keeps its own copy. */
    public OpenHours {
        week = Map.copyOf(week);
    }

    /** The same hours on every day of the week. */
    public static OpenHours everyDay(Hours hours, OpenDays days) {
        Map<DayOfWeek, Hours> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, hours);
        }
        return new OpenHours(week, days);
    }

    /**
     * The hours of a day.
     *
     * @param from staff come
     * @param to staff leave
     * @param sessions in which children make things; within the hours
     */
    public record Hours(LocalTime from, LocalTime to, List<Span> sessions) {
        /** Keeps its own copy; refuses hours that end before they begin. */
        public Hours {
            sessions =
                    sessions.stream().sorted(Comparator.comparing(Span::from)).toList();
            if (!to.isAfter(from)) {
                throw Refused.because("refused.open-hours.closing-must-be", from, to);
            }
        }
    }

    /**
     * A part of a day.
     *
     * @param from begins
     * @param to ends, later
     */
    public record Span(LocalTime from, LocalTime to) {
        /** Refuses an end before its beginning. */
        public Span {
            if (!to.isAfter(from)) {
                throw Refused.because("refused.open-hours.end-must-be", from, to);
            }
        }
    }

    /** Whether somebody is there that day. */
    public boolean isOpen(LocalDate day) {
        return days.isOpen(day) && week.containsKey(day.getDayOfWeek());
    }

    /** The hours of a day; absent where nobody comes. */
    public Optional<Hours> on(LocalDate day) {
        return isOpen(day) ? Optional.ofNullable(week.get(day.getDayOfWeek())) : Optional.empty();
    }

    /** Whether children make things on any day of the week. */
    boolean hasSessions() {
        return week.values().stream().anyMatch(hours -> !hours.sessions().isEmpty());
    }

    /**
     * When something is ready at the latest: as wished, or on the next open day where nobody comes that day, at the same time.
     *
     * @throws IllegalArgumentException if there is no open day within a year
     */
    public LocalDateTime ready(LocalDateTime wished) {
        LocalDate day = wished.toLocalDate();
        for (int looked = 0; looked <= A_YEAR; looked++, day = day.plusDays(1)) {
            if (isOpen(day)) {
                return day.atTime(wished.toLocalTime());
            }
        }
        throw Refused.because("refused.open-hours.there-is-no", wished.toLocalDate());
    }

    /** The last open day before a day, within a year. */
    public LocalDate openDayBefore(LocalDate day) {
        return days.before(day);
    }

    /** The spans of a day in which a kind of work can be done, from the earliest; none where it is closed. */
    List<Block> spans(LocalDate day, Step.Who who) {
        return on(day).stream()
                .flatMap(hours -> who == Step.Who.ADULT
                        ? Stream.of(new Span(hours.from(), hours.to()))
                        : hours.sessions().stream())
                .map(span -> new Block(day.atTime(span.from()), day.atTime(span.to())))
                .toList();
    }

    /**
     * A time that is taken, or free.
     *
     * @param from begins
     * @param to ends
     */
    record Block(LocalDateTime from, LocalDateTime to) {
        boolean overlaps(Block other) {
            return from.isBefore(other.to()) && other.from().isBefore(to);
        }
    }
}
