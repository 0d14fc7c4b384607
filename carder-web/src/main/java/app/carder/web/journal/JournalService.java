package app.carder.web.journal;

import app.carder.core.framework.Framework;
import app.carder.core.journal.Candidate;
import app.carder.core.journal.EntrySelection;
import app.carder.core.journal.EntrySelection.Choice;
import app.carder.core.journal.PhotoRule;
import app.carder.core.journal.PhotoRule.Consent;
import app.carder.core.journal.PhotoRule.Shown;
import app.carder.core.journal.PhotoRule.Whose;
import app.carder.core.wording.NameGuard;
import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.PhotoUse;
import app.carder.web.journal.JournalDraft.PhotoState;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationView;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Compiles, words and approves learning journals, and hands out the sheet that a family reads. */
@Service
public class JournalService {

    private static final Limit OF_A_CHILD = Limit.of(50);

    private final JournalRepository journals;
    private final JournalEntryRepository entries;
    private final ObservationService observations;
    private final ChildService children;
    private final RoomService rooms;
    private final SettingService settings;
    private final HistoryLog history;
    private final Clock clock;

    JournalService(
            JournalRepository journals,
            JournalEntryRepository entries,
            ObservationService observations,
            ChildService children,
            RoomService rooms,
            SettingService settings,
            HistoryLog history,
            Clock clock) {
        this.journals = journals;
        this.entries = entries;
        this.observations = observations;
        this.children = children;
        this.rooms = rooms;
        this.settings = settings;
        this.history = history;
        this.clock = clock;
    }

    /**
     * Compiles a draft: the core selects, other children's names are taken out.
     *
     * @throws IllegalArgumentException if the period runs backwards or no entry is asked for
     */
    @Transactional
    public UUID compile(Viewer viewer, UUID childId, LocalDate startsOn, LocalDate endsOn, int size) {
        SettingId settingId = viewer.settingId();
        ChildView child = children.get(settingId, childId);
        NameGuard guard = children.guard(settingId, child);
        List<ObservationView> found = observations.ofChildBetween(settingId, childId, startsOn, endsOn);
        PhotoConsents consents = consents(settingId, childId, found);
        Map<String, ObservationView> byId =
                found.stream().collect(Collectors.toMap(one -> one.id().toString(), Function.identity()));
        List<Choice> chosen = EntrySelection.over(startsOn, endsOn, size)
                .choose(found.stream()
                        .map(one -> new Candidate(
                                one.id().toString(),
                                one.observedAt().toLocalDate(),
                                one.areas(),
                                consents.allow(one) ? Candidate.Photo.SHOWN : Candidate.Photo.NONE))
                        .toList());
        Journal journal = new Journal(
                settingId,
                childId,
                startsOn,
                endsOn,
                "Here is some of what %s has been busy with.".formatted(child.name()),
                "",
                viewer.name(),
                clock.instant());
        journals.save(journal);
        List<Choice> inTime = chosen.stream()
                .sorted(Comparator.comparing(choice -> choice.candidate().on()))
                .toList();
        for (int position = 0; position < inTime.size(); position++) {
            Choice choice = inTime.get(position);
            ObservationView observation = Required.from(byId, choice.candidate().id());
            entries.save(new JournalEntry(
                    settingId,
                    journal.getId(),
                    observation.id(),
                    position,
                    guard.withoutNames(observation.note()),
                    choice.candidate().photo() == Candidate.Photo.SHOWN,
                    choice.because().words()));
        }
        return journal.getId();
    }

    /** A journal on the practitioner's desk. */
    @Transactional(readOnly = true)
    public JournalDraft draft(SettingId settingId, UUID journalId) {
        Journal journal = find(settingId, journalId);
        ChildView child = children.get(settingId, journal.childId());
        NameGuard guard = children.guard(settingId, child);
        List<JournalEntry> found = entriesOf(settingId, journalId);
        Map<UUID, ObservationView> seen = observationsOf(settingId, found);
        PhotoConsents consents = consents(settingId, child.id(), seen.values());
        return new JournalDraft(
                journalId,
                child,
                journal.startsOn(),
                journal.endsOn(),
                journal.greeting(),
                journal.atHome(),
                journal.compiledBy(),
                journal.approvedBy(),
                journal.version(),
                found.stream()
                        .map(entry -> {
                            ObservationView observation = Required.from(seen, entry.observationId());
                            return new JournalDraft.Entry(
                                    entry.getId(),
                                    observation,
                                    entry.words(),
                                    photoState(entry, observation, consents),
                                    entry.because(),
                                    guard.namesIn(entry.words()),
                                    guard.near(entry.words()).stream()
                                            .map(NameGuard.Near::words)
                                            .toList());
                        })
                        .toList());
    }

