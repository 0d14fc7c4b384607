package app.carder.core.card;

import app.carder.core.ladder.Change;
import app.carder.core.ladder.Rung;

/**
 * One written step of a card's ladder.
 *
 * @param rung which one
 * @param sign by which it shows that a child is ready for it
 * @param change what differs from the card as it is
 */
public record LadderStep(Rung rung, String sign, Change change) {}
