package app.carder.web.card;

import app.carder.core.card.Card;
import app.carder.core.card.CardLimits;
import app.carder.core.card.CardWords;
import app.carder.core.card.Portion;
import app.carder.core.card.PreparationStep;
import app.carder.core.card.SettingOut;
import app.carder.core.card.WrittenStep;
import app.carder.core.safety.Answer;
import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
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

/** Cards of a setting. */
@Service
public class CardService {

    private static final Limit OF_A_ROOM = Limit.of(300);

    private final CardRepository stored;
    private final CardMaterialRepository lines;
    private final CardLadderStepRepository ladderSteps;
    private final CardPreparationStepRepository steps;
    private final CardCalculationRepository calculations;
    private final CardAnswerRepository answers;
    private final SettingService settings;
    private final ContentsService contents;
    private final HistoryLog history;

    CardService(
            CardRepository stored,
            CardMaterialRepository lines,
            CardLadderStepRepository ladderSteps,
            CardPreparationStepRepository steps,
            CardCalculationRepository calculations,
            CardAnswerRepository answers,
            SettingService settings,
            ContentsService contents,
            HistoryLog history) {
        this.contents = contents;
        this.history = history;
        this.stored = stored;
        this.lines = lines;
        this.ladderSteps = ladderSteps;
        this.steps = steps;
        this.calculations = calculations;
        this.answers = answers;
        this.settings = settings;
    }

    /** Writes a new card. A second time with the same id changes nothing: a double click is one card. */
    @Transactional
    public void write(Viewer viewer, UUID id, UUID roomId, Card card, Optional<LocalDate> weekOf) {
        if (stored.findByIdAndSettingId(id, viewer.settingId()).isPresent()) {
            return;
        }
        stored.save(new StoredCard(id, viewer.settingId(), roomId, card, change(viewer, weekOf)));
        putOut(viewer.settingId(), id, card);
    }

    private StoredCard.Change change(Viewer viewer, Optional<LocalDate> weekOf) {
        return new StoredCard.Change(weekOf, viewer.name(), settings.now(viewer.settingId()));
    }

    /**
     * Rewrites a card, if nobody has changed it since it was opened.
     *
     * @param version that was opened
     * @return the card as it stands where somebody else was faster; empty where all is well
     */
    @Transactional
    public Optional<CardView> rewrite(Viewer viewer, UUID cardId, int version, Card card, Optional<LocalDate> weekOf) {
        StoredCard there = find(viewer.settingId(), cardId);
        if (there.version() != version) {
            return Optional.of(view(viewer.settingId(), there));
        }
        history.keep(
                viewer,
                "card",
                cardId,
                said(viewer.settingId(), view(viewer.settingId(), there).card()),
                said(viewer.settingId(), card));
        there.rewrite(card, change(viewer, weekOf));
        lines.deleteBySettingIdAndCardId(viewer.settingId(), cardId);
        putOut(viewer.settingId(), cardId, card);
        return Optional.empty();
    }

    private Map<String, String> said(SettingId settingId, Card card) {
        return CardWords.said(
                card,
                contents.lay(settingId, card.contents(), card.usage().term()).putOut());
    }

    /** Keeps how a card is laid out. */
    @Transactional
    public void layOut(Viewer viewer, UUID cardId, SettingOut settingOut) {
        find(viewer.settingId(), cardId).layOut(settingOut, viewer.name(), settings.now(viewer.settingId()));
    }

    /** Writes the steps of a card's ladder anew. */
    @Transactional
    public void writeLadderSteps(Viewer viewer, UUID cardId, List<WrittenStep> steps) {
        find(viewer.settingId(), cardId);
        ladderSteps.deleteBySettingIdAndCardId(viewer.settingId(), cardId);
        steps.forEach(step -> ladderSteps.save(new CardLadderStep(viewer.settingId(), cardId, step)));
    }

    /** Writes the steps of a card's preparation anew. */
    @Transactional
    public void writeSteps(Viewer viewer, UUID cardId, List<PreparationStep> all) {
        find(viewer.settingId(), cardId);
        steps.deleteBySettingIdAndCardId(viewer.settingId(), cardId);
        for (int position = 0; position < all.size(); position++) {
            steps.save(new CardPreparationStep(viewer.settingId(), cardId, position + 1, all.get(position)));
        }
    }

    /** Keeps a calculation with a card; a second time with the same id changes nothing. */
    @Transactional
    public void save(Viewer viewer, UUID cardId, Portion.Kept kept) {
        find(viewer.settingId(), cardId);
        List<CardCalculation> there = calculations.findBySettingIdAndCardIdOrderByPosition(viewer.settingId(), cardId);
        if (there.size() < CardLimits.MOST_KEPT
                && there.stream().noneMatch(one -> one.getId().toString().equals(kept.id()))) {
            calculations.save(new CardCalculation(viewer.settingId(), cardId, there.size(), kept));
        }
    }

    /** Takes a calculation off a card. */
    @Transactional
    public void forget(Viewer viewer, UUID cardId, UUID calculationId) {
        find(viewer.settingId(), cardId);
        calculations.deleteBySettingIdAndCardIdAndId(viewer.settingId(), cardId, calculationId);
    }

    /** Keeps what somebody answered to a question of the safety check about a card. */
    @Transactional
    public void answer(Viewer viewer, UUID cardId, String question, Answer answer) {
        find(viewer.settingId(), cardId);
        answers.save(new CardAnswer(viewer.settingId(), cardId, question, answer, settings.now(viewer.settingId())));
    }

