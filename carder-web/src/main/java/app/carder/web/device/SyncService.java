package app.carder.web.device;

import app.carder.core.attendance.Pressed;
import app.carder.core.watch.DeviceClock;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.attendance.AttendanceService;
import app.carder.web.card.CardService;
import app.carder.web.children.ChildService;
import app.carder.web.device.SyncAnswer.Result;
import app.carder.web.media.PhotoRefused;
import app.carder.web.media.PhotoService;
import app.carder.web.page.LimitProperties;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import app.carder.web.watchlog.EntryDetails;
import app.carder.web.watchlog.WatchLogService;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.MessageSource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes in what devices send: in order, each item once, however often it comes. An item that makes no sense is refused
 * by itself and does not hold up the rest.
 */
@Service
class SyncService {

    private static final Logger LOG = LoggerFactory.getLogger(SyncService.class);

    private final DeviceService devices;
    private final WatchLogService watchLog;
    private final ObservationService observations;
    private final PhotoService photos;
    private final Uploads uploads;
    private final SealKeys keys;
    private final DeviceSignInService signIns;
    private final RefusedItems refusedItems;
    private final RoomService rooms;
    private final ChildService children;
    private final AttendanceService attendance;
    private final RoomBorder border;
    private final CardService deck;
    private final JsonMapper json;
    private final MessageSource messages;
    private final LimitProperties limits;
    private final SettingService settings;
    private final Clock clock;

    SyncService(
            DeviceService devices,
            WatchLogService watchLog,
            ObservationService observations,
            PhotoService photos,
            Uploads uploads,
            SealKeys keys,
            DeviceSignInService signIns,
            RefusedItems refusedItems,
            RoomService rooms,
            ChildService children,
            AttendanceService attendance,
            RoomBorder border,
            CardService deck,
            JsonMapper json,
            MessageSource messages,
            LimitProperties limits,
            SettingService settings,
            Clock clock) {
        this.devices = devices;
        this.watchLog = watchLog;
        this.observations = observations;
        this.photos = photos;
        this.uploads = uploads;
        this.keys = keys;
        this.signIns = signIns;
        this.refusedItems = refusedItems;
        this.rooms = rooms;
        this.children = children;
        this.attendance = attendance;
        this.border = border;
        this.deck = deck;
        this.json = json;
        this.messages = messages;
        this.limits = limits;
        this.settings = settings;
        this.clock = clock;
    }

    SyncAnswer take(Viewer viewer, SyncRequest request) {
        boolean revoked = devices.met(viewer, request.device(), request.name(), request.unsent(), request.clock());
        Delivery delivery = new Delivery(viewer, request);
        List<JsonNode> items = request.items().stream().limit(limits.items()).toList();
        items.forEach(delivery::take);
        return new SyncAnswer(clock.instant(), revoked, delivery.results(items));
    }

    /** One request: what several people have written, brought by whoever has the device now. */
    private final class Delivery {
        private final Viewer bringer;
        private final SyncRequest request;
        private final Map<UUID, Batch> byAuthor = new LinkedHashMap<>();
        private final Map<String, Opened> opened = new HashMap<>();
        private final Map<String, Result> broken = new HashMap<>();

        Delivery(Viewer bringer, SyncRequest request) {
            this.bringer = bringer;
            this.request = request;
        }

        void take(JsonNode item) {
            if (!item.path("type").asString("").equals("sealed")) {
                of(bringer).take(item);
                return;
            }
            String id = id(item);
            try {
                Opened found = open(item);
                opened.put(id, found);
                of(found.author()).take(found.item());
            } catch (SealBroken | JacksonException unreadable) {
                LOG.info("A sealed item of device {} cannot be opened", request.device());
                broken.put(id, refused(id, "sync.unreadable"));
            }
        }

        private Batch of(Viewer author) {
            return byAuthor.computeIfAbsent(
                    author.personId(),
                    id -> new Batch(
                            author,
                            bringer,
                            request.device(),
                            request.clock()
                                    .against(settings.get(author.settingId()).clockAhead())));
        }

