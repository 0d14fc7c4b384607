package app.carder.web.setting;

import app.carder.web.page.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Settings, and what day it is there. */
@Service
public class SettingService {

    private final SettingRepository settings;
    private final Clock clock;
    /** Name, zone and currency do not change while the application runs; there are few settings. */
    private final Map<SettingId, SettingView> known = new ConcurrentHashMap<>();

    SettingService(SettingRepository settings, Clock clock) {
        this.settings = settings;
        this.clock = clock;
    }

    /** Makes a setting. */
    @Transactional
    public SettingView create(String name, ZoneId zone, Currency currency) {
        Setting setting = new Setting(new SettingId(Ids.next()), name, zone, currency, clock.instant());
        settings.save(setting);
        return setting.view();
    }

    /** Whether there is any setting yet. */
    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return settings.count() == 0;
    }

    /** The only one there is; absent where there is none, or several. */
    @Transactional(readOnly = true)
    public Optional<SettingId> only() {
        List<Setting> found = settings.findTop2ByOrderByCreatedAt();
        return found.size() == 1 ? Optional.of(found.get(0).view().id()) : Optional.empty();
    }

    /** One of them. */
    @Transactional(readOnly = true)
    public SettingView get(SettingId id) {
        SettingView view = known.get(id);
        if (view == null) {
            view = settings.findById(id.value()).orElseThrow(NotFound::new).view();
            known.put(id, view);
        }
        return view;
    }

    /** Today, in the setting's zone. */
    public LocalDate today(SettingId id) {
        return localNow(id).toLocalDate();
    }

    /** Now, in the setting's zone. */
    public LocalDateTime localNow(SettingId id) {
        return local(id, clock.instant());
    }

    /** The minute that runs, in the setting's zone: what is kept for as long as a clock on a page stands still. */
    public LocalDateTime minute(SettingId id) {
        return localNow(id).truncatedTo(ChronoUnit.MINUTES);
    }

    /** An instant, in the setting's zone. */
    public LocalDateTime local(SettingId id, Instant at) {
        return LocalDateTime.ofInstant(at, get(id).zone());
    }
}
