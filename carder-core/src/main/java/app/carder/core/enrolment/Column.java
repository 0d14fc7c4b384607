package app.carder.core.enrolment;

import app.carder.core.said.Said;

/** What a column of a table of children can be about. The headings that it is known by stand in {@code headings.csv}. */
public enum Column {
    GIVEN_NAME,
    OTHER_NAMES,
    BORN_ON,
    ROOM,
    DAYS,
    ARRIVES,
    LEAVES,
    ALLERGIES,
    HOME_LANGUAGES,
    INTERESTS,
    KEY_PERSON,
    CARER,
    CARER_MAIL,
    SECOND_CARER,
    SECOND_CARER_MAIL;

    /** For people. */
    public String words() {
        return Said.say("enrolment.column." + name());
    }
}
