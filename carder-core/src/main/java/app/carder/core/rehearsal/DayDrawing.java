package app.carder.core.rehearsal;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.rehearsal.Rehearsal.Mended;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A played day over its hours: sessions, everybody's hours with their breaks, what takes an adult wholly, and on top where something
 * clashes. A minute is one unit across.
 */
final class DayDrawing {

    private static final double GUTTER = 120;
    private static final double LETTER = 13;
    private static final double ROW = 22;
    private static final double BAR = ROW - 4;
    private static final double EDGE = 8;
    private static final int HOUR = 60;

    private final Rehearsal rehearsal;
    private final Span length;
    private final Sheet sheet = new Sheet();
    private double y;

    private DayDrawing(Rehearsal rehearsal, Span length) {
        this.rehearsal = rehearsal;
        this.length = length;
    }

    /**
     * Draws a day; absent where nobody is due and nobody comes.
     *
     * @param minute of the day, at which a line stands
     */
    static Optional<Sketch> of(Rehearsal rehearsal, int minute) {
        return rehearsal.day().length().map(length -> new DayDrawing(rehearsal, length).drawn(minute));
    }

    private Sketch drawn(int minute) {
        double top = LETTER + EDGE;
        Map<String, List<Timed>> duties = duties();
        int rows = 1
                + (rehearsal.clashes().isEmpty() ? 0 : 1)
                + rehearsal.day().adults().size();
        // Not through the words below.
        hours(top, top + rows * ROW);
        y = top;
        clashes();
        rehearsal.day().sessions().forEach(session -> bar(session.when(), Style.FILL, session.name()));
        y += ROW;
        rehearsal.day().adults().forEach(this::adult);
        duties.values().forEach(this::duty);
        double now = across(minute);
        sheet.line(now, top - EDGE, now, y, Style.WALL);
        return sheet.done(
                across(length.until()) + EDGE,
                y + EDGE,
                Said.say("rehearsal.drawing"),
                rehearsal.clashes().isEmpty()
                        ? Said.say("rehearsal.nothing-clashes")
                        : Said.say(
                                "rehearsal.clashes",
                                Said.oneAfterTheOther(rehearsal.clashes().stream()
                                        .map(one -> Said.of(
                                                "rehearsal.line",
                                                one.clash().when().said(),
                                                one.clash().said()))
                                        .toList())));
    }

    private double across(int minute) {
        return GUTTER + minute - length.from();
    }

    private void hours(double top, double foot) {
        for (int hour = (length.from() + HOUR - 1) / HOUR * HOUR; hour <= length.until(); hour += HOUR) {
            sheet.line(across(hour), top - EDGE / 2, across(hour), foot, Style.GHOST);
            // The last hour has no room beside the edge.
            if (across(hour) + LETTER * 1.5 < across(length.until()) + EDGE) {
                sheet.label(across(hour), LETTER, LETTER, Span.clock(hour).toString());
            }
        }
    }

    /** In one row: where two clash at once, the later one lies on the earlier. */
    private void clashes() {
        if (rehearsal.clashes().isEmpty()) {
            return;
        }
        for (Mended one : rehearsal.clashes()) {
            Span when = one.clash().when();
            double wide = Math.max(3, when.minutes());
            sheet.box(across(when.from()), y, wide, BAR, Style.ACCENT);
        }
        name(Said.say("rehearsal.row-of-clashes"));
        y += ROW;
    }

    private void adult(PlannedDay.Adult adult) {
        adult.there().forEach(span -> sheet.box(across(span.from()), y, span.minutes(), BAR, Style.FILL_3));
        adult.breaks().forEach(rest -> sheet.box(across(rest.from()), y, rest.minutes(), BAR, Style.GHOST));
        name(adult.name());
        y += ROW;
    }

    /** What takes an adult, by its name, with its times. */
    private Map<String, List<Timed>> duties() {
        Map<String, List<Timed>> duties = new LinkedHashMap<>();
        rehearsal
                .moments()
                .forEach(moment -> moment.duties().forEach(duty -> {
                    List<Timed> times = duties.computeIfAbsent(duty.task() + duty.name(), one -> new ArrayList<>());
                    Timed last = times.isEmpty() ? null : times.get(times.size() - 1);
                    if (last != null && last.when().until() == moment.when().from()) {
                        times.set(
                                times.size() - 1,
                                new Timed(
                                        duty,
                                        new Span(
                                                last.when().from(),
                                                moment.when().until())));
                    } else {
                        times.add(new Timed(duty, moment.when()));
                    }
                }));
        return duties;
    }

    private record Timed(Duty duty, Span when) {}

    private void duty(List<Timed> times) {
        String words = times.get(0).duty().said().words();
        times.forEach(one -> sheet.box(across(one.when().from()), y, one.when().minutes(), BAR, Style.FILL_2));
        // Words stand beside the bar where there is room, so that a short bar has its name too.
        double half = half(words);
        double after = across(times.get(times.size() - 1).when().until());
        double before = across(times.get(0).when().from());
        double middle = after + 2 * half + EDGE < across(length.until()) ? after + half + 4 : before - half - 4;
        sheet.label(middle, y + LETTER, LETTER, words);
        y += ROW;
    }

    private void bar(Span when, Style style, String words) {
        sheet.box(across(when.from()), y, when.minutes(), BAR, style);
        if (2 * half(words) < when.minutes()) {
            sheet.label(across(when.from()) + when.minutes() / 2.0, y + LETTER, LETTER, words);
        }
    }

    private void name(String words) {
        sheet.label(GUTTER / 2, y + LETTER, Math.min(LETTER, LETTER * GUTTER / Sketch.breadth(words, LETTER)), words);
    }

    /** Half of what a line of words takes. */
    private static double half(String words) {
        return Sketch.breadth(words, LETTER) / 2;
    }
}
