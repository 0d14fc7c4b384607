package app.carder.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Statements;
import app.carder.web.kit.WebTest;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** No page asks the database more often because there is more to show, and no list shows everything there is. */
class StatementCountTest extends WebTest {

    private static final int MORE = 30;

    /** The session and the log of who opened what included. */
    private static final long MOST = 10;

    private static final int MOST_FOR_A_PART = 6;

    /** What a device carries for a day is no page: it is all pages of the watching app at once. */
    private static final String OF_A_DAY = "/watch/bundle";

    private static final long MOST_OF_A_DAY = 14;

    private static final int MOST_AFTER_A_CHANGE = 45;

    private static final Pattern TABLE = Pattern.compile("(?:from|join) ([a-z_]+)");

    /** What is fetched in batches of 64 may need one more, or one less, where other tests have left rows. */
    private static final long ONE_MORE_BATCH = 1;

    @Test
    void asksNoMoreOftenWhenThereIsMoreToShow() {
        Map<String, String> pages = pages();
        Map<String, Long> before = counts(pages);

        addMore();

        assertThat(counts(pages))
                .allSatisfy((path, count) ->
                        assertThat(count).as(path).isLessThanOrEqualTo(before.getOrDefault(path, 0L) + ONE_MORE_BATCH));
        assertThat(before)
                .allSatisfy((path, count) ->
                        assertThat(count).as(path).isBetween(1L, path.startsWith(OF_A_DAY) ? MOST_OF_A_DAY : MOST));
    }

    @Test
    void asksLessOftenForAPartThanForAPage() {
        Map<String, AbstractMockHttpServletRequestBuilder<?>> parts = new LinkedHashMap<>();
        for (String path : List.of("/find?near=&q=ri", "/find?q=rice", "/materials?q=jug")) {
            parts.put(
                    path,
                    MockMvcRequestBuilders.get(path)
                            .header("HX-Request", "true")
                            .header("HX-Request-Type", "partial"));
        }
        parts.put(
                "the margin of a card",
                MockMvcRequestBuilders.post("/rooms/" + room("Loft") + "/bench")
                        .with(csrf())
                        .header("HX-Request", "true")
                        .header("HX-Request-Type", "partial")
                        .param("title", "Rice by the kilo")
                        .param("material", "Rice, white long-grain")
                        .param("amount", "3"));
        parts.put(
                "the answer of a calculator",
                MockMvcRequestBuilders.get("/calculators/dough?children=12")
                        .header("HX-Request", "true")
                        .header("HX-Request-Type", "partial"));

        parts.forEach((part, request) -> {
            send("tobias", request);
            assertThat(Statements.of(() -> send("tobias", request))).as(part).hasSizeBetween(1, MOST_FOR_A_PART);
        });
    }

    /** What is remembered has to be read again after a change, and no more than that. */
    @Test
    void asksABoundedNumberOfTimesRightAfterAChange() {
        Map<String, String> pages = pages();
        counts(pages);

        pages.forEach((path, username) -> {
            database.update(
                    "update setting_change set people = people + 1, places = places + 1, cards = cards + 1, board = board + 1,"
                            + " records = records + 1");
            assertThat(Statements.of(() -> get(username, path))).as(path).hasSizeLessThanOrEqualTo(MOST_AFTER_A_CHANGE);
        });
    }

    @Test
    void aRequestThatWritesReadsItsOwnWordsAfterwards(
            @Autowired RoomService rooms, @Autowired PlatformTransactionManager transactions) {
        SettingId setting = new SettingId(id("select setting_id from room where id = ?", room("Nook")));
        UUID nook = room("Nook");
        TransactionTemplate transaction = new TransactionTemplate(transactions);
        RequestContextHolder.setRequestAttributes(
                new ServletRequestAttributes(new MockHttpServletRequest("POST", "/rooms")));
        try {
            assertThat(rooms.get(setting, nook).name()).isEqualTo("Nook");
            transaction.executeWithoutResult(
                    begun -> database.update("update room set name = 'Nook upstairs' where id = ?", nook));
            assertThat(rooms.get(setting, nook).name()).isEqualTo("Nook upstairs");
        } finally {
            transaction.executeWithoutResult(
                    begun -> database.update("update room set name = 'Nook' where id = ?", nook));
            RequestContextHolder.resetRequestAttributes();
        }
    }

