package app.carder.web.setting;

/** A group of tables whose writes the database counts together, in the column of {@code setting_change} of the same name. */
public enum Area {
    /** Children, carers, staff, their hours and absences, others who live or work there. */
    PEOPLE,
    /** The setting, its rooms with zones and sessions, plans, rules, closed days and visits. */
    PLACES,
    /** Cards with all that belongs to them, the cupboard, kits. */
    CARDS,
    /** What is planned, set out, ticked, investigated; photos. */
    BOARD,
    /** What was written about children, journals, replies, and what any of it said before. */
    RECORDS
}
