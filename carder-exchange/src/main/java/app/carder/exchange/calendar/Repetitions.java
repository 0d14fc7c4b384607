package app.carder.exchange.calendar;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.RRule;

/** How often an event takes place at most, counted from its rules without unfolding them. */
final class Repetitions {

    private static final int DAYS_OF_WEEK = 7;
    private static final int DAYS_OF_MONTH = 28;
    private static final int DAYS_OF_YEAR = 365;
    private static final long ALL_TIME = Integer.MAX_VALUE;

    private Repetitions() {}

    /** An upper bound from the event's start until a day: that is what has to be gone through to know the days in between. */
    static long of(VEvent event, LocalDate until) {
        Optional<DtStart<Temporal>> start = event.getProperty(Property.DTSTART);
        List<RRule<Temporal>> rules = event.getProperties(Property.RRULE);
        return 1
                + rules.stream()
                        .map(RRule::getRecur)
                        .mapToLong(rule -> start.map(from -> of(rule, days(from.getDate(), last(rule, until))))
                                .orElse(0L))
                        .sum();
    }

    private static LocalDate last(Recur<Temporal> rule, LocalDate until) {
        Temporal end = rule.getUntil();
        LocalDate last = end == null ? until : CalendarFile.day(end, ZoneOffset.UTC);
        return last.isBefore(until) ? last : until;
    }

    private static long days(Temporal start, LocalDate until) {
        return Math.max(0, ChronoUnit.DAYS.between(CalendarFile.day(start, ZoneOffset.UTC), until) + 1);
    }

    private static long of(Recur<?> rule, long days) {
        int every = Math.max(1, rule.getInterval());
        boolean listed = !rule.getDayList().isEmpty()
                || !rule.getMonthDayList().isEmpty()
                || !rule.getYearDayList().isEmpty()
                || !rule.getWeekNoList().isEmpty();
        long onDays = switch (rule.getFrequency()) {
            case DAILY -> days / every + 1;
            case WEEKLY ->
                (days / DAYS_OF_WEEK / every + 1)
                        * Math.max(1, rule.getDayList().size());
            case MONTHLY -> (days / DAYS_OF_MONTH / every + 1) * (listed ? DAYS_OF_MONTH + 3 : 1);
            case YEARLY ->
                (days / DAYS_OF_YEAR / every + 1)
                        * (listed
                                ? DAYS_OF_YEAR + 1
                                : Math.max(1, rule.getMonthList().size()));
            case HOURLY, MINUTELY, SECONDLY -> ALL_TIME;
        };
        return onDays * times(rule.getHourList()) * times(rule.getMinuteList()) * times(rule.getSecondList());
    }

    private static long times(List<Integer> listed) {
        return Math.max(1, listed.size());
    }
}