    /** Otherwise what is remembered would outlive a change. */
    @Test
    void remembersOnlyWhatIsReadFromTablesThatTellOfChanges() {
        asksABoundedNumberOfTimesRightAfterAChange();
        Map<String, Set<String>> tables = database
                .queryForList(
                        "select upper(encode(trim(trailing '\\000' from t.tgargs), 'escape')) || ' ' || c.relname from pg_trigger t"
                                + " join pg_class c on c.oid = t.tgrelid where t.tgname = 'tell_change'",
                        String.class)
                .stream()
                .map(one -> one.split(" "))
                .collect(Collectors.groupingBy(one -> one[0], Collectors.mapping(one -> one[1], Collectors.toSet())));

        assertThat(tables.keySet())
                .isEqualTo(Arrays.stream(Area.values()).map(Enum::name).collect(Collectors.toSet()));
        assertThat(Statements.READ_FOR).hasSizeGreaterThan(25).allSatisfy((method, statements) -> {
            Set<String> counted = Arrays.stream(
                            method.getAnnotation(Remembered.class).value())
                    .flatMap(area -> Required.from(tables, area.name()).stream())
                    .collect(Collectors.toSet());
            Set<String> read = statements.stream()
                    .filter(statement -> !statement.contains("from setting_change"))
                    .flatMap(statement -> TABLE.matcher(statement).results())
                    .map(found -> found.group(1))
                    .collect(Collectors.toSet());
            read.remove("setting");
            assertThat(counted).as(method.toString()).containsAll(read);
        });
    }

    @Test
    void showsABoundedNumberOfRows() {
        addMore();
        for (int opened = 0; opened < 26; opened++) {
            get("imelda", "/children/" + child("Bram"));
        }

        assertThat(rows("/children/" + child("Bram"), ".deck tbody tr")).isLessThanOrEqualTo(25);
        assertThat(rows("/rooms/" + room("Loft") + "/cards", ".tiles > li")).isLessThanOrEqualTo(25);
        assertThat(rows("/materials", ".cupboard > li")).isEqualTo(25);
        assertThat(rows("/journals", ".pick li")).isLessThanOrEqualTo(25);
        assertThat(rows("/outbox", "article.message")).isLessThanOrEqualTo(25);
        assertThat(rows("/access-log", ".log-lines li")).isEqualTo(25);
        assertThat(get("imelda", "/children/" + child("Bram") + "?page=1")
                        .page()
                        .select(".deck tbody tr"))
                .isNotEmpty();
    }

    private Map<String, String> pages() {
        Map<String, String> pages = new LinkedHashMap<>();
        for (String path : List.of(
                "/",
                "/rooms/" + room("Loft") + "/cards",
                "/rooms/" + room("Loft") + "/children",
                "/rooms/" + room("Loft") + "/set-out",
                "/rooms/" + room("Loft") + "/watch",
                bundle("imelda", room("Loft")),
                "/devices",
                "/children/" + child("Anouk") + "/play",
                "/cards/" + card("Rice by the kilo") + "/play",
                "/rooms/" + room("Loft") + "/watched.json",
                "/children/" + child("Bram"),
                "/cards/" + card("Rice by the kilo"),
                "/journals",
                "/outbox",
                "/what-carder-looks-at",
                "/overruled",
                "/about-me",
                "/materials",
                "/kits",
                "/calculators/pouring",
                "/rooms/" + room("Loft") + "/cards?by=week",
                "/rooms/" + room("Loft") + "/cards?by=room",
                "/rooms/" + room("Loft") + "/rules",
                "/rooms/" + room("Loft") + "/plan",
                "/rooms/" + room("Loft") + "/week",
                "/rooms/" + room("Loft") + "/week.ics",
                "/rooms/" + room("Loft") + "/sessions",
                "/rooms/" + room("Loft") + "/rota",
                "/calendar",
                "/rooms/" + room("Loft") + "/focus",
                "/rooms/" + room("Loft") + "/lists/preparation",
                "/rooms/" + room("Loft") + "/lists/set-out",
                "/rooms/" + room("Loft") + "/lists/shopping",
                "/rooms/" + room("Loft") + "/investigations",
                "/cards/" + card("Painted rice for mosaics") + "/ladder",
                "/cards/" + card("Painted rice for mosaics") + "/preparation",
                "/cards/" + card("Painted rice for mosaics") + "/calculations",
                "/cards/" + card("Painted rice for mosaics") + "/print",
                "/rooms",
                "/find?q=rice",
                "/access-log")) {
            pages.put(path, "imelda");
        }
        // A manager may open every room, so that nobody asks which.
        pages.put("/find?q=ri", "tobias");
        pages.put("/family", "anouk.grandfather");
        return pages;
    }

