package app.carder.web.journal;

import app.carder.core.composition.Element;
import app.carder.core.composition.Layout;
import app.carder.core.journal.Part;
import app.carder.core.wording.NameGuard;
import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
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

/** Words, arranges and approves learning journals, and hands out the sheet that a family reads. */
@Service
public class JournalService {

    private static final Limit OF_A_CHILD = Limit.of(50);

    private final JournalRepository journals;
    private final JournalEntryRepository entries;
    private final JournalRecords records;
    private final JournalSheets sheets;
    private final ObservationService observations;
    private final ChildService children;
    private final RoomService rooms;
    private final SettingService settings;
    private final HistoryLog history;

    JournalService(
            JournalRepository journals,
            JournalEntryRepository entries,
            JournalRecords records,
            JournalSheets sheets,
            ObservationService observations,
            ChildService children,
            RoomService rooms,
            SettingService settings,
            HistoryLog history) {
        this.journals = journals;
        this.entries = entries;
        this.records = records;
        this.sheets = sheets;
        this.observations = observations;
        this.children = children;
        this.rooms = rooms;
        this.settings = settings;
        this.history = history;
    }

    /** A journal on the practitioner's desk. */
    @Transactional(readOnly = true)
    public JournalDraft draft(SettingId settingId, UUID journalId) {
        Journal journal = find(settingId, journalId);
        ChildView child = children.get(settingId, journal.childId());
        NameGuard guard = children.guard(settingId, child);
        JournalReader reader = new JournalReader(journal, guard);
        List<JournalEntry> all = entries.findBySettingIdAndJournalIdOrderByPosition(settingId, journalId);
        Map<UUID, ObservationView> seen = observationsOf(settingId, all);
        PhotoConsents consents = PhotoConsents.of(children, settingId, child.id(), seen.values());
        Map<UUID, String> reasons = reasons(journal, child, all, seen, consents);
        Map<Boolean, List<JournalDraft.Entry>> told = all.stream()
                .map(entry -> {
                    ObservationView observation = Required.from(seen, entry.observationId());
                    PhotoState photo = photoState(entry, observation, consents);
                    return Map.entry(
                            entry.isLeftOut(),
                            new JournalDraft.Entry(
                                    entry.getId(),
                                    observation,
                                    entry.part(),
                                    entry.words(),
                                    photo,
                                    entry.part() == Part.BUSY_WITH && !entry.isLeftOut()
                                            ? reasons.getOrDefault(observation.id(), "")
                                            : "",
                                    textsOf(entry)
                                            .flatMap(text -> reader.names(text).stream())
                                            .distinct()
                                            .toList(),
                                    textsOf(entry)
                                            .flatMap(text -> guard.near(text).stream())
                                            .map(NameGuard.Near::words)
                                            .distinct()
                                            .toList(),
                                    layouts(entry, observation, photo),
                                    entry.layout(),
                                    entry.isPinned(),
                                    entry.translation(),
                                    entry.simpleWords()));
                })
                .collect(Collectors.partitioningBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
        return new JournalDraft(
                journalId,
                child,
                journal.request(),
                journal.parts(),
                journal.texts(),
                journal.talkedOverOn(),
                journal.compiledBy(),
                journal.approvedBy(),
                journal.version(),
                journal.isApproved()
                        ? texts(journal)
                                .flatMap(text -> reader.names(text).stream())
                                .distinct()
                                .toList()
                        : List.of(),
                journal.texts().values().stream()
                        .flatMap(text -> guard.near(text).stream())
                        .map(NameGuard.Near::words)
                        .distinct()
                        .toList(),
                new JournalDraft.Reading(journal.remark(), journal.remarkBy(), journal.nearAnswered()),
                Required.from(told, false),
                Required.from(told, true));
    }

    private Map<UUID, String> reasons(
            Journal journal,
            ChildView child,
            List<JournalEntry> all,
            Map<UUID, ObservationView> seen,
            PhotoConsents consents) {
        List<ObservationView> busy = all.stream()
                .filter(entry -> entry.part() == Part.BUSY_WITH && !entry.isLeftOut())
                .map(entry -> Required.from(seen, entry.observationId()))
                .toList();
        return records.reasons(
                records.found(journal.settingId(), busy, consents),
                journal.request().selection(),
                sheets.framework(journal, child));
    }

    private static List<Layout> layouts(JournalEntry entry, ObservationView observation, PhotoState photo) {
        return entry.part() == Part.BUSY_WITH
                ? Element.entry(
                                "",
                                entry.words(),
                                photo == PhotoState.SHOWN ? observation.photos().size() : 0)
                        .layouts()
                : List.of();
    }

    /**
     * What somebody typed on the desk.
     *
     * @param version that it was typed for
     * @param texts by part
     * @param talkedOverOn when concerns were talked over with the family; absent where they were not
     * @param words by entry
     * @param simple the same in short sentences, by entry
     * @param photosShown entries whose photo is to be shown
     * @param layouts by entry, where one was chosen
     */
    public record Wording(
            int version,
            Map<Part, String> texts,
            Optional<LocalDate> talkedOverOn,
            Map<UUID, String> words,
            Map<UUID, String> simple,
            Collection<UUID> photosShown,
            Map<UUID, Layout> layouts) {}

    /**
     * Keeps the words of a draft.
     *
     * @return whether it was a draft at that version; else nothing is changed
     */
    @Transactional
    public boolean word(Viewer viewer, UUID journalId, Wording wording) {
        Journal journal = find(viewer.settingId(), journalId);
        if (journal.isApproved() || journal.version() != wording.version()) {
            return false;
        }
        Map<String, String> before = new LinkedHashMap<>(journal.wording());
        journal.word(wording.texts(), wording.talkedOverOn());
        Map<String, String> after = new LinkedHashMap<>(journal.wording());
        for (JournalEntry entry : entriesOf(viewer.settingId(), journalId)) {
            String worded = wording.words().getOrDefault(entry.getId(), entry.words());
            before.put("entry " + entry.getId(), entry.words());
            after.put("entry " + entry.getId(), worded);
            entry.simplify(wording.simple().getOrDefault(entry.getId(), entry.simpleWords()));
            entry.word(
                    worded,
                    wording.photosShown().contains(entry.getId()),
                    wording.layouts().get(entry.getId()));
        }
        history.keep(viewer, "journal", journalId, before, after);
        return true;
    }

    /**
     * Keeps an entry in another language beside itself; without words there is none any more.
     *
     * @param speaks whether whoever writes speaks the language and signs it off
     */
    @Transactional
    void translate(Viewer viewer, UUID journalId, UUID entryId, String language, String words, boolean speaks) {
        SettingId settingId = viewer.settingId();
        Journal journal = requireDraft(settingId, journalId);
        JournalEntry entry = entry(entriesOf(settingId, journalId), entryId);
        if (entry.pairId().isPresent()) {
            throw new NotFound();
        }
        journal.rearrange();
        Translation before = entry.translation();
        Translation after = words.isBlank()
                ? Translation.NONE
                : new Translation(
                        language,
                        words,
                        words.equals(before.words()) ? before.by() : viewer.name(),
                        speaks ? viewer.name() : "");
        history.keep(
                viewer,
                "journal",
                journalId,
                Map.of("entry " + entryId + " in another language", before.words()),
                Map.of("entry " + entryId + " in another language", after.words()));
        entry.translate(after);
    }

    /** Moves an entry of a draft up or down by one place within its part; a pair moves as one. */
    @Transactional
    void move(SettingId settingId, UUID journalId, UUID entryId, Direction direction) {
        Journal journal = requireDraft(settingId, journalId);
        List<JournalEntry> all = entriesOf(settingId, journalId);
        JournalEntry moved = entry(all, entryId);
        List<List<JournalEntry>> order = ofPart(all, moved.part());
        int from = placeOf(order, moved);
        int to = direction == Direction.UP ? from - 1 : from + 1;
        if (to >= 0 && to < order.size()) {
            reorder(journal, order, from, to);
        }
    }

    /** Moves an entry of a draft to where another of its part stands; a pair moves as one. One of another part stays where it is. */
    @Transactional
    void moveOnto(SettingId settingId, UUID journalId, UUID entryId, UUID ontoId) {
        Journal journal = requireDraft(settingId, journalId);
        List<JournalEntry> all = entriesOf(settingId, journalId);
        JournalEntry moved = entry(all, entryId);
        JournalEntry onto = entry(all, ontoId);
        List<List<JournalEntry>> order = ofPart(all, moved.part());
        if (moved.part() == onto.part()) {
            reorder(journal, order, placeOf(order, moved), placeOf(order, onto));
        }
    }

    private static int placeOf(List<List<JournalEntry>> order, JournalEntry entry) {
        int place = 0;
        while (!order.get(place).contains(entry)) {
            place++;
        }
        return place;
    }

    private static List<List<JournalEntry>> ofPart(List<JournalEntry> all, Part part) {
        return new ArrayList<>(all.stream()
                .filter(one -> one.part() == part)
                .collect(Collectors.groupingBy(
                        one -> one.pairId().orElse(one.getId()), LinkedHashMap::new, Collectors.toList()))
                .values());
    }

    private static void reorder(Journal journal, List<List<JournalEntry>> order, int from, int to) {
        journal.rearrange();
        List<Integer> places = order.stream()
                .flatMap(List::stream)
                .map(JournalEntry::position)
                .sorted()
                .toList();
        order.add(to, order.remove(from));
        List<JournalEntry> inOrder = order.stream().flatMap(List::stream).toList();
        for (int place = 0; place < inOrder.size(); place++) {
            inOrder.get(place).moveTo(places.get(place));
        }
    }

    /** Which way an entry moves. */
    enum Direction {
        UP,
        DOWN
    }

    /** Takes an entry out of a draft, its other half with it; both are kept aside, and the observation stays. */
    @Transactional
    void leaveOut(SettingId settingId, UUID journalId, UUID entryId) {
        together(settingId, journalId, entryId).forEach(JournalEntry::leaveOut);
    }

    /** Puts an entry that was left out where it was, with the words that it had; it stays when entries are picked anew. */
    @Transactional
    void bringBack(SettingId settingId, UUID journalId, UUID entryId) {
        together(settingId, journalId, entryId).forEach(entry -> entry.bringBack(entry.position()));
    }

    /** Whether an entry stays when entries are picked anew. */
    @Transactional
    void pin(SettingId settingId, UUID journalId, UUID entryId, boolean pinned) {
        together(settingId, journalId, entryId).forEach(entry -> entry.pin(pinned));
    }

    private List<JournalEntry> together(SettingId settingId, UUID journalId, UUID entryId) {
        requireDraft(settingId, journalId).rearrange();
        List<JournalEntry> all = entries.findBySettingIdAndJournalIdOrderByPosition(settingId, journalId);
        JournalEntry entry = entry(all, entryId);
        return entry.pairId().isEmpty()
                ? List.of(entry)
                : all.stream()
                        .filter(one -> one.pairId().equals(entry.pairId()))
                        .toList();
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
            Map<UUID, SetUp> setUps = sheets.setUps(
                    viewer.settingId(),
                    approved,
                    seen,
                    PhotoConsents.of(children, viewer.settingId(), child.id(), seen.values()));
            approved.forEach(entry -> entry.freeze(
                    Required.from(seen, entry.observationId()).areas(),
                    Optional.ofNullable(setUps.get(entry.observationId()))));
        }
        return names;
    }

