package app.carder.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.attendance.Away;
import app.carder.core.attendance.Presence;
import app.carder.core.attendance.Pressed;
import app.carder.core.said.OnDevice;
import app.carder.core.watch.Attempts;
import app.carder.core.watch.Episodes;
import app.carder.core.watch.Listening;
import app.carder.core.watch.Movement;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlayKind;
import app.carder.core.watch.PlaySummary;
import app.carder.core.watch.TimeBand;
import app.carder.core.watchlog.CountLines;
import app.carder.core.watchlog.Entry;
import app.carder.core.watchlog.Entry.Arrived;
import app.carder.core.watchlog.Entry.Checked;
import app.carder.core.watchlog.Entry.Compared;
import app.carder.core.watchlog.Entry.Comparison;
import app.carder.core.watchlog.Entry.Counted;
import app.carder.core.watchlog.Entry.Grouped;
import app.carder.core.watchlog.Entry.Heard;
import app.carder.core.watchlog.Entry.Retimed;
import app.carder.core.watchlog.Entry.Spot;
import app.carder.core.watchlog.Entry.TakenBack;
import app.carder.core.watchlog.Entry.Tap;
import app.carder.core.watchlog.Entry.TimedMinute;
import app.carder.core.watchlog.Entry.Tried;
import app.carder.core.watchlog.Entry.Turned;
import app.carder.core.watchlog.EntryCodec;
import app.carder.core.watchlog.EntryLine;
import app.carder.core.watchlog.Noted;
import app.carder.core.wording.Describing;
import app.carder.core.wording.LanguageRules;
import app.carder.core.wording.ReadingEase;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the device works out is what the server works out: the translated core against the core, on random input. */
class TranslationTest {

    static final List<String> LANGUAGES = LanguageRules.SHIPPED;

    private static final long NINE = Instant.parse("2026-05-06T09:00:00Z").toEpochMilli();
    private static final int CASES = 300;
    private static final List<UUID> ZONES = List.of(new UUID(1, 1), new UUID(1, 2), new UUID(1, 3), new UUID(1, 4));
    private static final List<UUID> CHILDREN = List.of(new UUID(2, 1), new UUID(2, 2));
    private static final List<String> FRIENDS = List.of("Bram", "Zoe\u0308", "Wren");

    private final JsonMapper json = new JsonMapper();
    private final Random random = new Random(20_260_506);

    @TempDir
    private Path folder;

    /** What is asked of the translation, and what the core says itself. */
    private record Question(String ask, List<?> given, Object expected) {}

    @Test
    void recordsComeToTheSameFiguresAndTheSameBand() throws Exception {
        compare(() -> {
            List<Noted> log = log(() -> new Tap(any(CHILDREN), any(Arrays.asList(PlayKind.values()))));
            long now = NINE + random.nextInt(1_500_000);
            UUID child = CHILDREN.get(0);
            List<Noted> taps = Noted.counting(log).stream()
                    .filter(noted -> ((Tap) noted.entry()).child().equals(child))
                    .toList();
            List<PlayEvent> events = taps.stream()
                    .map(noted -> new PlayEvent(noted.at(), ((Tap) noted.entry()).kind()))
                    .toList();
            Instant until = Instant.ofEpochMilli(Math.max(now, NINE + 120_000));
            TimeBand band = TimeBand.of(events, Instant.ofEpochMilli(NINE), Instant.ofEpochMilli(now), until);
            PlaySummary summary = PlaySummary.of(Episodes.of(events, Instant.ofEpochMilli(now)));
            Map<String, Object> expected = new LinkedHashMap<>();
            expected.put("shapes", shapes(band));
            expected.put("tapped", taps.size());
            expected.put("episodes", summary.episodes());
            expected.put("engaged", summary.engaged().toMillis());
            expected.put("longest", summary.longestStretch().toMillis());
            expected.put("longestIsLowerBound", summary.longestIsLowerBound());
            expected.put("interruptionsByAdults", summary.interruptionsByAdults());
            expected.put("interruptionsByChildren", summary.interruptionsByChildren());
            expected.put("returned", summary.returned());
            expected.put("repeats", summary.repeats());
            if (!events.isEmpty()) {
                expected.put("effect", Episodes.ofLatest(events));
            }
            return new Question("record", List.of(wire(log), child, NINE, now, 120_000), expected);
        });
    }

