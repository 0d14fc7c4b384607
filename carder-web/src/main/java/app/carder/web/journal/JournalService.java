package app.carder.web.journal;

import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.journal.Candidate;
import app.carder.core.journal.EntrySelection;
import app.carder.core.journal.EntrySelection.Choice;
import app.carder.core.journal.PhotoRule;
import app.carder.core.journal.PhotoRule.Consent;
import app.carder.core.journal.PhotoRule.Shown;
import app.carder.core.journal.PhotoRule.Whose;
import app.carder.core.said.Said;
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
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
    private final FrameworkLibrary frameworks;
    private final SettingService settings;
    private final HistoryLog history;

    JournalService(
            JournalRepository journals,
            JournalEntryRepository entries,
            ObservationService observations,
            ChildService children,
            RoomService rooms,
            FrameworkLibrary frameworks,
            SettingService settings,
            HistoryLog history) {
        this.journals = journals;
        this.entries = entries;
        this.observations = observations;
        this.children = children;
        this.rooms = rooms;
        this.frameworks = frameworks;
        this.settings = settings;
        this.history = history;
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
                Said.say("journal.here-is-some-of-what-has", child.name()),
                "",
                viewer.name(),
                settings.now(viewer.settingId()));
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
        Reader reader = new Reader(journal, guard);
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
                journal.isApproved()
                        ? texts(journal)
                                .flatMap(text -> reader.names(text).stream())
                                .distinct()
                                .toList()
                        : List.of(),
                found.stream()
                        .map(entry -> {
                            ObservationView observation = Required.from(seen, entry.observationId());
                            return new JournalDraft.Entry(
                                    entry.getId(),
                                    observation,
                                    entry.words(),
                                    photoState(entry, observation, consents),
                                    entry.because(),
                                    reader.names(entry.words()),
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
        Journal journal = requireDraft(settingId, journalId);
        List<JournalEntry> order = new ArrayList<>(entriesOf(settingId, journalId));
        int from = indexOf(order, entryId);
        int to = direction == Direction.UP ? from - 1 : from + 1;
        if (to < 0 || to >= order.size()) {
            return;
        }
        journal.rearrange();
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
        requireDraft(settingId, journalId).rearrange();
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
        List<String> names = texts(journal)
                .flatMap(text -> guard.namesIn(text).stream())
                .distinct()
                .toList();
        if (names.isEmpty() && !journal.isApproved()) {
            journal.approve(
                    viewer.name(),
                    settings.now(viewer.settingId()),
                    rooms.get(viewer.settingId(), child.roomId()).framework());
            List<JournalEntry> approved = entriesOf(viewer.settingId(), journalId);
            Map<UUID, ObservationView> seen = observationsOf(viewer.settingId(), approved);
            approved.forEach(entry ->
                    entry.freeze(Required.from(seen, entry.observationId()).areas()));
        }
        return names;
    }

    /** Makes an approved journal a draft again; families cannot open it until it is approved anew. */
    @Transactional
    void takeBack(SettingId settingId, UUID journalId) {
        find(settingId, journalId).takeBack();
    }

    /**
     * The sheet that a family reads. Words and marks are those that were approved; a text in which a word has become a child's name since
     * then is held back. Consents are looked at anew every time.
     */
    @Transactional(readOnly = true)
    public JournalSheet sheet(SettingId settingId, UUID journalId) {
        Journal journal = find(settingId, journalId);
        ChildView child = children.get(settingId, journal.childId());
        Reader reader = new Reader(journal, children.guard(settingId, child));
        Framework framework = journal.frameworkCode()
                .map(frameworks::get)
                .orElseGet(() -> rooms.get(settingId, child.roomId()).framework());
        List<JournalEntry> found = entriesOf(settingId, journalId);
        Map<UUID, ObservationView> seen = observationsOf(settingId, found);
        PhotoConsents consents = consents(settingId, child.id(), seen.values());
        List<JournalEntry> shown =
                found.stream().filter(entry -> !reader.holdsBack(entry.words())).toList();
        long heldBack = found.size()
                - shown.size()
                + Stream.of(journal.greeting(), journal.atHome())
                        .filter(reader::holdsBack)
                        .count();
        return new JournalSheet(
                journalId,
                child.id(),
                child.name(),
                child.pegMark(),
                settings.get(settingId).name(),
                journal.startsOn(),
                journal.endsOn(),
                reader.read(journal.greeting()),
                shown.stream()
                        .map(entry ->
                                entry(entry, Required.from(seen, entry.observationId()), consents, framework, reader))
                        .toList(),
                reader.read(journal.atHome()),
                framework,
                journal.isApproved(),
                Math.toIntExact(heldBack));
    }

    private static JournalSheet.Entry entry(
            JournalEntry entry,
            ObservationView observation,
            PhotoConsents consents,
            Framework framework,
            Reader reader) {
        Framework ofItsDay = observation.frameworkOr(framework);
        boolean shown = photoState(entry, observation, consents) == PhotoState.SHOWN;
        Set<String> areas = entry.areas().orElse(observation.areas());
        return new JournalSheet.Entry(
                observation.observedAt().toLocalDate(),
                reader.read(entry.words()),
                observation.photo().filter(photo -> shown).map(photo -> photo.id()),
                areas,
                ofItsDay,
                ofItsDay.areas().stream()
                        .filter(area -> areas.contains(area.code()))
                        .map(Framework.Area::name)
                        .toList());
    }

    /** How a journal's texts reach the family. */
    private record Reader(Journal journal, NameGuard guard) {

        /** The names in an approved text that nobody has settled to be no child's. */
        List<String> names(String text) {
            return guard.namesIn(text).stream()
                    .filter(name -> !journal.settled().contains(name))
                    .toList();
        }

        boolean holdsBack(String text) {
            return journal.isApproved() && !names(text).isEmpty();
        }

        /** Of a draft without other children's names; what was approved word for word, or not at all. */
        String read(String text) {
            if (!journal.isApproved()) {
                return guard.withoutNames(text);
            }
            return holdsBack(text) ? "" : text;
        }
    }

    /** Somebody read an approved journal again: the words that hold it back mean no child. */
    @Transactional
    void settle(Viewer viewer, UUID journalId) {
        Journal journal = find(viewer.settingId(), journalId);
        NameGuard guard = children.guard(viewer.settingId(), children.get(viewer.settingId(), journal.childId()));
        Set<String> words = texts(journal)
                .flatMap(text -> guard.namesIn(text).stream())
                .collect(Collectors.toCollection(TreeSet::new));
        history.keep(
                viewer,
                "journal",
                journalId,
                Map.of("settled", String.join(", ", new TreeSet<>(journal.settled()))),
                Map.of("settled", String.join(", ", words)));
        journal.settle(words);
    }

    private Stream<String> texts(Journal journal) {
        return Stream.concat(
                Stream.of(journal.greeting(), journal.atHome()),
                entriesOf(journal.settingId(), journal.getId()).stream().map(JournalEntry::words));
    }

    /** The journals of the children whose records somebody may open, newest first. */
    @Transactional(readOnly = true)
    public Paging<JournalSummary> page(Viewer viewer, int page) {
        Slice<Journal> slice = journals.findBySettingIdAndChildIdInOrderByCompiledAtDescIdDesc(
                viewer.settingId(),
                children.inReach(viewer).stream().map(ChildView::id).toList(),
                PageRequest.of(Paging.number(page), Paging.ROWS));
        return new Paging<>(summaries(viewer.settingId(), slice.getContent()), slice.getNumber(), slice.hasNext());
    }

    /** Which of these are approved and yet in part held back from their families; see {@link #sheet}. */
    @Transactional(readOnly = true)
    public Set<UUID> heldBack(SettingId settingId, List<JournalSummary> some) {
        List<UUID> ids = some.stream()
                .filter(JournalSummary::approved)
                .map(JournalSummary::id)
                .toList();
        if (ids.isEmpty()) {
            return Set.of();
        }
        Map<UUID, List<JournalEntry>> entriesOfEach = entries.findBySettingIdAndJournalIdIn(settingId, ids).stream()
                .collect(Collectors.groupingBy(JournalEntry::journalId));
        Map<UUID, ChildView> whose = children.byId(
                settingId, some.stream().map(JournalSummary::childId).distinct().toList());
        List<String> names = children.names(settingId);
        return journals.findBySettingIdAndIdIn(settingId, ids).stream()
                .filter(journal -> {
                    Reader reader = new Reader(
                            journal,
                            NameGuard.forChild(
                                    Required.from(whose, journal.childId()).allNames(), names));
                    return Stream.concat(
                                    Stream.of(journal.greeting(), journal.atHome()),
                                    entriesOfEach.getOrDefault(journal.getId(), List.of()).stream()
                                            .map(JournalEntry::words))
                            .anyMatch(reader::holdsBack);
                })
                .map(Journal::getId)
                .collect(Collectors.toSet());
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

    private Journal requireDraft(SettingId settingId, UUID journalId) {
        Journal journal = find(settingId, journalId);
        if (journal.isApproved()) {
            throw new NotFound();
        }
        return journal;
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
