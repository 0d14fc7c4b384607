package app.carder.core.rota;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import app.carder.core.rota.RotaProblem.Adult;
import app.carder.core.rota.RotaProblem.Duty;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A turn as the solver decides it. Public only because the solver asks for it. */
@PlanningEntity
public class TurnDecision {

    @PlanningId
    private int id;

    private Duty turn = new Duty(0, "");
    private int mostAtOnce;
    private String before = "";
    private List<Adult> able = List.of();

    @PlanningPin
    private boolean pinned;

    @PlanningVariable(allowsUnassigned = true)
    private @Nullable Adult adult;

    /** For the solver. */
    public TurnDecision() {}

    TurnDecision(
            int id, Duty turn, int mostAtOnce, String before, List<Adult> able, boolean pinned, @Nullable Adult adult) {
        this.id = id;
        this.turn = turn;
        this.mostAtOnce = mostAtOnce;
        this.before = before;
        this.able = able;
        this.pinned = pinned;
        this.adult = adult;
    }

    /** Who can lead it. */
    @ValueRangeProvider
    public List<Adult> getAble() {
        return able;
    }

    /** Who does; nobody where nobody can. */
    public @Nullable Adult getAdult() {
        return adult;
    }

    /** For the solver. */
    public void setAdult(@Nullable Adult adult) {
        this.adult = adult;
    }

    Duty turn() {
        return turn;
    }

    int week() {
        return turn.week();
    }

    String areaId() {
        return turn.areaId();
    }

    int mostAtOnce() {
        return mostAtOnce;
    }

    boolean isUnable() {
        return !lead().can(areaId(), week());
    }

    boolean isChanged() {
        return !before.isEmpty() && !before.equals(lead().id());
    }

    Adult lead() {
        if (adult == null) {
            throw new IllegalStateException("Impossible state: a turn without a lead was asked for it.");
        }
        return adult;
    }
}
