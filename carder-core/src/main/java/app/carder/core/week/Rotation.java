package app.carder.core.week;

import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * When what stands out is changed. Common practice; the numbers are the room's own.
 *
 * @param everyOpenDays a card stands so many open days before a change is looked at, 1 to 40
 * @param restOpenDays it rests so many open days before it comes back, 1 to 120
 * @param stillChosenBy it stays where so many children chose it on its last open days, 1 to 60
 */
public record Rotation(int everyOpenDays, int restOpenDays, int stillChosenBy) {

    /** Changed weekly, back after two weeks, kept while three children choose it. */
    public static final Rotation USUAL = new Rotation(5, 10, 3);

    /** New presentations for one child on one day, at most. */
    public static final int PRESENTATIONS_A_DAY = 1;

    /**
     * Refuses numbers out of range.
     *
     * @throws IllegalArgumentException if one is
     */
    public Rotation {
        check(Said.say("working.days-between-changes"), everyOpenDays, 40);
        check(Said.say("working.days-of-rest"), restOpenDays, 120);
        check(Said.say("working.children-who-still-choose-it"), stillChosenBy, 60);
    }

    private static void check(String what, int number, int most) {
        if (number < 1 || number > most) {
            throw Refused.because("refused.rotation.must-be-to", what, most, number);
        }
    }

    /** What to do with a card. */
    public enum Novelty {
        /** It has not stood its days. */
        STAYS,
        /** It has, and children still choose it. */
        STILL_CHOSEN,
        /** It has, and hardly anyone does. */
        CHANGE,
        /** It rests. */
        RESTS,
        /** It has rested. */
        BACK,
        /** It was never out. */
        NEW;

        /** For people. */
        public String words() {
            return Said.say("turn." + name());
        }
    }

    /**
     * What is known of a card.
     *
     * @param out days on which it stood out, in any order
     * @param chosenBy different children who were seen with it on the last {@code everyOpenDays} open days before the day of interest
     */
    public record Past(List<LocalDate> out, int chosenBy) {
        /** Keeps its own copy. */
        public Past {
            out = List.copyOf(out);
        }
    }

    /**
     * Advice for one card.
     *
     * @param turn what to do
     * @param standing open days on which it has stood without rest, up to the day of interest
     * @param because in a sentence
     */
    public record Advised(Novelty turn, int standing, Said because) {}

    /**
     * Advises.
     *
     * @param past of the card
     * @param on the day of interest
     * @param open when the setting is
     */
    public Advised advise(Past past, LocalDate on, OpenDays open) {
        List<LocalDate> out =
                past.out().stream().filter(day -> day.isBefore(on)).sorted().toList();
        Optional<LocalDate> last = out.stream().reduce((one, other) -> other);
        if (last.isEmpty()) {
            return new Advised(Novelty.NEW, 0, Said.of("rotation.new"));
        }
        int resting = open.between(last.get().plusDays(1), on);
        if (resting > 0) {
            return resting >= restOpenDays
                    ? new Advised(Novelty.BACK, 0, Said.of("rotation.back", resting))
                    : new Advised(Novelty.RESTS, 0, Said.of("rotation.rests", resting, restOpenDays));
        }
        int standing = standing(out, open);
        if (standing < everyOpenDays) {
            return new Advised(Novelty.STAYS, standing, Said.of("rotation.stays", standing, everyOpenDays));
        }
        return past.chosenBy() >= stillChosenBy
                ? new Advised(
                        Novelty.STILL_CHOSEN, standing, Said.of("rotation.still-chosen", standing, past.chosenBy()))
                : new Advised(Novelty.CHANGE, standing, Said.of("rotation.change", standing, past.chosenBy()));
    }

    /** Days in a row, back from the last, with closed days passed over. */
    private static int standing(List<LocalDate> sorted, OpenDays open) {
        int standing = 1;
        for (int at = sorted.size() - 1; at > 0; at--) {
            if (open.between(sorted.get(at - 1).plusDays(1), sorted.get(at)) > 0) {
                break;
            }
            if (!sorted.get(at - 1).equals(sorted.get(at))) {
                standing++;
            }
        }
        return standing;
    }

    /** How a block of this week's board stands to the week before. */
    public enum Mark {
        /** It stood out the last open day before. */
        SAME,
        /** It was never out before. */
        NEW,
        /** It has been out, and rested. */
        BACK;

        /** For people. */
        public String words() {
            return Said.say("mark." + name());
        }

        /** Whether something is other than the day before. */
        public boolean isChange() {
            return this != SAME;
        }
    }

    /** Marks a card on the board: against the open day before it stands. */
    public static Mark mark(List<LocalDate> outBefore, LocalDate on, OpenDays open) {
        List<LocalDate> earlier =
                outBefore.stream().filter(day -> day.isBefore(on)).toList();
        if (earlier.isEmpty()) {
            return Mark.NEW;
        }
        return earlier.contains(open.before(on)) ? Mark.SAME : Mark.BACK;
    }
}
