package app.carder.web.watchlog;

import app.carder.core.watch.DeviceClock;
import app.carder.web.account.Viewer;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log of a setting. */
@Service
public class WatchLogService {

    /** The most entries that are looked at together. */
    public static final int MOST = 20_000;

    private final WatchEntryRepository entries;
    private final SettingService settings;

    WatchLogService(WatchEntryRepository entries, SettingService settings) {
        this.entries = entries;
        this.settings = settings;
    }

    /** Whether an entry makes sense by itself; whether its room and child are the setting's own is for the caller. */
    public static boolean isComplete(EntryDetails entry) {
        return entry.isComplete();
    }

    /**
     * Adds entries; those that have arrived before change nothing.
     *
     * @param deviceClock how far the device's clock is off
     */
    @Transactional
    public void add(Viewer author, UUID deviceId, Collection<EntryDetails> sent, DeviceClock deviceClock) {
        Set<UUID> known = new HashSet<>(entries.known(
                author.settingId(), sent.stream().map(EntryDetails::id).toList()));
        Instant now = settings.now(author.settingId());
        for (EntryDetails entry : sent) {
            if (known.add(entry.id())) {
                entries.save(new WatchEntry(author, deviceId, entry, deviceClock, now));
            }
        }
    }

    /** All entries of the records in which a child was watched since a day, oldest first. */
    @Transactional(readOnly = true)
    public List<EntryView> ofChild(SettingId settingId, UUID childId, LocalDate since) {
        return ofRecords(settingId, entries.recordsOfChild(settingId, childId, startOf(settingId, since)));
    }

    /** All entries of the records at a card since a day, oldest first. */
    @Transactional(readOnly = true)
    public List<EntryView> ofCard(SettingId settingId, UUID cardId, LocalDate since) {
        return ofRecords(settingId, entries.recordsOfCard(settingId, cardId, startOf(settingId, since)));
    }

    /** The entries of a room between two days, both included, oldest first. */
    @Transactional(readOnly = true)
    public List<EntryView> ofRoom(SettingId settingId, UUID roomId, LocalDate from, LocalDate until) {
        return entries
                .findBySettingIdAndRoomIdAndHappenedAtBetweenOrderByHappenedAtAscIdAsc(
                        settingId,
                        roomId,
                        startOf(settingId, from),
                        startOf(settingId, until.plusDays(1)),
                        Limit.of(MOST))
                .stream()
                .flatMap(entry -> entry.view().stream())
                .toList();
    }

    /** The day on which each child was last watched; those never watched are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, LocalDate> lastWatched(SettingId settingId, Collection<UUID> childIds) {
        return entries.lastWatched(settingId, childIds).stream()
                .collect(Collectors.toMap(
                        WatchEntryRepository.LastWatched::getChildId,
                        last -> settings.local(settingId, last.getLastAt()).toLocalDate()));
    }

    private List<EntryView> ofRecords(SettingId settingId, List<UUID> recordIds) {
        return recordIds.isEmpty()
                ? List.of()
                : entries
                        .findBySettingIdAndRecordIdInOrderByHappenedAtAscIdAsc(settingId, recordIds, Limit.of(MOST))
                        .stream()
                        .flatMap(entry -> entry.view().stream())
                        .toList();
    }

    private Instant startOf(SettingId settingId, LocalDate day) {
        return day.atStartOfDay(settings.get(settingId).zone()).toInstant();
    }
}
