package app.carder.core.premises;

import app.carder.core.practice.PracticeStyle;
import app.carder.core.said.Said;

/** What kind of place it is. It sets what a place begins with, and locks nothing. */
public enum SettingKind {
    /** Rooms of children, all day. */
    NURSERY,
    /** One group or more, for half a day. */
    PRE_SCHOOL,
    /** One adult looks after children of several families at home. */
    CHILDMINDER,
    /** A family at home with its own children. */
    FAMILY;

    /** For people. */
    public String words() {
        return Said.say("setting-kind." + name());
    }

    /** The way in which it is usually run. */
    public PracticeStyle style() {
        return isAtHome() ? PracticeStyle.HOME_MIXED_AGE : PracticeStyle.FREE_FLOW;
    }

    /** Whether children are looked after in somebody's home. */
    public boolean isAtHome() {
        return this == CHILDMINDER || this == FAMILY;
    }
}
