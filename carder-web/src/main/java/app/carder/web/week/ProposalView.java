package app.carder.web.week;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
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
 * @param board what stands where, why, and what differs from the week as it is planned; absent until it is found
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
        Optional<ProposedBoard> board,
        List<String> givenUp) {

    /** Keeps its own copies. */
    public ProposalView {
        givenUp = List.copyOf(givenUp);
    }
}
