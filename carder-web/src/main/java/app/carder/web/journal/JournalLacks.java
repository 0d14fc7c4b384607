package app.carder.web.journal;

import app.carder.core.journal.Candidate;
import app.carder.core.journal.Missing;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.journal.JournalRecords.Found;
import app.carder.web.setting.SettingId;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What is not there yet for journals that will be made. */
@Component
public class JournalLacks {

    private final JournalRecords records;
    private final ObservationService observations;
    private final ChildService children;

    JournalLacks(JournalRecords records, ObservationService observations, ChildService children) {
        this.records = records;
        this.observations = observations;
        this.children = children;
    }

    /** For each of some children, from the records of a period. */
    public Map<UUID, Missing> of(
            SettingId settingId, List<ChildView> some, LocalDate startsOn, LocalDate endsOn, List<String> areas) {
        Map<UUID, Missing> missing = new HashMap<>();
        for (ChildView child : some) {
            List<ObservationView> seen = observations.ofChildBetween(settingId, child.id(), startsOn, endsOn);
            Found found = records.found(settingId, seen, PhotoConsents.of(children, settingId, child.id(), seen));
            List<Candidate> candidates =
                    seen.stream().map(one -> records.candidate(found, one)).toList();
            missing.put(child.id(), Missing.of(candidates, areas));
        }
        return missing;
    }
}
