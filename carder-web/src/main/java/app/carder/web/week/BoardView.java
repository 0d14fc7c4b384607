package app.carder.web.week;

import app.carder.core.card.SetOutGate;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Advised;
import app.carder.core.week.Rotation.Mark;
import app.carder.web.card.CardSummary;
import app.carder.web.room.SessionView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.OccasionView;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * The board of a week.
 *
 * @param monday its first day
 * @param days Monday to Friday
 * @param deck cards of the room, those that can stay or come back first
 */
public record BoardView(LocalDate monday, List<Day> days, List<DeckCard> deck) {

    /** Keeps its own copies. */
    public BoardView {
        days = List.copyOf(days);
        deck = List.copyOf(deck);
    }

    /**
     * A day.
     *
     * @param on which
     * @param open whether the setting is
     * @param occasions what takes place
     * @param sessions of play, earliest first
     */
    public record Day(LocalDate on, boolean open, List<OccasionView> occasions, List<Session> sessions) {
        /** Keeps its own copies. */
        public Day {
            occasions = List.copyOf(occasions);
            sessions = List.copyOf(sessions);
        }

        /** Cards that children have never seen before this day, where they are more than are presented on one day; else 0. */
        public long presentations() {
            long fresh = sessions.stream()
                    .flatMap(part -> part.cells().stream())
                    .flatMap(cell -> cell.block().stream())
                    .filter(block -> block.mark() == Mark.NEW)
                    .map(block -> block.card().id())
                    .distinct()
                    .count();
            return fresh > Rotation.PRESENTATIONS_A_DAY ? fresh : 0;
        }
    }

    /**
     * A session of a day.
     *
     * @param session which
     * @param cells its places
     */
    public record Session(SessionView session, List<Cell> cells) {
        /** Keeps its own copy. */
        public Session {
            cells = List.copyOf(cells);
        }
    }

    /**
     * A session over the week.
     *
     * @param session which
     * @param byDay the session of each day, absent where it does not take place
     */
    public record Row(SessionView session, List<Optional<Session>> byDay) {
        /** Keeps its own copy. */
        public Row {
            byDay = List.copyOf(byDay);
        }
    }

    /** The board turned round, as it is printed: sessions down, earliest first, days across. */
    public List<Row> rows() {
        return days.stream()
                .flatMap(day -> day.sessions().stream())
                .map(Session::session)
                .distinct()
                .sorted(Comparator.comparing(session -> session.session().startsAt()))
                .map(session -> new Row(
                        session,
                        days.stream()
                                .map(day -> day.sessions().stream()
                                        .filter(one -> one.session().equals(session))
                                        .findFirst())
                                .toList()))
                .toList();
    }

    /**
     * A place.
     *
     * @param at where and when
     * @param zone its zone
     * @param label what people call it
     * @param block what stands there
     */
    public record Cell(BlockPlace at, ZoneView zone, String label, Optional<Block> block) {}

    /**
     * A card on the board.
     *
     * @param id of the block
     * @param card which
     * @param mark how it stands to the day before
     * @param pinned whether a proposal leaves it there
     * @param gate whether it may be set out for the children of that session
     */
    public record Block(UUID id, CardSummary card, Mark mark, boolean pinned, SetOutGate gate) {}

    /**
     * A card of the deck.
     *
     * @param card which
     * @param advised what the rotation says on the week's first open day
     * @param times places that it has this week
     * @param banned whether it is not to be proposed
     */
    public record DeckCard(CardSummary card, Advised advised, int times, boolean banned) {}
}
