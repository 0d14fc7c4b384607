/** What a family said about a use, and what holds of it on a day. */
@NullMarked
package app.carder.core.consent;

import org.jspecify.annotations.NullMarked;
