package app.carder.web.adults;

import app.carder.core.safety.AdultCheck;
import app.carder.web.account.Viewer;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What adults write about themselves. Each reads and writes their own only; the rest is used without a name. */
@Service
public class AdultService {

    private final AdultFactsRepository facts;
    private final SettingService settings;

    AdultService(AdultFactsRepository facts, SettingService settings) {
        this.facts = facts;
        this.settings = settings;
    }

    /** What the viewer wrote about themselves. */
    @Transactional(readOnly = true)
    public AdultDetails own(Viewer viewer) {
        return facts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .map(AdultFacts::details)
                .orElse(AdultDetails.NOTHING);
    }

    /** Writes it. */
    @Transactional
    public void write(Viewer viewer, AdultDetails details) {
        AdultFacts own = facts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .orElseGet(() -> new AdultFacts(viewer.personId(), viewer.settingId()));
        own.write(details, settings.now(viewer.settingId()));
        facts.save(own);
    }

    /** Until when paediatric first-aid certificates are valid, by account; empty where nobody ever wrote one down. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public Map<UUID, LocalDate> firstAidUntil(SettingId settingId) {
        Map<UUID, LocalDate> until = new HashMap<>();
        facts.findBySettingIdAndFirstAidUntilIsNotNull(settingId)
                .forEach(one -> one.details().firstAidUntil().ifPresent(day -> until.put(one.getId(), day)));
        return until;
    }

    /** What some adults should not handle, without names. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<AdultCheck.Adult> handling(SettingId settingId, Collection<UUID> accountIds) {
        return facts.findBySettingIdAndIdIn(settingId, accountIds).stream()
                .map(AdultFacts::details)
                .map(details -> new AdultCheck.Adult(details.avoids(), details.isExpecting()))
                .toList();
    }
}
