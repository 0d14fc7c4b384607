package app.carder.fault;

import app.carder.web.kit.Photos;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A tablet that sends what it recorded over a network that fails: requests get lost before or after they arrive, come
 * twice at once and in another order, uploads are cut in the middle. Like the real one it lets nothing go before the
 * server says that it has it.
 */
final class Tablet {

    private static final JsonMapper JSON = new JsonMapper();
    private static final String[] CODES = {"CHOSE", "REPEATED", "ADULT_BROKE_IN", "WENT_BACK", "TALKED", "LEFT"};
    private static final int CHUNK = 20_000;

    final AtomicLong requests = new AtomicLong();
    final AtomicLong cut = new AtomicLong();
    final AtomicLong repeated = new AtomicLong();

    private final Visitor visitor;
    private final Random random;
    private final UUID device = UUID.randomUUID();
    private final Map<UUID, Map<String, Object>> queue = new LinkedHashMap<>();
    private final Map<UUID, byte[]> files = new HashMap<>();
    private final Map<UUID, String> uploads = new HashMap<>();
    private Runnable kept = () -> {};

    /** What was recorded. */
    final List<UUID> events = new ArrayList<>();

    final List<UUID> photos = new ArrayList<>();
    final List<UUID> observations = new ArrayList<>();

    Tablet(String address, int seed) {
        this.visitor = new Visitor(address, Duration.ofSeconds(20));
        this.random = new Random(seed);
    }

    void signIn(String username) throws Exception {
        visitor.signIn(username);
    }

    /** Makes up a day: taps about the children of a room, snapshots, each with a photo. */
    void record(UUID room, List<UUID> children, int taps, int snapshots) {
        UUID record = UUID.randomUUID();
        for (int i = 0; i < taps; i++) {
            UUID id = UUID.randomUUID();
            Map<String, Object> entry = new HashMap<>(Map.of(
                    "id",
                    id,
                    "record",
                    record,
                    "room",
                    room,
                    "sequence",
                    i,
                    "method",
                    "PLAY",
                    "kind",
                    "TAP",
                    "code",
                    CODES[i % CODES.length],
                    "company",
                    "",
                    "words",
                    "",
                    "child",
                    children.get(random.nextInt(children.size()))));
            entry.put("at", Instant.now().minusSeconds(taps - i).toString());
            events.add(id);
            queue.put(id, item(id, "entry", entry));
        }
        for (int i = 0; i < snapshots; i++) {
            UUID snapshot = UUID.randomUUID();
            UUID observation = UUID.randomUUID();
            UUID photo = UUID.randomUUID();
            Map<String, Object> body = new HashMap<>(Map.of(
                    "id",
                    snapshot,
                    "room",
                    room,
                    "note",
                    "Held the string.",
                    "involvement",
                    4,
                    "wellBeing",
                    4,
                    "statements",
                    List.of(),
                    "schemas",
                    List.of(),
                    "nextStep",
                    "",
                    "photos",
                    1));
            body.put(
                    "children",
                    List.of(Map.of("child", children.get(i % children.size()), "observation", observation)));
            body.put("inPhoto", List.of());
            body.put("at", Instant.now().toString());
            queue.put(snapshot, item(snapshot, "snapshot", body));
            queue.put(
                    photo,
                    item(
                            photo,
                            "photo",
                            new HashMap<>(Map.of("id", photo, "upload", "", "observations", List.of(observation)))));
            files.put(photo, Photos.noise(120 + random.nextInt(80), 100));
            observations.add(observation);
            photos.add(photo);
        }
    }

    /** How an exchange went. */
    enum Outcome {
        ANSWERED,
        FAILED,
        /** Nothing is left to send. */
        EMPTY
    }

    /** One exchange over the bad network; what fails is tried again by the next. */
    Outcome exchange() {
        try {
            List<Map<String, Object>> batch = next();
            if (batch.isEmpty()) {
                return Outcome.EMPTY;
            }
            if (batch.get(0).get("type").equals("photo")) {
                upload(batch.get(0));
            }
            if (random.nextInt(4) == 0) {
                Collections.shuffle(batch, random);
            }
            send(batch);
            return Outcome.ANSWERED;
        } catch (IOException | IllegalStateException failed) {
            cut.incrementAndGet();
            return Outcome.FAILED;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return Outcome.FAILED;
        }
    }

    int waiting() {
        return queue.size();
    }

    /** Tells of each item that the server has. */
    void onKept(Runnable hears) {
        kept = hears;
    }

    /** Some items that may go together, mostly the oldest, now and then others: requests overtake each other. */
    private List<Map<String, Object>> next() {
        List<Map<String, Object>> waiting = new ArrayList<>(queue.values());
        int from = random.nextInt(5) == 0 && waiting.size() > 100 ? random.nextInt(waiting.size() / 2) : 0;
        List<Map<String, Object>> batch = new ArrayList<>();
        for (Map<String, Object> item : waiting.subList(from, Math.min(waiting.size(), from + 40))) {
            boolean photo = item.get("type").equals("photo");
            if (photo && batch.isEmpty()) {
                return new ArrayList<>(List.of(item));
            }
            if (photo) {
                break;
            }
            batch.add(item);
        }
        return batch;
    }

