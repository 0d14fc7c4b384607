package app.carder.core.rehearsal;

import app.carder.core.said.Said;
import java.util.List;
import java.util.Set;

/**
 * Something that cannot go as it is planned.
 *
 * @param kind what
 * @param when from when to when
 * @param ids of the child, card, group or adult that it is about; where it is about a number of adults, one stand-in for each
 * @param about names of children, of cards, of what takes adults: what the words name
 * @param with names of the adults who are there, or of the one that it is about; of a card, what holds it
 */
public record Clash(Kind kind, Span when, Set<String> ids, List<String> about, List<String> with) {

    /** What, gravest first. */
    public enum Kind {
        /** A child's emergency medicine has nobody to give it. */
        MEDICINE,
        /** Fewer adults than the children take. */
        ADULTS_MISSING,
        /** A card is planned that may not be set out as it is. */
        HELD,
        /** One adult was named for two things at once. */
        NEEDED_TWICE,
        /** Whoever was named is not in the room. */
        NAMED_AWAY,
        /** More takes an adult wholly than there are adults. */
        TOO_FEW,
        /** Nobody has the garden door in view. */
        DOOR_UNSEEN,
        /** There is no garden door on the plan, so that nobody can tell. */
        DOOR_UNKNOWN,
        /** Nobody with first aid is on site. */
        FIRST_AID,
        /** Everybody goes at one moment, and nobody who comes was there before. */
        HAND_OVER;

        /** Whether it hangs on who is in the room alone: cards and groups make no difference to it. */
        boolean isOfPresence() {
            return this == MEDICINE || this == ADULTS_MISSING || this == HAND_OVER;
        }

        /** Whether it is about how many adults there are, not about one child, card or adult. */
        boolean isNumber() {
            return this == ADULTS_MISSING || this == TOO_FEW;
        }

        /** Whether moving cards, groups or breaks can mend it. */
        public boolean canBeMended() {
            return this != HELD && this != DOOR_UNKNOWN && this != FIRST_AID;
        }
    }

    /** Keeps its own copies. */
    public Clash {
        ids = Set.copyOf(ids);
        about = List.copyOf(about);
        with = List.copyOf(with);
    }

    Clash until(int minute) {
        return new Clash(kind, new Span(when.from(), minute), ids, about, with);
    }

    /** What it is, in one sentence, without its time. */
    public Said said() {
        return said("rehearsal.clash.");
    }

    Said said(String group) {
        return Said.of(
                group + kind, ids.size(), Said.oneAfterTheOther(about), Said.oneAfterTheOther(with), with.size());
    }
}
