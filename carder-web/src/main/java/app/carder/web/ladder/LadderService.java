package app.carder.web.ladder;

import app.carder.core.card.WrittenStep;
import app.carder.core.ladder.Ladder;
import app.carder.core.ladder.LadderStep;
import app.carder.core.watch.Involvement;
import app.carder.web.card.CardView;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.Required;
import app.carder.web.setout.SetOutService;
import app.carder.web.setting.SettingId;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationService.SeenAtCard;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which step of a card fits each child of its room, from what was last seen. */
@Service
public class LadderService {

    private final ObservationService observations;
    private final SetOutService setOuts;
    private final ChildService children;

    LadderService(ObservationService observations, SetOutService setOuts, ChildService children) {
        this.observations = observations;
        this.setOuts = setOuts;
        this.children = children;
    }

    /**
     * A step for a child.
     *
     * @param child for whom
     * @param proposal of the core
     */
    public record Proposed(ChildView child, Ladder.Proposal proposal) {}

    /** One for each child of the room, in the room's order: never an order of how far they are. */
    @Transactional(readOnly = true)
    public List<Proposed> propose(SettingId settingId, CardView card) {
        return Required.from(propose(settingId, children.inRoom(settingId, card.roomId()), List.of(card)), card.id());
    }

    /** The same for several cards of a room and its children, in as many questions to the database as for one. */
    @Transactional(readOnly = true)
    public Map<UUID, List<Proposed>> propose(SettingId settingId, List<ChildView> room, List<CardView> cards) {
        List<UUID> ids = cards.stream().map(CardView::id).toList();
        Map<UUID, Map<LocalDate, LadderStep>> ladderSteps = setOuts.ladderSteps(settingId, ids);
        Map<UUID, List<SeenAtCard>> seen =
                observations.ofCards(settingId, ids).stream().collect(Collectors.groupingBy(SeenAtCard::cardId));
        return cards.stream()
                .collect(Collectors.toMap(
                        CardView::id,
                        card -> propose(
                                room,
                                card,
                                seen.getOrDefault(card.id(), List.of()),
                                ladderSteps.getOrDefault(card.id(), Map.of()))));
    }

    private static List<Proposed> propose(
            List<ChildView> room, CardView card, List<SeenAtCard> seen, Map<LocalDate, LadderStep> ladderSteps) {
        Set<LadderStep> written =
                card.ladder().stream().map(WrittenStep::ladderStep).collect(Collectors.toSet());
        Map<UUID, List<SeenAtCard>> byChild = seen.stream().collect(Collectors.groupingBy(SeenAtCard::childId));
        return room.stream()
                .map(child -> new Proposed(
                        child, Ladder.propose(of(byChild.getOrDefault(child.id(), List.of()), ladderSteps), written)))
                .toList();
    }

    private static List<Ladder.Seen> of(List<SeenAtCard> seen, Map<LocalDate, LadderStep> ladderSteps) {
        return seen.stream()
                .map(one -> new Ladder.Seen(
                        one.on(),
                        ladderSteps.getOrDefault(one.on(), LadderStep.AS_IS),
                        one.involvement().map(Involvement::level)))
                .toList();
    }
}
