package app.carder.web.provocation;

import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.provocation.CardPart.KeptReckoning;
import app.carder.web.provocation.CardPart.PreparationStep;
import app.carder.web.provocation.CardPart.RungChange;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Provocation cards of a setting. */
@Service
public class ProvocationService {

    private static final Limit OF_A_ROOM = Limit.of(300);
    static final int MOST_RECKONINGS = 12;

    private final ProvocationRepository provocations;
    private final ProvocationMaterialRepository lines;
    private final ProvocationRungRepository rungs;
    private final ProvocationStepRepository steps;
    private final ProvocationReckoningRepository reckonings;
    private final SettingService settings;
    private final Clock clock;

    ProvocationService(
            ProvocationRepository provocations,
            ProvocationMaterialRepository lines,
            ProvocationRungRepository rungs,
            ProvocationStepRepository steps,
            ProvocationReckoningRepository reckonings,
            SettingService settings,
            Clock clock) {
        this.provocations = provocations;
        this.lines = lines;
        this.rungs = rungs;
        this.steps = steps;
        this.reckonings = reckonings;
        this.settings = settings;
        this.clock = clock;
    }

    /** Writes a new card. A second time with the same id changes nothing: a double click is one card. */
    @Transactional
    public void write(Viewer viewer, UUID id, UUID roomId, CardDetails details) {
        if (provocations.findByIdAndSettingId(id, viewer.settingId()).isPresent()) {
            return;
        }
        provocations.save(new Provocation(id, viewer.settingId(), roomId, details, viewer.name(), clock.instant()));
        putOut(viewer.settingId(), id, details);
    }

    /**
     * Rewrites a card, if nobody has changed it since it was opened.
     *
     * @param version that was opened
     * @return the card as it stands where somebody else was faster; empty where all is well
     */
    @Transactional
    public Optional<CardView> rewrite(Viewer viewer, UUID cardId, int version, CardDetails details) {
        Provocation card = find(viewer.settingId(), cardId);
        if (card.version() != version) {
            return Optional.of(view(viewer.settingId(), card));
        }
        card.rewrite(details, viewer.name(), clock.instant());
        lines.deleteBySettingIdAndProvocationId(viewer.settingId(), cardId);
        putOut(viewer.settingId(), cardId, details);
        return Optional.empty();
    }

    /** Writes the rungs of a card's ladder anew. */
    @Transactional
    public void writeRungs(Viewer viewer, UUID cardId, List<RungChange> changes) {
        find(viewer.settingId(), cardId);
        rungs.deleteBySettingIdAndProvocationId(viewer.settingId(), cardId);
        changes.forEach(change -> rungs.save(new ProvocationRung(viewer.settingId(), cardId, change)));
    }

    /** Writes the steps of a card's preparation anew. */
    @Transactional
    public void writeSteps(Viewer viewer, UUID cardId, List<PreparationStep> all) {
        find(viewer.settingId(), cardId);
        steps.deleteBySettingIdAndProvocationId(viewer.settingId(), cardId);
        for (int position = 0; position < all.size(); position++) {
            steps.save(new ProvocationStep(viewer.settingId(), cardId, position + 1, all.get(position)));
        }
    }

    /** Keeps a reckoning with a card; a second time with the same id changes nothing. */
    @Transactional
    public void keep(Viewer viewer, UUID cardId, KeptReckoning kept) {
        find(viewer.settingId(), cardId);
        List<ProvocationReckoning> there =
                reckonings.findBySettingIdAndProvocationIdOrderByPosition(viewer.settingId(), cardId);
        if (there.size() < MOST_RECKONINGS
                && there.stream().noneMatch(one -> one.getId().equals(kept.id()))) {
            reckonings.save(new ProvocationReckoning(viewer.settingId(), cardId, there.size(), kept));
        }
    }

    /** Takes a reckoning off a card. */
    @Transactional
    public void forget(Viewer viewer, UUID cardId, UUID reckoningId) {
        find(viewer.settingId(), cardId);
        reckonings.deleteBySettingIdAndProvocationIdAndId(viewer.settingId(), cardId, reckoningId);
    }

    /** Plans a card for a week, or for none. */
    @Transactional
    public void planFor(Viewer viewer, UUID cardId, Optional<LocalDate> monday) {
        find(viewer.settingId(), cardId).planFor(monday.orElse(null), viewer.name(), clock.instant());
    }

    /** The plan: cards of the whole setting that fit, by week and title; those without a week last. */
    @Transactional(readOnly = true)
    public List<CardSummary> plan(SettingId settingId, Optional<UUID> roomId) {
        return roomId
                .map(room -> provocations.findBySettingIdAndRoomIdOrderByTitle(settingId, room, OF_A_ROOM))
                .orElseGet(() -> provocations.findBySettingIdOrderByTitle(settingId, OF_A_ROOM))
                .stream()
                .map(Provocation::summary)
                .toList();
    }

