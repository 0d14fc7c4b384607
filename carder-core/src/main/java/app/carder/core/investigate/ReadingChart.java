package app.carder.core.investigate;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Readings over days, drawn: days to the right, the measured value up, the expected window as a band, drawings as marks. */
public final class ReadingChart {

    private static final double WIDTH = 180;
    private static final double HEIGHT = 90;
    private static final double LEFT = 16;
    private static final double RIGHT = 6;
    private static final double TOP = 8;
    private static final double BOTTOM = 15;
    private static final double LETTER = 4.6;
    private static final int MOST_TICKS = 6;

    private ReadingChart() {}

    /**
     * One reading.
     *
     * @param on which day
     * @param value measured, in the chart's unit; absent where only a drawing was made
     * @param drawn whether a child drew it
     */
    public record Reading(LocalDate on, Optional<BigDecimal> value, Drawn drawn) {}

    /** Whether a child drew it. */
    public enum Drawn {
        /** A drawing is kept with it. */
        YES,
        /** None is. */
        NO
    }

    /**
     * Draws.
     *
     * @param title what is watched
     * @param unit of the values, for people
     * @param begun the first day
     * @param ends the last day, after it
     * @param days on which it is looked at
     * @param readings in any order; those outside the days from begin to end are left out
     * @param expected window of what is expected
     */
    public static Sketch of(
            String title,
            String unit,
            LocalDate begun,
            LocalDate ends,
            List<LocalDate> days,
            List<Reading> readings,
            Optional<Expected> expected) {
        List<Reading> shown = readings.stream()
                .filter(reading ->
                        !reading.on().isBefore(begun) && !reading.on().isAfter(ends))
                .sorted(Comparator.comparing(Reading::on))
                .toList();
        BigDecimal step = step(shown);
        BigDecimal top = top(shown, step);
        Sketch.Sheet sheet = new Sketch.Sheet();
        long span = Math.max(1, ChronoUnit.DAYS.between(begun, ends));
        expected.ifPresent(window -> {
            double from = x(Math.min(span, window.fromDays()), span);
            double to = x(Math.min(span, window.toDays()), span);
            if (to > from) {
                sheet.box(from, TOP, to - from, HEIGHT - TOP - BOTTOM, Style.FILL_3);
            }
        });
        sheet.line(LEFT, HEIGHT - BOTTOM, WIDTH - RIGHT, HEIGHT - BOTTOM, Style.WALL);
        sheet.line(LEFT, TOP, LEFT, HEIGHT - BOTTOM, Style.WALL);
        for (BigDecimal tick = BigDecimal.ZERO; tick.compareTo(top) <= 0; tick = tick.add(step)) {
            double y = y(tick, top);
            sheet.line(LEFT - 1.5, y, LEFT, y, Style.OUTLINE);
            sheet.label(LEFT - 6, y + LETTER / 3, LETTER, plain(tick));
        }
        sheet.label(LEFT, TOP - 3, LETTER, unit);
        int every = Math.max(1, (int) Math.ceil(days.size() / (double) MOST_TICKS));
        double free = 0;
        for (int at = 0; at < days.size(); at++) {
            double x = x(ChronoUnit.DAYS.between(begun, days.get(at)), span);
            sheet.line(x, HEIGHT - BOTTOM, x, HEIGHT - BOTTOM + 1.5, Style.OUTLINE);
            String day = Dates.shortDay(days.get(at));
            double half = Sketch.breadth(day, LETTER) / 2;
            if (at % every == 0 && x - half >= free) {
                sheet.label(x, HEIGHT - BOTTOM + 7.5, LETTER, day);
                free = x + half + LETTER / 2;
            }
        }
        Reading last = null;
        for (Reading reading : shown) {
            if (reading.value().isEmpty()) {
                continue;
            }
            if (last != null) {
                sheet.line(
                        x(ChronoUnit.DAYS.between(begun, last.on()), span),
                        y(last.value().orElseThrow(), top),
                        x(ChronoUnit.DAYS.between(begun, reading.on()), span),
                        y(reading.value().orElseThrow(), top),
                        Style.WALL);
            }
            last = reading;
        }
        for (Reading reading : shown) {
            double x = x(ChronoUnit.DAYS.between(begun, reading.on()), span);
            reading.value().ifPresent(value -> sheet.round(x, y(value, top), 1.6, Style.ACCENT));
            if (reading.drawn() == Drawn.YES) {
                sheet.box(x - 1.8, HEIGHT - BOTTOM - 5, 3.6, 3.6, Style.FILL_2);
            }
        }
        return sheet.done(WIDTH, HEIGHT, title, description(title, unit, shown, begun, expected));
    }

    private static String description(
            String title, String unit, List<Reading> shown, LocalDate begun, Optional<Expected> expected) {
        List<Object> said = new ArrayList<>();
        for (Reading reading : shown) {
            said.add(Said.of(
                    "working.one-reading",
                    reading.on(),
                    reading.value().map(value -> plain(value) + ' ' + unit).orElse("none"),
                    reading.drawn() == Drawn.YES ? "yes" : "no"));
        }
        Said readings = said.isEmpty() ? Said.of("working.no-reading-yet") : Said.oneAfterTheOther(said);
        return expected.map(window -> Said.say(
                        "working.readings-and-what-is-expected",
                        title,
                        readings,
                        window.what(),
                        window.from(begun),
                        window.to(begun)))
                .orElseGet(() -> Said.say("working.readings", title, readings));
    }

    private static String plain(BigDecimal value) {
        return value.stripTrailingZeros().toPlainString();
    }

    private static BigDecimal top(List<Reading> shown, BigDecimal step) {
        BigDecimal most = most(shown);
        return most.signum() == 0
                ? step.multiply(BigDecimal.valueOf(5))
                : most.divide(step, 0, RoundingMode.CEILING).multiply(step);
    }

    /** 1, 2 or 5 times a power of ten, so that there are at most ten steps. */
    private static BigDecimal step(List<Reading> shown) {
        BigDecimal most = most(shown);
        if (most.signum() == 0) {
            return BigDecimal.ONE;
        }
        BigDecimal step = BigDecimal.ONE.movePointLeft(2);
        int[] factors = {1, 2, 5};
        for (int at = 0; ; at++) {
            BigDecimal next = step.movePointRight(at / 3).multiply(BigDecimal.valueOf(factors[at % 3]));
            if (most.divide(next, 4, RoundingMode.CEILING).compareTo(BigDecimal.TEN) <= 0) {
                return next;
            }
        }
    }

    private static BigDecimal most(List<Reading> shown) {
        return shown.stream()
                .flatMap(reading -> reading.value().stream())
                .max(Comparator.naturalOrder())
                .orElse(BigDecimal.ZERO)
                .max(BigDecimal.ZERO);
    }

    private static double x(long day, long span) {
        return LEFT + (WIDTH - LEFT - RIGHT) * day / span;
    }

    private static double y(BigDecimal value, BigDecimal top) {
        double part = Math.max(0, value.doubleValue() / top.doubleValue());
        return HEIGHT - BOTTOM - (HEIGHT - TOP - BOTTOM) * Math.min(1, part);
    }
}
