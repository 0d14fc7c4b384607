/** Readers and writers of the project's JSON files; their schemas are in docs/. */
@NullMarked
package app.carder.exchange.json;

import org.jspecify.annotations.NullMarked;
