package app.carder.web.rights;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.audit.LogChain;
import app.carder.web.kit.WebTest;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PersonTest extends WebTest {

    @Autowired
    private LogChain log;

    private SettingId setting() {
        return new SettingId(id("select setting_id from account where username = 'imelda'"));
    }

    private int faultsOfTheLog() {
        log.seal(setting());
        return log.check(setting(), List.of()).faults();
    }

    private static JsonNode json(Answer answer) throws Exception {
        return new JsonMapper().readTree(answer.response().getContentAsByteArray());
    }

    /** Somebody who wrote an observation, was on the rota, and has left. */
    private UUID somebodyWhoLeft() {
        UUID person = Ids.next();
        database.update(
                "insert into account (id, setting_id, username, display_name, password_hash, role, language, digest_address, closed_at)"
                        + " select ?, setting_id, 'wilhelmina', 'Wilhelmina Thrupp', password_hash, role, language, 'wilhelmina@example.org', now() from account where username = 'hamish'",
                person);
        database.update(
                "insert into shift (id, setting_id, room_id, account_id, weekday, from_time, until_time) values (?, ?, ?, ?, 1, '08:00', '12:00')",
                Ids.next(),
                setting().value(),
                room("Loft"),
                person);
        database.update(
                "update observation set author_id = ?, author_name = 'Wilhelmina Thrupp' where id = (select id from observation where room_id = ? order by id limit 1)",
                person,
                room("Loft"));
        database.update(
                "insert into access_entry (id, setting_id, person_id, person_name, role, method, route, status, at, browser)"
                        + " values (?, ?, ?, 'Wilhelmina Thrupp', 'PRACTITIONER', 'GET', '/children', 200, now(), '')",
                Ids.next(),
                setting().value(),
                person);
        database.update(
                "insert into security_entry (id, setting_id, at, event, account_id, person_name, by_name, address, detail)"
                        + " select ?, setting_id, now(), 'ACCOUNT_MADE', id, display_name, 'Wilhelmina Thrupp', '', '' from account where username = 'hamish'",
                Ids.next());
        database.update(
                "insert into erasure (id, setting_id, erased_at, erased_by, reason, went, files, replaced, left_standing)"
                        + " values (?, ?, now(), 'Wilhelmina Thrupp', 'Asked for by the family.', '{}', 0, 0, 0)",
                Ids.next(),
                setting().value());
        database.update(
                "insert into message (id, setting_id, to_name, to_address, subject, body, written_at, standing, tries, next_try_at, asked_at, answer)"
                        + " values (?, ?, 'Wilhelmina Thrupp', 'wilhelmina@example.org', 'What is new', '', now(), 'ACCEPTED', 1, now(), now(), '')",
                Ids.next(),
                setting().value());
        return person;
    }

    @Test
    void everythingAboutSomebodyOfStaffIsAFileWithoutSecretsAndWithoutChildren() throws Exception {
        JsonNode data =
                json(get("imelda", "/staff/" + id("select id from account where username = 'hamish'") + "/data.json"));

        assertThat(data.get("account").get(0).get("display_name").asString()).isEqualTo("Hamish Vale");
        assertThat(data.get("hours")).isNotEmpty();
        assertThat(data.get("written").get(0).get("observations").asInt()).isPositive();
        assertThat(data.toString()).doesNotContain("password", "token", "Anouk");
        assertThat(get("tobias", "/staff/" + id("select id from account where username = 'hamish'") + "/data.json")
                        .status())
                .isEqualTo(403);
        assertThat(get("teodor", "/staff/" + id("select id from account where username = 'hamish'") + "/data.json")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whoHasLeftIsErasedAndWhatTheyWroteStaysWithoutTheirName() {
        UUID person = somebodyWhoLeft();
        int faults = faultsOfTheLog();

        String proof = post("imelda", "/staff/" + person + "/erase", "reason", "They asked for it.")
                .location();

        assertThat(proof).startsWith("/erasures/");
        assertThat(get("imelda", proof.replace("?done", "")).page().text())
                .contains("Hours on the rota: 1")
                .doesNotContain("Wilhelmina");
        for (String table : database.queryForList(
                "select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'",
                String.class)) {
            assertThat(database.queryForList(
                            "select 1 from %s t where t::text ilike '%%wilhelmina%%'".formatted(table)))
                    .as(table)
                    .isEmpty();
        }
        assertThat(database.queryForList(
                        "select author_name from observation where author_id = ?", String.class, person))
                .containsOnly("a member of staff");
        assertThat(faultsOfTheLog())
                .as("what was erased as written down is no fault")
                .isEqualTo(faults);
    }

    @Test
    void nobodyWhoStillWorksHereIsErased() {
        UUID hamish = id("select id from account where username = 'hamish'");

        assertThat(post("imelda", "/staff/" + hamish + "/erase", "reason", "Asked for it in writing.")
                        .page()
                        .text())
                .contains("Close the account first");
        assertThat(get("imelda", "/staff/" + hamish).page().select("h1").text()).isEqualTo("Hamish Vale");
    }

    @Test
    void aCarerGoesAloneAndWhatTheyAllowedStaysTheChilds() throws Exception {
        post(
                "imelda",
                "/children/" + child("Bram") + "/carers",
                "carerName",
                "A lodger",
                "email",
                "lodger@example.org",
                "phone",
                "");
        UUID carer = id("select id from carer where email = 'lodger@example.org'");
        database.update(
                "insert into consent_entry (id, setting_id, child_id, photo_use, given, giver, carer_id, way, asked_words, noted_by, noted_at)"
                        + " values (?, ?, ?, 'DISPLAY', false, 'A lodger', ?, 'AT_HOME', '', '', now())",
                Ids.next(),
                setting().value(),
                child("Bram"),
                carer);
        UUID card = Ids.next();
        database.update(
                "insert into home_card values (?, ?, ?, ?, 'BALL-RAMP', 'Down the ramp', 'A tray', 'Steep.', 'Guessing', 'What?', '', 'Imelda', now())",
                card,
                setting().value(),
                child("Bram"),
                carer);
        database.update(
                "insert into home_answer values (?, ?, ?, ?, ?, 'A lodger', 'It rolled.', now(), '', null, '')",
                Ids.next(),
                setting().value(),
                card,
                child("Bram"),
                carer);
        JsonNode data = json(get("imelda", "/carers/" + carer + "/data.json"));
        assertThat(data.get("home_answers").get(0).get("words").asString()).isEqualTo("It rolled.");
        assertThat(data.get("carer").get(0).get("email").asString()).isEqualTo("lodger@example.org");
        assertThat(data.get("said_about_photos")).hasSize(1);
        int faults = faultsOfTheLog();

        assertThat(post("imelda", "/carers/" + carer + "/erase", "reason", "Short")
                        .status())
                .isEqualTo(422);
        assertThat(post("imelda", "/carers/" + carer + "/erase", "reason", "They asked for it.")
                        .location())
                .startsWith("/erasures/");

        assertThat(database.queryForList(
                        "select giver from consent_entry where child_id = ? and giver = 'A lodger'", child("Bram")))
                .isEmpty();
        assertThat(database.queryForList("select id from carer where id = ?", carer))
                .isEmpty();
        assertThat(faultsOfTheLog()).isEqualTo(faults);
        assertThat(database.queryForObject(
                        "select carer_name || words from home_answer where home_card_id = ?", String.class, card))
                .isEqualTo("-It rolled.");
        assertThat(get("imelda", "/children/" + child("Bram") + "/home-cards").text())
                .contains("It rolled.");
        database.update("delete from home_answer where home_card_id = ?", card);
        database.update("delete from home_card where id = ?", card);
        database.update("delete from consent_entry where child_id = ? and giver = '-'", child("Bram"));
    }

    /** A new table that names a carer fails here until somebody says what becomes of it when the carer is erased. */
    @Test
    void everyTableThatNamesACarerIsThoughtOf() {
        assertThat(database.queryForList(
                        "select distinct conrelid::regclass::text from pg_constraint where contype = 'f' and confrelid = 'carer'::regclass",
                        String.class))
                .containsExactlyInAnyOrder(
                        "invitation", "read_together", "home_reader", "consent_entry", "home_card", "home_answer");
    }
}
