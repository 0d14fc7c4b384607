package app.carder.core.card;

import app.carder.core.ladder.Change;
import app.carder.core.ladder.LadderStep;

/**
 * One written step of a card's ladder.
 *
 * @param ladderStep which one
 * @param sign by which it shows that a child is ready for it
 * @param change what differs from the card as it is
 */
public record WrittenStep(LadderStep ladderStep, String sign, Change change) {}
