package app.carder.web.reckoner;

import app.carder.core.card.Made;
import app.carder.core.lineup.DiceGame;
import app.carder.core.lineup.DiceGame.Ending;
import app.carder.core.lineup.DiceGame.Landing;
import app.carder.core.lineup.NumberLine;
import app.carder.core.lineup.TrayLine;
import app.carder.core.measure.Length;
import app.carder.web.reckoner.Field.Option;
import app.carder.web.reckoner.Tool.Group;
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
                        "Number line or hop trail",
                        "How far apart, how long, and does it fit into the zone?",
                        Group.LINE_UP,
                        List.of(
                                Field.whole("marks", "Marks, 0 included", "", 11, 2, 101),
                                Field.whole("months", "Age of the youngest", "months", 42, 12, 96),
                                Field.text("stride", "Or a measured step, in cm", ""),
                                Field.decimal("length", "Zone, the long way", "cm", "500", 50, 5000),
                                Field.decimal("width", "Zone, the other way", "cm", "200", 50, 5000)),
                        LineTools::numberLine),
                new Tool(
                        "tray-line",
                        "Left to right on the tray",
                        "Where does each thing stand, around the midline?",
                        Group.LINE_UP,
                        List.of(
                                Field.text(
                                        "names",
                                        "Things, left to right, with commas",
                                        "jug, funnel, bottle, cup, bowl, cloth"),
                                Field.decimal("each", "The widest of them", "cm", "6", 0.5, 50),
                                Field.decimal("tray", "Tray, inside", "cm", "60", 10, 300)),
                        LineTools::trayLine),
                new Tool(
                        "dice",
                        "Dice game",
                        "How many turns and minutes, so that it fits the attention there is?",
                        Group.LINE_UP,
                        List.of(
                                Field.whole("squares", "Squares to go", "", 10, 1, 200),
                                Field.whole("faces", "Faces of the die", "", 6, 2, 20),
                                Field.choice(
                                        "landing",
                                        "At the end",
                                        Landing.OVERSHOOT_ALLOWED.name(),
                                        Arrays.stream(Landing.values())
                                                .map(one -> new Option(one.name(), one.words()))
                                                .toList()),
                                Field.whole("players", "Players", "", 4, 1, 8),
                                Field.choice(
                                        "ending",
                                        "Over",
                                        Ending.FIRST_HOME.name(),
                                        Arrays.stream(Ending.values())
                                                .map(one -> new Option(one.name(), one.words()))
                                                .toList()),
                                Field.whole("seconds", "A turn takes", "s", 20, 1, 300),
                                Field.whole("attention", "Attention there is", "min", 8, 1, 120)),
                        LineTools::dice));
    }

    private static Answer numberLine(Inputs inputs) {
        String stride = inputs.text("stride").replace(',', '.');
        if (!stride.isEmpty() && !stride.matches("[0-9]{1,3}(\\.[0-9])?")) {
            throw new IllegalArgumentException("A measured step must be a number of centimetres or nothing, got \"%s\"."
                    .formatted(inputs.text("stride")));
        }
        Length spacing = stride.isEmpty()
                ? NumberLine.usualStep(inputs.whole("months"))
                : Length.ofCentimetres(Double.parseDouble(stride));
        NumberLine line = NumberLine.of(
                inputs.whole("marks"), spacing, inputs.centimetres("length"), inputs.centimetres("width"));
        return Answer.of(new Made.Things("Number line", List.of()), line.reckoning())
                .verdict(
                        line.fits(),
                        line.fits() ? "It fits." : "It does not fit: fewer marks, shorter steps, or another zone.")
                .figure("From mark to mark", spacing.forPeople())
                .figure("Whole line", line.total().forPeople())
                .figure("Rows", line.fits() ? Integer.toString(line.rows()) : "none")
                .sketch(line.sketch())
                .done();
    }

    private static Answer trayLine(Inputs inputs) {
        TrayLine line = TrayLine.of(inputs.list("names"), inputs.centimetres("each"), inputs.centimetres("tray"));
        Answer.Builder answer = Answer.of(
                        new Made.Things(
                                "Tray line",
                                inputs.set(
                                        "Things on the tray",
                                        line.names().stream()
                                                .collect(Collectors.toMap(name -> name, name -> 1, Integer::sum)))),
                        line.reckoning())
                .verdict(
                        line.fits(),
                        line.fits()
                                ? "There is room for fingers between them."
                                : "Too close: fewer things, or a wider tray.")
                .figure("Midline", line.midline().forPeople() + " from the left")
                .columns("Thing", "Its middle, from the left edge")
                .sketch(line.sketch());
        for (int at = 0; at < line.names().size(); at++) {
            answer.row(line.names().get(at), line.positions().get(at).forPeople());
        }
        return answer.done();
    }

    private static Answer dice(Inputs inputs) {
        DiceGame game = DiceGame.of(new DiceGame.Rules(
                inputs.whole("squares"),
                inputs.whole("faces"),
                inputs.choice("landing", Landing.class),
                inputs.whole("players"),
                inputs.choice("ending", Ending.class),
                inputs.whole("seconds")));
        Duration attention = Duration.ofMinutes(inputs.whole("attention"));
        boolean fits = game.fitsWithin(attention);
        Map<String, Integer> pieces = Map.of("die", 1, "counters", inputs.whole("players"));
        return Answer.of(new Made.Things("Dice game", inputs.set("Pieces of the game", pieces)), game.reckoning())
                .verdict(
                        fits,
                        fits
                                ? "Nine games of ten are over within %d minutes.".formatted(inputs.whole("attention"))
                                : "Too long for %d minutes: fewer squares, a larger die, or fewer players."
                                        .formatted(inputs.whole("attention")))
                .figure("Over", game.rules().ending().words())
                .figure("Rounds on average", String.format(Locale.ROOT, "%.1f", game.rounds()))
                .figure("Throws on average, all together", String.format(Locale.ROOT, "%.1f", game.throwsInAll()))
                .figure("Nine of ten by round", Integer.toString(game.ninetieth()))
                .figure("Average game", DiceGame.minutes(game.expected()))
                .figure("Nine of ten within", DiceGame.minutes(game.ninetiethTime()))
                .sketch(game.sketch())
                .done();
    }
}
