package app.carder.web.week;

import app.carder.web.week.BoardView.Bar;
import app.carder.web.week.BoardView.Block;
import app.carder.web.week.BoardView.Cell;
import app.carder.web.week.BoardView.SaidOn;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A proposed week beside the week as it is planned now.
 *
 * @param week as it is proposed
 * @param told what is said of each of its blocks, by id
 * @param leaving what is planned and has nothing proposed in its place, by the key of the place where it begins
 */
public record ProposedBoard(BoardView week, Map<UUID, Told> told, Map<String, Bar> leaving) {

    /** Keeps its own copies. */
    public ProposedBoard {
        told = Map.copyOf(told);
        leaving = Map.copyOf(leaving);
    }

    /**
     * What is said of a proposed block.
     *
     * @param now the card that is planned there; absent where none is
     * @param isAsPlanned whether that is the same card
     * @param because why it is proposed
     */
    public record Told(Optional<String> now, boolean isAsPlanned, List<String> because) {
        /** Keeps its own copy. */
        public Told {
            because = List.copyOf(because);
        }
    }

    /** The two of the same room and week, with why each proposed block is there. */
    static ProposedBoard of(BoardView planned, BoardView proposed, Map<UUID, List<String>> because) {
        Map<BlockPlace, Block> now = byPlace(planned);
        Map<UUID, Told> told = new HashMap<>();
        byPlace(proposed).forEach((at, block) -> {
            Optional<Block> there = Optional.ofNullable(now.remove(at));
            told.put(
                    block.id(),
                    new Told(
                            there.map(one -> one.card().title()),
                            there.filter(one ->
                                            one.card().id().equals(block.card().id()))
                                    .isPresent(),
                            because.getOrDefault(block.id(), List.of())));
        });
        Map<String, Bar> leaving = planned.keeping(now.keySet()).parts().stream()
                .flatMap(part -> part.lines().stream())
                .flatMap(line -> line.days().stream())
                .filter(day -> day.bar().isPresent())
                .collect(Collectors.toMap(
                        day -> day.cell().orElseThrow().at().key(),
                        day -> day.bar().orElseThrow()));
        return new ProposedBoard(proposed, told, leaving);
    }

    private static Map<BlockPlace, Block> byPlace(BoardView board) {
        return board.days().stream()
                .flatMap(day -> day.sessions().stream())
                .flatMap(session -> session.cells().stream())
                .filter(cell -> cell.block().isPresent())
                .collect(Collectors.toMap(Cell::at, cell -> cell.block().orElseThrow()));
    }

    /** Whether the board has it all as it is proposed. */
    public boolean isAsPlanned(Bar bar) {
        return said(bar).allMatch(Told::isAsPlanned);
    }

    /** Cards that it takes the places of, each once, with the days. */
    public List<SaidOn> insteadOf(Bar bar) {
        return bar.said(block -> Stream.ofNullable(told.get(block.id()))
                .filter(one -> !one.isAsPlanned())
                .flatMap(one -> one.now().stream())
                .toList());
    }

    /** Why it is there, each reason once, with the days. */
    public List<SaidOn> because(Bar bar) {
        return bar.said(block -> Stream.ofNullable(told.get(block.id()))
                .flatMap(one -> one.because().stream())
                .toList());
    }

    /** How many bars differ from what is planned. */
    public long different() {
        return bars().filter(bar -> !isAsPlanned(bar)).count();
    }

    /** How many do not. */
    public long same() {
        return bars().filter(this::isAsPlanned).count();
    }

    private Stream<Bar> bars() {
        return week.parts().stream()
                .flatMap(part -> part.lines().stream())
                .flatMap(line -> line.days().stream())
                .flatMap(day -> day.bar().stream());
    }

    private Stream<Told> said(Bar bar) {
        return bar.blocks().stream().flatMap(block -> Stream.ofNullable(told.get(block.id())));
    }
}