    /** Of each style its boxes, four numbers each. */
    private static List<Map<String, Object>> shapes(TimeBand band) {
        Map<String, List<Integer>> boxes = new LinkedHashMap<>();
        band.shapes()
                .forEach(shape -> boxes.computeIfAbsent(shape.style(), style -> new ArrayList<>())
                        .addAll(List.of(shape.x(), shape.y(), shape.width(), shape.height())));
        return boxes.entrySet().stream()
                .map(one -> Map.of("style", one.getKey(), "boxes", one.getValue()))
                .toList();
    }

    @Test
    void pathsComeToTheSameStaysAndWays() throws Exception {
        compare(() -> {
            long until = NINE + 1_200_000;
            List<Noted> log = log(() -> random.nextBoolean()
                    ? new Arrived(CHILDREN.get(0), any(ZONES), null)
                    : new Arrived(CHILDREN.get(0), null, new Spot(random.nextInt(9000), random.nextInt(9000))));
            List<Noted> steps = Noted.counting(log);
            Set<UUID> offered = new LinkedHashSet<>(ZONES.subList(0, 3));
            Movement<UUID> movement = Movement.of(
                    steps.stream()
                            .filter(step -> ((Arrived) step.entry()).zone() != null)
                            .map(step -> new Movement.Arrival<>(step.at(), ((Arrived) step.entry()).zone()))
                            .toList(),
                    Instant.ofEpochMilli(until),
                    offered);
            return new Question(
                    "path",
                    List.of(wire(log), until, offered),
                    Map.of(
                            "steps",
                            steps.stream()
                                    .map(step -> step((Arrived) step.entry()))
                                    .toList(),
                            "zones",
                            movement.zones().stream()
                                    .map(zone -> Map.of(
                                            "zone",
                                            zone.zone(),
                                            "time",
                                            zone.time().toMillis(),
                                            "visits",
                                            zone.visits(),
                                            "percent",
                                            Math.round(zone.share() * 100)))
                                    .toList(),
                            "moves",
                            movement.moves(),
                            "never",
                            movement.neverVisited().stream()
                                    .map(zone -> Map.of("zone", zone))
                                    .toList()));
        });
    }

    private static Map<String, Object> step(Arrived arrived) {
        return arrived.spot() == null
                ? Map.of("zone", arrived.zone())
                : Map.of("x", arrived.spot().xMm(), "y", arrived.spot().yMm());
    }

    @Test
    void whatWasCountedHasTheSameLines() throws Exception {
        compare(() -> {
            List<Noted> log = log(this::count);
            return new Question(
                    "counted",
                    List.of(wire(log), CHILDREN.get(0)),
                    CountLines.of(Noted.counting(log), CHILDREN.get(0)).stream()
                            .map(line -> Map.of("line", line))
                            .toList());
        });
    }

    private Entry count() {
        UUID child = any(CHILDREN);
        String what = any(FRIENDS);
        return switch (random.nextInt(7)) {
            case 0 -> new Counted(child, what, random.nextInt(5) - 1);
            case 1 -> new Checked(child, what, random.nextInt(6), 6);
            case 2 -> new Grouped(child, what, random.nextInt(6));
            case 3 -> new Turned(child, what, random.nextInt(2_000));
            case 4 -> new Compared(child, what, any(Arrays.asList(Comparison.values())));
            case 5 -> new TimedMinute(child, what, random.nextInt(80), 60);
            default ->
                new Tried(
                        child,
                        what,
                        new Attempts.Attempt(random.nextBoolean(), any(Arrays.asList(Attempts.Prompt.values()))));
        };
    }

    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void textsAreMarkedAtTheSamePlaces(String code) throws Exception {
        LanguageRules rules = LanguageRules.shipped(code);
        compare(() -> {
            String text = text(rules);
            String own = random.nextBoolean() ? "Anouk" : "";
            return new Question(
                    "marks",
                    List.of(text, given(rules), own, FRIENDS),
                    new Describing(rules).marks(text, own, own.isEmpty() ? List.of() : FRIENDS));
        });
    }

    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void textsAreAsEasyToRead(String code) throws Exception {
        LanguageRules rules = LanguageRules.shipped(code);
        compare(() -> {
            String text = text(rules);
            return new Question(
                    "ease",
                    List.of(text, given(rules)),
                    ReadingEase.of(text, rules.ease()).band().words());
        });
    }