    /**
     * One card.
     *
     * @throws NotFound if the setting has no such card
     */
    @Transactional(readOnly = true)
    public CardView get(SettingId settingId, UUID cardId) {
        return view(settingId, find(settingId, cardId));
    }

    /** All cards of a room by title, whole but for their kept reckonings. */
    @Transactional(readOnly = true)
    public List<CardView> whole(SettingId settingId, UUID roomId) {
        return whole(settingId, provocations.findBySettingIdAndRoomIdOrderByTitle(settingId, roomId, OF_A_ROOM));
    }

    /** Some cards, whole but for their kept reckonings. */
    @Transactional(readOnly = true)
    public List<CardView> whole(SettingId settingId, Collection<UUID> ids) {
        return whole(settingId, provocations.findBySettingIdAndIdIn(settingId, ids));
    }

    private List<CardView> whole(SettingId settingId, List<Provocation> cards) {
        List<UUID> ids = cards.stream().map(Provocation::getId).toList();
        Map<UUID, List<CardDetails.Line>> putOut =
                lines.findBySettingIdAndProvocationIdInOrderByPosition(settingId, ids).stream()
                        .collect(Collectors.groupingBy(
                                ProvocationMaterial::provocationId,
                                Collectors.mapping(ProvocationMaterial::line, Collectors.toList())));
        Map<UUID, List<RungChange>> changes = rungs.findBySettingIdAndProvocationIdIn(settingId, ids).stream()
                .collect(Collectors.groupingBy(
                        ProvocationRung::provocationId,
                        Collectors.mapping(ProvocationRung::change, Collectors.toList())));
        Map<UUID, List<PreparationStep>> prepared =
                steps.findBySettingIdAndProvocationIdInOrderByPosition(settingId, ids).stream()
                        .collect(Collectors.groupingBy(
                                ProvocationStep::provocationId,
                                Collectors.mapping(ProvocationStep::step, Collectors.toList())));
        return cards.stream()
                .map(card -> new CardView(
                        card.getId(),
                        card.roomId(),
                        card.version(),
                        card.details(putOut.getOrDefault(card.getId(), List.of())),
                        changes.getOrDefault(card.getId(), List.of()),
                        prepared.getOrDefault(card.getId(), List.of()),
                        List.of(),
                        card.changedBy(),
                        settings.local(settingId, card.changedAt())))
                .toList();
    }

    /** All cards of a room by title, to choose from. */
    @Transactional(readOnly = true)
    public List<CardSummary> inRoom(SettingId settingId, UUID roomId) {
        return provocations.findBySettingIdAndRoomIdOrderByTitle(settingId, roomId, OF_A_ROOM).stream()
                .map(Provocation::summary)
                .toList();
    }

    /** The deck of a room, newest first; with a notch, only the cards that have it. */
    @Transactional(readOnly = true)
    public Paging<CardSummary> deck(SettingId settingId, UUID roomId, Optional<String> notch, int page) {
        PageRequest asked = PageRequest.of(Paging.number(page), Paging.ROWS);
        return Paging.of(notch.map(area -> provocations.withNotch(settingId, roomId, area, asked))
                .orElseGet(
                        () -> provocations.findBySettingIdAndRoomIdOrderByChangedAtDescIdDesc(settingId, roomId, asked))
                .map(Provocation::summary));
    }

    /** Some cards, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, CardSummary> byId(SettingId settingId, Collection<UUID> ids) {
        return provocations.findBySettingIdAndIdIn(settingId, ids).stream()
                .map(Provocation::summary)
                .collect(Collectors.toMap(CardSummary::id, Function.identity()));
    }

    private void putOut(SettingId settingId, UUID cardId, CardDetails details) {
        for (int position = 0; position < details.lines().size(); position++) {
            lines.save(new ProvocationMaterial(
                    settingId, cardId, position, details.lines().get(position)));
        }
    }

    private Provocation find(SettingId settingId, UUID cardId) {
        return provocations.findByIdAndSettingId(cardId, settingId).orElseThrow(NotFound::new);
    }

    private CardView view(SettingId settingId, Provocation card) {
        List<CardDetails.Line> putOut =
                lines.findBySettingIdAndProvocationIdOrderByPosition(settingId, card.getId()).stream()
                        .map(ProvocationMaterial::line)
                        .toList();
        return new CardView(
                card.getId(),
                card.roomId(),
                card.version(),
                card.details(putOut),
                rungs.findBySettingIdAndProvocationId(settingId, card.getId()).stream()
                        .map(ProvocationRung::change)
                        .sorted(Comparator.comparing(RungChange::rung))
                        .toList(),
                steps.findBySettingIdAndProvocationIdOrderByPosition(settingId, card.getId()).stream()
                        .map(ProvocationStep::step)
                        .toList(),
                reckonings.findBySettingIdAndProvocationIdOrderByPosition(settingId, card.getId()).stream()
                        .map(ProvocationReckoning::kept)
                        .toList(),
                card.changedBy(),
                settings.local(settingId, card.changedAt()));
    }
}