    /**
     * Keeps the words of a draft.
     *
     * @param words by entry
     * @param photosShown entries whose photo is to be shown
     * @return whether it was a draft at that version; else nothing is changed
     */
    @Transactional
    public boolean word(
            Viewer viewer,
            UUID journalId,
            int version,
            String greeting,
            String atHome,
            Map<UUID, String> words,
            Collection<UUID> photosShown) {
        Journal journal = find(viewer.settingId(), journalId);
        if (journal.isApproved() || journal.version() != version) {
            return false;
        }
        Map<String, String> before =
                new LinkedHashMap<>(Map.of("greeting", journal.greeting(), "at home", journal.atHome()));
        Map<String, String> after = new LinkedHashMap<>(Map.of("greeting", greeting, "at home", atHome));
        journal.word(greeting, atHome);
        for (JournalEntry entry : entriesOf(viewer.settingId(), journalId)) {
            String worded = words.getOrDefault(entry.getId(), entry.words());
            before.put("entry " + entry.getId(), entry.words());
            after.put("entry " + entry.getId(), worded);
            entry.word(worded, photosShown.contains(entry.getId()));
        }
        history.keep(viewer, "journal", journalId, before, after);
        return true;
    }

    /** Moves an entry of a draft up or down by one place. */
    @Transactional
    void move(SettingId settingId, UUID journalId, UUID entryId, Direction direction) {
        requireDraft(settingId, journalId);
        List<JournalEntry> order = new ArrayList<>(entriesOf(settingId, journalId));
        int from = indexOf(order, entryId);
        int to = direction == Direction.UP ? from - 1 : from + 1;
        if (to < 0 || to >= order.size()) {
            return;
        }
        order.add(to, order.remove(from));
        for (int position = 0; position < order.size(); position++) {
            order.get(position).moveTo(position);
        }
    }

    /** Which way an entry moves. */
    enum Direction {
        UP,
        DOWN
    }

    /** Takes an entry out of a draft; the observation stays. */
    @Transactional
    void leaveOut(SettingId settingId, UUID journalId, UUID entryId) {
        requireDraft(settingId, journalId);
        List<JournalEntry> order = entriesOf(settingId, journalId);
        entries.delete(order.get(indexOf(order, entryId)));
    }

    /**
     * Approves a draft.
     *
     * @return the other children's names that still stand in it; where there are any, nothing is approved
     */
    @Transactional
    public List<String> approve(Viewer viewer, UUID journalId) {
        Journal journal = find(viewer.settingId(), journalId);
        ChildView child = children.get(viewer.settingId(), journal.childId());
        NameGuard guard = children.guard(viewer.settingId(), child);
        List<String> texts = new ArrayList<>(List.of(journal.greeting(), journal.atHome()));
        entriesOf(viewer.settingId(), journalId).forEach(entry -> texts.add(entry.words()));
        List<String> names = texts.stream()
                .flatMap(text -> guard.namesIn(text).stream())
                .distinct()
                .toList();
        if (names.isEmpty() && !journal.isApproved()) {
            journal.approve(viewer.name(), clock.instant());
        }
        return names;
    }

    /** Makes an approved journal a draft again; families cannot open it until it is approved anew. */
    @Transactional
    void takeBack(SettingId settingId, UUID journalId) {
        find(settingId, journalId).takeBack();
    }

    /** The sheet that a family reads. Consents and names are looked at anew every time. */
    @Transactional(readOnly = true)
    public JournalSheet sheet(SettingId settingId, UUID journalId) {
        Journal journal = find(settingId, journalId);
        ChildView child = children.get(settingId, journal.childId());
        NameGuard guard = children.guard(settingId, child);
        Framework framework = rooms.get(settingId, child.roomId()).framework();
        List<JournalEntry> found = entriesOf(settingId, journalId);
        Map<UUID, ObservationView> seen = observationsOf(settingId, found);
        PhotoConsents consents = consents(settingId, child.id(), seen.values());
        return new JournalSheet(
                journalId,
                child.id(),
                child.name(),
                child.pegMark(),
                settings.get(settingId).name(),
                journal.startsOn(),
                journal.endsOn(),
                guard.withoutNames(journal.greeting()),
                found.stream()
                        .map(entry -> {
                            ObservationView observation = Required.from(seen, entry.observationId());
                            boolean shown = photoState(entry, observation, consents) == PhotoState.SHOWN;
                            return new JournalSheet.Entry(
                                    observation.observedAt().toLocalDate(),
                                    guard.withoutNames(entry.words()),
                                    observation.photo().filter(photo -> shown).map(photo -> photo.id()),
                                    observation.areas(),
                                    framework.areas().stream()
                                            .filter(area -> observation.areas().contains(area.code()))
                                            .map(Framework.Area::name)
                                            .toList());
                        })
                        .toList(),
                guard.withoutNames(journal.atHome()),
                framework,
                journal.isApproved());
    }

