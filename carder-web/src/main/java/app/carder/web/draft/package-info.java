/** What somebody is typing and has not saved yet, kept for that person alone. Start at {@link app.carder.web.draft.DraftService}. */
@org.jspecify.annotations.NullMarked
package app.carder.web.draft;
