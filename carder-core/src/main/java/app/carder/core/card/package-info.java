/**
 * The card: what it invites to, what it covers, what it puts out, how it is used, its ladder and its preparation. Start at
 * {@link app.carder.core.card.Card}. {@link app.carder.core.card.Contents} is the one value into which every way of putting something
 * on a card flows; {@link app.carder.core.card.PutOut} holds it against a cupboard, and {@link app.carder.core.card.SetOutGate} says
 * whether it may be set out.
 */
@NullMarked
package app.carder.core.card;

import org.jspecify.annotations.NullMarked;
