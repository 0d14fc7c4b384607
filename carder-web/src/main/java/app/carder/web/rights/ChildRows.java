package app.carder.web.rights;

import app.carder.core.retention.RecordKind;
import app.carder.web.setting.SettingId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Rows that are a child's, table by table: counts them and takes them out. */
@Component
class ChildRows {

    /** Where a list would be empty. */
    static final UUID NOBODY = new UUID(0, 0);

    private final NamedParameterJdbcTemplate database;

    ChildRows(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    /** Ids of everything that is the child's, collected before any of it goes. */
    Map<String, Object> about(SettingId settingId, UUID childId) {
        Map<String, Object> about = new HashMap<>();
        about.put("setting", settingId.value());
        about.put("child", childId);
        List<UUID> observations = observations(about);
        List<UUID> journals = journals(about);
        List<UUID> carers = ids("select id from carer where child_id = :child and setting_id = :setting", about);
        about.put("observations", observations);
        about.put("journals", journals);
        about.put("carers", carers);
        about.put(
                "accounts",
                ids(
                        "select c.account_id from carer c where c.id in (:carers) and c.account_id is not null and not exists"
                                + " (select 1 from carer o where o.account_id = c.account_id and o.id not in (:carers))",
                        about));
        List<String> addresses = new ArrayList<>(database.queryForList(
                "select c.email from carer c where c.id in (:carers) and c.email <> '' and not exists"
                        + " (select 1 from carer o where o.setting_id = :setting and lower(o.email) = lower(c.email) and o.id not in (:carers))",
                about,
                String.class));
        addresses.add("");
        about.put("addresses", addresses);
        Set<UUID> subjects = new LinkedHashSet<>();
        subjects.add(childId);
        subjects.addAll(observations);
        subjects.addAll(journals);
        subjects.addAll(carers);
        subjects.remove(NOBODY);
        about.put("subjects", subjects);
        about.put("all", subjects);
        return about;
    }

    /** The same for one kind of records, which goes while the child and its carers stay. */
    Map<String, Object> about(SettingId settingId, UUID childId, RecordKind kind) {
        Map<String, Object> about = about(settingId, childId);
        Set<UUID> subjects = new LinkedHashSet<>(Set.of(NOBODY));
        if (kind == RecordKind.LEARNING) {
            subjects.addAll(observations(about));
            subjects.addAll(journals(about));
        }
        about.put("subjects", subjects);
        about.put("carers", List.of(NOBODY));
        return about;
    }

    private List<UUID> observations(Map<String, Object> about) {
        return ids(
                "select c.observation_id from observation_child c where c.child_id = :child and c.setting_id = :setting and not exists"
                        + " (select 1 from observation_child o where o.observation_id = c.observation_id and o.child_id <> :child)",
                about);
    }

    private List<UUID> journals(Map<String, Object> about) {
        return ids("select id from journal where child_id = :child and setting_id = :setting", about);
    }

    /** A list that is never empty, for conditions. */
    private List<UUID> ids(String sql, Map<String, Object> about) {
        List<UUID> ids = new ArrayList<>(database.queryForList(sql, about, UUID.class));
        ids.add(NOBODY);
        return ids;
    }

    /** How many rows of each table are the child's; those without any are left out. */
    Map<String, Integer> counted(Map<String, Object> about) {
        Map<String, Integer> counted = new LinkedHashMap<>();
        for (ChildTables.Table table : ChildTables.GOING) {
            Integer rows = database.queryForObject(
                    "select count(*) from %s t where %s".formatted(table.name(), table.which()), about, Integer.class);
            if (rows != null && rows > 0) {
                counted.put(table.name(), rows);
            }
        }
        return counted;
    }

    /** Rows that are the child's, as table and id. */
    Set<String> keys(Map<String, Object> about) {
        return ChildTables.GOING.stream()
                .filter(table -> !table.name().equals("device_holding_child"))
                .flatMap(table -> database
                        .queryForList(
                                "select t.id::text from %s t where %s".formatted(table.name(), table.which()),
                                about,
                                String.class)
                        .stream()
                        .map(id -> table.name() + "/" + id))
                .collect(Collectors.toSet());
    }

    /** Files of photos that go, and of those that were removed before and could still be brought back. */
    Set<String> files(Collection<ChildTables.Table> tables, Map<String, Object> about) {
        Set<String> files = new LinkedHashSet<>();
        for (ChildTables.Table table : tables) {
            if (table.name().equals("photo")) {
                files.addAll(database.queryForList(
                        "select t.stored_as from photo t where " + table.which(), about, String.class));
            } else if (table.name().equals("done_row")) {
                files.addAll(database.queryForList(
                        "select coalesce(t.before ->> 'stored_as', t.after ->> 'stored_as') from done_row t where t.of_table = 'photo' and ("
                                + table.which() + ")",
                        about,
                        String.class));
            }
        }
        files.remove(null);
        return files;
    }

    /**
     * Takes rows out.
     *
     * @return how many of each table; those of which none went are left out
     */
    Map<String, Integer> delete(Collection<ChildTables.Table> tables, Map<String, Object> about) {
        Map<String, Integer> went = new TreeMap<>();
        for (ChildTables.Table table : tables) {
            int rows = database.update("delete from %s t where %s".formatted(table.name(), table.which()), about);
            if (rows > 0) {
                went.put(table.name(), rows);
            }
        }
        return went;
    }

    /** Whether no row names a file of a photo any more. */
    boolean isUnused(String file) {
        return Integer.valueOf(0)
                .equals(database.queryForObject(
                        "select count(*) from photo where stored_as = :file", Map.of("file", file), Integer.class));
    }
}
