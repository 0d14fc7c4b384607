package app.carder.web.rights;

import app.carder.core.chain.Numbers;
import app.carder.core.said.Said;
import app.carder.web.account.Viewer;
import app.carder.web.audit.LogChain;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is kept about adults: of staff, and of carers. All of it as a file, for whoever asks for their own; and erased, once they have left. What
 * they wrote about children stays, as the children's; who wrote it is then not named any more.
 */
@Service
public class PersonService {

    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    /** What is read of somebody of staff; secrets are no part of it, and of children their ids alone. */
    private static final Map<String, String> OF_STAFF = new LinkedHashMap<>();

    /** The same of a carer. */
    private static final Map<String, String> OF_CARER = new LinkedHashMap<>();

    static {
        OF_STAFF.put(
                "account",
                "select username, display_name, role, language, digest_address, closed_at from account where id = :person and setting_id = :setting");
        OF_STAFF.put(
                "facts", "select first_aid_until, avoids, expecting, changed_at from adult_facts where id = :person");
        OF_STAFF.put(
                "hours",
                "select weekday, from_time, until_time from shift where account_id = :person order by weekday, from_time");
        OF_STAFF.put(
                "absences", "select from_day, until_day from absence where account_id = :person order by from_day");
        OF_STAFF.put("leading", "select week, spare, pinned from lead_turn where account_id = :person order by week");
        OF_STAFF.put(
                "visits_to_other_rooms",
                "select reason, began_at, ends_at from room_visit where account_id = :person order by began_at");
        OF_STAFF.put(
                "sign_ins",
                "select at, event, address, detail from security_entry where account_id = :person and setting_id = :setting order by at");
        OF_STAFF.put(
                "opened",
                "select at, method, route, status, browser from access_entry where person_id = :person and setting_id = :setting order by at");
        OF_STAFF.put(
                "written",
                "select (select count(*) from observation where author_id = :person) as observations,"
                        + " (select count(*) from watch_entry where author_id = :person) as moments_of_play");
        OF_CARER.put(
                "carer",
                "select name, email, phone, reads_until, responsibility, fosters, home, reads_in from carer where id = :carer and setting_id = :setting");
        OF_CARER.put(
                "said_about_photos",
                "select photo_use, given, way, asked_words, on_day, until_day, noted_at from consent_entry where carer_id = :carer order by noted_at");
        OF_CARER.put(
                "links",
                "select sent_at, opened_at, revoked_at, expires_at from invitation where carer_id = :carer order by sent_at");
        OF_CARER.put(
                "browsers",
                "select b.words, b.bound_at, b.seen_at, b.ended_at from home_browser b join home_reader r on r.browser_id = b.id where r.carer_id = :carer order by b.bound_at");
        OF_CARER.put(
                "read_together", "select on_day, noted_at from read_together where carer_id = :carer order by on_day");
        OF_CARER.put(
                "messages",
                "select subject, body, written_at, standing from message where setting_id = :setting and to_address <> '' and to_address = :address order by written_at");
        OF_CARER.put(
                "replies",
                "select words, sent_at from reply where setting_id = :setting and child_id = :child and (author_id = :person or carer_name = :name) order by sent_at");
        OF_CARER.put("home_cards", "select title, sent_at from home_card where carer_id = :carer order by sent_at");
        OF_CARER.put("home_answers", "select words, sent_at from home_answer where carer_id = :carer order by sent_at");
        OF_CARER.put(
                "opened",
                "select at, method, route, browser from access_entry where setting_id = :setting and person_id = :person order by at");
    }

    /** Where a name stands as that of who did something: the columns that say so by their names. */
    private static final String DONE_BY =
            "select c.table_name, c.column_name from information_schema.columns c where c.table_schema = 'public'"
                    + " and c.udt_name in ('text', 'varchar') and (c.column_name like '%\\_by' or c.column_name in ('author_name', 'person_name', 'carer_name'))"
                    + " and exists (select 1 from information_schema.columns s where s.table_schema = 'public'"
                    + " and s.table_name = c.table_name and s.column_name = 'setting_id') order by 1, 2";

    /** Logs are told apart by id, and what they say is sealed. */
    private static final Set<String> SEALED = Set.of("access_entry", "history_entry", "security_entry", "erasure");

    private final NamedParameterJdbcTemplate database;
    private final ErasureProofs proofs;
    private final LogChain log;
    private final SettingService settings;

    PersonService(NamedParameterJdbcTemplate database, ErasureProofs proofs, LogChain log, SettingService settings) {
        this.database = database;
        this.proofs = proofs;
        this.log = log;
        this.settings = settings;
    }

    /** An account of staff. */
    private record Staff(String name, boolean isClosed) {}

