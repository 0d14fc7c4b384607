package app.carder.web.device;

import app.carder.core.framework.Framework;
import app.carder.core.watch.DeviceClock;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.Schema;
import app.carder.core.watch.WellBeing;
import app.carder.web.page.Typed;
import app.carder.web.watch.ObservationDetails;
import app.carder.web.watch.ObservationWords;
import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A snapshot as a device sends it.
 *
 * @param id of the save
 * @param room where
 * @param children who was seen, with the id of the record of each
 * @param note in words
 * @param involvement 1 to 5, or 0
 * @param wellBeing 1 to 5, or 0
 * @param statements codes of the framework
 * @param schemas names of {@link Schema}
 * @param nextStep what to offer next
 * @param card that was out
 * @param inPhoto who can be recognised in its photos
 * @param photos how many photos follow
 * @param at when, by the clock of the device
 */
record SnapshotItem(
        UUID id,
        UUID room,
        List<Seen> children,
        String note,
        int involvement,
        int wellBeing,
        Set<String> statements,
        Set<Schema> schemas,
        String nextStep,
        @Nullable UUID card,
        Set<UUID> inPhoto,
        int photos,
        Instant at) {

    private static final int LONGEST = 4000;

    /**
     * A child and its record.
     *
     * @param child who
     * @param observation id of the record
     */
    record Seen(UUID child, UUID observation) {
        Seen {
            Objects.requireNonNull(child);
            Objects.requireNonNull(observation);
        }
    }

    /** Cleans the words, and makes sure that what every snapshot needs is there. */
    SnapshotItem {
        Objects.requireNonNull(id);
        Objects.requireNonNull(room);
        Objects.requireNonNull(at);
        children = List.copyOf(children);
        statements = Set.copyOf(statements);
        schemas = Set.copyOf(schemas);
        inPhoto = Set.copyOf(inPhoto);
        note = Typed.clean(note);
        nextStep = Typed.clean(nextStep);
    }

    boolean isComplete() {
        return !children.isEmpty()
                && (!note.isBlank() || photos > 0)
                && note.length() <= LONGEST
                && nextStep.length() <= LONGEST
                && involvement >= 0
                && involvement <= 5
                && wellBeing >= 0
                && wellBeing <= 5
                && DeviceClock.canSay(at);
    }

    /** The record of each child. */
    Map<UUID, UUID> byChild() {
        Map<UUID, UUID> byChild = new LinkedHashMap<>();
        children.forEach(seen -> byChild.put(seen.child(), seen.observation()));
        return byChild;
    }

    /** All children that it names. */
    Set<UUID> everybody() {
        Set<UUID> everybody = new HashSet<>(byChild().keySet());
        everybody.addAll(inPhoto);
        return everybody;
    }

    ObservationDetails details(Framework framework, DeviceClock clock, Instant now) {
        Set<String> known = statements.stream()
                .filter(code -> framework.statement(code).isPresent())
                .collect(Collectors.toSet());
        Set<String> areas = known.stream()
                .flatMap(code -> framework.areaOf(code).stream())
                .map(Framework.Area::code)
                .collect(Collectors.toSet());
        Instant corrected = clock.correct(at);
        return new ObservationDetails(
                byChild().keySet(),
                new ObservationWords(
                        note,
                        Optional.of(involvement).filter(level -> level > 0).map(Involvement::ofLevel),
                        Optional.of(wellBeing).filter(level -> level > 0).map(WellBeing::ofLevel),
                        areas,
                        known,
                        schemas,
                        nextStep),
                Optional.ofNullable(card),
                photos > 0 ? inPhoto : Set.of(),
                corrected.isAfter(now) ? now : corrected);
    }
}
