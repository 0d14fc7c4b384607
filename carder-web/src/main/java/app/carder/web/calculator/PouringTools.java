package app.carder.web.calculator;

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
import app.carder.core.pouring.PouringLadder.PouringStep;
import app.carder.core.pouring.PouringSet;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.web.calculator.Field.Option;
import app.carder.web.calculator.Tool.Group;
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
                        Said.of("tool.pouring-ladder"),
                        Said.of("tool.which-of-our-vessels-make-each"),
                        Group.POURING,
                        List.of(
                                Field.choice(
                                        "step",
                                        Said.of("tool.step"),
                                        PouringStep.JUG_TO_JUG.name(),
                                        Arrays.stream(PouringStep.values())
                                                .map(step -> new Option(step.name(), step.said()))
                                                .toList()),
                                Field.thing("fill", Said.of("tool.fill"), "Maize, whole dry"),
                                Field.whole(
                                        "months", Said.of("tool.age-of-the-youngest-who-pours"), "months", 50, 12, 96),
                                Field.decimal("tolerance", Said.of("tool.equal-cups-may-differ-by"), "%", "2", 0, 20)),
                        PouringTools::ladder),
                new Tool(
                        "line",
                        Said.of("tool.pour-to-a-line"),
                        Said.of("tool.where-is-the-line-and-what"),
                        Group.POURING,
                        List.of(
                                Field.thing("from", Said.of("tool.from"), "Large jug"),
                                Field.thing("into", Said.of("tool.into"), "Jug, 1 litre"),
                                Field.thing("fill", Said.of("tool.fill"), "Water"),
                                Field.decimal("measured", Said.of("tool.measured-out"), "mL", "800", 1, 20_000),
                                Field.decimal("toLine", Said.of("tool.up-to-the-line"), "mL", "500", 1, 20_000)),
                        PouringTools::line),
                new Tool(
                        "neck",
                        Said.of("tool.neck-and-funnel"),
                        Said.of("tool.does-it-run-through-or-arch"),
                        Group.POURING,
                        List.of(
                                Field.thing("fill", Said.of("tool.fill"), "Lentils, dried"),
                                Field.decimal("outlet", Said.of("tool.narrowest-place"), "mm", "30", 1, 300)),
                        PouringTools::neck),
                new Tool(
                        "spooning",
                        Said.of("tool.spooning"),
                        Said.of("tool.how-many-spoonfuls-to-move-it"),
                        Group.POURING,
                        List.of(
                                Field.decimal("fill", Said.of("tool.to-be-moved"), "mL", "200", 1, 20_000),
                                Field.thing("spoon", Said.of("tool.spoon"), "Tablespoon")),
                        PouringTools::spooning),
                new Tool(
                        "tongs",
                        Said.of("tool.tongs"),
                        Said.of("tool.do-the-tongs-grip-it"),
                        Group.POURING,
                        List.of(
                                Field.thing("tongs", Said.of("tool.tongs"), "Wooden tongs"),
                                Field.thing("piece", Said.of("tool.piece"), "Wooden cubes, 40 mm")),
                        inputs -> answered(
                                Posting.withTongs(
                                        inputs.thing("tongs").material(),
                                        inputs.thing("piece").material()),
                                inputs.thing("piece"),
                                List.of(inputs.pieces("tongs", 1), inputs.pieces("piece", 1)))),
                new Tool(
                        "posting",
                        Said.of("tool.posting"),
                        Said.of("tool.does-it-go-through-the-slot"),
                        Group.POURING,
                        List.of(
                                Field.thing("piece", Said.of("tool.piece"), "Postcards"),
                                Field.decimal("long", Said.of("tool.slot-the-long-way"), "mm", "120", 1, 1000),
                                Field.decimal("narrow", Said.of("tool.slot-the-narrow-way"), "mm", "20", 1, 1000)),
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
                stocked.vessel().orElseThrow(() -> Refused.because("tool.refused.holds-nothing", stocked.name())),
                stocked.material().kind() == MaterialKind.VESSEL
                        ? stocked.material().opening()
                        : java.util.Optional.empty());
    }

    /** The vessels of a set, and what is measured out. */
    private static Made set(Inputs inputs, PouringSet set, Stocked fill) {
        Map<String, Integer> vessels = new LinkedHashMap<>();
        vessels.put(set.from().name(), 1);
        set.into().forEach(into -> vessels.merge(into.name(), 1, Integer::sum));
        List<Ingredient> out = new ArrayList<>(inputs.set(Said.say("tool.pouring-set"), vessels));
        out.add(Ingredient.of(fill.code(), fill.name(), Amount.of(set.mass())));
        return new Made.Things(Said.say("tool.pouring-set"), out);
    }

    private static ToolAnswer ladder(Inputs inputs) {
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
        PouringStep step = inputs.choice("step", PouringStep.class);
        List<PouringSet> sets = PouringLadder.propose(
                step,
                vessels,
                funnels,
                inputs.thing("fill").material(),
                inputs.decimal("tolerance").doubleValue() / 100,
                PouringLadder.heaviestFor(inputs.whole("months")));
        if (sets.isEmpty()) {
            return ToolAnswer.of(new Made.Things(Said.say("tool.pouring-set"), List.of()))
                    .verdict(false, Said.say("tool.no-set-in-the-cupboard-makes"))
                    .note(Said.say(
                            "tool.no-jug-holds-more-than-for",
                            PouringLadder.heaviestFor(inputs.whole("months")).forPeople()))
                    .done();
        }
        ToolAnswer.Builder answer = ToolAnswer.of(set(inputs, sets.get(0), inputs.thing("fill")))
                .verdict(true, step.sign())
                .columns(
                        Said.say("tool.from"),
                        Said.say("tool.into"),
                        Said.say("tool.measure-out"),
                        Said.say("tool.that-is"),
                        Said.say("tool.in-cups"),
                        Said.say("tool.stays"));
        for (PouringSet set : sets) {
            answer.row(
                    set.from().name(),
                    String.join(" + ", set.into().stream().map(Named::name).toList()),
                    set.fill().forPeople(),
                    set.mass().forPeople(),
                    set.spoonfuls().forPeople(),
                    set.remainder().isZero()
                            ? Said.say("tool.nothing")
                            : set.remainder().forPeople());
        }
        PouringSet best = sets.get(0);
        answer.sketch(best.sketch()).note(best.note()).calculation(best.calculation());
        best.line().map(LineStrip::sketch).ifPresent(answer::trueSize);
        return answer.done();
    }

    private static ToolAnswer line(Inputs inputs) {
        PouringSet set = PouringLadder.toLine(
                named(inputs.thing("from")),
                named(inputs.thing("into")),
                inputs.millilitres("measured"),
                inputs.millilitres("toLine"),
                inputs.thing("fill").material());
        LineStrip strip = set.line().orElseThrow();
        return ToolAnswer.of(set(inputs, set, inputs.thing("fill")), set.calculation())
                .figure(
                        Said.say("tool.line-above-the-inner-floor"),
                        strip.height().forPeople())
                .figure(Said.say("tool.along-the-wall"), strip.alongWall().forPeople())
                .figure(
                        Said.say("tool.measure-out"),
                        set.mass().forPeople() + ", " + set.spoonfuls().forPeople())
                .figure(Said.say("tool.stays-in-the-jug"), set.remainder().forPeople())
                .sketch(set.sketch().pulled("toLine", Said.say("tool.up-to-the-line"), set.linePull()))
                .trueSize(strip.sketch())
                .note(Said.say("tool.print-the-strip-at-100-and"))
                .done();
    }

    private static ToolAnswer neck(Inputs inputs) {
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
        ToolAnswer.Builder answer = ToolAnswer.of(
                        new Made.Things(
                                Said.say("tool.neck"),
                                List.of(Ingredient.of(fill.code(), fill.name(), Amount.UNKNOWN))),
                        neck.calculation())
                .verdict(
                        neck.flow() == Neck.Flow.RUNS,
                        fill.name() + " " + neck.flow().words() + ".")
                .sketch(sheet.done(
                        120,
                        100,
                        Said.say("tool.grains-across-the-narrowest-place"),
                        Said.say("tool.to-scale-the-longest-way-of")));
        neck.ratio()
                .ifPresent(ratio ->
                        answer.figure(Said.say("tool.grains-across"), String.format(Locale.ROOT, "%.1f", ratio)));
        Neck.narrowestFor(fill.material())
                .ifPresent(narrowest -> answer.figure(Said.say("tool.runs-from"), narrowest.forPeople()));
        return answer.done();
    }

    private static ToolAnswer spooning(Inputs inputs) {
        Posting.Spooning moved = Posting.spooning(inputs.millilitres("fill"), inputs.vessel("spoon"));
        Sheet sheet = new Sheet();
        long drawn = Math.min(60, moved.spoonfuls());
        for (int spoon = 0; spoon < drawn; spoon++) {
            sheet.round(10 + spoon % 15 * 14, 10 + spoon / 15 * 14, 5, Style.FILL);
        }
        List<Ingredient> out =
                new ArrayList<>(inputs.set(Said.say("tool.spooning"), Map.of(Said.say("tool.what-is-spooned"), 1)));
        out.add(inputs.pieces("spoon", 1));
        return ToolAnswer.of(new Made.Things(Said.say("tool.spooning"), out), moved.calculation())
                .figure(Said.say("tool.spoonfuls"), Long.toString(moved.spoonfuls()))
                .figure(
                        Said.say("tool.takes-about"),
                        String.format(Locale.ROOT, "%d:%02d min", moved.seconds() / 60, moved.seconds() % 60))
                .sketch(sheet.done(
                        224,
                        20 + (drawn - 1) / 15 * 14.0,
                        Said.say("tool.spoonfuls"),
                        Said.say("tool.level-spoonfuls", moved.spoonfuls())))
                .done();
    }

    private static ToolAnswer answered(Posting.Passage answer, Stocked piece, List<Ingredient> out) {
        Sketch picture = app.carder.core.cupboard.Picture.of(piece);
        return ToolAnswer.of(new Made.Things(piece.name(), out), answer.calculation())
                .verdict(answer.goes(), piece.name() + " " + answer.words() + ".")
                .sketch(picture)
                .done();
    }
}