    private Staff staff(SettingId settingId, UUID accountId) {
        return database
                .query(
                        "select display_name, closed_at is not null as closed from account where id = :person and setting_id = :setting and role <> 'CARER'",
                        Map.of("person", accountId, "setting", settingId.value()),
                        (row, number) -> new Staff(row.getString("display_name"), row.getBoolean("closed")))
                .stream()
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    /**
     * Everything about somebody of staff, as JSON.
     *
     * @throws NotFound if the setting has no such account
     */
    @Transactional(readOnly = true)
    byte[] ofStaff(SettingId settingId, UUID accountId) {
        staff(settingId, accountId);
        return read(settingId, OF_STAFF, Map.of("person", accountId, "setting", settingId.value()));
    }

    /**
     * Everything about a carer, as JSON.
     *
     * @throws NotFound if the setting has no such carer
     */
    @Transactional(readOnly = true)
    byte[] ofCarer(SettingId settingId, UUID carerId) {
        return read(settingId, OF_CARER, carer(settingId, carerId));
    }

    private Map<String, Object> carer(SettingId settingId, UUID carerId) {
        Map<String, Object> given = new HashMap<>();
        given.put("setting", settingId.value());
        given.put("carer", carerId);
        database.query(
                "select c.child_id, c.name, c.email, c.account_id from carer c where c.id = :carer and c.setting_id = :setting",
                given,
                row -> {
                    given.put("child", row.getObject("child_id", UUID.class));
                    given.put("name", row.getString("name"));
                    given.put("address", row.getString("email"));
                    UUID account = row.getObject("account_id", UUID.class);
                    given.put("person", account == null ? ChildRows.NOBODY : account);
                });
        if (!given.containsKey("child")) {
            throw new NotFound();
        }
        return given;
    }

    private byte[] read(SettingId settingId, Map<String, String> parts, Map<String, Object> given) {
        ObjectNode all = JSON.createObjectNode();
        all.put("format", "carder-person").put("version", 1);
        all.put("setting", settings.get(settingId).name());
        all.put("made", settings.localNow(settingId).toString());
        parts.forEach((part, sql) -> {
            ArrayNode rows = all.putArray(part);
            database.queryForList("select to_jsonb(t)::text from (%s) t".formatted(sql), given, String.class)
                    .forEach(row -> rows.add(JSON.readTree(row)));
        });
        return JSON.writeValueAsBytes(all);
    }

    /**
     * What somebody of staff is called.
     *
     * @throws NotFound if the setting has no such account
     */
    @Transactional(readOnly = true)
    String nameOfStaff(SettingId settingId, UUID accountId) {
        return staff(settingId, accountId).name();
    }

    /** Whether somebody of staff can be erased: only once their account is closed. */
    @Transactional(readOnly = true)
    boolean canBeErased(SettingId settingId, UUID accountId) {
        return staff(settingId, accountId).isClosed();
    }

    /**
     * Erases somebody of staff who has left.
     *
     * @return the id of the proof
     * @throws NotFound if the setting has no such account, or it is not closed
     */
    @Transactional
    UUID eraseStaff(Viewer viewer, UUID accountId, String reason) {
        SettingId settingId = viewer.settingId();
        Staff person = staff(settingId, accountId);
        if (!person.isClosed()) {
            throw new NotFound();
        }
        log.hold(settingId);
        Map<String, Object> given = Map.of("setting", settingId.value(), "person", accountId);
        Map<String, Integer> went = new TreeMap<>();
        for (String table : List.of(
                "shift",
                "absence",
                "lead_turn",
                "cannot_lead",
                "known_browser",
                "calendar_feed",
                "room_visit",
                "device_sign_in",
                "draft",
                "recovery_code")) {
            count(went, table, database.update("delete from %s where account_id = :person".formatted(table), given));
        }
        for (String table : List.of("adult_facts", "second_step", "password_code")) {
            count(went, table, database.update("delete from %s where id = :person".formatted(table), given));
        }
        database.update("delete from account_room where account_id = :person", given);
        database.update("update child set key_person_id = null where key_person_id = :person", given);
        ErasureProofs.Links links = elsewhereInTheLog(
                settingId, person.name(), loggedOf(given, "person_id = :person", "account_id = :person"));
        // What can still be undone has rows as they were, with names in them; notes and seals went by mail.
        count(
                went,
                "done_row",
                database.update(
                        "delete from done_row where setting_id = :setting and position(:name in coalesce(before::text, '') || coalesce(after::text, '')) > 0",
                        Map.of("setting", settingId.value(), "name", person.name())));
        count(
                went,
                "message",
                database.update(
                        "delete from message where setting_id = :setting and room_id is null and to_name = :name",
                        Map.of("setting", settingId.value(), "name", person.name())));
        int replaced = unnamed(settingId, person.name());
        database.update(
                "update account set display_name = '-', username = 'erased-' || id, digest_address = '' where id = :person",
                given);
        return proofs.add(viewer, reason, new ErasureProofs.Gone(went, Set.of(), replaced, 0, links));
    }

    private static void count(Map<String, Integer> went, String table, int rows) {
        if (rows > 0) {
            went.put(table, rows);
        }
    }

    /** Takes a person out of the logs: who did it, and of the log of sign-ins all. What was done stays. */
    private ErasureProofs.Links loggedOf(Map<String, Object> given, String did, String about) {
        List<Long> person = new ArrayList<>();
        for (String table : List.of("access_entry", "history_entry")) {
            person.addAll(log.links(table, "t.setting_id = :setting and t." + did, given)
                    .all());
            database.update(
                    "update %s set person_name = '-', person_salt = null where setting_id = :setting and %s"
                            .formatted(table, did),
                    given);
        }
        Numbers whole = log.links("security_entry", "t.setting_id = :setting and t." + about, given);
        database.update(
                "update security_entry set person_name = '-', by_name = '-', address = '', detail = '', deed_salt = null, person_salt = null,"
                        + " subject_salt = null where setting_id = :setting and " + about,
                given);
        return new ErasureProofs.Links(whole, Numbers.of(person), Numbers.of(List.of()));
    }

    /** What the logs say that this person did to the accounts of others, or erased, which they know by the name alone. */
    private ErasureProofs.Links elsewhereInTheLog(SettingId settingId, String name, ErasureProofs.Links links) {
        Map<String, Object> given = Map.of("setting", settingId.value(), "name", name);
        List<Long> person = new ArrayList<>(links.person().all());
        for (String[] column : new String[][] {{"security_entry", "by_name"}, {"erasure", "erased_by"}}) {
            String which = column[1] + " = :name";
            person.addAll(log.links(column[0], "t.setting_id = :setting and t." + which, given)
                    .all());
            database.update(
                    "update %s set %s = '-', person_salt = null where setting_id = :setting and %s"
                            .formatted(column[0], column[1], which),
                    given);
        }
        return new ErasureProofs.Links(links.whole(), Numbers.of(person), links.subject());
    }

    /** Writes "a member of staff" where a name stands as that of who did something. Of two of one name, both. */
    private int unnamed(SettingId settingId, String name) {
        List<String[]> columns =
                database.query(DONE_BY, Map.of(), (row, number) -> new String[] {row.getString(1), row.getString(2)});
        int replaced = 0;
        for (String[] column : columns) {
            if (!SEALED.contains(column[0])) {
                replaced += database.update(
                        "update %s set %s = :somebody where setting_id = :setting and %2$s = :name"
                                .formatted(column[0], column[1]),
                        Map.of(
                                "somebody",
                                Said.say("person.a-member-of-staff"),
                                "setting",
                                settingId.value(),
                                "name",
                                name));
            }
        }
        return replaced;
    }

    /**
     * Erases a carer, while the child stays. What they wrote back and what they allowed stays the child's, without their name.
     *
     * @return the id of the proof
     * @throws NotFound if the setting has no such carer
     */
    @Transactional
    UUID eraseCarer(Viewer viewer, UUID carerId, String reason) {
        SettingId settingId = viewer.settingId();
        log.hold(settingId);
        Map<String, Object> given = carer(settingId, carerId);
        boolean isAlone =
                isNobodyElses(given, "select count(*) from carer where account_id = :person and id <> :carer");
        boolean isOwnAddress = isNobodyElses(
                given,
                "select count(*) from carer where setting_id = :setting and lower(email) = lower(:address) and id <> :carer");
        Map<String, Integer> went = new TreeMap<>();
        for (String table : List.of("invitation", "read_together", "home_reader")) {
            count(went, table, database.update("delete from %s where carer_id = :carer".formatted(table), given));
        }
        if (isOwnAddress) {
            count(
                    went,
                    "message",
                    database.update(
                            "delete from message where setting_id = :setting and to_address <> '' and to_address = :address",
                            given));
        }
        int replaced = database.update(
                        "update consent_entry set giver = '-', carer_id = null where carer_id = :carer", given)
                + database.update(
                        "update home_answer set carer_name = '-', carer_id = null where carer_id = :carer", given)
                + database.update("update home_card set carer_id = null where carer_id = :carer", given)
                + database.update(
                        "update reply set carer_name = '-' where setting_id = :setting and child_id = :child"
                                + " and (author_id = :person or carer_name = :name)",
                        given);
        ErasureProofs.Links links = isAlone
                ? loggedOf(given, "person_id = :person", "account_id = :person")
                : new ErasureProofs.Links(Numbers.of(List.of()), Numbers.of(List.of()), Numbers.of(List.of()));
        List<Long> about =
                new ArrayList<>(log.links("access_entry", "t.setting_id = :setting and t.subject_id = :carer", given)
                        .all());
        database.update(
                "update access_entry set subject_id = null, subject_salt = null where setting_id = :setting and subject_id = :carer",
                given);
        count(went, "carer", database.update("delete from carer where id = :carer", given));
        if (isAlone) {
            database.update(
                    "update account set display_name = '-', username = 'erased-' || id, digest_address = '', closed_at = coalesce(closed_at, now())"
                            + " where id = :person and role = 'CARER'",
                    given);
        }
        return proofs.add(
                viewer,
                reason,
                new ErasureProofs.Gone(
                        went,
                        Set.of(),
                        replaced,
                        0,
                        new ErasureProofs.Links(links.whole(), links.person(), Numbers.of(about))));
    }

    private boolean isNobodyElses(Map<String, Object> given, String sql) {
        return Integer.valueOf(0).equals(database.queryForObject(sql, given, Integer.class));
    }
}
