package app.carder.core.prepare;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.prepare.Preparation.Planned;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * A preparation as a line of time that ends when everything is ready: a bar for each turn of a step, a thin line while it waits. Nights and
 * closed days are left out, and a rule stands in their place. A minute is one unit across.
 */
final class PreparationDrawing {

    private static final double EDGE = 8;
    private static final double GAP = 30;
    private static final double LETTER = 13;
    private static final double ROW = 22;
    private static final double BAR = 15;
    private static final double LEAST_BAR = 5;
    private static final double LEAST_DAY = 90;

    private final Preparation preparation;
    private final List<Part> parts = new ArrayList<>();
    private final Sheet sheet = new Sheet();

    /** What is shown of a day. */
    private record Part(LocalDateTime from, LocalDateTime until, double x, double wide) {}

    private PreparationDrawing(Preparation preparation) {
        this.preparation = preparation;
        LocalDateTime ready = preparation.ready().at();
        TreeMap<LocalDate, List<LocalDateTime>> byDay = new TreeMap<>();
        Stream.concat(
                        Stream.of(ready),
                        preparation.planned().stream()
                                .flatMap(one -> Stream.of(one.startsAt(), one.endsAt(), one.readyAt())))
                .filter(at -> !at.isAfter(ready))
                .forEach(at -> byDay.computeIfAbsent(at.toLocalDate(), day -> new ArrayList<>())
                        .add(at));
        double x = EDGE;
        for (List<LocalDateTime> day : byDay.values()) {
            day.sort(null);
            LocalDateTime from = day.get(0).truncatedTo(ChronoUnit.HOURS);
            LocalDateTime until = day.get(day.size() - 1);
            double wide = Math.max(LEAST_DAY, Duration.between(from, until).toMinutes());
            parts.add(new Part(from, until, x, wide));
            x += wide + GAP;
        }
    }

    static Sketch of(Preparation preparation) {
        return new PreparationDrawing(preparation).drawn();
    }

    private Sketch drawn() {
        Part last = parts.get(parts.size() - 1);
        double right = last.x() + last.wide();
        double top = LETTER * 1.6;
        double foot = top + preparation.planned().size() * ROW;
        for (Part part : parts) {
            sheet.line(part.x(), top - 3, part.x() + part.wide(), top - 3, Style.WALL);
            sheet.label(
                    part.x() + part.wide() / 2,
                    LETTER,
                    LETTER,
                    Dates.shortWeekday(part.from().getDayOfWeek()));
            if (part != last) {
                double night = part.x() + part.wide() + GAP / 2;
                sheet.line(night, top - 3, night, foot, Style.GHOST);
            }
        }
        sheet.line(right, top - 3, right, foot, Style.WALL);
        double y = top;
        for (Planned step : preparation.planned()) {
            step(step, y, right);
            y += ROW;
        }
        return sheet.done(
                right + EDGE,
                foot + EDGE,
                Said.say("preparation.drawing"),
                Said.say(
                        "preparation.drawn",
                        Said.oneAfterTheOther(preparation.planned().stream()
                                .map(step -> Said.of(
                                        "preparation.drawn-step",
                                        step.step().name(),
                                        Dates.shortWeekday(step.startsAt().getDayOfWeek()),
                                        clock(step.startsAt())))
                                .toList()),
                        Dates.shortWeekday(preparation.ready().at().getDayOfWeek()),
                        clock(preparation.ready().at())));
    }

    private void step(Planned step, double y, double right) {
        boolean isLate = preparation.tooLate().contains(step.step().name());
        if (!step.step().waiting().isZero()) {
            // Below the words, which stand beside the bar.
            sheet.line(across(step.endsAt()), y + BAR + 1, across(step.readyAt()), y + BAR + 1, Style.OUTLINE);
        }
        Style style = isLate
                ? Style.ACCENT
                : preparation.criticalChain().contains(step.step().name()) ? Style.FILL : Style.FILL_2;
        double turn = Math.max(LEAST_BAR, step.step().handsOn().toMinutes());
        step.turns().forEach(at -> sheet.box(across(at), y, turn, BAR, style));
        String words = clock(step.startsAt()) + " " + step.step().name();
        double half = Sketch.breadth(words, LETTER) / 2;
        double after = Math.max(across(step.endsAt()), across(step.startsAt()) + turn);
        // Beside the bar where there is room.
        double middle = after + 2 * half + EDGE < right
                ? after + half + 4
                : Math.max(half + 2, across(step.startsAt()) - half - 4);
        sheet.label(middle, y + LETTER - 1, LETTER, words);
    }

    private static String clock(LocalDateTime at) {
        LocalTime time = at.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
        return time.toString();
    }

    /** Within a day to scale; in between at the rule. */
    private double across(LocalDateTime at) {
        for (Part part : parts) {
            if (at.isBefore(part.from())) {
                return part.x() - GAP / 2;
            }
            if (!at.isAfter(part.until())) {
                // A day with little in it is wider than that, and ends where its last thing does.
                return part.x()
                        + part.wide()
                        - Duration.between(at, part.until()).toMinutes();
            }
        }
        Part last = parts.get(parts.size() - 1);
        return last.x() + last.wide();
    }
}
