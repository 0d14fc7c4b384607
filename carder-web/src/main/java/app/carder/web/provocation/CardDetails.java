package app.carder.web.provocation;

import app.carder.core.framework.Sense;
import app.carder.core.measure.Length;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.Feature;
import app.carder.core.vessel.FillPlan.Use;
import app.carder.core.vessel.Vessel;
import java.time.LocalDate;
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
 * @param load on the adults while it is out
 * @param difficulty from 1, easy, to 5, hard; absent where nobody said
 * @param words to offer to children
 * @param place where it is set out
 * @param areas codes of the framework's areas, those of the statements included
 * @param statements codes of the framework's statements
 * @param senses that it speaks to
 * @param features what is done with it, as far as safety is concerned
 * @param vessel that holds the fills; absent where nothing is poured
 * @param lines what is put out, from the floor of the vessel up
 * @param units in which amounts are told
 * @param use how many vessels, for whom, how long
 * @param weekOf Monday of the week that it is planned for
 * @param kitId the kit that it asks for
 */
public record CardDetails(
        String title,
        String intention,
        String adultRole,
        AdultLoad load,
        Optional<Integer> difficulty,
        String words,
        String place,
        Set<String> areas,
        Set<String> statements,
        Set<Sense> senses,
        Set<Feature> features,
        Optional<Vessel> vessel,
        List<Line> lines,
        Units units,
        Use use,
        Optional<LocalDate> weekOf,
        Optional<UUID> kitId) {

    /** One vessel for four children, replaced after each session, once a year: what a new card begins with. */
    public static final Use USUAL_USE = new Use(1, 0, 4, 1, 1);

    /** How amounts are told. */
    public enum Units {
        /** Grams and millilitres. */
        METRIC,
        /** Cups and spoons. */
        HOUSEHOLD
    }

    /** Keeps its own copies. */
    public CardDetails {
        areas = Set.copyOf(areas);
        statements = Set.copyOf(statements);
        senses = Set.copyOf(senses);
        features = Set.copyOf(features);
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

    /** Everything that is said in words, for rules that look at words. */
    public String said() {
        return String.join("\n", title, intention, adultRole, words);
    }

    /** Whether amounts are told in cups and spoons. */
    public boolean inCups() {
        return units == Units.HOUSEHOLD;
    }
}
