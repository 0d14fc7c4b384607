package app.carder.web.setting;

import app.carder.core.week.OpenDays;
import app.carder.web.page.NotFound;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Closed days and visits of a setting. */
@Service
public class OccasionService {

    private static final Limit MOST = Limit.of(1000);
    private static final int DAYS_AROUND = 400;

    private final OccasionRepository occasions;
    private final SettingService settings;

    OccasionService(OccasionRepository occasions, SettingService settings) {
        this.occasions = occasions;
        this.settings = settings;
    }

    /** What takes place between two days, both included, by its first day. */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public List<OccasionView> between(SettingId settingId, LocalDate from, LocalDate until) {
        return occasions
                .findBySettingIdAndUntilDayGreaterThanEqualAndFromDayLessThanEqualOrderByFromDay(
                        settingId, from, until, MOST)
                .stream()
                .map(Occasion::view)
                .toList();
    }

    /** The days that the setting is open: those of its week, but for closed days up to a good year back and ahead. */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public OpenDays openDays(SettingId settingId) {
        LocalDate today = settings.today(settingId);
        LocalDate first = today.minusDays(DAYS_AROUND);
        LocalDate last = today.plusDays(DAYS_AROUND);
        Set<LocalDate> closed = new HashSet<>();
        for (OccasionView occasion : between(settingId, first, last)) {
            if (occasion.details().closes()) {
                LocalDate from = occasion.details().from().isBefore(first)
                        ? first
                        : occasion.details().from();
                LocalDate until = occasion.details().until().isAfter(last)
                        ? last
                        : occasion.details().until();
                from.datesUntil(until.plusDays(1)).forEach(closed::add);
            }
        }
        return new OpenDays(settings.get(settingId).premises().openOn(), closed);
    }

    /** The days of the week on which the setting is open, Monday first. */
    public List<DayOfWeek> weekdays(SettingId settingId) {
        return settings.get(settingId).premises().openOn().stream().sorted().toList();
    }

    /** Writes some down, each once: one with the same days and words is there already. */
    @Transactional
    public int add(SettingId settingId, List<OccasionDetails> all) {
        int added = 0;
        for (OccasionDetails details : all) {
            boolean known = between(settingId, details.from(), details.until()).stream()
                    .anyMatch(there -> there.details().equals(details));
            if (!known) {
                occasions.save(new Occasion(settingId, details));
                added++;
            }
        }
        return added;
    }

    /**
     * Takes one away.
     *
     * @throws NotFound if the setting has no such occasion
     */
    @Transactional
    public void remove(SettingId settingId, UUID occasionId) {
        occasions.delete(occasions.findByIdAndSettingId(occasionId, settingId).orElseThrow(NotFound::new));
    }
}
