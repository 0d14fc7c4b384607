package app.carder.web.reckoner;

import app.carder.core.card.Ingredient;
import app.carder.core.card.Made;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.measure.Length;
import app.carder.core.pouring.LineStrip;
import app.carder.core.pouring.Neck;
import app.carder.core.pouring.Posting;
import app.carder.core.pouring.PouringLadder;
import app.carder.core.pouring.PouringLadder.Funnel;
import app.carder.core.pouring.PouringLadder.Named;
import app.carder.core.pouring.PouringLadder.Rung;
import app.carder.core.pouring.PouringSet;
import app.carder.web.reckoner.Field.Option;
import app.carder.web.reckoner.Tool.Group;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Pouring and moving. */
final class PouringTools {

    private static final double LARGEST_JUG_ML = 6000;

    private PouringTools() {}

    static List<Tool> all() {
        return List.of(
                new Tool(
                        "pouring",
                        "Pouring ladder",
                        "Which of our vessels make each rung, and what is measured out?",
                        Group.POURING,
                        List.of(
                                Field.choice(
                                        "rung",
                                        "Rung",
                                        Rung.JUG_TO_JUG.name(),
                                        Arrays.stream(Rung.values())
                                                .map(rung -> new Option(rung.name(), rung.words()))
                                                .toList()),
                                Field.thing("fill", "Fill", "Maize, whole dry"),
                                Field.whole("months", "Age of the youngest who pours", "months", 50, 12, 96),
                                Field.decimal("tolerance", "Equal cups may differ by", "%", "2", 0, 20)),
                        PouringTools::ladder),
                new Tool(
                        "line",
                        "Pour to a line",
                        "Where is the line, and what stays in the jug?",
                        Group.POURING,
                        List.of(
                                Field.thing("from", "From", "Large jug"),
                                Field.thing("into", "Into", "Jug, 1 litre"),
                                Field.thing("fill", "Fill", "Water"),
                                Field.decimal("measured", "Measured out", "mL", "800", 1, 20_000),
                                Field.decimal("toLine", "Up to the line", "mL", "500", 1, 20_000)),
                        PouringTools::line),
                new Tool(
                        "neck",
                        "Neck and funnel",
                        "Does it run through, or arch?",
                        Group.POURING,
                        List.of(
                                Field.thing("fill", "Fill", "Lentils, dried"),
                                Field.decimal("outlet", "Narrowest place", "mm", "30", 1, 300)),
                        PouringTools::neck),
                new Tool(
                        "spooning",
                        "Spooning",
                        "How many spoonfuls to move it?",
                        Group.POURING,
                        List.of(
                                Field.decimal("fill", "To be moved", "mL", "200", 1, 20_000),
                                Field.thing("spoon", "Spoon", "Tablespoon")),
                        PouringTools::spooning),
                new Tool(
                        "tongs",
                        "Tongs",
                        "Do the tongs grip it?",
                        Group.POURING,
                        List.of(
                                Field.thing("tongs", "Tongs", "Wooden tongs"),
                                Field.thing("piece", "Piece", "Wooden cubes, 40 mm")),
                        inputs -> answered(
                                Posting.withTongs(
                                        inputs.thing("tongs").material(),
                                        inputs.thing("piece").material()),
                                inputs.thing("piece"),
                                List.of(inputs.pieces("tongs", 1), inputs.pieces("piece", 1)))),
                new Tool(
                        "posting",
                        "Posting",
                        "Does it go through the slot?",
                        Group.POURING,
                        List.of(
                                Field.thing("piece", "Piece", "Postcards"),
                                Field.decimal("long", "Slot, the long way", "mm", "120", 1, 1000),
                                Field.decimal("narrow", "Slot, the narrow way", "mm", "20", 1, 1000)),
                        inputs -> answered(
                                Posting.through(
                                        inputs.thing("piece").material(),
                                        inputs.millimetres("long"),
                                        inputs.millimetres("narrow")),
                                inputs.thing("piece"),
                                List.of(inputs.pieces("piece", 1)))));
    }

    private static Named named(Stocked stocked) {
        return new Named(
                stocked.name(),
                stocked.vessel()
                        .orElseThrow(() -> new IllegalArgumentException(
                                "\"%s\" holds nothing: choose a vessel.".formatted(stocked.name()))),
                stocked.material().kind() == MaterialKind.VESSEL
                        ? stocked.material().opening()
                        : java.util.Optional.empty());
    }

    /** The vessels of a set, and what is measured out. */
    private static Made set(Inputs inputs, PouringSet set, Stocked fill) {
        Map<String, Integer> vessels = new LinkedHashMap<>();
        vessels.put(set.from().name(), 1);
        set.into().forEach(into -> vessels.merge(into.name(), 1, Integer::sum));
        List<Ingredient> out = new ArrayList<>(inputs.set("Pouring set", vessels));
        out.add(Ingredient.of(fill.code(), fill.name(), Amount.of(set.mass())));
        return new Made.Things("Pouring set", out);
    }

