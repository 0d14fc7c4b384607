package app.carder.exchange.json;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.watch.Episodes;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlayKind;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class WatchFileTest {

    private static final Instant NINE = Instant.parse("2026-05-06T08:00:00Z");
    private static final UUID RECORD = UUID.fromString("0190a1b2-0000-7000-8000-000000000001");
    private static final UUID TAPPED = UUID.fromString("0190a1b2-0000-7000-8000-000000000002");

    /** Chose it, broken in on after a minute, back after half of one, broken in on again and not back. */
    private static final WatchFile FILE = new WatchFile(
            List.of(
                    event(TAPPED, "TAP", "CHOSE", "Anouk", "Rice, \"by the kilo\"", Optional.empty(), Optional.empty()),
                    event(UUID.randomUUID(), "TAKEN_BACK", "", "", "", Optional.empty(), Optional.of(TAPPED)),
                    event(UUID.randomUUID(), "HEARD", "", "Anouk", "", Optional.of(1), Optional.empty())),
            Episodes.of(
                            List.of(
                                    tap(0, PlayKind.CHOSE),
                                    tap(60, PlayKind.ADULT_BROKE_IN),
                                    tap(90, PlayKind.WENT_BACK),
                                    tap(210, PlayKind.CHILD_BROKE_IN),
                                    tap(260, PlayKind.LEFT)),
                            NINE.plusSeconds(300))
                    .stream()
                    .map(episode -> new WatchFile.Episode(RECORD, "Anouk", "", "Hamish Vale", episode))
                    .toList());

    private static PlayEvent tap(int second, PlayKind kind) {
        return new PlayEvent(NINE.plusSeconds(second), kind);
    }

    private static WatchFile.Event event(
            UUID id,
            String kind,
            String code,
            String child,
            String card,
            Optional<Integer> number,
            Optional<UUID> target) {
        return new WatchFile.Event(
                id,
                RECORD,
                NINE,
                NINE.plusSeconds(90),
                UUID.randomUUID(),
                7,
                "Hamish Vale",
                "PLAY",
                kind,
                child,
                card,
                "",
                code,
                "",
                kind.equals("HEARD") ? "¿Dónde está? שלום" : "",
                number,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                target,
                Optional.empty());
    }

    private static JsonNode json() {
        return JsonMapper.shared().readTree(WatchFile.write(FILE));
    }

    @Test
    void tellsItsFormatAndVersionFirst() {
        assertThat(json().propertyNames()).containsExactly("format", "version", "events", "episodes");
        assertThat(json().path("format").asString()).isEqualTo("carder-watched");
        assertThat(json().path("version").asInt()).isEqualTo(1);
    }

    @Test
    void keepsWordsOfEveryScriptAndLeavesOutWhatIsEmpty() {
        JsonNode tap = json().path("events").get(0);
        JsonNode heard = json().path("events").get(2);

        assertThat(tap.path("card").asString()).isEqualTo("Rice, \"by the kilo\"");
        assertThat(tap.has("zone")).isFalse();
        assertThat(tap.has("number")).isFalse();
        assertThat(heard.path("words").asString()).isEqualTo("¿Dónde está? שלום");
        assertThat(heard.path("number").asString()).isEqualTo("1");
    }

    @Test
    void showsWhatWasTakenBackBesideTheEntryThatTakesIt() {
        assertThat(json().path("events").get(0).path("id").asString()).isEqualTo(TAPPED.toString());
        assertThat(json().path("events").get(1).path("target").asString()).isEqualTo(TAPPED.toString());
    }

    @Test
    void writesEpisodesInWholeSecondsWithADashForWhoDidNotComeBack() {
        JsonNode episode = json().path("episodes").get(0);

        assertThat(episode.path("engaged_s").asString()).isEqualTo("180");
        assertThat(episode.path("longest_stretch_s").asString()).isEqualTo("120");
        assertThat(episode.path("stretches").asString()).isEqualTo("2");
        assertThat(episode.path("adult_break_ins").asString()).isEqualTo("1");
        assertThat(episode.path("child_break_ins").asString()).isEqualTo("1");
        assertThat(episode.path("returns_s").asString()).isEqualTo("30 -");
        assertThat(episode.path("starts_at").asString()).isEqualTo("2026-05-06T08:00:00Z");
        assertThat(episode.has("card")).isFalse();
    }

    @Test
    void hasACellForEveryColumn() {
        assertThat(FILE.events()).allSatisfy(one -> assertThat(one.cells()).hasSameSizeAs(WatchFile.EVENT_COLUMNS));
        assertThat(FILE.episodes()).allSatisfy(one -> assertThat(one.cells()).hasSameSizeAs(WatchFile.EPISODE_COLUMNS));
    }

    @Test
    void describesEveryColumnInItsDocument() throws IOException {
        String document = document();

        assertThat(WatchFile.EVENT_COLUMNS)
                .allSatisfy(column -> assertThat(document).contains("`" + column + "`"));
        assertThat(WatchFile.EPISODE_COLUMNS)
                .allSatisfy(column -> assertThat(document).contains("`" + column + "`"));
    }

    @ParameterizedTest
    @EnumSource
    void describesEveryTapInItsDocument(PlayKind kind) throws IOException {
        assertThat(document()).contains("`" + kind.name() + "`");
    }

    private static String document() throws IOException {
        return Files.readString(Path.of("../docs/watch-file.md"), StandardCharsets.UTF_8);
    }
}
