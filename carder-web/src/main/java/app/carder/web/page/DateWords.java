package app.carder.web.page;

import app.carder.core.said.Dates;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.YearMonth;
import java.time.temporal.TemporalAccessor;
import org.springframework.stereotype.Component;

/** {@link Dates} for templates: of a moment they take the part that they tell. */
@Component("dates")
class DateWords {

    /** 17 May 2023. */
    public String day(TemporalAccessor day) {
        return Dates.day(LocalDate.from(day));
    }

    /** Wed 17 May 2023. */
    public String dayOfYear(TemporalAccessor day) {
        return Dates.dayOfYear(LocalDate.from(day));
    }

    /** Wednesday 17 May. */
    public String dayOfWeek(TemporalAccessor day) {
        return Dates.dayOfWeek(LocalDate.from(day));
    }

    /** 17 May. */
    public String shortDay(TemporalAccessor day) {
        return Dates.shortDay(LocalDate.from(day));
    }

    /** Wed 17 May. */
    public String shortDayOfWeek(TemporalAccessor day) {
        return Dates.shortDayOfWeek(LocalDate.from(day));
    }

    /** May 2023. */
    public String month(TemporalAccessor month) {
        return Dates.month(YearMonth.from(month));
    }

    /** Wednesday. */
    public String weekday(TemporalAccessor day) {
        return Dates.weekday(DayOfWeek.from(day));
    }

    /** Wed. */
    public String shortWeekday(TemporalAccessor day) {
        return Dates.shortWeekday(DayOfWeek.from(day));
    }

    /** 09:05. */
    public String time(TemporalAccessor time) {
        return Dates.time(LocalTime.from(time));
    }

    /** 09:05:30. */
    public String exactTime(TemporalAccessor time) {
        return Dates.exactTime(LocalTime.from(time));
    }

    /** Wed 17 May, 09:05. */
    public String moment(TemporalAccessor moment) {
        return Dates.moment(LocalDateTime.from(moment));
    }

    /** Wed 17 May, 09:05:30. */
    public String exactMoment(TemporalAccessor moment) {
        return Dates.shortDayOfWeek(LocalDate.from(moment)) + ", " + exactTime(moment);
    }
}
