package app.carder.web.calculator;

import app.carder.core.card.Made;
import app.carder.core.lineup.DiceGame;
import app.carder.core.lineup.DiceGame.Ending;
import app.carder.core.lineup.DiceGame.Landing;
import app.carder.core.lineup.NumberLine;
import app.carder.core.lineup.TrayLine;
import app.carder.core.measure.Length;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.web.calculator.Field.Option;
import app.carder.web.calculator.Tool.Group;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Lines and games. */
final class LineTools {

    private LineTools() {}

    static List<Tool> all() {
        return List.of(
                new Tool(
                        "number-line",
                        Said.of("tool.number-line-or-hop-trail"),
                        Said.of("tool.how-far-apart-how-long-and"),
                        Group.LINE_UP,
                        List.of(
                                Field.whole("marks", Said.of("tool.marks-0-included"), "", 11, 2, 101),
                                Field.whole("months", Said.of("tool.age-of-the-youngest"), "months", 42, 12, 96),
                                Field.text("stride", Said.of("tool.or-a-measured-step-in-cm"), ""),
                                Field.decimal("length", Said.of("tool.zone-the-long-way"), "cm", "500", 50, 5000),
                                Field.decimal("width", Said.of("tool.zone-the-other-way"), "cm", "200", 50, 5000)),
                        LineTools::numberLine),
                new Tool(
                        "tray-line",
                        Said.of("tool.left-to-right-on-the-tray"),
                        Said.of("tool.where-does-each-thing-stand-around"),
                        Group.LINE_UP,
                        List.of(
                                Field.text(
                                        "names",
                                        Said.of("tool.things-left-to-right-with-commas"),
                                        "jug, funnel, bottle, cup, bowl, cloth"),
                                Field.decimal("each", Said.of("tool.the-widest-of-them"), "cm", "6", 0.5, 50),
                                Field.decimal("tray", Said.of("tool.tray-inside"), "cm", "60", 10, 300)),
                        LineTools::trayLine),
                new Tool(
                        "dice",
                        Said.of("tool.dice-game"),
                        Said.of("tool.how-many-turns-and-minutes-so"),
                        Group.LINE_UP,
                        List.of(
                                Field.whole("squares", Said.of("tool.squares-to-go"), "", 10, 1, 200),
                                Field.whole("faces", Said.of("tool.faces-of-the-die"), "", 6, 2, 20),
                                Field.choice(
                                        "landing",
                                        Said.of("tool.at-the-end"),
                                        Landing.OVERSHOOT_ALLOWED.name(),
                                        Arrays.stream(Landing.values())
                                                .map(one -> new Option(one.name(), one.said()))
                                                .toList()),
                                Field.whole("players", Said.of("tool.players"), "", 4, 1, 8),
                                Field.choice(
                                        "ending",
                                        Said.of("tool.over"),
                                        Ending.FIRST_HOME.name(),
                                        Arrays.stream(Ending.values())
                                                .map(one -> new Option(one.name(), one.said()))
                                                .toList()),
                                Field.whole("seconds", Said.of("tool.a-turn-takes"), "s", 20, 1, 300),
                                Field.whole("attention", Said.of("tool.attention-there-is"), "min", 8, 1, 120)),
                        LineTools::dice));
    }

    private static ToolAnswer numberLine(Inputs inputs) {
        String stride = inputs.text("stride").replace(',', '.');
        if (!stride.isEmpty() && !stride.matches("[0-9]{1,3}(\\.[0-9])?")) {
            throw Refused.because("tool.refused.stride", inputs.text("stride"));
        }
        Length spacing = stride.isEmpty()
                ? NumberLine.usualStep(inputs.whole("months"))
                : Length.ofCentimetres(Double.parseDouble(stride));
        NumberLine line = NumberLine.of(
                inputs.whole("marks"), spacing, inputs.centimetres("length"), inputs.centimetres("width"));
        return ToolAnswer.of(new Made.Things(Said.say("tool.number-line"), List.of()), line.calculation())
                .verdict(
                        line.fits(),
                        line.fits() ? Said.say("tool.it-fits") : Said.say("tool.it-does-not-fit-fewer-marks"))
                .figure(Said.say("tool.from-mark-to-mark"), spacing.forPeople())
                .figure(Said.say("tool.whole-line"), line.total().forPeople())
                .figure(Said.say("tool.rows"), line.fits() ? Integer.toString(line.rows()) : Said.say("tool.none"))
                .sketch(line.sketch().pulled("length", Said.say("tool.zone-the-long-way"), line.lengthPull()))
                .done();
    }

    private static ToolAnswer trayLine(Inputs inputs) {
        TrayLine line = TrayLine.of(inputs.list("names"), inputs.centimetres("each"), inputs.centimetres("tray"));
        ToolAnswer.Builder answer = ToolAnswer.of(
                        new Made.Things(
                                Said.say("tool.tray-line"),
                                inputs.set(
                                        Said.say("tool.things-on-the-tray"),
                                        line.names().stream()
                                                .collect(Collectors.toMap(name -> name, name -> 1, Integer::sum)))),
                        line.calculation())
                .verdict(
                        line.fits(),
                        line.fits()
                                ? Said.say("tool.there-is-room-for-fingers-between")
                                : Said.say("tool.too-close-fewer-things-or-a"))
                .figure(
                        Said.say("tool.midline"),
                        Said.say("tool.from-the-left", line.midline().forPeople()))
                .columns(Said.say("tool.thing"), Said.say("tool.its-middle-from-the-left-edge"))
                .sketch(line.sketch().pulled("tray", Said.say("tool.tray-inside"), line.widthPull()));
        for (int at = 0; at < line.names().size(); at++) {
            answer.row(line.names().get(at), line.positions().get(at).forPeople());
        }
        return answer.done();
    }

    private static ToolAnswer dice(Inputs inputs) {
        DiceGame game = DiceGame.of(new DiceGame.Rules(
                inputs.whole("squares"),
                inputs.whole("faces"),
                inputs.choice("landing", Landing.class),
                inputs.whole("players"),
                inputs.choice("ending", Ending.class),
                inputs.whole("seconds")));
        Duration attention = Duration.ofMinutes(inputs.whole("attention"));
        boolean fits = game.fitsWithin(attention);
        Map<String, Integer> pieces =
                Map.of(Said.say("tool.die"), 1, Said.say("tool.counters"), inputs.whole("players"));
        return ToolAnswer.of(
                        new Made.Things(
                                Said.say("tool.dice-game"), inputs.set(Said.say("tool.pieces-of-the-game"), pieces)),
                        game.calculation())
                .verdict(
                        fits,
                        fits
                                ? Said.say("tool.nine-games-of-ten-are-over", inputs.whole("attention"))
                                : Said.say("tool.too-long-for-minutes-fewer-squares", inputs.whole("attention")))
                .figure(Said.say("tool.over"), game.rules().ending().words())
                .figure(Said.say("tool.rounds-on-average"), String.format(Locale.ROOT, "%.1f", game.rounds()))
                .figure(
                        Said.say("tool.throws-on-average-all-together"),
                        String.format(Locale.ROOT, "%.1f", game.throwsInAll()))
                .figure(Said.say("tool.nine-of-ten-by-round"), Integer.toString(game.ninetieth()))
                .figure(Said.say("tool.average-game"), DiceGame.minutes(game.expected()))
                .figure(Said.say("tool.nine-of-ten-within"), DiceGame.minutes(game.ninetiethTime()))
                .sketch(game.sketch())
                .done();
    }
}
