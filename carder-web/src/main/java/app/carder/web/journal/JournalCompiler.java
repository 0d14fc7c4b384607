package app.carder.web.journal;

import app.carder.core.journal.Candidate;
import app.carder.core.journal.Mentions;
import app.carder.core.journal.OverTime;
import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.core.journal.Selection;
import app.carder.core.journal.Selection.Choice;
import app.carder.core.journal.ThenAndNow;
import app.carder.core.journal.Voice;
import app.carder.core.said.Said;
import app.carder.core.wording.NameGuard;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.investigate.InvestigationService;
import app.carder.web.investigate.InvestigationView;
import app.carder.web.journal.JournalRecords.Found;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Picks what goes into a journal: at first, and anew around what somebody pinned or left out. */
@Service
public class JournalCompiler {

    /** Before the period, where a "then" may lie, days. */
    private static final int LOOK_BACK = 180;

    private static final int MOST_QUOTES = 4;
    private static final int MOST_STEPS = 3;

    private final JournalRepository journals;
    private final JournalEntryRepository entries;
    private final JournalPartsService parts;
    private final JournalRecords records;
    private final ObservationService observations;
    private final ChildService children;
    private final InvestigationService investigations;
    private final SettingService settings;

    JournalCompiler(
            JournalRepository journals,
            JournalEntryRepository entries,
            JournalPartsService parts,
            JournalRecords records,
            ObservationService observations,
            ChildService children,
            InvestigationService investigations,
            SettingService settings) {
        this.journals = journals;
        this.entries = entries;
        this.parts = parts;
        this.records = records;
        this.observations = observations;
        this.children = children;
        this.investigations = investigations;
        this.settings = settings;
    }

    /**
     * Compiles a draft: the core selects, other children's names are taken out.
     *
     * @return of the journal
     * @throws IllegalArgumentException if the period runs backwards or no page is asked for
     */
    @Transactional
    public UUID compile(Viewer viewer, JournalRequest request) {
        Journal journal = compile(viewer.settingId(), viewer.name(), request, material(viewer.settingId(), request));
        return journal.getId();
    }

    /** The same as one of many: once for each child, and not where nothing was written in the period. */
    @Transactional
    public void compileOnce(SettingId settingId, String by, JournalRequest request, UUID roundId) {
        Material material = material(settingId, request);
        if (material.inPeriod().isEmpty()
                || journals.existsBySettingIdAndChildIdAndRoundId(settingId, request.childId(), roundId)) {
            return;
        }
        compile(settingId, by, request, material).belongTo(roundId);
    }

    private Journal compile(SettingId settingId, String by, JournalRequest request, Material material) {
        ChildView child = children.get(settingId, request.childId());
        NameGuard guard = children.guard(settingId, child);
        List<Part> wanted = parts.of(settingId, request.purpose());
        Journal journal = new Journal(
                settingId,
                request,
                wanted,
                Said.say("journal.here-is-some-of-what-has", child.name()),
                by,
                settings.now(settingId));
        Shelf shelf = new Shelf(journal, guard, material);
        if (wanted.contains(Part.THEN_AND_NOW)) {
            shelf.putPairs(material.pairs(request.purpose().pairs()));
        }
        if (wanted.contains(Part.BUSY_WITH)) {
            shelf.put(
                    Part.BUSY_WITH,
                    chosen(request.selection().banning(shelf.used()).choose(material.candidates())));
        }
        if (wanted.contains(Part.OWN_WORDS)) {
            shelf.putQuotes();
        }
        journal.word(Map.of(Part.NEXT_STEPS, guard.withoutNames(shelf.nextSteps())), Optional.empty());
        journal.count(JournalSheets.kept(OverTime.of(
                request.startsOn(),
                request.endsOn(),
                material.inPeriod().stream()
                        .map(one -> new OverTime.Seen(one.observedAt().toLocalDate(), one.areas()))
                        .toList())));
        material.investigation().ifPresent(about -> {
            Measured measured = Measured.of(about, request.endsOn());
            journal.measure(
                    measured.called(guard.withoutNames(measured.title())).kept());
        });
        journals.save(journal);
        shelf.entries.forEach(entries::save);
        return journal;
    }

