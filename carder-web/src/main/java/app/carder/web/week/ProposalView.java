package app.carder.web.week;

import app.carder.web.card.CardSummary;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A proposed week, or one that is being worked on.
 *
 * @param id its own
 * @param roomId the room
 * @param monday its week
 * @param waiting whether others come first
 * @param running whether it is waiting or being worked on
 * @param ready whether it can be taken over
 * @param taken whether it was
 * @param points of the best week so far; the more the better
 * @param secondsSoFar that it has taken, rounded down
 * @param days what stands where, and why, by day
 * @param givenUp what the week lacks
 */
public record ProposalView(
        UUID id,
        UUID roomId,
        LocalDate monday,
        boolean waiting,
        boolean running,
        boolean ready,
        boolean taken,
        long points,
        long secondsSoFar,
        List<Day> days,
        List<String> givenUp) {

    /** Keeps its own copies. */
    public ProposalView {
        days = List.copyOf(days);
        givenUp = List.copyOf(givenUp);
    }

    /**
     * A day.
     *
     * @param on which
     * @param placed what stands, by session and zone
     */
    public record Day(LocalDate on, List<Placed> placed) {
        /** Keeps its own copy. */
        public Day {
            placed = List.copyOf(placed);
        }
    }

    /**
     * A card in its place.
     *
     * @param session name and time
     * @param zone name
     * @param card which
     * @param because why
     */
    public record Placed(String session, String zone, CardSummary card, List<String> because) {
        /** Keeps its own copy. */
        public Placed {
            because = List.copyOf(because);
        }
    }
}
