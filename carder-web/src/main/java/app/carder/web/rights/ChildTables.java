package app.carder.web.rights;

import static app.carder.core.retention.RecordKind.CONSENT;
import static app.carder.core.retention.RecordKind.LEARNING;
import static app.carder.core.retention.RecordKind.REGISTER;

import app.carder.core.retention.RecordKind;
import java.util.List;
import java.util.Set;

/**
 * Where anything about a child is kept, table by table. A table that is in none of these lists fails a test: whoever makes one says here
 * what becomes of it.
 *
 * <p>Conditions know the child as {@code :child} and, collected beforehand, {@code :observations} (those of this child alone), {@code
 * :journals}, {@code :carers}, {@code :addresses} of the carers that are nobody else's, {@code :all}: all of these ids and the child's,
 * and {@code :subjects}: those of what goes.
 */
final class ChildTables {

    /**
     * Rows that go.
     *
     * @param name of the table
     * @param which rows, as a condition on {@code t}
     * @param kinds with which they go already before the child does
     */
    record Table(String name, String which, Set<RecordKind> kinds) {
        Table(String name, String which, RecordKind... kinds) {
            this(name, which, Set.of(kinds));
        }
    }

    /** In the order in which they go, so that nothing points at what is gone. */
    static final List<Table> GOING = List.of(
            new Table("journal_entry", "t.journal_id in (:journals) or t.observation_id in (:observations)", LEARNING),
            new Table("invitation", "t.journal_id in (:journals) or t.carer_id in (:carers)", LEARNING),
            new Table("read_together", "t.journal_id in (:journals) or t.carer_id in (:carers)", LEARNING),
            new Table("reply", "t.child_id = :child or t.journal_id in (:journals)", LEARNING),
            new Table("journal", "t.id in (:journals)", LEARNING),
            new Table(
                    "photo",
                    "t.home_answer_id in (select a.id from home_answer a where a.child_id = :child) or t.observation_id in (:observations) or t.observation_id in (select o.id from observation o where :child = any(o.in_photo))",
                    LEARNING),
            new Table("home_answer", "t.child_id = :child", LEARNING),
            new Table("home_card", "t.child_id = :child", LEARNING),
            new Table("observation_child", "t.child_id = :child", LEARNING),
            new Table("observation", "t.id in (:observations)", LEARNING),
            new Table("watch_entry", "t.child_id = :child", LEARNING),
            new Table("attendance", "t.child_id = :child", REGISTER),
            new Table("consent_entry", "t.child_id = :child", CONSENT),
            new Table("device_holding_child", "t.child_id = :child"),
            new Table("home_reader", "t.carer_id in (:carers)"),
            new Table(
                    "home_browser",
                    "t.setting_id = :setting and not exists (select 1 from home_reader r where r.browser_id = t.id)"),
            new Table("message", "t.setting_id = :setting and t.to_address in (:addresses)"),
            new Table("carer", "t.id in (:carers)"),
            new Table("history_entry", "t.setting_id = :setting and t.subject_id in (:subjects)", LEARNING),
            new Table(
                    "draft",
                    "t.setting_id = :setting and exists (select 1 from unnest(array[:subjects]::uuid[]) s where position(s::text in t.place) > 0)",
                    LEARNING),
            new Table(
                    "done_row",
                    "t.setting_id = :setting and exists (select 1 from unnest(array[:all]::uuid[]) s"
                            + " where position(s::text in coalesce(t.before::text, '') || coalesce(t.after::text, '')) > 0)",
                    LEARNING,
                    REGISTER,
                    CONSENT),
            new Table(
                    "refused_item",
                    "t.setting_id = :setting and exists (select 1 from unnest(array[:subjects]::uuid[]) s where position(s::text in t.content) > 0)",
                    LEARNING),
            new Table("hold", "t.child_id = :child"),
            new Table("journal_pause", "t.child_id = :child"),
            new Table("child", "t.id = :child"));

    /** Those that go with a kind of records, the child staying. */
    static List<Table> of(RecordKind kind) {
        return GOING.stream().filter(table -> table.kinds().contains(kind)).toList();
    }

    /** What stays, without the child in it. */
    static final List<String> WITHOUT_THE_CHILD = List.of(
            "update observation set in_photo = array_remove(in_photo, :child) where setting_id = :setting and :child = any(in_photo)",
            "update focus_group set child_ids = array_remove(child_ids, :child) where setting_id = :setting and :child = any(child_ids)",
            "update access_entry set subject_id = null, subject_salt = null where setting_id = :setting and subject_id in (:subjects)",
            "update access_entry set person_name = '-', person_salt = null where setting_id = :setting and person_id in (:accounts)",
            "update security_entry set person_name = '-', by_name = '-', address = '', deed_salt = null, person_salt = null, subject_salt = null where setting_id = :setting and account_id in (:accounts)",
            "update account a set display_name = '-', username = 'erased-' || a.id, digest_address = '', closed_at = coalesce(a.closed_at, now())"
                    + " where a.setting_id = :setting and a.role = 'CARER' and a.id in (:accounts)");

    /** Tables that have nothing of a child but names in words, which {@link NameSearch} finds. */
    static final Set<String> WORDS_AT_MOST = Set.of(
            "absence",
            "account_room",
            "adult_facts",
            "banned_card",
            "calendar_feed",
            "cannot_lead",
            "card",
            "card_answer",
            "card_calculation",
            "card_ladder_step",
            "card_material",
            "card_preparation_step",
            "device",
            "device_holding",
            "device_policy",
            "device_sign_in",
            "done",
            "erasure",
            "investigation",
            "investigation_reading",
            "kit",
            "kit_item",
            "known_browser",
            "lead_rota",
            "lead_turn",
            "list_tick",
            "local_rule",
            "mail_hours",
            "material",
            "occasion",
            "password_code",
            "planned_block",
            "proposed_block",
            "recovery_code",
            "room",
            "room_other",
            "room_plan",
            "room_policy",
            "room_session",
            "room_visit",
            "second_step",
            "security_entry",
            "set_out",
            "setting",
            "setting_change",
            "shift",
            "sign_in_policy",
            "step_in_policy",
            "week_proposal",
            "zone",
            "open_upload");

    /** Tables of the whole server, or of sign-ins, in which no child is ever named. */
    static final Set<String> NOTHING = Set.of(
            "journal_parts",
            "journal_rhythm",
            "journal_round",
            "backup_run",
            "chain_link",
            "flyway_schema_history",
            "retention_choice",
            "rule_seen",
            "scheduled_tasks",
            "sign_in_budget",
            "spring_session",
            "spring_session_attributes",
            "user_credentials",
            "user_entities");

    private ChildTables() {}
}
