package app.carder.web.rights;

import app.carder.core.chain.Numbers;
import app.carder.core.retention.RecordKind;
import app.carder.core.wording.NameGuard;
import app.carder.web.account.Viewer;
import app.carder.web.audit.LogChain;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Erases a child: what is kept about it goes, in words about others "a friend" takes the place of its name where whoever erases wants it so,
 * and what went is counted, table by table, without saying whose it was.
 */
@Service
public class ErasureService {

    private static final String OF_SUBJECTS = "t.setting_id = :setting and t.subject_id in (:subjects)";
    private static final String BY_CARERS = "t.setting_id = :setting and t.person_id in (:accounts)";
    private static final String ABOUT_CARERS = "t.setting_id = :setting and t.account_id in (:accounts)";

    private final NamedParameterJdbcTemplate database;
    private final ChildRows rows;
    private final NameSearch search;
    private final ChildService children;
    private final ErasureProofs proofs;
    private final LogChain log;

    ErasureService(
            NamedParameterJdbcTemplate database,
            ChildRows rows,
            NameSearch search,
            ChildService children,
            ErasureProofs proofs,
            LogChain log) {
        this.database = database;
        this.rows = rows;
        this.search = search;
        this.children = children;
        this.proofs = proofs;
        this.log = log;
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

    /** What erasing a child would do. Nothing is changed. */
    @Transactional(readOnly = true)
    Preview preview(SettingId settingId, UUID childId) {
        ChildView child = children.get(settingId, childId);
        Map<String, Object> about = rows.about(settingId, childId);
        return new Preview(
                child,
                rows.counted(about),
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
        Set<String> going = rows.keys(about);
        return search.of(settingId, children.everyName(settingId, child)).stream()
                .filter(hit -> !going.contains(hit.table() + "/" + hit.row()))
                .map(hit -> new Place(
                        hit.key(),
                        hit.found(),
                        hit.around(),
                        hit.isNear(),
                        !hit.isNear() && hit.table().equals("observation") && shared.contains(hit.row())))
                .toList();
    }

    private static Map<String, Object> with(Map<String, Object> about, String name, Object value) {
        Map<String, Object> more = new HashMap<>(about);
        more.put(name, value);
        return more;
    }

    /** Whether a text names the child: what is kept of an erasure must not. */
    boolean names(SettingId settingId, UUID childId, String text) {
        return !NameGuard.forChild(List.of(), children.everyName(settingId, children.get(settingId, childId)))
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
        List<String> names = children.everyName(settingId, children.get(settingId, childId));
        log.hold(settingId);
        Map<String, Object> about = rows.about(settingId, childId);
        List<Long> whole =
                new ArrayList<>(log.links("history_entry", OF_SUBJECTS, about).all());
        whole.addAll(log.links("security_entry", ABOUT_CARERS, about).all());
        Numbers person = log.links("access_entry", BY_CARERS, about);
        List<Long> subject =
                new ArrayList<>(log.links("access_entry", OF_SUBJECTS, about).all());
        Set<String> files = rows.files(ChildTables.GOING, about);
        Map<String, Integer> went = rows.delete(ChildTables.GOING, about);
        ChildTables.WITHOUT_THE_CHILD.forEach(change -> database.update(change, about));
        int changed = 0;
        for (NameSearch.Hit hit : search.of(settingId, names)) {
            if (replaced.contains(hit.key())) {
                search.replace(settingId, hit, names).ifPresent(subject::add);
                changed++;
            }
        }
        int left = search.of(settingId, names).size();
        return proofs.add(
                viewer,
                reason,
                new ErasureProofs.Gone(
                        went,
                        files,
                        changed,
                        left,
                        new ErasureProofs.Links(Numbers.of(whole), person, Numbers.of(subject))));
    }

    /**
     * Takes out one kind of a child's records, as they have been kept long enough. The child itself stays.
     *
     * @return the id of the proof
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public UUID retire(Viewer viewer, UUID childId, RecordKind kind, String reason) {
        SettingId settingId = viewer.settingId();
        children.get(settingId, childId);
        log.hold(settingId);
        Map<String, Object> about = rows.about(settingId, childId, kind);
        List<ChildTables.Table> tables = ChildTables.of(kind);
        Numbers whole = log.links("history_entry", OF_SUBJECTS, about);
        Set<String> files = rows.files(tables, about);
        Map<String, Integer> went = rows.delete(tables, about);
        return proofs.add(
                viewer,
                reason,
                new ErasureProofs.Gone(
                        went,
                        files,
                        0,
                        0,
                        new ErasureProofs.Links(whole, Numbers.of(List.of()), Numbers.of(List.of()))));
    }
}
