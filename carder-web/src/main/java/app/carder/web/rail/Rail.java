package app.carder.web.rail;

import app.carder.web.children.ChildView;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * The journals of a room on the rail of its pegs.
 *
 * @param hooks all of them, in order
 * @param round the latest that was asked for
 */
public record Rail(List<Hook> hooks, Optional<Round> round) {

    /** Keeps its own copy. */
    public Rail {
        hooks = List.copyOf(hooks);
    }

    /**
     * A hook and whose marks hang there, in the order of the pegs.
     *
     * @param stage how far their journals are
     * @param pegs who
     */
    public record Hook(Stage stage, List<Peg> pegs) {

        /** Keeps its own copy. */
        public Hook {
            pegs = List.copyOf(pegs);
        }
    }

    /**
     * A child's mark.
     *
     * @param child whose
     * @param journalId of its latest journal; absent where there is none
     * @param remark that somebody who read it left for its author; empty for none
     */
    public record Peg(ChildView child, Optional<UUID> journalId, String remark) {}

    /**
     * A making of all journals.
     *
     * @param id its own
     * @param looked how many children were looked at so far
     * @param children how many there are
     * @param stopped whether somebody stopped it before the end
     * @param running whether it still works
     */
    public record Round(UUID id, int looked, int children, boolean stopped, boolean running) {}

    /** Children in the order of the pegs of their room. */
    static List<ChildView> inOrder(List<ChildView> some) {
        return some.stream().sorted(Comparator.comparing(ChildView::pegMark)).toList();
    }

    /** The marks on a hook. */
    public List<Peg> at(Stage stage) {
        return hooks.stream()
                .filter(hook -> hook.stage() == stage)
                .flatMap(hook -> hook.pegs().stream())
                .toList();
    }

    /** Those that are approved and were not sent yet. */
    public List<Peg> toSend() {
        return at(Stage.APPROVED);
    }

    /** The drafts that are still to be approved, in the order of the pegs. */
    public List<Peg> toRead() {
        return hooks.stream()
                .filter(hook -> hook.stage() == Stage.DRAFT || hook.stage() == Stage.READ)
                .flatMap(hook -> hook.pegs().stream())
                .sorted(Comparator.comparing(peg -> peg.child().pegMark()))
                .toList();
    }

    /** The approved journals, in the order of the pegs. */
    public List<UUID> approved() {
        return hooks.stream()
                .filter(hook -> hook.stage().compareTo(Stage.APPROVED) >= 0)
                .flatMap(hook -> hook.pegs().stream())
                .sorted(Comparator.comparing(peg -> peg.child().pegMark()))
                .flatMap(peg -> peg.journalId().stream())
                .toList();
    }
}