        List<Result> results(List<JsonNode> items) {
            byAuthor.values().forEach(Batch::flush);
            return items.stream().map(this::result).toList();
        }

        /** What was refused of somebody's is kept for them alone: whoever brought it learns that it is off the device. */
        private Result result(JsonNode item) {
            String id = id(item);
            Opened sealed = opened.get(id);
            if (sealed == null) {
                return Optional.ofNullable(broken.get(id))
                        .orElseGet(() -> of(bringer).result(item));
            }
            Result result = of(sealed.author()).result(sealed.item());
            if (result.state() != SyncAnswer.State.REFUSED) {
                return result;
            }
            String kind = sealed.item().path("type").asString("");
            refusedItems.save(
                    sealed.author(),
                    UUID.fromString(id),
                    new RefusedItem.Refusal(
                            kind,
                            result.why(),
                            sealed.item().path(kind).path("note").asString(""),
                            sealed.item().toString()));
            return new Result(id, SyncAnswer.State.REFUSED, "");
        }

        /** What it gets at its delivery only, its place in the queue and where its file lies, stands outside of the seal. */
        private Opened open(JsonNode item) throws SealBroken {
            String id = id(item);
            if (!item.path("sealed").isObject()) {
                throw new SealBroken("There is nothing sealed in it.");
            }
            byte[] bytes = open(json.treeToValue(item.path("sealed"), Sealed.class), id);
            JsonNode inside = json.readTree(bytes);
            Viewer author = signIns.author(inside.path("ticket").asString(""))
                    .orElseThrow(() -> new SealBroken("Nobody wrote it."));
            if (!(inside.path("item") instanceof ObjectNode found) || !id(found).equals(id) || !isId(id)) {
                throw new SealBroken("Its two ids differ.");
            }
            if (found.path("entry") instanceof ObjectNode entry) {
                entry.set("sequence", item.path("sequence"));
            }
            if (found.path("photo") instanceof ObjectNode photo) {
                photo.set("upload", item.path("upload"));
            }
            return new Opened(author, found);
        }

        private byte[] open(Sealed sealed, String id) throws SealBroken {
            try {
                return keys.open(sealed, id, sealed.dataBytes());
            } catch (IllegalArgumentException noBase64) {
                throw new SealBroken("It is no base64url.", noBase64);
            }
        }
    }

    /** An item that was sealed, and whoever wrote it. */
    private record Opened(Viewer author, JsonNode item) {}

    private static boolean isId(String text) {
        try {
            return UUID.fromString(text).toString().equals(text);
        } catch (IllegalArgumentException noId) {
            return false;
        }
    }

    private static String id(JsonNode item) {
        return item.path("id").asString("");
    }

    /** What one person wrote of one request: entries that follow each other are written together. */
    private final class Batch {
        private final Viewer viewer;
        private final Viewer bringer;
        private final UUID deviceId;
        private final DeviceClock deviceClock;
        /** By the id of the item. */
        private final Map<String, Result> results = new HashMap<>();

        private final List<EntryDetails> waiting = new ArrayList<>();
        private final Map<UUID, Optional<RoomView>> roomsById = new HashMap<>();

        Batch(Viewer viewer, Viewer bringer, UUID deviceId, DeviceClock deviceClock) {
            this.viewer = viewer;
            this.bringer = bringer;
            this.deviceId = deviceId;
            this.deviceClock = deviceClock;
        }