    /** Plans a card for a week, or for none. */
    @Transactional
    public void planFor(Viewer viewer, UUID cardId, Optional<LocalDate> monday) {
        find(viewer.settingId(), cardId).planFor(monday.orElse(null), viewer.name(), settings.now(viewer.settingId()));
    }

    /** The plan: cards of the whole setting that fit, by week and title; those without a week last. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public List<CardSummary> plan(SettingId settingId, Optional<UUID> roomId) {
        return roomId
                .map(room -> stored.findBySettingIdAndRoomIdOrderByTitle(settingId, room, OF_A_ROOM))
                .orElseGet(() -> stored.findBySettingIdOrderByTitle(settingId, OF_A_ROOM))
                .stream()
                .map(StoredCard::summary)
                .toList();
    }

    /**
     * One card.
     *
     * @throws NotFound if the setting has no such card
     */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public CardView get(SettingId settingId, UUID cardId) {
        return view(settingId, find(settingId, cardId));
    }

    /** All cards of a room by title, whole. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public List<CardView> whole(SettingId settingId, UUID roomId) {
        return whole(settingId, stored.findBySettingIdAndRoomIdOrderByTitle(settingId, roomId, OF_A_ROOM));
    }

    /** Some cards, whole. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public List<CardView> whole(SettingId settingId, Collection<UUID> ids) {
        return whole(settingId, stored.findBySettingIdAndIdIn(settingId, ids));
    }

    private List<CardView> whole(SettingId settingId, List<StoredCard> cards) {
        if (cards.isEmpty()) {
            return List.of();
        }
        List<UUID> ids = cards.stream().map(StoredCard::getId).toList();
        Map<UUID, List<Portion>> putOut = lines.findBySettingIdAndCardIdInOrderByPosition(settingId, ids).stream()
                .collect(Collectors.groupingBy(
                        CardMaterial::cardId, Collectors.mapping(CardMaterial::line, Collectors.toList())));
        Map<UUID, List<WrittenStep>> ladders = ladderSteps.findBySettingIdAndCardIdIn(settingId, ids).stream()
                .collect(Collectors.groupingBy(
                        CardLadderStep::cardId, Collectors.mapping(CardLadderStep::step, Collectors.toList())));
        Map<UUID, List<PreparationStep>> prepared =
                steps.findBySettingIdAndCardIdInOrderByPosition(settingId, ids).stream()
                        .collect(Collectors.groupingBy(
                                CardPreparationStep::cardId,
                                Collectors.mapping(CardPreparationStep::step, Collectors.toList())));
        Map<UUID, List<Portion.Kept>> kept =
                calculations.findBySettingIdAndCardIdInOrderByPosition(settingId, ids).stream()
                        .collect(Collectors.groupingBy(
                                CardCalculation::cardId,
                                Collectors.mapping(CardCalculation::kept, Collectors.toList())));
        Map<UUID, Map<String, Answer>> answered = new HashMap<>();
        answers.findBySettingIdAndCardIdInOrderByAnsweredAt(settingId, ids)
                .forEach(one -> answered.computeIfAbsent(one.cardId(), card -> new HashMap<>())
                        .put(one.question(), one.answer()));
        return cards.stream()
                .map(card -> new CardView(
                        card.getId(),
                        card.roomId(),
                        card.version(),
                        card.card(new StoredCard.Parts(
                                putOut.getOrDefault(card.getId(), List.of()),
                                ladders.getOrDefault(card.getId(), List.of()).stream()
                                        .sorted(Comparator.comparing(WrittenStep::ladderStep))
                                        .toList(),
                                prepared.getOrDefault(card.getId(), List.of()),
                                kept.getOrDefault(card.getId(), List.of()),
                                answered.getOrDefault(card.getId(), Map.of()))),
                        card.weekOf(),
                        card.changedBy(),
                        settings.local(settingId, card.changedAt())))
                .toList();
    }

    /** All cards of a room by title, to choose from. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public List<CardSummary> inRoom(SettingId settingId, UUID roomId) {
        return stored.findBySettingIdAndRoomIdOrderByTitle(settingId, roomId, OF_A_ROOM).stream()
                .map(StoredCard::summary)
                .toList();
    }

    /** The deck of a room, newest first; with a notch, only the cards that have it. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public Paging<CardSummary> deck(SettingId settingId, UUID roomId, Optional<String> notch, int page) {
        PageRequest asked = PageRequest.of(Paging.number(page), Paging.ROWS);
        return Paging.of(notch.map(area -> stored.withNotch(settingId, roomId, area, asked))
                .orElseGet(() -> stored.findBySettingIdAndRoomIdOrderByChangedAtDescIdDesc(settingId, roomId, asked))
                .map(StoredCard::summary));
    }

    /** Some cards, by id. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public Map<UUID, CardSummary> byId(SettingId settingId, Collection<UUID> ids) {
        return stored.findBySettingIdAndIdIn(settingId, ids).stream()
                .map(StoredCard::summary)
                .collect(Collectors.toMap(CardSummary::id, Function.identity()));
    }

    private void putOut(SettingId settingId, UUID cardId, Card card) {
        List<Portion> all = card.contents().lines();
        for (int position = 0; position < all.size(); position++) {
            lines.save(new CardMaterial(settingId, cardId, position, all.get(position)));
        }
    }

    private StoredCard find(SettingId settingId, UUID cardId) {
        return stored.findByIdAndSettingId(cardId, settingId).orElseThrow(NotFound::new);
    }

    private CardView view(SettingId settingId, StoredCard card) {
        return whole(settingId, List.of(card)).get(0);
    }
}
