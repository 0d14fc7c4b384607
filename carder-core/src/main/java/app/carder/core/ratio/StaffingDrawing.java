package app.carder.core.ratio;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.ratio.Staffing.Stretch;
import app.carder.core.said.Said;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A day's adults drawn over its hours: those who are there as steps, those that the children take as a line, what is missing filled in; how
 * many children above, and everybody's hours as bars below. A minute is one unit across.
 */
public final class StaffingDrawing {

    private static final double LEFT = 8;
    private static final double ADULT = 22;
    private static final double BAR = 20;
    private static final double LETTER = 13;
    private static final double TOP = 24;
    private static final int LEAST_STEPS = 2;

    private final Staffing staffing;
    private final LocalTime first;
    private final LocalTime last;
    private final double ground;
    private final Sheet sheet = new Sheet();

    private StaffingDrawing(Staffing staffing) {
        this.staffing = staffing;
        this.first = staffing.stretches().get(0).from();
        this.last = staffing.stretches().get(staffing.stretches().size() - 1).until();
        int most = staffing.stretches().stream()
                .mapToInt(stretch -> Math.max(stretch.need(), stretch.adults().size()))
                .max()
                .orElse(0);
        this.ground = TOP + Math.max(LEAST_STEPS, most) * ADULT;
    }

    /** Draws a day; absent where nobody is listed. */
    public static Optional<Sketch> of(Staffing staffing) {
        return staffing.stretches().isEmpty() ? Optional.empty() : Optional.of(new StaffingDrawing(staffing).drawn());
    }

    private Sketch drawn() {
        steps();
        need();
        children();
        hours();
        double foot = bars();
        return sheet.done(
                across(last) + LEFT,
                foot,
                Said.say("staffing.title"),
                staffing.shortfalls().isEmpty()
                        ? Said.say("staffing.enough")
                        : Said.say(
                                "staffing.short",
                                Said.oneAfterTheOther(staffing.shortfalls().stream()
                                        .map(gap -> Said.of(
                                                "staffing.gap",
                                                gap.missing(),
                                                gap.from().toString(),
                                                gap.until().toString()))
                                        .toList())));
    }

    private double across(LocalTime time) {
        return LEFT + Duration.between(first, time).toMinutes();
    }

    private double up(int adults) {
        return ground - adults * ADULT;
    }

    private void steps() {
        for (Stretch stretch : staffing.stretches()) {
            double from = across(stretch.from());
            double wide = across(stretch.until()) - from;
            int there = stretch.adults().size();
            if (there > 0) {
                sheet.box(from, up(there), wide, there * ADULT, Style.FILL_3);
            }
            if (stretch.missing() > 0) {
                sheet.box(from, up(stretch.need()), wide, stretch.missing() * ADULT, Style.ACCENT);
            }
        }
    }

    private void need() {
        Stretch before = null;
        for (Stretch stretch : staffing.stretches()) {
            double from = across(stretch.from());
            double y = up(stretch.need());
            if (before != null && before.need() != stretch.need()) {
                sheet.line(from, up(before.need()), from, y, Style.WALL);
            }
            sheet.line(from, y, across(stretch.until()), y, Style.WALL);
            before = stretch;
        }
    }

    /** Where their number changes, as far as there is room for the figure. */
    private void children() {
        double free = 0;
        int before = -1;
        for (Stretch stretch : staffing.stretches()) {
            String words = Said.say("staffing.children", stretch.children());
            double half = half(words);
            double middle = Math.max(
                    LEFT + half, Math.min(across(last) - half, (across(stretch.from()) + across(stretch.until())) / 2));
            if (stretch.children() != before && middle - half > free) {
                sheet.label(middle, LETTER, LETTER, words);
                free = middle + half + LETTER / 2;
            }
            before = stretch.children();
        }
    }

    /** Half of what a line of words takes. */
    private static double half(String words) {
        return Sketch.breadth(words, LETTER) / 2;
    }

    private void hours() {
        sheet.line(across(first), ground, across(last), ground, Style.OUTLINE);
        LocalTime hour = first.getMinute() == 0 ? first : first.withMinute(0).plusHours(1);
        for (; !hour.isAfter(last); hour = hour.plusHours(1)) {
            sheet.line(across(hour), ground, across(hour), ground + 4, Style.OUTLINE);
            if (across(hour) > LEFT + LETTER && across(hour) < across(last) - LETTER) {
                sheet.label(across(hour), ground + 4 + LETTER, LETTER, hour.toString());
            }
        }
    }

    /** A bar for each stretch that somebody is there without a break. */
    private double bars() {
        Map<String, List<LocalTime[]>> byAdult = new LinkedHashMap<>();
        for (Stretch stretch : staffing.stretches()) {
            for (String adult : stretch.adults()) {
                List<LocalTime[]> there = byAdult.computeIfAbsent(adult, name -> new ArrayList<>());
                if (!there.isEmpty() && there.get(there.size() - 1)[1].equals(stretch.from())) {
                    there.get(there.size() - 1)[1] = stretch.until();
                } else {
                    there.add(new LocalTime[] {stretch.from(), stretch.until()});
                }
            }
        }
        double y = ground + LETTER * 2;
        for (Map.Entry<String, List<LocalTime[]>> adult : byAdult.entrySet()) {
            for (LocalTime[] there : adult.getValue()) {
                double wide = across(there[1]) - across(there[0]);
                sheet.box(across(there[0]), y, wide, BAR - 4, Style.FILL_2);
                double half = half(adult.getKey());
                double middle = across(there[0]) + wide / 2;
                // Beside a bar that is too short for a name.
                if (wide < 2 * half) {
                    boolean isRoomAfter = across(there[1]) + 2 * half < across(last);
                    middle = isRoomAfter ? across(there[1]) + half + 4 : across(there[0]) - half - 4;
                }
                sheet.label(middle, y + LETTER - 1, LETTER, adult.getKey());
            }
            y += BAR;
        }
        return y + 2;
    }
}