    private void send(List<Map<String, Object>> batch) throws IOException, InterruptedException {
        HttpRequest request = visitor.request("/watch/sync")
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(JSON.writeValueAsString(Map.of(
                        "device",
                        device,
                        "name",
                        "Simulated",
                        "clockOffsetMs",
                        0,
                        "clockUncertaintyMs",
                        0,
                        "unsent",
                        queue.size(),
                        "items",
                        batch))))
                .build();
        int luck = random.nextInt(10);
        if (luck == 0) {
            cut.incrementAndGet();
            return;
        }
        requests.incrementAndGet();
        if (luck == 1) {
            repeated.incrementAndGet();
            var twin = visitor.client().sendAsync(request, BodyHandlers.ofString());
            read(visitor.client().send(request, BodyHandlers.ofString()));
            twin.exceptionally(lost -> null).join();
            return;
        }
        HttpResponse<String> answer = visitor.client().send(request, BodyHandlers.ofString());
        if (luck == 2) {
            // It arrived, and the answer got lost: everything is sent again.
            cut.incrementAndGet();
            return;
        }
        read(answer);
    }

    private void read(HttpResponse<String> answer) throws IOException, InterruptedException {
        if (answer.statusCode() != 200) {
            visitor.contact();
            return;
        }
        for (JsonNode result : JSON.readTree(answer.body()).path("results")) {
            UUID id = UUID.fromString(result.path("id").asString());
            switch (result.path("state").asString()) {
                case "KEPT" -> {
                    if (queue.remove(id) != null) {
                        kept.run();
                    }
                }
                case "AGAIN" -> uploads.remove(id);
                default -> {
                    // A photo may overtake its snapshot on this network; anything else would be a fault of ours.
                    if (!files.containsKey(id)) {
                        throw new AssertionError("Refused: " + result);
                    }
                }
            }
        }
    }

    /** By the tus protocol, in chunks, some of them cut in the middle. */
    @SuppressWarnings("unchecked")
    private void upload(Map<String, Object> item) throws IOException, InterruptedException {
        UUID id = (UUID) item.get("id");
        byte[] file = files.get(id);
        if (!uploads.containsKey(id)) {
            HttpResponse<Void> created = visitor.client()
                    .send(
                            tus("/watch/uploads")
                                    .header("Upload-Length", "" + file.length)
                                    .POST(BodyPublishers.noBody())
                                    .build(),
                            BodyHandlers.discarding());
            if (created.statusCode() != 201) {
                throw new IllegalStateException("not created");
            }
            uploads.put(
                    id,
                    URI.create(created.headers().firstValue("Location").orElseThrow())
                            .getPath());
        }
        String upload = uploads.get(id);
        HttpResponse<Void> head = visitor.client()
                .send(tus(upload).method("HEAD", BodyPublishers.noBody()).build(), BodyHandlers.discarding());
        if (head.statusCode() == 404) {
            uploads.remove(id);
            throw new IllegalStateException("upload is gone");
        }
        int offset = Integer.parseInt(head.headers().firstValue("Upload-Offset").orElse("0"));
        while (offset < file.length) {
            int end = Math.min(file.length, offset + CHUNK);
            byte[] chunk = Arrays.copyOfRange(file, offset, end);
            boolean cutOff = random.nextInt(6) == 0;
            HttpResponse<Void> sent = visitor.client()
                    .send(
                            tus(upload)
                                    .header("Upload-Offset", "" + offset)
                                    .header("Content-Type", "application/offset+octet-stream")
                                    .method("PATCH", cutOff ? cutInTheMiddle(chunk) : BodyPublishers.ofByteArray(chunk))
                                    .build(),
                            BodyHandlers.discarding());
            if (sent.statusCode() != 204) {
                throw new IllegalStateException("chunk answered " + sent.statusCode());
            }
            offset = end;
        }
        ((Map<String, Object>) item.get("photo")).put("upload", upload);
    }

    /** Promises the whole chunk and breaks off after a part of it. */
    private HttpRequest.BodyPublisher cutInTheMiddle(byte[] chunk) {
        int part = 1 + random.nextInt(chunk.length);
        return BodyPublishers.fromPublisher(
                BodyPublishers.ofInputStream(() -> new InputStream() {
                    private final InputStream begun = new ByteArrayInputStream(chunk, 0, part);

                    @Override
                    public int read() throws IOException {
                        int next = begun.read();
                        if (next < 0) {
                            throw new IOException("The network is gone.");
                        }
                        return next;
                    }
                }),
                chunk.length);
    }

    /** A photo as the server gives it. */
    byte[] picture(UUID photo) throws Exception {
        return visitor.client()
                .send(visitor.request("/photos/" + photo + "?size=large").build(), BodyHandlers.ofByteArray())
                .body();
    }

    byte[] original(UUID photo) {
        return files.get(photo);
    }

    private HttpRequest.Builder tus(String path) {
        return visitor.request(path).header("Tus-Resumable", "1.0.0");
    }

    private static Map<String, Object> item(UUID id, String type, Map<String, Object> body) {
        return new HashMap<>(Map.of("id", id, "type", type, type, body));
    }
}
