package app.carder.web.journal;

import app.carder.core.journal.Candidate;
import app.carder.core.journal.Missing;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.journal.JournalRecords.Found;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is not there yet for journals that will be made. */
@Component
public class JournalLacks {

    private static final UUID NOBODY = new UUID(0, 0);

    private final JournalRecords records;
    private final ObservationService observations;
    private final ChildService children;

    JournalLacks(JournalRecords records, ObservationService observations, ChildService children) {
        this.records = records;
        this.observations = observations;
        this.children = children;
    }

    /** For each of some children, from the records of a period; they are asked for once for all, and kept: key persons see it on Today. */
    @Remembered({Area.BOARD, Area.CARDS, Area.PEOPLE, Area.PLACES, Area.RECORDS})
    @Transactional(readOnly = true)
    public Map<UUID, Missing> of(
            SettingId settingId, List<ChildView> some, LocalDate startsOn, LocalDate endsOn, List<String> areas) {
        List<ObservationView> all = observations.ofChildrenBetween(
                settingId, some.stream().map(ChildView::id).toList(), startsOn, endsOn);
        Found found = records.found(settingId, all, PhotoConsents.of(children, settingId, NOBODY, all));
        Map<UUID, Missing> missing = new HashMap<>();
        for (ChildView child : some) {
            Found own = found.of(child.id());
            List<Candidate> candidates = all.stream()
                    .filter(one -> one.childIds().contains(child.id()))
                    .map(one -> records.candidate(own, one))
                    .toList();
            missing.put(child.id(), Missing.of(candidates, areas));
        }
        return missing;
    }
}
