package app.carder.core.card;

import app.carder.core.vessel.FillPlan;

/**
 * How a card is used.
 *
 * @param term how many containers, for whom, how often
 * @param units in which amounts are told
 */
public record Usage(FillPlan.Use term, Units units) {

    /** One vessel for four children, replaced after each session, once a year: what a new card begins with. */
    public static final FillPlan.Use USUAL_TERM = new FillPlan.Use(1, 0, 4, 1, 1);

    /** How amounts are told. */
    public enum Units {
        /** Grams and millilitres. */
        METRIC,
        /** Cups and spoons. */
        HOUSEHOLD
    }

    /** Whether amounts are told in cups and spoons. */
    public boolean inCups() {
        return units == Units.HOUSEHOLD;
    }
}