    @Test
    void wordsThatWereHeardAreCountedAlike() throws Exception {
        LanguageRules rules = LanguageRules.shipped("de");
        compare(() -> {
            List<Noted> log = log(
                    () -> new Heard(any(CHILDREN), new Listening.Heard(text(rules), "German", random.nextBoolean())));
            List<Heard> heard = Noted.counting(log).stream()
                    .map(noted -> (Heard) noted.entry())
                    .toList();
            Listening listening = Listening.of(heard.stream().map(Heard::heard).toList());
            return new Question(
                    "heard",
                    List.of(wire(log)),
                    Map.of(
                            "utterances",
                            listening.utterances(),
                            "words",
                            listening.words(),
                            "differentWords",
                            listening.differentWords(),
                            "questions",
                            listening.questions(),
                            "said",
                            heard.stream()
                                    .map(one -> Map.of(
                                            "child", one.child(),
                                            "words", one.heard().words(),
                                            "language", one.heard().language()))
                                    .toList()));
        });
    }

    @Test
    void whereAChildIsComesToTheSame() throws Exception {
        compare(() -> {
            boolean isTold = random.nextInt(4) > 0;
            String due = any(List.of("", "08:00", "09:30"));
            String arrived = any(List.of("", "08:05"));
            String left = any(List.of("", "12:00"));
            boolean isAway = arrived.isEmpty() && left.isEmpty() && random.nextBoolean();
            app.carder.core.attendance.Noted noted = !isTold
                    ? app.carder.core.attendance.Noted.NOTHING
                    : new app.carder.core.attendance.Noted(
                            time(arrived), time(left), "", isAway ? Optional.of(Away.NO_REASON) : Optional.empty());
            List<Map<String, String>> presses = new ArrayList<>();
            for (int i = random.nextInt(4); i > 0; i--) {
                Pressed what = any(Arrays.asList(Pressed.values()));
                LocalTime at = LocalTime.of(8 + random.nextInt(6), random.nextInt(60));
                presses.add(Map.of("what", what.name(), "time", at.toString()));
                noted = what.after(noted, at);
            }
            Presence presence = isTold ? Presence.of(noted, time(due)) : Presence.ofUntold(noted);
            Map<String, Object> expected = new LinkedHashMap<>();
            expected.put("presence", presence);
            expected.put("mayBeInside", presence.mayBeInside());
            noted.arrivedAt().ifPresent(at -> expected.put("arrived", at.toString()));
            noted.leftAt().ifPresent(at -> expected.put("left", at.toString()));
            Map<String, String> told =
                    Map.of("due", due, "arrived", arrived, "left", left, "away", isAway ? "On holiday" : "");
            return new Question("day", Arrays.asList(isTold ? told : null, presses), expected);
        });
    }

    private static Optional<LocalTime> time(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(LocalTime.parse(text));
    }

