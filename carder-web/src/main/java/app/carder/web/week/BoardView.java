package app.carder.web.week;

import app.carder.core.card.SetOutGate;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Advised;
import app.carder.core.week.Rotation.Mark;
import app.carder.core.week.Rotation.Novelty;
import app.carder.core.week.Stay;
import app.carder.web.card.CardSummary;
import app.carder.web.room.SessionView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.OccasionView;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The board of a week.
 *
 * @param monday its first day
 * @param days on which the setting is usually open
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

        /** How many cards may not be set out on this day as things are. */
        public long held() {
            return sessions.stream()
                    .flatMap(part -> part.cells().stream())
                    .flatMap(cell -> cell.block().stream())
                    .filter(block -> !block.gate().isOpen())
                    .count();
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
     * A session with its places down and days across.
     *
     * @param session which
     * @param lines its places
     */
    public record Part(SessionView session, List<Line> lines) {
        /** Keeps its own copy. */
        public Part {
            lines = List.copyOf(lines);
        }
    }

    /**
     * A place over the week.
     *
     * @param label what people call it
     * @param days the place on each day, absent where the session does not take place
     */
    public record Line(String label, List<LineDay> days) {
        /** Keeps its own copy. */
        public Line {
            days = List.copyOf(days);
        }

        /** The same for a table: what reaches over several days is one cell. */
        public List<Span> spans() {
            List<Span> spans = new ArrayList<>();
            int day = 0;
            while (day < days.size()) {
                Optional<Bar> bar = days.get(day).bar();
                spans.add(new Span(
                        bar.map(Bar::days).orElse(1), bar, days.get(day).cell().isPresent()));
                day += bar.map(Bar::days).orElse(1);
            }
            return spans;
        }

        /** Whether nothing stands there all week. */
        public boolean isEmpty() {
            return days.stream().allMatch(day -> day.cell().flatMap(Cell::block).isEmpty());
        }
    }

    /**
     * A cell of the board as a table.
     *
     * @param days that it reaches over
     * @param bar what stands there
     * @param isPlace whether anything could
     */
    public record Span(int days, Optional<Bar> bar, boolean isPlace) {}

    /**
     * A place on a day.
     *
     * @param on which day
     * @param cell the place; absent where the session does not take place
     * @param bar what begins there
     */
    public record LineDay(LocalDate on, Optional<Cell> cell, Optional<Bar> bar) {}

    /**
     * A card over the days that it stays in one place.
     *
     * @param blocks of each day
     * @param days how many days it reaches over, closed ones among them
     * @param due whether it has been out so long that it is due for a change
     */
    public record Bar(List<Block> blocks, int days, boolean due) {
        /** Keeps its own copy. */
        public Bar {
            blocks = List.copyOf(blocks);
        }

        /** Its first day. */
        public Block first() {
            return blocks.get(0);
        }

        /** The ids of all its days. */
        public String ids() {
            return blocks.stream().map(block -> block.id().toString()).collect(Collectors.joining(" "));
        }

        /** Which card. */
        public CardSummary card() {
            return first().card();
        }

        /** Whether a proposal leaves all of it there. */
        public boolean isPinned() {
            return blocks.stream().allMatch(Block::pinned);
        }

        /** What holds it, each once, with the days that it holds it on. */
        public List<SaidOn> held() {
            return said(block -> List.of(block.gate().held()));
        }

        /** Why an adult stays with it, each once. */
        public List<SaidOn> stays() {
            return said(block -> List.of(block.gate().stays()));
        }

        /** What holds it, for what is printed: no child is named. */
        public List<SaidOn> heldNamingNobody() {
            return said(block -> List.of(block.gate().heldNamingNobody()));
        }

        /** What is said of its blocks, each once, with the days that it is said of. */
        List<SaidOn> said(Function<Block, List<String>> what) {
            return blocks.stream()
                    .flatMap(block -> what.apply(block).stream())
                    .filter(words -> !words.isEmpty())
                    .distinct()
                    .map(words -> {
                        List<LocalDate> on = blocks.stream()
                                .filter(block -> what.apply(block).contains(words))
                                .map(Block::on)
                                .toList();
                        return new SaidOn(words, on, on.size() == blocks.size());
                    })
                    .toList();
        }

        /** All that holds it and why an adult stays, in one line for who does not see the bar. */
        public String all() {
            return Stream.concat(held().stream(), stays().stream())
                    .map(line -> ". " + line.words())
                    .collect(Collectors.joining());
        }
    }

    /**
     * What is said of a bar.
     *
     * @param words what
     * @param on its days
     * @param isAlways whether that is all days of the bar
     */
    public record SaidOn(String words, List<LocalDate> on, boolean isAlways) {
        /** Keeps its own copy. */
        public SaidOn {
            on = List.copyOf(on);
        }
    }

    /** The same board with nothing on it but what stands in those places. */
    BoardView keeping(Set<BlockPlace> places) {
        return new BoardView(
                monday,
                days.stream()
                        .map(day -> new Day(
                                day.on(),
                                day.open(),
                                day.occasions(),
                                day.sessions().stream()
                                        .map(session -> new Session(
                                                session.session(),
                                                session.cells().stream()
                                                        .map(cell -> new Cell(
                                                                cell.at(),
                                                                cell.zone(),
                                                                cell.label(),
                                                                cell.block()
                                                                        .filter(block -> places.contains(cell.at()))))
                                                        .toList()))
                                        .toList()))
                        .toList(),
                deck);
    }

    /** The board with places down and days across. */
    public List<Part> parts() {
        List<Boolean> open = days.stream().map(Day::open).toList();
        Set<UUID> due = deck.stream()
                .filter(one -> one.advised().turn() == Novelty.CHANGE)
                .map(one -> one.card().id())
                .collect(Collectors.toSet());
        return rows().stream()
                .map(row -> new Part(
                        row.session(),
                        row.byDay().stream()
                                .flatMap(Optional::stream)
                                .flatMap(session -> session.cells().stream())
                                .map(Cell::label)
                                .distinct()
                                .map(label -> line(row, label, open, due))
                                .toList()))
                .toList();
    }

    private Line line(Row row, String label, List<Boolean> open, Set<UUID> due) {
        List<Optional<Cell>> cells = row.byDay().stream()
                .map(session -> session.flatMap(one -> one.cells().stream()
                        .filter(cell -> cell.label().equals(label))
                        .findFirst()))
                .toList();
        Map<Integer, Bar> bars = Stay.of(
                        cells.stream().map(cell -> cell.flatMap(Cell::block)).toList(),
                        open,
                        block -> block.card().id())
                .stream()
                .collect(Collectors.toMap(
                        Stay::first,
                        stay -> new Bar(
                                stay.all(),
                                stay.days(),
                                due.contains(stay.all().get(0).card().id()))));
        return new Line(
                label,
                IntStream.range(0, days.size())
                        .mapToObj(day ->
                                new LineDay(days.get(day).on(), cells.get(day), Optional.ofNullable(bars.get(day))))
                        .toList());
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
     * @param on which day
     * @param card which
     * @param mark how it stands to the day before
     * @param pinned whether a proposal leaves it there
     * @param gate whether it may be set out for the children of that session
     */
    public record Block(UUID id, LocalDate on, CardSummary card, Mark mark, boolean pinned, SetOutGate gate) {}

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
