package app.carder.core.card;

import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Optional;

/**
 * How somebody wants a card set out.
 *
 * @param arrangement absent where nobody chose: the usual one for what is on the card
 * @param hand the side on which tools lie
 * @param places of pieces that were moved by hand
 */
public record SettingOut(Optional<Arrangement> arrangement, Hand hand, List<Place> places) {

    /** As it comes. */
    public static final SettingOut USUAL = new SettingOut(Optional.empty(), Hand.RIGHT, List.of());

    /** Millimetres from the corner of the tray beyond which nobody sets anything out. */
    public static final double FARTHEST = 10_000;

    /** The side on which tools lie. */
    public enum Hand {
        /** On the right. */
        RIGHT,
        /** On the left. */
        LEFT;

        /** For people. */
        public String words() {
            return Said.say("hand." + name());
        }
    }

    /**
     * Where a piece was put.
     *
     * @param thing key in the cupboard, or the name of what has none
     * @param number among its kind, from 1
     * @param x of its middle, in millimetres from the left edge of the tray or mat, at most 10 m either way
     * @param y of its middle, downwards from the upper edge
     * @param turn in degrees, 0 up to 360
     * @param group what is moved together has one number; 0 for none
     */
    public record Place(String thing, int number, double x, double y, double turn, int group) {
        /**
         * Refuses what is not a place.
         *
         * @throws IllegalArgumentException if a number is out of range
         */
        public Place {
            if (number < 1 || group < 0 || !(Math.abs(x) <= FARTHEST) || !(Math.abs(y) <= FARTHEST)) {
                throw Refused.because("refused.setting-out.place", FARTHEST / 1000);
            }
            turn = ((turn % 360) + 360) % 360;
        }
    }

    /** Keeps its own copy. */
    public SettingOut {
        places = List.copyOf(places);
    }
}
