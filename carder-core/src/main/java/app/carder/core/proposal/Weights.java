package app.carder.core.proposal;

import app.carder.core.week.Rotation.Novelty;

/**
 * What a week is good for, in points. The points are the program's own judgement, made so that filling a zone comes before
 * everything else, then new cards before one that is out a second time that day, then what children still choose, then a card's usual
 * place, balance and interests, then less carrying about.
 */
final class Weights {

    static final int FILLED = 100;
    static final int INTEREST = 16;
    static final int AT_HOME = 30;
    static final int AWAY_FROM_HOME = -15;
    static final int AREA = 10;
    static final int SENSE = 4;
    static final int CHANGED_WITHIN_THE_DAY = 15;
    static final int CHANGED_OVERNIGHT = 4;
    static final int ONE_NEW_TOO_MANY = 25;
    static final int OUT_TWICE_A_DAY = 60;

    private Weights() {}

    static int turn(Novelty turn) {
        return switch (turn) {
            case STAYS, STILL_CHOSEN -> 40;
            case NEW -> 25;
            case BACK -> 20;
            case CHANGE -> -30;
            case RESTS -> -60;
        };
    }

    /** What one card is worth in one slot of a zone. */
    static int ofCard(Offer offer, int zone) {
        int home = offer.homes().isEmpty() ? 0 : offer.homes().contains(zone) ? AT_HOME : AWAY_FROM_HOME;
        return FILLED + turn(offer.turn()) + home;
    }

    /**
     * Worth of meeting one child's interest so many times: each time half of the one before, so that whose turn has not come yet goes
     * first.
     *
     * @param before how often it was met in the weeks before
     * @param times how often in this week
     */
    static long interest(int before, int times) {
        long worth = 0;
        for (int time = before; time < before + times && time < Integer.SIZE - 1; time++) {
            worth += INTEREST >> time;
        }
        return worth;
    }

    /** How often each area should come in a week of so many slots. */
    static int areaTarget(int slots, int areas) {
        return areas == 0 ? 0 : Math.max(1, slots / areas);
    }

    /** How often each sense should come: half as often, as no card speaks to all. */
    static int senseTarget(int slots, int senses) {
        return Math.max(1, slots / (2 * senses));
    }

    /** Worth of {@code count} out of {@code target}: each time is worth less than the one before, and beyond the target nothing. */
    static long balance(int count, int target) {
        long missing = Math.max(0, target - count);
        return (long) target * target - missing * missing;
    }
}
