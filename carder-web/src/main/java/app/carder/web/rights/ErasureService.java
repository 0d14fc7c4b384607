package app.carder.web.rights;

import app.carder.core.wording.NameGuard;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.media.PhotoService;
import app.carder.web.page.NotFound;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.sql.Timestamp;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.json.JsonMapper;

/**
 * Erases a child: what is kept about it goes, in words about others "a friend" takes the place of its name where whoever erases wants it so,
 * and what went is counted, table by table, without saying whose it was.
 */
@Service
public class ErasureService {

    private static final UUID NOBODY = new UUID(0, 0);
    private static final JsonMapper JSON = new JsonMapper();

    private final NamedParameterJdbcTemplate database;
    private final NameSearch search;
    private final ChildService children;
    private final PhotoService photos;
    private final SettingService settings;

    ErasureService(
            NamedParameterJdbcTemplate database,
            NameSearch search,
            ChildService children,
            PhotoService photos,
            SettingService settings) {
        this.database = database;
        this.search = search;
        this.children = children;
        this.photos = photos;
        this.settings = settings;
    }

    /**
     * What erasing a child would do.
     *
     * @param child whom
     * @param going how many rows of each table would go; those of which none would are left out
     * @param words places in records of others where its name stands, or something like it
     * @param namesakes how many other children have its first name
     * @param devices names of devices that carry its records
     */
    record Preview(
            ChildView child, Map<String, Integer> going, List<Place> words, int namesakes, List<String> devices) {}

    /**
     * A place in a record of others.
     *
     * @param key of it, on the form
     * @param found the name as it stands there
     * @param around the words around it
     * @param isNear whether it only comes near the name
     * @param isItsOwn whether the record was about this child too, and nobody in it is called the same
     */
    record Place(String key, String found, String around, boolean isNear, boolean isItsOwn) {}

    /**
     * That somebody's records were erased.
     *
     * @param at when
     * @param by who did it
     * @param reason why
     * @param went how many rows of each table
     * @param files of photos
     * @param replaced places in which a name was replaced
     * @param leftStanding places that whoever erased said are about somebody, or something, else
     */
    public record Proof(
            LocalDateTime at,
            String by,
            String reason,
            Map<String, Integer> went,
            int files,
            int replaced,
            int leftStanding) {}

    /** What erasing a child would do. Nothing is changed. */
    @Transactional(readOnly = true)
    Preview preview(SettingId settingId, UUID childId) {
        ChildView child = children.get(settingId, childId);
        Map<String, Object> about = about(settingId, childId);
        return new Preview(
                child,
                counted(about),
                places(settingId, child, about),
                namesakes(settingId, child),
                database.queryForList(
                        "select distinct d.name from device d join device_holding h on h.device_id = d.id"
                                + " join device_holding_child c on c.holding_id = h.id where c.child_id = :child and d.setting_id = :setting order by 1",
                        about,
                        String.class));
    }

    private int namesakes(SettingId settingId, ChildView child) {
        return (int) Stream.concat(children.all(settingId).stream(), children.left(settingId).stream())
                .filter(other -> !other.id().equals(child.id()) && other.name().equalsIgnoreCase(child.name()))
                .count();
    }

