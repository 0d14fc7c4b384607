package app.carder.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Statement;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * How long a page takes, and its SQL alone, with the demo data, and with a million observations in 200 settings beside and below it; of
 * another build too where one is named; run by {@code ./carder bench million}. It measures and asserts no time.
 */
@EnabledIfSystemProperty(named = "carder.bench.million", matches = "true")
class MillionBenchmark {

    /** Another build, which need not have every page yet. */
    private static final String BEFORE = "before";

    private static final int WARM_UP = 60;
    private static final int RUNS = 100;

    /**
     * Settings with a room, its children and nobody who signs in; then observations everywhere, 5,000 in each setting over two years. Rows
     * are made after one of the demo data's, so that another build takes them too, whatever its tables hold.
     */
    private static final List<String> MORE = List.of(
            // Nobody is told of each row: of all of them once, at the end.
            "set session_replication_role = replica",
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
            "create temporary table played (id uuid, setting_id uuid, nth bigint)",
            "do $$ begin execute 'insert into played select id, setting_id, row_number() over (partition by setting_id order by id) - 1 from '"
                    + " || coalesce(to_regclass('card'), to_regclass('provocation')); end $$",
            "create temporary table much as select gen_random_uuid() as id, w.setting_id, w.room_id, w.child_id, n,"
                    + " timestamptz 'now' - make_interval(mins => (n * 210 + 13)::int) as observed_at,"
                    + " (select string_agg(words.all[1 + ((n * 7919 + w.at * 104729 + k * 31 * (1 + n % 17)) % 50)::int], ' ')"
                    + " from words, generate_series(1, 18) k) as note"
                    + " from generate_series(1, 5000) n join whom w on w.at = n % w.many",
            "do $$ begin execute format($q$insert into observation (%1$s) select %1$s from (select made.* from much m"
                    + " left join played on played.setting_id = m.setting_id and played.nth = m.n %% 10, observation o,"
                    + " lateral jsonb_populate_record(o, jsonb_build_object('id', m.id, 'setting_id', m.setting_id, 'version', 0,"
                    + " 'room_id', m.room_id, 'card_id', played.id, 'provocation_id', played.id, 'note', m.note, 'involvement', 1 + m.n %% 5,"
                    + " 'observed_at', m.observed_at, 'received_at', m.observed_at)) made where o.id = (select o.id from observation o"
                    + " join room r on r.id = o.room_id where r.name = 'Loft' order by o.id limit 1)) whole$q$,"
                    + " (select string_agg(quote_ident(attname), ', ') from pg_attribute where attrelid = 'observation'::regclass"
                    + " and attnum > 0 and not attisdropped and attgenerated = '')); end $$",
            "insert into observation_child select made.* from much m, observation_child o,"
                    + " lateral jsonb_populate_record(o, jsonb_build_object('id', gen_random_uuid(), 'setting_id', m.setting_id,"
                    + " 'observation_id', m.id, 'child_id', m.child_id, 'observed_at', m.observed_at)) made"
                    + " where o.id = (select id from observation_child order by id limit 1)",
            "reset session_replication_role",
            "do $$ begin if to_regclass('setting_change') is not null then update setting_change set people = people + 1,"
                    + " places = places + 1, records = records + 1; end if; end $$",
            "vacuum analyze");

    /** What the database itself took for all statements since they were counted anew, milliseconds, and how many there were. */
    private static final String STATEMENTS =
            "select coalesce(sum(total_exec_time + total_plan_time), 0), coalesce(sum(calls), 0)"
                    + " from pg_stat_statements where dbid = (select oid from pg_database where datname = current_database())"
                    + " and query not like '%pg_stat_statements%'";

    @Test
    @Timeout(value = 60, unit = TimeUnit.MINUTES)
    void printsHowLongPagesTakeWithLittleAndWithMuch() throws Exception {
        Map<String, Callable<Stage>> builds = new LinkedHashMap<>();
        String other = System.getProperty("carder.bench.old", "");
        if (!other.isEmpty()) {
            builds.put(BEFORE, () -> Stage.counting(Path.of(other)));
        }
        builds.put("now", () -> Stage.counting(null));
        for (Map.Entry<String, Callable<Stage>> build : builds.entrySet()) {
            try (Stage stage = build.getValue().call()) {
                assertThat(measure(build.getKey(), stage)).isGreaterThan(990_000);
            }
        }
    }

    private static long measure(String build, Stage stage) throws Exception {
        Visitor visitor = new Visitor(stage.address(), Duration.ofSeconds(60));
        visitor.signIn("tobias");
        Map<String, String> pages = pages(visitor);
        if (build.equals(BEFORE)) {
            for (String page : List.copyOf(pages.keySet())) {
                if (visitor.get(pages.get(page)).statusCode() == 404) {
                    pages.remove(page);
                }
            }
        }
        long observations;
        Map<String, Times> little;
        Map<String, Times> much;
        try (Connection database = stage.database();
                Statement statement = database.createStatement()) {
            statement.execute("create extension pg_stat_statements");
            little = times(visitor, pages, statement);
            for (String sql : MORE) {
                statement.execute(sql);
            }
            try (var count = statement.executeQuery("select count(*) from observation")) {
                count.next();
                observations = count.getLong(1);
            }
            much = times(visitor, pages, statement);
        }
        System.out.printf("%s: %d observations%n", build, observations);
        System.out.printf("| %-28s | little: median | 95th | SQL | much: median | 95th | SQL | statements |%n", "page");
        pages.keySet()
                .forEach(page -> System.out.printf(
                        Locale.ROOT,
                        "| %-28s | %.1f | %.1f | %.2f | %.1f | %.1f | %.2f | %.1f |%n",
                        page,
                        little.get(page).at(50),
                        little.get(page).at(95),
                        little.get(page).sql,
                        much.get(page).at(50),
                        much.get(page).at(95),
                        much.get(page).sql,
                        much.get(page).statements));
        return observations;
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

    /** How long a page took each time, in order, and what its SQL alone took in the database on average; all in milliseconds. */
    private record Times(double[] each, double sql, double statements) {

        double at(int percent) {
            return each[each.length * percent / 100];
        }
    }

    private static Map<String, Times> times(Visitor visitor, Map<String, String> pages, Statement statement)
            throws Exception {
        Map<String, Times> times = new LinkedHashMap<>();
        for (Map.Entry<String, String> page : pages.entrySet()) {
            double[] each = new double[RUNS];
            for (int run = -WARM_UP; run < RUNS; run++) {
                if (run == 0) {
                    statement.execute("select pg_stat_statements_reset()");
                }
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
            try (var sums = statement.executeQuery(STATEMENTS)) {
                sums.next();
                times.put(page.getKey(), new Times(each, sums.getDouble(1) / RUNS, sums.getDouble(2) / RUNS));
            }
        }
        return times;
    }
}