    /**
     * What would change if the entries were picked anew.
     *
     * @param added would come in, in the order of time
     * @param gone would be left out
     * @param pages that the records would take, rounded up
     * @param farAtMostPercent how far the new set can be from the best at most; 0 where it is proven to be the best
     */
    public record Change(List<ObservationView> added, List<ObservationView> gone, int pages, double farAtMostPercent) {

        /** Keeps its own copies. */
        public Change {
            added = List.copyOf(added);
            gone = List.copyOf(gone);
        }

        /** Whether anything would. */
        public boolean isNone() {
            return added.isEmpty() && gone.isEmpty();
        }
    }

    /** What would change with so many pages of records, around what is pinned and without what is left out. */
    @Transactional(readOnly = true)
    public Change change(SettingId settingId, UUID journalId, int pages) {
        Again again = again(settingId, journalId, pages);
        return new Change(
                again.material.views(again.added()),
                again.material.views(again.gone()),
                (again.selection.quarters() + JournalRequest.QUARTERS - 1) / JournalRequest.QUARTERS,
                again.selection.farAtMostPercent());
    }

    /** Picks the entries of a draft anew. */
    @Transactional
    void pickAgain(SettingId settingId, UUID journalId, int pages) {
        Again again = again(settingId, journalId, pages);
        Set<UUID> gone = Set.copyOf(again.gone());
        again.busy.stream()
                .filter(entry -> gone.contains(entry.observationId()))
                .forEach(entries::delete);
        int last = again.busy.stream().mapToInt(JournalEntry::position).max().orElse(-1);
        Shelf shelf = new Shelf(again.journal, guard(again.journal), again.material);
        shelf.put(Part.BUSY_WITH, again.added());
        for (int i = 0; i < shelf.entries.size(); i++) {
            shelf.entries.get(i).moveTo(last + 1 + i);
            entries.save(shelf.entries.get(i));
        }
        again.journal.lengthen(pages);
    }

    /** A choice anew. */
    private record Again(Journal journal, Material material, List<JournalEntry> busy, Selection selection) {

        List<UUID> added() {
            Set<UUID> here = busy.stream().map(JournalEntry::observationId).collect(Collectors.toSet());
            return chosen(selection).stream().filter(id -> !here.contains(id)).toList();
        }

        List<UUID> gone() {
            Set<UUID> there = new HashSet<>(chosen(selection));
            return busy.stream()
                    .map(JournalEntry::observationId)
                    .filter(id -> !there.contains(id))
                    .toList();
        }
    }

    private Again again(SettingId settingId, UUID journalId, int pages) {
        Journal journal = journals.findByIdAndSettingId(journalId, settingId)
                .filter(found -> !found.isApproved())
                .orElseThrow(NotFound::new);
        List<JournalEntry> all = entries.findBySettingIdAndJournalIdOrderByPosition(settingId, journalId);
        List<JournalEntry> busy = all.stream()
                .filter(entry -> entry.part() == Part.BUSY_WITH && !entry.isLeftOut())
                .toList();
        NameGuard guard = guard(journal);
        Map<UUID, ObservationView> seen = observations.byId(
                settingId, busy.stream().map(JournalEntry::observationId).toList());
        List<UUID> pinned = busy.stream()
                .filter(entry -> entry.isPinned() || isWorded(entry, seen, guard))
                .map(JournalEntry::observationId)
                .toList();
        Set<UUID> banned = all.stream()
                .filter(entry -> entry.isLeftOut() || entry.part() == Part.THEN_AND_NOW)
                .map(JournalEntry::observationId)
                .collect(Collectors.toSet());
        Material material = material(settingId, journal.request()).with(seen);
        JournalRequest asked = journal.request();
        return new Again(
                journal,
                material,
                busy,
                asked.selection(pages)
                        .pinning(strings(pinned))
                        .banning(strings(banned))
                        .choose(material.candidates()));
    }

    /** Whether somebody put it into other words: that work is not thrown away. */
    private static boolean isWorded(JournalEntry entry, Map<UUID, ObservationView> seen, NameGuard guard) {
        return !entry.words()
                .equals(guard.withoutNames(
                        Required.from(seen, entry.observationId()).note()));
    }

