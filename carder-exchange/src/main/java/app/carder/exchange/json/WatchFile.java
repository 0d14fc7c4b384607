package app.carder.exchange.json;

import app.carder.core.watch.Episode.Who;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was watched, as files: the log as it was entered, and the episodes that it comes to. The columns are described in
 * docs/watch-file.md; the fields of the JSON, {@code {"format": "carder-watched", "version": 1, "events": [...],
 * "episodes": [...]}}, have the names of the columns, and what is empty is left out.
 *
 * @param events of the log, oldest first
 * @param episodes by record and child
 */
public record WatchFile(List<Event> events, List<Episode> episodes) {

    /** Columns of events. */
    public static final List<String> EVENT_COLUMNS = List.of(
            "id",
            "record",
            "happened_at",
            "device_at",
            "device",
            "sequence",
            "author",
            "method",
            "kind",
            "child",
            "card",
            "zone",
            "code",
            "company",
            "words",
            "number",
            "of_number",
            "x_mm",
            "y_mm",
            "target",
            "corrected_to");

    /** Columns of episodes. */
    public static final List<String> EPISODE_COLUMNS = List.of(
            "record",
            "child",
            "card",
            "author",
            "began",
            "starts_at",
            "ends_at",
            "ended",
            "engaged_s",
            "longest_stretch_s",
            "stretches",
            "adult_break_ins",
            "child_break_ins",
            "returns_s",
            "repeats",
            "look_ups");

    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    /** Keeps its own copies. */
    public WatchFile {
        events = List.copyOf(events);
        episodes = List.copyOf(episodes);
    }

    /** An entry of the log; the fields are its columns. */
    public record Event(
            UUID id,
            UUID record,
            Instant happenedAt,
            Instant deviceAt,
            UUID device,
            long sequence,
            String author,
            String method,
            String kind,
            String child,
            String card,
            String zone,
            String code,
            String company,
            String words,
            Optional<Integer> number,
            Optional<Integer> ofNumber,
            Optional<Integer> xMm,
            Optional<Integer> yMm,
            Optional<UUID> target,
            Optional<Instant> correctedTo) {

        /** In the order of the columns. */
        public List<String> cells() {
            return List.of(
                    id.toString(),
                    record.toString(),
                    happenedAt.toString(),
                    deviceAt.toString(),
                    device.toString(),
                    Long.toString(sequence),
                    author,
                    method,
                    kind,
                    child,
                    card,
                    zone,
                    code,
                    company,
                    words,
                    cell(number),
                    cell(ofNumber),
                    cell(xMm),
                    cell(yMm),
                    cell(target),
                    cell(correctedTo));
        }
    }

    /**
     * An episode.
     *
     * @param record to which it belongs
     * @param child first name
     * @param card title; empty where there was none
     * @param author who watched
     * @param episode what was worked out
     */
    public record Episode(
            UUID record, String child, String card, String author, app.carder.core.watch.Episode episode) {

        /** In the order of the columns. */
        public List<String> cells() {
            return List.of(
                    record.toString(),
                    child,
                    card,
                    author,
                    episode.began().name(),
                    episode.startsAt().toString(),
                    episode.endsAt().toString(),
                    episode.ended().name(),
                    seconds(episode.engaged()),
                    seconds(episode.longestStretch()),
                    Integer.toString(episode.stretches().size()),
                    brokenBy(Who.ADULT),
                    brokenBy(Who.CHILD),
                    episode.interruptions().stream()
                            .map(interruption -> interruption
                                    .returnedAfter()
                                    .map(WatchFile::seconds)
                                    .orElse("-"))
                            .collect(Collectors.joining(" ")),
                    Integer.toString(episode.repeats()),
                    Integer.toString(episode.lookUps()));
        }

        private String brokenBy(Who who) {
            return Long.toString(episode.interruptions().stream()
                    .filter(interruption -> interruption.who() == who)
                    .count());
        }
    }

    /** As JSON. */
    public static String write(WatchFile file) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("format", "carder-watched");
        json.put("version", 1);
        json.put(
                "events",
                file.events.stream()
                        .map(one -> named(EVENT_COLUMNS, one.cells()))
                        .toList());
        json.put(
                "episodes",
                file.episodes.stream()
                        .map(one -> named(EPISODE_COLUMNS, one.cells()))
                        .toList());
        return MAPPER.writeValueAsString(json);
    }

    private static Map<String, String> named(List<String> columns, List<String> cells) {
        Map<String, String> named = new LinkedHashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            if (!cells.get(i).isEmpty()) {
                named.put(columns.get(i), cells.get(i));
            }
        }
        return named;
    }

    private static String seconds(Duration length) {
        return Long.toString(length.toSeconds());
    }

    private static String cell(Optional<?> value) {
        return value.map(Object::toString).orElse("");
    }
}
