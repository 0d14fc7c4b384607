package app.carder.web.rights;

import app.carder.core.chain.Numbers;
import app.carder.core.said.Said;
import app.carder.web.account.Viewer;
import app.carder.web.audit.LogChain;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.ConsentService;
import app.carder.web.outbox.OutboxService;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What changes in the life of a child and must not be found out from a form field: another name, another family, a death. */
@Service
public class LifeService {

    private static final Set<String> STAYING = Set.of("message", "done_row");

    private final NamedParameterJdbcTemplate database;
    private final ChildService children;
    private final ConsentService consents;
    private final NameSearch search;
    private final ErasureProofs proofs;
    private final OutboxService outbox;
    private final LogChain log;

    LifeService(
            NamedParameterJdbcTemplate database,
            ChildService children,
            ConsentService consents,
            NameSearch search,
            ErasureProofs proofs,
            OutboxService outbox,
            LogChain log) {
        this.database = database;
        this.children = children;
        this.consents = consents;
        this.search = search;
        this.proofs = proofs;
        this.outbox = outbox;
        this.log = log;
    }

    /**
     * A place where the name stands.
     *
     * @param key of it, on the form
     * @param found the name as it stands there
     * @param around the words around it
     * @param isNear whether it only comes near the name
     */
    record Place(String key, String found, String around, boolean isNear) {}

    /**
     * Where a name stands.
     *
     * @param places in which it can be replaced
     * @param approved journals that families have, which are never changed
     */
    record Standing(List<Place> places, int approved) {}

    /** Where a child's name stands. */
    @Transactional(readOnly = true)
    Standing standing(SettingId settingId, UUID childId) {
        Set<String> approved = approved(settingId);
        List<Place> places = new ArrayList<>();
        Set<String> journals = new HashSet<>();
        for (NameSearch.Hit hit : hits(settingId, children.get(settingId, childId))) {
            if (approved.contains(hit.row())) {
                journals.add(hit.row());
            } else {
                places.add(new Place(hit.key(), hit.found(), hit.around(), hit.isNear()));
            }
        }
        return new Standing(places, journals.size());
    }

    /** What was sent stays as it was sent, and what can be undone as it was done. */
    private List<NameSearch.Hit> hits(SettingId settingId, ChildView child) {
        return search.of(settingId, List.of(child.name())).stream()
                .filter(hit -> !STAYING.contains(hit.table()))
                .toList();
    }

    /** Ids of journals that are approved and of their entries. */
    private Set<String> approved(SettingId settingId) {
        return new HashSet<>(database.queryForList(
                "select j.id::text from journal j where j.setting_id = :setting and j.approved_at is not null"
                        + " union all select e.id::text from journal_entry e join journal j on j.id = e.journal_id"
                        + " where j.setting_id = :setting and j.approved_at is not null",
                Map.of("setting", settingId.value()),
                String.class));
    }

    /**
     * Gives a child another first name.
     *
     * @param hidesEarlier whether the earlier name is never to be shown any more; what was kept of it in the history is erased, with a proof
     * @param replaced keys of the places in which the new name takes the place of the earlier one
     */
    @Transactional
    void rename(Viewer viewer, UUID childId, String newName, boolean hidesEarlier, Collection<String> replaced) {
        SettingId settingId = viewer.settingId();
        ChildView child = children.get(settingId, childId);
        log.hold(settingId);
        Set<String> approved = approved(settingId);
        List<Long> lost = new ArrayList<>();
        int places = 0;
        List<NameSearch.Hit> hits = hits(settingId, child);
        for (NameSearch.Hit hit : hits) {
            if (replaced.contains(hit.key()) && !approved.contains(hit.row())) {
                search.rename(settingId, hit, List.of(child.name()), newName).ifPresent(lost::add);
                places++;
            }
        }
        children.rename(viewer, childId, newName, hidesEarlier);
        Map<String, Integer> went = new TreeMap<>();
        Numbers whole = Numbers.of(List.of());
        if (hidesEarlier) {
            Map<String, Object> named = Map.of("setting", settingId.value(), "child", childId);
            String which = "t.setting_id = :setting and t.subject_id = :child and t.field = 'name'";
            whole = log.links("history_entry", which, named);
            went.put("history_entry", database.update("delete from history_entry t where " + which, named));
        }
        if (hidesEarlier || !lost.isEmpty()) {
            Numbers none = Numbers.of(List.of());
            proofs.add(
                    viewer,
                    Said.say("life.name.proof"),
                    new ErasureProofs.Gone(
                            went,
                            Set.of(),
                            places,
                            hits.size() - places,
                            new ErasureProofs.Links(whole, none, Numbers.of(lost))));
        }
    }

    /**
     * A child has another family from now on.
     *
     * @param ending carers who read no more from today on
     * @return how many messages that waited for them were stopped
     */
    @Transactional
    int changeFamily(Viewer viewer, UUID childId, Collection<UUID> ending) {
        SettingId settingId = viewer.settingId();
        List<CarerView> leaving = children.everyCarerOf(settingId, childId).stream()
                .filter(carer -> ending.contains(carer.id()))
                .toList();
        children.changeFamily(viewer, childId, ending);
        consents.askAnew(settingId, childId);
        return stop(settingId, leaving);
    }

    /**
     * A child has died. Nothing goes to its family by itself any more.
     *
     * @param on the day; absent where it was written down by mistake
     * @return how many messages to the family were stopped
     */
    @Transactional
    int died(Viewer viewer, UUID childId, Optional<LocalDate> on) {
        children.died(viewer, childId, on);
        return on.isEmpty() ? 0 : stop(viewer.settingId(), children.everyCarerOf(viewer.settingId(), childId));
    }

    private int stop(SettingId settingId, List<CarerView> carers) {
        List<String> addresses = carers.stream()
                .map(CarerView::email)
                .filter(address -> !address.isEmpty())
                .toList();
        return addresses.isEmpty() ? 0 : outbox.stop(settingId, addresses);
    }
}
