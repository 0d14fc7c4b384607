package app.carder.fault;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.fault.Attacks.Named;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A running instance is attacked by a manager and by strangers at once, while another setting works and a tablet sends its records. Prints
 * what was tried and the times that were met.
 */
final class Siege {

    private static final Duration PATIENCE = Duration.ofSeconds(120);
    private static final int RECORDS = 200;
    private static final long MOST_LEFT_MEGABYTES = 120;
    private static final Duration PAGE_AT_MOST = Duration.ofSeconds(1);
    private static final int SLOWEST = 5;
    private static final long HUNDREDTH_OF_A_SECOND = 10;

    private final Stage stage;
    private final boolean isLong;
    private final int hands;
    private final int rounds;

    Siege(Stage stage, boolean isLong) {
        this.stage = stage;
        this.isLong = isLong;
        this.hands = isLong ? 6 : 2;
        this.rounds = isLong ? 5 : 1;
    }

    /** What came of one attack. */
    private static final class Outcome {
        private final Map<Integer, Integer> answers = new TreeMap<>();
        private long slowestMillis;

        synchronized void add(int status, long millis) {
            answers.merge(status, 1, Integer::sum);
            slowestMillis = Math.max(slowestMillis, millis);
        }

        /** 405 and 415 would mean that the attack went past its aim. */
        synchronized boolean broke() {
            return answers.keySet().stream().anyMatch(status -> status >= 500 || status == 405 || status == 415);
        }

        @Override
        public synchronized String toString() {
            return String.format(Locale.ROOT, "%7d ms  %s", slowestMillis, answers);
        }
    }

    private final Map<String, Outcome> outcomes = new ConcurrentHashMap<>();

    /** Nobody is shut out, nothing is lost, nothing breaks, and the memory comes back; the tablet that sent meanwhile. */
    Tablet withstand() throws Exception {
        UUID room = id(stage, "select id from room where name = 'Loft'");
        UUID pier = id(stage, "select id from room where name = 'Pier'");
        UUID child = id(stage, "select id from child where given_name = 'Anouk'");
        Tablet tablet = new Tablet(stage.address(), 7);
        tablet.signIn("hamish");
        tablet.record(room, List.of(child), RECORDS, 5);
        Visitor neighbour = new Visitor(stage.address(), PATIENCE);
        neighbour.signIn("teodor");
        List<String> pages = List.of("/", "/rooms/" + pier + "/cards", "/rooms/" + pier + "/week", "/materials");
        // What a page takes when nothing else happens is of the machine, and of its first time.
        pages.forEach(page -> look(neighbour, page));
        long before = stage.megabytesInUse();

        AtomicBoolean over = new AtomicBoolean();
        List<Wait> waits = Collections.synchronizedList(new ArrayList<>());
        ExecutorService bystanders = Executors.newFixedThreadPool(2);
        var works = bystanders.submit(() -> {
            for (int at = 0; !over.get(); at++) {
                waits.add(look(neighbour, pages.get(at % pages.size())));
                TimeUnit.MILLISECONDS.sleep(100);
            }
            return waits.size();
        });
        var sends = bystanders.submit(() -> {
            while (tablet.exchange() != Tablet.Outcome.EMPTY) {
                TimeUnit.MILLISECONDS.sleep(50);
            }
            return tablet.waiting();
        });
        attack(stage, new Attacks(room, child));
        over.set(true);
        assertThat(works.get(2, TimeUnit.MINUTES)).as("pages of the neighbour").isPositive();
        assertThat(sends.get(2, TimeUnit.MINUTES)).as("records that wait yet").isZero();
        bystanders.shutdownNow();

        print(waits, before, stage);
        assertThat(stage.isApplicationAlive()).isTrue();
        assertThat(outcomes)
                .allSatisfy((name, outcome) ->
                        assertThat(outcome.broke()).as("%s: %s", name, outcome).isFalse());
        assertThat(kept(stage, tablet.events)).as("records").isEqualTo(RECORDS);
        assertThat(stage.megabytesInUse() - before)
                .as("megabytes that did not come back")
                .isLessThan(MOST_LEFT_MEGABYTES);
        if (isLong) {
            assertThat(waits).allSatisfy(wait -> assertThat(wait.ownMillis()).isLessThan(PAGE_AT_MOST.toMillis()));
        }
        return tablet;
    }

