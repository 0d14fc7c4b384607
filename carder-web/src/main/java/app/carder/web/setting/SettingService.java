package app.carder.web.setting;

import app.carder.web.page.NotFound;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Settings, and what day it is there. There are two clocks: the nursery's time says what day and session it is and when something was
 * written, put out or seen; the machine's says when somebody signed in, until when a link is valid, what a device sent and what the logs
 * have. They differ in made-up nurseries alone, whose day always stands in the middle of play.
 */
@Service
public class SettingService {

    private final SettingRepository settings;
    private final Clock clock;
    private final Changes changes;
    /** There are few settings, and they seldom change. */
    private final Map<SettingId, Known> known = new ConcurrentHashMap<>();

    /** As it was read at an edition of its places. */
    private record Known(SettingView view, long edition) {}

    SettingService(SettingRepository settings, Clock clock, Changes changes) {
        this.changes = changes;
        this.settings = settings;
        this.clock = clock;
    }

    /** Makes a setting. */
    @Transactional
    public SettingView create(SettingDetails details) {
        Setting setting = new Setting(new SettingId(Ids.next()), details, clock.instant());
        settings.save(setting);
        return setting.view();
    }

    /** Writes anew what a setting is. */
    @Transactional
    public void change(SettingId id, SettingDetails details) {
        settings.findById(id.value()).orElseThrow(NotFound::new).describe(details);
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
    public SettingView get(SettingId id) {
        Known there = known.get(id);
        // A job asks for the day many times; what is kept for it was right when somebody last opened a page.
        if (there != null && RequestContextHolder.getRequestAttributes() == null) {
            return there.view();
        }
        long edition = changes.count(id, Area.PLACES);
        if (there == null || there.edition() != edition) {
            there = new Known(
                    settings.findById(id.value()).orElseThrow(NotFound::new).view(), edition);
            known.put(id, there);
        }
        return there.view();
    }

    /** Today, in the setting's zone. */
    public LocalDate today(SettingId id) {
        return localNow(id).toLocalDate();
    }

    /** Now, by the nursery's time. */
    public Instant now(SettingId id) {
        return clock.instant().plus(get(id).clockAhead());
    }

    /** Now, in the setting's zone. */
    public LocalDateTime localNow(SettingId id) {
        return local(id, now(id));
    }

    /** All of them, for jobs that go through each. */
    @Transactional(readOnly = true)
    public List<SettingId> all() {
        return settings.ids().stream().map(SettingId::new).toList();
    }

    /** Those that are made up. */
    @Transactional(readOnly = true)
    public List<SettingView> madeUp() {
        return settings.findByMadeUpTrue().stream().map(Setting::view).toList();
    }

    /** Puts the clock of a made-up nursery, which runs on from there. From now on it says of itself that it is made up. */
    @Transactional
    public void putClock(SettingId id, LocalDateTime to) {
        Setting setting = settings.findById(id.value()).orElseThrow(NotFound::new);
        setting.putClock(Duration.between(
                clock.instant(), to.atZone(setting.view().zone()).toInstant()));
        known.remove(id);
    }

    /** What the machine's clock says in the setting's zone. */
    public LocalDateTime machineNow(SettingId id) {
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
