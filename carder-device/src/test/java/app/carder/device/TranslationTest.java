package app.carder.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.watch.Episodes;
import app.carder.core.watch.Listening;
import app.carder.core.watch.Logged;
import app.carder.core.watch.Logged.Happened;
import app.carder.core.watch.Logged.Retimed;
import app.carder.core.watch.Logged.TakenBack;
import app.carder.core.watch.Movement;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlayKind;
import app.carder.core.watch.PlaySummary;
import app.carder.core.watch.TimeBand;
import app.carder.core.wording.Describing;
import app.carder.core.wording.LanguageRules;
import app.carder.core.wording.ReadingEase;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the device reckons is what the server reckons: the translated core against the core, on random input. */
class TranslationTest {

    static final List<String> LANGUAGES = LanguageRules.SHIPPED;

    private static final long NINE = Instant.parse("2026-05-06T09:00:00Z").toEpochMilli();
    private static final int CASES = 300;
    private static final List<String> ZONES = List.of("Weighing desk", "Post office", "Tray table", "Garden");
    private static final List<String> FRIENDS = List.of("Bram", "Zoe\u0308", "Wren");

    private final JsonMapper json = new JsonMapper();
    private final Random random = new Random(20_260_506);

    @TempDir
    private Path folder;

    /** What is asked of the translation, and what the core says itself. */
    private record Question(String ask, List<?> given, Object expected) {}

    private record Entry(String entry, UUID id, long at, String kind, UUID target, long happenedAt) {
        Logged<PlayEvent> logged() {
            Instant when = Instant.ofEpochMilli(at);
            return switch (entry) {
                case "TAKEN_BACK" -> new TakenBack<>(id, when, target);
                case "RETIMED" -> new Retimed<>(id, when, target, Instant.ofEpochMilli(happenedAt));
                default -> new Happened<>(id, when, new PlayEvent(when, PlayKind.valueOf(kind)));
            };
        }
    }

    @Test
    void recordsComeToTheSameFiguresAndTheSameBand() throws Exception {
        compare(() -> {
            List<Entry> log = log();
            long until = NINE + random.nextInt(1_500_000);
            List<Happened<PlayEvent>> taps =
                    Logged.effective(log.stream().map(Entry::logged).toList());
            List<PlayEvent> events = taps.stream()
                    .map(tap -> new PlayEvent(tap.at(), tap.what().kind()))
                    .toList();
            TimeBand band =
                    TimeBand.of(events, Instant.ofEpochMilli(NINE), Instant.ofEpochMilli(Math.max(until, NINE + 1)));
            PlaySummary summary = PlaySummary.of(Episodes.of(events, Instant.ofEpochMilli(until)));
            Map<String, Object> expected = new LinkedHashMap<>();
            expected.put("bars", band.bars());
            expected.put("ticks", band.ticks());
            expected.put(
                    "taps",
                    taps.stream()
                            .map(tap -> Map.of(
                                    "id",
                                    tap.id(),
                                    "at",
                                    tap.at().toEpochMilli(),
                                    "kind",
                                    tap.what().kind()))
                            .toList());
            expected.put("episodes", summary.episodes());
            expected.put("engaged", summary.engaged().toMillis());
            expected.put("longest", summary.longestStretch().toMillis());
            expected.put("longestIsLowerBound", summary.longestIsLowerBound());
            expected.put("breakInsByAdults", summary.breakInsByAdults());
            expected.put("breakInsByChildren", summary.breakInsByChildren());
            expected.put("returned", summary.returned());
            expected.put("repeats", summary.repeats());
            return new Question("record", List.of(log, NINE, until), expected);
        });
    }

    @Test
    void pathsComeToTheSameStaysAndWays() throws Exception {
        compare(() -> {
            long until = NINE + 900_000;
            List<Movement.Arrival<String>> arrivals = IntStream.range(0, random.nextInt(12))
                    .mapToObj(step ->
                            new Movement.Arrival<>(Instant.ofEpochMilli(NINE + random.nextInt(1_000_000)), any(ZONES)))
                    .toList();
            Movement<String> movement =
                    Movement.of(arrivals, Instant.ofEpochMilli(until), new LinkedHashSet<>(ZONES.subList(0, 3)));
            return new Question(
                    "path",
                    List.of(
                            arrivals.stream()
                                    .map(one -> Map.of("at", one.at().toEpochMilli(), "zone", one.zone()))
                                    .toList(),
                            until,
                            ZONES.subList(0, 3)),
                    Map.of(
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
            List<Listening.Heard> heard = IntStream.range(0, random.nextInt(5))
                    .mapToObj(one -> new Listening.Heard(text(rules), "German", random.nextBoolean()))
                    .toList();
            Listening listening = Listening.of(heard);
            return new Question(
                    "heard",
                    List.of(heard.stream()
                            .map(one -> Map.of(
                                    "words", one.words(), "language", one.language(), "question", one.isQuestion()))
                            .toList()),
                    Map.of(
                            "utterances",
                            listening.utterances(),
                            "words",
                            listening.words(),
                            "differentWords",
                            listening.differentWords(),
                            "questions",
                            listening.questions()));
        });
    }

    private void compare(Supplier<Question> next) throws IOException, InterruptedException {
        List<Question> questions =
                IntStream.range(0, CASES).mapToObj(one -> next.get()).toList();
        Path file = folder.resolve("cases.json");
        Files.writeString(file, json.writeValueAsString(questions));
        Process script = new ProcessBuilder("node", "src/test/js/reckon.mjs", file.toString())
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

    /** Taps in no order, some of them taken back or given another time. */
    private List<Entry> log() {
        List<Entry> log = new ArrayList<>();
        List<UUID> taps = new ArrayList<>();
        for (int i = random.nextInt(25); i > 0; i--) {
            UUID id = new UUID(random.nextLong(), random.nextLong());
            long at = NINE + random.nextInt(1_200_000);
            int kind = random.nextInt(10);
            if (kind < 2 && !taps.isEmpty()) {
                log.add(new Entry(
                        kind == 0 ? "TAKEN_BACK" : "RETIMED", id, at, "", any(taps), NINE + random.nextInt(1_200_000)));
            } else {
                taps.add(id);
                log.add(new Entry(
                        "TAP", id, at, any(Arrays.asList(PlayKind.values())).name(), id, 0));
            }
        }
        return log;
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
