package app.carder.core.enrolment;

/** What a column of a table of notes can be about. The headings that it is known by stand in {@code note-headings.csv}. */
enum NoteColumn {
    CHILD,
    ON,
    NOTE,
    BY
}
