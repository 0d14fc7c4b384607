package app.carder.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.Timeout;

/**
 * An instance with 512 MB of heap under attack, and with twenty tablets over a bad network while it is killed and the database crashes.
 * Short within the tests, long with {@code ./carder attack} and {@code ./carder torture}.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@Order(1)
class FaultTest {

    private static final int TABLETS = 20;
    /** All of the Loft, whose children and photos they are. */
    private static final List<String> STAFF = List.of("hamish", "tobias", "imelda");

    private final boolean isLong = Boolean.getBoolean("carder.torture");
    private final int eventsEach = (isLong ? 10_000 : 1_000) / TABLETS;
    private final int photosEach = (isLong ? 300 : 40) / TABLETS;
    private final Duration longest = isLong ? Duration.ofMinutes(20) : Duration.ofMinutes(4);

    private final List<Tablet> earlier = new ArrayList<>();
    private Stage stage;

    @BeforeAll
    void begin() throws Exception {
        stage = new Stage(List.of("-Xmx512m", "-XX:+ExitOnOutOfMemoryError"));
    }

    @AfterAll
    void end() throws Exception {
        if (stage != null) {
            stage.close();
        }
    }

    @Test
    @Order(0)
    void aMonitorIsToldHowItStandsAndNothingAboutChildren() throws Exception {
        String health = stage.monitor("/actuator/health");
        String metrics = stage.monitor("/actuator/prometheus");
        String log = String.join("\n", stage.log());

        assertThat(health)
                .contains(
                        "\"db\"",
                        "\"diskSpace\"",
                        "\"mailQueue\"",
                        "\"jobs\"",
                        "\"photos\"",
                        "\"backup\":{\"details\":{\"last\":\"never\"},\"status\":\"DOWN\"}");
        assertThat(metrics).contains("jvm_memory_used_bytes", "hikaricp_connections_active");
        assertThat(stage.log())
                .allSatisfy(line -> assertThat(line).startsWith("{").endsWith("}"));
        assertThat(health + metrics + log).doesNotContain("Anouk", "Bram", "Hamish", "hamish");
        assertThat(stage.monitor("/actuator/env")).doesNotContain("carder.demo");
    }

    @Test
    @Order(1)
    @Timeout(value = 30, unit = TimeUnit.MINUTES)
    void underAttackNobodyIsShutOutNothingIsLostAndTheMemoryComesBack() throws Exception {
        earlier.add(new Siege(stage, Boolean.getBoolean("carder.attack")).withstand());
    }

    @Test
    @Order(2)
    @Timeout(value = 40, unit = TimeUnit.MINUTES)
    void everyEventIsThereOnceAndEveryPhotoWhole() throws Exception {
        List<Tablet> tablets = tablets(stage);
        int all = tablets.stream().mapToInt(Tablet::waiting).sum();
        int crashes = isLong ? 3 : 1;
        // The faults come when so many items have arrived, spread over all of them.
        List<CompletableFuture<Void>> moments = Stream.generate(() -> new CompletableFuture<Void>())
                .limit(2L * crashes)
                .toList();
        AtomicInteger arrived = new AtomicInteger();
        tablets.forEach(tablet -> tablet.onKept(() -> {
            int now = arrived.incrementAndGet();
            for (int i = 0; i < moments.size(); i++) {
                if (now >= all * (i + 1) / (moments.size() + 1)) {
                    moments.get(i).complete(null);
                }
            }
        }));
        ScheduledExecutorService hands = Executors.newScheduledThreadPool(TABLETS);
        List<CompletableFuture<Void>> empty = new ArrayList<>();
        for (Tablet tablet : tablets) {
            CompletableFuture<Void> emptied = new CompletableFuture<>();
            empty.add(emptied);
            hands.execute(() -> work(tablet, hands, emptied));
        }
        for (int i = 0; i < moments.size(); i++) {
            stage.await(moments.get(i), longest);
            if (i % 2 == 0) {
                stage.killApplication();
            } else {
                stage.crashDatabase();
            }
        }
        stage.await(CompletableFuture.allOf(empty.toArray(CompletableFuture[]::new)), longest);
        hands.shutdownNow();

        verify(stage, Stream.concat(earlier.stream(), tablets.stream()).toList(), crashes);
    }

    private List<Tablet> tablets(Stage stage) throws Exception {
        List<Tablet> tablets = new ArrayList<>();
        for (int i = 0; i < TABLETS; i++) {
            Tablet tablet = new Tablet(stage.address(), i);
            tablet.signIn(STAFF.get(i % STAFF.size()));
            UUID room = ids(stage, "select id from room where name = 'Loft'").get(0);
            List<UUID> children = ids(stage, "select id from child where room_id = '" + room + "' order by id");
            tablet.record(room, children, eventsEach, photosEach);
            tablets.add(tablet);
        }
        return tablets;
    }

    /** Exchanges until nothing is left; after a failure the tablet waits, as the real one does. */
    @SuppressWarnings("FutureReturnValueIgnored")
    private static void work(Tablet tablet, ScheduledExecutorService hands, CompletableFuture<Void> emptied) {
        switch (tablet.exchange()) {
            case EMPTY -> emptied.complete(null);
            case ANSWERED -> hands.execute(() -> work(tablet, hands, emptied));
            case FAILED -> hands.schedule(() -> work(tablet, hands, emptied), 200, TimeUnit.MILLISECONDS);
        }
    }

    private static void verify(Stage stage, List<Tablet> tablets, int crashes) throws Exception {
        List<UUID> sent = new ArrayList<>();
        List<UUID> photos = new ArrayList<>();
        List<UUID> observations = new ArrayList<>();
        tablets.forEach(tablet -> {
            sent.addAll(tablet.events);
            photos.addAll(tablet.photos);
            observations.addAll(tablet.observations);
        });
        List<UUID> kept = ids(
                stage,
                "select id from watch_entry where author_name <> '' and kind = 'TAP' and device_id in (select id from device)");
        List<UUID> keptPhotos = ids(
                stage,
                "select p.id from photo p join observation o on o.id = p.observation_id where o.note = 'Held the string.'");
        List<UUID> keptObservations = ids(stage, "select id from observation where note = 'Held the string.'");
        List<UUID> childrenOfThem = ids(
                stage,
                "select c.observation_id from observation_child c join observation o on o.id = c.observation_id where o.note = 'Held the string.'");
        int whole = 0;
        for (Tablet tablet : tablets) {
            for (UUID photo : tablet.photos) {
                whole += isWhole(tablet.original(photo), tablet.picture(photo)) ? 1 : 0;
            }
        }
        System.out.printf(
                "events:  sent %d, kept %d, doubled %d, lost %d%n"
                        + "photos:  sent %d, kept %d, doubled %d, lost %d, whole %d%n"
                        + "network: %d requests, %d cut, %d doubled; application killed %d, database crashed %d%n",
                sent.size(),
                kept.size(),
                doubled(kept),
                lost(sent, kept),
                photos.size(),
                keptPhotos.size(),
                doubled(keptPhotos) + Math.max(0, keptPhotos.size() - photos.size()),
                lost(photos, keptPhotos),
                whole,
                tablets.stream().mapToLong(tablet -> tablet.requests.get()).sum(),
                tablets.stream().mapToLong(tablet -> tablet.cut.get()).sum(),
                tablets.stream().mapToLong(tablet -> tablet.repeated.get()).sum(),
                crashes,
                crashes);
        assertThat(kept).containsExactlyInAnyOrderElementsOf(sent);
        assertThat(keptPhotos).containsExactlyInAnyOrderElementsOf(photos);
        assertThat(keptObservations).containsExactlyInAnyOrderElementsOf(observations);
        assertThat(childrenOfThem).containsExactlyInAnyOrderElementsOf(observations);
        assertThat(whole).isEqualTo(photos.size());
    }

    /** The same size, and nearly the same colours: it was written anew as a JPEG. */
    private static boolean isWhole(byte[] sent, byte[] served) throws Exception {
        BufferedImage before = ImageIO.read(new ByteArrayInputStream(sent));
        BufferedImage after = ImageIO.read(new ByteArrayInputStream(served));
        if (after == null || before.getWidth() != after.getWidth() || before.getHeight() != after.getHeight()) {
            return false;
        }
        long difference = 0;
        for (int y = 0; y < before.getHeight(); y++) {
            for (int x = 0; x < before.getWidth(); x++) {
                difference += Math.abs((before.getRGB(x, y) >> 8 & 0xff) - (after.getRGB(x, y) >> 8 & 0xff));
            }
        }
        // Two different pictures of noise are about 85 apart.
        return difference / ((double) before.getWidth() * before.getHeight()) < 60;
    }

    private static int doubled(List<UUID> ids) {
        return ids.size() - Set.copyOf(ids).size();
    }

    private static int lost(List<UUID> sent, List<UUID> kept) {
        Set<UUID> missing = new HashSet<>(sent);
        missing.removeAll(Set.copyOf(kept));
        return missing.size();
    }

    private static List<UUID> ids(Stage stage, String sql) throws Exception {
        try (Connection connection = stage.database();
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            List<UUID> ids = new ArrayList<>();
            while (rows.next()) {
                ids.add(rows.getObject(1, UUID.class));
            }
            return ids;
        }
    }
}