    /** All journals, newest first. */
    @Transactional(readOnly = true)
    public Paging<JournalSummary> page(SettingId settingId, int page) {
        Slice<Journal> slice = journals.findBySettingIdOrderByCompiledAtDescIdDesc(
                settingId, PageRequest.of(Paging.number(page), Paging.ROWS));
        return new Paging<>(summaries(settingId, slice.getContent()), slice.getNumber(), slice.hasNext());
    }

    /** The journals of a child, newest period first. */
    @Transactional(readOnly = true)
    public List<JournalSummary> ofChild(SettingId settingId, UUID childId) {
        return summaries(
                settingId, journals.findBySettingIdAndChildIdOrderByEndsOnDesc(settingId, childId, OF_A_CHILD));
    }

    /** Some journals, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, JournalSummary> byId(SettingId settingId, Collection<UUID> ids) {
        return summaries(settingId, journals.findBySettingIdAndIdIn(settingId, ids)).stream()
                .collect(Collectors.toMap(JournalSummary::id, Function.identity()));
    }

    private List<JournalSummary> summaries(SettingId settingId, List<Journal> found) {
        Map<UUID, ChildView> whose = children.byId(
                settingId, found.stream().map(Journal::childId).distinct().toList());
        return found.stream()
                .map(journal -> new JournalSummary(
                        journal.getId(),
                        journal.childId(),
                        Required.from(whose, journal.childId()).name(),
                        journal.startsOn(),
                        journal.endsOn(),
                        journal.isApproved()))
                .toList();
    }

    private List<JournalEntry> entriesOf(SettingId settingId, UUID journalId) {
        return entries.findBySettingIdAndJournalIdOrderByPosition(settingId, journalId);
    }

    private Map<UUID, ObservationView> observationsOf(SettingId settingId, List<JournalEntry> found) {
        return observations.byId(
                settingId, found.stream().map(JournalEntry::observationId).toList());
    }

    private Journal find(SettingId settingId, UUID journalId) {
        return journals.findByIdAndSettingId(journalId, settingId).orElseThrow(NotFound::new);
    }

    private void requireDraft(SettingId settingId, UUID journalId) {
        if (find(settingId, journalId).isApproved()) {
            throw new NotFound();
        }
    }

    private static int indexOf(List<JournalEntry> order, UUID entryId) {
        for (int i = 0; i < order.size(); i++) {
            if (order.get(i).getId().equals(entryId)) {
                return i;
            }
        }
        throw new NotFound();
    }

    private static PhotoState photoState(JournalEntry entry, ObservationView observation, PhotoConsents consents) {
        if (observation.photo().isEmpty()) {
            return PhotoState.NONE;
        }
        if (!consents.allow(observation)) {
            return PhotoState.NOT_ALLOWED;
        }
        return entry.isPhotoShown() ? PhotoState.SHOWN : PhotoState.LEFT_OUT;
    }

    private PhotoConsents consents(SettingId settingId, UUID childId, Collection<ObservationView> found) {
        return new PhotoConsents(
                childId,
                children.byId(
                        settingId,
                        found.stream()
                                .flatMap(one -> one.childrenInPhoto().stream())
                                .distinct()
                                .toList()));
    }

    /** Looks up who is in a photo and asks the core's rule. */
    private record PhotoConsents(UUID childId, Map<UUID, ChildView> childrenById) {

        boolean allow(ObservationView observation) {
            return observation.photo().isPresent()
                    && PhotoRule.allows(observation.childrenInPhoto().stream()
                            .map(this::shown)
                            .toList());
        }

        private Shown shown(UUID inPhoto) {
            Optional<ChildView> child = Optional.ofNullable(childrenById.get(inPhoto));
            return new Shown(
                    inPhoto.equals(childId) ? Whose.THE_CHILD : Whose.ANOTHER,
                    consent(child, PhotoUse.OWN_JOURNAL),
                    consent(child, PhotoUse.OTHERS_JOURNALS));
        }

        private static Consent consent(Optional<ChildView> child, PhotoUse use) {
            return child.filter(found -> found.allows(use)).isPresent() ? Consent.GIVEN : Consent.NOT_GIVEN;
        }
    }
}