    /** Notes that somebody was shown all of a draft, and which words near a name mean no child. */
    @Transactional
    public void read(Viewer viewer, UUID journalId, Collection<String> near) {
        requireDraft(viewer.settingId(), journalId).read(viewer.name(), near);
    }

    /** Leaves a remark for whoever made a draft; an empty one takes it away. */
    @Transactional
    public void remark(Viewer viewer, UUID journalId, String words) {
        requireDraft(viewer.settingId(), journalId).remark(words, viewer.name());
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
        List<JournalEntry> told = entriesOf(settingId, journalId);
        return sheets.of(journal, told, observationsOf(settingId, told));
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
                journal.texts().values().stream(),
                entriesOf(journal.settingId(), journal.getId()).stream().flatMap(JournalService::textsOf));
    }

    private static Stream<String> textsOf(JournalEntry entry) {
        return Stream.of(entry.words(), entry.translation().words(), entry.simpleWords());
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
                .filter(entry -> !entry.isLeftOut())
                .collect(Collectors.groupingBy(JournalEntry::journalId));
        Map<UUID, ChildView> whose = children.byId(
                settingId, some.stream().map(JournalSummary::childId).distinct().toList());
        List<String> names = children.names(settingId);
        return journals.findBySettingIdAndIdIn(settingId, ids).stream()
                .filter(journal -> {
                    JournalReader reader = new JournalReader(
                            journal,
                            NameGuard.forChild(
                                    Required.from(whose, journal.childId()).allNames(), names));
                    return Stream.concat(
                                    journal.texts().values().stream(),
                                    entriesOfEach.getOrDefault(journal.getId(), List.of()).stream()
                                            .flatMap(JournalService::textsOf))
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

    /** Those that are told, in order. */
    private List<JournalEntry> entriesOf(SettingId settingId, UUID journalId) {
        return entries.findBySettingIdAndJournalIdOrderByPosition(settingId, journalId).stream()
                .filter(entry -> !entry.isLeftOut())
                .toList();
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

    private static JournalEntry entry(List<JournalEntry> all, UUID entryId) {
        return all.stream()
                .filter(entry -> entry.getId().equals(entryId))
                .findFirst()
                .orElseThrow(NotFound::new);
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
}
