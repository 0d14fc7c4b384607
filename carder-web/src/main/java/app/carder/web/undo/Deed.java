package app.carder.web.undo;

/** What somebody can do and take back again. Its words stand under {@code undo.deed.NAME}: of what, how many, and for which day. */
public enum Deed {
    CARD_PUT_AWAY,
    CARD_MOVED,
    SHELF_ORDERED(true),

    WEEK_CARD_PUT,
    WEEK_CARD_MOVED,
    WEEK_CARD_PINNED,
    WEEK_CARD_REMOVED,
    WEEK_CARD_BANNED,
    DAY_COPIED(true),
    WEEK_COPIED(true),
    WEEK_TAKEN(true),

    STOCK_COUNTED,
    MATERIAL_CHANGED,
    MATERIAL_REMOVED,
    KIT_CHANGED,
    KIT_REMOVED,

    OCCASION_REMOVED,
    SESSIONS_CHANGED,
    PLAN_CHANGED,
    RULE_WITHDRAWN,
    OTHER_REMOVED,

    SHIFT_REMOVED(true),
    SHIFT_CHANGED,
    ABSENCE_REMOVED,
    LEADS_MADE(true),
    TURN_HANDED,
    LEADING_CHANGED(true),
    GROUP_REMOVED,
    GROUP_MOVED,
    BREAK_MOVED,

    INVESTIGATION_ENDED,
    CALCULATION_REMOVED,
    CARD_CHANGED,
    STEPS_CHANGED,
    LADDER_CHANGED,
    CARD_PLANNED,
    CARD_LAID_OUT,
    CARD_PHOTO_REMOVED,

    OBSERVATION_CHANGED,
    CHILD_CHANGED,
    ATTENDANCE_NOTED,
    JOURNAL_CHANGED(true),

    /** What was done was taken back. */
    UNDONE(true);

    private final boolean piecemeal;

    Deed() {
        this(false);
    }

    Deed(boolean piecemeal) {
        this.piecemeal = piecemeal;
    }

    /** Whether the rest is taken back where one piece cannot be; else all of it or nothing. */
    boolean isPiecemeal() {
        return piecemeal;
    }
}
