package app.carder.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.TestCupboard;
import app.carder.core.cupboard.Stocked;
import app.carder.core.deck.ReadyCard;
import app.carder.core.measure.Age;
import app.carder.core.safety.ChildPresent.Mouthing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** How many alarms each starter thing and ready card raises; the table of docs/safety.md is held to it. */
class AlarmsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final int[] MONTHS = {10, 20, 26, 38, 50};
    private static final SafetyCheck CHECK = SafetyCheck.withShippedRules();
    private static final Path DOCUMENT = Path.of("../docs/safety.md");
    private static final Path BEFORE = Path.of("src/test/resources/app/carder/core/safety/alarms-before.tsv");

    private record Alarms(String holds, String cautions, String codes) {}

    private static Alarms alarms(List<Setup.Item> items, String words) {
        List<String> holds = new ArrayList<>();
        List<String> cautions = new ArrayList<>();
        List<String> codes = new ArrayList<>();
        for (int months : MONTHS) {
            List<Finding> found = CHECK.check(new Setup(items, Set.of(), words), List.of(child(months)));
            List<Finding> held = found.stream().filter(Finding::holds).toList();
            holds.add(String.valueOf(held.size()));
            cautions.add(String.valueOf(found.size() - held.size()));
            codes.add(months + ":"
                    + held.stream().map(Finding::code).distinct().sorted().collect(Collectors.joining(",")));
        }
        return new Alarms(String.join(" ", holds), String.join(" ", cautions), String.join(" ", codes));
    }

    private static ChildPresent child(int months) {
        return new ChildPresent("Anouk", Age.between(TODAY.minusMonths(months), TODAY), Mouthing.NOT_SEEN, Set.of());
    }

    private static Alarms ofThing(Stocked thing) {
        return alarms(List.of(Setup.Item.of(thing.material(), thing.vessel())), "");
    }

    private static List<Setup.Item> items(ReadyCard ready) {
        return ready.card()
                .contents()
                .things()
                .map(TestCupboard::stocked)
                .map(thing -> Setup.Item.of(thing.material(), thing.vessel()))
                .toList();
    }

    private static List<String> rows() throws IOException {
        Map<String, String[]> before = new TreeMap<>();
        Files.readAllLines(BEFORE).stream()
                .filter(line -> !line.startsWith("#"))
                .map(line -> line.split("\t", -1))
                .forEach(cells -> before.put(cells[0] + cells[1], cells));
        Stream<String> things = TestCupboard.byCode().values().stream()
                .map(thing -> row(thing.name(), before.get("thing" + thing.code()), ofThing(thing)));
        Stream<String> readyCards = ReadyCard.shipped().stream()
                .map(ready -> row(
                        "Ready card: " + ready.title(),
                        before.get("template" + ready.code()),
                        alarms(items(ready), ready.card().said())));
        return Stream.concat(things, readyCards).toList();
    }

    private static String row(String name, String[] before, Alarms after) {
        return "| %s | %s | %s | %s | %s |"
                .formatted(
                        name,
                        before == null ? "" : before[3],
                        after.holds(),
                        before == null ? "" : before[4],
                        after.cautions());
    }

    @Test
    void theTableInTheDocumentIsWhatTheRulesSay() throws IOException {
        if (Boolean.getBoolean("carder.write.safety")) {
            String text = Files.readString(DOCUMENT);
            int start =
                    text.indexOf("| --- | --- | --- | --- | --- |\n") + "| --- | --- | --- | --- | --- |\n".length();
            Files.writeString(DOCUMENT, text.substring(0, start) + String.join("\n", rows()) + "\n");
        }

        assertThat(Files.readAllLines(DOCUMENT)).containsAll(rows());
    }

    /** Of a child of 26 months who does not mouth: what stops is what can choke, poison, cut or cover a face. */
    @Test
    void atTwentySixMonthsOnlyTheDangerousThingsStop() {
        List<String> held = TestCupboard.byCode().values().stream()
                .filter(thing -> !ofThing(thing).codes().contains("26: "))
                .filter(thing -> !ofThing(thing).holds().split(" ")[2].equals("0"))
                .map(Stocked::code)
                .toList();

        assertThat(held)
                .contains("water-beads", "marbles", "coin-cells", "kidney-beans", "grapes", "popcorn", "bubble-wrap")
                .doesNotContain(
                        "rice-long",
                        "oats",
                        "lentils",
                        "couscous",
                        "sand-dry",
                        "envelopes",
                        "small-parcels",
                        "water",
                        "fabric");
    }
}
