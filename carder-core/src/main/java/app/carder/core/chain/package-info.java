/**
 * A log that cannot be changed unseen, from which contents can be erased all the same: each entry is committed to with a salt, part by part,
 * and the commitments form a chain. Start at {@link app.carder.core.chain.LogCheck}.
 */
@NullMarked
package app.carder.core.chain;

import org.jspecify.annotations.NullMarked;
