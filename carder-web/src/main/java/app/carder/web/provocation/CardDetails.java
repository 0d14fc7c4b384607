package app.carder.web.provocation;

import app.carder.core.framework.Sense;
import app.carder.core.measure.Length;
import app.carder.core.vessel.Vessel;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What a provocation card says.
 *
 * @param title in a few words
 * @param intention what it invites children to do
 * @param adultRole what the adult does, or does not do
 * @param areas codes of the framework's areas, those of the statements included
 * @param statements codes of the framework's statements
 * @param senses that it speaks to
 * @param vessel that holds the fills; absent where nothing is poured
 * @param lines what is put out, from the floor of the vessel up
 */
public record CardDetails(
        String title,
        String intention,
        String adultRole,
        Set<String> areas,
        Set<String> statements,
        Set<Sense> senses,
        Optional<Vessel> vessel,
        List<Line> lines) {
    /** Keeps its own copies. */
    public CardDetails {
        areas = Set.copyOf(areas);
        statements = Set.copyOf(statements);
        senses = Set.copyOf(senses);
        lines = List.copyOf(lines);
    }

    /**
     * One material on the card: a depth for what is poured, a number for pieces.
     *
     * @param materialId in the cupboard
     * @param depth of a fill
     * @param pieces number of pieces
     */
    public record Line(UUID materialId, Optional<Length> depth, Optional<Integer> pieces) {

        /** So deep a layer. */
        public static Line poured(UUID materialId, Length depth) {
            return new Line(materialId, Optional.of(depth), Optional.empty());
        }

        /** So many pieces. */
        public static Line counted(UUID materialId, int pieces) {
            return new Line(materialId, Optional.empty(), Optional.of(pieces));
        }
    }
}