    /** All records of the child that are not in a draft yet, those with certain words where some are asked for, newest first. */
    @Transactional(readOnly = true)
    public List<ObservationView> open(SettingId settingId, UUID journalId, String words, int most) {
        Journal journal = journals.findByIdAndSettingId(journalId, settingId).orElseThrow(NotFound::new);
        Set<UUID> here = entries.findBySettingIdAndJournalIdOrderByPosition(settingId, journalId).stream()
                .filter(entry -> !entry.isLeftOut())
                .map(JournalEntry::observationId)
                .collect(Collectors.toSet());
        return observations
                .ofChildBetween(settingId, journal.childId(), LocalDate.EPOCH, settings.today(settingId))
                .stream()
                .filter(one -> !here.contains(one.id()))
                .filter(one -> one.note().toLowerCase(Locale.ROOT).contains(words.toLowerCase(Locale.ROOT)))
                .sorted(Comparator.comparing(ObservationView::observedAt).reversed())
                .limit(most)
                .toList();
    }

    /** Puts a record of the child into a draft by hand: it stays there when entries are picked anew. */
    @Transactional
    void add(SettingId settingId, UUID journalId, UUID observationId) {
        Journal journal = journals.findByIdAndSettingId(journalId, settingId)
                .filter(found -> !found.isApproved())
                .orElseThrow(NotFound::new);
        List<JournalEntry> all = entries.findBySettingIdAndJournalIdOrderByPosition(settingId, journalId);
        int last = all.stream().mapToInt(JournalEntry::position).max().orElse(-1) + 1;
        Optional<JournalEntry> before = all.stream()
                .filter(entry -> entry.observationId().equals(observationId) && entry.part() == Part.BUSY_WITH)
                .findFirst();
        journal.rearrange();
        if (before.isPresent()) {
            before.get().bringBack(last);
            return;
        }
        ObservationView one = observations.byId(settingId, List.of(observationId)).values().stream()
                .filter(found -> found.childIds().contains(journal.childId()))
                .findFirst()
                .orElseThrow(NotFound::new);
        Shelf shelf = new Shelf(
                journal, guard(journal), material(settingId, journal.request()).with(Map.of(one.id(), one)));
        shelf.put(Part.BUSY_WITH, List.of(observationId));
        JournalEntry entry = shelf.entries.get(0);
        entry.bringBack(last);
        entries.save(entry);
    }

    private NameGuard guard(Journal journal) {
        return children.guard(journal.settingId(), children.get(journal.settingId(), journal.childId()));
    }

    /** The chosen observations, in the order of time. */
    private static List<UUID> chosen(Selection selection) {
        return selection.chosen().stream()
                .map(Choice::candidate)
                .map(candidate -> UUID.fromString(candidate.id()))
                .toList();
    }

    private static List<String> strings(Collection<UUID> ids) {
        return ids.stream().map(UUID::toString).toList();
    }

    private Material material(SettingId settingId, JournalRequest request) {
        List<ObservationView> all = observations.ofChildBetween(
                settingId, request.childId(), request.startsOn().minusDays(LOOK_BACK), request.endsOn());
        Found found = records.found(settingId, all, PhotoConsents.of(children, settingId, request.childId(), all));
        return new Material(records, request, found, investigation(settingId, request));
    }

    /** The investigation that a project is about; absent where it is about a card. */
    private Optional<InvestigationView> investigation(SettingId settingId, JournalRequest request) {
        return request.purpose() == Purpose.PROJECT && !request.about().isEmpty()
                ? investigations
                        .ofRoom(
                                settingId,
                                children.get(settingId, request.childId()).roomId())
                        .stream()
                        .filter(one -> one.id().toString().equals(request.about()))
                        .findFirst()
                : Optional.empty();
    }

