package app.carder.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Pages a second of this build beside those of another one, in turns on the same machine with the same demo data; run by {@code ./carder
 * bench pages}. It measures and asserts no time.
 */
@EnabledIfSystemProperty(named = "carder.bench.pages", matches = ".+")
class PageBenchmark {

    private static final int AT_ONCE = 4;
    private static final int ROUNDS = 5;
    private static final Duration WARM_UP = Duration.ofSeconds(20);
    private static final Duration ROUND = Duration.ofSeconds(5);

    @Test
    @Timeout(value = 60, unit = TimeUnit.MINUTES)
    void printsPagesASecondOfTwoBuilds() throws Exception {
        Map<String, Stage> builds = new LinkedHashMap<>();
        try {
            builds.put("old", Stage.ofLaidOut(Path.of(System.getProperty("carder.bench.pages"))));
            builds.put("new", Stage.ofLaidOut(Path.of(System.getProperty("carder.bench.new"))));
            Map<String, Map<String, String>> addresses = new LinkedHashMap<>();
            for (Map.Entry<String, Stage> build : builds.entrySet()) {
                addresses.put(build.getKey(), pages(build.getValue().address()));
            }
            System.out.printf("%-16s %-4s %9s %8s %8s %8s%n", "page", "", "a second", "median", "95th", "kB");
            for (String page : List.of("Today", "the week", "a child's page", "a card")) {
                for (String build : builds.keySet()) {
                    load(builds, build, addresses, page, WARM_UP);
                }
                Map<String, List<Round>> rounds = new LinkedHashMap<>();
                for (int round = 0; round < ROUNDS; round++) {
                    for (String build : builds.keySet()) {
                        rounds.computeIfAbsent(build, name -> new ArrayList<>())
                                .add(load(builds, build, addresses, page, ROUND));
                    }
                }
                rounds.forEach((build, all) -> {
                    double[] times = all.stream()
                            .flatMapToDouble(one -> Arrays.stream(one.times))
                            .sorted()
                            .toArray();
                    System.out.printf(
                            Locale.ROOT,
                            "%-16s %-4s %9.1f %8.1f %8.1f %8.1f%n",
                            page,
                            build,
                            times.length / (double) (ROUNDS * ROUND.toSeconds()),
                            times[times.length / 2],
                            times[times.length * 95 / 100],
                            all.get(0).bytes / 1000.0);
                });
            }
            assertThat(builds).hasSize(2);
        } finally {
            for (Stage build : builds.values()) {
                build.close();
            }
        }
    }

    private record Round(double[] times, int bytes) {}

    /** Four people open a page as fast as they get it. */
    private static Round load(
            Map<String, Stage> builds,
            String build,
            Map<String, Map<String, String>> addresses,
            String page,
            Duration lasts)
            throws Exception {
        String address = builds.get(build).address();
        String path = addresses.get(build).get(page);
        ExecutorService people = Executors.newFixedThreadPool(AT_ONCE);
        try {
            List<Callable<Round>> tasks = new ArrayList<>();
            for (int person = 0; person < AT_ONCE; person++) {
                Visitor visitor = new Visitor(address, Duration.ofSeconds(30));
                visitor.signIn("tobias");
                tasks.add(() -> {
                    List<Double> times = new ArrayList<>();
                    int bytes = 0;
                    long end = System.nanoTime() + lasts.toNanos();
                    while (System.nanoTime() < end) {
                        long start = System.nanoTime();
                        HttpResponse<String> answer = visitor.get(path);
                        times.add((System.nanoTime() - start) / 1e6);
                        bytes = answer.body().length();
                        if (answer.statusCode() != 200) {
                            throw new IllegalStateException(path + " answered " + answer.statusCode());
                        }
                    }
                    return new Round(
                            times.stream().mapToDouble(Double::doubleValue).toArray(), bytes);
                });
            }
            List<Double> all = new ArrayList<>();
            int bytes = 0;
            for (Future<Round> one : people.invokeAll(tasks)) {
                Arrays.stream(one.get().times).forEach(all::add);
                bytes = one.get().bytes;
            }
            return new Round(all.stream().mapToDouble(Double::doubleValue).toArray(), bytes);
        } finally {
            people.shutdown();
        }
    }

    private static Map<String, String> pages(String address) throws Exception {
        Visitor visitor = new Visitor(address, Duration.ofSeconds(30));
        visitor.signIn("tobias");
        String today = visitor.get("/").body();
        String room = first("/rooms/[0-9a-f-]{36}", today);
        String children = visitor.get(room + "/children").body();
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("Today", "/");
        pages.put("the week", room + "/week");
        pages.put("a child's page", first("/children/[0-9a-f-]{36}", children));
        pages.put(
                "a card",
                first("/cards/[0-9a-f-]{36}", visitor.get(room + "/cards").body()));
        return pages;
    }

    static String first(String pattern, String page) {
        Matcher found = Pattern.compile(pattern).matcher(page);
        assertThat(found.find()).as(pattern).isTrue();
        return found.group();
    }
}