    private Map<String, Long> counts(Map<String, String> pages) {
        Map<String, Long> counts = new LinkedHashMap<>();
        pages.forEach((path, username) -> {
            get(username, path);
            List<String> sent = Statements.of(
                    () -> assertThat(get(username, path).status()).as(path).isEqualTo(200));
            counts.put(path, (long) sent.size());
        });
        return counts;
    }

    private int rows(String path, String rows) {
        return get("imelda", path).page().select(rows).size();
    }

    /** More cards, observations, journals, messages: copies of what is there. */
    private void addMore() {
        UnaryOperator<String> copies = table -> "from " + table + ", generate_series(1, " + MORE + ") n ";
        UUID bram = child("Bram");
        database.update(
                "insert into card (id, setting_id, version, room_id, title, intention, adult_role, adult_load, areas, statements, senses,"
                        + " changed_by, changed_at, words, might_see, at_home, place, features, week_of)"
                        + " select gen_random_uuid(), setting_id, 0, room_id, title || n, intention, adult_role, adult_load, areas, statements,"
                        + " senses, changed_by, changed_at, words, might_see, at_home, place, features, week_of "
                        + copies.apply("card") + "where id = ?",
                card("The parcel chute"));
        database.update(
                "insert into material (id, setting_id, code, name, kind, description) select gen_random_uuid(), setting_id,"
                        + " code || gen_random_uuid(), name || gen_random_uuid(), kind, description "
                        + copies.apply("material") + "where id = ?",
                material("wooden-cubes"));
        database.update(
                "with added as (insert into observation (id, setting_id, version, room_id, card_id, author_id, author_name, note,"
                        + " involvement, areas, statements, observed_at, received_at, framework_code, framework_version)"
                        + " select gen_random_uuid(), setting_id, 0, room_id, card_id,"
                        + " author_id, author_name, note, involvement, areas, statements, observed_at, received_at, framework_code, framework_version "
                        + copies.apply("observation")
                        + "where id = (select observation_id from observation_child where child_id = ? limit 1)"
                        + " returning id, setting_id, observed_at)"
                        + " insert into observation_child select gen_random_uuid(), setting_id, id, ?, observed_at from added",
                bram,
                bram);
        // More of the room's cards are out, as on a full day.
        database.update(
                "insert into set_out select (jsonb_populate_record(s, jsonb_build_object('id', gen_random_uuid(),"
                        + " 'card_id', p.id))).* from set_out s, card p where s.on_day = date '2026-05-06'"
                        + " and s.put_away_at is null and p.room_id = s.room_id and p.id in (select id from card where title like 'The parcel chute_%' order by id limit 8)"
                        + " and s.id = (select id from set_out where room_id = s.room_id and on_day = s.on_day and put_away_at is null"
                        + " order by id limit 1) on conflict do nothing");
        database.update(
                "insert into journal select gen_random_uuid(), setting_id, 0, child_id, starts_on, ends_on, greeting, at_home,"
                        + " compiled_by, compiled_at, null, null " + copies.apply("journal")
                        + "where child_id = ? and approved_at is null",
                bram);
        database.update(
                "insert into message (id, setting_id, room_id, to_name, to_address, subject, body, written_at, standing, tries, next_try_at, asked_at, answer)"
                        + " select gen_random_uuid(), setting_id, room_id, to_name, to_address, subject, body, written_at, standing, tries, next_try_at,"
                        + " asked_at, answer "
                        + copies.apply("message") + "where to_name like 'Anouk%'");
    }
}