    /** The records that a journal can be made of. */
    private record Material(
            JournalRecords records, JournalRequest request, Found found, Optional<InvestigationView> investigation) {

        Material with(Map<UUID, ObservationView> more) {
            Map<UUID, ObservationView> all = new LinkedHashMap<>(found.observations());
            all.putAll(more);
            return new Material(records, request, new Found(all, found.cards(), found.consents()), investigation);
        }

        /** In the period, and about what the journal is about. */
        List<ObservationView> inPeriod() {
            return found.observations().values().stream()
                    .filter(one -> !one.observedAt().toLocalDate().isBefore(request.startsOn()))
                    .filter(this::isAbout)
                    .sorted(Comparator.comparing(ObservationView::observedAt))
                    .toList();
        }

        private boolean isAbout(ObservationView one) {
            return switch (request.purpose()) {
                case PROJECT ->
                    request.about().isEmpty()
                            || investigation
                                    .filter(about -> Mentions.of(about.title()).isIn(one.note()))
                                    .isPresent()
                            || found.card(one)
                                    .filter(card -> card.id().toString().equals(request.about()))
                                    .isPresent();
                case SKILL -> request.about().isEmpty() || one.areas().contains(request.about());
                default -> true;
            };
        }

        List<Candidate> candidates() {
            return found.observations().values().stream()
                    .filter(this::isAbout)
                    .map(one -> records.candidate(found, one))
                    .toList();
        }

        List<ThenAndNow.Pair> pairs(int most) {
            return ThenAndNow.of(
                            found.observations().values().stream()
                                    .filter(this::isAbout)
                                    .map(one -> records.record(found, one))
                                    .toList(),
                            most)
                    .stream()
                    .filter(pair -> !pair.now().on().isBefore(request.startsOn()))
                    .toList();
        }

        List<ObservationView> views(List<UUID> ids) {
            return ids.stream()
                    .map(id -> Required.from(found.observations(), id))
                    .toList();
        }
    }

    /** The entries of a new draft, as they are put in. */
    private static final class Shelf {
        private final Journal journal;
        private final NameGuard guard;
        private final Material material;
        private final List<JournalEntry> entries = new ArrayList<>();

        Shelf(Journal journal, NameGuard guard, Material material) {
            this.journal = journal;
            this.guard = guard;
            this.material = material;
        }

        void put(Part part, List<UUID> ids) {
            for (ObservationView one : material.views(ids)) {
                put(part, one, one.note());
            }
        }

        private JournalEntry put(Part part, ObservationView one, String words) {
            JournalEntry entry = new JournalEntry(
                    journal.settingId(),
                    journal.getId(),
                    one.id(),
                    part,
                    entries.size(),
                    guard.withoutNames(words),
                    part != Part.OWN_WORDS && material.found().consents().allow(one));
            entries.add(entry);
            return entry;
        }

        void putPairs(List<ThenAndNow.Pair> pairs) {
            for (ThenAndNow.Pair pair : pairs) {
                List<UUID> ids = List.of(
                        UUID.fromString(pair.then().id()),
                        UUID.fromString(pair.now().id()));
                JournalEntry first = null;
                for (ObservationView one : material.views(ids)) {
                    JournalEntry entry = put(Part.THEN_AND_NOW, one, one.note());
                    first = first == null ? entry : first;
                    entry.pair(first.getId());
                }
            }
        }

        /** What the child said, in records that are not told otherwise, the newest first. */
        void putQuotes() {
            Set<UUID> used = entries.stream().map(JournalEntry::observationId).collect(Collectors.toSet());
            material.inPeriod().stream()
                    .sorted(Comparator.comparing(ObservationView::observedAt).reversed())
                    .filter(one -> !used.contains(one.id()))
                    .filter(one -> !Voice.quotes(one.note()).isEmpty())
                    .limit(MOST_QUOTES)
                    .sorted(Comparator.comparing(ObservationView::observedAt))
                    .forEach(one -> put(
                            Part.OWN_WORDS,
                            one,
                            Voice.quotes(one.note()).stream()
                                    .map(quote -> "“" + quote + "”")
                                    .collect(Collectors.joining("\n"))));
        }

        Set<String> used() {
            return entries.stream()
                    .map(entry -> entry.observationId().toString())
                    .collect(Collectors.toSet());
        }

        /** What was noted to be offered next with what is told, the newest first. */
        String nextSteps() {
            return material
                    .views(entries.stream()
                            .map(JournalEntry::observationId)
                            .distinct()
                            .toList())
                    .stream()
                    .sorted(Comparator.comparing(ObservationView::observedAt).reversed())
                    .map(one -> one.words().nextStep().strip())
                    .filter(step -> !step.isEmpty())
                    .distinct()
                    .limit(MOST_STEPS)
                    .collect(Collectors.joining("\n"));
        }
    }
}