    private static Answer ladder(Inputs inputs) {
        List<Named> vessels = inputs.cupboard().stream()
                .filter(stocked -> stocked.material().kind() == MaterialKind.VESSEL)
                .map(PouringTools::named)
                .filter(named -> named.vessel().capacity().inMillilitres() <= LARGEST_JUG_ML)
                .toList();
        List<Funnel> funnels = inputs.cupboard().stream()
                .filter(stocked -> stocked.material().kind() == MaterialKind.TOOL
                        && stocked.name().toLowerCase(Locale.ROOT).contains("funnel"))
                .flatMap(stocked ->
                        stocked.material().opening().map(outlet -> new Funnel(stocked.name(), outlet)).stream())
                .toList();
        Rung rung = inputs.choice("rung", Rung.class);
        List<PouringSet> sets = PouringLadder.propose(
                rung,
                vessels,
                funnels,
                inputs.thing("fill").material(),
                inputs.decimal("tolerance").doubleValue() / 100,
                PouringLadder.heaviestFor(inputs.whole("months")));
        if (sets.isEmpty()) {
            return Answer.of(new Made.Things("Pouring set", List.of()))
                    .verdict(false, "No set in the cupboard makes this rung with this fill.")
                    .note(
                            "No jug holds more than %s for this age (common practice). Write down more vessels and funnels with their measures, or choose a lighter fill."
                                    .formatted(PouringLadder.heaviestFor(inputs.whole("months"))
                                            .forPeople()))
                    .done();
        }
        Answer.Builder answer = Answer.of(set(inputs, sets.get(0), inputs.thing("fill")))
                .verdict(true, rung.sign())
                .columns("From", "Into", "Measure out", "that is", "in cups", "Stays");
        for (PouringSet set : sets) {
            answer.row(
                    set.from().name(),
                    String.join(" and ", set.into().stream().map(Named::name).toList()),
                    set.fill().forPeople(),
                    set.mass().forPeople(),
                    set.spoonfuls().forPeople(),
                    set.remainder().isZero() ? "nothing" : set.remainder().forPeople());
        }
        PouringSet best = sets.get(0);
        answer.sketch(best.sketch()).note(best.note()).reckoning(best.reckoning());
        best.line().map(LineStrip::sketch).ifPresent(answer::trueSize);
        return answer.done();
    }

    private static Answer line(Inputs inputs) {
        PouringSet set = PouringLadder.toLine(
                named(inputs.thing("from")),
                named(inputs.thing("into")),
                inputs.millilitres("measured"),
                inputs.millilitres("toLine"),
                inputs.thing("fill").material());
        LineStrip strip = set.line().orElseThrow();
        return Answer.of(set(inputs, set, inputs.thing("fill")), set.reckoning())
                .figure("Line above the inner floor", strip.height().forPeople())
                .figure("Along the wall", strip.alongWall().forPeople())
                .figure(
                        "Measure out",
                        set.mass().forPeople() + ", " + set.spoonfuls().forPeople())
                .figure("Stays in the jug", set.remainder().forPeople())
                .sketch(set.sketch())
                .trueSize(strip.sketch())
                .note("Print the strip at 100 %, and check a centimetre with a ruler before it is taped on.")
                .done();
    }

    private static Answer neck(Inputs inputs) {
        Stocked fill = inputs.thing("fill");
        Neck neck = Neck.of(fill.material(), inputs.millimetres("outlet"));
        double outlet = inputs.millimetres("outlet").inMillimetres();
        double grain = fill.material()
                .form()
                .map(Solid::longest)
                .map(Length::inMillimetres)
                .orElse(0.5);
        double scale = 60 / outlet;
        Sheet sheet = new Sheet()
                .line(10, 10, 30, 50, Style.WALL)
                .line(110, 10, 90, 50, Style.WALL)
                .line(30, 50, 30, 90, Style.WALL)
                .line(90, 50, 90, 90, Style.WALL);
        double radius = Math.max(0.6, Math.min(30, grain * scale / 2));
        for (double x = 30 + radius; x + radius <= 90.01; x += radius * 2) {
            sheet.round(x, 70, radius, Style.FILL);
        }
        Answer.Builder answer = Answer.of(
                        new Made.Things("Neck", List.of(Ingredient.of(fill.code(), fill.name(), Amount.UNKNOWN))),
                        neck.reckoning())
                .verdict(
                        neck.flow() == Neck.Flow.RUNS,
                        fill.name() + " " + neck.flow().words() + ".")
                .sketch(sheet.done(
                        120,
                        100,
                        "Grains across the narrowest place",
                        "To scale: the longest way of a grain against the outlet."));
        neck.ratio().ifPresent(ratio -> answer.figure("Grains across", String.format(Locale.ROOT, "%.1f", ratio)));
        Neck.narrowestFor(fill.material()).ifPresent(narrowest -> answer.figure("Runs from", narrowest.forPeople()));
        return answer.done();
    }

    private static Answer spooning(Inputs inputs) {
        Posting.Spooning moved = Posting.spooning(inputs.millilitres("fill"), inputs.vessel("spoon"));
        Sheet sheet = new Sheet();
        long drawn = Math.min(60, moved.spoonfuls());
        for (int spoon = 0; spoon < drawn; spoon++) {
            sheet.round(10 + spoon % 15 * 14, 10 + spoon / 15 * 14, 5, Style.FILL);
        }
        List<Ingredient> out = new ArrayList<>(inputs.set("Spooning", Map.of("what is spooned", 1)));
        out.add(inputs.pieces("spoon", 1));
        return Answer.of(new Made.Things("Spooning", out), moved.reckoning())
                .figure("Spoonfuls", Long.toString(moved.spoonfuls()))
                .figure(
                        "Takes about",
                        String.format(Locale.ROOT, "%d:%02d min", moved.seconds() / 60, moved.seconds() % 60))
                .sketch(sheet.done(
                        224, 20 + (drawn - 1) / 15 * 14.0, "Spoonfuls", moved.spoonfuls() + " level spoonfuls."))
                .done();
    }

    private static Answer answered(Posting.Answer answer, Stocked piece, List<Ingredient> out) {
        Sketch picture = app.carder.core.cupboard.Picture.of(piece);
        return Answer.of(new Made.Things(piece.name(), out), answer.reckoning())
                .verdict(answer.goes(), piece.name() + " " + answer.words() + ".")
                .sketch(picture)
                .done();
    }
}