    /** Several hands, each going through all of it in an order of its own. */
    private void attack(Stage stage, Attacks attacks) throws Exception {
        ExecutorService attackers = Executors.newFixedThreadPool(hands + 1);
        List<java.util.concurrent.Future<?>> running = new ArrayList<>();
        for (int hand = 0; hand < hands; hand++) {
            Visitor manager = new Visitor(stage.address(), PATIENCE);
            manager.signIn("imelda");
            running.add(attackers.submit(() -> each(attacks.ofStaff(), manager)));
        }
        Visitor stranger = new Visitor(stage.address(), PATIENCE);
        stranger.contact();
        running.add(attackers.submit(() -> each(attacks.ofStrangers(), stranger)));
        for (var one : running) {
            one.get(25, TimeUnit.MINUTES);
        }
        attackers.shutdownNow();
    }

    private void each(List<Named> attacks, Visitor visitor) {
        List<Named> shuffled = new ArrayList<>(attacks);
        for (int round = 0; round < rounds; round++) {
            Collections.shuffle(shuffled);
            for (Named attack : shuffled) {
                Outcome outcome = outcomes.computeIfAbsent(attack.name(), name -> new Outcome());
                long began = System.nanoTime();
                int status;
                try {
                    status = attack.attack().by(visitor);
                } catch (IOException cutOff) {
                    // The connection was ended while there was still something to send: refused too.
                    status = 0;
                } catch (InterruptedException stopped) {
                    Thread.currentThread().interrupt();
                    return;
                }
                outcome.add(status, (System.nanoTime() - began) / 1_000_000);
            }
        }
    }

    private static Wait look(Visitor visitor, String page) {
        long[] before = stolenMillis();
        long began = System.nanoTime();
        try {
            assertThat(visitor.get(page).statusCode()).as(page).isEqualTo(200);
        } catch (IOException | InterruptedException shutOut) {
            throw new AssertionError(page, shutOut);
        }
        long took = (System.nanoTime() - began) / 1_000_000;
        long[] after = stolenMillis();
        // What was taken from all of them: where one was left, a program could run.
        long stolen = IntStream.range(0, before.length)
                .mapToLong(processor -> after[processor] - before[processor])
                .min()
                .orElse(0);
        return new Wait(took, stolen);
    }

    /**
     * For a page.
     *
     * @param millis until it was there
     * @param stolenMillis how long every processor of this machine was given to other machines on the same host meanwhile
     */
    private record Wait(long millis, long stolenMillis) {

        /** What is Carder's: nobody's program runs while its processors are taken away. */
        long ownMillis() {
            return millis - stolenMillis;
        }
    }

    /** Since the machine began, for each processor. */
    private static long[] stolenMillis() {
        try (Stream<String> lines = Files.lines(Path.of("/proc/stat"))) {
            return lines.filter(line -> line.matches("cpu\\d.*"))
                    .mapToLong(line -> Long.parseLong(line.split(" +")[8]) * HUNDREDTH_OF_A_SECOND)
                    .toArray();
        } catch (IOException notLinux) {
            return new long[0];
        }
    }

    private void print(List<Wait> waits, long before, Stage stage) throws Exception {
        StringBuilder told =
                new StringBuilder("What was tried, how long the slowest took, and the answers (0: cut off):\n");
        outcomes.entrySet().stream()
                .sorted(Comparator.comparing(Map.Entry::getKey))
                .forEach(one -> told.append("  %-60.60s %s%n".formatted(one.getKey(), one.getValue())));
        List<Wait> sorted =
                waits.stream().sorted(Comparator.comparing(Wait::millis)).toList();
        told.append("Pages of another setting meanwhile: %d, half within %d ms, 99 of 100 within %d ms%n"
                .formatted(
                        sorted.size(),
                        sorted.get(sorted.size() / 2).millis(),
                        sorted.get((int) (sorted.size() * 0.99)).millis()));
        sorted.stream()
                .skip(Math.max(0, sorted.size() - SLOWEST))
                .forEach(wait ->
                        told.append("  among the slowest: %d ms, while the host took the processors away for %d ms%n"
                                .formatted(wait.millis(), wait.stolenMillis())));
        told.append("Heap in use: %d MB before, %d MB after, of 512%n".formatted(before, stage.megabytesInUse()));
        System.out.print(told);
    }

    private static UUID id(Stage stage, String query) throws Exception {
        try (Connection connection = stage.database();
                ResultSet rows = connection.createStatement().executeQuery(query)) {
            rows.next();
            return rows.getObject(1, UUID.class);
        }
    }

    private static int kept(Stage stage, List<UUID> events) throws Exception {
        try (Connection connection = stage.database();
                var query = connection.prepareStatement("select count(*) from watch_entry where id = any (?)")) {
            query.setArray(1, connection.createArrayOf("uuid", events.toArray()));
            ResultSet rows = query.executeQuery();
            rows.next();
            return rows.getInt(1);
        }
    }
}
