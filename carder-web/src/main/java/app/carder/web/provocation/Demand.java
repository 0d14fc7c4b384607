package app.carder.web.provocation;

import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What a week asks of a card.
 *
 * @param stoppedOn days, by index, on which a finding says never or stop for the children who attend
 * @param needs what it takes of materials whose stock is written down: grams or pieces, by material
 * @param stock what there is of those
 * @param wet whether a liquid or water is put out
 */
public record Demand(Set<Integer> stoppedOn, Map<UUID, Long> needs, Map<UUID, Long> stock, boolean wet) {
    /** Keeps its own copies. */
    public Demand {
        stoppedOn = Set.copyOf(stoppedOn);
        needs = Map.copyOf(needs);
        stock = Map.copyOf(stock);
    }
}