        void take(JsonNode item) {
            String id = id(item);
            // Entries wait to be written together; until then this holds their place.
            results.put(id, refused(id, "sync.entry"));
            try {
                switch (item.path("type").asString("")) {
                    case "entry" -> waiting.add(read(item, "entry", EntryDetails.class, EntryDetails::id));
                    case "snapshot" -> {
                        SnapshotItem snapshot = read(item, "snapshot", SnapshotItem.class, SnapshotItem::id);
                        flush();
                        results.put(id, snapshot(snapshot));
                    }
                    case "register" ->
                        results.put(id, register(read(item, "register", RegisterItem.class, RegisterItem::id)));
                    case "photo" -> {
                        PhotoItem photo = read(item, "photo", PhotoItem.class, PhotoItem::id);
                        flush();
                        results.put(id, photo(photo));
                    }
                    default -> results.put(id, refused(id, "sync.unknown"));
                }
            } catch (JacksonException malformed) {
                // The place only: the fault itself would quote what somebody wrote about a child.
                LOG.info("An item of device {} cannot be read at {}", deviceId, malformed.getPathReference());
                results.put(id, refused(id, "sync.unreadable"));
            }
        }

        Result result(JsonNode item) {
            return Required.from(results, id(item));
        }

        private <T> T read(JsonNode item, String part, Class<T> type, Function<T, UUID> id) {
            if (!item.path(part).isObject()) {
                throw MismatchedInputException.from(null, type, "There is no %s in it.".formatted(part));
            }
            T read = json.treeToValue(item.path(part), type);
            if (!id(item).equals(String.valueOf(id.apply(read)))) {
                throw MismatchedInputException.from(null, type, "Its two ids differ.");
            }
            return read;
        }

        /** Writes the entries that wait. */
        void flush() {
            if (waiting.isEmpty()) {
                return;
            }
            Set<UUID> childIds = known(
                    waiting.stream().map(EntryDetails::child).toList(),
                    ids -> children.byId(viewer.settingId(), ids).keySet());
            Set<UUID> cardIds = known(
                    waiting.stream().map(EntryDetails::card).toList(),
                    ids -> deck.byId(viewer.settingId(), ids).keySet());
            List<EntryDetails> good = waiting.stream()
                    .filter(entry -> isOurs(entry, childIds, cardIds) && WatchLogService.isComplete(entry))
                    .toList();
            Set<UUID> kept = add(good);
            kept.forEach(id -> results.put(id.toString(), Result.kept(id.toString())));
            waiting.clear();
        }

        /** All at once; where one of them collides, because the same is on its way twice, one by one. */
        private Set<UUID> add(List<EntryDetails> entries) {
            try {
                watchLog.add(viewer, deviceId, entries, deviceClock);
                return entries.stream().map(EntryDetails::id).collect(Collectors.toSet());
            } catch (DataIntegrityViolationException sameAtTheSameMoment) {
                return entries.stream()
                        .filter(entry -> isWritten(
                                () -> watchLog.add(viewer, deviceId, List.of(entry), deviceClock),
                                entry.id().toString()))
                        .map(EntryDetails::id)
                        .collect(Collectors.toSet());
            }
        }

        private Result snapshot(SnapshotItem item) {
            String id = item.id().toString();
            Optional<RoomView> room = room(item.room());
            boolean everybodyIsKnown =
                    children.byId(viewer.settingId(), item.everybody()).size()
                            == item.everybody().size();
            boolean cardIsKnown = item.card() == null
                    || !deck.byId(viewer.settingId(), Set.of(item.card())).isEmpty();
            if (room.isEmpty() || !everybodyIsKnown || !cardIsKnown || !item.isComplete()) {
                return refused(id, "sync.snapshot");
            }
            var details = item.details(room.get().framework(), deviceClock, settings.now(viewer.settingId()));
            return isWritten(() -> observations.saveEach(viewer, item.id(), item.room(), item.byChild(), details), id)
                    ? Result.kept(id)
                    : refused(id, "sync.snapshot");
        }

