package app.carder.core.watchlog;

/** Names of the kinds of entries in their flat form. They are written down for ever: new ones are added, none is renamed. */
public enum EntryKind {
    /** {@link Entry.Began}. */
    BEGIN,
    /** {@link Entry.Ended}. */
    END,
    /** {@link Entry.TakenBack}; target. */
    TAKEN_BACK,
    /** {@link Entry.Retimed}; target, correctedTo. */
    RETIMED,
    /** {@link Entry.Tap}; code: a name of {@link app.carder.core.watch.PlayKind}. */
    TAP,
    /** {@link Entry.Looked}; code: an activity or empty; company: a company or empty; number: involvement or none. */
    LOOK,
    /** {@link Entry.Arrived}; zone, xMm, yMm. */
    ARRIVED,
    /** {@link Entry.Counted}; words: what, number: how many more or fewer. */
    TALLY,
    /** {@link Entry.Checked}; words: what, number of ofNumber. */
    CHECK,
    /** {@link Entry.Tried}; words: at what, number: 1 where it was managed, code: the help it took. */
    TRY,
    /** {@link Entry.Turned}; words: target, number: its value. */
    TURN,
    /** {@link Entry.Grouped}; words: group, number: how many. */
    GROUP,
    /** {@link Entry.Compared}; words: object, code: a name of {@link Entry.Comparison}. */
    COMPARE,
    /** {@link Entry.TimedMinute}; words: what, number: how often, ofNumber: seconds. */
    MINUTE,
    /** {@link Entry.Heard}; words: as the child said them, company: language, number: 1 for a question. */
    HEARD
}