    private Map<String, Integer> counted(Map<String, Object> about) {
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

    /** Ids of everything that is the child's, collected before any of it goes. */
    private Map<String, Object> about(SettingId settingId, UUID childId) {
        Map<String, Object> about = new HashMap<>();
        about.put("setting", settingId.value());
        about.put("child", childId);
        List<UUID> observations = ids(
                "select c.observation_id from observation_child c where c.child_id = :child and c.setting_id = :setting and not exists"
                        + " (select 1 from observation_child o where o.observation_id = c.observation_id and o.child_id <> :child)",
                about);
        List<UUID> journals = ids("select id from journal where child_id = :child and setting_id = :setting", about);
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
        return about;
    }

    /** A list that is never empty, for conditions. */
    private List<UUID> ids(String sql, Map<String, Object> about) {
        List<UUID> ids = new ArrayList<>(database.queryForList(sql, about, UUID.class));
        ids.add(NOBODY);
        return ids;
    }

    /** Places in what stays. */
    private List<Place> places(SettingId settingId, ChildView child, Map<String, Object> about) {
        Set<String> shared = new LinkedHashSet<>(database.queryForList(
                // Written with it, or with the same save.
                "select s.id::text from observation s where s.setting_id = :setting and s.id not in (:observations)"
                        + " and (exists (select 1 from observation_child c where c.observation_id = s.id and c.child_id = :child)"
                        + " or s.snapshot_id in (select x.snapshot_id from observation x where x.id in (:observations)))"
                        + " and not exists (select 1 from observation_child o join child k on k.id = o.child_id"
                        + " where o.observation_id = s.id and o.child_id <> :child and lower(k.given_name) = :name)",
                with(about, "name", child.name().toLowerCase(Locale.ROOT)),
                String.class));
        Set<String> going = goingRows(about);
        return search.of(settingId, child.allNames()).stream()
                .filter(hit -> !going.contains(hit.table() + "/" + hit.row()))
                .map(hit -> new Place(
                        hit.key(),
                        hit.found(),
                        hit.around(),
                        hit.isNear(),
                        !hit.isNear() && hit.table().equals("observation") && shared.contains(hit.row())))
                .toList();
    }

    private Set<String> goingRows(Map<String, Object> about) {
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

    private static Map<String, Object> with(Map<String, Object> about, String name, Object value) {
        Map<String, Object> more = new HashMap<>(about);
        more.put(name, value);
        return more;
    }

    /** Whether a text names the child: what is kept of an erasure must not. */
    boolean names(SettingId settingId, UUID childId, String text) {
        return !NameGuard.forChild(List.of(), children.get(settingId, childId).allNames())
                .namesIn(text)
                .isEmpty();
    }

    /**
     * Erases a child.
     *
     * @param replaced keys of the places in which a name is to be replaced
     * @return the id of the proof
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public UUID erase(Viewer viewer, UUID childId, String reason, Collection<String> replaced) {
        SettingId settingId = viewer.settingId();
        ChildView child = children.get(settingId, childId);
        Map<String, Object> about = about(settingId, childId);
        Set<String> files = files(about);
        Map<String, Integer> went = new TreeMap<>();
        for (ChildTables.Table table : ChildTables.GOING) {
            int rows = database.update("delete from %s t where %s".formatted(table.name(), table.which()), about);
            if (rows > 0) {
                went.put(table.name(), rows);
            }
        }
        ChildTables.WITHOUT_THE_CHILD.forEach(change -> database.update(change, about));
        int changed = 0;
        for (NameSearch.Hit hit : search.of(settingId, child.allNames())) {
            if (replaced.contains(hit.key())) {
                search.replace(settingId, hit, child.allNames());
                changed++;
            }
        }
        int left = search.of(settingId, child.allNames()).size();
        Set<String> unused = files.stream().filter(this::isUnused).collect(Collectors.toSet());
        UUID proof = Ids.next();
        Map<String, Object> kept = new HashMap<>();
        kept.put("id", proof);
        kept.put("setting", settingId.value());
        kept.put("at", Timestamp.from(settings.now(settingId)));
        kept.put("by", viewer.name());
        kept.put("reason", reason);
        kept.put("went", JSON.writeValueAsString(went));
        kept.put("files", unused.size());
        kept.put("replaced", changed);
        kept.put("left", left);
        database.update(
                "insert into erasure (id, setting_id, erased_at, erased_by, reason, went, files, replaced, left_standing)"
                        + " values (:id, :setting, :at, :by, :reason, cast(:went as jsonb), :files, :replaced, :left)",
                kept);
        // A file that went before the rows are gone could not come back.
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                unused.forEach(photos::removeFile);
            }
        });
        return proof;
    }

    /** Files of photos that go, and of those that were removed before and could still be brought back. */
    private Set<String> files(Map<String, Object> about) {
        Set<String> files = new LinkedHashSet<>();
        for (ChildTables.Table table : ChildTables.GOING) {
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

    private boolean isUnused(String file) {
        return Integer.valueOf(0)
                .equals(database.queryForObject(
                        "select count(*) from photo where stored_as = :file", Map.of("file", file), Integer.class));
    }

    /**
     * A proof.
     *
     * @throws NotFound if the setting has no such one
     */
    @Transactional(readOnly = true)
    public Proof proof(SettingId settingId, UUID erasureId) {
        return proofs(settingId, " and id = :id", Map.of("setting", settingId.value(), "id", erasureId)).stream()
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    /** All of a setting's, the latest first. */
    @Transactional(readOnly = true)
    List<Proof> all(SettingId settingId) {
        return proofs(settingId, "", Map.of("setting", settingId.value()));
    }

    private List<Proof> proofs(SettingId settingId, String which, Map<String, Object> given) {
        return database.query(
                "select * from erasure where setting_id = :setting" + which + " order by erased_at desc limit 200",
                given,
                (row, number) -> new Proof(
                        settings.local(settingId, row.getTimestamp("erased_at").toInstant()),
                        row.getString("erased_by"),
                        row.getString("reason"),
                        counts(row.getString("went")),
                        row.getInt("files"),
                        row.getInt("replaced"),
                        row.getInt("left_standing")));
    }

    private static Map<String, Integer> counts(String json) {
        Map<String, Integer> counts = new TreeMap<>();
        JSON.readTree(json)
                .properties()
                .forEach(one -> counts.put(one.getKey(), one.getValue().intValue()));
        return counts;
    }
}
