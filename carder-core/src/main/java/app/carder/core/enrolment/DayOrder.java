package app.carder.core.enrolment;

/** How dates such as 03/04/2023 are read. */
public enum DayOrder {
    /** The third of April. */
    DAY_FIRST,
    /** The fourth of March. */
    MONTH_FIRST
}