        private Result register(RegisterItem item) {
            String id = item.id().toString();
            UUID child = item.child();
            Instant at = item.at();
            Pressed what = item.what();
            if (!item.isComplete() || child == null || at == null || what == null || !mayNoteOf(child)) {
                return refused(id, "sync.register");
            }
            Instant now = settings.now(viewer.settingId());
            Instant corrected = deviceClock.correct(at);
            return isWritten(() -> attendance.noteAt(viewer, child, corrected.isAfter(now) ? now : corrected, what), id)
                    ? Result.kept(id)
                    : refused(id, "sync.register");
        }

        private boolean mayNoteOf(UUID childId) {
            return Optional.ofNullable(
                            children.byId(viewer.settingId(), Set.of(childId)).get(childId))
                    .filter(child -> border.mayEnter(viewer, List.of(child.roomId())))
                    .isPresent();
        }

        /** Tried twice, because the same may be on its way twice; what still cannot be written never can be. */
        private boolean isWritten(Runnable write, String id) {
            for (int attempt = 0; attempt < 2; attempt++) {
                try {
                    write.run();
                    return true;
                } catch (DataIntegrityViolationException collides) {
                    LOG.info("Item {} of device {} collides", id, deviceId);
                }
            }
            return false;
        }

        private Result photo(PhotoItem item) {
            String id = item.id().toString();
            if (photos.isKnown(viewer.settingId(), item.id())) {
                uploads.delete(bringer, item.upload());
                return Result.kept(id);
            }
            List<UUID> known = observations.known(viewer.settingId(), item.observations());
            if (known.isEmpty()) {
                uploads.delete(bringer, item.upload());
                return refused(id, "sync.photo.alone");
            }
            Optional<Long> length = uploads.finished(bringer, item.upload());
            if (length.isEmpty()) {
                return Result.again(id);
            }
            try {
                var cleaned = photos.clean(() -> file(item), length.get());
                photos.saveForEach(viewer.settingId(), item.id(), known, cleaned);
                uploads.delete(bringer, item.upload());
                return Result.kept(id);
            } catch (PhotoRefused refused) {
                uploads.delete(bringer, item.upload());
                return refused.reason() == PhotoRefused.Reason.BUSY
                        ? Result.again(id)
                        : Result.refused(
                                id,
                                messages.getMessage(
                                        refused.code(), new Object[] {photos.largestMegabytes()}, Locale.UK));
            } catch (DataIntegrityViolationException sameAtTheSameMoment) {
                return Result.again(id);
            }
        }

        /** Its bytes, opened where they were sealed. */
        private InputStream file(PhotoItem item) throws IOException {
            InputStream sent = uploads.open(bringer, item.upload());
            if (item.file() == null) {
                return sent;
            }
            try (sent) {
                return new ByteArrayInputStream(keys.open(item.file(), item.id().toString(), sent.readAllBytes()));
            } catch (SealBroken | IllegalArgumentException unreadable) {
                throw new IOException("A sealed photo does not open.", unreadable);
            }
        }

        private boolean isOurs(EntryDetails entry, Set<UUID> childIds, Set<UUID> cardIds) {
            return room(entry.room())
                    .filter(room -> entry.child() == null || childIds.contains(entry.child()))
                    .filter(room -> entry.card() == null || cardIds.contains(entry.card()))
                    .filter(room -> entry.zone() == null
                            || room.zones().stream().map(ZoneView::id).anyMatch(entry.zone()::equals))
                    .isPresent();
        }

        private Optional<RoomView> room(UUID roomId) {
            return roomsById.computeIfAbsent(roomId, id -> {
                try {
                    return Optional.of(rooms.get(viewer.settingId(), id));
                } catch (NotFound notOurs) {
                    return Optional.empty();
                }
            });
        }
    }

    private static Set<UUID> known(List<UUID> named, Function<Set<UUID>, Set<UUID>> lookUp) {
        Set<UUID> ids = named.stream().filter(Objects::nonNull).collect(Collectors.toSet());
        return ids.isEmpty() ? Set.of() : lookUp.apply(ids);
    }

    private Result refused(String id, String code) {
        return Result.refused(id, messages.getMessage(code, null, Locale.UK));
    }
}
