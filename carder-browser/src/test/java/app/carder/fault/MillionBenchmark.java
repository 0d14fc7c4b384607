package app.carder.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.Statement;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * How long a page takes with the demo data, and with a million observations in 200 settings beside and below it; run by {@code ./carder
 * bench million}. It measures and asserts no time.
 */
@EnabledIfSystemProperty(named = "carder.bench.million", matches = "true")
class MillionBenchmark {

    private static final int WARM_UP = 60;
    private static final int RUNS = 100;

    /** Settings with a room, its children and nobody who signs in; then observations everywhere, 5,000 in each setting over two years. */
    private static final List<String> MORE = List.of(
            "create temporary table more as select n, gen_random_uuid() as setting_id, gen_random_uuid() as room_id"
                    + " from generate_series(1, 199) n",
            "insert into setting select (jsonb_populate_record(s, jsonb_build_object('id', more.setting_id, 'name', 'Setting ' || more.n))).*"
                    + " from setting s, more where s.name like 'Quillmere%'",
            "insert into room select (jsonb_populate_record(r, jsonb_build_object('id', more.room_id, 'setting_id', more.setting_id))).*"
                    + " from room r, more where r.name = 'Loft'",
            "insert into child select (jsonb_populate_record(c, jsonb_build_object('id', gen_random_uuid(), 'setting_id', more.setting_id,"
                    + " 'room_id', more.room_id, 'key_person_id', null))).* from child c join room r on r.id = c.room_id, more"
                    + " where r.name = 'Loft'",
            "create temporary table whom as select c.setting_id, c.room_id, c.id as child_id,"
                    + " row_number() over (partition by c.setting_id order by c.id) - 1 as at,"
                    + " count(*) over (partition by c.setting_id) as many from child c join room r on r.id = c.room_id where r.name = 'Loft'",
            "create temporary table words as select array['rice','lentils','pouring','poured','jug','funnel','tray','spoon','counted','three',"
                    + "'water','tower','blocks','balanced','rolled','ramp','leaves','sorted','colour','threaded','beads','pegs','sang','listened',"
                    + "'shared','waited','turn','carried','filled','emptied','scooped','stirred','dough','pressed','pattern','boxes','parcel',"
                    + "'bridge','magnet','shadow','torch','mirror','sand','shells','mud','puddle','climbed','crawled','hid','found'] as all",
            "create temporary table much as select gen_random_uuid() as id, w.setting_id, w.room_id, w.child_id, n,"
                    + " timestamptz 'now' - make_interval(mins => (n * 210 + 13)::int) as observed_at,"
                    + " (select string_agg(words.all[1 + ((n * 7919 + w.at * 104729 + k * 31 * (1 + n % 17)) % 50)::int], ' ')"
                    + " from words, generate_series(1, 18) k) as note"
                    + " from generate_series(1, 5000) n join whom w on w.at = n % w.many",
            "insert into observation (id, setting_id, version, room_id, card_id, author_id, author_name, note, involvement, areas, statements,"
                    + " observed_at, received_at, framework_code, framework_version) select m.id, m.setting_id, 0, m.room_id,"
                    + " (select p.id from card p where p.setting_id = m.setting_id order by p.id offset m.n % 10 limit 1),"
                    + " o.author_id, o.author_name, m.note, 1 + m.n % 5, o.areas, o.statements, m.observed_at, m.observed_at, o.framework_code,"
                    + " o.framework_version from much m, (select o.* from observation o join room r on r.id = o.room_id where r.name = 'Loft'"
                    + " order by o.id limit 1) o",
            "insert into observation_child select gen_random_uuid(), setting_id, id, child_id, observed_at from much",
            "analyze");

    @Test
    @Timeout(value = 60, unit = TimeUnit.MINUTES)
    void printsHowLongPagesTakeWithLittleAndWithMuch() throws Exception {
        try (Stage stage = new Stage(List.of())) {
            Visitor visitor = new Visitor(stage.address(), Duration.ofSeconds(60));
            visitor.signIn("tobias");
            Map<String, String> pages = pages(visitor);
            Map<String, double[]> little = times(visitor, pages);
            long observations;
            try (Connection database = stage.database();
                    Statement statement = database.createStatement()) {
                for (String sql : MORE) {
                    statement.execute(sql);
                }
                try (var count = statement.executeQuery("select count(*) from observation")) {
                    count.next();
                    observations = count.getLong(1);
                }
            }
            Map<String, double[]> much = times(visitor, pages);
            System.out.printf("%d observations%n", observations);
            System.out.printf("| %-34s | little: median | 95th | much: median | 95th |%n", "page");
            pages.keySet()
                    .forEach(page -> System.out.printf(
                            Locale.ROOT,
                            "| %-34s | %.1f | %.1f | %.1f | %.1f |%n",
                            page,
                            at(little, page, 50),
                            at(little, page, 95),
                            at(much, page, 50),
                            at(much, page, 95)));
            assertThat(observations).isGreaterThan(990_000);
        }
    }

    private static Map<String, String> pages(Visitor visitor) throws Exception {
        String room =
                PageBenchmark.first("/rooms/[0-9a-f-]{36}", visitor.get("/").body());
        String child = PageBenchmark.first(
                "/children/[0-9a-f-]{36}", visitor.get(room + "/children").body());
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("Today", "/");
        pages.put("the week", room + "/week");
        pages.put("a child's page", child);
        pages.put("a child's play over weeks", child + "/play");
        pages.put(
                "a card",
                PageBenchmark.first(
                        "/cards/[0-9a-f-]{36}", visitor.get(room + "/cards").body()));
        pages.put("children of a room", room + "/children");
        pages.put("find: a name", "/find?q=an");
        pages.put("find: one word", "/find?q=lentils");
        pages.put("find: three words, one begun", "/find?q=pouring+rice+fun");
        pages.put("find: a word, a month", "/find?q=tray&from=2026-01-01&until=2026-12-31");
        return pages;
    }

    private static Map<String, double[]> times(Visitor visitor, Map<String, String> pages) throws Exception {
        Map<String, double[]> times = new LinkedHashMap<>();
        for (Map.Entry<String, String> page : pages.entrySet()) {
            double[] each = new double[RUNS];
            for (int run = -WARM_UP; run < RUNS; run++) {
                long start = System.nanoTime();
                HttpResponse<String> answer = visitor.get(page.getValue());
                if (answer.statusCode() != 200) {
                    throw new IllegalStateException(page.getValue() + " answered " + answer.statusCode());
                }
                if (run >= 0) {
                    each[run] = (System.nanoTime() - start) / 1e6;
                }
            }
            Arrays.sort(each);
            times.put(page.getKey(), each);
        }
        return times;
    }

    private static double at(Map<String, double[]> times, String page, int percent) {
        return times.get(page)[RUNS * percent / 100];
    }
}
