package app.carder.web.rota;

import app.carder.web.room.ZoneView;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A rota of leads, as a table: weeks down, zones across.
 *
 * @param id its own
 * @param zones in order
 * @param weeks in order
 * @param notes what is uneven or missing
 */
public record LeadRotaView(UUID id, List<ZoneView> zones, List<Week> weeks, List<String> notes) {

    /** Keeps its own copies. */
    public LeadRotaView {
        zones = List.copyOf(zones);
        weeks = List.copyOf(weeks);
        notes = List.copyOf(notes);
    }

    /**
     * A week.
     *
     * @param monday its first day
     * @param turns one for each zone
     */
    public record Week(LocalDate monday, List<Turn> turns) {
        /** Keeps its own copy. */
        public Week {
            turns = List.copyOf(turns);
        }
    }

    /**
     * A zone's week.
     *
     * @param id of the turn
     * @param lead who leads; empty where nobody can
     * @param leadId of the account
     * @param doubling who doubles up
     * @param pinned whether it stays as it is when the rota is solved again
     */
    public record Turn(UUID id, String lead, Optional<UUID> leadId, List<String> doubling, boolean pinned) {
        /** Keeps its own copy. */
        public Turn {
            doubling = List.copyOf(doubling);
        }
    }
}
