package app.carder.web.ladder;

import app.carder.core.card.LadderStep;
import app.carder.core.ladder.Ladder;
import app.carder.core.ladder.Rung;
import app.carder.core.watch.Involvement;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.provocation.CardView;
import app.carder.web.setout.SetOutService;
import app.carder.web.setting.SettingId;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which rung of a card fits each child of its room, from what was last seen. */
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
     * A rung for a child.
     *
     * @param child for whom
     * @param proposal of the core
     */
    public record Proposed(ChildView child, Ladder.Proposal proposal) {}

    /** One for each child of the room, in the room's order: never an order of how far they are. */
    @Transactional(readOnly = true)
    public List<Proposed> propose(SettingId settingId, CardView card) {
        Map<LocalDate, Rung> rungs = setOuts.rungs(settingId, card.id());
        List<ObservationView> seen = observations.ofCard(settingId, card.id());
        Set<Rung> written = card.ladder().stream().map(LadderStep::rung).collect(Collectors.toSet());
        return children.inRoom(settingId, card.roomId()).stream()
                .map(child -> new Proposed(child, Ladder.propose(of(child.id(), seen, rungs), written)))
                .toList();
    }

    private static List<Ladder.Seen> of(UUID childId, List<ObservationView> seen, Map<LocalDate, Rung> rungs) {
        return seen.stream()
                .filter(observation -> observation.childIds().contains(childId))
                .map(observation -> {
                    LocalDate on = observation.observedAt().toLocalDate();
                    return new Ladder.Seen(
                            on,
                            rungs.getOrDefault(on, Rung.AS_IS),
                            observation.involvement().map(Involvement::level));
                })
                .toList();
    }
}
