package app.carder.core.proposal;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import app.carder.core.proposal.WeekProblem.Slot;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A slot as the solver decides it. Public only because the solver asks for it. */
@PlanningEntity
public class SlotDecision {

    @PlanningId
    private int id;

    private Slot slot = new Slot(0, 0, 0);
    private List<Offer> fitting = List.of();

    @PlanningPin
    private boolean pinned;

    @PlanningVariable(allowsUnassigned = true)
    private @Nullable Offer offer;

    /** For the solver. */
    public SlotDecision() {}

    SlotDecision(int id, Slot slot, List<Offer> fitting, boolean pinned, @Nullable Offer offer) {
        this.id = id;
        this.slot = slot;
        this.fitting = fitting;
        this.pinned = pinned;
        this.offer = offer;
    }

    /** What may stand here. */
    @ValueRangeProvider
    public List<Offer> getFitting() {
        return fitting;
    }

    /** What does; nothing where it stays empty. */
    public @Nullable Offer getOffer() {
        return offer;
    }

    /** For the solver. */
    public void setOffer(@Nullable Offer offer) {
        this.offer = offer;
    }

    Slot slot() {
        return slot;
    }

    int day() {
        return slot.day();
    }

    int session() {
        return slot.session();
    }

    int zone() {
        return slot.zone();
    }

    Offer chosen() {
        if (offer == null) {
            throw new IllegalStateException("Impossible state: an empty slot was asked for its card.");
        }
        return offer;
    }
}
