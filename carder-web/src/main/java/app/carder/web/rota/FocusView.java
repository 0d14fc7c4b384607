package app.carder.web.rota;

import app.carder.web.children.ChildView;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * Focus groups of a cycle.
 *
 * @param from first day of the cycle
 * @param until its last
 * @param planned groups that are still to come, the next one first
 * @param unplaced children for whom no place is left, with why
 * @param drawn groups of this cycle that were drawn, the latest first
 */
record FocusView(LocalDate from, LocalDate until, List<Planned> planned, List<String> unplaced, List<Drawn> drawn) {

    FocusView {
        planned = List.copyOf(planned);
        unplaced = List.copyOf(unplaced);
        drawn = List.copyOf(drawn);
    }

    /**
     * A group to come.
     *
     * @param on which day
     * @param sessionId of the session
     * @param session name and time
     * @param children who
     * @param deep names of those who are deep in play now
     */
    record Planned(LocalDate on, UUID sessionId, String session, List<ChildView> children, List<String> deep) {
        Planned {
            children = List.copyOf(children);
            deep = List.copyOf(deep);
        }
    }

    /**
     * A group that was drawn.
     *
     * @param id its own
     * @param on which day
     * @param names who
     * @param by who drew it
     */
    record Drawn(UUID id, LocalDate on, List<String> names, String by) {
        Drawn {
            names = List.copyOf(names);
        }
    }
}
