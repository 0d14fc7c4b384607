package app.carder.web.lists;

import app.carder.core.drawing.Sketch;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A list to work through.
 *
 * @param kind which
 * @param of the day that it is for; of a week, its Monday
 * @param summary in a sentence
 * @param groups in the order of the work
 */
public record ListView(ListKind kind, LocalDate of, String summary, List<Group> groups) {

    /** Keeps its own copy, without empty groups. */
    public ListView {
        groups = groups.stream()
                .filter(group -> !group.items().isEmpty() || !group.note().isEmpty())
                .toList();
    }

    /**
     * A part of it.
     *
     * @param title of the part
     * @param note what else is to be known; may be empty
     * @param items in order
     */
    public record Group(String title, String note, List<Item> items) {
        /** Keeps its own copy. */
        public Group {
            items = List.copyOf(items);
        }
    }

    /**
     * A line.
     *
     * @param key lasting name, at most 200 letters
     * @param what is to be done
     * @param amount how long, where, or how much
     * @param detail in a sentence; may be empty
     * @param stays whether it is too heavy to be carried, and stays where it is filled
     * @param picture of what it is, for a printed list
     * @param tickedBy who has done it
     */
    public record Item(
            String key,
            String what,
            String amount,
            String detail,
            boolean stays,
            Optional<Sketch> picture,
            Optional<String> tickedBy) {

        Item ticked(Optional<String> by) {
            return new Item(key, what, amount, detail, stays, picture, by);
        }
    }

    /** All lines. */
    public Stream<Item> items() {
        return groups.stream().flatMap(group -> group.items().stream());
    }
}
