package app.carder.core.cupboard;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.List;

/**
 * A simple picture of a thing, drawn from what is known of its form, for checklists and labels that children read. It fills a
 * square of 60; it is not to scale.
 */
public final class Picture {

    private static final double SIDE = 60;
    private static final double MIDDLE = SIDE / 2;
    private static final double ROOM = 48;
    private static final Length FLAT = Length.ofMillimetres(3);

    private Picture() {}

    /** The picture of a thing. */
    public static Sketch of(Stocked stocked) {
        Material material = stocked.material();
        Sheet sheet = new Sheet();
        if (stocked.vessel().isPresent()) {
            vessel(sheet, stocked.vessel().get());
        } else if (material.kind() == MaterialKind.LIQUID) {
            drop(sheet);
        } else if (material.kind() == MaterialKind.FILL) {
            heap(sheet, material);
        } else if (material.has(Trait.CORD) || material.has(Trait.LOOP)) {
            cord(sheet);
        } else if (material.has(Trait.SCISSORS)) {
            scissors(sheet);
        } else if (material.form().isPresent()) {
            solid(sheet, material.form().get());
        } else {
            sheet.box(14, 20, 32, 24, Style.OUTLINE)
                    .label(MIDDLE, 36, 12, material.name().substring(0, 1));
        }
        return sheet.done(SIDE, SIDE, material.name(), Said.say("working.a-simple-drawing-of", material.name()));
    }

    private static void vessel(Sheet sheet, Vessel vessel) {
        double low = vessel.widthAt(Length.ofMicrometres(vessel.depth().micrometres() / 20))
                .inMillimetres();
        double middle = vessel.widthAt(Length.ofMicrometres(vessel.depth().micrometres() / 2))
                .inMillimetres();
        double high = vessel.widthAt(vessel.depth()).inMillimetres();
        double deep = vessel.depth().inMillimetres();
        double scale = ROOM / Math.max(Math.max(high, low), deep);
        double top = MIDDLE - deep * scale / 2;
        double floor = MIDDLE + deep * scale / 2;
        sheet.shape(
                Style.FILL,
                MIDDLE - high * scale / 2,
                top,
                MIDDLE - middle * scale / 2,
                MIDDLE,
                MIDDLE - low * scale / 2,
                floor,
                MIDDLE + low * scale / 2,
                floor,
                MIDDLE + middle * scale / 2,
                MIDDLE,
                MIDDLE + high * scale / 2,
                top);
    }

    private static void drop(Sheet sheet) {
        List<Double> points = new ArrayList<>(List.of(MIDDLE, 8.0));
        for (int step = 0; step <= 20; step++) {
            double angle = Math.PI * (-0.12 + step * 1.24 / 20);
            points.add(MIDDLE + 15 * Math.cos(angle));
            points.add(36 + 15 * Math.sin(angle));
        }
        sheet.shape(
                Style.FILL_2, points.stream().mapToDouble(Double::doubleValue).toArray());
    }

    /** Grains in a heap, larger ones for coarser fills. */
    private static void heap(Sheet sheet, Material material) {
        double across =
                material.form().map(form -> form.middle().inMillimetres()).orElse(0.5);
        double radius = Math.max(2.4, Math.min(7, 1.6 + across * 0.5));
        for (int row = 0; row * radius * 2 < 30; row++) {
            double y = 48 - radius - row * radius * 1.8;
            int count = (int) (ROOM / (2 * radius)) - row * 2;
            for (int grain = 0; grain < count; grain++) {
                sheet.round(
                        MIDDLE + (grain - (count - 1) / 2.0) * radius * 2, y, radius, Style.fill((grain + row) % 2));
            }
        }
    }

    private static void cord(Sheet sheet) {
        for (int step = 0; step < 40; step++) {
            double from = step / 40.0;
            double to = (step + 1) / 40.0;
            sheet.line(6 + 48 * from, wave(from), 6 + 48 * to, wave(to), Style.ACCENT);
        }
    }

    private static double wave(double at) {
        return MIDDLE + 12 * Math.sin(at * 3 * Math.PI);
    }

    private static void scissors(Sheet sheet) {
        sheet.shape(Style.FILL_2, 12, 8, 18, 6, 36, 38, 31, 40)
                .shape(Style.FILL_2, 48, 8, 42, 6, 24, 38, 29, 40)
                .round(21, 47, 8, Style.FILL)
                .round(39, 47, 8, Style.FILL)
                .round(21, 47, 3.5, Style.OUTLINE)
                .round(39, 47, 3.5, Style.OUTLINE);
    }

    private static void solid(Sheet sheet, Solid form) {
        double scale = ROOM / form.longest().inMillimetres();
        double high = Math.max(5, form.middle().inMillimetres() * scale);
        if (form instanceof Solid.Ball) {
            sheet.round(MIDDLE, MIDDLE, ROOM / 2, Style.FILL);
        } else if (form instanceof Solid.Grain) {
            List<Double> points = new ArrayList<>();
            for (int step = 0; step < 36; step++) {
                points.add(MIDDLE + ROOM / 2 * Math.cos(step * Math.PI / 18));
                points.add(MIDDLE + high / 2 * Math.sin(step * Math.PI / 18));
            }
            sheet.shape(
                    Style.FILL, points.stream().mapToDouble(Double::doubleValue).toArray());
        } else if (form instanceof Solid.Rod rod && rod.diameter().isMoreThan(rod.length())) {
            sheet.round(MIDDLE, MIDDLE, ROOM / 2, Style.FILL).round(MIDDLE, MIDDLE, ROOM / 6, Style.OUTLINE);
        } else if (FLAT.isMoreThan(form.shortest()) && !(form instanceof Solid.Rod)) {
            flat(sheet, high);
        } else if (FLAT.isMoreThan(form.shortest()) && !(form instanceof Solid.Rod)) {
            flat(sheet, high);
        } else {
            sheet.box(
                    MIDDLE - ROOM / 2,
                    MIDDLE - high / 2,
                    ROOM,
                    high,
                    form instanceof Solid.Rod ? Style.FILL_2 : Style.FILL_3);
        }
    }

    /** Paper, card or cloth: a sheet with its corner turned down. */
    private static void flat(Sheet sheet, double high) {
        double left = MIDDLE - ROOM / 2;
        double right = MIDDLE + ROOM / 2;
        double top = MIDDLE - high / 2;
        double fold = Math.min(high, ROOM) / 3;
        sheet.shape(Style.FILL_3, left, top, right - fold, top, right, top + fold, right, top + high, left, top + high)
                .shape(Style.OUTLINE, right - fold, top, right - fold, top + fold, right, top + fold);
    }
}
