package app.carder.web.week;

import app.carder.core.week.MonthSheet;
import app.carder.core.week.OpenDays;
import app.carder.web.setting.OccasionDetails;
import app.carder.web.setting.OccasionView;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;

/**
 * A month of the calendar.
 *
 * @param month which
 * @param weeks of seven days each, absent before the month's first day and after its last
 * @param occasions what takes place in it, earliest first
 */
public record CalendarMonth(YearMonth month, List<List<Optional<Day>>> weeks, List<OccasionView> occasions) {

    /** Keeps its own copies. */
    public CalendarMonth {
        weeks = weeks.stream().map(List::copyOf).toList();
        occasions = List.copyOf(occasions);
    }

    /**
     * A day of it.
     *
     * @param on which
     * @param open whether the setting is
     * @param closes why it is closed on a day on which it would be open; empty for other days
     * @param visits what else takes place
     * @param chosen whether it is among the days that are being written down
     * @param pressed the days that are written down once it is pressed too
     */
    public record Day(
            LocalDate on, boolean open, List<String> closes, List<String> visits, boolean chosen, Days pressed) {
        /** Keeps its own copies. */
        public Day {
            closes = List.copyOf(closes);
            visits = List.copyOf(visits);
        }
    }

    /**
     * From a day to another.
     *
     * @param from the first
     * @param until the last; absent where only the first is known
     */
    public record Days(LocalDate from, Optional<LocalDate> until) {

        /** What is meant when a day is pressed after these: the last one where it is later and none is known, else a first one. */
        Days then(LocalDate day) {
            return until.isEmpty() && day.isAfter(from) ? new Days(from, Optional.of(day)) : only(day);
        }

        static Days only(LocalDate day) {
            return new Days(day, Optional.empty());
        }

        boolean has(LocalDate day) {
            return !day.isBefore(from) && !day.isAfter(until.orElse(from));
        }
    }

    /** A month with what takes place in it, while some days are being written down, or none. */
    static CalendarMonth of(YearMonth month, OpenDays open, List<OccasionView> all, Optional<Days> writing) {
        return new CalendarMonth(
                month,
                MonthSheet.of(month).weeks().stream()
                        .map(week -> week.stream()
                                .map(day -> day.map(on -> day(on, open, all, writing)))
                                .toList())
                        .toList(),
                all.stream()
                        .filter(one -> !one.details().from().isAfter(month.atEndOfMonth())
                                && !one.details().until().isBefore(month.atDay(1)))
                        .toList());
    }

    private static Day day(LocalDate on, OpenDays open, List<OccasionView> all, Optional<Days> writing) {
        List<OccasionDetails> here = all.stream()
                .map(OccasionView::details)
                .filter(one -> one.isOn(on))
                .toList();
        return new Day(
                on,
                open.isOpen(on),
                said(here, true),
                said(here, false),
                writing.filter(days -> days.has(on)).isPresent(),
                writing.map(days -> days.then(on)).orElseGet(() -> Days.only(on)));
    }

    private static List<String> said(List<OccasionDetails> here, boolean closing) {
        return here.stream()
                .filter(one -> one.closes() == closing)
                .map(OccasionDetails::summary)
                .toList();
    }
}