    private void compare(Supplier<Question> next) throws IOException, InterruptedException {
        List<Question> questions =
                IntStream.range(0, CASES).mapToObj(one -> next.get()).toList();
        Path file = folder.resolve("cases.json");
        Files.writeString(file, json.writeValueAsString(questions));
        Path words = folder.resolve("words.json");
        Files.writeString(words, json.writeValueAsString(OnDevice.words()));
        Process script = new ProcessBuilder("node", "src/test/js/calculate.mjs", file.toString(), words.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        JsonNode answers = json.readTree(new String(script.getInputStream().readAllBytes(), StandardCharsets.UTF_8));
        assertThat(script.waitFor()).isZero();
        assertThat(answers).hasSize(CASES);
        for (int i = 0; i < CASES; i++) {
            Question question = questions.get(i);
            assertThat(answers.get(i))
                    .as("%s of %s", question.ask(), json.writeValueAsString(question.given()))
                    .isEqualTo(json.readTree(json.writeValueAsString(question.expected())));
        }
    }

    /** Entries in no order, some of them taken back or given another time. */
    private List<Noted> log(Supplier<Entry> next) {
        List<Noted> log = new ArrayList<>();
        List<UUID> seen = new ArrayList<>();
        for (int i = random.nextInt(25); i > 0; i--) {
            UUID id = new UUID(random.nextLong(), random.nextLong());
            // Some at the same moment, as two people tap.
            Instant at = Instant.ofEpochMilli(NINE + 1000L * random.nextInt(200));
            int kind = random.nextInt(10);
            if (kind == 0 && !seen.isEmpty()) {
                log.add(new Noted(id, at, new TakenBack(any(seen))));
            } else if (kind == 1 && !seen.isEmpty()) {
                Instant other = Instant.ofEpochMilli(NINE + random.nextInt(1_200_000));
                log.add(new Noted(id, at, new Retimed(any(seen), other)));
            } else {
                seen.add(id);
                log.add(new Noted(id, at, next.get()));
            }
        }
        return log;
    }

    /** As the device keeps them. */
    private static List<Map<String, Object>> wire(List<Noted> log) {
        return log.stream()
                .map(noted -> {
                    EntryLine line = EntryCodec.write(noted.entry());
                    Map<String, Object> entry = new LinkedHashMap<>();
                    entry.put("id", noted.id());
                    entry.put("at", noted.at().toString());
                    entry.put("kind", line.kind());
                    entry.put("child", line.child());
                    entry.put("zone", line.zone());
                    entry.put("code", line.code());
                    entry.put("company", line.company());
                    entry.put("words", line.words());
                    entry.put("number", line.number());
                    entry.put("ofNumber", line.ofNumber());
                    entry.put("xMm", line.xMm());
                    entry.put("yMm", line.yMm());
                    entry.put("target", line.target());
                    entry.put(
                            "correctedTo",
                            line.correctedTo() == null
                                    ? null
                                    : line.correctedTo().toString());
                    return entry;
                })
                .toList();
    }

    /** Words that are looked at, plain ones, names, speech, letters with marks, in any case. */
    private String text(LanguageRules rules) {
        List<String> plain = List.of(
                "Anouk",
                "Zo\u00eb",
                "Zoe\u0308",
                "Wren's",
                "wren",
                "Bram,",
                "the",
                "parcel.",
                "m\u00fcde",
                "Stra\u00dfe",
                "\u201cI am",
                "mine\u201d",
                "\"said\"",
                "na\u00efve",
                "for 6 min",
                "smiled",
                "l\u00e4chelte",
                "it\u2019s",
                "rolled!",
                "\n\n");
        StringBuilder text = new StringBuilder();
        for (int i = random.nextInt(25); i > 0; i--) {
            String word = random.nextInt(3) == 0
                    ? any(rules.watched()).pattern().replace("*", any(List.of("", "ed", "en", "ly")))
                    : any(plain);
            text.append(
                            switch (random.nextInt(6)) {
                                case 0 -> word.toUpperCase(Locale.ROOT);
                                case 1 -> word + ".";
                                default -> word;
                            })
                    .append(' ');
        }
        return text.toString();
    }

    private static Map<String, Object> given(LanguageRules rules) {
        return Map.of(
                "code", rules.code(),
                "watched", rules.watched(),
                "signs", rules.signs(),
                "exceptions", rules.exceptions(),
                "base", rules.ease().base(),
                "perSentence", rules.ease().perSentence(),
                "perWord", rules.ease().perWord(),
                "vowels", rules.ease().vowels(),
                "silentE", rules.ease().silentE());
    }

    private <T> T any(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }
}
